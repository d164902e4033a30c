#include "simcam/shot.h"

#include "simcam/progress_curve.h"

namespace riflesso::simcam {
namespace {

/// From shoulder to wrist: the bow hand below, at the target, and the string hand below, at the bow, at the face,
/// after the shot.
constexpr Vec3 kBowLow{.17f, -.262f, .06f}, kBowUp{.322f, .045f, .02f};
constexpr Vec3 kStringLow{.225f, -.20f, .115f}, kStringAtBow{.316f, .055f, .06f}, kStringAtFace{.050f, .058f, .100f},
    kStringAfter{-.060f, .050f, .085f};
constexpr float kReleaseS = .10f, kSinkS = .45f, kStanceHalf = .105f;

} // namespace

Pose shotPose(const ShotStyle& s, float t) {
    Pose p;
    p.prop = Prop::Bow;
    p.weaponSide = kLeft;
    p.grip = .95f;
    const float up = progress(t, s.raise, s.draw), drawn = progress(t, s.draw, s.anchor),
                loosed = progress(t, s.release, s.release + kReleaseS),
                sunk = progress(t, s.release + s.follow, s.release + s.follow + kSinkS);
    // What creeps in while the string is held, and is gone with it.
    const float held = std::clamp((t - s.anchor) / std::max(.1f, s.release - s.anchor), 0.f, 1.f) * (1 - loosed);
    constexpr float ankle = Proportions::ankleHeight;
    const float leg = Proportions::thigh + Proportions::shank;
    const float across = kStanceHalf - Proportions::hipHalf;
    p.pelvis = {0, ankle + .998f * std::sqrt(leg * leg - across * across), 0};
    p.pelvisYaw = -90 * kRadians;                      // the chest to the camera, the left side to the target
    p.chestYaw = mix(-90.f, -113.f, drawn) * kRadians; // the draw turns the string shoulder back
    p.chestRoll = -s.leanDeg * kRadians * drawn;
    p.headYaw = -6 * kRadians * drawn - 20 * kRadians * (1 - up);
    p.headPitch = mix(10.f, 0.f, up) * kRadians;
    p.headShift = {s.headReach * drawn, -.2f * s.headReach * drawn, .012f * drawn};
    for (std::size_t i = 0; i < 2; ++i) {
        const float side = i == kLeft ? 1.f : -1.f;
        p.ankle[i] = {side * kStanceHalf, ankle, 0};
        p.footYaw[i] = -90 * kRadians;
        p.kneePole[i] = {0, 0, 1};
    }
    const float wander = s.shake * drawn * (1 - loosed) * (1 + 1.5f * std::max(0.f, t - s.anchor));
    const Vec3 shaken{0, wander * (std::sin(7.1f * t + s.shakePhase) + .6f * std::sin(17.3f * t + 2 * s.shakePhase)),
                      wander * .5f * std::sin(9.7f * t + s.shakePhase)};
    const Vec3 jump{.006f * loosed * (1 - progress(t, s.release + kReleaseS, s.release + .3f)), 0, 0};
    p.wristFromShoulder[kLeft] = mix(kBowLow, kBowUp, up) + shaken + jump + Vec3{0, s.shoulderUp * held, 0} +
                                 Vec3{-.5f * s.sink * s.sink, -s.sink, 0} * sunk;
    p.wristFromShoulder[kRight] =
        mix(mix(mix(kStringLow, kStringAtBow, up), kStringAtFace, drawn), kStringAfter, loosed) +
        Vec3{0, -.10f, .03f} * sunk;
    p.elbowPole[kLeft] = {0, -.5f, -1};
    p.elbowPole[kRight] = mix(mix(Vec3{0, -1, .5f}, Vec3{-.3f, -.2f, 1}, up), Vec3{-1, s.elbowUp - .16f, .2f}, drawn);
    p.handDirection[kLeft] = {1, mix(-.6f, .1f, up) - .35f * sunk, 0};
    p.handDirection[kRight] = {1, mix(-.3f, 0, up), -.05f};
    p.stringHeld = t < s.release + .5f * kReleaseS && t > .6f * s.draw + .4f * s.raise;
    return p;
}

} // namespace riflesso::simcam
