#pragma once
// The tip of an implement that blurs or gets lost: where the straight implement points from the hand, and how long it
// is.

#include "media/point_tracker.h"

#include <cmath>
#include <numbers>

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

/// From one angle to another the shorter way round, -π..π.
[[nodiscard]] inline double turnFrom(double a, double b) { return std::remainder(b - a, 2 * std::numbers::pi); }

/// How the line of an implement lies beside the hand, and turned from the way hand to tip.
struct LineBeside {
    double turnedRad = 0, offsetPx = 0;
};
/// Of a frame in which both are known; none where no line from there to the tip is seen.
[[nodiscard]] std::optional<LineBeside> lineBeside(const Picture& picture, PixelPoint grip, PixelPoint tip);

/// `tip` as followed, held against the line from `grip` (the hand), frame by frame from those in which it is `marked`:
/// a tip that is not at the end of a line there, for what was followed was something else or nothing, is found again
/// along it, direction, length and place beside the hand being as in the frame before. What was followed but not found
/// as a line is doubtful where the hand is not sure or the implement would be longer or shorter by over a tenth. Where
/// no line to the tip is seen in the marked frames (a racket, a bow) nothing is looked for; then doubtful is
/// what would be longer by over a tenth than it is marked anywhere, stays where it is while the hand goes on, or lies
/// before the first or after the last mark with a hand that is not sure. `frame` and `goOn` as in trackPoints.
[[nodiscard]] Result<TrackedPath> tipsByLine(const std::function<Result<Picture>(int)>& frame, const TrackedPath& tip,
                                             const TrackedPath& grip, const std::vector<int>& marked,
                                             const std::function<bool(double share)>& goOn = {});

} // namespace riflesso
