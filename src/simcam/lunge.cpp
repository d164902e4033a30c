#include "simcam/lunge.h"

#include "simcam/progress_curve.h"

namespace riflesso::simcam {
Pose lungePose(const LungeStyle& s, float t) {
    constexpr float ankle = Proportions::ankleHeight;
    Pose p;
    p.weaponSide = kRight;
    // The body travels from the foot's lift to the lowest point, and back.
    const float travel = outAndBack(t, s.lift - .06f, s.low, s.recover, s.back);
    const float step = outAndBack(t, s.lift, s.down, s.recover + .06f, s.back - .04f);
    const float arm = outAndBack(t, s.go, s.straight, s.recover + .05f, s.back);
    p.pelvis = {mix(.05f, s.pelvisX, travel), mix(.465f, s.pelvisY, travel), 0};
    p.pelvisYaw = mix(50, 58, travel) * kRadians;
    p.pelvisPitch = mix(6, 5, travel) * kRadians;
    p.chestYaw = mix(48, 62, travel) * kRadians;
    p.chestPitch = mix(4, s.leanDeg, travel) * kRadians;
    p.headYaw = 8 * kRadians;
    p.headPitch = 4 * kRadians;

    // Front foot: an arc, toes up in flight, flat exactly at `down`; the same on the way back.
    const float flight = t < s.recover ? progress(t, s.lift, s.down) : progress(t, s.recover + .06f, s.back - .04f);
    const float arc = 4 * flight * (1 - flight);
    p.ankle[kRight] = {mix(.21f, s.stepX, step), ankle + .035f * arc, 0};
    p.footPitch[kRight] = 22 * kRadians * arc;
    p.kneePole[kRight] = {1, 0, .05f};
    p.footYaw[kRight] = 0;

    p.ankle[kLeft] = {-.11f, ankle, -.01f};
    p.footYaw[kLeft] = 88 * kRadians;
    const float sag = s.rearSagDeg * kRadians;
    p.kneePole[kLeft] = mix(Vec3{.25f, 0, -1}, Vec3{.35f + std::sin(sag), -std::sin(sag), -std::cos(sag)}, travel);

    const Vec3 guard{.235f, -.045f, 0}, reached = unit({.328f, .045f + s.handUp, 0}) * s.reachX;
    p.wristFromShoulder[kRight] = mix(guard, reached, arm);
    p.elbowPole[kRight] = {0, -1, .25f};
    p.handDirection[kRight] = {1, .05f, -.05f};
    const Vec3 freeBack = mix(Vec3{-.26f, -.17f, -.03f}, Vec3{-.19f, .0f, -.04f}, s.freeArmDrop);
    p.wristFromShoulder[kLeft] = mix(Vec3{-.135f, .03f, -.04f}, freeBack, travel);
    p.elbowPole[kLeft] = {-.9f, -.7f, 0};
    p.handDirection[kLeft] = mix(Vec3{-.1f, 1, 0}, Vec3{-.8f, -.5f, 0}, travel);
    return p;
}

} // namespace riflesso::simcam
