#include "simcam/postures.h"

#include <algorithm>
#include <cmath>
#include <random>
#include <tuple>

namespace riflesso::simcam {
namespace {

/// How far from one posture to the next after a share u of the time; see Posture::arrives.
float course(float u, float arrives) {
    if (arrives > 0)
        return std::pow(u, 1 + arrives);
    if (arrives < 0)
        return 1 - std::pow(1 - u, 1 - arrives);
    return u * u * u * (10 + u * (-15 + 6 * u));
}

/// A number along the postures. Smooth: a cubic through four of them that never leaves the span of two neighbours
/// (Fritsch & Carlson 1980, with three-point slopes cut to three times the smaller secant).
template <class At> float along(const Postures& all, std::size_t i, float t, MovingPart part, const At& at) {
    const float t0 = all[i].t, t1 = all[i + 1].t, h = t1 - t0, u = (t - t0) / h;
    const float a = at(all[i]), b = at(all[i + 1]);
    if (const auto& own = all[i + 1].arrives[static_cast<std::size_t>(part)])
        return mix(a, b, course(u, *own));
    const float here = (b - a) / h;
    const auto slope = [&](float before, float after, float hBefore, float hAfter) {
        if (before * after <= 0)
            return 0.f;
        const float middle = (before * hAfter + after * hBefore) / (hBefore + hAfter);
        const float most = 3 * std::min(std::fabs(before), std::fabs(after));
        return std::clamp(middle, -most, most);
    };
    float m0 = 0, m1 = 0; // still at the ends
    if (i > 0) {
        const float before = t0 - all[i - 1].t;
        m0 = slope((a - at(all[i - 1])) / before, here, before, h);
    }
    if (i + 2 < all.size()) {
        const float after = all[i + 2].t - t1;
        m1 = slope(here, (at(all[i + 2]) - b) / after, h, after);
    }
    const float u2 = u * u, u3 = u2 * u;
    return a * (2 * u3 - 3 * u2 + 1) + b * (3 * u2 - 2 * u3) + h * (m0 * (u3 - 2 * u2 + u) + m1 * (u3 - u2));
}

template <class At> Vec3 placeAlong(const Postures& all, std::size_t i, float t, MovingPart part, const At& at) {
    return {along(all, i, t, part, [&](const Posture& p) { return at(p).x; }),
            along(all, i, t, part, [&](const Posture& p) { return at(p).y; }),
            along(all, i, t, part, [&](const Posture& p) { return at(p).z; })};
}

/// Along the arc between two directions, which may be nearly opposite: then over the top.
Vec3 arc(Vec3 from, Vec3 to, float share) {
    const Vec3 a = unit(from), b = unit(to);
    const float angle = std::acos(std::clamp(dot(a, b), -1.f, 1.f));
    constexpr float kSame = 1e-3f;
    if (angle < kSame)
        return b;
    Vec3 aside = b - a * dot(a, b);
    if (length(aside) < kSame)
        aside = Vec3{0, 1, 0} - a * a.y;
    return a * std::cos(share * angle) + unit(aside) * std::sin(share * angle);
}

Vec3 directionAlong(const Postures& all, std::size_t i, float t, MovingPart part, const Vec3& a, const Vec3& b) {
    const float u = (t - all[i].t) / (all[i + 1].t - all[i].t);
    const auto& own = all[i + 1].arrives[static_cast<std::size_t>(part)];
    return arc(a, b, own ? course(u, *own) : u);
}

} // namespace

Postures repeated(const Postures& once, const Cycles& cycles) {
    Postures out;
    for (int k = -1; k <= cycles.count; ++k)
        for (const Posture& told : once) {
            const float t = cycles.leadS + static_cast<float>(k) * cycles.periodS + told.t;
            const bool after = k == cycles.count;
            if (t < 0 || (after && told.t > cycles.leadS))
                continue;
            Posture p = told;
            p.t = t;
            if (k < 0 || (after && told.t > 0))
                p.id.clear();
            const Vec3 on = cycles.travel * static_cast<float>(k);
            p.hips = p.hips + on;
            for (Vec3& ankle : p.ankle)
                ankle = ankle + on;
            out.push_back(std::move(p));
        }
    return out;
}

Posture postureAt(const Postures& all, float t) {
    if (t <= all.front().t)
        return all.front();
    if (t >= all.back().t)
        return all.back();
    std::size_t i = 0;
    while (i + 2 < all.size() && t >= all[i + 1].t)
        ++i;
    const Posture &a = all[i], &b = all[i + 1];
    const auto number = [&](MovingPart part, float Posture::*which) {
        return along(all, i, t, part, [&](const Posture& p) { return p.*which; });
    };
    Posture out = a;
    out.t = t;
    out.hips = placeAlong(all, i, t, MovingPart::Hips, [](const Posture& p) { return p.hips; });
    out.hipYaw = number(MovingPart::Hips, &Posture::hipYaw);
    for (float Posture::*which : {&Posture::chestYaw, &Posture::leanForward, &Posture::leanRight})
        out.*which = number(MovingPart::Trunk, which);
    for (float Posture::*which : {&Posture::headYaw, &Posture::headPitch})
        out.*which = number(MovingPart::Trunk, which);
    out.footPitch = number(MovingPart::Legs, &Posture::footPitch);
    for (std::size_t side = 0; side < 2; ++side) {
        const bool holds = side == kRight;
        const MovingPart hand = holds ? MovingPart::Hand : MovingPart::FreeArm, arm = holds ? MovingPart::Arm : hand;
        out.ankle[side] = placeAlong(all, i, t, MovingPart::Legs, [side](const Posture& p) { return p.ankle[side]; });
        out.wrist[side] = placeAlong(all, i, t, hand, [side](const Posture& p) { return p.wrist[side]; });
        out.elbowPole[side] = directionAlong(all, i, t, arm, a.elbowPole[side], b.elbowPole[side]);
        out.kneePole[side] =
            placeAlong(all, i, t, MovingPart::Legs, [side](const Posture& p) { return p.kneePole[side]; });
    }
    for (std::size_t side = 0; side < 2; ++side) {
        if (length(a.hand[side]) > 0 && length(b.hand[side]) > 0)
            out.hand[side] = directionAlong(all, i, t, side == kRight ? MovingPart::Hand : MovingPart::FreeArm,
                                            a.hand[side], b.hand[side]);
        if (a.footYaw[side] && b.footYaw[side])
            out.footYaw[side] = along(all, i, t, MovingPart::Legs,
                                      [side](const Posture& p) { return p.footYaw[side].value_or(p.hipYaw); });
    }
    out.implement = directionAlong(all, i, t, MovingPart::Implement, a.implement, b.implement);
    out.face = directionAlong(all, i, t, MovingPart::Implement, a.face, b.face);
    for (auto& [name, at] : out.points)
        if (const auto next = b.points.find(name); next != b.points.end())
            at = mix(at, next->second, (t - a.t) / (b.t - a.t)); // what flies or rolls goes straight on
    return out;
}

Pose poseOf(const Posture& posture, float implementLength) {
    Pose pose;
    pose.prop = implementLength > 0 ? Prop::Stick : Prop::None;
    pose.stick = implementLength;
    pose.weaponSide = kRight;
    pose.pelvis = posture.hips;
    // The trunk's axis leans in the room; what is left of it to the body's own front and side depends on the turn.
    const Vec3 axis = unit({std::tan(posture.leanForward * kRadians), 1, std::tan(posture.leanRight * kRadians)});
    const auto lean = [&axis](float yawDeg) {
        const Vec3 front = turnedAboutY({1, 0, 0}, yawDeg * kRadians), left = cross({0, 1, 0}, front);
        const float roll = std::asin(std::clamp(dot(axis, left), -1.f, 1.f));
        return std::pair{std::asin(std::clamp(dot(axis, front) / std::cos(roll), -1.f, 1.f)), roll};
    };
    pose.pelvisYaw = posture.hipYaw * kRadians;
    std::tie(pose.pelvisPitch, pose.pelvisRoll) = lean(posture.hipYaw);
    // Hips tip less than the trunk.
    constexpr float kOfTheHips = .5f;
    pose.pelvisRoll *= kOfTheHips;
    pose.chestYaw = posture.chestYaw * kRadians;
    std::tie(pose.chestPitch, pose.chestRoll) = lean(posture.chestYaw);
    pose.headYaw = posture.headYaw * kRadians;
    pose.headPitch = posture.headPitch * kRadians;
    const Vec3 front = turnedAboutY({1, 0, 0}, pose.pelvisYaw);
    for (std::size_t side = 0; side < 2; ++side) {
        pose.ankle[side] = posture.ankle[side];
        pose.wristFromShoulder[side] = posture.wrist[side];
        pose.elbowPole[side] = posture.elbowPole[side];
        pose.kneePole[side] = length(posture.kneePole[side]) > 0 ? posture.kneePole[side] : front;
        pose.footYaw[side] = posture.footYaw[side] ? *posture.footYaw[side] * kRadians : pose.pelvisYaw;
        pose.footPitch[side] = posture.footPitch * kRadians;
        pose.handDirection[side] = length(posture.hand[side]) > 0 ? posture.hand[side] : posture.wrist[side];
    }
    if (implementLength > 0)
        pose.handDirection[kRight] = posture.implement;
    return pose;
}

Postures varied(Postures postures, float share, std::uint32_t seed) {
    std::mt19937 random(seed);
    const auto draw = [&](float sd) { return std::normal_distribution<float>(0, share * sd)(random); };
    const auto offset = [&](float sd) { return Vec3{draw(sd), draw(sd), draw(sd)}; };
    // Of a body height, of degrees, and of the time from one posture to the next.
    constexpr float kPlace = .005f, kDegrees = 1.2f, kTime = .02f;
    const Vec3 hips = offset(kPlace / 2), implement = offset(.02f), pole = offset(.05f);
    const std::array<Vec3, 2> ankle{Vec3{draw(kPlace), 0, draw(kPlace)}, Vec3{draw(kPlace), 0, draw(kPlace)}};
    const std::array<Vec3, 2> wrist{offset(kPlace), offset(kPlace)};
    const float hipYaw = draw(kDegrees), chestYaw = draw(kDegrees), forward = draw(kDegrees), right = draw(kDegrees);
    float shift = 0, before = postures.front().t;
    for (Posture& p : postures) {
        const float step = p.t - before;
        before = p.t;
        shift += step * std::clamp(draw(kTime), -.1f, .1f);
        p.t += shift;
        p.hips = p.hips + hips;
        p.implement = p.implement + implement;
        p.elbowPole[kRight] = p.elbowPole[kRight] + pole;
        p.hipYaw += hipYaw;
        p.chestYaw += chestYaw;
        p.leanForward += forward;
        p.leanRight += right;
        for (std::size_t side = 0; side < 2; ++side) {
            p.ankle[side] = p.ankle[side] + ankle[side];
            p.wrist[side] = p.wrist[side] + wrist[side];
        }
    }
    return postures;
}

} // namespace riflesso::simcam
