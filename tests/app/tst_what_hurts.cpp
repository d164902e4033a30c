// What hurts: limits chosen or said in words, asked about, over; pain in practice. Driven in the window, asserted on
// what is shown and on disk.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "window_driver.h"

#include "report/goal_words.h"
#include "report/report_content.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QListWidget>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestWhatHurts : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] CaseData onDisk() const { return *app_->workspace.library()->loadCase(app_->data().id); }
    static void choose(QComboBox* box, int data) {
        box->setCurrentIndex(box->findData(data));
        emit box->activated(box->currentIndex());
    }
    /// Whether some label of the page that is shown says it.
    [[nodiscard]] bool said(const QString& text) const {
        for (const QLabel* label : app_->window->page(app_->window->currentPage())->findChildren<QLabel*>())
            if (label->isVisible() && label->text().contains(text))
                return true;
        return false;
    }
    [[nodiscard]] bool shows(const char* name) const {
        for (const QWidget* widget : app_->window->findChildren<QWidget*>(QLatin1String(name)))
            if (widget->isVisible())
                return true;
        return false;
    }
    void typeLine(const char* name, const QString& text) const {
        app_->type(name, text);
        QTest::keyClick(app_->find<QLineEdit>(name), Qt::Key_Return);
    }
    void show(const char* page) const {
        app_->window->showPage(QLatin1String(page));
        QTRY_VERIFY(app_->quiet());
    }

private slots:
    void init() {
        folder_.remove();
        folder_ = QTemporaryDir();
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(folder_)));
        QTRY_VERIFY(app_->quiet());
    }
    void cleanup() { app_.reset(); }

    void aLimitIsOneGestureAndReachesEveryPage() {
        show("plan");
        const QString title = QStringLiteral("Hand, pause, step");
        QTRY_VERIFY(said(title));
        show("athlete");
        QTRY_VERIFY(said(QStringLiteral("None known")));
        choose(app_->find<QComboBox>("limitPart"), static_cast<int>(BodyPart::Knee));
        choose(app_->find<QComboBox>("limitSide"), static_cast<int>(LimitSide::Left));
        app_->click("addLimit");
        QTRY_COMPARE(onDisk().athlete.limits.size(), std::size_t(1));
        const AthleteLimit kept = onDisk().athlete.limits[0];
        QVERIFY(kept.part == BodyPart::Knee && kept.side == LimitSide::Left && kept.kind == LimitKind::Pain);
        QCOMPARE(kept.since, QDate::currentDate());
        QTRY_VERIFY(said(QStringLiteral("Knee, left, pain")));
        QTRY_VERIFY(app_->quiet());
        show("plan");
        QTRY_VERIFY(!shows("rung-hand_then_step"));
        QTRY_VERIFY(said(QStringLiteral("not with")));
        show("practice");
        QTRY_VERIFY(app_->find<QComboBox>("rung")->findText(title, Qt::MatchContains) < 0);
        show("findings");
        bool noDrill = false;
        for (const QListWidget* list : app_->window->page(QStringLiteral("findings"))->findChildren<QListWidget*>())
            for (int i = 0; i < list->count(); ++i)
                noDrill =
                    noDrill || list->item(i)->text().contains(QStringLiteral("no drill is left with these limits"));
        QVERIFY(noDrill);
        // Taken back by one step, everywhere.
        app_->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(onDisk().athlete.limits.empty());
        QTRY_VERIFY(app_->quiet());
        show("plan");
        QTRY_VERIFY(shows("rung-hand_then_step"));
    }
    void aLimitIsOverAndStaysInTheHistory() {
        show("athlete");
        typeLine("limitWords", QStringLiteral("twisted my right ankle"));
        QTRY_COMPARE(onDisk().athlete.limits.size(), std::size_t(1));
        QTRY_VERIFY(said(QStringLiteral("Ankle, right, healing")));
        app_->click("limitOver");
        QTRY_COMPARE(onDisk().athlete.limits[0].over, QDate::currentDate());
        QTRY_VERIFY(said(QStringLiteral("Earlier: ankle, right, healing until")));
        QTRY_VERIFY(!shows("limitRow"));
        app_->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(shows("limitRow"));
        app_->click("limitWrong");
        QTRY_VERIFY(onDisk().athlete.limits.empty());
    }
    void wordsOfAnOldLibraryAreAskedAboutOnce() {
        const AthleteId athlete = app_->data().athlete.id;
        QVERIFY(app_->workspace.apply(QStringLiteral("Old words"), [&](Edit& edit) -> Result<void> {
            for (const char* words : {"sore knee and elbow", "the old trouble", "no hip pain any more"}) {
                AthleteLimit limit;
                limit.words = QString::fromUtf8(words);
                if (const auto added = edit.addLimit(athlete, limit); !added)
                    return added.error();
            }
            return {};
        }));
        QTRY_VERIFY(app_->quiet());
        show("plan");
        QTRY_VERIFY(said(QStringLiteral("\"the old trouble\": nobody has said")));
        show("athlete");
        QTRY_VERIFY(said(QStringLiteral("“sore knee and elbow” is read as: knee, pain. Is that what is meant?")));
        QTRY_VERIFY(said(QStringLiteral("“the old trouble”: which part is meant?")));
        QTRY_VERIFY(said(QStringLiteral("“no hip pain any more” is read as: no limit.")));
        // The first question: both parts that the words name are kept.
        app_->click("limitMeant");
        QTRY_COMPARE(onDisk().athlete.limits.size(), std::size_t(4));
        QVERIFY(onDisk().athlete.limits[0].part == BodyPart::Knee &&
                onDisk().athlete.limits[3].part == BodyPart::Elbow);
        // The second wants a part before it can be kept.
        QTRY_VERIFY(!said(QStringLiteral("“sore knee and elbow” is read as")));
        QTRY_VERIFY(!app_->find<QPushButton>("limitMeant")->isEnabled());
        choose(app_->find<QComboBox>("meantPart"), static_cast<int>(BodyPart::LowerBack));
        app_->click("limitMeant");
        QTRY_VERIFY(onDisk().athlete.limits[1].part == BodyPart::LowerBack);
        QTRY_VERIFY(!said(QStringLiteral("which part is meant?")));
        app_->click("limitNone");
        QTRY_COMPARE(onDisk().athlete.limits.size(), std::size_t(3));
        QTRY_VERIFY(!shows("limitQuestion"));
    }
    void painInPracticeStopsAndThePlanWaits() {
        show("practice");
        QVERIFY(app_->find<QComboBox>("rung")->count() > 0);
        QTest::keyClick(app_->window->page(QStringLiteral("practice")), Qt::Key_P);
        QTRY_VERIFY(shows("keepStop"));
        choose(app_->find<QComboBox>("stopPart"), static_cast<int>(BodyPart::Wrist));
        app_->find<QLineEdit>("stopWords")->setText(QStringLiteral("it stings"));
        app_->click("keepStop");
        QTRY_COMPARE(onDisk().athlete.limits.size(), std::size_t(1));
        const AthleteLimit kept = onDisk().athlete.limits[0];
        QVERIFY(kept.stopped && kept.waitsForAdvice() && kept.part == BodyPart::Wrist && kept.kind == LimitKind::Pain);
        QTRY_VERIFY(app_->quiet());
        QTRY_COMPARE(app_->find<QComboBox>("rung")->count(), 0);
        QTRY_VERIFY(said(QStringLiteral("Ask a licensed professional")));
        const std::size_t logged = onDisk().loggedRepetitions();
        QTest::keyClick(app_->window->page(QStringLiteral("practice")), Qt::Key_G);
        QCOMPARE(onDisk().loggedRepetitions(), logged); // nothing is counted any more
        show("plan");
        QTRY_VERIFY(shows("planWaits") && !shows("rung-hand_then_step"));
        app_->click("planAdvice");
        QTRY_COMPARE(app_->window->currentPage(), QStringLiteral("athlete"));
        QTRY_VERIFY(said(QStringLiteral("The plan waits until it is written down who advised what.")));
        app_->click("keepAdvice"); // without words
        QVERIFY(app_->errors.last().contains(QStringLiteral("who advised what")));
        typeLine("limitAdvice", QStringLiteral("Dr. Example: no contact for a week"));
        QTRY_COMPARE(onDisk().athlete.limits[0].advice, QStringLiteral("Dr. Example: no contact for a week"));
        QCOMPARE(onDisk().athlete.limits[0].advisedOn, QDate::currentDate());
        QTRY_VERIFY(app_->quiet());
        show("plan");
        QTRY_VERIFY(shows("rung-hand_then_step"));
        // Nowhere does the program say that somebody is well again.
        for (const QLabel* label : app_->window->findChildren<QLabel*>())
            QVERIFY(!label->text().contains(QStringLiteral("cleared"), Qt::CaseInsensitive));
    }
    void anotherTargetIsJudgedByWithItsReason() {
        // Hardly willing: the way to another target stands beside the finding.
        show("findings");
        app_->window->showPage(QStringLiteral("findings"), QStringLiteral("late_arm"));
        QTRY_VERIFY(said(QStringLiteral("shown in 8 of 8")));
        QVERIFY(!shows("changeTarget"));
        QVERIFY(app_->workspace.apply(QStringLiteral("Unwilling"), [&](Edit& edit) {
            Athlete athlete = app_->data().athlete;
            athlete.willingness = 0.3;
            return edit.setAthlete(athlete);
        }));
        QTRY_VERIFY(app_->quiet() && shows("changeTarget"));
        const State before = app_->workspace.assessment()->deviation("arm_before_foot")->state;
        QVERIFY(before == State::Clear);
        app_->click("changeTarget");
        QTRY_VERIFY(shows("keepTarget"));
        app_->find<QDoubleSpinBox>("targetLow")->setValue(-0.2);
        app_->find<QDoubleSpinBox>("targetHigh")->setValue(0.1);
        app_->click("keepTarget"); // without a reason
        QVERIFY(app_->errors.last().contains(QStringLiteral("a reason for the target")));
        QVERIFY(onDisk().targets.empty());
        typeLine("targetReason", QStringLiteral("the shoulder allows no more"));
        QTRY_COMPARE(onDisk().targets.size(), std::size_t(1));
        QCOMPARE(*onDisk().targets[0].low, -0.2);
        QTRY_VERIFY(app_->quiet());
        const SetDeviation* set = app_->workspace.assessment()->deviation("arm_before_foot");
        QVERIFY(set->reference.source == Reference::Source::Target && set->state == State::Within);
        // The goal is a value of its own: inside the own target it is not reached yet.
        QVERIFY(goalState(app_->data(), app_->workspace.assessment().get(), QDate::currentDate())
                    .contains(QStringLiteral("to go")));
        // Its sign stands beside the number, on paper with the reason.
        show("mirror");
        QTRY_VERIFY(said(QStringLiteral("own target −0.20 to 0.10")));
        const QStringList ways = chosenWays(app_->data());
        QVERIFY2(ways.last().contains(QStringLiteral("own target")) ||
                     ways.last().contains(QStringLiteral("Own target")),
                 qPrintable(ways.join(u'\n')));
        QVERIFY(ways.last().contains(QStringLiteral("Because: the shoulder allows no more.")));
        const auto journal = app_->workspace.library()->journal(app_->data().id);
        QVERIFY(journal->back().what.contains(QStringLiteral("own target of arm_before_foot")));
        // Taken back: the model again.
        app_->window->showPage(QStringLiteral("findings"), QStringLiteral("late_arm"));
        emit app_->window->page(QStringLiteral("findings"))->changeTarget(QStringLiteral("arm_before_foot"));
        QTRY_VERIFY(shows("removeTarget"));
        app_->click("removeTarget");
        QTRY_VERIFY(onDisk().targets.empty());
        QTRY_VERIFY(app_->quiet() && app_->workspace.assessment()->deviation("arm_before_foot")->state == before);
    }
    void dizzinessStopsItTheSameWay() {
        show("practice");
        app_->click("stopPain");
        auto* what = app_->find<QComboBox>("stopWhat");
        for (int i = 1; i < what->count(); ++i) { // dizziness, breathlessness, a blow to the head
            what->setCurrentIndex(i);
            emit what->activated(i);
            QVERIFY(!app_->find<QComboBox>("stopPart")->isVisible());
        }
        app_->click("keepStop");
        QTRY_COMPARE(onDisk().athlete.limits.size(), std::size_t(1));
        QVERIFY(onDisk().athlete.limits[0].part == BodyPart::Head && onDisk().athlete.limits[0].waitsForAdvice());
        QCOMPARE(onDisk().athlete.limits[0].words, QStringLiteral("a blow to the head"));
        QTRY_VERIFY(app_->quiet());
        QVERIFY(app_->workspace.assessment()->prescription.waits);
        // By mistake: undone, and the plan is there again.
        app_->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(onDisk().athlete.limits.empty());
        QTRY_VERIFY(app_->quiet() && !app_->workspace.assessment()->prescription.waits);
    }
};

QTEST_MAIN(TestWhatHurts)
#include "tst_what_hurts.moc"
