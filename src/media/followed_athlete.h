#pragma once
// An athlete through a stretch of frames: the network looks at some, the picture's own movement carries what it saw to
// those between, and where the two disagree the network looks again.

#include "media/pose_network.h"

#include <functional>
#include <vector>

namespace riflesso {

/// What is known of one frame.
struct ProposedFrame {
    int frame = 0;
    std::vector<ProposedPoint> points; ///< empty where no person was seen
};

/// How rarely the network may look.
struct LookPlan {
    int mostApart = 6; ///< frames from one look to the next; 1: at every frame
    bool feet = true;  ///< whether heels and toes are wanted
};

/// Frames from..to, one after another. Points of frames between two looks are `carried`, from the look before.
/// `near`: where the athlete is in the first frame; none: anywhere. `frame` is called from one other thread, in order.
/// `goOn` is asked with the share that is done; false: cancelled.
[[nodiscard]] Result<std::vector<ProposedFrame>> followAthlete(PoseNetwork& network,
                                                               const std::function<Result<Picture>(int)>& frame,
                                                               int from, int to, std::optional<PictureBox> near,
                                                               const LookPlan& plan = {},
                                                               const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
