// Scale from known lengths: by hand, against draws, and what a second length says of the first.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/known_length.h"

#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;

class TestKnownLength : public QObject {
    Q_OBJECT
private slots:
    void oneLengthByHand() {
        // 1.5 m over 1000 px (600, 800): 1.5 mm/px; u = sqrt2 * 2 / 1000 and 0.003 / 1.5.
        const auto scale = scaleFrom({{0, {100, 100}, {700, 900}, 1.5, .003}}, 2);
        QVERIFY(scale);
        QVERIFY(std::abs(scale->metresPerPixel - .0015) < 1e-15);
        QVERIFY(std::abs(scale->relativeU - std::hypot(std::sqrt(2.0) * 2 / 1000, .002)) < 1e-12);
        QVERIFY(!scale->residual); // no check possible
    }
    void theLongerLengthWeighsMore() {
        const KnownLength longOne{0, {0, 0}, {1000, 0}, 2.0, 0}, shortOne{0, {0, 0}, {100, 0}, .21, 0};
        const auto scale = scaleFrom({longOne, shortOne}, 2);
        // By hand: weights 1 / (u s)^2 with u = sqrt2 2 / px.
        const double wLong = 1 / std::pow(std::sqrt(2.0) * 2 / 1000 * .002, 2),
                     wShort = 1 / std::pow(std::sqrt(2.0) * 2 / 100 * .0021, 2);
        const double mean = (wLong * .002 + wShort * .0021) / (wLong + wShort);
        QVERIFY(std::abs(scale->metresPerPixel - mean) < 1e-15);
        const double residual = std::hypot(.002 / mean - 1, .0021 / mean - 1);
        QVERIFY(scale->residual && std::abs(*scale->residual - residual) < 1e-12);
        QCOMPARE(scale->relativeU, residual); // five per cent apart: the ends do not explain it
    }
    void theStatedUCoversWhatNoisyEndsDo() {
        std::mt19937 random(40);
        std::normal_distribution<double> px(0, 2), tape(0, kTapeUM);
        int covered = 0;
        constexpr int kDraws = 2000;
        for (int i = 0; i < kDraws; ++i) {
            std::vector<KnownLength> lengths;
            for (const auto& [a, b] : {std::pair{PixelPoint{200, 300}, PixelPoint{900, 310}},
                                       std::pair{PixelPoint{500, 100}, PixelPoint{505, 700}}}) {
                const double metres = .002 * std::hypot(b.x - a.x, b.y - a.y);
                lengths.push_back({0,
                                   {a.x + px(random), a.y + px(random)},
                                   {b.x + px(random), b.y + px(random)},
                                   metres + tape(random),
                                   kTapeUM});
            }
            const auto scale = scaleFrom(lengths, 2);
            covered += std::abs(scale->metresPerPixel / .002 - 1) <= 2 * scale->relativeU;
        }
        const double share = static_cast<double>(covered) / kDraws;
        QVERIFY2(share > .94 && share < .995, qPrintable(QString::number(share)));
    }
    void whatGivesNoScale() {
        QVERIFY(!scaleFrom({}, 2));
        QVERIFY(!scaleFrom({{0, {5, 5}, {5, 5}, 1, 0}}, 2));
        QVERIFY(!scaleFrom({{0, {0, 0}, {100, 0}, 0, 0}}, 2));
    }
};

QTEST_GUILESS_MAIN(TestKnownLength)
#include "tst_known_length.moc"
