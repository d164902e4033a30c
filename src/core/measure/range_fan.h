#pragma once
// Where a segment may lie so that its measure stays within a range: drawn as a fan over a figure. Found by turning the
// segment and measuring again, so that it agrees with measure.h whatever the view and the direction of counting.

#include "core/points/trial.h"

#include <optional>

namespace riflesso {

/// A sector about a point of the picture, in pixels of the clip; directions in degrees, clockwise from the right, as
/// the picture's y runs down. From the range's lower end to its upper one, by the way that the measure takes.
struct RangeFan {
    PixelPoint centre;
    double radiusPx = 0, fromDeg = 0, toDeg = 0;
};

/// Of an angle that is taken at a key event (bend, angle, lean, line against line) whose last segment is marked there.
/// low <= high, degrees. None for other measures, where nothing is measured, or where the turn would be over 120
/// degrees to a side: the measure is not a turn of that segment then.
[[nodiscard]] std::optional<RangeFan> rangeFan(const Pack& pack, const MeasureDef& def, const Trial& trial, double low,
                                               double high, double cutoffHz);

} // namespace riflesso
