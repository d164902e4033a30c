// Marked again, blind: typical errors by hand, and what they do to an assessment.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/uncertainty/own_error.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

class TestOwnError : public QObject {
    Q_OBJECT
private slots:
    void byHand() {
        // Differences in x 1, -1, 2, 2 (mean 1, sum of squares 6), in y 0, 0, 0, 4 (mean 1, sum 12):
        // SD of both = √(18 / (2·3)) = √3, typical error √3/√2, mean shift √2.
        std::vector<MarkedTwice> pairs;
        const double dx[] = {1, -1, 2, 2}, dy[] = {0, 0, 0, 4};
        for (int i = 0; i < 4; ++i)
            pairs.push_back({"knee", {10.0 * i, 5}, {10.0 * i + dx[i], 5 + dy[i]}});
        const auto both = typicalErrors(pairs, true);
        QVERIFY(std::abs(both.at("knee").error - std::sqrt(1.5)) < 1e-12);
        QVERIFY(std::abs(both.at("knee").shift - std::sqrt(2.0)) < 1e-12);
        QVERIFY(!both.at("knee").holds());
        // Of an event the frames alone: SD √2, typical error 1.
        const auto one = typicalErrors(pairs, false);
        QVERIFY(std::abs(one.at("knee").error - 1) < 1e-12);
    }
    void tenPairsSayWhatTheHandLeaves() {
        std::mt19937 random(5);
        std::normal_distribution<double> hand(0, 3);
        std::vector<MarkedTwice> pairs;
        for (int i = 0; i < 2000; ++i)
            pairs.push_back({"wrist", {hand(random), hand(random)}, {hand(random), hand(random)}});
        const auto error = typicalErrors(pairs, true).at("wrist");
        QVERIFY(error.holds());
        QVERIFY2(std::abs(error.error - 3) < 0.1, qPrintable(QString::number(error.error)));
    }
    void ofAMeasureAndInAnAssessment() {
        const Pack pack = packOf(smallPack());
        std::mt19937 random(9);
        std::normal_distribution<double> hand(0, 4);
        const auto marked = [&](int number, double off) {
            Trial trial = emptyTrial();
            trial.id = std::to_string(number);
            trial.number = number;
            const auto at = [&](double x, double y) {
                return [&, x, y](int) { return PixelPoint{x + off * hand(random), y + off * hand(random)}; };
            };
            addPath(trial, "right_hip", 60, 60, 0.5, at(600, 200));
            addPath(trial, "right_knee", 60, 60, 0.5, at(620, 400));
            addPath(trial, "right_ankle", 60, 60, 0.5, at(610, 600));
            addEvent(trial, "go", 20, 0.01);
            addEvent(trial, "down", 60, 0.01);
            return trial;
        };
        std::vector<Trial> first, again;
        for (int i = 1; i <= 12; ++i) {
            first.push_back(marked(i, 1));
            again.push_back(marked(i, 1));
        }
        const auto errors = typicalErrorsOfMeasures(pack, first, again);
        QCOMPARE(errors.at("knee").pairs, std::size_t(12));
        QVERIFY(errors.at("knee").error > 0.7 && errors.at("knee").error < 4);
        QVERIFY(errors.at("time").error < 1e-12); // the events were not moved
        // No u is smaller than that.
        AssessmentInput input;
        input.pack = pack;
        input.trials = first;
        const double before = assess(input).measures.front().find("knee")->u;
        input.choices.typicalErrors = {{"knee", 5.0}};
        const Assessment wider = assess(input);
        QVERIFY(before < 1);
        QCOMPARE(wider.measures.front().find("knee")->u, 5.0);
        QVERIFY(wider.measures.front().find("time")->u < 0.1);
        // The command line's choices take them too.
        const auto read = readChoices(R"({"typical_errors":{"knee":5.0}})", "C.json", pack);
        QVERIFY(read.ok());
        QCOMPARE(read->typicalErrors.at("knee"), 5.0);
        QVERIFY(!readChoices(R"({"typical_errors":{"moon":5.0}})", "C.json", pack).ok());
    }
};

QTEST_GUILESS_MAIN(TestOwnError)
#include "tst_own_error.moc"
