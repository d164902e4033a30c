#pragma once
// Measures over a phase: maximum, minimum, range and mean of an instant kind, from filtered coordinates.

#include "core/measure_moment.h"

namespace riflesso {

[[nodiscard]] MeasureValue measureSpan(const MeasureContext& context, const MeasureDef& def);

/// `speed` at an event: magnitude of the velocity of the filtered path.
[[nodiscard]] MeasureValue speedAtEvent(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                                        const LengthScale& scale, const TrialEvent& event);

/// The kind's value at every sample of the run, from filtered coordinates, unwrapped along time; empty when the
/// cutoff is too high for the run's rate.
[[nodiscard]] std::vector<double> filteredSeries(const InstantPlan& plan, const MarkRun& run, double cutoffHz,
                                                 double unitPixels);

/// Period by which the kind jumps along time (flexion too), 0 for none.
[[nodiscard]] double wrapPeriodAlong(const MeasureDef& def);

} // namespace riflesso
