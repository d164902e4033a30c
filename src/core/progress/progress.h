#pragma once
// What becomes of a fault and a measure over weeks, conditions and opinions: run chart, relapse, guesses, felt and
// seen.

#include "core/plan/schedule.h"
#include "core/progress/retest.h"

namespace riflesso {

/// One measure over the assessed sets of a case.
struct RunPoint {
    Day date;
    double median = 0, u = 0; ///< u_med
    std::size_t repetitions = 0;
    bool comparable = true; ///< with the first one
    Reason reason;          ///< why not
    bool outside = false;   ///< of the band
};
struct RunChart {
    std::string measure, unit;
    std::vector<RunPoint> points;
    double detectable = 0; ///< half width of the band round the first median
    /// Moved when the last two comparable points lie outside on the same side (own choice): one point decides nothing.
    std::optional<Direction> moved;
};
/// sets: by date. Sets without the measure are left out; comparable as in a retest, with the first.
[[nodiscard]] RunChart runChart(const std::string& measure, const std::vector<std::pair<Day, AssessedSet>>& sets);

/// A fault at one stress level.
struct LevelPoint {
    Stress stress = Stress::Calm;
    int free = 0, judged = 0; ///< repetitions that do not show it
    Interval interval;        ///< Wilson 95 % of the share that does not
};
struct OverConditions {
    std::vector<LevelPoint> levels;  ///< from easy to hard
    std::optional<Stress> mastered;  ///< hardest level at which at most a quarter of 4 or more show it
    std::optional<Stress> relapseAt; ///< first harder level, of 4 or more, where it is back
};
[[nodiscard]] OverConditions overConditions(const std::vector<Trial>& trials, const Finding& finding);

/// A measure at one stress level.
struct ConditionValue {
    Stress stress = Stress::Calm;
    double median = 0, u = 0;
    std::size_t repetitions = 0;
};
[[nodiscard]] std::vector<ConditionValue> valuesOverConditions(const std::string& measure,
                                                               const std::vector<Trial>& trials,
                                                               const std::vector<TrialMeasures>& measures);

/// What somebody said a measure would be, against what it is.
enum class Guesser { Athlete, Analyst, Forecast };
[[nodiscard]] std::string_view toString(Guesser guesser);
[[nodiscard]] std::optional<Guesser> guesserFrom(std::string_view word);
struct Guess {
    Guesser whose = Guesser::Athlete;
    std::string measure;
    double value = 0; ///< in the measure's unit
};
struct GuessScore {
    Guess guess;
    double measured = 0, u = 0, error = 0; ///< error: measured - guessed
    double tolerance = 0;                  ///< of the measure
    bool right = false;                    ///< within the tolerance and the uncertainty
    std::optional<bool> rightSide;         ///< of the reference; none when the measured set lies within it
    std::optional<double> factor;          ///< measured deviation over guessed one; none where that is 0
};
/// None without a reference or a value of the measure.
[[nodiscard]] std::optional<GuessScore> scoreGuess(const Pack& pack, const Assessment& assessment, const Guess& guess);

/// What the result was said to become, against what it is: a share of good ones for a choice, else a mean.
struct ResultScore {
    std::string result; ///< of the pack
    double forecast = 0, measured = 0;
    Interval interval; ///< of the measured, 95 %
    std::string unit;  ///< empty for a share
    int repetitions = 0;
    bool right = false; ///< the forecast lies in the interval
};
/// None without the result in at least 4 repetitions.
[[nodiscard]] std::optional<ResultScore> scoreResultForecast(const ResultDef& def, const std::vector<Trial>& trials,
                                                             double forecast);

/// One that was scored, and when it was said.
struct ScoredGuess {
    Day said;
    GuessScore score;
};
/// How somebody's guesses have come out over time.
struct GuessRecord {
    Guesser whose = Guesser::Athlete;
    int scored = 0, right = 0;
    double off = 0;                   ///< median of |measured - guessed|, in tolerances
    double bias = 0;                  ///< median of measured - guessed, in tolerances: above 0 was said too low
    std::vector<ScoredGuess> guesses; ///< by day
};
/// Person by person, in the order of Guesser; who guessed nothing is left out.
[[nodiscard]] std::vector<GuessRecord> guessRecords(std::vector<ScoredGuess> guesses);

/// "Felt right" against what the film shows, repetition by repetition.
struct FeltAgainstSeen {
    int feltRightSeenRight = 0, feltRightSeenOff = 0, feltOffSeenRight = 0, feltOffSeenOff = 0;
    Interval agreement;          ///< Wilson 95 % of the share that agrees
    std::optional<double> kappa; ///< Cohen's; none below 4 repetitions
    [[nodiscard]] int all() const { return feltRightSeenRight + feltRightSeenOff + feltOffSeenRight + feltOffSeenOff; }
};
/// feltRight: by trial. Seen off: the repetition shows the fault.
[[nodiscard]] FeltAgainstSeen feltAgainstSeen(const std::map<std::string, bool>& feltRight, const Finding& finding);

/// Good repetitions counted live against those the film shows, of the same block.
struct CountCheck {
    double difference = 0; ///< live share - filmed share
    Interval interval;     ///< 95 %
    bool tooKind = false;  ///< more were counted good than the film shows, by more than chance
    bool tooStrict = false;
};
/// Precondition: at least one repetition in both.
[[nodiscard]] CountCheck checkCounts(int liveGood, int liveAll, int filmGood, int filmAll);

} // namespace riflesso
