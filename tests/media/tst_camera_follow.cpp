// A camera that pans: against the exact maps of the shipped clip, on a still clip, and where nothing can be seen.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/uncertainty/stats.h"
#include "media/camera_follow.h"
#include "support/files.h"
#include "support/pictures.h"

#include <QtTest>

#include <algorithm>
#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

using Map = std::array<double, 9>;

PixelPoint mapped(const Map& m, PixelPoint p) {
    const double w = m[6] * p.x + m[7] * p.y + m[8];
    return {(m[0] * p.x + m[1] * p.y + m[2]) / w, (m[3] * p.x + m[4] * p.y + m[5]) / w};
}
Map inverse(const Map& m) {
    return {m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
            m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
            m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]};
}

} // namespace

class TestCameraFollow : public QObject {
    Q_OBJECT
private slots:
    void againstTheTruth() {
        const Json truth = readJson(DEMO_CLIPS "/odd_panning.truth.json");
        std::vector<Map> fromSource;
        for (const Json& map : truth["map_from_source"])
            fromSource.push_back(map.get<Map>());
        const auto reader = ClipReader::open(DEMO_CLIPS "/odd_panning.mp4");
        QVERIFY(reader.ok());
        const int last = (*reader)->info().frames() - 1;
        QCOMPARE(static_cast<int>(fromSource.size()), last + 1);
        int asked = 0;
        const auto followed = followCamera([&](int at) { return (*reader)->frame(at); }, 0, last, {},
                                           [&](double) { return ++asked > 0; });
        QVERIFY(followed.ok());
        QVERIFY(asked > 50);
        QVERIFY(followed->moved((*reader)->info().displayHeight));
        QVERIFY2(followed->motion.seen > 0.99, qPrintable(QString::number(followed->motion.seen)));
        std::vector<double> errors;
        int within = 0, all = 0;
        for (int frame = 0; frame <= last; frame += 3)
            for (const PixelPoint& at : {PixelPoint{100, 60}, {360, 200}, {620, 340}, {200, 330}, {560, 80}}) {
                const PixelPoint source = mapped(inverse(fromSource[static_cast<std::size_t>(frame)]), at);
                const PixelPoint expected = mapped(fromSource[0], source);
                const auto got = followed->motion.steady(frame, at);
                QVERIFY(got.has_value());
                const double error = std::hypot(got->x - expected.x, got->y - expected.y);
                errors.push_back(error);
                if (error > 1.5 && qEnvironmentVariableIsSet("SHOW"))
                    qInfo("frame %d at %.0f %.0f: %.2f px, u %.2f", frame, at.x, at.y, error,
                          followed->motion.steps.at(frame).uPx);
                within += error <= 2.5 * followed->motion.steps.at(frame).uPx + 0.3;
                ++all;
            }
        std::sort(errors.begin(), errors.end());
        qInfo("median %.3f px, 95 of 100 %.3f px, wandered %.1f px, residual %.3f px, within its u %d of %d",
              median(errors), percentile(errors, 0.95), followed->farthestPx, followed->motion.residualPx, within, all);
        QVERIFY(median(errors) < 0.5);
        QVERIFY(percentile(errors, 0.95) < 1.5);
        QVERIFY(within > 0.8 * all);
    }
    void aStandingCameraStands() {
        const auto reader = ClipReader::open(DEMO_CLIPS "/ilka_baseline.mp4");
        QVERIFY(reader.ok());
        const auto followed = followCamera([&](int at) { return (*reader)->frame(at); }, 0, 60);
        QVERIFY(followed.ok());
        QVERIFY2(!followed->moved((*reader)->info().displayHeight), qPrintable(QString::number(followed->farthestPx)));
    }
    void nothingToHoldOnTo() {
        // After ten pictures of a hall the lens is covered: what is not seen is not guessed.
        const auto reader = ClipReader::open(DEMO_CLIPS "/ilka_baseline.mp4");
        QVERIFY(reader.ok());
        const int width = (*reader)->info().displayWidth, height = (*reader)->info().displayHeight;
        const auto followed = followCamera(
            [&](int at) -> Result<Picture> {
                return at < 10 ? (*reader)->frame(at) : Result<Picture>(plainPicture(width, height, 20));
            },
            0, 39);
        QVERIFY(followed.ok());
        QCOMPARE(followed->motion.steps.size(), std::size_t(10));
        QVERIFY(!followed->motion.steady(25, {10, 10}));
        QVERIFY(std::abs(followed->motion.seen - 0.25) < 1e-9);
    }
    void canBeStopped() {
        const auto stopped = followCamera([](int) -> Result<Picture> { return plainPicture(320, 240, 90); }, 0, 100, {},
                                          [](double share) { return share < 0.2; });
        QVERIFY(!stopped.ok());
        QVERIFY(stopped.error().kind == Error::Kind::Cancelled);
    }
};

QTEST_GUILESS_MAIN(TestCameraFollow)
#include "tst_camera_follow.moc"
