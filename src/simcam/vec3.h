#pragma once
// Vectors and frames of the simulated hall. Unit: body height 1; x along the strip, y up, z towards the camera.

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso::simcam {

struct Vec3 {
    float x = 0, y = 0, z = 0;
};
inline Vec3 operator+(Vec3 a, Vec3 b) { return {a.x + b.x, a.y + b.y, a.z + b.z}; }
inline Vec3 operator-(Vec3 a, Vec3 b) { return {a.x - b.x, a.y - b.y, a.z - b.z}; }
inline Vec3 operator*(Vec3 a, float k) { return {a.x * k, a.y * k, a.z * k}; }
inline Vec3 operator*(Vec3 a, Vec3 b) { return {a.x * b.x, a.y * b.y, a.z * b.z}; }
inline float dot(Vec3 a, Vec3 b) { return a.x * b.x + a.y * b.y + a.z * b.z; }
inline Vec3 cross(Vec3 a, Vec3 b) { return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x}; }
inline float length(Vec3 a) { return std::sqrt(dot(a, a)); }
inline Vec3 unit(Vec3 a) {
    const float l = length(a);
    return l > 1e-9f ? a * (1 / l) : Vec3{0, 1, 0};
}
inline float mix(float a, float b, float t) { return a + (b - a) * t; }
inline Vec3 mix(Vec3 a, Vec3 b, float t) { return a + (b - a) * t; }
inline float smoothStep(float a, float b, float x) {
    const float t = std::clamp((x - a) / (b - a), 0.f, 1.f);
    return t * t * (3 - 2 * t);
}
constexpr float kRadians = std::numbers::pi_v<float> / 180;

/// Right-handed frame of a body part: forward, up, left.
struct Frame {
    Vec3 forward{1, 0, 0}, up{0, 1, 0}, left{0, 0, -1};
    [[nodiscard]] Vec3 local(Vec3 v) const { return {dot(v, forward), dot(v, up), dot(v, left)}; }
};
inline Vec3 turnedAboutY(Vec3 p, float angle) {
    const float c = std::cos(angle), s = std::sin(angle);
    return {p.x * c + p.z * s, p.y, -p.x * s + p.z * c};
}
/// yaw: 0 faces +x, positive to the athlete's left; pitch: positive leans forward; roll: positive to the left.
inline Frame frameOf(float yaw, float pitch, float roll) {
    const Vec3 f = turnedAboutY({1, 0, 0}, yaw), u{0, 1, 0}, l = cross(u, f);
    float c = std::cos(pitch), s = std::sin(pitch);
    const Vec3 u2 = u * c + f * s, f2 = f * c - u * s;
    c = std::cos(roll);
    s = std::sin(roll);
    return {f2, u2 * c + l * s, l * c - u2 * s};
}

} // namespace riflesso::simcam
