#pragma once
// Does it hold? Tests without feedback, a week later (retention) or under another condition (transfer).

#include "core/practice/practice_log.h"

namespace riflesso {

/// A test of 24 without feedback (block.kind retention or transfer).
struct PracticeTest {
    enum class Verdict { Learned, ShownNotLearned, Unclear, NotShown };
    Day date;
    PracticeKind kind = PracticeKind::Retention;
    std::string fault, drill;
    PracticeCondition condition;
    Verdict verdict = Verdict::Unclear;
    int good = 0, all = 0, baselineGood = 0, baselineAll = 0;
    int daysSince = 0; ///< since the drill was last practised before
    enum class Unclear { None, TooFew, TooSoon, Told, NoBaseline, NoDifference, Between } why = Unclear::None;
};
[[nodiscard]] std::string_view toString(PracticeTest::Verdict verdict);
constexpr int kTestLength = 24, kTestGood = 18, kRetentionDays = 7;
/// Every test of the log. Shown before: 18 of 24 over two running practice blocks of the drill. Learned: shown, 18 of
/// 24 in the test, and Newcombe's 80 % interval of test less baseline (the first 24 at that drill and condition without
/// feedback) above 0. Shown, not learned: Wilson's 80 % upper end of the test under 0.75.
[[nodiscard]] std::vector<PracticeTest> practiceTests(const PracticeLog& log);

} // namespace riflesso
