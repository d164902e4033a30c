#pragma once
// Rules by which a key event finds itself, found by trying every signal of the body on marked repetitions.

#include "core/points/trial.h"

#include <functional>
#include <string>
#include <vector>

namespace riflesso {

/// A rule's root-mean-square error on repetitions left out that is still taken, frames (own choice).
constexpr double kMostRuleFrames = 2;
constexpr std::size_t kFewestForRule = 2; ///< repetitions with the event; one proves nothing

struct FoundRule {
    EventRule rule;
    /// Root mean square over the repetitions left out one by one: what was fitted (level, share) came from the others.
    double rmsFrames = 0;
    int placed = 0, of = 0; ///< repetitions in which it stands at all
    /// Of others, in which the event is not set: in how many it stands within 0.15 s of where the event is carried over
    /// to from the marked ones. With so many signals some fit a model by chance; who moves otherwise shows which.
    int agrees = 0, others = 0;
    double strayFrames = 0; ///< root mean square distance from there, of those that agree
    /// It stands only near where the event is carried over to from marked repetitions, as rules are used where there
    /// are some: the worst of three starting points 0.05 s apart.
    bool near = false;
    [[nodiscard]] bool holds() const { return placed == of && rmsFrames <= kMostRuleFrames; }
};
struct RuleSearch {
    std::vector<FoundRule> best; ///< at most three, of signals that differ; those that hold first, then by error
    int tried = 0;               ///< signals
    int repetitions = 0;         ///< that have the event
    bool stopped = false;
};
/// Of every signal that the pack's points give (of the event's own, `by`, where it names some): its extremes, where it
/// rises or falls through a level, where it starts and comes to rest, over the repetition or bounded by the
/// neighbouring events. A bound counts as a drawback: the order has to be physical then; so does every one of `others`
/// that it does not agree with. `onward` is asked between signals with the share done; false stops.
[[nodiscard]] RuleSearch searchRules(const Pack& pack, const std::string& event, const std::vector<Trial>& marked,
                                     const std::vector<Trial>& others = {},
                                     const std::function<bool(double)>& onward = {});
/// The same proof for one rule as it stands.
[[nodiscard]] FoundRule proveRule(const Pack& pack, const std::string& event, const EventRule& rule,
                                  const std::vector<Trial>& marked);

} // namespace riflesso
