#pragma once
// Points that a bone joins keep each other in place.

#include "media/track_merge.h"

#include <map>
#include <string>

namespace riflesso {

/// Between two frames in which both ends of a bone are marked, its length in the picture goes from the one to the
/// other with the movement done; how far it may be off is told by how much it differs between the marks. Landmarks are
/// adjusted to that by least squares, each frame by itself: variances say who gives way. A bone that is off by more
/// than both allow (turned towards the camera, or an end that is somewhere else) is left out; marks stay where they
/// are, what is lost stays lost. Paths begin at one frame, `from`, and are of one length.
void keepBoneLengths(std::map<std::string, MergedPath>& paths, const std::map<std::string, TrackWays>& ways, int from);

} // namespace riflesso
