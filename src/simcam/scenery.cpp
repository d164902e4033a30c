#include "simcam/scenery.h"

#include <cmath>
#include <cstdint>

namespace riflesso::simcam {
namespace {

std::uint32_t hash(std::uint32_t x) {
    x ^= x >> 16;
    x *= 0x7feb352dU;
    x ^= x >> 15;
    x *= 0x846ca68bU;
    return x ^ (x >> 16);
}
float lattice(int x, int y, int z) {
    const auto u = [](int v) { return static_cast<std::uint32_t>(v); };
    return static_cast<float>(hash(u(x) * 73856093U ^ u(y) * 19349663U ^ u(z) * 83492791U) & 0xffffffU) / 16777216.f;
}
float valueNoise(Vec3 p) {
    const float fx = std::floor(p.x), fy = std::floor(p.y), fz = std::floor(p.z);
    const int x = static_cast<int>(fx), y = static_cast<int>(fy), z = static_cast<int>(fz);
    const auto ease = [](float t) { return t * t * (3 - 2 * t); };
    const float u = ease(p.x - fx), v = ease(p.y - fy), w = ease(p.z - fz);
    const auto row = [&](int dy, int dz) { return mix(lattice(x, y + dy, z + dz), lattice(x + 1, y + dy, z + dz), u); };
    return mix(mix(row(0, 0), row(1, 0), v), mix(row(0, 1), row(1, 1), v), w);
}
} // namespace

float octaves(Vec3 p) { return .55f * valueNoise(p) + .28f * valueNoise(p * 2.1f) + .17f * valueNoise(p * 4.3f); }
Vec3 linear(float r, float g, float b) {
    const auto one = [](float c) { return std::pow(c / 255, 2.2f); };
    return {one(r), one(g), one(b)};
}

namespace {

Vec3 tiles(float u, float v, float size) {
    const float a = u / size, b = v / size;
    const int i = static_cast<int>(std::floor(a)), j = static_cast<int>(std::floor(b));
    const float x = a - static_cast<float>(i), y = b - static_cast<float>(j);
    const bool joint = x < .06f || y < .06f;
    return joint ? linear(206, 222, 226) : linear(120, 178, 196) * (.92f + .12f * lattice(i, j, 11));
}

/// A racket court: one colour, white lines.
Vec3 courtColour(Vec3 p) {
    Vec3 c = linear(62, 116, 92) * (.93f + .14f * octaves({p.x * 5, p.z * 5, 2}));
    const auto line = [](float at, float where) { return std::fabs(at - where) < .016f; };
    if (line(std::fabs(p.x), 1.5f) || line(p.z, -1.2f) || line(p.z, 1.35f) || (line(p.x, 0) && p.z < -1.2f))
        c = linear(236, 238, 234);
    return c;
}

} // namespace

Vec3 floorColour(Vec3 p, Corner corner) {
    if (corner == Corner::Court)
        return courtColour(p);
    if (corner == Corner::Pool)
        return std::fabs(p.z) < .12f ? linear(34, 60, 92) : tiles(p.x, p.z, .11f);
    Vec3 c = linear(196, 150, 98);
    const float plank = p.z * 14;
    const int i = static_cast<int>(std::floor(plank));
    const int j = static_cast<int>(std::floor(p.x * 1.1f + lattice(i, 7, 1) * 3));
    c = c * ((.86f + .26f * lattice(i, j, 3)) * (.93f + .14f * octaves({p.x * 9, p.z * 60, 1})));
    if (plank - static_cast<float>(i) < .03f)
        c = c * .72f;
    if (std::fabs(p.z + .62f) < .014f)
        c = linear(235, 235, 230);
    if (std::fabs(p.z - .55f) < .014f)
        c = linear(40, 90, 170);
    if (std::fabs(std::fabs(p.x) - 1.05f) < .014f && p.z < .55f && p.z > -.62f)
        c = linear(200, 60, 50);
    return c;
}

Vec3 wallColour(float x, float y, Corner corner) {
    if (corner == Corner::Pool)
        return tiles(x, y, .11f) * .8f;
    Vec3 c;
    if (y < .085f) {
        c = linear(90, 70, 52);
    } else if (y < .72f) {
        const float u = x * 1.7f, part = u - std::floor(u);
        c = linear(52, 92, 112) * (.9f + .15f * lattice(static_cast<int>(std::floor(u)), 1, 4));
        if (part < .02f || part > .98f || y < .095f || y > .705f)
            c = c * .55f;
        c = c * (.93f + .14f * octaves({x * 6, y * 6, 3}));
    } else {
        const float by = y * 16;
        const int j = static_cast<int>(std::floor(by));
        const float bx = x * 7 + static_cast<float>(j & 1) * .5f;
        const int i = static_cast<int>(std::floor(bx));
        c = linear(214, 204, 186) * (.9f + .14f * lattice(i, j, 5));
        if (bx - static_cast<float>(i) < .05f || by - static_cast<float>(j) < .1f)
            c = linear(180, 172, 158);
        c = c * (.94f + .12f * octaves({x * 10, y * 10, 9}));
        if (y > 1.32f && y < 1.85f) {
            const float wx = x * .95f + .2f, part = wx - std::floor(wx);
            if (part > .08f && part < .92f) {
                float pane = (part - .08f) / .84f * 3;
                pane -= std::floor(pane);
                const bool frame = pane < .05f || pane > .95f || std::fabs(y - 1.58f) < .012f || y < 1.335f;
                c = frame ? linear(120, 124, 126) : linear(222, 236, 250) * (1.25f + .3f * octaves({x * 2, y * 2, 6}));
            }
        }
    }
    // A round target pad for the lunge on either side of the strip.
    const float pad = std::hypot(std::fabs(x) - 1.42f, y - .86f);
    if (corner == Corner::Fencing && pad < .10f)
        c = pad < .035f ? linear(196, 160, 60) : pad < .092f ? linear(226, 222, 210) : linear(70, 66, 60);
    // The butt at the end of the archery lane, seen from behind the archer.
    const float butt = std::hypot(x, y - .82f);
    if (corner == Corner::Archery && butt < .30f) {
        const bool even = static_cast<int>(butt / .05f) % 2 == 0;
        c = butt < .05f ? linear(206, 164, 58) : even ? linear(60, 74, 84) : linear(222, 216, 200);
    }
    return c * (.78f + .18f * smoothStep(0, 1.6f, y));
}

} // namespace riflesso::simcam
