// The practice log: its table, whole blocks, which rungs are passed, and where the plan begins after it.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/practice/next_step.h"
#include "core/practice/practice_csv.h"
#include "core/practice/rungs.h"
#include "core/practice/said_and_felt.h"
#include "support/files.h"
#include "support/made_practice.h"
#include "support/made_trials.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {

Pack pack() {
    Json json = smallPack();
    json["faults"][0]["id"] = json["ladders"][0]["fault"] = "f";
    return packOf(json);
}
std::vector<Rung> rungs() { return {{"d1", {}, Stage::Position, true}, {"d2", {}, Stage::SingleFeed, false}}; }

RungStart startAfter(const PracticeLog& log) { return startOf(pack(), "f", rungs(), 0, rungRecords(log)); }

} // namespace

class TestPracticeLog : public QObject {
    Q_OBJECT
private slots:
    void aConditionReadsAsItIsWritten() {
        const PracticeCondition lamp{Stress::Fed, {{"signal", "lamp"}}};
        QCOMPARE(toString(lamp), std::string("fed;signal=lamp"));
        QVERIFY(practiceConditionFrom("fed;signal=lamp") == lamp);
        for (const char* bad : {"", "windy", "fed;", "fed;signal", "fed;=lamp", "fed;signal="})
            QVERIFY2(!practiceConditionFrom(bad), bad);
    }
    void theTableReadsAsItIsWritten() {
        PracticeLog log = {madeBlock(0, "d1", "110111011011"), madeBlock(2, "d1", "1101")};
        log[0].start = "17:05:00", log[0].end = "17:12";
        log[0].cue = "Tip, \"then\" foot", log[0].fedBy = "Coach";
        log[0].repetitions[2].told = Told::Shown;
        log[0].repetitions[3].feltRight = false;
        log[0].repetitions[4].result = "hit";
        log[0].repetitions[5].measured = {"lead", -0.11, 0.025, false};
        log[0].repetitions[6].measured = {"lead", 0.2, 0.5, {}};
        log[0].repetitions[7].measured = {"lead", {}, {}, {}};
        log[1].kind = PracticeKind::Retention;
        LoggedBlock home = madeBlock(3, "d1", "");
        home.kind = PracticeKind::Home;
        home.count = 30;
        log.push_back(home);
        LoggedBlock stopped = madeBlock(4, "d1", "");
        stopped.stop = "pain";
        log.push_back(stopped);
        for (std::size_t i = 0; i < log.size(); ++i)
            log[i].number = static_cast<int>(i) + 1;
        const std::string text = practiceCsv(log);
        const auto read = readPracticeCsv(text, "P.csv", {});
        QVERIFY2(read.ok(), read ? "" : read.error().sentence().c_str());
        QCOMPARE(practiceCsv(*read), text);
        QCOMPARE(read->size(), log.size());
        QCOMPARE((*read)[0].cue, log[0].cue);
        QVERIFY((*read)[0].repetitions[2].told == Told::Shown && (*read)[0].repetitions[3].feltRight == false);
        QCOMPARE((*read)[2].count, 30);
        QCOMPARE((*read)[3].stop, std::string("pain"));
        for (const std::size_t i : {4, 5, 6, 7})
            QVERIFY((*read)[0].repetitions[i].measured == log[0].repetitions[i].measured);
    }
    void aTableOfBeforeAnythingWasMeasuredReads() {
        const auto read = readPracticeCsv(
            "date,kind,block,start,end,fault,drill,condition,cue,fed_by,number,good,result,felt,feedback,count,stop\n"
            "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,,,,\n",
            "P.csv", {});
        QVERIFY2(read.ok(), read ? "" : read.error().sentence().c_str());
        QVERIFY((*read)[0].repetitions[0].good && (*read)[0].repetitions[0].measured == MeasuredThere());
    }
    void eyeAgainstNumber() {
        // Eye and number on twenty: both good 9, both off 5, eye good alone 4, number good alone 2. By hand: agreement
        // 0.70, by chance 0.65 × 0.55 + 0.35 × 0.45 = 0.515, kappa 0.185 / 0.485.
        LoggedBlock block = madeBlock(0, "d1", "");
        const auto add = [&](int count, bool eye, bool number) {
            for (int i = 0; i < count; ++i) {
                LoggedRepetition repetition;
                repetition.good = eye;
                repetition.measured = {"lead", 0.1, 0.02, number};
                block.repetitions.push_back(repetition);
            }
        };
        add(9, true, true), add(5, false, false), add(4, true, false), add(2, false, true);
        LoggedRepetition unsure;
        unsure.measured = {"lead", 0.1, 0.02, {}};
        block.repetitions.push_back(unsure);
        const EyeRecord eye = eyeRecord({block});
        QCOMPARE(eye.both, 20);
        QCOMPARE(eye.agree, 14);
        QVERIFY(eye.kappa && std::abs(*eye.kappa - 0.185 / 0.485) < 1e-9);
        block.repetitions.resize(3);
        QVERIFY(!eyeRecord({block}).kappa);
    }
    void badTablesSayWhere_data() {
        QTest::addColumn<QString>("row");
        QTest::addColumn<QString>("expected");
        const auto row = [](const char* name, const char* text, const char* expected) {
            QTest::newRow(name) << QString::fromLatin1(text) << QString::fromLatin1(expected);
        };
        row("kind", "2026-11-03,play,1,,,f,d1,calm,,,1,1,,,,,,,,,", "retention");
        row("day", "3 Nov,practice,1,,,f,d1,calm,,,1,1,,,,,,,,,", "YYYY-MM-DD");
        row("future", "2030-01-01,practice,1,,,f,d1,calm,,,1,1,,,,,,,,,", "has come");
        row("drill", "2026-11-03,practice,1,,,f,d9,calm,,,1,1,,,,,,,,,", "drill of the skill pack");
        row("fault", "2026-11-03,practice,1,,,g,d1,calm,,,1,1,,,,,,,,,", "fault of the skill pack");
        row("good", "2026-11-03,practice,1,,,f,d1,calm,,,1,yes,,,,,,,,,", "1 or 0");
        row("felt", "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,fine,,,,,,,", "good, off");
        row("told", "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,,shouted,,,,,,", "measured");
        row("time", "2026-11-03,practice,1,25:00,,f,d1,calm,,,1,1,,,,,,,,,", "HH:MM");
        row("condition", "2026-11-03,practice,1,,,f,d1,windy,,,1,1,,,,,,,,,", "stress level");
        row("ticks", "2026-11-03,home,1,,,f,d1,calm,,,,,,,,-3,,,,,", "how many");
        row("value", "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,,,,,lead,much,,", "a number");
        row("value of what", "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,,,,,,0.1,,", "a number of the measure");
        row("u", "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,,,,,lead,0.1,-1,", "in u");
        row("measured", "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,,,,,lead,0.1,0.1,fine", "good or off");
        row("cells", "2026-11-03,practice,1", "21 cells");
    }
    void badTablesSayWhere() {
        QFETCH(QString, row);
        QFETCH(QString, expected);
        const Pack known = pack();
        const std::string text = practiceCsv({}) + row.toStdString() + "\n";
        const auto read = readPracticeCsv(text, "P.csv", {&known, dayFrom("2026-11-30")});
        QVERIFY(!read.ok());
        const QString said = QString::fromStdString(read.error().sentence());
        QVERIFY2(said.contains(QStringLiteral("P.csv:2")) && said.contains(expected), qPrintable(said));
    }
    void aNumberStandsOnceInABlock() {
        const std::string text = practiceCsv({}) + "2026-11-03,practice,1,,,f,d1,calm,,,1,1,,,,,,,,,\n"
                                                   "2026-11-03,practice,1,,,f,d1,calm,,,1,0,,,,,,,,,\n";
        const auto read = readPracticeCsv(text, "P.csv", {});
        QVERIFY(!read.ok() && QString::fromStdString(read.error().sentence()).contains(QStringLiteral("P.csv:3")));
    }
    void aRungIsPassedByElevenOrByTwiceNine() {
        QVERIFY(!rungRecords({madeBlock(0, "d1", "111111111100")})[0].passed); // 10
        QVERIFY(rungRecords({madeBlock(0, "d1", "111111111110")})[0].passed);  // 11
        QVERIFY(rungRecords({madeBlock(0, "d1", "111111111000"), madeBlock(2, "d1", "111111111000")})[0].passed);
        QVERIFY(!rungRecords({madeBlock(0, "d1", "111111111000"), madeBlock(2, "d1", "111111110000"),
                              madeBlock(4, "d1", "111111111000")})[0]
                     .passed);
        // Twelve and twelve in one block are two.
        QVERIFY(rungRecords({madeBlock(0, "d1", "111111111000111111111000")})[0].passed);
        // What is not a whole block says nothing yet; a bad one takes it back.
        QVERIFY(!rungRecords({madeBlock(0, "d1", "11111111111")})[0].passed);
        QVERIFY(!rungRecords({madeBlock(0, "d1", "111111111111"), madeBlock(2, "d1", "111000000000")})[0].passed);
        LoggedBlock home = madeBlock(0, "d1", "111111111111");
        home.kind = PracticeKind::Home;
        QVERIFY(rungRecords({home}).empty());
    }
    void thePlanBeginsWherePracticeCameTo() {
        QVERIFY(startAfter({}).why == RungStart::Why::AsBefore);
        const PracticeLog passed = {madeBlock(0, "d1", "111111111110")};
        RungStart start = startAfter(passed);
        QCOMPARE(start.rung, std::size_t(1));
        QVERIFY(start.why == RungStart::Why::Passed);
        QCOMPARE(start.drill, std::string("d1"));
        // Under an easier condition than the drill's own it is not passed.
        PracticeLog second = passed;
        second.push_back(madeBlock(2, "d2", "010001100010"));
        second.back().condition.stress = Stress::Fed;
        start = startAfter(second);
        QCOMPARE(start.rung, std::size_t(0)); // four of twelve: one easier
        QVERIFY(start.why == RungStart::Why::Eased);
        QCOMPARE(start.good, 4);
        // Good on the easier one again: up.
        second.push_back(madeBlock(4, "d1", "111111111100"));
        QCOMPARE(startAfter(second).rung, std::size_t(1));
        // The last rung, passed, is gone on with.
        PracticeLog last = {madeBlock(0, "d2", "111111111111")};
        last[0].condition.stress = Stress::Calm;
        QCOMPARE(startAfter(last).rung, std::size_t(0)); // calm is easier than fed
        last[0].condition.stress = Stress::Scored;
        QCOMPARE(startAfter(last).rung, std::size_t(1));
    }
    void feedbackIsProposedBySchool() {
        std::vector<LoggedRepetition> block(2);
        QVERIFY(tellNow(FeedbackSchool::Faded, block, {}).now); // at first after every second
        QVERIFY(!tellNow(FeedbackSchool::Faded, block, .8).now);
        QCOMPARE(tellNow(FeedbackSchool::Faded, block, .8).in, 4);
        block[1].told = Told::Cue;
        QVERIFY(!tellNow(FeedbackSchool::Faded, block, {}).now);
        block.resize(8);
        QVERIFY(tellNow(FeedbackSchool::Summary, block, {}).now);
        block.back().good = true;
        QVERIFY(!tellNow(FeedbackSchool::Bandwidth, block, {}).now);
        block.back().good = false;
        QVERIFY(tellNow(FeedbackSchool::Bandwidth, block, {}).now);
        QVERIFY(!tellNow(FeedbackSchool::Asked, block, {}).now);
    }
    void whatWasSaidAndFeltIsCounted() {
        PracticeLog log = {madeBlock(0, "d1", "110011001100")};
        for (std::size_t i = 0; i < 12; ++i)
            log[0].repetitions[i].feltRight = log[0].repetitions[i].good;
        log[0].repetitions[2].feltRight = true; // an off one that was not called
        const FeltRecord felt = feltRecord(log);
        QCOMPARE(felt.judged, 12);
        QCOMPARE(felt.off, 6);
        QCOMPARE(felt.offCalled, 5);
        QCOMPARE(felt.called, 5);
        QCOMPARE(felt.calledRight, 5);
        QVERIFY(!felt.mayFilmLess()); // six are too few
        log.push_back(log[0]);
        QVERIFY(feltRecord(log).mayFilmLess());
        for (LoggedRepetition& r : log[0].repetitions)
            r.told = Told::Cue;
        const ToldRecord told = toldRecord(log);
        QCOMPARE(told.told, 12);
        QCOMPARE(told.all, 24);
        QCOMPARE(told.blocksAlwaysTold, 1);
    }
    void cuesNeedTwoBlocksEachAndMoreThanChance() {
        PracticeLog log;
        for (int i = 0; i < 2; ++i) {
            log.push_back(madeBlock(i, "d1", "110000000000"));
            log.back().cue = "A";
            log.push_back(madeBlock(i, "d1", "111111111100"));
            log.back().cue = "B";
        }
        const auto cues = cuesCompared(log);
        QCOMPARE(cues.size(), std::size_t(1));
        QCOMPARE(cues[0].winner(), 1); // b
        QVERIFY(std::abs(cues[0].difference - 16.0 / 24) < 1e-12);
        PracticeLog unsaid = log; // whose words were not written down stand against nothing
        for (LoggedBlock& block : unsaid)
            if (block.cue == "A")
                block.cue.clear();
        QVERIFY(cuesCompared(unsaid).empty());
        log.pop_back();
        QVERIFY(cuesCompared(log).empty());
    }
    void whatNextHasAReason() {
        Focus focus;
        focus.fault = "f";
        focus.rungs = rungs();
        const Pack p = pack();
        using What = NextStep::What;
        const auto first = [&](const PracticeLog& log, const DoneFacts& film = {}) {
            Prescription plan;
            plan.focus = {focus};
            followPractice(plan, p, log);
            return nextSteps(p, plan.focus[0], log, {"cause"}, film, true).front();
        };
        QVERIFY(first({}).what == What::Stay && first({}).because == NextStep::Because::NothingLogged);
        QVERIFY(first({madeBlock(0, "d1", "111000000000")}).what == What::Ease);
        QVERIFY(first({madeBlock(0, "d1", "111111110000")}).what == What::Stay);
        QVERIFY(first({madeBlock(0, "d1", "111111111000")}).because == NextStep::Because::Confirm);
        // Passed, tried one step further, and that went badly: a block of the step before, whatever it showed before.
        PracticeLog eased{madeBlock(0, "d1", "111111111110"), madeBlock(1, "d2", "110000000000")};
        eased.back().condition.stress = Stress::Fed;
        QVERIFY(first(eased).what == What::Stay && first(eased).because == NextStep::Because::Eased);
        QCOMPARE(first(eased).drill, std::string("d1"));
        eased.push_back(madeBlock(2, "d1", "111111111110"));
        QVERIFY(first(eased).because == NextStep::Because::Again); // and then the harder one anew
        QCOMPARE(first(eased).drill, std::string("d2"));
        // Eight blocks without a change: the condition before the drill.
        PracticeLog flat;
        for (int day = 0; day < 8; ++day)
            flat.push_back(madeBlock(day, "d1", "101010110100"));
        QVERIFY(first(flat).what == What::ChangeCondition);
        QVERIFY(first(flat).because == NextStep::Because::Plateau);
        QCOMPARE(first(flat).other, std::string("fed"));
        for (int day = 8; day < 16; ++day) {
            flat.push_back(madeBlock(day, "d1", "101010110100"));
            flat.back().condition.stress = Stress::Fed;
        }
        QVERIFY(first(flat).what == What::BackToCause);
        QCOMPARE(first(flat).other, std::string("cause"));
        // Held at match condition on two days, a week later without feedback, and the film agrees.
        PracticeLog held;
        for (int day = 0; day < 2; ++day) {
            held.push_back(madeBlock(day, "d2", "111111111101"));
            held.back().condition.stress = Stress::Scored;
        }
        held.push_back(madeBlock(9, "d2", "111111111111111111110000"));
        held.back().kind = PracticeKind::Retention;
        held.back().condition.stress = Stress::Scored;
        QVERIFY(first(held).what != What::Done);
        QVERIFY(first(held, {true}).what == What::Done);
    }
};

QTEST_GUILESS_MAIN(TestPracticeLog)
#include "tst_practice_log.moc"
