#pragma once
// Somebody who walks through the picture while the athlete moves.

#include "simcam/figure.h"
#include "simcam/hall.h"

namespace riflesso::simcam {

struct PasserBy {
    Outfit outfit;
    Vec3 from, to;     ///< on the floor of the hall, body heights
    float startS = 0;  ///< at `from`; before that nobody is there
    float speed = .8f; ///< body heights a second
};

/// Whether they are in the hall at this time, s.
[[nodiscard]] bool isThere(const PasserBy& who, float t);
/// Their body at this time.
[[nodiscard]] Body bodyOf(const PasserBy& who, float t);

} // namespace riflesso::simcam
