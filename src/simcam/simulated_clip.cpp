#include "simcam/simulated_clip.h"

#include "core/tables/json_walk.h"
#include "media/clip_writer.h"
#include "simcam/archery_clips.h"
#include "simcam/repetitions.h"

#include <fstream>

namespace riflesso::simcam {
namespace {

constexpr int kFrameRate = 60, kRowingRate = 30;

const std::pair<const Take*, const SimulatedRepetition*> momentOf(const SimulatedClip& clip, int frame) {
    const Take* take = &clip.takes.front();
    const SimulatedRepetition* rep = &take->repetitions.front();
    for (const Take& t : clip.takes)
        for (const SimulatedRepetition& r : t.repetitions)
            if (r.from <= frame) {
                take = &t;
                rep = &r;
            }
    return {take, rep};
}

template <typename Movement> bool shows(const SimulatedClip& clip) {
    return std::holds_alternative<Movement>(clip.takes.front().repetitions.front().movement);
}
bool isRowing(const SimulatedClip& clip) { return shows<RowingPiece>(clip); }

Pose poseAt(const SimulatedRepetition& rep, float t) {
    if (const LungeStyle* lunge = std::get_if<LungeStyle>(&rep.movement))
        return lungePose(*lunge, t);
    const RowingPiece* piece = std::get_if<RowingPiece>(&rep.movement);
    if (!piece)
        return shotPose(std::get<ShotStyle>(rep.movement), t);
    // Before the first catch the rower comes forward to it; the last stroke stands for what follows.
    const std::vector<StrokeStyle>& strokes = piece->strokes;
    t -= kBeforeFirstStrokeS;
    if (t < 0)
        return strokePose(strokes.front(), strokes.front(), t + strokes.front().periodS);
    std::size_t k = 0;
    for (; k + 1 < strokes.size() && t >= strokes[k].periodS; ++k)
        t -= strokes[k].periodS;
    return strokePose(strokes[k], strokes[std::min(k + 1, strokes.size() - 1)], t);
}

/// Included angle at b by the law of cosines: independent of the core's formula.
double includedDeg(PixelPosition a, PixelPosition b, PixelPosition c) {
    const auto side = [](PixelPosition p, PixelPosition q) {
        return std::hypot(static_cast<double>(p.x - q.x), static_cast<double>(p.y - q.y));
    };
    const double ab = side(a, b), bc = side(b, c), ac = side(a, c);
    return std::acos(std::clamp((ab * ab + bc * bc - ac * ac) / (2 * ab * bc), -1.0, 1.0)) * 180 / std::numbers::pi;
}

SimulatedClip rowingClip(const char* name, std::uint32_t seed, std::vector<Take> takes) {
    SimulatedClip clip;
    clip.name = name;
    clip.seed = seed;
    clip.frameRate = kRowingRate;
    clip.frames = takes.back().repetitions.back().to + 1;
    clip.takes = std::move(takes);
    return clip;
}

std::vector<SimulatedClip> rowingClips() {
    // Davor: the arms pull before the legs are down, the trunk opens with them and lays back far; stiff hips, so
    // that he reaches less. Drive and way back take equal time at race pace, and it gets worse from stroke to stroke.
    StrokeStyle steady;
    steady.periodS = 2.5f;
    steady.driveS = 1.08f;
    steady.trunkStart = .12f;
    steady.trunkEnd = .90f;
    steady.armsStart = .40f;
    steady.catchLeanDeg = 27;
    steady.laybackDeg = 35;
    steady.catchX = -.022f;
    StrokeStyle race = steady;
    race.periodS = 1.875f;
    race.driveS = .93f;
    race.trunkStart = .05f;
    race.armsStart = .30f;
    race.laybackDeg = 36;
    race.catchLeanDeg = 24;
    StrokeStyle still, tiring; // what a stroke adds to the one before
    for (StrokeStyle* s : {&still, &tiring})
        *s = {0, 0, 0, 0, 0, 0, 0, 0, 0};
    tiring.laybackDeg = .8f;
    tiring.armsStart = -.008f;
    tiring.catchX = -.0015f;
    // Six weeks on: the legs come first at an easy pace, and half of it is lost again at race pace.
    StrokeStyle later = steady;
    later.driveS = .98f;
    later.trunkStart = .27f;
    later.armsStart = .57f;
    later.laybackDeg = 27;
    StrokeStyle laterRace = race;
    laterRace.driveS = .86f;
    laterRace.trunkStart = .15f;
    laterRace.armsStart = .42f;
    laterRace.laybackDeg = 31;
    StrokeStyle tiringLess = still;
    tiringLess.laybackDeg = .3f;

    Take davor;
    davor.performer = "Davor Quillane";
    davor.outfit = {{40, 95, 190}, {35, 38, 48}, {214, 166, 138}, {118, 112, 106}, {225, 225, 230}};
    const auto piece = [&](const char* name, int strokes, const StrokeStyle& style, const StrokeStyle& drift,
                           std::uint32_t seed) {
        Take take = davor;
        addPiece(take, strokes, 0, 1, style, drift, kRowingRate, 7400 + seed);
        return rowingClip(name, seed, {take});
    };
    std::vector<Take> club;
    const struct {
        const char* performer;
        Outfit outfit;
        float periodS, driveS, layback, lean;
    } kRowers[] = {
        {"Rower A", {{196, 48, 44}, {35, 38, 48}, {224, 172, 142}, {58, 40, 28}, {225, 225, 230}}, 2.5f, .95f, 23, 38},
        {"Rower B", {{236, 236, 232}, {52, 74, 62}, {120, 80, 58}, {28, 22, 20}, {60, 66, 80}}, 2.42f, .92f, 25, 40},
        {"Rower C",
         {{52, 120, 96}, {40, 44, 60}, {206, 158, 128}, {150, 104, 60}, {210, 60, 50}},
         2.58f,
         1.0f,
         21,
         36}};
    int start = 0;
    std::uint32_t seed = 7501;
    for (const auto& rower : kRowers) {
        Take take;
        take.performer = rower.performer;
        take.outfit = rower.outfit;
        StrokeStyle style;
        style.periodS = rower.periodS;
        style.driveS = rower.driveS;
        style.laybackDeg = rower.layback;
        style.catchLeanDeg = rower.lean;
        addPiece(take, 2, start, 1, style, still, kRowingRate, seed++);
        start = take.repetitions.back().to + 1;
        club.push_back(std::move(take));
    }
    return {piece("davor_steady", 8, steady, still, 51), piece("davor_race", 8, race, tiring, 53),
            piece("davor_retest", 5, later, still, 57), piece("davor_retest_race", 6, laterRace, tiringLess, 59),
            rowingClip("club_rowers", 61, std::move(club))};
}

/// The part of a clip's first repetition from one time of the movement to another, filmed at 240 and stored at 30.
SimulatedClip slowed(const SimulatedClip& whole, const char* name, double fromS, double toS) {
    SimulatedClip clip = whole;
    clip.name = name;
    clip.frameRate = 240;
    clip.slowMotion = 8;
    clip.frames = static_cast<int>(std::lround((toS - fromS) * clip.frameRate));
    SimulatedRepetition rep = clip.takes.front().repetitions.front();
    const double startedS = static_cast<double>(rep.from) / whole.frameRate;
    rep.from = 0;
    rep.to = clip.frames - 1;
    rep.phaseS = fromS;
    std::vector<std::pair<std::string, double>> seen;
    for (const auto& [event, time] : rep.eventTimesS)
        if (time - startedS >= fromS && time - startedS <= toS)
            seen.emplace_back(event, time - startedS - fromS);
    rep.eventTimesS = std::move(seen);
    clip.takes.front().repetitions = {std::move(rep)};
    return clip;
}

Body bodyAt(const SimulatedClip& clip, int frame) {
    const auto [take, rep] = momentOf(clip, frame);
    const float t =
        static_cast<float>(frame - rep->from) / static_cast<float>(clip.frameRate) + static_cast<float>(rep->phaseS);
    Pose pose = poseAt(*rep, t);
    if (take->leftHanded)
        pose = mirrored(pose);
    // Behind the athlete: what points to the right in the side view points away from the camera.
    return buildBody(pose, clip.fromBehind   ? std::numbers::pi_v<float> / 2
                           : take->facesLeft ? std::numbers::pi_v<float>
                                             : 0.f);
}

} // namespace

std::vector<SimulatedClip> demoClips() {
    // Ilka: left-handed, facing right. The foot is down about 0.12 s before the arm is straight; short step, so
    // the front knee passes the ankle; the rear knee hangs; the trunk tips.
    LungeStyle ilka;
    ilka.lift = .30f;
    ilka.down = .57f;
    ilka.straight = .69f;
    ilka.low = .76f;
    ilka.recover = .95f;
    ilka.stepX = .525f;
    ilka.pelvisX = .292f;
    ilka.pelvisY = .338f;
    ilka.leanDeg = 30;
    ilka.rearSagDeg = 14;
    SimulatedClip baseline;
    baseline.name = "ilka_baseline";
    baseline.seed = 11;
    Take take;
    take.performer = "Ilka Sandrey";
    take.leftHanded = true;
    take.outfit.hair = {92, 58, 34};
    addLunges(take, 8, 12, 1, ilka, kFrameRate, 7101);
    baseline.frames = take.repetitions.back().to + 13;
    baseline.takes = {take};

    // The same session, reacting to a lamp: later and further forward. Three weeks on: in time on call, and back to
    // the old way before the lamp.
    const auto session = [&](const char* name, const LungeStyle& style, std::uint32_t seed) {
        SimulatedClip clip;
        clip.name = name;
        clip.seed = seed;
        Take again = take;
        again.repetitions.clear();
        addLunges(again, 6, 12, 1, style, kFrameRate, 7100 + seed);
        clip.frames = again.repetitions.back().to + 13;
        clip.takes = {again};
        return clip;
    };
    LungeStyle lamp = ilka;
    lamp.straight = .735f;
    lamp.leanDeg = 34;
    lamp.rearSagDeg = 17;
    LungeStyle later = ilka;
    later.straight = .50f;
    later.stepX = .545f;
    later.pelvisX = .300f;
    later.leanDeg = 22;
    later.rearSagDeg = 11;
    LungeStyle laterLamp = lamp;
    laterLamp.straight = .665f;
    laterLamp.leanDeg = 28;

    SimulatedClip models;
    models.name = "instructors";
    models.seed = 23;
    Take first, second;
    first.performer = "Instructor A";
    first.facesLeft = true;
    LungeStyle a;
    addLunges(first, 4, 12, 1, a, kFrameRate, 7202);
    second.performer = "Instructor B";
    second.facesLeft = true;
    second.outfit = {{226, 224, 218}, {52, 74, 62}, {120, 80, 58}, {28, 22, 20}, {60, 66, 80}};
    LungeStyle b;
    b.straight = .53f;
    b.pelvisX = .314f;
    b.leanDeg = 10.5f;
    b.stepX = .592f;
    addLunges(second, 4, first.repetitions.back().to + 13, 1, b, kFrameRate, 7303);
    models.frames = second.repetitions.back().to + 13;
    models.takes = {first, second};
    std::vector<SimulatedClip> out = {baseline, session("ilka_baseline_lamp", lamp, 31),
                                      session("ilka_retest", later, 37), session("ilka_retest_lamp", laterLamp, 41),
                                      models};
    for (SimulatedClip& clip : rowingClips())
        out.push_back(std::move(clip));
    for (SimulatedClip& clip : archeryClips())
        out.push_back(std::move(clip));
    // The foot comes down and the arm gets straight, a frame every 4 ms.
    out.push_back(slowed(out.front(), "ilka_slow", .38, .78));
    return out;
}

Camera cameraOf(const SimulatedClip& clip, bool facesLeft) {
    Camera camera;
    camera.width *= clip.sharpness;
    camera.height *= clip.sharpness;
    camera.focalPx *= static_cast<float>(clip.sharpness);
    if (isRowing(clip)) {
        camera.eye = {.05f, .62f, 2.75f};
        camera.at = {.05f, .40f, 0};
        camera.corner = Corner::Rowing;
        return camera;
    }
    if (shows<ShotStyle>(clip)) {
        camera.eye = {.06f, .80f, 3.35f};
        camera.at = {.06f, .66f, 0};
        camera.corner = clip.fromBehind ? Corner::Archery : Corner::Rowing; // the butt stands before her
        return camera;
    }
    const float centre = facesLeft ? -.40f : .40f;
    camera.eye = {centre, .78f, 3.3f};
    camera.at = {centre, .50f, 0};
    return camera;
}

FrameTruth frameTruth(const SimulatedClip& clip, int frame) {
    return frameTruth(clip, frame, cameraOf(clip, momentOf(clip, frame).first->facesLeft));
}

FrameTruth frameTruth(const SimulatedClip& clip, int frame, const Camera& camera) {
    const Joints j = bodyAt(clip, frame).joints;
    FrameTruth truth;
    truth[isRowing(clip) ? "handle" : shows<ShotStyle>(clip) ? "bow_top" : "tip"] = camera.project(j.tip);
    for (const auto& [name, at] : byName(j))
        truth[name] = camera.project(at);
    return truth;
}

SeenEllipse headTruth(const SimulatedClip& clip, int frame) {
    return headSeen(bodyAt(clip, frame), cameraOf(clip, momentOf(clip, frame).first->facesLeft));
}

ClipRenderer::ClipRenderer(const SimulatedClip& clip) : clip_(clip) {
    for (const Take& take : clip.takes)
        if (!renderers_.contains(take.facesLeft))
            renderers_.emplace(take.facesLeft, cameraOf(clip, take.facesLeft));
}

std::vector<std::uint8_t> ClipRenderer::frame(int index) {
    const auto [take, rep] = momentOf(clip_, index);
    const Body body = bodyAt(clip_, index);
    return renderers_.at(take->facesLeft)
        .render(body, take->outfit, clip_.seed * 100003U + static_cast<std::uint32_t>(index));
}

Json truthJson(const SimulatedClip& clip) {
    Json out;
    const Camera camera = cameraOf(clip, false);
    out["about"] = "Exact truth of a clip of the simulated camera: pixel positions of joint centres, event times.";
    out["clip"] = clip.name + ".mp4";
    out["frame_rate"] = clip.frameRate / clip.slowMotion;
    out["slow_motion"] = clip.slowMotion;
    out["frames"] = clip.frames;
    out["width"] = camera.width;
    out["height"] = camera.height;
    out["view"] = clip.fromBehind ? "rear" : "side";
    out["takes"] = Json::array();
    for (const Take& take : clip.takes) {
        Json reps = Json::array();
        for (const SimulatedRepetition& rep : take.repetitions) {
            Json events;
            for (const auto& [id, time] : rep.eventTimesS)
                if (const double stored = inTruth(time * clip.slowMotion); isRowing(clip))
                    events[id].push_back(stored);
                else
                    events[id] = stored;
            reps.push_back({{"number", rep.number}, {"from", rep.from}, {"to", rep.to}, {"events_s", events}});
        }
        out["takes"].push_back({{"performer", take.performer},
                                {"handedness", take.leftHanded ? "left" : "right"},
                                {"facing", take.facesLeft ? "left" : "right"},
                                {"repetitions", reps}});
    }
    Json landmarks = Json::object(), angles = Json::object(), heads = Json::array();
    for (int i = 0; i < clip.frames; ++i) {
        FrameTruth truth = frameTruth(clip, i);
        heads.push_back(inTruth(headTruth(clip, i)));
        for (const auto& [name, at] : truth)
            landmarks[name].push_back({inTruth(static_cast<double>(at.x)), inTruth(static_cast<double>(at.y))});
        for (const char* side : {"left", "right"}) {
            const auto p = [&](const char* part) { return truth[std::string(side) + "_" + part]; };
            angles[std::string(side) + "_elbow"].push_back(inTruth(includedDeg(p("shoulder"), p("elbow"), p("wrist"))));
            angles[std::string(side) + "_knee"].push_back(inTruth(includedDeg(p("hip"), p("knee"), p("ankle"))));
        }
    }
    out["landmarks_px"] = std::move(landmarks);
    out["head_px"] = std::move(heads);
    out["included_angles_deg"] = std::move(angles);
    return out;
}

double inTruth(double value) { return std::round(value * 1e4) / 1e4; }

Json inTruth(const SeenEllipse& head) {
    return {inTruth(head.x), inTruth(head.y), inTruth(head.a), inTruth(head.b), inTruth(head.deg)};
}

Result<void> writeTruth(const Json& truth, const std::string& folder, const std::string& name) {
    std::ofstream file(folder + "/" + name + ".truth.json");
    file << truth.dump() << "\n";
    file.close();
    return file ? Result<void>() : Result<void>(badInput(folder, "a folder that can be written to", "no write"));
}

Result<void> renderClip(const SimulatedClip& clip, const std::string& folder,
                        const std::function<bool(double share)>& goOn) {
    const Camera camera;
    const std::string path = folder + "/" + clip.name + ".mp4";
    Result<std::unique_ptr<ClipWriter>> writer =
        ClipWriter::create(path, {camera.width, camera.height, clip.frameRate / clip.slowMotion, 26, 60, 0});
    if (!writer)
        return writer.error();
    ClipRenderer renderer(clip);
    for (int i = 0; i < clip.frames; ++i) {
        if (goOn && !goOn(static_cast<double>(i) / clip.frames))
            return cancelled();
        if (const Result<void> written = (*writer)->write(renderer.frame(i)); !written)
            return written;
    }
    if (const Result<void> finished = (*writer)->finish(); !finished)
        return finished;
    return writeTruth(truthJson(clip), folder, clip.name);
}

} // namespace riflesso::simcam
