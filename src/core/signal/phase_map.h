#pragma once
// Equal phase instead of equal clock time: where each key event lies in the movement, for model and athlete.

#include "core/points/trial.h"

#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// Share (percent, 0 first event to 100 last event) at which each event of the pack stands: the median position
/// among the model trials, else among the athlete's own. Events that no trial has are left out.
struct PhaseAnchors {
    struct Anchor {
        std::string event;
        double percent = 0;
    };
    std::vector<Anchor> anchors; ///< by percent
};
[[nodiscard]] PhaseAnchors phaseAnchors(const Pack& pack, const std::vector<Trial>& modelTrials,
                                        const std::vector<Trial>& ownTrials);

/// Phase and real time of one trial. Events out of the anchors' order are not repaired: they are dropped from the
/// map and named, and stand where they happened.
class PhaseMap {
public:
    /// Nothing when the trial lacks the first or the last anchor, or they are reversed.
    [[nodiscard]] static std::optional<PhaseMap> of(const PhaseAnchors& anchors, const Trial& trial);
    [[nodiscard]] double timeAt(double percent) const;
    [[nodiscard]] double percentAt(double timeS) const;
    [[nodiscard]] const std::vector<std::string>& dropped() const { return dropped_; }

private:
    std::vector<double> percent_, timeS_;
    std::vector<std::string> dropped_;
};

} // namespace riflesso
