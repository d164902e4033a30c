#pragma once
// How the picture itself moved round points from one picture to the next (optical flow there and back).

#include "media/clip_reader.h"

#include "core/points/landmark.h"

#include <memory>
#include <optional>
#include <vector>

namespace riflesso {

/// From one picture to the next.
struct PictureStep {
    PixelPoint by;
    double sd = 1; ///< standard uncertainty of each coordinate, px, > 0
};

/// A picture made ready to be compared with its neighbours; read only once made, by any thread.
class StepPicture {
public:
    [[nodiscard]] static Result<StepPicture> of(const Picture& picture);

    /// How the picture moved round each of these points until `next`; none where that cannot be told: it comes back
    /// elsewhere, or the two are not of one size.
    [[nodiscard]] Result<std::vector<std::optional<PictureStep>>> stepsTo(const StepPicture& next,
                                                                          const std::vector<PixelPoint>& points) const;

private:
    struct Levels;
    std::shared_ptr<const Levels> levels_;
};

} // namespace riflesso
