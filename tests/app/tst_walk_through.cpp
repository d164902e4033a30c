// Talk it through, in the real window: recorded on several pages with a voice, kept second by second, shown again in
// Hand-over, corrected, written as a film whose pictures and sound are those of the score, removed.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/handover/film_panel.h"
#include "app/mirror/mirror_page.h"
#include "app/widgets/microphone.h"
#include "media/clip_reader.h"
#include "media/sound_track.h"
#include "store/spoken_sound.h"
#include "takehome/clip_pictures.h"
#include "takehome/film_painter.h"
#include "takehome/walk_through.h"
#include "takehome/written_film.h"
#include "window_driver.h"

#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTreeWidget>

#include <cmath>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// A voice in real time: a tone that beeps in each half second.
class Voice : public QIODevice {
public:
    Voice() {
        clock_.start();
        open(QIODevice::ReadOnly);
    }
    bool isSequential() const override { return true; }

private:
    qint64 readData(char* data, qint64 most) override {
        const qint64 due = clock_.elapsed() * kSpokenHz / 1000 - given_;
        const qint64 count = std::min(most / 2, std::max<qint64>(0, due));
        auto* to = reinterpret_cast<std::int16_t*>(data);
        for (qint64 i = 0; i < count; ++i, ++given_)
            to[i] = given_ % (kSpokenHz / 2) < kSpokenHz / 20
                        ? static_cast<std::int16_t>(9000 * std::sin(static_cast<double>(given_) * .4))
                        : std::int16_t(0);
        return 2 * count;
    }
    qint64 writeData(const char*, qint64) override { return -1; }
    QElapsedTimer clock_;
    qint64 given_ = 0;
};

} // namespace

class TestWalkThrough : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] QLabel* band() const { return app_->find<QLabel>("recording"); }
    [[nodiscard]] QString library() const { return app_->workspace.library()->folder(); }
    [[nodiscard]] std::vector<WalkThrough> kept() const {
        return walkThroughsOf(library(), QString::fromStdString(app_->data().session(app_->workspace.session())->uid));
    }
    void toggle() const { app_->shortcut(Qt::Key_R, Qt::ControlModifier | Qt::ShiftModifier); }
    void quiet() const { QTRY_VERIFY_WITH_TIMEOUT(app_->quiet(), 60000); }

private slots:
    void initTestCase() {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(dir_)));
        app_->selectAthlete(QStringLiteral("Ilka Sandrey"));
        quiet();
    }
    void cleanupTestCase() {
        Microphone::speakWith({});
        app_.reset();
    }

    void whatIsShownAndSaidIsKeptSecondBySecond() {
        Microphone::speakWith([] { return std::make_unique<Voice>(); });
        app_->step("mirror");
        quiet();
        QVERIFY(!band()->isVisible());
        toggle();
        QVERIFY(band()->isVisible() && band()->text().startsWith(QStringLiteral("Recording 0:0")));
        app_->key(Qt::Key_E); // to a key event
        QTest::qWait(1200);
        app_->key(Qt::Key_Space); // plays as usual
        QTest::qWait(900);
        app_->key(Qt::Key_Space);
        // What is there by now could be read if the program were killed.
        const auto growing = kept();
        QCOMPARE(growing.size(), std::size_t(1));
        QVERIFY2(growing[0].lengthS >= 1 && growing[0].lengthS <= 5, qPrintable(QString::number(growing[0].lengthS)));
        const auto heard = readSound(growing[0].voice.toStdString(), 0, 10);
        QVERIFY(heard.ok());
        QVERIFY(static_cast<double>(heard->samples.size()) / heard->rateHz >= growing[0].lengthS - 1.3);
        app_->step("findings");
        quiet();
        QTest::qWait(900);
        app_->shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier); // a pause
        QVERIFY(band()->text().startsWith(QStringLiteral("Paused at")));
        QTest::qWait(700);
        app_->shortcut(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
        app_->step("mark");
        quiet();
        QTest::qWait(600);
        toggle();
        QVERIFY(!band()->isVisible());
        QVERIFY2(app_->errors.isEmpty(), qPrintable(app_->errors.join(u'|')));

        const auto all = kept();
        QCOMPARE(all.size(), std::size_t(1));
        const WalkThrough& walk = all[0];
        QStringList pages;
        std::set<int> frames;
        for (const WalkMoment& moment : walk.moments) {
            if (pages.isEmpty() || pages.back() != moment.page)
                pages << moment.page;
            if (moment.page == QLatin1String("mirror") && !moment.stages.empty())
                frames.insert(moment.stages[0].frame);
        }
        QCOMPARE(pages, (QStringList{"mirror", "findings", "mark"}));
        // Ten minutes of nothing but playing are six megabytes at most, the voice among them.
        const QFileInfo score(library() + QStringLiteral("/walk-throughs/") + walk.id + QStringLiteral("/score.z")),
            voice(walk.voice);
        QVERIFY(score.size() > 100);
        constexpr double kTenMinutes = 600, kMost = 6e6;
        const double bytes = static_cast<double>(score.size() + voice.size()) / walk.lengthS * kTenMinutes;
        qInfo("score %lld, voice %lld bytes in %.1f s", score.size(), voice.size(), walk.lengthS);
        QVERIFY2(bytes < kMost, qPrintable(QString::number(bytes)));
        QVERIFY2(frames.size() > 5, qPrintable(QString::number(frames.size()))); // it was played
        const auto sound = readSound(walk.voice.toStdString(), 0, 60);
        QVERIFY(sound.ok());
        const double spoken = static_cast<double>(sound->samples.size()) / sound->rateHz;
        constexpr double kApart = .1; // the last piece is filled up
        QVERIFY2(std::abs(spoken - walk.lengthS) < kApart,
                 qPrintable(QStringLiteral("%1 s of voice, %2 s of score").arg(spoken).arg(walk.lengthS)));
    }
    void theScoreIsTheFilm() {
        const WalkThrough walk = kept().at(0);
        const Film film = walkFilm(walk);
        QVERIFY(std::abs(film.seconds() - walk.lengthS) < .05);
        QStringList titles;
        for (const FilmPart& part : film.parts)
            titles << part.title;
        QCOMPARE(titles, (QStringList{"Mirror", "Findings", "Mark"}));
        // At 20 moments the picture shows the frames of the score.
        int compared = 0;
        for (int k = 0; k < 20; ++k) {
            const int picture = k * (film.pictures() - 1) / 19;
            const double atS = static_cast<double>(picture) / film.rate;
            const WalkMoment* shown = &walk.moments.front(); // what was there when it began
            for (const WalkMoment& moment : walk.moments)
                if (moment.atS <= atS + 1e-9)
                    shown = &moment;
            const Film::Place place = film.place(picture);
            QCOMPARE(place.part->title, shown->title);
            QCOMPARE(place.scene->stages.size(), shown->stages.size());
            for (std::size_t s = 0; s < shown->stages.size(); ++s) {
                QCOMPARE(place.scene->stages[s].frames[static_cast<std::size_t>(place.at)], shown->stages[s].frame);
                QCOMPARE(place.scene->stages[s].clipPath, shown->stages[s].clipPath);
                ++compared;
            }
            QVERIFY(std::abs(film.voiceAtS(picture) - atS) < .02);
        }
        QVERIFY(compared > 15);
        // A part that is left out goes with its voice: the sound of what follows is its own.
        Film less = film;
        less.parts[1].shown = false;
        const int first = [&] {
            int n = 0;
            for (const FilmScene& scene : less.parts[0].scenes)
                n += scene.pictures;
            return n;
        }();
        QVERIFY(std::abs(less.voiceAtS(first) - film.parts[2].voiceFromS) < 1e-6);
        const QString path = dir_.filePath(QStringLiteral("less.mp4"));
        const auto written = writeFilm(less, path, {320, 180}, clipPictures(), {});
        QVERIFY2(written.ok(), written ? "" : written.error().sentence().c_str());
        const auto there = readSound(path.toStdString(), 0, 60), whole = readSound(walk.voice.toStdString(), 0, 60);
        QVERIFY(there.ok() && whole.ok());
        // Beeps of the part behind the cut, in the film and in the voice that was recorded.
        const auto firstBeep = [](const SoundPiece& piece, double fromS) {
            for (auto i = static_cast<std::size_t>(std::max(0.0, (fromS - piece.fromS) * piece.rateHz));
                 i < piece.samples.size(); ++i)
                if (std::abs(piece.samples[i]) > .12F)
                    return piece.fromS + static_cast<double>(i) / piece.rateHz;
            return -1.0;
        };
        const double cut = static_cast<double>(first) / film.rate;
        const double inFilm = firstBeep(*there, cut + .02) - cut,
                     inVoice = firstBeep(*whole, film.parts[2].voiceFromS + .02) - film.parts[2].voiceFromS;
        constexpr double kSoundApart = .02;
        QVERIFY2(std::abs(inFilm - inVoice) < kSoundApart + 1.0 / 60,
                 qPrintable(QStringLiteral("%1 %2").arg(inFilm).arg(inVoice)));
    }
    void handOverShowsCorrectsAndWritesIt() {
        app_->step("handover");
        quiet();
        auto* items = app_->find<QTreeWidget>("takeHome");
        QTreeWidgetItem* row = nullptr;
        for (int i = 0; i < items->topLevelItemCount(); ++i)
            if (items->topLevelItem(i)->text(0).startsWith(QStringLiteral("Walk-through of")))
                row = items->topLevelItem(i);
        QVERIFY(row);
        items->setCurrentItem(row);
        auto* panel = app_->find<FilmPanel>("walkFilm");
        QTRY_VERIFY(panel->isVisible());
        QTRY_VERIFY(!panel->findChild<FilmView*>()->picture().isNull());
        auto* parts = panel->findChild<QListWidget*>();
        QCOMPARE(parts->count(), 3);
        parts->item(1)->setCheckState(Qt::Unchecked);
        for (int i = 0; i < items->topLevelItemCount(); ++i)
            items->topLevelItem(i)->setCheckState(0, items->topLevelItem(i) == row ? Qt::Checked : Qt::Unchecked);
        QVERIFY(app_->find<QLabel>("leaves")->text().contains(QStringLiteral("A voice")));
        const QString to = app_->find<QLineEdit>("handoverFolder")->text();
        app_->key(Qt::Key_P);
        QTRY_VERIFY_WITH_TIMEOUT(app_->quiet() && QFileInfo::exists(to + QStringLiteral("/walk-through-1.mp4")), 90000);
        const auto film = ClipReader::open((to + QStringLiteral("/walk-through-1.mp4")).toStdString());
        QVERIFY(film.ok());
        QVERIFY((*film)->info().hasSound);
        QCOMPARE((*film)->info().frames(), panel->film().pictures());
    }
    void aSpoiledOrNewerScoreIsSaidAndLeftAlone() {
        const QString folder = library() + QStringLiteral("/walk-throughs/newer");
        QVERIFY(QDir().mkpath(folder));
        const auto write = [&](const QByteArray& text) {
            QFile file(folder + QStringLiteral("/score.jsonl"));
            return file.open(QIODevice::WriteOnly) && file.write(text) == text.size();
        };
        QVERIFY(write("{\"walk\":9,\"session\":\"x\",\"title\":\"t\",\"at\":\"2026-11-30T10:00:00Z\"}\n"));
        auto read = readWalkThrough(folder);
        QVERIFY(!read.ok() && read.error().sentence().find("newer program") != std::string::npos);
        QVERIFY(
            write("{\"walk\":1,\"session\":\"x\",\"title\":\"t\",\"at\":\"\"}\n{\"t\":500,\"page\":\"mark\",\"title\":"
                  "\"Mark\",\"stages\":[{\"clip\":\"a\"}]}\n"));
        read = readWalkThrough(folder);
        QVERIFY(!read.ok() && read.error().sentence().find(":2") != std::string::npos);
        QFile packed(folder + QStringLiteral("/score.z"));
        for (const QByteArray& bytes :
             {QByteArray("xy"), QByteArray("\xff\xff\xff\xff none", 9), QByteArray("\0\0\1\0 none", 9)}) {
            QVERIFY(packed.open(QIODevice::WriteOnly) && packed.write(bytes) == bytes.size());
            packed.close();
            QVERIFY(!readWalkThrough(folder).ok());
        }
        packed.remove();
        // What a kill left of the last line is not there.
        QVERIFY(
            write("{\"walk\":1,\"session\":\"x\",\"title\":\"t\",\"at\":\"\"}\n{\"t\":0,\"page\":\"plan\",\"title\":"
                  "\"Plan\"}\n{\"t\":1000}\n{\"t\":20"));
        read = readWalkThrough(folder);
        QVERIFY2(read.ok(), read ? "" : read.error().sentence().c_str());
        QCOMPARE(read->lengthS, 1.0);
        QCOMPARE(walkFilm(*read).pictures(), 30);
        QVERIFY(removeWalkThrough(library(), QStringLiteral("newer")).ok());
        QVERIFY(!removeWalkThrough(library(), QStringLiteral("../media")).ok());
    }
    void withoutAMicrophoneItIsRecordedWithoutAVoice() {
        Microphone::speakWith([] { return std::unique_ptr<QIODevice>(); });
        app_->step("plan");
        quiet();
        toggle();
        QVERIFY(band()->isVisible());
        QTest::qWait(1100);
        // Another athlete is not in it: it ends.
        app_->selectAthlete(QStringLiteral("Davor Quillane"));
        QTRY_VERIFY(!band()->isVisible());
        app_->selectAthlete(QStringLiteral("Ilka Sandrey"));
        quiet();
        QCOMPARE(kept().size(), std::size_t(2));
        QVERIFY(kept()[1].voice.isEmpty());
        QVERIFY(kept()[1].lengthS >= .9);
        for (const WalkMoment& moment : kept()[1].moments)
            QVERIFY(!moment.words.join(u' ').contains(QStringLiteral("Davor")));
    }
    void itIsRemovedAndGoesWithTheAthlete() {
        app_->step("handover");
        quiet();
        QTRY_COMPARE(app_->window->findChildren<FilmPanel*>(QStringLiteral("walkFilm")).size(), 2);
        auto* panel = app_->window->findChildren<FilmPanel*>(QStringLiteral("walkFilm")).front();
        auto* remove = panel->findChild<QPushButton*>("removeFilm");
        remove->click();
        QCOMPARE(kept().size(), std::size_t(2)); // it asks
        remove->click();
        QTRY_COMPARE(kept().size(), std::size_t(1));
        quiet();
        QVERIFY(app_->workspace.eraseAthlete(app_->data().athlete.id).ok());
        QVERIFY(
            QDir(library() + QStringLiteral("/walk-throughs")).entryList(QDir::Dirs | QDir::NoDotAndDotDot).isEmpty());
    }
};

QTEST_MAIN(TestWalkThrough)
#include "tst_walk_through.moc"
