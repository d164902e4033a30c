#include "core/measure.h"

#include "core/measure_moment.h"
#include "core/measure_span.h"
#include "core/sampler.h"
#include "core/signal.h"
#include "core/stats.h"

#include <algorithm>
#include <charconv>

namespace riflesso {

const MeasureValue* TrialMeasures::find(std::string_view id) const {
    for (const auto& [name, value] : measures)
        if (name == id)
            return &value;
    return nullptr;
}

std::optional<double> observedValue(const ObservationDef& def, const std::string& word) {
    if (def.type == ObservationType::YesPartlyNo) {
        if (word == "yes")
            return 1;
        if (word == "partly")
            return 0.5;
        return word == "no" ? std::optional(0.0) : std::nullopt;
    }
    if (def.type == ObservationType::Choice)
        return {};
    double value = 0;
    const auto [end, problem] = std::from_chars(word.data(), word.data() + word.size(), value);
    if (problem != std::errc() || end != word.data() + word.size())
        return {};
    return value;
}

CutoffChoice chooseCutoff(const std::vector<const std::vector<Trial>*>& sets) {
    std::vector<double> cutoffs;
    for (const std::vector<Trial>* set : sets)
        for (const Trial& trial : *set)
            for (const auto& [landmark, marks] : trial.marks) {
                if (marks.size() < kCutoffRunSamples)
                    continue;
                const double at =
                    trial.times.timeOf(std::next(marks.begin(), static_cast<std::ptrdiff_t>(marks.size() / 2))->first);
                const auto run = runOver(trial, {landmark}, at, at);
                const MarkRun* marked = std::get_if<MarkRun>(&run);
                if (!marked || marked->size() < kCutoffRunSamples)
                    continue;
                for (Eigen::Index c = 0; c < 2; ++c) {
                    const Eigen::VectorXd column = marked->raw.col(c);
                    cutoffs.push_back(residualCutoff({column.data(), column.data() + column.size()}, marked->rateHz));
                }
            }
    if (cutoffs.empty())
        return {kDefaultCutoffHz, true};
    return {median(cutoffs), false};
}

namespace {

MeasureValue observed(const Pack& pack, const MeasureDef& def, const Trial& trial) {
    MeasureValue out;
    const auto seen = trial.observations.find(def.observation);
    const ObservationDef* observation = pack.observation(def.observation);
    if (seen == trial.observations.end() || !observation)
        out.reason = "not observed in this repetition";
    else if (const auto value = observedValue(*observation, seen->second))
        out.value = value;
    else
        out.reason = "a choice has no number";
    return out;
}

MeasureValue measureOne(const MeasureContext& context, const MeasureDef& def) {
    MeasureValue out;
    const bool timing = def.kind == Kind::Interval || def.kind == Kind::PhaseShare || def.kind == Kind::TempoRatio;
    if (context.pack.family == Family::Cyclic && def.kind != Kind::Observed)
        out.reason = "cycles are not computed in this version";
    else if (def.kind == Kind::Observed)
        out = observed(context.pack, def, context.trial);
    else if (timing)
        out = measureTiming(context, def);
    else if (isInstantKind(def.kind))
        out = def.stat == Stat::None ? measureMoment(context, def) : measureSpan(context, def);
    else
        out.reason = "the kind " + std::string(toString(def.kind)) + " is not computed in this version";
    out.unit = def.unit;
    return out;
}

} // namespace

std::vector<TrialMeasures> measureTrials(const Pack& pack, const std::vector<Trial>& trials, double cutoffHz) {
    std::map<std::string, double> medianUnits;
    for (const MeasureDef& def : pack.measures) {
        if (!needsLengthUnit(def) || def.in.metres || medianUnits.contains(unitKey(def.in)))
            continue;
        std::vector<double> units;
        for (const Trial& trial : trials) {
            const auto scale = lengthScale(def.in, trial, resolveRoles(pack, trial), 0);
            if (const LengthScale* known = std::get_if<LengthScale>(&scale))
                units.push_back(known->pixels);
        }
        medianUnits[unitKey(def.in)] = units.empty() ? 0 : median(units);
    }
    std::vector<TrialMeasures> out;
    for (const Trial& trial : trials) {
        const MeasureContext context{pack, trial, resolveRoles(pack, trial), cutoffHz, medianUnits};
        TrialMeasures measures{trial.id, {}};
        for (const MeasureDef& def : pack.measures)
            measures.measures.emplace_back(def.id, measureOne(context, def));
        out.push_back(std::move(measures));
    }
    return out;
}

} // namespace riflesso
