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

SwsContext* PictureMaker::scalerFor(const AVFrame& frame, int width, int height, int how) {
    const Key key{frame.width, frame.height, frame.format, frame.colorspace, frame.color_range, width, height};
    if (!scaler_ || !(key == key_)) {
        scaler_.reset(sws_getContext(frame.width, frame.height, static_cast<AVPixelFormat>(frame.format), width, height,
                                     AV_PIX_FMT_RGB24, how, nullptr, nullptr, nullptr));
        if (!scaler_)
            return nullptr;
        const bool full = frame.color_range == AVCOL_RANGE_JPEG;
        const int* coefficients = sws_getCoefficients(
            frame.colorspace == AVCOL_SPC_UNSPECIFIED ? SWS_CS_DEFAULT : static_cast<int>(frame.colorspace));
        // A failure here means a format without such a choice (RGB): nothing to set.
        (void)sws_setColorspaceDetails(scaler_.get(), coefficients, full ? 1 : 0, sws_getCoefficients(SWS_CS_DEFAULT),
                                       1, 0, 1 << 16, 1 << 16);
        key_ = key;
    }
    return scaler_.get();
}

Result<Picture> PictureMaker::scaled(const AVFrame& frame, int width, int height, int how, const std::string& path,
                                     int index, double timeS) {
    SwsContext* scaler = scalerFor(frame, width, height, how);
    if (!scaler)
        return fault(path, "the picture format cannot be shown");
    const int stride = 3 * width;
    // libswscale may write a little past the last row.
    constexpr std::size_t kPast = 64;
    const std::size_t bytes = static_cast<std::size_t>(stride) * static_cast<std::size_t>(height);
    const auto rgb = room_.take(bytes + kPast);
    std::uint8_t* rows[4] = {rgb->data(), nullptr, nullptr, nullptr};
    const int strides[4] = {stride, 0, 0, 0};
    if (sws_scale(scaler, frame.data, frame.linesize, 0, frame.height, rows, strides) <= 0)
        return fault(path, "frame " + std::to_string(index) + " could not be converted");
    rgb->resize(bytes);
    return Picture{width, height, rgb, index, timeS};
}

Result<Picture> PictureMaker::make(const AVFrame& frame, int width, int height, int rotation, const std::string& path,
                                   int index, double timeS) {
    // Without accurate rounding libswscale has a path of its own for a picture that keeps its size: 1080p in a few
    // milliseconds instead of sixty.
    Result<Picture> made = scaled(frame, width, height, SWS_BICUBIC, path, index, timeS);
    if (!made || rotation == 0)
        return made;
    Picture upright = *made;
    if (rotation % 180 == 90)
        std::swap(upright.width, upright.height);
    upright.rgb = std::make_shared<const std::vector<std::uint8_t>>(turned(*made->rgb, width, height, rotation));
    return upright;
}

Result<Picture> PictureMaker::makeSmall(const AVFrame& frame, const SmallPart& part, const std::string& path, int index,
                                        double timeS) {
    const ffmpeg::Frame cut(av_frame_clone(&frame));
    if (!cut)
        return fault(path, "no memory for a picture");
    // Colours lie for pairs of pixels: from even ones on.
    cut->crop_left = static_cast<std::size_t>(part.x & ~1);
    cut->crop_top = static_cast<std::size_t>(part.y & ~1);
    cut->crop_right = static_cast<std::size_t>(frame.width - std::min(frame.width, part.x + part.width));
    cut->crop_bottom = static_cast<std::size_t>(frame.height - std::min(frame.height, part.y + part.height));
    if (av_frame_apply_cropping(cut.get(), AV_FRAME_CROP_UNALIGNED) < 0)
        return fault(path, "frame " + std::to_string(index) + " has no such part");
    return scaled(*cut, part.outWidth, part.outHeight, SWS_AREA, path, index, timeS);
}

Result<Picture> PictureMaker::makeSmall(const Picture& whole, const SmallPart& part, const std::string& path) {
    const ffmpeg::Frame frame(av_frame_alloc());
    if (!frame)
        return fault(path, "no memory for a picture");
    frame->format = AV_PIX_FMT_RGB24;
    frame->width = part.width;
    frame->height = part.height;
    frame->linesize[0] = 3 * whole.width;
    // Only read from.
    frame->data[0] = const_cast<std::uint8_t*>(whole.rgb->data()) + 3 * (part.y * whole.width + part.x);
    return scaled(*frame, part.outWidth, part.outHeight, SWS_AREA, path, whole.index, whole.timeS);
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
