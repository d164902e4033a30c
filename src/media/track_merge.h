#pragma once
// Two ways to one point between marked frames, merged; their closure at the marks tells what they are worth.

#include "media/point_tracker.h"

namespace riflesso {

/// Where a way is in one frame, and the variance its own steps have cost (px², of each coordinate).
struct TrackStep {
    PixelPoint at;
    double variance = 0;
    bool lost = true;
};

/// One landmark: its marks, and the ways forward and backward. At a marked frame a way holds what *arrived* there from
/// the mark before.
struct TrackWays {
    std::map<int, TrackSeed> seeds;
    std::map<int, TrackStep> forward, backward;
};

/// A point for every frame from..to. A way's variance grows at least as fast as its distance from the mark where it
/// arrived says; both ways are weighted by their variances, and what they disagree by is added. Doubtful: more than
/// twice the usual uncertainty of a mark in a picture of this height; lost: more than six times, or no way there.
[[nodiscard]] TrackedPath mergeWays(const TrackWays& ways, int from, int to, int pictureHeight);

} // namespace riflesso
