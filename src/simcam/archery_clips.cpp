#include "simcam/archery_clips.h"

#include "simcam/repetitions.h"

namespace riflesso::simcam {
namespace {

constexpr int kRate = 25;

Take shots(const ShotStyle& style, const std::vector<float>& holdsS, int firstNumber, std::uint32_t seed) {
    Take take;
    take.performer = "Mirelle Ostrand";
    take.outfit = {{52, 120, 96}, {40, 44, 60}, {206, 158, 128}, {96, 52, 36}, {225, 225, 230}};
    addShots(take, style, holdsS, firstNumber, kRate, seed);
    return take;
}

/// Some of the shots of a take before a second camera, which was started at another moment and does not keep step: each
/// of its frames lies between two of the first.
Take seenAgain(const Take& first, const std::vector<std::size_t>& which) {
    constexpr double kBehindS = .013;
    Take take = first;
    take.repetitions.clear();
    int from = 0;
    for (const std::size_t i : which) {
        SimulatedRepetition rep = first.repetitions.at(i);
        const int length = rep.to - rep.from;
        for (auto& [event, time] : rep.eventTimesS)
            time += static_cast<double>(from - rep.from) / kRate - kBehindS;
        rep.phaseS = kBehindS;
        rep.from = from;
        rep.to = from + length;
        from = rep.to + 1;
        take.repetitions.push_back(std::move(rep));
    }
    return take;
}

SimulatedClip clipOf(const char* name, std::uint32_t seed, Take take) {
    SimulatedClip clip;
    clip.name = name;
    clip.seed = seed;
    clip.frameRate = kRate;
    clip.frames = take.repetitions.back().to + 1;
    clip.takes = {std::move(take)};
    return clip;
}

} // namespace

std::vector<SimulatedClip> archeryClips() {
    // The five that were good before the strain: an even hold, the head stays, the bow hand stays up.
    ShotStyle best;
    best.raise = .04f;
    best.draw = .38f;
    best.anchor = .95f;
    best.follow = .52f;
    best.sink = .16f;
    best.headReach = .004f;
    best.leanDeg = 1.5f;
    best.shoulderUp = .002f;
    best.shake = .0009f;
    best.elbowUp = .16f;
    // Coming back: from one to six seconds at full draw, the head goes to the string, the shoulder creeps up, and the
    // bow hand falls with the release.
    ShotStyle now = best;
    now.follow = .06f;
    now.sink = .27f;
    now.headReach = .030f;
    now.leanDeg = 6;
    now.shoulderUp = .020f;
    now.shake = .0017f;
    now.elbowUp = .34f;
    ShotStyle scored = now;
    scored.follow = .03f;
    scored.headReach = .036f;
    // Four weeks of short holds on.
    ShotStyle later = now;
    later.follow = .36f;
    later.sink = .20f;
    later.headReach = .016f;
    later.leanDeg = 3.5f;
    later.shoulderUp = .007f;
    later.shake = .0012f;
    later.elbowUp = .24f;
    const Take practice = shots(now, {1.1f, 3.4f, 2.0f, 5.6f, 1.5f}, 1, 7601);
    SimulatedClip rear = clipOf("mirelle_rear", 73, seenAgain(practice, {0, 4}));
    rear.fromBehind = true;
    return {clipOf("mirelle_side", 71, practice), rear,
            clipOf("mirelle_scored", 79, shots(scored, {1.0f, 4.6f, 1.4f}, 1, 7607)),
            clipOf("mirelle_retest", 83, shots(later, {1.9f, 2.3f, 2.0f, 2.6f, 2.1f}, 1, 7611)),
            clipOf("mirelle_best", 89, shots(best, {2.1f, 2.2f, 2.0f, 2.3f, 2.1f}, 1, 7613))};
}

} // namespace riflesso::simcam
