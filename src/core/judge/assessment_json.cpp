#include "core/judge/assessment.h"
#include "core/tables/json_walk.h"

#include <cmath>

namespace riflesso {
namespace {

Json number(double value) { return std::isfinite(value) ? Json(value) : Json(nullptr); }
Json textOrNull(std::string_view text) { return text.empty() ? Json(nullptr) : Json(text); }

Json valueJson(const MeasureValue& value) {
    Json out;
    out["value"] = value.value ? number(*value.value) : Json(nullptr);
    out["u"] = value.value ? number(value.u) : Json(nullptr);
    out["unit"] = value.unit;
    out["valid"] = value.valid();
    out["reason"] = textOrNull(inEnglish(value.reason));
    if (!value.offsets.empty())
        out["offsets"] = value.offsets;
    out["validity"] = toString(value.validity);
    if (value.viewU > 0)
        out["view_u"] = number(value.viewU);
    if (value.filtered)
        out["filtered"] = true;
    for (const auto& [name, extra] : value.extras)
        out[name] = number(extra);
    for (const Sentence& note : value.notes)
        out["notes"].push_back(inEnglish(note));
    return out;
}

Json deviationJson(const SetDeviation& set) {
    Json out;
    out["measure"] = set.measure;
    out["median"] = number(set.median);
    out["deviation"] = number(set.deviation);
    out["tolerance"] = number(set.tolerance);
    out["expanded_u"] = number(set.expandedU);
    out["z"] = number(set.z);
    out["state"] = toString(set.state);
    out["direction"] = toString(set.direction);
    const auto n = static_cast<double>(set.repetitions.size());
    out["share_outside"] = {
        {"value", set.outside / n}, {"low", set.outsideInterval.low}, {"high", set.outsideInterval.high}};
    out["unit"] = set.unit;
    out["reference"] = toString(set.reference.source);
    if (set.viewU > 0) {
        out["view_u"] = number(set.viewU);
        out["view_slope"] = number(set.viewSlope);
        out["bearing"] = set.bearingDeg ? number(*set.bearingDeg) : Json(nullptr);
    }
    out["resolvable"] = set.resolvable;
    out["note"] = textOrNull(inEnglish(set.note));
    if (set.severalReferences)
        out["several_references"] = true;
    if (set.modelCalmer)
        out["model_calmer"] = true;
    out["repetitions"] = Json::array();
    for (const RepetitionDeviation& repetition : set.repetitions)
        out["repetitions"].push_back({{"trial", textOrNull(repetition.trial)},
                                      {"cycle", repetition.cycle > 0 ? Json(repetition.cycle) : Json(nullptr)},
                                      {"deviation", number(repetition.deviation)},
                                      {"u", number(repetition.u)},
                                      {"state", toString(repetition.state)}});
    return out;
}

Json findingJson(const Finding& finding) {
    Json out;
    out["fault"] = finding.fault;
    out["rank"] = finding.rank;
    out["score"] = number(finding.score);
    out["safety"] = textOrNull(toString(finding.safety));
    out["consequence_of"] = textOrNull(finding.consequenceOf);
    out["terms"] = {{"severity", finding.severity}, {"frequency", finding.frequency}, {"certainty", finding.certainty},
                    {"leverage", finding.leverage}, {"effect", finding.effect},       {"readiness", finding.readiness}};
    out["state"] = toString(finding.state);
    out["present"] = finding.present;
    out["shown"] = finding.shown;
    out["judged"] = finding.judged;
    out["leads_to"] = Json::array();
    for (const Consequence& link : finding.leadsTo)
        out["leads_to"].push_back({{"fault", link.fault}, {"weight", link.weight}, {"share", link.share}});
    if (finding.changedTarget)
        out["changed_target"] = true;
    if (finding.present)
        for (School school : kAllSchools)
            out["places"][std::string(toString(school))] = finding.places[static_cast<std::size_t>(school)];
    for (const OverriddenTerm& term : finding.overridden)
        out["overridden"].push_back({{"term", toString(term.term)},
                                     {"computed", number(term.computed)},
                                     {"value", term.value},
                                     {"reason", term.reason}});
    return out;
}

Json resultEffectJson(const ResultEffect& effect) {
    return {{"fault", effect.fault},
            {"result", effect.result},
            {"unit", textOrNull(effect.unit)},
            {"with", {{"repetitions", effect.with}, {"value", effect.withValue}}},
            {"without", {{"repetitions", effect.without}, {"value", effect.withoutValue}}},
            {"loss", {{"value", effect.loss}, {"low", effect.interval.low}, {"high", effect.interval.high}}},
            {"effect", effect.effect}};
}

} // namespace

Json measuresJson(const std::vector<TrialMeasures>& measures, const SetMeasures& setMeasures,
                  const std::vector<std::string>& assumed) {
    Json out;
    out["trials"] = Json::array();
    for (const TrialMeasures& entry : measures) {
        Json values = Json::object();
        for (const auto& [id, value] : entry.measures)
            values[id] = valueJson(value);
        if (entry.cycle > 0)
            out["trials"].back()["cycles"].push_back({{"cycle", entry.cycle}, {"measures", std::move(values)}});
        else
            out["trials"].push_back({{"trial", entry.trial}, {"measures", std::move(values)}});
    }
    Json once = Json::object();
    for (const auto& [id, value] : setMeasures)
        once[id] = valueJson(value);
    out["set"] = {{"measures", std::move(once)}};
    out["assumed"] = assumed;
    return out;
}

Json assessmentJson(const Assessment& assessment) {
    Json out;
    out["measures"] = measuresJson(assessment.measures, assessment.setMeasures, assessment.assumed);
    out["deviations"] = Json::array();
    for (const SetDeviation& set : assessment.deviations)
        out["deviations"].push_back(deviationJson(set));
    out["strengths"] = assessment.strengths;
    out["findings"] = Json::array();
    for (const Finding& finding : assessment.findings.ranked)
        out["findings"].push_back(findingJson(finding));
    for (const FormAssessment& form : assessment.forms) {
        Json own{
            {"variant", textOrNull(form.variant)}, {"repetitions", form.repetitions}, {"strengths", form.strengths}};
        own["deviations"] = own["findings"] = Json::array();
        for (const SetDeviation& set : form.deviations)
            own["deviations"].push_back(deviationJson(set));
        for (const Finding& finding : form.findings.ranked)
            own["findings"].push_back(findingJson(finding));
        own["not_judged"] = form.findings.notJudged;
        out["forms"].push_back(std::move(own));
    }
    out["seen_once"] = assessment.findings.seenOnce;
    out["not_judged"] = assessment.findings.notJudged;
    Json focus = Json::array();
    for (const Focus& entry : assessment.prescription.focus) {
        Json rungs = Json::array();
        for (const Rung& rung : entry.rungs) {
            Json entry{{"drill", rung.drill}, {"stage", toString(rung.stage)}, {"start_here", rung.startHere}};
            if (!rung.insteadOf.empty())
                entry["instead_of"] = rung.insteadOf;
            rungs.push_back(std::move(entry));
        }
        focus.push_back({{"fault", entry.fault}, {"role", entry.main ? "main" : "minor"}, {"rungs", std::move(rungs)}});
    }
    out["prescription"] = {{"focus", std::move(focus)},
                           {"cautions", assessment.prescription.cautions},
                           {"missing", Json::array()},
                           {"without_drill", assessment.prescription.withoutDrill},
                           {"waits", assessment.prescription.waits}};
    for (const Sentence& missing : assessment.prescription.missing)
        out["prescription"]["missing"].push_back(inEnglish(missing));
    out["unclear_limits"] = assessment.prescription.unclearLimits;
    out["result_effects"] = Json::array();
    for (const ResultEffect& effect : assessment.resultEffects)
        out["result_effects"].push_back(resultEffectJson(effect));
    out["profiles"] = Json::array();
    for (const ProfileMatch& match : assessment.profiles)
        out["profiles"].push_back({{"profile", match.profile}, {"likeness", match.likeness}});
    out["positions"] = Json(assessment.positions);
    for (const PositionEffect& effect : assessment.positionEffects)
        out["position_effects"].push_back({{"dispute", effect.dispute},
                                           {"position", effect.position},
                                           {"changes", toString(effect.what)},
                                           {"id", effect.id}});
    out["school"] = toString(assessment.school);
    out["cutoff_hz"] = assessment.cutoff.hz;
    out["cutoff_by_default"] = assessment.cutoff.byDefault;
    out["pack"] = {{"id", assessment.packId}, {"edition", assessment.packEdition}};
    out["view"] = toString(assessment.view);
    for (const auto& [key, metres] :
         {std::pair{"height_m", assessment.cameraPlace.heightM}, {"distance_m", assessment.cameraPlace.distanceM}})
        if (metres)
            out["camera"][key] = *metres;
    out["stress"] = assessment.stress;
    out["assumed"] = assessment.assumed;
    return out;
}

Json blockJson(const BlockVerdict& verdict) {
    Json out;
    out["good"] = verdict.good;
    out["all"] = verdict.all;
    out["share"] = verdict.share ? Json(*verdict.share) : Json(nullptr);
    out["interval"] = {{"level", 0.8}, {"low", verdict.interval.low}, {"high", verdict.interval.high}};
    out["verdict"] = toString(verdict.verdict);
    out["more_wanted"] = verdict.moreWanted;
    out["confirm"] = verdict.confirm;
    return out;
}

Json errorJson(const Error& error) {
    return {{"error", {{"where", error.where}, {"expected", error.expected}, {"got", error.got}}}};
}

} // namespace riflesso
