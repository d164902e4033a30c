#pragma once
// Measures at an event, and between events.

#include "core/measure.h"
#include "core/sampler.h"

namespace riflesso {

struct MeasureContext {
    const Pack& pack;
    const Trial& trial;
    std::map<std::string, Side> sides; ///< role to side
    double cutoffHz = 6;
    const std::map<std::string, double>& medianUnits; ///< of the set, by unitKey
};

/// interval, phase_share, tempo_ratio: u from their distinct events, each once.
[[nodiscard]] MeasureValue measureTiming(const MeasureContext& context, const MeasureDef& def);
/// An instant kind at an event.
[[nodiscard]] MeasureValue measureMoment(const MeasureContext& context, const MeasureDef& def);

/// "time of front foot down": the words of a budget.
[[nodiscard]] std::string eventWords(const Pack& pack, const std::string& event);
/// Unit of a length measure here, or a reason.
[[nodiscard]] std::variant<LengthScale, Reason> scaleOf(const MeasureContext& context, const MeasureDef& def);

} // namespace riflesso
