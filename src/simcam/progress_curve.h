#pragma once
// How a part of a movement gets from here to there.

#include "simcam/vec3.h"

namespace riflesso::simcam {

/// Minimum-jerk progress from 0 at a to 1 at b (Flash & Hogan 1985, from memory).
inline float progress(float t, float a, float b) {
    const float u = std::clamp((t - a) / (b - a), 0.f, 1.f);
    return u * u * u * (10 + u * (-15 + 6 * u));
}
/// Out at [a, b], back at [c, d].
inline float outAndBack(float t, float a, float b, float c, float d) { return progress(t, a, b) - progress(t, c, d); }

} // namespace riflesso::simcam
