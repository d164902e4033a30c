// The athlete's page and what it leads to: first guesses, the goal as a number, another skill, two cameras on one
// repetition. Driven in the window, asserted on disk.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/athlete/goal_box.h"
#include "report/goal_words.h"
#include "window_driver.h"
#include "work/case_assessment.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestAthlete : public QObject {
    Q_OBJECT

    static void choose(QComboBox* box, const QVariant& data) {
        const int index = box->findData(data);
        QVERIFY2(index >= 0, qPrintable(data.toString()));
        box->setCurrentIndex(index);
        emit box->activated(index);
    }
    static CaseData onDisk(const Driver& d) { return *d.workspace.library()->loadCase(d.data().id); }

private slots:
    void aFirstGuessIsLockedAndStandsBesideTheMeasured() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.window->showPage(QStringLiteral("athlete"));
        choose(d.find<QComboBox>("beliefWhose"), static_cast<int>(Guesser::Analyst));
        choose(d.find<QComboBox>("beliefMeasure"), QStringLiteral("trunk_low"));
        d.find<QDoubleSpinBox>("beliefValue")->setValue(22);
        d.click("addBelief"); // without words
        QVERIFY(d.errors.last().contains(QStringLiteral("in words")));
        d.type("beliefWords", QStringLiteral("Tips, I would say."));
        d.click("addBelief");
        QTRY_COMPARE(onDisk(d).beliefs.size(), std::size_t(3));
        QVERIFY(onDisk(d).beliefs.back().whose == Guesser::Analyst);
        QVERIFY(!onDisk(d).beliefs.back().locked);
        d.click("lockBeliefs");
        QTRY_VERIFY(onDisk(d).beliefs.back().locked);
        QCOMPARE(*onDisk(d).beliefs.back().value, 22.0);
        // Findings: the athlete's and the analyst's stand beside what was measured of the fault's measure.
        QTRY_VERIFY(d.quiet());
        d.window->showPage(QStringLiteral("findings"), QStringLiteral("late_arm"));
        const auto said = [&](const QString& text) {
            for (const QLabel* label : d.window->page(QStringLiteral("findings"))->findChildren<QLabel*>())
                if (label->isVisible() && label->text().contains(text))
                    return true;
            return false;
        };
        QTRY_VERIFY(said(QStringLiteral("Believed: \"My arm is a little late.\"")));
        QVERIFY(said(QStringLiteral("First guess: \"A tenth late or more")));
    }
    void theGoalAsANumberSaysHowFarItIs() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.window->showPage(QStringLiteral("athlete"));
        QTRY_VERIFY(d.quiet());
        auto* state = d.find<QLabel>("goalState");
        QTRY_VERIFY(state->text().contains(QStringLiteral("to go")));
        QVERIFY(state->text().contains(QStringLiteral("0.03\u00a0s by 8 Dec 2026")));
        // Another measure begins at its reference; a value already reached is said so.
        choose(d.find<QComboBox>("goalMeasure"), QStringLiteral("trunk_low"));
        QTRY_COMPARE(onDisk(d).goal->measure, std::string("trunk_low"));
        const SetDeviation* trunk = d.workspace.assessment()->deviation("trunk_low");
        QVERIFY(std::abs(onDisk(d).goal->value - (trunk->median - trunk->deviation)) < .01);
        auto* value = d.find<QDoubleSpinBox>("goalValue");
        value->setValue(std::round(trunk->median));
        emit value->editingFinished();
        QTRY_VERIFY(state->text().contains(QStringLiteral("reached")));
        choose(d.find<QComboBox>("goalMeasure"), QString());
        QTRY_VERIFY(!onDisk(d).goal);
        d.workspace.undo();
        QTRY_VERIFY(onDisk(d).goal.has_value());
    }
    void shareOfTheWayToTheGoal() {
        QCOMPARE(*shareOfTheWay(0.03, -0.11, -0.04), 0.5);
        QVERIFY(*shareOfTheWay(0.03, -0.11, -0.15) < 0);
        QVERIFY(!shareOfTheWay(0.03, 0.03, 0.05));
    }
    void progressSaysHowMuchOfTheWayIsDone() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.window->showPage(QStringLiteral("progress"));
        QLabel* goal = nullptr;
        QTRY_VERIFY_WITH_TIMEOUT((goal = d.window->findChild<QLabel*>(QStringLiteral("goalProgress"))) != nullptr,
                                 20000);
        QVERIFY2(goal->text().contains(QStringLiteral("of the way")), qPrintable(goal->text()));
        const Progress progress = progressOf(d.data(), d.data().sessions[0].id, d.data().sessions[1].id, Stress::Calm,
                                             School::Root, QDate::currentDate());
        const double then = progress.first.find("arm_before_foot")->median,
                     now = progress.second.find("arm_before_foot")->median;
        const int share = qRound(100 * std::min(1.0, (now - then) / (0.03 - then)));
        QVERIFY2(goal->text().contains(QStringLiteral("%1&nbsp;% of the way").arg(share)), qPrintable(goal->text()));
    }
    void anotherSkillOfTheSameAthlete() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.selectAthlete(QStringLiteral("Ilka Sandrey"));
        const CaseId first = d.data().id;
        // A fault parked here, to be seen from the other skill.
        QVERIFY(d.workspace.apply(QStringLiteral("park"), [&](Edit& edit) {
            return edit.decide(first, {"trunk_tips", Decision::Choice::Park, QStringLiteral("later"), {}});
        }));
        d.window->showPage(QStringLiteral("athlete"));
        auto* skill = d.find<QComboBox>("anotherSkill");
        skill->setCurrentIndex(skill->findText(QStringLiteral("Fencing lunge")));
        d.click("addSkill");
        QTRY_VERIFY(d.data().id != first);
        QCOMPARE(d.data().athlete.name, QStringLiteral("Ilka Sandrey"));
        QCOMPARE(d.data().competitions.size(), std::size_t(1)); // the athlete's, not the skill's
        QCOMPARE(d.data().sessions.size(), std::size_t(1));
        const auto said = [&](const QString& text) {
            for (const QLabel* label : d.window->findChildren<QLabel*>(QStringLiteral("otherSkill")))
                if (label->isVisible() && label->text().contains(text))
                    return true;
            return false;
        };
        QTRY_VERIFY(said(QStringLiteral("The trunk tips forward (parked there)")));
        QVERIFY(said(QStringLiteral("The arm is late (not decided there)")));
        // Another pack has none of them.
        skill = d.find<QComboBox>("anotherSkill");
        skill->setCurrentIndex(skill->findText(QStringLiteral("Archery shot")));
        d.click("addSkill");
        QTRY_COMPARE(d.data().title, QStringLiteral("Archery shot"));
        const auto others = d.workspace.library()->otherSkills(d.data());
        QVERIFY(others);
        QCOMPARE(others->size(), std::size_t(2));
        QVERIFY((*others)[0].shared.empty() && (*others)[1].shared.empty());
        QCOMPARE(d.workspace.library()->cases()->size(), std::size_t(8));
    }
    void eachSessionSaysWhatWasFound() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.window->showPage(QStringLiteral("athlete"));
        const CaseData& data = d.data();
        const QStringList expected = foundIn(data, data.sessions[0].id, School::Root, QDate::currentDate());
        QVERIFY(expected.size() >= 4);
        const auto said = [&](const Session& session) {
            const auto name = QStringLiteral("sessionFound-%1").arg(session.id.value);
            for (const QLabel* label : d.window->findChildren<QLabel*>(name))
                if (label->isVisible())
                    return label->text();
            return QString();
        };
        QTRY_COMPARE_WITH_TIMEOUT(
            said(data.sessions[0]),
            QStringLiteral("Found: %1; %2 and %3 more").arg(expected[0], expected[1]).arg(expected.size() - 2), 20000);
        QVERIFY(said(data.sessions[1]).startsWith(QStringLiteral("Found: ")));
        QVERIFY(said(data.sessions[2]).contains(QStringLiteral("agreed"))); // a model's
    }
    void aSessionIsDeletedForGood() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.window->showPage(QStringLiteral("athlete"));
        const SessionId retest = d.data().sessions[1].id;
        const QString clip = d.data().sessions[1].clips[0].path;
        QVERIFY(QFileInfo::exists(clip));
        const std::string name = "deleteSession-" + std::to_string(retest.value);
        d.click(name.c_str());
        QVERIFY(d.find<QLabel>("sessionQuestion")->text().contains(QStringLiteral("2 clips and 12 repetitions")));
        d.click("sessionNo");
        QVERIFY(d.data().session(retest));
        d.click(name.c_str());
        d.click("sessionYes");
        QTRY_VERIFY(!d.data().session(retest));
        QVERIFY(!onDisk(d).session(retest));
        QVERIFY(!QFileInfo::exists(clip));
        QVERIFY(d.workspace.undoName().isEmpty());
        QVERIFY2(d.errors.isEmpty(), qPrintable(d.errors.join(u'|')));
    }
    void twoCamerasOnOneRepetitionAreLinkedOnFilm() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.selectAthlete(QStringLiteral("Mirelle Ostrand"));
        const Clip& rear = d.data().sessions[0].clips[1];
        const RepetitionId first = rear.sections[0].repetitions[0].id, last = rear.sections[0].repetitions[1].id,
                           leading = d.data().sessions[0].clips[0].sections[0].repetitions[0].id;
        d.workspace.selectRepetition(first);
        d.window->showPage(QStringLiteral("film"));
        auto* which = d.find<QComboBox>("sameMovement");
        QTRY_VERIFY(which->isVisible());
        QCOMPARE(which->currentData().toLongLong(), leading.value);
        QVERIFY(d.headline().contains(QStringLiteral("8 repetitions")));
        QTRY_VERIFY(d.quiet());
        QCOMPARE(d.workspace.assessment()->judged.size(), std::size_t(5));
        // Taken apart, the set counts it for itself; together again by their numbers, in one step each way.
        choose(which, qlonglong(0));
        QTRY_VERIFY(!onDisk(d).repetition(first)->sameAs);
        QVERIFY(d.headline().contains(QStringLiteral("9 repetitions")));
        QTRY_VERIFY(d.quiet());
        QCOMPARE(d.workspace.assessment()->judged.size(), std::size_t(6));
        d.click("sameMovementAll");
        QTRY_COMPARE(onDisk(d).repetition(first)->sameAs, leading);
        QVERIFY(onDisk(d).repetition(last)->sameAs);
        d.workspace.undo();
        QTRY_VERIFY(!onDisk(d).repetition(first)->sameAs);
        d.workspace.redo();
        QTRY_COMPARE(onDisk(d).repetition(first)->sameAs, leading);
        // The leading one gone, the other is a movement of its own; back with undo, it belongs to it again.
        QVERIFY(
            d.workspace.apply(QStringLiteral("remove"), [&](Edit& edit) { return edit.removeRepetition(leading); }));
        QVERIFY(!onDisk(d).repetition(first)->sameAs);
        d.workspace.undo();
        QCOMPARE(onDisk(d).repetition(first)->sameAs, leading);
        QVERIFY2(d.errors.isEmpty(), qPrintable(d.errors.join(u'|')));
    }
    void ledCannotLead() {
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.selectAthlete(QStringLiteral("Mirelle Ostrand"));
        const RepetitionId led = d.data().sessions[0].clips[1].sections[0].repetitions[0].id,
                           other = d.data().sessions[0].clips[0].sections[0].repetitions[1].id;
        QVERIFY(!d.workspace.apply(QStringLiteral("x"), [&](Edit& edit) { return edit.setSameAs(other, led); }));
        QVERIFY(!d.workspace.apply(QStringLiteral("x"), [&](Edit& edit) { return edit.setSameAs(led, led); }));
        QVERIFY(!onDisk(d).repetition(other)->sameAs);
        QCOMPARE(d.errors.size(), 2);
    }
};

QTEST_MAIN(TestAthlete)
#include "tst_athlete.moc"
