#pragma once
// Where a measure should be, out of the repetitions of a model.

#include "core/points/trial.h"

#include <optional>
#include <string>
#include <vector>

namespace riflesso {

constexpr int kEnoughForSpread = 5; ///< repetitions; below, the lowest and the highest value are the range

struct ModelRange {
    std::string measure;                     ///< or a lag of one, "order.lag.1"
    double low = 0, high = 0, tolerance = 0; ///< in the measure's unit
    int repetitions = 0, performers = 0;     ///< that have a value
    bool bySpread = false;                   ///< else lowest to highest
    std::vector<double> values;              ///< of the repetitions, whole turns taken out
};

/// Least tolerance of a unit ("deg": 3): what a careful hand and an ordinary camera can tell apart (own choice; the
/// table stands in docs/measures.md).
[[nodiscard]] double toleranceFloor(std::string_view unit);

/// x̄ ± t(0.975, n - 1) √(1 + 1/n) √max(0, s² - mean u²), the prediction interval of one further repetition less what
/// the marks' own noise adds (textbook, from memory); u without what all repetitions share, which is not in their
/// spread. Tolerance: the larger of 2u (median of the repetitions') and the floor. From three performers on n counts
/// them, and each one's own spread is added. Measures without a value, and
/// those that a set has once, are left out.
[[nodiscard]] std::vector<ModelRange> rangesFromModel(const Pack& pack, const std::vector<Trial>& model);

} // namespace riflesso
