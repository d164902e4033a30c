#include "core/progress/retest.h"

#include "core/listed.h"
#include "core/measure/measure_set.h"
#include "core/reasons.h"
#include "core/tables/json_walk.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <numbers>

namespace riflesso {
namespace {

constexpr std::size_t kFewestRepetitions = 4, kMaxBytes = std::size_t(64) << 20;

// Whatever a stranger's file holds under a key: the value of the right type, or nothing.
std::string textOf(const Json& json, const char* key) {
    return json.contains(key) && json[key].is_string() ? json[key].get<std::string>() : std::string();
}
bool trueAt(const Json& json, const char* key) {
    return json.contains(key) && json[key].is_boolean() && json[key].get<bool>();
}

std::vector<std::string> words(const Json& json, const char* key) {
    std::vector<std::string> out;
    if (json.contains(key) && json[key].is_array())
        for (const Json& entry : json[key])
            if (entry.is_string())
                out.push_back(entry);
    return out;
}

/// Values of a measure over the repetitions of an answer: of trials, and of their cycles.
struct Values {
    std::vector<double> values, us;
    std::string unit;
    bool filtered = false;
};
void addValues(const Json& measures, std::map<std::string, Values>& into) {
    for (const auto& [id, value] : measures.items()) {
        if (!value.is_object() || !value.contains("value") || !value["value"].is_number())
            continue;
        Values& own = into[id];
        own.values.push_back(value["value"]);
        own.us.push_back(value.contains("u") && value["u"].is_number() ? value["u"].get<double>() : 0);
        own.unit = textOf(value, "unit");
        own.filtered = own.filtered || trueAt(value, "filtered");
    }
}

bool sameSet(std::vector<std::string> a, std::vector<std::string> b) {
    std::sort(a.begin(), a.end());
    std::sort(b.begin(), b.end());
    return a == b;
}

/// Why two summaries cannot be judged against each other; empty when they can.
Reason obstacle(const AssessedSet& before, const AssessedSet& after, const SetSummary& first,
                const SetSummary& second) {
    if (before.view != after.view)
        return obstacles::kView;
    if (!sameSet(before.stress, after.stress))
        return obstacles::kStress;
    if (before.packId != after.packId || before.packEdition != after.packEdition)
        return obstacles::kPack;
    if (first.unit != second.unit)
        return obstacles::kUnit;
    constexpr double kSame = 1e-9;
    if ((first.filtered || second.filtered) && std::abs(before.cutoffHz - after.cutoffHz) > kSame)
        return obstacles::kCutoff;
    return first.deviation && second.deviation ? Reason() : obstacles::kNoReference;
}

} // namespace

const SetSummary* AssessedSet::find(std::string_view measure) const {
    const auto found =
        std::find_if(measures.begin(), measures.end(), [&](const SetSummary& s) { return s.measure == measure; });
    return found == measures.end() ? nullptr : &*found;
}

Result<AssessedSet> readAssessedSet(std::string_view text, std::string_view name) {
    std::vector<JsonFault> faults;
    const auto json = parseJson(text, kMaxBytes, faults);
    if (!json)
        return badInput(std::string(name), faults.empty() ? "JSON" : faults[0].expected,
                        faults.empty() ? "" : faults[0].got);
    const auto wrong = [&](const std::string& path, const std::string& expected, const std::string& got = {}) {
        return badInput(std::string(name) + ": " + path, expected, got);
    };
    if (!json->is_object() || !json->contains("deviations") || !(*json)["deviations"].is_array() ||
        !json->contains("measures") || !(*json)["measures"].is_object())
        return wrong("$", "an answer of assess, with measures and deviations", "something else");
    AssessedSet out;
    out.view = textOf(*json, "view");
    out.stress = words(*json, "stress");
    if (json->contains("pack") && (*json)["pack"].is_object()) {
        out.packId = textOf((*json)["pack"], "id");
        out.packEdition = textOf((*json)["pack"], "edition");
    }
    if (json->contains("cutoff_hz") && (*json)["cutoff_hz"].is_number())
        out.cutoffHz = (*json)["cutoff_hz"];
    if (json->contains("camera") && (*json)["camera"].is_object()) {
        const Json& camera = (*json)["camera"];
        for (const auto& [key, into] :
             {std::pair{"height_m", &out.cameraPlace.heightM}, {"distance_m", &out.cameraPlace.distanceM}})
            if (camera.contains(key) && camera[key].is_number())
                *into = camera[key].get<double>();
    }
    std::map<std::string, Values> values;
    const Json& measures = (*json)["measures"];
    if (measures.contains("trials") && measures["trials"].is_array())
        for (const Json& trial : measures["trials"]) {
            if (!trial.is_object())
                return wrong("$.measures.trials", "objects", trial.dump());
            if (trial.contains("measures") && trial["measures"].is_object())
                addValues(trial["measures"], values);
            if (trial.contains("cycles") && trial["cycles"].is_array())
                for (const Json& cycle : trial["cycles"])
                    if (cycle.is_object() && cycle.contains("measures") && cycle["measures"].is_object())
                        addValues(cycle["measures"], values);
        }
    if (measures.contains("set") && measures["set"].is_object() && measures["set"].contains("measures") &&
        measures["set"]["measures"].is_object())
        addValues(measures["set"]["measures"], values);
    std::size_t index = 0;
    for (const Json& entry : (*json)["deviations"]) {
        const std::string path = "$.deviations[" + std::to_string(index++) + "]";
        if (!entry.is_object() || !entry.contains("measure") || !entry["measure"].is_string())
            return wrong(path, "an object with the name of a measure");
        for (const char* key : {"median", "deviation", "tolerance", "expanded_u"})
            if (!entry.contains(key) || !entry[key].is_number())
                return wrong(path + "." + key, "a number", entry.contains(key) ? entry[key].dump() : "nothing");
        if (!entry.contains("repetitions") || !entry["repetitions"].is_array())
            return wrong(path + ".repetitions", "a list");
        SetSummary summary;
        summary.measure = entry["measure"];
        summary.unit = textOf(entry, "unit");
        summary.median = entry["median"];
        summary.u = entry["expanded_u"].get<double>() / 2;
        summary.repetitions = entry["repetitions"].size();
        summary.deviation = entry["deviation"].get<double>();
        summary.tolerance = entry["tolerance"];
        const auto numberOf = [&](const char* key) {
            return entry.contains(key) && entry[key].is_number() ? std::optional(entry[key].get<double>())
                                                                 : std::nullopt;
        };
        summary.viewU = std::abs(numberOf("view_u").value_or(0));
        summary.viewSlope = numberOf("view_slope").value_or(0);
        summary.bearingDeg = numberOf("bearing");
        const std::string state = textOf(entry, "state");
        summary.state = state == "clear" ? State::Clear : state == "possible" ? State::Possible : State::Within;
        const auto known = values.find(summary.measure);
        summary.filtered = known != values.end() && known->second.filtered;
        values.erase(summary.measure);
        out.measures.push_back(std::move(summary));
    }
    for (const auto& [id, own] : values) {
        SetSummary summary;
        summary.measure = id;
        summary.unit = own.unit;
        summary.median = median(own.values);
        summary.u = medianUncertainty(own.values, own.us);
        summary.repetitions = own.values.size();
        summary.filtered = own.filtered;
        out.measures.push_back(std::move(summary));
    }
    if (json->contains("findings") && (*json)["findings"].is_array())
        for (const Json& finding : (*json)["findings"])
            if (finding.is_object() && trueAt(finding, "present") && finding.contains("fault") &&
                finding["fault"].is_string())
                out.presentFaults.push_back(finding["fault"]);
    if (json->contains("history") && (*json)["history"].is_array())
        for (const Json& earlier : (*json)["history"])
            if (earlier.is_object())
                for (const std::string& fault : words(earlier, "faults"))
                    out.earlierFaults.push_back(fault);
    return out;
}

std::string_view toString(ChangeVerdict verdict) {
    switch (verdict) {
    case ChangeVerdict::Better:
        return "better";
    case ChangeVerdict::Worse:
        return "worse";
    case ChangeVerdict::NoClearChange:
        return "no_clear_change";
    case ChangeVerdict::NotComparable:
        break;
    }
    return "not_comparable";
}

Change changeBetween(const SetSummary& first, const SetSummary& second, Reason obstacle) {
    Change change;
    change.measure = first.measure;
    change.before = first.median;
    change.after = second.median;
    change.change = second.median - first.median;
    constexpr double kTurn = 360, kDial = 12;
    if (first.unit == "deg")
        change.change = wrapDifference(change.change, kTurn);
    else if (first.unit == "h")
        change.change = wrapDifference(change.change, kDial);
    change.u = std::hypot(first.u, second.u);
    if (first.viewU > 0 || second.viewU > 0) {
        if (first.bearingDeg && second.bearingDeg && sameBearings({*first.bearingDeg, *second.bearingDeg})) {
            // The same camera sees the same habits of the athlete's: they are in both, and only what the bearings
            // differ by is not (a rectangular error).
            const auto own = [](const SetSummary& set) { return std::max(0.0, set.u * set.u - set.viewU * set.viewU); };
            const double moved = (std::abs(first.viewSlope) + std::abs(second.viewSlope)) / 2 *
                                 std::abs(*first.bearingDeg - *second.bearingDeg) / std::numbers::sqrt3;
            change.u = std::sqrt(own(first) + own(second) + moved * moved);
        } else {
            change.notes.emplace_back(first.bearingDeg && second.bearingDeg ? notes::kBearing : notes::kBearingUnknown);
        }
    }
    change.detectable = 1.96 * change.u;
    change.reason = std::move(obstacle);
    if (!change.reason.empty() || !first.deviation || !second.deviation) {
        change.verdict = ChangeVerdict::NotComparable;
        return change;
    }
    const double d1 = std::abs(*first.deviation), d2 = std::abs(*second.deviation);
    if (exceeds(d1, first.tolerance))
        change.gapClosed = 1 - d2 / d1;
    const bool bothWithin = first.state == State::Within && second.state == State::Within;
    if (first.repetitions < kFewestRepetitions || second.repetitions < kFewestRepetitions)
        change.reason = obstacles::kFewRepetitions;
    else if (!bothWithin && exceeds(d1 - d2, change.detectable))
        change.verdict = ChangeVerdict::Better;
    else if (!bothWithin && exceeds(d2 - d1, change.detectable))
        change.verdict = ChangeVerdict::Worse;
    return change;
}

Retest compareSets(const AssessedSet& before, const AssessedSet& after) {
    Retest out;
    // A hand's breadth at arm's length, and a step at five: what a tripod set up again by eye is off by (own choice).
    constexpr double kHeightM = .2, kDistanceShare = .2;
    const CameraPlace &then = before.cameraPlace, &now = after.cameraPlace;
    const auto tenths = [](double metres) {
        std::array<char, 32> text{};
        std::snprintf(text.data(), text.size(), "%.1f", metres);
        return std::string(text.data());
    };
    if (then.heightM && now.heightM && exceeds(std::abs(*now.heightM - *then.heightM), kHeightM))
        out.notes.emplace_back(notes::kCameraHeight(tenths(*then.heightM), tenths(*now.heightM)));
    if (then.distanceM && now.distanceM &&
        exceeds(std::abs(*now.distanceM - *then.distanceM), kDistanceShare * std::max(*then.distanceM, *now.distanceM)))
        out.notes.emplace_back(notes::kCameraDistance(tenths(*then.distanceM), tenths(*now.distanceM)));
    for (const SetSummary& first : before.measures) {
        const SetSummary* second = after.find(first.measure);
        if (!second)
            continue;
        out.measures.push_back(changeBetween(first, *second, obstacle(before, after, first, *second)));
    }
    for (const std::string& fault : before.presentFaults)
        out.faults.push_back({fault, holds(after.presentFaults, fault) ? "stayed" : "gone"});
    for (const std::string& fault : after.presentFaults)
        if (!holds(before.presentFaults, fault))
            out.faults.push_back({fault, holds(before.earlierFaults, fault) ? "returned" : "new"});
    return out;
}

Json retestJson(const Retest& retest) {
    Json out;
    out["measures"] = Json::array();
    for (const Change& change : retest.measures) {
        out["measures"].push_back({{"measure", change.measure},
                                   {"before", change.before},
                                   {"after", change.after},
                                   {"change", change.change},
                                   {"u", change.u},
                                   {"detectable", change.detectable},
                                   {"verdict", toString(change.verdict)},
                                   {"gap_closed", change.gapClosed ? Json(*change.gapClosed) : Json(nullptr)},
                                   {"comparable", change.comparable()},
                                   {"reason", change.reason.empty() ? Json(nullptr) : Json(change.reason.code())}});
        for (const Sentence& note : change.notes)
            out["measures"].back()["notes"].push_back(note.code());
    }
    for (const Sentence& note : retest.notes)
        out["notes"].push_back({{"note", note.code()}, {"text", inEnglish(note)}});
    out["faults"] = Json::array();
    for (const FaultChange& change : retest.faults)
        out["faults"].push_back({{"fault", change.fault}, {"verdict", change.verdict}});
    return out;
}

} // namespace riflesso
