#pragma once
// Frames of clips as images, for papers and films.

#include "media/clip_reader.h"
#include "report/key_picture.h"

namespace riflesso {

/// Shares the picture's memory.
[[nodiscard]] QImage toImage(const Picture& picture);

/// Readers of its own, opened as they are needed; they live as long as this and its copies; one thread at a time.
/// Null where a clip cannot be read. Paths that are not absolute are in `root`.
[[nodiscard]] PictureSource clipPictures(const QString& root = {});

} // namespace riflesso
