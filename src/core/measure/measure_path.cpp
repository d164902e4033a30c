#include "core/measure/measure_path.h"

#include "core/measure/measure_span.h"
#include "core/measure/view_spread.h"
#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/signal/trajectory.h"
#include "core/uncertainty/path_draws.h"
#include "core/uncertainty/series_draws.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <mutex>
#include <tuple>

namespace riflesso {
namespace {

/// What one copy of the phase gives: the value, and what stands beside it.
struct Reading {
    double value = 0;
    std::optional<std::size_t> sample; ///< where, for kinds that have a place
};
using MaybeReading = std::optional<Reading>;

/// Path of the plan's first point inside the phase. Precondition: the copy has it.
auto insidePath(const SpanCopy& copy) {
    const auto [first, last] = copy.inside();
    return copy.firstPath.middleRows(static_cast<Eigen::Index>(first), static_cast<Eigen::Index>(last - first));
}

std::vector<double> insideTimes(const SpanCopy& copy) {
    const auto [first, last] = copy.inside();
    return {copy.timesS.begin() + static_cast<std::ptrdiff_t>(first),
            copy.timesS.begin() + static_cast<std::ptrdiff_t>(last)};
}

/// Standard uncertainty (px) of a mark of the point along the worse axis: its landmarks' own, weighted.
double sigmaOf(const Span& span, std::size_t point) {
    double variance = 0;
    for (const auto& [landmark, weight] : span.plan.points[point].parts) {
        const double u = weight * span.run().sigma.col(landmark).mean();
        variance += u * u;
    }
    return std::sqrt(variance) * span.plan.fold.stretch();
}

/// RMS speed (px/s) that a still point shows through the filter.
double stillSpeed(const Span& span) { return std::sqrt(2.0) * stillRate(span) * sigmaOf(span, 0); }

/// How far beyond the last point kept the next must lie, in standard uncertainties of a mark.
constexpr double kKeepBeyond = 3;

MaybeReading pathReading(const Span& span, const MeasureDef& def, const SpanCopy& copy) {
    const Walk walk = walkOf(copy.timesS, copy.firstPath, copy.fromS, copy.toS, kKeepBeyond * sigmaOf(span, 0));
    if (def.kind == Kind::PathLength)
        return Reading{walk.length / copy.unitPixels, {}};
    return Reading{walk.net / walk.length, {}};
}

MaybeReading overlapReading(const Span& span, const MeasureDef& def, const std::vector<double>& units,
                            const SpanCopy& copy) {
    TimeSpans held[2];
    for (std::size_t c = 0; c < 2; ++c) {
        const OverlapCondition& condition = def.overlap[c];
        const Eigen::Index axis = *axisIndex(span.plan.view, condition.axis);
        const Eigen::VectorXd along =
            (pathOf(span.plan, 2 * c + 1, copy.coordinates) - pathOf(span.plan, 2 * c, copy.coordinates)).col(axis) /
            units[c];
        held[c] = spansAbove(copy.timesS, {along.begin(), along.end()}, condition.above, copy.fromS, copy.toS);
    }
    return Reading{commonTime(held[0], held[1]), {}};
}

/// Time and sample of the largest value inside the phase; none at its edge.
std::optional<Extremum> peakInside(const SpanCopy& copy, const std::vector<double>& values) {
    const auto [first, last] = copy.inside();
    constexpr std::size_t kFewest = 3;
    if (last < first + kFewest)
        return {};
    const std::vector<double> inside(values.begin() + static_cast<std::ptrdiff_t>(first),
                                     values.begin() + static_cast<std::ptrdiff_t>(last));
    Extremum peak = findMaximum(insideTimes(copy), inside);
    peak.sample += first;
    return peak.atEdge ? std::nullopt : std::optional(peak);
}

MaybeReading brakeReading(const Span& span, const SpanCopy& copy) {
    const std::vector<double> lower = speedsOf(copy.timesS, pathOf(span.plan, 0, copy.coordinates));
    const std::vector<double> upper = speedsOf(copy.timesS, pathOf(span.plan, 1, copy.coordinates));
    const auto lowerPeak = peakInside(copy, lower), upperPeak = peakInside(copy, upper);
    if (!lowerPeak || !upperPeak || lowerPeak->value <= 0)
        return {};
    // Before its own peak the lower link has lost nothing yet.
    const double lost =
        upperPeak->timeS <= lowerPeak->timeS ? 0 : 1 - valueAt(copy.timesS, lower, upperPeak->timeS) / lowerPeak->value;
    return Reading{100 * lost, upperPeak->sample};
}

/// What a copy is read with.
struct PathArguments {
    const Span& span;
    const MeasureDef& def;
    const std::vector<double>& units; ///< overlap: pixels a unit of each condition
    const SpanCopy& copy;
};

/// The formula of a kind measured by a path.
template <Kind kind> MaybeReading readAs(const PathArguments& in) = delete;

template <> MaybeReading readAs<Kind::Dwell>(const PathArguments& in) {
    const std::vector<double> speeds = speedsOf(in.copy.timesS, in.copy.firstPath);
    return Reading{
        totalTime(spansBelow(in.copy.timesS, speeds, in.def.below * in.copy.unitPixels, in.copy.fromS, in.copy.toS)),
        {}};
}
template <> MaybeReading readAs<Kind::Overlap>(const PathArguments& in) {
    return overlapReading(in.span, in.def, in.units, in.copy);
}
/// It gives a score and lags: measurePeakOrder.
template <> MaybeReading readAs<Kind::PeakOrder>(const PathArguments&) { return {}; }
template <> MaybeReading readAs<Kind::PathLength>(const PathArguments& in) {
    return pathReading(in.span, in.def, in.copy);
}
template <> MaybeReading readAs<Kind::Straightness>(const PathArguments& in) {
    return pathReading(in.span, in.def, in.copy);
}
template <> MaybeReading readAs<Kind::Reversals>(const PathArguments& in) {
    const Eigen::VectorXd along = insidePath(in.copy).col(*in.span.plan.axis) / in.copy.unitPixels;
    return Reading{static_cast<double>(reversalsOf({along.begin(), along.end()}, in.def.hysteresis)), {}};
}
template <> MaybeReading readAs<Kind::Steadiness>(const PathArguments& in) {
    return Reading{wanderOf(insidePath(in.copy)) / in.copy.unitPixels, {}};
}
template <> MaybeReading readAs<Kind::Smoothness>(const PathArguments& in) {
    const auto jerk = logDimensionlessJerk(in.copy.timesS, in.copy.firstPath, in.copy.fromS, in.copy.toS);
    return jerk ? MaybeReading(Reading{*jerk, {}}) : MaybeReading();
}
template <> MaybeReading readAs<Kind::Brake>(const PathArguments& in) { return brakeReading(in.span, in.copy); }

MaybeReading read(const Span& span, const MeasureDef& def, const std::vector<double>& units, const SpanCopy& copy) {
    const PathArguments in{span, def, units, copy};
    return withKind<MaybeReading, MeasuredBy::Path>(def.kind, [&](auto kind) { return readAs<kind()>(in); });
}

/// Steadiness that a still point with marks of 1 px would show: the median over copies of noise alone, in pixels. The
/// same for all phases of one length and place in runs of one length.
double unitNoiseFloor(const Span& span) {
    const auto [first, last] = span.itself.inside();
    using Key = std::tuple<std::size_t, std::size_t, std::size_t, double, double>;
    const Key key{span.run().size(), span.offset + first, last - first, span.whole->cutoffHz, span.run().rateHz};
    static std::mutex mutex; // guards known
    static std::map<Key, double> known;
    const std::lock_guard lock(mutex);
    if (const auto found = known.find(key); found != known.end())
        return found->second;
    const Eigen::MatrixXd& noise = span.whole->bank().columns;
    const auto at = static_cast<Eigen::Index>(span.offset + first), rows = static_cast<Eigen::Index>(last - first);
    std::vector<double> values;
    for (int draw = 0; draw < kDraws; ++draw) {
        Eigen::MatrixX2d still(rows, 2); // what is shared moves all samples alike, and so does not count
        for (Eigen::Index c = 0; c < 2; ++c)
            still.col(c) = std::sqrt(0.5) * noise.col(bankColumn(draw, c)).segment(at, rows);
        values.push_back(wanderOf(still));
    }
    constexpr std::size_t kMostKept = 4096;
    if (known.size() >= kMostKept)
        known.clear();
    return known[key] = median(values);
}

/// Steadiness that a still point would show, in the measure's unit.
double noiseFloor(const Span& span) { return unitNoiseFloor(span) * sigmaOf(span, 0) / span.scale.pixels; }

/// Why the kind cannot be given here although the marks are there; empty when it can.
Reason refusal(const Span& span, const MeasureDef& def, const SpanCopy& itself) {
    const auto [first, last] = itself.inside();
    constexpr std::size_t kFewest = 3;
    if (last < first + kFewest)
        return reasons::kFewFrames(span.phase->title);
    if (def.kind == Kind::Dwell && def.below * span.scale.pixels < 2 * stillSpeed(span))
        return reasons::kBelowNoise;
    if (def.kind == Kind::PathLength || def.kind == Kind::Straightness) {
        constexpr double kShortest = 10; // standard uncertainties of a mark
        const double sigma = sigmaOf(span, 0);
        if (walkOf(itself.timesS, itself.firstPath, itself.fromS, itself.toS, kKeepBeyond * sigma).length <
            kShortest * sigma)
            return reasons::kPathTooShort;
    }
    return {};
}

/// u of a logarithm of jerk. Noise adds its own jerk r (in units of the movement's) to the value and again to the
/// copies: their means lie ln((1 + 2r)/(1 + r)) apart, and the value is off by ln(1 + r).
double jerkUncertainty(const std::vector<double>& values, double value) {
    const double apart = std::exp(std::abs(mean(values) - value));
    constexpr double kMost = 1.99; // at 2 the movement's own jerk could be anything
    const double ratio = (std::min(apart, kMost) - 1) / (2 - std::min(apart, kMost));
    return coveringU(standardDeviation(values), std::log(1 + ratio));
}

/// The kind's value in every copy.
std::vector<double> drawnReadings(const Span& span, const MeasureDef& def, const std::vector<double>& units) {
    std::vector<double> values;
    if (def.kind == Kind::PathLength || def.kind == Kind::Straightness) {
        const DrawnWalks walks = drawnWalks(span, kKeepBeyond * sigmaOf(span, 0));
        for (std::size_t i = 0; i < walks.draws.size(); ++i)
            values.push_back(def.kind == Kind::PathLength ? walks.length[i] / drawnUnit(span, walks.draws[i])
                                                          : walks.net[i] / walks.length[i]);
        return values;
    }
    if (def.kind == Kind::Steadiness)
        if (const auto wanders = drawnWanders(span)) {
            for (std::size_t i = 0; i < wanders->draws.size(); ++i)
                values.push_back(wanders->wander[i] / drawnUnit(span, wanders->draws[i]));
            return values;
        }
    const bool onlyFirst = def.kind != Kind::Overlap && def.kind != Kind::Brake;
    for (NoisyCopies copies(span, onlyFirst); copies.next();)
        if (const auto drawn = read(span, def, units, copies.copy()))
            values.push_back(drawn->value);
    return values;
}

MeasureValue unavailable(Reason reason) {
    MeasureValue out;
    out.reason = std::move(reason);
    return out;
}

/// peak_order: what is followed along time for each group, a point's speed or a joint's.
std::vector<SeriesKind> seriesKinds(const MeasureDef& def) {
    std::vector<SeriesKind> kinds;
    std::size_t point = 0;
    for (const auto& group : def.of) {
        kinds.push_back({group.size() == 1 ? SeriesKind::What::Speed : SeriesKind::What::Rate, point, group.size()});
        point += group.size();
    }
    return kinds;
}

std::vector<std::pair<std::string, MeasureValue>> measurePeakOrder(const Span& span, const MeasureDef& def) {
    const auto lagId = [&](std::size_t i) { return def.id + ".lag." + std::to_string(i); };
    const auto all = [&](const MeasureValue& value) {
        std::vector<std::pair<std::string, MeasureValue>> out = {{def.id, value}};
        for (std::size_t i = 1; i < def.of.size(); ++i)
            out.emplace_back(lagId(i), value);
        return out;
    };
    const std::vector<SeriesKind> kinds = seriesKinds(def);
    std::vector<double> peaks;
    std::vector<std::vector<double>> drawn(kDraws);
    for (const SeriesKind& kind : kinds) {
        const std::vector<double> series = seriesOf(span, span.itself, kind);
        const auto peak = peakInside(span.itself, series);
        if (!peak)
            return all(unavailable(reasons::kPeakAtEdge(span.phase->title)));
        if (span.besideGap(peak->sample))
            return all(unavailable(reasons::kGap));
        peaks.push_back(peak->timeS);
        const SeriesDraws draws(span, kind, series, Extreme::Largest);
        for (int draw = 0; draw < kDraws; ++draw)
            if (const auto own = draws.peak(draw); own && !own->atEdge)
                drawn[static_cast<std::size_t>(draw)].push_back(own->timeS);
    }
    std::erase_if(drawn, [&](const std::vector<double>& times) { return times.size() < kinds.size(); });
    const auto n = static_cast<Eigen::Index>(def.of.size());
    Eigen::MatrixXd lagU = Eigen::MatrixXd::Zero(n, n);
    for (Eigen::Index i = 0; i < n; ++i)
        for (Eigen::Index j = i + 1; j < n; ++j) {
            std::vector<double> lags;
            for (const std::vector<double>& times : drawn)
                lags.push_back(times[static_cast<std::size_t>(j)] - times[static_cast<std::size_t>(i)]);
            lagU(i, j) = standardDeviation(lags);
        }
    std::vector<double> scores;
    for (const std::vector<double>& times : drawn)
        scores.push_back(orderScore(times, lagU));
    MeasureValue score;
    score.value = orderScore(peaks, lagU);
    score.u = standardDeviation(scores);
    score.budget.push_back({sources::kDrawn, score.u});
    span.describe(score, peaks.front());
    std::vector<std::pair<std::string, MeasureValue>> out = {{def.id, score}};
    for (std::size_t i = 1; i < def.of.size(); ++i) {
        MeasureValue lag;
        lag.unit = "s";
        lag.value = peaks[i] - peaks[i - 1];
        lag.u = lagU(static_cast<Eigen::Index>(i) - 1, static_cast<Eigen::Index>(i));
        lag.budget.push_back({sources::kDrawnMarks, lag.u});
        span.describe(lag, peaks[i]);
        out.emplace_back(lagId(i), lag);
    }
    return out;
}

} // namespace

std::vector<std::pair<std::string, MeasureValue>> measurePath(const MeasureContext& context, const MeasureDef& def) {
    const auto one = [&](MeasureValue value) {
        std::vector<std::pair<std::string, MeasureValue>> out;
        out.emplace_back(def.id, std::move(value));
        if (def.kind == Kind::PeakOrder && !out[0].second.valid())
            for (std::size_t i = 1; i < def.of.size(); ++i)
                out.emplace_back(def.id + ".lag." + std::to_string(i), out[0].second);
        return out;
    };
    const auto made = Span::of(context, def);
    if (const Reason* reason = std::get_if<Reason>(&made))
        return one(unavailable(*reason));
    const Span& span = std::get<Span>(made);
    SpanCopy itself = span.itself;
    itself.firstPath = pathOf(span.plan, 0, itself.coordinates);
    if (const Reason reason = refusal(span, def, itself); !reason.empty())
        return one(unavailable(reason));
    if (def.kind == Kind::PeakOrder)
        return measurePeakOrder(span, def);
    std::vector<double> units;
    for (const OverlapCondition& condition : def.overlap) {
        const auto scale = lengthScale(condition.in, context.pack, context.trial, context.sides, 0);
        if (const Reason* reason = std::get_if<Reason>(&scale))
            return one(unavailable(*reason));
        units.push_back(std::get<LengthScale>(scale).pixels);
    }
    const MaybeReading reading = read(span, def, units, itself);
    if (!reading)
        return one(unavailable(def.kind == Kind::Brake ? reasons::kPeakAtEdge(span.phase->title)
                                                       : reasons::kNothingMoves(span.phase->title)));
    if (reading->sample && span.besideGap(*reading->sample))
        return one(unavailable(reasons::kGap));
    MeasureValue out;
    out.value = reading->value;
    const std::vector<double> values = drawnReadings(span, def, units);
    constexpr double kJerkOfNoise = 0.2; // of the logarithm: a fifth of the jerk
    if (def.kind == Kind::Smoothness && std::abs(mean(values) - reading->value) > kJerkOfNoise)
        return one(unavailable(reasons::kTooRough));
    out.u = def.kind == Kind::Smoothness
                ? jerkUncertainty(values, reading->value)
                : drawnUncertainty(values, reading->value, def.kind == Kind::Brake ? OneSided::Peak : OneSided::Square);
    if (needsLengthUnit(def.kind) && span.scale.shared && def.unit.starts_with("m"))
        out.sharedU = *out.value * span.scale.relativeU;
    out.budget.push_back({sources::kDrawn, out.u});
    addViewSpread(
        context, def, span, Leans::Path,
        [&](const Span& leaning) {
            SpanCopy there = leaning.itself;
            there.firstPath = pathOf(leaning.plan, 0, there.coordinates);
            const MaybeReading seen = read(leaning, def, units, there);
            return seen ? std::optional(seen->value) : std::nullopt;
        },
        out);
    if (def.kind == Kind::Steadiness) {
        out.extras["noise_floor"] = noiseFloor(span);
        if (*out.value <= out.extras["noise_floor"])
            out.notes.push_back(notes::kWithinNoise);
    }
    if (def.kind == Kind::Smoothness) {
        const std::vector<double> speeds = speedsOf(insideTimes(itself), insidePath(itself));
        out.extras["speed_peaks"] = peakCount(speeds);
    }
    span.describe(out, (span.from.timeS + span.to.timeS) / 2);
    return one(out);
}

} // namespace riflesso
