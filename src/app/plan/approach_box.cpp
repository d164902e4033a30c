#include "app/plan/approach_box.h"

#include "core/practice/rungs.h"

#include "app/page.h"
#include "app/theme.h"
#include "core/plan/plan_outline.h"
#include "report/report_content.h"
#include "report/words.h"
#include "work/case_assessment.h"

#include <QGridLayout>
#include <QLineEdit>
#include <QRadioButton>
#include <QVBoxLayout>

namespace riflesso {
namespace {

QString outlineWords(const Pack& pack, const PlanOutline& outline) {
    QStringList lines;
    for (const PlanOutline::Line& line : outline.foci) {
        const DrillDef* first = pack.drill(line.firstDrill);
        if (!first)
            continue;
        lines << ApproachBox::tr("%1: from \"%2\", %3, %4 min of a lesson")
                     .arg(line.main ? ApproachBox::tr("Main") : ApproachBox::tr("Minor"), words::text(first->title),
                          words::counted(static_cast<std::size_t>(line.rungs), ApproachBox::tr("step"),
                                         ApproachBox::tr("steps")))
                     .arg(line.minutes);
    }
    if (outline.sessionsEachRung)
        lines << ApproachBox::tr("%1 for each step until the retest%2")
                     .arg(ApproachBox::tr("%1 technique sessions").arg(words::number(*outline.sessionsEachRung, 1)),
                          outline.conflicts.empty()
                              ? QString()
                              : ApproachBox::tr(" · to settle: %1").arg(outline.conflicts.size()));
    return lines.join(QStringLiteral("<br>"));
}

} // namespace

ApproachBox::ApproachBox(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 6, 0, 0);
    column->setSpacing(4);
    column->addWidget(label(tr("HOW TO GO ABOUT IT"), theme::kHeading));
    grid_ = new QGridLayout;
    grid_->setHorizontalSpacing(8);
    grid_->setVerticalSpacing(2);
    grid_->setColumnStretch(0, 1);
    column->addLayout(grid_);
    reason_ = new QLineEdit;
    reason_->setObjectName(QStringLiteral("approachReason"));
    reason_->setPlaceholderText(tr("why this way, in this case"));
    reason_->setAccessibleName(tr("Reason for this way"));
    column->addWidget(reason_);
    connect(reason_, &QLineEdit::editingFinished, this, &ApproachBox::keepReason);
}

void ApproachBox::show() {
    const auto assessment = workspace_.assessment();
    const CaseData& data = workspace_.data();
    clearLayout(grid_);
    setVisible(assessment && !assessment->prescription.focus.empty());
    if (!isVisibleTo(parentWidget()))
        return;
    AssessmentInput in =
        assessmentInput(data, workspace_.session(), workspace_.choice(), workspace_.school(), QDate::currentDate());
    int row = 0;
    for (const Approach approach : {Approach{false, false}, {true, false}, {false, true}, {true, true}}) {
        in.choices.decisions.approach = approach;
        Prescription plan =
            prescribe(data.pack, assessment->findings, in.trials, in.facts, in.choices.decisions, in.choices.situation);
        followPractice(plan, data.pack, in.practice);
        const PlanOutline outline =
            outlineOf(plan, scheduleOf(data, plan, QDate::currentDate()), data.pack, kLessonMinutes);
        auto* choice = new QRadioButton(approachName(approach));
        choice->setObjectName(QStringLiteral("approach-%1%2")
                                  .arg(approach.oneAtATime ? 1 : 2)
                                  .arg(QChar(approach.tempoFirst ? u't' : u's')));
        choice->setChecked(approach == data.plan.approach);
        choice->setFocusPolicy(Qt::TabFocus);
        connect(choice, &QRadioButton::clicked, this, [this, approach] { choose(approach); });
        grid_->addWidget(choice, row++, 0);
        auto* what = label(outlineWords(data.pack, outline), theme::kQuiet);
        what->setObjectName(choice->objectName() + QStringLiteral("-outline"));
        what->setContentsMargins(22, 0, 0, 4);
        grid_->addWidget(what, row++, 0);
    }
    reason_->setText(data.plan.approachReason);
}

void ApproachBox::choose(const Approach& approach) {
    PlanSettings plan = workspace_.data().plan;
    if (plan.approach == approach)
        return;
    plan.approach = approach;
    plan.approachReason = reason_->text().trimmed();
    const CaseId id = workspace_.data().id;
    const QString what = tr("How to go about it: %1").arg(approachName(approach).toLower());
    workspace_.apply(what, [=](Edit& edit) -> Result<void> {
        if (auto done = edit.setPlan(id, plan); !done)
            return done;
        return edit.note(id, what, plan.approachReason);
    });
}

void ApproachBox::keepReason() {
    if (!workspace_.hasCase())
        return;
    PlanSettings plan = workspace_.data().plan;
    if (plan.approachReason == reason_->text().trimmed())
        return;
    plan.approachReason = reason_->text().trimmed();
    const CaseId id = workspace_.data().id;
    const QString what = tr("How to go about it: %1").arg(approachName(plan.approach).toLower());
    workspace_.apply(tr("Why the plan goes about it so"), [=](Edit& edit) -> Result<void> {
        if (auto done = edit.setPlan(id, plan); !done)
            return done;
        return edit.note(id, what, plan.approachReason);
    });
}

} // namespace riflesso
