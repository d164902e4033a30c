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

private:
    PictureRoom room_;
    ffmpeg::Scaler scaler_;
    struct Key {
        int width = 0, height = 0, format = -1, colours = -1, range = -1;
        bool operator==(const Key&) const = default;
    } key_;
};

/// Turns rows of RGB by 0, 90, 180 or 270 degrees clockwise.
[[nodiscard]] std::vector<std::uint8_t> turned(const std::vector<std::uint8_t>& rgb, int width, int height,
                                               int clockwise);

} // namespace riflesso
