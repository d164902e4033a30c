// The tip of a weapon by its line from the hand: on a drawn line with blur, and against the truth of the simulated
// camera where the tracker loses it.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/uncertainty/stats.h"
#include "media/implement_line.h"
#include "media/recalled_tip.h"
#include "support/files.h"
#include "support/pictures.h"
#include "support/sanitized.h"

#include <QtTest>

#include <QPainter>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

using namespace riflesso;
using namespace riflesso::test;
using Status = TrackedPoint::Status;

namespace {

constexpr double kDegrees = 180 / std::numbers::pi;

/// A bright blade that turns by `sweepDeg` while the shutter is open, over noise.
Picture blade(PixelPoint grip, double angleDeg, double length, double sweepDeg, unsigned seed) {
    constexpr int kWidth = 640, kHeight = 360, kTimes = 24;
    std::vector<double> light(static_cast<std::size_t>(kWidth) * kHeight, 0);
    for (int t = 0; t < kTimes; ++t) {
        QImage image(kWidth, kHeight, QImage::Format_Grayscale8);
        image.fill(70);
        QPainter painter(&image);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(QColor(200, 200, 200), 3));
        const double a = (angleDeg + sweepDeg * (static_cast<double>(t) / (kTimes - 1) - 0.5)) / kDegrees;
        painter.drawLine(QPointF(grip.x + .5, grip.y + .5),
                         QPointF(grip.x + .5 + length * std::cos(a), grip.y + .5 + length * std::sin(a)));
        painter.end();
        for (int y = 0; y < kHeight; ++y)
            for (int x = 0; x < kWidth; ++x)
                light[static_cast<std::size_t>(y * kWidth + x)] +=
                    image.constScanLine(y)[x] / static_cast<double>(kTimes);
    }
    std::mt19937 random(seed);
    std::normal_distribution<double> noise(0, 4);
    std::vector<std::uint8_t> rgb;
    for (const double l : light) {
        const auto v = static_cast<std::uint8_t>(std::clamp(l + noise(random), 0.0, 255.0));
        rgb.insert(rgb.end(), {v, v, v});
    }
    return pictureOf(kWidth, kHeight, std::move(rgb));
}

/// A hand that goes to the right by 4 px a frame, its forearm level, the blade up by 20 degrees.
constexpr double kUp = -20 / kDegrees;
constexpr int kLast = kSanitized ? 14 : 30;
PixelPoint handAt(int frame) { return {150.0 + 4 * frame, 180}; }
PixelPoint tipAt(int frame) {
    const PixelPoint hand = handAt(frame);
    return {hand.x + 160 * std::cos(kUp), hand.y + 160 * std::sin(kUp)};
}
Result<Picture> swung(int frame) { return blade(handAt(frame), kUp * kDegrees, 160, 0, static_cast<unsigned>(frame)); }
std::vector<std::uint8_t> grey() { return std::vector<std::uint8_t>(3UL * 640 * 360, 90); }

} // namespace

class TestImplementLine : public QObject {
    Q_OBJECT
private slots:
    void aDrawnBlade_data() {
        QTest::addColumn<double>("sweep");
        QTest::addColumn<double>("tolerance");
        QTest::newRow("still") << 0.0 << 3.0;
        QTest::newRow("blurred over 2 degrees") << 2.0 << 4.0;
        QTest::newRow("blurred over 4 degrees") << 4.0 << 6.0;
    }
    void aDrawnBlade() {
        QFETCH(double, sweep);
        QFETCH(double, tolerance);
        for (unsigned i = 0; i < (kSanitized ? 3U : 12U); ++i) {
            const PixelPoint grip{200, 180};
            const double angle = -40 + 9.0 * i;
            const auto found =
                tipOnLine(blade(grip, angle, 160, sweep, i), grip, {(angle + 7) / kDegrees, 15 / kDegrees, 0, 0, 159});
            QVERIFY2(found.has_value(), qPrintable(QString::number(angle)));
            const double x = grip.x + 160 * std::cos(angle / kDegrees), y = grip.y + 160 * std::sin(angle / kDegrees);
            const double error = std::hypot(found->at.x - x, found->at.y - y);
            QVERIFY2(error < tolerance, qPrintable(QStringLiteral("%1 px at %2 degrees").arg(error).arg(angle)));
            QVERIFY(found->sigmaPx > 0.5 && found->sigmaPx < 10);
        }
    }
    void noBladeNoTip() {
        std::mt19937 random(2);
        std::normal_distribution<double> noise(90, 12);
        std::vector<std::uint8_t> rgb;
        for (int i = 0; i < 640 * 360; ++i) {
            const auto v = static_cast<std::uint8_t>(std::clamp(noise(random), 0.0, 255.0));
            rgb.insert(rgb.end(), {v, v, v});
        }
        QVERIFY(!tipOnLine(pictureOf(640, 360, std::move(rgb)), {200, 180}, {0, 0.3, 0, 0, 150}));
        QVERIFY(
            !tipOnLine(blade({200, 180}, 0, 160, 0, 1), {200, 180}, {0, 0.3, 0, 0, 10})); // too short to point anywhere
        // Outside of where it may point nothing is taken.
        QVERIFY(!tipOnLine(blade({200, 180}, 90, 160, 0, 1), {200, 180}, {0, 0.2, 0, 0, 160}));
    }
    void whatStaysBehindTheHandIsFoundAgain() {
        // What was followed is something on the wall behind, and surely so.
        TrackedPath tip, hand;
        for (int f = 0; f <= kLast; ++f) {
            tip.push_back({f, tipAt(0), 1, Status::Tracked});
            hand.push_back({f, handAt(f), 2, Status::Tracked});
        }
        const auto found = tipsByLine(swung, tip, hand, {0});
        QVERIFY(found.ok());
        for (const TrackedPoint& point : *found) {
            const PixelPoint there = tipAt(point.frame);
            const double off = std::hypot(point.at.x - there.x, point.at.y - there.y);
            // (By the first step of the hand the two still agree as far as they are known.)
            QVERIFY2(point.status == Status::Tracked && off < 6,
                     qPrintable(QStringLiteral("%1 px in frame %2").arg(off).arg(point.frame)));
        }
        // Nothing is seen there: what stays where it is while the hand goes on is doubtful.
        const auto wall = tipsByLine([](int) { return Result<Picture>(pictureOf(640, 360, grey())); }, tip, hand, {0});
        QVERIFY(wall.ok());
        QVERIFY((*wall)[0].status == Status::Tracked);
        for (int f = 6; f + 5 <= kLast; ++f)
            QVERIFY2((*wall)[static_cast<std::size_t>(f)].status == Status::Doubtful, qPrintable(QString::number(f)));
    }
    void heldAsInAnotherRepetition() {
        // Marked in a frame of another repetition, in which the hand is elsewhere and the arm turned by 10 degrees.
        constexpr double kTurned = 10 / kDegrees;
        constexpr int kMarked = 500;
        const PixelPoint hand{300, 200};
        const auto frame = [&](int f) {
            return f == kMarked ? Result<Picture>(blade(hand, (kUp + kTurned) * kDegrees, 160, 0, 99)) : swung(f);
        };
        const auto forearm = [](PixelPoint wrist, double angle) {
            return Forearm{{wrist.x - 80 * std::cos(angle), wrist.y - 80 * std::sin(angle)}, wrist};
        };
        const double angle = kUp + kTurned;
        const HeldLook look{
            kMarked, forearm(hand, kTurned), {hand.x + 160 * std::cos(angle), hand.y + 160 * std::sin(angle)}};
        std::map<int, Forearm> arms;
        for (int f = 0; f <= kLast; ++f)
            arms[f] = forearm(handAt(f), 0);
        const auto seeds = recallTip(frame, "tip", arms, {look});
        QVERIFY(seeds.ok());
        QVERIFY2(seeds->size() >= (kSanitized ? 3U : 6U), qPrintable(QString::number(seeds->size())));
        for (const TrackSeed& seed : *seeds) {
            const PixelPoint there = tipAt(seed.frame);
            QVERIFY(std::hypot(seed.at.x - there.x, seed.at.y - there.y) < 4);
            QCOMPARE(seed.landmark, std::string("tip"));
        }
        // A tip beside the line tells nothing; nor does an arm that never points as there.
        HeldLook elsewhere = look;
        elsewhere.tip = {look.tip.x + 10, look.tip.y + 25};
        QVERIFY(recallTip(frame, "tip", arms, {elsewhere})->empty());
        for (auto& [f, arm] : arms)
            arm = forearm(handAt(f), 60 / kDegrees);
        QVERIFY(recallTip(frame, "tip", arms, {look})->empty());
        QVERIFY(!recallTip([](int) { return Result<Picture>(cancelled()); }, "tip", arms, {look}).ok());
    }
    void whereTheTrackerLosesIt() {
        // The tip of Ilka's weapon, marked at the ends of a lunge, with the truth of her hand.
        const Json truth = readJson(DEMO_CLIPS "/ilka_baseline.truth.json");
        const Json &tips = truth["landmarks_px"]["tip"], &hands = truth["landmarks_px"]["left_wrist"];
        const auto reader = ClipReader::open(DEMO_CLIPS "/ilka_baseline.mp4");
        QVERIFY(reader.ok());
        constexpr int kFrom = 20, kTo = kSanitized ? 36 : 106; // a look takes ten times as long there
        const auto truthAt = [](const Json& list, int f) {
            const Json& at = list[static_cast<std::size_t>(f)];
            return PixelPoint{at[0].get<double>(), at[1].get<double>()};
        };
        TrackedPath tip, hand;
        std::mt19937 random(4);
        std::normal_distribution<double> noise(0, 0.7);
        for (int f = kFrom; f <= kTo; ++f) {
            const bool known = f == kFrom || f == 54 || f == kTo;
            tip.push_back({f, known ? truthAt(tips, f) : PixelPoint{0, 0}, known ? 1.0 : 0.0,
                           known ? Status::Tracked : Status::Lost});
            PixelPoint at = truthAt(hands, f);
            at.x += noise(random);
            at.y += noise(random);
            hand.push_back({f, at, 1, Status::Tracked});
        }
        const auto found = tipsByLine([&](int f) { return (*reader)->frame(f); }, tip, hand, {kFrom, 54, kTo});
        QVERIFY(found.ok());
        std::vector<double> errors;
        int within = 0;
        for (const TrackedPoint& point : *found)
            if (point.status == Status::Tracked && point.frame != kFrom && point.frame != kTo && point.frame != 54) {
                const PixelPoint at = truthAt(tips, point.frame);
                errors.push_back(std::hypot(point.at.x - at.x, point.at.y - at.y));
                within += errors.back() < 2.45 * point.sigmaPx; // 95 of 100 of a two-dimensional normal error
            }
        std::sort(errors.begin(), errors.end());
        QVERIFY(!errors.empty());
        qInfo("found %zu of 84, median %.2f px, 95 of 100 %.2f px, %d within their uncertainty", errors.size(),
              median(errors), percentile(errors, 0.95), within);
        QVERIFY(errors.size() >= (kSanitized ? 12U : 75U));
        QVERIFY(median(errors) < 2.5);
        QVERIFY(percentile(errors, 0.95) < 6);
        QVERIFY(within >= static_cast<int>(0.85 * static_cast<double>(errors.size())));
    }
};

QTEST_MAIN(TestImplementLine)
#include "tst_implement_line.moc"
