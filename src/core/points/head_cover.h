#pragma once
// Where a head surely lies in a picture, from the marks of one person in one frame: for pictures that are to show no
// face.

#include "core/points/trial.h"

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
/// right to a fortieth of the body's height, more than that of who lies; lengths from shares of it (Drillis & Contini
/// 1966, from memory), the head's own from the same, a seventh wider (own choice). leastHeightPx: of the body, where
/// more is known of it than this frame shows.
[[nodiscard]] std::optional<HeadCover> headCover(const std::map<std::string, PixelPoint>& marks,
                                                 double leastHeightPx = 0);

/// The smallest disc that holds both.
[[nodiscard]] HeadCover around(const HeadCover& a, const HeadCover& b);

/// The covers of frames from..to of one person's marks, by frame. A frame between two whose head is known, at most
/// `bridged` frames apart, gets a disc that holds both and the way between; where a cover lies off those beside it, it
/// grows to hold them too. Doubtful marks count for nothing. A frame that is not in it is not sure: nothing may be
/// taken for covered there.
[[nodiscard]] std::map<int, HeadCover> headCovers(const std::map<std::string, MarksByFrame>& marks, int from, int to,
                                                  int bridged);

} // namespace riflesso
