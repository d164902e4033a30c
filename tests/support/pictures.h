#pragma once
// Pictures for tests: from a file, plain, and moved by a known map.

#include "media/clip_reader.h"

#include <QImage>

#include <cmath>
#include <cstring>
#include <functional>

#define OPENCV_DATA "/usr/share/doc/opencv-doc/examples/data"

namespace riflesso::test {

inline Picture pictureOf(int width, int height, std::vector<std::uint8_t> rgb) {
    return {width, height, std::make_shared<const std::vector<std::uint8_t>>(std::move(rgb)), 0, 0};
}

/// Width 0 where there is no such file.
inline Picture pictureFrom(const char* path) {
    const QImage image = QImage(QString::fromUtf8(path)).convertToFormat(QImage::Format_RGB888);
    std::vector<std::uint8_t> rgb(static_cast<std::size_t>(image.width()) * static_cast<std::size_t>(image.height()) *
                                  3);
    for (int y = 0; y < image.height(); ++y)
        std::memcpy(rgb.data() + static_cast<std::ptrdiff_t>(y) * image.width() * 3, image.constScanLine(y),
                    static_cast<std::size_t>(image.width()) * 3);
    return pictureOf(image.width(), image.height(), std::move(rgb));
}

inline Picture plainPicture(int width, int height, std::uint8_t level) {
    return pictureOf(width, height, std::vector<std::uint8_t>(static_cast<std::size_t>(width * height) * 3, level));
}

/// Bilinear: what is at `from(x, y)` of the picture comes to (x, y); black outside.
inline Picture moved(const Picture& picture, const std::function<std::pair<double, double>(double, double)>& from) {
    std::vector<std::uint8_t> out(picture.rgb->size());
    const auto at = [&](int x, int y, int c) {
        return x < 0 || y < 0 || x >= picture.width || y >= picture.height
                   ? 0.0
                   : static_cast<double>((*picture.rgb)[static_cast<std::size_t>((y * picture.width + x) * 3 + c)]);
    };
    for (int y = 0; y < picture.height; ++y)
        for (int x = 0; x < picture.width; ++x) {
            const auto [sx, sy] = from(x, y);
            const int left = static_cast<int>(std::floor(sx)), top = static_cast<int>(std::floor(sy));
            const double u = sx - left, v = sy - top;
            for (int c = 0; c < 3; ++c)
                out[static_cast<std::size_t>((y * picture.width + x) * 3 + c)] = static_cast<std::uint8_t>(
                    std::lround((1 - v) * ((1 - u) * at(left, top, c) + u * at(left + 1, top, c)) +
                                v * ((1 - u) * at(left, top + 1, c) + u * at(left + 1, top + 1, c))));
        }
    return pictureOf(picture.width, picture.height, std::move(out));
}

} // namespace riflesso::test
