#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/points/fold.h"
#include "support/files.h"
#include "support/made_trials.h"
#include "support/same.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestLandmark : public QObject {
    Q_OBJECT
private slots:
    void namesOfTheBody() {
        QVERIFY(isAnatomical("left_knee"));
        QVERIFY(isAnatomical("nose"));
        QVERIFY(!isAnatomical("knee"));
        QVERIFY(!isAnatomical("left_nose"));
        QVERIFY(isDerived("mid_hip"));
        QVERIFY(!isDerived("left_hip"));
        QCOMPARE(inWords("left_knee"), std::string("left knee"));
    }
    void rolesFollowHandAndFacing_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<bool>("leftHanded");
        QTest::addColumn<bool>("facesLeft");
        QTest::addColumn<bool>("isLeft");
        QTest::newRow("dominant of a right-hander") << int(RoleRule::Kind::Dominant) << false << false << false;
        QTest::newRow("dominant of a left-hander") << int(RoleRule::Kind::Dominant) << true << false << true;
        QTest::newRow("other of a left-hander") << int(RoleRule::Kind::Other) << true << false << false;
        QTest::newRow("near when facing right is the right side")
            << int(RoleRule::Kind::Near) << false << false << false;
        QTest::newRow("near when facing left is the left side") << int(RoleRule::Kind::Near) << false << true << true;
        QTest::newRow("far when facing left is the right side") << int(RoleRule::Kind::Far) << false << true << false;
        QTest::newRow("left stays left") << int(RoleRule::Kind::Left) << false << false << true;
    }
    void rolesFollowHandAndFacing() {
        QFETCH(int, kind);
        QFETCH(bool, leftHanded);
        QFETCH(bool, facesLeft);
        QFETCH(bool, isLeft);
        Capture capture;
        capture.handedness = leftHanded ? Side::Left : Side::Right;
        capture.facing = facesLeft ? Side::Left : Side::Right;
        SAME(resolveSide({static_cast<RoleRule::Kind>(kind), {}}, capture), isLeft ? Side::Left : Side::Right);
    }
    void theFrontFootIsFoundFromTheMarks() {
        Json json = smallPack();
        json["roles"]["front"] = "front_at:down";
        json["roles"]["back"] = "rear_at:down";
        const Pack pack = packOf(json);
        Trial trial = emptyTrial();
        addEvent(trial, "down", 40);
        trial.marks["left_ankle"][40] = {{300, 500}, 2, ""};
        trial.marks["right_ankle"][40] = {{200, 500}, 2, ""};
        SAME(resolveRoles(pack, trial).at("front"), Side::Left);
        SAME(resolveRoles(pack, trial).at("back"), Side::Right);
        trial.capture.facing = Side::Left; // forward is now to the left of the picture
        SAME(resolveRoles(pack, trial).at("front"), Side::Right);
        trial.marks.erase("right_ankle");
        QVERIFY(!resolveRoles(pack, trial).contains("front")); // not guessed
    }
    void axesThatAViewLacks() {
        QCOMPARE(axisIndex(View::Side, Axis::Forward), std::optional(0));
        QCOMPARE(axisIndex(View::Side, Axis::Up), std::optional(1));
        QVERIFY(!axisIndex(View::Side, Axis::Lateral));
        QVERIFY(!axisIndex(View::Rear, Axis::Forward));
        QVERIFY(!axisIndex(View::Top, Axis::Up));
        QCOMPARE(axisIndex(View::Top, Axis::Forward), std::optional(1));
    }
    void theFoldMakesMirrorImagesEqual_data() {
        QTest::addColumn<int>("view");
        QTest::addColumn<bool>("facesLeft");
        QTest::addColumn<bool>("leftHanded");
        QTest::addColumn<double>("x"); // of a point 10 px to the right in the picture
        QTest::newRow("side, facing right") << int(View::Side) << false << false << 10.0;
        QTest::newRow("side, facing left") << int(View::Side) << true << false << -10.0;
        QTest::newRow("rear, right-hander: picture right is dominant") << int(View::Rear) << false << false << 10.0;
        QTest::newRow("front, right-hander: picture right is not") << int(View::Front) << false << false << -10.0;
        QTest::newRow("front, left-hander") << int(View::Front) << false << true << 10.0;
    }
    void theFoldMakesMirrorImagesEqual() {
        QFETCH(int, view);
        QFETCH(bool, facesLeft);
        QFETCH(bool, leftHanded);
        QFETCH(double, x);
        Capture capture;
        capture.view = static_cast<View>(view);
        capture.facing = facesLeft ? Side::Left : Side::Right;
        capture.handedness = leftHanded ? Side::Left : Side::Right;
        const Fold fold = Fold::plain(capture);
        QCOMPARE(fold.row(0, 10.0, 7.0), x);
        QCOMPARE(fold.row(1, 10.0, 7.0), -7.0); // up is against the picture's y
    }
    void aTopViewNeedsTheLineAhead() {
        Json json = smallPack();
        json["views"] = {"top"};
        json["lines"] = jsonOf(R"([{"id": "ahead", "title": "Ahead", "points": ["a", "b"]}])");
        const Pack pack = packOf(json);
        Trial trial = emptyTrial();
        trial.capture.view = View::Top;
        QVERIFY(!Fold::of(trial, &pack));
        trial.marks["a"][0] = {{100, 300}, 2, ""};
        trial.marks["b"][0] = {{100, 100}, 2, ""}; // ahead is up in the picture
        const auto fold = Fold::of(trial, &pack);
        QVERIFY(fold);
        QCOMPARE(fold->row(1, 0.0, -10.0), 10.0); // forward
        QCOMPARE(fold->row(0, 10.0, 0.0), 10.0);  // the athlete's right lies clockwise of ahead
        trial.capture.handedness = Side::Left;
        QCOMPARE(Fold::of(trial, &pack)->row(0, 10.0, 0.0), -10.0);
    }
    void aMarkedVerticalTakesCameraRollOut() {
        Json json = smallPack();
        json["lines"] = jsonOf(R"([{"id": "plumb", "title": "Plumb", "points": ["a", "b"]}])");
        const Pack pack = packOf(json);
        Trial trial = emptyTrial();
        trial.marks["a"][0] = {{100, 300}, 2, ""};
        trial.marks["b"][0] = {{160, 220}, 2, ""}; // up leans 3:4 to the right
        const auto fold = Fold::of(trial, &pack);
        QVERIFY(fold);
        QCOMPARE(fold->row(1, 60.0, -80.0), 100.0);
        QCOMPARE(fold->row(0, 60.0, -80.0) + 1, 1.0);
        QCOMPARE(fold->row(0, 80.0, 60.0), 100.0);
    }
};

QTEST_APPLESS_MAIN(TestLandmark)
#include "tst_landmark.moc"
