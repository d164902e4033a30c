#pragma once
// A decoded frame to an upright RGB picture: colours, sample aspect, rotation.

#include "media/clip_reader.h"
#include "media/ffmpeg_handles.h"

#include <memory>
#include <mutex>

namespace riflesso {

/// Room for pictures that is used again once no one holds the picture: 6 MB that are neither asked of the system nor
/// cleared for each frame that plays. Pictures may be let go in any thread, and outlive this.
class PictureRoom {
public:
    /// `bytes` long, of any content.
    [[nodiscard]] std::shared_ptr<std::vector<std::uint8_t>> take(std::size_t bytes);

private:
    struct Spare {
        std::mutex lock;
        std::vector<std::unique_ptr<std::vector<std::uint8_t>>> rooms;
    };
    std::shared_ptr<Spare> spare_ = std::make_shared<Spare>();
};

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
