#pragma once
// Faults, their causes and their order: what to fix first, with every term of the score.

#include "core/judge/deviation.h"

#include <array>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

enum class School { Root, Ground, Effect, Earliest };
[[nodiscard]] std::string_view toString(School school);
[[nodiscard]] std::optional<School> schoolFrom(std::string_view text);

constexpr std::array kAllSchools = {School::Root, School::Ground, School::Effect, School::Earliest};

/// The terms of the score.
enum class Term { Severity, Frequency, Certainty, Leverage, Effect, Readiness };
[[nodiscard]] std::string_view toString(Term term);
[[nodiscard]] std::optional<Term> termFrom(std::string_view text);
/// Least and largest value a term may be set to.
[[nodiscard]] std::pair<double, double> rangeOf(Term term);

/// The analyst's value in the place of a computed term, with the reason, which is kept.
struct TermOverride {
    std::string fault;
    Term term = Term::Effect;
    double value = 0; ///< inside rangeOf(term)
    std::string reason;
};

/// What is chosen, and known from elsewhere, when faults are judged.
struct JudgingChoices {
    School school = School::Root;
    Limits limits; ///< of the athlete
    std::vector<TermOverride> overrides;
    /// Weighted kappa of an observation's raters or sittings. Below 0.4 its probability is 0.5 and it is never clear.
    std::map<std::string, double> kappas;
    /// Own effect of a fault as the results of this set show it, in place of the pack's (result_effect.h).
    std::map<std::string, double> measuredEffects;
};
[[nodiscard]] bool isWeak(const std::map<std::string, double>& kappas, const std::string& observation);

/// A fault in one repetition.
struct FaultShown {
    std::string trial; ///< empty: the fault is judged once for the set
    int cycle = 0;
    double degree = 0;      ///< 0 at the tolerance, 1 at three tolerances
    double probability = 1; ///< that it is real
};

struct Consequence {
    std::string fault;
    double weight = 0; ///< W: largest product of weights over the paths there
    double share = 0;  ///< q: of the repetitions showing it, those that also show this one
};

struct OverriddenTerm {
    Term term = Term::Effect;
    double computed = 0, value = 0;
    std::string reason;
};

struct Finding {
    std::string fault;
    int rank = 0; ///< from 1, safety lift included
    double score = 0, severity = 0, frequency = 0, certainty = 0, leverage = 0, effect = 0, readiness = 1;
    State state = State::Possible;
    bool present = false;
    int shown = 0, judged = 0;
    Caution safety = Caution::None;
    std::string consequenceOf;        ///< empty for none
    std::vector<Consequence> leadsTo; ///< present descendants, in pack order
    std::vector<FaultShown> repetitions;
    bool changedTarget = false; ///< limited by one of the athlete's limits
    std::vector<OverriddenTerm> overridden;
    std::array<int, kAllSchools.size()> places{}; ///< under each school, without the lift; 0 when not present
};

struct Findings {
    std::vector<Finding> ranked;       ///< as printed, safety lifted
    std::vector<std::string> unlifted; ///< present faults in the school's order without the lift
    std::vector<std::string> seenOnce, notJudged;
    [[nodiscard]] const Finding* find(std::string_view fault) const;
    /// True when `fault` follows from `cause`, directly or through others.
    [[nodiscard]] bool followsFrom(std::string_view fault, std::string_view cause) const;
};

/// measures: of these trials; they say which repetitions there are.
[[nodiscard]] Findings findFaults(const Pack& pack, const std::vector<Trial>& trials,
                                  const std::vector<TrialMeasures>& measures,
                                  const std::vector<SetDeviation>& deviations, const JudgingChoices& choices);

/// Degree of a deviation against the tolerance, 0..1: `(delta/T - 1)/2`.
[[nodiscard]] double degreeOf(double delta, double tolerance);

} // namespace riflesso
