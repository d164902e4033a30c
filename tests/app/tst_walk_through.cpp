// Talk it through, in the real window: recorded on several pages with a voice, kept second by second, shown again in
// Hand-over, corrected, written as a film whose pictures and sound are those of the score, removed.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/handover/film_panel.h"
#include "app/mark/mark_page.h"
#include "app/mirror/mirror_page.h"
#include "app/widgets/microphone.h"
#include "app/widgets/stage_view.h"
#include "media/clip_reader.h"
#include "media/sound_track.h"
#include "store/spoken_sound.h"
#include "takehome/clip_pictures.h"
#include "takehome/film_painter.h"
#include "takehome/others_covered.h"
#include "takehome/walk_cut.h"
#include "takehome/written_film.h"
#include "window_driver.h"

#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
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
    /// A picture of the film that shows a clip.
    static int filmed(const Film& film) {
        for (int i = 0; i < film.pictures(); ++i)
            if (const Film::Place place = film.place(i); !place.scene->stages.empty() && place.at > 1)
                return i;
        return -1;
    }
    static int frameAt(const Film& film, int picture) {
        const Film::Place place = film.place(picture);
        return place.scene->stages[0].frames[static_cast<std::size_t>(place.at)];
    }
    void quiet() const { QTRY_VERIFY_WITH_TIMEOUT(app_->quiet(), 60000); }

private slots:
    void initTestCase() {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(dir_)));
        app_->selectAthlete(QStringLiteral("Ilka Sandrey"));
        quiet();
        QCOMPARE(kept().size(), std::size_t(1)); // the demo's
        QVERIFY(removeWalkThrough(library(), kept()[0].id).ok());
    }
    void cleanup() { // one that failed half way leaves no recording to the next
        if (app_ && QTest::currentTestFailed() && band()->isVisible())
            toggle();
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
        const auto shown = [this] {
            std::set<int> frames;
            for (const WalkThrough& walk : kept())
                for (const WalkMoment& moment : walk.moments)
                    if (moment.page == QLatin1String("mirror") && !moment.stages.empty())
                        frames.insert(moment.stages[0].frame);
            return frames.size();
        };
        QTest::qWait(900);
        QTRY_VERIFY(shown() > 5);
        app_->key(Qt::Key_Space);
        // What is there by now could be read if the program were killed.
        QCOMPARE(kept().size(), std::size_t(1));
        const auto readable = [this] {
            const WalkThrough growing = kept().at(0);
            const auto heard = readSound(growing.voice.toStdString(), 0, 60);
            return growing.lengthS >= 1 && heard.ok() &&
                   static_cast<double>(heard->samples.size()) / heard->rateHz >= growing.lengthS - 1.3;
        };
        QTRY_VERIFY(readable());
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
        const Film film = walkFilm(walk, firstCut(walk));
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
        const auto find = [items]() -> QTreeWidgetItem* {
            for (int i = 0; i < items->topLevelItemCount(); ++i)
                if (items->topLevelItem(i)->text(0).startsWith(QStringLiteral("Walk-through, ")))
                    return items->topLevelItem(i);
            return nullptr;
        };
        QTreeWidgetItem* row = find();
        QVERIFY(row);
        items->setCurrentItem(row);
        auto* panel = app_->find<FilmPanel>("walkFilm");
        QTRY_VERIFY(panel->isVisible());
        QTRY_VERIFY(!panel->findChild<FilmView*>()->picture().isNull());
        auto* parts = panel->findChild<QListWidget*>();
        QCOMPARE(parts->count(), 3);
        parts->item(1)->setCheckState(Qt::Unchecked);
        QTRY_VERIFY(!panel->film().parts[1].shown);
        quiet();
        row = find(); // the list was made anew
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
    void itIsCutNamedCaptionedAndSaidAgain() {
        auto* panel = app_->find<FilmPanel>("walkFilm");
        auto* parts = panel->findChild<QListWidget*>();
        const auto film = [panel]() -> const Film& { return panel->film(); };
        parts->setCurrentRow(0);
        panel->goTo(20);
        app_->key(Qt::Key_C);
        QTRY_COMPARE(parts->count(), 4);
        auto* name = panel->findChild<QLineEdit*>("partName");
        name->setFocus();
        name->selectAll();
        QTest::keyClicks(name, QStringLiteral("Hello"));
        QTest::keyClick(name, Qt::Key_Return);
        QTRY_VERIFY(parts->item(0)->text().startsWith(QStringLiteral("Hello")));
        auto* said = panel->findChild<QPlainTextEdit*>("partSaid");
        said->setFocus();
        QTest::keyClicks(said, QStringLiteral("Look here"));
        QTRY_COMPARE(film().parts[0].caption, QStringLiteral("Look here"));
        QCOMPARE(film().place(0).scene->sentence, QStringLiteral("Look here"));
        quiet();
        QCOMPARE(said->toPlainText(), QStringLiteral("Look here"));
        // Each is one step.
        for (const auto& [undone, there] : {std::pair("Words below", 4), {"Name", 4}, {"Cut", 3}}) {
            QVERIFY2(app_->workspace.undoName().startsWith(QLatin1String(undone)),
                     qPrintable(app_->workspace.undoName()));
            app_->workspace.undo();
            QTRY_COMPARE(parts->count(), there);
            quiet();
        }
        QVERIFY(film().parts[0].caption.isEmpty());
        QVERIFY(!parts->item(0)->text().startsWith(QStringLiteral("Hello")));

        // Said again: the voice is heard, the part lasts as long.
        parts->setCurrentRow(0);
        auto* again = panel->findChild<QPushButton*>("sayAgain");
        again->click();
        QVERIFY(again->text().startsWith(QStringLiteral("Stop")) || again->text() == QLatin1String("Stop"));
        QTest::qWait(1300);
        again->click();
        QTRY_VERIFY(film().parts[0].voice.endsWith(QStringLiteral("again-1.ogg")));
        QVERIFY(QFileInfo(film().parts[0].voice).size() > 1000);
        int pictures = 0;
        for (const FilmScene& scene : film().parts[0].scenes)
            pictures += scene.pictures;
        QVERIFY2(pictures > 30 && pictures < 150, qPrintable(QString::number(pictures)));
        auto* first = panel->findChild<QPushButton*>("asFirstSaid");
        QTRY_VERIFY(first->isVisible());
        first->click();
        QTRY_VERIFY(film().parts[0].voice.endsWith(QStringLiteral("/voice.ogg")));
        quiet();
    }
    void somebodyElseIsCoveredByABox() {
        auto* panel = app_->find<FilmPanel>("walkFilm");
        auto* view = panel->findChild<FilmView*>();
        const int at = filmed(panel->film());
        QVERIFY(at >= 0);
        panel->goTo(at);
        quiet();
        auto* box = panel->findChild<QPushButton*>("coverOther");
        QTRY_VERIFY(box->isEnabled());
        box->click();
        const QPoint from(view->width() / 6, view->height() / 3), to(view->width() / 6 + 60, view->height() / 3 + 50);
        QTest::mousePress(view, Qt::LeftButton, {}, from);
        QTest::mouseMove(view, (from + to) / 2);
        QTest::mouseMove(view, to);
        QTest::mouseRelease(view, Qt::LeftButton, {}, to);
        QVERIFY(!box->isChecked());
        const auto notes = [this] {
            std::vector<DrawnNote> out;
            for (const Session& session : app_->data().sessions)
                for (const Clip& clip : session.clips)
                    for (const DrawnNote& note : coversOn(clip))
                        out.push_back(note);
            return out;
        };
        QTRY_COMPARE(notes().size(), std::size_t(1));
        quiet();
        const auto covered = [panel, at] {
            const FilmStage& stage = panel->film().place(at).scene->stages[0];
            const int frame = frameAt(panel->film(), at);
            return stage.others.contains(frame) || stage.othersUnsure.contains(frame);
        };
        QTRY_VERIFY_WITH_TIMEOUT(covered(), 60000);
        quiet();
        QVERIFY(app_->find<QLabel>("leaves")->text().contains(QStringLiteral("Others are covered where")));
        app_->find<QAbstractButton>("coverOthers")->click();
        quiet();
        QVERIFY(!covered());
        app_->find<QAbstractButton>("coverOthers")->click();
        quiet();
        QVERIFY(covered());
        panel->findChild<QPushButton*>("otherGone")->click();
        QTRY_COMPARE(notes().size(), std::size_t(2));
        QCOMPARE(notes()[1].points[0], notes()[1].points[1]);
        app_->workspace.undo();
        app_->workspace.undo();
        QTRY_VERIFY(notes().empty());
        quiet();
        QVERIFY(!covered());
    }
    void oneLooksRoundAndGoesOn() {
        auto* panel = app_->find<FilmPanel>("walkFilm");
        const int at = filmed(panel->film());
        QVERIFY(at >= 0);
        panel->goTo(at);
        quiet();
        const int frame = frameAt(panel->film(), at);
        app_->key(Qt::Key_L);
        quiet();
        auto* mark = qobject_cast<MarkPage*>(app_->window->page(QStringLiteral("mark")));
        QVERIFY(mark->isVisible());
        QCOMPARE(mark->frame(), frame);
        app_->key(Qt::Key_Right); // free to look round
        app_->step("handover");
        quiet();
        QTRY_VERIFY(panel->isVisible());
        QCOMPARE(panel->picture(), at);
        app_->key(Qt::Key_Space);
        QTRY_VERIFY(panel->picture() > at + 2);
        app_->key(Qt::Key_Space);
    }
    void theAthletePageLeadsToIt() {
        app_->step("athlete");
        quiet();
        QPushButton* show = nullptr;
        QTRY_VERIFY((show = app_->window->findChild<QPushButton*>(QStringLiteral("showWalk"))) != nullptr);
        show->click();
        quiet();
        QTRY_VERIFY(app_->find<FilmPanel>("walkFilm")->isVisible());
        // A consent that is not for voices holds it back.
        Athlete athlete = app_->data().athlete;
        athlete.consentFor = QStringList{toWord(HandedOnAs::Paper), toWord(HandedOnAs::Film)};
        QVERIFY(app_->workspace.apply(QStringLiteral("Consent"), [&](Edit& edit) { return edit.setAthlete(athlete); }));
        quiet();
        auto* items = app_->find<QTreeWidget>("takeHome");
        QTRY_COMPARE(items->currentItem()->text(1), QStringLiteral("no consent to the voice"));
        QVERIFY(items->currentItem()->isDisabled());
        app_->workspace.undo();
        quiet();
    }
    void tenSecondsAreTakenBackAndStrokesGoByThemselves() {
        const std::size_t before = kept().size();
        app_->step("mark");
        quiet();
        toggle();
        QTest::qWait(900);
        StageView* stage = nullptr;
        for (auto* each : app_->window->findChildren<StageView*>())
            if (each->isVisible() && each->source().frame >= 0)
                stage = each;
        QVERIFY(stage);
        const QPoint middle = stage->rect().center();
        QTest::mousePress(stage, Qt::LeftButton, Qt::ControlModifier, middle);
        for (int i = 1; i < 8; ++i)
            QTest::mouseMove(stage, middle + QPoint(9 * i, 5 * i));
        QTest::mouseRelease(stage, Qt::LeftButton, Qt::ControlModifier, middle + QPoint(70, 40));
        QCOMPARE(stage->strokes().size(), std::size_t(1));
        QTest::qWait(300);
        QTRY_VERIFY_WITH_TIMEOUT(stage->strokes().empty(), 8000);
        app_->shortcut(Qt::Key_B, Qt::ControlModifier | Qt::ShiftModifier);
        QTest::qWait(800);
        toggle();
        QCOMPARE(kept().size(), before + 1);
        const WalkThrough walk = kept().back();
        QVERIFY(std::any_of(walk.moments.begin(), walk.moments.end(), [](const WalkMoment& moment) {
            return !moment.stages.empty() && !moment.stages[0].drawn.empty() && !moment.stages[0].clipHash.isEmpty();
        }));
        QCOMPARE(walk.takenBack.size(), std::size_t(1));
        const Film film = walkFilm(walk, firstCut(walk));
        QVERIFY2(film.seconds() < walk.lengthS - 4 && film.seconds() > .5,
                 qPrintable(QStringLiteral("%1 of %2 s").arg(film.seconds()).arg(walk.lengthS)));
        QVERIFY(removeWalkThrough(library(), walk.id).ok());
        quiet();
    }
    /// Ten minutes at the screen, corrected, written and watched; only where there is time for it.
    void aWholeSitting() {
        const qint64 kSittingMs = 1000 * qEnvironmentVariableIntValue("RIFLESSO_SITTING_S");
        if (kSittingMs == 0)
            QSKIP("takes its time: RIFLESSO_SITTING_S=600 for ten minutes");
        const std::size_t before = kept().size();
        toggle();
        QElapsedTimer clock;
        clock.start();
        const char* pages[] = {"mirror", "findings", "mark", "plan"};
        for (int round = 0; clock.elapsed() < kSittingMs; ++round) {
            app_->step(pages[round % 4]);
            quiet();
            QWidget* front = QApplication::focusWidget() ? QApplication::focusWidget() : app_->window.get();
            for (int i = 0; i < 12 && clock.elapsed() < kSittingMs; ++i) {
                QTest::mouseMove(app_->window.get(), QPoint(300 + 40 * (i % 8), 250 + 20 * (i % 5)));
                if (round % 2 == 0)
                    QTest::keyClick(front, i % 6 == 0 ? Qt::Key_Space : i % 3 == 0 ? Qt::Key_E : Qt::Key_Right);
                QTest::qWait(700);
            }
        }
        toggle();
        QCOMPARE(kept().size(), before + 1);
        const WalkThrough walk = kept().back();
        const QFileInfo score(walk.folder + QStringLiteral("/score.z")), voice(walk.voice);
        qInfo("%.1f s, score %lld, voice %lld bytes, %zu moments", walk.lengthS, score.size(), voice.size(),
              walk.moments.size());
        QVERIFY(score.size() + voice.size() < 6'000'000);
        // Corrected: the third part is left out, the second is cut in two.
        WalkCut cut = firstCut(walk);
        QVERIFY(cut.size() > 3);
        cut = edited(cut, {PartEdit::Kind::Show, 2, false, 0, 0, {}, 0}, kWalkRate);
        cut = edited(cut, {PartEdit::Kind::CutAt, 1, true, 0, 60, {}, 0}, kWalkRate);
        cut = edited(cut, {PartEdit::Kind::Say, 0, true, 0, 0, QStringLiteral("How it began"), 0}, kWalkRate);
        const Film film = walkFilm(walk, cut);
        const QString path = dir_.filePath(QStringLiteral("sitting.mp4"));
        clock.start();
        const auto written = writeFilm(film, path, {640, 360}, clipPictures(), {});
        QVERIFY2(written.ok(), written ? "" : written.error().sentence().c_str());
        qInfo("written in %.0f s, %.1f MB", static_cast<double>(clock.elapsed()) / 1000,
              static_cast<double>(QFileInfo(path).size()) / 1e6);
        // Every part's beginning, middle and end: the picture is the one that the score says.
        const auto reader = ClipReader::open(path.toStdString());
        QVERIFY(reader.ok());
        QCOMPARE((*reader)->info().frames(), film.pictures());
        const PictureSource source = clipPictures();
        int compared = 0;
        const auto chapters = film.chapters();
        for (std::size_t c = 0; c < chapters.size(); ++c) {
            const int from = chapters[c].first,
                      to = (c + 1 < chapters.size() ? chapters[c + 1].first : film.pictures());
            for (const int at : {from, (from + to) / 2, to - 1}) {
                QImage painted(640, 360, QImage::Format_RGB32);
                paintFilm(painted, film, at, source);
                const auto picture = (*reader)->frame(at);
                QVERIFY(picture.ok());
                const QImage seen = toImage(*picture).convertToFormat(QImage::Format_RGB32);
                double apart = 0;
                for (int y = 0; y < 360; ++y)
                    for (int x = 0; x < 640; ++x)
                        apart += std::abs(qGreen(painted.pixel(x, y)) - qGreen(seen.pixel(x, y)));
                QVERIFY2(apart / (640 * 360) < 4, qPrintable(QStringLiteral("picture %1").arg(at)));
                ++compared;
            }
        }
        // The beeps lie where the voice has them, at the end of ten minutes too.
        double worst = 0;
        std::size_t heard = 0;
        for (std::size_t c = 0; c < chapters.size(); ++c) {
            const double cutS = static_cast<double>(chapters[c].first) / film.rate;
            const double fromS = film.voiceAtS(chapters[c].first);
            const auto there = readSound(path.toStdString(), cutS, cutS + 1.2),
                       own = readSound(walk.voice.toStdString(), fromS, fromS + 1.2);
            QVERIFY(there.ok() && own.ok());
            const auto beep = [](const SoundPiece& piece, double zero) {
                bool afterQuiet = false; // the beginning of a beep, not its middle
                int still = 0;
                for (std::size_t i = 0; i < piece.samples.size(); ++i) {
                    const double atS = piece.fromS + static_cast<double>(i) / piece.rateHz - zero;
                    const bool loud = std::abs(piece.samples[i]) > .12F;
                    if (loud && afterQuiet && atS > .03)
                        return atS;
                    still = loud ? 0 : still + 1;
                    afterQuiet = afterQuiet || still > piece.rateHz / 20;
                }
                return -1.0;
            };
            const double a = beep(*there, cutS), b = beep(*own, fromS);
            if (a >= 0 && b >= 0) {
                worst = std::max(worst, std::abs(a - b));
                ++heard;
            }
        }
        qInfo("%d pictures and %zu beeps compared, sound at most %.2f ms apart", compared, heard, 1000 * worst);
        QVERIFY(2 * heard > chapters.size());
        QVERIFY(worst < .02 + 1.0 / 60);
        QVERIFY(removeWalkThrough(library(), walk.id).ok());
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
        QCOMPARE(walkFilm(*read, firstCut(*read)).pictures(), 30);
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
