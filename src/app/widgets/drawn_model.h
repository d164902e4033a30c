#pragma once
// A model without a film: the figure that proves a skill, moved through the skill's own postures.

#include "core/points/trial.h"

#include <QString>

#include <string_view>

namespace riflesso {

/// One repetition of the take that has no fault, as a camera of that view sees it: marks of every frame and key events.
/// Not filmed, and not measured from. takes: the folder of the takes that ship. None for a skill that has none there.
[[nodiscard]] std::optional<Trial> drawnModel(const QString& takes, const Pack& pack, const std::string& form,
                                              View view, Side handedness);
inline constexpr std::string_view kDrawnTrial = "drawn"; ///< its id

} // namespace riflesso
