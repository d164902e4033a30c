#pragma once
// Where a head surely lies in a picture, from the marks of one person in one frame: for pictures that are to show no
// face.

#include "core/points/landmark.h"

#include <map>
#include <optional>
#include <string>

namespace riflesso {

/// A disc, pixels of the picture.
struct HeadCover {
    PixelPoint centre;
    double radiusPx = 0;
};

/// marks: by anatomical name, pixels of one frame. A disc over the whole head (with hair and chin) however it is
/// turned, wider the less of it is marked: by both ears, by an ear or the nose, by shoulders and hips alone. None where
/// the size of the body or the place of the head is not known: then nothing may be taken for covered. Of marks that are
/// right to a seventieth of the body's height; lengths from shares of it (Drillis & Contini 1966, from memory), the
/// head's own from the same, a seventh wider (own choice).
[[nodiscard]] std::optional<HeadCover> headCover(const std::map<std::string, PixelPoint>& marks);

} // namespace riflesso
