#include "core/points/bench_points.h"

#include "core/degrees.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {
constexpr double kNone = 1e-9, kHalfTurn = 180;
} // namespace

PictureLine lineBetween(PixelPoint a, PixelPoint b, double sigmaPx) {
    if (a.y < b.y)
        std::swap(a, b); // b is the upper end
    const double dx = b.x - a.x, up = a.y - b.y, length = std::hypot(dx, up);
    PictureLine out;
    if (length < kNone) {
        out.toUprightDeg = {0, kHalfTurn};
        return out;
    }
    // Along the line each end gives its part; across it turns the line by σ√2 / length.
    out.lengthPx = {length, std::numbers::sqrt2 * sigmaPx};
    const double lean = kDegrees * std::atan2(dx, up);
    out.toUprightDeg = {lean <= -kHalfTurn / 2 ? kHalfTurn / 2 : lean,
                        std::min(kHalfTurn, kDegrees * std::numbers::sqrt2 * sigmaPx / length)};
    return out;
}

Uncertain angleAt(PixelPoint a, PixelPoint corner, PixelPoint b, double sigmaPx) {
    const double ax = a.x - corner.x, ay = a.y - corner.y, bx = b.x - corner.x, by = b.y - corner.y;
    const double la = std::hypot(ax, ay), lb = std::hypot(bx, by);
    if (la < kNone || lb < kNone)
        return {0, kHalfTurn};
    const double cosine = std::clamp((ax * bx + ay * by) / (la * lb), -1.0, 1.0);
    const double angle = kDegrees * std::acos(cosine);
    // The ends turn their sides by σ / length; the corner turns both: σ |n_a/a - n_b/b|.
    const double variance = 2 / (la * la) + 2 / (lb * lb) - 2 * cosine / (la * lb);
    return {angle, std::min(kHalfTurn, kDegrees * sigmaPx * std::sqrt(std::max(0.0, variance)))};
}

Uncertain pathLength(const std::vector<PixelPoint>& points, double sigmaPx) {
    double length = 0, squares = 0, beforeX = 0, beforeY = 0; // direction of the step before; none at the start
    for (std::size_t i = 0; i < points.size(); ++i) {
        double x = 0, y = 0;
        if (i + 1 < points.size()) {
            const double dx = points[i + 1].x - points[i].x, dy = points[i + 1].y - points[i].y;
            const double step = std::hypot(dx, dy);
            length += step;
            if (step > kNone) {
                x = dx / step;
                y = dy / step;
            }
        }
        squares += (beforeX - x) * (beforeX - x) + (beforeY - y) * (beforeY - y);
        beforeX = x;
        beforeY = y;
    }
    return {length, sigmaPx * std::sqrt(squares)};
}

Uncertain inUnits(const Uncertain& value, const Uncertain& unit) {
    const double ratio = value.value / unit.value;
    return {ratio, std::hypot(value.u / unit.value, ratio * unit.u / unit.value)};
}

} // namespace riflesso
