// Film: the scale from a known length on the picture; an edited clip in sections.

#include "window_driver.h"

#include "app/film/clip_check_box.h"
#include "app/film/clip_timeline.h"
#include "app/settings/library_panel.h"
#include "app/settings/settings_page.h"
#include "app/settings/stored_settings.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QListWidget>
#include <QProcess>
#include <QSpinBox>
#include <QWheelEvent>

using namespace riflesso;
using namespace riflesso::test;

class TestFilm : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;
    ClipId edited_;

    [[nodiscard]] CaseData onDisk() const { return *app_->workspace.library()->loadCase(app_->data().id); }
    [[nodiscard]] std::vector<Section> sections() const { return onDisk().clip(edited_)->sections; }
    [[nodiscard]] QString text(const char* name) const { return app_->find<QLabel>(name)->text(); }
    void goTo(int frame) const {
        auto* timeline = app_->find<QWidget>("clipTimeline");
        const int frames = app_->data().clip(edited_)->frames();
        QTest::mouseClick(
            timeline, Qt::LeftButton, {},
            QPoint(14 + qRound(static_cast<double>(frame) / (frames - 1) * (timeline->width() - 28)), 12));
        while (text("filmTime").section(u' ', 1, 1).toInt() < frame)
            app_->key(Qt::Key_Right);
        while (text("filmTime").section(u' ', 1, 1).toInt() > frame)
            app_->key(Qt::Key_Left);
    }

private slots:
    void initTestCase() {
        // Two takes in one file, as an editing program leaves them.
        const QString clip = folder_.filePath(QStringLiteral("edited.mp4"));
        QProcess ffmpeg;
        ffmpeg.start(QStringLiteral("ffmpeg"),
                     {QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-f"), QStringLiteral("lavfi"),
                      QStringLiteral("-i"), QStringLiteral("testsrc=size=640x360:rate=30:duration=2"),
                      QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
                      QStringLiteral("smptehdbars=size=640x360:rate=30:duration=2"), QStringLiteral("-filter_complex"),
                      QStringLiteral("[0][1]concat=n=2"), QStringLiteral("-pix_fmt"), QStringLiteral("yuv420p"), clip});
        QVERIFY(ffmpeg.waitForFinished(60000) && ffmpeg.exitCode() == 0);
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(folder_.filePath(QStringLiteral("library"))).ok());
        QFile pack(QStringLiteral(PACKS "/fencing_lunge.json"));
        QVERIFY(pack.open(QIODevice::ReadOnly));
        CaseId made;
        QVERIFY(app_->workspace.apply(QStringLiteral("Start"), [&](Edit& edit) -> Result<void> {
            Athlete athlete;
            athlete.name = QStringLiteral("Test Person");
            made = *edit.addCase(*edit.addAthlete(athlete), QStringLiteral("Lunge"), QString::fromUtf8(pack.readAll()));
            return edit.addSession(made, QDate(2026, 11, 3), QStringLiteral("First"), false)
                       ? Result<void>()
                       : Result<void>(badInput("", "", ""));
        }));
        app_->workspace.selectCase(made);
        app_->workspace.selectSession(app_->data().sessions.front().id);
        app_->window->showPage(QStringLiteral("film"), QStringLiteral("add:") + clip);
        QTRY_COMPARE_WITH_TIMEOUT(app_->data().sessions.front().clips.size(), std::size_t(1), 20000);
        edited_ = app_->data().sessions.front().clips.front().id;
        QVERIFY(app_->shows("filmStage"));
    }
    void aLengthOnThePictureGivesTheScale() {
        app_->key(Qt::Key_L);
        QVERIFY(app_->headline().contains(QStringLiteral("Scale of this section")));
        app_->clickPixel("filmStage", {100, 100});
        QVERIFY(text("lengthText").contains(QStringLiteral("other end")));
        app_->clickPixel("filmStage", {500, 100});
        auto* metres = app_->find<QDoubleSpinBox>("lengthMetres");
        QTRY_VERIFY(metres->isVisible());
        metres->setFocus();
        metres->selectAll();
        QTest::keyClicks(metres, QStringLiteral("2.0"));
        QTest::keyClick(metres, Qt::Key_Return);
        QTRY_COMPARE(sections()[0].knownLengths.size(), std::size_t(1));
        const Section first = sections()[0];
        QVERIFY(std::abs(*first.metresPerPixel - .005) < 1e-4); // a click falls on a whole pixel of the window
        QVERIFY(first.scaleRelativeU > 0 && first.scaleRelativeU < .01);
        QVERIFY2(text("scaleText").contains(QStringLiteral("no check possible")), qPrintable(text("scaleText")));
        QVERIFY(text("lengthText").contains(QStringLiteral("Click another")));
        // A second one that does not agree is told, and is the doubt.
        app_->clickPixel("filmStage", {300, 50});
        app_->clickPixel("filmStage", {300, 250});
        metres->setValue(1.1);
        app_->click("keepLength");
        QTRY_COMPARE(sections()[0].knownLengths.size(), std::size_t(2));
        QVERIFY2(text("scaleText").contains(QStringLiteral("2 lengths differ by")), qPrintable(text("scaleText")));
        QVERIFY(sections()[0].scaleRelativeU > .04);
        // The lengths go with the scale: entered by hand it is only a number again.
        app_->workspace.undo();
        QTRY_COMPARE(sections()[0].knownLengths.size(), std::size_t(1));
        app_->key(Qt::Key_L);
        QVERIFY(!app_->headline().contains(QStringLiteral("Scale of this section")));
        auto* scale = app_->find<QDoubleSpinBox>("scale");
        scale->setFocus();
        scale->selectAll();
        QTest::keyClicks(scale, QStringLiteral("7.5"));
        QTest::keyClick(scale, Qt::Key_Return);
        QTRY_VERIFY(sections()[0].knownLengths.empty());
        QVERIFY(std::abs(*sections()[0].metresPerPixel - .0075) < 1e-9);
        QVERIFY(!app_->find<QLabel>("scaleText")->isVisible());
    }
    void theCameraOffSquareIsKept() {
        auto* bearing = app_->find<QDoubleSpinBox>("bearing");
        QCOMPARE(bearing->text(), QStringLiteral("assumed square on"));
        bearing->setFocus();
        bearing->selectAll();
        QTest::keyClicks(bearing, QStringLiteral("15"));
        QTest::keyClick(bearing, Qt::Key_Return);
        QTRY_VERIFY(sections()[0].bearingDeg.has_value());
        QCOMPARE(*sections()[0].bearingDeg, 15.0);
        app_->workspace.undo();
        QTRY_VERIFY(!sections()[0].bearingDeg);
        QCOMPARE(bearing->text(), QStringLiteral("assumed square on"));
    }
    void theLineZoomsAndGoesFromRepetitionToRepetition() {
        auto* line = app_->find<ClipTimeline>("clipTimeline");
        const int last = app_->data().clip(edited_)->frames() - 1;
        QCOMPARE(line->shown(), std::pair(0.0, static_cast<double>(last)));
        goTo(40);
        app_->key(Qt::Key_Plus);
        const double span = line->shown().second - line->shown().first;
        QVERIFY(std::abs(span - last / 2.5) < 1);
        QVERIFY(line->shown().first < 40 && line->shown().second > 40);
        for (int i = 0; i < 8; ++i)
            app_->key(Qt::Key_Plus);
        QCOMPARE(line->shown().second - line->shown().first, ClipTimeline::kFewest);
        // Now a pixel is far less than a frame: a click finds frame 45 at once.
        const double x = 14 + (45 - line->shown().first) / ClipTimeline::kFewest * (line->width() - 28);
        QTest::mouseClick(line, Qt::LeftButton, {}, QPoint(qRound(x), 12));
        QCOMPARE(text("filmTime").section(u' ', 1, 1).toInt(), 45);
        // The line turns with the frame shown; the wheel with Shift goes along it, without it further away.
        for (int i = 0; i < 5; ++i)
            app_->key(Qt::Key_Right, Qt::ShiftModifier);
        const int frame = text("filmTime").section(u' ', 1, 1).toInt();
        QVERIFY(line->shown().first <= frame && frame <= line->shown().second);
        const auto wheel = [&](int notches, Qt::KeyboardModifiers modifiers) {
            const QPointF at(line->width() / 2.0, 30);
            QWheelEvent event(at, line->mapToGlobal(at), {}, {0, 120 * notches}, Qt::NoButton, modifiers,
                              Qt::NoScrollPhase, false);
            QApplication::sendEvent(line, &event);
        };
        const auto before = line->shown();
        wheel(1, Qt::ShiftModifier);
        QVERIFY(line->shown().first < before.first);
        QVERIFY(std::abs(line->shown().second - line->shown().first - ClipTimeline::kFewest) < 1e-9);
        wheel(-30, {});
        QCOMPARE(line->shown(), std::pair(0.0, static_cast<double>(last)));
        wheel(3, {});
        app_->key(Qt::Key_0);
        QCOMPARE(line->shown(), std::pair(0.0, static_cast<double>(last)));
        // From one repetition to the next, and back.
        for (const auto& [from, to] : {std::pair{5, 20}, {70, 90}}) {
            goTo(from);
            app_->key(Qt::Key_C);
            goTo(to);
            app_->key(Qt::Key_C);
        }
        QTRY_COMPARE(sections()[0].repetitions.size(), std::size_t(2));
        goTo(0);
        app_->key(Qt::Key_PageDown);
        QTRY_COMPARE(text("filmTime").section(u' ', 1, 1).toInt(), 5);
        app_->key(Qt::Key_PageDown);
        QTRY_COMPARE(text("filmTime").section(u' ', 1, 1).toInt(), 70);
        QCOMPARE(app_->workspace.place().repetition->from, 70);
        app_->key(Qt::Key_PageUp);
        QTRY_COMPARE(text("filmTime").section(u' ', 1, 1).toInt(), 5);
        for (int i = 0; i < 2; ++i) // as the other cases of this program found it
            app_->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_VERIFY(sections()[0].repetitions.empty());
    }
    void picturesStandOnTheLine() {
        auto* line = app_->find<ClipTimeline>("clipTimeline");
        QTRY_VERIFY_WITH_TIMEOUT(line->pictures() >= 5, 20000);
        const std::size_t before = line->pictures();
        line->zoom(6); // another stretch has pictures of its own
        QTRY_VERIFY_WITH_TIMEOUT(line->pictures() > before, 20000);
        app_->key(Qt::Key_0);
    }
    void twoHoursAreCutInFewGestures() {
        // Eight repetitions a quarter of a minute apart, somewhere in two hours at 30 pictures a second.
        constexpr int kFrames = 216000, kFirst = 131000, kApart = 450, kLong = 60;
        std::vector<double> times;
        for (int i = 0; i < kFrames; ++i)
            times.push_back(i / 30.0);
        ClipId added;
        QVERIFY(app_->workspace.apply(QStringLiteral("Add"), [&](Edit& edit) -> Result<void> {
            Section section;
            section.to = kFrames - 1;
            const auto made =
                edit.addClip(app_->workspace.session(),
                             NewClip{QStringLiteral("Two hours"), QStringLiteral("/nowhere/two_hours.mp4"),
                                     QStringLiteral("0123456789abcdef"), 1280, 720, times},
                             section);
            if (!made)
                return made.error();
            added = *made;
            return {};
        }));
        const auto cut = [&] { return onDisk().clip(added)->sections[0].repetitions; };
        auto* list = app_->window->page(QStringLiteral("film"))->findChild<QListWidget*>();
        QVERIFY(list && list->count() == 2);
        int gestures = 0;
        auto* line = app_->find<ClipTimeline>("clipTimeline");
        const auto click = [&](int frame) {
            const auto [first, last] = line->shown();
            QTest::mouseClick(line, Qt::LeftButton, {},
                              QPoint(14 + qRound((frame - first) / (last - first) * (line->width() - 28)), 12));
            ++gestures;
        };
        const auto press = [&](int key) {
            app_->key(key);
            ++gestures;
        };
        list->setCurrentRow(1); // the clip
        ++gestures;
        QTRY_COMPARE(line->shown().second, kFrames - 1.0);
        click(kFirst + 4 * kApart); // about where it is
        while (line->shown().second - line->shown().first > 9 * kApart)
            press(Qt::Key_Plus);
        for (int i = 0; i < 8; ++i) {
            click(kFirst + i * kApart);
            press(Qt::Key_C);
            click(kFirst + i * kApart + kLong);
            press(Qt::Key_C);
        }
        QTRY_COMPARE(cut().size(), std::size_t(8));
        const double pixel = (line->shown().second - line->shown().first) / (line->width() - 28);
        for (std::size_t i = 0; i < 8; ++i)
            QVERIFY(std::abs(cut()[i].from - (kFirst + static_cast<int>(i) * kApart)) <= pixel + 1);
        QVERIFY2(gestures <= 40, qPrintable(QString::number(gestures)));
        qInfo("%d gestures, %.1f frames a pixel", gestures, pixel);
        QVERIFY(text("filmTime").contains(QStringLiteral("of 216000")));
        auto* time = app_->find<QLabel>("filmTime");
        QVERIFY(time->width() >= time->fontMetrics().horizontalAdvance(time->text())); // not cut off
        for (int i = 0; i < 9; ++i) // as the other cases of this program found it
            app_->shortcut(Qt::Key_Z, Qt::ControlModifier);
        QTRY_COMPARE(list->count(), 1);
    }
    void theLookThroughSuggestsTheCut() {
        app_->click("lookThrough");
        QTRY_VERIFY_WITH_TIMEOUT(text("checks").contains(QStringLiteral("it looks cut at frame 60")), 30000);
        QVERIFY(text("checks").contains(QStringLiteral("repeated frames"))); // the second take stands still
        QCOMPARE(sections().size(), std::size_t(1));                         // the analyst decides
        app_->click("splitAtCuts");
        QTRY_COMPARE(sections().size(), std::size_t(2));
        QCOMPARE(sections()[1].from, 60);
        QVERIFY(!app_->find<QWidget>("splitAtCuts")->isVisible());
        // Each has its own slow motion: the time shown is the section's.
        goTo(90);
        auto* slow = app_->find<QDoubleSpinBox>("slowMotion");
        slow->setFocus();
        slow->selectAll();
        QTest::keyClicks(slow, QStringLiteral("8"));
        QTest::keyClick(slow, Qt::Key_Return);
        QTRY_COMPARE(sections()[1].slowMotion, 8.0);
        QCOMPARE(sections()[0].slowMotion, 1.0);
    }
    void aSectionIsSplitByKeyAndJoinedAgain() {
        goTo(30);
        app_->key(Qt::Key_S);
        QTRY_COMPARE(sections().size(), std::size_t(3));
        QCOMPARE(sections()[1].from, 30);
        QVERIFY(app_->find<QWidget>("joinSections")->isVisible());
        app_->click("joinSections");
        QTRY_COMPARE(sections().size(), std::size_t(2));
        // In the middle of a repetition it says why not.
        goTo(5);
        app_->key(Qt::Key_C);
        goTo(40);
        app_->key(Qt::Key_C);
        QTRY_COMPARE(sections()[0].repetitions.size(), std::size_t(1));
        QVERIFY(app_->errors.isEmpty());
        goTo(20);
        app_->key(Qt::Key_S);
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY2(app_->errors[0].contains(QStringLiteral("between repetitions")), qPrintable(app_->errors[0]));
        QCOMPARE(sections().size(), std::size_t(2));
    }
    void aMovedClipIsFoundByItsContent() {
        const QString path = app_->data().clip(edited_)->path;
        QDir().mkpath(folder_.filePath(QStringLiteral("moved")));
        const QString moved = folder_.filePath(QStringLiteral("moved/other name.mp4"));
        QVERIFY(QFile::rename(path, moved));
        app_->errors.clear();
        app_->workspace.selectCase(app_->data().id); // as on the next start
        app_->step("film");
        QTRY_VERIFY(app_->data().clip(edited_)->missing);
        auto* box = app_->window->findChild<ClipCheckBox*>();
        QVERIFY(box && app_->find<QWidget>("findClip")->isVisible());
        // Another file is not taken in its place.
        const QString other = folder_.filePath(QStringLiteral("moved/other.mp4"));
        QVERIFY(QFile::copy(moved, other));
        QFile changed(other);
        QVERIFY(changed.open(QIODevice::Append) && changed.write("x") == 1);
        changed.close();
        box->lookAt(other);
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY2(app_->errors[0].contains(QStringLiteral("another content")), qPrintable(app_->errors[0]));
        QVERIFY(app_->data().clip(edited_)->missing);
        box->lookAt(moved);
        QTRY_VERIFY(!app_->data().clip(edited_)->missing);
        QCOMPARE(onDisk().clip(edited_)->path, moved);
        QVERIFY(!app_->find<QWidget>("findClip")->isVisible());
        QTRY_VERIFY(!app_->find<StageView>("filmStage")->image().isNull());
        app_->workspace.undo(); // and back to where it was, which is nowhere
        QTRY_VERIFY(app_->data().clip(edited_)->missing);
        app_->workspace.redo();
        QTRY_VERIFY(!app_->data().clip(edited_)->missing);
    }
    void theLibraryIsCheckedAndCopied() {
        app_->errors.clear();
        app_->window->showPage(QStringLiteral("settings"));
        QVERIFY(text("libraryHolds").startsWith(QStringLiteral("1 athlete, ")));
        app_->click("checkLibrary");
        QTRY_VERIFY_WITH_TIMEOUT(text("libraryChecked").startsWith(QStringLiteral("It is sound")), 20000);
        // A clip that was moved away is named, with whose it is.
        const QString clip = app_->data().sessions[0].clips[0].path,
                      away = folder_.filePath(QStringLiteral("away.mp4"));
        QVERIFY(QFile::rename(clip, away));
        app_->click("checkLibrary");
        QTRY_VERIFY_WITH_TIMEOUT(text("libraryChecked").contains(QStringLiteral("nothing at")), 20000);
        QVERIFY(text("libraryChecked").contains(app_->data().athlete.name));
        QVERIFY(QFile::rename(away, clip));
        // The copy, and the same again: by one button, with what is new alone.
        QVERIFY(!app_->find<QWidget>("copyAgain")->isVisible());
        QCOMPARE(text("libraryCopied"), QStringLiteral("There is none yet."));
        const QString copy = folder_.filePath(QStringLiteral("copy of it"));
        auto* panel = app_->window->findChild<LibraryPanel*>();
        app_->workspace.jobs().setGate(Jobs::Gate::BeforeWork);
        panel->copyTo(copy);
        for (const bool changed : {false, true}) { // what else changes meanwhile brings no second copy of it
            if (changed)
                panel->refresh();
            QCOMPARE(text("libraryCopied"), QStringLiteral("Copying…"));
            QVERIFY(!app_->find<QWidget>("copyLibrary")->isEnabled());
        }
        app_->workspace.jobs().setGate(Jobs::Gate::Open);
        QTRY_VERIFY_WITH_TIMEOUT(text("libraryCopied").contains(QStringLiteral("is whole")), 20000);
        panel->refresh();
        QVERIFY(text("libraryCopied").contains(QStringLiteral("is whole"))); // what came of it stays
        QVERIFY(app_->find<QWidget>("copyLibrary")->isEnabled());
        QVERIFY((*Library::open(copy, Library::Mode::ReadOnly))->verify()->sound);
        app_->click("copyAgain");
        QTRY_VERIFY_WITH_TIMEOUT(text("libraryCopied").contains(QStringLiteral("is whole")), 20000);
        app_->window->showPage(QStringLiteral("film"));
        app_->window->showPage(QStringLiteral("settings"));
        QVERIFY(text("libraryCopied").startsWith(QStringLiteral("Made ")));
        // Over something else nothing is written, and that is an error.
        app_->window->findChild<LibraryPanel*>()->copyTo(folder_.path());
        QTRY_COMPARE(app_->errors.size(), 1);
        QVERIFY(app_->errors[0].contains(QStringLiteral("an empty folder")));
        app_->errors.clear();
        app_->window->showPage(QStringLiteral("film"));
    }
    void aClipIsCopiedInRemovedAndDeleted() {
        const Clip before = *app_->data().clip(edited_);
        QVERIFY(!before.missing);
        QVERIFY(text("clipPlace").contains(QStringLiteral(".mp4"))); // it lies elsewhere
        app_->click("copyClip");
        const QString library = app_->workspace.library()->folder();
        QTRY_VERIFY(app_->data().clip(edited_)->path.startsWith(library + QStringLiteral("/media/")));
        const QString kept = app_->data().clip(edited_)->path;
        QCOMPARE(*fileHash(kept), before.hash);
        QVERIFY(QFileInfo::exists(before.path)); // a copy: the file itself stays
        QCOMPARE(text("clipPlace"), QStringLiteral("In the library."));
        QVERIFY(!app_->find<QWidget>("copyClip")->isVisible());
        QCOMPARE(QDir(library + QStringLiteral("/media")).entryList(QDir::Files).size(), 1); // nothing half left
        // Removed, it comes back with undo; deleted, nothing does, and its file in the library goes too.
        app_->click("removeClip");
        QTRY_VERIFY(!app_->data().clip(edited_));
        QVERIFY(QFileInfo::exists(kept));
        app_->workspace.undo();
        QTRY_VERIFY(app_->data().clip(edited_));
        QTRY_VERIFY(app_->find<QWidget>("deleteClip")->isVisible());
        app_->click("deleteClip");
        QVERIFY(text("clipQuestion").contains(QStringLiteral("cannot be undone")));
        app_->click("clipNo");
        QVERIFY(app_->data().clip(edited_));
        app_->click("deleteClip");
        app_->click("clipYes");
        QTRY_VERIFY(!app_->data().clip(edited_));
        QVERIFY(!QFileInfo::exists(kept));
        QVERIFY(QFileInfo::exists(before.path));
        QVERIFY(app_->workspace.undoName().isEmpty());
    }
    void settingsHoldForNewCasesAndClips() {
        app_->window->showPage(QStringLiteral("settings"));
        auto* school = app_->find<QComboBox>("newSchool");
        school->setCurrentIndex(2);
        emit school->activated(2);
        auto* cache = app_->find<QSpinBox>("cacheMiB");
        cache->setFocus();
        cache->selectAll();
        QTest::keyClicks(cache, QStringLiteral("512"));
        QTest::keyClick(cache, Qt::Key_Return);
        QCOMPARE(settings::cacheMiB(), 512);
        auto* sigma = app_->find<QDoubleSpinBox>("markSigma");
        sigma->setFocus();
        sigma->selectAll();
        QTest::keyClicks(sigma, QStringLiteral("1.2"));
        QTest::keyClick(sigma, Qt::Key_Return);
        QVERIFY(std::abs(settings::markSigmaPx(1080) - 1.2) < 1e-9);
        QVERIFY(std::abs(settings::markSigmaPx(540) - 0.6) < 1e-9);
        auto* text = app_->find<QComboBox>("textSize");
        text->setCurrentIndex(2);
        emit text->activated(2);
        QCOMPARE(settings::textPercent(), 130);
        app_->window->showPage(QStringLiteral("start"));
        app_->type("newName", QStringLiteral("Second Person"));
        app_->click("startCase");
        QTRY_COMPARE(app_->data().athlete.name, QStringLiteral("Second Person"));
        QCOMPARE(app_->data().school, QStringLiteral("effect"));
        // Another folder: its library opens, the first one stays as it is.
        auto* page = static_cast<SettingsPage*>(app_->window->page(QStringLiteral("settings")));
        const QString first = app_->workspace.library()->folder(), second = folder_.filePath(QStringLiteral("second"));
        page->moveTo(second);
        QCOMPARE(QFileInfo(app_->workspace.library()->folder()), QFileInfo(second));
        QCOMPARE(QFileInfo(settings::libraryFolder()), QFileInfo(second));
        QVERIFY(!app_->workspace.hasCase());
        page->moveTo(first);
        QVERIFY(app_->workspace.hasCase());
        settings::setLibraryFolder({});
        settings::setCacheMiB(settings::kUsualCacheMiB);
        settings::setTextPercent(100);
        settings::setMarkSigma(2);
        settings::setNewSchool(QStringLiteral("root"));
    }
};

QTEST_MAIN(TestFilm)
#include "tst_film.moc"
