#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/judge/mean_trial.h"
#include "support/made_trials.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

Pack twoJoints() {
    Json json = smallPack();
    json["marked"] = {"hip@lead", "shoulder@lead", "knee@lead", "ankle@lead"};
    return packOf(json);
}

/// Hip at `x`, a trunk of `trunk` pixels above it, the knee half a trunk ahead of it plus `ahead` trunks at the end;
/// from frame 10 to 10 + length.
Trial moving(const std::string& id, double x, double trunk, int length, double ahead, Side facing) {
    Trial trial = emptyTrial(60, 200);
    trial.id = id;
    trial.capture.facing = facing;
    const double way = facing == Side::Right ? 1 : -1;
    addEvent(trial, "go", 10);
    addEvent(trial, "down", 10 + length);
    addPath(trial, "right_hip", 0, 199, 1, [=](int) { return PixelPoint{x, 500}; });
    addPath(trial, "right_shoulder", 0, 199, 1, [=](int) { return PixelPoint{x, 500 - trunk}; });
    addPath(trial, "right_knee", 0, 199, 1, [=](int frame) {
        const double share = std::clamp((frame - 10.0) / length, 0.0, 1.0);
        return PixelPoint{x + way * trunk * (0.5 + ahead * share), 500 + trunk / 2};
    });
    return trial;
}

} // namespace

class TestMeanTrial : public QObject {
    Q_OBJECT
private slots:
    void sizesPlacesAndSidesAreTakenOut() {
        const Pack pack = twoJoints();
        // Unlike in size, place, length and facing; ahead by 0.2 and 0.6 trunks at the end.
        const std::vector<Trial> trials = {moving("1", 300, 100, 60, 0.2, Side::Right),
                                           moving("2", 900, 160, 90, 0.6, Side::Left)};
        const PhaseAnchors anchors = phaseAnchors(pack, trials, {});
        const auto mean = meanTrial(pack, trials, anchors);
        QVERIFY(mean.has_value());
        QCOMPARE(mean->id, std::string(kMeanTrial));
        QCOMPARE(mean->times.timeOf(100), (60 / 60.0 + 90 / 60.0) / 2);
        const auto from = [&](const char* point, int percent) {
            const PixelPoint hip = mean->marks.at("right_hip").at(0).at, p = mean->marks.at(point).at(percent).at;
            return PixelPoint{(p.x - hip.x) / 100, (p.y - hip.y) / 100};
        };
        for (const int percent : {0, 50, 100}) {
            QVERIFY(std::abs(from("right_shoulder", percent).y + 1) < 1e-6);
            QVERIFY(std::abs(from("right_knee", percent).x - (0.5 + 0.4 * percent / 100)) < 0.01);
            QVERIFY(std::abs(from("right_knee", percent).y - 0.5) < 1e-6);
        }
        QVERIFY(!mean->marks.contains("right_ankle")); // nobody has it
        QVERIFY(PhaseMap::of(anchors, *mean).has_value());
    }
    void oneIsNoMean() {
        const Pack pack = twoJoints();
        std::vector<Trial> trials = {moving("1", 300, 100, 60, 0, Side::Right)};
        QVERIFY(!meanTrial(pack, trials, phaseAnchors(pack, trials, {})));
        trials.push_back(moving("2", 300, 100, 60, 0, Side::Right));
        trials[1].marks.erase("right_shoulder"); // nothing to scale it by
        QVERIFY(!meanTrial(pack, trials, phaseAnchors(pack, trials, {})));
        trials[1] = moving("2", 300, 100, 60, 0, Side::Right);
        trials[1].capture.view = View::Rear; // seen otherwise
        QVERIFY(!meanTrial(pack, trials, phaseAnchors(pack, trials, {})));
    }
    void aPointThatFewHaveIsLeftOut() {
        const Pack pack = twoJoints();
        std::vector<Trial> trials = {moving("1", 300, 100, 60, 0, Side::Right), moving("2", 0, 90, 60, 0, Side::Right),
                                     moving("3", 0, 80, 60, 0, Side::Right)};
        trials[0].marks.erase("right_knee");
        const PhaseAnchors anchors = phaseAnchors(pack, trials, {});
        QVERIFY(meanTrial(pack, trials, anchors)->marks.contains("right_knee")); // two of three
        trials[1].marks.erase("right_knee");
        QVERIFY(!meanTrial(pack, trials, anchors)->marks.contains("right_knee"));
    }
};

QTEST_GUILESS_MAIN(TestMeanTrial)
#include "tst_mean_trial.moc"
