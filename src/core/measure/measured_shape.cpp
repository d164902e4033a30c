#include "core/measure/measured_shape.h"

#include "core/measure/filtered_run.h"
#include "core/measure/instant.h"
#include "core/measure/key_events.h"
#include "core/measure/measure_path.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kPathAroundS = 0.15; ///< to each side of an event (own choice)
constexpr double kArcStepDeg = 4;
constexpr double kReferenceShare = 0.7; ///< length of a reference line, of the segment it belongs to
constexpr double kArcShare = 0.55;      ///< radius of an arc, of the shorter arm

using Folded = Vec<double>;

PixelPoint unfolded(const Fold& fold, const Folded& p) { return fold.back(p.x, p.y); }

Folded along(const Folded& from, double directionDeg, double length) {
    const double angle = directionDeg / kDegrees;
    return {from.x + length * std::cos(angle), from.y + length * std::sin(angle)};
}
double lengthOf(const Folded& a, const Folded& b) { return std::hypot(b.x - a.x, b.y - a.y); }
Folded between(const Folded& a, const Folded& b) { return {(a.x + b.x) / 2, (a.y + b.y) / 2}; }

/// Gathers a shape in folded coordinates.
class Sketch {
public:
    explicit Sketch(const Fold& fold) : fold_(fold) {}
    void line(const Folded& a, const Folded& b, bool reference = false) {
        shape_.lines.push_back({unfolded(fold_, a), unfolded(fold_, b), reference});
    }
    void label(const Folded& at) { shape_.label = unfolded(fold_, at); }
    /// From one direction to the other by the shorter way; the label stands beyond its middle.
    void arc(const Folded& at, double fromDeg, double toDeg, double radius) {
        const double sweep = detail::wrapInto(toDeg - fromDeg, -180, 360);
        const int steps = std::max(2, static_cast<int>(std::abs(sweep) / kArcStepDeg));
        ShapeCurve curve;
        for (int i = 0; i <= steps; ++i)
            curve.points.push_back(unfolded(fold_, along(at, fromDeg + sweep * i / steps, radius)));
        shape_.arcs.push_back(std::move(curve));
        shape_.arcCentre = unfolded(fold_, at);
        label(along(at, fromDeg + sweep / 2, radius * 1.25));
    }
    [[nodiscard]] MeasuredShape take() { return std::move(shape_); }

private:
    const Fold& fold_;
    MeasuredShape shape_;
};

/// Joint angles: the two segments, and what their turn is counted from.
void drawJoint(Sketch& sketch, const MeasureDef& def, View view, const std::vector<Folded>& p) {
    const double radius = kArcShare * std::min(lengthOf(p[0], p[1]), lengthOf(p[1], p[2]));
    const double back = detail::directionDeg(p[1], p[0]), ahead = detail::directionDeg(p[0], p[1]);
    // Counted from the first segment itself, or from its extension; a foot square to the shank is 0.
    const bool fromSegment = def.kind == Kind::Angle || (view == View::Side && def.joint == Joint::Shoulder);
    const bool fromSquare = !fromSegment && view == View::Side && def.joint == Joint::Ankle;
    const double zero = fromSegment ? back : fromSquare ? ahead + 90 : ahead;
    sketch.line(p[0], p[1]);
    sketch.line(p[1], p[2]);
    if (!fromSegment)
        sketch.line(p[1], along(p[1], zero, kReferenceShare * lengthOf(p[1], p[2])), true);
    sketch.arc(p[1], zero, detail::directionDeg(p[1], p[2]), radius);
}

/// A segment against the upright, the level or another line.
void drawDirection(Sketch& sketch, const std::vector<Folded>& p, double zeroDeg, bool undirected) {
    const double length = lengthOf(p[0], p[1]), own = detail::directionDeg(p[0], p[1]);
    if (undirected && std::abs(detail::wrapInto(own - zeroDeg, -180, 360)) > 90)
        zeroDeg += 180;
    sketch.line(p[0], p[1]);
    sketch.line(p[0], along(p[0], zeroDeg, length), true);
    sketch.arc(p[0], zeroDeg, own, .6 * length);
}

void drawClock(Sketch& sketch, const std::vector<Folded>& p) {
    const double radius = lengthOf(p[0], p[1]);
    sketch.line(p[0], p[1]);
    for (int hour = 0; hour < 12; ++hour) {
        const double direction = 90 - 30 * hour;
        sketch.line(along(p[0], direction, radius * (hour % 3 ? 1.04 : .96)), along(p[0], direction, radius * 1.12),
                    true);
    }
    sketch.label(along(p[0], detail::directionDeg(p[0], p[1]), radius * 1.3));
}

/// From the line through the first point, square to the axis, to the second point.
void drawOffset(Sketch& sketch, const Folded& from, const Folded& to, int axis, bool reference) {
    const Folded foot = axis == 0 ? Folded{from.x, to.y} : Folded{to.x, from.y};
    if (reference)
        sketch.line(from, foot, true);
    sketch.line(foot, to);
    sketch.label(between(foot, to));
}

void drawStack(Sketch& sketch, const InstantPlan& plan, const std::vector<Folded>& p) {
    double low = p[0].y, high = p[0].y;
    std::size_t widest = 0;
    for (std::size_t i = 0; i < plan.ownPoints; ++i) {
        low = std::min(low, p[i].y);
        high = std::max(high, p[i].y);
        if (std::abs(p[i].x - p[0].x) > std::abs(p[widest].x - p[0].x))
            widest = i;
    }
    sketch.line({p[0].x, low}, {p[0].x, high}, true);
    for (std::size_t i = 1; i < plan.ownPoints; ++i)
        drawOffset(sketch, p[0], p[i], 0, false);
    sketch.label(between({p[0].x, p[widest].y}, p[widest]));
}

/// What an instant kind shows in one frame; p: the plan's points.
bool drawInstant(Sketch& sketch, const InstantPlan& plan, const std::vector<Folded>& p) {
    const MeasureDef& def = *plan.def;
    switch (rowOf(def.kind).drawn) {
    case Drawn::Joint:
        drawJoint(sketch, def, plan.view, p);
        return true;
    case Drawn::Direction: {
        const double zero = def.against == "vertical"     ? 90
                            : def.against == "horizontal" ? 0
                                                          : detail::directionDeg(p[2], p[3]);
        if (p.size() > 3)
            sketch.line(p[2], p[3], true);
        drawDirection(sketch, p, zero, def.undirected);
        return true;
    }
    case Drawn::Lines:
        sketch.line(p[2], p[3], true);
        drawDirection(sketch, p, detail::directionDeg(p[2], p[3]), true);
        return true;
    case Drawn::Dial:
        drawClock(sketch, p);
        return true;
    case Drawn::Length:
        sketch.line(p[0], p[1]);
        sketch.label(between(p[0], p[1]));
        return true;
    case Drawn::Along:
        drawOffset(sketch, p[0], p[1], *plan.axis, true);
        return true;
    case Drawn::Lengths:
        if (plan.axis) {
            drawOffset(sketch, p[2], p[3], *plan.axis, true);
            drawOffset(sketch, p[0], p[1], *plan.axis, true);
        } else {
            sketch.line(p[2], p[3], true);
            sketch.line(p[0], p[1]);
            sketch.label(between(p[0], p[1]));
        }
        return true;
    case Drawn::PlumbLine:
        drawStack(sketch, plan, p);
        return true;
    case Drawn::Segments:
        for (std::size_t i = 0; i + 1 < p.size(); ++i)
            sketch.line(p[i], p[i + 1]);
        sketch.label(p[1]);
        return true;
    case Drawn::Nothing:
    case Drawn::Way:
    case Drawn::WayAndNext:
    case Drawn::Ways:
        break;
    }
    return false;
}

bool hasPath(Drawn drawn) { return drawn == Drawn::Way || drawn == Drawn::WayAndNext || drawn == Drawn::Ways; }

/// The span a path is drawn over, in real time.
std::optional<std::pair<double, double>> spanOf(const Pack& pack, const MeasureDef& def, const Trial& trial) {
    if (const PhaseDef* phase = pack.phase(def.over))
        return phaseTimes(*phase, trial);
    if (const TrialEvent* at = trial.event(def.at))
        return std::pair(at->timeS - kPathAroundS, at->timeS + kPathAroundS);
    return {};
}

/// Points of a measure's path; one curve for each of its points.
std::vector<ShapeCurve> pathsOf(const MeasureDef& def, const Trial& trial, const InstantPlan& plan, double fromS,
                                double toS, double cutoffHz) {
    std::vector<ShapeCurve> curves;
    TrialRuns runs(trial, cutoffHz);
    const double middle = (fromS + toS) / 2;
    // The whole run round the span's middle: what is missing at its ends must not take the path away.
    const auto made = runs.over(plan.landmarks, middle, middle);
    const SharedRun* run = std::get_if<SharedRun>(&made);
    if (!run)
        return curves;
    for (const PointTerm& term : plan.points) {
        ShapeCurve curve;
        std::vector<double> times;
        for (std::size_t i = 0; i < (*run)->run.size(); ++i) {
            const double t = (*run)->run.timesS[i];
            if (t < fromS || t > toS)
                continue;
            PixelPoint at;
            for (const auto& [index, weight] : term.parts) {
                if (weight < 0)
                    continue; // from where it is watched: drawn is its way through the picture
                at.x += weight * (*run)->coordinates(static_cast<Eigen::Index>(i), Eigen::Index(2) * index);
                at.y += weight * (*run)->coordinates(static_cast<Eigen::Index>(i), Eigen::Index(2) * index + 1);
            }
            curve.points.push_back(at);
            times.push_back(t);
        }
        const std::size_t n = curve.points.size();
        double highest = 1e-9;
        for (std::size_t i = 0; i < n && n > 1; ++i) {
            const std::size_t a = i ? i - 1 : 0, b = std::min(i + 1, n - 1);
            curve.shares.push_back(
                std::hypot(curve.points[b].x - curve.points[a].x, curve.points[b].y - curve.points[a].y) /
                (times[b] - times[a]));
            highest = std::max(highest, curve.shares.back());
        }
        for (double& share : curve.shares)
            share /= highest;
        if (n > 1)
            curves.push_back(std::move(curve));
    }
    if (rowOf(def.kind).drawn != Drawn::Ways && curves.size() > 1)
        curves.resize(1); // the others are what its length is counted in
    return curves;
}

} // namespace

std::optional<MeasuredShape> measuredShape(const Pack& pack, const MeasureDef& def, const Trial& trial, double frame,
                                           double cutoffHz) {
    const auto planned = planInstant(pack, def, trial, resolveRoles(pack, trial));
    const InstantPlan* plan = std::get_if<InstantPlan>(&planned);
    if (!plan || plan->points.empty())
        return {};
    if (hasPath(rowOf(def.kind).drawn)) {
        const auto span = spanOf(pack, def, trial);
        if (!span)
            return {};
        MeasuredShape shape;
        shape.paths = pathsOf(def, trial, *plan, span->first, span->second, cutoffHz);
        if (shape.paths.empty())
            return {};
        const ShapeCurve& first = shape.paths.front();
        if (rowOf(def.kind).drawn == Drawn::WayAndNext)
            shape.lines.push_back({first.points.front(), first.points.back(), true});
        shape.label = first.points[first.points.size() / 2];
        return shape;
    }
    std::vector<Folded> marks;
    for (const std::string& landmark : plan->landmarks) {
        const auto at = markAt(trial, landmark, frame);
        if (!at)
            return {};
        marks.push_back({at->at.x, at->at.y});
    }
    std::vector<Folded> points;
    for (const PointTerm& term : plan->points)
        points.push_back(detail::foldedPoint(*plan, term, marks));
    Sketch sketch(plan->fold);
    if (!drawInstant(sketch, *plan, points))
        return {};
    return sketch.take();
}

std::string momentOf(const Pack& pack, const MeasureDef& def) {
    if (!def.at.empty())
        return def.at;
    if (const PhaseDef* phase = pack.phase(def.over))
        return phase->from;
    if (!def.fromEvent.empty())
        return def.fromEvent;
    if (const PhaseDef* phase = pack.phase(def.phase))
        return phase->from;
    if (const MeasureDef* of = pack.measure(def.ofMeasure); of && of != &def)
        return momentOf(pack, *of);
    return {};
}

} // namespace riflesso
