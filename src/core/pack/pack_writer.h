#pragma once
// Parts of a skill pack as JSON, in the form that the reader takes.

#include "core/pack/pack.h"
#include "core/tables/json_fwd.h"

namespace riflesso {

/// "body:mid_hip-mid_shoulder", "m".
[[nodiscard]] std::string lengthUnitText(const LengthUnit& unit);
/// A measure; readMeasure() gives the same back.
[[nodiscard]] Json measureJson(const MeasureDef& def);
/// `suggest` of an event; readEventRule() gives the same back.
[[nodiscard]] Json eventRuleJson(const EventRule& rule);
[[nodiscard]] std::string_view toString(EventRule::Feature feature);
[[nodiscard]] std::string_view toString(Joint joint);

} // namespace riflesso
