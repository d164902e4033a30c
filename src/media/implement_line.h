#pragma once
// The tip of an implement that blurs or gets lost: where the straight implement points from the hand, and how long it
// is.

#include "media/point_tracker.h"

namespace riflesso {

/// Where to look for the line of an implement. The implement need not pass through the landmark of the hand: it may lie
/// `offsetPx` beside it (positive: clockwise of the direction, y down), the same in all frames.
struct LineSearch {
    double angleRad = 0, spreadRad = 0.2; ///< picture coordinates, y down
    double offsetPx = 0, offsetSpreadPx = 0;
    double lengthPx = 0; ///< from the hand to the tip; > 30
};
/// A tip found along the implement.
struct LineTip {
    PixelPoint at;
    double sigmaPx = 0; ///< standard uncertainty of each coordinate
    double clear = 0;   ///< how far the line stands out of its sides, in standard deviations of chance
    double angleRad = 0, offsetPx = 0;
};
/// The line that stands out most from its sides (brighter or darker, up to 7 px wide with blur), and on it the point as
/// far from `grip` as is said; where the line ends clearly near there, its end. None where no line is clear, or two
/// are.
[[nodiscard]] std::optional<LineTip> tipOnLine(const Picture& picture, PixelPoint grip, const LineSearch& search);

/// `tip` as tracked, with what was lost or doubtful found again along the line from `grip` (the hand, as tracked) where
/// the hand is sure: direction, length and place beside the hand as in the nearest frames before and after in which
/// both are sure, up to 15 frames away. `frame` and `goOn` as in trackPoints.
[[nodiscard]] Result<TrackedPath> tipsByLine(const std::function<Result<Picture>(int)>& frame, const TrackedPath& tip,
                                             const TrackedPath& grip,
                                             const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
