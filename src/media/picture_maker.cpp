#include "media/picture_maker.h"

#include <algorithm>

namespace riflesso {

std::vector<std::uint8_t> turned(const std::vector<std::uint8_t>& rgb, int width, int height, int clockwise) {
    std::vector<std::uint8_t> out(rgb.size());
    const int outWidth = clockwise % 180 ? height : width;
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            int tx = x, ty = y;
            if (clockwise == 90) {
                tx = height - 1 - y;
                ty = x;
            } else if (clockwise == 180) {
                tx = width - 1 - x;
                ty = height - 1 - y;
            } else if (clockwise == 270) {
                tx = y;
                ty = width - 1 - x;
            }
            const auto from = static_cast<std::size_t>(3 * (y * width + x));
            const auto to = static_cast<std::size_t>(3 * (ty * outWidth + tx));
            for (std::size_t c = 0; c < 3; ++c)
                out[to + c] = rgb[from + c];
        }
    return out;
}

Result<Picture> PictureMaker::make(const AVFrame& frame, int width, int height, int rotation, const std::string& path,
                                   int index, double timeS) {
    const Key key{frame.width, frame.height, frame.format, frame.colorspace, frame.color_range};
    if (!scaler_ || !(key == key_)) {
        // Without accurate rounding libswscale has a path of its own for a picture that keeps its size: 1080p in a few
        // milliseconds instead of sixty.
        scaler_.reset(sws_getContext(frame.width, frame.height, static_cast<AVPixelFormat>(frame.format), width, height,
                                     AV_PIX_FMT_RGB24, SWS_BICUBIC, nullptr, nullptr, nullptr));
        if (!scaler_)
            return fault(path, "the picture format cannot be shown");
        const bool full = frame.color_range == AVCOL_RANGE_JPEG;
        const int* coefficients = sws_getCoefficients(
            frame.colorspace == AVCOL_SPC_UNSPECIFIED ? SWS_CS_DEFAULT : static_cast<int>(frame.colorspace));
        // A failure here means a format without such a choice (RGB): nothing to set.
        (void)sws_setColorspaceDetails(scaler_.get(), coefficients, full ? 1 : 0, sws_getCoefficients(SWS_CS_DEFAULT),
                                       1, 0, 1 << 16, 1 << 16);
        key_ = key;
    }
    const int stride = 3 * width;
    // libswscale may write a little past the last row.
    constexpr std::size_t kPast = 64;
    const std::size_t bytes = static_cast<std::size_t>(stride) * static_cast<std::size_t>(height);
    const auto rgb = room_.take(bytes + kPast);
    std::uint8_t* rows[4] = {rgb->data(), nullptr, nullptr, nullptr};
    const int strides[4] = {stride, 0, 0, 0};
    if (sws_scale(scaler_.get(), frame.data, frame.linesize, 0, frame.height, rows, strides) <= 0)
        return fault(path, "frame " + std::to_string(index) + " could not be converted");
    rgb->resize(bytes);
    Picture picture;
    const bool sideways = rotation % 180 == 90;
    picture.width = sideways ? height : width;
    picture.height = sideways ? width : height;
    picture.index = index;
    picture.timeS = timeS;
    if (rotation == 0)
        picture.rgb = rgb;
    else
        picture.rgb = std::make_shared<const std::vector<std::uint8_t>>(turned(*rgb, width, height, rotation));
    return picture;
}

Picture leftForRight(const Picture& picture) {
    auto rgb = std::make_shared<std::vector<std::uint8_t>>(*picture.rgb);
    const auto width = static_cast<std::size_t>(picture.width), row = 3 * width;
    for (std::size_t y = 0; y < static_cast<std::size_t>(picture.height); ++y)
        for (std::size_t x = 0; x < width; ++x)
            std::copy_n(picture.rgb->data() + y * row + 3 * (width - 1 - x), 3, rgb->data() + y * row + 3 * x);
    Picture out = picture;
    out.rgb = std::move(rgb);
    return out;
}

} // namespace riflesso
