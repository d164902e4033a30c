#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "core/judge/assessment.h"
#include "core/judge/filming_list.h"
#include "core/measure/measure_set.h"
#include "core/pack/pack_reader.h"
#include "core/pack/pack_writer.h"
#include "core/points/calibration.h"
#include "core/signal/propose_events.h"
#include "core/signal/signal.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "core/uncertainty/agreement.h"
#include "core/workshop/rule_search.h"

#include <algorithm>
#include <cmath>

namespace riflesso::cli {
namespace {

constexpr double kMaxScale = 1e6, kMaxSlowMotion = 1e4, kMaxCutoffHz = 1e4;

Result<Pack> readPackFile(const Arguments& arguments) {
    const auto path = arguments.required("pack");
    if (!path)
        return path.error();
    const auto text = readFile(*path);
    if (!text)
        return text.error();
    return loadPack(*text, *path);
}

template <class T, class Parse>
Result<std::optional<T>> word(const Arguments& arguments, const std::string& name, const char* words, Parse parse) {
    const auto text = arguments.value(name);
    if (!text)
        return std::optional<T>();
    const std::optional<T> value = parse(*text);
    if (!value)
        return badInput("--" + name, words, *text);
    return value;
}

Result<std::optional<double>> cutoff(const Arguments& arguments) {
    if (arguments.value("cutoff") == "auto")
        return std::optional<double>();
    return arguments.number("cutoff", 1e-3, kMaxCutoffHz);
}

struct SetOfTrials {
    std::vector<Trial> trials;
    std::vector<std::string> assumed;
    AthleteFacts facts;
};

/// Lens distortion and a plane of known points, where they are given.
Result<void> calibrate(const Arguments& arguments, const std::string& prefix, std::vector<Trial>& trials) {
    if (const auto path = arguments.value(prefix + "lens")) {
        const auto text = readFile(*path);
        if (!text)
            return text.error();
        const auto lens = readLens(*text, *path);
        if (!lens)
            return lens.error();
        for (Trial& trial : trials)
            trial = withoutDistortion(trial, *lens);
    }
    const auto of = word<PlaneOf>(arguments, prefix + "plane-of", "movement or floor",
                                  [](const std::string& text) -> std::optional<PlaneOf> {
                                      if (text == "movement")
                                          return PlaneOf::Movement;
                                      return text == "floor" ? std::optional(PlaneOf::Floor) : std::nullopt;
                                  });
    if (!of)
        return of.error();
    const auto path = arguments.value(prefix + "plane");
    if (!path)
        return {};
    if (arguments.value(prefix + "scale"))
        return badInput("command line", "--" + prefix + "scale or --" + prefix + "plane, not both", "both");
    const auto text = readFile(*path);
    if (!text)
        return text.error();
    const auto points = readKnownPoints(*text, *path);
    if (!points)
        return points.error();
    const auto plane = Plane::solve(*points, of->value_or(PlaneOf::Movement));
    if (!plane)
        return badInput(*path + ": " + plane.error().where, plane.error().expected, plane.error().got);
    for (Trial& trial : trials)
        trial = inPlane(trial, *plane);
    return {};
}

/// Trials of the switches with a prefix: "" for the athlete, "model-" for the model. The events come from --events, or
/// from --example, which need not be there.
Result<SetOfTrials> readSet(const Arguments& arguments, const std::string& prefix, const Pack& pack,
                            const std::string& eventSwitch = "events",
                            const std::string& observationSwitch = "observations") {
    SetOfTrials out;
    const auto landmarksPath = arguments.required(prefix + "landmarks");
    if (!landmarksPath)
        return landmarksPath.error();
    const auto landmarks = readFile(*landmarksPath);
    if (!landmarks)
        return landmarks.error();
    std::string events = "trial,event,time_s,frame\n", eventsPath = "no events";
    if (eventSwitch == "events" || arguments.value(eventSwitch)) {
        const auto path = arguments.required(prefix + eventSwitch);
        if (!path)
            return path.error();
        const auto text = readFile(*path);
        if (!text)
            return text.error();
        events = *text;
        eventsPath = *path;
    }
    std::string observations, observationsPath;
    if (const auto path = arguments.value(prefix + observationSwitch)) {
        const auto text = readFile(*path);
        if (!text)
            return text.error();
        observations = *text;
        observationsPath = *path;
    }
    if (const auto path = arguments.value(prefix + "athlete")) {
        const auto text = readFile(*path);
        if (!text)
            return text.error();
        auto facts = readAthleteFacts(*text, *path);
        if (!facts)
            return facts.error();
        out.facts = std::move(*facts);
    }
    TrialDefaults defaults;
    const auto handedness = word<Side>(arguments, prefix + "handedness", "left or right", sideFrom);
    const auto facing = word<Side>(arguments, prefix + "facing", "left or right", sideFrom);
    const auto view = word<View>(arguments, prefix + "view", "side, front, rear or top", viewFrom);
    const auto scale = arguments.number(prefix + "scale", 1e-9, kMaxScale);
    const auto slowMotion = arguments.number(prefix + "slow-motion", 1e-3, kMaxSlowMotion);
    const auto bearing = arguments.number(prefix + "bearing", 0, kMostBearingDeg);
    const auto bearingU = arguments.number(prefix + "bearing-u", 0, kMostBearingDeg);
    const auto height = arguments.number(prefix + "camera-height", 0, kMostCameraM);
    const auto distance = arguments.number(prefix + "camera-distance", 0, kMostCameraM);
    if (!handedness)
        return handedness.error();
    if (!facing)
        return facing.error();
    if (!view)
        return view.error();
    if (!scale)
        return scale.error();
    if (!slowMotion)
        return slowMotion.error();
    if (!bearing)
        return bearing.error();
    if (!bearingU)
        return bearingU.error();
    if (!height)
        return height.error();
    if (!distance)
        return distance.error();
    defaults.handedness = *handedness;
    defaults.facing = *facing;
    defaults.view = *view;
    defaults.scale = *scale;
    defaults.slowMotion = *slowMotion;
    defaults.bearingDeg = *bearing;
    defaults.bearingUDeg = *bearingU;
    defaults.place = {*height, *distance};
    auto read = readTrials({*landmarks, *landmarksPath, events, eventsPath, observations, observationsPath}, defaults,
                           out.facts, pack);
    if (!read)
        return read.error();
    out.trials = std::move(read->trials);
    out.assumed = std::move(read->assumed);
    if (const auto done = calibrate(arguments, prefix, out.trials); !done)
        return done.error();
    return out;
}

std::vector<std::string> setSwitches(const std::string& prefix) {
    std::vector<std::string> names;
    for (const char* name : {"landmarks", "events", "handedness", "facing", "view", "scale", "slow-motion", "bearing",
                             "bearing-u", "camera-height", "camera-distance", "athlete", "plane", "plane-of", "lens"})
        names.push_back(prefix + name);
    return names;
}

/// A cutoff too high for every trial is bad input, not a list of unavailable measures.
Result<void> checkCutoff(std::optional<double> hz, const std::vector<Trial>& trials) {
    if (!hz)
        return {};
    for (const Trial& trial : trials) {
        const double interval = trial.times.known() ? trial.times.timeOf(1) - trial.times.timeOf(0) : 0;
        if (interval > 0 && *hz > kMaxCutoffShare / interval)
            return badInput("--cutoff", "at most 0.45 of the frame rate of trial " + trial.id, std::to_string(*hz));
    }
    return {};
}

} // namespace

Result<Json> measure(const Words& words) {
    std::vector<std::string> known = setSwitches("");
    known.insert(known.end(), {"pack", "cutoff"});
    const auto arguments = Arguments::parse(words, known);
    if (!arguments)
        return arguments.error();
    const auto pack = readPackFile(*arguments);
    if (!pack)
        return pack.error();
    const auto hz = cutoff(*arguments);
    if (!hz)
        return hz.error();
    const auto set = readSet(*arguments, "", *pack);
    if (!set)
        return set.error();
    if (const auto fits = checkCutoff(*hz, set->trials); !fits)
        return fits.error();
    const double used = hz->has_value() ? **hz : chooseCutoff({&set->trials}).hz;
    const std::vector<TrialMeasures> measures = measureTrials(*pack, set->trials, used);
    Json out = measuresJson(measures, measureSet(*pack, set->trials, measures), set->assumed);
    out["cutoff_hz"] = used;
    return out;
}

Result<Json> assessCommand(const Words& words) {
    std::vector<std::string> known = setSwitches("");
    for (const std::string& name : setSwitches("model-"))
        known.push_back(name);
    known.insert(known.end(), {"pack", "cutoff", "observations", "observations-again", "model", "school", "choices"});
    const auto arguments = Arguments::parse(words, known);
    if (!arguments)
        return arguments.error();
    AssessmentInput input;
    auto pack = readPackFile(*arguments);
    if (!pack)
        return pack.error();
    input.pack = std::move(*pack);
    const auto hz = cutoff(*arguments);
    if (!hz)
        return hz.error();
    input.cutoffHz = *hz;
    auto set = readSet(*arguments, "", input.pack);
    if (!set)
        return set.error();
    input.trials = std::move(set->trials);
    input.assumed = std::move(set->assumed);
    input.facts = std::move(set->facts);
    if (const auto fits = checkCutoff(*hz, input.trials); !fits)
        return fits.error();
    const bool modelTrials = arguments->value("model-landmarks") || arguments->value("model-events");
    if (modelTrials && arguments->value("model"))
        return badInput("command line", "model trials or --model, not both", "both");
    if (modelTrials) {
        auto model = readSet(*arguments, "model-", input.pack);
        if (!model)
            return model.error();
        input.modelTrials = std::move(model->trials);
    } else if (const auto path = arguments->value("model")) {
        const auto text = readFile(*path);
        if (!text)
            return text.error();
        if (isModelFile(*text)) {
            auto model = readModelFile(*text, *path, input.pack);
            if (!model)
                return model.error();
            input.modelFile = std::move(*model);
        } else {
            auto ranges = readModelRanges(*text, *path, input.pack);
            if (!ranges)
                return ranges.error();
            input.fileRanges = std::move(*ranges);
        }
    }
    if (const auto path = arguments->value("choices")) {
        const auto text = readFile(*path);
        if (!text)
            return text.error();
        auto choices = readChoices(*text, *path, input.pack);
        if (!choices)
            return choices.error();
        input.choices = std::move(*choices);
    }
    const auto school = word<School>(*arguments, "school", "root, ground, effect or earliest", schoolFrom);
    if (!school)
        return school.error();
    input.school = school->value_or(School::Root);
    if (arguments->value("observations-again")) {
        const auto again = readSet(*arguments, "", input.pack, "events", "observations-again");
        if (!again)
            return again.error();
        // What the choices say of raters stands before what these two sittings say.
        input.choices.kappas.merge(observationKappas(input.pack, input.trials, again->trials));
    }
    for (const std::string& best : input.choices.ownBest)
        if (std::none_of(input.trials.begin(), input.trials.end(), [&](const Trial& t) { return t.id == best; }))
            return badInput(*arguments->value("choices") + ": $.own_best", "a trial of the landmarks", best);
    const Assessment assessment = assess(input);
    std::vector<Trial> judged = input.trials;
    std::erase_if(judged, [&](const Trial& trial) {
        const std::vector<std::string>& best = input.choices.ownBest;
        return std::find(best.begin(), best.end(), trial.id) != best.end();
    });
    Json out = assessmentJson(assessment);
    out["kappas"] = Json(input.choices.kappas);
    out["filming_list"] = filmingListJson(filmingList(input.pack, judged, assessment));
    return out;
}

Result<Json> modelCommand(const Words& words) {
    std::vector<std::string> known = setSwitches("");
    known.insert(known.end(), {"pack", "cutoff", "title", "source", "out"});
    const auto arguments = Arguments::parse(words, known);
    if (!arguments)
        return arguments.error();
    const auto pack = readPackFile(*arguments);
    if (!pack)
        return pack.error();
    const auto hz = cutoff(*arguments);
    if (!hz)
        return hz.error();
    const auto set = readSet(*arguments, "", *pack);
    if (!set)
        return set.error();
    if (const auto fits = checkCutoff(*hz, set->trials); !fits)
        return fits.error();
    for (const char* name : {"title", "source", "out"})
        if (const auto given = arguments->required(name); !given)
            return given.error();
    const double used = hz->has_value() ? **hz : chooseCutoff({&set->trials}).hz;
    const ModelFile model =
        makeModel(*pack, set->trials, used, *arguments->value("title"), *arguments->value("source"));
    if (const auto written = writeFile(*arguments->value("out"), modelFileJson(model).dump(1) + "\n"); !written)
        return written.error();
    Json out;
    out["out"] = *arguments->value("out");
    out["trials"] = model.trials.size();
    out["curves"] = model.curves.size();
    out["cutoff_hz"] = used;
    out["assumed"] = set->assumed;
    return out;
}

Result<Json> eventsCommand(const Words& words) {
    std::vector<std::string> known = setSwitches("");
    known.insert(known.end(), {"pack", "example", "out", "cutoff"});
    std::erase(known, "events");
    const auto arguments = Arguments::parse(words, known);
    if (!arguments)
        return arguments.error();
    const auto pack = readPackFile(*arguments);
    if (!pack)
        return pack.error();
    const auto set = readSet(*arguments, "", *pack, "example");
    if (!set)
        return set.error();
    std::vector<Trial> examples, targets;
    for (const Trial& trial : set->trials)
        (trial.events.empty() ? targets : examples).push_back(trial);
    Json cuts = nullptr;
    if (set->trials.size() == 1 && examples.empty()) {
        const Trial recording = targets.front();
        const std::vector<RepetitionHit> hits = findRepetitions(*pack, nullptr, recording);
        targets.clear();
        cuts = Json::array();
        for (const RepetitionHit& hit : hits) {
            targets.push_back(
                cutTrial(recording, hit.fromS, hit.toS, recording.id + "." + std::to_string(targets.size() + 1)));
            cuts.push_back({{"trial", targets.back().id},
                            {"from_s", hit.fromS * recording.capture.slowMotion},
                            {"to_s", hit.toS * recording.capture.slowMotion}});
        }
    }
    Json out;
    out["trials"] = Json::array();
    std::string table = "trial,event,time_s,frame,u_s\n";
    for (const TrialProposal& proposal : proposeEvents(*pack, examples, targets)) {
        const auto trial =
            std::find_if(targets.begin(), targets.end(), [&](const Trial& t) { return t.id == proposal.trial; });
        const double slow = trial->capture.slowMotion; // the files speak of stored time
        Json events = Json::array(), missing = Json::array();
        for (const EventProposal& event : proposal.events) {
            events.push_back({{"event", event.event},
                              {"time_s", event.timeS * slow},
                              {"frame", std::lround(event.frame)},
                              {"u_s", event.uS * slow},
                              {"by", event.byRule ? "rule" : "transfer"},
                              {"rough", event.rough},
                              {"review_first", event.reviewFirst}});
            table += csvCell(proposal.trial) + "," + event.event + "," + Json(event.timeS * slow).dump() + "," +
                     Json(event.frame).dump() + "," + Json(event.uS * slow).dump() + "\n";
        }
        for (const auto& [event, reason] : proposal.notFound)
            missing.push_back({{"event", event}, {"reason", reason}});
        out["trials"].push_back({{"trial", proposal.trial},
                                 {"events", events},
                                 {"not_found", missing},
                                 {"order_changed", proposal.orderChanged}});
    }
    out["repetitions"] = cuts;
    out["assumed"] = set->assumed;
    if (const auto path = arguments->value("out"))
        if (const auto written = writeFile(*path, table); !written)
            return written.error();
    return out;
}

Result<Json> packRules(const Words& words) {
    std::vector<std::string> known = setSwitches("");
    known.insert(known.end(), {"pack", "event"});
    const auto arguments = Arguments::parse(words, known);
    if (!arguments)
        return arguments.error();
    const auto pack = readPackFile(*arguments);
    if (!pack)
        return pack.error();
    const auto set = readSet(*arguments, "", *pack);
    if (!set)
        return set.error();
    const auto only = arguments->value("event");
    if (only && !pack->event(*only))
        return badInput("--event", "a key event of the pack", *only);
    const auto proof = [](const FoundRule& found) {
        return Json{{"rule", eventRuleJson(found.rule)},
                    {"rms_frames", found.rmsFrames},
                    {"placed", found.placed},
                    {"of", found.of},
                    {"near_example", found.near},
                    {"holds", found.holds()}};
    };
    Json out{{"events", Json::array()}};
    for (const EventDef& event : pack->events) {
        if (only && event.id != *only)
            continue;
        const RuleSearch search = searchRules(*pack, event.id, set->trials);
        Json own{{"event", event.id}, {"repetitions", search.repetitions}, {"signals", search.tried}};
        own["rules"] = Json::array();
        for (const FoundRule& found : search.best)
            own["rules"].push_back(proof(found));
        own["of_pack"] = event.rule ? proof(proveRule(*pack, event.id, *event.rule, set->trials)) : Json();
        out["events"].push_back(std::move(own));
    }
    out["assumed"] = set->assumed;
    return out;
}

Result<Json> rung(const Words& words) {
    const auto arguments = Arguments::parse(words, {"reps", "window"});
    if (!arguments)
        return arguments.error();
    const auto text = arguments->required("reps");
    if (!text)
        return text.error();
    int good = 0, all = 0, used = 0;
    const bool read = std::sscanf(text->c_str(), "%6d/%6d%n", &good, &all, &used) == 2 &&
                      static_cast<std::size_t>(used) == text->size();
    if (!read || good < 0 || all < 0 || good > all)
        return badInput("--reps", "GOOD/ALL, such as 9/12, with GOOD not above ALL", *text);
    int window = kBlockLength;
    if (arguments->value("window")) {
        const auto length = arguments->integer("window", 1, 1000);
        if (!length)
            return length.error();
        window = *length;
    }
    return blockJson(judgeBlock(good, all, window));
}

} // namespace riflesso::cli
