#pragma once
// Pictures to files: an H.264 clip, a PNG.

#include "media/clip_reader.h"

#include <memory>

namespace riflesso {

struct ClipFormat {
    int width = 0, height = 0;
    int frameRate = 60;   ///< frames a second
    int quality = 24;     ///< constant rate factor of x264: smaller is better and larger
    int keyInterval = 60; ///< frames between key frames at most
    int rotationDeg = 0; ///< clockwise turn that makes the stored picture upright, as a phone notes it: 0, 90, 180, 270
    bool live = false;   ///< as fast as a camera brings pictures, in pieces that can be read if the rest never comes
};

/// Writes an MP4 with H.264 (yuv420p).
class ClipWriter {
public:
    [[nodiscard]] static Result<std::unique_ptr<ClipWriter>> create(const std::string& path, const ClipFormat& format);
    virtual ~ClipWriter() = default;
    /// The next picture: at the next frame's time, or `skip` frames later.
    [[nodiscard]] virtual Result<void> write(const std::vector<std::uint8_t>& rgb, int skip = 0) = 0;
    /// Must be called; without it the file is not whole.
    [[nodiscard]] virtual Result<void> finish() = 0;
};

[[nodiscard]] Result<void> writePng(const Picture& picture, const std::string& path);

} // namespace riflesso
