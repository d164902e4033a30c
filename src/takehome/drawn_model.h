#pragma once
// A model without a film: the figure that proves a skill, moved through the skill's own postures.

#include "core/points/trial.h"

#include <optional>
#include <string>
#include <string_view>

namespace riflesso {

/// One repetition of the take that has no fault, as a camera of that view sees it: marks of every frame and key events.
/// Not filmed, and not measured from. None for a skill without takes among those that ship.
[[nodiscard]] std::optional<Trial> drawnModel(const Pack& pack, const std::string& form, View view, Side handedness);
inline constexpr std::string_view kDrawnTrial = "drawn"; ///< its id
/// The last frame in which anything is marked; 0 where nothing is.
[[nodiscard]] int lastMarkedFrame(const Trial& trial);

} // namespace riflesso
