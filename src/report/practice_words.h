#pragma once
// What practice and progress are called on screen and on paper.

#include "core/practice/next_step.h"
#include "core/practice/said_and_felt.h"
#include "work/practice_record.h"

#include <QString>

namespace riflesso::words {

[[nodiscard]] QString toldName(Told told);
/// "so far: stay", "go on, confirm with one more block".
[[nodiscard]] QString blockVerdict(const BlockVerdict& verdict);
/// "fed, signal lamp".
[[nodiscard]] QString conditionName(const PracticeCondition& condition);
/// "learning", "no clear change in 96 repetitions", with what it rests on in `because`.
[[nodiscard]] QString learningName(const LearningVerdict& verdict);
[[nodiscard]] QString learningBecause(const LearningVerdict& verdict);
[[nodiscard]] QString testName(const PracticeTest& test);
[[nodiscard]] QString testBecause(const PracticeTest& test);
[[nodiscard]] QString nextName(const Pack& pack, const NextStep& step);
[[nodiscard]] QString nextBecause(const Pack& pack, const NextStep& step);
[[nodiscard]] QString waitingName(const Pack& pack, const Waiting& waiting);

} // namespace riflesso::words
