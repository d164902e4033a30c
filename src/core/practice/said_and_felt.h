#pragma once
// What was said to the athlete, and what the athlete said: feedback, cues, felt against seen.

#include "core/practice/practice_log.h"

namespace riflesso {

/// Two cues at one drill under one condition, at least two whole blocks each.
struct CueAgainstCue {
    std::string drill, a, b;
    PracticeCondition condition;
    int goodA = 0, allA = 0, goodB = 0, allB = 0;
    double difference = 0; ///< share with b less with a
    Interval interval;     ///< 95 %, Newcombe
    [[nodiscard]] int winner() const { return interval.low > 0 ? 1 : interval.high < 0 ? -1 : 0; } ///< 1: b, -1: a
};
[[nodiscard]] std::vector<CueAgainstCue> cuesCompared(const PracticeLog& log);

/// What the athlete said of repetitions that were judged good or not.
struct FeltRecord {
    int judged = 0;                  ///< with both
    int off = 0, offCalled = 0;      ///< not good; of them felt off
    int called = 0, calledRight = 0; ///< felt off; of them not good
    /// From 10 that were off on, four in five called, and four in five calls right (own choice): film at home less.
    [[nodiscard]] bool mayFilmLess() const {
        return off >= 10 && 5 * offCalled >= 4 * off && called > 0 && 5 * calledRight >= 4 * called;
    }
};
[[nodiscard]] FeltRecord feltRecord(const PracticeLog& log);

/// What the coach's eye made of repetitions that were measured at once, where the number was sure.
struct EyeRecord {
    int both = 0, agree = 0;
    std::optional<double> kappa; ///< Cohen's; none below 4
};
[[nodiscard]] EyeRecord eyeRecord(const PracticeLog& log);

/// Repetitions of practice that feedback followed, of all; and blocks of 8 or more in which every one was told.
struct ToldRecord {
    int told = 0, all = 0, blocksAlwaysTold = 0;
};
[[nodiscard]] ToldRecord toldRecord(const PracticeLog& log);

/// How feedback is spread. The evidence is mixed; the coach chooses.
enum class FeedbackSchool { Faded, Bandwidth, Summary, Asked };
[[nodiscard]] std::string_view toString(FeedbackSchool school);
[[nodiscard]] std::optional<FeedbackSchool> feedbackSchoolFrom(std::string_view word);
/// Whether feedback is proposed after the last repetition of a block, and otherwise after how many more.
struct TellNow {
    bool now = false;
    int in = 0;    ///< repetitions until then; 0: now, or nothing is foreseen
    int every = 0; ///< of Faded and Summary: once in so many
};
/// block: its repetitions so far; shareBefore: of good ones in the last block of the drill. Faded: every second below a
/// half good, every third below three quarters, then every sixth (own choice); Bandwidth: after one that was not good;
/// Summary: after every sixth; Asked: never by itself.
[[nodiscard]] TellNow tellNow(FeedbackSchool school, const std::vector<LoggedRepetition>& block,
                              std::optional<double> shareBefore);

} // namespace riflesso
