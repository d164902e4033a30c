// Over weeks, conditions and opinions.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/progress/progress.h"
#include "support/files.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

AssessedSet setOf(double median, double u = 1, const char* stress = "calm") {
    SetSummary summary;
    summary.measure = "knee";
    summary.unit = "deg";
    summary.median = median;
    summary.deviation = median - 60;
    summary.tolerance = 5;
    summary.state = State::Clear;
    summary.u = u;
    summary.repetitions = 8;
    AssessedSet set;
    set.view = "side";
    set.packId = "p";
    set.packEdition = "1";
    set.stress = {stress};
    set.cutoffHz = 6;
    set.measures = {summary};
    return set;
}
RunChart chart(const std::vector<AssessedSet>& sets) {
    std::vector<std::pair<Day, AssessedSet>> dated;
    Day day = *dayFrom("2026-01-01");
    for (const AssessedSet& set : sets) {
        dated.emplace_back(day, set);
        day += std::chrono::days(7);
    }
    return runChart("knee", dated);
}
/// Shown repetitions as letters, "n" shows the fault; one trial each, at a level.
struct Shown {
    std::vector<Trial> trials;
    Finding finding;
    void add(Stress stress, const std::string& letters) {
        for (char letter : letters) {
            Trial trial;
            trial.id = std::to_string(trials.size() + 1);
            trial.stress = stress;
            trials.push_back(trial);
            finding.repetitions.push_back({trial.id, 0, letter == 'n' ? 0.6 : 0.0, 1});
        }
    }
};

} // namespace

class TestProgress : public QObject {
    Q_OBJECT
private slots:
    void onePointDecidesNothing() {
        const double band = 1.96 * std::sqrt(2.0);
        RunChart run = chart({setOf(80), setOf(70)});
        QVERIFY(std::abs(run.detectable - band) < 1e-12);
        QVERIFY(run.points[1].outside);
        QVERIFY(!run.moved);
        run = chart({setOf(80), setOf(70), setOf(71)});
        QVERIFY(run.moved == Direction::Below);
        run = chart({setOf(80), setOf(70), setOf(79)}); // back again
        QVERIFY(!run.moved);
        run = chart({setOf(80), setOf(70), setOf(90)}); // to the other side
        QVERIFY(!run.moved);
        run = chart({setOf(80), setOf(81), setOf(84), setOf(85)});
        QVERIFY(run.moved == Direction::Above);
    }
    void unlikeSetsAreDrawnAndNotCounted() {
        const RunChart run = chart({setOf(80), setOf(60, 1, "live"), setOf(70)});
        QCOMPARE(run.points.size(), 3U);
        QVERIFY(!run.points[1].comparable && !run.points[1].outside);
        QCOMPARE(run.points[1].reason.code(), std::string_view("stress"));
        QVERIFY(!run.moved);
        QVERIFY(chart({}).points.empty());
        QCOMPARE(chart({setOf(80)}).detectable, 0.0);
    }
    void relapseAsItGetsHarder() {
        Shown shown;
        shown.add(Stress::Calm, "yyyyyyyn");
        shown.add(Stress::Fed, "yyyn");
        shown.add(Stress::Surprise, "nnyy");
        shown.add(Stress::Live, "nn");
        const OverConditions over = overConditions(shown.trials, shown.finding);
        QCOMPARE(over.levels.size(), 4U);
        QCOMPARE(over.levels[0].free, 7);
        QVERIFY(over.mastered == Stress::Fed);
        QVERIFY(over.relapseAt == Stress::Surprise);
        const Interval wilson95 = wilson(7, 8, kZ95);
        QCOMPARE(over.levels[0].interval.low, wilson95.low);
        Shown better;
        better.add(Stress::Calm, "yyyy");
        better.add(Stress::Fed, "nnnn");
        better.add(Stress::Surprise, "yyyy"); // held at a harder level: no relapse
        QVERIFY(!overConditions(better.trials, better.finding).relapseAt);
        Shown few;
        few.add(Stress::Calm, "yyy");
        few.add(Stress::Live, "nnn");
        QVERIFY(!overConditions(few.trials, few.finding).mastered &&
                !overConditions(few.trials, few.finding).relapseAt);
    }
    void aMeasureOverRisingConditions() {
        std::vector<Trial> trials;
        for (int i = 0; i < 6; ++i) {
            Trial trial = emptyTrial();
            trial.id = std::to_string(i + 1);
            trial.stress = i < 3 ? Stress::Live : Stress::Calm;
            addEvent(trial, "go", 10, 0.01);
            addEvent(trial, "down", 40 + (i < 3 ? 12 : 0) + i % 3, 0.01);
            trials.push_back(trial);
        }
        const Pack pack = packOf(smallPack());
        const auto values = valuesOverConditions("time", trials, measureTrials(pack, trials, 6));
        QCOMPARE(values.size(), 2U);
        SAME(values[0].stress, Stress::Calm);
        QVERIFY(std::abs(values[0].median - 31 / 60.0) < 1e-9);
        QVERIFY(std::abs(values[1].median - 43 / 60.0) < 1e-9);
        QVERIFY(values[0].u > 0.005 && values[0].u < 0.03);
    }
    void guessesAgainstMeasured() {
        std::vector<Trial> trials;
        for (int i = 0; i < 5; ++i) {
            Trial trial = emptyTrial();
            trial.id = std::to_string(i + 1);
            addEvent(trial, "go", 40, 0.002);
            addEvent(trial, "down", 32, 0.002); // 0.133 s before, where 0.1 s after is asked
            trials.push_back(trial);
        }
        AssessmentInput input;
        input.pack = packOf(smallPack());
        input.trials = trials;
        const Assessment assessment = assess(input);
        const auto score = [&](double value) {
            return *scoreGuess(input.pack, assessment, {Guesser::Athlete, "time", value});
        };
        const GuessScore little = score(0.08); // "a little late"
        QVERIFY(!little.right);
        QVERIFY(little.rightSide.value_or(false));
        QVERIFY(std::abs(*little.factor - (0.1 + 8 / 60.0) / 0.02) < 1e-9); // by a factor of twelve
        QVERIFY(std::abs(little.error - (-8 / 60.0 - 0.08)) < 1e-9);
        QVERIFY(score(-0.12).right);
        const GuessScore fine = score(0.2); // thinks it is in range
        QVERIFY(!fine.rightSide.value_or(true) && !fine.factor);
        QVERIFY(!scoreGuess(input.pack, assessment, {Guesser::Analyst, "nothing", 1}));
    }
    void resultsAsForecast() {
        Json json = smallPack();
        json["results"] = jsonOf(R"([{"id":"hit","title":"Hit","type":"choice","values":["in","out"],"good":["in"]}])");
        std::vector<Trial> trials(12, emptyTrial());
        for (std::size_t i = 0; i < trials.size(); ++i)
            trials[i].results["hit"] = i < 9 ? "in" : "out";
        const auto score = scoreResultForecast(packOf(json).results.front(), trials, 0.8);
        QCOMPARE(score->measured, 0.75);
        QVERIFY(score->right && score->repetitions == 12);
        QVERIFY(!scoreResultForecast(packOf(json).results.front(), trials, 0.95)->right); // Wilson: 0.468 to 0.911
        json["results"] = jsonOf(R"([{"id":"t","title":"T","type":"number","unit":"s","better":"lower","matters":1}])");
        for (std::size_t i = 0; i < trials.size(); ++i)
            trials[i].results["t"] = std::to_string(10 + static_cast<int>(i % 2));
        const auto mean = scoreResultForecast(packOf(json).results.front(), trials, 10.6);
        QCOMPARE(mean->measured, 10.5);
        QCOMPARE(mean->unit, std::string("s"));
        QVERIFY(mean->right && !scoreResultForecast(packOf(json).results.front(), trials, 11)->right);
        trials.resize(3);
        QVERIFY(!scoreResultForecast(packOf(json).results.front(), trials, 11));
    }
    void whoGuessesHowWell() {
        // Errors in tolerances, worked by hand: the athlete -1, 2, 3 (median 2, off 2), a forecast 0.5.
        const auto said = [](Guesser whose, int day, double error, double tolerance) {
            ScoredGuess guess;
            guess.said = Day(std::chrono::days(day));
            guess.score.guess.whose = whose;
            guess.score.error = error;
            guess.score.tolerance = tolerance;
            guess.score.right = std::abs(error) <= tolerance;
            return guess;
        };
        const auto records = guessRecords({said(Guesser::Athlete, 30, 15, 5), said(Guesser::Forecast, 12, 1, 2),
                                           said(Guesser::Athlete, 10, -5, 5), said(Guesser::Athlete, 20, 4, 2),
                                           said(Guesser::Analyst, 5, 1, 0)});
        QCOMPARE(records.size(), 2U); // without a tolerance nothing can be said
        QVERIFY(records[0].whose == Guesser::Athlete && records[1].whose == Guesser::Forecast);
        QCOMPARE(records[0].scored, 3);
        QCOMPARE(records[0].right, 1);
        QCOMPARE(records[0].off, 2.0);
        QCOMPARE(records[0].bias, 2.0);
        QVERIFY(records[0].guesses[0].said < records[0].guesses[1].said);
        QCOMPARE(records[1].bias, 0.5);
    }
    void feltAndSeen() {
        Shown shown;
        shown.add(Stress::Calm, "yyyynnnn");
        std::map<std::string, bool> felt;
        for (int i = 1; i <= 8; ++i)
            felt[std::to_string(i)] = true; // everything felt right
        FeltAgainstSeen table = feltAgainstSeen(felt, shown.finding);
        QCOMPARE(table.feltRightSeenRight, 4);
        QCOMPARE(table.feltRightSeenOff, 4);
        QVERIFY(std::abs(*table.kappa) < 1e-12); // no better than chance
        for (int i = 5; i <= 8; ++i)
            felt[std::to_string(i)] = false;
        table = feltAgainstSeen(felt, shown.finding);
        QVERIFY(std::abs(*table.kappa - 1) < 1e-12);
        QCOMPARE(table.agreement.low, wilson(8, 8, kZ95).low);
        QVERIFY(!feltAgainstSeen({{"1", true}}, shown.finding).kappa);
        QCOMPARE(feltAgainstSeen({}, shown.finding).all(), 0);
    }
    void countedLiveAndOnFilm() {
        // Newcombe 1998, method 10 (from memory): 56 of 70 against 48 of 80, 0.0524 to 0.3339.
        const CountCheck published = checkCounts(56, 70, 48, 80);
        QVERIFY(std::abs(published.interval.low - 0.0524) < 5e-5);
        QVERIFY(std::abs(published.interval.high - 0.3339) < 5e-5);
        QVERIFY(published.tooKind && !published.tooStrict);
        QVERIFY(!checkCounts(9, 12, 8, 12).tooKind);
        QVERIFY(checkCounts(2, 12, 11, 12).tooStrict);
    }
    void differenceOfMeans() {
        // Welch: equal spread and number is the pooled t interval; t(0.975, 8) = 2.306.
        const Interval interval = meanDifference({1, 2, 3, 4, 5}, {3, 4, 5, 6, 7});
        QVERIFY(std::abs(interval.low - (2 - 2.306004)) < 1e-4);
        QVERIFY(std::abs(interval.high - (2 + 2.306004)) < 1e-4);
        const Interval still = meanDifference({2, 2}, {3, 3});
        QCOMPARE(still.low, 1.0);
    }
};

QTEST_APPLESS_MAIN(TestProgress)
#include "tst_progress.moc"
