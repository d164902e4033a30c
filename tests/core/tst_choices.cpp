// What the analyst chooses changes the answer, is kept with it, and is read strictly.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/uncertainty/agreement.h"
#include "support/files.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Two faults on observations, one causing the other; a result, a profile and a dispute.
Json packJson() {
    Json json = smallPack();
    json["observations"] = jsonOf(R"([{"id":"a","title":"A","ask":"?"},{"id":"b","title":"B","ask":"?"}])");
    json["results"] = jsonOf(R"([{"id":"hit","title":"Hit","type":"choice","values":["in","out"],"good":["in"]}])");
    json["faults"] = jsonOf(R"([
      {"id":"root","title":"Root","explain":"So.","effect":0.2,"level":"foot","phase":"all","when":[{"observation":"a"}]},
      {"id":"leaf","title":"Leaf","explain":"So.","effect":0.9,"level":"hand","phase":"all","when":[{"observation":"b"}],
       "causes":[{"fault":"root","weight":0.4,"because":"So."}]}])");
    json["ladders"] = Json::array();
    json["profiles"] = jsonOf(
        R"([{"id":"both","title":"Both","faults":["root","leaf"]},{"id":"alone","title":"Alone","faults":["root"]}])");
    json["disputes"] = jsonOf(
        R"([{"id":"pace","question":"?","positions":[{"id":"slow","title":"S","because":"s"},{"id":"fast","title":"F","because":"f"}]}])");
    return json;
}
/// n trials; the first `rootShown` show the root, the first `leafShown` the leaf; out where it shows the leaf.
std::vector<Trial> trials(int n, int rootShown, int leafShown) {
    std::vector<Trial> out;
    for (int i = 0; i < n; ++i) {
        Trial trial = emptyTrial();
        trial.id = std::to_string(i + 1);
        trial.number = i + 1;
        trial.observations = {{"a", i < rootShown ? "no" : "yes"}, {"b", i < leafShown ? "no" : "yes"}};
        trial.results["hit"] = i < leafShown ? (i == 0 ? "in" : "out") : "in";
        out.push_back(trial);
    }
    return out;
}
Assessment judged(const std::vector<Trial>& set, const Choices& choices = {}) {
    AssessmentInput input;
    input.pack = packOf(packJson());
    input.trials = set;
    input.choices = choices;
    return assess(input);
}
bool close(double a, double b) { return std::abs(a - b) < 1e-12; }

} // namespace

class TestChoices : public QObject {
    Q_OBJECT
private slots:
    void anOverrideStandsAndIsKept() {
        const Finding before = *judged(trials(8, 6, 4)).findings.find("leaf");
        Choices choices;
        choices.overrides = {{"leaf", Term::Effect, 0.1, "only style here"}, {"leaf", Term::Severity, 0.5, "mild"}};
        const Assessment after = judged(trials(8, 6, 4), choices);
        const Finding leaf = *after.findings.find("leaf"), root = *after.findings.find("root");
        QVERIFY(close(before.effect, 0.9) && close(leaf.effect, 0.1) && close(leaf.severity, 0.5));
        QVERIFY(close(leaf.score, leaf.leverage * leaf.frequency * leaf.certainty * 0.1));
        QVERIFY(close(leaf.leverage, 0.5));               // its own severity
        QVERIFY(close(root.leverage, 1 + 0.5 * 0.4 * 1)); // and in its cause's leverage
        QCOMPARE(leaf.overridden.size(), 2U);
        const Json json = assessmentJson(after);
        for (const Json& finding : json["findings"])
            if (finding["fault"] == "leaf") {
                QCOMPARE(finding["overridden"][1]["computed"].get<double>(), 0.9);
                QCOMPARE(finding["overridden"][1]["reason"].get<std::string>(), std::string("only style here"));
            }
    }
    void placesUnderEverySchool() {
        const Assessment assessment = judged(trials(8, 6, 4));
        const Finding leaf = *assessment.findings.find("leaf"), root = *assessment.findings.find("root");
        const auto place = [](const Finding& finding, School school) {
            return finding.places[static_cast<std::size_t>(school)];
        };
        QCOMPARE(place(root, School::Ground), 1); // foot before hand
        QCOMPARE(place(leaf, School::Ground), 2);
        QCOMPARE(place(leaf, School::Effect), 1);
        for (School school : kAllSchools) {
            AssessmentInput input;
            input.pack = packOf(packJson());
            input.trials = trials(8, 6, 4);
            input.school = school;
            const Findings own = assess(input).findings;
            for (std::size_t i = 0; i < own.unlifted.size(); ++i)
                QCOMPARE(place(*assessment.findings.find(own.unlifted[i]), school), static_cast<int>(i) + 1);
        }
    }
    void ratersWhoDisagreeLeaveItOpen() {
        Choices choices;
        choices.kappas = {{"b", 0.39}};
        const Finding weak = *judged(trials(8, 6, 4), choices).findings.find("leaf");
        QVERIFY(close(weak.certainty, 0.5));
        SAME(weak.state, State::Possible);
        choices.kappas = {{"b", 0.4}};
        const Finding sound = *judged(trials(8, 6, 4), choices).findings.find("leaf");
        QVERIFY(close(sound.certainty, 1));
        SAME(sound.state, State::Clear);
    }
    void kappasOfTwoSittings() {
        Json json = packJson();
        json["observations"].push_back(
            {{"id", "grip"}, {"title", "Grip"}, {"ask", "?"}, {"type", "choice"}, {"values", {"x", "y", "z"}}});
        json["observations"].push_back({{"id", "loose"}, {"title", "Loose"}, {"ask", "?"}, {"type", "scale"}});
        json["observations"].push_back({{"id", "steps"}, {"title", "Steps"}, {"ask", "?"}, {"type", "count"}});
        const Pack pack = packOf(json);
        std::vector<Trial> first = trials(8, 4, 4), second = first;
        const char* grips[] = {"x", "y", "z", "x", "y", "z", "x", "y"};
        for (std::size_t i = 0; i < first.size(); ++i) {
            first[i].observations["grip"] = grips[i];
            second[i].observations["grip"] = grips[(i + 1) % 8];
            first[i].observations["loose"] = std::to_string(1 + i % 5);
            second[i].observations["loose"] = std::to_string(1 + std::min<std::size_t>(4, i % 5 + 1));
            first[i].observations["steps"] = second[i].observations["steps"] = "3";
        }
        second.pop_back(); // not looked at again
        for (std::size_t i = 0; i < 3; ++i)
            second[i].observations.erase("b");
        const auto kappas = observationKappas(pack, first, second);
        QVERIFY(close(kappas.at("a"), 1));
        QVERIFY(close(kappas.at("b"), 1)); // four answered twice
        QVERIFY(kappas.at("grip") < 0);    // never alike
        QVERIFY(kappas.at("loose") > 0.2 && kappas.at("loose") < 0.9);
        QVERIFY(!kappas.contains("steps"));
        second.resize(3);
        QVERIFY(observationKappas(pack, first, second).empty());
    }
    void whatTheResultSuffers() {
        const Assessment assessment = judged(trials(16, 12, 8));
        const auto effect = std::find_if(assessment.resultEffects.begin(), assessment.resultEffects.end(),
                                         [](const ResultEffect& e) { return e.fault == "leaf"; });
        QVERIFY(effect != assessment.resultEffects.end());
        QCOMPARE(effect->with, 8);
        QVERIFY(close(effect->withValue, 1.0 / 8) && close(effect->withoutValue, 1));
        QVERIFY(close(effect->loss, 7.0 / 8) && close(effect->effect, 7.0 / 8));
        QVERIFY(effect->interval.low > 0.3 && effect->interval.low < 7.0 / 8 && effect->interval.high < 1.0001);
        // Below 6 on one side nothing is said.
        for (const ResultEffect& e : judged(trials(12, 6, 5)).resultEffects)
            QVERIFY(e.fault != "leaf");
        // It can take the place of the pack's word, also in the cause's effect term.
        Choices choices;
        choices.effectsFromResults = {"leaf"};
        const Assessment replaced = judged(trials(16, 12, 8), choices);
        QVERIFY(close(replaced.findings.find("leaf")->effect, 7.0 / 8));
        QVERIFY(close(replaced.findings.find("root")->effect, 0.4 * 7.0 / 8));
    }
    void aMeanResultNeedsItsMatters() {
        Json json = packJson();
        json["results"] =
            jsonOf(R"([{"id":"time","title":"Time","type":"number","unit":"s","better":"lower","matters":2}])");
        AssessmentInput input;
        input.pack = packOf(json);
        input.trials = trials(14, 0, 7);
        for (int i = 0; i < 14; ++i)
            input.trials[static_cast<std::size_t>(i)].results["time"] =
                std::to_string(i < 7 ? 12.0 + i % 2 : 11.0 + i % 2);
        const Assessment assessment = assess(input);
        QCOMPARE(assessment.resultEffects.size(), 1U);
        const ResultEffect& effect = assessment.resultEffects[0];
        QVERIFY(close(effect.loss, (12 + 3.0 / 7) - (11 + 4.0 / 7)));
        QVERIFY(effect.interval.low < effect.loss && effect.loss < effect.interval.high);
        QVERIFY(close(effect.effect, effect.loss / 2));
        QCOMPARE(effect.unit, std::string("s"));
    }
    void typicalPatterns() {
        const Assessment both = judged(trials(8, 6, 4));
        QCOMPARE(both.profiles.size(), 1U); // "alone" has one fault only
        QCOMPARE(both.profiles[0].profile, std::string("both"));
        QVERIFY(close(both.profiles[0].likeness, 1)); // both severities are 1
        QVERIFY(judged(trials(8, 6, 0)).profiles.empty());
        QVERIFY(judged(trials(8, 0, 0)).profiles.empty()); // a zero vector is like nothing
    }
    void ownBestIsLeftOutOfTheSet() {
        std::vector<Trial> set = trials(6, 0, 0);
        for (std::size_t i = 0; i < set.size(); ++i) {
            addEvent(set[i], "go", 10, 0.001);
            addEvent(set[i], "down", 40 + 6 * static_cast<double>(i), 0.001);
        }
        Choices choices;
        choices.ownBest = {"1", "2"};
        const Assessment assessment = judged(set, choices);
        const SetDeviation* time = assessment.deviation("time");
        QCOMPARE(time->repetitions.size(), 4U);
        SAME(time->reference.source, Reference::Source::Model);
        QVERIFY(std::abs(*time->reference.modelMean - 0.55) < 1e-9);
        QCOMPARE(time->reference.provenance, std::string("own best"));
    }
    void theCoachsTargetComesFirst() {
        std::vector<Trial> set = trials(4, 0, 0);
        for (Trial& trial : set) {
            addEvent(trial, "go", 10, 0.001);
            addEvent(trial, "down", 40, 0.001);
        }
        Choices choices;
        choices.targets = {{"time", 0.2, 0.3, "t", {}}};
        const Assessment assessment = judged(set, choices);
        const SetDeviation* time = assessment.deviation("time");
        SAME(time->reference.source, Reference::Source::Target);
        QVERIFY(std::abs(time->deviation - 0.2) < 1e-9);
        QCOMPARE(assessmentJson(assessment)["deviations"][0]["reference"].get<std::string>(), std::string("target"));
    }
    void whatIsMixedIsSaid() {
        std::vector<Trial> set = trials(4, 0, 0);
        for (std::size_t i = 0; i < set.size(); ++i) {
            addEvent(set[i], "go", 10, 0.001);
            addEvent(set[i], "down", 40, 0.001);
            set[i].stress = i < 2 ? Stress::Calm : Stress::Live;
            set[i].variant = i < 3 ? "x" : "y";
            set[i].capture.bearingDeg = i < 3 ? 2 : 8;
        }
        QCOMPARE(inEnglish(judged(set).deviation("time")->note), std::string("mixed stress levels, bearings"));
        set.resize(2);
        QVERIFY(judged(set).deviation("time")->note.empty());
        set[1].capture.bearingDeg = 7; // five degrees apart count as the same place
        QVERIFY(judged(set).deviation("time")->note.empty());
        set[1].capture.bearingDeg = 7.1;
        QCOMPARE(inEnglish(judged(set).deviation("time")->note), std::string("mixed bearings"));
    }
    void fileIsReadStrictly_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("where");
        QTest::newRow("nothing") << "{}"
                                 << "";
        QTest::newRow("whole")
            << R"({"overrides":[{"fault":"leaf","term":"effect","value":0.5,"reason":"r"}],"kappas":{"a":0.2},
            "effects_from_results":["leaf"],"positions":{"pace":"slow"},"own_best":["1"],"targets":[{"measure":"time","low":0.1,"source":"t"}],
            "work_on":["root"],"set_aside":["leaf"],"insisted":true,"approach":{"one_at_a_time":true,"tempo_first":false},"situation":{"variant":"x"}})"
            << "";
        QTest::newRow("approach") << R"({"approach":{"slowly":true}})"
                                  << "C.json: $.approach.slowly";
        QTest::newRow("key") << R"({"override":[]})"
                             << "C.json: $.override";
        QTest::newRow("fault") << R"({"work_on":["nobody"]})"
                               << "C.json: $.work_on";
        QTest::newRow("term") << R"({"overrides":[{"fault":"leaf","term":"luck","value":0.5,"reason":"r"}]})"
                              << "C.json: $.overrides[0].term";
        QTest::newRow("value") << R"({"overrides":[{"fault":"leaf","term":"effect","value":1.5,"reason":"r"}]})"
                               << "C.json: $.overrides[0].value";
        QTest::newRow("no reason") << R"({"overrides":[{"fault":"leaf","term":"effect","value":0.5}]})"
                                   << "C.json: $.overrides[0].reason";
        QTest::newRow("kappa") << R"({"kappas":{"a":2}})"
                               << "C.json: $.kappas.a";
        QTest::newRow("position") << R"({"positions":{"pace":"never"}})"
                                  << "C.json: $.positions.pace";
        QTest::newRow("dispute") << R"({"positions":{"x":"slow"}})"
                                 << "C.json: $.positions.x";
        QTest::newRow("measure") << R"({"targets":[{"measure":"nothing","low":0.1,"source":"t"}]})"
                                 << "C.json: $.targets[0].measure";
        QTest::newRow("list") << "[]"
                              << "C.json: $";
    }
    void fileIsReadStrictly() {
        QFETCH(QString, text);
        QFETCH(QString, where);
        const auto read = readChoices(text.toStdString(), "C.json", packOf(packJson()));
        QCOMPARE(read.ok(), where.isEmpty());
        if (!read.ok())
            QCOMPARE(QString::fromStdString(read.error().where), where);
    }
};

QTEST_APPLESS_MAIN(TestChoices)
#include "tst_choices.moc"
