#pragma once
// Two copies of one case brought together, row by row: what changed on one side is taken, what changed on both is
// asked.

#include "store/case_rows.h"

#include "core/result.h"

#include <QDateTime>

#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace riflesso {

class Edit;

/// Of what kind a row is, for people who read of it.
enum class RowKind {
    Athlete,  ///< what is known of the athlete, limits and competitions
    Case,     ///< school, goal, yardstick, skill
    Belief,   ///< beliefs and who was not asked
    Decision, ///< decisions, own values of the score, positions, targets
    Plan,     ///< the plan and cues in the athlete's words
    Practice,
    Assessment, ///< frozen
    Clip,       ///< sessions, clips, notes on them, how walk-throughs are cut
    Section,    ///< sections and how a clip is divided
    Repetition, ///< spans, results, what was watched
    Event,
    Mark,
    Again, ///< marked a second time, blind
};
[[nodiscard]] RowKind kindOf(const RowKey& key);
[[nodiscard]] std::string_view toString(RowKind kind);

/// What changed on both sides and has to be decided: here or there.
struct MergeQuestion {
    enum class Why {
        BothChanged, ///< the same row, each side in its way; or both have it, and no state of before is known
        RemovedHere, ///< a repetition or a clip that is gone here and was worked on there
        RemovedThere,
        MarkedTwice ///< each side has marked the same stretch as a repetition of its own
    };
    Why why = Why::BothChanged;
    std::vector<RowKey> keys;  ///< decided together, of both sides
    RowKey first;              ///< the row, repetition or clip that it is about
    std::string here, there;   ///< JSON of that row; empty: not there
    QDateTime hereAt, thereAt; ///< last changed, as far as is known; not valid: not known
    bool newerThere = true;    ///< what is proposed
};

/// What bringing a copy in would do. Rows with a state of before that both sides come from are compared with it;
/// without one a row that only one side has was added there, and one that differs is asked.
struct CaseMerge {
    bool knowsBefore = false;
    QString hereDigest;                         ///< of the copy that is here
    std::set<RowKey> take;                      ///< from there, without asking
    std::map<RowKind, int> fromThere, onlyHere; ///< rows taken; rows that only here have changed
    std::vector<MergeQuestion> questions;
};
[[nodiscard]] CaseMerge mergeOf(const std::optional<CaseRows>& before, const CaseData& here, const QString& packHere,
                                const CaseData& there, const QString& packThere);

/// What a clip lies in after it came over: its path, absolute or relative to the library's folder.
using PathOfClip = std::function<QString(const Clip&)>;
struct Merged {
    int taken = 0,
        leftOut = 0; ///< rows; left out: what lies in no section, a lead that leads no more
};
/// Inside Library::change. `take`: rows that become as they are there, gone where they are not there.
[[nodiscard]] Result<Merged> takeOver(Edit& edit, const std::set<RowKey>& take, const CaseData& here,
                                      const CaseData& there, const QString& packThere, const PathOfClip& path);
/// A clip with all that is in it, as an archive holds it; `made` gets the ids of its repetitions here.
[[nodiscard]] Result<void> addWholeClip(Edit& edit, SessionId session, const Clip& clip, const QString& path,
                                        std::map<RepetitionId, RepetitionId>& made);

} // namespace riflesso
