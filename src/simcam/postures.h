#pragma once
// A movement told by its postures: where everything is at a few moments, and how it gets from one to the next.

#include "simcam/figure.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace riflesso::simcam {

/// What moves by a time course of its own: a whip is hips before trunk before arm before implement.
enum class MovingPart : std::size_t { Legs, Hips, Trunk, Arm, Hand, Implement, FreeArm };
constexpr std::size_t kMovingParts = 7;

/// Everything at one moment, of a right-hander. Places in body heights in the room (forward, up, and to the right as
/// x, y, z of vec3.h), angles in degrees; yaw: to the left seen from above.
struct Posture {
    std::string id;
    float t = 0; ///< s from the start of the repetition
    Vec3 hips{0, .52f, 0};
    float hipYaw = 0, chestYaw = 0, leanForward = 0, leanRight = 0;
    float headYaw = 0, headPitch = 0;
    std::array<Vec3, 2> ankle{Vec3{0, .052f, -.1f}, Vec3{0, .052f, .1f}};
    std::array<Vec3, 2> wrist{Vec3{.15f, -.15f, 0}, Vec3{.15f, -.15f, 0}}; ///< from the shoulder of its side
    std::array<Vec3, 2> elbowPole{Vec3{0, -1, -.3f}, Vec3{0, -1, .3f}};
    std::array<Vec3, 2> kneePole{};                ///< none: as the hips face
    std::array<Vec3, 2> hand{};                    ///< directions of the hands; none: away from the shoulder
    Vec3 implement{1, 0, 0};                       ///< from the wrist of the hand that holds it
    Vec3 face{0, 1, 0};                            ///< from the lower edge of its head to the upper; across it counts
    float footPitch = 0;                           ///< toes up
    std::array<std::optional<float>, 2> footYaw{}; ///< degrees, to the left; none: as the hips
    std::map<std::string, Vec3> points;            ///< of the pack, such as a ball
    std::map<std::string, std::string> held;       ///< points of the pack that lie at a joint, or in "right_hand"
    /// How each part comes to this posture from the one before: 0 eases out of that and into this, above 0 it is
    /// fastest as it arrives, below 0 as it leaves (-0.9 to 3). None: smoothly through both.
    std::array<std::optional<float>, kMovingParts> arrives{};
};

/// Postures in time; at least two. An id may come again: a movement that repeats itself.
using Postures = std::vector<Posture>;

/// A movement that repeats itself, told once.
struct Cycles {
    int count = 0;     ///< filmed whole
    float periodS = 0; ///< the postures lie within it, from 0
    float leadS = 0;   ///< of the cycle before and of the one after; < periodS
    Vec3 travel;       ///< of hips and feet from one cycle to the next
};
/// The cycles one after another. The postures of the parts before and after have no name, but for the first of the one
/// after, which closes the last cycle.
[[nodiscard]] Postures repeated(const Postures& once, const Cycles& cycles);

/// Between two postures each part goes by its own course; before the first and after the last it stands still.
[[nodiscard]] Posture postureAt(const Postures& postures, float t);

/// The figure in that posture, with a straight implement of this length in body heights; 0: none.
[[nodiscard]] Pose poseOf(const Posture& posture, float implementLength);

/// Natural variation of a repetition: times, places and angles off by a little, the same all along.
[[nodiscard]] Postures varied(Postures postures, float share, std::uint32_t seed);

} // namespace riflesso::simcam
