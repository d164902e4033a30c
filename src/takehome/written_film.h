#pragma once
// A film to a file, with its captions and a picture for its cover beside it.

#include "core/result.h"
#include "takehome/film.h"

#include <functional>

namespace riflesso {

struct WrittenFilm {
    double seconds = 0;
    int pictures = 0;
    QString captions, cover; ///< files beside it: NAME.vtt (empty: nothing is said in it), NAME.png
};

/// Paints and writes every picture, .mp4 or .webm by the name's ending; then NAME.vtt and NAME.png. `source` is asked
/// in this thread. `goOn` gets the share done; false stops it, and nothing is left of it. Bad input: no picture in the
/// film, a place that cannot be written to, a size that is odd or not within 320 x 180 to 3840 x 2160.
[[nodiscard]] Result<WrittenFilm> writeFilm(const Film& film, const QString& path, const QSize& size,
                                            const PictureSource& source, const std::function<bool(double share)>& goOn);

/// About how large the file becomes, bytes: by the pictures that move and those that stand (measured on the demo's
/// films, right to a factor of two).
[[nodiscard]] double expectedBytes(const Film& film, const QSize& size);

} // namespace riflesso
