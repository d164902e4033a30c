#pragma once
// The window's side of marks and key events that the program proposes: in the background, then said. What is found and
// what of it is written: src/work.

#include "app/workspace.h"
#include "work/propose_marks.h"

#include <QObject>
#include <QRectF>

#include <optional>

namespace riflesso {

struct DoubtfulStretch;

/// "12 marks and 2 key events of this set are proposed, not confirmed. ", empty where none is.
[[nodiscard]] QString openProposalsText(const Workspace& workspace);

/// Repetitions of the set that is worked on.
[[nodiscard]] std::vector<RepetitionId> chosenRepetitions(const Workspace& workspace);

class MarkProposals : public QObject {
    Q_OBJECT
public:
    explicit MarkProposals(Workspace& workspace, QObject* parent = nullptr);

    /// The pose network through these repetitions, then their key events; each is written when it is done, so that the
    /// first can be looked at while others are worked on. Where a repetition of the section has marks set by hand,
    /// proposals go where these would have been.
    /// `box`: where the athlete is when they begin, drawn by hand; none: found.
    void propose(const std::vector<RepetitionId>& repetitions, std::optional<QRectF> box = {});
    /// Carries the set and confirmed marks of a repetition to its other frames.
    void track(RepetitionId repetition);
    /// The same in each of these in which something is set or confirmed.
    void trackAll(const std::vector<RepetitionId>& repetitions);
    /// Confirms what is proposed in one frame, its key event too; or all that is not doubtful in the repetition, and
    /// where nothing of that is left there, in the others of the set.
    void confirmFrame(RepetitionId repetition, int frame);
    void confirmSure(RepetitionId repetition);
    /// All that is proposed in its frames: somebody has looked at it.
    void confirmStretch(const DoubtfulStretch& stretch);
    /// What was learned is kept by section: of another library it says nothing.
    void forget() { habits_ = {}; }

private:
    /// Repetitions that were asked for at once.
    struct Run {
        std::vector<RepetitionId> repetitions;
        std::optional<PictureBox> box; ///< where the athlete is when they begin
        QString undoKey;
        std::size_t done = 0;
        ProposalWritten written;
        int asYours = 0;
    };
    void proposeNext(Run run);
    void proposed(Run run);
    void sayFailed(const Run& run, const Error& error);

    Workspace& workspace_;
    SectionHabits habits_;
};

} // namespace riflesso
