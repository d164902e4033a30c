#include "app/plan/dispute_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "report/words.h"

#include <QLineEdit>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

DisputeBox::DisputeBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    rows_ = new QVBoxLayout(this);
    rows_->setContentsMargins(0, 6, 0, 0);
    rows_->setSpacing(4);
}

void DisputeBox::take(const std::string& dispute, const std::string& position, const QString& reason) {
    const auto& kept = workspace_.data().positions;
    const auto now = std::find_if(kept.begin(), kept.end(), [&](const Position& p) { return p.dispute == dispute; });
    if (now == kept.end() ? position.empty() && reason.isEmpty() : now->position == position && now->reason == reason)
        return;
    QString noted;
    for (const DisputeDef& def : workspace_.data().pack.disputes)
        for (const DisputeDef::Position& each : def.positions)
            if (def.id == dispute && each.id == position)
                noted = words::text(def.question) + u' ' + words::text(each.title);
    const CaseId id = workspace_.data().id;
    workspace_.apply(position.empty() ? tr("Take no position") : tr("Take a position"),
                     [=](Edit& edit) -> Result<void> {
                         if (auto done = edit.setPosition(id, dispute, position, reason); !done)
                             return done;
                         return position.empty() ? Result<void>() : edit.note(id, noted, reason);
                     });
}

void DisputeBox::show() {
    const CaseData& data = workspace_.data();
    clearLayout(rows_);
    setVisible(!data.pack.disputes.empty());
    if (data.pack.disputes.empty())
        return;
    rows_->addWidget(label(tr("WHERE COACHES DISAGREE"), theme::kHeading));
    for (const DisputeDef& dispute : data.pack.disputes) {
        const auto kept = std::find_if(data.positions.begin(), data.positions.end(),
                                       [&](const Position& p) { return p.dispute == dispute.id; });
        rows_->addWidget(label(words::text(dispute.question)));
        auto* choice = new ChoiceBox;
        choice->setObjectName(QStringLiteral("position-") + words::text(dispute.id));
        choice->setAccessibleName(words::text(dispute.question));
        choice->addItem(tr("no position"), QString());
        QString because;
        for (const DisputeDef::Position& position : dispute.positions) {
            choice->addItem(words::text(position.title), words::text(position.id));
            choice->setItemData(choice->count() - 1, words::text(position.because), Qt::ToolTipRole);
            if (kept != data.positions.end() && kept->position == position.id) {
                choice->setCurrentIndex(choice->count() - 1);
                because = words::text(position.because);
            }
        }
        rows_->addWidget(choice);
        auto* reason = new QLineEdit(kept == data.positions.end() ? QString() : kept->reason);
        reason->setObjectName(QStringLiteral("reason-") + words::text(dispute.id));
        reason->setPlaceholderText(tr("why, in this case"));
        reason->setAccessibleName(tr("Reason"));
        reason->setVisible(choice->currentIndex() > 0);
        if (!because.isEmpty())
            rows_->addWidget(label(because, theme::kQuiet));
        rows_->addWidget(reason);
        const std::string id = dispute.id;
        connect(choice, &QComboBox::activated, this, [this, id, choice, reason] {
            take(id, choice->currentData().toString().toStdString(), reason->text().trimmed());
        });
        connect(reason, &QLineEdit::editingFinished, this, [this, id, choice, reason] {
            take(id, choice->currentData().toString().toStdString(), reason->text().trimmed());
        });
    }
}

} // namespace riflesso
