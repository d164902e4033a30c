#pragma once
// The lens of a camera from a clip in which a chessboard is shown to it from many sides.

#include "core/points/calibration.h"
#include "media/clip_reader.h"

#include <functional>

namespace riflesso {

struct BoardSize {
    int columns = 9, rows = 6; ///< inner corners, where four fields meet; > 2
};
struct LensFit {
    Lens lens;
    double residualPx = 0; ///< root mean square distance of the corners seen from where the lens puts them
    int boards = 0;        ///< pictures in which the whole board was found and that were used
};

/// From up to 30 pictures of a clip of `frames` frames, spread over it. Squares need no size: the lens does not depend
/// on it. Bad input where the board is found whole in fewer than six pictures. Source: the plane-based calibration of
/// the OpenCV library. `frame` and `goOn` as in trackPoints.
[[nodiscard]] Result<LensFit> lensFromBoards(const std::function<Result<Picture>(int)>& frame, int frames,
                                             BoardSize board, const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
