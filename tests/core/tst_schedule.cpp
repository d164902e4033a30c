// The weeks of a plan and one lesson of it: what stands where, and what collides.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/plan/schedule.h"
#include "support/made_trials.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

PlanTerms terms() {
    PlanTerms out;
    out.start = *dayFrom("2026-11-25"); // a Wednesday
    out.retest = *dayFrom("2026-12-16");
    out.retention = *dayFrom("2027-01-06");
    return out;
}
Prescription prescription() {
    Prescription out;
    Focus focus;
    focus.fault = "bent";
    focus.rungs = {{"d1", {}, Stage::Position, true}, {"d2", {}, Stage::Shadow, false}};
    out.focus = {focus};
    return out;
}
const ScheduledDay& on(const Schedule& schedule, const char* date) {
    for (const ScheduledDay& day : schedule.days)
        if (day.date == dayFrom(date))
            return day;
    qFatal("%s is not in the schedule", date);
}
QStringList conflicts(const PlanTerms& plan, const std::vector<DatedTitle>& competitions = {}) {
    QStringList out;
    for (const ScheduleConflict& conflict :
         makeSchedule(plan, competitions, prescription(), packOf(smallPack())).conflicts)
        out << QString::fromStdString(inEnglish(conflict.what));
    return out;
}

} // namespace

class TestSchedule : public QObject {
    Q_OBJECT
private slots:
    void days() {
        QCOMPARE(toString(*dayFrom("2024-02-29")), std::string("2024-02-29"));
        for (const char* wrong :
             {"2026-02-29", "2026-13-01", "2026-1-1", "20261125xx", "", "2026-11-25 ", "-026-11-25"})
            QVERIFY2(!dayFrom(wrong), wrong);
        QCOMPARE((*dayFrom("2027-01-01") - *dayFrom("2026-12-25")).count(), 7);
    }
    void weeksFromMondayToTheLastDate() {
        PlanTerms plan = terms();
        plan.sessionsPerWeek = 2;
        const Schedule schedule = makeSchedule(plan, {}, prescription(), packOf(smallPack()));
        QCOMPARE(toString(schedule.days.front().date), std::string("2026-11-23"));
        QCOMPARE(toString(schedule.days.back().date), std::string("2027-01-10"));
        QVERIFY(!on(schedule, "2026-11-23").technique); // before the start
        QVERIFY(on(schedule, "2026-11-25").technique);  // Wednesday
        QVERIFY(on(schedule, "2026-11-26").homework);
        QVERIFY(on(schedule, "2026-11-30").technique); // Monday
        QVERIFY(on(schedule, "2026-12-16").retest && !on(schedule, "2026-12-16").technique);
        QVERIFY(on(schedule, "2027-01-06").retention);
        QCOMPARE(schedule.techniqueSessions(), 6);
        QVERIFY(schedule.conflicts.empty());
    }
    void noTechniqueBeforeACompetition() {
        const Schedule schedule =
            makeSchedule(terms(), {{*dayFrom("2026-12-20"), "Cup"}}, prescription(), packOf(smallPack()));
        QVERIFY(on(schedule, "2026-12-05").homework);
        for (const char* date : {"2026-12-06", "2026-12-07", "2026-12-19"})
            QVERIFY2(on(schedule, date).noChange && !on(schedule, date).technique && !on(schedule, date).homework,
                     date);
        QCOMPARE(on(schedule, "2026-12-20").competition, std::string("Cup"));
        QVERIFY(!on(schedule, "2026-12-20").noChange);
        QCOMPARE(schedule.conflicts.size(), 1U); // the retest on the 16th
        QVERIFY(QString::fromStdString(inEnglish(schedule.conflicts[0].what))
                    .contains(QLatin1String("The retest falls into the 14")));
        QVERIFY(QString::fromStdString(inEnglish(schedule.conflicts[0].advice)).contains(QLatin1String("2026-12-06")));
    }
    void conflictsOfDates() {
        QVERIFY(conflicts(terms()).isEmpty());
        PlanTerms plan = terms();
        plan.retest = plan.start;
        QVERIFY(conflicts(plan).contains(QStringLiteral("The retest comes before the plan has begun.")));
        plan = terms();
        plan.retention = plan.retest;
        QVERIFY(conflicts(plan).contains(QStringLiteral("The retention test comes before the retest.")));
        plan.retention = plan.retest + std::chrono::days(6);
        QVERIFY(
            conflicts(plan).contains(QStringLiteral("The retention test comes less than a week after the retest.")));
        plan.retention = plan.retest + std::chrono::days(7);
        QVERIFY(conflicts(plan).isEmpty());
        plan.retention.reset();
        QVERIFY(conflicts(plan).isEmpty());
        QVERIFY(conflicts(terms(), {{*dayFrom("2026-11-30"), "Cup"}})
                    .join(u' ')
                    .contains(QLatin1String("The start of the plan falls")));
        PlanTerms freely = terms();
        freely.noChangeDays = 0;
        QCOMPARE(conflicts(freely, {{*dayFrom("2026-12-01"), "Cup"}}),
                 QStringList{"Cup lies between start and retest."});
    }
    void conflictsOfDose() {
        PlanTerms plan = terms();
        plan.homeworkMinutes = 4; // the starting drill asks for 5
        QCOMPARE(conflicts(plan), QStringList{"The starting drills ask for 5 minutes a day, the plan gives 4."});
        plan.homeworkMinutes = 0;
        QVERIFY(conflicts(plan).isEmpty()); // no homework, no conflict
        plan.homeworkMinutes = 15;
        plan.willingness = 0.3;
        QVERIFY(conflicts(plan).join(u' ').contains(QLatin1String("little willing")));
        plan.homeworkMinutes = 5;
        QVERIFY(conflicts(plan).isEmpty());
        plan = terms();
        plan.retest = plan.start + std::chrono::days(2); // Friday: the session of the week, Monday, is over
        plan.retention.reset();
        QVERIFY(conflicts(plan).contains(QStringLiteral("No technique session is left between start and retest.")));
    }
    void aLesson() {
        Prescription both = prescription();
        both.focus.push_back(both.focus[0]);
        both.focus[1].main = false;
        both.focus[1].rungs = {{"d2", {}, Stage::Shadow, true}};
        for (int minutes : {10, 30, 61}) {
            const auto sheet = lessonSheet(both, packOf(smallPack()), minutes);
            int sum = 0, mainMinutes = 0, minorMinutes = 0;
            for (const LessonItem& item : sheet) {
                QVERIFY(item.minutes > 0);
                sum += item.minutes;
                mainMinutes += item.part == LessonItem::Part::Main ? item.minutes : 0;
                minorMinutes += item.part == LessonItem::Part::Minor ? item.minutes : 0;
            }
            QCOMPARE(sum, minutes);
            QVERIFY(mainMinutes > minorMinutes);
            QCOMPARE(toString(sheet.back().part), std::string_view("close"));
            QCOMPARE(sheet[2].drill, std::string("d1"));
        }
        QCOMPARE(lessonSheet(prescription(), packOf(smallPack()), 30).size(), 5U); // no minor focus
        QVERIFY(lessonSheet({}, packOf(smallPack()), 30).empty());
    }
};

QTEST_APPLESS_MAIN(TestSchedule)
#include "tst_schedule.moc"
