#pragma once
// What two or three points in a picture give at once, without a pack: first-order uncertainty from that of the points.

#include "core/points/landmark.h"
#include "core/signal/laps.h"

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

/// Length of a path through points, first order: a bend counts for its point, a straight piece only for its ends. Steps
/// of the order of sigmaPx are mostly noise, which makes a path longer.
[[nodiscard]] Uncertain pathLength(const std::vector<PixelPoint>& points, double sigmaPx);

/// value / unit with both uncertainties; unit.value > 0.
[[nodiscard]] Uncertain inUnits(const Uncertain& value, const Uncertain& unit);

} // namespace riflesso
