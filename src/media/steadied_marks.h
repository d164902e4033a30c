#pragma once
// Points that were found anew in every frame tremble; the picture itself says how they moved from one frame to the
// next. Both together.

#include "media/proposed_marks.h"

#include <optional>

namespace riflesso {

/// A point in one of a run of frames.
struct CarriedPoint {
    PixelPoint seen;
    double seenSd = 1; ///< standard uncertainty of each coordinate, px, > 0
    /// How the picture moved there since the frame before; none for the first, or where that cannot be told.
    struct Step {
        PixelPoint by;
        double sd = 1; ///< px of each coordinate, > 0
    };
    std::optional<Step> step = {};
};

/// Where the point was, one a frame: the least squares of what was seen and of how the picture moved, with a Cauchy
/// weight on each, so that a point seen somewhere else, or a picture that moved with something else, has hardly a say.
/// Without steps it stays as it was seen.
[[nodiscard]] std::vector<PixelPoint> steadied(const std::vector<CarriedPoint>& run);

/// Steadies the marks of frames from..to by the picture's movement round them (optical flow there and back). Marks keep
/// their uncertainty, and frames without a mark stay without. `goOn` as in trackPoints; nothing is changed when it
/// stops.
[[nodiscard]] Result<void> steadyByPicture(ProposedMarks& marks, const std::function<Result<Picture>(int)>& frame,
                                           int from, int to, const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
