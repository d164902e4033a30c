#include "core/measure/measure_velocity.h"

#include "core/measure/measure_span.h"
#include "core/measure/view_spread.h"
#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/signal/trajectory.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <memory>
#include <numbers>
#include <optional>
#include <utility>

namespace riflesso {
namespace {

/// Marks round an event, filtered, and the samples between which a rate is taken there.
struct EventRun {
    SharedRun whole;
    std::shared_ptr<const Eigen::MatrixXd> filter;
    Eigen::Index nearest = 0, before = 0, after = 0;
    double spanS = 0; ///< from before to after

    [[nodiscard]] const std::vector<double>& times() const { return whole->run.timesS; }
    static std::variant<EventRun, Reason> of(const MeasureContext& context, const std::vector<std::string>& landmarks,
                                             double timeS) {
        auto ran = context.runs.over(landmarks, timeS, timeS);
        if (const Reason* reason = std::get_if<Reason>(&ran))
            return *reason;
        EventRun out;
        out.whole = std::get<SharedRun>(std::move(ran));
        const std::vector<double>& times = out.times();
        out.filter = filterMatrix(static_cast<int>(times.size()), context.cutoffHz, out.whole->run.rateHz);
        const auto closer = [&](double a, double b) { return std::abs(a - timeS) < std::abs(b - timeS); };
        out.nearest = std::min_element(times.begin(), times.end(), closer) - times.begin();
        out.before = std::max<Eigen::Index>(0, out.nearest - 1);
        out.after = std::min<Eigen::Index>(std::ssize(times) - 1, out.nearest + 1);
        out.spanS = times[static_cast<std::size_t>(out.after)] - times[static_cast<std::size_t>(out.before)];
        return out;
    }
    /// Weights of the raw coordinates of a landmark in its velocity (px/s) at the nearest sample.
    [[nodiscard]] Eigen::RowVectorXd velocityWeights() const {
        return (filter->row(after) - filter->row(before)) / spanS;
    }
    /// Standard uncertainty (px/s) of a landmark's velocity along one axis: what its marks share cancels.
    [[nodiscard]] double velocityU(Eigen::Index landmark) const {
        return std::sqrt(
            (velocityWeights().transpose().array() * whole->run.sigma.col(landmark).array()).square().sum() / 2);
    }
    /// Change a second of a rate at the event: a line through five samples, steadier than two.
    [[nodiscard]] double changeOf(const std::vector<double>& rates) const {
        double stt = 0, sty = 0, mt = 0, my = 0, n = 0;
        constexpr Eigen::Index kReach = 2;
        const Eigen::Index first = std::max<Eigen::Index>(0, nearest - kReach),
                           last = std::min<Eigen::Index>(std::ssize(rates) - 1, nearest + kReach);
        for (auto i = static_cast<std::size_t>(first); i <= static_cast<std::size_t>(last); ++i) {
            mt += times()[i];
            my += rates[i];
            n += 1;
        }
        for (auto i = static_cast<std::size_t>(first); i <= static_cast<std::size_t>(last); ++i) {
            stt += (times()[i] - mt / n) * (times()[i] - mt / n);
            sty += (times()[i] - mt / n) * (rates[i] - my / n);
        }
        return stt > 0 ? sty / stt : 0;
    }
};

/// The run round the event, and in `out` what it is of; none, with the reason there, where it is not marked.
std::optional<EventRun> runAt(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                              const TrialEvent& event, MeasureValue& out) {
    out.landmarks = plan.landmarks;
    out.events = {def.at};
    auto made = EventRun::of(context, plan.landmarks, event.timeS);
    if (const Reason* reason = std::get_if<Reason>(&made)) {
        out.reason = *reason;
        return {};
    }
    return std::get<EventRun>(std::move(made));
}

} // namespace

MeasureValue speedAtEvent(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                          const LengthScale& scale, const TrialEvent& event) {
    MeasureValue out;
    const auto made = runAt(context, def, plan, event, out);
    if (!made)
        return out;
    const EventRun& at = *made;
    const MarkRun& run = at.whole->run;
    const std::vector<double> speeds = valuesAlong(plan, run.timesS, at.whole->coordinates, scale.pixels);
    out.value = valueAt(run.timesS, speeds, event.timeS);
    // Along X a camera off square stretches the marks' doubt: as far as the way goes there.
    const Eigen::MatrixX2d path = movingPathOf(plan, 0, at.whole->coordinates);
    const Eigen::RowVector2d way = path.row(at.after) - path.row(at.before);
    const double ahead = way.norm() > 0 ? way[0] / way.norm() : 1,
                 stretched = std::hypot(ahead * plan.fold.stretch(), std::sqrt(1 - ahead * ahead));
    double variance = 0;
    for (const auto& [index, share] : plan.points[0].parts) {
        const double u = at.velocityU(index) / scale.pixels * std::abs(share) * stretched;
        out.budget.push_back({sources::kLandmark(landmarkNamed(plan.landmarks[static_cast<std::size_t>(index)])), u});
        variance += u * u;
    }
    const double unitU = *out.value * scale.relativeU;
    out.budget.push_back({sources::kUnit, unitU});
    if (scale.shared)
        out.sharedU = unitU;
    // Along an axis the speed has a corner where the movement turns; its velocity changes evenly there.
    std::vector<double> rates = speeds;
    if (plan.axis) {
        const Eigen::VectorXd along = pathOf(plan, 0, at.whole->coordinates).col(*plan.axis) / scale.pixels;
        rates = velocities(run.timesS, {along.begin(), along.end()});
    }
    const double timeU = std::abs(at.changeOf(rates)) * event.uS;
    out.budget.push_back({eventWords(context.pack, def.at), timeU});
    out.u = std::sqrt(variance + unitU * unitU + timeU * timeU);
    addViewSpread(
        context, def, plan, scale, Leans::Path,
        [&](const InstantPlan& leaning, double unitPixels) {
            return valueAt(run.timesS, valuesAlong(leaning, run.timesS, at.whole->coordinates, unitPixels),
                           event.timeS);
        },
        out);
    out.frames = {static_cast<int>(std::lround(event.frame))};
    return out;
}

namespace {

/// Direction (degrees) in which the plan's first point goes at every sample, unwrapped along time; where the plan has a
/// line, against it.
std::vector<double> headingsAlong(const InstantPlan& plan, const std::vector<double>& timesS,
                                  const Eigen::MatrixXd& coordinates) {
    const Eigen::MatrixX2d path = pathOf(plan, 0, coordinates);
    const std::vector<double> vx = velocities(timesS, {path.col(0).begin(), path.col(0).end()}),
                              vy = velocities(timesS, {path.col(1).begin(), path.col(1).end()});
    constexpr std::size_t kWithLine = 3; // the point, and the two of the line
    const bool line = plan.points.size() == kWithLine;
    const Eigen::MatrixX2d along =
        line ? Eigen::MatrixX2d(pathOf(plan, 2, coordinates) - pathOf(plan, 1, coordinates)) : Eigen::MatrixX2d();
    std::vector<double> out(timesS.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        out[i] = std::atan2(vy[i], vx[i]) * kDegrees;
        const auto row = static_cast<Eigen::Index>(i);
        if (line)
            out[i] -= std::atan2(along(row, 1), along(row, 0)) * kDegrees;
        else if (plan.def->against == "vertical")
            out[i] = 90 - out[i];
    }
    return unwrapAlong(std::move(out), plan.def->period());
}

/// Uncertainty (degrees, squared) of the direction of the plan's line, its points as they are marked in one sample.
double lineVariance(const InstantPlan& plan, const FilteredRun& whole, Eigen::Index sample,
                    std::vector<BudgetPart>& budget) {
    double variance = 0;
    // Half of a mark's variance is its frame's own, and that is filtered.
    const double kept = std::sqrt((1 + whole.bank().level * whole.bank().level) / 2);
    for (std::size_t end = 1; end < plan.points.size(); ++end) {
        const double length =
            (pathOf(plan, 2, whole.coordinates) - pathOf(plan, 1, whole.coordinates)).row(sample).norm();
        for (const auto& [landmark, share] : plan.points[end].parts) {
            const double u = whole.run.sigma(sample, landmark) * kept * share * plan.fold.stretch() / length * kDegrees;
            budget.push_back(
                {sources::kLandmark(landmarkNamed(plan.landmarks[static_cast<std::size_t>(landmark)])), u});
            variance += u * u;
        }
    }
    return variance;
}

/// A point slower than this many standard uncertainties of its velocity has no direction.
constexpr double kAvailableFrom = 5;

/// Uncertainty (px/s) of the point's velocity across its way, from that of each landmark along one axis.
template <class VelocityU> double acrossU(const InstantPlan& plan, const Eigen::RowVector2d& velocity,
                                          const VelocityU& velocityU, std::vector<BudgetPart>& budget) {
    const double speed = velocity.norm();
    // Along X a camera off square stretches the marks' doubt: across the way as far as that lies along X.
    const double across = speed > 0 ? std::hypot(velocity[1] / speed * plan.fold.stretch(), velocity[0] / speed) : 1;
    double variance = 0;
    for (const auto& [landmark, share] : plan.points[0].parts) {
        const double u = velocityU(landmark) * std::abs(share) * across;
        variance += u * u;
        budget.push_back({sources::kLandmark(landmarkNamed(plan.landmarks[static_cast<std::size_t>(landmark)])),
                          u / speed * kDegrees});
    }
    return std::sqrt(variance);
}

} // namespace

MeasureValue headingAtEvent(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                            const TrialEvent& event) {
    MeasureValue out;
    const auto made = runAt(context, def, plan, event, out);
    if (!made)
        return out;
    const EventRun& at = *made;
    const MarkRun& run = at.whole->run;
    const Eigen::MatrixX2d path = pathOf(plan, 0, at.whole->coordinates);
    const Eigen::RowVector2d velocity = (path.row(at.after) - path.row(at.before)) / at.spanS;
    const double speed = velocity.norm(),
                 ofMarks = acrossU(
                     plan, velocity, [&](int landmark) { return at.velocityU(landmark); }, out.budget);
    if (speed <= kAvailableFrom * ofMarks) {
        out.budget.clear();
        out.reason = reasons::kHardlyMoves;
        return out;
    }
    const auto headings = [&](const InstantPlan& from) {
        return headingsAlong(from, run.timesS, at.whole->coordinates);
    };
    const auto wrapped = [&](const std::vector<double>& along) {
        return detail::wrapInto(valueAt(run.timesS, along, event.timeS), -180, 360);
    };
    const std::vector<double> along = headings(plan);
    out.value = wrapped(along);
    const double ofMarksDeg = ofMarks / speed * kDegrees,
                 variance = ofMarksDeg * ofMarksDeg + lineVariance(plan, *at.whole, at.nearest, out.budget);
    const double timeU = std::abs(at.changeOf(along)) * event.uS;
    out.budget.push_back({eventWords(context.pack, def.at), timeU});
    out.u = std::sqrt(variance + timeU * timeU);
    addViewSpread(
        context, def, plan, {}, Leans::Path,
        [&](const InstantPlan& leaning, double) { return wrapped(headings(leaning)); }, out);
    out.frames = {static_cast<int>(std::lround(event.frame))};
    return out;
}

namespace {

/// Velocity (px/s) of a straight line through the plan's first point, as marked, between two samples, end not counted.
struct StraightWay {
    Eigen::RowVector2d velocity = Eigen::RowVector2d::Zero();
    double spreadS = 0;   ///< root of the sum of the squared times from their mean
    Eigen::Index set = 0; ///< frames that are marked; what bridges a gap tells nothing
};
StraightWay straightWay(const InstantPlan& plan, const MarkRun& run, Eigen::Index first, Eigen::Index last) {
    std::vector<Eigen::Index> rows;
    for (Eigen::Index i = first; i < last; ++i)
        if (!run.bridged[static_cast<std::size_t>(i)])
            rows.push_back(i);
    StraightWay out;
    out.set = std::ssize(rows);
    if (out.set < 2)
        return out;
    const Eigen::Map<const Eigen::VectorXd> all(run.timesS.data(), std::ssize(run.timesS));
    const Eigen::VectorXd own = all(rows), times = own.array() - own.mean();
    const Eigen::MatrixX2d path = pathOf(plan, 0, run.raw)(rows, Eigen::all);
    out.spreadS = times.norm();
    out.velocity = times.transpose() * (path.rowwise() - path.colwise().mean()) / times.squaredNorm();
    return out;
}

} // namespace

MeasureValue headingOver(const MeasureContext& context, const MeasureDef& def) {
    MeasureValue out;
    const auto made = Span::of(context, def);
    if (const Reason* reason = std::get_if<Reason>(&made)) {
        out.reason = *reason;
        return out;
    }
    const Span& span = std::get<Span>(made);
    const MarkRun& run = span.run();
    const auto [inFirst, inLast] = span.itself.inside();
    const auto first = static_cast<Eigen::Index>(inFirst + span.offset),
               last = static_cast<Eigen::Index>(inLast + span.offset), middle = (first + last) / 2;
    const StraightWay way = straightWay(span.plan, run, first, last);
    constexpr Eigen::Index kFewest = 3;
    if (way.set < kFewest) {
        out.reason = reasons::kFewFrames(span.phase->title);
        return out;
    }
    const auto direction = [&](const InstantPlan& plan, Eigen::Index from, Eigen::Index to) {
        const Eigen::RowVector2d velocity = straightWay(plan, run, from, to).velocity;
        double angle = std::atan2(velocity[1], velocity[0]) * kDegrees;
        constexpr std::size_t kWithLine = 3; // the point, and the two of the line
        if (plan.points.size() == kWithLine) {
            const Eigen::RowVector2d line =
                (pathOf(plan, 2, span.whole->coordinates) - pathOf(plan, 1, span.whole->coordinates)).row(middle);
            angle -= std::atan2(line[1], line[0]) * kDegrees;
        } else if (def.against == "vertical") {
            angle = 90 - angle;
        }
        return detail::wrapInto(angle, -180, 360);
    };
    // Half of a mark's variance is drawn for each frame; what all frames share does not turn the way.
    const double ofMarks = acrossU(
        span.plan, way.velocity,
        [&](int landmark) {
            return run.sigma.col(landmark).segment(first, last - first).mean() / std::numbers::sqrt2 / way.spreadS;
        },
        out.budget);
    const double speed = way.velocity.norm();
    if (speed <= kAvailableFrom * ofMarks) {
        out.budget.clear();
        out.reason = reasons::kHardlyMoves;
        return out;
    }
    out.value = direction(span.plan, first, last);
    const double ofMarksDeg = ofMarks / speed * kDegrees,
                 lineDeg2 = lineVariance(span.plan, *span.whole, middle, out.budget);
    // How the way turns when the phase moves by a frame.
    const Eigen::Index earlier = first > 0 ? 1 : 0, later = last < std::ssize(run.timesS) ? 1 : 0;
    const double turn = wrapDifference(direction(span.plan, first + later, last + later) -
                                           direction(span.plan, first - earlier, last - earlier),
                                       def.period());
    const double turnS = earlier + later > 0 ? std::abs(turn) * run.rateHz / static_cast<double>(earlier + later) : 0;
    // A window moves as a whole; of a phase each end moves the way by half.
    const double eventU = span.phase->window ? span.from.uS : std::hypot(span.from.uS, span.to.uS) / 2;
    const double timeU = turnS * eventU;
    out.budget.push_back({sources::kStartTime(span.phase->title), timeU});
    out.u = std::sqrt(ofMarksDeg * ofMarksDeg + lineDeg2 + timeU * timeU);
    addViewSpread(
        context, def, span, Leans::Path,
        [&](const Span& leaning) { return std::optional(direction(leaning.plan, first, last)); }, out);
    span.describe(out, (span.from.timeS + span.to.timeS) / 2);
    return out;
}

MeasureValue angularSpeedAtEvent(const MeasureContext& context, const MeasureDef& def) {
    MeasureValue out;
    out.events = {def.at};
    const TrialEvent* event = context.events.find(def.at);
    if (!event) {
        out.reason = reasons::kEventNotSet(context.eventTitle(def.at));
        return out;
    }
    const auto planned = planInstant(context.pack, def, context.trial, context.sides);
    if (const Reason* reason = std::get_if<Reason>(&planned)) {
        out.reason = *reason;
        return out;
    }
    const InstantPlan& plan = std::get<InstantPlan>(planned);
    out.landmarks = plan.landmarks;
    const auto made = EventRun::of(context, plan.landmarks, event->timeS);
    if (const Reason* reason = std::get_if<Reason>(&made)) {
        out.reason = *reason;
        return out;
    }
    const EventRun& at = std::get<EventRun>(made);
    const std::vector<double> angles = valuesAlong(plan, at.times(), at.whole->coordinates, 1);
    const std::vector<double> rates = velocities(at.times(), angles);
    out.value = valueAt(at.times(), rates, event->timeS);
    // The rate is (angle after - angle before) / time: the derivative of each angle by its coordinates, and of these by
    // the raw marks. What all frames share moves both angles, and nearly cancels.
    const auto slopes = [&](Eigen::Index row) {
        std::vector<Vec<double>> in;
        for (Eigen::Index c = 0; c < static_cast<Eigen::Index>(plan.landmarks.size()); ++c)
            in.push_back({at.whole->coordinates(row, 2 * c), at.whole->coordinates(row, 2 * c + 1)});
        return valueAndSlopes(plan, in, 1).slopes;
    };
    const auto after = slopes(at.after), before = slopes(at.before);
    double variance = 0;
    for (std::size_t landmark = 0; landmark < plan.landmarks.size(); ++landmark) {
        const auto sigma = at.whole->run.sigma.col(static_cast<Eigen::Index>(landmark)).transpose().array();
        double own = 0;
        for (std::size_t i : {2 * landmark, 2 * landmark + 1}) {
            const Eigen::RowVectorXd weights =
                (after[i] * at.filter->row(at.after) - before[i] * at.filter->row(at.before)) / at.spanS;
            const double common = (after[i] - before[i]) / at.spanS * sigma.mean();
            own += ((weights.array() * sigma).square().sum() + common * common) / 2;
        }
        out.budget.push_back({sources::kLandmark(landmarkNamed(plan.landmarks[landmark])), std::sqrt(own)});
        variance += own;
    }
    const double timeU = std::abs(at.changeOf(rates)) * event->uS;
    out.budget.push_back({eventWords(context.pack, def.at), timeU});
    out.u = std::sqrt(variance + timeU * timeU);
    addViewSpread(
        context, def, plan, {}, Leans::Segments,
        [&](const InstantPlan& leaning, double unitPixels) {
            return valueAt(at.times(),
                           velocities(at.times(), valuesAlong(leaning, at.times(), at.whole->coordinates, unitPixels)),
                           event->timeS);
        },
        out);
    out.frames = {static_cast<int>(std::lround(event->frame))};
    return out;
}

} // namespace riflesso
