#pragma once
// A decoded frame to an upright RGB picture: colours, sample aspect, rotation.

#include "media/clip_reader.h"
#include "media/ffmpeg_handles.h"
#include "media/picture_room.h"

namespace riflesso {

class PictureMaker {
public:
    /// width, height: size after sample aspect, before rotation (clockwise degrees).
    [[nodiscard]] Result<Picture> make(const AVFrame& frame, int width, int height, int rotation,
                                       const std::string& path, int index, double timeS);

    /// A part of an upright frame whose pixels are square, scaled on the way to RGB.
    [[nodiscard]] Result<Picture> makeSmall(const AVFrame& frame, const SmallPart& part, const std::string& path,
                                            int index, double timeS);
    /// The same of a picture that is made already.
    [[nodiscard]] Result<Picture> makeSmall(const Picture& whole, const SmallPart& part, const std::string& path);

private:
    /// how: libswscale's way of scaling, one for each maker's frames of a kind.
    Result<Picture> scaled(const AVFrame& frame, int width, int height, int how, const std::string& path, int index,
                           double timeS);
    [[nodiscard]] SwsContext* scalerFor(const AVFrame& frame, int width, int height, int how);

    PictureRoom room_;
    ffmpeg::Scaler scaler_;
    struct Key {
        int width = 0, height = 0, format = -1, colours = -1, range = -1, outWidth = 0, outHeight = 0;
        bool operator==(const Key&) const = default;
    } key_;
};

/// Turns rows of RGB by 0, 90, 180 or 270 degrees clockwise.
[[nodiscard]] std::vector<std::uint8_t> turned(const std::vector<std::uint8_t>& rgb, int width, int height,
                                               int clockwise);

} // namespace riflesso
