#pragma once
// From findings to practice: focus, ladder with its starting rung, and the verdict of a block of repetitions.

#include "core/judge/findings.h"

namespace riflesso {

struct Rung {
    std::string drill;
    std::string insteadOf = {}; ///< the drill of the ladder that the athlete's limits or equipment do not allow
    Stage stage = Stage::Position;
    bool startHere = false;
};
/// Why a ladder is begun where it is.
enum class StartBecause {
    Nothing,    ///< nothing is known to be mastered: its first rung
    Mastered,   ///< its last rung under a condition that is mastered
    TempoFirst, ///< its first rung at match tempo, as the plan goes about it
    Passed,     ///< the rung after the last one that practice has passed
    Eased       ///< the rung below one that went badly in practice
};
struct Focus {
    std::string fault;
    bool main = true;
    std::vector<Rung> rungs;
    StartBecause startBecause = StartBecause::Nothing;
    std::optional<Stress> mastered;          ///< the hardest condition without the fault
    std::string practised;                   ///< of Passed and Eased: the drill that it rests on,
    int practisedGood = 0, practisedAll = 0; ///< and its counted repetitions
    [[nodiscard]] std::size_t start() const; ///< index of the rung to begin on; 0 without rungs
};
struct Prescription {
    std::vector<Focus> focus;
    std::vector<std::string> cautions;
    std::vector<Sentence> missing; ///< drills left out and why, what stands in their place, faults without a ladder
    /// Present faults of which the limits and the equipment leave no drill: none of them is proposed as a focus.
    std::vector<std::string> withoutDrill;
    std::vector<std::string> unclearLimits; ///< words of which nobody has said what they mean
    bool waits = false; ///< pain was said in practice: nothing is prescribed until somebody wrote who advised what
};

/// What the athlete's limits and equipment leave of a fault's ladder. A drill that they do not allow gives its place to
/// one of the same stage out of the ladders of the fault's level, where the ladder has no other of that stage.
struct OpenLadder {
    bool known = false; ///< the pack has one for this situation
    std::vector<Rung> rungs;
    std::vector<Sentence> leftOut;
};
[[nodiscard]] OpenLadder openLadder(const Pack& pack, const std::string& fault, const AthleteFacts& facts,
                                    const Situation& situation);

/// How a plan goes about it; where practitioners disagree (common practice, no source).
struct Approach {
    bool oneAtATime = false; ///< only the main focus; else a minor one beside it
    bool tempoFirst = false; ///< begins at match tempo; else slow and felt, then faster
    bool operator==(const Approach&) const = default;
};

/// What the analyst decided about faults: chosen ones take the place of the school's, in this order.
struct Decisions {
    std::vector<std::string> workOn;   ///< main first, then minor
    std::vector<std::string> setAside; ///< parked, worked round, or not a fault here
    Approach approach = {};
    bool insisted = false; ///< more than a main and a minor focus, because the coach insists
};

[[nodiscard]] Prescription prescribe(const Pack& pack, const Findings& findings, const std::vector<Trial>& trials,
                                     const AthleteFacts& facts, const Decisions& decisions, const Situation& situation);

enum class RungVerdict { Ease, Hold, Advance };
[[nodiscard]] std::string_view toString(RungVerdict verdict);

/// One block of repetitions at a rung.
struct BlockVerdict {
    int good = 0, all = 0;
    std::optional<double> share; ///< none when all is 0
    Interval interval;           ///< Wilson, 80 %
    RungVerdict verdict = RungVerdict::Hold;
    int moreWanted = 0;   ///< until the verdict stands
    bool confirm = false; ///< advance, but not sure enough: one more block
};
constexpr int kBlockLength = 12;
/// Precondition: 0 <= good <= all, blockLength >= 1.
[[nodiscard]] BlockVerdict judgeBlock(int good, int all, int blockLength = kBlockLength);

} // namespace riflesso
