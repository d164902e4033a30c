#include "core/pack/pack_words.h"

#include "core/tables/json_walk.h"

#include <set>

namespace riflesso {
namespace {

/// `f` on every text that people read.
template <class F> void eachText(Pack& pack, const F& f) {
    const auto all = [&](auto&... texts) { (f(texts), ...); };
    all(pack.title, pack.about, pack.group);
    for (auto& [id, source] : pack.sources)
        f(source);
    for (OwnPoint& point : pack.points)
        f(point.title);
    for (LineDef& line : pack.lines)
        f(line.title);
    for (EventDef& event : pack.events)
        all(event.title, event.hint);
    for (PhaseDef& phase : pack.phases)
        f(phase.title);
    for (MeasureDef& measure : pack.measures)
        all(measure.title, measure.about, measure.praise);
    for (ObservationDef& observation : pack.observations)
        all(observation.title, observation.ask);
    for (ResultDef& result : pack.results)
        f(result.title);
    for (VariantDef& variant : pack.variants)
        all(variant.title, variant.fitsWhen);
    for (FaultDef& fault : pack.faults) {
        all(fault.title, fault.explain, fault.see, fault.notThis, fault.safetyText);
        for (CauseDef& cause : fault.causes)
            all(cause.title, cause.because);
    }
    for (DrillDef& drill : pack.drills) {
        all(drill.title, drill.cue, drill.good, drill.why, drill.wrong, drill.feels, drill.feeding, drill.easier,
            drill.harder);
        for (std::string& caution : drill.cautions)
            f(caution);
    }
    for (ProfileDef& profile : pack.profiles)
        f(profile.title);
    for (DisputeDef& dispute : pack.disputes) {
        f(dispute.question);
        for (DisputeDef::Position& position : dispute.positions)
            all(position.title, position.because);
    }
}

} // namespace

Result<PackWords> readPackWords(std::string_view text, const std::string& name, std::string_view pack) {
    constexpr std::size_t kMost = std::size_t(4) << 20;
    std::vector<JsonFault> faults;
    PackWords out;
    if (const auto json = parseJson(text, kMost, faults)) {
        const JsonNode root(*json, "$", faults);
        if (root.expectObject({"format", "version", "pack", "language", "texts"})) {
            if (root.text("format") != "riflesso-skill-words")
                root.faultAt("format", "riflesso-skill-words");
            static_cast<void>(root.integer("version", 0, 1, 1));
            if (root.text("pack") != pack)
                root.faultAt("pack", std::string(pack), root.text("pack"));
            static_cast<void>(root.text("language"));
            const JsonNode texts = root.at("texts");
            if (!texts.json().is_object())
                root.faultAt("texts", "an object of texts");
            else
                for (const auto& [from, to] : texts.json().items())
                    if (std::string said = texts.text(from); !said.empty())
                        out[from] = std::move(said);
        }
    }
    if (!faults.empty())
        return badInput(name + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return out;
}

std::vector<std::string> textsOf(const Pack& pack) {
    std::vector<std::string> out;
    std::set<std::string> seen;
    Pack copy = pack;
    eachText(copy, [&](const std::string& text) {
        if (!text.empty() && seen.insert(text).second)
            out.push_back(text);
    });
    return out;
}

std::vector<std::string> keptWordsOf(const Pack& pack) {
    std::vector<std::string> out;
    std::set<std::string> seen;
    const auto add = [&](const std::vector<std::string>& words) {
        for (const std::string& word : words)
            if (seen.insert(word).second)
                out.push_back(word);
    };
    for (const ObservationDef& observation : pack.observations)
        add(observation.values);
    for (const ResultDef& result : pack.results) {
        add(result.values);
        add({result.unit});
    }
    for (const auto& [group, values] : pack.conditions) {
        add({group});
        add(values);
    }
    for (const DrillDef& drill : pack.drills)
        add(drill.needs);
    std::erase(out, std::string());
    return out;
}

void translate(Pack& pack, const PackWords& words) {
    eachText(pack, [&](std::string& text) {
        if (const auto said = words.find(text); said != words.end())
            text = said->second;
    });
}

} // namespace riflesso
