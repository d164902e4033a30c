// Where the camera stood: the value it corrects and what that leaves unsure, against numbers worked by hand.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/degrees.h"
#include "core/judge/deviation.h"
#include "core/measure/measure_set.h"
#include "core/points/calibration.h"
#include "core/points/known_length.h"
#include "core/progress/retest.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// Two points (100, 0) px apart along the way, and two (0, 100) px apart up, without noise to speak of.
Trial filmed(std::optional<double> bearing, double bearingU, const PixelPoint& to = {100, 0}) {
    Trial trial = emptyTrial();
    trial.capture.metresPerPixel = 0.01;
    trial.capture.bearingDeg = bearing;
    trial.capture.bearingUDeg = bearingU;
    for (int frame = 0; frame < 60; ++frame) {
        trial.marks["a"][frame] = {{500, 500}, 1e-6, ""};
        trial.marks["b"][frame] = {{500 + to.x, 500 - to.y}, 1e-6, ""};
    }
    addEvent(trial, "go", 10);
    addEvent(trial, "down", 30);
    return trial;
}

MeasureValue valueOf(const Json& measure, const Trial& trial, const Json& more = Json::object()) {
    Json full = measure;
    full.update(more);
    const Pack pack = packWithMeasure(full);
    const auto measured = measureTrials(pack, {trial}, 6);
    const MeasureValue* value = measured.front().find("m");
    return value ? *value : MeasureValue();
}

const Json kAhead = {{"kind", "offset"}, {"from", "a"},  {"to", "b"},  {"axis", "forward"},
                     {"in", "m"},        {"at", "down"}, {"unit", "m"}};
const Json kLean = {
    {"kind", "segment_angle"}, {"points", {"a", "b"}}, {"against", "vertical"}, {"at", "down"}, {"unit", "deg"}};
const double kTan8 = std::tan(8 / kDegrees), kTan30 = std::tan(30 / kDegrees), kCos30 = std::cos(30 / kDegrees);

bool near(double a, double b, double within = 1e-6) { return std::abs(a - b) <= within; }

} // namespace

class TestViewSpread : public QObject {
    Q_OBJECT
private slots:
    void alongTheWay() {
        // X = 100 / cos 30 = 115.47 px; one segment of that length leaves the plane: 115.47 tan 8 tan 30 = 9.369 px.
        const MeasureValue value = valueOf(kAhead, filmed(30, 0));
        QVERIFY(value.valid());
        QVERIFY(near(*value.value, 1 / kCos30));
        QVERIFY(near(value.viewU, kTan8 * kTan30 / kCos30));
        QVERIFY(near(value.u, value.viewU, 1e-5) && near(value.sharedU, value.viewU, 1e-5));
        QVERIFY(value.validity == Validity::Corrected);
        QVERIFY(value.bearingDeg == std::optional(30.0));
        // d(1 / cos) = tan / cos a radian.
        QVERIFY(near(value.viewSlope, kTan30 / kCos30 / kDegrees, 1e-4));
    }
    void upIsAsItIs() {
        const Json up = {{"kind", "offset"}, {"from", "a"},  {"to", "b"},  {"axis", "up"},
                         {"in", "m"},        {"at", "down"}, {"unit", "m"}};
        const MeasureValue value = valueOf(up, filmed(30, 3, {0, 100}));
        QVERIFY(near(*value.value, 1));
        QVERIFY(near(value.viewU, 0));
    }
    void anUprightSegment() {
        // It leans out by 8 degrees in the mean square: seen as atan(tan 8 tan 30) = 4.64 degrees to either side.
        const MeasureValue value = valueOf(kLean, filmed(30, 0, {0, 100}));
        QVERIFY(near(*value.value, 0));
        QVERIFY(near(value.viewU, std::atan(kTan8 * kTan30) * kDegrees));
        // A hip and the shoulder over it: 7 degrees more (squares added), from the body's build.
        Trial trunk = filmed(30, 0, {0, 100});
        trunk.marks["left_hip"] = trunk.marks["a"];
        trunk.marks["left_shoulder"] = trunk.marks["b"];
        Json lean = kLean;
        lean["points"] = {"left_hip", "left_shoulder"};
        QVERIFY(near(valueOf(lean, trunk).viewU, std::atan(std::tan(std::hypot(8, 7) / kDegrees) * kTan30) * kDegrees));
        // What the pack says of a measure holds alone.
        QVERIFY(near(valueOf(lean, trunk, {{"out_of_plane", 15}}).viewU,
                     std::atan(std::tan(15 / kDegrees) * kTan30) * kDegrees));
    }
    void twoSegments() {
        // A joint of two upright segments: two angles of the same size, each by itself. Points of the cubature lie
        // sqrt 2 times 8 degrees out.
        Trial trial = filmed(30, 0, {0, 100});
        for (int frame = 0; frame < 60; ++frame)
            trial.marks["c"][frame] = {{500, 300}, 1e-6, ""};
        const MeasureValue value = valueOf({{"kind", "line_angle"},
                                            {"line", {"a", "b"}},
                                            {"against_line", {"b", "c"}},
                                            {"at", "down"},
                                            {"unit", "deg"}},
                                           trial);
        QVERIFY(near(value.viewU, std::atan(std::tan(std::sqrt(2) * 8 / kDegrees) * kTan30) * kDegrees));
    }
    void nobodySaidIt() {
        // As a file has it: exactly square.
        const MeasureValue exact = valueOf(kAhead, filmed({}, 0));
        QVERIFY(near(*exact.value, 1) && near(exact.viewU, 0));
        QVERIFY(exact.validity == Validity::True);
        // As the window has it: 0 with 15 degrees. Points at +-25.98 degrees, a third of the weight together: 1 / cos
        // is 1.1124, the segment leans by 1.1124 tan 8 tan 25.98 = 0.0762: sqrt((0.1124² + 0.0762²) / 3) = 0.0784.
        const MeasureValue assumed = valueOf(kAhead, filmed({}, kAssumedSquareUDeg));
        QVERIFY(near(*assumed.value, 1));
        QVERIFY2(near(assumed.viewU, .0784, 1e-4), qPrintable(QString::number(assumed.viewU)));
        QVERIFY(assumed.validity == Validity::True);
        QVERIFY(!assumed.bearingDeg);
        QVERIFY(assumed.budget.back().what.code() == "assumed_square");
    }
    void classes() {
        QVERIFY(valueOf(kAhead, filmed(10, 3)).validity == Validity::True);
        QVERIFY(valueOf(kAhead, filmed(60, 3)).validity == Validity::Corrected);
        const MeasureValue refused = valueOf(kAhead, filmed(61, 3));
        QVERIFY(!refused.valid());
        QVERIFY(refused.validity == Validity::Refused);
        QVERIFY(!valueOf(kAhead, filmed(89, 3)).valid());
        const Json time = {{"kind", "interval"}, {"from", "go"}, {"to", "down"}, {"unit", "s"}};
        const MeasureValue interval = valueOf(time, filmed(89, 3));
        QVERIFY(interval.valid() && near(interval.viewU, 0));
    }
    void aBodyUnitIsCorrectedToo() {
        // A level unit is as foreshortened as what is measured in it; each leaves the plane by itself.
        Trial trial = filmed(30, 0);
        for (int frame = 0; frame < 60; ++frame) {
            trial.marks["left_hip"][frame] = {{200, 100}, 1e-6, ""};
            trial.marks["left_knee"][frame] = {{250, 100}, 1e-6, ""};
        }
        Json ahead = kAhead;
        ahead["in"] = "body:left_hip-left_knee";
        ahead["unit"] = "body";
        const MeasureValue value = valueOf(ahead, trial);
        QVERIFY2(value.valid(), inEnglish(value.reason).c_str());
        QVERIFY(near(*value.value, 2));
        // 2 times the relative lean of the one, and of the other, at sqrt 2 times 8 degrees, each half the weight.
        const double lean = std::tan(std::sqrt(2) * 8 / kDegrees) * kTan30;
        const double one = 2 * lean, more = 2 / (1 - lean) - 2, less = 2 / (1 + lean) - 2;
        QVERIFY(near(value.viewU, std::sqrt((2 * one * one + more * more + less * less) / 4)));
    }
    void aPlaneOfTheMovement() {
        // The plane takes the place of the division; what leaves it stays.
        Trial trial = filmed(30, 0);
        trial.capture.movementPlane = true;
        const MeasureValue value = valueOf(kAhead, trial);
        QVERIFY(near(*value.value, 1));
        QVERIFY(near(value.viewU, kTan8 * kTan30));
    }
    void aWayThroughThePicture() {
        // 100 px in 20 frames, straight ahead: as the plane leans, its way is read longer or shorter. Two ways to lean,
        // of which only the one along it matters; points of the cubature at sqrt 2 times 8 degrees, half of the weight.
        Trial trial = filmed(30, 0);
        for (int frame = 0; frame < 60; ++frame)
            trial.marks["a"][frame] = {{500 + 5.0 * frame, 500}, 1e-6, ""};
        const MeasureValue value =
            valueOf({{"kind", "speed"}, {"point", "a"}, {"in", "m"}, {"at", "down"}, {"unit", "m/s"}}, trial);
        QVERIFY2(value.valid(), inEnglish(value.reason).c_str());
        const double speed = 5 * 60 * .01 / kCos30;
        QVERIFY(near(*value.value, speed, 1e-3));
        QVERIFY(near(value.viewU, speed * std::tan(std::sqrt(2) * 8 / kDegrees) * kTan30 / std::sqrt(2), 1e-3));
    }
    void knownLengthAlongTheWay() {
        // A level metre seen 100 px long from 30 degrees is 115.47 px; an upright one is as long as it looks.
        KnownLength level, upright;
        level.a = upright.a = {100, 100};
        level.b = {200, 100};
        upright.b = {100, 200};
        level.metres = upright.metres = 1;
        QVERIFY(near(scaleFrom({level}, 1, 30)->metresPerPixel, .01 * kCos30));
        QVERIFY(near(scaleFrom({upright}, 1, 30)->metresPerPixel, .01));
        QVERIFY(near(scaleFrom({level}, 1)->metresPerPixel, .01));
    }
    void itDoesNotAverageOut() {
        // Eight repetitions without a spread: what the camera's place leaves unsure is in the median whole.
        std::vector<TrialMeasures> measured;
        const MeasureValue one = valueOf(kAhead, filmed(30, 0));
        for (int i = 0; i < 8; ++i)
            measured.push_back({"r" + std::to_string(i), 0, {{"m", one}}});
        const Pack pack = packWithMeasure(kAhead);
        Reference reference;
        reference.source = Reference::Source::Pack;
        reference.high = 1;
        const auto set = setDeviation(*pack.measure("m"), reference, measured);
        QVERIFY(set);
        QVERIFY(near(set->expandedU, 2 * one.viewU, 1e-5));
        QVERIFY(near(set->viewU, one.viewU) && near(set->viewSlope, one.viewSlope));
        QVERIFY(set->bearingDeg == std::optional(30.0));
    }
    void retests() {
        SetSummary before;
        before.median = 10;
        before.u = 5; // of which 4 are the camera's place: 3 are left
        before.viewU = 4;
        before.viewSlope = .6;
        before.bearingDeg = 30;
        before.repetitions = 8;
        before.deviation = 10;
        before.tolerance = 1;
        before.state = State::Clear;
        SetSummary after = before;
        after.median = 2;
        after.deviation = 2;
        const Change same = changeBetween(before, after, {});
        QVERIFY(near(same.u, std::sqrt(18)) && same.notes.empty());
        QVERIFY(same.verdict == ChangeVerdict::NoClearChange); // 8 is less than 1.96 sqrt 18 = 8.32
        after.bearingDeg = 35;                                 // 5 degrees, 0.6 each: 3 / sqrt 3
        QVERIFY(near(changeBetween(before, after, {}).u, std::sqrt(21)));
        after.bearingDeg = 36;
        const Change elsewhere = changeBetween(before, after, {});
        QVERIFY(near(elsewhere.u, std::sqrt(50)));
        QCOMPARE(elsewhere.notes.size(), 1U);
        QVERIFY(elsewhere.notes.front().code() == "bearing");
        after.bearingDeg.reset(); // nobody said where: nothing is known to be alike
        QVERIFY(near(changeBetween(before, after, {}).u, std::sqrt(50)));
    }
};

QTEST_APPLESS_MAIN(TestViewSpread)
#include "tst_view_spread.moc"
