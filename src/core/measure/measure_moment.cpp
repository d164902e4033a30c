#include "core/measure/measure_moment.h"

#include "core/measure/measure_span.h"
#include "core/measure/measure_velocity.h"
#include "core/measure/view_spread.h"
#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace riflesso {

Sentence eventWords(const Pack& pack, const std::string& event) {
    const EventDef* def = pack.event(event);
    return sources::kEventTime(def ? def->title : event);
}

std::variant<LengthScale, Reason> scaleOf(const MeasureContext& context, const MeasureDef& def) {
    if (!needsLengthUnit(def.kind))
        return LengthScale{};
    const auto known = context.lengths.medianUnits.find(unitKey(def.in));
    return context.runs.scale(def.in, context.pack, context.sides,
                              known == context.lengths.medianUnits.end() ? 0 : known->second);
}

MeasureValue measureTiming(const MeasureContext& context, const MeasureDef& def) {
    MeasureValue out;
    const auto named = [&](const TrialEvent* event, const std::string& id) {
        if (!event && out.reason.empty())
            out.reason = reasons::kEventNotSet(context.eventTitle(id));
        return event;
    };
    const auto start = [&](const std::string& id) { return named(context.events.find(id), id); };
    const auto end = [&](const std::string& from, const std::string& to) {
        return named(context.events.findEnd(context.pack, from, to), to);
    };
    // value = scale * (t[to] - t[from]) / (t[otherTo] - t[otherFrom]); derivatives gathered by event, each once.
    std::vector<std::pair<const TrialEvent*, double>> slopes;
    const auto add = [&](const TrialEvent* event, double slope) {
        for (auto& [known, sum] : slopes)
            if (known->event == event->event && std::abs(known->timeS - event->timeS) <= 0) {
                sum += slope;
                return;
            }
        slopes.emplace_back(event, slope);
    };
    static_assert(kinds::areAll<MeasuredBy::Timing, Kind::Interval, Kind::PhaseShare, Kind::TempoRatio>());
    if (def.kind == Kind::Interval) {
        const TrialEvent *from = start(def.fromEvent), *to = end(def.fromEvent, def.toEvent);
        if (!from || !to)
            return out;
        out.value = to->timeS - from->timeS;
        add(to, 1);
        add(from, -1);
    } else {
        const PhaseDef *a = context.pack.phase(def.phase), *b = context.pack.phase(def.otherPhase);
        const TrialEvent *a0 = start(a->from), *a1 = end(a->from, a->to), *b0 = start(b->from),
                         *b1 = end(b->from, b->to);
        if (!a0 || !a1 || !b0 || !b1)
            return out;
        const double length = a1->timeS - a0->timeS, whole = b1->timeS - b0->timeS;
        if (length <= 0 || whole <= 0) {
            out.reason = reasons::kOrderReversed;
            return out;
        }
        const double scale = def.kind == Kind::PhaseShare ? 100 : 1;
        out.value = scale * length / whole;
        add(a1, scale / whole);
        add(a0, -scale / whole);
        add(b1, -scale * length / (whole * whole));
        add(b0, scale * length / (whole * whole));
    }
    double variance = 0;
    for (const auto& [event, slope] : slopes) {
        const double u = std::abs(slope) * event->uS;
        variance += u * u;
        out.budget.push_back({eventWords(context.pack, event->event), u});
        out.events.push_back(event->event);
        out.frames.push_back(static_cast<int>(std::lround(event->frame)));
    }
    out.u = std::sqrt(variance);
    return out;
}

namespace {

/// Change of the value with time (unit/s) at a frame: filtered coordinates where enough frames are marked, else
/// a line through the values of the marked frames within 0.1 s. None: no other frame is marked.
std::optional<double> rateAt(const MeasureContext& context, const InstantPlan& plan, double unitPixels, double frame) {
    const Trial& trial = context.trial;
    if (!trial.times.known())
        return {};
    const double at = trial.times.timeOf(frame);
    const auto run = context.runs.over(plan.landmarks, at, at);
    if (const SharedRun* marked = std::get_if<SharedRun>(&run)) {
        const std::vector<double>& times = (*marked)->run.timesS;
        const auto after = std::lower_bound(times.begin(), times.end(), at - 1e-9) - times.begin();
        const auto i = std::min<std::ptrdiff_t>(after, std::ssize(times) - 1);
        const std::ptrdiff_t first = std::max<std::ptrdiff_t>(0, i - 1), last = std::min(std::ssize(times) - 1, i + 1);
        const std::vector<double> values =
            valuesAlong(plan, {times.begin() + first, times.begin() + last + 1},
                        (*marked)->coordinates.middleRows(first, last - first + 1), unitPixels);
        return (values.back() - values.front()) /
               (times[static_cast<std::size_t>(last)] - times[static_cast<std::size_t>(first)]);
    }
    const int centre = static_cast<int>(std::lround(frame));
    std::vector<double> t, y;
    constexpr int kNeighbours = 12;
    for (int f = centre - kNeighbours; f <= centre + kNeighbours; ++f) {
        if (std::abs(trial.times.timeOf(f) - at) > kMaxBridgeS)
            continue;
        std::vector<Vec<double>> in;
        for (const std::string& landmark : plan.landmarks) {
            const auto track = trial.marks.find(landmark);
            if (track == trial.marks.end())
                break;
            const auto mark = track->second.find(f);
            if (mark == track->second.end())
                break;
            in.push_back({mark->second.at.x, mark->second.at.y});
        }
        if (in.size() != plan.landmarks.size())
            continue;
        t.push_back(trial.times.timeOf(f));
        y.push_back(instantValue(plan, in, unitPixels));
    }
    if (t.size() < 2)
        return {};
    if (const double period = wrapPeriodAlong(*plan.def); period > 0)
        y = unwrapAlong(y, period);
    const double mt = mean(t), my = mean(y);
    double sty = 0, stt = 0;
    for (std::size_t i = 0; i < t.size(); ++i) {
        sty += (t[i] - mt) * (y[i] - my);
        stt += (t[i] - mt) * (t[i] - mt);
    }
    return sty / stt;
}

/// u by 400 seeded draws, for segments too short for a straight line of error (JCGM 101:2008).
double monteCarloU(const InstantPlan& plan, const std::vector<Vec<double>>& in, const std::vector<double>& sigma,
                   const LengthScale& scale, double centre) {
    std::mt19937_64 random(20240611);
    std::normal_distribution<double> normal;
    constexpr int kDraws = 400;
    const double period = wrapPeriodAlong(*plan.def);
    std::vector<double> values;
    for (int draw = 0; draw < kDraws; ++draw) {
        std::vector<Vec<double>> moved = in;
        for (std::size_t i = 0; i < in.size(); ++i) {
            moved[i].x += sigma[i] * normal(random);
            moved[i].y += sigma[i] * normal(random);
        }
        const double unit = scale.pixels * (1 + scale.relativeU * normal(random));
        double value = instantValue(plan, moved, unit);
        if (period > 0)
            value = centre + wrapDifference(value - centre, period);
        values.push_back(value);
    }
    return standardDeviation(values);
}

} // namespace

MeasureValue measureMoment(const MeasureContext& context, const MeasureDef& def) {
    MeasureValue out;
    const Trial& trial = context.trial;
    const TrialEvent* event = context.events.find(def.at);
    if (!event) {
        out.reason = reasons::kEventNotSet(context.eventTitle(def.at));
        return out;
    }
    const auto planned = planInstant(context.pack, def, trial, context.sides);
    if (const Reason* reason = std::get_if<Reason>(&planned)) {
        out.reason = *reason;
        return out;
    }
    InstantPlan plan = std::get<InstantPlan>(planned);
    plan.trueWidthPx = context.trueWidth(def);
    if (def.kind == Kind::Turn && plan.trueWidthPx <= 0) {
        out.reason = reasons::kLineNotTogether;
        return out;
    }
    const auto scaled = scaleOf(context, def);
    if (const Reason* reason = std::get_if<Reason>(&scaled)) {
        out.reason = *reason;
        return out;
    }
    const LengthScale& scale = std::get<LengthScale>(scaled);
    out.landmarks = plan.landmarks;
    out.events = {def.at};
    if (def.kind == Kind::Speed)
        return speedAtEvent(context, def, plan, scale, *event);
    if (def.kind == Kind::Heading)
        return headingAtEvent(context, def, plan, *event);

    std::vector<Vec<double>> in;
    std::vector<double> sigma;
    for (std::size_t i = 0; i < plan.landmarks.size(); ++i) {
        const auto mark = markAt(trial, plan.landmarks[i], event->frame);
        if (!mark) {
            out.reason = reasons::kNotMarkedAt(landmarkNamed(plan.landmarks[i]), context.eventTitle(def.at));
            return out;
        }
        if (mark->bridged)
            out.notes.push_back(notes::kBridged(landmarkNamed(plan.landmarks[i])));
        in.push_back({mark->at.x, mark->at.y});
        sigma.push_back(mark->sigmaPx);
    }
    out.frames = {static_cast<int>(std::lround(event->frame))};
    const double largestSigma = plan.fold.stretch() * *std::max_element(sigma.begin(), sigma.end());
    double ratio = 1e9;
    for (double length : criticalLengths(plan, in))
        ratio = std::min(ratio, length / largestSigma);
    constexpr double kFirstOrderFrom = 10, kAvailableFrom = 5;
    if (ratio < kAvailableFrom) {
        out.reason = reasons::kTooShort;
        return out;
    }
    const ValueAndSlopes value = valueAndSlopes(plan, in, scale.pixels);
    out.value = value.value;
    out.offsets = value.offsets;
    if (!scale.note.empty())
        out.notes.push_back(scale.note);

    double variance = 0;
    for (std::size_t i = 0; i < sigma.size(); ++i) {
        const double u = std::hypot(value.slopes[2 * i], value.slopes[2 * i + 1]) * sigma[i];
        out.budget.push_back({sources::kLandmark(landmarkNamed(plan.landmarks[i])), u});
        variance += u * u;
    }
    if (needsLengthUnit(def.kind)) {
        const double u = std::abs(value.unitSlope) * scale.pixels * scale.relativeU;
        out.budget.push_back({sources::kUnit, u});
        variance += u * u;
        if (scale.shared)
            out.sharedU = u;
    }
    if (ratio < kFirstOrderFrom) {
        const double u = monteCarloU(plan, in, sigma, scale, value.value);
        variance = u * u;
        out.notes.push_back(notes::kSimulated);
    }
    if (def.kind == Kind::Turn) {
        // Half of a mark's variance is shared with the frame of the true width, and cancels as far as the widths are
        // alike; that width, the 90th percentile of many, is read about its own noise too long.
        const double share = std::cos(*out.value / kDegrees);
        constexpr double kReadLong = 1;
        variance *= (1 + (1 - share) * (1 - share) + kReadLong * kReadLong * share * share) / 2;
        // Near square the width hardly changes with the angle: what a width of one u less would read bounds u.
        const double u = std::acos(1 - std::min(1.0, std::sqrt(2 * sigma[0] * sigma[0] + 2 * sigma[1] * sigma[1]) /
                                                         plan.trueWidthPx)) *
                         kDegrees;
        variance = std::min(variance > 0 ? variance : u * u, u * u);
        constexpr double kFineU = 7.5, kStep = 30; // above +/- 15 degrees: four coarse steps
        if (std::sqrt(variance) > kFineU) {
            out.value = kStep * std::round(*out.value / kStep);
            variance = kStep * kStep / 12;
            out.notes.push_back(notes::kCoarseTurn);
        }
        out.notes.push_back(notes::kWidestSeen);
    }
    if (event->uS > 0) {
        if (const auto rate = rateAt(context, plan, scale.pixels, event->frame)) {
            const double u = std::abs(*rate) * event->uS;
            out.budget.push_back({eventWords(context.pack, def.at), u});
            variance += u * u;
        } else {
            out.notes.push_back(notes::kNoTimeU);
        }
    }
    out.u = std::sqrt(variance);
    addViewSpread(
        context, def, plan, scale, Leans::Segments,
        [&](const InstantPlan& leaning, double unitPixels) { return instantValue(leaning, in, unitPixels); }, out);
    return out;
}

} // namespace riflesso
