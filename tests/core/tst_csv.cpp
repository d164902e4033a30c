#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/tables/csv.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {
const std::string kLandmarks = "trial,frame,time_s,landmark,x_px,y_px,sigma_px,source\n";
const std::string kEvents = "trial,event,time_s,frame\n";

Result<ReadTrials> read(const std::string& landmarks, const std::string& events, const std::string& observations = {},
                        const TrialDefaults& defaults = {}, const AthleteFacts& facts = {}) {
    static const Pack pack = packOf(smallPack());
    return readTrials({landmarks, "L.csv", events, "E.csv", observations, "O.csv"}, defaults, facts, pack);
}
} // namespace

class TestCsv : public QObject {
    Q_OBJECT
private slots:
    void quotesCommentsAndLineEnds() {
        const auto rows =
            parseCsv("\xEF\xBB\xBF# a comment, with a comma\r\na,\"b \"\"c\"\", d\",\"e\nf\"\r\n\r\n,\n", "F.csv");
        QVERIFY(rows);
        QCOMPARE(rows->size(), std::size_t(2));
        QCOMPARE((*rows)[0].line, 2);
        QCOMPARE((*rows)[0].cells[1], std::string("b \"c\", d"));
        QCOMPARE((*rows)[0].cells[2], std::string("e\nf"));
        QCOMPARE((*rows)[1].line, 5); // the quoted line break counted
        QCOMPARE((*rows)[1].cells.size(), std::size_t(2));
    }
    void anOpenQuoteNamesItsLine() {
        const auto rows = parseCsv("a,b\nc,\"d\n", "F.csv");
        QVERIFY(!rows);
        QCOMPARE(rows.error().where, std::string("F.csv:2"));
    }
    void cellsComeBackAsTheyWere() {
        for (const std::string text : {"plain", "a,b", "say \"no\"", "two\nlines", "# not a comment", ""}) {
            const auto rows = parseCsv("x," + csvCell(text) + "\n", "F.csv");
            QVERIFY(rows);
            QCOMPARE((*rows)[0].cells[1], text);
        }
    }
    void wrongRows_data() {
        QTest::addColumn<QString>("landmarks");
        QTest::addColumn<QString>("events");
        QTest::addColumn<QString>("where");
        QTest::addColumn<QString>("expected");
        const QString l = QString::fromStdString(kLandmarks), e = QString::fromStdString(kEvents);
        const QString good = l + "1,4,0.1,left_knee,10,20,,\n", goodE = e + "1,go,0.1,6\n";
        QTest::newRow("no number") << l + "1,4,0.1,left_knee,abc,20,,\n"
                                   << goodE << "L.csv:2"
                                   << "a number in x_px";
        QTest::newRow("infinite") << l + "1,4,0.1,left_knee,inf,20,,\n"
                                  << goodE << "L.csv:2"
                                  << "a number in x_px";
        QTest::newRow("half a frame") << l + "1,4.5,0.1,left_knee,1,20,,\n"
                                      << goodE << "L.csv:2"
                                      << "whole number";
        QTest::newRow("sigma of zero") << l + "1,4,0.1,left_knee,1,20,0,\n"
                                       << goodE << "L.csv:2"
                                       << "above 0";
        QTest::newRow("unknown landmark") << l + "1,4,0.1,left_tail,1,20,,\n"
                                          << goodE << "L.csv:2"
                                          << "landmark";
        QTest::newRow("twice in a frame") << good + "1,4,0.1,left_knee,1,2,,\n"
                                          << goodE << "L.csv:3"
                                          << "once";
        QTest::newRow("missing cell") << l + "1,4,0.1,left_knee,1\n"
                                      << goodE << "L.csv:2"
                                      << "8 cells";
        QTest::newRow("no header") << QString() << goodE << "L.csv:1"
                                   << "header";
        QTest::newRow("wrong column") << "trial,frame,time_s,landmark,x_px,y_px,colour\n"
                                      << goodE << "L.csv:1"
                                      << "header";
        QTest::newRow("unknown event") << good << e + "1,fly,0.1,6\n"
                                       << "E.csv:2"
                                       << "an event of the pack";
        QTest::newRow("neither time nor frame") << good << e + "1,go,,\n"
                                                << "E.csv:2"
                                                << "time_s or frame";
        QTest::newRow("event twice") << good << goodE + "1,go,0.2,12\n"
                                     << "E.csv:3"
                                     << "once";
        QTest::newRow("times of frames unknown") << good << e + "1,go,,6\n"
                                                 << "E.csv:2"
                                                 << "at least two frames";
    }
    void wrongRows() {
        QFETCH(QString, landmarks);
        QFETCH(QString, events);
        QFETCH(QString, where);
        QFETCH(QString, expected);
        const auto result = read(landmarks.toStdString(), events.toStdString());
        QVERIFY(!result);
        QCOMPARE(QString::fromStdString(result.error().where), where);
        QVERIFY2(QString::fromStdString(result.error().expected).contains(expected), result.error().expected.c_str());
    }
    void eventTimesComeFromPairsOfBothFiles() {
        const auto result = read(kLandmarks + "1,0,0,left_knee,10,20,,\n1,60,1,left_knee,10,20,,\n",
                                 kEvents + "1,go,,30\n1,down,0.75,\n");
        QVERIFY(result);
        const Trial& trial = result->trials[0];
        QCOMPARE(trial.event("go")->timeS, 0.5);
        QCOMPARE(trial.event("down")->frame, 45.0);
        QVERIFY(std::abs(trial.event("go")->uS - eventUncertainty(1.0 / 60, 0.5)) < 1e-12);
        QCOMPARE(trial.marks.at("left_knee").at(0).sigmaPx, 2.0);
        QCOMPARE(result->assumed, (std::vector<std::string>{"facing", "handedness", "view", "bearing"}));
    }
    void slowMotionDividesTimesAndGivenUncertainties() {
        TrialDefaults defaults;
        defaults.slowMotion = 8;
        const auto result = read(kLandmarks + "1,0,0,left_knee,10,20,,\n1,60,2,left_knee,10,20,,\n",
                                 "trial,event,time_s,frame,u_s\n1,go,1.6,48,0.08\n", {}, defaults);
        QVERIFY(result);
        QCOMPARE(result->trials[0].event("go")->timeS, 0.2);
        QCOMPARE(result->trials[0].event("go")->uS, 0.01);
    }
    void aTrialsOwnFacingWins() {
        AthleteFacts facts;
        facts.facing = Side::Right;
        facts.trials["2"].facing = Side::Left;
        TrialDefaults defaults;
        const std::string marks =
            kLandmarks +
            "1,0,0,left_knee,1,2,,\n1,1,0.1,left_knee,1,2,,\n2,0,0,left_knee,1,2,,\n2,1,0.1,left_knee,1,2,,\n";
        auto result = read(marks, kEvents, {}, defaults, facts);
        QVERIFY(result);
        SAME(result->trials[0].capture.facing, Side::Right);
        SAME(result->trials[1].capture.facing, Side::Left);
        defaults.facing = Side::Left; // a switch wins over the file, a trial's own over both
        facts.trials["2"].facing = Side::Right;
        result = read(marks, kEvents, {}, defaults, facts);
        SAME(result->trials[0].capture.facing, Side::Left);
        SAME(result->trials[1].capture.facing, Side::Right);
        QCOMPARE(result->assumed, (std::vector<std::string>{"handedness", "view", "bearing"}));
    }
    void observationsAreChecked() {
        const std::string marks = kLandmarks + "1,0,0,left_knee,1,2,,\n1,1,0.1,left_knee,1,2,,\n";
        QCOMPARE(read(marks, kEvents, "trial,observation,value\n1,eyes,partly\n")->trials[0].observations.at("eyes"),
                 std::string("partly"));
        QCOMPARE(read(marks, kEvents, "trial,observation,value\n1,eyes,maybe\n").error().where, std::string("O.csv:2"));
        QCOMPARE(read(marks, kEvents, "trial,observation,value\n1,nose,yes\n").error().expected,
                 std::string("an observation of the pack"));
        QCOMPARE(read(marks, kEvents, "trial,observation,value\n9,eyes,yes\n").error().got, std::string("9"));
    }
    void athleteFactsAreStrict_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("path");
        QTest::newRow("unknown key") << R"({"hand": "left"})"
                                     << "$.hand";
        QTest::newRow("wrong word") << R"({"handedness": "both"})"
                                    << "$.handedness";
        QTest::newRow("out of range") << R"({"willingness": 2})"
                                      << "$.willingness";
        QTest::newRow("no date") << R"({"competitions": ["soon"]})"
                                 << "$.competitions";
        QTest::newRow("key twice") << R"({"view": "side", "view": "top"})"
                                   << "$";
        QTest::newRow("inside a trial") << R"({"trials": {"1": {"colour": "red"}}})"
                                        << "$.trials.1.colour";
        QTest::newRow("no JSON") << "{"
                                 << "$";
    }
    void athleteFactsAreStrict() {
        QFETCH(QString, text);
        QFETCH(QString, path);
        const auto facts = readAthleteFacts(text.toStdString(), "A.json");
        QVERIFY(!facts);
        QCOMPARE(QString::fromStdString(facts.error().where), "A.json: " + path);
    }
    void athleteFactsAreRead() {
        const auto facts = readAthleteFacts(
            R"({"handedness": "left", "scale": 0.002, "slow_motion": 4, "limits": ["knee pain"], "waits_for_advice": true, "mastered_stress": "fed",
            "equipment": [], "today": "2026-11-24", "competitions": ["2026-12-08"], "trials": {"1": {"stress": "calm", "performer": "A"}}})",
            "A.json");
        QVERIFY(facts);
        SAME(facts->handedness, std::optional(Side::Left));
        SAME(facts->masteredStress, std::optional(Stress::Fed));
        QVERIFY(facts->equipmentKnown); // an empty list: nothing is at hand
        QVERIFY(facts->waitsForAdvice && facts->limits == limitsFromWords("knee pain"));
        QCOMPARE(facts->trials.at("1").performer, std::string("A"));
    }
    void tablesOfStoredTrialsReadBack() {
        Trial trial = emptyTrial(240, 60);
        trial.capture.slowMotion = 8;
        std::vector<double> stored;
        for (int i = 0; i < 60; ++i)
            stored.push_back(i / 30.0);
        trial.times = FrameTimes::ofClip(stored, 8);
        addPath(trial, "right_hip", 3, 20, 1.5, [](int f) { return PixelPoint{100.0 + f, 200}; });
        addEvent(trial, "go", 10, 0.002);
        TrialDefaults defaults;
        defaults.slowMotion = 8;
        const auto result = read(landmarksCsv({trial}), eventsCsv({trial}), {}, defaults);
        QVERIFY(result);
        const Trial& back = result->trials[0];
        QCOMPARE(back.marks.at("right_hip").size(), std::size_t(18));
        QVERIFY(std::abs(back.event("go")->timeS - trial.event("go")->timeS) < 1e-8);
        QVERIFY(std::abs(back.event("go")->uS - 0.002) < 1e-8);
    }
};

QTEST_APPLESS_MAIN(TestCsv)
#include "tst_csv.moc"
