#pragma once
// What two or three points in a picture give at once, without a pack: first-order uncertainty from that of the points.

#include "core/points/landmark.h"
#include "core/signal/laps.h"

#include <optional>
#include <string_view>
#include <vector>

namespace riflesso {

/// A straight line between two points of a picture.
struct PictureLine {
    Uncertain lengthPx;
    /// Against the upright, degrees in (-90, 90]: positive where the upper end leans to the right of the picture.
    Uncertain toUprightDeg;
};
/// sigmaPx: standard uncertainty of each coordinate. Points less than 1e-9 px apart: no length, an angle of 0 ± 180.
[[nodiscard]] PictureLine lineBetween(PixelPoint a, PixelPoint b, double sigmaPx);

/// Included angle at `corner`, degrees 0..180, as seen in the picture. Within a few u of 0 or 180 it cannot pass the
/// end: the value leans inwards there. A side without length: 0 ± 180.
[[nodiscard]] Uncertain angleAt(PixelPoint a, PixelPoint corner, PixelPoint b, double sigmaPx);

/// Angle between the lines a-b and c-d, neither with a direction, degrees 0..90, as seen. A line without length: 0 ±
/// 180.
[[nodiscard]] Uncertain angleBetween(PixelPoint a, PixelPoint b, PixelPoint c, PixelPoint d, double sigmaPx);

/// From one picture to another, real seconds: times stored, intervalS between pictures there, markingFrames the SD of
/// choosing a picture. slowMotion > 0.
[[nodiscard]] Uncertain timeBetween(double fromS, double toS, double intervalS, double slowMotion,
                                    double markingFrames);

/// What somebody drew on a picture of a clip, to be seen there again.
struct DrawnNote {
    enum class Kind { Line, Angle, TwoLines, Circle, Plumb, Stroke, Cover };
    int frame = 0;
    Kind kind = Kind::Line;
    std::vector<PixelPoint> points; ///< a cover: two corners of what hides somebody; a circle: its middle, and a point
                                    ///< on it; a plumb line: a point of it
    bool operator==(const DrawnNote&) const = default;
};
[[nodiscard]] std::string_view toString(DrawnNote::Kind kind);
[[nodiscard]] std::optional<DrawnNote::Kind> drawnKindFrom(std::string_view word);

/// Length of a path through points, first order: a bend counts for its point, a straight piece only for its ends. Steps
/// of the order of sigmaPx are mostly noise, which makes a path longer.
[[nodiscard]] Uncertain pathLength(const std::vector<PixelPoint>& points, double sigmaPx);

/// value / unit with both uncertainties; unit.value > 0.
[[nodiscard]] Uncertain inUnits(const Uncertain& value, const Uncertain& unit);

} // namespace riflesso
