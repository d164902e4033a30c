// Hand-over as one place, in the real window: what is ticked is written into one folder; films are looked at and
// changed first; faces are covered; without consent no film leaves.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/handover/film_panel.h"
#include "app/widgets/voice_recorder.h"
#include "media/clip_reader.h"
#include "window_driver.h"

#include <QCheckBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QProcess>
#include <QPushButton>
#include <QTreeWidget>

using namespace riflesso;
using namespace riflesso::test;

class TestTakeHome : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] QTreeWidget* items() const { return app_->find<QTreeWidget>("takeHome"); }
    [[nodiscard]] QTreeWidgetItem* item(const QString& title) const {
        const auto found = items()->findItems(title, Qt::MatchExactly, 0);
        return found.isEmpty() ? nullptr : found.front();
    }
    /// A click on the box of a row.
    void tick(const QString& title) const {
        QTreeWidgetItem* row = item(title);
        QVERIFY2(row, qPrintable(title));
        const QRect where = items()->visualItemRect(row);
        const Qt::CheckState before = row->checkState(0);
        constexpr int kBoxMiddle = 16;
        QTest::mouseClick(items()->viewport(), Qt::LeftButton, {}, QPoint(kBoxMiddle, where.center().y()));
        QVERIFY2(row->checkState(0) != before, qPrintable(title));
    }
    void choose(const QString& title) const {
        const QRect where = items()->visualItemRect(item(title));
        QTest::mouseClick(items()->viewport(), Qt::LeftButton, {}, where.center());
        QCOMPARE(items()->currentItem(), item(title));
    }
    [[nodiscard]] FilmPanel* homeFilm() const { return app_->find<FilmPanel>("homeFilm"); }
    [[nodiscard]] QListWidget* parts() const { return homeFilm()->findChild<QListWidget*>(); }
    [[nodiscard]] QImage shown() const { return homeFilm()->findChild<FilmView*>()->picture(); }
    [[nodiscard]] QString folder() const { return app_->find<QLineEdit>("handoverFolder")->text(); }
    /// So that the test need not write minutes of film: no gesture of a user's.
    void leaveAllButTheTitle() const {
        for (int i = 1; i < parts()->count(); ++i)
            parts()->item(i)->setCheckState(Qt::Unchecked);
    }
    void quiet() const { QTRY_VERIFY_WITH_TIMEOUT(app_->quiet(), 60000); }

private slots:
    void initTestCase() {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(dir_)));
        app_->selectAthlete(QStringLiteral("Ilka Sandrey"));
        quiet();
    }
    void cleanupTestCase() {
        QVERIFY2(app_->errors.isEmpty(), qPrintable(app_->errors.join(u'|')));
        app_.reset();
    }

    void everythingThatLeavesIsListed() {
        app_->step("handover");
        quiet();
        for (const char* title :
             {"The whole plan", "One page for the athlete", "Home sheet", "Key positions", "Take-home film",
              "Then and now, a film", "Key positions as pictures", "Dates for a calendar", "The whole case"})
            QVERIFY2(item(QString::fromUtf8(title)), title);
        const QString detail = item(QStringLiteral("Take-home film"))->text(1);
        static const QRegularExpression kDetail(QStringLiteral("^1:\\d\\d, about \\d+(\\.\\d)? MB$"));
        QVERIFY2(detail.contains(kDetail), qPrintable(detail));
        const auto* leaves = app_->find<QLabel>("leaves");
        QVERIFY(leaves->text().startsWith(QStringLiteral("Name, skill, ")) && !leaves->text().contains("film,"));
        QVERIFY(leaves->text().contains(QStringLiteral("Consent holds until")));
        tick(QStringLiteral("Take-home film"));
        QVERIFY(leaves->text().contains(QStringLiteral("1 film")));
        QVERIFY(leaves->text().contains(QStringLiteral("Faces are seen.")));
        tick(QStringLiteral("Take-home film"));
    }
    void theFilmIsPlayedAndChangedBeforeItIsWritten() {
        app_->step("handover");
        choose(QStringLiteral("Take-home film"));
        quiet();
        QVERIFY(homeFilm()->isVisible());
        QTRY_VERIFY(!shown().isNull());
        const QImage title = shown();
        app_->key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(homeFilm()->picture() > 15, 10000);
        app_->key(Qt::Key_Space);
        const int stopped = homeFilm()->picture();
        app_->key(Qt::Key_Right);
        QCOMPARE(homeFilm()->picture(), stopped + 1);
        app_->key(Qt::Key_Left, Qt::ShiftModifier);
        QCOMPARE(homeFilm()->picture(), std::max(0, stopped + 1 - 30));
        QTRY_VERIFY(app_->workspace.jobs().idle());

        // A part is chosen: the film goes there; its sentence is said otherwise; it comes earlier; one is left out.
        QListWidget* list = parts();
        QCOMPARE(list->count(), 5);
        const QString first = list->item(2)->text();
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(list->item(2)).center());
        QTRY_VERIFY(homeFilm()->picture() > 60);
        auto* said = homeFilm()->findChild<QPlainTextEdit*>();
        QVERIFY(said->isEnabled() && said->toPlainText().contains(u'±'));
        said->selectAll();
        QTest::keyClicks(said, QStringLiteral("Reach before you step."));
        QTest::mouseClick(homeFilm()->findChild<QPushButton*>("partUp"), Qt::LeftButton);
        QCOMPARE(list->item(1)->text(), first);
        const double before = homeFilm()->film().seconds();
        list->item(2)->setCheckState(Qt::Unchecked); // what is strong
        QVERIFY(homeFilm()->film().seconds() < before - 5);
        QVERIFY(item(QStringLiteral("Take-home film"))
                    ->text(1)
                    .startsWith(spokenLength(homeFilm()->film().seconds()))); // the row says how long it is by now
        QCOMPARE(homeFilm()->film().parts[1].scenes[1].sentence, QStringLiteral("Reach before you step."));
        quiet();
        QVERIFY(shown() != title);
    }
    void facesAreCoveredOnceTheyAreFound() {
        app_->step("handover");
        choose(QStringLiteral("Take-home film"));
        for (int i = 0; i < parts()->count(); ++i) // one finding is enough here
            parts()->item(i)->setCheckState(i == 1 ? Qt::Checked : Qt::Unchecked);
        QTest::mouseClick(parts()->viewport(), Qt::LeftButton, {}, parts()->visualItemRect(parts()->item(1)).center());
        quiet();
        const QImage seen = shown();
        app_->click("coverAthlete");
        QVERIFY(app_->find<QLabel>("unsure")->text().contains(QStringLiteral("Looking for the faces")));
        app_->key(Qt::Key_P); // not before it is known where they are not sure
        QVERIFY(!QFileInfo::exists(folder()));
        quiet();
        QVERIFY(!app_->find<QLabel>("unsure")->isVisible());
        QVERIFY(unsurePictures(homeFilm()->film()).empty());
        QVERIFY(shown() != seen);
        // The disc has the athlete's colour and is as large as a head at least.
        const QImage covered = shown();
        int disc = 0;
        for (int y = 0; y < covered.height(); ++y)
            for (int x = 0; x < covered.width(); ++x)
                disc += covered.pixel(x, y) == look::dark().athlete.rgb();
        QVERIFY2(disc > 400, qPrintable(QString::number(disc)));
        QVERIFY(item(QStringLiteral("The whole case"))->isDisabled()); // which holds them as they are
    }
    void theFolderIsWritten() {
        app_->step("handover");
        for (const char* title : {"The whole plan", "Home sheet"}) // ticked at first
            tick(QString::fromUtf8(title));
        for (const char* title : {"Take-home film", "Dates for a calendar"})
            tick(QString::fromUtf8(title));
        app_->click("leaveNames");
        quiet();
        QVERIFY2(folder().contains(QStringLiteral("hand_over")), qPrintable(folder()));
        const std::size_t frozen = app_->data().assessments.size();
        const QString to = folder();
        app_->key(Qt::Key_P);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && QFileInfo::exists(to + QStringLiteral("/index.html")), 120000);
        QCOMPARE(app_->data().assessments.size(), frozen + 1);
        QCOMPARE(
            QDir(to).entryList(QDir::Files, QDir::Name),
            (QStringList{"index.html", "page.pdf", "plan.ics", "take-home.mp4", "take-home.png", "take-home.vtt"}));
        const auto film = ClipReader::open((to + QStringLiteral("/take-home.mp4")).toStdString());
        QVERIFY(film.ok());
        QCOMPARE((*film)->info().frames(), homeFilm()->film().pictures()); // what was changed of it is still there
        QCOMPARE((*film)->info().displayWidth, 1280);
        QFile captions(to + QStringLiteral("/take-home.vtt"));
        QVERIFY(captions.open(QIODevice::ReadOnly));
        const QByteArray said = captions.readAll();
        QVERIFY(said.contains("Reach before you step."));
        QVERIFY(!said.contains("Ilka"));
        QProcess text;
        text.start(QStringLiteral("pdftotext"), {to + QStringLiteral("/page.pdf"), QStringLiteral("-")});
        QVERIFY(text.waitForFinished());
        QVERIFY(!text.readAllStandardOutput().contains("Ilka"));
        app_->click("leaveNames");
        app_->click("coverAthlete");
        quiet();
    }
    void aStoppedOneLeavesNothing() {
        app_->step("handover");
        const QString to = folder();
        QVERIFY(!QFileInfo::exists(to));
        const auto left = [&] {
            return QDir(QFileInfo(to).path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
        };
        const QStringList before = left();
        app_->key(Qt::Key_P);
        QTRY_VERIFY(!app_->workspace.jobs().idle());
        QTRY_VERIFY(left() != before);
        for (const JobState& job : app_->workspace.jobs().running())
            app_->workspace.jobs().cancel(job.id);
        quiet();
        QCOMPARE(left(), before);
    }
    void fromFindingsToAWrittenFilmInFourGestures() {
        app_->selectAthlete(QStringLiteral("Davor Quillane"));
        app_->step("findings");
        quiet();
        int gestures = 0;
        app_->step("handover");
        ++gestures;
        quiet();
        if (item(QStringLiteral("Take-home film"))->checkState(0) == Qt::Unchecked) {
            tick(QStringLiteral("Take-home film"));
            ++gestures;
        }
        leaveAllButTheTitle();
        const QString to = folder();
        app_->key(Qt::Key_P);
        ++gestures;
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && QFileInfo::exists(to + QStringLiteral("/take-home.mp4")), 60000);
        QVERIFY(gestures <= 4);
        qInfo("%d gestures from findings to a written film", gestures);
    }
    /// Without a mouse: the athlete by name, a finding decided, what is in the folder and where it goes, and written.
    void byKeysAloneFromTheNameToTheFolder() {
        const auto press = [&](Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier) {
            if (!QApplication::activeWindow()) { // as a window manager does when a list that was open is gone
                app_->window->activateWindow();
                QVERIFY(QTest::qWaitForWindowActive(app_->window.get()));
            }
            QTest::keyClick(app_->window->windowHandle(), key, with);
        };
        const auto type = [&](const QString& words) {
            for (const QChar letter : words)
                QTest::keyClick(QApplication::focusWidget(), letter.toLatin1());
        };
        const auto tabTo = [&](const QString& name) {
            for (int i = 0; i < 80; ++i) {
                if (const QWidget* at = QApplication::focusWidget(); at && at->objectName() == name)
                    return true;
                press(Qt::Key_Tab);
            }
            return false;
        };
        app_->window->showPage(QStringLiteral("settings"));
        press(Qt::Key_K, Qt::ControlModifier);
        type(QStringLiteral("Ilka"));
        press(Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && app_->window->currentPage() == QLatin1String("athlete"), 20000);
        press(Qt::Key_5, Qt::AltModifier);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && app_->window->currentPage() == QLatin1String("findings"), 20000);
        const std::size_t decided = app_->data().decisions.size();
        press(Qt::Key_Down);
        press(Qt::Key_Down);
        press(Qt::Key_P); // park: asks why, and waits there
        QCOMPARE(QApplication::focusWidget()->objectName(), QStringLiteral("reason"));
        app_->errors.clear();
        type(QStringLiteral("later"));
        press(Qt::Key_Return);
        QTRY_COMPARE(app_->data().decisions.size(), decided + 1);
        QVERIFY(app_->data().decisions.back().choice == Decision::Choice::Park);
        QCOMPARE(app_->data().decisions.back().reason, QStringLiteral("later"));
        press(Qt::Key_9, Qt::AltModifier);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && app_->window->currentPage() == QLatin1String("handover"), 60000);
        QVERIFY(item(QStringLiteral("Take-home film"))->checkState(0) == Qt::Checked);
        leaveAllButTheTitle();
        QVERIFY(tabTo(QStringLiteral("handoverFolder")));
        const QTemporaryDir out;
        const QString to = out.filePath(QStringLiteral("by keys"));
        press(Qt::Key_A, Qt::ControlModifier);
        type(to);
        press(Qt::Key_Return);
        press(Qt::Key_P);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && QFileInfo::exists(to + QStringLiteral("/index.html")), 120000);
        QVERIFY(QFileInfo::exists(to + QStringLiteral("/take-home.mp4")));
    }
    void withoutConsentNoFilmLeaves() {
        app_->step("athlete");
        app_->find<QCheckBox>("consentGiven")->click();
        QTRY_VERIFY(!app_->data().athlete.consentGiven.isValid());
        app_->step("handover");
        quiet();
        for (const char* title : {"Take-home film", "Key positions as pictures", "The whole case"}) {
            const QTreeWidgetItem* row = item(QString::fromUtf8(title));
            QVERIFY2(row->isDisabled() && row->text(1) == QLatin1String("no consent"), title);
        }
        app_->find<QLineEdit>("handoverFolder")->setText(dir_.filePath(QStringLiteral("without")));
        app_->key(Qt::Key_P);
        quiet();
        QTRY_VERIFY(QFileInfo::exists(dir_.filePath(QStringLiteral("without/index.html"))));
        QVERIFY(QDir(dir_.filePath(QStringLiteral("without"))).entryList({"*.mp4", "*.png", "*.zip"}).isEmpty());
        app_->workspace.undo();
        app_->workspace.undo();
        QVERIFY(app_->data().athlete.consentGiven.isValid());
    }
};

QTEST_MAIN(TestTakeHome)
#include "tst_take_home.moc"
