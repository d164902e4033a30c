#include "simcam/stroke.h"

#include "simcam/progress_curve.h"

namespace riflesso::simcam {
namespace {

constexpr float kSeatY = .255f;
// Shares of the way back: the arms go first, the trunk follows, the seat last.
constexpr float kArmsAway = .30f, kTrunkFrom = .10f, kTrunkTo = .52f, kSeatFrom = .30f;

} // namespace

Pose strokePose(const StrokeStyle& s, const StrokeStyle& next, float t) {
    const bool drive = t < s.driveS;
    const float d = s.driveS, r = s.periodS - d;
    const float legs = drive ? progress(t, 0, s.legsEnd * d) : 1 - progress(t, d + kSeatFrom * r, s.periodS);
    const float swing =
        drive ? progress(t, s.trunkStart * d, s.trunkEnd * d) : 1 - progress(t, d + kTrunkFrom * r, d + kTrunkTo * r);
    const float arms = drive ? progress(t, s.armsStart * d, d) : 1 - progress(t, d, d + kArmsAway * r);
    const StrokeStyle& front = drive ? s : next; // the catch at this end of the slide
    Pose p;
    p.prop = Prop::RowingMachine;
    p.grip = 1;
    p.pelvis = {mix(front.catchX, s.finishX, legs), kSeatY, 0};
    p.pelvisPitch = mix(.58f * front.catchLeanDeg, -.75f * s.laybackDeg, swing) * kRadians;
    p.chestPitch = mix(front.catchLeanDeg, -s.laybackDeg, swing) * kRadians;
    p.headPitch = mix(8, 0, swing) * kRadians;
    // The handle travels level: straight arms reach it from wherever the shoulders are.
    const float shoulderY =
        kSeatY + Proportions::trunk * (.36f * std::cos(p.pelvisPitch) + .64f * std::cos(p.chestPitch));
    const float down = mix(.408f, .372f, arms) - shoulderY;
    constexpr float kReach = .327f;
    const Vec3 straight{std::sqrt(kReach * kReach - down * down), down, 0}, bent{.125f, down, 0};
    for (std::size_t i = 0; i < 2; ++i) {
        const float side = i == kLeft ? -1.f : 1.f;
        p.ankle[i] = {.235f, .165f, side * .055f};
        p.footPitch[i] = mix(38, 50, legs) * kRadians;
        p.kneePole[i] = {.3f, 1, side * .12f};
        p.wristFromShoulder[i] = mix(straight, bent, arms) + Vec3{0, 0, side * mix(-.02f, -.01f, arms)};
        p.elbowPole[i] = mix(Vec3{0, -1, side * .4f}, Vec3{-1, -.35f, side * .5f}, arms);
        p.handDirection[i] = {1, mix(-.1f, 0, arms), side * -.05f * arms};
    }
    return p;
}

std::vector<std::pair<std::string, float>> strokeEvents(const StrokeStyle& s) {
    // The rate of a minimum-jerk movement is 30 u²(1 - u)²: a quarter of its peak where u (1 - u) = 1/8.
    constexpr float kLeaves = .14645f, kRests = 1 - kLeaves;
    const float d = s.driveS, r = s.periodS - d;
    const float upright = s.laybackDeg / (s.catchLeanDeg + s.laybackDeg);
    float low = 0, high = 1; // share of the trunk's way at which it is upright
    for (int i = 0; i < 30; ++i)
        (progress((low + high) / 2, 0, 1) < upright ? low : high) = (low + high) / 2;
    return {{"catch", 0},
            {"legs", kRests * s.legsEnd * d},
            {"arms", (s.armsStart + kLeaves * (1 - s.armsStart)) * d},
            {"finish", d},
            {"over", d + (kTrunkFrom + low * (kTrunkTo - kTrunkFrom)) * r}};
}

} // namespace riflesso::simcam
