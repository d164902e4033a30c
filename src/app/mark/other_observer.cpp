#include "app/mark/other_observer.h"

#include "app/page.h"
#include "app/theme.h"
#include "core/judge/findings.h"
#include "report/words.h"
#include "store/case_archive.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

/// The measures on which the two are furthest apart, against what a repeated mark allows.
constexpr std::size_t kSaid = 6;

} // namespace

OtherObserver::OtherObserver(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    layout->addWidget(label(tr("ANOTHER OBSERVER"), theme::kHeading));
    kept_ = label({}, theme::kQuiet);
    kept_->setObjectName(QStringLiteral("otherObservers"));
    layout->addWidget(kept_);
    found_ = label({}, theme::kQuiet);
    found_->setObjectName(QStringLiteral("observerAgreement"));
    layout->addWidget(found_);
    auto* row = new QHBoxLayout;
    auto* choose = new QPushButton(tr("Their case file…"));
    choose->setObjectName(QStringLiteral("otherObserver"));
    choose->setToolTip(tr("A case archive in which somebody else marked and watched the same clips. Nothing of it is "
                          "brought in but how well the two of you agree."));
    forget_ = new QPushButton(tr("Forget"));
    forget_->setObjectName(QStringLiteral("forgetObservers"));
    for (QPushButton* button : {choose, forget_}) {
        button->setFocusPolicy(Qt::TabFocus);
        button->setStyleSheet(QStringLiteral("padding: 4px 6px;"));
        row->addWidget(button);
    }
    row->addStretch();
    layout->addLayout(row);
    connect(choose, &QPushButton::clicked, this, [this] {
        const QString path = QFileDialog::getOpenFileName(this, tr("Another observer's case"), {},
                                                          tr("Case archives (*.riflesso *.zip)"));
        if (!path.isEmpty())
            compareWith(path);
    });
    connect(forget_, &QPushButton::clicked, this, [this] {
        Yardstick changed = workspace_.data().yardstick;
        changed.observers.clear();
        workspace_.apply(tr("Forget other observers"),
                         [id = workspace_.data().id, changed](Edit& edit) { return edit.setYardstick(id, changed); });
    });
}

void OtherObserver::compareWith(const QString& path) {
    const QString folder = workspace_.library()->folder();
    workspace_.start<std::shared_ptr<CaseArchive>>(
        tr("Reading the archive"), this, workspace_.ofCase().newest(QStringLiteral("other observer")),
        [folder, path](JobControl& control) -> Result<std::shared_ptr<CaseArchive>> {
            auto archive = CaseArchive::open(path, folder, [&](double share) { return control.goOn(share); });
            if (!archive)
                return archive.error();
            return std::shared_ptr<CaseArchive>(std::move(*archive));
        },
        [this, path](const Result<std::shared_ptr<CaseArchive>>& result) {
            if (!result)
                workspace_.say(words::text(result.error().sentence()), true);
            else
                take(QFileInfo(path).completeBaseName(), (*result)->data());
        });
}

void OtherObserver::take(const QString& observer, const CaseData& theirs) {
    const CaseData& mine = workspace_.data();
    const ObserverAgreement agreement = agreementOf(mine, theirs);
    if (agreement.repetitions == 0) {
        workspace_.say(
            tr("%1 has no repetition in a clip of this case: clips are known by their content.").arg(observer), true);
        return;
    }
    std::vector<std::pair<double, QString>> apart;
    for (const auto& [id, error] : agreement.measures) {
        const std::optional<MeasureDef> def = mine.pack.judgedAs(id);
        if (!def || error.pairs < 2)
            continue;
        const double limit = std::abs(error.shift) + 1.96 * std::sqrt(2.0) * error.error;
        apart.push_back({def->tolerance > 0 ? limit / def->tolerance : limit,
                         tr("%1: theirs less yours %2, one repetition ± %3 (%4)")
                             .arg(words::text(def->title), words::named(*def, error.shift),
                                  words::named(*def, 1.96 * std::sqrt(2.0) * error.error))
                             .arg(error.pairs)});
    }
    std::sort(apart.begin(), apart.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    QStringList lines{tr("%1, %2 that both have. Furthest apart:")
                          .arg(observer, words::counted(agreement.repetitions, tr("repetition"), tr("repetitions")))};
    for (std::size_t i = 0; i < std::min(kSaid, apart.size()); ++i)
        lines << apart[i].second;
    found_->setText(lines.join(u'\n'));
    of_ = mine.id;
    Yardstick changed = mine.yardstick;
    changed.observers[observer.toStdString()] = agreement.kappas;
    if (!(changed == mine.yardstick))
        workspace_.apply(tr("Agreement with %1").arg(observer),
                         [id = mine.id, changed](Edit& edit) { return edit.setYardstick(id, changed); });
    refresh();
}

void OtherObserver::refresh() {
    const CaseData& data = workspace_.data();
    QStringList lines;
    for (const auto& [observer, kappas] : data.yardstick.observers) {
        QStringList each;
        for (const auto& [id, kappa] : kappas)
            if (const ObservationDef* def = data.pack.observation(id))
                each << (isWeak(kappas, id) ? tr("%1 κ %2, too weak: it counts for half and is never clear")
                                            : tr("%1 κ %2"))
                            .arg(words::inSentence(words::text(def->title)), words::number(kappa, 2));
        lines << tr("%1: %2.").arg(words::text(observer), each.isEmpty()
                                                              ? tr("fewer than four answers in common, no kappa")
                                                              : each.join(QStringLiteral("; ")));
    }
    kept_->setText(lines.join(u'\n'));
    kept_->setVisible(!lines.isEmpty());
    found_->setVisible(of_ == data.id && !found_->text().isEmpty());
    forget_->setVisible(!lines.isEmpty());
}

} // namespace riflesso
