#include "core/tables/model_file.h"

#include "core/pack/pack_reader.h"
#include "core/tables/json_walk.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr std::string_view kFormat = "riflesso-model";
constexpr std::size_t kMostBytes = std::size_t{8} * 1024 * 1024;
constexpr int kVersion = 1;

Json curveJson(const PhaseValues& curve) {
    Json out = Json::array();
    for (double value : curve)
        out.push_back(std::isfinite(value) ? Json(value) : Json(nullptr));
    return out;
}

PhaseValues readCurve(const JsonNode& node, std::string_view key) {
    PhaseValues out;
    out.fill(std::nan(""));
    const JsonNode list = node.at(key);
    if (!list.json().is_array() || list.json().size() != out.size()) {
        node.faultAt(key, "101 numbers or null", list.json().is_array() ? std::to_string(list.json().size()) : "none");
        return out;
    }
    for (std::size_t i = 0; i < out.size(); ++i) {
        const Json& value = list.json()[i];
        if (value.is_number())
            out[i] = value.get<double>();
        else if (!value.is_null())
            node.faultAt(key, "101 numbers or null", value.dump());
    }
    return out;
}

void readMeasures(const JsonNode& entry, const Pack& pack, TrialMeasures& into) {
    const std::vector<MeasureDef> judged = pack.judged();
    const JsonNode node = entry.at("measures");
    if (!node.json().is_object()) {
        entry.faultAt("measures", "an object of measures", node.json().dump());
        return;
    }
    for (const auto& named : node.json().items()) {
        const std::string& id = named.key();
        if (id.starts_with("x-"))
            continue;
        const JsonNode value = node.at(id);
        if (!value.expectObject({"value", "u", "shared_u", "view_u", "unit"}))
            continue;
        MeasureValue read;
        read.value = value.requiredNumber("value");
        read.u = value.requiredNumber("u", 0);
        read.sharedU = value.number("shared_u", 0, 0);
        read.viewU = value.number("view_u", 0, 0, read.u);
        read.unit = value.text("unit");
        const auto def = std::find_if(judged.begin(), judged.end(), [&](const MeasureDef& d) { return d.id == id; });
        if (def != judged.end() && def->unit == read.unit)
            into.measures.emplace_back(id, std::move(read));
    }
}

void readTrial(const JsonNode& entry, const Pack& pack, ModelFile& model) {
    if (!entry.expectObject({"trial", "number", "cycle", "performer", "stress", "measures"}))
        return;
    Trial trial;
    trial.id = entry.text("trial");
    constexpr int kMostRepetitions = 1000000;
    trial.number = entry.integer("number", 0, 0, kMostRepetitions);
    trial.performer = entry.text("performer", false);
    trial.capture.view = model.view;
    trial.stress =
        entry.optionalWord<Stress>("stress", "calm fed machine surprise live scored competition", stressFrom);
    TrialMeasures measures{trial.id, entry.integer("cycle", 0, 0, kMostRepetitions), {}};
    readMeasures(entry, pack, measures);
    if (std::none_of(model.trials.begin(), model.trials.end(), [&](const Trial& t) { return t.id == trial.id; }))
        model.trials.push_back(std::move(trial));
    model.measures.push_back(std::move(measures));
}

} // namespace

ModelFile makeModel(const Pack& pack, const std::vector<Trial>& trials, double cutoffHz, std::string title,
                    std::string source) {
    ModelFile out;
    out.title = std::move(title);
    out.source = std::move(source);
    out.packId = pack.id;
    out.packEdition = pack.edition;
    out.cutoffHz = cutoffHz;
    if (!trials.empty())
        out.view = trials.front().capture.view;
    out.measures = measureTrials(pack, trials, cutoffHz);
    for (const Trial& trial : trials) {
        Trial stub;
        stub.id = trial.id;
        stub.number = trial.number;
        stub.performer = trial.performer;
        stub.stress = trial.stress;
        stub.capture.view = trial.capture.view;
        out.trials.push_back(std::move(stub));
    }
    const PhaseAnchors anchors = phaseAnchors(pack, trials, trials);
    for (const MeasureDef& def : pack.measures)
        if (auto band = curveBand(pack, def, trials, anchors, cutoffHz))
            out.curves.push_back(std::move(*band));
    return out;
}

Json modelFileJson(const ModelFile& model) {
    Json out;
    out["format"] = kFormat;
    out["version"] = kVersion;
    out["title"] = model.title;
    out["source"] = model.source;
    out["pack"] = {{"id", model.packId}, {"edition", model.packEdition}};
    out["view"] = toString(model.view);
    out["cutoff_hz"] = model.cutoffHz;
    out["trials"] = Json::array();
    for (const TrialMeasures& entry : model.measures) {
        const auto trial =
            std::find_if(model.trials.begin(), model.trials.end(), [&](const Trial& t) { return t.id == entry.trial; });
        Json one;
        one["trial"] = entry.trial;
        if (trial != model.trials.end()) {
            one["number"] = trial->number;
            if (!trial->performer.empty())
                one["performer"] = trial->performer;
            if (trial->stress)
                one["stress"] = toString(*trial->stress);
        }
        if (entry.cycle > 0)
            one["cycle"] = entry.cycle;
        one["measures"] = Json::object();
        for (const auto& [id, value] : entry.measures) {
            if (!value.valid())
                continue;
            one["measures"][id] = {
                {"value", *value.value}, {"u", value.u}, {"shared_u", value.sharedU}, {"unit", value.unit}};
            if (value.viewU > 0)
                one["measures"][id]["view_u"] = value.viewU;
        }
        out["trials"].push_back(std::move(one));
    }
    out["curves"] = Json::array();
    for (const CurveBand& band : model.curves) {
        Json one;
        one["measure"] = band.measure;
        one["unit"] = band.unit;
        one["mean"] = curveJson(band.mean);
        one["sd"] = curveJson(band.sd);
        one["trials"] = band.trials;
        one["of"] = band.of;
        out["curves"].push_back(std::move(one));
    }
    return out;
}

bool isModelFile(std::string_view text) {
    std::vector<JsonFault> faults;
    const auto json = parseJson(text, kMostBytes, faults);
    return json && json->is_object() && json->contains("format");
}

Result<ModelFile> readModelFile(std::string_view text, std::string_view name, const Pack& pack) {
    std::vector<JsonFault> faults;
    ModelFile out;
    if (const auto json = parseJson(text, kMostBytes, faults)) {
        const JsonNode root(*json, "$", faults);
        if (root.expectObject(
                {"format", "version", "title", "source", "pack", "view", "cutoff_hz", "trials", "curves"})) {
            if (root.text("format") != kFormat)
                root.faultAt("format", std::string(kFormat));
            if (root.integer("version", 0, 0, 1000) != kVersion)
                root.faultAt("version", "1: this program knows no other");
            out.title = root.text("title");
            out.source = root.text("source");
            out.view = root.word<View>("view", View::Side, true, "side front rear top", viewFrom);
            constexpr double kMostHz = 1e4, kLeastHz = 1e-3;
            out.cutoffHz = root.requiredNumber("cutoff_hz", kLeastHz, kMostHz);
            if (const JsonNode made = root.at("pack"); made.expectObject({"id", "edition"})) {
                out.packId = made.text("id");
                out.packEdition = made.text("edition");
                if (out.packId != pack.id)
                    made.faultAt("id", "the pack " + pack.id, out.packId);
            }
            root.list("trials", true, [&](const JsonNode& entry) { readTrial(entry, pack, out); });
            root.list("curves", false, [&](const JsonNode& entry) {
                if (!entry.expectObject({"measure", "unit", "mean", "sd", "trials", "of"}))
                    return;
                CurveBand band;
                band.measure = entry.text("measure");
                band.unit = entry.text("unit");
                band.mean = readCurve(entry, "mean");
                band.sd = readCurve(entry, "sd");
                band.of = entry.texts("of");
                const PhaseValues trials = readCurve(entry, "trials");
                constexpr double kMost = 1e6;
                for (std::size_t i = 0; i < trials.size(); ++i)
                    band.trials[i] = trials[i] >= 0 && trials[i] <= kMost ? static_cast<int>(trials[i]) : 0;
                if (pack.measure(band.measure))
                    out.curves.push_back(std::move(band));
            });
        }
    }
    if (!faults.empty())
        return badInput(std::string(name) + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return out;
}

} // namespace riflesso
