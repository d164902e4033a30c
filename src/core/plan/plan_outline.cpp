#include "core/plan/plan_outline.h"

#include <algorithm>

namespace riflesso {

PlanOutline outlineOf(const Prescription& prescription, const Schedule& schedule, const Pack& pack, int lessonMinutes) {
    PlanOutline out;
    out.sessions = schedule.techniqueSessions();
    out.conflicts = schedule.conflicts;
    const std::vector<LessonItem> lesson = lessonSheet(prescription, pack, lessonMinutes);
    int longest = 0;
    for (const Focus& focus : prescription.focus) {
        PlanOutline::Line line;
        line.fault = focus.fault;
        line.main = focus.main;
        if (!focus.rungs.empty()) {
            line.firstDrill = focus.rungs[focus.start()].drill;
            line.rungs = static_cast<int>(focus.rungs.size() - focus.start());
        }
        const auto part = focus.main ? LessonItem::Part::Main : LessonItem::Part::Minor;
        for (const LessonItem& item : lesson)
            if (item.part == part && item.drill == line.firstDrill)
                line.minutes += item.minutes;
        longest = std::max(longest, line.rungs);
        out.foci.push_back(std::move(line));
    }
    if (longest > 0)
        out.sessionsEachRung = static_cast<double>(out.sessions) / longest;
    return out;
}

} // namespace riflesso
