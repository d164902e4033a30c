#include "simcam/simulated_clip.h"

#include "media/clip_writer.h"

#include <fstream>
#include <random>

namespace riflesso::simcam {
namespace {

constexpr float kRepetitionS = 1.65f;
constexpr int kFrameRate = 60;

Camera cameraFacing(bool left) {
    Camera camera;
    const float centre = left ? -.40f : .40f;
    camera.eye = {centre, .78f, 3.3f};
    camera.at = {centre, .50f, 0};
    return camera;
}

/// Repetitions from `start` on, each with natural variation round a style.
void addRepetitions(Take& take, int count, int start, int firstNumber, const LungeStyle& style, std::uint32_t seed) {
    std::mt19937 random(seed);
    const auto vary = [&random](float value, float sd) {
        std::normal_distribution<float> normal(value, sd);
        return normal(random);
    };
    const int length = static_cast<int>(kRepetitionS * kFrameRate);
    for (int i = 0; i < count; ++i) {
        SimulatedRepetition rep;
        rep.number = firstNumber + i;
        rep.from = start + i * length;
        rep.to = rep.from + length - 1;
        LungeStyle& s = rep.style = style;
        s.go = vary(style.go, .012f);
        s.lift = vary(style.lift, .010f);
        s.down = vary(style.down, .012f);
        s.straight = vary(style.straight, .016f);
        s.low = s.down + vary(style.low - style.down, .012f);
        s.recover = s.low + vary(style.recover - style.low, .015f);
        s.back = s.recover + vary(style.back - style.recover, .015f);
        s.stepX = vary(style.stepX, .008f);
        s.pelvisX = vary(style.pelvisX, .006f);
        s.pelvisY = vary(style.pelvisY, .005f);
        s.leanDeg = vary(style.leanDeg, 1.1f);
        s.rearSagDeg = vary(style.rearSagDeg, 3);
        const double offset = static_cast<double>(rep.from) / kFrameRate;
        for (const auto& [name, time] :
             {std::pair{"go", s.go}, {"straight", s.straight}, {"down", s.down}, {"low", s.low}, {"back", s.back}})
            rep.eventTimesS[name] = offset + static_cast<double>(time);
        take.repetitions.push_back(rep);
    }
}

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

Body bodyAt(const SimulatedClip& clip, int frame) {
    const auto [take, rep] = momentOf(clip, frame);
    const float t = static_cast<float>(frame - rep->from) / static_cast<float>(clip.frameRate);
    Pose pose = lungePose(rep->style, t);
    if (take->leftHanded)
        pose = mirrored(pose);
    return buildBody(pose, take->facesLeft ? std::numbers::pi_v<float> : 0.f);
}

/// Included angle at b by the law of cosines: independent of the core's formula.
double includedDeg(PixelPosition a, PixelPosition b, PixelPosition c) {
    const auto side = [](PixelPosition p, PixelPosition q) {
        return std::hypot(static_cast<double>(p.x - q.x), static_cast<double>(p.y - q.y));
    };
    const double ab = side(a, b), bc = side(b, c), ac = side(a, c);
    return std::acos(std::clamp((ab * ab + bc * bc - ac * ac) / (2 * ab * bc), -1.0, 1.0)) * 180 / std::numbers::pi;
}

double rounded(double v) { return std::round(v * 1e4) / 1e4; }

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
    addRepetitions(take, 8, 12, 1, ilka, 7101);
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
        addRepetitions(again, 6, 12, 1, style, 7100 + seed);
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
    addRepetitions(first, 4, 12, 1, a, 7202);
    second.performer = "Instructor B";
    second.facesLeft = true;
    second.outfit = {{226, 224, 218}, {52, 74, 62}, {120, 80, 58}, {28, 22, 20}, {60, 66, 80}};
    LungeStyle b;
    b.straight = .53f;
    b.pelvisX = .314f;
    b.leanDeg = 10.5f;
    b.stepX = .592f;
    addRepetitions(second, 4, first.repetitions.back().to + 13, 1, b, 7303);
    models.frames = second.repetitions.back().to + 13;
    models.takes = {first, second};
    return {baseline, session("ilka_baseline_lamp", lamp, 31), session("ilka_retest", later, 37),
            session("ilka_retest_lamp", laterLamp, 41), models};
}

FrameTruth frameTruth(const SimulatedClip& clip, int frame) {
    const auto [take, rep] = momentOf(clip, frame);
    const Camera camera = cameraFacing(take->facesLeft);
    const Joints j = bodyAt(clip, frame).joints;
    FrameTruth truth = {{"nose", camera.project(j.nose)}, {"tip", camera.project(j.tip)}};
    const std::pair<const char*, const std::array<Vec3, 2>*> sided[] = {
        {"eye", &j.eye}, {"ear", &j.ear},   {"shoulder", &j.shoulder}, {"elbow", &j.elbow}, {"wrist", &j.wrist},
        {"hip", &j.hip}, {"knee", &j.knee}, {"ankle", &j.ankle},       {"heel", &j.heel},   {"toe", &j.toe}};
    for (const auto& [part, points] : sided) {
        truth[std::string("left_") + part] = camera.project((*points)[kLeft]);
        truth[std::string("right_") + part] = camera.project((*points)[kRight]);
    }
    return truth;
}

ClipRenderer::ClipRenderer(const SimulatedClip& clip) : clip_(clip) {
    for (const Take& take : clip.takes)
        if (!renderers_.contains(take.facesLeft))
            renderers_.emplace(take.facesLeft, cameraFacing(take.facesLeft));
}

std::vector<std::uint8_t> ClipRenderer::frame(int index) {
    const auto [take, rep] = momentOf(clip_, index);
    const Body body = bodyAt(clip_, index);
    return renderers_.at(take->facesLeft)
        .render(body, take->outfit, clip_.seed * 100003U + static_cast<std::uint32_t>(index));
}

Json truthJson(const SimulatedClip& clip) {
    Json out;
    const Camera camera = cameraFacing(false);
    out["about"] = "Exact truth of a clip of the simulated camera: pixel positions of joint centres, event times.";
    out["clip"] = clip.name + ".mp4";
    out["frame_rate"] = clip.frameRate;
    out["frames"] = clip.frames;
    out["width"] = camera.width;
    out["height"] = camera.height;
    out["takes"] = Json::array();
    for (const Take& take : clip.takes) {
        Json reps = Json::array();
        for (const SimulatedRepetition& rep : take.repetitions) {
            Json events;
            for (const auto& [id, time] : rep.eventTimesS)
                events[id] = rounded(time);
            reps.push_back({{"number", rep.number}, {"from", rep.from}, {"to", rep.to}, {"events_s", events}});
        }
        out["takes"].push_back({{"performer", take.performer},
                                {"handedness", take.leftHanded ? "left" : "right"},
                                {"facing", take.facesLeft ? "left" : "right"},
                                {"repetitions", reps}});
    }
    Json landmarks = Json::object(), angles = Json::object();
    for (int i = 0; i < clip.frames; ++i) {
        FrameTruth truth = frameTruth(clip, i);
        for (const auto& [name, at] : truth)
            landmarks[name].push_back({rounded(static_cast<double>(at.x)), rounded(static_cast<double>(at.y))});
        for (const char* side : {"left", "right"}) {
            const auto p = [&](const char* part) { return truth[std::string(side) + "_" + part]; };
            angles[std::string(side) + "_elbow"].push_back(rounded(includedDeg(p("shoulder"), p("elbow"), p("wrist"))));
            angles[std::string(side) + "_knee"].push_back(rounded(includedDeg(p("hip"), p("knee"), p("ankle"))));
        }
    }
    out["landmarks_px"] = std::move(landmarks);
    out["included_angles_deg"] = std::move(angles);
    return out;
}

Result<void> renderClip(const SimulatedClip& clip, const std::string& folder,
                        const std::function<bool(double share)>& goOn) {
    const Camera camera;
    const std::string path = folder + "/" + clip.name + ".mp4";
    Result<std::unique_ptr<ClipWriter>> writer =
        ClipWriter::create(path, {camera.width, camera.height, clip.frameRate, 26, 60});
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
    std::ofstream truth(folder + "/" + clip.name + ".truth.json");
    truth << truthJson(clip).dump() << "\n";
    truth.close();
    if (!truth)
        return badInput(folder, "a folder that can be written to", "no write");
    return {};
}

} // namespace riflesso::simcam
