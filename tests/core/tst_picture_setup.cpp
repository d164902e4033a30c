// What is known of a picture beside its scale, taken out of a trial: roll, a camera that moves, planes, a mirrored
// file.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/picture_setup.h"
#include "core/points/venue.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr int kWidth = 1280, kHeight = 720;
constexpr double kDegrees = 180 / std::numbers::pi;

MeasureValue measured(const Json& measure, const Trial& trial) {
    const auto all = measureTrials(packWithMeasure(measure), {trial}, 6);
    return *all.front().find("m");
}
Json leanOf(const char* from, const char* to) {
    return {
        {"kind", "segment_angle"}, {"against", "vertical"}, {"points", {from, to}}, {"at", "down"}, {"unit", "deg"}};
}
Json lengthOf(const char* from, const char* to) {
    return {{"kind", "distance"}, {"points", {from, to}}, {"at", "down"}, {"in", "m"}, {"unit", "m"}};
}

/// A camera 1.6 m above the floor that looks down by 12 degrees and stands `aside` degrees off square: floor to pixels.
PixelPoint onFloor(double xM, double yM, double aside) {
    const double focal = 1100, height = 1.6, away = 6, down = 12 / kDegrees, a = aside / kDegrees;
    // The camera turns about the middle of the scene, (0, 0); y goes away from it where it stands square.
    const double x = xM * std::cos(a) - yM * std::sin(a), depth = away + xM * std::sin(a) + yM * std::cos(a);
    const double ahead = depth * std::cos(down) + height * std::sin(down),
                 below = height * std::cos(down) - depth * std::sin(down);
    return {(kWidth - 1) / 2.0 + focal * x / ahead, (kHeight - 1) / 2.0 + focal * below / ahead};
}

} // namespace

class TestPictureSetup : public QObject {
    Q_OBJECT
private slots:
    void somethingUprightTakesTheRollOut() {
        // A camera rolled by 4 degrees: all upright things lean by that in its picture.
        const double roll = 4 / kDegrees;
        const auto seen = [&](double up) { return PixelPoint{700 + up * std::sin(roll), 600 - up * std::cos(roll)}; };
        Trial trial = emptyTrial();
        addPath(trial, "a", 60, 60, 1, [&](int) { return seen(0); });
        addPath(trial, "b", 60, 60, 1, [&](int) { return seen(200); });
        addEvent(trial, "down", 60);
        QVERIFY(std::abs(std::abs(*measured(leanOf("a", "b"), trial).value) - 4) < 1e-9);
        PictureSetup setup;
        setup.vertical = PlumbLine{0, seen(-50), seen(400)};
        QVERIFY(std::abs(std::abs(*rollDeg(*setup.vertical)) - 4) < 1e-9);
        QVERIFY(std::abs(*measured(leanOf("a", "b"), straightened(trial, setup, kWidth, kHeight)).value) < 1e-9);
        // The ends in the other order are the same line; one that lies is none.
        QVERIFY(std::abs(*rollDeg({0, seen(400), seen(-50)}) - *rollDeg(*setup.vertical)) < 1e-9);
        QVERIFY(!rollDeg({0, {0, 0}, {100, 40}}));
        // 1 px on both ends of 450 px: 0.18 degrees.
        QVERIFY(std::abs(rollU(*setup.vertical, 1) - std::numbers::sqrt2 / 450 * kDegrees) < 1e-9);
    }
    void aMovingCameraIsTakenOutOrRefused() {
        // A point that stands still in the hall, before a camera that pans by 3 px a frame.
        Trial trial = emptyTrial();
        addPath(trial, "a", 0, 119, 1, [](int frame) { return PixelPoint{600 - 3.0 * frame, 300}; });
        addEvent(trial, "go", 30);
        addEvent(trial, "down", 90);
        const Json travel{{"kind", "path_length"}, {"point", "a"}, {"over", "all"}, {"in", "m"}, {"unit", "m"}};
        trial.capture.metresPerPixel = 0.01;
        QVERIFY(*measured(travel, trial).value > 1.5); // 60 frames of 3 cm
        PictureSetup setup;
        setup.camera = CameraHold::Moves;
        const MeasureValue refused = measured(travel, straightened(trial, setup, kWidth, kHeight));
        QVERIFY(!refused.valid());
        QVERIFY2(refused.reason.code() == "camera_moves", inEnglish(refused.reason).c_str());
        CameraMotion motion;
        for (int frame = 0; frame < 110; ++frame)
            motion.steps[frame] = {{1, 0, 3.0 * frame, 0, 1, 0, 0, 0, 1}, 0.5};
        setup.motion = motion;
        const Trial steady = straightened(trial, setup, kWidth, kHeight);
        QVERIFY(*measured(travel, steady).value < 1e-9);
        QCOMPARE(steady.marks.at("a").size(), std::size_t(110)); // of the others nothing is known
        QVERIFY(std::abs(steady.marks.at("a").at(5).sigmaPx - std::hypot(1, 0.5)) < 1e-12);
        // What is read in one frame needs no standing camera.
        addPath(trial, "b", 90, 90, 1, [](int) { return PixelPoint{330, 100}; });
        setup.motion.reset();
        QVERIFY(measured(leanOf("a", "b"), straightened(trial, setup, kWidth, kHeight)).valid());
    }
    void theFloorServesWhatTouchesIt() {
        PictureSetup setup;
        PlanePoints plane;
        for (const AskedPoint& asked : pointsOfRectangle(PlaneOf::Floor, 3, 2))
            plane.points.push_back({onFloor(asked.xM - 1.5, asked.yM - 1, 20), asked.xM, asked.yM, 0.5});
        setup.plane = plane;
        Trial trial = emptyTrial();
        addEvent(trial, "down", 60);
        addPath(trial, "left_toe", 60, 60, 0.5, [](int) { return onFloor(-0.7, 0.2, 20); });
        addPath(trial, "right_toe", 60, 60, 0.5, [](int) { return onFloor(0.5, -0.3, 20); });
        addPath(trial, "left_hip", 60, 60, 0.5, [](int) { return PixelPoint{640, 300}; });
        addPath(trial, "left_knee", 60, 60, 0.5, [](int) { return PixelPoint{660, 400}; });
        const Trial straight = straightened(trial, setup, kWidth, kHeight);
        const MeasureValue step = measured(lengthOf("left_toe", "right_toe"), straight);
        QVERIFY2(step.valid(), inEnglish(step.reason).c_str());
        QVERIFY(std::abs(*step.value - std::hypot(1.2, 0.5)) < 1e-6);
        QVERIFY(step.u > 0.0005 && step.u < 0.02);
        QVERIFY(!measured(lengthOf("left_hip", "left_knee"), straight).valid()); // does not touch it
        // A camera that moves, and is not followed, sees the floor elsewhere in every other frame.
        PictureSetup moving = setup;
        moving.camera = CameraHold::Moves;
        QVERIFY(!measured(lengthOf("left_toe", "right_toe"), straightened(trial, moving, kWidth, kHeight)).valid());
        // Angles stay those of the picture.
        QVERIFY(std::abs(*measured(leanOf("left_knee", "left_hip"), straight).value -
                         *measured(leanOf("left_knee", "left_hip"), trial).value) < 1e-9);
    }
    void thePlaneOfMovementServesAll() {
        PictureSetup setup;
        PlanePoints plane;
        plane.of = PlaneOf::Movement;
        // A wall seen from the side: it comes nearer to the right.
        const auto seen = [](double x, double y) {
            const double w = 1 - 0.08 * x;
            return PixelPoint{(300 + 200 * x) / w, (600 - 210 * y) / w};
        };
        for (const AskedPoint& asked : pointsOfRectangle(PlaneOf::Movement, 3, 2))
            plane.points.push_back({seen(asked.xM, asked.yM), asked.xM, asked.yM, 0.5});
        setup.plane = plane;
        Trial trial = emptyTrial();
        addEvent(trial, "down", 60);
        addPath(trial, "a", 60, 60, 0.5, [&](int) { return seen(2.5, 0.2); });
        addPath(trial, "b", 60, 60, 0.5, [&](int) { return seen(2.9, 0.9); });
        const Trial straight = straightened(trial, setup, kWidth, kHeight);
        QVERIFY(std::abs(*measured(lengthOf("a", "b"), straight).value - std::hypot(0.4, 0.7)) < 1e-6);
        QVERIFY(std::abs(std::abs(*measured(leanOf("a", "b"), straight).value) - std::atan2(0.4, 0.7) * kDegrees) <
                1e-6);
    }
    void theBearingFromAFloor() {
        for (const double aside : {0.0, 8.0, 15.0, 30.0}) {
            std::vector<KnownPoint> points;
            for (const AskedPoint& asked : pointsOfRectangle(PlaneOf::Floor, 4, 1.5))
                points.push_back({onFloor(asked.xM - 2, asked.yM - .75, aside), asked.xM, asked.yM, 0.5});
            const auto plane = Plane::solve(points, PlaneOf::Floor);
            QVERIFY2(plane.ok(), plane.ok() ? "" : plane.error().sentence().c_str());
            QVERIFY(*plane->residualM() < 1e-9);
            QVERIFY2(std::abs(*bearingOnFloor(*plane, kWidth, kHeight) - aside) < 0.1,
                     qPrintable(QString::number(*bearingOnFloor(*plane, kWidth, kHeight))));
        }
    }
    void aMirroredFileMeasuresTheSame() {
        Trial trial = emptyTrial();
        addPath(trial, "a", 60, 60, 1, [](int) { return PixelPoint{700, 600}; });
        addPath(trial, "b", 60, 60, 1, [](int) { return PixelPoint{760, 300}; });
        addEvent(trial, "down", 60);
        PictureSetup setup;
        setup.area = PictureArea{100, 20, 900, 700};
        setup.vertical = PlumbLine{0, {500, 600}, {520, 200}};
        setup.lens = Lens{1000, 1000, {600, 350}, -0.1, 0.01, 0.001, 0.002, 0};
        const MeasureValue one = measured(leanOf("a", "b"), straightened(trial, setup, kWidth, kHeight));
        Trial mirrored = trial;
        for (auto& [name, marks] : mirrored.marks)
            for (auto& [frame, mark] : marks)
                mark.at.x = kWidth - 1 - mark.at.x;
        mirrored.capture.facing = opposite(trial.capture.facing);
        const PictureSetup over = turnedOver(setup, kWidth);
        QVERIFY(over.mirrored);
        QCOMPARE(over.area->left, kWidth - 1000);
        const MeasureValue two = measured(leanOf("a", "b"), straightened(mirrored, over, kWidth, kHeight));
        QVERIFY2(std::abs(*one.value - *two.value) < 1e-6, qPrintable(QString::number(*one.value - *two.value)));
        const PictureSetup back = turnedOver(over, kWidth);
        QVERIFY(!back.mirrored && back.area == setup.area && back.vertical == setup.vertical);
    }
    void venuesClose() {
        // Federations' dimensions, from memory: a court has longer and shorter sides, and no two share a name.
        std::set<std::string_view> ids;
        for (const VenueRectangle& venue : venueRectangles()) {
            QVERIFY(venue.longM >= venue.shortM && venue.shortM > 1);
            QVERIFY(ids.insert(venue.id).second);
            QVERIFY(!venue.source.empty());
        }
        QCOMPARE(venueRectangle("basketball")->longM, 28.0);
        QVERIFY(!venueRectangle("moon"));
    }
};

QTEST_GUILESS_MAIN(TestPictureSetup)
#include "tst_picture_setup.moc"
