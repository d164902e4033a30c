#pragma once
// How a camera that pans, tilts or shakes moved, from what stands still behind the athlete.

#include "core/points/picture_setup.h"
#include "media/pose_network.h"

#include <functional>
#include <optional>

namespace riflesso {

struct FollowedCamera {
    CameraMotion motion;
    double farthestPx = 0; ///< how far the middle of the picture wandered
    /// Whether it moved by more than a mark's usual uncertainty.
    [[nodiscard]] bool moved(int pictureHeight) const;
};

/// The pictures from..to (last included) laid over that of frame `from`, by corners of the background that are followed
/// from picture to picture and a homography most of them agree on (random sample consensus); where turning alone
/// explains that nearly as well (one focal length, three numbers a picture), the turns are taken instead. Where the
/// view has gone too far from the frame of reference, a later frame takes its place, and the uncertainty grows.
/// `athlete` says where not to look, frame by frame; none: everywhere, and the athlete is outvoted. A frame in which
/// too little of the background is found again is left out, never guessed. `frame` and `goOn` as in trackPoints.
[[nodiscard]] Result<FollowedCamera> followCamera(const std::function<Result<Picture>(int)>& frame, int from, int to,
                                                  const std::function<std::optional<PictureBox>(int)>& athlete = {},
                                                  const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
