// Known points, a plane, a lens: exact where the points are exact, and as unsure as their marks where not.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/calibration.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// A camera that sees the plane turned: metres to pixels.
PixelPoint seen(double xM, double yM) {
    const double w = 1 + 0.05 * xM + 0.02 * yM;
    return {(200 + 110 * xM + 8 * yM) / w, (900 - 6 * xM - 105 * yM) / w};
}
std::vector<KnownPoint> grid(int columns, int rows) {
    std::vector<KnownPoint> out;
    for (int x = 0; x < columns; ++x)
        for (int y = 0; y < rows; ++y)
            out.push_back({seen(2.0 * x, 2.0 * y), 2.0 * x, 2.0 * y, 1});
    return out;
}

} // namespace

class TestCalibration : public QObject {
    Q_OBJECT
private slots:
    void exactPointsGiveThePlaneBack() {
        const auto plane = Plane::solve(grid(3, 2), PlaneOf::Movement);
        QVERIFY2(plane.ok(), plane.ok() ? "" : plane.error().sentence().c_str());
        const auto at = plane->at(seen(1.3, 0.7));
        QVERIFY(std::abs(at->xM - 1.3) < 1e-9 && std::abs(at->yM - 0.7) < 1e-9);
        QVERIFY(*plane->residualM() < 1e-9);
    }
    void fourPointsCannotBeChecked() {
        const auto plane = Plane::solve(grid(2, 2), PlaneOf::Movement);
        QVERIFY(plane.ok());
        QVERIFY(!plane->residualM());
        QVERIFY(plane->at(seen(1, 1))->uM > 0.001); // a pixel is about a centimetre
    }
    void residualHas2nLess8Freedom() {
        // The expected RMS by its own definition: mean over many copies of the residual variance is that of the noise.
        std::mt19937 random(3);
        std::normal_distribution<double> noise(0, 1);
        double squares = 0;
        constexpr int kCopies = 300;
        for (int copy = 0; copy < kCopies; ++copy) {
            std::vector<KnownPoint> points = grid(3, 2);
            for (KnownPoint& point : points) {
                point.xM += 0.01 * noise(random);
                point.yM += 0.01 * noise(random);
            }
            squares += std::pow(*Plane::solve(points, PlaneOf::Movement)->residualM(), 2);
        }
        // 2n - 8 counts both coordinates: RMS of a coordinate's residual.
        QVERIFY2(std::abs(std::sqrt(squares / kCopies) - 0.01) < 0.001,
                 qPrintable(QString::number(std::sqrt(squares / kCopies))));
    }
    void positionsHoldWhatTheyPromise() {
        std::mt19937 random(5);
        std::normal_distribution<double> noise(0, 1);
        int inside = 0;
        constexpr int kCopies = 1000;
        for (int copy = 0; copy < kCopies; ++copy) {
            std::vector<KnownPoint> points = grid(2, 2);
            for (KnownPoint& point : points) {
                point.at.x += noise(random);
                point.at.y += noise(random);
            }
            const auto at = Plane::solve(points, PlaneOf::Movement)->at(seen(1.2, 0.9));
            inside += std::abs(at->xM - 1.2) <= 2 * at->uM;
        }
        QVERIFY2(inside >= 930 && inside <= 985, qPrintable(QString::number(inside))); // u is that of the worse axis
    }
    void badPoints() {
        std::vector<KnownPoint> line = grid(2, 2);
        for (KnownPoint& point : line)
            point = {seen(point.xM + point.yM, 0), point.xM + point.yM, 0, 1};
        QVERIFY(!Plane::solve(line, PlaneOf::Movement).ok());
        std::vector<KnownPoint> mirrored = grid(3, 2);
        for (KnownPoint& point : mirrored)
            point.yM = -point.yM;
        QVERIFY(QString::fromStdString(Plane::solve(mirrored, PlaneOf::Movement).error().got)
                    .contains(QLatin1String("mirrored")));
        std::vector<KnownPoint> crossed = grid(2, 2);
        std::swap(crossed[0].xM, crossed[1].xM);
        std::swap(crossed[0].yM, crossed[1].yM);
        QVERIFY(!Plane::solve(crossed, PlaneOf::Movement).ok());
        QVERIFY(!Plane::solve({}, PlaneOf::Movement).ok());
    }
    void tablesAreReadStrictly() {
        QVERIFY(readKnownPoints("x_px,y_px,x_m,y_m\n0,0,0,1\n9,0,1,1\n9,9,1,0\n0,9,0,0\n", "P.csv").ok());
        QCOMPARE(readKnownPoints("x_px,y_px,x_m,y_m\n0,0,0,0\n", "P.csv").error().where, std::string("P.csv"));
        QCOMPARE(readKnownPoints("x_px,y_px,x_m,y_m,sigma_px\n0,0,0,0,0\n", "P.csv").error().where,
                 std::string("P.csv:2"));
        QCOMPARE(readKnownPoints("x_px,y_px,x_m,y_m\n0,0,0,nan\n", "P.csv").error().where, std::string("P.csv:2"));
        QVERIFY(readLens(R"({"fx":800,"fy":800,"cx":320,"cy":240,"k1":-0.2})", "L.json").ok());
        QCOMPARE(readLens(R"({"fx":800,"fy":0,"cx":320,"cy":240})", "L.json").error().where,
                 std::string("L.json: $.fy"));
        QVERIFY(!readLens(R"({"fx":800,"fy":800,"cx":320,"cy":240,"k9":1})", "L.json").ok());
    }
    void measuresAreTakenInThePlane() {
        // A right angle and a metre, filmed obliquely: wrong in pixels, right in the plane.
        const Pack angle =
            packWithMeasure({{"kind", "angle"}, {"points", {"a", "b", "c"}}, {"at", "down"}, {"unit", "deg"}});
        const Pack length =
            packWithMeasure({{"kind", "distance"}, {"points", {"a", "b"}}, {"in", "m"}, {"at", "down"}, {"unit", "m"}});
        Trial trial = emptyTrial();
        addEvent(trial, "down", 20);
        const auto mark = [&trial](const char* id, double x, double y) {
            trial.marks[id][20] = {seen(x, y), 2, "test"};
        };
        mark("a", 3, 1);
        mark("b", 3, 2);
        mark("c", 4, 2);
        const auto plane = Plane::solve(grid(3, 2), PlaneOf::Movement);
        const Trial flat = inPlane(trial, *plane);
        const auto value = [](const Pack& pack, const Trial& t) { return *measureTrials(pack, {t}, 6)[0].find("m"); };
        QVERIFY(std::abs(*value(angle, trial).value - 90) > 1);
        QVERIFY(std::abs(*value(angle, flat).value - 90) < 1e-6);
        QVERIFY(!value(length, trial).valid());
        const MeasureValue metre = value(length, flat);
        QVERIFY(std::abs(*metre.value - 1) < 1e-9);
        QVERIFY(metre.sharedU > 0 && metre.u > metre.sharedU);
        // In the floor plane only what touches it is left.
        trial.marks["left_knee"][20] = trial.marks["a"][20];
        trial.marks["left_toe"][20] = trial.marks["a"][20];
        const Trial floor = inPlane(trial, *Plane::solve(grid(3, 2), PlaneOf::Floor));
        QVERIFY(!floor.marks.contains("left_knee"));
        QVERIFY(floor.marks.contains("left_toe") && floor.marks.contains("a"));
    }
    void distortionIsTakenOut() {
        Lens lens;
        lens.focalX = lens.focalY = 800;
        lens.centre = {320, 240};
        QVERIFY(std::abs(undistorted(lens, {100, 50})->x - 100) < 1e-9); // no terms, no change
        lens.k1 = -0.25;
        const auto out = undistorted(lens, {600, 430});
        // Put back in by the model's own equation.
        const double x = (out->x - 320) / 800, y = (out->y - 240) / 800, radial = 1 - 0.25 * (x * x + y * y);
        QVERIFY(std::abs(x * radial * 800 + 320 - 600) < 1e-8);
        QVERIFY(std::abs(y * radial * 800 + 240 - 430) < 1e-8);
        Trial trial = emptyTrial();
        trial.marks["a"][3] = {{600, 430}, 2, "test"};
        trial.marks["a"][4] = {{600000, 430}, 2, "test"}; // folds over: left out
        const Trial straight = withoutDistortion(trial, lens);
        QCOMPARE(straight.marks.at("a").size(), 1U);
        QVERIFY(std::abs(straight.marks.at("a").at(3).at.x - out->x) < 1e-12);
    }
};

QTEST_APPLESS_MAIN(TestCalibration)
#include "tst_calibration.moc"
