#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/measure/measure.h"
#include "core/measure/peak_traces.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>
#include <numbers>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// A point that moves 100 pixels to the right, quickest at `peakFrame`.
PixelPoint passing(int frame, double peakFrame, double y) {
    return {300 + 100 * std::tanh((frame - peakFrame) / 8), y};
}

Pack packWithOrder() {
    return packWithMeasure(
        jsonOf(R"({"kind": "peak_order", "of": ["a", "b"], "over": "all", "unit": "1", "lag_tolerance": 0.05})"));
}

} // namespace

class TestPeakTraces : public QObject {
    Q_OBJECT
private slots:
    void eachHasItsPeakWhereItIsQuickest() {
        const Pack pack = packWithOrder();
        Trial trial = emptyTrial(60, 120);
        addEvent(trial, "go", 20);
        addEvent(trial, "down", 100);
        addPath(trial, "a", 0, 119, 1, [](int frame) { return passing(frame, 50, 200); });
        addPath(trial, "b", 0, 119, 1, [](int frame) { return passing(frame, 62, 300); });
        const auto traces = peakTraces(pack, *pack.measure("m"), trial, 6);
        QCOMPARE(traces.size(), std::size_t(2));
        QVERIFY(std::abs(traces[0].peakS - 50 / 60.0) < 0.02);
        QVERIFY(std::abs(traces[1].peakS - 62 / 60.0) < 0.02);
        // What is drawn is what the measure says.
        const auto measured = measureTrials(pack, {trial}, 6);
        const MeasureValue* lag = measured[0].find("m.lag.1");
        QVERIFY(lag && lag->valid());
        QVERIFY(std::abs(*lag->value - (traces[1].peakS - traces[0].peakS)) < 1e-6);
        for (const PeakTrace& trace : traces) {
            const double most = *std::max_element(trace.shares.begin(), trace.shares.end());
            QVERIFY(most > 0.98 && most <= 1.0 + 1e-9);
            QVERIFY(trace.timesS.front() >= 20 / 60.0 - 1e-9 && trace.timesS.back() <= 100 / 60.0 + 1e-9);
        }
    }
    void aJointIsReadByItsTurning() {
        Pack pack = packWithOrder();
        MeasureDef def = *pack.measure("m");
        def.of[0].push_back(def.of[1][0]); // the segment from a to b
        def.of.resize(1);
        Trial trial = emptyTrial(60, 120);
        addEvent(trial, "go", 20);
        addEvent(trial, "down", 100);
        addPath(trial, "a", 0, 119, 1, [](int) { return PixelPoint{300, 300}; });
        addPath(trial, "b", 0, 119, 1, [](int frame) {
            const double angle = 2 * std::tanh((frame - 70.0) / 8);
            return PixelPoint{300 + 100 * std::cos(angle), 300 + 100 * std::sin(angle)};
        });
        const auto traces = peakTraces(pack, def, trial, 6);
        QCOMPARE(traces.size(), std::size_t(1));
        QVERIFY(std::abs(traces[0].peakS - 70 / 60.0) < 0.02);
    }
    void nothingWithoutMarksOrEvents() {
        const Pack pack = packWithOrder();
        Trial trial = emptyTrial(60, 120);
        addPath(trial, "a", 0, 119, 1, [](int frame) { return passing(frame, 50, 200); });
        QVERIFY(peakTraces(pack, *pack.measure("m"), trial, 6).empty()); // no events
        addEvent(trial, "go", 20);
        addEvent(trial, "down", 100);
        QVERIFY(peakTraces(pack, *pack.measure("m"), trial, 6).empty()); // b is not marked
    }
};

QTEST_GUILESS_MAIN(TestPeakTraces)
#include "tst_peak_traces.moc"
