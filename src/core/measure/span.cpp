#include "core/measure/span.h"

#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

const TrialEvent* findEvent(const MeasureContext& context, const std::string& id, const TrialEvent* event,
                            Reason& reason) {
    if (!event && reason.empty()) {
        const EventDef* named = context.pack.event(id);
        reason = reasons::kEventNotSet(named ? named->title : id);
    }
    return event;
}

} // namespace

std::pair<std::size_t, std::size_t> SpanCopy::inside() const {
    constexpr double kSlack = 1e-9;
    const auto first = std::lower_bound(timesS.begin(), timesS.end(), fromS - kSlack);
    const auto last = std::upper_bound(timesS.begin(), timesS.end(), toS + kSlack);
    return {static_cast<std::size_t>(first - timesS.begin()), static_cast<std::size_t>(last - timesS.begin())};
}

std::variant<Span, Reason> Span::of(const MeasureContext& context, const MeasureDef& def) {
    Span span;
    span.phase = context.pack.phase(def.over);
    Reason reason;
    const TrialEvent* from = findEvent(context, span.phase->from, context.events.find(span.phase->from), reason);
    const TrialEvent* to =
        span.phase->window ? from
                           : findEvent(context, span.phase->to,
                                       context.events.findEnd(context.pack, span.phase->from, span.phase->to), reason);
    if (!from || !to)
        return reason;
    span.from = *from;
    span.to = *to;
    if (span.phase->window) {
        const auto [fromS, toS] = windowRound(*span.phase, from->timeS);
        span.from.timeS = fromS;
        span.to.timeS = toS;
        span.from.frame = context.trial.times.frameOf(fromS);
        span.to.frame = context.trial.times.frameOf(toS);
    }
    if (span.to.timeS <= span.from.timeS)
        return reasons::kPhaseReversed(span.phase->title);
    auto planned = planInstant(context.pack, def, context.trial, context.sides);
    auto scaled = scaleOf(context, def);
    if (const Reason* refused = std::get_if<Reason>(&planned))
        return *refused;
    if (const Reason* refused = std::get_if<Reason>(&scaled))
        return *refused;
    span.plan = std::get<InstantPlan>(std::move(planned));
    span.plan.trueWidthPx = context.trueWidth(def);
    span.scale = std::get<LengthScale>(std::move(scaled));
    auto ran = context.runs.over(span.plan.landmarks, span.from.timeS, span.to.timeS);
    if (const Reason* refused = std::get_if<Reason>(&ran))
        return *refused;
    span.whole = std::get<SharedRun>(std::move(ran));

    // The phase, as far as the event times may move, and a little more for differences.
    constexpr double kReach = 6;
    constexpr std::size_t kMore = 3;
    const std::vector<double>& times = span.run().timesS;
    const auto first = static_cast<std::size_t>(
        std::lower_bound(times.begin(), times.end(), span.from.timeS - kReach * span.from.uS) - times.begin());
    const auto last = static_cast<std::size_t>(
        std::upper_bound(times.begin(), times.end(), span.to.timeS + kReach * span.to.uS) - times.begin());
    span.offset = first < kMore ? 0 : first - kMore;
    const std::size_t end = std::min(times.size(), last + kMore);
    span.itself.timesS.assign(times.begin() + static_cast<std::ptrdiff_t>(span.offset),
                              times.begin() + static_cast<std::ptrdiff_t>(end));
    span.itself.coordinates = span.whole->coordinates.middleRows(static_cast<Eigen::Index>(span.offset),
                                                                 static_cast<Eigen::Index>(end - span.offset));
    span.itself.unitPixels = span.scale.pixels;
    span.itself.fromS = span.from.timeS;
    span.itself.toS = span.to.timeS;
    return span;
}

const Eigen::RowVectorXd& Span::toDraws() const { return phase->window ? drawTable().from : drawTable().to; }

const std::vector<int>& Span::byToDraws() const { return phase->window ? drawTable().byFrom : drawTable().byTo; }

bool Span::besideGap(std::size_t sample) const {
    const std::size_t at = sample + offset;
    for (std::size_t i = at == 0 ? 0 : at - 1; i < std::min(at + 2, run().bridged.size()); ++i)
        if (run().bridged[i])
            return true;
    return false;
}

bool Span::nearRunEnd(std::size_t sample) const {
    const auto felt = static_cast<std::size_t>(std::ceil(0.3 * run().rateHz / whole->cutoffHz));
    const std::size_t at = sample + offset;
    return at < felt || at + felt >= run().size();
}

void Span::describe(MeasureValue& out, double atS) const {
    if (!scale.note.empty())
        out.notes.push_back(scale.note);
    out.landmarks = plan.landmarks;
    out.events = {phase->from, phase->to};
    const double share = (atS - from.timeS) / (to.timeS - from.timeS);
    out.frames = {static_cast<int>(std::lround(from.frame + share * (to.frame - from.frame)))};
}

std::pair<double, double> drawnPhase(const Span& span, int draw) {
    const DrawTable& table = drawTable();
    return {std::max(span.itself.timesS.front(), span.from.timeS + span.from.uS * table.from[draw]),
            std::min(span.itself.timesS.back(), span.to.timeS + span.to.uS * span.toDraws()[draw])};
}

double stillRate(const Span& span) { return std::sqrt(0.5) * span.whole->bank().step * span.run().rateHz / 2; }

double stillLevel(const Span& span) { return std::sqrt(0.5) * span.whole->bank().level; }

NoisyCopies::NoisyCopies(const Span& span, bool onlyFirst)
    : span_(span), bank_(span.whole->bank().columns), copy_(span.itself) {
    if (!onlyFirst)
        return;
    firstTrue_ = pathOf(span.plan, 0, span.itself.coordinates);
    firstSigma_ = ownNoiseOfFirstPath(span);
    copy_.firstPath = firstTrue_;
}

bool NoisyCopies::next() {
    if (++draw_ >= kDraws)
        return false;
    const DrawTable& table = drawTable();
    const double half = std::sqrt(0.5);
    const auto rows = span_.itself.coordinates.rows();
    const auto offset = static_cast<Eigen::Index>(span_.offset);
    for (Eigen::Index c = 0; c < copy_.firstPath.cols() && firstSigma_.size() > 0; ++c)
        copy_.firstPath.col(c).array() =
            firstTrue_.col(c).array() +
            (c == 0 ? span_.plan.fold.stretch() : 1) * firstSigma_ *
                (bank_.col(bankColumn(draw_, c)).segment(offset, rows).array() + table.common(c, draw_));
    for (Eigen::Index c = 0; c < copy_.coordinates.cols() && firstSigma_.size() == 0; ++c)
        copy_.coordinates.col(c).array() =
            span_.itself.coordinates.col(c).array() +
            half * span_.run().sigma.col(c / 2).segment(offset, rows).array() *
                (bank_.col(bankColumn(draw_, c)).segment(offset, rows).array() + table.common(c, draw_));
    copy_.unitPixels = span_.scale.pixels * (1 + span_.scale.relativeU * table.unit[draw_]);
    std::tie(copy_.fromS, copy_.toS) = drawnPhase(span_, draw_);
    return true;
}

double drawnUncertainty(const std::vector<double>& values, double value, OneSided oneSided) {
    const double spread = standardDeviation(values), off = std::abs(mean(values) - value);
    constexpr double kMore = 1.5, kLeast = 0.5;
    double first = oneSided == OneSided::Square ? off : kMore * off;
    // One that happens to stand out gains little from more noise, although it is off by most.
    if (oneSided == OneSided::PeakOfLength)
        first = std::max(first, kLeast * spread);
    return std::hypot(spread, first);
}

double coveringU(double spread, double offset) {
    offset = std::abs(offset);
    if (offset <= 0 || spread <= 0)
        return std::hypot(spread, offset / 2);
    // Half width that holds as much of a normal error round `offset` as two spreads hold of one round 0.
    const double held = normalCdf(2) - normalCdf(-2), d = offset / spread;
    double low = 2, high = 2 + d;
    constexpr int kHalvings = 40;
    for (int i = 0; i < kHalvings; ++i) {
        const double middle = (low + high) / 2;
        (normalCdf(middle - d) - normalCdf(-middle - d) < held ? low : high) = middle;
    }
    return spread * high / 2;
}

Eigen::MatrixX2d pathOf(const InstantPlan& plan, std::size_t point, const Eigen::MatrixXd& coordinates) {
    Eigen::MatrixX2d path = Eigen::MatrixX2d::Zero(coordinates.rows(), 2);
    for (const auto& [landmark, weight] : plan.points[point].parts)
        for (int axis = 0; axis < 2; ++axis)
            path.col(axis) += weight * (plan.fold.m[axis][0] * coordinates.col(Eigen::Index{2} * landmark) +
                                        plan.fold.m[axis][1] * coordinates.col(Eigen::Index{2} * landmark + 1));
    return path;
}

Eigen::ArrayXd ownNoiseOfFirstPath(const Span& span) {
    const Eigen::Index rows = std::ssize(span.itself.timesS);
    Eigen::ArrayXd variance = Eigen::ArrayXd::Zero(rows);
    for (const auto& [landmark, weight] : span.plan.points[0].parts)
        variance += (weight * span.run().sigma.col(landmark))
                        .segment(static_cast<Eigen::Index>(span.offset), rows)
                        .array()
                        .square();
    return (variance / 2).sqrt();
}

Eigen::MatrixX2d movingPathOf(const InstantPlan& plan, std::size_t point, const Eigen::MatrixXd& coordinates) {
    Eigen::MatrixX2d path = pathOf(plan, point, coordinates);
    if (plan.def->kind == Kind::Speed && plan.axis)
        path.col(1 - *plan.axis).setZero();
    return path;
}

std::vector<double> speedsOf(const std::vector<double>& timesS, const Eigen::MatrixX2d& path) {
    const std::vector<double> x(path.col(0).begin(), path.col(0).end()), y(path.col(1).begin(), path.col(1).end());
    std::vector<double> vx = velocities(timesS, x);
    const std::vector<double> vy = velocities(timesS, y);
    for (std::size_t i = 0; i < vx.size(); ++i)
        vx[i] = std::sqrt(vx[i] * vx[i] + vy[i] * vy[i]); // hypot is several times slower
    return vx;
}

} // namespace riflesso
