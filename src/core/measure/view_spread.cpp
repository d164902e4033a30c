#include "core/measure/view_spread.h"

#include "core/measure/measure_span.h"
#include "core/reasons.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

constexpr double kMostDrawnDeg = 80; ///< of a bearing: beyond it nothing is seen

/// One place of the camera, and how far each part leaves the plane of movement.
struct Node {
    double weight = 1, bearing = 0; ///< radians
    std::vector<double> offPlane;   ///< tangents
};

/// Where the spread is looked at. offPlaneDeg: of each part that may leave the plane, standard deviation.
std::vector<Node> nodesOf(const Capture& capture, const std::vector<double>& offPlaneDeg) {
    const std::size_t parts = offPlaneDeg.size();
    std::vector<std::pair<double, double>> bearings; // weight, radians
    const double bearing = capture.bearingDeg.value_or(0) / kDegrees, u = capture.bearingUDeg / kDegrees;
    constexpr double kMiddle = 2.0 / 3, kSide = 1.0 / 6;
    if (u > 0) {
        bearings = {{kMiddle, bearing}};
        for (const double sign : {-1.0, 1.0}) {
            const double there = std::min(std::abs(bearing + sign * std::numbers::sqrt3 * u), kMostDrawnDeg / kDegrees);
            if (bearings.size() > 1 && std::abs(bearings.back().second - there) <= 0)
                bearings.back().first += kSide; // to both sides of square alike
            else
                bearings.emplace_back(kSide, there);
        }
    } else {
        bearings = {{1, bearing}};
    }
    std::vector<Node> out;
    const auto n = static_cast<double>(parts);
    constexpr double kMostLeanDeg = 70;
    for (const auto& [weight, at] : bearings) {
        if (at <= 0 || parts == 0) {
            out.push_back({weight, at, std::vector<double>(parts, 0)});
            continue;
        }
        for (std::size_t part = 0; part < parts; ++part)
            for (const double sign : {-1.0, 1.0}) {
                Node node{weight / (2 * n), at, std::vector<double>(parts, 0)};
                node.offPlane[part] =
                    sign * std::tan(std::min(kMostLeanDeg, std::sqrt(n) * offPlaneDeg[part]) / kDegrees);
                out.push_back(std::move(node));
            }
    }
    return out;
}

/// The plan and the length unit as a node has them.
class LeaningPlan {
public:
    LeaningPlan(const InstantPlan& plan, const LengthScale& scale, const Capture& capture, Leans leans)
        : plan_(plan), leaning_(plan), scale_(scale), capture_(capture), leans_(leans) {}

    [[nodiscard]] const InstantPlan& at(const Node& node) {
        const double stretch = stretchAt(node.bearing), turn = std::tan(node.bearing);
        for (int axis = 0; axis < 2; ++axis) {
            const double along = plan_.fold.m[0][axis] * stretch;
            leaning_.fold.m[0][axis] = leans_ == Leans::Path ? along * (1 - turn * node.offPlane[0]) -
                                                                   plan_.fold.m[1][axis] * turn * node.offPlane[1]
                                                             : along;
        }
        leaning_.lean.clear();
        if (leans_ == Leans::Segments)
            for (std::size_t i = 0; i < plan_.segments.size(); ++i)
                leaning_.lean.push_back(node.offPlane[i] * turn);
        return leaning_;
    }
    /// The body unit is a segment of its own; a metre is one from anywhere.
    [[nodiscard]] double unitAt(const Node& node) const {
        const double y = scale_.along.y, x = scale_.along.x * stretchAt(node.bearing);
        const double length = std::hypot(x, y);
        if (length <= 0)
            return scale_.pixels;
        return scale_.pixels * std::hypot(x - length * node.offPlane.back() * std::tan(node.bearing), y) /
               std::hypot(scale_.along.x, y);
    }

private:
    [[nodiscard]] double stretchAt(double bearing) const {
        const double now = capture_.bearingDeg.value_or(0) / kDegrees;
        return capture_.movementPlane ? 1 : std::cos(now) / std::cos(bearing);
    }
    const InstantPlan& plan_;
    InstantPlan leaning_;
    const LengthScale& scale_;
    const Capture& capture_;
    Leans leans_;
};

} // namespace

void addViewSpread(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                   const LengthScale& scale, Leans leans, const ValueFrom& from, MeasureValue& out) {
    const Capture& capture = context.trial.capture;
    const double bearing = capture.bearingDeg.value_or(0);
    if (!out.valid() || !rowOf(def.kind).camera.square || capture.view == View::Top || bearing > kMostObliqueDeg ||
        (bearing <= 0 && capture.bearingUDeg <= 0))
        return;
    LeaningPlan leaning(plan, scale, capture, leans);
    const double period = def.stat == Stat::Range ? 0 : isRateKind(def.kind) ? def.period() : wrapPeriodAlong(def);
    const auto change = [&](const Node& node) {
        const auto value = from(leaning.at(node), leaning.unitAt(node));
        if (!value)
            return 0.0;
        return period > 0 ? wrapDifference(*value - *out.value, period) : *value - *out.value;
    };
    // A body unit is the last of the parts; a metre does not lean.
    const bool unitLeans = needsLengthUnit(def.kind) && std::hypot(scale.along.x, scale.along.y) > 0;
    const std::size_t parts = (leans == Leans::Path ? 2 : plan.segments.size()) + (unitLeans ? 1 : 0);
    std::vector<double> offPlane(parts, def.outOfPlaneDeg.value_or(context.pack.outOfPlaneDeg));
    if (leans == Leans::Segments && !def.outOfPlaneDeg)
        for (std::size_t i = 0; i < plan.builtOffDeg.size(); ++i)
            offPlane[i] = std::hypot(offPlane[i], plan.builtOffDeg[i]);
    double variance = 0;
    for (const Node& node : nodesOf(capture, offPlane)) {
        const double off = change(node);
        variance += node.weight * off * off;
    }
    const auto turned = [&](double degrees) {
        return change({1, std::abs(bearing + degrees) / kDegrees, std::vector<double>(parts, 0)});
    };
    constexpr double kStepDeg = 1;
    out.viewSlope = (turned(kStepDeg) - turned(-kStepDeg)) / (2 * kStepDeg);
    out.viewU = std::sqrt(variance);
    out.bearingDeg = capture.bearingDeg;
    out.budget.push_back(
        {capture.bearingDeg ? sources::kBearing(std::lround(bearing)) : Sentence(sources::kAssumedSquare), out.viewU});
    out.u = std::hypot(out.u, out.viewU);
    out.sharedU = std::hypot(out.sharedU, out.viewU);
}

void addViewSpread(const MeasureContext& context, const MeasureDef& def, const Span& span, Leans leans,
                   const std::function<std::optional<double>(const Span&)>& reading, MeasureValue& out) {
    std::optional<Span> leaning;
    addViewSpread(
        context, def, span.plan, span.scale, leans,
        [&](const InstantPlan& plan, double unitPixels) {
            if (!leaning)
                leaning = span;
            leaning->plan = plan;
            leaning->itself.unitPixels = unitPixels;
            return reading(*leaning);
        },
        out);
}

} // namespace riflesso
