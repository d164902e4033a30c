#include "app/target_editor.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/words.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include <algorithm>

namespace riflesso {

TargetEditor::TargetEditor(Workspace& workspace, const MeasureDef& def, QWidget* parent)
    : QWidget(parent), workspace_(workspace), measure_(def.id), title_(words::text(def.title)) {
    const std::vector<OwnTarget>& targets = workspace.data().targets;
    const auto own =
        std::find_if(targets.begin(), targets.end(), [&](const OwnTarget& target) { return target.measure == def.id; });
    const bool has = own != targets.end();
    const auto assessment = workspace.assessment();
    const SetDeviation* set = assessment ? assessment->deviation(def.id) : nullptr;
    // A new one begins where this athlete is on the way: between the measured and the reference.
    const double measured = set ? set->median : 0, wanted = set ? set->median - set->deviation : 0;
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(4);
    grid->addWidget(label(has ? tr("YOUR OWN TARGET") : tr("AN OWN TARGET"), theme::kHeading), 0, 0, 1, 4);
    const auto bound = [&](int column, const QString& text, const char* name, const std::optional<double>& value,
                           double start, QCheckBox*& check) {
        check = new QCheckBox(text);
        check->setObjectName(QLatin1String(name) + QStringLiteral("On"));
        check->setChecked(has ? value.has_value() : true);
        auto* box = new QDoubleSpinBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(text);
        box->setRange(-100000, 100000);
        box->setDecimals(def.unit == "deg" ? 0 : 2);
        box->setSuffix(words::unitAfter(def));
        box->setValue(value.value_or(start));
        box->setEnabled(check->isChecked());
        connect(check, &QCheckBox::toggled, box, &QWidget::setEnabled);
        grid->addWidget(check, 1, column);
        grid->addWidget(box, 1, column + 1);
        return box;
    };
    low_ = bound(0, tr("from"), "targetLow", has ? own->low : std::nullopt, std::min(measured, wanted), hasLow_);
    high_ = bound(2, tr("to"), "targetHigh", has ? own->high : std::nullopt, std::max(measured, wanted), hasHigh_);
    reason_ = new QLineEdit(has ? own->reason : QString());
    reason_->setObjectName(QStringLiteral("targetReason"));
    reason_->setAccessibleName(tr("Reason of the target"));
    reason_->setPlaceholderText(tr("Reason, kept with the case"));
    grid->addWidget(reason_, 2, 0, 1, 4);
    auto* row = new QHBoxLayout;
    auto* keepButton = new QPushButton(tr("Judge by it"));
    keepButton->setObjectName(QStringLiteral("keepTarget"));
    connect(keepButton, &QPushButton::clicked, this, &TargetEditor::keep);
    connect(reason_, &QLineEdit::returnPressed, this, &TargetEditor::keep);
    row->addWidget(keepButton);
    if (has) {
        auto* back = new QPushButton(tr("The reference again"));
        back->setObjectName(QStringLiteral("removeTarget"));
        connect(back, &QPushButton::clicked, this, &TargetEditor::takeBack);
        row->addWidget(back);
    }
    row->addStretch();
    grid->addLayout(row, 3, 0, 1, 4);
}

void TargetEditor::keep() {
    OwnTarget target;
    target.measure = measure_;
    if (hasLow_->isChecked())
        target.low = low_->value();
    if (hasHigh_->isChecked())
        target.high = high_->value();
    target.reason = reason_->text().trimmed();
    const CaseId id = workspace_.data().id;
    if (workspace_.apply(tr("Own target: %1").arg(title_), [&](Edit& edit) { return edit.setTarget(id, target); }))
        emit changed();
}

void TargetEditor::takeBack() {
    const CaseId id = workspace_.data().id;
    if (workspace_.apply(tr("The reference again: %1").arg(title_),
                         [&](Edit& edit) { return edit.removeTarget(id, measure_); }))
        emit changed();
}

} // namespace riflesso
