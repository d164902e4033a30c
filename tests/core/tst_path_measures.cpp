// Kinds that follow a path or a cycle, on movements whose values are known by arithmetic.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/assessment.h"
#include "core/listed.h"
#include "core/measure/measure_set.h"
#include "core/measure/span.h"
#include "core/reasons.h"
#include "core/signal/trajectory.h"
#include "core/uncertainty/path_draws.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr double kPi = std::numbers::pi;

/// Way from 0 to 1 with the least jerk between two instants (Flash & Hogan 1985).
double reach(double t, double from, double to) {
    const double x = std::clamp((t - from) / (to - from), 0.0, 1.0);
    return x * x * x * (10 - 15 * x + 6 * x * x);
}

using Path = std::function<PixelPoint(double timeS)>;

/// A trial at 200 frames a second with events go at 0.5 s and down at 1.5 s; 100 pixels a metre.
Trial trialOf(const std::map<std::string, Path>& paths, double sigma = 0.01) {
    Trial trial = emptyTrial(200, 400);
    trial.capture.metresPerPixel = 0.01;
    for (const auto& [landmark, path] : paths)
        addPath(trial, landmark, 0, 399, sigma, [&path = path](int frame) { return path(frame / 200.0); });
    addEvent(trial, "go", 100);
    addEvent(trial, "down", 300);
    return trial;
}
MeasureValue measure(const Json& def, const std::map<std::string, Path>& paths, double sigma = 0.01,
                     const std::string& id = "m") {
    const auto measures = measureTrials(packWithMeasure(def), {trialOf(paths, sigma)}, 20);
    const MeasureValue* value = measures.at(0).find(id);
    return value ? *value : MeasureValue();
}
bool near(const MeasureValue& value, double expected, double within) {
    if (!value.valid()) {
        qWarning("%s", inEnglish(value.reason).c_str());
        return false;
    }
    if (std::abs(*value.value - expected) <= within)
        return true;
    qWarning("%.6g instead of %.6g", *value.value, expected);
    return false;
}

} // namespace

class TestPathMeasures : public QObject {
    Q_OBJECT
private slots:
    void anOffsetIsCoveredAsTwoSpreadsCoverNone() {
        // 95.45 % of a normal error round d lie within h: Phi(h - d) - Phi(-h - d). Of d = 2: h = 2 + Phi^-1(0.9545) =
        // 3.6901 (by hand; the lower tail is under 1e-8).
        QVERIFY(std::abs(coveringU(1, 2) - 3.6901 / 2) < 1e-3);
        QVERIFY(std::abs(coveringU(2, -4) - 3.6901) < 2e-3);
        QCOMPARE(coveringU(1.5, 0), 1.5);
    }
    void dwell() {
        // x = 100 (1 - cos): speed |sin|: under half of its peak for a third of the time.
        const auto swing = [](double t) { return PixelPoint{300 - 100 * std::cos(2 * kPi * t), 100}; };
        const double peak = 2 * kPi; // m/s at 100 px a metre
        const Json def = {{"kind", "dwell"}, {"point", "tip"}, {"below", peak / 2},
                          {"in", "m"},       {"over", "all"},  {"unit", "s"}};
        QVERIFY(near(measure(def, {{"tip", swing}}), 1.0 / 3, 0.004));
    }
    void dwellBelowWhatAStillPointShows() {
        const Json def = {{"kind", "dwell"}, {"point", "tip"}, {"below", 0.01},
                          {"in", "m"},       {"over", "all"},  {"unit", "s"}};
        const MeasureValue value = measure(def, {{"tip", [](double) { return PixelPoint{300, 100}; }}}, 2);
        QVERIFY(!value.valid());
        QVERIFY(value.reason.is(reasons::kBelowNoise));
    }
    void overlap() {
        const Json def = {{"kind", "overlap"},
                          {"first", {{"from", "a"}, {"to", "b"}, {"axis", "forward"}, {"above", 1}, {"in", "m"}}},
                          {"second", {{"from", "a"}, {"to", "b"}, {"axis", "up"}, {"above", 0}, {"in", "m"}}},
                          {"over", "all"},
                          {"unit", "s"}};
        // Forward of a by 2 m/s from 0.5 s: above 1 m from 1.0 s; above it in height until 1.25 s.
        const MeasureValue value = measure(def, {{"a",
                                                  [](double) {
                                                      return PixelPoint{100, 300};
                                                  }},
                                                 {"b", [](double t) {
                                                      return PixelPoint{100 + 200 * (t - 0.5), 300 - 100 * (1.25 - t)};
                                                  }}});
        QVERIFY(near(value, 0.25, 0.002));
    }
    void orderOfPeaksAndItsLags() {
        const auto arm = [](double late) {
            return [late](double t) { return PixelPoint{100 + 200 * reach(t, 0.6 + late, 1.2 + late), 100}; };
        };
        const Json def = {
            {"kind", "peak_order"}, {"of", {"a", "b", "c"}}, {"over", "all"}, {"unit", "1"}, {"lag_tolerance", 0.02}};
        const std::map<std::string, Path> paths = {{"a", arm(0.1)}, {"b", arm(0.05)}, {"c", arm(0.2)}};
        QVERIFY(near(measure(def, paths), 1.0 / 3, 1e-9)); // one of three pairs is reversed
        QVERIFY(near(measure(def, paths, 0.01, "m.lag.1"), -0.05, 0.002));
        QVERIFY(near(measure(def, paths, 0.01, "m.lag.2"), 0.15, 0.002));
        QCOMPARE(measure(def, paths, 0.01, "m.lag.2").unit, "s");
    }
    void orderOfJoints() {
        // Segments turning about fixed points; the second 0.1 s after the first.
        const auto end = [](double late, double x) {
            return [=](double t) {
                const double angle = kPi / 2 * reach(t, 0.6 + late, 1.2 + late);
                return PixelPoint{x + 80 * std::cos(angle), 200 - 80 * std::sin(angle)};
            };
        };
        const Json def = {{"kind", "peak_order"},
                          {"of", Json::array({Json::array({"a", "b"}), Json::array({"c", "d"})})},
                          {"over", "all"},
                          {"unit", "1"},
                          {"lag_tolerance", 0.02}};
        const std::map<std::string, Path> paths = {{"a",
                                                    [](double) {
                                                        return PixelPoint{100, 200};
                                                    }},
                                                   {"b", end(0, 100)},
                                                   {"c",
                                                    [](double) {
                                                        return PixelPoint{400, 200};
                                                    }},
                                                   {"d", end(0.1, 400)}};
        QVERIFY(near(measure(def, paths, 0.01, "m.lag.1"), 0.1, 0.003));
        QVERIFY(near(measure(def, paths), 1, 1e-9));
    }
    void peakAtTheEdgeIsNone() {
        const Json def = {{"kind", "peak_order"}, {"of", {"a", "b"}}, {"over", "all"}, {"unit", "1"}};
        const Path faster = [](double t) { return PixelPoint{100 * t * t, 100}; };
        const MeasureValue value = measure(def, {{"a", faster}, {"b", faster}});
        QVERIFY(!value.valid());
        QVERIFY(value.reason.is(reasons::kPeakAtEdge) || value.reason.is(reasons::kNoPeakInside));
    }
    void pathAndStraightness() {
        // A quarter of a circle of 1 m: length pi/2, straightness sqrt 2 / (pi/2).
        const Path arc = [](double t) {
            const double a = kPi / 2 * (t - 0.5);
            return PixelPoint{200 + 100 * std::cos(a), 200 - 100 * std::sin(a)};
        };
        QVERIFY(near(measure({{"kind", "path_length"}, {"point", "tip"}, {"in", "m"}, {"over", "all"}, {"unit", "m"}},
                             {{"tip", arc}}),
                     kPi / 2, 0.003));
        QVERIFY(
            near(measure({{"kind", "straightness"}, {"point", "tip"}, {"over", "all"}, {"unit", "1"}}, {{"tip", arc}}),
                 2 * std::sqrt(2.0) / kPi, 0.002));
    }
    void pathOfAStillPointIsNotGiven() {
        const MeasureValue value =
            measure({{"kind", "path_length"}, {"point", "tip"}, {"in", "m"}, {"over", "all"}, {"unit", "m"}},
                    {{"tip",
                      [](double) {
                          return PixelPoint{200, 200};
                      }}},
                    2);
        QVERIFY(!value.valid());
    }
    void reversals() {
        const Path wave = [](double t) { return PixelPoint{200 + 50 * std::sin(2 * kPi * 2 * t), 200}; };
        const auto def = [](double hysteresis) {
            return Json{{"kind", "reversals"}, {"point", "tip"}, {"axis", "forward"}, {"hysteresis", hysteresis},
                        {"in", "m"},           {"over", "all"},  {"unit", "count"}};
        };
        QVERIFY(near(measure(def(0.3), {{"tip", wave}}), 4, 0)); // 0.5 to 1.5 s: turns at .625 .875 1.125 1.375
        QVERIFY(near(measure(def(1.2), {{"tip", wave}}), 0, 0)); // wider than the whole swing
    }
    void steadinessAndItsNoiseFloor() {
        const Json def = {{"kind", "steadiness"}, {"point", "tip"}, {"in", "m"}, {"over", "all"}, {"unit", "m"}};
        const MeasureValue still = measure(def, {{"tip", [](double) { return PixelPoint{200, 200}; }}}, 2);
        QVERIFY(still.valid());
        QVERIFY(still.extras.at("noise_floor") > 0);
        QVERIFY(holds(still.notes, Sentence(notes::kWithinNoise)));
        // To and fro by 0.5 m: the 95th percentile of |sin| is sin(0.95 * 90 degrees).
        const MeasureValue sway = measure(def, {{"tip", [](double t) {
                                                     return PixelPoint{200 + 50 * std::sin(2 * kPi * t), 200};
                                                 }}});
        QVERIFY(near(sway, 0.5 * std::sin(0.95 * kPi / 2), 0.003));
        QVERIFY(sway.notes.empty());
    }
    void smoothnessOfTheLeastJerk() {
        // Flash & Hogan 1985: integral of jerk² is 720 D²/T⁵, peak speed 1.875 D/T: -ln(204.8).
        std::vector<double> times;
        Eigen::MatrixX2d points(1001, 2);
        for (int i = 0; i <= 1000; ++i) {
            times.push_back(i / 1000.0);
            points.row(i) << reach(times.back(), 0, 1), 0;
        }
        QVERIFY(std::abs(*logDimensionlessJerk(times, points, times.front(), times.back()) + std::log(204.8)) < 0.02);
        QVERIFY(!logDimensionlessJerk({0, 1, 2}, points.topRows(3), 0, 2).has_value());
        QVERIFY(!logDimensionlessJerk({0, 1, 2, 3, 4, 5}, Eigen::MatrixX2d::Zero(6, 2), 0, 5).has_value());
        const MeasureValue value = measure({{"kind", "smoothness"}, {"point", "tip"}, {"over", "all"}, {"unit", "1"}},
                                           {{"tip",
                                             [](double t) {
                                                 return PixelPoint{100 + 300 * reach(t, 0.5, 1.5), 100};
                                             }}},
                                           1e-4);
        QVERIFY(near(value, -std::log(204.8), 0.15)); // through the filter
        QCOMPARE(value.extras.at("speed_peaks"), 1.0);
    }
    void brake() {
        // The lower link is fastest at 0.8 s and has lost half of it when the upper one is fastest at 1.1 s.
        const auto hump = [](double t, double centre) { return std::exp(-(t - centre) * (t - centre) / (2 * 0.0649)); };
        // Speeds are humps: positions are their integrals, by small steps.
        const auto path = [hump](double centre, double y) {
            return [=](double t) {
                double x = 0;
                for (double s = 0; s < t; s += 0.0025)
                    x += 0.0025 * 300 * hump(s + 0.00125, centre);
                return PixelPoint{100 + x, y};
            };
        };
        const Json def = {{"kind", "brake"}, {"lower", "a"}, {"upper", "b"}, {"over", "all"}, {"unit", "%"}};
        QVERIFY(near(measure(def, {{"a", path(0.8, 100)}, {"b", path(1.1, 300)}}), 50, 1.5));
        QVERIFY(near(measure(def, {{"a", path(1.1, 100)}, {"b", path(0.8, 300)}}), 0, 1e-9)); // nothing lost yet
    }
    void angularSpeed() {
        const Path end = [](double t) { return PixelPoint{100 + 80 * std::cos(2 * t), 200 - 80 * std::sin(2 * t)}; };
        const std::map<std::string, Path> paths = {{"a", [](double) { return PixelPoint{100, 200}; }}, {"b", end}};
        QVERIFY(
            near(measure({{"kind", "angular_speed"}, {"points", {"a", "b"}}, {"at", "down"}, {"unit", "deg/s"}}, paths),
                 2 * 180 / kPi, 0.1));
        const Path kick = [](double t) {
            const double angle = kPi / 2 * reach(t, 0.6, 1.4);
            return PixelPoint{100 + 80 * std::cos(angle), 200 + 80 * std::sin(angle)};
        };
        const MeasureValue largest =
            measure({{"kind", "angular_speed"}, {"points", {"a", "b"}}, {"over", "all"}, {"unit", "deg/s"}},
                    {{"a", paths.at("a")}, {"b", kick}});
        QVERIFY(near(largest, 90 * 1.875 / 0.8, 2)); // unsigned, although the segment turns clockwise
    }
    void heading() {
        // x = 200 t, y = 200 t - 50 t² upward: at 1.5 s the rise is 200 - 150 = 50 over 200.
        const std::map<std::string, Path> paths = {{"tip", [](double t) {
                                                        return PixelPoint{100 + 200 * t, 300 - 200 * t + 50 * t * t};
                                                    }}};
        const double up = std::atan2(50, 200) * 180 / kPi;
        Json def = {{"kind", "heading"}, {"point", "tip"}, {"against", "horizontal"}, {"at", "down"}, {"unit", "deg"}};
        const MeasureValue level = measure(def, paths);
        QVERIFY(near(level, up, 0.01));
        def["against"] = "vertical";
        QVERIFY(near(measure(def, paths), 90 - up, 0.01));
        // It turns by 100/250 of a radian less a shared rise each second: half a frame of 200 moves it by that much.
        const double turnsDeg = 100 * 200 / (200.0 * 200 + 50 * 50) * 180 / kPi;
        const double ofTime = turnsDeg / 200 / 2;
        QVERIFY2(level.u > ofTime / 3 && level.u < 1.5 * ofTime, qPrintable(QString::number(level.u)));
        // Backwards it goes to the other side.
        const Path back = [](double t) { return PixelPoint{500 - 200 * t, 300 - 200 * t + 50 * t * t}; };
        def["against"] = "horizontal";
        QVERIFY(near(measure(def, {{"tip", back}}), 180 - up, 0.01));
        // A point that stands has no direction.
        const Path still = [](double) { return PixelPoint{100, 100}; };
        const MeasureValue none = measure(def, {{"tip", still}}, 2);
        QVERIFY(!none.valid());
        QCOMPARE(none.reason.code(), std::string_view(reasons::kHardlyMoves.code));
    }
    void headingInAWindow() {
        // In the hand the tip goes level and then, from down on, 30 degrees up: what it did before does not count.
        const Path thrown = [](double t) {
            const double after = std::max(0.0, t - 1.5);
            return PixelPoint{100 + 100 * t + 200 * after * std::cos(kPi / 6) - 100 * after,
                              300 - 200 * after * std::sin(kPi / 6)};
        };
        Json pack = smallPack();
        pack["measures"].push_back(jsonOf(R"({"id":"m","title":"M","kind":"heading","point":"tip","tolerance":1,
            "against":"horizontal","over":"after","unit":"deg","source":"t"})"));
        pack["phases"].push_back(
            {{"id", "after"}, {"title", "After"}, {"round", "down"}, {"before", 0}, {"after", 0.08}});
        const auto of = [&](double sigma) {
            return *measureTrials(packOf(pack), {trialOf({{"tip", thrown}}, sigma)}, 20).at(0).find("m");
        };
        QVERIFY(near(of(0.01), 30, 1e-6));
        // Seventeen frames a 200th of a second apart at 200 px/s: the slope's u is sigma / sqrt(2) over the root of
        // the sum of (n / 200)² for n = -8 … 8, which is sqrt(408) / 200.
        const double u = 1 / std::sqrt(2) / (std::sqrt(408) / 200) / 200 * 180 / kPi;
        QVERIFY2(std::abs(of(1).u / u - 1) < 0.1, qPrintable(QString::number(of(1).u)));
        // What bridges a gap is no mark: of seventeen frames the outer four and five are left.
        Trial holes = trialOf({{"tip", thrown}}, 1);
        for (int frame = 304; frame < 312; ++frame)
            holes.marks["tip"].erase(frame);
        const MeasureValue few = *measureTrials(packOf(pack), {holes}, 20).at(0).find("m");
        QVERIFY(near(few, 30, 1e-6) && few.u > 1.02 * of(1).u);
        pack["phases"].back()["before"] = 0.5; // a long way with a corner in it: between the two
        QVERIFY(*of(0.01).value > 1 && *of(0.01).value < 20);
        pack["phases"].back()["before"] = -0.075; // two frames
        QCOMPARE(of(0.01).reason.code(), std::string_view(reasons::kFewFrames.code));
    }
    void seenFromAnotherPoint() {
        // The hand goes on with the body at 100 px/s and beside it at 60 px/s upward; both shake with the camera.
        const Path body = [](double t) { return PixelPoint{100 + 100 * t + 30 * std::sin(9 * t), 300}; };
        const Path hand = [&](double t) { return PixelPoint{body(t).x, 250 - 60 * t}; };
        const std::map<std::string, Path> paths = {{"tip", hand}, {"left_hip", body}, {"right_hip", body}};
        Json def = {{"kind", "speed"}, {"point", "tip"},           {"in", "m"},
                    {"at", "down"},    {"relative_to", "mid_hip"}, {"unit", "m/s"}};
        const MeasureValue speed = measure(def, paths, 1);
        QVERIFY(near(speed, 0.6, 0.06));
        def.erase("relative_to");
        const MeasureValue alone = measure(def, paths, 1);
        QVERIFY(*alone.value > 1);
        // A hip is marked as roughly as the hand, the middle of two with half of that variance.
        QVERIFY2(std::abs(speed.u / alone.u / std::sqrt(1.5) - 1) < 0.25,
                 qPrintable(QStringLiteral("%1 %2").arg(speed.u).arg(alone.u)));
        def["relative_to"] = "mid_hip";
        def["kind"] = "heading";
        def["against"] = "horizontal";
        def["unit"] = "deg";
        def.erase("in");
        QVERIFY(near(measure(def, paths), 90, 0.05));
        // A camera that moves takes both along.
        Trial moved = trialOf(paths);
        moved.capture.cameraMoves = true;
        QVERIFY(measureTrials(packWithMeasure(def), {moved}, 20).at(0).find("m")->valid());
        def.erase("relative_to");
        QVERIFY(!measureTrials(packWithMeasure(def), {moved}, 20).at(0).find("m")->valid());
    }
    void turnFromTheWidth() {
        // Shoulders 0.4 m wide, square at first, turned by 60 degrees at down.
        const auto shoulder = [](double side) {
            return [side](double t) {
                const double angle = kPi / 3 * reach(t, 0.5, 1.4);
                return PixelPoint{300 + side * 100 * std::cos(angle), 100};
            };
        };
        Json def = {{"kind", "turn"}, {"line", {"left_shoulder", "right_shoulder"}}, {"at", "down"}, {"unit", "deg"}};
        const std::map<std::string, Path> paths = {{"left_shoulder", shoulder(-1)}, {"right_shoulder", shoulder(1)}};
        QVERIFY(near(measure(def, paths, 1), 60, 0.5));
        def["near"] = "left";
        QVERIFY(near(measure(def, paths, 1), -60, 0.5));
        def["at"] = "go"; // square: the width hardly changes with the angle
        const MeasureValue square = measure(def, paths, 4);
        QVERIFY(near(square, 0, 1e-9));
        QVERIFY(2 * square.u > 15);
    }
    void centreOfMassNeedsWholeLimbs() {
        std::map<std::string, Path> body;
        const std::map<std::string, PixelPoint> standing = {
            {"ear", {0, 35}},  {"shoulder", {0, 55}}, {"elbow", {0, 85}},  {"wrist", {0, 110}}, {"hand", {0, 118}},
            {"hip", {0, 108}}, {"knee", {0, 150}},    {"ankle", {0, 191}}, {"toe", {18, 198}}};
        for (const char* side : {"left_", "right_"})
            for (const auto& [part, at] : standing)
                body[side + part] = [at = at](double) { return PixelPoint{100 + at.x, at.y}; };
        body["tip"] = [](double) { return PixelPoint{100, 200}; };
        const Json def = {{"kind", "offset"}, {"from", "tip"}, {"to", "com"}, {"axis", "up"},
                          {"in", "m"},        {"at", "down"},  {"unit", "m"}};
        QVERIFY(near(measure(def, body), 1.01935715, 1e-6)); // the worked position, feet at 0
        body.erase("left_knee");
        const MeasureValue without = measure(def, body);
        QVERIFY(!without.valid());
        QCOMPARE(inEnglish(without.reason), std::string("the centre of mass needs the left knee"));
    }
    void cycles() {
        Json pack = smallPack();
        pack["family"] = "cyclic";
        pack["phases"].push_back({{"id", "back"}, {"title", "Back"}, {"from", "down"}, {"to", "go"}});
        const Json extra[] = {
            {{"id", "back_time"},
             {"title", "Back"},
             {"kind", "interval"},
             {"from", "down"},
             {"to", "go"},
             {"unit", "s"},
             {"tolerance", 0.1},
             {"source", "t"}},
            {{"id", "length"},
             {"title", "Length"},
             {"kind", "cycle_length"},
             {"point", "a"},
             {"in", "body:b-c"},
             {"unit", "body"},
             {"views", {"side"}},
             {"tolerance", 1},
             {"source", "t"}},
            {{"id", "rate"}, {"title", "Rate"}, {"kind", "rate"}, {"unit", "1/min"}, {"tolerance", 1}, {"source", "t"}},
            {{"id", "slowing"},
             {"title", "Slowing"},
             {"kind", "drift"},
             {"of", "time"},
             {"unit", "s"},
             {"tolerance", 0.1},
             {"source", "t"}}};
        for (const Json& def : extra)
            pack["measures"].push_back(def);
        pack["model"]["ranges"].push_back({{"measure", "slowing"}, {"high", 0.05}, {"source", "t"}});
        pack["faults"].push_back({{"id", "tires"},
                                  {"title", "Tires"},
                                  {"explain", "?"},
                                  {"effect", 0.5},
                                  {"when", {{{"measure", "slowing"}, {"direction", "above"}}}}});
        const Pack read = packOf(pack);
        QVERIFY(!read.measures.empty());
        Trial trial = emptyTrial(100, 900);
        double t = 0.5;
        for (int cycle = 0; cycle < 5; ++cycle) { // the way down takes 0.2, 0.4, … s; back always 0.5 s
            addEvent(trial, "go", 100 * t);
            t += 0.2 * (cycle + 1);
            addEvent(trial, "down", 100 * t);
            t += 0.5;
        }
        addEvent(trial, "go", 100 * t);
        addEvent(trial, "down", 100 * (t + 0.3)); // after the last start: dropped
        const auto measures = measureTrials(read, {trial}, 6);
        QCOMPARE(measures.size(), 6U);
        QCOMPARE(measures[0].cycle, 0);
        QVERIFY(near(*measures[0].find("rate"), 60 * 5 / (t - 0.5), 1e-9));
        for (int cycle = 1; cycle <= 5; ++cycle) {
            const TrialMeasures& own = measures[static_cast<std::size_t>(cycle)];
            QCOMPARE(own.cycle, cycle);
            QVERIFY(near(*own.find("time"), 0.2 * cycle, 1e-9));
            QVERIFY(near(*own.find("back_time"), 0.5, 1e-9)); // to the next cycle's start
            QVERIFY(!own.find("rate"));
        }
        const SetMeasures once = measureSet(read, {trial}, measures);
        QCOMPARE(once.size(), 1U);
        QVERIFY(near(once[0].second, 0.2, 1e-9));

        AssessmentInput input;
        input.pack = read;
        input.trials = {trial};
        const Assessment assessment = assess(input);
        QCOMPARE(assessment.deviation("time")->repetitions.size(), 5U);
        QCOMPARE(assessment.deviation("time")->repetitions[2].cycle, 3);
        const Finding* tires = assessment.findings.find("tires");
        QVERIFY(tires);
        QCOMPARE(tires->judged, 1); // the set has it once
        QVERIFY(tires->present);
        const Json json = assessmentJson(assessment);
        QCOMPARE(json["measures"]["trials"][0]["cycles"].size(), 5U);
        QVERIFY(json["measures"]["set"]["measures"].contains("slowing"));
        QCOMPARE(json["deviations"][0]["repetitions"][0]["cycle"].get<int>(), 1);

        Trial front = trial; // what cannot be seen from there is said, and its marks are not asked for
        front.capture.view = View::Front;
        QVERIFY(measureTrials(read, {front}, 6)[0].find("length")->reason.is(reasons::kWrongView));
        QVERIFY(measures[0].find("length")->reason.is(reasons::kUnitNotMarked));

        trial.events.push_back({"down", 61, 0.61, 0}); // twice in the first cycle
        const auto spoiled = measureTrials(read, {trial}, 6);
        QVERIFY(!spoiled[1].find("time")->valid());
        QVERIFY(spoiled[1].find("time")->reason.is(reasons::kSetTwice));
        QVERIFY(spoiled[2].find("time")->valid());
    }
    /// A knee of 90 degrees at go, straight at down: hip (0, 0), knee (0, 100), ankle 100 px in front of it or below.
    void changeOfAnAngle() {
        const Pack pack =
            packWithMeasure({{"kind", "change"}, {"of", "knee"}, {"from", "go"}, {"to", "down"}, {"unit", "deg"}});
        Trial trial = emptyTrial();
        addPath(trial, "right_hip", 0, 60, 1, [](int) { return PixelPoint{300, 100}; });
        addPath(trial, "right_knee", 0, 60, 1, [](int) { return PixelPoint{300, 200}; });
        addPath(trial, "right_ankle", 0, 60, 1, [](int frame) {
            return frame < 30 ? PixelPoint{200, 200} : PixelPoint{300, 300};
        });
        addEvent(trial, "go", 10);
        addEvent(trial, "down", 50);
        const auto measures = measureTrials(pack, {trial}, 6);
        const MeasureValue* change = measures[0].find("m");
        QVERIFY(near(*change, -90, 1e-6));
        QVERIFY((change->events == std::vector<std::string>{"down", "go"} && change->unit == "deg"));
        // The hip's error turns the thigh alike at both: none of its half that stays is in the change.
        const MeasureValue* knee = measures[0].find("knee");
        QVERIFY(change->u > 0 && change->u < std::sqrt(2.0) * knee->u * 1.01);
        trial.events.pop_back();
        const auto open = measureTrials(pack, {trial}, 6);
        QVERIFY(!open[0].find("m")->valid() && open[0].find("m")->reason.is(reasons::kEventNotSet));
    }
    /// A trunk of 200 px between the middles of hips and shoulders, a hand 100 px before the knee: half a trunk.
    void aUnitBetweenMiddles() {
        const Pack pack = packWithMeasure({{"kind", "distance"},
                                           {"points", {"knee@lead", "tip"}},
                                           {"in", "body:mid_hip-mid_shoulder"},
                                           {"at", "down"},
                                           {"unit", "body"}});
        Trial trial = emptyTrial();
        for (const auto& [landmark, x, y] : {std::tuple{"left_hip", 280, 300},
                                             {"right_hip", 320, 300},
                                             {"left_shoulder", 260, 100},
                                             {"right_shoulder", 340, 100},
                                             {"right_knee", 300, 500},
                                             {"tip", 400, 500}})
            addPath(trial, landmark, 0, 40, 1, [x = x, y = y](int) {
                return PixelPoint{static_cast<double>(x), static_cast<double>(y)};
            });
        addEvent(trial, "down", 20);
        QVERIFY(near(*measureTrials(pack, {trial}, 6)[0].find("m"), 0.5, 1e-9));
        trial.marks.erase("left_shoulder"); // half of a middle is none
        const auto open = measureTrials(pack, {trial}, 6);
        QVERIFY(open[0].find("m")->reason.is(reasons::kUnitNotMarked));
    }
    /// 0.5 s there, 0.25 s back.
    void oneMeasureAgainstAnother() {
        Json json = smallPack();
        json["events"].push_back({{"id", "end"}, {"title", "End"}, {"hint", "?"}});
        const auto add = [&](Json measure) {
            measure["title"] = "M";
            measure["tolerance"] = 1;
            measure["source"] = "t";
            json["measures"].push_back(std::move(measure));
        };
        add({{"id", "back"}, {"kind", "interval"}, {"from", "down"}, {"to", "end"}, {"unit", "s"}});
        add({{"id", "more"}, {"kind", "surplus"}, {"left", "time"}, {"right", "back"}, {"unit", "s"}});
        add({{"id", "times"}, {"kind", "quotient"}, {"left", "time"}, {"right", "back"}, {"unit", "1"}});
        const Pack pack = packOf(json);
        Trial trial = emptyTrial();
        addEvent(trial, "go", 10, 0.003);
        addEvent(trial, "down", 40, 0.003);
        addEvent(trial, "end", 55, 0.003);
        auto measures = measureTrials(pack, {trial}, 6);
        QVERIFY(near(*measures[0].find("more"), 0.25, 1e-9));
        QVERIFY(near(*measures[0].find("times"), 2, 1e-9));
        trial.events.back().timeS = trial.events[1].timeS + 0.004; // cannot be told from nothing
        measures = measureTrials(pack, {trial}, 6);
        QVERIFY(measures[0].find("times")->reason.is(reasons::kNearZero));
        QVERIFY(near(*measures[0].find("more"), 0.496, 1e-9));
    }
    void differenceBetweenConditions() {
        Json def = {{"kind", "difference"}, {"of", "time"}, {"between", {"calm", "live"}}, {"unit", "s"}};
        const Pack pack = packWithMeasure(def);
        std::vector<Trial> trials;
        for (int i = 0; i < 6; ++i) {
            Trial trial = emptyTrial();
            trial.id = std::to_string(i + 1);
            trial.stress = i < 3 ? Stress::Calm : Stress::Live;
            addEvent(trial, "go", 10, 0.01);
            addEvent(trial, "down", 40 + (i < 3 ? 0 : 12) + i % 3, 0.01);
            trials.push_back(trial);
        }
        const SetMeasures once = measureSet(pack, trials, measureTrials(pack, trials, 6));
        QVERIFY(near(once.at(0).second, 12 / 60.0, 1e-9));
        QVERIFY(once[0].second.u > 0);
        def["between"] = {"calm", "scored"};
        const Pack other = packWithMeasure(def);
        const SetMeasures none = measureSet(other, trials, measureTrials(other, trials, 6));
        QVERIFY(!none.at(0).second.valid());
        QVERIFY(none[0].second.reason == reasons::kNoneUnder(std::string("scored")));
    }
    void symmetryOfAngles() {
        const auto pair = symmetryOf(2, 0.5, -1.5, 0.5, true);
        QCOMPARE(pair->first, 3.5);
        QVERIFY(!symmetryOf(0.02, 0.01, 0.01, 0.01, false).has_value()); // too small against its u
    }
    void trendsNeedFourRepetitions() {
        const Pack pack = packWithMeasure({{"kind", "variability"}, {"of", "time"}, {"unit", "s"}});
        std::vector<Trial> trials(3, emptyTrial());
        for (Trial& trial : trials) {
            trial.id = std::to_string(&trial - trials.data());
            addEvent(trial, "go", 10);
            addEvent(trial, "down", 40);
        }
        const SetMeasures once = measureSet(pack, trials, measureTrials(pack, trials, 6));
        QCOMPARE(inEnglish(once.at(0).second.reason), std::string("needs 4 repetitions, has 3"));
    }
    void allCopiesAtOnceAsOneByOne() {
        // The loops over all draws give what the copies give one by one, but for the rounding of single precision.
        Trial trial = emptyTrial(60, 120);
        addPath(trial, "tip", 0, 119, 2, [](int f) {
            return PixelPoint{200 + 90 * std::sin(f / 14.0), 300 + 40 * std::cos(f / 9.0)};
        });
        addEvent(trial, "go", 30, 0.02);
        addEvent(trial, "down", 90, 0.02);
        trial.capture.metresPerPixel = 0.01;
        const Pack pack =
            packWithMeasure({{"kind", "path_length"}, {"point", "tip"}, {"in", "m"}, {"over", "all"}, {"unit", "m"}});
        const SetLengths lengths;
        TrialRuns runs(trial, 6);
        const MeasureContext context{pack, trial, eventsOf(trial), resolveRoles(pack, trial), 6, lengths, runs};
        const auto made = Span::of(context, *pack.measure("m"));
        const Span* span = std::get_if<Span>(&made);
        QVERIFY(span);
        constexpr double kStep = 6;
        const DrawnWalks walks = drawnWalks(*span, kStep);
        const auto wanders = drawnWanders(*span);
        QVERIFY(wanders);
        QCOMPARE(walks.draws.size(), std::size_t(kDraws));
        QCOMPARE(wanders->draws.size(), std::size_t(kDraws));
        NoisyCopies copies(*span, true);
        std::set<std::pair<std::size_t, std::size_t>> phases;
        for (std::size_t draw = 0; copies.next(); ++draw) {
            const SpanCopy& copy = copies.copy();
            const Walk walk = walkOf(copy.timesS, copy.firstPath, copy.fromS, copy.toS, kStep);
            QVERIFY(std::abs(walks.length[draw] - walk.length) < 0.01);
            QVERIFY(std::abs(walks.net[draw] - walk.net) < 0.001);
            const auto [first, last] = copy.inside();
            phases.insert({first, last});
            const double wander = wanderOf(
                copy.firstPath.middleRows(static_cast<Eigen::Index>(first), static_cast<Eigen::Index>(last - first)));
            QVERIFY(std::abs(wanders->wander[draw] - wander) < 0.001);
            QVERIFY(std::abs(drawnUnit(*span, static_cast<int>(draw)) - copy.unitPixels) < 1e-9);
        }
        QVERIFY(phases.size() > 5); // the copies' phases begin and end at different samples
    }
};

QTEST_APPLESS_MAIN(TestPathMeasures)
#include "tst_path_measures.moc"
