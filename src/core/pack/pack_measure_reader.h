#pragma once
// The part of the pack reader that knows the arguments of each kind of measure.

#include "core/pack/pack.h"
#include "core/tables/json_fwd.h"

namespace riflesso {

[[nodiscard]] PointRef readPointRef(const JsonNode& node);
[[nodiscard]] std::vector<PointRef> readPointRefs(const JsonNode& parent, std::string_view key, std::size_t least,
                                                  std::size_t most, bool required = true);
/// `views` of an object: those in which it says something; empty: all of the pack.
[[nodiscard]] std::vector<View> readViews(const JsonNode& parent, bool required = false);
[[nodiscard]] MeasureDef readMeasure(const JsonNode& node);
/// Checks the rule by which an event can be proposed.
[[nodiscard]] EventRule readEventRule(const JsonNode& node);

} // namespace riflesso
