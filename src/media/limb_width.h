#pragma once
// How much of a picture belongs to a limb.

#include <algorithm>
#include <cmath>

namespace riflesso {

/// Side of the square round a point on a limb that shows the limb and little else, in a picture of an athlete; odd, px.
[[nodiscard]] inline int limbWidthPx(int pictureHeight) {
    constexpr double kShare = 0.038;
    constexpr int kLeast = 7, kMost = 40; // half sides, px
    return 2 * std::clamp(static_cast<int>(std::lround(kShare * pictureHeight / 2)), kLeast, kMost) + 1;
}

} // namespace riflesso
