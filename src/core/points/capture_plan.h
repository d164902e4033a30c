#pragma once
// Before filming: what a camera set-up can tell apart, and what to change so that it can.

#include "core/tables/json_fwd.h"

#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace riflesso {

/// A planned camera, and what is to be measured with it.
struct CaptureSetup {
    int widthPx = 1920, heightPx = 1080;
    double frameRate = 60;  ///< captured frames a second
    double fieldWidthM = 4; ///< width of the scene at the athlete's distance
    std::optional<double> exposureS;
    double speedMps = 3;           ///< of the fastest point that matters
    double segmentM = 0.4;         ///< the shortest segment of an angle
    double angleDeg = 120;         ///< the joint angle for which the view's error is told
    double bearingDeg = 0;         ///< between the camera's axis and the normal of the plane of movement, 0 to 80
    std::optional<double> sigmaPx; ///< of a mark; none: 2 px at 1080 lines
    double markingFrames = 0.5;    ///< SD of marking an event
    double toleranceDeg = 5, toleranceS = 0.03; ///< the tightest that are to be judged
};

struct CapturePlan {
    double pixelsPerMetre = 0, sigmaPx = 0;
    std::optional<double> blurPx;      ///< way of the fastest point during one exposure
    double angleU = 0;                 ///< degrees, of a joint between two such segments, marks and blur
    std::pair<double, double> seenDeg; ///< what the angle reads from this bearing, over all directions of the limb
    double largestErrorDeg = 0;
    double lengthShare = 1;           ///< share of a length in the plane that is seen across it
    double eventU = 0, intervalU = 0; ///< seconds
    std::vector<std::string> advice;
};
[[nodiscard]] CapturePlan planCapture(const CaptureSetup& setup);
[[nodiscard]] Json capturePlanJson(const CapturePlan& plan);

/// Smallest and largest reading of an included angle (degrees) whose plane is turned by bearingDeg about the vertical,
/// over all directions of the limb in its plane. 0 <= bearingDeg < 90.
[[nodiscard]] std::pair<double, double> seenAngleRange(double trueDeg, double bearingDeg);

} // namespace riflesso
