#pragma once
// What can be measured between points and moments that somebody points at.

#include "core/points/trial.h"

#include <vector>

namespace riflesso {

struct PointedAt {
    std::vector<PointRef> points;    ///< in the order they were clicked
    std::vector<std::string> events; ///< likewise; one: measured there; two: the time between
    std::string phase;               ///< where no event is named; empty: the whole movement
    std::vector<PointRef> marked;    ///< that have marks, derived ones among them; lengths are counted in theirs
};

/// Measures with title, unit, level, tolerance (the floor of the unit) and moment, without id and source; those that
/// the pack's views cannot show are left out. One point: its speed and way. Two: lean, height, distance. Three: a bend,
/// else the angle. Four: the angle between two lines. None: the time between two events; in a
/// cyclic skill the rate.
[[nodiscard]] std::vector<MeasureDef> offersFor(const Pack& pack, const PointedAt& at, View view);

/// "Knee, dominant side", "Tip of the implement".
[[nodiscard]] std::string titleOf(const Pack& pack, const PointRef& point);

} // namespace riflesso
