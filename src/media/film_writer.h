#pragma once
// A film to be handed on: pictures, and sound where there is any, with chapters, in MP4 or WebM.

#include "core/result.h"

#include <cstdint>
#include <memory>
#include <string>
#include <vector>

namespace riflesso {

struct FilmChapter {
    double fromS = 0, toS = 0;
    std::string title; ///< UTF-8
};

struct FilmFormat {
    int width = 1280, height = 720; ///< pixels, even
    int frameRate = 30;             ///< pictures a second
    bool sound = false;             ///< one channel of kFilmSoundHz follows
    std::string title;              ///< kept in the file; empty: none
    std::vector<FilmChapter> chapters;
};
constexpr int kFilmSoundHz = 48000;

/// Rows of blue, green, red and an unused byte.
struct FilmPicture {
    const std::uint8_t* bgrx = nullptr;
    int strideBytes = 0;
};

/// Writes H.264 with AAC into .mp4, VP9 with Opus into .webm; any other ending is bad input. Until finish() succeeds
/// everything lies beside `path` under another name, and goes when the writer does: nothing half written is left.
/// The file says nothing of place, device or time.
class FilmWriter {
public:
    [[nodiscard]] static Result<std::unique_ptr<FilmWriter>> create(const std::string& path, const FilmFormat& format);
    virtual ~FilmWriter() = default;
    /// The next picture, 1 / frameRate after the last.
    [[nodiscard]] virtual Result<void> picture(const FilmPicture& picture) = 0;
    /// The picture before once more: quicker than to give it again. Precondition: there was one.
    [[nodiscard]] virtual Result<void> again() = 0;
    /// The next samples, -1..1. To be given along with the pictures: what lies apart in time waits in memory.
    [[nodiscard]] virtual Result<void> sound(const float* samples, std::size_t count) = 0;
    /// The file takes its name, in place of one that had it.
    [[nodiscard]] virtual Result<void> finish() = 0;
};

} // namespace riflesso
