// When a movement before a standing camera begins and ends: made pictures, and the demo's lunges.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/movement_watch.h"
#include "support/files.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;
using namespace riflesso::test;

namespace {

constexpr double kRate = 50;

/// A bright block before a grey ground with noise, `at` px from the left.
Picture blockAt(double at, double timeS, std::mt19937& random) {
    constexpr int kWidth = 640, kHeight = 360, kSide = 60;
    static const std::vector<float> noise = [] {
        std::mt19937 own(1);
        std::normal_distribution<float> level(0, 4);
        std::vector<float> out(std::size_t(1) << 16);
        for (float& each : out)
            each = level(own);
        return out;
    }();
    std::size_t next = random();
    auto rgb = std::make_shared<std::vector<std::uint8_t>>(std::size_t(3) * kWidth * kHeight);
    for (int y = 0; y < kHeight; ++y)
        for (int x = 0; x < kWidth; ++x) {
            const bool block = x >= at && x < at + kSide && y >= 150 && y < 150 + kSide;
            const float level = (block ? 220.f : 110.f) + noise[next++ % noise.size()];
            for (std::size_t c = 0; c < 3; ++c)
                (*rgb)[std::size_t(3) * static_cast<std::size_t>(y * kWidth + x) + c] =
                    static_cast<std::uint8_t>(std::clamp(level, 0.f, 255.f));
        }
    return {kWidth, kHeight, rgb, 0, timeS};
}

} // namespace

class TestMovementWatch : public QObject {
    Q_OBJECT
private slots:
    void aMovementBetweenRests() {
        MovementWatch watch;
        std::mt19937 random(3);
        std::vector<MovementWatch::Moved> seen;
        for (int f = 0; f < 150; ++f) { // still until 1 s, then 300 px in a second, then still
            const double t = f / kRate, at = 100 + 300 * std::clamp(t - 1, 0.0, 1.0);
            if (const auto moved = watch.add(blockAt(at, t, random)))
                seen.push_back(*moved);
            if (t > 1.2 && t < 1.9)
                QVERIFY(watch.moving());
        }
        QCOMPARE(seen.size(), std::size_t(1));
        QVERIFY2(std::abs(seen[0].fromS - 1) <= 0.1 && std::abs(seen[0].toS - 2) <= 0.12,
                 qPrintable(QString("%1 to %2").arg(seen[0].fromS).arg(seen[0].toS)));
    }
    void noiseAndATwitchAreNone() {
        MovementWatch watch;
        std::mt19937 random(4);
        for (int f = 0; f < 150; ++f) {
            const double t = f / kRate, at = t > 1 && t < 1.1 ? 130 : 100;
            QVERIFY(!watch.add(blockAt(at, t, random)));
        }
        QVERIFY(!watch.moving());
    }
    void endedByHand() {
        MovementWatch watch;
        QVERIFY(!watch.endNow(3));
        std::mt19937 random(5);
        for (int f = 0; f < 100; ++f) // from 1 s on it never rests
            QVERIFY(!watch.add(blockAt(100 + 200 * std::max(0.0, f / kRate - 1), f / kRate, random)));
        const auto moved = watch.endNow(3);
        QVERIFY(moved && std::abs(moved->fromS - 1) <= 0.1 && std::abs(moved->toS - 99 / kRate) < 1e-9);
        QVERIFY(!watch.moving());
        const auto again = watch.endNow(0.5); // nothing was seen to move since
        QVERIFY(again && std::abs(again->toS - again->fromS - 0.5) < 1e-9);
    }
    void eachOfTheDemosLunges() {
        const Json truth = readJson(std::string(DEMO_CLIPS "/ilka_baseline.truth.json"));
        const auto reader = ClipReader::open(DEMO_CLIPS "/ilka_baseline.mp4");
        QVERIFY(reader.ok());
        MovementWatch watch;
        std::vector<MovementWatch::Moved> seen;
        for (int f = 0; f < (*reader)->info().frames(); ++f) {
            const auto picture = (*reader)->frame(f);
            QVERIFY(picture.ok());
            if (const auto moved = watch.add(*picture))
                seen.push_back(*moved);
        }
        const Json& repetitions = truth["takes"][0]["repetitions"];
        QCOMPARE(seen.size(), repetitions.size());
        for (std::size_t i = 0; i < seen.size(); ++i) {
            const double go = repetitions[i]["events_s"]["go"], back = repetitions[i]["events_s"]["back"];
            QVERIFY2(
                std::abs(seen[i].fromS - go) < 0.2 && std::abs(seen[i].toS - back) < 0.2,
                qPrintable(QString("%1 to %2 against %3 to %4").arg(seen[i].fromS).arg(seen[i].toS).arg(go).arg(back)));
        }
    }
};

QTEST_GUILESS_MAIN(TestMovementWatch)
#include "tst_movement_watch.moc"
