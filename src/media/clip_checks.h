#pragma once
// What a look through a whole clip finds: repeated frames, cuts, black bars.

#include "media/clip_reader.h"

#include <optional>

namespace riflesso {

/// A rectangle of the picture, pixels.
struct PictureArea {
    int left = 0, top = 0, width = 0, height = 0;
    bool operator==(const PictureArea&) const = default;
};

struct ClipChecks {
    std::vector<int> repeated;      ///< frames whose content equals the frame before
    std::vector<int> cuts;          ///< frames that begin another take: suggestions
    std::optional<PictureArea> lit; ///< what is ever lit, where bars of at least 2 % of a side are always black
};

/// Decodes the whole clip once; frames that cannot be decoded are passed over. `goOn` is asked at every frame and gets
/// the share done. A cut: the small grey picture changes from one frame to the next by at least 12 grey levels on
/// average and by 5 times the median of the 15 frames before and after (own choice; a camera that is jerked can look
/// like one).
[[nodiscard]] Result<ClipChecks> checkClip(ClipReader& reader, const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
