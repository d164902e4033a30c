#include "core/judge/assessment.h"

#include "core/practice/rungs.h"

#include "core/listed.h"
#include "core/measure/joined_views.h"
#include "core/measure/measure_set.h"
#include "core/reasons.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace riflesso {

MADE_HERE(Assessment);

const SetDeviation* Assessment::deviation(std::string_view measure) const {
    for (const SetDeviation& set : deviations)
        if (set.measure == measure)
            return &set;
    return nullptr;
}

const std::string& Assessment::seenIn(const std::string& trial, std::string_view measure) const {
    for (const TrialMeasures& movement : judged)
        if (movement.trial == trial)
            if (const MeasureValue* value = movement.find(measure); value && !value->seenIn.empty())
                return value->seenIn;
    return trial;
}

namespace {

/// Median of what was said of each.
CameraPlace middlePlace(const std::vector<Trial>& trials) {
    std::vector<double> heights, distances;
    for (const Trial& trial : trials) {
        if (trial.capture.place.heightM)
            heights.push_back(*trial.capture.place.heightM);
        if (trial.capture.place.distanceM)
            distances.push_back(*trial.capture.place.distanceM);
    }
    const auto middle = [](const std::vector<double>& of) {
        return of.empty() ? std::nullopt : std::optional(median(of));
    };
    return {middle(heights), middle(distances)};
}

/// What is alike in a set, or its result says that it is not.
Sentence mixedNote(const std::vector<Trial>& trials) {
    Sentence unlikes;
    const auto mixed = [&](const Phrase& what, const auto& unlike) {
        if (std::any_of(trials.begin(), trials.end(), [&](const Trial& t) { return unlike(t, trials.front()); }))
            unlikes = unlikes.empty() ? Sentence(what) : notes::kBoth(unlikes, Sentence(what));
    };
    mixed(notes::kStressLevels,
          [](const Trial& a, const Trial& b) { return a.stress && b.stress && *a.stress != *b.stress; });
    mixed(notes::kViews, [](const Trial& a, const Trial& b) { return a.capture.view != b.capture.view; });
    mixed(notes::kBearings, [](const Trial& a, const Trial& b) {
        return a.capture.bearingDeg && b.capture.bearingDeg &&
               !sameBearings({*a.capture.bearingDeg, *b.capture.bearingDeg});
    });
    return unlikes.empty() ? Sentence() : notes::kMixed(unlikes);
}

/// Trials and measures that the set is compared with.
struct ModelSide {
    std::vector<Trial> trials;
    std::vector<TrialMeasures> measures;
};

/// A set of measured trials, movement by movement, and what it is held against.
struct MeasuredSet {
    std::vector<Trial> trials;
    std::vector<TrialMeasures> judged;
};

/// What else is known where a repetition is judged.
Situation situationOf(const AssessmentInput& input, const Trial* trial) {
    Situation out = input.choices.situation;
    const std::pair<const char*, const std::string&> facts[] = {
        {"level", input.facts.level}, {"age", input.facts.age}, {"format", input.facts.format}};
    for (const auto& [key, value] : facts)
        if (!value.empty())
            out[key] = value;
    if (trial && !trial->variant.empty())
        out["variant"] = trial->variant;
    if (trial)
        for (const auto& [condition, value] : trial->conditions)
            out[forCondition(condition)] = value;
    return out;
}

/// What of a repetition decides which ranges it is held against: its form, and the conditions that some range names.
class RangeGroups {
public:
    RangeGroups(const Pack& pack, const AssessmentInput& input) {
        const auto read = [&](const std::vector<RangeDef>& ranges) {
            for (const RangeDef& range : ranges)
                for (const auto& [key, value] : range.forWhom)
                    if (const std::string_view condition = conditionIn(key); !condition.empty())
                        conditions_.emplace(condition);
        };
        read(pack.ranges);
        read(input.choices.targets);
        read(input.fileRanges);
        for (const VariantDef& variant : pack.variants)
            read(variant.ranges);
    }
    [[nodiscard]] std::string of(const Trial& trial) const {
        std::string out = trial.variant;
        for (const std::string& condition : conditions_) {
            const auto noted = trial.conditions.find(condition);
            out += '\n' + (noted == trial.conditions.end() ? std::string() : noted->second);
        }
        return out;
    }

private:
    std::set<std::string, std::less<>> conditions_;
};

/// Model trials of one form; all where the model's form was not noted.
ModelSide ofForm(const ModelSide& model, const std::string& variant) {
    const bool noted = std::any_of(model.trials.begin(), model.trials.end(),
                                   [](const Trial& trial) { return !trial.variant.empty(); });
    if (!noted || variant.empty())
        return model;
    ModelSide out;
    for (const Trial& trial : model.trials)
        if (trial.variant == variant || trial.variant.empty()) {
            out.trials.push_back(trial);
            for (const TrialMeasures& entry : model.measures)
                if (entry.trial == trial.id)
                    out.measures.push_back(entry);
        }
    return out;
}

/// What each repetition is held against: the reference of its own form.
class ReferenceFinder {
public:
    ReferenceFinder(const Pack& pack, const AssessmentInput& input, const ModelSide& model)
        : pack_(pack), input_(input), model_(model), groups_(pack, input) {}

    [[nodiscard]] References of(const MeasureDef& def, const std::vector<Trial>& trials) {
        References out;
        std::string first;
        for (const Trial& trial : trials) {
            const std::string group = groups_.of(trial);
            if (&trial == &trials.front()) {
                out.common = one(def, trial);
                first = group;
            }
            if (group == first)
                continue;
            if (!out.ofForm.contains(group))
                out.ofForm[group] = one(def, trial);
            out.formOf[trial.id] = group;
        }
        return out;
    }

private:
    struct Form {
        ModelSide model;
        std::vector<TrialMeasures> once; ///< what the model's set has once
    };
    const Form& form(const std::string& variant) {
        const auto known = forms_.find(variant);
        if (known != forms_.end())
            return known->second;
        Form made{ofForm(model_, variant), {}};
        made.once = {TrialMeasures{{}, 0, measureSet(pack_, made.model.trials, made.model.measures)}};
        return forms_.emplace(variant, std::move(made)).first->second;
    }
    [[nodiscard]] Reference one(const MeasureDef& def, const Trial& trial) {
        const Situation situation = situationOf(input_, &trial);
        Reference reference = targetReference(input_.choices.targets, def.id, situation);
        if (reference.source != Reference::Source::None)
            return reference;
        const Form& own = form(trial.variant);
        return referenceOf(pack_, def, &input_.fileRanges, own.model.trials,
                           isSetKind(def.kind) ? own.once : own.model.measures, situation);
    }
    const Pack& pack_;
    const AssessmentInput& input_;
    const ModelSide& model_;
    RangeGroups groups_;
    std::map<std::string, Form> forms_;
};

/// How far a set lies from what it is held against, measure by measure.
struct SetJudgement {
    SetMeasures once;
    std::vector<SetDeviation> deviations;
    std::vector<std::string> strengths;
};
SetJudgement deviationsOf(const Pack& pack, const MeasuredSet& set, const ModelSide& model,
                          ReferenceFinder& references) {
    SetJudgement out;
    out.once = measureSet(pack, set.trials, set.judged);
    const TrialMeasures ownSet{{}, 0, out.once};
    const Sentence mixed = mixedNote(set.trials);
    const bool forms = std::any_of(set.trials.begin(), set.trials.end(),
                                   [&](const Trial& trial) { return trial.variant != set.trials.front().variant; });
    // What an easy repetition of the model's says of one that reacts is another thing than what a like one would say.
    const auto hardest = [](const std::vector<Trial>& of) {
        std::optional<Stress> level;
        for (const Trial& trial : of)
            if (trial.stress && (!level || *trial.stress > *level))
                level = trial.stress;
        return level;
    };
    const auto own = hardest(set.trials), models = hardest(model.trials);
    const bool modelCalmer = own && models && *own >= Stress::Surprise && *models < *own;
    for (const MeasureDef& def : pack.judged()) {
        const bool once = isSetKind(def.kind);
        References held = references.of(def, set.trials);
        if (once)
            held.formOf.clear();
        std::optional<SetDeviation> deviation =
            setDeviation(def, held, once ? std::vector<TrialMeasures>{ownSet} : set.judged);
        if (!deviation)
            continue;
        if (deviation->note.empty())
            deviation->note = !mixed.empty()  ? mixed
                              : once && forms ? notes::kMixed(Sentence(notes::kVariants))
                                              : Sentence();
        deviation->modelCalmer = modelCalmer && deviation->reference.source == Reference::Source::Model;
        if (deviation->strength)
            out.strengths.push_back(def.id);
        out.deviations.push_back(std::move(*deviation));
    }
    return out;
}

/// The repetitions of each form, in the pack's order, then those of which it was not noted; empty: one form only.
std::vector<std::pair<std::string, MeasuredSet>> byForm(const Pack& pack, const MeasuredSet& set) {
    std::vector<std::string> names;
    for (const VariantDef& variant : pack.variants)
        names.push_back(variant.id);
    names.emplace_back();
    std::vector<std::pair<std::string, MeasuredSet>> out;
    for (const std::string& name : names) {
        MeasuredSet part;
        for (const Trial& trial : set.trials)
            if (trial.variant == name)
                part.trials.push_back(trial);
        for (const TrialMeasures& entry : set.judged)
            if (std::any_of(part.trials.begin(), part.trials.end(),
                            [&](const Trial& trial) { return trial.id == entry.trial; }))
                part.judged.push_back(entry);
        if (!part.trials.empty())
            out.emplace_back(name, std::move(part));
    }
    if (out.size() < 2)
        out.clear();
    return out;
}

/// Nobody's number is surer than that person marks.
void addOwnErrors(std::vector<TrialMeasures>& measures, const std::map<std::string, double>& typicalErrors) {
    for (TrialMeasures& entry : measures)
        for (auto& [id, value] : entry.measures)
            if (const auto own = typicalErrors.find(id);
                own != typicalErrors.end() && value.valid() && value.u < own->second) {
                value.budget.push_back(
                    {sources::kOwnMarking, std::sqrt(own->second * own->second - value.u * value.u)});
                value.u = own->second;
            }
}

/// What rests on choices alone, of what is measured: findings and what follows from them. trials: movement by movement.
void judge(Assessment& out, const Pack& pack, const std::vector<Trial>& trials, const AssessmentInput& input) {
    out.school = input.school;
    out.positions = input.choices.positions;
    out.positionEffects = effectsOf(input.pack, input.choices.positions);
    JudgingChoices judging{input.school, input.facts.limits, input.choices.overrides, input.choices.kappas, {}};
    out.findings = findFaults(pack, trials, out.judged, out.deviations, judging);
    out.resultEffects = resultEffects(pack, trials, out.findings);
    for (const ResultEffect& effect : out.resultEffects)
        if (holds(input.choices.effectsFromResults, effect.fault))
            judging.measuredEffects.emplace(effect.fault, effect.effect); // of several results the first
    if (!judging.measuredEffects.empty())
        out.findings = findFaults(pack, trials, out.judged, out.deviations, judging);
    const auto forms = byForm(pack, {trials, out.judged});
    for (FormAssessment& form : out.forms)
        for (const auto& [variant, set] : forms)
            if (variant == form.variant)
                form.findings = findFaults(pack, set.trials, set.judged, form.deviations, judging);
    out.profiles = matchProfiles(pack, out.findings);
    out.prescription = prescribe(pack, out.findings, trials, input.facts, input.choices.decisions,
                                 situationOf(input, trials.empty() ? nullptr : &trials.front()));
    followPractice(out.prescription, pack, input.practice);
}

/// `measured`: whose measures are taken over; null: everything is measured.
Assessment assessed(const AssessmentInput& input, const Assessment* measured) {
    Assessment out;
    const Pack pack = underPositions(input.pack, input.choices.positions);
    out.school = input.school;
    out.assumed = input.assumed;
    out.packId = input.pack.id;
    out.packEdition = input.pack.edition;
    std::vector<Trial> trials;
    ModelSide model{input.modelTrials, {}};
    const std::vector<std::string>& best = input.choices.ownBest;
    if (!best.empty())
        model.trials.clear();
    for (const Trial& trial : input.trials) {
        const bool isBest = std::find(best.begin(), best.end(), trial.id) != best.end();
        (isBest ? model.trials : trials).push_back(trial);
        if (isBest)
            model.trials.back().performer = "own best";
    }
    if (!trials.empty())
        out.view = trials.front().capture.view;
    out.cameraPlace = middlePlace(trials);
    const bool fromFile = input.modelFile && best.empty();
    if (measured)
        out.cutoff = measured->cutoff;
    else if (input.cutoffHz)
        out.cutoff = {*input.cutoffHz, false};
    else if (fromFile)
        out.cutoff = {input.modelFile->cutoffHz, false};
    else
        out.cutoff = chooseCutoff({&trials, &model.trials});
    trials = withSharedEvents(std::move(trials));
    out.measures = measured ? measured->measures : measureTrials(input.pack, trials, out.cutoff.hz);
    if (!measured)
        addOwnErrors(out.measures, input.choices.typicalErrors);
    out.judged = joinedMeasures(trials, out.measures);
    trials = movementsOf(trials);
    if (fromFile) {
        model.trials = input.modelFile->trials;
        model.measures = input.modelFile->measures;
    } else {
        model.trials = withSharedEvents(std::move(model.trials));
        model.measures = measured ? measured->modelMeasures : measureTrials(input.pack, model.trials, out.cutoff.hz);
    }
    out.modelMeasures = model.measures;
    model.measures = joinedMeasures(model.trials, model.measures);
    model.trials = movementsOf(model.trials);

    std::vector<Stress> levels;
    for (const Trial& trial : trials)
        if (trial.stress && std::find(levels.begin(), levels.end(), *trial.stress) == levels.end())
            levels.push_back(*trial.stress);
    std::sort(levels.begin(), levels.end());
    for (Stress level : levels)
        out.stress.emplace_back(toString(level));

    const MeasuredSet set{trials, out.judged};
    ReferenceFinder references(pack, input, model);
    SetJudgement whole = deviationsOf(pack, set, model, references);
    out.setMeasures = std::move(whole.once);
    out.deviations = std::move(whole.deviations);
    out.strengths = std::move(whole.strengths);
    for (const auto& [variant, part] : byForm(pack, set)) {
        SetJudgement own = deviationsOf(pack, part, model, references);
        out.forms.push_back(
            {variant, static_cast<int>(part.trials.size()), std::move(own.deviations), std::move(own.strengths), {}});
    }
    judge(out, pack, trials, input);
    return out;
}

} // namespace

Assessment assess(const AssessmentInput& input) { return assessed(input, nullptr); }

Assessment assess(const AssessmentInput& input, const Assessment& measured) { return assessed(input, &measured); }

Assessment judgedAgain(const Assessment& measured, const AssessmentInput& input) {
    Assessment out = measured;
    const std::vector<std::string>& best = input.choices.ownBest;
    std::vector<Trial> trials;
    for (const Trial& trial : input.trials)
        if (std::find(best.begin(), best.end(), trial.id) == best.end())
            trials.push_back(trial);
    judge(out, underPositions(input.pack, input.choices.positions), movementsOf(withSharedEvents(std::move(trials))),
          input);
    return out;
}

} // namespace riflesso
