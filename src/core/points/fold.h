#pragma once
// The fold: pixel coordinates to (X, Y) of the movement, so that a clip facing left equals its mirror image and
// a left-hander reads like a right-hander. Side: X forward, Y up. Front and rear: X towards the dominant side,
// Y up. Top: X towards the dominant side, Y forward along the marked line "ahead".

#include "core/points/trial.h"

#include <optional>

namespace riflesso {

/// Linear part only: measures use differences of points, so no origin is needed. Lengths are kept (pixels), but for
/// what a camera off square foreshortens along X: that is stretched again, by 1 / cos of the bearing.
struct Fold {
    double m[2][2] = {{1, 0}, {0, -1}};

    template <class T> [[nodiscard]] T row(int index, const T& x, const T& y) const {
        return x * m[index][0] + y * m[index][1];
    }
    /// How much a mark's doubt grows along X: 1 but where the camera is off square.
    [[nodiscard]] double stretch() const;
    /// Back to the picture: the pixels that a way (X, Y) is seen as.
    [[nodiscard]] PixelPoint back(double x, double y) const;

    /// None in a top view without the two marks of the pack's line "ahead". A marked line "plumb" takes camera
    /// roll out. Without `pack` there are no lines.
    [[nodiscard]] static std::optional<Fold> of(const Trial& trial, const Pack* pack = nullptr);
    /// The same without the bearing: the ways as the picture has them.
    [[nodiscard]] static std::optional<Fold> asSeen(const Trial& trial, const Pack* pack = nullptr);
    /// Fold of a capture without marked lines; a top view takes picture up as ahead.
    [[nodiscard]] static Fold plain(const Capture& capture);
};

} // namespace riflesso
