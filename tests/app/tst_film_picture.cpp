// Film, the picture of a section: mirrored files, bars, something upright, known points, the lens, a camera that moves;
// its sound; a live camera; planning one.

#include "window_driver.h"

#include "app/film/capture_planner.h"
#include "app/film/clip_timeline.h"
#include "app/film/section_picture.h"
#include "app/widgets/live_panel.h"
#include "app/widgets/sound_player.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QProcess>

using namespace riflesso;
using namespace riflesso::test;

namespace {

bool ffmpeg(const QStringList& arguments) {
    QProcess process;
    process.start(QStringLiteral("ffmpeg"),
                  QStringList{QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-y")} + arguments);
    return process.waitForFinished(60000) && process.exitCode() == 0;
}

} // namespace

class TestFilmPicture : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    std::unique_ptr<Driver> app_;
    ClipId clip_;

    [[nodiscard]] CaseData onDisk() const { return *app_->workspace.library()->loadCase(app_->data().id); }
    [[nodiscard]] Section section() const { return onDisk().clip(clip_)->sections.front(); }
    [[nodiscard]] QString text(const char* name) const { return app_->find<QLabel>(name)->text(); }
    [[nodiscard]] SectionPicture* picture() const { return app_->window->findChild<SectionPicture*>(); }
    ClipId added(const QString& file) {
        const std::size_t before = app_->data().sessions.front().clips.size();
        app_->window->showPage(QStringLiteral("film"), QStringLiteral("add:") + file);
        const auto& clips = [this]() -> const std::vector<Clip>& { return app_->data().sessions.front().clips; };
        (void)QTest::qWaitFor([&] { return clips().size() == before + 1; }, 20000);
        return clips().size() == before + 1 ? clips().back().id : ClipId();
    }

    [[nodiscard]] QString recordingsOf(const QString& session) const {
        return app_->workspace.library()->folder() + QStringLiteral("/recordings/live/") + session;
    }
    [[nodiscard]] QString recordings() const {
        return recordingsOf(QString::fromStdString(app_->data().sessions.front().uid));
    }
    [[nodiscard]] QAbstractButton* leftRecording(const char* what) const {
        for (auto* each : app_->window->findChildren<QAbstractButton*>(QString::fromUtf8(what)))
            if (each->isVisible())
                return each;
        return nullptr;
    }

private slots:
    void initTestCase() {
        // Half a white picture on black, with three knocks.
        const QString clip = folder_.filePath(QStringLiteral("knocks.mp4"));
        QVERIFY(ffmpeg(
            {QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
             QStringLiteral("color=black:size=640x360:rate=30:duration=4,drawbox=x=320:w=320:color=white:t=fill"),
             QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
             QStringLiteral("aevalsrc='0.002*sin(2*PI*100*t)+0.6*(between(t,0.5,0.501)+between(t,2.05,2.051)+"
                            "between(t,3.4,3.401))*cos(2*PI*1500*t)':s=48000:d=4"),
             QStringLiteral("-pix_fmt"), QStringLiteral("yuv420p"), QStringLiteral("-c:a"), QStringLiteral("aac"),
             clip}));
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
        clip_ = added(clip);
        QVERIFY(clip_);
        QVERIFY(app_->shows("filmStage"));
        app_->click("pictureFold");
        QTRY_VERIFY(app_->find<QCheckBox>("mirroredFile")->isVisible());
    }
    void aMirroredFileIsTurnedWithItsMarks() {
        auto* stage = app_->find<StageView>("filmStage");
        const auto leftIsWhite = [&] { return qGray(stage->image().pixel(80, 180)) > 128; };
        QVERIFY(!leftIsWhite());
        // A repetition with a mark at the left.
        RepetitionId rep;
        const SectionId id = section().id;
        QVERIFY(app_->workspace.apply(QStringLiteral("Cut"), [&](Edit& edit) -> Result<void> {
            Repetition repetition;
            repetition.number = 1;
            repetition.from = 10;
            repetition.to = 60;
            rep = *edit.addRepetition(id, repetition);
            return edit.setMark(rep, "left_knee", 20, {{100, 200}, 2, std::string(kByHand)});
        }));
        const Side facing = section().facing;
        app_->click("mirroredFile");
        QTRY_VERIFY(section().picture.mirrored);
        QVERIFY(section().facing == opposite(facing));
        QCOMPARE(onDisk().repetition(rep)->marks.at("left_knee").at(20).at.x, 539.0);
        QTRY_VERIFY(leftIsWhite());
        QVERIFY(app_->find<QAbstractButton>("pictureFold")->text().contains(QStringLiteral("mirrored")));
        app_->workspace.undo();
        QTRY_VERIFY(!section().picture.mirrored);
        QCOMPARE(onDisk().repetition(rep)->marks.at("left_knee").at(20).at.x, 100.0);
    }
    void thePartInUseFillsTheStage() {
        app_->click("pictureArea");
        QVERIFY(app_->headline().contains(QStringLiteral("corner of the part in use")));
        app_->clickPixel("filmStage", {320, 40});
        app_->clickPixel("filmStage", {620, 340});
        QVERIFY2(text("pictureBarText").contains(QStringLiteral("pixels")), qPrintable(text("pictureBarText")));
        app_->click("keepPicture");
        QTRY_VERIFY(section().picture.area.has_value());
        const PictureArea area = *section().picture.area;
        QVERIFY(std::abs(area.left - 320) <= 1 && std::abs(area.width - 301) <= 2);
        // It is as high, or as wide, as the stage is.
        auto* stage = app_->find<StageView>("filmStage");
        QTRY_VERIFY(std::abs(stage->transform().scale - std::min(stage->width() / (area.width + 0.0),
                                                                 stage->height() / (area.height + 0.0))) < 0.02);
        app_->click("wholePicture");
        QTRY_VERIFY(!section().picture.area);
    }
    void somethingUpright() {
        app_->key(Qt::Key_V);
        app_->clickPixel("filmStage", {300, 340});
        app_->clickPixel("filmStage", {310, 40});
        QVERIFY2(text("pictureBarText").contains(QStringLiteral("rolled by")), qPrintable(text("pictureBarText")));
        app_->click("keepPicture");
        QTRY_VERIFY(section().picture.vertical.has_value());
        QVERIFY(std::abs(std::abs(*rollDeg(*section().picture.vertical)) - 1.9) < 0.2);
        QVERIFY2(text("uprightText").contains(QStringLiteral("±")), qPrintable(text("uprightText")));
        // Something level is none.
        app_->key(Qt::Key_V);
        app_->clickPixel("filmStage", {100, 200});
        app_->clickPixel("filmStage", {500, 210});
        QVERIFY(!app_->find<QAbstractButton>("keepPicture")->isVisible());
        app_->key(Qt::Key_Escape);
        app_->click("forgetUpright");
        QTRY_VERIFY(!section().picture.vertical);
    }
    void knownPointsOfTheFloor() {
        app_->key(Qt::Key_K);
        auto* rectangle = app_->find<QComboBox>("rectangle");
        rectangle->setCurrentIndex(rectangle->findData(QStringLiteral("volleyball_half")));
        emit rectangle->activated(rectangle->currentIndex());
        QCOMPARE(app_->find<QDoubleSpinBox>("alongM")->value(), 9.0);
        QVERIFY(app_->headline().contains(QStringLiteral("near left corner")));
        for (const QPointF& at : {QPointF(60, 330), {580, 330}, {420, 200}, {220, 200}})
            app_->clickPixel("filmStage", at);
        QVERIFY2(text("pictureBarText").contains(QStringLiteral("no check possible")),
                 qPrintable(text("pictureBarText")));
        app_->clickPixel("filmStage", {320, 331}); // middle of the near side
        app_->click("passPoint");
        QVERIFY2(text("pictureBarText").contains(QStringLiteral("5 points fit within")),
                 qPrintable(text("pictureBarText")));
        app_->click("keepPicture");
        QTRY_VERIFY(section().picture.plane.has_value());
        QCOMPARE(section().picture.plane->points.size(), std::size_t(5));
        QCOMPARE(section().picture.plane->venue, std::string("volleyball_half"));
        QVERIFY2(text("planeText").contains(QStringLiteral("federation")), qPrintable(text("planeText")));
        // Square on: the bearing is about none, and can be taken.
        auto* bearing = app_->find<QAbstractButton>("takeBearing");
        QVERIFY(bearing->isVisible());
        app_->click("takeBearing");
        QTRY_VERIFY(section().bearingDeg.has_value());
        QVERIFY(*section().bearingDeg <= 2);
        app_->click("forgetPoints");
        QTRY_VERIFY(!section().picture.plane);
    }
    void contactsAreHeard() {
        app_->click("listen");
        QTRY_VERIFY_WITH_TIMEOUT(app_->find<ClipTimeline>("clipTimeline")->hasSounds(), 20000);
        app_->key(Qt::Key_Escape);
        const auto frame = [this] { return text("filmTime").section(u' ', 1, 1).toInt(); };
        while (frame() > 0)
            app_->key(Qt::Key_Left, Qt::ShiftModifier);
        std::vector<int> at;
        for (int i = 0; i < 3; ++i) {
            app_->key(Qt::Key_Period);
            at.push_back(frame());
        }
        QCOMPARE(at, (std::vector<int>{15, 61, 102})); // 0.5, 2.05 and 3.4 s, less the way of 5 m
        app_->key(Qt::Key_Comma);
        QCOMPARE(frame(), 61);
        // On Mark a key event is set at the sound, between frames, with its uncertainty.
        auto* microphone = app_->find<QDoubleSpinBox>("microphone");
        microphone->setFocus();
        microphone->selectAll();
        QTest::keyClicks(microphone, QStringLiteral("3.4"));
        QTest::keyClick(microphone, Qt::Key_Return);
        QTRY_VERIFY(section().picture.microphoneM.has_value());
        const RepetitionId rep = section().repetitions.front().id;
        app_->workspace.selectRepetition(rep);
        app_->step("mark");
        for (int i = 0; i < 200 && !app_->headline().contains(QStringLiteral("in frame 17")); ++i)
            app_->key(Qt::Key_Right);
        app_->key(Qt::Key_K);
        QTRY_COMPARE(onDisk().repetition(rep)->events.size(), std::size_t(1));
        const StoredEvent event = onDisk().repetition(rep)->events.begin()->second;
        QVERIFY2(std::abs(event.frame - 30 * (0.5 - 3.4 / 343)) < 0.1, qPrintable(QString::number(event.frame)));
        QVERIFY(event.givenUS && *event.givenUS < 0.003);
        QCOMPARE(event.source, std::string("heard"));
        app_->step("film");
        // A sound that is not of the scene is no witness.
        app_->click("soundReplaced");
        QTRY_VERIFY(section().picture.soundReplaced);
        app_->errors.clear();
        app_->click("listen");
        QTRY_VERIFY(!app_->errors.isEmpty());
        QVERIFY2(app_->errors.last().contains(QStringLiteral("replaced")), qPrintable(app_->errors.last()));
    }
    void theSoundIsThere() {
        // What would be played: the samples of the clip, from anywhere.
        const auto stream = soundStream(onDisk().clip(clip_)->path, 0.45);
        QTRY_VERIFY(stream->bytesAvailable() > kSilence + 2 * 4800); // decoded in a thread of its own
        const QByteArray bytes = stream->read(2 * 4800);
        QCOMPARE(bytes.size(), 2 * 4800);
        const auto* samples = reinterpret_cast<const std::int16_t*>(bytes.constData());
        int loudest = 0;
        for (int i = 0; i < 4800; ++i)
            if (std::abs(samples[i]) > std::abs(samples[loudest]))
                loudest = i;
        QVERIFY2(std::abs(loudest / 48000.0 + 0.45 - 0.5) < 0.004, qPrintable(QString::number(loudest)));
        // Nothing to hear it with: playing goes on in silence.
        app_->key(Qt::Key_Space);
        QTRY_COMPARE(app_->find<QAbstractButton>("play")->text(), QStringLiteral("Stop"));
        app_->key(Qt::Key_Space);
        QTRY_COMPARE(app_->find<QAbstractButton>("play")->text(), QStringLiteral("Play"));
    }
    void theLensOfACamera() {
        // The chessboards of OpenCV's own pictures, as a clip of the same size as one of ours.
        const QString boards = folder_.filePath(QStringLiteral("boards.mkv")),
                      own = folder_.filePath(QStringLiteral("own.mp4"));
        QVERIFY(ffmpeg({QStringLiteral("-framerate"), QStringLiteral("2"), QStringLiteral("-start_number"),
                        QStringLiteral("1"), QStringLiteral("-i"),
                        QStringLiteral("/usr/share/doc/opencv-doc/examples/data/left%02d.jpg"), QStringLiteral("-c:v"),
                        QStringLiteral("ffv1"), boards}));
        QVERIFY(ffmpeg({QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
                        QStringLiteral("testsrc=size=640x480:rate=30:duration=1"), QStringLiteral("-pix_fmt"),
                        QStringLiteral("yuv420p"), own}));
        app_->errors.clear();
        picture()->lensFrom(boards); // another size than the clip shown
        QTRY_VERIFY_WITH_TIMEOUT(!app_->errors.isEmpty(), 30000);
        QVERIFY2(app_->errors.last().contains(QStringLiteral("640 x 360")), qPrintable(app_->errors.last()));
        const ClipId other = added(own);
        QVERIFY(other);
        picture()->lensFrom(boards);
        const auto lens = [&] { return onDisk().clip(other)->sections.front().picture.lens; };
        QTRY_VERIFY_WITH_TIMEOUT(lens().has_value(), 60000);
        QVERIFY2(std::abs(lens()->focalX - 535.9) < 4, qPrintable(QString::number(lens()->focalX)));
        QVERIFY2(text("lensText").contains(QStringLiteral("px (RMS)")), qPrintable(text("lensText")));
    }
    void aCameraThatMoves() {
        const ClipId panning = added(QStringLiteral(DEMO_CLIPS "/odd_panning.mp4"));
        QVERIFY(panning);
        app_->click("followCamera");
        const auto setup = [&] { return onDisk().clip(panning)->sections.front().picture; };
        QTRY_VERIFY_WITH_TIMEOUT(setup().motion.has_value(), 60000);
        QVERIFY(setup().camera == CameraHold::Moves);
        QVERIFY(setup().motion->seen > 0.99);
        QVERIFY2(text("cameraText").contains(QStringLiteral("Taken out")), qPrintable(text("cameraText")));
        // Said to stand, nothing is taken out.
        auto* hold = app_->find<QComboBox>("cameraHold");
        hold->setCurrentIndex(1);
        emit hold->activated(1);
        QTRY_VERIFY(!setup().motion);
        const ClipId still = added(QStringLiteral(DEMO_CLIPS "/mirelle_scored.mp4"));
        app_->click("followCamera");
        QTRY_VERIFY_WITH_TIMEOUT(onDisk().clip(still)->sections.front().picture.camera == CameraHold::Stands, 90000);
    }
    void planningACamera() {
        app_->click("planCamera");
        auto* planner = app_->window->findChild<CapturePlanner*>();
        QVERIFY(planner && planner->isVisible());
        QVERIFY(app_->headline().contains(QStringLiteral("Before filming")));
        app_->find<QDoubleSpinBox>("planDistance")->setValue(20);
        QTRY_VERIFY2(text("planAdvice").contains(QStringLiteral("nearer")), qPrintable(text("planAdvice")));
        const double far = planCapture(planner->setup()).pixelsPerMetre;
        app_->find<QDoubleSpinBox>("planDistance")->setValue(5);
        QVERIFY(std::abs(planCapture(planner->setup()).pixelsPerMetre / far - 4) < 1e-6);
        app_->find<QDoubleSpinBox>("planBearing")->setValue(30);
        QVERIFY2(text("planAdvice").contains(QStringLiteral("square")), qPrintable(text("planAdvice")));
        QVERIFY(text("planResult").contains(QStringLiteral("87 %"))); // cos 30
        app_->click("leavePlanner");
        QTRY_VERIFY(app_->find<QWidget>("filmStage")->isVisible());
    }
    void aLiveCameraBecomesAClip() {
        app_->click("openLive");
        auto* live = app_->window->findChild<LivePanel*>();
        QVERIFY(live && live->isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(!live->stage()->image().isNull(), 20000);
        auto* delay = app_->find<QDoubleSpinBox>("delay");
        delay->setValue(1);
        const std::size_t before = app_->data().sessions.front().clips.size();
        app_->key(Qt::Key_Space);
        QVERIFY(live->recording());
        QTRY_VERIFY2(text("liveState").contains(QStringLiteral("recording")), qPrintable(text("liveState")));
        const auto pictures = [&] { // "recording, 1.2 s, 30 pictures"
            return text("liveState").section(QStringLiteral(", "), 2).section(u' ', 0, 0).toInt();
        };
        QTRY_VERIFY_WITH_TIMEOUT(pictures() > 10, 20000);
        app_->key(Qt::Key_Space);
        QTRY_COMPARE_WITH_TIMEOUT(app_->data().sessions.front().clips.size(), before + 1, 20000);
        const Clip& taken = app_->data().sessions.front().clips.back();
        QVERIFY(taken.frames() > 10);
        QVERIFY(QFile::exists(taken.path) && taken.path.contains(QStringLiteral("/media/")));
        QVERIFY(!QDir(recordings()).exists()); // it is a clip now
        app_->key(Qt::Key_Escape);
        QTRY_VERIFY(app_->find<QWidget>("filmStage")->isVisible());
        QVERIFY(!leftRecording("takeRecording"));
    }
    void aRecordingThatWasCutOffIsTakenInOrDeleted() {
        // As a program that was killed leaves it: the first part of a recording, without an end.
        const QString file = recordings() + QStringLiteral("/2026-11-03_10-00-00-000.mp4");
        QVERIFY(QDir().mkpath(recordings()));
        QVERIFY(ffmpeg({QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
                        QStringLiteral("testsrc=size=320x240:rate=30:duration=4"), QStringLiteral("-pix_fmt"),
                        QStringLiteral("yuv420p"), QStringLiteral("-g"), QStringLiteral("30"),
                        QStringLiteral("-movflags"), QStringLiteral("frag_keyframe+empty_moov"), file}));
        QVERIFY(QFile::resize(file, QFileInfo(file).size() * 3 / 5));
        QVERIFY(QFile::copy(file, recordings() + QStringLiteral("/2026-11-03_10-05-00-000.mp4")));
        app_->window->page(QStringLiteral("film"))->refresh();
        QTRY_VERIFY(leftRecording("takeRecording"));
        const std::size_t before = app_->data().sessions.front().clips.size();
        QTest::mouseClick(leftRecording("takeRecording"), Qt::LeftButton);
        QTRY_COMPARE_WITH_TIMEOUT(app_->data().sessions.front().clips.size(), before + 1, 20000);
        const Clip taken = app_->data().sessions.front().clips.back();
        QVERIFY2(taken.frames() >= 30 && taken.frames() < 120, qPrintable(QString::number(taken.frames())));
        QVERIFY(taken.path.contains(QStringLiteral("/media/")) && QFile::exists(taken.path));
        QTRY_VERIFY(!QFile::exists(file));
        // The other one: deleted when it was asked twice.
        QTRY_COMPARE(app_->window->findChildren<QWidget*>(QStringLiteral("leftRecording")).size(), 1);
        auto* remove = leftRecording("deleteRecording");
        QVERIFY(remove);
        QTest::mouseClick(remove, Qt::LeftButton);
        QVERIFY(QDir(recordings()).exists());
        QTest::mouseClick(remove, Qt::LeftButton);
        QTRY_VERIFY(!leftRecording("takeRecording"));
        QVERIFY(QDir(recordings()).entryList(QDir::Files).isEmpty());
        // Killed between the clip in the library and the end of the recording: it is no second one.
        QVERIFY(QDir().mkpath(recordings()));
        const QString again = recordings() + u'/' + QFileInfo(taken.path).fileName();
        QVERIFY(QFile::copy(taken.path, again));
        app_->window->page(QStringLiteral("film"))->refresh();
        QVERIFY(!leftRecording("takeRecording") && !QFile::exists(again) && QFile::exists(taken.path));
        // One of the same name, but of something else, is not put over it.
        QVERIFY(QDir().mkpath(recordings()));
        QVERIFY(QFile::copy(QStringLiteral(DEMO_CLIPS "/ilka_slow.mp4"), again));
        app_->window->page(QStringLiteral("film"))->refresh();
        QTRY_VERIFY(leftRecording("takeRecording"));
        QTest::mouseClick(leftRecording("takeRecording"), Qt::LeftButton);
        QTRY_COMPARE_WITH_TIMEOUT(app_->data().sessions.front().clips.size(), before + 2, 20000);
        QVERIFY(app_->data().sessions.front().clips.back().path != taken.path);
        QTRY_VERIFY(!QFile::exists(again));
    }
    void aRecordingStaysWithItsSession() {
        const SessionId first = app_->workspace.session();
        app_->click("openLive");
        auto* live = app_->window->findChild<LivePanel*>();
        QTRY_VERIFY_WITH_TIMEOUT(!live->stage()->image().isNull(), 20000);
        app_->key(Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(text("liveState").section(QStringLiteral(", "), 2).section(u' ', 0, 0).toInt() > 10,
                                 20000);
        SessionId second;
        QVERIFY(app_->workspace.apply(QStringLiteral("Another day"), [&](Edit& edit) -> Result<void> {
            const auto made = edit.addSession(app_->data().id, QDate(2026, 11, 10), QStringLiteral("Second"), false);
            if (made)
                second = *made;
            return made ? Result<void>() : Result<void>(made.error());
        }));
        app_->workspace.selectSession(second); // the analyst goes to another session while it runs
        const std::size_t before = app_->data().session(first)->clips.size();
        live->toggleRecording();
        QTRY_COMPARE_WITH_TIMEOUT(app_->data().session(first)->clips.size(), before + 1, 20000);
        QVERIFY(app_->data().session(second)->clips.empty());
        // What is left of a session goes with it.
        const QString folder = recordingsOf(QString::fromStdString(app_->data().session(second)->uid));
        QVERIFY(QDir().mkpath(folder));
        QVERIFY(app_->workspace.eraseSession(second));
        QVERIFY(!QDir(folder).exists());
    }
    void whatWasSomeSecondsAgo() {
        DelayedPictures pictures(3);
        for (int i = 0; i < 100; ++i) {
            QImage image(64, 48, QImage::Format_RGB888);
            image.fill(QColor(2 * i, 2 * i, 2 * i));
            pictures.put(image, i * 0.05);
        }
        const auto grey = [&](double ago) { return qGray(pictures.ago(ago).pixel(10, 10)); };
        QVERIFY(std::abs(grey(0) - 198) <= 3);
        QVERIFY(std::abs(grey(1) - 158) <= 4);
        QVERIFY(std::abs(grey(30) - 2 * 39) <= 4); // the oldest that is kept
    }
};

QTEST_MAIN(TestFilmPicture)
#include "tst_film_picture.moc"
