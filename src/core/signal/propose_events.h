#pragma once
// Key events carried over from marked repetitions to unmarked ones. A proposal is never a mark: it carries its own
// uncertainty and how it was found.

#include "core/points/trial.h"

#include <string>
#include <utility>
#include <vector>

namespace riflesso {

struct EventProposal {
    std::string event;
    double timeS = 0, frame = 0; ///< real time
    double uS = 0;               ///< whole standard uncertainty
    bool byRule = false;         ///< placed by the pack's rule near the carried instant, else carried alone
    bool rough = false;          ///< fewer than three examples: the uncertainty is a first guess
    bool reviewFirst = false; ///< the routes disagree by more than two frames, where there is a rule once it has placed
                              ///< what they carried; or a rule alone chose between two stops
};
struct TrialProposal {
    std::string trial;
    std::vector<EventProposal> events;                         ///< in the pack's order
    std::vector<std::pair<std::string, std::string>> notFound; ///< event and why
    std::vector<std::string> orderChanged;                     ///< events that stand before one they follow in the pack
};

/// Proposals for each target, from examples that have their events set. Each event has a warp of its own, on the points
/// it names; with a rule it is then placed at the feature within 0.15 s (never beyond a quarter of the repetition).
/// Without examples only events with a rule can be proposed; in a movement into another posture and back, what stops
/// in both is sought in the first, but for the pack's last event.
[[nodiscard]] std::vector<TrialProposal> proposeEvents(const Pack& pack, const std::vector<Trial>& examples,
                                                       const std::vector<Trial>& targets);

/// Start and end (real time) of the repetitions in one long recording. With an example: where its posture comes again,
/// 0.7 to 1.4 times as long, overlapping by at most 30 %, best first in cost, then ordered by time; `mostCost` cuts the
/// list (in units of the example's own spread). Without: from movement to rest, on at half a body length a second; a
/// movement into another posture and the one back are one, where the rest between them is the shorter one.
struct RepetitionHit {
    double fromS = 0, toS = 0, cost = 0;
};
[[nodiscard]] std::vector<RepetitionHit> findRepetitions(const Pack& pack, const Trial* example, const Trial& recording,
                                                         double mostCost = 1);

/// The part of a recording between two instants as a trial of its own, without events.
[[nodiscard]] Trial cutTrial(const Trial& recording, double fromS, double toS, const std::string& id);

} // namespace riflesso
