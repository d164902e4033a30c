#pragma once
// The hall and the camera: rays into a body, floor and wall, light and shadow, to an 8-bit picture.

#include "simcam/figure.h"

#include <cstdint>
#include <vector>

namespace riflesso::simcam {

struct PixelPosition {
    float x = 0, y = 0; ///< pixel centres at whole numbers
};

/// Which part of the hall the camera sees behind the athlete.
enum class Corner { Fencing, Rowing, Archery, Court, Table, Pool };
/// Height of the water in the pool, body heights above its floor. The camera stands under it.
constexpr float kPoolDeep = .85f;

/// Pinhole camera.
struct Camera {
    int width = 960, height = 540;
    float focalPx = 1287;
    Vec3 eye{0, .78f, 3.9f}, at{0, .52f, 0};
    Corner corner = Corner::Fencing;

    [[nodiscard]] PixelPosition project(Vec3 p) const;
    [[nodiscard]] float depth(Vec3 p) const;
    [[nodiscard]] Vec3 ray(float x, float y) const;

private:
    struct Basis {
        Vec3 forward, up, right;
    };
    [[nodiscard]] Basis basis() const;
};

/// An ellipse in the picture, pixels: half axes a >= b > 0, a turned by `deg` clockwise from the picture's x.
struct SeenEllipse {
    double x = 0, y = 0, a = 0, b = 0, deg = 0;
};
/// The head with hair, ears, nose and chin: the outline of the ellipsoid that holds them, its perspective taken as
/// that at its middle (at the demo's distances right to 3 % of its size).
[[nodiscard]] SeenEllipse headSeen(const Body& body, const Camera& camera);
/// The ellipse whose two conjugate half diameters end at these places of the picture.
[[nodiscard]] SeenEllipse ellipseOf(PixelPosition middle, PixelPosition one, PixelPosition other);

/// Colours in sRGB 0..255.
struct Outfit {
    Vec3 jacket{220, 222, 226}, breeches{70, 84, 120}, skin{224, 172, 142}, hair{58, 40, 28}, shoe{210, 60, 50},
        sock{240, 240, 240}, glove{230, 228, 220};
};

/// Renders frames of one camera; the empty hall is computed once.
class Renderer {
public:
    explicit Renderer(const Camera& camera);
    /// RGB rows without padding. `noiseSeed` decides the sensor noise of this frame.
    [[nodiscard]] std::vector<std::uint8_t> render(const Body& body, const Outfit& outfit,
                                                   std::uint32_t noiseSeed) const {
        return render({{body, outfit}}, noiseSeed);
    }
    /// Several, the nearer before the farther; each throws its shadow on the hall, none on another.
    struct Figure {
        Body body;
        Outfit outfit;
    };
    [[nodiscard]] std::vector<std::uint8_t> render(const std::vector<Figure>& figures, std::uint32_t noiseSeed) const;

private:
    /// The hall with one figure in it, by pixel.
    struct Layer {
        std::vector<Vec3> light;
        std::vector<int> material; ///< below 0: the hall
        std::vector<float> depth;
    };
    [[nodiscard]] Layer seen(const Figure& figure) const;
    Camera camera_;
    std::vector<Vec3> empty_; ///< linear light of the hall without anyone in it
};

} // namespace riflesso::simcam
