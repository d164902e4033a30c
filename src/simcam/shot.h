#pragma once
// The archery shot as a movement of the simulated athlete: how it is done, and when its key events happen.

#include "simcam/figure.h"

namespace riflesso::simcam {

/// How one shot is done. Times in s from the start of the repetition; lengths in body heights.
struct ShotStyle {
    float raise = .15f;    ///< the bow begins to rise
    float draw = .70f;     ///< the string hand leaves the bow
    float anchor = 1.35f;  ///< it stops at the face
    float release = 3.35f; ///< the string leaves the fingers
    float follow = .75f;   ///< after the release: the bow hand begins to sink
    float sink = .25f;     ///< how far it has sunk in the end
    float headReach = 0;   ///< how far the head goes to the string
    float leanDeg = 0;     ///< of the chest away from the target at full draw
    float shoulderUp = 0;  ///< how far the bow shoulder creeps up until the release (the bow hand with it)
    float shake = .0012f;  ///< how far the bow hand wanders at the start of the hold; it grows with the hold
    float elbowUp = .25f;  ///< of the draw elbow at full draw: 0 level with the shoulder
    float shakePhase = 0;  ///< radians, so that no two shots wander alike
};

/// Pose of a right-handed archer who shoots towards +x, `t` seconds after the start of the repetition.
[[nodiscard]] Pose shotPose(const ShotStyle& style, float t);

} // namespace riflesso::simcam
