#pragma once
// What a look through a whole clip finds: repeated frames, cuts, black bars.

#include "core/points/picture_setup.h"
#include "media/clip_reader.h"

#include <optional>

namespace riflesso {

struct ClipChecks {
    /// Frames that show the picture before them again: byte by byte, or, coded anew, still amid movement: no cell of
    /// 24 px changes by over 3 grey levels on average, in at most 4 frames running, and the frames beside them change
    /// by 6 levels, by 4 times as much and by 0.7 to 2.5 of what those further away do (own choices). Of an athlete who
    /// hardly moves nobody can tell.
    std::vector<int> repeated;
    std::vector<int> cuts;          ///< frames that begin another take: suggestions
    std::optional<PictureArea> lit; ///< what is ever lit, where bars of at least 2 % of a side are always black
};

/// Decodes the whole clip once; frames that cannot be decoded are passed over. `goOn` is asked at every frame and gets
/// the share done. A cut: the small grey picture changes from one frame to the next by at least 12 grey levels on
/// average and by 5 times the median of the 15 frames before and after; or its cells of 24 px, 6 levels of each taken
/// as noise, by 1.2 levels on average and 3 times what they change within three frames before and after, or by 0.25 and
/// 6 times that, in at least one cell of forty (own choices; a camera that is jerked can look like one).
[[nodiscard]] Result<ClipChecks> checkClip(ClipReader& reader, const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
