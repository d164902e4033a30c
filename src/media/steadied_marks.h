#pragma once
// Points that were found anew in every frame tremble; the picture itself says how they moved from one frame to the
// next. Both together.

#include "media/proposed_marks.h"

#include <optional>

namespace riflesso {

/// A point in one of a run of frames.
struct CarriedPoint {
    std::optional<PixelPoint> seen; ///< in this frame itself
    double seenSd = 1;              ///< standard uncertainty of each coordinate, px, > 0
    /// How the picture moved there since the frame before; none for the first, or where that cannot be told.
    std::optional<PictureStep> step = {};
};

/// Where the point was, one a frame: the least squares of what was seen and of how the picture moved, with a Cauchy
/// weight on each, so that a point seen somewhere else, or a picture that moved with something else, has hardly a say.
/// Without steps it stays as it was seen, and goes straight between. At least one is seen.
[[nodiscard]] std::vector<PixelPoint> steadied(const std::vector<CarriedPoint>& run);

/// The same for marks, with the steps they bring along. They keep their uncertainty.
void steady(ProposedMarks& marks);

} // namespace riflesso
