#include "app/plan/plan_page.h"

#include "app/plan/approach_box.h"
#include "app/plan/dispute_box.h"
#include "app/plan/forecast_box.h"
#include "app/plan/rung_card.h"
#include "app/plan/week_view.h"

#include "app/nothing_measured.h"
#include "app/theme.h"
#include "app/widgets/date_edit.h"
#include "app/widgets/sign_label.h"
#include "report/plan_calendar.h"
#include "report/report_content.h"
#include "report/words.h"

#include <QDateEdit>
#include <QFileDialog>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <QSaveFile>
#include <QScrollArea>
#include <QSpinBox>
#include <QStandardPaths>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

PlanPage::PlanPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* left = new QWidget;
    ladder_ = new QVBoxLayout(left);
    ladder_->setContentsMargins(16, 10, 16, 10);
    ladder_->setSpacing(4);
    layout->addWidget(scrolled(left), 6);
    auto* right = new QWidget;
    auto* column = new QVBoxLayout(right);
    column->setContentsMargins(8, 10, 16, 10);
    column->setSpacing(6);
    column->addWidget(label(tr("DATES AND DOSE"), theme::kHeading));
    auto* form = new QFormLayout;
    form->setVerticalSpacing(6);
    const auto spin = [&](const QString& name, int low, int high, const QString& suffix, const char* object) {
        auto* box = new QSpinBox;
        box->setObjectName(QLatin1String(object));
        box->setRange(low, high);
        box->setSuffix(suffix);
        form->addRow(name, box);
        connect(box, &QSpinBox::editingFinished, this, &PlanPage::save);
        return box;
    };
    sessions_ = spin(tr("Technique sessions a week"), 1, 3, {}, "sessionsPerWeek");
    homework_ = spin(tr("Homework a day"), 0, 60, tr(" min"), "homework");
    noChange_ = spin(tr("No changes before a competition"), 0, 60, tr(" days"), "noChange");
    const auto date = [&](const QString& name, const char* object) {
        auto* edit = dateEdit(QDate::currentDate(), object);
        form->addRow(name, edit);
        connect(edit, &QDateEdit::editingFinished, this, &PlanPage::save);
        return edit;
    };
    start_ = date(tr("Start"), "planStart");
    retest_ = date(tr("Retest"), "planRetest");
    retention_ = date(tr("Retention test"), "planRetention");
    column->addLayout(form);
    conflicts_ = new QVBoxLayout;
    column->addLayout(conflicts_);
    column->addWidget(label(tr("WEEKS"), theme::kHeading));
    weeks_ = new WeekView;
    weeks_->setObjectName(QStringLiteral("weeks"));
    column->addWidget(weeks_);
    column->addWidget(
        label(tr("Square: technique session. Dot: homework. Ring: test, drag it to another day. Hatched: no "
                 "technique changes. Filled: competition."),
              theme::kQuiet));
    connect(weeks_, &WeekView::testMoved, this, [this](bool retention, const QDate& day) {
        (retention ? retention_ : retest_)->setDate(day);
        save();
    });
    auto* calendar = new QPushButton(tr("Write a calendar file…"));
    calendar->setObjectName(QStringLiteral("writeCalendar"));
    calendar->setToolTip(tr("The dates of the plan as an .ics file for any calendar."));
    column->addWidget(calendar, 0, Qt::AlignLeft);
    connect(calendar, &QPushButton::clicked, this, [this] {
        const QString path =
            QFileDialog::getSaveFileName(this, tr("Write a calendar file"),
                                         QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + u'/' +
                                             this->workspace().data().athlete.name + QStringLiteral(".ics"),
                                         tr("Calendar (*.ics)"));
        if (!path.isEmpty())
            writeCalendarFile(path);
    });
    column->addSpacing(8);
    forecast_ = new ForecastBox(workspace, this);
    column->addWidget(forecast_);
    approach_ = new ApproachBox(workspace, this);
    column->addWidget(approach_);
    disputes_ = new DisputeBox(workspace, this);
    column->addWidget(disputes_);
    lesson_ = new QVBoxLayout;
    lesson_->setSpacing(4);
    column->addLayout(lesson_);
    column->addStretch();
    auto* scrollRight = new QScrollArea;
    scrollRight->setFrameShape(QFrame::NoFrame);
    scrollRight->setWidgetResizable(true);
    scrollRight->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scrollRight->setWidget(right);
    layout->addWidget(scrollRight, 5);
}

void PlanPage::writeCalendarFile(const QString& path) {
    const auto entries = planCalendar(workspace().data(), prescription());
    QSaveFile file(path);
    const QByteArray text = writeCalendar(entries, QDateTime::currentDateTimeUtc());
    if (!file.open(QIODevice::WriteOnly) || file.write(text) != text.size() || !file.commit()) {
        workspace().say(tr("%1 could not be written: %2").arg(path, file.errorString()), true);
        return;
    }
    workspace().say(tr("%1 written to %2.").arg(words::counted(entries.size(), tr("date"), tr("dates")), path));
}

QString PlanPage::headline() const {
    if (workspace().resultsHidden())
        return workspace().noAssessment();
    const auto assessment = workspace().assessment();
    if (assessment && assessment->prescription.waits)
        return tr("The plan waits: pain was said in practice. <b>Next: write down who advised what.</b>");
    if (assessment && assessment->prescription.focus.empty() && !assessment->prescription.unclearLimits.empty())
        return tr("A limit is not understood. <b>Next: say which part it means, on the Athlete page.</b>");
    if (assessment && assessment->prescription.focus.empty() && !assessment->prescription.withoutDrill.empty())
        return tr(
            "These limits leave no drill. <b>Next: choose another fault in Findings, or ask what is allowed.</b>");
    if (assessment && nothingMeasured(*assessment))
        return nothingMeasuredHeadline();
    if (!assessment || assessment->prescription.focus.empty())
        return tr("No focus yet. <b>Next: decide in Findings.</b>");
    const Pack& pack = workspace().data().pack;
    QStringList names;
    for (const Focus& focus : assessment->prescription.focus)
        names << words::inSentence(words::text(pack.fault(focus.fault)->title));
    const bool chosen = std::any_of(workspace().data().decisions.begin(), workspace().data().decisions.end(),
                                    [](const Decision& d) { return d.choice == Decision::Choice::WorkOn; });
    const QStringList conflicts = scheduleConflicts(workspace().data(), assessment->prescription);
    return tr("Focus: %1%2. %3<b>Next: %4.</b>")
        .arg(names.join(tr("; minor: ")), chosen ? QString() : tr(" (proposed, not decided)"),
             conflicts.isEmpty() ? QString() : tr("To settle on the right: %1. ").arg(conflicts.size()),
             chosen ? tr("practise on the rung marked, or hand the plan over") : tr("decide in Findings"));
}

StepState PlanPage::state() const {
    const auto assessment = workspace().assessment();
    if (assessment && assessment->prescription.waits)
        return {StepState::Kind::Attention, tr("waits")};
    if (!assessment || !workspace().hasCase() || assessment->prescription.focus.empty())
        return {};
    if (!scheduleConflicts(workspace().data(), assessment->prescription).isEmpty())
        return {StepState::Kind::Attention, tr("to settle")};
    const bool dated = workspace().data().plan.retest.isValid();
    return {dated ? StepState::Kind::Done : StepState::Kind::InWork, dated ? tr("dated") : tr("draft")};
}

void PlanPage::refresh() {
    if (!workspace().hasCase())
        return;
    filling_ = true;
    const CaseData& data = workspace().data();
    sessions_->setValue(data.plan.sessionsPerWeek);
    homework_->setValue(data.plan.homeworkMinutes);
    noChange_->setValue(data.plan.noChangeDays);
    const QDate today = QDate::currentDate();
    start_->setDate(data.plan.start.isValid() ? data.plan.start : today);
    retest_->setDate(data.plan.retest.isValid() ? data.plan.retest : today.addDays(21));
    retention_->setDate(data.plan.retention.isValid() ? data.plan.retention : today.addDays(42));
    weeks_->setSchedule(scheduleOf(data, prescription(), QDate::currentDate()));
    clearLayout(conflicts_);
    for (const QString& conflict : scheduleConflicts(data, prescription())) {
        auto* row = new QHBoxLayout;
        row->addWidget(new SignLabel(look::Sign::Possible), 0, Qt::AlignTop);
        row->addWidget(label(conflict), 1);
        conflicts_->addLayout(row);
    }
    filling_ = false;

    forecast_->show();
    approach_->show();
    disputes_->show();
    showLesson(data);
    clearLayout(ladder_);
    const auto assessment = workspace().assessment();
    if (!assessment || assessment->prescription.focus.empty()) {
        if (assessment && assessment->prescription.waits)
            addWaiting();
        else
            ladder_->addWidget(label(tr("When a fault is chosen in Findings, its ladder of drills stands here.")));
        if (assessment && !assessment->prescription.waits)
            addLeftOut(assessment->prescription);
        ladder_->addStretch();
        return;
    }
    for (const Focus& focus : assessment->prescription.focus) {
        ladder_->addWidget(label(focus.main ? tr("MAIN FOCUS") : tr("MINOR FOCUS"), theme::kHeading));
        ladder_->addWidget(label(words::text(data.pack.fault(focus.fault)->title), theme::kBig));
        int step = 0;
        for (const Rung& rung : focus.rungs) {
            const auto folded = unfolded_.find(rung.drill);
            auto* card = new RungCard(
                {data, focus, rung, ++step, folded == unfolded_.end() ? rung.startHere && focus.main : folded->second},
                nullptr);
            connect(card, &RungCard::practise, this, [this, fault = focus.fault, id = rung.drill] {
                emit goTo(QStringLiteral("practice"), QString::fromStdString(fault + "/" + id));
            });
            // Later: the card that was clicked is taken down by it.
            connect(
                card, &RungCard::unfold, this,
                [this, id = rung.drill](bool open) {
                    unfolded_[id] = open;
                    refresh();
                },
                Qt::QueuedConnection);
            connect(
                card, &RungCard::cueKept, this,
                [this, id = rung.drill](const QString& cue) {
                    const CaseId caseId = this->workspace().data().id;
                    this->workspace().apply(cue.isEmpty() ? tr("The pack's cue again") : tr("A cue in own words"),
                                            [=](Edit& edit) { return edit.setCue(caseId, id, cue); });
                },
                Qt::QueuedConnection);
            // Each rung stands a little further in than the one before: steps of a ladder.
            auto* row = new QHBoxLayout;
            row->addSpacing((step - 1) * 14);
            row->addWidget(card, 1);
            ladder_->addLayout(row);
        }
        ladder_->addSpacing(8);
    }
    addLeftOut(assessment->prescription);
    for (const std::string& caution : assessment->prescription.cautions) {
        auto* row = new QHBoxLayout;
        row->addWidget(new SignLabel(look::Sign::Safety), 0, Qt::AlignTop);
        row->addWidget(label(words::text(caution), theme::kSafety), 1);
        ladder_->addLayout(row);
    }
    ladder_->addWidget(label(
        tr("Stop on pain and ask a licensed professional. The rules of the sport's body and of the venue come first."),
        theme::kQuiet));
    ladder_->addStretch();
}

void PlanPage::addLeftOut(const Prescription& prescription) {
    if (!prescription.unclearLimits.empty()) {
        auto* row = new QHBoxLayout;
        row->addWidget(new SignLabel(look::Sign::Safety), 0, Qt::AlignTop);
        auto* text = label(tr("\"%1\": nobody has said which part this limit means, so every drill that is not for all "
                              "is held back. Say it on the Athlete page.")
                               .arg(words::text(prescription.unclearLimits.front())),
                           theme::kSafety);
        text->setTextFormat(Qt::PlainText);
        text->setObjectName(QStringLiteral("unclearLimit"));
        row->addWidget(text, 1);
        ladder_->addLayout(row);
    }
    for (const Sentence& missing : prescription.missing) {
        auto* text = label(tr("Left out: %1.").arg(words::text(missing)), theme::kQuiet);
        text->setTextFormat(Qt::PlainText);
        text->setObjectName(QStringLiteral("leftOut"));
        ladder_->addWidget(text);
    }
}

void PlanPage::addWaiting() {
    auto* row = new QHBoxLayout;
    row->addWidget(new SignLabel(look::Sign::Safety), 0, Qt::AlignTop);
    auto* text = label(tr("Pain or the like was said in practice: the plan, the lesson and the sheets wait until it is "
                          "written down who advised what, and when. A licensed professional decides."),
                       theme::kSafety);
    text->setObjectName(QStringLiteral("planWaits"));
    row->addWidget(text, 1);
    ladder_->addLayout(row);
    auto* write = new QPushButton(tr("Write down who advised what"));
    write->setObjectName(QStringLiteral("planAdvice"));
    connect(write, &QPushButton::clicked, this, [this] { emit goTo(QStringLiteral("athlete"), {}); });
    ladder_->addWidget(write, 0, Qt::AlignLeft);
}

Prescription PlanPage::prescription() const {
    const auto assessment = workspace().assessment();
    return assessment ? assessment->prescription : Prescription();
}

void PlanPage::showLesson(const CaseData& data) {
    clearLayout(lesson_);
    const std::vector<LessonLine> lines = lessonLines(data, prescription());
    if (lines.empty())
        return;
    lesson_->addWidget(label(tr("THE NEXT LESSON · %1 minutes").arg(kLessonMinutes), theme::kHeading));
    auto* box = new QWidget;
    box->setObjectName(QStringLiteral("lesson"));
    auto* sheet = new QGridLayout(box);
    sheet->setContentsMargins(0, 0, 0, 0);
    sheet->setHorizontalSpacing(10);
    sheet->setVerticalSpacing(4);
    int row = 0;
    for (const LessonLine& line : lines) {
        auto* minutes = label(tr("%1 min").arg(line.minutes), theme::kStrong);
        minutes->setAlignment(Qt::AlignRight | Qt::AlignTop);
        minutes->setWordWrap(false);
        sheet->addWidget(minutes, row, 0);
        sheet->addWidget(label(line.what.toHtmlEscaped()), row++, 1);
    }
    sheet->setColumnStretch(1, 1);
    lesson_->addWidget(box);
}

void PlanPage::save() {
    if (filling_ || !workspace().hasCase())
        return;
    const PlanSettings& old = workspace().data().plan;
    const PlanSettings plan{sessions_->value(), homework_->value(), noChange_->value(), start_->date(),
                            retest_->date(),    retention_->date(), old.approach,       old.approachReason};
    if (plan.sessionsPerWeek == old.sessionsPerWeek && plan.homeworkMinutes == old.homeworkMinutes &&
        plan.noChangeDays == old.noChangeDays && plan.start == old.start && plan.retest == old.retest &&
        plan.retention == old.retention)
        return;
    const CaseId id = workspace().data().id;
    workspace().apply(tr("Change the plan"), [id, plan](Edit& edit) { return edit.setPlan(id, plan); });
}

} // namespace riflesso
