#pragma once
// The fold: pixel coordinates to (X, Y) of the movement, so that a clip facing left equals its mirror image and
// a left-hander reads like a right-hander. Side: X forward, Y up. Front and rear: X towards the dominant side,
// Y up. Top: X towards the dominant side, Y forward along the marked line "ahead".

#include "core/points/trial.h"

#include <optional>

namespace riflesso {

/// Linear part only: measures use differences of points, so no origin is needed. Lengths are kept (pixels).
struct Fold {
    double m[2][2] = {{1, 0}, {0, -1}};

    template <class T> [[nodiscard]] T row(int index, const T& x, const T& y) const {
        return x * m[index][0] + y * m[index][1];
    }
    /// None in a top view without the two marks of the pack's line "ahead". A marked line "plumb" takes camera
    /// roll out. Without `pack` there are no lines.
    [[nodiscard]] static std::optional<Fold> of(const Trial& trial, const Pack* pack = nullptr);
    /// Fold of a capture without marked lines; a top view takes picture up as ahead.
    [[nodiscard]] static Fold plain(const Capture& capture);
};

} // namespace riflesso
