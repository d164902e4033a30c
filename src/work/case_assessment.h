#pragma once
// A stored case as the core judges it: one set, and what became of it since.

#include "core/judge/assessment.h"
#include "core/progress/progress.h"
#include "store/case_data.h"

namespace riflesso {

[[nodiscard]] Day dayOf(const QDate& date);

/// One set of a case: the session's repetitions of a choice, against the case's models, under the case's decisions.
/// today: for dates.
[[nodiscard]] AssessmentInput assessmentInput(const CaseData& data, SessionId session, const SetChoice& choice,
                                              School school, const QDate& today);

/// The choices of the case, and what is known of the athlete, into an input of the same trials.
void setChoices(AssessmentInput& input, const CaseData& data, School school, const QDate& today);

/// Titles of the faults that a session of the athlete shows over all its conditions, as they rank.
[[nodiscard]] QStringList foundIn(const CaseData& data, SessionId session, School school, const QDate& today);

/// A fault from the easiest condition to the hardest, then and now.
struct FaultOverConditions {
    std::string fault;
    OverConditions before, after;
};

/// Two sessions of one athlete compared at the same stress level.
struct Progress {
    SessionId before, after;
    std::optional<Stress> stress;
    Retest retest;
    AssessedSet first, second;                   ///< what was compared
    std::map<std::string, double> tolerances;    ///< by measure, of those with a reference
    std::vector<FaultOverConditions> conditions; ///< of faults present in either, where there are two levels or more
    std::vector<GuessScore> guesses;             ///< beliefs against the earlier session, forecasts against the later
    std::vector<ResultScore> results;            ///< forecasts of results against the later session
    std::vector<GuessRecord> records;            ///< person by person, over all sessions
    std::vector<std::pair<QDate, AssessedSet>> sets; ///< all sessions at this level, by date, for run charts
};
/// Assesses every session of the athlete at this level: takes a moment. The cutoff of the earlier set holds for all.
[[nodiscard]] Progress progressOf(const CaseData& data, SessionId before, SessionId after, std::optional<Stress> stress,
                                  School school, const QDate& today);

/// Stress levels that both sessions have, from easy to hard.
[[nodiscard]] std::vector<Stress> commonLevels(const CaseData& data, SessionId before, SessionId after);

/// One measure over the sets, as the core charts it.
[[nodiscard]] RunChart runChartOf(const Progress& progress, const std::string& measure);

} // namespace riflesso
