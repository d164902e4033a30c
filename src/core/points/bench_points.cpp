#include "core/points/bench_points.h"

#include "core/degrees.h"
#include "core/signal/timebase.h"

#include <algorithm>
#include <array>
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

Uncertain angleBetween(PixelPoint a, PixelPoint b, PixelPoint c, PixelPoint d, double sigmaPx) {
    const double la = std::hypot(b.x - a.x, b.y - a.y), lb = std::hypot(d.x - c.x, d.y - c.y);
    if (la < kNone || lb < kNone)
        return {0, kHalfTurn};
    const double turn = kDegrees * (std::atan2(b.y - a.y, b.x - a.x) - std::atan2(d.y - c.y, d.x - c.x));
    // Each line turns by σ√2 / length.
    const double u = kDegrees * sigmaPx * std::sqrt(2 / (la * la) + 2 / (lb * lb));
    return {std::abs(std::remainder(turn, kHalfTurn)), std::min(kHalfTurn, u)};
}

Uncertain timeBetween(double fromS, double toS, double intervalS, double slowMotion, double markingFrames) {
    return {(toS - fromS) / slowMotion, std::numbers::sqrt2 * eventUncertainty(intervalS / slowMotion, markingFrames)};
}

namespace {
constexpr std::array kDrawnWords{"line", "angle", "two_lines", "circle", "plumb", "stroke", "cover"};
}

std::string_view toString(DrawnNote::Kind kind) { return kDrawnWords[static_cast<std::size_t>(kind)]; }
std::optional<DrawnNote::Kind> drawnKindFrom(std::string_view word) {
    for (std::size_t i = 0; i < kDrawnWords.size(); ++i)
        if (kDrawnWords[i] == word)
            return static_cast<DrawnNote::Kind>(i);
    return {};
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
