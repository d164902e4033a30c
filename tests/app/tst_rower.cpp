// A cyclic skill in the window, stroke by stroke: the rower of the demo world.

#include "window_driver.h"

#include "app/athlete/calendar_import.h"
#include "app/plan/plan_page.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

using namespace riflesso;
using namespace riflesso::test;

class TestRower : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] QString below() const { return app_->find<StageView>("modelStage")->accessibleDescription(); }

private slots:
    void initTestCase() {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(folder_)).ok());
        app_->selectAthlete(QStringLiteral("Davor Quillane"));
        QTRY_VERIFY(app_->quiet());
    }
    void theJournalTellsWhatWasDecidedAndWhy() {
        app_->step("athlete");
        QTRY_VERIFY(app_->quiet());
        const auto lines = app_->window->findChildren<QLabel*>(QStringLiteral("journalLine"));
        QCOMPARE(lines.size(), 3);
        QVERIFY2(lines[2]->text().contains(QStringLiteral("work on: the arms pull too early")), // the first, last
                 qPrintable(lines[2]->text()));
        QVERIFY(lines[2]->text().contains(QStringLiteral("14 Oct")));
        QVERIFY(lines[2]->text().contains(QStringLiteral("it is there at every pace")));
    }
    void everyStrokeEndsWithTheNextCatch() {
        app_->step("mark");
        QTRY_VERIFY(app_->quiet());
        auto* events = app_->find<QListWidget>("events");
        QVERIFY(events);
        QCOMPARE(events->count(), 6);
        QVERIFY2(events->item(5)->text().contains(QStringLiteral("Next catch")), qPrintable(events->item(5)->text()));
    }
    void mirrorShowsAnotherSessionBelow() {
        app_->step("mirror");
        QTRY_VERIFY(app_->quiet());
        auto* chooser = app_->find<QComboBox>("modelRepetition");
        QTRY_VERIFY2(below().startsWith(QStringLiteral("Rower A")), qPrintable(below()));
        QStringList names;
        for (int i = 0; i < chooser->count(); ++i)
            if (!chooser->itemText(i).isEmpty())
                names << chooser->itemText(i);
        QCOMPARE(names.size(), 6 + 1 + 1 + 1); // the model's strokes, their mean, the own best, the retest
        QCOMPARE(names[6], QStringLiteral("Mean of the model"));
        QVERIFY(names[7].startsWith(QStringLiteral("Own best")));
        QCOMPARE(names[8], QStringLiteral("Retest, 23 Nov")); // short: the picture says which repetition
        for (const char* key : {"Own best", "Retest"}) {
            chooser->setFocus();
            const int index = chooser->findText(QLatin1String(key), Qt::MatchStartsWith);
            chooser->setCurrentIndex(index);
            emit chooser->activated(index);
            QTRY_VERIFY2(below().startsWith(QStringLiteral("Davor")), qPrintable(below()));
        }
        QVERIFY2(below().contains(QStringLiteral("Retest, 23 Nov")), qPrintable(below())); // it says so
        // The retest stands below under another condition too, by its stroke at race pace.
        const QString easy = chooser->currentData().toString();
        app_->workspace.selectStress(Stress::Scored);
        QTRY_VERIFY(app_->quiet());
        QTRY_VERIFY2(below().contains(QStringLiteral("Retest, 23 Nov")), qPrintable(below()));
        QVERIFY(chooser->currentData().toString() != easy);
        app_->workspace.selectStress(Stress::Calm);
        QTRY_VERIFY(app_->quiet());
        QVERIFY(app_->errors.isEmpty());
    }
    void theFirstStrokesAgainstTheLast() {
        app_->step("mirror");
        QTRY_VERIFY(app_->quiet());
        auto* curve = app_->find<QWidget>("curve");
        QVERIFY(!curve->accessibleDescription().contains(QStringLiteral("first")));
        app_->key(Qt::Key_L);
        QVERIFY2(curve->accessibleDescription().contains(QStringLiteral("mean of the first 2")),
                 qPrintable(curve->accessibleDescription())); // a third of eight
        app_->key(Qt::Key_L);
        QVERIFY(!curve->accessibleDescription().contains(QStringLiteral("first")));
    }
    void theOwnBestHasTheBestResult() {
        // The pace is better the lower it is: 137 s over 500 m is the best of the easy strokes.
        app_->step("mirror");
        auto* chooser = app_->find<QComboBox>("modelRepetition");
        const int index = chooser->findText(QStringLiteral("Own best"), Qt::MatchStartsWith);
        QVERIFY(index >= 0);
        const auto trial = chooser->itemData(index).toString().toStdString();
        const RepetitionPlace place = placeOf(app_->data(), repetitionId(trial));
        QCOMPARE(place.repetition->result, std::string("137"));
    }
    void theResultIsANumberWithItsUnit() {
        app_->step("film");
        QTRY_VERIFY(app_->quiet());
        auto* number = app_->find<QLineEdit>("resultNumber");
        QVERIFY(number->isVisible());
        QVERIFY(app_->find<QLabel>("repetitionText")->text().endsWith(QStringLiteral(" s")));
        const RepetitionId id = app_->workspace.repetition();
        number->setFocus();
        number->selectAll();
        QTest::keyClicks(number, QStringLiteral("13a6.5")); // a letter is not taken
        QTest::keyClick(number, Qt::Key_Return);
        QCOMPARE(placeOf(app_->data(), id).repetition->result, std::string("136.5"));
        QVERIFY(app_->find<QLabel>("repetitionText")->text().contains(QStringLiteral("136.5 s")));
        app_->workspace.undo();
        QCOMPARE(placeOf(app_->data(), id).repetition->result, std::string("138"));
    }
    void practiceOpensWhereItWasLeft() {
        app_->step("practice");
        QTRY_VERIFY(app_->quiet());
        QVERIFY(app_->find<QComboBox>("rung")->currentText().contains(QStringLiteral("Three without arms")));
    }
    void theDatesGoToACalendarAndComeFromOne() {
        app_->step("plan");
        QTRY_VERIFY(app_->quiet());
        QTemporaryDir out;
        const QString path = out.filePath(QStringLiteral("plan.ics"));
        app_->window->findChild<PlanPage*>()->writeCalendarFile(path);
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto written = readCalendar(file.readAll(), path);
        QVERIFY(written);
        const auto titled = [&](const QString& end) {
            return std::count_if(written->begin(), written->end(),
                                 [&](const CalendarEntry& entry) { return entry.title.endsWith(end); });
        };
        QCOMPARE(titled(QStringLiteral("retest")), 1);
        QCOMPARE(titled(QStringLiteral("retention test")), 1);
        QCOMPARE(titled(QStringLiteral("Lanternquay Winter Two Thousand")), 1);
        QCOMPARE(titled(QStringLiteral("technique session")), 5); // Mondays from the start to the retest
        const auto still = std::find_if(written->begin(), written->end(), [](const CalendarEntry& entry) {
            return entry.title.endsWith(QStringLiteral("no technique changes"));
        });
        QVERIFY(still != written->end());
        QCOMPARE(still->from, QDate(2026, 12, 5));
        QVERIFY(still->to >= QDate(2026, 12, 18));

        app_->step("athlete");
        const std::size_t before = app_->data().competitions.size();
        const QDate ahead = QDate::currentDate().addDays(30);
        QFile calendar(out.filePath(QStringLiteral("season.ics")));
        QVERIFY(calendar.open(QIODevice::WriteOnly));
        calendar.write(writeCalendar(
            {{QDate(2020, 1, 1), QDate(2020, 1, 1), QStringLiteral("Long ago"), {}, QStringLiteral("1")},
             {ahead, ahead, QStringLiteral("Dentist"), {}, QStringLiteral("2")},
             {ahead.addDays(5), ahead.addDays(6), QStringLiteral("Spring Sprint"), {}, QStringLiteral("3")}},
            QDateTime::currentDateTimeUtc()));
        calendar.close();
        app_->window->findChild<CalendarImport*>()->read(calendar.fileName());
        auto* entries = app_->find<QListWidget>("calendarEntries");
        QVERIFY(entries->isVisible());
        QCOMPARE(entries->count(), 2); // what is over is not offered
        app_->click("addTicked");      // nothing ticked: said, nothing added
        QCOMPARE(app_->errors.size(), 1);
        app_->errors.clear();
        entries->setCurrentRow(1);
        QTest::keyClick(entries, Qt::Key_Space);
        app_->click("addTicked");
        QCOMPARE(app_->data().competitions.size(), before + 1);
        QCOMPARE(app_->data().competitions.back().title, QStringLiteral("Spring Sprint"));
        QCOMPARE(app_->data().competitions.back().date, ahead.addDays(5));
        QVERIFY(!entries->isVisible());
        app_->window->findChild<CalendarImport*>()->read(QStringLiteral(DEMO_CLIPS "/club_rowers.truth.json"));
        QCOMPARE(app_->errors.size(), 1);
        app_->errors.clear();
    }
    void findingsSayWhatWouldBeLeft() {
        app_->step("findings");
        QTRY_VERIFY(app_->quiet());
        auto* without = app_->find<QLabel>("without");
        QVERIFY(without && without->text().startsWith(QStringLiteral("Were it gone: 1 ")));
    }
    void cleanupTestCase() { app_.reset(); }
};

QTEST_MAIN(TestRower)
#include "tst_rower.moc"
