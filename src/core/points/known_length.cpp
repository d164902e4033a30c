#include "core/points/known_length.h"

#include "core/degrees.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {

std::optional<KnownScale> scaleFrom(const std::vector<KnownLength>& lengths, double sigmaPx, double bearingDeg) {
    if (lengths.empty())
        return {};
    std::vector<std::pair<double, double>> scales; // metres a pixel, relative u
    for (const KnownLength& length : lengths) {
        const double px =
            std::hypot((length.b.x - length.a.x) / std::cos(bearingDeg / kDegrees), length.b.y - length.a.y);
        if (px < 1 || length.metres <= 0)
            return {};
        const double ends = std::numbers::sqrt2 * sigmaPx / px, tape = length.uM / length.metres;
        scales.emplace_back(length.metres / px, std::max(1e-12, std::hypot(ends, tape)));
    }
    KnownScale out;
    double weights = 0;
    for (const auto& [scale, u] : scales) {
        const double weight = 1 / (u * u * scale * scale);
        out.metresPerPixel += weight * scale;
        weights += weight;
    }
    out.metresPerPixel /= weights;
    out.relativeU = 1 / std::sqrt(weights) / out.metresPerPixel;
    if (scales.size() > 1) {
        double squares = 0;
        for (const auto& [scale, u] : scales) {
            const double apart = scale / out.metresPerPixel - 1;
            squares += apart * apart;
        }
        out.residual = std::sqrt(squares / static_cast<double>(scales.size() - 1));
        out.relativeU = std::max(out.relativeU, *out.residual);
    }
    return out;
}

} // namespace riflesso
