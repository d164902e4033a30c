#include "simcam/told_clip.h"

#include "core/tables/json_walk.h"
#include "media/clip_writer.h"
#include "simcam/simulated_clip.h"

#include <algorithm>
#include <cmath>

namespace riflesso::simcam {
namespace {

Vec3 three(const JsonNode& node, std::string_view key, Vec3 otherwise, const char* expected) {
    const Json& list = node.has(key) ? node.at(key).json() : Json();
    if (!list.is_array() || list.size() != 3 || !list[0].is_number() || !list[1].is_number() || !list[2].is_number()) {
        if (node.has(key))
            node.faultAt(key, expected, list.dump());
        return otherwise;
    }
    return {list[0].get<float>(), list[1].get<float>(), list[2].get<float>()};
}
Vec3 colour(const JsonNode& node, std::string_view key, Vec3 otherwise) {
    return three(node, key, otherwise, "red, green, blue, 0 to 255");
}
/// Forward, left, up of the hall as the camera sees it: x to the right, towards the camera, up.
Vec3 standsAt(const JsonNode& node, std::string_view key, Vec3 otherwise) {
    const Vec3 told =
        three(node, key, {otherwise.x, otherwise.z, otherwise.y}, "to the right, towards the camera, up, in m");
    return {told.x, told.z, told.y};
}

Outfit outfitFrom(const JsonNode& node, Outfit out) {
    const auto one = [&](std::string_view key, Vec3& of) { of = colour(node, key, of); };
    if (node.expectObject({"jacket", "breeches", "skin", "hair", "shoe", "sock", "glove"})) {
        one("jacket", out.jacket), one("breeches", out.breeches), one("skin", out.skin), one("hair", out.hair);
        one("shoe", out.shoe), one("sock", out.sock), one("glove", out.glove);
    }
    return out;
}

std::optional<Corner> cornerFrom(std::string_view word) {
    static const std::map<std::string_view, Corner> kCorners = {
        {"hall", Corner::Rowing}, {"court", Corner::Court}, {"table", Corner::Table}, {"pool", Corner::Pool}};
    const auto found = kCorners.find(word);
    return found == kCorners.end() ? std::nullopt : std::optional(found->second);
}

/// What turns the figure so that the camera sees it from that side, radians.
float turnFor(View view) {
    constexpr float kQuarter = 90 * kRadians;
    return view == View::Rear ? kQuarter : view == View::Front ? -kQuarter : 0;
}

/// The whole film as one chain of postures, and what happens when.
struct Filmed {
    struct Moment {
        int number = 0, from = 0, to = 0; ///< frames, last included
        std::map<std::string, std::vector<double>> eventsS;
    };
    Postures postures;
    std::vector<std::vector<Moment>> bySection;
    std::vector<int> sectionEnds; ///< first frame after each
    int frames = 0;
};

Filmed filmed(const ToldClip& clip, const SkillTakes& takes) {
    Filmed out;
    constexpr float kBefore = .25f, kAfter = .3f;
    float at = 0;
    int number = 0;
    const auto frameOf = [&](float timeS) { return static_cast<int>(timeS * static_cast<float>(clip.frameRate)); };
    for (const ToldSection& section : clip.sections) {
        out.bySection.emplace_back();
        for (const ToldRepetition& told : section.repetitions) {
            const PostureTake& take = takes.told.takes.at(told.take);
            Postures own = take.postures;
            if (take.cycles.count > 0) {
                Cycles more = take.cycles;
                more.count = clip.cycles > 0 ? clip.cycles : more.count;
                more.travel = clip.flume ? Vec3() : more.travel;
                own = repeated(take.once, more);
            }
            own = varied(std::move(own), takes.told.variation, told.seed);
            Filmed::Moment moment;
            moment.number = ++number;
            moment.from = frameOf(at);
            for (const auto& [event, how] : take.events)
                for (const double timeS : eventTimes(takes.told, own, how))
                    moment.eventsS[event].push_back(timeS + static_cast<double>(at + kBefore));
            for (Posture& posture : own) {
                posture.t += at + kBefore;
                out.postures.push_back(std::move(posture));
            }
            const float end = out.postures.back().t + kAfter;
            moment.to = frameOf(end) - 1;
            out.bySection.back().push_back(std::move(moment));
            at = end + static_cast<float>(clip.pauseS);
        }
        out.sectionEnds.push_back(frameOf(at));
    }
    out.frames = frameOf(at);
    return out;
}

} // namespace

Result<ToldClip> readToldClip(std::string_view text, const std::string& name) {
    std::vector<JsonFault> faults;
    ToldClip out;
    out.name = name;
    constexpr std::size_t kMost = std::size_t(1) << 20;
    const auto json = parseJson(text, kMost, faults);
    if (json) {
        const JsonNode node(*json, "$", faults);
        if (node.expectObject({"about", "skill", "view", "scene", "camera", "frame_rate", "cycles", "flume", "pause",
                               "sections", "others"})) {
            out.skill = node.text("skill");
            out.view = viewFrom(node.text("view")).value_or(View::Top);
            if (out.view == View::Top)
                node.faultAt("view", "side, rear or front", node.text("view"));
            const auto corner = cornerFrom(node.text("scene"));
            if (!corner)
                node.faultAt("scene", "hall, court, table or pool", node.text("scene"));
            out.camera.corner = corner.value_or(Corner::Rowing);
            if (node.has("camera")) {
                const JsonNode camera = node.at("camera");
                if (camera.expectObject({"eye", "at", "focal"})) {
                    out.camera.eye = standsAt(camera, "eye", out.camera.eye);
                    out.camera.at = standsAt(camera, "at", out.camera.at);
                    out.camera.focalPx =
                        static_cast<float>(camera.number("focal", static_cast<double>(out.camera.focalPx), 200, 5000));
                }
            }
            out.frameRate = static_cast<int>(node.number("frame_rate", out.frameRate, 10, 120));
            out.cycles = static_cast<int>(node.number("cycles", 0, 0, 50));
            out.flume = node.boolean("flume", false);
            out.pauseS = node.number("pause", out.pauseS, .05, 5);
            node.list("sections", true, [&](const JsonNode& entry) {
                ToldSection section;
                if (!entry.expectObject({"performer", "handedness", "outfit", "repetitions"}))
                    return;
                section.performer = entry.text("performer");
                const std::string hand = entry.text("handedness", false);
                section.leftHanded = hand == "left";
                if (!hand.empty() && hand != "left" && hand != "right")
                    entry.faultAt("handedness", "left or right", hand);
                if (entry.has("outfit"))
                    section.outfit = outfitFrom(entry.at("outfit"), section.outfit);
                entry.list("repetitions", true, [&](const JsonNode& rep) {
                    if (rep.expectObject({"take", "seed"}))
                        section.repetitions.push_back(
                            {rep.text("take"), static_cast<std::uint32_t>(rep.number("seed", 1, 0, 1e9))});
                });
                if (section.repetitions.empty())
                    entry.faultAt("repetitions", "at least one", "none");
                out.sections.push_back(std::move(section));
            });
            node.list("others", false, [&](const JsonNode& entry) {
                PasserBy other;
                if (!entry.expectObject({"from", "to", "start", "speed", "outfit"}))
                    return;
                for (const char* needed : {"from", "to"})
                    if (!entry.has(needed))
                        entry.faultAt(needed, "where they walk", "nothing");
                other.from = standsAt(entry, "from", other.from);
                other.to = standsAt(entry, "to", other.to);
                other.startS = static_cast<float>(entry.number("start", 0, 0, 600));
                other.speed = static_cast<float>(entry.number("speed", static_cast<double>(other.speed), .1, 5));
                if (entry.has("outfit"))
                    other.outfit = outfitFrom(entry.at("outfit"), other.outfit);
                out.others.push_back(other);
            });
            if (out.sections.empty())
                node.faultAt("sections", "at least one", "none");
        }
    }
    if (!faults.empty())
        return badInput(name + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return out;
}

namespace {

/// What every take of the clip shows, or which cannot be shown.
Result<void> checkTakes(const ToldClip& clip, const SkillTakes& takes) {
    for (const ToldSection& section : clip.sections)
        for (const ToldRepetition& told : section.repetitions) {
            const auto take = takes.told.takes.find(told.take);
            if (take == takes.told.takes.end())
                return badInput(clip.name + ": take", "a take of " + clip.skill, told.take);
            if (!take->second.cannot.empty())
                return badInput(clip.name + ": take " + told.take, "what the figure can show", take->second.cannot);
        }
    return {};
}

std::size_t sectionAt(const Filmed& film, int frame) {
    const auto end = std::upper_bound(film.sectionEnds.begin(), film.sectionEnds.end(), frame);
    return std::min<std::size_t>(static_cast<std::size_t>(end - film.sectionEnds.begin()), film.sectionEnds.size() - 1);
}
float timeAt(const ToldClip& clip, int frame) { return static_cast<float>(frame) / static_cast<float>(clip.frameRate); }

Body bodyIn(const ToldClip& clip, const SkillTakes& takes, const Filmed& film, int frame) {
    Pose pose = poseIn(takes.told, postureAt(film.postures, timeAt(clip, frame)));
    if (takes.told.prone)
        afloat(pose);
    if (clip.sections[sectionAt(film, frame)].leftHanded)
        pose = mirrored(pose);
    return buildBody(pose, turnFor(clip.view));
}

} // namespace

Result<Json> truthOfToldClip(const ToldClip& clip, const Pack& pack, const SkillTakes& takes) {
    if (const auto right = checkTakes(clip, takes); !right)
        return right.error();
    const Filmed film = filmed(clip, takes);
    const float turn = turnFor(clip.view);
    Json landmarks = Json::object(), heads = Json::array();
    for (int frame = 0; frame < film.frames; ++frame) {
        heads.push_back(inTruth(headSeen(bodyIn(clip, takes, film, frame), clip.camera)));
        for (const auto& [name, at] :
             placesAt(takes.told, film.postures, timeAt(clip, frame), clip.sections[sectionAt(film, frame)].leftHanded))
            if (isMarked(pack, name) || isAnatomical(name)) {
                const Vec3 lifted = takes.told.prone ? Vec3{at.x, at.y + kPoolDeep, at.z} : at;
                const PixelPosition seen = clip.camera.project(turnedAboutY(lifted, turn));
                landmarks[name].push_back({inTruth(static_cast<double>(seen.x)), inTruth(static_cast<double>(seen.y))});
            }
    }
    Json out;
    out["about"] = "Exact truth of a clip of the simulated camera: pixel positions of joint centres, event times.";
    out["clip"] = clip.name + ".mp4";
    out["frame_rate"] = clip.frameRate;
    out["frames"] = film.frames;
    out["width"] = clip.camera.width;
    out["height"] = clip.camera.height;
    out["view"] = toString(clip.view);
    for (std::size_t s = 0; s < clip.sections.size(); ++s) {
        Json reps = Json::array();
        for (const Filmed::Moment& moment : film.bySection[s]) {
            Json events = Json::object();
            for (const auto& [event, times] : moment.eventsS)
                for (const double timeS : times)
                    if (pack.family == Family::Cyclic)
                        events[event].push_back(inTruth(timeS));
                    else
                        events[event] = inTruth(timeS);
            reps.push_back({{"number", moment.number}, {"from", moment.from}, {"to", moment.to}, {"events_s", events}});
        }
        out["takes"].push_back({{"performer", clip.sections[s].performer},
                                {"handedness", clip.sections[s].leftHanded ? "left" : "right"},
                                {"facing", "right"},
                                {"repetitions", reps}});
    }
    out["landmarks_px"] = std::move(landmarks);
    out["head_px"] = std::move(heads);
    return out;
}

Result<void> renderToldClip(const ToldClip& clip, const Pack& pack, const SkillTakes& takes, const std::string& folder,
                            const std::function<bool(double share)>& goOn) {
    const auto truth = truthOfToldClip(clip, pack, takes);
    if (!truth)
        return truth.error();
    const Filmed film = filmed(clip, takes);
    auto writer = ClipWriter::create(folder + "/" + clip.name + ".mp4",
                                     {clip.camera.width, clip.camera.height, clip.frameRate, 26, 60, 0});
    if (!writer)
        return writer.error();
    const Renderer renderer(clip.camera);
    for (int frame = 0; frame < film.frames; ++frame) {
        if (goOn && !goOn(static_cast<double>(frame) / film.frames))
            return cancelled();
        std::vector<Renderer::Figure> figures = {
            {bodyIn(clip, takes, film, frame), clip.sections[sectionAt(film, frame)].outfit}};
        for (const PasserBy& other : clip.others)
            if (isThere(other, timeAt(clip, frame)))
                figures.push_back({bodyOf(other, timeAt(clip, frame)), other.outfit});
        const auto picture = renderer.render(figures, static_cast<std::uint32_t>(frame) * 7919U + 11U);
        if (const auto written = (*writer)->write(picture); !written)
            return written;
    }
    if (const auto finished = (*writer)->finish(); !finished)
        return finished;
    return writeTruth(*truth, folder, clip.name);
}

} // namespace riflesso::simcam
