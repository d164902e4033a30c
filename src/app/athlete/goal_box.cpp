#include "app/athlete/goal_box.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/date_edit.h"
#include "report/goal_words.h"
#include "report/words.h"

#include <QCheckBox>
#include <QDateEdit>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>

namespace riflesso {

GoalBox::GoalBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(label(tr("THE GOAL AS A NUMBER"), theme::kHeading));
    measure_ = new ChoiceBox;
    measure_->setObjectName(QStringLiteral("goalMeasure"));
    measure_->setAccessibleName(tr("Measure of the goal"));
    measure_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    value_ = new QDoubleSpinBox;
    value_->setObjectName(QStringLiteral("goalValue"));
    value_->setRange(-1000, 1000);
    value_->setDecimals(2);
    value_->setAccessibleName(tr("Value of the goal"));
    auto* row = new QHBoxLayout;
    row->addWidget(measure_, 1);
    row->addWidget(value_);
    layout->addLayout(row);
    dated_ = new QCheckBox(tr("by"));
    dated_->setObjectName(QStringLiteral("goalDated"));
    by_ = dateEdit(QDate::currentDate().addDays(42), "goalBy", tr("Day of the goal"));
    auto* second = new QHBoxLayout;
    second->addWidget(dated_);
    second->addWidget(by_);
    second->addStretch();
    layout->addLayout(second);
    state_ = label({}, theme::kQuiet);
    state_->setObjectName(QStringLiteral("goalState"));
    layout->addWidget(state_);
    connect(measure_, &QComboBox::activated, this, [this] {
        // A measure just chosen begins at its reference.
        const std::string id = measure_->currentData().toString().toStdString();
        const auto assessment = workspace_.assessment();
        const SetDeviation* set = assessment ? assessment->deviation(id) : nullptr;
        const auto& goal = workspace_.data().goal;
        if (set && (!goal || goal->measure != id)) {
            const bool before = std::exchange(filling_, true);
            value_->setValue(set->median - set->deviation);
            filling_ = before;
        }
        save();
    });
    connect(value_, &QDoubleSpinBox::editingFinished, this, &GoalBox::save);
    connect(dated_, &QCheckBox::clicked, this, &GoalBox::save);
    connect(by_, &QDateEdit::editingFinished, this, &GoalBox::save);
}

void GoalBox::refresh() {
    const bool before = std::exchange(filling_, true);
    const CaseData& data = workspace_.data();
    measure_->clear();
    measure_->addItem(tr("none"), QString());
    for (const MeasureDef& def : data.pack.measures) {
        measure_->addItem(words::text(def.title), words::text(def.id));
        if (data.goal && data.goal->measure == def.id)
            measure_->setCurrentIndex(measure_->count() - 1);
    }
    const std::optional<MeasureDef> def = data.goal ? data.pack.judgedAs(data.goal->measure) : std::nullopt;
    value_->setEnabled(def.has_value());
    dated_->setEnabled(def.has_value());
    value_->setSuffix(def ? words::unitAfter(*def) : QString());
    if (def)
        value_->setValue(data.goal->value);
    const bool dated = def && data.goal->by.isValid();
    dated_->setChecked(dated);
    by_->setEnabled(dated);
    if (dated)
        by_->setDate(data.goal->by);
    state_->setText(def ? goalState(data, workspace_.assessment().get(), QDate::currentDate())
                        : tr("A measure and a value make the goal checkable: Progress then says how far it is."));
    filling_ = before;
}

void GoalBox::save() {
    if (filling_ || !workspace_.hasCase())
        return;
    std::optional<GoalTarget> goal;
    if (const std::string measure = measure_->currentData().toString().toStdString(); !measure.empty())
        goal = GoalTarget{measure, value_->value(), dated_->isChecked() ? by_->date() : QDate()};
    const CaseData& data = workspace_.data();
    if (goal == data.goal)
        return;
    const CaseId id = data.id;
    workspace_.apply(goal ? tr("The goal as a number") : tr("No goal as a number"),
                     [&](Edit& edit) { return edit.setGoal(id, goal); });
}

} // namespace riflesso
