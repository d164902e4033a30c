#pragma once
// Kinds of measure that have a value in every frame: what they need, and their formula.

#include "core/degrees.h"
#include "core/pack/pack.h"
#include "core/points/fold.h"
#include "core/sentence.h"
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
    /// Parts of the body that the value is made of, as pairs of points; the first of each stands where the pairs before
    /// it leave it.
    std::vector<std::pair<std::size_t, std::size_t>> segments;
    /// How far the body's own build takes each of them out of the plane, degrees: a shoulder lies further out than the
    /// hip under it.
    std::vector<double> builtOffDeg;
    /// How far each segment is taken to lean towards the camera or away: what its X loses, as a share of its length.
    /// Empty: none does.
    std::vector<double> lean;
    std::optional<int> axis; ///< index after the fold
    double trueWidthPx = 0;  ///< turn: the line's length square to the camera; set by who knows the set
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

/// Points moved as their segments lean.
template <class T> void lean(const InstantPlan& plan, Vec<T>* p) {
    using std::hypot;
    T shift(0);      // of the last point that moved, along X: what a chain goes on from
    Vec<T> before{}; // where it stood
    std::size_t last = plan.points.size();
    for (std::size_t i = 0; i < plan.segments.size(); ++i) {
        const auto [from, to] = plan.segments[i];
        const Vec<T> start = from == last ? before : p[from];
        const T length = hypot(p[to].x - start.x, p[to].y - start.y);
        shift = (from == last ? shift : T(0)) - T(plan.lean[i]) * length;
        before = p[to];
        last = to;
        p[to].x = p[to].x + shift;
    }
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

/// What an instant formula reads.
template <class T> struct Placed {
    const InstantPlan& plan;
    const Vec<T>* p; ///< the plan's points, after the fold
    const T& unit;   ///< pixels a unit of length
    std::vector<double>* offsets = nullptr;
    [[nodiscard]] const MeasureDef& def() const { return *plan.def; }
    [[nodiscard]] T length(std::size_t a, std::size_t b) const {
        using std::hypot;
        return hypot(p[b].x - p[a].x, p[b].y - p[a].y);
    }
    /// From one point to another along the plan's axis.
    [[nodiscard]] T along(std::size_t a, std::size_t b) const {
        return *plan.axis == 0 ? p[b].x - p[a].x : p[b].y - p[a].y;
    }
};

/// The formula of a kind measured by places, or whose rate is: one in instant_formulas.h for each. Source of the angle
/// conventions: stated in the guide; clinical flexion positive.
template <Kind kind> struct InstantFormula;

/// The measure's value from the pixel coordinates of plan.landmarks. `unit`: pixels a unit (body), or pixels a
/// metre; 1 where the kind has no length. 0 for kinds that no frame alone tells.
template <class T> T instantValue(const InstantPlan& plan, const std::vector<Vec<T>>& in, const T& unit,
                                  std::vector<double>* offsets = nullptr);

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

/// Whether the value is straight over a few standard uncertainties (px) of a mark.
[[nodiscard]] bool isStraightOver(const InstantPlan& plan, const std::vector<Vec<double>>& in, double lengthPx);

} // namespace riflesso

#include "core/measure/instant_formulas.h"
