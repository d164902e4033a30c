#pragma once
// One assessment: from marked trials and a pack to measures, deviations, findings and a prescription.

#include "core/judge/positions.h"
#include "core/judge/result_effect.h"
#include "core/made_once.h"
#include "core/plan/choices.h"
#include "core/practice/practice_log.h"
#include "core/tables/json_fwd.h"
#include "core/tables/model_file.h"

namespace riflesso {

struct AssessmentInput {
    Pack pack;
    std::vector<Trial> trials;          ///< one set of the athlete
    std::vector<Trial> modelTrials;     ///< may be empty: the ranges hold
    std::optional<ModelFile> modelFile; ///< in place of model trials
    std::vector<RangeDef> fileRanges;
    AthleteFacts facts;
    School school = School::Root;
    std::optional<double> cutoffHz; ///< none: by residual analysis, one for athlete and model
    Choices choices;
    std::vector<std::string> assumed;
    PracticeLog practice; ///< what was practised since: the plan follows it
};

/// One form of the skill by itself, of a set that has several.
struct FormAssessment {
    std::string variant; ///< empty: not noted
    int repetitions = 0;
    std::vector<SetDeviation> deviations;
    std::vector<std::string> strengths;
    Findings findings;
};

struct Assessment {
    std::vector<TrialMeasures> measures; ///< trial by trial, each as its camera sees it
    std::vector<TrialMeasures> judged;   ///< movement by movement, of all cameras on it: what is judged
    SetMeasures setMeasures;             ///< what the set has once
    std::vector<TrialMeasures> modelMeasures;
    std::vector<SetDeviation> deviations; ///< measures with a reference and a value, in pack order
    std::vector<std::string> strengths;   ///< measures, in pack order
    Findings findings;
    std::vector<FormAssessment> forms;            ///< in the pack's order; empty where the set has one form only
    std::vector<ResultEffect> resultEffects;      ///< of ranked faults, where there are results enough
    std::vector<ProfileMatch> profiles;           ///< likest first
    std::map<std::string, std::string> positions; ///< of the coach, in the pack's disputes
    std::vector<PositionEffect> positionEffects;  ///< what these change
    Prescription prescription;
    School school = School::Root;
    CutoffChoice cutoff;
    std::vector<std::string> stress; ///< levels of the set
    std::vector<std::string> assumed;
    std::string packId, packEdition;
    View view = View::Side;
    CameraPlace cameraPlace; ///< the middle of what was said of the set's repetitions

    [[nodiscard]] const SetDeviation* deviation(std::string_view measure) const;
    /// The trial whose camera gave a movement its value of a measure: most often the movement's own.
    [[nodiscard]] const std::string& seenIn(const std::string& trial, std::string_view measure) const;
    MADE_ONCE(Assessment);
};

/// Own best trials (choices) are the model and are left out of the set; a model file stands before model trials; a
/// coach's target before both. A model file also brings its cutoff, where none is given.
[[nodiscard]] Assessment assess(const AssessmentInput& input);
/// What `assess` gives where the pack judges otherwise than when `measured` was made (ranges, tolerances, faults,
/// causes, drills), but measures the same, and trials, models and own errors are the same: nothing is measured again.
[[nodiscard]] Assessment assess(const AssessmentInput& input, const Assessment& measured);
/// What `assess` gives where only the school, overrides, decisions, positions, limits or facts for the plan have
/// changed since `measured` was made of the same trials, models, pack, targets and typical errors: nothing is measured
/// again.
[[nodiscard]] Assessment judgedAgain(const Assessment& measured, const AssessmentInput& input);

/// The answers of the command line, in the shapes of its contract.
[[nodiscard]] Json measuresJson(const std::vector<TrialMeasures>& measures, const SetMeasures& setMeasures,
                                const std::vector<std::string>& assumed);
[[nodiscard]] Json assessmentJson(const Assessment& assessment);
[[nodiscard]] Json blockJson(const BlockVerdict& verdict);
[[nodiscard]] Json errorJson(const Error& error);

} // namespace riflesso
