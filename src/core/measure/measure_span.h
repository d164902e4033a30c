#pragma once
// Measures over a phase that follow one value along time: maximum, minimum, range and mean of an instant kind, and
// speeds, from filtered coordinates.

#include "core/measure/measure_moment.h"

namespace riflesso {

/// `stat` of an instant kind over a phase; of `angular_speed` the largest rate, unsigned.
[[nodiscard]] MeasureValue measureSpan(const MeasureContext& context, const MeasureDef& def);
/// The kind's value at every row of coordinates (pixels), unwrapped along time.
[[nodiscard]] std::vector<double> valuesAlong(const InstantPlan& plan, const std::vector<double>& timesS,
                                              const Eigen::MatrixXd& coordinates, double unitPixels);

/// Period by which the kind jumps along time (flexion too), 0 for none.
[[nodiscard]] double wrapPeriodAlong(const MeasureDef& def);

} // namespace riflesso
