#pragma once
// The weeks of a plan: when technique is worked on, when it is left alone, when it is tested, and what collides.

#include "core/plan/prescription.h"

#include <chrono>

namespace riflesso {

using Day = std::chrono::sys_days;
/// "2026-11-25" of the calendar; none for anything else.
[[nodiscard]] std::optional<Day> dayFrom(std::string_view text);
[[nodiscard]] std::string toString(Day day);

struct DatedTitle {
    Day date;
    std::string title;
};

struct PlanTerms {
    int sessionsPerWeek = 1; ///< technique sessions, 0..7
    int homeworkMinutes = 5; ///< a day
    int noChangeDays = 14;   ///< before a competition
    Day start, retest;
    std::optional<Day> retention;
    double willingness = 1; ///< of the athlete, 0..1
};
struct ScheduledDay {
    Day date;
    bool technique = false, homework = false;
    bool noChange = false; ///< the athlete only performs
    bool retest = false, retention = false;
    std::string competition; ///< its title; empty for none
};
struct ScheduleConflict {
    Day date;        ///< where it lies
    Sentence what;   ///< "The retest falls into the 14 days without technique changes before …"
    Sentence advice; ///< what to do about it
};
struct Schedule {
    std::vector<ScheduledDay> days; ///< whole weeks from Monday: start to the last date, at most a year
    std::vector<ScheduleConflict> conflicts;
    [[nodiscard]] int techniqueSessions() const;
};

/// Technique sessions stand on Monday, Wednesday, Friday, Sunday, … from the start to the day before the retest, never
/// inside a no-change window; homework on the other days. Conflicts are listed, nothing is moved.
/// drills: minutes of the drills given for home; 0 where none are.
[[nodiscard]] Schedule makeSchedule(const PlanTerms& terms, const std::vector<DatedTitle>& competitions,
                                    const Prescription& prescription, const Pack& pack);

/// One lesson, in order.
struct LessonItem {
    enum class Part { Recall, Warm, Main, Minor, Test, Close };
    Part part = Part::Main;
    int minutes = 0;
    std::string drill; ///< of Main, Minor and Test; empty for the others
    Sentence what;     ///< what is done
};
[[nodiscard]] std::string_view toString(LessonItem::Part part);
/// Minutes are at least 10. The drill of the starting rung takes most of the time, the minor focus a quarter; a block
/// of 12 at the end is counted. Without a focus: empty.
[[nodiscard]] std::vector<LessonItem> lessonSheet(const Prescription& prescription, const Pack& pack, int minutes);

} // namespace riflesso
