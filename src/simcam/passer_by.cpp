#include "simcam/passer_by.h"

#include <cmath>

namespace riflesso::simcam {
namespace {

/// Somebody who has walked `way` (body heights) along +x from x = 0.
Pose walkingPose(float way) {
    constexpr float kStride = .72f, kStance = .6f; // of two steps; share of a stride for which a foot stands
    constexpr float kHip = .495f, kFeetApart = .045f, kLift = .055f, kArmSwing = .13f;
    const auto share = [](float x) { return x - std::floor(x); };
    Pose p;
    p.prop = Prop::None;
    const float gait = way / kStride;
    p.pelvis = {way, kHip + .012f * std::cos(4 * std::numbers::pi_v<float> * gait), 0};
    p.chestPitch = 4 * kRadians;
    for (const int side : {kLeft, kRight}) {
        const auto s = static_cast<std::size_t>(side);
        const float at = share(gait + (side == kLeft ? 0 : .5f)), z = side == kLeft ? -kFeetApart : kFeetApart;
        // A standing foot stays where it is while the body goes on over it.
        const float reach = kStance * kStride / 2;
        const float swing = at < kStance ? 0 : (at - kStance) / (1 - kStance);
        const float ahead = at < kStance ? reach - at * kStride : mix(-reach, reach, smoothStep(0, 1, swing));
        p.ankle[s] = {way + ahead, Proportions::ankleHeight + kLift * std::sin(std::numbers::pi_v<float> * swing), z};
        p.footPitch[s] = (swing > 0 ? mix(-25.f, 15.f, swing) : 0) * kRadians;
        p.kneePole[s] = {1, 0, 0};
        p.wristFromShoulder[s] = {-ahead / reach * kArmSwing, -.30f, side == kLeft ? -.03f : .03f};
        p.elbowPole[s] = {-1, -.2f, 0};
        p.handDirection[s] = {0, -1, 0};
    }
    return p;
}

} // namespace

bool isThere(const PasserBy& who, float t) {
    const float way = (t - who.startS) * who.speed;
    return way >= 0 && way <= length(who.to - who.from);
}

Body bodyOf(const PasserBy& who, float t) {
    const Vec3 along = unit(who.to - who.from);
    const float turn = std::atan2(-along.z, along.x);
    Pose pose = walkingPose((t - who.startS) * who.speed);
    const Vec3 start = turnedAboutY(who.from, -turn); // where buildBody's turn brings it to `from`
    pose.pelvis = pose.pelvis + start;
    for (Vec3& ankle : pose.ankle)
        ankle = ankle + start;
    return buildBody(pose, turn);
}

} // namespace riflesso::simcam
