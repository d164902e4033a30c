#pragma once
// The athlete of the simulated camera: a pose gives joint centres and a body of rounded shapes around them.

#include "simcam/vec3.h"

#include <array>
#include <map>
#include <string>
#include <vector>

namespace riflesso::simcam {

constexpr int kLeft = 0, kRight = 1; ///< index of a side in the arrays below

/// Shares of body height. Thigh, shank and arm are near Drillis & Contini's segment lengths (from memory).
struct Proportions {
    static constexpr float thigh = .245f, shank = .246f, ankleHeight = .052f, upperArm = .183f, forearm = .146f;
    static constexpr float trunk = .283f, shoulderHalf = .103f, hipHalf = .052f, blade = .5f;
};

/// What the athlete holds or sits on.
enum class Prop { Weapon, RowingMachine, Bow, Stick, None };

/// What moves: pelvis, chest and head frames, ankles and wrists as targets (two-bone chains find knee and elbow).
struct Pose {
    Vec3 pelvis;
    float pelvisYaw = 0, pelvisPitch = 0, pelvisRoll = 0, chestYaw = 0, chestPitch = 0, chestRoll = 0, headYaw = 0,
          headPitch = 0; ///< radians
    Vec3 headShift;      ///< of the head from where neck and chest would have it
    std::array<Vec3, 2> ankle, wristFromShoulder, kneePole, elbowPole, handDirection;
    std::array<float, 2> footYaw{}, footPitch{}; ///< footPitch positive: toes up
    float grip = .9f;
    Prop prop = Prop::Weapon;
    int weaponSide = kRight;
    float stick = 0;                          ///< length of Prop::Stick, from the wrist
    std::vector<std::pair<Vec3, Vec3>> boxes; ///< of furniture: middle, and half its sizes
    std::vector<std::pair<Vec3, Vec3>> rods;  ///< what else there is to see: a cue, the edge of a table
    bool prone = false;                       ///< told as if standing: its up is forward, its front faces down
    bool stringHeld = false;                  ///< of the bow: the fingers of the other hand hold the string
};
/// The pose of a left-hander: z reversed, sides exchanged.
[[nodiscard]] Pose mirrored(const Pose& pose);

enum class Material {
    Skin,
    Jacket,
    Breeches,
    Shoe,
    Hair,
    Sock,
    Sole,
    Blade,
    Head,
    Glove,
    Sleeve,
    Machine,
    Rail,
    Cloth
};

struct Shape {
    enum class Kind { Cone, Ellipsoid, Box } kind = Kind::Cone;
    Material material = Material::Skin;
    Vec3 a, b; ///< cone: ends; else centre in a
    float radiusA = 0, radiusB = 0;
    Frame frame;
    Vec3 half;          ///< semi-axes or half sizes along forward, up, left
    float rounding = 0; ///< of a box
    float blend = .01f; ///< smooth union with what came before
    bool cut = false;   ///< kept only below the plane dot(p, cutNormal) = cutAt
    Vec3 cutNormal;
    float cutAt = 0;
    Vec3 centre; ///< bounding ball
    float reach = 0;
    // derived for cones
    Vec3 axis;
    float axis2 = 1, radiusStep = 0, slant2 = 1, inverse2 = 1;

    [[nodiscard]] float distance(Vec3 p) const;
};

/// Joint centres: the truth.
struct Joints {
    Vec3 nose, chin, tip; ///< tip: of the weapon, the middle of the handle, or the upper end of the bow
    std::array<Vec3, 2> eye, ear, shoulder, elbow, wrist, hip, knee, ankle, heel, toe;
};

/// By anatomical name: the nose and what has two sides.
[[nodiscard]] std::map<std::string, Vec3> byName(const Joints& joints);

struct Body {
    std::vector<Shape> shapes;
    Joints joints;
    Frame head;
    Vec3 headCentre, centre;
    float reach = 0;
};

/// turn: rotation of the whole figure about the vertical, radians.
[[nodiscard]] Body buildBody(const Pose& pose, float turn);

} // namespace riflesso::simcam
