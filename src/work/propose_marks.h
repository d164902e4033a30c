#pragma once
// Landmarks and key events of repetitions, proposed: the pose network over every frame, left and right after the
// analyst's own marks, each put where the analyst would have put it.

#include "work/go_on.h"
#include "work/proposals.h"
#include "work/section_habits.h"
#include "work/shown_clip.h"

#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// Frames of a clip to propose marks in.
struct StretchToMark {
    std::string path;
    PictureSetup picture; ///< of its section
    int from = 0, to = 0; ///< last included
    Marks byAnalyst;      ///< tell left from right, and where the athlete is
    bool feet = true;     ///< whether heels and toes are wanted; they cost as much as a third of the rest
};
/// `models`: folder of the networks' weights. `box`: where the athlete is in the first frame; none: round the marks of
/// the first frame that has three, else in the part in use.
[[nodiscard]] Result<ProposedMarks> proposeInStretch(PoseNetwork& network, const StretchToMark& stretch,
                                                     std::optional<PictureBox> box, const GoOn& goOn);

/// The marks alone.
[[nodiscard]] Marks marksOf(const ProposedMarks& proposed);
/// Key events of a repetition with these marks beside its own: from the other marked repetitions (the models' where the
/// athlete has none), else by the pack's rules. Those a person set stay.
[[nodiscard]] std::map<std::string, StoredEvent> proposedEvents(const CaseData& data, RepetitionId id,
                                                                const Marks& marks);

/// What was found for one repetition.
struct RepetitionProposal {
    RepetitionId id;
    Marks marks;
    std::map<std::string, StoredEvent> events;
};
struct Proposal {
    std::vector<RepetitionProposal> repetitions;
    SectionHabits habits; ///< with what was learned on the way
    int asYours = 0;      ///< repetitions whose marks were moved by the analyst's own habit
};
/// Over these repetitions, and before them over those that teach where the analyst puts marks, where that is not in
/// `habits` yet; then their key events, from the other marked repetitions (the models' where the athlete has none),
/// else by the pack's rules. `box` as above, of the first of them.
[[nodiscard]] Result<Proposal> proposeRepetitions(const CaseData& data, const std::vector<RepetitionId>& repetitions,
                                                  const std::string& models, std::optional<PictureBox> box,
                                                  const SectionHabits& habits, const GoOn& goOn);

/// Writes a proposal that was made on `then`. Where frames are others by now, or a person set something meanwhile, that
/// stays.
struct ProposalWritten {
    std::size_t marks = 0, doubtful = 0, events = 0;
    std::size_t gone = 0; ///< repetitions that were changed or removed meanwhile
    ProposalWritten& operator+=(const ProposalWritten& other) {
        marks += other.marks;
        doubtful += other.doubtful;
        events += other.events;
        gone += other.gone;
        return *this;
    }
};
[[nodiscard]] Result<ProposalWritten> writeProposal(Edit& edit, const CaseData& then, const CaseData& now,
                                                    const Proposal& proposal);

} // namespace riflesso
