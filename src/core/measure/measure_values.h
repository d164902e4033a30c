#pragma once
// Measures made of other measures of the same repetition.

#include "core/measure/measure_moment.h"

#include <functional>

namespace riflesso {

/// The value of a measure of the same repetition, as far as its view lets it be seen.
using Measured = std::function<MeasureValue(const MeasureDef&)>;

/// change: the value of `of` at the event `to` less that at `from`, wrapped where the measure is.
/// quotient, surplus: the value of `left` over, or less, that of `right`; none where the right one may be 0 (within
/// five of its u). What the two share (the unit of length, the camera's place) is not counted twice.
[[nodiscard]] MeasureValue measureValues(const MeasureContext& context, const MeasureDef& def,
                                         const Measured& measured);

} // namespace riflesso
