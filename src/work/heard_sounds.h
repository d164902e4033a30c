#pragma once
// A contact, strike or release by its sound: the onset nearest to a frame, as an instant between frames.

#include "store/case_data.h"
#include "work/go_on.h"

namespace riflesso {

struct HeardSound {
    double frame = 0;    ///< of the clip; may lie between frames
    double uS = 0;       ///< standard uncertainty, real s
    double strength = 0; ///< decibels above what went before
};

/// Onsets of a section's sound from a frame to another, set back by the way to the microphone (343 m/s; where its
/// distance is not known: 0 to 10 m, in the middle, which u holds). Bad input where the section was slowed or its sound
/// replaced, or the clip has none.
[[nodiscard]] Result<std::vector<HeardSound>> heardSounds(const Clip& clip, const Section& section, int from, int to,
                                                          const GoOn& goOn = {});

/// The one nearest to a frame, within 0.2 s; none there is bad input.
[[nodiscard]] Result<HeardSound> heardNear(const Clip& clip, const Section& section, int frame);

} // namespace riflesso
