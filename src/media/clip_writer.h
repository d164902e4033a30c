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
};

/// Writes an MP4 with H.264 (yuv420p).
class ClipWriter {
public:
    [[nodiscard]] static Result<std::unique_ptr<ClipWriter>> create(const std::string& path, const ClipFormat& format);
    virtual ~ClipWriter() = default;
    [[nodiscard]] virtual Result<void> write(const std::vector<std::uint8_t>& rgb) = 0;
    /// Must be called; without it the file is not whole.
    [[nodiscard]] virtual Result<void> finish() = 0;
};

[[nodiscard]] Result<void> writePng(const Picture& picture, const std::string& path);

} // namespace riflesso
