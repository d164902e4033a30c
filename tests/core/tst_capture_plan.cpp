// What a camera set-up can tell apart.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/capture_plan.h"

#include <QtTest>

using namespace riflesso;

class TestCapturePlan : public QObject {
    Q_OBJECT
private slots:
    void figuresByHand() {
        CaptureSetup setup;
        setup.fieldWidthM = 4.8;
        setup.exposureS = 0.002;
        setup.speedMps = 5;
        setup.segmentM = 0.5;
        setup.angleDeg = 180;
        setup.markingFrames = 0;
        const CapturePlan plan = planCapture(setup);
        QCOMPARE(plan.pixelsPerMetre, 400.0);
        QCOMPARE(plan.blurPx.value(), 4.0);
        // A straight joint of two segments of 200 px: u = sigma sqrt(6)/200 with sigma² = 2² + 4²/12.
        QVERIFY(std::abs(plan.angleU - std::sqrt(4 + 16 / 12.0) * std::sqrt(6.0) / 200 * 57.29577951308232) < 1e-9);
        QVERIFY(std::abs(plan.eventU - 1 / 60.0 / std::sqrt(12.0)) < 1e-12);
        QVERIFY(std::abs(plan.intervalU - 1 / 60.0 / std::sqrt(6.0)) < 1e-12);
        QCOMPARE(plan.largestErrorDeg, 0.0); // square to the plane
    }
    void adviceOnlyWhereSomethingIsShort() {
        CaptureSetup good;
        good.fieldWidthM = 1.5;
        good.frameRate = 240;
        good.exposureS = 0.0005;
        QVERIFY(planCapture(good).advice.empty());
        CaptureSetup poor;
        poor.fieldWidthM = 12;
        poor.frameRate = 25;
        poor.exposureS = 0.02;
        poor.speedMps = 10;
        poor.bearingDeg = 40;
        const CapturePlan plan = planCapture(poor);
        QCOMPARE(plan.advice.size(), 4U);
        const QString all = QString::fromStdString(capturePlanJson(plan)["advice"].dump());
        for (const char* word : {"zoom in", "frames a second", "expose for 1/", "square to the plane"})
            QVERIFY2(all.contains(QLatin1String(word)), word);
    }
    void turnedPlane() {
        // Common values: a straight limb stays straight, a right angle along the turning axis stays right.
        const auto [low, high] = seenAngleRange(180, 50);
        QVERIFY(std::abs(low - 180) < 1e-9 && std::abs(high - 180) < 1e-9);
        const auto right = seenAngleRange(90, 30);
        QVERIFY(right.first < 90 && right.second > 90);
        QVERIFY(std::abs(right.first + right.second - 180) < 0.01);
    }
};

QTEST_APPLESS_MAIN(TestCapturePlan)
#include "tst_capture_plan.moc"
