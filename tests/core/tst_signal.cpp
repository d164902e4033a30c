#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <random>

using namespace riflesso;

class TestSignal : public QObject {
    Q_OBJECT
private slots:
    void theCombinedGainIsRightAtEveryCutoff() {
        // A long sine at the cutoff, filtered both ways: amplitude 1/sqrt(2) whatever the cutoff.
        constexpr double rate = 100;
        for (double cutoff : {3.0, 6.0, 12.0, 25.0, 40.0}) {
            std::vector<double> x;
            for (int i = 0; i < 2000; ++i)
                x.push_back(std::sin(2 * std::numbers::pi * cutoff * i / rate + 0.4));
            const std::vector<double> y = filterZeroLag(x, designDualPass(cutoff, rate));
            double in = 0, out = 0;
            for (std::size_t i = 500; i < 1500; ++i) {
                in += x[i] * x[i];
                out += y[i] * y[i];
            }
            QVERIFY2(std::abs(std::sqrt(out / in) - std::numbers::sqrt2 / 2) < 2e-3,
                     qPrintable(QString::number(cutoff)));
        }
    }
    void aConstantAndARampPassUnchanged() {
        const LowPass filter = designDualPass(6, 60);
        const std::vector<double> flat = filterZeroLag(std::vector<double>(30, 7.5), filter);
        for (double v : flat)
            QVERIFY(std::abs(v - 7.5) < 1e-9);
        std::vector<double> ramp;
        for (int i = 0; i < 80; ++i)
            ramp.push_back(i);
        const std::vector<double> y = filterZeroLag(ramp, filter);
        for (std::size_t i = 30; i < 50; ++i)
            QVERIFY(std::abs(y[i] - ramp[i]) < 1e-3); // no lag
    }
    void theMatrixIsTheFilter() {
        std::mt19937 random(5);
        std::normal_distribution<double> normal;
        std::vector<double> x(40);
        for (double& v : x)
            v = normal(random);
        const std::vector<double> direct = filterZeroLag(x, designDualPass(6, 60));
        const Eigen::VectorXd byMatrix = *filterMatrix(40, 6, 60) * Eigen::Map<const Eigen::VectorXd>(x.data(), 40);
        for (std::size_t i = 0; i < x.size(); ++i)
            QVERIFY(std::abs(direct[i] - byMatrix(static_cast<Eigen::Index>(i))) < 1e-9);
        QCOMPARE(filterMatrix(40, 6, 60).get(), filterMatrix(40, 6, 60).get()); // kept, not made again
    }
    void residualAnalysisFindsTheNoise() {
        // A 1.5 Hz movement with white noise: the cutoff lies above the movement and well below the band.
        std::mt19937 random(7);
        std::normal_distribution<double> normal(0, 2);
        std::vector<double> x;
        for (int i = 0; i < 300; ++i)
            x.push_back(100 * std::sin(2 * std::numbers::pi * 1.5 * i / 100) + normal(random));
        const double cutoff = residualCutoff(x, 100);
        QVERIFY(cutoff >= kMinCutoffHz);
        QVERIFY(cutoff < 15);
    }
    void peaks_data() {
        QTest::addColumn<QList<double>>("values");
        QTest::addColumn<double>("value");
        QTest::addColumn<double>("time");
        QTest::addColumn<bool>("atEdge");
        QTest::newRow("inside") << QList<double>{0, 8, 10, 9, 0} << 10.0 + 1.0 / 24 << 2 + 1.0 / 6 << false;
        QTest::newRow("plateau takes its middle") << QList<double>{0, 5, 5, 5, 0} << 5.0 << 2.0 << false;
        QTest::newRow("at the start") << QList<double>{9, 5, 1} << 9.0 << 0.0 << true;
        QTest::newRow("at the end") << QList<double>{1, 5, 9} << 9.0 << 2.0 << true;
        QTest::newRow("flat all over is an edge") << QList<double>{4, 4, 4} << 4.0 << 0.0 << true;
    }
    void peaks() {
        QFETCH(QList<double>, values);
        QFETCH(double, value);
        QFETCH(double, time);
        QFETCH(bool, atEdge);
        std::vector<double> t;
        for (int i = 0; i < values.size(); ++i)
            t.push_back(i);
        const Extremum peak = findMaximum(t, {values.begin(), values.end()});
        QVERIFY(std::abs(peak.value - value) < 1e-9);
        QVERIFY(std::abs(peak.timeS - time) < 1e-9);
        QCOMPARE(peak.atEdge, atEdge);
    }
    void theCubicKeepsTheShape() {
        const std::vector<double> x = {0, 1, 2, 4}, y = {0, 1, 1, 5};
        for (double t = 0; t <= 4; t += 0.05) {
            const double v = shapePreservingCubic(x, y, t);
            QVERIFY(v >= -1e-12 && v <= 5 + 1e-12); // never beyond the samples
            if (t >= 1 && t <= 2)
                QVERIFY(std::abs(v - 1) < 1e-12); // flat stays flat
        }
        QCOMPARE(shapePreservingCubic({0, 2}, {3, 7}, 1), 5.0); // two points: a line
        QCOMPARE(shapePreservingCubic(x, y, 4), 5.0);
    }
    void velocitiesOfUnevenTimes() {
        const std::vector<double> v = velocities({0, 1, 3}, {0, 2, 8});
        QCOMPARE(v[0], 2.0);
        QCOMPARE(v[1], 8.0 / 3);
        QCOMPARE(v[2], 3.0);
    }
    void anchorsOutOfOrderAreDropped_data() {
        QTest::addColumn<QList<double>>("times");
        QTest::addColumn<QList<int>>("kept");
        QTest::newRow("in order") << QList<double>{0, 1, 2, 3} << QList<int>{0, 1, 2, 3};
        QTest::newRow("one swap keeps the earlier event of the pack")
            << QList<double>{0, 2, 1, 3} << QList<int>{0, 1, 3};
        QTest::newRow("first and last stay") << QList<double>{0, 9, 8, 7, 3} << QList<int>{0, 4};
        QTest::newRow("reversed as a whole gives nothing") << QList<double>{3, 2, 1} << QList<int>{};
    }
    void anchorsOutOfOrderAreDropped() {
        QFETCH(QList<double>, times);
        QFETCH(QList<int>, kept);
        QList<int> got;
        for (std::size_t i : anchorsInOrder({times.begin(), times.end()}))
            got << static_cast<int>(i);
        QCOMPARE(got, kept);
    }
    void statistics() {
        QCOMPARE(median({3, 1, 2, 10}), 2.5);
        QCOMPARE(percentile({0, 10}, 0.9), 9.0);
        QCOMPARE(standardDeviation({1, 3}), std::numbers::sqrt2);
        QCOMPARE(standardDeviation({5}), 0.0);
        QCOMPARE(wrapDifference(350, 360), -10.0);
        QCOMPARE(wrapDifference(180, 360), 180.0);
        QCOMPARE(wrapDifference(-180, 360), 180.0);
        const std::vector<double> along = unwrapAlong({170, 179, -175, -160}, 360);
        QCOMPARE(along.back(), 200.0);
        QVERIFY(!exceeds(1.0 + 1e-10, 1.0)); // rounding decides nothing
        QVERIFY(exceeds(1.0 + 1e-8, 1.0));
    }
};

QTEST_APPLESS_MAIN(TestSignal)
#include "tst_signal.moc"
