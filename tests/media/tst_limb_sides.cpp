// Left and right through a run in which they are named anew in every frame: what is exchanged in the test comes back.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/limb_sides.h"

#include <QtTest>

#include <cmath>

using namespace riflesso;

namespace {

constexpr double kBodyPx = 400;

using Truth = std::map<std::string, PixelPoint>;

/// Somebody who walks past, a step in 15 frames: the limbs swing past each other in frames 0, 15, 30 and 45. The camera
/// looks a little from before and above: what is on the far side lies higher and further on.
Truth walking(int frame) {
    Truth out;
    for (const bool right : {false, true}) {
        const double swing = (right ? -1 : 1) * std::sin(2 * 3.14159265358979 * frame / 30);
        const double x = 100 + 3 * frame + (right ? 12 : 0), y = right ? -6 : 0;
        const std::vector<std::tuple<const char*, double, double>> joints = {
            {"hip", 2 * swing, 220},       {"knee", 30 * swing, 320},     {"ankle", 60 * swing, 410},
            {"heel", 60 * swing - 8, 418}, {"toe", 60 * swing + 16, 420}, {"shoulder", -2 * swing, 100},
            {"elbow", -20 * swing, 160},   {"wrist", -45 * swing, 205}};
        for (const auto& [joint, dx, height] : joints)
            out[(right ? "right_" : "left_") + std::string(joint)] = {x + dx, y + height};
    }
    return out;
}

std::vector<SeenFrame> seen(int from, int to) {
    std::vector<SeenFrame> out;
    for (int f = from; f < to; ++f) {
        SeenFrame frame{f, {}};
        for (const auto& [landmark, at] : walking(f))
            frame.points[landmark] = {landmark, at, .9};
        out.push_back(std::move(frame));
    }
    return out;
}

void swapSides(SeenFrame& frame, const std::vector<std::string>& joints) {
    for (const std::string& joint : joints)
        std::swap(frame.points.at("left_" + joint).at, frame.points.at("right_" + joint).at);
}

SeenFrame& at(std::vector<SeenFrame>& frames, int frame) {
    return frames[static_cast<std::size_t>(frame - frames.front().frame)];
}

const std::vector<std::string> kArm = {"shoulder", "elbow", "wrist"}, kLeg = {"hip", "knee", "ankle", "heel", "toe"};

/// Points more than five pixels from where they are in truth.
QStringList wrong(const std::vector<SeenFrame>& frames) {
    QStringList out;
    for (const SeenFrame& frame : frames)
        for (const auto& [landmark, at] : walking(frame.frame))
            if (const auto point = frame.points.find(landmark);
                point != frame.points.end() && std::hypot(point->second.at.x - at.x, point->second.at.y - at.y) > 5)
                out << QStringLiteral("%1 in %2").arg(QString::fromStdString(landmark)).arg(frame.frame);
    return out;
}

} // namespace

class TestLimbSides : public QObject {
    Q_OBJECT
private slots:
    void whatIsRightStaysAsItIs() {
        std::vector<SeenFrame> frames = seen(4, 60);
        settleSides(frames, {}, kBodyPx);
        QCOMPARE(wrong(frames), QStringList());
    }
    void exchangedJointsComeBack_data() {
        QTest::addColumn<int>("from");
        QTest::addColumn<int>("to");
        QTest::addColumn<QStringList>("joints");
        QTest::newRow("an arm in one frame") << 20 << 20 << QStringList{"shoulder", "elbow", "wrist"};
        QTest::newRow("a leg for a while") << 19 << 24 << QStringList{"hip", "knee", "ankle", "heel", "toe"};
        QTest::newRow("a knee without its ankle") << 21 << 21 << QStringList{"knee"};
        QTest::newRow("both feet without the legs") << 18 << 25 << QStringList{"heel", "toe"};
        QTest::newRow("an arm without its shoulder") << 50 << 55 << QStringList{"elbow", "wrist"};
    }
    void exchangedJointsComeBack() {
        QFETCH(int, from);
        QFETCH(int, to);
        QFETCH(QStringList, joints);
        std::vector<SeenFrame> frames = seen(4, 60);
        std::vector<std::string> names;
        for (const QString& joint : joints)
            names.push_back(joint.toStdString());
        for (int f = from; f <= to; ++f)
            swapSides(at(frames, f), names);
        QVERIFY(!wrong(frames).isEmpty());
        settleSides(frames, {}, kBodyPx);
        QCOMPARE(wrong(frames), QStringList());
        for (const auto& [landmark, point] : at(frames, from).points)
            QCOMPARE(point.landmark, landmark);
    }
    void aHandSeenInAWrongPlaceDoesNotDecide() {
        // Arms come out exchanged, and just then one hand is put somewhere else.
        std::vector<SeenFrame> frames = seen(17, 29);
        for (int f = 24; f < 29; ++f)
            swapSides(at(frames, f), kArm);
        at(frames, 24).points.at("left_wrist").at = {20, 380};
        settleSides(frames, {}, kBodyPx);
        const QStringList off = wrong(frames);
        QVERIFY2(off.size() == 1 && off.front().endsWith(QStringLiteral("wrist in 24")), qPrintable(off.join(u';')));
    }
    void aPersonsMarkDecidesBeforeAndAfter() {
        std::vector<SeenFrame> frames = seen(17, 29);
        for (SeenFrame& frame : frames) {
            swapSides(frame, kArm);
            swapSides(frame, kLeg);
        }
        // Of the legs only: arms have the network's word.
        std::map<std::string, MarksByFrame> set;
        for (const char* landmark : {"left_ankle", "right_ankle", "left_knee", "right_knee"})
            set[landmark][22] = {walking(22).at(landmark), 1, "analyst"};
        settleSides(frames, set, kBodyPx);
        const QStringList off = wrong(frames);
        QVERIFY2(off.filter(QStringLiteral("wrist")).size() == 24, qPrintable(off.join(u';')));
        for (const std::string& joint : kLeg)
            QVERIFY2(off.filter(QString::fromStdString(joint)).isEmpty(), qPrintable(off.join(u';')));
    }
    void nothingSeen() {
        std::vector<SeenFrame> frames(3);
        settleSides(frames, {}, kBodyPx);
        QCOMPARE(frames.size(), std::size_t(3));
        frames.clear();
        settleSides(frames, {}, kBodyPx);
        QVERIFY(frames.empty());
    }
};

QTEST_GUILESS_MAIN(TestLimbSides)
#include "tst_limb_sides.moc"
