#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/bench_points.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <random>

using namespace riflesso;

class TestBenchPoints : public QObject {
    Q_OBJECT
private slots:
    void linesByHand() {
        // 3-4-5: the upper end 30 to the right, 40 up: atan(3/4) = 36.8699 degrees.
        const PictureLine line = lineBetween({100, 200}, {130, 160}, 1);
        QCOMPARE(line.lengthPx.value, 50.0);
        QVERIFY(std::abs(line.toUprightDeg.value - 36.8699) < 1e-4);
        QVERIFY(std::abs(line.lengthPx.u - 1.41421) < 1e-5);
        QVERIFY(std::abs(line.toUprightDeg.u - 1.62057) < 1e-4);                                      // √2/50 rad
        QCOMPARE(lineBetween({130, 160}, {100, 200}, 1).toUprightDeg.value, line.toUprightDeg.value); // either way
        QCOMPARE(lineBetween({0, 0}, {0, -10}, 1).toUprightDeg.value, 0.0);
        QCOMPARE(lineBetween({0, 0}, {-10, 0}, 1).toUprightDeg.value, 90.0);
        QCOMPARE(lineBetween({0, 0}, {10, 0}, 1).toUprightDeg.value, 90.0);
        QCOMPARE(lineBetween({5, 5}, {5, 5}, 1).toUprightDeg.u, 180.0);
    }
    void anglesByHand() {
        const Uncertain square = angleAt({0, -100}, {0, 0}, {50, 0}, 1);
        QCOMPARE(square.value, 90.0);
        QVERIFY(std::abs(square.u - std::sqrt(2 / 1e4 + 2 / 2.5e3) * 57.29578) < 1e-5);
        QCOMPARE(angleAt({-10, 0}, {0, 0}, {10, 0}, 1).value, 180.0);
        QCOMPARE(angleAt({0, 0}, {0, 0}, {10, 0}, 1).u, 180.0);
        const Uncertain twice = inUnits({100, 1}, {50, 0.5});
        QCOMPARE(twice.value, 2.0);
        QVERIFY(std::abs(twice.u - std::hypot(0.02, 0.02)) < 1e-12);
    }
    void pathsByHand() {
        // Straight: its ends alone; a right angle adds √2 at the bend.
        const Uncertain straight = pathLength({{0, 0}, {30, 40}, {60, 80}}, 1);
        QCOMPARE(straight.value, 100.0);
        QVERIFY(std::abs(straight.u - std::sqrt(2.0)) < 1e-12);
        const Uncertain bent = pathLength({{0, 0}, {100, 0}, {100, 50}}, 1);
        QCOMPARE(bent.value, 150.0);
        QVERIFY(std::abs(bent.u - 2) < 1e-12);
        QCOMPARE(pathLength({{3, 4}}, 1).value, 0.0);
        std::mt19937 random(6);
        std::normal_distribution<double> noise(0, 1);
        double sum = 0, squares = 0;
        constexpr int kCopies = 20'000;
        for (int i = 0; i < kCopies; ++i) {
            std::vector<PixelPoint> points = {{0, 0}, {100, 0}, {100, 50}};
            for (PixelPoint& p : points)
                p = {p.x + noise(random), p.y + noise(random)};
            const double length = pathLength(points, 1).value;
            sum += length;
            squares += length * length;
        }
        QVERIFY(std::abs(std::sqrt(squares / kCopies - sum / kCopies * sum / kCopies) / bent.u - 1) < 0.03);
    }
    void theStatedUncertaintyIsTrue() {
        // 20,000 noisy copies of three lines and angles: the spread is the stated u within 3 %.
        std::mt19937 random(5);
        std::normal_distribution<double> noise(0, 1.5);
        const auto moved = [&](PixelPoint p) { return PixelPoint{p.x + noise(random), p.y + noise(random)}; };
        for (const auto& [a, c, b] : {std::tuple<PixelPoint, PixelPoint, PixelPoint>{{100, 100}, {120, 200}, {60, 300}},
                                      {{0, 0}, {80, 10}, {30, 90}},
                                      {{0, 0}, {200, 30}, {380, 80}}}) {
            constexpr int kCopies = 20'000;
            double sum = 0, squares = 0, lengthSum = 0, lengthSquares = 0;
            for (int i = 0; i < kCopies; ++i) {
                const double angle = angleAt(moved(a), moved(c), moved(b), 1.5).value;
                const double length = lineBetween(moved(a), moved(b), 1.5).lengthPx.value;
                sum += angle;
                squares += angle * angle;
                lengthSum += length;
                lengthSquares += length * length;
            }
            const double sd = std::sqrt(squares / kCopies - sum / kCopies * sum / kCopies),
                         lengthSd = std::sqrt(lengthSquares / kCopies - lengthSum / kCopies * lengthSum / kCopies);
            QVERIFY(std::abs(sd / angleAt(a, c, b, 1.5).u - 1) < 0.03);
            QVERIFY(std::abs(lengthSd / lineBetween(a, b, 1.5).lengthPx.u - 1) < 0.03);
        }
    }
    void twoLines() {
        // Upright, and at 45 degrees to it; neither has a direction.
        const Uncertain angle = angleBetween({0, 0}, {0, 100}, {200, 0}, {100, 100}, 2);
        QVERIFY(std::abs(angle.value - 45) < 1e-9);
        // 2 sqrt(2/100² + 2/(sqrt 2 100)²) = 2 sqrt 3 / 100 radians
        QVERIFY(std::abs(angle.u - 2 * std::sqrt(3.0) / 100 * 180 / std::numbers::pi) < 1e-9);
        QVERIFY(std::abs(angleBetween({0, 100}, {0, 0}, {200, 0}, {100, 100}, 2).value - 45) < 1e-9);
        QVERIFY(std::abs(angleBetween({0, 0}, {0, 100}, {5, 0}, {5, 50}, 2).value) < 1e-9);
        QCOMPARE(angleBetween({0, 0}, {0, 0}, {5, 0}, {5, 50}, 2).u, 180.0);
    }
    void timeOfTwoPictures() {
        // Half a second of a clip at 30 a second that was filmed eight times as fast.
        const Uncertain time = timeBetween(1, 1.5, 1 / 30.0, 8, .5);
        QVERIFY(std::abs(time.value - .0625) < 1e-12);
        QVERIFY(std::abs(time.u - std::sqrt(2 * (1 / 12.0 + 1 / 4.0)) / 240) < 1e-12);
    }
    void drawnKinds() {
        using Kind = DrawnNote::Kind;
        for (const Kind kind : {Kind::Line, Kind::Angle, Kind::TwoLines, Kind::Circle, Kind::Plumb, Kind::Stroke})
            QVERIFY(drawnKindFrom(toString(kind)) == kind);
        QVERIFY(!drawnKindFrom("arrow"));
    }
};

QTEST_APPLESS_MAIN(TestBenchPoints)
#include "tst_bench_points.moc"
