// Rate, length and speed from counts alone.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/laps.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;

class TestLaps : public QObject {
    Q_OBJECT
private slots:
    void tappedRateByHand() {
        const auto rate = tappedRate({0, 2, 4, 6, 8}, Counted::Sides);
        QVERIFY(rate.ok());
        QCOMPARE(rate->perMinute.value, 30.0); // 4 intervals in 8 s
        QVERIFY(std::abs(rate->perMinute.u - 30 * std::sqrt(2.0) * 0.05 / 8) < 1e-12);
        QCOMPARE(rate->otherPerMinute.value, 15.0); // two sides make a cycle
        QCOMPARE(rate->unevenness, 0.0);
        QCOMPARE(tappedRate({0, 2, 4}, Counted::Cycles)->otherPerMinute.value, 60.0);
        QVERIFY(!tappedRate({0, 2}, Counted::Cycles).ok());
        QVERIFY(!tappedRate({0, 2, 2}, Counted::Cycles).ok());
        QVERIFY(!tappedRate({0, 2, NAN}, Counted::Cycles).ok());
    }
    void itsUncertaintyHolds() {
        std::mt19937 random(7);
        std::normal_distribution<double> noise(0, kTapU);
        int inside = 0;
        for (int copy = 0; copy < 1000; ++copy) {
            std::vector<double> taps;
            for (int i = 0; i < 12; ++i)
                taps.push_back(1.4 * i + noise(random));
            const auto rate = tappedRate(taps, Counted::Cycles);
            inside += std::abs(rate->perMinute.value - 60 / 1.4) <= 2 * rate->perMinute.u;
        }
        QVERIFY2(inside >= 930 && inside <= 970, qPrintable(QString::number(inside)));
    }
    void speedIsRateTimesLength() {
        // 0.8 cycles a second, 2.25 m each: 1.80 m/s (checks.md, swimming arithmetic).
        const auto laps =
            readLaps("distance_m,time_s,cycles,push_off_m,push_off_s\n25,13.8888889,8,7,3.8888889\n", "L.csv");
        QVERIFY(laps.ok());
        const LapFigures whole = lapTable(*laps, Counted::Cycles).whole;
        QVERIFY(std::abs(whole.ratePerMinute.value - 48) < 1e-6);
        QVERIFY(std::abs(whole.lengthM.value - 2.25) < 1e-9);
        QVERIFY(std::abs(whole.speedMps.value - 1.8) < 1e-6);
        const double product = whole.ratePerMinute.value / 60 * whole.lengthM.value;
        QVERIFY(std::abs(product - whole.speedMps.value) < 2 * whole.speedMps.u);
        // Relative: 0.05 m in 18, 0.1 s in 10, a quarter cycle in 8.
        QVERIFY(std::abs(whole.ratePerMinute.u / whole.ratePerMinute.value - std::hypot(0.25 / 8, 0.1 / 10)) < 1e-9);
        QVERIFY(std::abs(whole.lengthM.u / whole.lengthM.value - std::hypot(0.05 / 18, 0.25 / 8)) < 1e-12);
        QVERIFY(std::abs(whole.speedMps.u / whole.speedMps.value - std::hypot(0.05 / 18, 0.1 / 10)) < 1e-9);
    }
    void lapsAddUp() {
        const auto laps = readLaps("distance_m,time_s,cycles\n25,20,15\n25,22,16\n25,24,18\n", "L.csv");
        const LapTable table = lapTable(*laps, Counted::Sides);
        QCOMPARE(table.laps.size(), 3U);
        QVERIFY(std::abs(table.whole.speedMps.value - 75.0 / 66) < 1e-12);
        QVERIFY(table.whole.speedMps.u < table.laps[0].speedMps.u);
        QCOMPARE(toString(table.counted), std::string_view("sides"));
    }
    void badRowsAreNamed_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("where");
        QTest::newRow("header") << "a,b\n"
                                << "L.csv:1";
        QTest::newRow("cells") << "distance_m,time_s,cycles\n25,20\n"
                               << "L.csv:2";
        QTest::newRow("word") << "distance_m,time_s,cycles\n25,20,15\n25,x,15\n"
                              << "L.csv:3";
        QTest::newRow("no cycles") << "distance_m,time_s,cycles\n25,20,0\n"
                                   << "L.csv:2";
        QTest::newRow("push-off") << "distance_m,time_s,cycles,push_off_m,push_off_s\n5,20,3,6,2\n"
                                  << "L.csv:2";
        QTest::newRow("time") << "distance_m,time_s,cycles,push_off_m,push_off_s\n25,2,3,6,2\n"
                              << "L.csv:2";
        QTest::newRow("infinite") << "distance_m,time_s,cycles\n25,inf,3\n"
                                  << "L.csv:2";
        QTest::newRow("none") << "distance_m,time_s,cycles\n"
                              << "L.csv";
    }
    void badRowsAreNamed() {
        QFETCH(QString, text);
        QFETCH(QString, where);
        const auto laps = readLaps(text.toStdString(), "L.csv");
        QVERIFY(!laps.ok());
        QCOMPARE(QString::fromStdString(laps.error().where), where);
    }
    void tapsAreRead() {
        QCOMPARE(*readTimes("time_s\n0.5\n1.5\n", "T.csv"), (std::vector<double>{0.5, 1.5}));
        QCOMPARE(readTimes("time_s\n0.5\nx\n", "T.csv").error().where, std::string("T.csv:3"));
        QVERIFY(!readTimes("t\n", "T.csv").ok());
    }
};

QTEST_APPLESS_MAIN(TestLaps)
#include "tst_laps.moc"
