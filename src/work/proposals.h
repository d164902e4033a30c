#pragma once
// Marks and key events that the program found in a repetition: which may be written, which wait for the analyst's word,
// and what that word does.

#include "store/edit.h"

#include <map>
#include <set>
#include <string>
#include <vector>

namespace riflesso {

using Marks = std::map<std::string, MarksByFrame>; ///< by landmark and frame

/// Stored names of the landmarks that the pack wants marked in this repetition.
[[nodiscard]] std::set<std::string> wantedLandmarks(const CaseData& data, const RepetitionPlace& place);
/// Whether heels or toes are among them, whichever side they will be of.
[[nodiscard]] bool wantsFeet(const CaseData& data, const Repetition& repetition);
/// What a person set, confirmed or brought from a table.
[[nodiscard]] Marks marksOfAnalyst(const Repetition& repetition);

/// Of what was found, the marks that may be written: of wanted landmarks, where they are not said to be hidden, a
/// person set nothing, and nothing surer was proposed.
[[nodiscard]] Marks marksToWrite(const CaseData& data, const RepetitionPlace& place, const Marks& found);
[[nodiscard]] Result<void> writeMarks(Edit& edit, RepetitionId id, const Marks& marks);
[[nodiscard]] std::size_t countOf(const Marks& marks);
/// A mark that a person sets, and what a network proposed beside it in time (goAlong).
[[nodiscard]] Result<void> setByHand(Edit& edit, const Repetition& repetition, const std::string& landmark, int frame,
                                     const Mark& mark);

/// What of a repetition is proposed and not yet confirmed.
struct OpenProposals {
    int marks = 0, doubtful = 0, events = 0;
    std::vector<int> doubtfulFrames; ///< in order
};
[[nodiscard]] OpenProposals openProposals(const Repetition& repetition);

/// Confirms what is proposed in one frame, its key event too. What a person looked at loses the doubt: a mark of the
/// network keeps the uncertainty that its kind of landmark has, a tracked one is as sure as one set by hand
/// (`sigmaPx`).
[[nodiscard]] Result<void> confirmFrame(Edit& edit, const Repetition& repetition, int frame, double sigmaPx);
/// The same for frames that follow each other.
[[nodiscard]] Result<void> confirmFrames(Edit& edit, const Repetition& repetition, int from, int to, double sigmaPx);
/// The same for all of the repetition that is not doubtful.
[[nodiscard]] Result<void> confirmSure(Edit& edit, const Repetition& repetition, double sigmaPx);

} // namespace riflesso
