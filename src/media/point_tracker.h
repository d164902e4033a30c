#pragma once
// Landmarks carried from frames where they are marked to the frames between. A position comes with its uncertainty;
// what is lost is said, never guessed.

#include "media/clip_reader.h"

#include "core/points/landmark.h"

#include <functional>
#include <map>
#include <string>
#include <vector>

namespace riflesso {

/// A landmark as marked in one frame; sigmaPx: its standard uncertainty in pixels, > 0.
struct TrackSeed {
    std::string landmark;
    int frame = 0;
    PixelPoint at;
    double sigmaPx = 1;
};

struct TrackedPoint {
    enum class Status {
        Tracked,
        Doubtful, ///< following it has cost more than the usual uncertainty of a mark
        Lost      ///< not found; `at` is where it was last, and not to be used
    };
    int frame = 0;
    PixelPoint at;
    double sigmaPx = 0; ///< standard uncertainty of each coordinate
    Status status = Status::Tracked;
};
using TrackedPath = std::vector<TrackedPoint>; ///< one a frame, from the first frame asked for to the last

/// Every landmark of `seeds` in every frame from..to (last included; from <= to). Between two marked frames the ways
/// forward and backward are merged by their uncertainties; outside there is one way. A seed outside from..to is left
/// out. `frame` gives any picture by its index; `goOn` is asked after each, with the share done; false stops.
[[nodiscard]] Result<std::map<std::string, TrackedPath>>
trackPoints(const std::function<Result<Picture>(int)>& frame, int from, int to, const std::vector<TrackSeed>& seeds,
            const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
