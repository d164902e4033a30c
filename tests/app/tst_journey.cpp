// The demo case from first click to printed PDF, by mouse and keyboard, in the real window: what is seen, and what is
// on disk.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "window_driver.h"

#include "app/plan/week_view.h"

#include <QComboBox>
#include <QDateEdit>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QListWidget>
#include <QProcess>
#include <QSpinBox>

using namespace riflesso;
using namespace riflesso::test;

class TestJourney : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::unique_ptr<Driver> d_;
    QString folder_;

    /// The case as another program would read it from disk.
    CaseData onDisk() const {
        const auto library = Library::open(folder_, Library::Mode::ReadOnly);
        return *(*library)->loadCase((*library)->cases()->front().id);
    }

private slots:
    void initTestCase() {
        folder_ = demoCopy(dir_);
        d_ = std::make_unique<Driver>();
        QVERIFY(d_->workspace.open(folder_));
        d_->window->showPage(QStringLiteral("athlete"));
    }
    void athleteBelievesAndLocks() {
        Driver& d = *d_;
        QVERIFY(d.find<QLabel>("caseText")->text().contains(QStringLiteral("Ilka Sandrey")));
        auto* measure = d.find<QComboBox>("beliefMeasure");
        measure->setCurrentIndex(measure->findData(QStringLiteral("rear_knee_low")));
        d.type("beliefWords", QStringLiteral("My back leg is straight."));
        d.click("addBelief");
        QTRY_COMPARE(onDisk().beliefs.size(), std::size_t(3));
        QVERIFY(d.headline().contains(QStringLiteral("lock the beliefs")));
        d.click("lockBeliefs");
        QTRY_VERIFY(onDisk().beliefs[2].locked);
        QVERIFY(!d.find<QAbstractButton>("lockBeliefs")->isEnabled());
    }
    void filmPlaysCutsAndTakesResults() {
        Driver& d = *d_;
        d.step("film");
        QVERIFY(d.shows("filmStage"));
        QVERIFY(d.headline().contains(QStringLiteral("2 clips, 14 repetitions")));
        // Remove the last repetition and cut it again while looking at the clip.
        const Repetition last = d.data().sessions.front().clips.front().sections.front().repetitions.back();
        d.workspace.selectRepetition(last.id);
        d.key(Qt::Key_Delete);
        QTRY_COMPARE(onDisk().sessions.front().clips.front().sections.front().repetitions.size(), std::size_t(7));
        d.shortcut(Qt::Key_Z, Qt::ControlModifier); // back, marks and all
        QTRY_COMPARE(onDisk().sessions.front().clips.front().sections.front().repetitions.size(), std::size_t(8));
        QCOMPARE(onDisk().sessions.front().clips.front().sections.front().repetitions.back().marks.size(),
                 last.marks.size());
        // Play moves the picture; a key stops it.
        const QString before = d.find<QLabel>("filmTime")->text();
        d.key(Qt::Key_Space);
        QTRY_VERIFY(d.find<QLabel>("filmTime")->text() != before);
        d.key(Qt::Key_Space);
        // A ninth repetition at the very end, by the cut key at both ends, with its result by one key.
        auto* timeline = d.find<QWidget>("clipTimeline");
        const auto goTo = [&](int frame) {
            const int frames = d.data().sessions.front().clips.front().frames();
            QTest::mouseClick(
                timeline, Qt::LeftButton, {},
                QPoint(14 + qRound(static_cast<double>(frame) / (frames - 1) * (timeline->width() - 28)), 12));
        };
        goTo(805);
        d.key(Qt::Key_C);
        QVERIFY(d.headline().contains(QStringLiteral("starts at frame")));
        goTo(815);
        d.key(Qt::Key_C);
        QTRY_COMPARE(onDisk().sessions.front().clips.front().sections.front().repetitions.size(), std::size_t(9));
        d.key(Qt::Key_2);
        QTRY_COMPARE(onDisk().sessions.front().clips.front().sections.front().repetitions.back().result,
                     std::string("rim"));
        QVERIFY(d.find<QLabel>("repetitionText")->text().contains(QStringLiteral("rim")));
        d.key(Qt::Key_Delete); // it holds no lunge
        QTRY_COMPARE(onDisk().sessions.front().clips.front().sections.front().repetitions.size(), std::size_t(8));
    }
    void markByClickNudgeAndUndo() {
        Driver& d = *d_;
        d.workspace.selectRepetition(d.data().sessions.front().clips.front().sections.front().repetitions[2].id);
        d.step("mark");
        QVERIFY(d.shows("markStage"));
        auto* events = d.find<QListWidget>("events");
        QTest::mouseClick(events->viewport(), Qt::LeftButton, {},
                          events->visualItemRect(events->item(2)).center()); // front foot down
        const RepetitionId rep = d.workspace.repetition();
        const int frame = static_cast<int>(d.data().repetition(rep)->events.at("down").frame);
        const QString valuesBefore = d.find<QLabel>("valuesHere")->text();
        QVERIFY(valuesBefore.contains(QStringLiteral("Elbow bend")));
        QVERIFY(valuesBefore.contains(QChar(0x00B1)));
        // Take the elbow away, then mark it again by one click: it is the next landmark.
        const QPointF elbow(d.data().repetition(rep)->marks.at("left_elbow").at(frame).at.x,
                            d.data().repetition(rep)->marks.at("left_elbow").at(frame).at.y);
        d.clickPixel("markStage", elbow); // picks the mark up
        QVERIFY(d.headline().contains(QStringLiteral("nudge left elbow")));
        d.key(Qt::Key_Delete);
        QTRY_VERIFY(!onDisk().repetition(rep)->marks.at("left_elbow").contains(frame));
        QTRY_VERIFY(d.find<QLabel>("nextLandmark")->text().contains(QStringLiteral("left elbow")));
        const QPointF bent = elbow + QPointF(0, 12);
        d.clickPixel("markStage", bent);
        QTRY_VERIFY(onDisk().repetition(rep)->marks.at("left_elbow").contains(frame));
        QVERIFY(std::abs(onDisk().repetition(rep)->marks.at("left_elbow").at(frame).at.y - bent.y()) < 1.5);
        QTRY_VERIFY(d.find<QLabel>("valuesHere")->text() != valuesBefore); // live
        // Nudge by keys: a tenth of a pixel each, ten in one step.
        d.clickPixel("markStage", bent);
        const double x = d.data().repetition(rep)->marks.at("left_elbow").at(frame).at.x;
        for (int i = 0; i < 10; ++i)
            d.key(Qt::Key_Right);
        QTRY_VERIFY(std::abs(onDisk().repetition(rep)->marks.at("left_elbow").at(frame).at.x - (x + 1)) < 1e-6);
        QCOMPARE(d.workspace.undoName(), QStringLiteral("Mark left elbow"));
        d.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(std::abs(onDisk().repetition(rep)->marks.at("left_elbow").at(frame).at.x - x) < 1e-6);
        // Back to what it was: the click, then the removal.
        d.shortcut(Qt::Key_Z, Qt::ControlModifier);
        d.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(std::abs(onDisk().repetition(rep)->marks.at("left_elbow").at(frame).at.y - elbow.y()) < 1e-6);
        // Move an event by a frame and back by undo.
        d.key(Qt::Key_Escape);
        d.key(Qt::Key_Right);
        d.key(Qt::Key_E);
        QTRY_COMPARE(onDisk().repetition(rep)->events.at("down").frame, frame + 1.0);
        d.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_COMPARE(onDisk().repetition(rep)->events.at("down").frame, frame * 1.0);
    }
    void mirrorShowsTheLeaningTieAndWhy() {
        Driver& d = *d_;
        d.step("mirror");
        QTRY_VERIFY(d.quiet());
        QVERIFY(d.shows("athleteStage"));
        QVERIFY(d.shows("modelStage"));
        QVERIFY(d.headline().contains(QStringLiteral("8 repetitions against 8 of the model")));
        auto* waterline = d.find<QWidget>("waterline");
        QTRY_VERIFY(waterline->accessibleDescription().contains(QStringLiteral("too soon")) ||
                    waterline->accessibleDescription().contains(QStringLiteral("late")));
        QVERIFY(d.find<QWidget>("ruler-arm_before_foot")->accessibleDescription().contains(QStringLiteral("clear")));
        d.key(Qt::Key_3);
        QTRY_COMPARE(d.workspace.place().repetition->number, 3);
        d.key(Qt::Key_G); // ghost off and on
        d.key(Qt::Key_G);
        // Why this number: definition, frames, budget; one click goes to the frame.
        emit d.window->page(QStringLiteral("mirror"))->why(QStringLiteral("elbow_down"), {});
        QTRY_VERIFY(d.find<QWidget>("whyPanel")->isVisible());
        auto* go = d.find<QAbstractButton>("whyFrame");
        QVERIFY(go);
        const int frame = go->text().section(u' ', 1).toInt();
        QTest::mouseClick(go, Qt::LeftButton);
        QTRY_COMPARE(d.window->currentPage(), QStringLiteral("mark"));
        QVERIFY(d.headline().contains(QStringLiteral("front foot down")));
        QVERIFY(frame > 0);
    }
    void aTermIsSetByHandWithItsReason() {
        Driver& d = *d_;
        d.step("findings");
        QTRY_VERIFY(d.quiet());
        QTRY_VERIFY(d.find<QLabel>("findingTitle")->text().contains(QStringLiteral("The arm is late")));
        const auto term = [&] { return d.find<QLabel>("term-effect"); };
        const QString computed = term()->text(), score = d.find<QLabel>("score")->text();
        QVERIFY(!d.find<QWidget>("termValue")->isVisible());
        emit term()->linkActivated(QStringLiteral("x"));
        auto* value = d.find<QDoubleSpinBox>("termValue");
        QTRY_VERIFY(value->isVisible());
        QVERIFY(!d.find<QWidget>("computedTerm")->isVisible());
        value->setValue(.05);
        d.click("keepTerm"); // without a reason nothing is kept
        QVERIFY(d.errors.last().contains(QStringLiteral("Say why")));
        QVERIFY(onDisk().overrides.empty());
        d.errors.clear();
        d.type("termReason", QStringLiteral("she scores all the same"));
        d.click("keepTerm");
        QTRY_COMPARE(onDisk().overrides.size(), std::size_t(1));
        QTRY_VERIFY(d.quiet() && d.workspace.assessment()->findings.find("late_arm")->overridden.size() == 1);
        // It is no longer the first: another finding stands above it now.
        const auto& ranked = d.workspace.assessment()->findings.unlifted;
        QVERIFY(!ranked.empty() && ranked.front() != "late_arm");
        QTRY_VERIFY(term()->text() != computed);
        QVERIFY(!value->isVisible()); // done
        QTRY_VERIFY(d.find<QLabel>("score")->text() != score);
        emit term()->linkActivated(QStringLiteral("x"));
        QTRY_VERIFY(d.find<QWidget>("computedTerm")->isVisible());
        d.click("computedTerm");
        QTRY_VERIFY(onDisk().overrides.empty());
        QTRY_VERIFY(d.quiet() && d.workspace.assessment()->findings.find("late_arm")->overridden.empty());
        QTRY_COMPARE(term()->text(), computed);
        QTRY_COMPARE(d.find<QLabel>("score")->text(), score);
        d.window->page(QStringLiteral("findings"))->setFocus();
    }
    void findingsAreDecidedWithAReason() {
        Driver& d = *d_;
        d.step("findings");
        QTRY_VERIFY(d.quiet());
        auto* list = d.find<QListWidget>("findings");
        QVERIFY(list->count() >= 4);
        QVERIFY(list->item(0)->text().contains(QStringLiteral("caution"))); // safety first
        QTRY_VERIFY(d.find<QLabel>("findingTitle")->text().contains(QStringLiteral("The arm is late")));
        QTRY_VERIFY(!d.find<QLabel>("evidence-1")->pixmap().isNull()); // the clip's own pictures
        d.type("reason", QStringLiteral("root of the rest"));
        d.window->page(QStringLiteral("findings"))->setFocus();
        d.key(Qt::Key_W);
        QTRY_COMPARE(onDisk().decisions.size(), std::size_t(1));
        QCOMPARE(onDisk().decisions[0].fault, std::string("late_arm"));
        QCOMPARE(onDisk().decisions[0].reason, QStringLiteral("root of the rest"));
        QTRY_VERIFY(d.find<QLabel>("decided")->text().contains(QStringLiteral("work on")));
        // Parking asks for a reason.
        d.key(Qt::Key_Down);
        d.key(Qt::Key_P);
        QTRY_VERIFY(!d.errors.isEmpty() && d.errors.last().contains(QStringLiteral("reason")));
        QCOMPARE(onDisk().decisions.size(), std::size_t(1));
    }
    void planHasTheLadderAndItsDates() {
        Driver& d = *d_;
        d.step("plan");
        QTRY_VERIFY(d.quiet());
        QVERIFY(d.headline().contains(QStringLiteral("the arm is late")));
        QVERIFY(d.window->findChild<QWidget*>(QStringLiteral("rung-hand_leads_wall")));
        auto* homework = d.find<QSpinBox>("homework");
        homework->setFocus();
        homework->selectAll();
        QTest::keyClicks(homework, QStringLiteral("8"));
        QTest::keyClick(homework, Qt::Key_Return);
        QTRY_COMPARE(onDisk().plan.homeworkMinutes, 8);
        // A test is dragged to another day; the calendar field follows, and it is one undo step.
        auto* weeks = d.find<WeekView>("weeks");
        d.window->grab(); // laid out
        const QDate retention =
            d.data().plan.retention.isValid() ? d.data().plan.retention : d.find<QDateEdit>("planRetention")->date();
        const QDate wanted = retention.addDays(-2);
        const QPoint from = weeks->cellOf(retention).center().toPoint(), to = weeks->cellOf(wanted).center().toPoint();
        QVERIFY(!from.isNull() && !to.isNull());
        QTest::mousePress(weeks, Qt::LeftButton, {}, from);
        QTest::mouseMove(weeks, to);
        QTest::mouseRelease(weeks, Qt::LeftButton, {}, to);
        QTRY_COMPARE(onDisk().plan.retention, wanted);
        QCOMPARE(d.find<QDateEdit>("planRetention")->date(), wanted);
        d.workspace.undo();
        QTRY_VERIFY(onDisk().plan.retention != wanted);
    }
    void practiceCountsAndTakesBack() {
        Driver& d = *d_;
        const std::size_t before = onDisk().loggedRepetitions();
        d.click("practise-coin_lunge");
        QTRY_COMPARE(d.window->currentPage(), QStringLiteral("practice"));
        QVERIFY(d.find<QLabel>("verdict")->text().contains(QStringLiteral("not begun")));
        for (int i = 0; i < 12; ++i)
            d.key(i == 3 ? Qt::Key_N : Qt::Key_G);
        QTRY_COMPARE(onDisk().loggedRepetitions(), before + 12);
        QTRY_VERIFY(d.find<QLabel>("share")->text().contains(QStringLiteral("92")));
        QVERIFY(d.find<QLabel>("verdict")->text().startsWith(QStringLiteral("go on")));
        QVERIFY(d.find<QLabel>("shareDetail")->text().contains(QStringLiteral("11 of 12")));
        d.click("takeBack");
        QTRY_COMPARE(onDisk().loggedRepetitions(), before + 11);
        QTRY_VERIFY(d.find<QLabel>("verdict")->text().contains(QStringLiteral("so far")));
    }
    void handOverFreezesAndPrints() {
        Driver& d = *d_;
        d.step("handover");
        QTRY_VERIFY_WITH_TIMEOUT(d.quiet(), 20000);
        const QString out = dir_.filePath(QStringLiteral("out")), pdf = out + QStringLiteral("/plan.pdf");
        auto* path = d.find<QLineEdit>("handoverFolder");
        path->setFocus();
        path->selectAll();
        QTest::keyClicks(path, out);
        d.click("writeFolder");
        QTRY_COMPARE(onDisk().assessments.size(), std::size_t(1));
        QTRY_VERIFY_WITH_TIMEOUT(d.quiet() && QFileInfo(pdf).size() > 20000, 20000);
        QProcess text;
        text.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
        QVERIFY(text.waitForFinished());
        const QString printed = QString::fromUtf8(text.readAllStandardOutput());
        for (const char* expected :
             {"Ilka Sandrey", "The arm is late", "main focus", "root of the rest", "Show the tip to the pad",
              "left elbow", "Quay Cup", "licensed professional", "My arm is a little late"})
            QVERIFY2(printed.contains(QString::fromUtf8(expected)), expected);
        QProcess images;
        images.start(QStringLiteral("pdfimages"), {QStringLiteral("-list"), pdf});
        QVERIFY(images.waitForFinished());
        QVERIFY(images.readAllStandardOutput().count("image") >= 4); // key pictures
    }
    void theCommandLinePrintsTheSame() {
        const QString id = QString::number(onDisk().assessments.front().id.value);
        const QString pdf = dir_.filePath(QStringLiteral("again.pdf"));
        d_.reset(); // the window is closed
        QProcess cli;
        cli.start(
            QStringLiteral(PROGRAMS "/riflesso-cli"),
            {QStringLiteral("report"), folder_, QStringLiteral("--assessment"), id, QStringLiteral("--out"), pdf});
        QVERIFY(cli.waitForFinished(60000));
        QCOMPARE(cli.exitCode(), 0);
        const auto textOf = [](const QString& file) {
            QProcess text;
            text.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), file, QStringLiteral("-")});
            text.waitForFinished();
            return text.readAllStandardOutput();
        };
        QCOMPARE(textOf(pdf), textOf(dir_.filePath(QStringLiteral("out/plan.pdf"))));
    }
};

QTEST_MAIN(TestJourney)
#include "tst_journey.moc"
