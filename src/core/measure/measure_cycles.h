#pragma once
// What a cyclic trial has once: rate, length and speed of its cycles, from first to last start.

#include "core/measure/measure_moment.h"

namespace riflesso {

/// 60 (n - 1) / (t_n - t_1) a minute for n starts; length = |forward travel| / cycles; speed = |travel| / time. The
/// camera must stand still. Context: the whole trial.
[[nodiscard]] MeasureValue measureCycles(const MeasureContext& context, const MeasureDef& def);

} // namespace riflesso
