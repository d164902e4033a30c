// Which form, which condition, which athlete, whose position: each repetition is held against its own.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Two forms: the jump is quick, the step may take its time.
Json formsPack() {
    Json json = smallPack();
    json["variants"] = jsonOf(R"([
      { "id": "jump", "title": "Jump", "fits_when": "It is far.",
        "model": { "ranges": [ { "measure": "time", "low": 0.1, "high": 0.3, "source": "t" } ] } },
      { "id": "step", "title": "Step", "fits_when": "It is near.", "events": ["go", "down"],
        "model": { "ranges": [ { "measure": "time", "low": 0.5, "high": 0.9, "source": "t" } ] } } ])");
    json["conditions"] = jsonOf(R"({ "signal": ["call", "lamp"] })");
    json["measures"].push_back(jsonOf(
        R"({ "id": "spread", "title": "Spread", "kind": "variability", "of": "time", "unit": "s", "tolerance": 0.05, "source": "t" })"));
    json["faults"] = jsonOf(R"([
      { "id": "slow", "title": "Slow", "explain": "It is slow.", "effect": 0.5, "level": "knee", "phase": "all",
        "when": [ { "measure": "time", "direction": "above", "weight": 1 } ] },
      { "id": "late_on_lamp", "title": "Late on the lamp", "explain": "It is late.", "effect": 0.5, "level": "knee", "phase": "all",
        "when": { "all": [ { "measure": "time", "direction": "above", "weight": 1 }, { "condition": "signal", "values": ["lamp"] } ] } },
      { "id": "wrong_form", "title": "The wrong form", "explain": "It is the wrong one.", "effect": 0.4, "level": "whole", "phase": "all",
        "when": [ { "variant": "jump", "fits": false } ] } ])");
    json["ladders"] = jsonOf(
        R"([ { "fault": "slow", "rungs": ["d1", "d2"] }, { "fault": "slow", "rungs": ["d2"], "for": { "level": "club" } } ])");
    json["model"]["ranges"] = jsonOf(R"([
      { "measure": "time", "low": 0.2, "high": 0.4, "source": "t" },
      { "measure": "knee", "low": 0, "high": 20, "source": "t" },
      { "measure": "knee", "low": 0, "high": 30, "source": "t", "for": { "level": "club" } },
      { "measure": "knee", "low": 0, "high": 40, "source": "t", "for": { "level": "club", "age": "u14" } },
      { "measure": "knee", "low": 0, "high": 50, "source": "t", "for": { "level": "club", "format": "doubles" } } ])");
    json["disputes"] = jsonOf(R"([ { "id": "quick", "question": "Is slow a fault?", "positions": [
      { "id": "yes", "title": "Yes", "because": "It is." },
      { "id": "no", "title": "No", "because": "It is not.", "leave_out": ["slow"],
        "ranges": [ { "measure": "time", "low": 0.2, "high": 2, "source": "t" } ],
        "ladders": [ { "fault": "late_on_lamp", "rungs": ["d2"] } ] } ] } ])");
    json["results"] = jsonOf(R"([
      { "id": "touch", "title": "Touch", "type": "choice", "values": ["hit", "missed"], "good": ["hit"] },
      { "id": "ring", "title": "Ring", "type": "number", "unit": "rings", "better": "higher", "matters": 4 } ])");
    return json;
}

Trial trialOf(int number, double seconds, const std::string& form) {
    Trial trial = emptyTrial();
    trial.id = "r" + std::to_string(number);
    trial.number = number;
    trial.variant = form;
    addEvent(trial, "go", 10, 0.001);
    addEvent(trial, "down", 10 + seconds * 60, 0.001);
    return trial;
}

/// Four jumps of 0.2 s, four steps of 0.7: each as its form wants it, none as the other's.
AssessmentInput twoForms() {
    AssessmentInput input;
    input.pack = packOf(formsPack());
    input.cutoffHz = 6;
    for (int i = 0; i < 4; ++i)
        input.trials.push_back(trialOf(i + 1, .2, "jump"));
    for (int i = 4; i < 8; ++i)
        input.trials.push_back(trialOf(i + 1, .7, "step"));
    return input;
}

} // namespace

class TestForms : public QObject {
    Q_OBJECT
private slots:
    void eachByItsOwn() {
        AssessmentInput input = twoForms();
        QVERIFY(!input.pack.variants.empty());
        const Assessment right = assess(input);
        const SetDeviation* time = right.deviation("time");
        QVERIFY(time && time->severalReferences);
        QVERIFY(time->state == State::Within);
        QVERIFY(!right.findings.find("slow") || !right.findings.find("slow")->present);
        // The same times, each under the other's name.
        for (Trial& trial : input.trials)
            trial.variant = trial.variant == "jump" ? "step" : "jump";
        const Assessment wrong = assess(input);
        const Finding* slow = wrong.findings.find("slow");
        QVERIFY(slow && slow->present);
        QCOMPARE(slow->shown, 4); // the jumps of 0.7 s; a step that is too quick is not slow
        QCOMPARE(slow->judged, 8);
        // What each form shows by itself.
        QCOMPARE(wrong.forms.size(), 2U);
        QCOMPARE(wrong.forms[0].variant, std::string("jump"));
        QVERIFY(wrong.forms[0].findings.find("slow")->present);
        QVERIFY(wrong.forms[0].findings.find("slow")->state == State::Clear);
        QVERIFY(!wrong.forms[1].findings.find("slow") || !wrong.forms[1].findings.find("slow")->present);
        QCOMPARE(wrong.forms[1].repetitions, 4);
        // What a set has once mixes the forms, and says so; of each form by itself it does not.
        const auto spreadOf = [](const std::vector<SetDeviation>& list) {
            return std::find_if(list.begin(), list.end(),
                                [](const SetDeviation& set) { return set.measure == "spread"; });
        };
        QVERIFY(spreadOf(wrong.deviations) == wrong.deviations.end()); // no range, no model
        const Json json = assessmentJson(wrong);
        QCOMPARE(json["forms"].size(), 2U);
        QVERIFY(json["forms"][0]["findings"][0]["present"].get<bool>());
    }
    void oneFormHasNoParts() {
        AssessmentInput input = twoForms();
        input.trials.resize(4);
        const Assessment one = assess(input);
        QVERIFY(one.forms.empty() && !one.deviation("time")->severalReferences);
        QCOMPARE(*one.deviation("time")->reference.high, .3);
        // A form that nobody noted is held against the general range.
        for (Trial& trial : input.trials)
            trial.variant.clear();
        QCOMPARE(*assess(input).deviation("time")->reference.high, .4);
    }
    void theModelsOwnForms() {
        AssessmentInput input = twoForms();
        for (int i = 0; i < 6; ++i)
            input.modelTrials.push_back(trialOf(100 + i, i % 2 ? .7 : .2, i % 2 ? "step" : "jump"));
        const Assessment assessment = assess(input);
        for (const FormAssessment& form : assessment.forms)
            for (const SetDeviation& set : form.deviations)
                if (set.measure == "time") {
                    QVERIFY(set.reference.source == Reference::Source::Model);
                    QVERIFY(std::abs(*set.reference.modelMean - (form.variant == "jump" ? .2 : .7)) < 1e-9);
                    QCOMPARE(set.reference.modelTrials, 3);
                }
    }
    void choiceOfTheForm() {
        AssessmentInput input = twoForms();
        for (int i = 0; i < 4; ++i)
            input.trials[static_cast<std::size_t>(i)].variantFits = false;
        const Finding* finding = nullptr;
        const Assessment assessment = assess(input);
        finding = assessment.findings.find("wrong_form");
        QVERIFY(finding && finding->present);
        QCOMPARE(finding->shown, 4);
    }
    void aFaultOfOneFormAlone() {
        Json json = formsPack();
        json["faults"].push_back(jsonOf(R"({ "id": "slow_jump", "title": "Slow jump", "explain": "It is slow.",
            "effect": 0.5, "level": "knee", "phase": "all",
            "when": { "all": [ { "measure": "time", "direction": "above" }, { "variant": "jump", "chosen": true } ] } })"));
        json["ladders"][0]["also"] = {"slow_jump"};
        json["events"].push_back({{"id", "shout"}, {"title", "Shout"}, {"hint", "?"}, {"optional", true}});
        AssessmentInput input = twoForms();
        input.pack = packOf(json);
        QVERIFY(!input.pack.faults.empty());
        for (Trial& trial : input.trials) // all of them slow
            trial.events[1].timeS = trial.events[0].timeS + 1.5;
        const Assessment assessment = assess(input);
        QCOMPARE(assessment.findings.find("slow")->shown, 8);
        const Finding* jump = assessment.findings.find("slow_jump");
        QVERIFY(jump && jump->present);
        QCOMPARE(jump->shown, 4);
        QCOMPARE(jump->judged, 8); // a step is no slow jump, and that is known
        // It is practised on the ladder of the other.
        QVERIFY(input.pack.ladder("slow_jump") &&
                input.pack.ladder("slow_jump")->rungs == input.pack.ladder("slow")->rungs);
        // Or by drills of its own from there.
        json["ladders"][0]["also"] = {{"slow_jump", json["ladders"][0]["rungs"]}};
        json["ladders"][0]["also"]["slow_jump"].erase(0);
        const Pack own = packOf(json);
        QVERIFY(own.ladder("slow_jump"));
        QCOMPARE(own.ladder("slow_jump")->rungs.size() + 1, own.ladder("slow")->rungs.size());
        // A repetition without the optional event is whole.
        QVERIFY(input.pack.needsEvent("jump", "down") && !input.pack.needsEvent("jump", "shout"));
        QVERIFY(!input.pack.needsEvent("step", "shout")); // which that form does not have
    }
    void rangesByCondition() {
        // On the lamp more time is allowed.
        Json json = formsPack();
        json["model"]["ranges"].push_back(jsonOf(
            R"({ "measure": "time", "low": 0.2, "high": 0.8, "source": "t", "for": { "conditions": { "signal": "lamp" } } })"));
        for (Json& variant : json["variants"])
            variant.erase("model");
        AssessmentInput input = twoForms();
        input.pack = packOf(json);
        QVERIFY(!input.pack.faults.empty());
        for (std::size_t i = 0; i < input.trials.size(); ++i) {
            input.trials[i].variant.clear();
            input.trials[i].conditions["signal"] = i < 4 ? "call" : "lamp"; // 0.2 s on a call, 0.7 s on the lamp
        }
        const Assessment right = assess(input);
        QVERIFY(right.deviation("time")->severalReferences);
        QVERIFY(right.deviation("time")->state == State::Within);
        for (std::size_t i = 0; i < input.trials.size(); ++i)
            input.trials[i].conditions["signal"] = "call";
        const Assessment called = assess(input);
        QVERIFY(!called.deviation("time")->severalReferences);
        QCOMPARE(called.findings.find("slow")->shown, 4);
        // Where it was not noted the general range holds.
        for (Trial& trial : input.trials)
            trial.conditions.clear();
        QCOMPARE(assess(input).findings.find("slow")->shown, 4);
    }
    void conditionsInFaults() {
        AssessmentInput input = twoForms();
        for (std::size_t i = 0; i < 4; ++i) {
            Trial& trial = input.trials[i];
            trial = trialOf(static_cast<int>(i) + 1, .6, "jump");
            trial.conditions["signal"] = i < 2 ? "lamp" : "call";
        }
        const Assessment assessment = assess(input);
        const Finding* finding = assessment.findings.find("late_on_lamp");
        QVERIFY(finding);
        QCOMPARE(finding->shown, 2);
        // Of the steps nobody noted the signal: they are within, so that it makes no difference.
        QCOMPARE(finding->judged, 8);
    }
    void levelAgeAndFormat() {
        AssessmentInput input = twoForms();
        const auto highOf = [&](const char* level, const char* age, const char* format) {
            const Pack& pack = input.pack;
            Situation situation;
            if (*level)
                situation["level"] = level;
            if (*age)
                situation["age"] = age;
            if (*format)
                situation["format"] = format;
            return *rangeFor(pack.ranges, "knee", situation)->high;
        };
        QCOMPARE(highOf("", "", ""), 20.0);
        QCOMPARE(highOf("master", "", ""), 20.0);
        QCOMPARE(highOf("club", "", ""), 30.0);
        QCOMPARE(highOf("club", "u14", ""), 40.0);
        QCOMPARE(highOf("club", "u14", "doubles"), 40.0); // two that match as much: the first
        QCOMPARE(highOf("", "u14", "doubles"), 20.0);
        // From the athlete's file, and to the ladder.
        input.facts.level = "club";
        for (Trial& trial : input.trials)
            trial = trialOf(trial.number, .7, "jump");
        const Assessment assessment = assess(input);
        QVERIFY(!assessment.prescription.focus.empty());
        QCOMPARE(assessment.prescription.focus[0].rungs.size(), 1U);
        QCOMPARE(assessment.prescription.focus[0].rungs[0].drill, std::string("d2"));
    }
    void aPositionChangesWhatItIsAbout() {
        AssessmentInput input = twoForms();
        for (Trial& trial : input.trials) {
            trial = trialOf(trial.number, .7, "");
            trial.conditions["signal"] = "lamp";
        }
        QVERIFY(assess(input).findings.find("slow")->present);
        input.choices.positions["quick"] = "yes";
        QVERIFY(assess(input).findings.find("slow")->present);
        QVERIFY(assess(input).positionEffects.empty());
        input.choices.positions["quick"] = "no";
        const Assessment taken = assess(input);
        QVERIFY(!taken.findings.find("slow"));
        QCOMPARE(*taken.deviation("time")->reference.high, 2.0);
        QVERIFY(taken.deviation("time")->state == State::Within);
        QCOMPARE(taken.positionEffects.size(), 3U);
        QCOMPARE(assessmentJson(taken)["position_effects"][1]["changes"], "left_out");
        // Judged again without measuring: the same.
        const Assessment again = judgedAgain(taken, input);
        QVERIFY(!again.findings.find("slow"));
    }
    void severalResults() {
        AssessmentInput input = twoForms();
        input.trials.clear();
        for (int i = 0; i < 12; ++i) {
            input.trials.push_back(trialOf(i + 1, i < 6 ? .7 : .2, "jump"));
            input.trials.back().results = {{"touch", i < 3 || i > 6 ? "hit" : "missed"}, {"ring", std::to_string(i)}};
        }
        const Assessment assessment = assess(input);
        std::vector<std::string> results;
        for (const ResultEffect& effect : assessment.resultEffects)
            if (effect.fault == "slow")
                results.push_back(effect.result);
        QCOMPARE(results, (std::vector<std::string>{"touch", "ring"}));
    }
    void fromAFile() {
        const auto facts = readAthleteFacts(
            R"({"level":"club","age":"u14","format":"doubles","trials":{"r1":{"variant":"jump","bearing":20,
                "conditions":{"signal":"lamp"},"results":{"touch":"hit","ring":8.5}}}})",
            "A.json");
        QVERIFY(facts);
        QCOMPARE(facts->level, std::string("club"));
        const auto& own = facts->trials.at("r1");
        QCOMPARE(*own.variant, std::string("jump"));
        QCOMPARE(own.results.at("ring"), std::string("8.5"));
        QCOMPARE(own.conditions.at("signal"), std::string("lamp"));
        QCOMPARE(*own.bearingDeg, 20.0);
        for (const char* wrong :
             {R"({"trials":{"r1":{"bearing":90}}})", R"({"trials":{"r1":{"conditions":["lamp"]}}})", R"({"level":3})"})
            QVERIFY2(!readAthleteFacts(wrong, "A.json"), wrong);
    }
    void wrongPacks() {
        const auto faultsOf = [](const std::function<void(Json&)>& spoil) {
            Json json = formsPack();
            spoil(json);
            return readPack(json.dump()).faults.size();
        };
        QCOMPARE(faultsOf([](Json&) {}), 0U);
        QVERIFY(faultsOf([](Json& j) { j["variants"][0]["events"] = {"nowhere"}; }) > 0);
        QVERIFY(faultsOf([](Json& j) { j["faults"][1]["when"]["all"][1]["values"] = {"horn"}; }) > 0);
        QVERIFY(faultsOf([](Json& j) { j["faults"][1]["when"]["all"][1]["condition"] = "light"; }) > 0);
        QVERIFY(faultsOf([](Json& j) { j["disputes"][0]["positions"][1]["leave_out"] = {"fast"}; }) > 0);
        QVERIFY(faultsOf([](Json& j) { j["disputes"][0]["positions"][1]["ranges"][0]["measure"] = "elbow"; }) > 0);
        QVERIFY(faultsOf([](Json& j) { j["drills"][0]["conditions"] = {{"signal", "horn"}}; }) > 0);
        QVERIFY(faultsOf([](Json& j) { j["measures"][0]["out_of_plane"] = 46; }) > 0);
        // A form without ranges of its own is held against the general ones.
        QCOMPARE(faultsOf([](Json& j) { j["variants"][0].erase("model"); }), 0U);
    }
};

QTEST_APPLESS_MAIN(TestForms)
#include "tst_forms.moc"
