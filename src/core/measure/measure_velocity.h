#pragma once
// How fast, and in which direction, a point moves or a segment turns: at an event, from filtered marks; the direction
// over a phase as well, from the marks as they are.

#include "core/measure/measure_moment.h"

namespace riflesso {

/// `angular_speed` at an event: signed rate of the turn at the middle point, or of the segment (counter-clockwise).
[[nodiscard]] MeasureValue angularSpeedAtEvent(const MeasureContext& context, const MeasureDef& def);

/// `speed` at an event: magnitude of the velocity of the filtered path.
[[nodiscard]] MeasureValue speedAtEvent(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                                        const LengthScale& scale, const TrialEvent& event);

/// `heading` at an event: direction of the velocity of the filtered path, against the level, the upright or a line.
/// None where the point is slower than five standard uncertainties of its velocity.
[[nodiscard]] MeasureValue headingAtEvent(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                                          const TrialEvent& event);
/// `heading` over a phase: direction of the straight line (least squares) through the point's marks in it. The marks
/// are not filtered: what the point did before the phase does not turn its way.
[[nodiscard]] MeasureValue headingOver(const MeasureContext& context, const MeasureDef& def);

} // namespace riflesso
