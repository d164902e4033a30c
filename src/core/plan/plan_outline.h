#pragma once
// What a plan asks for in few numbers, so that two ways of going about it can be laid side by side.

#include "core/plan/schedule.h"

namespace riflesso {

struct PlanOutline {
    struct Line { ///< a focus
        std::string fault, firstDrill;
        bool main = true;
        int rungs = 0;   ///< from the one begun on to the last
        int minutes = 0; ///< of a lesson of the length asked for
    };
    std::vector<Line> foci;
    int sessions = 0;                       ///< technique sessions before the retest
    std::optional<double> sessionsEachRung; ///< of the longest way; none without rungs
    std::vector<ScheduleConflict> conflicts;
};
[[nodiscard]] PlanOutline outlineOf(const Prescription& prescription, const Schedule& schedule, const Pack& pack,
                                    int lessonMinutes);

} // namespace riflesso
