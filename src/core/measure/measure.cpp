#include "core/measure/measure.h"

#include "core/measure/measure_cycles.h"
#include "core/measure/measure_moment.h"
#include "core/measure/measure_path.h"
#include "core/measure/measure_set.h"
#include "core/measure/measure_span.h"
#include "core/measure/measure_values.h"
#include "core/measure/measure_velocity.h"
#include "core/measure/sampler.h"
#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <functional>
#include <numbers>

namespace riflesso {

MADE_HERE(MeasureValue);

std::string_view toString(Validity validity) {
    return validity == Validity::True ? "true" : validity == Validity::Corrected ? "corrected" : "refused";
}

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
        out.reason = reasons::kNotObserved;
    else if (const auto value = observedValue(*observation, seen->second))
        out.value = value;
    else
        out.reason = reasons::kChoiceNoNumber;
    return out;
}

MeasureValue measureOne(const MeasureContext& context, const MeasureDef& def) {
    if (!context.events.twice.empty() && def.kind != Kind::Observed) {
        MeasureValue out;
        out.reason = reasons::kSetTwice(context.eventTitle(context.events.twice));
        return out;
    }
    switch (rowOf(def.kind).by) {
    case MeasuredBy::Watching:
        return observed(context.pack, def, context.trial);
    case MeasuredBy::Timing:
        return measureTiming(context, def);
    case MeasuredBy::Cycles:
        return measureCycles(context, def);
    case MeasuredBy::Places:
    case MeasuredBy::Rates:
        if (def.kind == Kind::AngularSpeed && !def.at.empty())
            return angularSpeedAtEvent(context, def);
        if (def.kind == Kind::Heading && def.at.empty())
            return headingOver(context, def);
        if (rowOf(def.kind).taken == TakenAt::EventOrOver)
            return def.at.empty() ? measureSpan(context, def) : measureMoment(context, def);
        return def.stat == Stat::None ? measureMoment(context, def) : measureSpan(context, def);
    case MeasuredBy::Path:   // gives several values: measurePath
    case MeasuredBy::Set:    // once a set: measureSet
    case MeasuredBy::Values: // of others: measureRepetition
        break;
    }
    return {};
}

/// Speeds and everything over a phase run on low-passed coordinates.
bool isFiltered(const MeasureDef& def) {
    if (def.kind == Kind::Heading && def.at.empty())
        return false; // a straight line through the marks as they are
    return isRateKind(def.kind) || isPathKind(def.kind) || def.stat != Stat::None;
}

void judgeCamera(const MeasureContext& context, const MeasureDef& def, MeasureValue& value) {
    if (!context.trial.capture.cameraMoves || !value.valid() || !rowOf(def.kind).camera.still || def.relativeTo)
        return; // both points move with the camera
    value.value.reset();
    value.reason = reasons::kCameraMoves;
}

/// A value from a camera off square is a corrected one, and none from one far off.
void judgeView(const MeasureContext& context, const MeasureDef& def, MeasureValue& value) {
    const double bearing = context.trial.capture.bearingDeg.value_or(0);
    if (!value.valid() || !rowOf(def.kind).camera.square || bearing <= kSquareDeg)
        return;
    if (bearing > kMostObliqueDeg) {
        value.value.reset();
        value.validity = Validity::Refused;
        value.reason = reasons::kOblique(std::lround(bearing));
        return;
    }
    value.validity = Validity::Corrected;
    value.notes.push_back(notes::kCorrected(std::lround(bearing)));
}

/// The skill's own points by what it calls them: nobody has to know their ids.
void sayByTitle(const Pack& pack, MeasureValue& value) {
    const auto rename = [&pack](Sentence& sentence) {
        for (Named& named : sentence.named)
            if (named.what == Named::What::Landmark)
                for (const OwnPoint& point : pack.points)
                    if (point.id == named.text)
                        named = {Named::What::Title, point.title};
    };
    rename(value.reason);
    for (Sentence& note : value.notes)
        rename(note);
    for (BudgetPart& part : value.budget)
        rename(part.what);
}

/// What a measure of a repetition gives, by id: a peak_order its lags too.
std::vector<std::pair<std::string, MeasureValue>> measureJudged(const MeasureContext& context, const MeasureDef& def) {
    std::vector<std::pair<std::string, MeasureValue>> out;
    if (isPathKind(def.kind) && context.events.twice.empty()) {
        out = measurePath(context, def);
    } else if (rowOf(def.kind).by == MeasuredBy::Values && context.events.twice.empty()) {
        out.emplace_back(def.id, measureValues(context, def, [&](const MeasureDef& other) {
                             for (auto& [id, value] : measureJudged(context, other))
                                 if (id == other.id)
                                     return value;
                             return MeasureValue();
                         }));
    } else {
        out.emplace_back(def.id, measureOne(context, def));
    }
    for (auto& [id, value] : out) {
        if (value.unit.empty())
            value.unit = def.unit;
        value.filtered = value.filtered || isFiltered(def);
        judgeCamera(context, def, value);
        judgeView(context, def, value);
        sayByTitle(context.pack, value);
    }
    return out;
}

TrialMeasures measureRepetition(const MeasureContext& context, const std::function<bool(const MeasureDef&)>& wanted) {
    TrialMeasures out{context.trial.id, context.events.cycle, {}};
    for (const MeasureDef& def : context.pack.measures)
        if (!isSetKind(def.kind) && wanted(def))
            for (auto& [id, value] : measureJudged(context, def))
                out.measures.emplace_back(id, std::move(value));
    return out;
}

/// Widest that the line of a `turn` is seen in a trial: the 90th percentile over its frames, the largest of a few.
double widestIn(const Pack& pack, const MeasureDef& def, const Trial& trial) {
    const auto planned = planInstant(pack, def, trial, resolveRoles(pack, trial));
    if (std::holds_alternative<Reason>(planned))
        return 0;
    MeasureDef distance = def;
    distance.kind = Kind::Distance;
    InstantPlan plan = std::get<InstantPlan>(planned);
    plan.def = &distance;
    std::vector<double> widths;
    for (const auto& [frame, mark] :
         trial.marks.contains(plan.landmarks[0]) ? trial.marks.at(plan.landmarks[0]) : MarksByFrame()) {
        std::vector<Vec<double>> in;
        for (const std::string& landmark : plan.landmarks)
            if (const auto at = markAt(trial, landmark, frame))
                in.push_back({at->at.x, at->at.y});
        if (in.size() == plan.landmarks.size())
            widths.push_back(instantValue(plan, in, 1.0));
    }
    return widths.empty() ? 0 : percentile(widths, widths.size() < kFramesForPercentile ? 1.0 : 0.9);
}

SetLengths lengthsOf(const Pack& pack, const std::vector<Trial>& trials) {
    SetLengths lengths;
    const auto addUnit = [&](const LengthUnit& unit) {
        if (unit.metres || unit.a.part.empty() || lengths.medianUnits.contains(unitKey(unit)))
            return;
        std::vector<double> units;
        for (const Trial& trial : trials) {
            const auto scale = lengthScale(unit, pack, trial, resolveRoles(pack, trial), 0);
            if (const LengthScale* known = std::get_if<LengthScale>(&scale))
                units.push_back(known->pixels);
        }
        lengths.medianUnits[unitKey(unit)] = units.empty() ? 0 : median(units);
    };
    for (const MeasureDef& def : pack.measures) {
        if (needsLengthUnit(def.kind))
            addUnit(def.in);
        if (def.kind == Kind::Turn)
            for (const Trial& trial : trials)
                lengths.trueWidths[def.id] = std::max(lengths.trueWidths[def.id], widestIn(pack, def, trial));
    }
    return lengths;
}

/// What can be measured in metres on the floor is taken there.
void takeFromFloor(const Pack& pack, const std::vector<TrialMeasures>& floor, std::vector<TrialMeasures>& measured) {
    for (TrialMeasures& entry : measured)
        for (const TrialMeasures& there : floor)
            if (there.trial == entry.trial && there.cycle == entry.cycle)
                for (auto& [id, value] : entry.measures) {
                    const MeasureDef* def = pack.measure(baseMeasure(id));
                    const MeasureValue* onFloor = there.find(id);
                    if (!def || !onFloor || !onFloor->valid() || (def->unit != "m" && def->unit != "m/s"))
                        continue;
                    value = *onFloor;
                    value.notes.emplace_back(notes::kOnFloor);
                }
}

} // namespace

std::vector<TrialMeasures> measureTrials(const Pack& pack, const std::vector<Trial>& trials, double cutoffHz) {
    const SetLengths lengths = lengthsOf(pack, trials);
    std::vector<TrialMeasures> out;
    for (const Trial& trial : trials) {
        TrialRuns runs(trial, cutoffHz);
        const auto add = [&](const Trial& repeated, const KeyEvents& events, const auto& wanted) {
            const MeasureContext context{pack,     repeated, events, resolveRoles(pack, repeated, events),
                                         cutoffHz, lengths,  runs};
            out.push_back(measureRepetition(context, wanted));
        };
        if (pack.family != Family::Cyclic) {
            add(trial, eventsOf(trial), [](const MeasureDef&) { return true; });
            continue;
        }
        add(trial, eventsOf(trial), [](const MeasureDef& def) { return isCycleKind(def.kind); });
        for (const KeyEvents& cycle : cyclesOf(pack, trial))
            add(trial, cycle, [](const MeasureDef& def) { return !isCycleKind(def.kind); });
    }
    for (const Trial& trial : trials)
        if (trial.floor)
            takeFromFloor(pack, measureTrials(pack, {*trial.floor}, cutoffHz), out);
    return out;
}

MeasureValue measureInFrame(const Pack& pack, const MeasureDef& def, const Trial& trial, int frame, double cutoffHz) {
    constexpr const char* kHere = "this frame";
    SetLengths lengths;
    if (def.kind == Kind::Turn)
        lengths.trueWidths[def.id] = widestIn(pack, def, trial);
    TrialRuns runs(trial, cutoffHz);
    const KeyEvents events = eventsOf(trial);
    MeasureContext context{pack, trial, events, resolveRoles(pack, trial, events), cutoffHz, lengths, runs};
    context.events.own.push_back({kHere, static_cast<double>(frame), trial.times.timeOf(frame), 0});
    MeasureDef here = def;
    here.at = kHere;
    here.over.clear();
    here.stat = Stat::None;
    MeasureValue value = measureOne(context, here);
    value.unit = def.unit;
    value.filtered = isFiltered(here);
    judgeView(context, here, value);
    sayByTitle(pack, value);
    return value;
}

} // namespace riflesso
