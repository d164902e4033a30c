#pragma once
// The analyst's marks of a repetition carried to its other frames, the tips of implements along their line.

#include "media/recalled_tip.h"
#include "work/go_on.h"
#include "work/held_points.h"
#include "work/proposals.h"

#include <map>
#include <string>
#include <vector>

namespace riflesso {

/// A tip that nobody has marked in a repetition, but in others of its section.
struct TipToRecall {
    std::string tip;
    std::vector<HeldLook> looks; ///< of the others
    std::map<int, Forearm> arms; ///< of this repetition, where they are not doubtful
};

/// Frames of a clip to carry marks through.
struct StretchToTrack {
    std::string path;
    PictureSetup picture; ///< of its section
    int from = 0, to = 0; ///< last included
    std::vector<TrackSeed> seeds;
    std::vector<HeldPoint> held; ///< implements: where a tip blurs away, its line from the hand tells where it is
    std::vector<TipToRecall> recall = {};          ///< found by how they are held, and carried from there
    std::map<std::string, TrackedPath> hands = {}; ///< as marked, for those of `held` that are not carried themselves

    [[nodiscard]] bool empty() const { return seeds.empty() && recall.empty(); }
};
/// Tips that are not found again have no path.
[[nodiscard]] Result<std::map<std::string, TrackedPath>> trackInStretch(const StretchToTrack& stretch,
                                                                        const GoOn& goOn);
/// As marks; what is lost is none.
[[nodiscard]] Marks marksOf(const std::map<std::string, TrackedPath>& paths);

/// What there is to carry in a repetition: marks of wanted landmarks that a person set or confirmed, and tips that are
/// marked in another repetition of the section but not in this one.
[[nodiscard]] StretchToTrack stretchToTrack(const CaseData& data, const RepetitionPlace& place);

/// Writes what was tracked; a person's marks stay.
struct TrackWritten {
    std::size_t marks = 0, lost = 0; ///< lost: of all landmarks and frames together
};
[[nodiscard]] Result<TrackWritten> writeTracked(Edit& edit, const CaseData& now, RepetitionId id,
                                                const std::map<std::string, TrackedPath>& paths);

} // namespace riflesso
