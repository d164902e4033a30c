// Marks that jumped, and warps that pass over holds: made so that the answer is known.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/posture.h"

#include <QtTest>

#include <algorithm>
#include <cmath>
#include <functional>

using namespace riflesso;

namespace {

/// One feature: rests, turns by a radian in half a second, holds, turns back in a third of a second, rests.
struct Hold {
    static constexpr int kRest = 20, kThere = 30, kBack = 20;
    int held;
    [[nodiscard]] int release() const { return kRest + kThere + held; } ///< sample in which it begins to turn back
    [[nodiscard]] PostureTrack track() const {
        const int samples = release() + kBack + kRest;
        const auto eased = [](double share) {
            const double s = std::clamp(share, 0.0, 1.0);
            return s * s * (3 - 2 * s);
        };
        PostureTrack out{0, Eigen::MatrixXd(samples, 2)};
        for (int i = 0; i < samples; ++i)
            out.values(i, 0) = eased(double(i - kRest) / kThere) - eased(double(i - release()) / kBack);
        for (int i = 0; i < samples; ++i) {
            const int last = std::max(0, i - 1), next = std::min(samples - 1, i + 1);
            out.values(i, 1) = (out.values(next, 0) - out.values(last, 0)) / (next - last);
        }
        return out;
    }
};

Trial wrist(const std::function<PixelPoint(int)>& at, int frames) {
    Trial trial;
    std::vector<double> times;
    for (int f = 0; f < frames; ++f) {
        times.push_back(f / 25.0);
        trial.marks["left_wrist"][f] = {at(f), 1, ""};
    }
    trial.times = FrameTimes::ofClip(times);
    return trial;
}

/// Stands for 20 frames, then sets off by 30 px a frame within two frames.
PixelPoint setsOff(int frame) { return {100 + 30.0 * std::max(0.0, frame - 20.5), 100}; }

} // namespace

class TestPosture : public QObject {
    Q_OBJECT

private slots:
    void aHoldOfAnotherLengthIsNoObstacle() {
        const Hold example{60}, target{330};
        constexpr double kBand = 0.3;
        QVERIFY(!warpOnto(example.track(), target.track(), kBand).found); // over twice as long
        const HeldWarp warp(example.track(), target.track(), kBand);
        QVERIFY(warp.found());
        constexpr double kSamples = 1.5;
        QVERIFY(std::abs(warp.across(example.release()).first - target.release()) < kSamples);
        QVERIFY(std::abs(warp.across(Hold::kRest).first - Hold::kRest) < kSamples);
        // And the other way.
        const HeldWarp back(target.track(), example.track(), kBand);
        QVERIFY(back.found());
        QVERIFY(std::abs(back.across(target.release()).first - example.release()) < kSamples);
        // In the midst of the hold nobody can tell where, and the run says so.
        QVERIFY(back.across(target.release() - 150).second >= 20 || warp.across(example.release() - 30).second >= 20);
    }
    void withoutLongHoldsItIsThePlainWarp() {
        const Hold example{20}, target{26};
        const Warp plain = warpOnto(example.track(), target.track(), 0.3);
        const HeldWarp warp(example.track(), target.track(), 0.3);
        QVERIFY(plain.found && warp.found());
        for (double sample = 0; sample < 90; sample += 4.5)
            QCOMPARE(warp.across(sample), plain.across(sample));
    }
    void whatCannotBeWarpedIsSaid() {
        const PostureTrack one = Hold{20}.track();
        PostureTrack other = one;
        other.values.conservativeResize(Eigen::NoChange, 4);
        QVERIFY(!HeldWarp(one, other, 0.3).found());
    }
    void whatSetsOffAtOnceHasNotJumped() {
        const Trial kept = withoutJumps(wrist(setsOff, 40));
        QCOMPARE(kept.marks.at("left_wrist").size(), std::size_t(40));
    }
    void aMarkOutsideItsNeighboursLineHas() {
        const Trial trial = wrist(
            [](int f) {
                const PixelPoint at = setsOff(f);
                return f == 10 || f == 30 ? PixelPoint{at.x, at.y + 40} : at;
            },
            40);
        const MarksByFrame kept = withoutJumps(trial).marks.at("left_wrist");
        QVERIFY(!kept.contains(10));
        QVERIFY(!kept.contains(30)); // while it moves evenly as well
        QCOMPARE(kept.size(), std::size_t(38));
    }
};

QTEST_APPLESS_MAIN(TestPosture)
#include "tst_posture.moc"
