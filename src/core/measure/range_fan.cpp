#include "core/measure/range_fan.h"

#include "core/measure/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <string>
#include <vector>

namespace riflesso {
namespace {

constexpr double kTryDeg = 4;      ///< by how much the segment is turned to see what that changes
constexpr double kMostDeg = 120;   ///< of a turn to one side
constexpr double kLeastSlope = .3; ///< of the measure, degrees a degree of turn: less is another thing's angle

constexpr double rad(double deg) { return deg * std::numbers::pi / 180; }

std::optional<double> measured(const Pack& pack, const MeasureDef& def, const Trial& trial, double cutoffHz) {
    Pack one = pack;
    one.measures = {def};
    for (const TrialMeasures& of : measureTrials(one, {trial}, cutoffHz))
        if (const MeasureValue* value = of.find(def.id); value && value->valid())
            return value->value;
    return {};
}

/// What is marked of a point: itself, or the two sides of a middle. Empty: neither.
std::vector<std::string> markedOf(const std::string& point) {
    constexpr std::string_view kMiddle = "mid_";
    if (!isDerived(point))
        return {point};
    if (!point.starts_with(kMiddle))
        return {};
    const std::string part = point.substr(kMiddle.size());
    return {"left_" + part, "right_" + part};
}

std::optional<PixelPoint> placeIn(const Trial& trial, const std::vector<std::string>& marked, int frame) {
    PixelPoint sum{0, 0};
    for (const std::string& name : marked) {
        const auto track = trial.marks.find(name);
        if (track == trial.marks.end())
            return {};
        const auto mark = track->second.find(frame);
        if (mark == track->second.end())
            return {};
        sum.x += mark->second.at.x;
        sum.y += mark->second.at.y;
    }
    const auto n = static_cast<double>(marked.size());
    return marked.empty() ? std::nullopt : std::optional(PixelPoint{sum.x / n, sum.y / n});
}

/// The segment turned in every frame: what is measured is low-passed over several.
Trial turned(Trial trial, const std::vector<std::string>& centre, const std::vector<std::string>& end, double deg) {
    const Trial still = trial;
    const double c = std::cos(rad(deg)), s = std::sin(rad(deg));
    for (const std::string& name : end)
        for (auto& [frame, mark] : trial.marks.at(name))
            if (const auto about = placeIn(still, centre, frame)) {
                const double x = mark.at.x - about->x, y = mark.at.y - about->y;
                mark.at = {about->x + c * x - s * y, about->y + s * x + c * y};
            }
    return trial;
}

} // namespace

std::optional<RangeFan> rangeFan(const Pack& pack, const MeasureDef& def, const Trial& trial, double low, double high,
                                 double cutoffHz) {
    const bool joint = def.kind == Kind::Flexion || def.kind == Kind::Angle;
    if (!joint && def.kind != Kind::SegmentAngle && def.kind != Kind::LineAngle)
        return {};
    const TrialEvent* event = def.at.empty() ? nullptr : trial.event(def.at);
    if (!event || def.points.size() != (joint ? 3U : 2U))
        return {};
    const auto sides = resolveRoles(pack, trial);
    const std::vector<std::string> centre = markedOf(resolvePoint(def.points[joint ? 1 : 0], sides)),
                                   end = markedOf(resolvePoint(def.points[joint ? 2 : 1], sides));
    if (std::any_of(end.begin(), end.end(),
                    [&](const auto& name) { return std::find(centre.begin(), centre.end(), name) != centre.end(); }))
        return {}; // it would turn about itself
    const int frame = static_cast<int>(std::lround(trial.times.frameOf(event->timeS)));
    const auto from = placeIn(trial, centre, frame), to = placeIn(trial, end, frame);
    if (!from || !to)
        return {};
    const auto now = measured(pack, def, trial, cutoffHz);
    if (!now)
        return {};
    // To both sides: a bend comes back past straight, and there one of them shows half of it or nothing.
    double slope = 0;
    for (const double deg : {kTryDeg, -kTryDeg})
        if (const auto then = measured(pack, def, turned(trial, centre, end, deg), cutoffHz)) {
            const double change = def.period() > 0 ? std::remainder(*then - *now, def.period()) : *then - *now;
            if (std::abs(change / deg) > std::abs(slope))
                slope = change / deg;
        }
    if (std::abs(slope) < kLeastSlope)
        return {};
    const double toLow = (low - *now) / slope, toHigh = (high - *now) / slope;
    if (std::abs(toLow) > kMostDeg || std::abs(toHigh) > kMostDeg)
        return {};
    const double x = to->x - from->x, y = to->y - from->y;
    const double direction = std::atan2(y, x) * 180 / std::numbers::pi;
    return RangeFan{*from, std::hypot(x, y), direction + toLow, direction + toHigh};
}

} // namespace riflesso
