#pragma once
// The indoor-rowing stroke as a movement of the simulated athlete: how it is done, and when its key events happen.

#include "simcam/figure.h"

#include <string>
#include <utility>
#include <vector>

namespace riflesso::simcam {

/// How one stroke is done, from catch to catch. Shares of the drive from 0 (catch) to 1 (finish).
struct StrokeStyle {
    float periodS = 2.5f, driveS = .95f;
    float legsEnd = .66f;                     ///< the knees have stopped opening
    float trunkStart = .34f, trunkEnd = .92f; ///< the trunk swings
    float armsStart = .62f;                   ///< the elbows begin to bend; they end with the drive
    float catchLeanDeg = 38, laybackDeg = 24; ///< of the chest: forward at the catch, back at the finish
    float catchX = 0;                         ///< of the hips at the catch, body heights; below 0 the seat stops short
    float finishX = -.232f;                   ///< of the hips when the legs are down
};

/// Pose `t` seconds after the catch of a rower facing +x; the way back leads to the catch of `next`.
[[nodiscard]] Pose strokePose(const StrokeStyle& style, const StrokeStyle& next, float t);
/// Instants after the catch: "catch" 0, "legs" and "arms" where the rate of knee and elbow passes a quarter of its
/// peak, "finish", "over" where the trunk passes upright on the way back.
[[nodiscard]] std::vector<std::pair<std::string, float>> strokeEvents(const StrokeStyle& style);

} // namespace riflesso::simcam
