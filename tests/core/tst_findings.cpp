#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "support/files.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// A pack whose faults stand on observations, so that a test writes degrees directly: no 1, partly 0.5, yes 0.
struct World {
    Json json = smallPack();
    std::vector<Trial> trials;

    explicit World(const std::vector<std::string>& observations) {
        json["observations"] = Json::array();
        json["faults"] = Json::array();
        json["ladders"] = Json::array();
        for (const std::string& id : observations)
            json["observations"].push_back({{"id", id}, {"title", id}, {"ask", "?"}});
    }
    Json& fault(const std::string& id, const Json& when, double effect = 0.5) {
        json["faults"].push_back({{"id", id},
                                  {"title", id},
                                  {"explain", "So."},
                                  {"effect", effect},
                                  {"level", "knee"},
                                  {"phase", "all"},
                                  {"when", when.contains("observation") ? Json::array({when}) : when}});
        return json["faults"].back();
    }
    void cause(const std::string& effect, const std::string& cause, double weight) {
        for (Json& entry : json["faults"])
            if (entry["id"] == effect)
                entry["causes"].push_back({{"fault", cause}, {"weight", weight}, {"because", "So."}});
    }
    /// One repetition a letter: n no, p partly, y yes, - not judged.
    void seen(const std::string& observation, const std::string& letters) {
        for (std::size_t i = 0; i < letters.size(); ++i) {
            if (trials.size() <= i) {
                Trial trial;
                trial.id = std::to_string(i + 1);
                trials.push_back(trial);
            }
            if (letters[i] != '-')
                trials[i].observations[observation] = letters[i] == 'n' ? "no" : letters[i] == 'p' ? "partly" : "yes";
        }
    }
    Findings find(School school = School::Root, const std::vector<std::string>& limits = {}) const {
        return findFaults(packOf(json), trials, unmeasured(trials), {}, {school, limitsFromLines(limits), {}, {}, {}});
    }
};

Json on(const std::string& observation) { return {{"observation", observation}}; }
QStringList order(const Findings& findings) {
    QStringList out;
    for (const Finding& finding : findings.ranked)
        out << QString::fromStdString(finding.fault);
    return out;
}

} // namespace

class TestFindings : public QObject {
    Q_OBJECT
private slots:
    void degreeRisesFromToleranceToThree() {
        QCOMPARE(degreeOf(8, 8), 0.0);
        QCOMPARE(degreeOf(16, 8), 0.5);
        QCOMPARE(degreeOf(24, 8), 1.0);
        QCOMPARE(degreeOf(80, 8), 1.0);
        QCOMPARE(degreeOf(8 + 1e-12, 8), 0.0);
    }
    void termsOfOneFault() {
        World world({"a"});
        world.fault("f", on("a"), 0.8);
        world.seen("a", "nnpy");
        const Finding f = *world.find().find("f");
        QCOMPARE(f.severity, 1.0); // median of 1, 1, 0.5
        QCOMPARE(f.frequency, 0.75);
        QVERIFY(std::abs(f.certainty - (1 + 1 + 0.75) / 3) < 1e-12);
        QVERIFY(std::abs(f.score - 1 * 0.75 * f.certainty * 0.8) < 1e-12);
        SAME(f.state, State::Clear); // at least half of the repetitions
    }
    void aTermSetByHandStandsInThePlaceOfTheComputed() {
        World world({"a"});
        world.fault("f", on("a"), 0.8);
        world.seen("a", "nnpy");
        for (const Term term : {Term::Severity, Term::Frequency, Term::Certainty}) {
            JudgingChoices choices;
            choices.overrides = {{"f", term, 0.25, "seen on court"}};
            const Finding f =
                *findFaults(packOf(world.json), world.trials, unmeasured(world.trials), {}, choices).find("f");
            QCOMPARE(term == Term::Severity ? f.severity : term == Term::Frequency ? f.frequency : f.certainty, 0.25);
            QCOMPARE(f.overridden.size(), std::size_t(1));
            const Finding computed = *world.find().find("f");
            QVERIFY(f.score < computed.score);
        }
    }
    void presentNeedsAQuarterAndTwo() {
        World world({"a", "b", "c"});
        world.fault("often", on("a"));
        world.fault("once", on("b"));
        world.fault("never", on("c"));
        world.seen("a", "nnyyyyyy");
        world.seen("b", "nyyyyyyy");
        const Findings findings = world.find();
        QVERIFY(findings.find("often")->present);
        QCOMPARE(findings.seenOnce, std::vector<std::string>{"once"});
        QCOMPARE(findings.notJudged, std::vector<std::string>{"never"});
        World single({"a"});
        single.fault("f", on("a"));
        single.seen("a", "n");
        QVERIFY(single.find().find("f")->present); // one, if only one was judged
    }
    void aListNeedsHalfOfItsWeight() {
        World world({"a", "b", "c"});
        world.fault("f", {{{"observation", "a"}, {"weight", 1}}, {{"observation", "b"}, {"weight", 3}}});
        world.seen("a", "nn");
        QCOMPARE(world.find().notJudged.size(), std::size_t(1)); // only a quarter could be judged
        world.seen("b", "yy");
        const Findings findings = world.find();
        QCOMPARE(findings.find("f")->severity, 0.25); // weighted mean
    }
    void groups_data() {
        QTest::addColumn<QString>("when");
        QTest::addColumn<QString>("a");
        QTest::addColumn<QString>("b");
        QTest::addColumn<double>("degree"); // -1: not judged
        const QString all = R"({"all": [{"observation": "a"}, {"observation": "b"}]})",
                      any = R"({"any": [{"observation": "a"}, {"observation": "b"}]})";
        const QString unless = R"([{"observation": "a"}, {"unless": {"observation": "b"}}])";
        QTest::newRow("all takes the smallest") << all << "n"
                                                << "p" << 0.5;
        QTest::newRow("all with one good") << all << "n"
                                           << "y" << 0.0;
        QTest::newRow("all not judged when a member is not") << all << "n"
                                                             << "-" << -1.0;
        QTest::newRow("all judged when the other is zero") << all << "y"
                                                           << "-" << 0.0;
        QTest::newRow("any takes the largest") << any << "p"
                                               << "n" << 1.0;
        QTest::newRow("any with one judged") << any << "p"
                                             << "-" << 0.5;
        QTest::newRow("any not judged at all") << any << "-"
                                               << "-" << -1.0;
        QTest::newRow("unless excuses whole") << unless << "n"
                                              << "n" << 0.0;
        QTest::newRow("unless excuses half") << unless << "n"
                                             << "p" << 0.5;
        QTest::newRow("unless does not excuse") << unless << "n"
                                                << "y" << 1.0;
        QTest::newRow("unless not judged") << unless << "n"
                                           << "-" << -1.0;
        QTest::newRow("unless not asked when nothing is wrong") << unless << "y"
                                                                << "-" << 0.0;
    }
    void groups() {
        QFETCH(QString, when);
        QFETCH(QString, a);
        QFETCH(QString, b);
        QFETCH(double, degree);
        World world({"a", "b"});
        world.fault("f", jsonOf(when.toStdString()));
        world.seen("a", a.toStdString());
        world.seen("b", b.toStdString());
        const Findings findings = world.find();
        if (degree < 0) {
            QCOMPARE(findings.notJudged.size(), std::size_t(1));
        } else if (degree == 0) {
            QVERIFY(findings.ranked.empty());
            QVERIFY(findings.notJudged.empty());
        } else {
            QCOMPARE(findings.find("f")->severity, degree);
        }
    }
    void variantsAndChoices() {
        World world({"a"});
        world.json["variants"] = jsonOf(R"([{"id": "jump", "title": "Jump"}])");
        world.json["observations"].push_back(
            {{"id", "grip"}, {"title", "Grip"}, {"ask", "?"}, {"type", "choice"}, {"values", {"open", "closed"}}});
        world.fault("wrong", jsonOf(R"([{"variant": "jump", "fits": false}])"));
        world.fault("grip", jsonOf(R"([{"observation": "grip", "values": ["open"]}])"));
        world.seen("a", "yyy");
        for (Trial& trial : world.trials) {
            trial.variant = "jump";
            trial.variantFits = false;
            trial.observations["grip"] = "open";
        }
        world.trials[2].variantFits = true;
        const Findings findings = world.find();
        QCOMPARE(findings.find("wrong")->shown, 2);
        QCOMPARE(findings.find("grip")->shown, 3);
        QCOMPARE(findings.find("grip")->certainty, 1.0);
    }
    void leverageAndConsequences() {
        World world({"a", "b", "c"});
        world.fault("root", on("a"), 0.2);
        world.fault("middle", on("b"), 0.9);
        world.fault("last", on("c"), 0.9);
        world.cause("middle", "root", 0.8);
        world.cause("last", "middle", 0.5);
        for (const char* id : {"a", "b", "c"})
            world.seen(id, "nnnn");
        const Findings findings = world.find();
        const Finding& root = *findings.find("root");
        QVERIFY(std::abs(root.leverage - (1 + 0.8 + 0.4)) < 1e-12); // 0.8 · 0.5 to the last
        QVERIFY(std::abs(root.effect - 0.8 * 0.9) < 1e-12);         // not lost to its own consequence
        QCOMPARE(findings.find("middle")->consequenceOf, std::string("root"));
        QCOMPARE(findings.find("last")->consequenceOf, std::string("middle")); // the larger weight
        QCOMPARE(order(findings), (QStringList{"root", "middle", "last"}));
        QVERIFY(findings.followsFrom("last", "root"));
        QVERIFY(!findings.followsFrom("root", "last"));
    }
    void aPathNeedsItsInnerFaults() {
        World world({"a", "b", "c"});
        world.fault("root", on("a"));
        world.fault("middle", on("b"));
        world.fault("last", on("c"));
        world.cause("middle", "root", 0.8);
        world.cause("last", "middle", 0.9);
        world.seen("a", "nnnn");
        world.seen("b", "yyyy"); // the middle one is not there
        world.seen("c", "nnnn");
        QVERIFY(world.find().find("root")->leadsTo.empty());
    }
    void aPossibleCauseNeverTakesAClearFaultUnderIt() {
        World world({"a", "b"});
        world.fault("root", on("a"));
        world.fault("other", on("b"));
        world.cause("other", "root", 0.9);
        world.seen("a", "pppp"); // possible
        world.seen("b", "nnnn"); // clear
        QVERIFY(world.find().find("other")->consequenceOf.empty());
        // Nor one that shows in other repetitions.
        World apart({"a", "b"});
        apart.fault("root", on("a"));
        apart.fault("other", on("b"));
        apart.cause("other", "root", 0.9);
        apart.seen("a", "nnnyyyyy");
        apart.seen("b", "yyynnnnn");
        QVERIFY(apart.find().find("other")->consequenceOf.empty());
    }
    void safetyStandsAboveEverySchool_data() {
        QTest::addColumn<int>("school");
        for (School school : {School::Root, School::Ground, School::Effect, School::Earliest})
            QTest::newRow(std::string(toString(school)).c_str()) << int(school);
    }
    void safetyStandsAboveEverySchool() {
        QFETCH(int, school);
        World world({"a", "b", "c", "d"});
        world.fault("big", on("a"), 1);
        world.fault("caution", on("b"), 0.1)["safety"] = {{"level", "caution"}, {"text", "Care."}};
        world.fault("stop", on("c"), 0.1)["safety"] = {{"level", "stop"}, {"text", "Stop."}};
        world.fault("note", on("d"), 0.1)["safety"] = {{"level", "note"}, {"text", "Note."}};
        world.seen("a", "nnnnnnnn");
        world.seen("b", "nyyyyyyy"); // one repetition is enough to lift it
        world.seen("c", "nnnnyyyy");
        world.seen("d", "nnnnnnnn");
        const Findings findings = world.find(static_cast<School>(school));
        QCOMPARE(order(findings).mid(0, 2), (QStringList{"stop", "caution"}));
        QVERIFY(!findings.find("caution")->present);
        QVERIFY(findings.find("note")->rank > 2);
        QCOMPARE(findings.unlifted.size(), std::size_t(3)); // the lift does not decide the focus
    }
    void schoolsOrderDifferently() {
        World world({"a", "b"});
        world.json["events"].push_back({{"id", "end"}, {"title", "End"}, {"hint", "It ends."}});
        world.json["phases"].push_back({{"id", "late"}, {"title", "Late"}, {"from", "down"}, {"to", "end"}});
        Json& high = world.fault("high", on("a"), 0.9);
        high["level"] = "head";
        high["phase"] = "late";
        world.fault("low", on("b"), 0.2)["level"] = "foot";
        world.seen("a", "nnnn");
        world.seen("b", "nnnn");
        QCOMPARE(order(world.find(School::Root)), (QStringList{"high", "low"}));
        QCOMPARE(order(world.find(School::Ground)), (QStringList{"low", "high"}));
        QCOMPARE(order(world.find(School::Earliest)), (QStringList{"low", "high"}));
        QCOMPARE(order(world.find(School::Effect)), (QStringList{"high", "low"}));
    }
    void clearComesBeforePossible() {
        World world({"a", "b"});
        world.fault("doubtful", on("a"), 1);
        world.fault("sure", on("b"), 0.1);
        world.seen("a", "pppp");
        world.seen("b", "nnyy");
        QCOMPARE(order(world.find()), (QStringList{"sure", "doubtful"}));
    }
    void tiesFollowThePack() {
        World world({"a", "b"});
        world.fault("second", on("a"));
        world.fault("first", on("b"));
        world.seen("a", "nnnn");
        world.seen("b", "nnnn");
        QCOMPARE(order(world.find()), (QStringList{"second", "first"}));
    }
    void aLimitChangesTheTarget() {
        World world({"a"});
        world.fault("f", on("a"))["limited_by"] = {"stiff hips"};
        world.seen("a", "nnnn");
        QCOMPARE(world.find().find("f")->readiness, 1.0);
        const Finding limited = *world.find(School::Root, {"stiff hips"}).find("f");
        QCOMPARE(limited.readiness, 0.5);
        QVERIFY(limited.changedTarget);
    }
};

QTEST_APPLESS_MAIN(TestFindings)
#include "tst_findings.moc"
