// Marks that jumped, and warps that pass over holds: made so that the answer is known.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/posture.h"
#include "core/signal/propose_events.h"
#include "support/files.h"
#include "support/made_trials.h"

#include <QtTest>

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <limits>
#include <numbers>

using namespace riflesso;
using namespace riflesso::test;

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

/// A straight leg at an angle from hanging (rad), frame by frame.
Trial leg(const std::function<double(int)>& angle) {
    Trial trial = emptyTrial(50, 600);
    addPath(trial, "right_hip", 0, 599, 1, [](int) { return PixelPoint{300, 200}; });
    addPath(trial, "right_knee", 0, 599, 1, [&](int frame) {
        return PixelPoint{300 + 100 * std::sin(angle(frame)), 200 + 100 * std::cos(angle(frame))};
    });
    addPath(trial, "right_ankle", 0, 599, 1, [&](int frame) {
        return PixelPoint{300 + 200 * std::sin(angle(frame)), 200 + 200 * std::cos(angle(frame))};
    });
    return trial;
}

/// A leg that hangs, swings forward and back by a radian within a second at each of the moments, and hangs again.
Trial swings(const std::vector<double>& fromS) {
    const auto angle = [&](int frame) {
        double out = 0;
        for (const double from : fromS) {
            const double t = frame / 50.0 - from;
            if (t > 0 && t < 1)
                out += (1 - std::cos(2 * std::numbers::pi * t)) / 2;
        }
        return out;
    };
    return leg(angle);
}

/// The same leg, raised by a radian within half a second at each of the moments, held up for so long, and lowered
/// again.
Trial raises(const std::vector<double>& fromS, double heldS) {
    const auto eased = [](double t) { return (1 - std::cos(std::numbers::pi * std::clamp(t / .5, 0.0, 1.0))) / 2; };
    const auto angle = [&](int frame) {
        double out = 0;
        for (const double from : fromS)
            out += eased(frame / 50.0 - from) - eased(frame / 50.0 - from - .5 - heldS);
        return out;
    };
    return leg(angle);
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
    void repetitionsLieBetweenRests() {
        const Pack pack = packOf(smallPack());
        const auto hits = findRepetitions(pack, nullptr, swings({2, 6, 9}), 1);
        QCOMPARE(hits.size(), std::size_t(3));
        for (std::size_t i = 0; i < hits.size(); ++i) {
            const double from = std::array{2.0, 6.0, 9.0}[i];
            QVERIFY(std::abs(hits[i].fromS - from) < 0.15 && std::abs(hits[i].toS - from - 1) < 0.15);
        }
        QVERIFY(findRepetitions(pack, nullptr, swings({}), 1).empty());
    }
    void thereAndBackIsOneRepetition() {
        const Pack pack = packOf(smallPack());
        constexpr double kHeld = 0.6;
        const auto hits = findRepetitions(pack, nullptr, raises({1, 4.5, 8}, kHeld), 1);
        QCOMPARE(hits.size(), std::size_t(3));
        for (std::size_t i = 0; i < hits.size(); ++i) {
            const double from = std::array{1.0, 4.5, 8.0}[i];
            QVERIFY2(std::abs(hits[i].fromS - from) < 0.15 && std::abs(hits[i].toS - from - 1 - kHeld) < 0.15,
                     qPrintable(QStringLiteral("%1 to %2").arg(hits[i].fromS).arg(hits[i].toS)));
        }
        // Who rests with the leg up lowers it and raises it again: where the longer rest is, it begins and ends.
        const auto lowered = findRepetitions(pack, nullptr, raises({1, 6}, 3), 1);
        QCOMPARE(lowered.size(), std::size_t(3));
        QVERIFY(std::abs(lowered[1].fromS - 4.5) < 0.15 && std::abs(lowered[1].toS - 6.5) < 0.15);
        // Another posture that is not left again stays what it was.
        QCOMPARE(findRepetitions(pack, nullptr, raises({2, 5, 8}, 100), 1).size(), std::size_t(3));
    }
    void aRuleAloneStopsOnTheWayThere() {
        Json json = smallPack();
        const Json stop =
            jsonOf(R"({"signal": {"kind": "speed", "point": "ankle@lead", "in": "body:hip@lead-knee@lead"},
                                     "feature": "stop"})");
        for (auto& event : json["events"])
            event["suggest"] = stop;
        const Pack pack = packOf(json);
        const auto at = [&](double heldS) {
            return proposeEvents(pack, {}, {cutTrial(raises({1}, heldS), 0.5, 2.6 + heldS, "one")}).front().events;
        };
        const auto found = at(0.6);
        QCOMPARE(found.size(), std::size_t(2));
        QVERIFY2(std::abs(found[0].timeS - 1.5) < 0.1, qPrintable(QString::number(found[0].timeS))); // up
        QVERIFY2(std::abs(found[1].timeS - 2.6) < 0.1, qPrintable(QString::number(found[1].timeS))); // down again
        QVERIFY(found[0].reviewFirst && found[1].reviewFirst);
        // Where it is not lowered again there is one stop, and no doubt about which.
        const auto once = at(100);
        QVERIFY(std::abs(once[0].timeS - 1.5) < 0.1 && !once[0].reviewFirst);
    }
    void repetitionsAreLikeTheOneThatWasMarked() {
        const Pack pack = packOf(smallPack());
        const Trial recording = swings({2, 6, 9});
        const Trial example = cutTrial(recording, 1.9, 3.1, "example");
        const auto hits = findRepetitions(pack, &example, recording, 0.2);
        QCOMPARE(hits.size(), std::size_t(3));
        for (std::size_t i = 0; i < hits.size(); ++i) {
            const double from = std::array{2.0, 6.0, 9.0}[i];
            QVERIFY2(std::abs(hits[i].fromS - from) < 0.3 && std::abs(hits[i].toS - from - 1) < 0.3,
                     qPrintable(QString::number(hits[i].fromS) + u' ' + QString::number(hits[i].toS)));
        }
    }
    void whatExamplesDisagreeByIsInTheUncertainty() {
        const std::vector<double> starts = {2, 5, 8};
        const Trial recording = swings({2, 5, 8, 10.5});
        const auto proposedWith = [&](double apartS, bool byRule = false) {
            Json json = smallPack();
            if (byRule) // the foremost point: the thigh stands furthest from the plumb line
                json["events"][1]["suggest"] = jsonOf(
                    R"({"signal": {"kind": "segment_angle", "points": ["knee@lead", "hip@lead"], "against": "vertical"},
                                          "feature": "minimum"})");
            const Pack pack = packOf(json);
            std::vector<Trial> examples;
            for (std::size_t i = 0; i < starts.size(); ++i) {
                Trial example = cutTrial(recording, starts[i] - 0.2, starts[i] + 1.2, std::to_string(i));
                addEvent(example, "go", 50 * starts[i]);
                // The foremost point, marked too early, right and too late.
                addEvent(example, "down", 50 * (starts[i] + 0.5 + (static_cast<double>(i) - 1) * apartS));
                examples.push_back(example);
            }
            const auto proposals = proposeEvents(pack, examples, {cutTrial(recording, 10.3, 11.7, "target")});
            for (const EventProposal& event : proposals.at(0).events)
                if (event.event == "down")
                    return event;
            return EventProposal();
        };
        const EventProposal agreed = proposedWith(0), apart = proposedWith(0.1);
        QVERIFY(std::abs(agreed.timeS - 11) < 0.03 && !agreed.rough);
        QVERIFY(std::isfinite(agreed.uS) && agreed.uS > 0);
        QVERIFY2(apart.uS > agreed.uS && apart.uS > 0.05 && apart.uS < 0.3, qPrintable(QString::number(apart.uS)));
        // What they carry is to be looked at, unless a rule brings it all to one place.
        QVERIFY(apart.reviewFirst && !agreed.reviewFirst);
        const EventProposal ruled = proposedWith(0.1, true);
        QVERIFY2(ruled.byRule && std::abs(ruled.timeS - 11) < 0.03, qPrintable(QString::number(ruled.timeS)));
        QVERIFY(!ruled.reviewFirst);
    }
    void stretchesOfALongTrackAreWarpedAsIfAlone() {
        const PostureTrack example = Hold{20}.track();
        PostureTrack target{0, Eigen::MatrixXd(800, 2)};
        for (int i = 0; i < 800; ++i)
            target.values.row(i) << std::sin(i / 9.0) + std::sin(i / 23.0), std::cos(i / 9.0) / 9;
        for (int i = 300; i < 310; ++i)
            target.values(i, 0) = std::numeric_limits<double>::quiet_NaN();
        target.values.middleRows(500, example.values.rows()) = example.values;
        constexpr double kBand = 0.2, kAny = std::numeric_limits<double>::infinity();
        WarpAlong along(example, target, 130);
        int found = 0, dear = 0;
        for (const int start : {0, 4, 296, 500, 670, 40}) // and back again
            for (const int samples : {60, 110, 130}) {
                const PostureTrack piece{0, target.values.middleRows(start, samples)};
                const Warp alone = warpOnto(example, piece, kBand), of = along.onto(start, samples, kBand, kAny);
                QCOMPARE(of.found, alone.found);
                QCOMPARE(of.path, alone.path);
                if (!alone.found)
                    continue;
                ++found;
                QVERIFY(of.cost == alone.cost && of.total == alone.total); // to the last digit
                // What may cost no less is found, what may is given up.
                QVERIFY(along.onto(start, samples, kBand, alone.cost).found);
                if (alone.cost > 0) {
                    ++dear;
                    QVERIFY(!along.onto(start, samples, kBand, 0.999 * alone.cost).found);
                }
            }
        QVERIFY2(found > 8 && dear > 8, qPrintable(QString("%1, %2").arg(found).arg(dear)));
        QVERIFY(along.onto(500, example.values.rows(), kBand, 0).found);
    }
    void repetitionsLikeAnExample() {
        const Pack pack = packOf(smallPack());
        constexpr double kAlike = 0.1; // with so little marked, what rests costs less than the default
        Trial example = swings({1});
        for (auto& [landmark, marks] : example.marks)
            erase_if(marks, [](const auto& mark) { return mark.first < 40 || mark.first > 110; });
        const auto hits = findRepetitions(pack, &example, swings({2, 6, 9}), kAlike);
        QCOMPARE(hits.size(), std::size_t(3));
        const std::array<double, 3> middles{2.5, 6.5, 9.5};
        for (std::size_t i = 0; i < hits.size(); ++i)
            QVERIFY2(std::abs((hits[i].fromS + hits[i].toS) / 2 - middles[i]) < 0.2,
                     qPrintable(QString::number((hits[i].fromS + hits[i].toS) / 2)));
        QVERIFY(findRepetitions(pack, &example, raises({1, 6}, 3), kAlike).empty()); // another movement
    }
    void aTurnMoreIsTheSameAngle() {
        const PostureTrack one = Hold{20}.track();
        for (const double turn : {2 * std::numbers::pi, -2 * std::numbers::pi}) {
            PostureTrack turned = one;
            turned.values.col(0).array() += turn;
            const Warp warp = warpOnto(one, turned, 0.3);
            QVERIFY(warp.found && warp.cost < 1e-9);
        }
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
