// What goes along when a person moves a mark that a network proposed.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/uncertainty/stats.h"
#include "media/lasting_error.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;

namespace {

constexpr double kStatedPx = 4;

MarksByFrame still(int frames, std::string_view source = kProposedByNetwork) {
    MarksByFrame out;
    for (int f = 0; f < frames; ++f)
        out[f] = {{100, 200}, kStatedPx, std::string(source)};
    return out;
}
/// Where the marks stand after one is set by hand.
MarksByFrame after(MarksByFrame track, int frame, PixelPoint at, double sigmaPx = 1) {
    const Mark mark{at, sigmaPx, "analyst"};
    for (const auto& [other, moved] : goAlong(track, frame, mark))
        track[other] = moved;
    track[frame] = mark;
    return track;
}

} // namespace

class TestLastingError : public QObject {
    Q_OBJECT
private slots:
    void neighboursFollowLessAndLess() {
        const MarksByFrame now = after(still(230), 50, {106, 197});
        double last = 6;
        for (int f = 51; f < 120; ++f) {
            const double moved = now.at(f).at.x - 100;
            QVERIFY(moved <= last && std::abs(moved / 6 - (200 - now.at(f).at.y) / 3) < 1e-9);
            QCOMPARE(moved, now.at(100 - f < 0 ? f : 100 - f).at.x - 100); // as much on the other side
            last = moved;
        }
        // Alike by exp(-d / 50): 0.98 beside it, 0.78 twelve frames away, which leaves 0.2 and 0.62 of its own ±.
        QVERIFY(std::abs(now.at(51).at.x - 105.88) < 0.01 && std::abs(now.at(62).at.x - 104.72) < 0.01);
        QVERIFY(std::abs(now.at(51).sigmaPx - std::hypot(0.98, 0.198 * kStatedPx)) < 0.01);
        QVERIFY(std::abs(now.at(62).sigmaPx - std::hypot(0.787, 0.617 * kStatedPx)) < 0.01);
        QCOMPARE(now.at(220).at.x, 100.0);
        QCOMPARE(now.at(220).sigmaPx, kStatedPx);
        QCOMPARE(now.at(51).source, std::string(kProposedByNetwork));
    }
    void betweenTwoThatAPersonSetBothAreKept() {
        const MarksByFrame first = after(still(100), 20, {108, 200}), both = after(first, 60, {104, 200});
        QCOMPARE(both.at(20).at.x, 108.0);
        QCOMPARE(both.at(10).at.x, first.at(10).at.x); // beyond the first nothing moves any more
        QVERIFY(std::abs(both.at(21).at.x - first.at(21).at.x) < 0.1);
        QVERIFY(std::abs(both.at(59).at.x - 104) < 0.2);
        for (int f = 21; f < 60; ++f)
            QVERIFY(both.at(f).sigmaPx <= first.at(f).sigmaPx + 0.3 && both.at(f).at.x > 103 && both.at(f).at.x < 108);
    }
    void whatIsNotOfTheKindStays() {
        MarksByFrame track = still(60);
        track[31].source = kDoubtfulFromNetwork;
        track[32].source = kTracked;
        track[33].source = confirmedSource(kProposedByNetwork);
        const MarksByFrame moved = goAlong(track, 30, {{104, 200}, 1, "analyst"});
        QVERIFY(!moved.contains(30) && !moved.contains(31) && !moved.contains(32) && moved.contains(33));
        // A blunder, a doubtful one, one that was tracked, one that was not there.
        QVERIFY(goAlong(track, 30, {{100 + 5.1 * kStatedPx, 200}, 1, "analyst"}).empty());
        QVERIFY(goAlong(track, 31, {{102, 200}, 1, "analyst"}).empty());
        QVERIFY(goAlong(track, 32, {{102, 200}, 1, "analyst"}).empty());
        QVERIFY(goAlong(track, 70, {{102, 200}, 1, "analyst"}).empty());
    }
    void nudgedStepByStepIsMovedOnce() {
        MarksByFrame steps = still(60);
        for (int i = 1; i <= 4; ++i)
            steps = after(steps, 30, {100 + static_cast<double>(i), 200});
        const MarksByFrame once = after(still(60), 30, {104, 200});
        for (int f = 0; f < 60; ++f) {
            QVERIFY(std::abs(steps.at(f).at.x - once.at(f).at.x) < 1e-9);
            QVERIFY(std::abs(steps.at(f).sigmaPx - once.at(f).sigmaPx) < 1e-9);
        }
    }
    void theStatedUncertaintyHolds() {
        // Errors that last as the network's do (correlation 0.98 from frame to frame), one mark in forty frames by
        // hand.
        std::mt19937 random(3);
        std::normal_distribution<double> normal;
        int within = 0, all = 0;
        std::vector<double> before, now;
        for (int run = 0; run < 60; ++run) {
            MarksByFrame track;
            double x = kStatedPx * normal(random), y = kStatedPx * normal(random);
            const double keeps = std::exp(-1 / 50.0), fresh = kStatedPx * std::sqrt(1 - keeps * keeps);
            for (int f = 0; f < 120; ++f) {
                track[f] = {{x, y}, kStatedPx, std::string(kProposedByNetwork)};
                before.push_back(std::hypot(x, y));
                x = keeps * x + fresh * normal(random);
                y = keeps * y + fresh * normal(random);
            }
            for (const int f : {20, 60, 100})
                track = after(track, f, {normal(random), normal(random)});
            for (const auto& [frame, mark] : track) {
                within += (std::abs(mark.at.x) <= 2 * mark.sigmaPx) + (std::abs(mark.at.y) <= 2 * mark.sigmaPx);
                all += 2;
                now.push_back(std::hypot(mark.at.x, mark.at.y));
            }
        }
        const double share = static_cast<double>(within) / all;
        QVERIFY2(share > 0.93 && share < 0.98, qPrintable(QString::number(share)));
        QVERIFY(median(now) < 0.6 * median(before));
    }
};

QTEST_MAIN(TestLastingError)
#include "tst_lasting_error.moc"
