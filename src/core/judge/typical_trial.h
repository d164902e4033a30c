#pragma once
// The repetition that stands for its set.

#include "core/measure/measure.h"

namespace riflesso {

/// Id of the trial nearest to the set's medians: least mean distance over its valid measures, each in the pack's
/// tolerances. Empty where no trial has a valid measure.
[[nodiscard]] std::string mostTypicalTrial(const Pack& pack, const std::vector<TrialMeasures>& measures);

} // namespace riflesso
