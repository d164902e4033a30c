#pragma once
// Measures of a path over a phase: time below a speed, time two conditions hold together, order of peaks, length,
// straightness, reversals, steadiness, smoothness, and how a lower link brakes before an upper one.

#include "core/measure/measure_moment.h"

namespace riflesso {

/// The value under the measure's own id; of peak_order also each lag, "order.lag.1" …
[[nodiscard]] std::vector<std::pair<std::string, MeasureValue>> measurePath(const MeasureContext& context,
                                                                            const MeasureDef& def);

} // namespace riflesso
