#pragma once
// Sudden sounds: a contact, a foot strike, a release is often heard sharper than it is seen.

#include <vector>

namespace riflesso {

struct SoundOnset {
    double timeS = 0;    ///< from the first sample
    double uS = 0;       ///< standard uncertainty: how long the rise takes
    double strength = 0; ///< decibels above what went before
};

/// Onsets in mono samples (-1..1) at `rateHz` (>= 4000), in order: where the power of the sharpened signal (its first
/// difference) rises within 6 ms by 12 dB or more over the median of the 60 ms before and stands out of the whole
/// recording; the instant is the first sample of that rise over a quarter of its peak. Two within 80 ms are one: the
/// first. Own choices, tried on made sounds.
[[nodiscard]] std::vector<SoundOnset> soundOnsets(const std::vector<float>& samples, double rateHz);

constexpr double kSpeedOfSound = 343; ///< m/s, at 20 degrees Celsius

} // namespace riflesso
