#pragma once
// The key events of one repetition: of a discrete trial, or of one cycle of a cyclic one.

#include "core/points/trial.h"

namespace riflesso {

struct KeyEvents {
    int cycle = 0;                ///< from 1; 0: the whole trial
    std::vector<TrialEvent> own;  ///< of the trial, or start_i <= t < start_i+1
    std::vector<TrialEvent> next; ///< of the next cycle; of the last cycle only the start that ends it
    std::string twice;            ///< an event that stands twice in the cycle, which makes it invalid

    [[nodiscard]] const TrialEvent* find(std::string_view id) const;
    /// The event `to` of a span that begins at `from`: in a cycle, a `to` that is not later than `from` in the pack's
    /// order is the one of the next cycle.
    [[nodiscard]] const TrialEvent* findEnd(const Pack& pack, std::string_view from, std::string_view to) const;
};

/// Start and end (s) of a window round an event at that time.
[[nodiscard]] std::pair<double, double> windowRound(const PhaseDef& phase, double timeS);
/// Start and end (s) of a phase of a discrete trial; nothing where an event is not set or it would have no length.
[[nodiscard]] std::optional<std::pair<double, double>> phaseTimes(const PhaseDef& phase, const Trial& trial);

[[nodiscard]] KeyEvents eventsOf(const Trial& trial);
/// One entry a cycle, in time; the start event is the first of the pack. What follows the last start is dropped.
[[nodiscard]] std::vector<KeyEvents> cyclesOf(const Pack& pack, const Trial& trial);

/// Roles as in trial.h, with front_at and rear_at decided at this repetition's events.
[[nodiscard]] std::map<std::string, Side> resolveRoles(const Pack& pack, const Trial& trial, const KeyEvents& events);

} // namespace riflesso
