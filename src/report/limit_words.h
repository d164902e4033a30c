#pragma once
// Parts of the body, sides and kinds of limits in the chosen language.

#include "core/person/limits.h"

#include <QString>

namespace riflesso::words {

/// "lower back"
[[nodiscard]] QString bodyPart(BodyPart part);
/// "left"; empty for LimitSide::Unsaid.
[[nodiscard]] QString limitSide(LimitSide side);
/// "healing"
[[nodiscard]] QString limitKind(LimitKind kind);
/// "knee, left, pain"
[[nodiscard]] QString limit(const Limit& limit);
/// What a drill is not for: "knee", or "knee: pain, healing".
[[nodiscard]] QString rule(const LimitRule& rule);

} // namespace riflesso::words
