#pragma once
// Measures that a set has once: symmetry, drift, variability, difference between conditions.

#include "core/measure/measure.h"

namespace riflesso {

/// Values of the set's measures, in pack order. measures: as measureTrials gives them for these trials.
[[nodiscard]] SetMeasures measureSet(const Pack& pack, const std::vector<Trial>& trials,
                                     const std::vector<TrialMeasures>& measures);

/// u of a median without what the set shares: (pi/2) max(s², mean u²) / n; for one value its own u.
[[nodiscard]] double medianUncertainty(const std::vector<double>& values, const std::vector<double>& us);

/// Least-squares slope over the repetition numbers, u from the residuals. At least 3 values, numbers not all equal.
[[nodiscard]] std::pair<double, double> slopeOf(const std::vector<double>& numbers, const std::vector<double>& values);
/// Spread of the values beyond their own uncertainty: √max(0, s² - mean u²), and its u = s / √(2 (n - 1)).
[[nodiscard]] std::pair<double, double> spreadBeyond(const std::vector<double>& values, const std::vector<double>& us);
/// 200 (L - R) / (L + R) % with its u; for angles L - R. None when the mean of both is not above 5 u.
[[nodiscard]] std::optional<std::pair<double, double>> symmetryOf(double left, double leftU, double right,
                                                                  double rightU, bool angle);

} // namespace riflesso
