// Two ways between marked frames made into one, and bones that hold points in place: ways made by hand, answers known.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/track_bones.h"
#include "media/track_merge.h"

#include <QtTest>

#include <cmath>
#include <functional>

using namespace riflesso;
using Status = TrackedPoint::Status;

namespace {

/// A way from its mark at `start` on, in y = 50 and where `x` puts it.
std::map<int, TrackStep> wayFrom(int start, int end, const std::function<double(int frame)>& x) {
    std::map<int, TrackStep> way;
    for (int f = start;; f += end > start ? 1 : -1) {
        way[f] = {{x(f), 50}, 0.01, false};
        if (f == end)
            return way;
    }
}

TrackSeed markAt(int frame, double x, double sigmaPx = 0.1) { return {"p", frame, {x, 50}, sigmaPx}; }

/// A point that stands at x = 100, marked at 0 and 10; the ways are off by so much a frame.
TrackWays standing(double forwardDrift, double backwardDrift) {
    return {{{0, markAt(0, 100)}, {10, markAt(10, 100)}},
            wayFrom(0, 10, [=](int f) { return 100 + forwardDrift * f; }),
            wayFrom(10, 0, [=](int f) { return 100 + backwardDrift * (10 - f); })};
}

/// Hip and knee, 100 px apart in y, marked without uncertainty at 0 and 10; one frame between is followed, and off.
struct Thigh {
    std::map<std::string, TrackWays> ways;
    std::map<std::string, MergedPath> paths;
    Thigh(PixelPoint knee, double kneeVariance) {
        for (const auto& [name, y] : {std::pair("left_hip", 0.0), {"left_knee", 100.0}}) {
            for (int frame : {0, 10})
                ways[name].seeds[frame] = {name, frame, {0, y}, 0.001};
            for (int frame = 0; frame <= 10; ++frame)
                paths[name].push_back({{0, y}, 0, 1e-6, frame / 10.0, false, frame % 10 == 0});
        }
        MergedPoint& off = paths["left_knee"][5];
        off.at = knee;
        off.variance = kneeVariance;
        paths["left_hip"][5].variance = 0.01;
    }
    [[nodiscard]] const MergedPoint& knee() const { return paths.at("left_knee")[5]; }
};

} // namespace

class TestTrackMerge : public QObject {
    Q_OBJECT

private slots:
    void waysThatCloseAreTrusted() {
        const MergedPath merged = mergeWays(standing(0, 0), 0, 10);
        QCOMPARE(merged.size(), std::size_t(11));
        const TrackedPath path = judgedPath(merged, 0, 1080);
        QCOMPARE(path[5].frame, 5);
        QCOMPARE(path[5].status, Status::Tracked);
        QCOMPARE(path[5].at.x, 100.0);
        QVERIFY(path[5].sigmaPx < 0.12);
        QCOMPARE(path[10].sigmaPx, 0.1);
        QVERIFY(merged[10].marked && !merged[5].marked);
    }
    void whatAWayLacksAtTheNextMarkIsSharedOut() {
        // One way arrives 3 px off and the other 2 on the other side; both a little more each frame.
        const MergedPath merged = mergeWays(standing(0.3, -0.2), 0, 10);
        for (const MergedPoint& point : merged)
            QVERIFY(std::abs(point.at.x - 100) < 1e-9);
        QVERIFY(merged[5].variance > merged[1].variance && merged[5].variance > merged[9].variance);
        // Tied at both ends: 4.5 px² and 2 px² of each coordinate, less the marks' 0.02, each averaged with the mean of
        // both (3.23), times a quarter; two of them with half the say.
        const double forward = (4.48 + 3.23) / 2 / 4 + 0.0075, backward = (1.98 + 3.23) / 2 / 4 + 0.0075;
        QVERIFY(std::abs(merged[5].variance - (forward + backward) / 4) < 1e-9);
    }
    void itIsSharedOutByMovementNotByTime() {
        // Stands for ten frames, then goes 100 px in ten; what it is off by comes with the movement.
        const auto truth = [](int f) { return f < 10 ? 100.0 : 100.0 + 10 * (f - 10); };
        const TrackWays ways{{{0, markAt(0, 100)}, {20, markAt(20, 200)}},
                             wayFrom(0, 20, [&](int f) { return truth(f) + 0.04 * (truth(f) - 100); }),
                             wayFrom(20, 0, [&](int f) { return truth(f) + 0.04 * (200 - truth(f)); })};
        const MergedPath merged = mergeWays(ways, 0, 20);
        QVERIFY(merged[9].done < 0.02); // by time it would be 0.45, and the point 1.8 px off
        for (int f = 0; f <= 20; ++f)
            QVERIFY(std::abs(merged[static_cast<std::size_t>(f)].at.x - truth(f)) < 0.1);
    }
    void aWayThatWasLostIsDoubtedMoreThanOneThatArrived() {
        TrackWays ways = standing(0.3, 0.3);
        ways.seeds[20] = markAt(20, 100);
        for (int f = 11; f <= 20; ++f)
            ways.forward[f] = {{100, 50}, 0.01, f > 15};
        for (int f = 20; f > 10; --f)
            ways.backward[f] = {{100, 50}, 0.01, f < 20};
        const MergedPath merged = mergeWays(ways, 0, 20);
        QVERIFY(merged[15].variance > 2 * merged[5].variance);
        QVERIFY(merged[17].lost);
    }
    void beyondTheLastMarkItGrowsAsTheOthersShowed() {
        TrackWays ways = standing(0.3, 0.3);
        for (int f = 11; f <= 30; ++f)
            ways.forward[f] = {{100, 50}, 0.01, false};
        const TrackedPath path = judgedPath(mergeWays(ways, 0, 30), 0, 1080);
        // 3 px in ten frames in one coordinate: 4.5 px² of each, less the marks' 0.02, is 0.448 px² a frame.
        QVERIFY(std::abs(path[20].sigmaPx - std::sqrt(0.01 + 4.48)) < 1e-6);
        QCOMPARE(path[12].status, Status::Tracked);
        QCOMPARE(path[20].status, Status::Doubtful); // over the usual 2 px of a mark
        QCOMPARE(judgedPath(mergeWays(ways, 0, 30), 0, 2160)[20].status, Status::Tracked); // of 4 px
        ways.forward[30].lost = true;
        QCOMPARE(judgedPath(mergeWays(ways, 0, 30), 0, 1080)[30].status, Status::Lost);
    }
    void marksMadeByHandAreNotDoubtedForTheirOwnUncertainty() {
        TrackWays ways = standing(0, 0);
        for (auto& [frame, seed] : ways.seeds)
            seed.sigmaPx = 2;
        const TrackedPath path = judgedPath(mergeWays(ways, 0, 10), 0, 1080);
        QCOMPARE(path[5].status, Status::Tracked);
        QVERIFY(path[5].sigmaPx > 1.4 && path[5].sigmaPx < 1.5); // two marks of 2 px, half each
        QVERIFY(path[1].sigmaPx > 1.8);
    }
    void nothingMarkedIsLost() { QVERIFY(mergeWays({}, 0, 3)[2].lost); }

    void aBoneHoldsTheLessSureEnd() {
        Thigh thigh({4, 103}, 9);
        keepBoneLengths(thigh.paths, thigh.ways, 0);
        // Along the bone it is held to 1.3 px (0.3 and a hundredth of 100), across it keeps its place.
        const PixelPoint at = thigh.knee().at;
        QVERIFY(std::abs(std::hypot(at.x, at.y) - 100) < 0.7);
        QVERIFY(at.x > 3.5);
        QVERIFY(thigh.knee().variance < 6);
        QVERIFY(thigh.knee().variance > 4); // half of 9: across nothing is known
        QVERIFY(std::abs(thigh.paths.at("left_hip")[5].at.y) < 0.1);
    }
    void aBoneThatIsOffByFarIsLeftOut() {
        Thigh thigh({4, 160}, 9);
        keepBoneLengths(thigh.paths, thigh.ways, 0);
        QCOMPARE(thigh.knee().at.y, 160.0);
        QCOMPARE(thigh.knee().variance, 9.0);
    }
    void marksStayAndWhatIsLostStaysLost() {
        Thigh thigh({4, 103}, 9);
        thigh.paths["left_knee"][5].marked = true;
        keepBoneLengths(thigh.paths, thigh.ways, 0);
        QCOMPARE(thigh.knee().at.y, 103.0);
        Thigh without({4, 103}, 9);
        without.paths["left_knee"][5].lost = true;
        keepBoneLengths(without.paths, without.ways, 0);
        QVERIFY(without.knee().lost);
        QCOMPARE(without.knee().at.y, 103.0);
    }
    void oneMarkOfABoneSaysNothing() {
        Thigh thigh({4, 103}, 9);
        thigh.ways["left_hip"].seeds.erase(10);
        keepBoneLengths(thigh.paths, thigh.ways, 0);
        QCOMPARE(thigh.knee().at.y, 103.0);
    }
};

QTEST_APPLESS_MAIN(TestTrackMerge)
#include "tst_track_merge.moc"
