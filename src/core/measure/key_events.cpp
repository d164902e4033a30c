#include "core/measure/key_events.h"

#include "core/points/fold.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace riflesso {
namespace {

const TrialEvent* findIn(const std::vector<TrialEvent>& events, std::string_view id) {
    const auto found =
        std::find_if(events.begin(), events.end(), [&](const TrialEvent& event) { return event.event == id; });
    return found == events.end() ? nullptr : &*found;
}

/// The side further forward at an event, by the first part marked on both sides in that frame.
std::optional<Side> frontSide(const Trial& trial, const TrialEvent* event) {
    if (!event)
        return {};
    const int frame = static_cast<int>(std::lround(event->frame));
    const auto fold = Fold::of(trial);
    const auto forward = axisIndex(trial.capture.view, Axis::Forward);
    if (!fold || !forward)
        return {};
    for (const char* part : {"ankle", "toe", "heel", "knee"}) {
        std::optional<double> along[2];
        for (Side side : {Side::Left, Side::Right}) {
            const auto track = trial.marks.find(std::string(toString(side)) + "_" + part);
            if (track == trial.marks.end() || !track->second.contains(frame))
                continue;
            const PixelPoint p = track->second.at(frame).at;
            along[side == Side::Right] = fold->row(*forward, p.x, p.y);
        }
        if (along[0] && along[1])
            return *along[0] > *along[1] ? Side::Left : Side::Right;
    }
    return {};
}

} // namespace

const TrialEvent* KeyEvents::find(std::string_view id) const { return findIn(own, id); }

const TrialEvent* KeyEvents::findEnd(const Pack& pack, std::string_view from, std::string_view to) const {
    const bool later = pack.eventIndex(to) > pack.eventIndex(from);
    return findIn(cycle == 0 || later ? own : next, to);
}

std::pair<double, double> windowRound(const PhaseDef& phase, double timeS) {
    return {timeS - phase.beforeS, timeS + phase.afterS};
}

std::optional<std::pair<double, double>> phaseTimes(const PhaseDef& phase, const Trial& trial) {
    const TrialEvent *from = trial.event(phase.from), *to = trial.event(phase.to);
    if (!from || !to)
        return {};
    const auto times = phase.window ? windowRound(phase, from->timeS) : std::pair(from->timeS, to->timeS);
    return times.first < times.second ? std::optional(times) : std::nullopt;
}

KeyEvents eventsOf(const Trial& trial) { return {0, trial.events, {}, {}}; }

std::vector<KeyEvents> cyclesOf(const Pack& pack, const Trial& trial) {
    const std::string& start = pack.events.front().id;
    std::vector<TrialEvent> sorted = trial.events;
    std::stable_sort(sorted.begin(), sorted.end(),
                     [](const TrialEvent& a, const TrialEvent& b) { return a.timeS < b.timeS; });
    std::vector<KeyEvents> cycles;
    for (const TrialEvent& event : sorted) {
        if (event.event == start)
            cycles.push_back({static_cast<int>(cycles.size()) + 1, {}, {}, {}});
        if (!cycles.empty())
            cycles.back().own.push_back(event);
    }
    for (std::size_t i = 0; i + 1 < cycles.size(); ++i) {
        const bool last = i + 2 == cycles.size();
        cycles[i].next = last ? std::vector<TrialEvent>{cycles[i + 1].own.front()} : cycles[i + 1].own;
        std::set<std::string> seen;
        for (const TrialEvent& event : cycles[i].own)
            if (!seen.insert(event.event).second)
                cycles[i].twice = event.event;
    }
    if (!cycles.empty())
        cycles.pop_back();
    return cycles;
}

std::map<std::string, Side> resolveRoles(const Pack& pack, const Trial& trial, const KeyEvents& events) {
    std::map<std::string, Side> sides;
    for (const auto& [role, rule] : pack.roles) {
        std::optional<Side> side = resolveSide(rule, trial.capture);
        if (!side) {
            side = frontSide(trial, events.find(rule.event));
            if (side && rule.kind == RoleRule::Kind::RearAt)
                side = opposite(*side);
        }
        if (side)
            sides[role] = *side;
    }
    return sides;
}

std::map<std::string, Side> resolveRoles(const Pack& pack, const Trial& trial) {
    return resolveRoles(pack, trial, eventsOf(trial));
}

} // namespace riflesso
