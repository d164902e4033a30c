#pragma once
// What can be measured in every frame of a movement, given the points that a skill marks: bends, leans, heights,
// distances, speeds.

#include "core/points/trial.h"

#include <vector>

namespace riflesso {

/// The points of a pack that have marks in every one of these repetitions, with what is derived from them (mid_hip,
/// mid_shoulder, mid_ankle).
[[nodiscard]] std::vector<PointRef> markedPoints(const Pack& pack, const std::vector<Trial>& trials);

/// A length of the body that does not change much while it moves: trunk, else thigh, else upper arm, else shin; none
/// where the points give none.
[[nodiscard]] std::optional<LengthUnit> bodyLength(const std::vector<PointRef>& points);

/// The joint whose bend three points give, in the order nearer the trunk, joint, further; none where they are none.
[[nodiscard]] std::optional<Joint> jointOf(const PointRef& a, const PointRef& b, const PointRef& c);

/// Signals of instant kinds, without a name or a moment. Lengths are counted in `unit`; without one only angles.
[[nodiscard]] std::vector<MeasureDef> bodySignals(const std::vector<PointRef>& points,
                                                  const std::optional<LengthUnit>& unit, View view);

} // namespace riflesso
