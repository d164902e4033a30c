#pragma once
// The tip of an implement in a repetition in which nobody has marked it: held as in another one in which it is.

#include "media/point_tracker.h"

#include <functional>
#include <map>
#include <vector>

namespace riflesso {

/// Where a forearm is in a frame, px.
struct Forearm {
    PixelPoint elbow, wrist;
};
/// How an implement was held in a frame in which its tip is marked, px.
struct HeldLook {
    int frame = 0;
    Forearm arm;
    PixelPoint tip;
};

/// Seeds for a tip, of up to eight frames: those in which the forearm points as in one of `looks` and moves little are
/// searched for the implement's line (tipOnLine) from the wrist on, where it would be if it were held as there. None
/// where no such line leads to the tip in the look itself, and unless at least two frames find it, held alike: one line
/// may be anything. The looks' frames may lie anywhere in the clip. `arms`: by frame. `landmark`: of the
/// seeds. `frame` and `goOn` as of trackPoints.
[[nodiscard]] Result<std::vector<TrackSeed>> recallTip(const std::function<Result<Picture>(int)>& frame,
                                                       const std::string& landmark, const std::map<int, Forearm>& arms,
                                                       const std::vector<HeldLook>& looks,
                                                       const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
