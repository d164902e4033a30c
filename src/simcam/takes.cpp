#include "simcam/takes.h"

#include "core/tables/json_walk.h"
#include "simcam/repetitions.h"

#include <algorithm>
#include <cmath>

namespace riflesso::simcam {
namespace {

constexpr double kMostBearing = 80;
constexpr int kMostRepetitions = 200;
constexpr std::size_t kMostBytes = std::size_t(1) << 20;

/// What a file may change of a style, by name.
template <class Style> using Fields = std::vector<std::pair<std::string_view, float Style::*>>;

const Fields<LungeStyle>& fieldsOf(const LungeStyle*) {
    using S = LungeStyle;
    static const Fields<S> kFields = {{"go", &S::go},
                                      {"straight", &S::straight},
                                      {"lift", &S::lift},
                                      {"down", &S::down},
                                      {"low", &S::low},
                                      {"recover", &S::recover},
                                      {"back", &S::back},
                                      {"reachX", &S::reachX},
                                      {"stepX", &S::stepX},
                                      {"pelvisX", &S::pelvisX},
                                      {"pelvisY", &S::pelvisY},
                                      {"leanDeg", &S::leanDeg},
                                      {"handUp", &S::handUp},
                                      {"rearSagDeg", &S::rearSagDeg},
                                      {"freeArmDrop", &S::freeArmDrop}};
    return kFields;
}
const Fields<StrokeStyle>& fieldsOf(const StrokeStyle*) {
    using S = StrokeStyle;
    static const Fields<S> kFields = {{"periodS", &S::periodS},
                                      {"driveS", &S::driveS},
                                      {"legsEnd", &S::legsEnd},
                                      {"trunkStart", &S::trunkStart},
                                      {"trunkEnd", &S::trunkEnd},
                                      {"armsStart", &S::armsStart},
                                      {"catchLeanDeg", &S::catchLeanDeg},
                                      {"laybackDeg", &S::laybackDeg},
                                      {"catchX", &S::catchX},
                                      {"finishX", &S::finishX}};
    return kFields;
}
const Fields<ShotStyle>& fieldsOf(const ShotStyle*) {
    using S = ShotStyle;
    static const Fields<S> kFields = {
        {"raise", &S::raise}, {"draw", &S::draw},           {"anchor", &S::anchor},   {"follow", &S::follow},
        {"sink", &S::sink},   {"headReach", &S::headReach}, {"leanDeg", &S::leanDeg}, {"shoulderUp", &S::shoulderUp},
        {"shake", &S::shake}, {"elbowUp", &S::elbowUp}};
    return kFields;
}
template <class Style> std::vector<std::string_view> namesOf() {
    std::vector<std::string_view> out;
    for (const auto& [name, field] : fieldsOf(static_cast<const Style*>(nullptr)))
        out.push_back(name);
    return out;
}
template <class Style> void change(Style& style, const std::map<std::string, float>& by) {
    for (const auto& [name, field] : fieldsOf(static_cast<const Style*>(nullptr)))
        if (const auto own = by.find(std::string(name)); own != by.end())
            style.*field = own->second;
}

std::vector<std::string_view> namesOf(SkillTakes::Movement movement) {
    switch (movement) {
    case SkillTakes::Movement::Lunge:
        return namesOf<LungeStyle>();
    case SkillTakes::Movement::Row:
        return namesOf<StrokeStyle>();
    case SkillTakes::Movement::Shoot:
    case SkillTakes::Movement::Postures:
        break;
    }
    return namesOf<ShotStyle>();
}

TakeStyle readStyle(const JsonNode& node, SkillTakes::Movement movement, const Pack& pack, TakeStyle from) {
    if (!node.expectObject({"style", "drift", "holds", "observations", "cannot"}))
        return from;
    const auto numbers = [&](std::string_view key, std::map<std::string, float>& into) {
        if (!node.has(key))
            return;
        const JsonNode list = node.at(key);
        if (!list.expectObject(namesOf(movement)))
            return;
        for (const auto& entry : list.json().items())
            into[entry.key()] = static_cast<float>(list.requiredNumber(entry.key(), -1000, 1000));
    };
    numbers("style", from.style);
    numbers("drift", from.drift);
    if (node.has("holds")) {
        from.holdsS.clear();
        constexpr double kLongestHoldS = 60;
        node.list("holds", true, [&](const JsonNode& hold) {
            const double seconds = hold.json().is_number() ? hold.json().get<double>() : 0;
            if (seconds > 0 && seconds <= kLongestHoldS)
                from.holdsS.push_back(static_cast<float>(seconds));
            else
                hold.fault("seconds above 0, at most 60", hold.json().dump());
        });
    }
    if (node.has("observations")) {
        const JsonNode seen = node.at("observations");
        for (const auto& entry : seen.json().items())
            if (pack.observation(entry.key()))
                from.observations[entry.key()] = seen.text(entry.key());
            else
                seen.faultAt(entry.key(), "an observation of the pack", entry.key());
    }
    from.cannot = node.text("cannot", false);
    return from;
}

SimulatedClip clipOf(const SkillTakes& takes, const TakeStyle& how, const TakeAsked& asked) {
    SimulatedClip clip;
    clip.frameRate = kTakeRate;
    Take take;
    switch (takes.movement) {
    case SkillTakes::Movement::Lunge: {
        LungeStyle style;
        change(style, how.style);
        addLunges(take, asked.repetitions, 0, 1, style, kTakeRate, asked.seed);
        break;
    }
    case SkillTakes::Movement::Row: {
        StrokeStyle style, drift{0, 0, 0, 0, 0, 0, 0, 0, 0, 0};
        change(style, how.style);
        change(drift, how.drift);
        addPiece(take, asked.repetitions, 0, 1, style, drift, kTakeRate, asked.seed);
        break;
    }
    case SkillTakes::Movement::Shoot: {
        ShotStyle style;
        change(style, how.style);
        std::vector<float> holds;
        for (int i = 0; i < asked.repetitions; ++i)
            holds.push_back(how.holdsS.empty() ? 2 : how.holdsS[static_cast<std::size_t>(i) % how.holdsS.size()]);
        addShots(take, style, holds, 1, kTakeRate, asked.seed);
        break;
    }
    case SkillTakes::Movement::Postures:
        break; // filmPostures
    }
    clip.frames = take.repetitions.back().to + 1;
    clip.takes = {std::move(take)};
    return clip;
}

/// A long lens, level, on a circle round the place of the movement.
Camera cameraFor(double bearingDeg) {
    Camera camera;
    camera.width = 1920;
    camera.height = 1080;
    camera.focalPx = kTakeTallPx * kTakeAway;
    const auto angle = static_cast<float>(bearingDeg) * kRadians;
    camera.at = {.2f, .5f, 0};
    camera.eye = camera.at + Vec3{kTakeAway * std::sin(angle), 0, kTakeAway * std::cos(angle)};
    return camera;
}

} // namespace

namespace {

void readTold(const JsonNode& node, const Pack& pack, SkillTakes& out) {
    if (!node.expectObject(
            {"about", "pack", "movement", "views", "implement", "rods", "boxes", "on", "lies", "variation", "takes"}))
        return;
    out.packId = node.text("pack");
    if (out.packId != pack.id)
        node.faultAt("pack", pack.id, out.packId);
    out.movement = SkillTakes::Movement::Postures;
    out.told = readPostureTakes(node, pack);
    out.view = out.told.views.empty() ? View::Side : out.told.views.front();
    for (const auto& [name, take] : out.told.takes) {
        TakeStyle& style = name == "model" ? out.model : out.faults[name];
        style.cannot = take.cannot;
        style.observations = take.observations;
    }
}

} // namespace

Result<SkillTakes> readTakes(std::string_view text, std::string_view name, const Pack& pack) {
    std::vector<JsonFault> faults;
    SkillTakes out;
    if (const auto json = parseJson(text, kMostBytes, faults)) {
        const JsonNode node(*json, "$", faults);
        if (json->is_object() && json->value("movement", Json()) == Json("postures"))
            readTold(node, pack, out);
        else if (node.expectObject({"about", "pack", "movement", "view", "model", "faults"})) {
            out.packId = node.text("pack");
            if (out.packId != pack.id)
                node.faultAt("pack", pack.id, out.packId);
            out.movement =
                node.word("movement", SkillTakes::Movement::Lunge, true, "lunge, row, shoot, postures",
                          [](const std::string& word) -> std::optional<SkillTakes::Movement> {
                              if (word == "lunge")
                                  return SkillTakes::Movement::Lunge;
                              if (word == "row")
                                  return SkillTakes::Movement::Row;
                              return word == "shoot" ? std::optional(SkillTakes::Movement::Shoot) : std::nullopt;
                          });
            out.view = node.word("view", View::Side, true, "side, rear", viewFrom);
            out.model = readStyle(node.at("model"), out.movement, pack, {});
            const JsonNode list = node.at("faults");
            for (const FaultDef& fault : pack.faults)
                if (list.has(fault.id))
                    out.faults[fault.id] = readStyle(list.at(fault.id), out.movement, pack, out.model);
                else
                    node.faultAt("faults", "a take, or why there is none, of " + fault.id, "nothing");
        }
    }
    if (!faults.empty())
        return badInput(std::string(name) + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return out;
}

Result<std::vector<Trial>> makeTake(const SkillTakes& takes, const Pack& pack, const TakeAsked& asked) {
    const TakeStyle* how = asked.take == "model" ? &takes.model : nullptr;
    if (const auto fault = takes.faults.find(asked.take); fault != takes.faults.end())
        how = &fault->second;
    if (!how) {
        std::string names = "model";
        for (const auto& [fault, style] : takes.faults)
            names += ", " + fault;
        return badInput("--take", "one of " + names, asked.take);
    }
    if (!how->cannot.empty())
        return badInput("--take " + asked.take, "a fault that the figure can show", how->cannot);
    if (asked.repetitions < 1 || asked.repetitions > kMostRepetitions)
        return badInput("--repetitions", "1 to " + std::to_string(kMostRepetitions), std::to_string(asked.repetitions));
    if (!(asked.bearingDeg >= 0 && asked.bearingDeg <= kMostBearing))
        return badInput("--bearing", "0 to 80 degrees", std::to_string(asked.bearingDeg));
    if (takes.movement == SkillTakes::Movement::Postures)
        return filmPostures(takes.told, pack, asked.take, asked.views.empty() ? std::vector{takes.view} : asked.views,
                            asked.repetitions, asked.seed, asked.bearingDeg, asked.leftHanded);
    const SimulatedClip clip = clipOf(takes, *how, asked);
    const Camera camera = cameraFor(asked.bearingDeg);
    std::vector<Trial> out;
    for (const SimulatedRepetition& repetition : clip.takes.front().repetitions) {
        Trial trial;
        trial.number = repetition.number;
        trial.id = "r" + std::to_string(repetition.number);
        trial.capture.view = takes.view;
        trial.observations = how->observations;
        std::vector<double> times;
        for (int frame = 0; frame <= repetition.to; ++frame)
            times.push_back(static_cast<double>(frame) / kTakeRate);
        trial.times = FrameTimes::ofClip(times);
        for (int frame = repetition.from; frame <= repetition.to; ++frame)
            for (const auto& [landmark, at] : frameTruth(clip, frame, camera))
                if (isAnatomical(landmark) ||
                    std::any_of(pack.points.begin(), pack.points.end(),
                                [&name = landmark](const OwnPoint& own) { return own.id == name; }))
                    trial.marks[landmark][frame] = {
                        {static_cast<double>(at.x), static_cast<double>(at.y)}, defaultSigmaPx(camera.height), ""};
        for (const auto& [event, timeS] : repetition.eventTimesS)
            if (pack.event(event) || event == pack.cycleEnd)
                trial.events.push_back(
                    {event, timeS * kTakeRate, timeS, eventUncertainty(1.0 / kTakeRate, kDefaultMarkingFrames)});
        out.push_back(std::move(trial));
    }
    return out;
}

} // namespace riflesso::simcam
