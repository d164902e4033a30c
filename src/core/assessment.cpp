#include "core/assessment.h"

#include "core/measure_set.h"

#include <algorithm>

namespace riflesso {

const SetDeviation* Assessment::deviation(std::string_view measure) const {
    for (const SetDeviation& set : deviations)
        if (set.measure == measure)
            return &set;
    return nullptr;
}

Assessment assess(const AssessmentInput& input) {
    Assessment out;
    out.school = input.school;
    out.assumed = input.assumed;
    out.packId = input.pack.id;
    out.packEdition = input.pack.edition;
    if (!input.trials.empty())
        out.view = input.trials.front().capture.view;
    out.cutoff =
        input.cutoffHz ? CutoffChoice{*input.cutoffHz, false} : chooseCutoff({&input.trials, &input.modelTrials});
    out.measures = measureTrials(input.pack, input.trials, out.cutoff.hz);
    out.modelMeasures = measureTrials(input.pack, input.modelTrials, out.cutoff.hz);

    std::vector<Stress> levels;
    for (const Trial& trial : input.trials)
        if (trial.stress && std::find(levels.begin(), levels.end(), *trial.stress) == levels.end())
            levels.push_back(*trial.stress);
    std::sort(levels.begin(), levels.end());
    for (Stress level : levels)
        out.stress.emplace_back(toString(level));

    out.setMeasures = measureSet(input.pack, input.trials, out.measures);
    const TrialMeasures ownSet{{}, 0, out.setMeasures};
    const TrialMeasures modelSet{{}, 0, measureSet(input.pack, input.modelTrials, out.modelMeasures)};
    for (const MeasureDef& def : input.pack.judged()) {
        const bool once = isSetKind(def.kind);
        const Reference reference =
            referenceOf(input.pack, def, &input.fileRanges, input.modelTrials,
                        once ? std::vector<TrialMeasures>{modelSet} : out.modelMeasures, input.situation);
        std::optional<SetDeviation> set =
            setDeviation(def, reference, once ? std::vector<TrialMeasures>{ownSet} : out.measures);
        if (!set)
            continue;
        if (levels.size() > 1 && set->note.empty())
            set->note = "mixed stress levels";
        if (set->strength)
            out.strengths.push_back(def.id);
        out.deviations.push_back(std::move(*set));
    }
    out.findings = findFaults(input.pack, input.trials, out.measures, out.deviations, input.facts.limits, input.school);
    out.prescription = prescribe(input.pack, out.findings, input.trials, input.facts, input.decisions, input.situation);
    return out;
}

} // namespace riflesso
