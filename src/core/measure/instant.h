#pragma once
// Kinds of measure that have a value in every frame: what they need, and their formula.

#include "core/degrees.h"
#include "core/pack/pack.h"
#include "core/points/fold.h"
#include "core/result.h"
#include "core/uncertainty/dual.h"

#include <array>
#include <variant>
#include <vector>

namespace riflesso {

/// A point as a weighted sum of marked landmarks: mid_hip is half of each hip.
struct PointTerm {
    std::vector<std::pair<int, double>> parts; ///< index into InstantPlan::landmarks, weight
};

/// An instant measure resolved for one trial: which landmarks it reads, in which order.
struct InstantPlan {
    const MeasureDef* def = nullptr;
    Fold fold;
    View view = View::Side;
    std::vector<std::string> landmarks; ///< inputs, anatomical or the pack's own
    /// def's points, then otherPoints, then a reference line's two, the groups of peak_order, the pairs of overlap
    std::vector<PointTerm> points;
    std::size_t ownPoints = 0; ///< how many are def->points
    std::optional<int> axis;   ///< index after the fold
    double trueWidthPx = 0;    ///< turn: the line's length square to the camera; set by who knows the set
};

/// Refuses (with the reason) what the view lacks and what is not computed.
[[nodiscard]] std::variant<InstantPlan, Reason> planInstant(const Pack& pack, const MeasureDef& def, const Trial& trial,
                                                            const std::map<std::string, Side>& sides);

template <class T> struct Vec { T x{}, y{}; };

namespace detail {

/// Brought into (low, low + period] by whole periods.
template <class T> T wrapInto(const T& value, double low, double period) {
    const double shift = std::ceil((plain(value) - low) / period) - 1;
    return value - T(shift * period);
}

template <class T> Vec<T> foldedPoint(const InstantPlan& plan, const PointTerm& term, const std::vector<Vec<T>>& in) {
    Vec<T> p{T(0), T(0)};
    for (const auto& [index, weight] : term.parts) {
        const Vec<T>& mark = in[static_cast<std::size_t>(index)];
        p.x = p.x + plan.fold.row(0, mark.x, mark.y) * T(weight);
        p.y = p.y + plan.fold.row(1, mark.x, mark.y) * T(weight);
    }
    return p;
}

/// Turn at B of A-B-C in degrees, (-180, 180], counter-clockwise from X to Y.
template <class T> T turnDeg(const Vec<T>& a, const Vec<T>& b, const Vec<T>& c) {
    using std::atan2;
    const T px = b.x - a.x, py = b.y - a.y, qx = c.x - b.x, qy = c.y - b.y;
    return atan2(px * qy - py * qx, px * qx + py * qy) * T(kDegrees);
}

template <class T> T directionDeg(const Vec<T>& from, const Vec<T>& to) {
    using std::atan2;
    return atan2(to.y - from.y, to.x - from.x) * T(kDegrees);
}

template <class T> T flexionDeg(const T& tau, const MeasureDef& def, View view) {
    using std::abs;
    if (view != View::Side)
        return abs(tau);
    switch (*def.joint) {
    case Joint::Knee:
    case Joint::Trunk:
    case Joint::Neck:
        return wrapInto(-tau, -90, 360);
    case Joint::Shoulder:
        return wrapInto(tau + T(180), -90, 360);
    case Joint::Ankle:
        return wrapInto(tau - T(90), -90, 360);
    default:
        return def.flip ? wrapInto(-tau, -90, 360) : wrapInto(tau, -90, 360);
    }
}

} // namespace detail

/// The measure's value from the pixel coordinates of plan.landmarks. `unit`: pixels a unit (body), or pixels a
/// metre; 1 where the kind has no length. For `speed` the point's path is differentiated elsewhere: not here.
/// Source of the angle conventions: stated in the guide; clinical flexion positive.
template <class T> T instantValue(const InstantPlan& plan, const std::vector<Vec<T>>& in, const T& unit,
                                  std::vector<double>* offsets = nullptr) {
    using namespace detail;
    using std::abs;
    using std::atan2;
    using std::hypot;
    using std::sqrt;
    const MeasureDef& def = *plan.def;
    // All kinds but stack have few points: no memory is asked for.
    constexpr std::size_t kFew = 6;
    std::array<Vec<T>, kFew> few;
    std::vector<Vec<T>> many(plan.points.size() > kFew ? plan.points.size() : 0);
    Vec<T>* p = many.empty() ? few.data() : many.data();
    for (std::size_t i = 0; i < plan.points.size(); ++i)
        p[i] = foldedPoint(plan, plan.points[i], in);
    switch (def.kind) {
    case Kind::Angle:
        return T(180) - abs(turnDeg(p[0], p[1], p[2]));
    case Kind::Flexion:
        return flexionDeg(turnDeg(p[0], p[1], p[2]), def, plan.view);
    case Kind::SegmentAngle: {
        T angle = directionDeg(p[0], p[1]);
        if (def.against == "vertical")
            angle = T(90) - angle;
        else if (def.against != "horizontal")
            angle = angle - directionDeg(p[2], p[3]);
        return def.undirected ? wrapInto(angle, -90, 180) : wrapInto(angle, -180, 360);
    }
    case Kind::LineAngle: {
        const T angle = wrapInto(directionDeg(p[0], p[1]) - directionDeg(p[2], p[3]), -90, 180);
        return def.isSigned ? angle : abs(angle);
    }
    case Kind::Clock:
        return wrapInto((T(90) - directionDeg(p[0], p[1])) / T(30), 0, 12);
    case Kind::Distance:
        return hypot(p[1].x - p[0].x, p[1].y - p[0].y) / unit;
    case Kind::Offset:
        return (*plan.axis == 0 ? p[1].x - p[0].x : p[1].y - p[0].y) / unit;
    case Kind::Ratio: {
        const auto length = [&](const Vec<T>& a, const Vec<T>& b) {
            if (plan.axis)
                return abs(*plan.axis == 0 ? b.x - a.x : b.y - a.y);
            return hypot(b.x - a.x, b.y - a.y);
        };
        return length(p[0], p[1]) / length(p[2], p[3]);
    }
    case Kind::Stack: {
        T largest(0);
        for (std::size_t i = 0; i < plan.ownPoints; ++i) {
            const T offset = (*plan.axis == 0 ? p[i].x - p[0].x : p[i].y - p[0].y) / unit;
            if (offsets)
                offsets->push_back(plain(offset));
            if (std::abs(plain(offset)) >= plain(largest))
                largest = abs(offset);
        }
        return largest;
    }
    case Kind::Turn: {
        // arccos(apparent width / true width); positive when the right side is nearer, where the pack says so.
        const T share = hypot(p[1].x - p[0].x, p[1].y - p[0].y) / T(plan.trueWidthPx);
        if (plain(share) >= 1)
            return T(0);
        const T angle = atan2(sqrt(T(1) - share * share), share) * T(kDegrees);
        return def.near == Side::Left ? -angle : angle;
    }
    case Kind::AngularSpeed: // the angle whose rate is wanted
        return plan.points.size() > 2 ? turnDeg(p[0], p[1], p[2]) : directionDeg(p[0], p[1]);
    default:
        return T(0);
    }
}

/// The value with its slopes by the coordinates: x and y of each landmark (unit per pixel), then the length unit.
struct ValueAndSlopes {
    double value = 0, unitSlope = 0;
    std::array<double, static_cast<std::size_t>(2 * kMaxInputs)> slopes{};
    std::vector<double> offsets; ///< stack
};
/// in: at most kMaxInputs points.
[[nodiscard]] ValueAndSlopes valueAndSlopes(const InstantPlan& plan, const std::vector<Vec<double>>& in, double unit);

/// Lengths (px) whose shortness spoils the value: the segments of an angle, the denominator of a ratio.
[[nodiscard]] std::vector<double> criticalLengths(const InstantPlan& plan, const std::vector<Vec<double>>& in);

/// Whether `kind` can be taken in every frame.
[[nodiscard]] bool isInstantKind(Kind kind);
/// Whether a value of this kind is a length and needs a unit.
[[nodiscard]] bool needsLengthUnit(const MeasureDef& def);

} // namespace riflesso
