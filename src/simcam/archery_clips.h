#pragma once
// The clips of the archer: what is filmed, and how she shoots in it.

#include "simcam/simulated_clip.h"

namespace riflesso::simcam {

/// "mirelle_side", "mirelle_rear" (the camera behind her), "mirelle_scored", "mirelle_retest", "mirelle_best".
[[nodiscard]] std::vector<SimulatedClip> archeryClips();

} // namespace riflesso::simcam
