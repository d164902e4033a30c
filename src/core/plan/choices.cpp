#include "core/plan/choices.h"

#include "core/pack/pack_reader.h"
#include "core/tables/json_walk.h"

#include <algorithm>

namespace riflesso {
namespace {

/// Calls `each` for the entries of an object under `key`.
void entries(const JsonNode& node, std::string_view key,
             const std::function<void(const JsonNode& within, const std::string& name, const Json& value)>& each) {
    if (!node.has(key))
        return;
    const JsonNode within = node.at(key);
    if (!within.json().is_object()) {
        node.faultAt(key, "an object", within.json().dump());
        return;
    }
    for (const auto& [name, value] : within.json().items())
        if (!name.starts_with("x-"))
            each(within, name, value);
}

std::vector<std::string> faultIds(const JsonNode& node, std::string_view key, const Pack& pack) {
    std::vector<std::string> ids = node.texts(key);
    for (const std::string& id : ids)
        if (!pack.fault(id))
            node.faultAt(key, "faults of the pack", id);
    return ids;
}

TermOverride readOverride(const JsonNode& entry, const Pack& pack) {
    TermOverride out;
    if (!entry.expectObject({"fault", "term", "value", "reason"}))
        return out;
    out.fault = entry.text("fault");
    if (!out.fault.empty() && !pack.fault(out.fault))
        entry.faultAt("fault", "a fault of the pack", out.fault);
    out.term = entry.word<Term>("term", Term::Effect, true, "severity frequency certainty leverage effect readiness",
                                [](const std::string& word) { return termFrom(word); });
    const auto [low, high] = rangeOf(out.term);
    out.value = entry.requiredNumber("value", low, high);
    out.reason = entry.text("reason");
    return out;
}

} // namespace

Result<Choices> readChoices(std::string_view text, std::string_view name, const Pack& pack) {
    constexpr std::size_t kMostBytes = 1 << 20;
    std::vector<JsonFault> faults;
    Choices out;
    const std::optional<Json> json = parseJson(text, kMostBytes, faults);
    if (json) {
        const JsonNode root(*json, "$", faults);
        if (root.expectObject({"overrides", "kappas", "effects_from_results", "positions", "own_best", "targets",
                               "typical_errors", "work_on", "set_aside", "insisted", "approach", "situation"})) {
            root.list("overrides", false,
                      [&](const JsonNode& entry) { out.overrides.push_back(readOverride(entry, pack)); });
            entries(root, "kappas", [&](const JsonNode& within, const std::string& id, const Json& value) {
                if (!pack.observation(id))
                    within.faultAt(id, "an observation of the pack", id);
                if (!value.is_number() || value.get<double>() < -1 || value.get<double>() > 1)
                    within.faultAt(id, "a number from -1 to 1", value.dump());
                else
                    out.kappas[id] = value.get<double>();
            });
            entries(root, "typical_errors", [&](const JsonNode& within, const std::string& id, const Json& value) {
                if (!pack.measure(baseMeasure(id)))
                    within.faultAt(id, "a measure of the pack", id);
                else if (!value.is_number() || value.get<double>() < 0 || value.get<double>() > 1e6)
                    within.faultAt(id, "a number from 0 up", value.dump());
                else
                    out.typicalErrors[id] = value.get<double>();
            });
            entries(root, "positions", [&](const JsonNode& within, const std::string& id, const Json& value) {
                const auto dispute = std::find_if(pack.disputes.begin(), pack.disputes.end(),
                                                  [&id](const DisputeDef& def) { return def.id == id; });
                const std::string position = value.is_string() ? value.get<std::string>() : std::string();
                if (dispute == pack.disputes.end())
                    within.faultAt(id, "a dispute of the pack", id);
                else if (std::none_of(dispute->positions.begin(), dispute->positions.end(),
                                      [&](const DisputeDef::Position& p) { return p.id == position; }))
                    within.faultAt(id, "a position of this dispute", value.dump());
                else
                    out.positions[id] = position;
            });
            entries(root, "situation", [&](const JsonNode& within, const std::string& key, const Json& value) {
                if (value.is_string())
                    out.situation[key] = value.get<std::string>();
                else
                    within.faultAt(key, "a text", value.dump());
            });
            out.effectsFromResults = faultIds(root, "effects_from_results", pack);
            out.decisions.workOn = faultIds(root, "work_on", pack);
            out.decisions.setAside = faultIds(root, "set_aside", pack);
            out.decisions.insisted = root.boolean("insisted", false);
            if (root.has("approach")) {
                const JsonNode approach = root.at("approach");
                if (approach.expectObject({"one_at_a_time", "tempo_first"}))
                    out.decisions.approach = {approach.boolean("one_at_a_time", false),
                                              approach.boolean("tempo_first", false)};
            }
            out.ownBest = root.texts("own_best");
            out.targets = readRanges(root, "targets", pack);
            for (std::size_t i = 0; i < out.targets.size(); ++i)
                for (std::size_t k = 0; k < i; ++k)
                    if (out.targets[k].measure == out.targets[i].measure &&
                        out.targets[k].forWhom == out.targets[i].forWhom)
                        root.faultAt("targets", "one target for a measure", out.targets[i].measure + " twice");
        }
    }
    if (!faults.empty())
        return badInput(std::string(name) + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return out;
}

} // namespace riflesso
