#pragma once
// One assessment: from marked trials and a pack to measures, deviations, findings and a prescription.

#include "core/prescription.h"

#include "core/json_walk.h"
#include "core/result.h"

namespace riflesso {

struct AssessmentInput {
    Pack pack;
    std::vector<Trial> trials;      ///< one set of the athlete
    std::vector<Trial> modelTrials; ///< may be empty: the ranges hold
    std::vector<RangeDef> fileRanges;
    AthleteFacts facts;
    School school = School::Root;
    std::optional<double> cutoffHz; ///< none: by residual analysis, one for athlete and model
    Decisions decisions;
    Situation situation;
    std::vector<std::string> assumed;
};

struct Assessment {
    std::vector<TrialMeasures> measures;
    SetMeasures setMeasures; ///< what the set has once
    std::vector<TrialMeasures> modelMeasures;
    std::vector<SetDeviation> deviations; ///< measures with a reference and a value, in pack order
    std::vector<std::string> strengths;   ///< measures, in pack order
    Findings findings;
    Prescription prescription;
    School school = School::Root;
    CutoffChoice cutoff;
    std::vector<std::string> stress; ///< levels of the set
    std::vector<std::string> assumed;
    std::string packId, packEdition;
    View view = View::Side;

    [[nodiscard]] const SetDeviation* deviation(std::string_view measure) const;
};

[[nodiscard]] Assessment assess(const AssessmentInput& input);

/// The answers of the command line, in the shapes of its contract.
[[nodiscard]] Json measuresJson(const std::vector<TrialMeasures>& measures, const SetMeasures& setMeasures,
                                const std::vector<std::string>& assumed);
[[nodiscard]] Json assessmentJson(const Assessment& assessment);
[[nodiscard]] Json blockJson(const BlockVerdict& verdict);
[[nodiscard]] Json errorJson(const Error& error);

} // namespace riflesso
