// The disc that hides a head, against the simulated figure: wherever it stands and however much of it is marked.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/head_cover.h"
#include "simcam/figure.h"

#include <QtTest>

#include <cmath>
#include <numbers>
#include <random>

using namespace riflesso;
using namespace riflesso::simcam;

class TestHeadCover : public QObject {
    Q_OBJECT

    /// A parallel picture, pixels: the figure 700 px high, seen from `turn`.
    static PixelPoint seen(Vec3 at, double turn) {
        constexpr double kHeight = 700;
        return {kHeight * (std::cos(turn) * at.x + std::sin(turn) * at.z), -kHeight * at.y};
    }

private slots:
    void theWholeHeadLiesUnderIt_data() {
        QTest::addColumn<QStringList>("without");
        QTest::addColumn<double>("mostHeads");              // area of the disc in those of the head
        QTest::newRow("both ears") << QStringList{} << 3.9; // the network's own marks: bench-head-cover
        QTest::newRow("one ear and the nose") << QStringList{"left_ear"} << 6.8;
        QTest::newRow("the nose") << QStringList{"left_ear", "right_ear"} << 10.2;
        QTest::newRow("one ear") << QStringList{"left_ear", "nose"} << 8.0;
        QTest::newRow("shoulders and hips") << QStringList{"left_ear", "right_ear", "nose"} << 8.8;
        QTest::newRow("one shoulder") << QStringList{"left_ear", "right_ear", "nose", "left_shoulder"} << 30.0;
    }
    void theWholeHeadLiesUnderIt() {
        QFETCH(QStringList, without);
        QFETCH(double, mostHeads);
        std::mt19937 random(1);
        std::uniform_real_distribution<float> any(-1, 1);
        std::normal_distribution<double> off(0, 3); // pixels, as a careful hand or the network at a face
        constexpr double kPi = std::numbers::pi;
        std::vector<double> heads;
        for (int i = 0; i < 400; ++i) {
            Pose pose; // who stands: of who lies the discs are wider
            pose.pelvis = Vec3{0, .53f, 0};
            pose.ankle = {Vec3{0, .052f, -.06f}, Vec3{0, .052f, .06f}};
            pose.kneePole = {Vec3{1, 0, 0}, Vec3{1, 0, 0}};
            pose.pelvisPitch = .5f * any(random);
            pose.chestPitch = pose.pelvisPitch + .4f * any(random);
            pose.chestYaw = .6f * any(random);
            pose.headYaw = pose.chestYaw + .9f * any(random);
            pose.headPitch = pose.chestPitch + .5f * any(random);
            const double turn = kPi * static_cast<double>(any(random));
            const Body body = buildBody(pose, 0);
            std::map<std::string, PixelPoint> marks;
            for (const auto& [name, at] : byName(body.joints)) {
                const PixelPoint there = seen(at, turn);
                if (!without.contains(QString::fromStdString(name)) && !QString::fromStdString(name).contains("eye"))
                    marks[name] = {there.x + off(random), there.y + off(random)};
            }
            const auto cover = headCover(marks);
            QVERIFY(cover);
            // The surface of skull and hair, of the lower face, and the tip of the nose, as the figure is built.
            const auto surface = [&](Vec3 middle, Vec3 half) {
                std::vector<Vec3> out;
                for (int a = 0; a < 24; ++a)
                    for (int b = 0; b <= 12; ++b) {
                        const auto around = static_cast<float>(2 * kPi * a / 24), up = static_cast<float>(kPi * b / 12);
                        out.push_back(middle + body.head.forward * (half.x * std::sin(up) * std::cos(around)) +
                                      body.head.up * (half.y * std::cos(up)) +
                                      body.head.left * (half.z * std::sin(up) * std::sin(around)));
                    }
                return out;
            };
            const Vec3 c = body.headCentre, f = body.head.forward, u = body.head.up;
            std::vector<Vec3> points = surface(c + u * .013f - f * .007f, {.064f, .062f, .0525f});
            for (const Vec3& at : surface(c - u * .022f + f * .013f, {.053f, .06f, .0505f}))
                points.push_back(at);
            points.push_back(body.joints.nose);
            for (const Vec3& at : points) {
                const PixelPoint there = seen(at, turn);
                const double far = std::hypot(there.x - cover->centre.x, there.y - cover->centre.y);
                QVERIFY2(far <= cover->radiusPx,
                         qPrintable(QStringLiteral("figure %1: %2 px from the middle, the disc has %3")
                                        .arg(i)
                                        .arg(far)
                                        .arg(cover->radiusPx)));
            }
            const double head = kPi * .0715 * .058 * 700 * 700;
            heads.push_back(kPi * cover->radiusPx * cover->radiusPx / head);
        }
        std::sort(heads.begin(), heads.end());
        QVERIFY2(heads[heads.size() / 2] <= mostHeads, qPrintable(QString::number(heads[heads.size() / 2])));
    }
    void whereTheHeadIsNotKnownNothingIsTakenForCovered() {
        QVERIFY(!headCover({}));
        QVERIFY(!headCover({{"nose", {10, 10}}})); // no size
        QVERIFY(!headCover({{"left_knee", {0, 100}}, {"left_ankle", {0, 150}}}));
        QVERIFY(!headCover({{"left_shoulder", {0, 0}}, {"left_elbow", {0, 40}}}));
    }
};

QTEST_GUILESS_MAIN(TestHeadCover)
#include "tst_head_cover.moc"
