#pragma once
// What floor and wall of the hall look like, and the noise that nothing real is without.

#include "simcam/hall.h"

namespace riflesso::simcam {

/// Value noise of three octaves, 0 to 1.
[[nodiscard]] float octaves(Vec3 p);
/// sRGB 0..255 to linear light.
[[nodiscard]] Vec3 linear(float r, float g, float b);
[[nodiscard]] inline Vec3 linear(Vec3 c) { return linear(c.x, c.y, c.z); }

/// Linear colour at a point of the floor, y 0.
[[nodiscard]] Vec3 floorColour(Vec3 p, Corner corner);
/// Linear colour of the wall, x along it, y up.
[[nodiscard]] Vec3 wallColour(float x, float y, Corner corner);

} // namespace riflesso::simcam
