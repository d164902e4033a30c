#include "core/measure/measure_span.h"

#include "core/measure/view_spread.h"
#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/signal/trajectory.h"
#include "core/uncertainty/series_draws.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <memory>

namespace riflesso {

double wrapPeriodAlong(const MeasureDef& def) {
    return def.kind == Kind::Flexion || def.kind == Kind::AngularSpeed ? 360 : def.period();
}

std::vector<double> valuesAlong(const InstantPlan& plan, const std::vector<double>& timesS,
                                const Eigen::MatrixXd& coordinates, double unitPixels) {
    if (plan.def->kind == Kind::Speed) {
        std::vector<double> speeds = speedsOf(timesS, movingPathOf(plan, 0, coordinates));
        for (double& speed : speeds)
            speed /= unitPixels;
        return speeds;
    }
    std::vector<double> values(timesS.size());
    std::vector<Vec<double>> in(plan.landmarks.size());
    for (std::size_t i = 0; i < values.size(); ++i) {
        for (std::size_t c = 0; c < in.size(); ++c)
            in[c] = {coordinates(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(2 * c)),
                     coordinates(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(2 * c + 1))};
        values[i] = instantValue(plan, in, unitPixels);
    }
    if (const double period = wrapPeriodAlong(*plan.def); period > 0)
        values = unwrapAlong(std::move(values), period);
    return values;
}

namespace {

struct SpanResult {
    double value = 0;
    std::size_t sample = 0;
    bool atEdge = false;
};

/// The statistic over the phase; none with fewer than three samples inside.
std::optional<SpanResult> statistic(Stat stat, const SpanCopy& copy, const std::vector<double>& values) {
    if (stat == Stat::Mean)
        return SpanResult{timeMean(copy.timesS, values, copy.fromS, copy.toS), 0, false};
    const auto [first, last] = copy.inside();
    constexpr std::size_t kFewest = 3;
    if (last < first + kFewest)
        return {};
    const auto cut = [first = first, last = last](const std::vector<double>& whole) {
        return std::vector<double>(whole.begin() + static_cast<std::ptrdiff_t>(first),
                                   whole.begin() + static_cast<std::ptrdiff_t>(last));
    };
    const std::vector<double> t = cut(copy.timesS), y = cut(values);
    std::vector<double> negative(y.size());
    std::transform(y.begin(), y.end(), negative.begin(), [](double v) { return -v; });
    Extremum high, low;
    if (stat != Stat::Minimum)
        high = findMaximum(t, y);
    if (stat != Stat::Maximum)
        low = findMaximum(t, negative);
    if (stat == Stat::Maximum)
        return SpanResult{high.value, high.sample + first, high.atEdge};
    if (stat == Stat::Minimum)
        return SpanResult{-low.value, low.sample + first, low.atEdge};
    return SpanResult{high.value + low.value, high.sample + first, high.atEdge || low.atEdge};
}

/// The statistic in every copy.
std::vector<double> drawnStatistics(const Span& span, const SeriesKind& kind, const std::vector<double>& series,
                                    Stat stat) {
    std::vector<double> out;
    if (stat == Stat::Mean) {
        const SeriesDraws draws(span, kind, series, Extreme::None);
        for (int draw = 0; draw < kDraws; ++draw)
            if (const auto value = draws.mean(draw))
                out.push_back(*value);
        return out;
    }
    std::optional<SeriesDraws> high, low;
    if (stat != Stat::Minimum)
        high.emplace(span, kind, series, Extreme::Largest);
    if (stat != Stat::Maximum)
        low.emplace(span, kind, series, Extreme::Smallest);
    for (int draw = 0; draw < kDraws; ++draw) {
        const std::optional<SeriesDraws::Peak> top = high ? high->peak(draw) : SeriesDraws::Peak();
        const std::optional<SeriesDraws::Peak> bottom = low ? low->peak(draw) : SeriesDraws::Peak();
        if (top && bottom)
            out.push_back(high && low ? top->value - bottom->value : top->value + bottom->value);
    }
    return out;
}

/// Whatever is read from a series over the phase.
MeasureValue measureSeriesOver(const MeasureContext& context, const Span& span, const MeasureDef& def,
                               const SeriesKind& kind, Stat stat) {
    MeasureValue out;
    const std::vector<double> series = seriesOf(span, span.itself, kind);
    const auto result = statistic(stat, span.itself, series);
    if (!result) {
        out.reason = reasons::kFewFrames(span.phase->title);
        return out;
    }
    if (stat != Stat::Mean && span.besideGap(result->sample)) {
        out.reason = reasons::kGap;
        return out;
    }
    const bool rate = kind.what != SeriesKind::What::Value;
    if (result->atEdge && rate && stat == Stat::Maximum) {
        out.reason = reasons::kNoPeakInside(span.phase->title);
        return out;
    }
    if (result->atEdge)
        out.notes.push_back(notes::kAtEdge);
    if (stat != Stat::Mean && span.nearRunEnd(result->sample))
        out.notes.push_back(notes::kNearEnd);
    if (rate) {
        // Share of a motion at the cutoff that central differences keep.
        const double x = 2 * std::numbers::pi * span.whole->cutoffHz / span.run().rateHz;
        constexpr double kKept = 0.9;
        if (std::sin(x) / x < kKept)
            out.notes.emplace_back(notes::kFrameRate);
    }
    out.value = result->value;
    const double period = rate || stat == Stat::Range ? 0 : wrapPeriodAlong(def);
    const auto parts = stat == Stat::Mean && !rate ? meanToFirstOrder(span, series) : std::optional<MeanUncertainty>();
    if (parts) {
        out.u = parts->whole();
        out.budget = {{sources::kFilteredMarks, parts->marks},
                      {sources::kStartTime(span.phase->title), parts->from},
                      {sources::kEndTime(span.phase->title), parts->to}};
        if (needsLengthUnit(def.kind))
            out.budget.push_back({sources::kUnit, parts->unit});
    } else {
        std::vector<double> values = drawnStatistics(span, kind, series, stat);
        if (period > 0)
            for (double& value : values)
                value = result->value + wrapDifference(value - result->value, period);
        out.u = drawnUncertainty(values, result->value,
                                 !rate                                  ? OneSided::Square
                                 : kind.what == SeriesKind::What::Speed ? OneSided::PeakOfLength
                                                                        : OneSided::Peak);
        out.budget.push_back({sources::kDrawn, out.u});
    }
    if (def.period() > 0 && stat != Stat::Range && !rate) {
        const double low = def.kind == Kind::Clock ? 0 : -def.period() / 2;
        out.value = detail::wrapInto(result->value, low, def.period());
    }
    if (span.scale.shared)
        out.sharedU = std::abs(*out.value) * span.scale.relativeU;
    addViewSpread(
        context, def, span, kind.what == SeriesKind::What::Speed ? Leans::Path : Leans::Segments,
        [&](const Span& leaning) {
            const auto there = statistic(stat, leaning.itself, seriesOf(leaning, leaning.itself, kind));
            return there ? std::optional(there->value) : std::nullopt;
        },
        out);
    span.describe(out, stat == Stat::Mean ? (span.from.timeS + span.to.timeS) / 2 : span.itself.timesS[result->sample]);
    return out;
}

} // namespace

MeasureValue measureSpan(const MeasureContext& context, const MeasureDef& def) {
    const auto made = Span::of(context, def);
    if (const Reason* reason = std::get_if<Reason>(&made)) {
        MeasureValue out;
        out.reason = *reason;
        return out;
    }
    SeriesKind kind;
    Stat stat = def.stat;
    if (def.kind == Kind::Speed) {
        kind = {SeriesKind::What::Speed, 0, 1};
    } else if (def.kind == Kind::AngularSpeed) {
        kind = {SeriesKind::What::Rate, 0, def.points.size()};
        stat = Stat::Maximum;
    }
    return measureSeriesOver(context, std::get<Span>(made), def, kind, stat);
}

Series measureSeries(const Pack& pack, const MeasureDef& def, const Trial& trial, double cutoffHz) {
    Series out;
    const auto sides = resolveRoles(pack, trial);
    const auto planned = isInstantKind(def.kind) ? planInstant(pack, def, trial, sides)
                                                 : std::variant<InstantPlan, Reason>(reasons::kNoSeries);
    const auto scaled = needsLengthUnit(def.kind) ? lengthScale(def.in, pack, trial, sides, 0)
                                                  : std::variant<LengthScale, Reason>(LengthScale{});
    for (const Reason* reason : {std::get_if<Reason>(&planned), std::get_if<Reason>(&scaled)})
        if (reason) {
            out.reason = *reason;
            return out;
        }
    const InstantPlan& plan = std::get<InstantPlan>(planned);
    const double unit = std::get<LengthScale>(scaled).pixels;
    const auto first = trial.marks.find(plan.landmarks[0]);
    if (first == trial.marks.end()) {
        out.reason = reasons::kNotMarked(landmarkNamed(plan.landmarks[0]));
        return out;
    }
    if (def.kind == Kind::Speed) {
        const double at = trial.times.timeOf(
            std::next(first->second.begin(), static_cast<std::ptrdiff_t>(first->second.size() / 2))->first);
        TrialRuns runs(trial, cutoffHz);
        const auto ran = runs.over(plan.landmarks, at, at);
        if (const SharedRun* whole = std::get_if<SharedRun>(&ran)) {
            out.timesS = (*whole)->run.timesS;
            out.values = valuesAlong(plan, out.timesS, (*whole)->coordinates, unit);
        } else {
            out.reason = std::get<Reason>(ran);
        }
        return out;
    }
    for (const auto& [frame, mark] : first->second) {
        std::vector<Vec<double>> in;
        for (const std::string& landmark : plan.landmarks)
            if (const auto at = markAt(trial, landmark, frame))
                in.push_back({at->at.x, at->at.y});
        if (in.size() != plan.landmarks.size())
            continue;
        out.timesS.push_back(trial.times.timeOf(frame));
        out.values.push_back(instantValue(plan, in, unit));
    }
    if (const double period = wrapPeriodAlong(def); period > 0)
        out.values = unwrapAlong(std::move(out.values), period);
    if (out.timesS.empty())
        out.reason = reasons::kNeverTogether;
    return out;
}

} // namespace riflesso
