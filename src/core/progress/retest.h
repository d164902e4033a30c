#pragma once
// Two sets of one athlete compared: what changed, by more than could be chance, and towards the reference or away.

#include "core/judge/assessment.h"
#include "core/result.h"

namespace riflesso {

/// One measure of an assessed set.
struct SetSummary {
    std::string measure, unit;
    double median = 0, u = 0; ///< u: u_med of the set
    std::size_t repetitions = 0;
    bool filtered = false;
    /// Against the reference; none without one.
    std::optional<double> deviation;
    double tolerance = 0;
    State state = State::Within;
    double viewU = 0, viewSlope = 0;  ///< of the camera's place (SetDeviation)
    std::optional<double> bearingDeg; ///< degrees, where it is known
};

/// What a retest needs of an assessment.
struct AssessedSet {
    std::string view, packId, packEdition;
    std::vector<std::string> stress;
    double cutoffHz = 0;
    CameraPlace cameraPlace;
    std::vector<SetSummary> measures;
    std::vector<std::string> presentFaults;
    std::vector<std::string> earlierFaults; ///< of the history, any date

    [[nodiscard]] const SetSummary* find(std::string_view measure) const;
};
/// Reads an answer of `assess` (B.json may carry "history"). Errors name the key.
[[nodiscard]] Result<AssessedSet> readAssessedSet(std::string_view text, std::string_view name);

enum class ChangeVerdict { Better, Worse, NoClearChange, NotComparable };
[[nodiscard]] std::string_view toString(ChangeVerdict verdict);

struct Change {
    std::string measure;
    double before = 0, after = 0, change = 0;
    double u = 0, detectable = 0; ///< √(u₁² + u₂²) and 1.96 of it
    ChangeVerdict verdict = ChangeVerdict::NoClearChange;
    std::optional<double> gapClosed; ///< 1 - |d₂|/|d₁|; none when |d₁| is within the tolerance
    std::vector<Sentence> notes;     ///< what widens its u: cameras in different places
    Reason reason;                   ///< why not comparable, or too few repetitions (obstacles)
    [[nodiscard]] bool comparable() const { return verdict != ChangeVerdict::NotComparable; }
};
struct FaultChange {
    std::string fault, verdict; ///< gone, stayed, new, returned
};
struct Retest {
    std::vector<Sentence> notes; ///< of all measures: the camera was higher, lower, nearer or farther
    std::vector<Change> measures;
    std::vector<FaultChange> faults;
};
/// One measure of two sets. obstacle: why they cannot be compared; empty: they can.
[[nodiscard]] Change changeBetween(const SetSummary& first, const SetSummary& second, Reason obstacle);
/// Judged on |d₂| - |d₁| of the medians, never on the raw change.
[[nodiscard]] Retest compareSets(const AssessedSet& before, const AssessedSet& after);
[[nodiscard]] Json retestJson(const Retest& retest);

} // namespace riflesso
