#pragma once
// A hand that cannot be seen, from the implement it holds: the line through two points of it, and how far from its tip
// the hand is in other frames.

#include "store/case_data.h"
#include "work/held_points.h"

#include <optional>

namespace riflesso {

/// The wrist on the line from the tip through `along`, as far from the tip as in the frames of this repetition in which
/// both are marked (three or more); its sigma holds the scatter of that length and the width of the two clicks
/// (sigmaPx each). None where too few frames tell the length, or the two points are less than 8 px apart.
[[nodiscard]] std::optional<Mark> wristAlong(const Repetition& repetition, const HeldPoint& held, PixelPoint tip,
                                             PixelPoint along, double sigmaPx);

} // namespace riflesso
