// Background work that comes back to a changed world: every kind of job the window has, against another library,
// another case, a deleted clip, an undo, a closed window. Nothing wrong is written, shown or read.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/mark/mark_page.h"
#include "core/workshop/pack_draft.h"
#include "job_kinds.h"
#include "store/case_archive.h"
#include "store/case_json.h"
#include "support/sanitized.h"
#include "window_driver.h"

#include <QDirIterator>
#include <QListWidget>
#include <QPushButton>
#include <QRegularExpression>
#include <QStandardPaths>

using namespace riflesso;
using namespace riflesso::test;
using namespace riflesso::test::job_kinds;

namespace {

const QString kOtherAthlete = QStringLiteral("Davor Quillane");

/// All rows of a case as text.
QByteArray contentOf(const CaseData& data) {
    QByteArray all;
    for (const auto& [name, bytes] : caseToFiles(data, {}, {}, {}))
        all += name.toUtf8() + '\n' + bytes;
    return all;
}

} // namespace

class TestLateResults : public QObject {
    Q_OBJECT

    QTemporaryDir home_;
    int libraries_ = 0;

    /// A copy of the demo of its own.
    QString freshLibrary() {
        const QString folder = home_.filePath(QString::number(++libraries_));
        if (!copyLibrary(pristine_, folder))
            qFatal("the demo could not be copied");
        return folder;
    }
    QString pristine_;

    static bool settled(Driver& app) {
        return QTest::qWaitFor([&] { return app.workspace.jobs().idle() && !app.workspace.assessing(); }, 240000);
    }
    /// Opens a fresh library on a window and waits until nothing runs.
    void begin(Driver& app) {
        app.workspace.jobs().setGate(Jobs::Gate::Open);
        app.window->showPage(QStringLiteral("settings")); // which begins nothing
        app.workspace.setDemo(false);
        QVERIFY(app.workspace.open(freshLibrary()).ok());
        QVERIFY(settled(app));
        app.errors.clear();
    }
    /// Begins a kind of job and waits until one stands at the gate.
    static bool caught(Driver& app, const JobKind& kind) {
        app.workspace.jobs().setGate(kind.gate);
        kind.begin(app);
        return QTest::qWaitFor([&] { return app.workspace.jobs().atGate() > 0; }, 30000);
    }

    void anotherCase(Driver& app, const JobKind& kind) {
        begin(app);
        QVERIFY(caught(app, kind));
        app.selectAthlete(kOtherAthlete);
        const QByteArray theirs = contentOf(app.data());
        app.workspace.jobs().setGate(Jobs::Gate::Open);
        QVERIFY(settled(app));
        QCOMPARE(app.data().athlete.name, kOtherAthlete);
        QCOMPARE(contentOf(app.data()), theirs);
        QVERIFY2(app.errors.isEmpty(), qPrintable(app.errors.join(u' ')));
    }

private slots:
    void initTestCase() {
        QStandardPaths::setTestModeEnabled(true); // the demo that one kind of job puts together
        pristine_ = home_.filePath(QStringLiteral("pristine"));
        QTemporaryDir first;
        QVERIFY(copyLibrary(demoCopy(first), pristine_));
        // Two athletes and few repetitions: what is copied and measured again and again here is not looked at.
        const auto library = Library::open(pristine_);
        QVERIFY(library.ok());
        const auto every = *(*library)->cases();
        const CaseEntry& shown = every.front();
        for (const CaseEntry& entry : every)
            if (entry.athlete != shown.athlete && entry.athlete != kOtherAthlete)
                QVERIFY((*library)->eraseAthlete((*library)->loadCase(entry.id)->athlete.id).ok());
        const auto cases = *(*library)->cases();
        QCOMPARE(cases.front().id, shown.id);
        for (const CaseEntry& entry : cases) {
            const auto data = (*library)->loadCase(entry.id);
            QVERIFY((*library)
                        ->change(QStringLiteral("Fewer"),
                                 [&](Edit& edit) -> Result<void> {
                                     constexpr std::size_t kKept = 2;
                                     for (const Session& session : data->sessions)
                                         for (const Clip& clip : session.clips)
                                             for (const Section& section : clip.sections)
                                                 for (std::size_t i = kKept; i < section.repetitions.size(); ++i)
                                                     if (auto done = edit.removeRepetition(section.repetitions[i].id);
                                                         !done)
                                                         return done;
                                     return {};
                                 })
                        .ok());
        }
        const auto pack = (*library)->packText(cases.front().id);
        QVERIFY(pack.ok());
        const auto draft = PackDraft::read(pack->toStdString(), "the case's");
        QVERIFY(draft.ok());
        QVERIFY((*library)
                    ->change(QStringLiteral("A skill of one's own"),
                             [&](Edit& edit) -> Result<void> {
                                 const auto added =
                                     edit.addOwnSkill(QString::fromStdString(PackDraft::of(*draft, "Own").text()));
                                 return added ? Result<void>() : Result<void>(added.error());
                             })
                    .ok());
        QFile::remove(outside(QStringLiteral("in.zip")));
        QVERIFY(writeCaseArchive(**library, cases.front().id, outside(QStringLiteral("in.zip")), false, [](double) {
                    return true;
                }).ok());
    }
    void cleanupTestCase() {
        for (const char* name : {"in.zip", "case.zip"})
            QFile::remove(outside(QLatin1String(name)));
        for (const QFileInfo& left :
             QFileInfo(outside({}))
                 .dir()
                 .entryInfoList({QFileInfo(outside(QStringLiteral("handed*"))).fileName()}, QDir::Dirs | QDir::Files))
            left.isDir() ? QDir(left.filePath()).removeRecursively() : QFile::remove(left.filePath());
    }

    /// A new kind of job belongs into jobKinds().
    void everyKindIsListed() {
        static const QRegularExpression door(QStringLiteral(R"(\bstart<[^;(]*>\()"));
        int found = 0;
        QDirIterator files(QStringLiteral(SOURCES "/src/app"), {QStringLiteral("*.cpp")}, QDir::Files,
                           QDirIterator::Subdirectories);
        while (files.hasNext()) {
            QFile file(files.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            auto each = door.globalMatch(QString::fromUtf8(file.readAll()));
            while (each.hasNext()) {
                each.next();
                ++found;
            }
        }
        const int twoInOne = 2; // a first picture and the reading, on Film and on the Bench
        QCOMPARE(found, static_cast<int>(jobKinds().size()) + twoInOne);
    }

    void nothingLateIsWritten_data() {
        QTest::addColumn<int>("index");
        const auto all = jobKinds();
        for (std::size_t i = 0; i < all.size(); ++i)
            QTest::newRow(all[i].name) << static_cast<int>(i);
    }
    void nothingLateIsWritten() {
        QFETCH(int, index);
        const JobKind kind = jobKinds()[static_cast<std::size_t>(index)];
        Driver app;

        // Another library: it stays as it was, and stays open.
        begin(app);
        QVERIFY2(caught(app, kind), "no job began");
        const QString other = freshLibrary();
        QVERIFY(app.workspace.open(other).ok());
        const QByteArray before = contentOf(app.data());
        const QString undo = app.workspace.undoName();
        app.workspace.jobs().setGate(Jobs::Gate::Open);
        QVERIFY(settled(app));
        QCOMPARE(app.workspace.library()->folder(), other);
        QCOMPARE(contentOf(app.data()), before);
        QCOMPARE(app.workspace.undoName(), undo);
        QVERIFY2(app.errors.isEmpty(), qPrintable(app.errors.join(u' ')));

        // Another case of the same library. (The sanitizers look at memory, which what follows treats in the same
        // ways.)
        if (!kSanitized)
            anotherCase(app, kind);

        // The clip is deleted for good meanwhile; so is what the job would have written about it.
        begin(app);
        QVERIFY(caught(app, kind));
        const ClipId clip = app.workspace.place().clip->id;
        const QString folder = app.workspace.library()->folder();
        QVERIFY(app.workspace.eraseClip(clip).ok());
        app.workspace.jobs().setGate(Jobs::Gate::Open);
        QVERIFY(settled(app));
        if (app.workspace.library()->folder() == folder) // the demo, asked for, may have opened
            QVERIFY(!app.data().clip(clip));
        QVERIFY2(app.errors.isEmpty(), qPrintable(app.errors.join(u' ')));
        QVERIFY(app.workspace.library()->verify()->sound);

        // The cut of the repetition is taken back meanwhile: what was worked out on its frames is not kept.
        begin(app);
        const RepetitionId repetition = app.workspace.repetition();
        const Repetition cut = *app.data().repetition(repetition);
        QVERIFY(app.workspace.apply(QStringLiteral("Shorten"),
                                    [&](Edit& edit) { return edit.setSpan(repetition, cut.from, cut.from + 6); }));
        QVERIFY(settled(app));
        QVERIFY(caught(app, kind));
        while (app.data().repetition(repetition)->to != cut.to && !app.workspace.undoName().isEmpty())
            app.workspace.undo(); // printing froze the assessment before
        const QByteArray back = contentOf(app.data());
        if (kind.gate == Jobs::Gate::BeforeWork && !kind.onTheRepetition) // what takes long and is not about it
            for (const JobState& job : app.workspace.jobs().running())
                app.workspace.jobs().cancel(job.id);
        app.workspace.jobs().setGate(Jobs::Gate::Open);
        QVERIFY(settled(app));
        QCOMPARE(app.data().repetition(repetition)->to, cut.to);
        if (kind.onTheRepetition)
            QCOMPARE(contentOf(app.data()), back);
        QVERIFY2(kind.fails || app.errors.isEmpty(), qPrintable(app.errors.join(u' ')));
    }

    void theWindowMayGo_data() { nothingLateIsWritten_data(); }
    void theWindowMayGo() {
        QFETCH(int, index);
        const JobKind kind = jobKinds()[static_cast<std::size_t>(index)];
        QString folder;
        QByteArray before;
        {
            Driver app;
            begin(app);
            folder = app.workspace.library()->folder();
            before = contentOf(app.data());
            QVERIFY(caught(app, kind));
        }
        QTest::qWait(0); // what the pool has posted finds nobody
        const auto library = Library::open(folder);
        QVERIFY(library.ok());
        const auto data = (*library)->loadCase((*library)->cases()->front().id);
        QVERIFY(data.ok());
        const QString name = QLatin1String(kind.name);
        if (name != QLatin1String("write the folder") && !name.startsWith(QLatin1String("print")) &&
            !name.startsWith(QLatin1String("workshop: carry"))) // changed before
            QCOMPARE(contentOf(*data), before);
    }

    /// Not one of the program's: the door itself.
    void whatIsThrownIsAFault() {
        Driver app;
        QString failed;
        app.workspace.start<int>(
            QStringLiteral("Throwing"), &app.workspace, Workspace::ofProgram(),
            [](JobControl&) -> Result<int> { throw std::runtime_error("too much asked"); },
            [&](const Result<int>& result) { failed = QString::fromStdString(result.error().sentence()); });
        QTRY_VERIFY(!failed.isEmpty());
        QVERIFY2(failed.contains(QStringLiteral("Throwing")) && failed.contains(QStringLiteral("too much asked")),
                 qPrintable(failed));
    }
    void theNewestOfARequestCounts() {
        Driver app;
        QObject view;
        QList<int> came;
        const auto ask = [&](int number) {
            app.workspace.start<int>(
                QStringLiteral("Asked"), &view, Workspace::ofProgram().newest(QStringLiteral("preview")),
                [number](JobControl&) -> Result<int> { return number; },
                [&](const Result<int>& result) { came << *result; }, Pace::Quick);
        };
        app.workspace.jobs().setGate(Jobs::Gate::AfterWork);
        ask(1);
        QTRY_COMPARE(app.workspace.jobs().atGate(), 1);
        ask(2);
        QTRY_COMPARE(app.workspace.jobs().atGate(), 2);
        app.workspace.jobs().setGate(Jobs::Gate::Open);
        QTRY_VERIFY(app.workspace.jobs().idle());
        QCOMPARE(came, QList<int>{2});
    }
    void shortWorkIsNotKeptWaiting() {
        Driver app;
        int stopped = 0;
        bool quick = false;
        for (int i = 0; i < 4; ++i)
            app.workspace.start<int>(
                QStringLiteral("Long %1").arg(i), &app.workspace, Workspace::ofProgram(),
                [](JobControl& control) -> Result<int> {
                    while (control.goOn(0.5))
                        QThread::msleep(1); // stands for work that takes long: until it is stopped
                    return cancelled();
                },
                [&](const Result<int>& result) { stopped += !result; });
        app.workspace.start<int>(
            QStringLiteral("Short"), &app.workspace, Workspace::ofProgram(),
            [](JobControl&) -> Result<int> { return 1; }, [&](const Result<int>&) { quick = true; }, Pace::Quick);
        QTRY_VERIFY(quick);
        QCOMPARE(stopped, 0);
        // "stop" stops the one that it stands beside.
        const auto named = [&] { return app.find<QPushButton>("stopJob")->isVisible(); };
        QTRY_VERIFY(named());
        QCOMPARE(app.workspace.jobs().running().size(), 4);
        app.click("stopJob"); // the last one, which waits for a thread: it ends as soon as it gets one
        QCOMPARE(stopped, 0);
        // The list has one each.
        app.click("moreJobs");
        const QPointer<QFrame> list = app.window->findChild<QFrame*>(QStringLiteral("jobList"));
        QVERIFY(list && list->isVisible());
        const int first = app.workspace.jobs().running().front().id;
        auto* stop = list->findChild<QPushButton*>(QStringLiteral("stopJob%1").arg(first));
        QVERIFY(stop);
        QTest::mouseClick(stop, Qt::LeftButton);
        QTRY_COMPARE(stopped, 1);
        QCOMPARE(app.workspace.jobs().running().size(), 3);
        for (const JobState& job : app.workspace.jobs().running())
            app.workspace.jobs().cancel(job.id);
        QTRY_COMPARE(stopped, 4);
        QTRY_VERIFY(!list || !list->isVisible());
    }

    void aLatePictureOfAnotherClip() {
        Driver app;
        QVERIFY(app.workspace.open(freshLibrary()).ok());
        QObject view;
        QStringList shown;
        const auto ask = [&](const QString& clip, QObject* for_) {
            app.workspace.requestFrame(clip, 3, for_, [&, clip](const QImage&, int) { shown << clip; });
        };
        ask(kOther, &view); // open from now on: quick
        QTRY_COMPARE(shown.size(), 1);
        shown.clear();
        ask(kClip, &view); // has to be opened first
        ask(kOther, &view);
        QObject after; // of the first clip again: what was asked of it before has come by then
        bool all = false;
        app.workspace.enqueueFrame(kClip, 4, &after, [&](const QImage&, int) { all = true; });
        QTRY_VERIFY_WITH_TIMEOUT(all, 20000);
        QTRY_COMPARE(shown, QStringList{kOther});
    }
    void clipsThatNobodyLooksAtAreClosed() {
        Driver app;
        QVERIFY(app.workspace.open(freshLibrary()).ok());
        QObject strip;
        const QStringList clips = QDir(QStringLiteral(DEMO_CLIPS)).entryList({QStringLiteral("*.mp4")});
        QVERIFY(clips.size() > 8);
        int came = 0;
        for (const QString& clip : clips)
            app.workspace.enqueueFrame(QStringLiteral(DEMO_CLIPS "/") + clip, 0, &strip,
                                       [&](const QImage&, int) { ++came; });
        QTRY_COMPARE_WITH_TIMEOUT(came, int(clips.size()), 60000);
        app.workspace.enqueueFrame(kClip, 0, &strip, [&](const QImage&, int) { ++came; });
        QVERIFY2(app.workspace.frames().openClips() <= 3,
                 qPrintable(QString::number(app.workspace.frames().openClips())));
        QTRY_COMPARE(came, int(clips.size()) + 1);
    }

    /// Row ids mean other things in another library: pages begin anew there.
    void pagesOfAnotherLibraryBeginAnew() {
        Driver app;
        begin(app);
        const RepetitionPlace place = app.workspace.place();
        app.window->showPage(QStringLiteral("mark"), QStringLiteral("frame:%1").arg(place.clip->frames() - 1));
        app.step("film");
        auto* clips = app.find<QListWidget>("clips");
        QVERIFY(clips->count() > 1);
        clips->setCurrentRow(1);
        begin(app);
        app.step("mark");
        const int frame = qobject_cast<MarkPage*>(app.window->page(QStringLiteral("mark")))->frame();
        QVERIFY2(frame >= app.workspace.place().repetition->from && frame <= app.workspace.place().repetition->to,
                 qPrintable(QString::number(frame)));
        app.step("film");
        QCOMPARE(clips->currentRow(), 0);
    }

    void findingsOfAnUnmarkedSessionResized() {
        Driver app;
        QVERIFY(app.workspace.open(freshLibrary()).ok());
        app.step("findings");
        QTRY_VERIFY_WITH_TIMEOUT(app.quiet(), 30000);
        SessionId empty;
        QVERIFY(app.workspace.apply(QStringLiteral("A session"), [&](Edit& edit) -> Result<void> {
            const auto id = edit.addSession(app.data().id, QDate(2026, 5, 1), QStringLiteral("Nothing yet"), false);
            if (!id)
                return id.error();
            empty = *id;
            return {};
        }));
        app.workspace.selectSession(empty);
        QVERIFY(settled(app));
        QVERIFY(!app.workspace.assessment());
        QVERIFY2(app.headline().contains(QStringLiteral("Nothing is marked")), qPrintable(app.headline()));
        for (const QSize& size : {QSize(1500, 1000), QSize(1000, 700), QSize(1280, 800)}) {
            app.window->resize(size);
            QTest::qWait(0);
        }
        QVERIFY(!app.window->page(QStringLiteral("findings"))->findChild<QListWidget*>()->count());
    }

    void anOpeningThatFailedAndThenTheBench() {
        const QString broken = home_.filePath(QStringLiteral("broken"));
        QVERIFY(QDir().mkpath(broken));
        QFile file(broken + QStringLiteral("/library.sqlite"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("no library at all, whatever its name says");
        file.close();
        Driver app;
        QVERIFY(!app.workspace.open(broken).ok());
        for (const QString& page : MainWindow::pageIds()) {
            app.window->showPage(page);
            app.window->resize(1200 + int(page.size()), 800);
            QTest::qWait(0);
        }
        openOnBench(app);
        QVERIFY(app.shows("benchFirst"));
        for (int key : {Qt::Key_I, Qt::Key_B, Qt::Key_U, Qt::Key_F, Qt::Key_K, Qt::Key_Right})
            app.key(key);
        app.click("benchLive");
        QVERIFY2(!app.errors.isEmpty() && app.errors.back().contains(QStringLiteral("No library is open")),
                 qPrintable(app.errors.join(u' ')));
    }
};

QTEST_MAIN(TestLateResults)
#include "tst_late_results.moc"
