#pragma once
// Scale from things of known length seen in the plane of movement.

#include "core/points/landmark.h"

#include <optional>
#include <vector>

namespace riflesso {

/// Both ends of something whose length is known. uM: standard uncertainty of that length, metres, >= 0.
struct KnownLength {
    int frame = 0; ///< of the clip, where it was marked
    PixelPoint a, b;
    double metres = 0; ///< > 0
    double uM = 0;
    bool operator==(const KnownLength&) const = default;
};

/// A tape read to half a centimetre (own choice).
constexpr double kTapeUM = 0.0025;

struct KnownScale {
    double metresPerPixel = 0;
    double relativeU = 0; ///< relative standard uncertainty
    /// Root mean square by which the lengths differ from the common scale, relative. None for one length: no check
    /// possible.
    std::optional<double> residual;
};
/// Weighted mean of metres a pixel, each length by its own uncertainty: that of its ends (sigmaPx on every coordinate)
/// and of its metres. Where the lengths differ by more than that explains, the residual stands for u. None without a
/// length, or where one has no extent in the picture.
/// bearingDeg, below 90: of the camera; a length along the way is longer than it looks.
[[nodiscard]] std::optional<KnownScale> scaleFrom(const std::vector<KnownLength>& lengths, double sigmaPx,
                                                  double bearingDeg = 0);

} // namespace riflesso
