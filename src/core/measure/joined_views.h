#pragma once
// One movement before several cameras: its trials lend each other their events, and their values become those of one.

#include "core/measure/measure.h"

namespace riflesso {

/// Trials whose `sameAs` names another in the list, or the other way round, and that share at least one marked event:
/// each takes over the events it lacks. Their clocks differ by the median of what the shared events tell; u² of an
/// event taken over = u² there + u² of that difference (π/2 · mean(u₁² + u₂²)/n, as of any median). The rest stay as
/// they are.
[[nodiscard]] std::vector<Trial> withSharedEvents(std::vector<Trial> trials);

/// The set as movements: a trial before another camera goes, and what was observed in it alone stands in the leading
/// one. One whose leading trial is not in the list stays, for itself.
[[nodiscard]] std::vector<Trial> movementsOf(const std::vector<Trial>& trials);

[[nodiscard]] std::size_t countMovements(const std::vector<Trial>& trials);

/// Measures of the movements: where the leading trial has no value, that of another camera, with `seenIn` set.
/// `measures` are those of `trials`, as measureTrials() gives them.
[[nodiscard]] std::vector<TrialMeasures> joinedMeasures(const std::vector<Trial>& trials,
                                                        const std::vector<TrialMeasures>& measures);

} // namespace riflesso
