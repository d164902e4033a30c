#pragma once
// What the ranking would become were one fault gone.

#include "core/judge/assessment.h"

namespace riflesso {

/// Findings of the same measures and deviations with a fault switched off: it is judged nowhere, causes nothing and
/// follows from nothing. What followed from it stands on its own; how far it would vanish with it the marks cannot
/// tell. limits: of the athlete.
[[nodiscard]] Findings findingsWithout(const std::string& fault, Pack pack, const std::vector<Trial>& trials,
                                       const Assessment& assessment, const Limits& limits);

} // namespace riflesso
