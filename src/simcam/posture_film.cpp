#include "simcam/posture_takes.h"

#include "core/points/landmark.h"
#include "simcam/hall.h"

#include <algorithm>
#include <cmath>
#include <tuple>
#include <utility>

namespace riflesso::simcam {

void afloat(Pose& pose) {
    pose.pelvis.x -= kPoolDeep; // told as if standing: what it faces is down
    for (Vec3& ankle : pose.ankle)
        ankle.x -= kPoolDeep;
}

Pose poseIn(const PostureTakes& takes, const Posture& posture) {
    Pose pose = poseOf(posture, takes.implementLength);
    pose.prone = takes.prone;
    pose.boxes = takes.boxes;
    for (const auto& [from, to] : takes.rods)
        if (posture.points.contains(from) && posture.points.contains(to))
            pose.rods.emplace_back(posture.points.at(from), posture.points.at(to));
    return pose;
}

namespace {

/// Joints of the body in the room, of a right-hander, and the middles of the hands.
std::map<std::string, Vec3> jointsAt(const PostureTakes& takes, const Posture& posture) {
    const Pose pose = poseIn(takes, posture);
    const Joints joints = buildBody(pose, 0).joints;
    std::map<std::string, Vec3> out = byName(joints);
    out["chin"] = joints.chin;
    for (const char* part : {"hip", "shoulder", "ankle"})
        out[std::string("mid_") + part] = mix(out[std::string("left_") + part], out[std::string("right_") + part], .5f);
    constexpr float kPalm = .06f;
    for (const std::size_t side : {kLeft, kRight}) {
        const Vec3 told = pose.handDirection[side], way = pose.prone ? Vec3{told.y, -told.x, told.z} : told;
        out[side == kLeft ? "left_hand" : "right_hand"] = joints.wrist[side] + unit(way) * kPalm;
    }
    if (!takes.implement.empty())
        out[takes.implement] = joints.tip;
    if (takes.edges) {
        const auto& [upper, lower, width, fromTip] = *takes.edges;
        const Vec3 along = unit(joints.tip - joints.wrist[kRight]);
        const Vec3 half = unit(posture.face - along * dot(posture.face, along)) * (width / 2);
        const Vec3 middle = joints.tip - along * fromTip;
        out[upper] = middle + half;
        out[lower] = middle - half;
    }
    return out;
}

} // namespace

std::map<std::string, Vec3> placesAt(const PostureTakes& takes, const Postures& postures, float t, bool leftHanded) {
    const Posture now = postureAt(postures, t);
    std::map<std::string, Vec3> out = jointsAt(takes, now);
    for (const auto& [name, own] : takes.on)
        if (out.contains(own.from) && out.contains(own.towards))
            out[name] = out[own.from] + unit(out[own.towards] - out[own.from]) * own.by;
    for (const auto& [name, at] : now.points)
        out[name] = at;
    // What lies at a joint at both postures goes with it; what is caught or let go of is straight between.
    std::size_t i = 0;
    while (i + 2 < postures.size() && t >= postures[i + 1].t)
        ++i;
    const Posture &a = postures[i], &b = postures[i + 1];
    for (const Posture* own : {&a, &b})
        for (const auto& [name, joint] : own->held) {
            const auto placeIn = [&, &name = name](const Posture& posture) -> std::optional<Vec3> {
                if (const auto at = posture.points.find(name); at != posture.points.end())
                    return at->second;
                const auto held = posture.held.find(name);
                if (held == posture.held.end())
                    return {};
                const auto there = jointsAt(takes, posture);
                const auto at = there.find(held->second);
                return at == there.end() ? std::nullopt : std::optional(at->second);
            };
            const auto from = a.held.find(name), to = b.held.find(name);
            if (from != a.held.end() && to != b.held.end() && from->second == to->second && out.contains(joint)) {
                out[name] = out[joint];
            } else if (const auto first = placeIn(a), last = placeIn(b); first && last) {
                out[name] = mix(*first, *last, std::clamp((t - a.t) / (b.t - a.t), 0.f, 1.f));
            }
        }
    if (!leftHanded)
        return out;
    std::map<std::string, Vec3> mirror;
    for (const auto& [name, at] : out) {
        std::string other = name;
        if (name.starts_with("left_"))
            other.replace(0, 4, "right");
        else if (name.starts_with("right_"))
            other.replace(0, 5, "left");
        mirror[isAnatomical(other) || other.ends_with("_hand") ? other : name] = {at.x, at.y, -at.z};
    }
    return mirror;
}

bool isMarked(const Pack& pack, const std::string& landmark) {
    const std::string part = landmark.substr(std::min(landmark.size(), landmark.find('_') + 1));
    return std::any_of(pack.points.begin(), pack.points.end(),
                       [&](const OwnPoint& own) { return own.id == landmark; }) ||
           (isAnatomical(landmark) && std::any_of(pack.marked.begin(), pack.marked.end(), [&](const PointRef& ref) {
                return ref.part == landmark || (!ref.role.empty() && ref.part == part);
            }));
}

namespace {

/// A long lens, level, before the middle of the movement; above it for the view from the top.
PixelPoint seen(Vec3 at, Vec3 centre, View view, double bearingDeg) {
    const Vec3 p = turnedAboutY(at - centre, -static_cast<float>(bearingDeg) * kRadians);
    const auto [x, y, towards] = view == View::Side    ? std::tuple{p.x, p.y, p.z}
                                 : view == View::Rear  ? std::tuple{p.z, p.y, -p.x}
                                 : view == View::Front ? std::tuple{-p.z, p.y, p.x}
                                                       : std::tuple{p.z, p.x, p.y};
    const float scale = kTakeTallPx * kTakeAway / (kTakeAway - towards);
    constexpr double kMiddleX = 960, kMiddleY = 540;
    return {kMiddleX + static_cast<double>(scale * x), kMiddleY - static_cast<double>(scale * y)};
}

} // namespace

std::vector<double> eventTimes(const PostureTakes& takes, const Postures& postures, const EventAt& at) {
    const auto timeOf = [&](const std::string& id) {
        return std::find_if(postures.begin(), postures.end(), [&](const Posture& p) { return p.id == id; })->t;
    };
    if (at.how == EventAt::How::At) {
        std::vector<double> out;
        for (const Posture& posture : postures)
            if (posture.id == at.from)
                out.push_back(static_cast<double>(posture.t + at.afterS));
        return out;
    }
    const float from = timeOf(at.from), to = timeOf(at.to);
    constexpr float kStep = .002f;
    double best = -1e9, bestAt = static_cast<double>(from);
    const int steps = static_cast<int>((to - from) / kStep);
    for (int step = 0; step <= steps; ++step) {
        const float t = from + static_cast<float>(step) * kStep;
        const auto here = placesAt(takes, postures, t, false), next = placesAt(takes, postures, t + kStep, false);
        if (!here.contains(at.joint))
            break;
        const Vec3 a = here.at(at.joint), b = next.at(at.joint);
        const double value = static_cast<double>(at.how == EventAt::How::Fastest ? length(b - a) : -a.y);
        if (value > best)
            best = value, bestAt = static_cast<double>(t);
    }
    return {bestAt};
}

std::vector<Trial> filmPostures(const PostureTakes& takes, const Pack& pack, const std::string& name,
                                const std::vector<View>& views, int repetitions, std::uint32_t seed, double bearingDeg,
                                bool leftHanded) {
    std::vector<Trial> out;
    const PostureTake& whole = takes.takes.at(name);
    for (int number = 1; number <= repetitions; ++number) {
        const std::size_t part = whole.parts.empty() ? 0
                                                     : static_cast<std::size_t>(number - 1) * whole.parts.size() /
                                                           static_cast<std::size_t>(repetitions);
        const PostureTake& take =
            whole.parts.empty() || whole.parts[part].first == name ? whole : takes.takes.at(whole.parts[part].first);
        const Postures postures =
            varied(take.postures, takes.variation, seed * 1000 + static_cast<std::uint32_t>(number));
        constexpr float kBefore = .25f, kAfter = .35f; // filmed before and after
        const int frames = static_cast<int>((postures.back().t + kBefore + kAfter) * kTakeRate);
        Trial trial;
        trial.number = number;
        trial.observations = whole.observations;
        trial.variant = take.variant;
        if (!whole.parts.empty())
            trial.stress = whole.parts[part].second;
        trial.capture.metresPerPixel = static_cast<double>(kTakeTallM / kTakeTallPx);
        trial.capture.handedness = leftHanded ? Side::Left : Side::Right;
        std::vector<double> times;
        for (int frame = 0; frame < frames; ++frame)
            times.push_back(static_cast<double>(frame) / kTakeRate);
        trial.times = FrameTimes::ofClip(times);
        for (const EventDef& event : pack.events)
            if (const auto at = take.events.find(event.id); at != take.events.end())
                for (const double told : eventTimes(takes, postures, at->second)) {
                    const double timeS = told + static_cast<double>(kBefore);
                    trial.events.push_back(
                        {event.id, timeS * kTakeRate, timeS, eventUncertainty(1.0 / kTakeRate, kDefaultMarkingFrames)});
                }
        // Of a repetition that is one cycle, the second start is its end (single_cycles.h).
        if (!pack.cycleEnd.empty())
            for (bool first = true; TrialEvent & event : trial.events)
                if (event.event == pack.events.front().id && !std::exchange(first, false))
                    event.event = pack.cycleEnd;
        std::sort(trial.events.begin(), trial.events.end(),
                  [](const TrialEvent& a, const TrialEvent& b) { return a.timeS < b.timeS; });
        std::vector<std::map<std::string, Vec3>> places;
        for (int frame = 0; frame < frames; ++frame)
            places.push_back(placesAt(takes, postures, static_cast<float>(frame) / kTakeRate - kBefore, leftHanded));
        const Vec3 centre = mix(places.front().at("mid_hip"), places.back().at("mid_hip"), .5f);
        const std::string id = "r" + std::to_string(number);
        for (const View view : views) {
            Trial filmed = trial;
            const bool first = view == views.front();
            filmed.id = first ? id : id + "-" + std::string(toString(view));
            filmed.sameAs = first ? std::string() : id;
            filmed.capture.view = view;
            if (!first)
                filmed.observations.clear();
            for (int frame = 0; frame < frames; ++frame)
                for (const auto& [landmark, at] : places[static_cast<std::size_t>(frame)])
                    if (isMarked(pack, landmark))
                        filmed.marks[landmark][frame] = {seen(at, centre, view, bearingDeg), defaultSigmaPx(1080), ""};
            out.push_back(std::move(filmed));
        }
    }
    return out;
}

std::vector<std::uint8_t> drawPosture(const PostureTakes& takes, const std::string& name, const std::string& event,
                                      int width, int height) {
    const PostureTake& take = takes.takes.at(name);
    const auto at = static_cast<float>(eventTimes(takes, take.postures, take.events.at(event)).front());
    const Posture posture = postureAt(take.postures, at);
    Pose pose = poseIn(takes, posture);
    if (takes.prone)
        afloat(pose);
    constexpr float kTurn = -.6f; // radians: neither the front nor the side alone
    const Body body = buildBody(pose, kTurn);
    Camera camera;
    camera.width = width;
    camera.height = height;
    camera.focalPx = 2.75f * static_cast<float>(height);
    const Vec3 middle = takes.prone ? mix(mix(body.joints.hip[0], body.joints.hip[1], .5f), body.headCentre, .4f)
                                    : turnedAboutY(pose.pelvis, kTurn);
    camera.at = {middle.x, .52f, middle.z};
    camera.eye = {middle.x, .75f, middle.z + 3.1f};
    if (takes.prone) {
        camera.at.y = .68f;
        camera.eye.y = .5f;
        camera.corner = Corner::Pool;
    }
    return Renderer(camera).render(body, Outfit(), 1);
}

} // namespace riflesso::simcam
