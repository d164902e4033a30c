#pragma once
// Today's practice: the lesson of the plan, item by item, with what was logged today; and the block that goes on.

#include "store/case_data.h"

#include <QDateTime>

namespace riflesso {

/// A step of today's session.
struct SessionItem {
    LessonItem item;
    std::string fault;                 ///< of Main, Minor and Test
    int good = 0, all = 0, blocks = 0; ///< logged today for its drill
};
/// As the lesson sheet of the plan has it. Nothing without a focus.
[[nodiscard]] std::vector<SessionItem> todaysSession(const CaseData& data, const Prescription& prescription,
                                                     const QDate& today, int minutes);

/// What a repetition belongs to.
struct PracticeChoice {
    PracticeKind kind = PracticeKind::Practice;
    std::string fault, drill;
    PracticeCondition condition;
    QString cue, fedBy;
};
/// The block that goes on for this choice at `now`: the last one of it, not ended, not longer ago than four hours, and
/// not full (12 in practice, 24 in a test). None: the next repetition begins one.
[[nodiscard]] const PracticeBlock* openBlock(const CaseData& data, const PracticeChoice& choice, const QDateTime& now);
/// The last block of this choice, whole or not; none where nothing of it was logged.
[[nodiscard]] const PracticeBlock* lastBlock(const CaseData& data, const PracticeChoice& choice);
[[nodiscard]] int blockLength(PracticeKind kind);

/// Under what a drill is practised where nobody says otherwise.
[[nodiscard]] PracticeCondition ownCondition(const DrillDef& drill);

/// The moment that is written down for something done at `now`: never before what the block holds already, so that a
/// clock set back mixes nothing up. `setBack`: it was.
struct Moment {
    QDateTime at;
    bool setBack = false;
};
[[nodiscard]] Moment momentFor(const PracticeBlock* block, const QDateTime& now);

/// The log of a table as blocks to be stored; days and times are this machine's.
[[nodiscard]] std::vector<PracticeBlock> blocksOf(const PracticeLog& log);

} // namespace riflesso
