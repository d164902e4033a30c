#pragma once
// The analyst's marks of a repetition carried to its other frames, the tips of implements along their line.

#include "media/point_tracker.h"
#include "work/go_on.h"
#include "work/held_points.h"
#include "work/proposals.h"

#include <map>
#include <string>
#include <vector>

namespace riflesso {

/// Frames of a clip to carry marks through.
struct StretchToTrack {
    std::string path;
    PictureSetup picture; ///< of its section
    int from = 0, to = 0; ///< last included
    std::vector<TrackSeed> seeds;
    std::vector<HeldPoint> held; ///< implements: where a tip blurs away, its line from the hand tells where it is
};
[[nodiscard]] Result<std::map<std::string, TrackedPath>> trackInStretch(const StretchToTrack& stretch,
                                                                        const GoOn& goOn);
/// As marks; what is lost is none.
[[nodiscard]] Marks marksOf(const std::map<std::string, TrackedPath>& paths);

/// What there is to carry in a repetition: marks of wanted landmarks that a person set or confirmed.
[[nodiscard]] StretchToTrack stretchToTrack(const CaseData& data, const RepetitionPlace& place);

/// Writes what was tracked; a person's marks stay.
struct TrackWritten {
    std::size_t marks = 0, lost = 0; ///< lost: of all landmarks and frames together
};
[[nodiscard]] Result<TrackWritten> writeTracked(Edit& edit, const CaseData& now, RepetitionId id,
                                                const std::map<std::string, TrackedPath>& paths);

} // namespace riflesso
