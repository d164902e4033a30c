#include "core/judge/deviation.h"

#include "core/reasons.h"
#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {

std::string_view toString(State state) {
    return state == State::Clear ? "clear" : state == State::Possible ? "possible" : "within";
}

std::string_view toString(Reference::Source source) {
    switch (source) {
    case Reference::Source::Pack:
        return "pack";
    case Reference::Source::File:
        return "file";
    case Reference::Source::Model:
        return "model";
    case Reference::Source::Target:
        return "target";
    case Reference::Source::None:
        break;
    }
    return "none";
}

double toleranceFactor(int modelTrials) { return studentT975(modelTrials - 1) * std::sqrt(1 + 1.0 / modelTrials); }

Tolerance toleranceOf(const MeasureDef& def, const Reference& reference) {
    if (rowOf(def.kind).ownTolerance || reference.source != Reference::Source::Model)
        return {def.tolerance, false};
    const bool several = reference.performers > 1;
    const int m = several ? reference.performers : reference.modelTrials;
    if (m < (several ? 3 : 5))
        return {def.tolerance, false};
    const double wanted = toleranceFactor(m) * std::sqrt(reference.modelVariance);
    const double most = 2 * def.tolerance;
    return {std::clamp(wanted, def.tolerance, most), exceeds(wanted, most)};
}

double deviationFrom(const MeasureDef& def, const Reference& reference, double value) {
    const double period = def.period();
    const auto difference = [&](double to) { return period > 0 ? wrapDifference(value - to, period) : value - to; };
    if (reference.modelMean)
        return difference(*reference.modelMean);
    if (reference.low && reference.high) {
        if (period > 0) {
            // Inside when going up from low one meets the value before high; low above high passes through 12.
            const auto up = [&](double from, double to) {
                return std::fmod(std::fmod(to - from, period) + period, period);
            };
            if (up(*reference.low, value) <= up(*reference.low, *reference.high))
                return 0;
            const double toLow = difference(*reference.low), toHigh = difference(*reference.high);
            return std::abs(toLow) < std::abs(toHigh) ? toLow : toHigh;
        }
        if (value < *reference.low)
            return value - *reference.low;
        return value > *reference.high ? value - *reference.high : 0;
    }
    if (reference.low)
        return std::min(0.0, difference(*reference.low));
    return reference.high ? std::max(0.0, difference(*reference.high)) : 0;
}

const RepetitionDeviation* SetDeviation::of(std::string_view trial, int cycle) const {
    for (const RepetitionDeviation& repetition : repetitions)
        if (repetition.trial.empty() ||
            (repetition.trial == trial && (repetition.cycle == 0 || repetition.cycle == cycle)))
            return &repetition;
    return nullptr;
}

bool fits(const ForWhom& forWhom, const Situation& situation) {
    return std::all_of(forWhom.begin(), forWhom.end(), [&](const auto& wanted) {
        const auto known = situation.find(wanted.first);
        return known != situation.end() && known->second == wanted.second;
    });
}

const RangeDef* rangeFor(const std::vector<RangeDef>& ranges, std::string_view measure, const Situation& situation) {
    const RangeDef* best = nullptr;
    for (const RangeDef& range : ranges)
        if (range.measure == measure && fits(range.forWhom, situation) &&
            (!best || range.forWhom.size() > best->forWhom.size()))
            best = &range;
    return best;
}

namespace {

/// Reference from model trials by the measures they gave; none without a valid one.
std::optional<Reference> fromModel(const MeasureDef& def, const std::vector<Trial>& trials,
                                   const std::vector<TrialMeasures>& measures) {
    std::vector<double> values, variances;
    std::vector<std::string> performers;
    double shared = 0;
    for (std::size_t i = 0; i < measures.size(); ++i) {
        const MeasureValue* value = measures[i].find(def.id);
        if (!value || !value->valid())
            continue;
        values.push_back(*value->value);
        variances.push_back(value->u * value->u - value->viewU * value->viewU);
        shared = std::max(shared, value->sharedU);
        const auto trial = std::find_if(trials.begin(), trials.end(),
                                        [&](const Trial& entry) { return entry.id == measures[i].trial; });
        performers.push_back(trial != trials.end() ? trial->performer : std::string());
    }
    if (values.empty())
        return {};
    if (def.period() > 0)
        values = unwrapSet(values, def.period());
    Reference reference;
    reference.source = Reference::Source::Model;
    reference.modelTrials = static_cast<int>(values.size());
    std::map<std::string, std::vector<double>> byPerformer;
    for (std::size_t i = 0; i < values.size(); ++i)
        byPerformer[performers[i]].push_back(values[i]);
    reference.performers = static_cast<int>(byPerformer.size());
    const double noise = mean(variances), m = static_cast<double>(values.size());
    const auto square = [](double x) { return x * x; };
    if (byPerformer.size() == 1) {
        reference.modelMean = mean(values);
        reference.modelVariance = std::max(0.0, square(standardDeviation(values)) - noise);
        reference.modelSharedU = values.size() == 1 ? std::sqrt(noise) : standardDeviation(values) / std::sqrt(m);
    } else {
        std::vector<double> means, within;
        for (const auto& [performer, own] : byPerformer) {
            means.push_back(mean(own));
            within.push_back(std::max(0.0, square(standardDeviation(own)) - noise));
        }
        reference.modelMean = mean(means);
        reference.modelVariance = square(standardDeviation(means)) + mean(within);
        reference.modelSharedU = standardDeviation(means) / std::sqrt(static_cast<double>(means.size()));
    }
    reference.modelSharedU = std::hypot(reference.modelSharedU, shared);
    for (const auto& [performer, own] : byPerformer)
        if (!performer.empty())
            reference.provenance += (reference.provenance.empty() ? "" : ", ") + performer;
    return reference;
}

} // namespace

bool sameBearings(const std::vector<double>& degrees) {
    constexpr double kSameDeg = 5;
    const auto [low, high] = std::minmax_element(degrees.begin(), degrees.end());
    return degrees.empty() || *high - *low <= kSameDeg;
}

Reference referenceOf(const Pack& pack, const MeasureDef& def, const std::vector<RangeDef>* fileRanges,
                      const std::vector<Trial>& modelTrials, const std::vector<TrialMeasures>& modelMeasures,
                      const Situation& situation) {
    if (auto model = fromModel(def, modelTrials, modelMeasures))
        return *model;
    const RangeDef* range = fileRanges ? rangeFor(*fileRanges, def.id, situation) : nullptr;
    const bool fromFile = range != nullptr;
    if (!range) {
        const auto variant = situation.find("variant");
        for (const VariantDef& entry : pack.variants)
            if (variant != situation.end() && entry.id == variant->second)
                range = rangeFor(entry.ranges, def.id, situation);
    }
    if (!range)
        range = rangeFor(pack.ranges, def.id, situation);
    Reference reference;
    if (!range)
        return reference;
    reference.source = fromFile ? Reference::Source::File : Reference::Source::Pack;
    reference.low = range->low;
    reference.high = range->high;
    const auto source = pack.sources.find(range->source);
    reference.provenance = source == pack.sources.end() ? range->source : source->second;
    return reference;
}

Reference targetReference(const std::vector<RangeDef>& targets, std::string_view measure, const Situation& situation) {
    Reference reference;
    if (const RangeDef* range = rangeFor(targets, measure, situation)) {
        reference.source = Reference::Source::Target;
        reference.low = range->low;
        reference.high = range->high;
        reference.provenance = "the coach's target";
    }
    return reference;
}

std::optional<SetDeviation> setDeviation(const MeasureDef& def, const References& references,
                                         const std::vector<TrialMeasures>& measures) {
    SetDeviation out;
    out.measure = def.id;
    out.unit = def.unit;
    Tolerance tolerance;
    std::map<const Reference*, int> heldAgainst;
    std::vector<double> values, deviations, us, ownVariances, slopes, bearings;
    double shared = 0;
    int clearAbove = 0, clearBelow = 0, within = 0;
    for (const TrialMeasures& trial : measures) {
        const MeasureValue* value = trial.find(def.id);
        const Reference& reference = references.of(trial.trial);
        if (!value || !value->valid() || reference.source == Reference::Source::None)
            continue;
        ++heldAgainst[&reference];
        const Tolerance own = toleranceOf(def, reference);
        // The set is judged by the widest of its forms.
        tolerance = {std::max(tolerance.value, own.value), tolerance.modelTooVariable || own.modelTooVariable};
        RepetitionDeviation repetition{
            trial.trial, trial.cycle, *value->value, deviationFrom(def, reference, *value->value),
            value->u,    own.value,   State::Within};
        const double size = std::abs(repetition.deviation);
        if (exceeds(size, own.value + 2 * value->u))
            repetition.state = State::Clear;
        else if (exceeds(size, own.value))
            repetition.state = State::Possible;
        if (repetition.state == State::Clear)
            ++(repetition.deviation > 0 ? clearAbove : clearBelow);
        (repetition.state == State::Within ? within : out.outside) += 1;
        values.push_back(repetition.value);
        deviations.push_back(repetition.deviation);
        us.push_back(value->u);
        ownVariances.push_back(std::max(0.0, value->u * value->u - value->sharedU * value->sharedU));
        shared = std::max(shared, std::hypot(reference.modelSharedU, value->sharedU));
        out.viewU = std::max(out.viewU, value->viewU);
        slopes.push_back(value->viewSlope);
        if (value->bearingDeg)
            bearings.push_back(*value->bearingDeg);
        out.repetitions.push_back(repetition);
    }
    const int n = static_cast<int>(values.size());
    if (n == 0)
        return {};
    out.tolerance = tolerance.value;
    // Which of two that are as frequent is named must not hang on where they lie in memory.
    int most = 0;
    for (const RepetitionDeviation& repetition : out.repetitions) {
        const Reference& reference = references.of(repetition.trial);
        if (heldAgainst[&reference] > most) {
            most = heldAgainst[&reference];
            out.reference = reference;
        }
    }
    out.severalReferences = heldAgainst.size() > 1;
    if (def.period() > 0)
        values = unwrapSet(values, def.period());
    out.viewSlope = median(slopes);
    if (bearings.size() == values.size() && sameBearings(bearings))
        out.bearingDeg = median(bearings);
    out.median = median(values);
    out.deviation = median(deviations);
    out.spread = standardDeviation(deviations);
    out.z = out.deviation / out.tolerance;
    const double uMedian =
        n == 1 ? us[0]
               : std::sqrt(std::numbers::pi / 2 * std::max(out.spread * out.spread, mean(ownVariances)) / n +
                           shared * shared);
    out.expandedU = 2 * uMedian;
    const double size = std::abs(out.deviation);
    const bool halfClear = 2 * std::max(clearAbove, clearBelow) >= n;
    const bool medianClear = n != 2 && n != 3 && exceeds(size, out.tolerance + out.expandedU);
    if (halfClear || medianClear)
        out.state = State::Clear;
    else if (exceeds(size, out.tolerance))
        out.state = State::Possible;
    if (exceeds(size, 0))
        out.direction = out.deviation > 0 ? Direction::Above : Direction::Below;
    out.outsideInterval = wilson(out.outside, n, kZ95);
    out.resolvable = !exceeds(2 * median(us), out.tolerance);
    out.strength = out.state == State::Within && n >= 4 && 4 * within >= 3 * n && out.resolvable;
    if (tolerance.modelTooVariable)
        out.note = notes::kModelTooVariable;
    else if (out.state == State::Within && !out.resolvable)
        out.note = notes::kNotJudged;
    return out;
}

} // namespace riflesso
