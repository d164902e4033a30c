#pragma once
// What the practice log says of the rungs of a ladder: which are passed, and where the plan begins.

#include "core/practice/practice_log.h"

namespace riflesso {

/// One drill under one condition over all days.
struct RungRecord {
    std::string fault, drill;
    PracticeCondition condition;
    BlockVerdict verdict; ///< of the last block
    int good = 0, all = 0;
    bool passed = false; ///< 11 of 12 in one block, or 9 of 12 in two blocks running, and no block to be eased since
    struct OnDay {
        Day date;
        int good = 0, all = 0;
    };
    std::vector<OnDay> days;
    std::size_t last = 0;                ///< place of its last block in the log
    std::optional<std::size_t> lastGood; ///< of its last block with 9 of 12
};
/// By fault, drill and condition, in the order they were first practised; homework and tests are not among them.
[[nodiscard]] std::vector<RungRecord> rungRecords(const PracticeLog& log);

/// The rung that a plan begins with, out of what was practised: the one after the hardest that is passed under its own
/// condition or a harder one; and the one below where its last block was half good or less and the one below was not
/// good since. `from`: the rung that follows without a log.
struct RungStart {
    std::size_t rung = 0;
    enum class Why { AsBefore, Passed, Eased } why = Why::AsBefore;
    std::string drill; ///< that was passed, or is to be eased
    int good = 0, all = 0;
};
[[nodiscard]] RungStart startOf(const Pack& pack, const std::string& fault, const std::vector<Rung>& rungs,
                                std::size_t from, const std::vector<RungRecord>& records);

/// Lets every ladder of the plan begin where practice has come to.
void followPractice(Prescription& prescription, const Pack& pack, const PracticeLog& log);

} // namespace riflesso
