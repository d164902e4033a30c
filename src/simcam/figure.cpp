#include "simcam/figure.h"

namespace riflesso::simcam {

Pose mirrored(const Pose& pose) {
    const auto flip = [](Vec3 v) { return Vec3{v.x, v.y, -v.z}; };
    Pose out = pose;
    out.pelvis = flip(pose.pelvis);
    out.pelvisYaw = -pose.pelvisYaw;
    out.chestYaw = -pose.chestYaw;
    out.pelvisRoll = -pose.pelvisRoll;
    out.chestRoll = -pose.chestRoll;
    out.headYaw = -pose.headYaw;
    out.headShift = flip(pose.headShift);
    out.weaponSide = 1 - pose.weaponSide;
    for (std::size_t i = 0; i < 2; ++i) {
        const std::size_t o = 1 - i;
        out.ankle[i] = flip(pose.ankle[o]);
        out.wristFromShoulder[i] = flip(pose.wristFromShoulder[o]);
        out.kneePole[i] = flip(pose.kneePole[o]);
        out.elbowPole[i] = flip(pose.elbowPole[o]);
        out.handDirection[i] = flip(pose.handDirection[o]);
        out.footYaw[i] = -pose.footYaw[o];
        out.footPitch[i] = pose.footPitch[o];
    }
    return out;
}

float Shape::distance(Vec3 p) const {
    float d = 0;
    if (kind == Kind::Cone) {
        const Vec3 pa = p - a;
        const float y = dot(pa, axis), z = y - axis2;
        const Vec3 w = pa * axis2 - axis * y;
        const float x2 = dot(w, w), y2 = y * y * axis2, z2 = z * z * axis2;
        const auto sign = [](float v) { return v > 0 ? 1.f : v < 0 ? -1.f : 0.f; };
        const float k = sign(radiusStep) * radiusStep * radiusStep * x2;
        if (sign(z) * slant2 * z2 > k)
            d = std::sqrt(x2 + z2) * inverse2 - radiusB;
        else if (sign(y) * slant2 * y2 < k)
            d = std::sqrt(x2 + y2) * inverse2 - radiusA;
        else
            d = (std::sqrt(x2 * slant2 * inverse2) + y * radiusStep) * inverse2 - radiusA;
    } else {
        const Vec3 o = frame.local(p - a);
        if (kind == Kind::Ellipsoid) {
            const Vec3 s{o.x / half.x, o.y / half.y, o.z / half.z};
            const Vec3 s2{s.x / half.x, s.y / half.y, s.z / half.z};
            const float k0 = length(s), k1 = length(s2);
            d = k1 < 1e-6f ? -std::min({half.x, half.y, half.z}) : k0 * (k0 - 1) / k1;
        } else {
            const Vec3 w{std::fabs(o.x) - half.x + rounding, std::fabs(o.y) - half.y + rounding,
                         std::fabs(o.z) - half.z + rounding};
            const Vec3 outside{std::max(w.x, 0.f), std::max(w.y, 0.f), std::max(w.z, 0.f)};
            d = length(outside) + std::min(std::max({w.x, w.y, w.z}), 0.f) - rounding;
        }
    }
    return cut ? std::max(d, dot(p, cutNormal) - cutAt) : d;
}

namespace {

/// Two bones from `root` towards `target`; the joint between them lies on the side of `pole`. `end` is where the
/// second bone ends: the target, or as near as the bones reach.
Vec3 chain(Vec3 root, Vec3 target, float first, float second, Vec3 pole, Vec3& end) {
    constexpr float kStraightest = .9985f;
    const Vec3 n = unit(target - root);
    const float reach =
        std::clamp(length(target - root), std::fabs(first - second) * 1.02f, (first + second) * kStraightest);
    end = root + n * reach;
    const float along = (first * first - second * second + reach * reach) / (2 * reach);
    const float aside = std::sqrt(std::max(0.f, first * first - along * along));
    return root + n * along + unit(pole - n * dot(pole, n)) * aside;
}

class Builder {
public:
    explicit Builder(Body& body) : body_(body) {}
    Shape& cone(Vec3 a, Vec3 b, float ra, float rb, Material material, float blend = .01f) {
        Shape s;
        if (length(b - a) < std::fabs(ra - rb) + 1e-3f)
            b = a + unit(b - a) * (std::fabs(ra - rb) + 1e-3f);
        s.a = a;
        s.b = b;
        s.radiusA = ra;
        s.radiusB = rb;
        s.axis = b - a;
        s.axis2 = std::max(1e-8f, dot(s.axis, s.axis));
        s.radiusStep = ra - rb;
        s.slant2 = std::max(1e-8f, s.axis2 - s.radiusStep * s.radiusStep);
        s.inverse2 = 1 / s.axis2;
        s.centre = (a + b) * .5f;
        s.reach = length(s.axis) / 2 + std::max(ra, rb);
        return keep(s, material, blend);
    }
    Shape& ellipsoid(Vec3 centre, const Frame& frame, Vec3 half, Material material, float blend = .01f) {
        Shape s;
        s.kind = Shape::Kind::Ellipsoid;
        s.a = s.centre = centre;
        s.frame = frame;
        s.half = half;
        s.reach = std::max({half.x, half.y, half.z});
        return keep(s, material, blend);
    }
    Shape& box(Vec3 centre, const Frame& frame, Vec3 half, float rounding, Material material, float blend = .004f) {
        Shape s;
        s.kind = Shape::Kind::Box;
        s.a = s.centre = centre;
        s.frame = frame;
        s.half = half;
        s.rounding = rounding;
        s.reach = length(half);
        return keep(s, material, blend);
    }
    static void cutAt(Shape& shape, Vec3 at, Vec3 normal) {
        shape.cut = true;
        shape.cutNormal = unit(normal);
        shape.cutAt = dot(at, shape.cutNormal);
    }

private:
    Shape& keep(Shape& s, Material material, float blend) {
        s.material = material;
        s.blend = blend;
        body_.shapes.push_back(s);
        return body_.shapes.back();
    }
    Body& body_;
};

void buildLeg(Builder& b, const Joints& j, std::size_t i, const Frame& pelvis, const Frame& foot) {
    const float s = i == kLeft ? 1.f : -1.f;
    const Vec3 hip = j.hip[i], knee = j.knee[i], ankle = j.ankle[i];
    const Vec3 shankWay = unit(ankle - knee);
    const Vec3 back = unit(cross(cross(shankWay, foot.forward * -1.f), shankWay));
    const Frame shank{back, shankWay, unit(cross(back, shankWay))};
    b.cone(hip + pelvis.left * (s * .008f), mix(hip, knee, .55f), .051f, .043f, Material::Breeches, .012f);
    b.cone(mix(hip, knee, .5f), knee, .0435f, .0305f, Material::Breeches, .012f);
    b.ellipsoid(knee - back * .004f, shank, {.030f, .034f, .029f}, Material::Breeches, .01f);
    b.cone(knee, mix(knee, ankle, .5f), .0285f, .027f, Material::Sock, .012f);
    b.cone(mix(knee, ankle, .4f), ankle, .027f, .0185f, Material::Sock, .012f);
    b.ellipsoid(mix(knee, ankle, .3f) + back * .012f, shank, {.026f, .075f, .028f}, Material::Sock, .015f);
    // Low-cut shoe: its collar lies below the ankle joint.
    const Vec3 f = foot.forward, u = foot.up, l = foot.left, o = ankle - u * .010f;
    const Vec3 heel = o - f * .022f - u * .014f, instep = o + f * .06f - u * .020f, toes = o + f * .097f - u * .023f;
    b.cone(ankle, o - u * .008f - f * .004f, .0186f, .020f, Material::Sock, .008f);
    b.ellipsoid(ankle - u * .001f, foot, {.010f, .011f, .0212f}, Material::Sock, .006f);
    b.cone(o - u * .008f - f * .012f, heel, .0190f, .0235f, Material::Shoe, .005f);
    b.cone(heel, instep, .0245f, .0195f, Material::Shoe, .010f);
    b.cone(o + f * .012f - u * .006f, instep, .0165f, .017f, Material::Shoe, .008f);
    b.cone(instep + l * .007f, toes + l * .005f, .018f, .0135f, Material::Shoe, .01f);
    b.cone(instep - l * .008f, toes - l * .006f, .018f, .0135f, Material::Shoe, .01f);
    b.box(o + f * .034f - u * .036f, foot, {.082f, .0065f, .025f}, .006f, Material::Sole, .003f);
}

void buildArm(Builder& b, const Joints& j, std::size_t i, const Frame& chest, Vec3 hand, float grip) {
    constexpr float cloth = .005f;
    const Vec3 shoulder = j.shoulder[i], elbow = j.elbow[i], wrist = j.wrist[i];
    const Vec3 way = unit(elbow - shoulder);
    Vec3 front = chest.forward - way * dot(chest.forward, way);
    if (length(front) < .35f)
        front = chest.up - way * dot(chest.up, way);
    front = unit(front);
    b.ellipsoid(shoulder + way * .016f - chest.up * .003f, {front, way * -1.f, unit(cross(way, front))},
                {.0275f, .042f, .0265f}, Material::Sleeve, .015f);
    b.cone(shoulder + way * .02f, mix(shoulder, elbow, .6f), .028f + cloth, .0255f + cloth, Material::Sleeve, .012f);
    b.cone(mix(shoulder, elbow, .5f), elbow, .0255f + cloth, .0208f + cloth, Material::Sleeve, .012f);
    b.cone(elbow, mix(elbow, wrist, .35f), .0208f + cloth, .0235f + cloth, Material::Sleeve, .01f);
    b.cone(mix(elbow, wrist, .3f), wrist, .0235f + cloth, .0150f + cloth * .6f, Material::Sleeve, .01f);
    // Palm, four fingers of two parts, thumb; `grip` curls them.
    const Vec3 across = unit(cross(hand, std::fabs(dot(hand, chest.forward)) > .9f ? Vec3{0, 1, 0} : chest.forward));
    const Vec3 palm = unit(cross(across, hand));
    b.box(wrist + hand * .032f, {hand, across, palm}, {.029f, .0215f, .011f}, .009f, Material::Glove, .006f);
    b.cone(wrist, wrist + hand * .02f, .0145f, .014f, Material::Glove, .008f);
    for (int finger = 0; finger < 4; ++finger) {
        const Vec3 root = wrist + hand * .056f + across * ((static_cast<float>(finger) - 1.5f) * .0108f);
        const Vec3 d1 = unit(hand * (1 - grip * .9f) + palm * -grip + Vec3{0, 1e-4f, 0});
        const Vec3 d2 = unit(hand * (1 - grip * 1.7f) + palm * (-grip * .8f));
        const Vec3 middle = root + d1 * .024f;
        b.cone(root, middle, .0056f, .0053f, Material::Glove, .004f);
        b.cone(middle, middle + d2 * .022f, .0053f, .0045f, Material::Glove, .003f);
    }
    const Vec3 t0 = wrist + hand * .016f + across * .017f;
    const Vec3 t1 = t0 + unit(hand * .8f + across * .6f - palm * (.5f * (grip + .2f))) * .026f;
    b.cone(t0, t1, .008f, .0065f, Material::Glove, .005f);
    b.cone(t1, t1 + unit(hand - palm * grip) * .02f, .0062f, .005f, Material::Glove, .003f);
}

void buildTrunk(Builder& b, const Joints& j, const Frame& pelvis, const Frame& chest, Vec3 mid, Vec3 waist,
                Vec3 midShoulder, Vec3 neck) {
    constexpr float cloth = .005f;
    b.ellipsoid(mix(waist, midShoulder, .55f) + chest.up * .005f, chest, {.060f + cloth, .112f, .083f + cloth},
                Material::Jacket, .02f);
    b.ellipsoid(mix(waist, midShoulder, .78f) + chest.forward * .004f, chest, {.052f + cloth, .055f, .088f + cloth},
                Material::Jacket, .02f);
    b.ellipsoid(waist + (pelvis.up + chest.up) * .004f + chest.forward * .002f,
                {unit(pelvis.forward + chest.forward), unit(pelvis.up + chest.up), unit(pelvis.left + chest.left)},
                {.055f + cloth, .085f, .074f + cloth}, Material::Jacket, .025f);
    b.ellipsoid(mid + pelvis.up * .010f, pelvis, {.059f + cloth, .056f, .088f + cloth}, Material::Breeches, .02f);
    b.ellipsoid(mid + pelvis.up * .045f, pelvis, {.056f + cloth, .06f, .080f + cloth}, Material::Jacket, .02f);
    for (std::size_t i = 0; i < 2; ++i) {
        const float s = i == kLeft ? 1.f : -1.f;
        b.ellipsoid(mid - pelvis.forward * .022f + pelvis.left * (s * .038f) - pelvis.up * .012f, pelvis,
                    {.048f, .055f, .046f}, Material::Breeches, .02f);
        b.cone(neck - chest.up * .012f + chest.left * (s * .018f),
               j.shoulder[i] - chest.up * .006f - chest.left * (s * .014f), .027f, .020f + cloth * .6f,
               Material::Jacket, .025f);
        b.ellipsoid(mix(waist, midShoulder, .68f) + chest.forward * .034f + chest.left * (s * .036f), chest,
                    {.024f + cloth, .036f, .042f}, Material::Jacket, .02f);
    }
}

void buildHead(Builder& b, Vec3 c, const Frame& h, Vec3 neck, const Frame& chest) {
    b.cone(neck - chest.up * .015f, mix(neck, c, .62f), .0335f, .030f, Material::Skin, .014f);
    Builder::cutAt(b.cone(neck - chest.up * .03f, neck + chest.up * .01f, .039f, .034f, Material::Jacket, .01f),
                   neck + chest.up * .012f, chest.up);
    const Vec3 f = h.forward, u = h.up, l = h.left;
    b.ellipsoid(c + u * .010f - f * .004f, h, {.0565f, .055f, .0445f}, Material::Head, .01f);
    b.ellipsoid(c - u * .022f + f * .013f, h, {.038f, .045f, .0355f}, Material::Head, .015f);
    b.cone(c - u * .043f + f * .036f, c - u * .047f + f * .034f, .0135f, .014f, Material::Head, .015f);
    b.cone(c + f * .052f + u * .010f, c + f * .060f - u * .010f, .0052f, .0078f, Material::Head, .006f);
    for (float s : {-1.f, 1.f}) {
        b.ellipsoid(c + l * (.0445f * s) - u * .004f - f * .006f, h, {.010f, .017f, .005f}, Material::Skin, .004f);
        b.ellipsoid(c + f * .048f + l * (.019f * s) + u * .0135f, h, {.006f, .0045f, .012f}, Material::Head, .005f);
        b.cone(c + f * .044f + l * (.006f * s) - u * .033f, c + f * .041f + l * (.014f * s) - u * .033f, .0052f, .004f,
               Material::Head, .006f);
    }
    Builder::cutAt(b.ellipsoid(c + u * .013f - f * .007f, h, {.060f, .058f, .0485f}, Material::Hair, .004f),
                   c + f * .024f + u * .022f, f * .75f - u * .55f);
}

/// A guard and a thin blade.
void buildWeapon(Builder& b, Joints& j, const Pose& pose, const std::array<Vec3, 2>& hand, Vec3 ahead, Vec3 up) {
    const auto w = static_cast<std::size_t>(pose.weaponSide);
    const Vec3 grip = j.wrist[w] + hand[w] * .05f;
    const Vec3 blade = unit(hand[w] * .5f + unit(ahead) * .5f);
    b.ellipsoid(grip + blade * .02f, {blade, up, unit(cross(blade, up))}, {.006f, .03f, .03f}, Material::Blade, .001f);
    j.tip = grip + blade * Proportions::blade;
    b.cone(grip, j.tip, .0036f, .0022f, Material::Blade, .0005f);
}

/// A straight implement with a head, held at its end: a racket.
void buildStick(Builder& b, Joints& j, const Pose& pose, const std::array<Vec3, 2>& hand) {
    const auto w = static_cast<std::size_t>(pose.weaponSide);
    const Vec3 way = hand[w], grip = j.wrist[w] + way * .03f;
    j.tip = j.wrist[w] + way * pose.stick;
    constexpr float kHead = .075f; // half of its length
    const Vec3 throat = j.tip - way * (2 * kHead);
    b.cone(grip, mix(grip, throat, .4f), .009f, .008f, Material::Machine, .001f);
    b.cone(mix(grip, throat, .4f), throat, .006f, .004f, Material::Machine, .001f);
    const Vec3 across = unit(cross(way, std::fabs(way.y) > .9f ? Vec3{1, 0, 0} : Vec3{0, 1, 0}));
    b.ellipsoid(throat + way * kHead, {way, across, unit(cross(way, across))}, {kHead, .06f, .006f}, Material::Blade,
                .001f);
}

/// A bow of two limbs with its string; while it is held, an arrow and the string lead to the fingers.
void buildBow(Builder& b, Joints& j, const Pose& pose, const std::array<Vec3, 2>& hand) {
    const auto w = static_cast<std::size_t>(pose.weaponSide), o = 1 - w;
    const Vec3 grip = j.wrist[w] + hand[w] * .05f, fingers = j.wrist[o] + hand[o] * .055f;
    constexpr float kBrace = .115f, kLimb = .43f, kCurve = .085f;
    // The string pulls the bow into line: held, it stands square to the arrow, else to the hand.
    const Vec3 aim = pose.stringHeld ? unit(grip - fingers) : hand[w];
    const Vec3 upright = unit(Vec3{0, 1, 0} - aim * aim.y);
    const float pulled = pose.stringHeld ? std::max(0.f, length(grip - fingers) - kBrace) : 0;
    const auto limb = [&](float way) {
        const Vec3 end = grip + upright * (way * (kLimb - .10f * pulled)) - aim * (kCurve + .22f * pulled);
        const Vec3 middle = grip + upright * (way * .22f) - aim * (.004f + .03f * pulled);
        b.cone(grip + upright * (way * .05f), middle, .0085f, .0065f, Material::Machine, .002f);
        b.cone(middle, end, .0065f, .0035f, Material::Machine, .002f);
        return end;
    };
    b.cone(grip - upright * .055f, grip + upright * .06f, .0115f, .0105f, Material::Rail, .002f);
    const Vec3 top = limb(1), bottom = limb(-1);
    const Vec3 nock = pose.stringHeld ? fingers : grip - aim * kBrace;
    b.cone(top, nock, .0019f, .0019f, Material::Blade, .0004f);
    b.cone(nock, bottom, .0019f, .0019f, Material::Blade, .0004f);
    if (pose.stringHeld)
        b.cone(nock, grip + aim * .03f + upright * .006f, .0026f, .0026f, Material::Sole, .0004f);
    j.tip = top;
}

/// Rail, seat, foot plates, wheel, handle and chain of a rowing machine. `turned`: from the rower's frame to the
/// hall's.
template <typename Turned> void buildRowingMachine(Builder& b, Joints& j, const std::array<Vec3, 2>& hand,
                                                   const Turned& turned, const Pose& pose) {
    const Vec3 grips[2] = {j.wrist[kLeft] + hand[kLeft] * .045f, j.wrist[kRight] + hand[kRight] * .045f};
    const Vec3 across = unit(grips[1] - grips[0]);
    j.tip = mix(grips[0], grips[1], .5f);
    b.cone(grips[0] - across * .05f, grips[1] + across * .05f, .0105f, .0105f, Material::Machine, .001f);
    const Vec3 outlet = turned({.47f, .385f, 0});
    b.cone(j.tip, outlet, .0034f, .0034f, Material::Blade, .0005f);
    const Frame level{turned({1, 0, 0}), {0, 1, 0}, turned({0, 0, -1})};
    const auto box = [&](Vec3 centre, Vec3 half, Material material, const Frame& frame) {
        b.box(turned(centre), frame, half, .005f, material, .001f);
    };
    box({-.10f, .132f, 0}, {.50f, .014f, .016f}, Material::Rail, level);
    box({-.57f, .066f, 0}, {.012f, .066f, .09f}, Material::Machine, level);
    box({.40f, .08f, 0}, {.014f, .08f, .11f}, Material::Machine, level);
    box({pose.pelvis.x, .172f, 0}, {.052f, .012f, .07f}, Material::Machine, level);
    box({pose.pelvis.x, .152f, 0}, {.03f, .012f, .024f}, Material::Rail, level);
    const float slope = 45 * kRadians; // of the foot plates
    const Frame plate{turned({std::cos(slope), std::sin(slope), 0}), turned({-std::sin(slope), std::cos(slope), 0}),
                      turned({0, 0, -1})};
    for (float side : {-.055f, .055f})
        box({.288f, .128f, side}, {.10f, .006f, .034f}, Material::Machine, plate);
    box({.60f, .055f, 0}, {.012f, .055f, .10f}, Material::Machine, level);
    b.cone(turned({.40f, .14f, 0}), turned({.60f, .13f, 0}), .014f, .014f, Material::Rail, .001f);
    // The wheel stands across the rail, behind the feet.
    const Vec3 hub = turned({.60f, .27f, 0}), axle = turned({0, 0, .035f});
    b.ellipsoid(hub, level, {.165f, .165f, .045f}, Material::Machine, .001f);
    b.cone(hub - axle * 1.4f, hub + axle * 1.4f, .028f, .028f, Material::Rail, .001f);
    b.cone(turned({.47f, .30f, 0}), turned({.40f, .56f, 0}), .008f, .008f, Material::Rail, .001f);
    box({.395f, .585f, 0}, {.008f, .035f, .045f}, Material::Machine, level);
}

} // namespace

std::map<std::string, Vec3> byName(const Joints& j) {
    std::map<std::string, Vec3> out{{"nose", j.nose}};
    const std::pair<const char*, const std::array<Vec3, 2>*> sided[] = {
        {"eye", &j.eye}, {"ear", &j.ear},   {"shoulder", &j.shoulder}, {"elbow", &j.elbow}, {"wrist", &j.wrist},
        {"hip", &j.hip}, {"knee", &j.knee}, {"ankle", &j.ankle},       {"heel", &j.heel},   {"toe", &j.toe}};
    for (const auto& [part, points] : sided) {
        out[std::string("left_") + part] = (*points)[kLeft];
        out[std::string("right_") + part] = (*points)[kRight];
    }
    return out;
}

Body buildBody(const Pose& pose, float turn) {
    using P = Proportions;
    Body body;
    Joints& j = body.joints;
    const auto turned = [&](Vec3 v) { return turnedAboutY(pose.prone ? Vec3{v.y, -v.x, v.z} : v, turn); };
    const auto turnedFrame = [&](const Frame& f) { return Frame{turned(f.forward), turned(f.up), turned(f.left)}; };
    const Frame pelvis = turnedFrame(frameOf(pose.pelvisYaw, pose.pelvisPitch, pose.pelvisRoll));
    const Frame chest = turnedFrame(frameOf(pose.chestYaw, pose.chestPitch, pose.chestRoll));
    const Frame head = turnedFrame(frameOf(pose.headYaw, pose.headPitch, 0));
    const Vec3 mid = turned(pose.pelvis);
    const Vec3 waist = mid + pelvis.up * (P::trunk * .36f), midShoulder = waist + chest.up * (P::trunk * .64f);
    const Vec3 neck = midShoulder + chest.up * .028f - chest.forward * .008f;
    const Vec3 headCentre =
        neck + (chest.up * .5f + head.up * .5f) * .085f + head.forward * .016f + turned(pose.headShift);
    std::array<Frame, 2> foot;
    std::array<Vec3, 2> hand;
    for (std::size_t i = 0; i < 2; ++i) {
        const float s = i == kLeft ? 1.f : -1.f;
        j.hip[i] = mid + pelvis.left * (P::hipHalf * s);
        j.shoulder[i] = midShoulder + chest.left * (P::shoulderHalf * s);
        j.knee[i] = chain(j.hip[i], turned(pose.ankle[i]), P::thigh, P::shank, turned(pose.kneePole[i]), j.ankle[i]);
        j.elbow[i] = chain(j.shoulder[i], j.shoulder[i] + turned(pose.wristFromShoulder[i]), P::upperArm, P::forearm,
                           turned(pose.elbowPole[i]), j.wrist[i]);
        foot[i] = turnedFrame(frameOf(pose.footYaw[i], -pose.footPitch[i], 0));
        hand[i] = unit(turned(pose.handDirection[i]));
        j.heel[i] = j.ankle[i] - foot[i].forward * .036f - foot[i].up * .026f;
        j.toe[i] = j.ankle[i] + foot[i].forward * .098f - foot[i].up * .028f;
        j.eye[i] = headCentre + head.forward * .05f + head.left * (.0185f * s) + head.up * .0035f;
        j.ear[i] = headCentre + head.left * (.047f * s) - head.up * .004f - head.forward * .006f;
    }
    j.nose = headCentre + head.forward * .062f - head.up * .012f;
    j.chin = headCentre - head.up * .047f + head.forward * .036f;
    body.head = head;
    body.headCentre = headCentre;
    body.shapes.reserve(160);
    Builder b(body);
    for (std::size_t i = 0; i < 2; ++i) {
        buildLeg(b, j, i, pelvis, foot[i]);
        buildArm(b, j, i, chest, hand[i], pose.grip);
    }
    buildTrunk(b, j, pelvis, chest, mid, waist, midShoulder, neck);
    buildHead(b, headCentre, head, neck, chest);
    if (pose.prop == Prop::Weapon)
        buildWeapon(b, j, pose, hand, turned({1, .05f, 0}), chest.up);
    else if (pose.prop == Prop::Bow)
        buildBow(b, j, pose, hand);
    else if (pose.prop == Prop::Stick)
        buildStick(b, j, pose, hand);
    else if (pose.prop == Prop::RowingMachine)
        buildRowingMachine(
            b, j, hand, [&](Vec3 v) { return turned(v); }, pose);

    for (const auto& [middle, half] : pose.boxes)
        b.box(turned(middle), {turned({1, 0, 0}), {0, 1, 0}, turned({0, 0, -1})}, half, .008f, Material::Cloth, .001f);
    for (const auto& [from, to] : pose.rods)
        b.cone(turned(from), turned(to), .009f, .006f, Material::Rail, .001f);

    Vec3 low{9, 9, 9}, high{-9, -9, -9};
    for (const Shape& s : body.shapes) {
        low = {std::min(low.x, s.centre.x - s.reach), std::min(low.y, s.centre.y - s.reach),
               std::min(low.z, s.centre.z - s.reach)};
        high = {std::max(high.x, s.centre.x + s.reach), std::max(high.y, s.centre.y + s.reach),
                std::max(high.z, s.centre.z + s.reach)};
    }
    body.centre = (low + high) * .5f;
    for (const Shape& s : body.shapes)
        body.reach = std::max(body.reach, length(s.centre - body.centre) + s.reach);
    return body;
}

} // namespace riflesso::simcam
