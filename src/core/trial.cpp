#include "core/trial.h"

#include "core/fold.h"

#include <cmath>

namespace riflesso {

const TrialEvent* Trial::event(std::string_view id) const {
    for (const TrialEvent& entry : events)
        if (entry.event == id)
            return &entry;
    return nullptr;
}

namespace {

/// The side further forward at an event, by the first part marked on both sides in that frame.
std::optional<Side> frontSide(const Trial& trial, const std::string& eventId) {
    const TrialEvent* event = trial.event(eventId);
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

std::map<std::string, Side> resolveRoles(const Pack& pack, const Trial& trial) {
    std::map<std::string, Side> sides;
    for (const auto& [role, rule] : pack.roles) {
        std::optional<Side> side = resolveSide(rule, trial.capture);
        if (!side) {
            side = frontSide(trial, rule.event);
            if (side && rule.kind == RoleRule::Kind::RearAt)
                side = opposite(*side);
        }
        if (side)
            sides[role] = *side;
    }
    return sides;
}

std::string resolvePoint(const PointRef& ref, const std::map<std::string, Side>& sides) {
    if (ref.role.empty())
        return ref.part;
    const auto side = sides.find(ref.role);
    return side == sides.end() ? std::string() : std::string(toString(side->second)) + "_" + ref.part;
}

} // namespace riflesso
