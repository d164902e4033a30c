#include "core/judge/assessment.h"

#include "core/measure/joined_views.h"
#include "core/measure/measure_set.h"
#include "core/reasons.h"

#include <algorithm>
#include <cmath>

namespace riflesso {

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
    mixed(notes::kVariants, [](const Trial& a, const Trial& b) { return a.variant != b.variant; });
    return unlikes.empty() ? Sentence() : notes::kMixed(unlikes);
}

/// Trials and measures that the set is compared with.
struct ModelSide {
    std::vector<Trial> trials;
    std::vector<TrialMeasures> measures;
};

/// What rests on choices alone, of what is measured: findings and what follows from them. trials: movement by movement.
void judge(Assessment& out, const std::vector<Trial>& trials, const AssessmentInput& input) {
    out.school = input.school;
    out.positions = input.choices.positions;
    JudgingChoices judging{input.school, input.facts.limits, input.choices.overrides, input.choices.kappas, {}};
    out.findings = findFaults(input.pack, trials, out.judged, out.deviations, judging);
    out.resultEffects = resultEffects(input.pack, trials, out.findings);
    for (const ResultEffect& effect : out.resultEffects)
        if (std::find(input.choices.effectsFromResults.begin(), input.choices.effectsFromResults.end(), effect.fault) !=
            input.choices.effectsFromResults.end())
            judging.measuredEffects[effect.fault] = effect.effect;
    if (!judging.measuredEffects.empty())
        out.findings = findFaults(input.pack, trials, out.judged, out.deviations, judging);
    out.profiles = matchProfiles(input.pack, out.findings);
    out.prescription =
        prescribe(input.pack, out.findings, trials, input.facts, input.choices.decisions, input.choices.situation);
}

} // namespace

Assessment assess(const AssessmentInput& input) {
    Assessment out;
    out.school = input.school;
    out.assumed = input.assumed;
    out.packId = input.pack.id;
    out.packEdition = input.pack.edition;
    out.positions = input.choices.positions;
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
    const bool fromFile = input.modelFile && best.empty();
    if (input.cutoffHz)
        out.cutoff = {*input.cutoffHz, false};
    else if (fromFile)
        out.cutoff = {input.modelFile->cutoffHz, false};
    else
        out.cutoff = chooseCutoff({&trials, &model.trials});
    trials = withSharedEvents(std::move(trials));
    out.measures = measureTrials(input.pack, trials, out.cutoff.hz);
    for (TrialMeasures& entry : out.measures)
        for (auto& [id, value] : entry.measures)
            if (const auto own = input.choices.typicalErrors.find(id);
                own != input.choices.typicalErrors.end() && value.valid() && value.u < own->second) {
                value.budget.push_back(
                    {sources::kOwnMarking, std::sqrt(own->second * own->second - value.u * value.u)});
                value.u = own->second;
            }
    out.judged = joinedMeasures(trials, out.measures);
    trials = movementsOf(trials);
    if (fromFile) {
        model.trials = input.modelFile->trials;
        model.measures = input.modelFile->measures;
    } else {
        model.trials = withSharedEvents(std::move(model.trials));
        model.measures = measureTrials(input.pack, model.trials, out.cutoff.hz);
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

    out.setMeasures = measureSet(input.pack, trials, out.judged);
    const TrialMeasures ownSet{{}, 0, out.setMeasures};
    const TrialMeasures modelSet{{}, 0, measureSet(input.pack, model.trials, model.measures)};
    const Sentence mixed = mixedNote(trials);
    // What an easy repetition of the model's says of one that reacts is another thing than what a like one would say.
    const auto hardest = [](const std::vector<Trial>& of) {
        std::optional<Stress> level;
        for (const Trial& trial : of)
            if (trial.stress && (!level || *trial.stress > *level))
                level = trial.stress;
        return level;
    };
    const auto own = hardest(trials), models = hardest(model.trials);
    const bool modelCalmer = own && models && *own >= Stress::Surprise && *models < *own;
    for (const MeasureDef& def : input.pack.judged()) {
        const bool once = isSetKind(def.kind);
        Reference reference = targetReference(input.choices.targets, def.id, input.choices.situation);
        if (reference.source == Reference::Source::None)
            reference =
                referenceOf(input.pack, def, &input.fileRanges, model.trials,
                            once ? std::vector<TrialMeasures>{modelSet} : model.measures, input.choices.situation);
        std::optional<SetDeviation> set =
            setDeviation(def, reference, once ? std::vector<TrialMeasures>{ownSet} : out.judged);
        if (!set)
            continue;
        if (!mixed.empty() && set->note.empty())
            set->note = mixed;
        set->modelCalmer = modelCalmer && set->reference.source == Reference::Source::Model;
        if (set->strength)
            out.strengths.push_back(def.id);
        out.deviations.push_back(std::move(*set));
    }
    judge(out, trials, input);
    return out;
}

Assessment judgedAgain(const Assessment& measured, const AssessmentInput& input) {
    Assessment out = measured;
    const std::vector<std::string>& best = input.choices.ownBest;
    std::vector<Trial> trials;
    for (const Trial& trial : input.trials)
        if (std::find(best.begin(), best.end(), trial.id) == best.end())
            trials.push_back(trial);
    judge(out, movementsOf(withSharedEvents(std::move(trials))), input);
    return out;
}

} // namespace riflesso
