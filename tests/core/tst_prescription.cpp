#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/plan/plan_outline.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Four faults, each on its own observation, each with the ladder d1, d2.
Pack pack() {
    Json json = smallPack();
    json["observations"] = Json::array();
    json["faults"] = Json::array();
    json["ladders"] = Json::array();
    for (const char* id : {"w", "x", "y", "z"}) {
        json["observations"].push_back({{"id", std::string("o") + id}, {"title", id}, {"ask", "?"}});
        json["faults"].push_back({{"id", id},
                                  {"title", id},
                                  {"explain", "So."},
                                  {"effect", 0.5},
                                  {"level", "knee"},
                                  {"phase", "all"},
                                  {"when", {{{"observation", std::string("o") + id}}}}});
        json["ladders"].push_back({{"fault", id}, {"rungs", {"d1", "d2"}}});
    }
    json["faults"][1]["causes"] = jsonOf(R"([{"fault": "w", "weight": 0.9, "because": "So."}])");
    json["faults"][3]["safety"] = {{"level", "caution"}, {"text", "Care for the knee."}};
    json["drills"][0]["needs"] = {"pad"};
    json["drills"][1]["not_for"] = {"knee pain"};
    return packOf(json);
}

std::vector<Trial> showing(const std::string& faults, Stress stress = Stress::Calm, int count = 4) {
    std::vector<Trial> trials;
    for (int i = 0; i < count; ++i) {
        Trial trial;
        trial.id = std::to_string(i + 1);
        trial.stress = stress;
        for (const char* id : {"w", "x", "y", "z"})
            trial.observations[std::string("o") + id] = faults.find(id) != std::string::npos ? "no" : "yes";
        trials.push_back(trial);
    }
    return trials;
}

Prescription prescribed(const std::vector<Trial>& trials, const AthleteFacts& facts = {},
                        const Decisions& decisions = {}) {
    const Pack p = pack();
    return prescribe(p, findFaults(p, trials, unmeasured(trials), {}, {School::Root, facts.limits, {}, {}, {}}), trials,
                     facts, decisions, {});
}

} // namespace

class TestPrescription : public QObject {
    Q_OBJECT
private slots:
    void oneMainAndOneMinorThatIsNoConsequence() {
        const Prescription plan = prescribed(showing("wxyz"));
        QCOMPARE(plan.focus.size(), std::size_t(2));
        QCOMPARE(plan.focus[0].fault, std::string("w"));
        QVERIFY(plan.focus[0].main);
        QCOMPARE(plan.focus[1].fault, std::string("y")); // x follows from w
        QVERIFY(!plan.focus[1].main);
        QCOMPARE(plan.cautions, std::vector<std::string>{"Care for the knee."}); // the cautions always go along
    }
    void theAnalystsDecisionsWin() {
        Decisions decisions;
        decisions.setAside = {"w"};
        QCOMPARE(prescribed(showing("wxyz"), {}, decisions).focus[0].fault, std::string("x"));
        decisions.workOn = {"z"};
        const Prescription plan = prescribed(showing("wxyz"), {}, decisions);
        QCOMPARE(plan.focus.size(), std::size_t(1));
        QCOMPARE(plan.focus[0].fault, std::string("z"));
        decisions.workOn = {"z", "y", "x"};
        QCOMPARE(prescribed(showing("wxyz"), {}, decisions).focus.size(), std::size_t(2)); // never more than two
        decisions.insisted = true;                                                         // unless the coach insists
        QCOMPARE(prescribed(showing("wxyz"), {}, decisions).focus.size(), std::size_t(3));
    }
    void nothingPresentNothingPrescribed() { QVERIFY(prescribed(showing("")).focus.empty()); }
    void theStartFollowsWhatIsMastered() {
        AthleteFacts facts;
        QVERIFY(prescribed(showing("w"), facts).focus[0].rungs[0].startHere); // nothing mastered: the first rung
        facts.masteredStress = Stress::Fed;
        const Focus byWord = prescribed(showing("w"), facts).focus[0];
        QVERIFY(!byWord.rungs[0].startHere);
        QVERIFY(byWord.rungs[1].startHere); // the last rung whose stress is mastered
        QVERIFY(byWord.startBecause == StartBecause::Mastered);
        // Four repetitions in a level that seldom show the fault master it.
        std::vector<Trial> trials = showing("w", Stress::Live, 4);
        std::vector<Trial> calm = showing("", Stress::Fed, 5);
        for (std::size_t i = 0; i < calm.size(); ++i) {
            calm[i].id = std::to_string(100 + i);
            trials.push_back(calm[i]);
        }
        QVERIFY(prescribed(trials).focus[0].rungs[1].startHere);
    }
    void oneAtATimeAndTempoFirst() {
        Decisions decisions;
        const Prescription usual = prescribed(showing("wxyz"), {}, decisions);
        QCOMPARE(usual.focus[0].start(), std::size_t(0));
        QVERIFY(usual.focus[0].startBecause == StartBecause::Nothing);
        decisions.approach = {true, true};
        Pack p = pack();
        const auto prescribedWith = [&] {
            const std::vector<Trial> trials = showing("wxyz");
            return prescribe(p, findFaults(p, trials, unmeasured(trials), {}, {School::Root, {}, {}, {}, {}}), trials,
                             {}, decisions, {});
        };
        p.drills[0].stage = Stage::Aid;
        p.drills[1].stage = Stage::SingleFeed;
        const Prescription other = prescribedWith();
        QCOMPARE(other.focus.size(), std::size_t(1)); // the minor one waits
        QCOMPARE(other.focus[0].fault, usual.focus[0].fault);
        QCOMPARE(other.focus[0].start(), std::size_t(1));
        QVERIFY(other.focus[0].startBecause == StartBecause::TempoFirst);
        p.drills[1].stage = Stage::Shadow; // none at match tempo: the first rung
        QCOMPARE(prescribedWith().focus[0].start(), std::size_t(0));

        // Side by side: with one session a week for three weeks, two rungs against one.
        p.drills[1].stage = Stage::SingleFeed;
        const PlanTerms terms{1, 5, 14, Day(std::chrono::days(20000)), Day(std::chrono::days(20021)), {}, 1};
        const auto outline = [&](const Prescription& plan) {
            return outlineOf(plan, makeSchedule(terms, {}, plan, p), p, 30);
        };
        const PlanOutline first = outline(usual), second = outline(prescribedWith());
        QCOMPARE(first.sessions, 3);
        QCOMPARE(first.foci.size(), std::size_t(2));
        QCOMPARE(first.foci[0].rungs, 2);
        QCOMPARE(second.foci[0].rungs, 1);
        QCOMPARE(first.sessionsEachRung.value(), 1.5);
        QCOMPARE(second.sessionsEachRung.value(), 3.0);
        QVERIFY(second.foci[0].minutes > first.foci[0].minutes); // no minor focus takes its quarter
        QCOMPARE(second.foci[0].minutes, first.foci[0].minutes + first.foci[1].minutes);
    }
    void drillsThatCannotBeDoneAreNamed() {
        AthleteFacts facts;
        facts.equipmentKnown = true;
        const Prescription without = prescribed(showing("w"), facts);
        QCOMPARE(without.focus[0].rungs.size(), std::size_t(1));
        QCOMPARE(inEnglish(without.missing.at(0)), std::string("One: needs pad"));
        facts.equipment = {"pad"};
        facts.limits = limitsFromWords("knee pain");
        const Prescription hurt = prescribed(showing("w"), facts);
        QCOMPARE(hurt.focus[0].rungs[0].drill, std::string("d1"));
        QCOMPARE(inEnglish(hurt.missing.at(0)), std::string("Two: not with knee pain"));
        QVERIFY(hurt.focus[0].rungs[0].startHere); // the start moves with what is left
    }
    void howALimitIsSaidMakesNoDifference() {
        AthleteFacts facts;
        for (const char* words : {"Knee pain", "Sore left knee", "pain in the knee", "my knee hurts", "kneecap pain",
                                  "knee operated in May", "bad knees", "leg injury", "flu"}) {
            facts.limits = limitsFromWords(words);
            const Prescription plan = prescribed(showing("w"), facts);
            QVERIFY2(plan.focus[0].rungs.size() == 1 && plan.focus[0].rungs[0].drill == "d1", words);
            QVERIFY2(inEnglish(plan.missing.at(0)) == std::string("Two: not with ") + words, words);
        }
        for (const char* words : {"no knee pain any more", "sore ankle", "elbow operated"}) {
            facts.limits = limitsFromWords(words);
            QVERIFY2(prescribed(showing("w"), facts).focus[0].rungs.size() == 2, words);
        }
    }
    void wordsThatNobodyUnderstandsHoldBackWhatIsNotForAll() {
        AthleteFacts facts;
        facts.limits = limitsFromWords("the old trouble");
        const Prescription plan = prescribed(showing("w"), facts);
        QCOMPARE(plan.unclearLimits, std::vector<std::string>{"the old trouble"});
        QCOMPARE(plan.focus[0].rungs.size(), std::size_t(1));
        QCOMPARE(inEnglish(plan.missing.at(0)),
                 std::string("Two: held back until somebody says what \"the old trouble\" means"));
    }
    void whatALimitTakesIsReplacedByADrillOfItsStage() {
        Pack p = pack();
        p.drills.push_back(p.drills[1]);
        p.drills[2].id = "d3";
        p.drills[2].title = "Three";
        p.drills[2].notFor.clear();
        p.ladders[3].rungs.push_back("d3"); // of another fault of the same level
        AthleteFacts facts;
        facts.limits = limitsFromWords("sore knee");
        OpenLadder open = openLadder(p, "w", facts, {});
        QCOMPARE(open.rungs.size(), std::size_t(2));
        QCOMPARE(open.rungs[1].drill, std::string("d3"));
        QCOMPARE(open.rungs[1].insteadOf, std::string("d2"));
        QCOMPARE(inEnglish(open.leftOut.at(0)), std::string("Two: not with sore knee; Three instead"));
        p.drills[2].notFor = rulesFromWords("leg", false); // not allowed either
        QCOMPARE(openLadder(p, "w", facts, {}).rungs.size(), std::size_t(1));
        p.drills[2].notFor.clear();
        p.drills[2].stage = Stage::Scored; // another stage
        QCOMPARE(openLadder(p, "w", facts, {}).rungs.size(), std::size_t(1));
        p.drills[2].stage = p.drills[1].stage;
        p.faults[3].level = Level::Hand; // another level
        QCOMPARE(openLadder(p, "w", facts, {}).rungs.size(), std::size_t(1));
    }
    void aFaultOfWhichNoDrillIsLeftIsNotProposed() {
        Pack p = pack();
        p.drills[0].notFor = rulesFromWords("knee pain", false);
        p.ladders[0].rungs = {"d2"};
        p.ladders[1].rungs = {"d1"};
        p.ladders[3].rungs = {"d2"};
        p.drills.push_back(p.drills[0]);
        p.drills[2].id = "d3";
        p.drills[2].notFor.clear();
        p.drills[2].stage = Stage::Scored;
        p.ladders[2].rungs = {"d3"};
        AthleteFacts facts;
        facts.limits = limitsFromWords("knee pain");
        const auto trials = showing("wy");
        const auto plan = [&](const Decisions& decisions) {
            return prescribe(p, findFaults(p, trials, unmeasured(trials), {}, {School::Root, facts.limits, {}, {}, {}}),
                             trials, facts, decisions, {});
        };
        const Prescription proposed = plan({});
        QCOMPARE(proposed.withoutDrill, std::vector<std::string>{"w"});
        QCOMPARE(proposed.focus.size(), std::size_t(1));
        QCOMPARE(proposed.focus[0].fault, std::string("y"));
        QCOMPARE(inEnglish(proposed.missing.at(0)),
                 std::string("\"w\" has no drill that these limits and this equipment allow"));
        // A coach may choose it all the same: it stands there without drills, and that is said.
        Decisions insisted;
        insisted.workOn = {"w"};
        const Prescription chosen = plan(insisted);
        QVERIFY(chosen.focus[0].fault == "w" && chosen.focus[0].rungs.empty());
        QVERIFY(!chosen.missing.empty());
    }
    void aPlanWaitsAfterPainInPractice() {
        AthleteFacts facts;
        facts.waitsForAdvice = true;
        const Prescription plan = prescribed(showing("wz"), facts);
        QVERIFY(plan.waits && plan.focus.empty());
        QCOMPARE(plan.missing.at(0).code(), std::string_view("waits"));
        QCOMPARE(plan.cautions, std::vector<std::string>{"Care for the knee."});
    }
    void blocks_data() {
        QTest::addColumn<int>("good");
        QTest::addColumn<int>("all");
        QTest::addColumn<int>("block");
        QTest::addColumn<int>("verdict");
        QTest::addColumn<int>("more");
        QTest::addColumn<bool>("confirm");
        const int ease = int(RungVerdict::Ease), hold = int(RungVerdict::Hold), advance = int(RungVerdict::Advance);
        QTest::newRow("half is too hard") << 6 << 12 << 12 << ease << 0 << false;
        QTest::newRow("seven stay") << 7 << 12 << 12 << hold << 0 << false;
        QTest::newRow("nine advance, to be confirmed") << 9 << 12 << 12 << advance << 0 << true;
        QTest::newRow("eleven are sure") << 11 << 12 << 12 << advance << 0 << false;
        QTest::newRow("few are provisional") << 3 << 4 << 12 << advance << 8 << true;
        QTest::newRow("nothing yet") << 0 << 0 << 12 << hold << 12 << false;
        QTest::newRow("block of six needs six") << 5 << 6 << 6 << advance << 0 << true;
        QTest::newRow("block of six, all good") << 6 << 6 << 6 << advance << 0 << false;
        QTest::newRow("block of twenty needs nineteen") << 18 << 20 << 20 << advance << 0 << true;
        QTest::newRow("block of twenty, nineteen") << 19 << 20 << 20 << advance << 0 << false;
    }
    void blocks() {
        QFETCH(int, good);
        QFETCH(int, all);
        QFETCH(int, block);
        QFETCH(int, verdict);
        QFETCH(int, more);
        QFETCH(bool, confirm);
        const BlockVerdict out = judgeBlock(good, all, block);
        QCOMPARE(int(out.verdict), verdict);
        QCOMPARE(out.moreWanted, more);
        QCOMPARE(out.confirm, confirm);
        QCOMPARE(out.share.has_value(), all > 0);
    }
    void theIntervalExcludesTheOtherVerdict() {
        for (int good = 0; good <= 12; ++good) {
            const BlockVerdict out = judgeBlock(good, 12);
            if (out.verdict == RungVerdict::Advance)
                QVERIFY(out.interval.low > 0.5);
            if (out.verdict == RungVerdict::Ease)
                QVERIFY(out.interval.high < 0.75);
        }
    }
};

QTEST_APPLESS_MAIN(TestPrescription)
#include "tst_prescription.moc"
