// Verdicts over weeks, against learners whose truth is known, and against published limits of runs.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/practice/learning.h"
#include "core/practice/practice_tests.h"
#include "support/made_practice.h"

#include <QtTest>

#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Of 1000 learners, those with one of the verdicts, in percent.
double shareWith(const std::function<std::vector<double>(int blocks)>& truth, const std::set<Learning>& verdicts) {
    constexpr int kLearners = 1000, kFewest = 12, kMost = 24;
    std::mt19937 random(20261129);
    int right = 0;
    for (int i = 0; i < kLearners; ++i) {
        const int blocks = std::uniform_int_distribution<int>(kFewest, kMost)(random);
        right += verdicts.contains(learningVerdict(learner(truth(blocks), random)).verdict) ? 1 : 0;
    }
    return 100.0 * right / kLearners;
}

/// 24 repetitions at a share, told nothing.
LoggedBlock block(int day, double share, int length, std::mt19937& random) {
    std::string good;
    for (int i = 0; i < length; ++i)
        good += std::bernoulli_distribution(share)(random) ? '1' : '0';
    return madeBlock(day, "d", good);
}

} // namespace

class TestLearning : public QObject {
    Q_OBJECT
private slots:
    void verdictsOfKnownLearners() {
        const auto report = [](const char* name, double share, double least) {
            qInfo("%s: %.1f of 100", name, share);
            QVERIFY2(share >= least, name);
        };
        report("0.35 to 0.88 is learning",
               shareWith([](int n) { return rising(.35, .88, n); }, {Learning::Learning, Learning::Step}), 90);
        for (const double flat : {.55, .45})
            report("flat is a plateau",
                   shareWith([&](int n) { return std::vector<double>(static_cast<std::size_t>(n), flat); },
                             {Learning::Plateau}),
                   90);
        report("0.85 and then 0.4 is a relapse",
               shareWith(
                   [](int n) {
                       std::vector<double> out(static_cast<std::size_t>(n), .85);
                       out[out.size() - 1] = out[out.size() - 2] = .4;
                       return out;
                   },
                   {Learning::Relapse}),
               90);
        report("0.35 and then 0.88 is a step",
               shareWith(
                   [](int n) {
                       std::vector<double> out(static_cast<std::size_t>(n), .35);
                       std::fill(out.begin() + n / 2, out.end(), .88);
                       return out;
                   },
                   {Learning::Step}),
               75);
    }
    void tooFewBlocksOrDaysSayNothing() {
        std::mt19937 random(1);
        std::vector<ChartPoint> points = learner(rising(.2, .9, 7), random);
        QVERIFY(learningVerdict(points).verdict == Learning::TooFew);
        points = learner(rising(.2, .9, 8), random);
        QVERIFY(learningVerdict(points).verdict != Learning::TooFew);
        for (std::size_t i = 0; i < points.size(); ++i)
            points[i].date = *dayFrom("2026-11-02") + std::chrono::days(i / 4); // two days only
        QVERIFY(learningVerdict(points).verdict == Learning::TooFew);
    }
    void byHand() {
        // Four of 24, then 44 of 48 in the last four against 16 of 48 in the first four (the last four reach 75 %).
        std::vector<ChartPoint> points;
        for (const int good : {4, 4, 4, 4, 11, 11, 11, 11})
            points.push_back({*dayFrom("2026-11-02") + std::chrono::days(static_cast<int>(points.size())), good});
        const LearningVerdict verdict = learningVerdict(points);
        QCOMPARE(verdict.goodBefore, 16);
        QCOMPARE(verdict.goodNow, 44);
        // Newcombe 1998, method 10: Wilson 16/48 = (0.2168, 0.4746), 44/48 = (0.8045, 0.9671).
        QVERIFY(std::abs(verdict.difference.low - .4029) < 1e-4 && std::abs(verdict.difference.high - .7103) < 1e-4);
        QVERIFY(verdict.verdict == Learning::Step);
        QCOMPARE(*verdict.at, std::size_t(4));
    }
    /// Limits that Anhøj and Olesen print (2014, table 1; from memory) for these numbers of useful points.
    void limitsOfRuns() {
        for (const auto& [n, longest, crossings] : {std::tuple{10, 6, 2}, {16, 7, 4}, {20, 7, 6}, {24, 8, 8}}) {
            std::vector<double> values;
            for (int i = 0; i < n; ++i)
                values.push_back(i % 2);
            const auto runs = runsAboutMedian(values);
            QVERIFY(runs.has_value());
            QCOMPARE(runs->useful, n);
            QCOMPARE(runs->mostLongest, longest);
            QCOMPARE(runs->fewestCrossings, crossings);
            QCOMPARE(runs->longest, 1);
            QCOMPARE(runs->crossings, n - 1);
            QVERIFY(!runs->signal());
        }
        std::vector<double> shift(10, 0.0);
        shift.resize(20, 1.0);
        QVERIFY(runsAboutMedian(shift)->signal()); // a run of ten, one crossing
        QVERIFY(!runsAboutMedian({1, 2, 3, 4, 5, 6, 7, 8, 9}));
        QVERIFY(!runsAboutMedian(std::vector<double>(20, 3))); // all on the line
    }
    void learnedIsSaidRightlyAndSeldomFalsely() {
        const auto said = [](double start, double later) {
            constexpr int kTrials = 1000;
            std::mt19937 random(4711);
            std::map<PracticeTest::Verdict, int> out;
            for (int i = 0; i < kTrials; ++i) {
                PracticeLog log = {block(0, start, 24, random)};
                log.push_back(madeBlock(7, "d", "111111111111"));
                log.push_back(madeBlock(14, "d", "111111111111")); // shown
                log.push_back(block(22, later, 24, random));
                log.back().kind = PracticeKind::Retention;
                ++out[practiceTests(log).front().verdict];
            }
            return out;
        };
        using Verdict = PracticeTest::Verdict;
        const double rightly = said(.5, .88)[Verdict::Learned] / 10.0, falsely = said(.5, .5)[Verdict::Learned] / 10.0;
        qInfo("learned at a true 0.88: %.1f of 100; at 0.5: %.1f", rightly, falsely);
        QVERIFY(rightly >= 88);
        QVERIFY(falsely <= 5);
    }
    void aTestNeedsAWeekWithoutAndNoFeedback() {
        using Verdict = PracticeTest::Verdict;
        using Unclear = PracticeTest::Unclear;
        const std::string low = "101010100101010010101010", high = "111111111111111111101110";
        const auto test = [&](int day, const std::string& good) {
            LoggedBlock out = madeBlock(day, "d", good);
            out.kind = PracticeKind::Retention;
            return out;
        };
        PracticeLog log = {madeBlock(0, "d", low), madeBlock(3, "d", "111111111111"),
                           madeBlock(6, "d", "111111111111")};
        const auto verdictOf = [&](const LoggedBlock& last) {
            PracticeLog whole = log;
            whole.push_back(last);
            return practiceTests(whole).front();
        };
        QVERIFY(verdictOf(test(14, high)).verdict == Verdict::Learned);
        QCOMPARE(verdictOf(test(14, high)).daysSince, 8);
        QVERIFY(verdictOf(test(12, high)).why == Unclear::TooSoon);
        QVERIFY(verdictOf(test(14, low)).verdict == Verdict::ShownNotLearned);
        QVERIFY(verdictOf(test(14, "111111111111")).why == Unclear::TooFew);
        LoggedBlock told = test(14, high);
        told.repetitions[3].told = Told::Cue;
        QVERIFY(verdictOf(told).why == Unclear::Told);
        log.resize(1); // never shown
        QVERIFY(verdictOf(test(14, high)).verdict == Verdict::NotShown);
    }
    void whereItBreaksFirst() {
        PracticeLog log;
        for (int day = 0; day < 2; ++day)
            for (const auto& [stress, good] : {std::pair{Stress::Calm, "111111111110"},
                                               {Stress::Fed, "111111111010"},
                                               {Stress::Surprise, "010010010010"},
                                               {Stress::Scored, "000010010010"}}) {
                log.push_back(madeBlock(day, "d", good));
                log.back().condition.stress = stress;
            }
        const auto breaks = breaksFirst(drillCharts(log));
        QVERIFY(breaks && breaks->condition.stress == Stress::Surprise);
        log.erase(log.begin() + 2, log.end());
        QVERIFY(!breaksFirst(drillCharts(log)));
    }
};

QTEST_GUILESS_MAIN(TestLearning)
#include "tst_learning.moc"
