#pragma once
// The fencing lunge as a movement of the simulated athlete: how it is done, and when its key events happen.

#include "simcam/figure.h"

namespace riflesso::simcam {

/// How one lunge is done. Times in s from the start of the repetition; lengths in body heights.
struct LungeStyle {
    float go = .25f;                        ///< the hand leaves its resting place
    float straight = .55f;                  ///< the elbow stops opening
    float lift = .36f;                      ///< the front foot leaves the floor
    float down = .62f;                      ///< the whole front foot is on the floor
    float low = .80f;                       ///< hips at their lowest
    float recover = .98f;                   ///< the way back begins
    float back = 1.45f;                     ///< on guard again
    float reachX = .327f;                   ///< shoulder to wrist when extended
    float stepX = .600f;                    ///< front ankle after the step
    float pelvisX = .320f, pelvisY = .345f; ///< at the lowest point
    float leanDeg = 9;                      ///< of the chest at the lowest point
    float rearSagDeg = 0;                   ///< how far the rear knee hangs forward and down (turns its pole)
    float handUp = 0;                       ///< how much higher than usual the hand ends when extended
    float freeArmDrop = 0;                  ///< 0: the free arm swings back; 1: it stays up
};

/// Pose of a right-hander facing +x, `t` seconds after the start of the repetition.
[[nodiscard]] Pose lungePose(const LungeStyle& style, float t);

} // namespace riflesso::simcam
