#pragma once
// Pictures of clips for a job of its own, beside the window's.

#include "app/clip_frames.h"
#include "media/clip_reader.h"
#include "report/key_picture.h"

#include <map>
#include <memory>

namespace riflesso {

/// Readers are opened as they are needed, and live as long as this and its copies; one thread at a time.
[[nodiscard]] inline PictureSource ownPictures() {
    auto readers = std::make_shared<std::map<QString, std::unique_ptr<ClipReader>>>();
    return [readers](const QString& path, int frame) {
        std::unique_ptr<ClipReader>& reader = (*readers)[path];
        if (!reader) {
            auto opened = ClipReader::open(path.toStdString());
            if (!opened)
                return QImage();
            reader = std::move(*opened);
        }
        const auto picture = reader->frame(frame);
        return picture ? toImage(*picture) : QImage();
    };
}

} // namespace riflesso
