#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/person/limits.h"

#include <QtTest>

using namespace riflesso;

namespace {

const LimitRule kKnee{BodyPart::Knee, {}, "knee pain"};

QString said(const Limits& limits) {
    QStringList out;
    for (const Limit& limit : limits.known)
        out << QString::fromStdString(inWords(limit));
    for (const std::string& words : limits.unclear)
        out << QStringLiteral("? ") + QString::fromStdString(words);
    return out.join(QStringLiteral(" | "));
}

} // namespace

class TestLimits : public QObject {
    Q_OBJECT

private slots:
    void wordsMeanParts_data() {
        QTest::addColumn<QString>("words");
        QTest::addColumn<QString>("meaning");
        const auto row = [](const char* words, const char* meaning) { QTest::newRow(words) << words << meaning; };
        row("Knee pain", "knee, pain");
        row("Sore left knee", "knee, left, pain");
        row("pain in the knee", "knee, pain");
        row("my knee hurts", "knee, pain");
        row("kneecap pain", "knee, pain");
        row("knee operated in May", "knee, operated");
        row("bad knees", "knee, pain");
        row("both knees, aching", "knee, both, pain");
        row("ACL reconstruction (right)", "knee, operated");
        row("torn meniscus, right", "knee, healing");
        row("tennis elbow", "elbow");
        row("rotator cuff strain", "shoulder, healing");
        row("stiff hips", "hip, stiff");
        row("tight calf", "calf, stiff");
        row("shin splints", "shin");
        row("lower back", "lower back");
        row("back pain", "back, pain");
        row("chest pain", "heart and breath, pain | chest, pain");
        row("asthma", "heart and breath, illness");
        row("flu", "whole body, illness");
        row("sore shoulder and elbow", "shoulder, pain | elbow, pain");
        row("twisted ankle; wrist sprain", "ankle, healing | wrist, healing");
        // Denials, and what only looks like one.
        row("no knee pain any more", "");
        row("No pain in the left knee since May", "");
        row("no longer any knee or hip pain", "");
        row("pain-free knee", "");
        row("injuries: none", "");
        row("no injuries", "");
        row("", "");
        row("knee pain, not bad", "knee, pain");
        row("no knee bending", "knee");
        row("no jumping because of the knee", "knee");
        row("no knee pain when walking, only on stairs", "knee, pain");
        row("no knee pain, but a sore ankle", "ankle, pain");
        row("knee healed", "knee, healing");
        row("no hip", "hip");
        // Nobody can tell.
        row("the usual", "? the usual");
        row("has a cold", "? has a cold");
        row("see doctor's letter", "? see doctor's letter");
    }
    void wordsMeanParts() {
        QFETCH(QString, words);
        QFETCH(QString, meaning);
        QCOMPARE(said(limitsFromWords(words.toStdString())), meaning);
    }

    void aRuleConcernsPartsInsideAndRegionsAround() {
        const auto at = [](BodyPart part, LimitKind kind = LimitKind::Pain) {
            return Limit{part, LimitSide::Left, kind};
        };
        QVERIFY(concerns(kKnee, at(BodyPart::Knee)));
        QVERIFY(concerns(kKnee, at(BodyPart::Leg)));
        QVERIFY(concerns(kKnee, at(BodyPart::WholeBody, LimitKind::Illness)));
        QVERIFY(!concerns(kKnee, at(BodyPart::Ankle)));
        QVERIFY(!concerns(kKnee, at(BodyPart::Arm)));
        QVERIFY(concerns({BodyPart::Leg, {}, {}}, at(BodyPart::Achilles)));
        QVERIFY(concerns({BodyPart::WholeBody, {}, {}}, at(BodyPart::Eye)));
        QVERIFY(concerns({BodyPart::Arm, {}, {}}, at(BodyPart::Shoulder)));
        QVERIFY(!concerns({BodyPart::Trunk, {}, {}}, at(BodyPart::Shoulder)));
        QVERIFY(concerns({BodyPart::Back, {}, {}}, at(BodyPart::Trunk)));
        QVERIFY(!concerns({BodyPart::Knee, {LimitKind::Stiff}, {}}, at(BodyPart::Knee)));
        QVERIFY(concerns({BodyPart::Knee, {LimitKind::Stiff, LimitKind::Pain}, {}}, at(BodyPart::Knee)));
    }

    void textFormsOfPacks() {
        QVERIFY(rulesFromWords("knee pain", false) == std::vector<LimitRule>({{BodyPart::Knee, {}, "knee pain"}}));
        QVERIFY(rulesFromWords("tight calf", true) ==
                std::vector<LimitRule>({{BodyPart::Calf, {LimitKind::Stiff}, "tight calf"}}));
        QCOMPARE(rulesFromWords("knee or hip pain", false).size(), std::size_t(2));
        // What names no part is for everybody with a limit.
        QVERIFY(rulesFromWords("weak days", false).front().part == BodyPart::WholeBody);
    }

    void everyNameIsReadBack() {
        for (int i = 0; i < kBodyParts; ++i)
            QVERIFY(bodyPartFrom(toString(static_cast<BodyPart>(i))) == static_cast<BodyPart>(i));
        for (int i = 0; i < kLimitKinds; ++i)
            QVERIFY(limitKindFrom(toString(static_cast<LimitKind>(i))) == static_cast<LimitKind>(i));
        for (const LimitSide side : {LimitSide::Unsaid, LimitSide::Left, LimitSide::Right, LimitSide::Both})
            QVERIFY(limitSideFrom(toString(side)) == side);
        QVERIFY(!bodyPartFrom("tail") && !limitKindFrom("curse"));
    }
};

QTEST_GUILESS_MAIN(TestLimits)
#include "tst_limits.moc"
