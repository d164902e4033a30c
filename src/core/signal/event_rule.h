#pragma once
// The instant at which a rule of a pack stands in one repetition.

#include "core/points/trial.h"

#include <limits>
#include <optional>
#include <vector>

namespace riflesso {

/// A rule's signal along a repetition, after the low-pass.
struct RuleSignal {
    std::vector<double> timesS, values; ///< values in the signal's unit
    double noise = 0;                   ///< standard deviation that the marks' own noise leaves in it
    bool isRate = false;                ///< a speed: start and stop read the values themselves, not their rate
};
/// The signal as a feature reads it; none where the view lacks it, the marks do not reach or a length unit is missing.
[[nodiscard]] std::optional<RuleSignal> ruleSignal(const Pack& pack, const EventRule& rule, const Trial& trial,
                                                   double fromS, double toS, std::optional<double> nearS = {});

/// Where a rule looks, real time.
struct RuleBounds {
    double fromS = -std::numeric_limits<double>::infinity(), toS = std::numeric_limits<double>::infinity();
    [[nodiscard]] bool holds(double timeS) const { return timeS >= fromS && timeS <= toS; }
};
/// A repetition cut to the events that bound the rule, where they are set in it.
[[nodiscard]] RuleBounds boundByEvents(const EventRule& rule, const Trial& trial, RuleBounds whole);

/// Instant of the rule's feature nearest to `nearS` within 0.15 s of it; without it over all of the bounds: the largest
/// or smallest value, the first start or rise, the last stop or fall.
[[nodiscard]] std::optional<double> placeRule(const EventRule& rule, const RuleSignal& signal, const RuleBounds& bounds,
                                              std::optional<double> nearS = {});

} // namespace riflesso
