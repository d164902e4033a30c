// What is drawn over the picture is what is measured: arcs sweep the value, lines have its length.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/measure/measured_shape.h"
#include "core/measure/range_fan.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

double gap(PixelPoint a, PixelPoint b) { return std::hypot(b.x - a.x, b.y - a.y); }

/// Degrees swept by an arc about its centre, found from its points alone.
double sweptDeg(const ShapeCurve& arc, PixelPoint centre) {
    double sum = 0;
    for (std::size_t i = 1; i < arc.points.size(); ++i) {
        const PixelPoint a = arc.points[i - 1], b = arc.points[i];
        const double ax = a.x - centre.x, ay = a.y - centre.y, bx = b.x - centre.x, by = b.y - centre.y;
        sum += std::atan2(ax * by - ay * bx, ax * bx + ay * by) * 180 / std::numbers::pi;
    }
    return std::abs(sum);
}

/// a b c d anywhere, still; the athlete faces either way.
Trial stillTrial(std::mt19937& random, bool facesLeft) {
    std::uniform_real_distribution<double> place(100, 900);
    Trial trial = emptyTrial();
    trial.capture.facing = facesLeft ? Side::Left : Side::Right;
    trial.capture.metresPerPixel = 0.005;
    for (const char* point : {"a", "b", "c", "d", "tip"}) {
        const PixelPoint at{place(random), place(random)};
        addPath(trial, point, 0, 119, 1, [at](int) { return at; });
    }
    addEvent(trial, "go", 10);
    addEvent(trial, "down", 60);
    return trial;
}
/// With one measure, m, taken at "down".
Pack packOfMeasure(const QString& def) {
    Json json = jsonOf(def.toStdString());
    json["at"] = "down";
    return packWithMeasure(json);
}
PixelPoint markOf(const Trial& trial, const std::string& name) { return trial.marks.at(name).at(60).at; }

} // namespace

class TestMeasuredShape : public QObject {
    Q_OBJECT
private slots:
    /// A segment that lies at an edge of the fan measures the edge of the range.
    void theFanIsTheRange_data() { theArcSweepsTheAngle_data(); }
    void theFanIsTheRange() {
        QFETCH(QString, def);
        QFETCH(QString, centre);
        const Pack pack = packOfMeasure(def);
        const MeasureDef* measure = pack.measure("m");
        std::mt19937 random(21);
        const auto value = [&](const Trial& trial) {
            return measureTrials(pack, {trial}, 6).front().find("m")->value.value_or(1e9);
        };
        int compared = 0;
        for (int i = 0; i < 100; ++i) {
            const Trial trial = stillTrial(random, i % 2);
            const double now = value(trial), low = now - 6, high = now + 9;
            const auto fan = rangeFan(pack, *measure, trial, low, high, 6);
            if (!fan)
                continue;
            QVERIFY(gap(fan->centre, markOf(trial, centre.toStdString())) < 1e-9);
            const char* end = measure->points.size() == 3 ? "c" : "b";
            for (const auto& [deg, wanted] : {std::pair(fan->fromDeg, low), {fan->toDeg, high}}) {
                Trial there = trial;
                const double a = deg * std::numbers::pi / 180;
                for (auto& [frame, mark] : there.marks.at(end))
                    mark.at = {fan->centre.x + fan->radiusPx * std::cos(a),
                               fan->centre.y + fan->radiusPx * std::sin(a)};
                const double got = value(there);
                // Past straight, or past the half turn, the value comes back: no edge of a range lies there.
                const bool turnsBack = measure->kind != Kind::SegmentAngle && (now < 16 || now > 164);
                const double off = std::remainder(got - wanted, measure->period() > 0 ? measure->period() : 360);
                if (!turnsBack)
                    QVERIFY2(std::abs(off) < .05, qPrintable(QStringLiteral("%1 for %2").arg(got).arg(wanted)));
                compared += !turnsBack;
            }
        }
        QVERIFY2(compared >= 60, qPrintable(QString::number(compared)));
    }
    void theArcSweepsTheAngle_data() {
        QTest::addColumn<QString>("def");
        QTest::addColumn<QString>("centre");
        const auto row = [](const char* name, const char* def, const char* centre) {
            QTest::newRow(name) << QString::fromLatin1(def) << QString::fromLatin1(centre);
        };
        row("included angle", R"({"kind":"angle","points":["a","b","c"],"unit":"deg"})", "b");
        row("knee", R"({"kind":"flexion","joint":"knee","points":["a","b","c"],"unit":"deg"})", "b");
        row("elbow", R"({"kind":"flexion","joint":"elbow","points":["a","b","c"],"unit":"deg"})", "b");
        row("shoulder", R"({"kind":"flexion","joint":"shoulder","points":["a","b","c"],"unit":"deg"})", "b");
        row("ankle", R"({"kind":"flexion","joint":"ankle","points":["a","b","c"],"unit":"deg"})", "b");
        row("against the upright", R"({"kind":"segment_angle","points":["a","b"],"against":"vertical","unit":"deg"})",
            "a");
        row("against the level", R"({"kind":"segment_angle","points":["a","b"],"against":"horizontal","unit":"deg"})",
            "a");
        row("without direction",
            R"({"kind":"segment_angle","points":["a","b"],"against":"horizontal","undirected":true,"unit":"deg"})",
            "a");
        row("two lines", R"({"kind":"line_angle","line":["a","b"],"against_line":["c","d"],"unit":"deg"})", "a");
    }
    void theArcSweepsTheAngle() {
        QFETCH(QString, def);
        QFETCH(QString, centre);
        const Pack pack = packOfMeasure(def);
        const MeasureDef* measure = pack.measure("m");
        QVERIFY(measure);
        std::mt19937 random(20);
        int compared = 0;
        for (int i = 0; i < 200; ++i) {
            const Trial trial = stillTrial(random, i % 2);
            const auto measured = measureTrials(pack, {trial}, 6);
            const MeasureValue* value = measured.front().find("m");
            const auto shape = measuredShape(pack, *measure, trial, 60, 6);
            QVERIFY(shape && shape->arcs.size() == 1);
            QVERIFY(value && value->valid());
            // A bend beyond half a turn is drawn the short way round.
            const double turn = std::abs(*value->value), expected = turn > 180 ? 360 - turn : turn;
            const double swept = sweptDeg(shape->arcs.front(), markOf(trial, centre.toStdString()));
            QVERIFY2(std::abs(swept - expected) < 1e-6,
                     qPrintable(QStringLiteral("%1 drawn, %2 measured").arg(swept).arg(expected)));
            ++compared;
        }
        QCOMPARE(compared, 200);
    }
    void theArcEndsOnTheSegment() {
        // In the picture, whichever way the athlete faces: the arc's end lies on the line to the third point.
        const Pack pack = packWithMeasure(
            jsonOf(R"({"kind":"flexion","joint":"knee","points":["a","b","c"],"at":"down","unit":"deg"})"));
        std::mt19937 random(21);
        for (int i = 0; i < 50; ++i) {
            const Trial trial = stillTrial(random, i % 2);
            const auto shape = measuredShape(pack, *pack.measure("m"), trial, 60, 6);
            QVERIFY(shape);
            const PixelPoint b = markOf(trial, "b"), c = markOf(trial, "c"), end = shape->arcs[0].points.back();
            const double share = gap(b, end) / gap(b, c);
            QVERIFY(std::abs(b.x + share * (c.x - b.x) - end.x) < 1e-6);
            QVERIFY(std::abs(b.y + share * (c.y - b.y) - end.y) < 1e-6);
            QCOMPARE(std::count_if(shape->lines.begin(), shape->lines.end(),
                                   [](const ShapeLine& line) { return line.reference; }),
                     1);
        }
    }
    void lengthsAreDrawnAtTheirLength() {
        std::mt19937 random(22);
        const Trial trial = stillTrial(random, true);
        const PixelPoint a = markOf(trial, "a"), b = markOf(trial, "b");
        const auto shapeOf = [&](const char* def) {
            const Pack pack = packWithMeasure(jsonOf(def));
            return measuredShape(pack, *pack.measure("m"), trial, 60, 6);
        };
        const auto distance = shapeOf(R"({"kind":"distance","points":["a","b"],"in":"m","at":"down","unit":"m"})");
        QVERIFY(distance);
        QCOMPARE(gap(distance->lines.at(0).from, distance->lines.at(0).to), gap(a, b));
        const auto ahead =
            shapeOf(R"({"kind":"offset","from":"a","to":"b","axis":"forward","in":"m","at":"down","unit":"m"})");
        QVERIFY(ahead);
        QCOMPARE(gap(ahead->lines.at(1).from, ahead->lines.at(1).to), std::abs(b.x - a.x));
        QVERIFY(ahead->lines.at(0).reference); // the upright through the first point
        QVERIFY(std::abs(ahead->lines.at(0).to.x - a.x) < 1e-9);
        const auto up = shapeOf(R"({"kind":"offset","from":"a","to":"b","axis":"up","in":"m","at":"down","unit":"m"})");
        QVERIFY(up);
        QCOMPARE(gap(up->lines.at(1).from, up->lines.at(1).to), std::abs(b.y - a.y));
    }
    void aPathIsThickWhereItIsFast() {
        // Back and forth with the highest speed in the middle of the way, at 0.6 s.
        Trial trial = emptyTrial(100, 200);
        addPath(trial, "tip", 0, 199, .1, [](int frame) {
            return PixelPoint{400 - 200 * std::cos(std::numbers::pi * (frame - 10) / 100), 300};
        });
        addEvent(trial, "go", 10);
        addEvent(trial, "down", 110);
        const Pack pack = packWithMeasure(jsonOf(R"({"kind":"straightness","point":"tip","over":"all","unit":"1"})"));
        const MeasureDef* def = pack.measure("m");
        QVERIFY(def);
        const auto shape = measuredShape(pack, *def, trial, 50, 8);
        QVERIFY(shape && shape->paths.size() == 1 && shape->lines.size() == 1);
        const ShapeCurve& path = shape->paths.front();
        QCOMPARE(path.points.size(), std::size_t(101)); // the phase, no more
        const auto thickest = std::max_element(path.shares.begin(), path.shares.end()) - path.shares.begin();
        QVERIFY(std::abs(thickest - 50) <= 1);
        QVERIFY(path.shares.front() < .1);
        QVERIFY(std::abs(shape->lines.front().from.x - 200) < 1 && std::abs(shape->lines.front().to.x - 600) < 1);
    }
    void nothingIsDrawnOfWhatIsNotThere() {
        std::mt19937 random(23);
        Trial trial = stillTrial(random, false);
        const Pack pack = packWithMeasure(
            jsonOf(R"({"kind":"flexion","joint":"knee","points":["a","b","c"],"at":"down","unit":"deg"})"));
        QVERIFY(!measuredShape(pack, *pack.measure("time"), trial, 60, 6)); // timing
        QVERIFY(!measuredShape(pack, *pack.measure("knee"), trial, 60, 6)); // its points are not marked
        trial.marks["b"].clear();
        QVERIFY(!measuredShape(pack, *pack.measure("m"), trial, 60, 6));
    }
    void theValueInAFrameIsThatOfAnEventThere() {
        // The same marks, measured at an event without doubt of its time: value and u agree.
        std::mt19937 random(24);
        std::normal_distribution<double> wander(0, 30);
        Trial trial = stillTrial(random, true);
        for (auto& [name, marks] : trial.marks)
            for (auto& [frame, mark] : marks)
                mark.at.x += wander(random);
        for (const char* def : {R"({"kind":"flexion","joint":"knee","points":["a","b","c"],"at":"down","unit":"deg"})",
                                R"({"kind":"distance","points":["a","b"],"in":"m","at":"down","unit":"m"})",
                                R"({"kind":"speed","point":"tip","in":"m","at":"down","unit":"m/s"})"}) {
            const Pack pack = packWithMeasure(jsonOf(def));
            const auto atEvent = measureTrials(pack, {trial}, 6);
            const MeasureValue* event = atEvent.front().find("m");
            const MeasureValue frame = measureInFrame(pack, *pack.measure("m"), trial, 60, 6),
                               other = measureInFrame(pack, *pack.measure("m"), trial, 40, 6);
            QVERIFY2(event && event->valid() && frame.valid() && other.valid(), inEnglish(frame.reason).c_str());
            QCOMPARE(*frame.value, *event->value);
            QCOMPARE(frame.u, event->u);
            QVERIFY(frame.u > 0);
            QVERIFY(std::abs(*other.value - *frame.value) > 1e-6);
        }
        trial.marks["b"].clear();
        const Pack pack = packWithMeasure(
            jsonOf(R"({"kind":"flexion","joint":"knee","points":["a","b","c"],"at":"down","unit":"deg"})"));
        QVERIFY(!measureInFrame(pack, *pack.measure("m"), trial, 60, 6).valid());
    }
    void whereAMeasureIsLookedAt() {
        const Pack pack = packWithMeasure(jsonOf(R"({"kind":"straightness","point":"tip","over":"all","unit":"1"})"));
        QCOMPARE(momentOf(pack, *pack.measure("knee")), std::string("down"));
        QCOMPARE(momentOf(pack, *pack.measure("time")), std::string("go"));
        QCOMPARE(momentOf(pack, *pack.measure("m")), std::string("go"));
    }
};

QTEST_GUILESS_MAIN(TestMeasuredShape)
#include "tst_measured_shape.moc"
