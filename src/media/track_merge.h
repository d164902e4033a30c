#pragma once
// Two ways to one point between marked frames, merged; what they lack when they arrive at a mark tells what they are
// worth, and is shared out along the way.

#include "media/point_tracker.h"

namespace riflesso {

[[nodiscard]] inline double squared(double v) { return v * v; }

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

/// A landmark in one frame, after merging.
struct MergedPoint {
    PixelPoint at;
    double variance = 0;         ///< what following it has cost, px² of each coordinate
    double variancesOfMarks = 0; ///< what the marks it comes from bring with them, px² of each coordinate
    /// Of what it moves between the mark before and the mark after, the part that is done, 0 to 1.
    double done = 0;
    bool lost = true;
    bool marked = false; ///< the mark itself
};
using MergedPath = std::vector<MergedPoint>; ///< one a frame

/// A point for every frame from..to. A way that arrives at the next mark is corrected by what it lacks there, in
/// proportion to the movement done; its variance is that of a random walk tied at both ends. A way that is lost before
/// has the growth the landmark's other ways show, and more. Both ways are weighted by variance, or by the movement done
/// where both arrive, and what they disagree by is added.
[[nodiscard]] MergedPath mergeWays(const TrackWays& ways, int from, int to);

/// Doubtful: following has cost more than the usual uncertainty of a mark in a picture of this height; lost: more than
/// six times, or no way there. `from`: the first point's frame.
[[nodiscard]] TrackedPath judgedPath(const MergedPath& path, int from, int pictureHeight);

} // namespace riflesso
