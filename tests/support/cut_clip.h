#pragma once
// A stretch of a clip as a clip of its own, as a telephone would bring one repetition.

#include "media/clip_writer.h"

#include <string>

namespace riflesso::test {

/// Frames from..to at 60 pictures a second. False: it could not be read or written.
inline bool cutClip(const std::string& clip, int from, int to, const std::string& path) {
    const auto reader = ClipReader::open(clip);
    if (!reader)
        return false;
    const ClipInfo& info = (*reader)->info();
    auto writer = ClipWriter::create(path, {info.displayWidth, info.displayHeight, 60, 18, 30});
    for (int f = from; writer && f <= to; ++f) {
        const auto picture = (*reader)->frame(f);
        if (!picture || !(*writer)->write(*picture->rgb))
            return false;
    }
    return writer && (*writer)->finish();
}

} // namespace riflesso::test
