// A session lived through as a coach would, by keys; the home sheet typed back; tests without feedback; what progress
// makes of it, on screen and on paper. Asserted on what is shown and what is on disk.

#include "lunge_baseline.h"

#include "app/handover/handover_page.h"
#include "app/practice/home_grid.h"
#include "app/practice/practice_page.h"
#include "app/progress/practice_over_time.h"
#include "app/progress/progress_page.h"
#include "core/practice/practice_csv.h"
#include "report/paper.h"
#include "report/report_content.h"
#include "report/words.h"
#include "work/practice_session.h"

#include <QComboBox>
#include <QLabel>
#include <QTableWidget>

using namespace riflesso;
using namespace riflesso::test;

class TestPractice : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;
    int keys_ = 0;

    [[nodiscard]] CaseData stored() const { return *app_->workspace.library()->loadCase(app_->data().id); }
    [[nodiscard]] QString shown(const QString& name) const {
        for (const QLabel* each : app_->window->findChildren<QLabel*>(name))
            if (each->isVisibleTo(app_->window.get()))
                return each->text();
        return {};
    }
    void press(int key) {
        app_->key(key);
        ++keys_;
    }
    [[nodiscard]] const PracticeBlock& last() const { return app_->data().practice.back(); }
    void choose(const char* box, const QVariant& data) const {
        auto* chosen = app_->find<QComboBox>(box);
        const int index = chosen->findData(data);
        QVERIFY2(index >= 0, box);
        chosen->setCurrentIndex(index);
        emit chosen->activated(index);
    }

private slots:
    void initTestCase() { app_ = openLungeBaseline(folder_); }
    void cleanupTestCase() { app_.reset(); }
    void init() { app_->errors.clear(); }

    void thePlanBeginsWherePracticeCameTo() {
        // In the demo the first three steps are passed.
        QTRY_VERIFY(app_->quiet());
        const Focus& focus = app_->workspace.assessment()->prescription.focus.front();
        QCOMPARE(focus.rungs[focus.start()].drill, std::string("call_lunge"));
        app_->step("plan");
        QTRY_VERIFY(app_->quiet());
        const auto says = [&](const char* card, const QString& text) {
            for (const QLabel* each : app_->find<QWidget>(card)->findChildren<QLabel*>())
                if (each->text().contains(text))
                    return true;
            return false;
        };
        QVERIFY(says("rung-call_lunge", QStringLiteral("start here")));
        app_->click("more-call_lunge");
        QTRY_VERIFY(says("rung-call_lunge", QStringLiteral("Begun where practice has come to")));
        // Lesson, home sheet and athlete's page follow.
        const ReportContent content =
            composeReport({app_->data(), *app_->workspace.assessment(), app_->workspace.session(),
                           app_->workspace.choice(), QDateTime::currentDateTime(), QStringLiteral("test")});
        QVERIFY(content.lesson.join(u' ').contains(QStringLiteral("Lunge on a call")));
        for (const auto& ladder : content.ladders)
            if (ladder.main)
                for (const auto& step : ladder.steps)
                    QCOMPARE(step.startHere, step.title == QStringLiteral("Lunge on a call"));
    }
    void aSessionByKeysAlone() {
        app_->step("mark");
        QTRY_VERIFY(app_->quiet());
        const std::size_t before = stored().loggedRepetitions();
        // From the case to the first counted repetition: two keys.
        app_->shortcut(Qt::Key_7, Qt::AltModifier);
        QTRY_COMPARE(app_->window->currentPage(), QStringLiteral("practice"));
        keys_ = 0;
        // A block of 12, result and feeling asked on every third, feedback as the faded plan proposes it.
        for (int i = 0; i < 12; ++i) {
            const bool asked = i % 3 == 2;
            if (asked)
                press(i == 5 ? Qt::Key_O : Qt::Key_F);
            press(i == 5 || i == 8 ? Qt::Key_N : Qt::Key_G);
            if (asked)
                press(Qt::Key_1);
            if (shown(QStringLiteral("toldNext")).contains(QStringLiteral("Now")))
                press(Qt::Key_T);
        }
        press(Qt::Key_Return);
        QVERIFY2(keys_ <= 26, qPrintable(QString::number(keys_)));
        qInfo("%d keys", keys_);
        const CaseData data = stored();
        QCOMPARE(data.loggedRepetitions(), before + 12);
        const PracticeBlock& block = data.practice.back();
        QCOMPARE(block.all(), 12);
        QCOMPARE(block.good(), 10);
        QCOMPARE(block.drill, std::string("call_lunge"));
        QVERIFY(block.condition.stress == Stress::Fed && block.kind == PracticeKind::Practice);
        QVERIFY(block.ended.isValid() && !block.cue.isEmpty());
        QVERIFY(block.repetitions[5].feltRight == false && block.repetitions[2].feltRight == true);
        QVERIFY(!block.repetitions[0].feltRight);
        QCOMPARE(block.repetitions[2].result, data.pack.results.front().values.front());
        QVERIFY(std::any_of(block.repetitions.begin(), block.repetitions.end(),
                            [](const PracticeRepetition& r) { return r.told == Told::Cue; }));
        // The session went on to its next step, which is another drill.
        QVERIFY2(!app_->find<QComboBox>("rung")->currentText().contains(QStringLiteral("Lunge on a call")),
                 qPrintable(app_->find<QComboBox>("rung")->currentText()));
        // And the plan with it: nine of twelve, then ten.
        QTRY_VERIFY(app_->quiet());
        const Focus& focus = app_->workspace.assessment()->prescription.focus.front();
        QTRY_COMPARE(focus.rungs[focus.start()].drill, std::string("lamp_lunge"));
    }
    void eachKeyIsTakenBack() {
        app_->step("practice");
        choose("rung", QStringLiteral("knee_past/shin_hold"));
        press(Qt::Key_PageDown); // a presenter's remote: good, told, not good
        press(Qt::Key_B);
        press(Qt::Key_PageUp);
        QCOMPARE(last().all(), 2);
        QVERIFY(last().repetitions[0].good && !last().repetitions[1].good);
        QVERIFY(last().repetitions[0].told == Told::Cue);
        press(Qt::Key_S);
        QVERIFY(last().repetitions[1].told == Told::Shown);
        press(Qt::Key_S); // once more takes it back
        QVERIFY(last().repetitions[1].told == Told::None);
        press(Qt::Key_A);
        QVERIFY(last().repetitions[1].told == Told::Asked);
        press(Qt::Key_F);
        press(Qt::Key_F); // said by mistake
        press(Qt::Key_G);
        QVERIFY(!last().repetitions[2].feltRight);
        for (int i = 0; i < 3; ++i)
            press(Qt::Key_Backspace);
        QVERIFY(last().drill != "shin_hold"); // the block went with its last repetition
        app_->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(last().drill, std::string("shin_hold"));
        press(Qt::Key_Backspace);
        QVERIFY(app_->errors.isEmpty());
    }
    void whatIsNotInThePlanCanBePractised() {
        choose("rung", QStringLiteral("rear_bent/rear_wall"));
        QVERIFY(app_->find<QComboBox>("rung")->currentText().contains(QStringLiteral("not in the plan")));
        press(Qt::Key_G);
        QCOMPARE(last().fault, std::string("rear_bent"));
        // It stays on the page whatever is worked on.
        bool there = false;
        for (const QLabel* each : app_->window->page(QStringLiteral("practice"))->findChildren<QLabel*>())
            there = there || each->text() == words::text(app_->data().pack.fault("rear_bent")->title);
        QVERIFY(there);
        press(Qt::Key_Backspace);
    }
    void aTestOfTwentyFourSaysWhetherItStays() {
        choose("rung", QStringLiteral("late_arm/coin_lunge"));
        choose("practiceKind", static_cast<int>(PracticeKind::Retention));
        for (int i = 0; i < 24; ++i)
            press(i % 12 == 11 ? Qt::Key_N : Qt::Key_G);
        QCOMPARE(last().all(), 24);
        QVERIFY(last().kind == PracticeKind::Retention);
        QVERIFY(shown(QStringLiteral("verdict")).contains(QStringLiteral("see Progress")));
        choose("practiceKind", static_cast<int>(PracticeKind::Practice));
        app_->step("progress");
        QTRY_VERIFY(app_->quiet());
        QTRY_VERIFY(shown(QStringLiteral("test-1")).contains(QStringLiteral("22 of 24")));
        app_->step("practice");
    }
    void feedbackIsCountedAndChosen() {
        choose("rung", QStringLiteral("late_arm/hand_leads_wall"));
        choose("feedbackSchool", static_cast<int>(FeedbackSchool::Bandwidth));
        QCOMPARE(static_cast<int>(stored().plan.feedback), static_cast<int>(FeedbackSchool::Bandwidth));
        press(Qt::Key_G);
        QVERIFY(!shown(QStringLiteral("toldNext")).contains(QStringLiteral("Now")));
        press(Qt::Key_N);
        QVERIFY(shown(QStringLiteral("toldNext")).contains(QStringLiteral("Now")));
        for (int i = 0; i < 6; ++i) {
            press(Qt::Key_T);
            press(Qt::Key_G);
        }
        QVERIFY(shown(QStringLiteral("toldAlways")).isEmpty());
        press(Qt::Key_T);
        QVERIFY(shown(QStringLiteral("toldSoFar")).contains(QStringLiteral("7 of 8")));
        choose("feedbackSchool", static_cast<int>(FeedbackSchool::Faded));
        for (int i = 0; i < 8; ++i)
            press(Qt::Key_Backspace);
    }
    void theHomeSheetIsTypedBack() {
        press(Qt::Key_H);
        auto* grid = app_->find<QTableWidget>("homeGrid");
        QVERIFY(grid->isVisible() && grid->columnCount() >= 2);
        const int row = grid->rowCount() - 2; // yesterday
        const auto home = [&] {
            const CaseData data = stored();
            return std::count_if(data.practice.begin(), data.practice.end(), [](const PracticeBlock& block) {
                return block.kind == PracticeKind::Home && block.day() == QDate::currentDate().addDays(-1);
            });
        };
        QCOMPARE(home(), 0);
        grid->item(row, 1)->setText(QStringLiteral("24"));
        QTRY_COMPARE(home(), 1);
        grid->item(row, 1)->setText(QStringLiteral("lots"));
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY(app_->errors[0].contains(QStringLiteral("0 to 10000")));
        QTRY_COMPARE(grid->item(row, 1)->text(), QStringLiteral("24"));
        grid->item(row, 1)->setText(QString());
        QTRY_COMPARE(home(), 0);
        // A photograph of it stands beside; a click turns it; a file that is none is said.
        auto* homeGrid = app_->window->findChild<HomeGrid*>();
        auto* photograph = app_->find<QLabel>("homePhotograph");
        const QString paper = folder_.filePath(QStringLiteral("sheet.png"));
        QImage sheet(400, 200, QImage::Format_RGB32);
        sheet.fill(Qt::white);
        QVERIFY(sheet.save(paper));
        homeGrid->showPhotograph(folder_.filePath(QStringLiteral("none.png")));
        QTRY_COMPARE(app_->errors.size(), 2);
        QVERIFY(!photograph->isVisible());
        homeGrid->showPhotograph(paper);
        QTRY_VERIFY(photograph->isVisible() && photograph->pixmap().width() > photograph->pixmap().height());
        QTest::mouseClick(photograph, Qt::LeftButton);
        QVERIFY(photograph->pixmap().width() < photograph->pixmap().height());
        press(Qt::Key_G); // counts nothing while the sheet is open
        QVERIFY(last().kind != PracticeKind::Practice || last().drill != "hand_leads_wall");
        app_->click("homeClose");
        QVERIFY(!grid->isVisible());
    }
    void theLogGoesOutAndInAsATable() {
        auto* home = app_->window->findChild<HomeGrid*>();
        const QString file = folder_.filePath(QStringLiteral("practice.csv"));
        home->exportTo(file);
        const std::size_t before = app_->data().practice.size();
        home->importFrom(file); // all of it is there already
        QCOMPARE(app_->data().practice.size(), before);
        QFile table(file);
        QVERIFY(table.open(QIODevice::Append));
        table.write("2026-11-20,practice,1,18:00,,late_arm,coin_lunge,calm,,,1,1,,,none,,,,,,\n");
        table.close();
        home->importFrom(file);
        QCOMPARE(app_->data().practice.size(), before + 1);
        app_->workspace.undo();
        QVERIFY(table.open(QIODevice::Append));
        table.write("2026-11-20,practice,1,18:00,,late_arm,no_such_drill,calm,,,1,1,,,none,,,,,,\n");
        table.close();
        home->importFrom(file);
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY2(app_->errors[0].contains(QStringLiteral("a drill of the skill pack")), qPrintable(app_->errors[0]));
        QCOMPARE(app_->data().practice.size(), before); // nothing of a file with a fault
    }
    void painStopsTheBlock() {
        choose("rung", QStringLiteral("late_arm/hand_leads_wall"));
        press(Qt::Key_G);
        const PracticeBlockId id = last().id;
        press(Qt::Key_P);
        app_->click("keepStop");
        QTRY_VERIFY(stored().athlete.limits.size() == 1);
        const CaseData data = stored();
        const auto block = std::find_if(data.practice.begin(), data.practice.end(),
                                        [&](const PracticeBlock& each) { return each.id == id; });
        QVERIFY(block != data.practice.end() && block->ended.isValid() && !block->stop.isEmpty());
        for (int i = 0; i < 2; ++i)
            app_->workspace.undo();
        QTRY_VERIFY(app_->quiet());
    }
    void aClockSetBackMixesNothingUp() {
        PracticeBlock ahead;
        ahead.started = QDateTime::currentDateTimeUtc().addSecs(3600);
        ahead.repetitions = {{0, true, {}, {}, Told::None, ahead.started}};
        const Moment moment = momentFor(&ahead, QDateTime::currentDateTimeUtc());
        QVERIFY(moment.setBack && moment.at > ahead.started);
        QVERIFY(!momentFor(&ahead, ahead.started.addSecs(5)).setBack);
    }
    void progressSaysWhatHoldsAndWhatNext() {
        app_->step("progress");
        QTRY_VERIFY(app_->quiet());
        auto* over = app_->window->findChild<PracticeOverTime*>();
        QVERIFY(over && over->isVisible()); // on first look
        QVERIFY(app_->find<QWidget>("chart-hand_then_step-calm")->isVisible());
        QVERIFY2(shown(QStringLiteral("test-0")).contains(QStringLiteral("learned")),
                 qPrintable(shown(QStringLiteral("test-0"))));
        QVERIFY(shown(QStringLiteral("feltRecord")).contains(QStringLiteral("off ones called")));
        QVERIFY(shown(QStringLiteral("homeRecord")).contains(QStringLiteral("kept on")));
        QVERIFY(!over->record().next.empty());
        QVERIFY(app_->headline().contains(QStringLiteral("Next")));
        app_->key(Qt::Key_F);
        QVERIFY(!over->isVisible() && app_->find<QWidget>("changes")->isVisible());
        app_->key(Qt::Key_P);
        QVERIFY(over->isVisible());
        // Taken on: written down, and there.
        app_->key(Qt::Key_W);
        QTRY_COMPARE(app_->window->currentPage(), QStringLiteral("practice"));
        const auto journal = app_->workspace.library()->journal(app_->data().id);
        QVERIFY(journal.ok() && journal->back().what.startsWith(QStringLiteral("Next: ")) &&
                !journal->back().reason.isEmpty());
    }
    void liveCountsAreHeldAgainstTheFilm() {
        // On the day of the retest a block was counted under the condition that was filmed.
        const CaseData& data = app_->data();
        const auto retest = std::find_if(data.sessions.begin(), data.sessions.end(),
                                         [](const Session& each) { return each.title == QStringLiteral("Retest"); });
        QVERIFY(retest != data.sessions.end());
        const SessionId before = app_->workspace.session();
        app_->workspace.selectSession(retest->id);
        app_->step("progress");
        QTRY_VERIFY(app_->quiet());
        QTRY_VERIFY2(shown(QStringLiteral("liveAgainstFilm")).contains(QStringLiteral("counted 12 of 12 good")),
                     qPrintable(shown(QStringLiteral("liveAgainstFilm"))));
        QVERIFY(shown(QStringLiteral("liveAgainstFilm")).contains(QStringLiteral("No more apart than chance")));
        app_->workspace.selectSession(before);
        QTRY_VERIFY(app_->quiet());
    }
    void thePageOfProgressPrints() {
        const ReportContent content =
            composeReport({app_->data(), *app_->workspace.assessment(), app_->workspace.session(),
                           app_->workspace.choice(), QDateTime::currentDateTime(), QStringLiteral("test")});
        QCOMPARE(content.progress.thenAndNow.size(), std::size_t(2));
        QVERIFY(!content.progress.changed.isEmpty() && !content.progress.practised.isEmpty());
        QVERIFY(content.progress.holds.join(u' ').contains(QStringLiteral("learned")));
        const auto papers = papersOf(content);
        QVERIFY(std::find(papers.begin(), papers.end(), Paper::Progress) != papers.end());
        const auto again = reportFromJson(toJson(content), QStringLiteral("frozen"));
        QVERIFY(again.ok());
        QCOMPARE(again->progress.changed, content.progress.changed);
        QCOMPARE(again->progress.thenAndNow.size(), std::size_t(2));
        const auto pages = previewPages(
            content, Paper::Progress, [](const QString&, int) { return QImage(); }, 60);
        QCOMPARE(pages.size(), std::size_t(1)); // one page
    }
};

QTEST_MAIN(TestPractice)
#include "tst_practice.moc"
