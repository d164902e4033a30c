#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/timebase.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;

class TestTimebase : public QObject {
    Q_OBJECT
private slots:
    void timesBetweenAndOutsideKnownFrames() {
        const FrameTimes times({{10, 1.0}, {20, 2.0}, {30, 4.0}});
        QCOMPARE(times.timeOf(15), 1.5);
        QCOMPARE(times.timeOf(25), 3.0);
        QCOMPARE(times.timeOf(5), 0.5); // the nearest pair's interval
        QCOMPARE(times.timeOf(35), 5.0);
        QCOMPARE(times.frameOf(3.0), 25.0);
        QCOMPARE(times.frameOf(times.timeOf(12.25)), 12.25);
    }
    void slowMotionDividesOnce() {
        const FrameTimes stored({{0, 0.0}, {240, 8.0}}, 8.0);
        QCOMPARE(stored.timeOf(240), 1.0);
        QCOMPARE(stored.intervalAt(100), 1.0 / 240);
        const FrameTimes odd({{0, 0.0}, {30, 30 / 29.97}}, 8.008); // 240 filmed, 29.97 stored
        QVERIFY(std::abs(odd.timeOf(30) - 30 / 29.97 / 8.008) < 1e-12);
    }
    void intervalRoundAnEvent() {
        const FrameTimes clip = FrameTimes::ofClip({0, 0.1, 0.4, 0.5});
        QCOMPARE(clip.intervalAt(1), 0.2); // half the sum of 0.1 and 0.3
        QCOMPARE(clip.intervalAt(0), 0.1); // at an end the one interval there is
        QCOMPARE(clip.intervalAt(3), 0.5 - 0.4);
        QCOMPARE(clip.intervalAt(1.5), 0.4 - 0.1); // between frames the interval it lies in
    }
    void unknownTimesAreNotGuessed() {
        QVERIFY(!FrameTimes().known());
        QVERIFY(!FrameTimes({{3, 0.1}}).known());
        QCOMPARE(FrameTimes({{3, 0.1}}).intervalAt(3), 0.0);
        QVERIFY(!FrameTimes({{3, 0.1}, {3, 0.1}}).known()); // the same frame twice is one
    }
    void uncertaintyOfAnEvent() {
        // Rectangular distribution (JCGM 100:2008): w / sqrt(12) with perfect marking.
        QCOMPARE(eventUncertainty(0.12, 0), 0.12 / std::sqrt(12));
        // 0.577 w with half a frame for marking (own choice).
        QVERIFY(std::abs(eventUncertainty(1, kDefaultMarkingFrames) - 0.57735) < 1e-5);
    }
};

QTEST_APPLESS_MAIN(TestTimebase)
#include "tst_timebase.moc"
