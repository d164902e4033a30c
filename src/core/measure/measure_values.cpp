#include "core/measure/measure_values.h"

#include "core/measure/instant.h"
#include "core/measure/sampler.h"
#include "core/reasons.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace riflesso {
namespace {

constexpr double kSureOfZero = 5; // of the u of what is divided by

/// What all values of a repetition have in common, with its sign: a unit of length too long makes all of them too
/// small, a camera to one side moves each as its slope says.
struct Shared {
    double unit = 0, view = 0;
};
Shared sharedOf(const MeasureValue& value) {
    const double unit = std::sqrt(std::max(0.0, value.sharedU * value.sharedU - value.viewU * value.viewU));
    return {std::copysign(unit, *value.value), std::copysign(value.viewU, value.viewSlope)};
}

/// How a measure of one frame hangs on its marks: what each landmark's error does to it, per pixel.
struct Leaning {
    int frame = 0;
    std::map<std::string, std::pair<Vec<double>, double>> of; ///< by landmark: slopes, and the mark's sigma
};
std::optional<Leaning> leaningOf(const MeasureContext& context, const MeasureDef& def) {
    const TrialEvent* event = context.events.find(def.at);
    if (rowOf(def.kind).by != MeasuredBy::Places || def.stat != Stat::None || def.kind == Kind::Turn || !event)
        return {};
    const auto planned = planInstant(context.pack, def, context.trial, context.sides);
    const auto scaled = scaleOf(context, def);
    const auto* plan = std::get_if<InstantPlan>(&planned);
    const auto* scale = std::get_if<LengthScale>(&scaled);
    if (!plan || !scale)
        return {};
    std::vector<Vec<double>> in;
    std::vector<double> sigma;
    for (const std::string& landmark : plan->landmarks) {
        const auto mark = markAt(context.trial, landmark, event->frame);
        if (!mark)
            return {};
        in.push_back({mark->at.x, mark->at.y});
        sigma.push_back(mark->sigmaPx);
    }
    const auto slopes = valueAndSlopes(*plan, in, scale->pixels).slopes;
    Leaning out{static_cast<int>(std::lround(event->frame)), {}};
    for (std::size_t i = 0; i < sigma.size(); ++i)
        out.of[plan->landmarks[i]] = {{slopes[2 * i], slopes[2 * i + 1]}, sigma[i]};
    return out;
}

/// Covariance of two measures of single frames through the marks that both read: in one frame the same mark; in two,
/// the half of its variance that is the same all along a track.
double throughMarks(const MeasureContext& context, const MeasureDef& a, const MeasureDef& b) {
    const auto first = leaningOf(context, a), second = leaningOf(context, b);
    if (!first || !second)
        return 0;
    double sum = 0;
    for (const auto& [landmark, one] : first->of)
        if (const auto other = second->of.find(landmark); other != second->of.end()) {
            const auto& [slopes, sigma] = one;
            const auto& [otherSlopes, otherSigma] = other->second;
            sum += sigma * otherSigma * (slopes.x * otherSlopes.x + slopes.y * otherSlopes.y);
        }
    constexpr double kSameAllAlong = 0.5;
    return first->frame == second->frame ? sum : kSameAllAlong * sum;
}

/// value of a * slopeA + value of b * slopeB, to first order; both are valid. `covariance`: of their own parts.
MeasureValue joined(const MeasureValue& a, double slopeA, const MeasureValue& b, double slopeB, double covariance) {
    MeasureValue out;
    const Shared of[2] = {sharedOf(a), sharedOf(b)};
    const double unit = slopeA * of[0].unit + slopeB * of[1].unit, view = slopeA * of[0].view + slopeB * of[1].view;
    double own = 2 * slopeA * slopeB * covariance;
    for (const auto& [value, slope] : {std::pair{&a, slopeA}, std::pair{&b, slopeB}})
        own += slope * slope * std::max(0.0, value->u * value->u - value->sharedU * value->sharedU);
    out.u = std::sqrt(std::max(0.0, own) + unit * unit + view * view);
    out.sharedU = std::hypot(unit, view);
    out.viewU = std::abs(view);
    out.viewSlope = slopeA * a.viewSlope + slopeB * b.viewSlope;
    out.bearingDeg = a.bearingDeg ? a.bearingDeg : b.bearingDeg;
    for (const auto& [value, slope] : {std::pair{&a, slopeA}, std::pair{&b, slopeB}}) {
        for (const BudgetPart& part : value->budget)
            out.budget.push_back({part.what, std::abs(slope) * part.u});
        out.frames.insert(out.frames.end(), value->frames.begin(), value->frames.end());
        out.notes.insert(out.notes.end(), value->notes.begin(), value->notes.end());
        for (const auto& [from, into] : {std::pair{&value->landmarks, &out.landmarks}, {&value->events, &out.events}})
            for (const std::string& each : *from)
                if (std::find(into->begin(), into->end(), each) == into->end())
                    into->push_back(each);
        out.validity = std::max(out.validity, value->validity);
        out.filtered = out.filtered || value->filtered;
    }
    return out;
}

} // namespace

MeasureValue measureValues(const MeasureContext& context, const MeasureDef& def, const Measured& measured) {
    static_assert(kinds::areAll<MeasuredBy::Values, Kind::Change, Kind::Quotient, Kind::Surplus>());
    const bool change = def.kind == Kind::Change;
    MeasureDef left = *context.pack.measure(change ? def.ofMeasure : def.leftMeasure);
    MeasureDef right = *context.pack.measure(change ? def.ofMeasure : def.rightMeasure);
    if (!def.views.empty())
        left.views = right.views = def.views;
    if (change)
        for (const auto& [moment, event] : {std::pair{&left, &def.toEvent}, {&right, &def.fromEvent}}) {
            moment->at = *event;
            moment->over.clear();
            moment->stat = Stat::None;
        }
    const MeasureValue a = measured(left), b = measured(right);
    for (const MeasureValue* value : {&a, &b})
        if (!value->valid()) {
            MeasureValue out;
            out.reason = value->reason;
            out.validity = value->validity;
            return out;
        }
    const double covariance = throughMarks(context, left, right);
    if (def.kind == Kind::Quotient) {
        MeasureValue out;
        if (std::abs(*b.value) <= kSureOfZero * b.u) {
            out.reason = reasons::kNearZero;
            return out;
        }
        out = joined(a, 1 / *b.value, b, -*a.value / (*b.value * *b.value), covariance);
        out.value = *a.value / *b.value;
        return out;
    }
    MeasureValue out = joined(a, 1, b, -1, covariance);
    const double difference = *a.value - *b.value, period = left.period();
    out.value = period > 0 ? wrapDifference(difference, period) : difference;
    return out;
}

} // namespace riflesso
