#pragma once
// How a picture looks to dichromats and on grey paper: Machado, Oliveira & Fernandes 2009 at full severity (matrices
// from memory), in linear light; grey: luminance.

#include <QColor>
#include <QImage>
#include <QString>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace riflesso::test {

using EyeMatrix = std::array<double, 9>;

inline const std::map<QString, EyeMatrix>& eyes() {
    static const std::map<QString, EyeMatrix> kEyes = {
        {QStringLiteral("protan"),
         {.152286, 1.052583, -.204868, .114503, .786281, .099216, -.003882, -.048116, 1.051998}},
        {QStringLiteral("deutan"), {.367322, .860646, -.227968, .280085, .672501, .047413, -.011820, .042940, .968881}},
        {QStringLiteral("tritan"),
         {1.255528, -.076749, -.178779, -.078411, .930809, .147602, .004733, .691367, .303900}},
        {QStringLiteral("grey"), {.2126, .7152, .0722, .2126, .7152, .0722, .2126, .7152, .0722}}};
    return kEyes;
}

/// Linear light, 0..1 each.
inline std::array<double, 3> seenBy(const EyeMatrix& m, const QColor& colour) {
    const auto linear = [](double v) { return v <= .04045 ? v / 12.92 : std::pow((v + .055) / 1.055, 2.4); };
    const std::array<double, 3> in = {linear(static_cast<double>(colour.redF())),
                                      linear(static_cast<double>(colour.greenF())),
                                      linear(static_cast<double>(colour.blueF()))};
    std::array<double, 3> out{};
    for (std::size_t i = 0; i < 3; ++i)
        out[i] = std::clamp(m[3 * i] * in[0] + m[3 * i + 1] * in[1] + m[3 * i + 2] * in[2], 0.0, 1.0);
    return out;
}

/// Sum over the three parts, 0..3.
inline double gap(const EyeMatrix& eye, const QColor& a, const QColor& b) {
    const auto x = seenBy(eye, a), y = seenBy(eye, b);
    return std::abs(x[0] - y[0]) + std::abs(x[1] - y[1]) + std::abs(x[2] - y[2]);
}

/// Pixels of two pictures of one size that this eye sees apart.
inline int pixelsApart(const EyeMatrix& eye, const QImage& a, const QImage& b) {
    constexpr double kApart = .15;
    int different = 0;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x)
            different += gap(eye, a.pixelColor(x, y), b.pixelColor(x, y)) > kApart;
    return different;
}

} // namespace riflesso::test
