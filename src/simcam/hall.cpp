#include "simcam/hall.h"
#include "simcam/scenery.h"

#include <Eigen/Core>
#include <Eigen/Eigenvalues>

#include <array>
#include <atomic>
#include <cmath>
#include <numbers>
#include <optional>
#include <random>
#include <thread>

namespace riflesso::simcam {
namespace {

float toneMapped(float c) {
    c = std::max(0.f, c);
    return 255 * 1.02f * std::pow(c / (1 + .18f * c), 1 / 2.2f);
}

const Vec3 kLight = unit({-.45f, .78f, .62f});
constexpr float kWallZ = -1.7f;
constexpr int kTile = 16;
constexpr int kHalfTile = kTile / 2;
constexpr std::size_t kShadowList = 160;

// --- one frame ---------------------------------------------------------------------------------------------

using Indices = std::vector<int>;

class FrameScene {
public:
    FrameScene(const Camera& camera, const Body& body, const Outfit& outfit)
        : camera_(camera),
          body_(body), outfit_{linear(outfit.jacket), linear(outfit.breeches), linear(outfit.skin), linear(outfit.hair),
                               linear(outfit.shoe),   linear(outfit.sock),     linear(outfit.glove)} {
        for (std::size_t i = 0; i < body.shapes.size(); ++i)
            if (body.shapes[i].centre.y - body.shapes[i].reach < .17f)
                low_.push_back(static_cast<int>(i));
    }

    struct Hit {
        Vec3 light;
        int material = -1; ///< -1: the hall
        float t = 0;
    };
    Hit trace(float x, float y, const Indices& list) const {
        const Vec3 d = camera_.ray(x, y);
        Hit hit;
        if (!list.empty()) {
            const float towards = dot(body_.centre - camera_.eye, d);
            float t = std::max(.1f, towards - body_.reach - .05f);
            const float end = towards + body_.reach + .05f, pixel = 1 / camera_.focalPx;
            for (int i = 0; i < 90 && t < end; ++i) {
                const Vec3 p = camera_.eye + d * t;
                Material material{};
                const float near = distance(list, p, &material);
                if (near < pixel * t * .12f) {
                    if (d.y < -1e-4f && -camera_.eye.y / d.y < t)
                        break; // below the floor
                    if (isPool() && p.y > kPoolDeep)
                        break; // above the water, which from below is a mirror
                    hit.material = static_cast<int>(material);
                    hit.t = t;
                    hit.light = throughWater(shade(p, d, material, list), t);
                    return hit;
                }
                t += near * .92f;
            }
        }
        hit.light = hall(d, hit.t, true);
        return hit;
    }

    Vec3 hall(Vec3 d, float& t, bool withBody) const {
        const float toFloor = d.y < -1e-4f ? -camera_.eye.y / d.y : 1e9f;
        const float toWall = d.z < -1e-4f ? (kWallZ - camera_.eye.z) / d.z : 1e9f;
        t = std::min(toFloor, toWall);
        if (const float toWater = (kPoolDeep - camera_.eye.y) / d.y; isPool() && d.y > 1e-4f && toWater < t) {
            t = toWater;
            const Vec3 p = camera_.eye + d * t;
            const float ripple = octaves({p.x * 7, p.z * 16, 5});
            return throughWater(linear(150, 214, 226) * (.55f + .9f * ripple * ripple), t);
        }
        if (camera_.corner == Corner::Table)
            if (const auto table = onTable(d, t))
                return *table;
        const Vec3 p = camera_.eye + d * t;
        if (toFloor >= toWall)
            return throughWater(wallColour(p.x, p.y, camera_.corner), t);
        const float lit = withBody ? shadow(p, .005f) : 1, open = withBody ? floorOpenness(p) : 1;
        const float window = .55f + .45f * smoothStep(.3f, .8f, octaves({p.x * .7f + 3, p.z * .7f, 2}));
        const Vec3 r =
            floorColour(p, camera_.corner) * (Vec3{.50f, .52f, .56f} * open + Vec3{.62f, .57f, .48f} * (lit * window));
        if (isPool())
            return throughWater(r, t);
        return r + Vec3{.5f, .52f, .55f} * (std::pow(1 - std::fabs(d.y), 4.f) * .22f);
    }

    /// Whether the body changes the light at a point of the floor.
    bool touches(Vec3 p) const {
        std::array<int, kShadowList> list;
        if (shadowList(p, list) > 0)
            return true;
        for (int i : low_) {
            const Shape& s = shape(i);
            const Vec3 e = p - s.centre;
            const float r = s.reach + .17f;
            if (dot(e, e) < r * r)
                return true;
        }
        return false;
    }

private:
    /// The table where a ray meets it before t: its cloth, its edge, its legs. It stands before nobody.
    [[nodiscard]] std::optional<Vec3> onTable(Vec3 d, float& t) const {
        constexpr float kTop = .485f, kEdge = .41f, kNear = .45f, kLeft = .2f, kRight = 1.75f;
        const Vec3 eye = camera_.eye;
        if (const float to = (kTop - eye.y) / d.y; d.y < -1e-4f && to < t) {
            const Vec3 p = eye + d * to;
            if (p.x > kLeft && p.x < kRight && std::fabs(p.z) < kNear) {
                t = to;
                const bool cushion = p.x < kLeft + .045f || std::fabs(p.z) > kNear - .045f;
                return (cushion ? linear(110, 66, 40) : linear(34, 118, 80)) * (.78f + .1f * octaves(p * 60));
            }
        }
        if (const float to = (kNear - eye.z) / d.z; d.z < -1e-4f && to < t) {
            const Vec3 p = eye + d * to;
            const bool leg = std::fabs(p.x - kLeft - .12f) < .04f || std::fabs(p.x - kRight + .12f) < .04f;
            if (p.y > 0 && p.y < kTop && p.x > kLeft && p.x < kRight && (p.y > kEdge || leg)) {
                t = to;
                return linear(92, 54, 34) * (.62f + .14f * octaves({p.x * 40, p.y * 9, 4}));
            }
        }
        return {};
    }
    [[nodiscard]] bool isPool() const { return camera_.corner == Corner::Pool; }
    /// What the water takes of the light on its way, red first, and what it brings of its own.
    [[nodiscard]] Vec3 throughWater(Vec3 light, float t) const {
        if (!isPool())
            return light;
        constexpr float kClear = .10f;
        const float kept = std::exp(-kClear * t);
        return light * Vec3{kept * kept, kept, kept} + linear(60, 140, 172) * (1 - kept);
    }
    [[nodiscard]] const Shape& shape(int i) const { return body_.shapes[static_cast<std::size_t>(i)]; }

    float distance(const Indices& list, Vec3 p, Material* material = nullptr) const {
        float d = 1e3f, nearest = 1e3f;
        for (int i : list) {
            const Shape& s = shape(i);
            const float ball = length(p - s.centre) - s.reach;
            if (ball > d + .03f && ball > .03f)
                continue;
            const float own = s.distance(p);
            if (own < nearest) {
                nearest = own;
                if (material)
                    *material = s.material;
            }
            const float h = std::max(s.blend - std::fabs(d - own), 0.f);
            d = std::min(d, own) - (s.blend > 0 ? h * h / (4 * s.blend) : 0);
        }
        return d;
    }

    /// Shapes that can throw a shadow on p.
    std::size_t shadowList(Vec3 p, std::array<int, kShadowList>& out) const {
        const Vec3 e = body_.centre - p;
        const float along = dot(e, kLight), aside2 = dot(e, e) - along * along, reach = body_.reach + .05f;
        if (aside2 > reach * reach || (along < 0 && length(e) > reach))
            return 0;
        std::size_t n = 0;
        for (std::size_t i = 0; i < body_.shapes.size() && n < out.size(); ++i) {
            const Shape& s = body_.shapes[i];
            const Vec3 w = s.centre - p;
            const float t = dot(w, kLight), r = s.reach + .02f + std::max(0.f, t) * .115f;
            if (t < -r)
                continue;
            const float d2 = t < 0 ? dot(w, w) : dot(w, w) - t * t;
            if (d2 >= r * r)
                continue;
            if (s.kind == Shape::Kind::Cone) {
                // Nearest approach of the cone's axis to the ray.
                const Vec3 w0 = s.a - p;
                const float bc = dot(s.axis, kLight), dd = dot(s.axis, w0), ee = dot(kLight, w0);
                const float den = s.axis2 - bc * bc;
                const float u = den > 1e-9f ? std::clamp((bc * ee - dd) / den, 0.f, 1.f) : 0;
                const Vec3 at = w0 + s.axis * u;
                const float tt = std::max(0.f, dot(at, kLight));
                if (length(at - kLight * tt) > std::max(s.radiusA, s.radiusB) + .015f + tt * .115f)
                    continue;
            }
            out[n++] = static_cast<int>(i);
        }
        return n;
    }

    float shadow(Vec3 p, float start) const {
        std::array<int, kShadowList> list;
        const std::size_t n = shadowList(p, list);
        if (n == 0)
            return 1;
        float end = 0;
        for (std::size_t k = 0; k < n; ++k)
            end = std::max(end, dot(shape(list[k]).centre - p, kLight) + shape(list[k]).reach + .02f);
        float t = start, lit = 1;
        for (int i = 0; i < 40 && t < end; ++i) {
            float d = 1e3f;
            for (std::size_t k = 0; k < n; ++k)
                d = std::min(d, shape(list[k]).distance(p + kLight * t));
            lit = std::min(lit, 9 * d / t);
            if (lit < .01f)
                return 0;
            t += std::clamp(d * .95f, .008f, .2f);
        }
        return std::clamp(lit, 0.f, 1.f);
    }

    float floorOpenness(Vec3 p) const {
        float open = 1, weight = 1;
        for (int i = 1; i <= 3; ++i) {
            const float h = .018f * static_cast<float>(i * i);
            const Vec3 q = p + Vec3{0, h, 0};
            float d = 1;
            for (int k : low_) {
                const Shape& s = shape(k);
                const Vec3 e = q - s.centre;
                const float r = s.reach + h;
                if (dot(e, e) < r * r)
                    d = std::min(d, s.distance(q));
            }
            open -= weight * std::max(0.f, h - d) / h * .30f;
            weight *= .7f;
        }
        return std::clamp(open, .25f, 1.f);
    }

    /// Skin of the face with eyes, brows, mouth painted on; l: position in the head's frame.
    Vec3 faceColour(Vec3 l) const {
        Vec3 c = outfit_.skin * Vec3{1.02f, .97f, .95f};
        if (l.x <= .02f)
            return c;
        const float side = std::fabs(l.z);
        const auto inside = [](float a, float b) { return a * a + b * b; };
        const float ex = (side - .0185f) / .0105f, ey = (l.y - .0035f) / .0050f, eye = inside(ex, ey);
        if (eye < 1.9f)
            c = c * .72f;
        if (eye < 1) {
            c = linear(238, 236, 232);
            const float iris = inside((side - .0185f) / .0046f, (l.y - .0035f) / .0048f);
            if (iris < 1)
                c = linear(60, 42, 30);
            if (iris < .25f)
                c = linear(12, 10, 10);
            if (ey > .45f)
                c = linear(45, 30, 26);
        }
        const float bx = (side - .020f) / .0135f;
        if (inside(bx, (l.y - .0165f + .0025f * std::fabs(bx)) / .0030f) < 1)
            c = outfit_.hair * 1.1f;
        const float my = (l.y + .033f) / .0056f;
        if (inside(l.z / .0185f, my) < 1)
            c = linear(178, 96, 88) * (std::fabs(my) < .22f ? .5f : 1.f);
        if (inside((side - .0045f) / .0022f, (l.y + .0155f) / .0022f) < 1)
            c = c * .45f;
        const float cheek = inside((side - .027f) / .013f, (l.y + .015f) / .012f);
        return cheek < 1 ? c * mix(Vec3{1, 1, 1}, Vec3{1.04f, .88f, .86f}, 1 - cheek) : c;
    }

    Vec3 albedo(Vec3 p, Material material) const {
        const Vec3 l = body_.head.local(p - body_.headCentre), q = p - body_.centre;
        switch (material) {
        case Material::Head:
            return faceColour(l) * (.94f + .12f * octaves(q * 45));
        case Material::Skin:
            return outfit_.skin * (.94f + .12f * octaves(q * 45));
        case Material::Hair:
            return outfit_.hair * (.6f + .8f * octaves({l.x * 60, l.y * 60, l.z * 260}));
        default:
            break;
        }
        const float weave = .93f + .14f * octaves(q * 70);
        switch (material) {
        case Material::Jacket:
            return outfit_.jacket * weave;
        case Material::Sleeve:
            return outfit_.jacket * (.97f * weave);
        case Material::Breeches:
            return outfit_.breeches * weave;
        case Material::Shoe:
            return outfit_.shoe * weave;
        case Material::Sole:
            return outfit_.sock * weave;
        case Material::Glove:
            return outfit_.glove * weave;
        case Material::Blade:
            return linear(66, 68, 72);
        case Material::Machine:
            return linear(52, 56, 62) * weave;
        case Material::Rail:
            return linear(176, 180, 184);
        case Material::Cloth:
            return linear(36, 112, 78) * weave;
        default:
            return outfit_.sock * weave;
        }
    }

    Vec3 normal(const Indices& list, Vec3 p, Material material) const {
        constexpr float e = .0012f;
        constexpr float corners[4][3] = {{1, -1, -1}, {-1, -1, 1}, {-1, 1, -1}, {1, 1, 1}};
        Vec3 n;
        for (const auto& c : corners) {
            const Vec3 v{c[0], c[1], c[2]};
            n = n + v * distance(list, p + v * e);
        }
        n = unit(n);
        const bool cloth =
            material == Material::Jacket || material == Material::Breeches || material == Material::Sleeve;
        if (!cloth)
            return n;
        // Folds: the normal follows a noise, flattened along y.
        constexpr float scale = 34, step = .003f;
        const Vec3 q = p - body_.centre, w{q.x * scale, q.y * scale * .55f, q.z * scale};
        const float here = octaves(w);
        const Vec3 slope{octaves({(q.x + step) * scale, w.y, w.z}) - here,
                         octaves({w.x, (q.y + step) * scale * .55f, w.z}) - here,
                         octaves({w.x, w.y, (q.z + step) * scale}) - here};
        return unit(n - slope * 1.6f);
    }

    Vec3 shade(Vec3 p, Vec3 view, Material material, const Indices& list) const {
        const Vec3 own = albedo(p, material), n = normal(list, p, material);
        float open = 1, weight = 1;
        for (int i = 1; i <= 4; ++i) {
            const float k = static_cast<float>(i), h = .012f * k * (1 + .35f * k);
            const float d = std::min(distance(list, p + n * h), p.y + n.y * h);
            open -= weight * std::max(0.f, h - d) / h * .22f;
            weight *= .8f;
        }
        open = std::clamp(open, .2f, 1.f);
        const float facing = std::max(0.f, dot(n, kLight)), lit = facing > 0 ? shadow(p + n * .004f, .012f) : 0;
        const float skyward = .5f + .5f * n.y;
        const Vec3 ambient = (Vec3{.46f, .49f, .54f} * skyward + Vec3{.20f, .15f, .10f} * (1 - skyward)) * open;
        const Vec3 fill = Vec3{.20f, .20f, .21f} * (std::max(0.f, dot(n, unit({.6f, .25f, .75f}))) * open);
        Vec3 light = own * (ambient + fill + Vec3{.78f, .74f, .66f} * (facing * lit));
        const bool skin = material == Material::Skin || material == Material::Head;
        const float gloss =
            std::pow(std::max(0.f, dot(n, unit(kLight - view))), material == Material::Hair ? 22.f : 28.f);
        const float strength = skin                          ? .06f
                               : material == Material::Hair  ? .05f
                               : material == Material::Blade ? .2f
                                                             : .015f;
        light = light + Vec3{1, 1, 1} * (gloss * lit * strength);
        if (skin)
            light = light + own * Vec3{.10f, .035f, .02f} * (1 - std::max(0.f, -dot(n, view)));
        return light;
    }

    const Camera& camera_;
    const Body& body_;
    struct {
        Vec3 jacket, breeches, skin, hair, shoe, sock, glove;
    } outfit_;
    Indices low_; ///< shapes near the floor
};

template <class Work> void inParallel(int count, Work work) {
    std::atomic<int> next{0};
    std::vector<std::thread> threads;
    const unsigned n = std::max(1U, std::thread::hardware_concurrency());
    for (unsigned k = 0; k < n; ++k)
        threads.emplace_back([&] {
            for (int i = next++; i < count; i = next++)
                work(i);
        });
    for (std::thread& thread : threads)
        thread.join();
}

/// Shapes that may show in each tile of the picture.
std::vector<Indices> tileLists(const Camera& camera, const Body& body, int across, int down) {
    std::vector<Indices> tiles(static_cast<std::size_t>(across * down));
    for (std::size_t i = 0; i < body.shapes.size(); ++i) {
        const Shape& s = body.shapes[i];
        const PixelPosition c = camera.project(s.centre);
        const float z = camera.depth(s.centre), scale = camera.focalPx / (z - s.reach) * 1.05f;
        const float r = (s.reach + .03f) * scale + 3;
        const auto tile = [](float v, int most) { return std::clamp(static_cast<int>(v / kTile), 0, most); };
        for (int ty = tile(c.y - r, down - 1); ty <= tile(c.y + r, down - 1); ++ty)
            for (int tx = tile(c.x - r, across - 1); tx <= tile(c.x + r, across - 1); ++tx) {
                if (s.kind == Shape::Kind::Cone) {
                    const PixelPosition a = camera.project(s.a), b = camera.project(s.b);
                    const float px = static_cast<float>(tx * kTile + kHalfTile) - a.x;
                    const float py = static_cast<float>(ty * kTile + kHalfTile) - a.y;
                    const float bx = b.x - a.x, by = b.y - a.y, l2 = bx * bx + by * by;
                    const float u = l2 > 0 ? std::clamp((px * bx + py * by) / l2, 0.f, 1.f) : 0;
                    if (std::hypot(px - bx * u, py - by * u) >
                        (std::max(s.radiusA, s.radiusB) + .03f) * scale + kTile * .75f)
                        continue;
                }
                tiles[static_cast<std::size_t>(ty * across + tx)].push_back(static_cast<int>(i));
            }
    }
    return tiles;
}

/// Blur of the lens (sigma 0.6 px) and sensor noise (3 grey levels), then 8 bits.
std::vector<std::uint8_t> developed(const std::vector<Vec3>& light, int width, int height, std::uint32_t seed) {
    const auto count = static_cast<std::size_t>(width * height);
    std::vector<Vec3> toned(count), blurred(count);
    for (std::size_t i = 0; i < count; ++i)
        toned[i] = {toneMapped(light[i].x), toneMapped(light[i].y), toneMapped(light[i].z)};
    constexpr float kernel[3] = {.6637f, .1655f, .00265f}; // Gaussian, sigma 0.6
    const auto blur = [&](const std::vector<Vec3>& from, std::vector<Vec3>& to, int dx, int dy) {
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x) {
                Vec3 sum;
                for (int k = -2; k <= 2; ++k) {
                    const int xx = std::clamp(x + k * dx, 0, width - 1), yy = std::clamp(y + k * dy, 0, height - 1);
                    sum = sum + from[static_cast<std::size_t>(yy * width + xx)] * kernel[std::abs(k)];
                }
                to[static_cast<std::size_t>(y * width + x)] = sum;
            }
    };
    blur(toned, blurred, 1, 0);
    blur(blurred, toned, 0, 1);
    std::mt19937 random(seed);
    const auto noise = [&random] { // sum of four bytes: close to normal, SD 3 after scaling
        const auto r = static_cast<std::uint32_t>(random());
        const float sum = static_cast<float>((r & 255) + ((r >> 8) & 255) + ((r >> 16) & 255) + (r >> 24));
        return (sum - 510) * (3.f / 147.8f);
    };
    std::vector<std::uint8_t> rgb(3 * count);
    for (std::size_t i = 0; i < count; ++i)
        for (std::size_t c = 0; c < 3; ++c) {
            const float v = (c == 0 ? toned[i].x : c == 1 ? toned[i].y : toned[i].z) + noise();
            rgb[3 * i + c] = static_cast<std::uint8_t>(std::clamp(std::lround(v), 0L, 255L));
        }
    return rgb;
}

} // namespace

Camera::Basis Camera::basis() const {
    const Vec3 forward = unit(at - eye), right = unit(cross(forward, {0, 1, 0}));
    return {forward, cross(right, forward), right};
}
PixelPosition Camera::project(Vec3 p) const {
    const Basis b = basis();
    const Vec3 d = p - eye;
    const float z = dot(d, b.forward);
    return {static_cast<float>(width) / 2 + focalPx * dot(d, b.right) / z - .5f,
            static_cast<float>(height) / 2 - focalPx * dot(d, b.up) / z - .5f};
}
float Camera::depth(Vec3 p) const { return dot(p - eye, basis().forward); }
Vec3 Camera::ray(float x, float y) const {
    const Basis b = basis();
    return unit(b.forward * focalPx + b.right * (x + .5f - static_cast<float>(width) / 2) +
                b.up * (static_cast<float>(height) / 2 - .5f - y));
}

namespace {

/// The outline of the unit ball under a map of the plane or of space; rows: x and y of the picture.
template <int kColumns> SeenEllipse outlineOf(PixelPosition middle, const Eigen::Matrix<double, 2, kColumns>& map) {
    const Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d> axes(map * map.transpose());
    const Eigen::Vector2d along = axes.eigenvectors().col(1);
    return {static_cast<double>(middle.x), static_cast<double>(middle.y), std::sqrt(axes.eigenvalues()(1)),
            std::sqrt(std::max(0.0, axes.eigenvalues()(0))), std::atan2(along.y(), along.x()) * 180 / std::numbers::pi};
}

} // namespace

SeenEllipse headSeen(const Body& body, const Camera& camera) {
    // Shares of body height; buildHead's shapes lie inside, their blends too.
    constexpr float kAhead = .001f, kUp = -.001f, kForward = .069f, kHigh = .073f, kWide = .053f;
    const Vec3 middle = body.headCentre + body.head.forward * kAhead + body.head.up * kUp;
    const std::array half = {body.head.forward * kForward, body.head.up * kHigh, body.head.left * kWide};
    Eigen::Matrix<double, 2, 3> map;
    for (int i = 0; i < 3; ++i) {
        const auto at = static_cast<std::size_t>(i);
        const PixelPosition one = camera.project(middle + half[at]), other = camera.project(middle - half[at]);
        map.col(i) << static_cast<double>(one.x - other.x) / 2, static_cast<double>(one.y - other.y) / 2;
    }
    return outlineOf<3>(camera.project(middle), map);
}

SeenEllipse ellipseOf(PixelPosition middle, PixelPosition one, PixelPosition other) {
    Eigen::Matrix<double, 2, 2> map;
    map << static_cast<double>(one.x - middle.x), static_cast<double>(other.x - middle.x),
        static_cast<double>(one.y - middle.y), static_cast<double>(other.y - middle.y);
    return outlineOf<2>(middle, map);
}

Renderer::Renderer(const Camera& camera)
    : camera_(camera), empty_(static_cast<std::size_t>(camera.width * camera.height)) {
    Body nobody;
    nobody.centre = {0, -9, 0};
    const FrameScene scene(camera_, nobody, {});
    inParallel(camera_.height, [&](int y) {
        for (int x = 0; x < camera_.width; ++x) {
            Vec3 sum;
            // Five rays a pixel: the lines of the hall do not move, so they are smoothed once.
            constexpr float offsets[5][2] = {{0, 0}, {-.37f, -.13f}, {.13f, -.37f}, {.37f, .13f}, {-.13f, .37f}};
            for (const auto& o : offsets) {
                float t = 0;
                sum =
                    sum + scene.hall(camera_.ray(static_cast<float>(x) + o[0], static_cast<float>(y) + o[1]), t, false);
            }
            empty_[static_cast<std::size_t>(y * camera_.width + x)] = sum * .2f;
        }
    });
}

std::vector<std::uint8_t> Renderer::render(const std::vector<Figure>& figures, std::uint32_t noiseSeed) const {
    Layer all{empty_, std::vector<int>(empty_.size(), -1), std::vector<float>(empty_.size())};
    for (const Figure& figure : figures) {
        Layer one = seen(figure);
        if (&figure == &figures.front()) {
            all = std::move(one);
            continue;
        }
        for (std::size_t id = 0; id < empty_.size(); ++id) {
            const bool here = one.material[id] >= 0, before = all.material[id] >= 0;
            if (here && (!before || one.depth[id] < all.depth[id])) {
                all.light[id] = one.light[id];
                all.material[id] = one.material[id];
                all.depth[id] = one.depth[id];
            } else if (!here && !before) {
                // What each takes of the floor's light.
                const Vec3 &light = one.light[id], &hall = empty_[id];
                const auto share = [](float lit, float bare) { return bare > 1e-6f ? lit / bare : 1.f; };
                all.light[id] =
                    all.light[id] * Vec3{share(light.x, hall.x), share(light.y, hall.y), share(light.z, hall.z)};
            }
        }
    }
    return developed(all.light, camera_.width, camera_.height, noiseSeed);
}

Renderer::Layer Renderer::seen(const Figure& figure) const {
    const Body& body = figure.body;
    const int width = camera_.width, height = camera_.height;
    const int across = (width + kTile - 1) / kTile, down = (height + kTile - 1) / kTile;
    const FrameScene scene(camera_, body, figure.outfit);
    const std::vector<Indices> tiles = tileLists(camera_, body, across, down);
    constexpr int kHall = -1, kUntouched = -2;
    const auto count = static_cast<std::size_t>(width * height);
    std::vector<Vec3> first(count);
    std::vector<int> material(count, kHall);
    std::vector<float> depth(count);
    const auto eachPixel = [&](int tile, auto work) {
        const int x0 = tile % across * kTile, y0 = tile / across * kTile;
        for (int y = y0; y < std::min(height, y0 + kTile); ++y)
            for (int x = x0; x < std::min(width, x0 + kTile); ++x)
                work(x, y, static_cast<std::size_t>(y * width + x));
    };
    inParallel(across * down, [&](int tile) {
        const Indices& list = tiles[static_cast<std::size_t>(tile)];
        eachPixel(tile, [&](int x, int y, std::size_t id) {
            if (list.empty()) {
                const Vec3 d = camera_.ray(static_cast<float>(x), static_cast<float>(y));
                const float toFloor = d.y < -1e-4f ? -camera_.eye.y / d.y : 1e9f;
                const float toWall = d.z < -1e-4f ? (kWallZ - camera_.eye.z) / d.z : 1e9f;
                if (toWall <= toFloor || !scene.touches(camera_.eye + d * toFloor)) {
                    first[id] = empty_[id];
                    material[id] = kUntouched;
                    return;
                }
            }
            const FrameScene::Hit hit = scene.trace(static_cast<float>(x), static_cast<float>(y), list);
            first[id] = hit.light;
            material[id] = hit.material;
            depth[id] = hit.t;
        });
    });
    std::vector<Vec3> smooth = first;
    inParallel(across * down, [&](int tile) {
        const Indices& list = tiles[static_cast<std::size_t>(tile)];
        eachPixel(tile, [&](int x, int y, std::size_t id) {
            if (material[id] == kUntouched || x == 0 || y == 0 || x == width - 1 || y == height - 1)
                return;
            const std::size_t w = static_cast<std::size_t>(width);
            bool edge = false;
            for (std::size_t other : {id - 1, id + 1, id - w, id + w}) {
                const bool sameThing = std::max(kHall, material[other]) == material[id];
                const bool step = material[id] >= 0 && std::fabs(depth[other] - depth[id]) > .02f;
                const bool hallLine = material[id] == kHall && length(first[other] - first[id]) > .08f;
                edge = edge || !sameThing || step || hallLine;
            }
            if (!edge)
                return;
            Vec3 sum = first[id];
            for (const auto& o : {std::pair{-.37f, -.13f}, {.13f, -.37f}, {.37f, .13f}, {-.13f, .37f}})
                sum = sum + scene.trace(static_cast<float>(x) + o.first, static_cast<float>(y) + o.second, list).light;
            smooth[id] = sum * .2f;
        });
    });
    return {std::move(smooth), std::move(material), std::move(depth)};
}

} // namespace riflesso::simcam
