// What is taken home: films that tell findings and plan, each picture the frame that it names, heads covered whole,
// names left out, captions, and the folder that leaves the machine.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/phase_map.h"
#include "core/tables/json_walk.h"
#include "media/clip_writer.h"
#include "media/sound_track.h"
#include "media/voice_writer.h"
#include "report/names_left_out.h"
#include "store/library.h"
#include "support/built_demo.h"
#include "support/command_line.h"
#include "support/files.h"
#include "support/this_test.h"
#include "takehome/clip_pictures.h"
#include "takehome/film_painter.h"
#include "takehome/seen_heads.h"
#include "takehome/take_home_film.h"
#include "takehome/take_home_folder.h"
#include "takehome/walk_cut.h"
#include "takehome/written_film.h"
#include "work/case_assessment.h"

#include <QGuiApplication>
#include <QPainter>
#include <QProcess>
#include <QTemporaryDir>
#include <QXmlStreamReader>
#include <QtTest>

#include <cmath>
#include <cstdio>
#include <cstring>
#include <set>

using namespace riflesso;
using namespace riflesso::test;

namespace {

const QDate kToday(2026, 11, 24);

/// A case of the demo, assessed, and what its papers say.
struct Subject {
    CaseData data;
    Assessment assessment;
    SessionId session;
    SetChoice choice;
    ReportContent content;
    [[nodiscard]] FilmSubject film() const { return {data, assessment, session, choice, content}; }
};

const FilmPart* partCalled(const Film& film, const QString& title) {
    for (const FilmPart& part : film.parts)
        if (part.title == title)
            return &part;
    return nullptr;
}

/// The source with the true head of every frame painted over: what can be told from the other shows some of a head.
class HeadsPainted {
public:
    explicit HeadsPainted(PictureSource source) : source_(std::move(source)) {}
    QImage operator()(const QString& path, int frame) {
        QImage image = source_(path, frame).convertToFormat(QImage::Format_RGB32);
        QString clip = names_.contains(path) ? names_[path] : QString();
        if (clip.isEmpty())
            return image;
        Json& truth = truths_[clip];
        if (truth.is_null())
            truth = readJson((QStringLiteral(DEMO_CLIPS "/") + clip + QStringLiteral(".truth.json")).toStdString());
        const Json& head = truth["head_px"][static_cast<std::size_t>(frame)];
        QPainter painter(&image);
        painter.setPen(Qt::NoPen);
        painter.setBrush(Qt::magenta);
        painter.translate(head[0].get<double>() + .5, head[1].get<double>() + .5);
        painter.rotate(head[4].get<double>());
        painter.drawEllipse(QPointF(0, 0), head[2].get<double>(), head[3].get<double>());
        return image;
    }
    std::map<QString, QString> names_; ///< which demo clip a path is
private:
    PictureSource source_;
    std::map<QString, Json> truths_;
};

QStringList allWords(const Film& film) {
    QStringList out{film.title, webVtt(film)};
    for (const FilmPart& part : film.parts) {
        out << part.title;
        for (const FilmScene& scene : part.scenes) {
            out << scene.heading << scene.sentence << scene.pace;
            for (const FilmLine& line : scene.lines)
                out << line.words;
            for (const FilmStage& stage : scene.stages)
                out << stage.caption << stage.value;
        }
    }
    return out;
}

} // namespace

class TestFilms : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::unique_ptr<Library> library_;

    [[nodiscard]] Subject subjectOf(const QString& athlete, const QString& session = {}) const {
        const auto cases = *library_->cases();
        Subject out;
        for (const CaseEntry& entry : cases)
            if (entry.athlete == athlete)
                out.data = *library_->loadCase(entry.id);
        for (const Session& each : out.data.sessions)
            if (!each.isModel && (session.isEmpty() ? !out.session : each.title == session))
                out.session = each.id;
        const auto levels = commonLevels(out.data, out.session, out.session);
        if (!levels.empty())
            out.choice = SetChoice(levels.front());
        out.assessment = assess(assessmentInput(out.data, out.session, out.choice, School::Root, kToday));
        out.content =
            composeReport({out.data, out.assessment, out.session, out.choice, QDateTime(kToday, QTime(12, 0)), "test"});
        return out;
    }
    [[nodiscard]] QStringList leftIn(const QString& folder) const {
        return QDir(folder).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
    }

private slots:
    void initTestCase() {
        const QString folder = dir_.filePath(QStringLiteral("library"));
        QCOMPARE(demoInto(folder), 0);
        auto opened = Library::open(folder, Library::Mode::ReadOnly);
        QVERIFY(opened.ok());
        library_ = std::move(*opened);
    }

    void theTakeHomeFilmTellsFindingsAndPlan() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        const Film film = takeHomeFilm(ilka.film());
        QVERIFY2(film.seconds() >= 60 && film.seconds() <= 150, qPrintable(QString::number(film.seconds())));
        QStringList titles;
        for (const FilmPart& part : film.parts)
            titles << part.title;
        QString main, minor;
        for (const auto& finding : ilka.content.findings) {
            if (finding.main)
                main = finding.title;
            else if (finding.minor)
                minor = finding.title;
        }
        QCOMPARE(titles, (QStringList{"Title", "What is strong", main, minor, "What comes next"}));
        const FilmPart& part = *partCalled(film, main);
        QCOMPARE(part.scenes.size(), std::size_t(3)); // at full speed, slowed and held, the drill
        const FilmScene &run = part.scenes[0], &slow = part.scenes[1], &drill = part.scenes[2];

        // At full speed: a clip of 60 pictures a second, every second of them.
        const std::vector<int>& frames = run.stages.at(0).frames;
        QCOMPARE(static_cast<int>(frames.size()), run.pictures);
        for (std::size_t i = 1; i < 15; ++i)
            QCOMPARE(frames[i] - frames[i - 1], 2);
        // Four times slower, then still at the key event, with what is measured and its ±.
        QCOMPARE(slow.stages.size(), std::size_t(2));
        const auto& own = slow.stages[0];
        const auto held = static_cast<std::size_t>(slow.heldFrom);
        for (std::size_t i = 1; i < held; ++i)
            QVERIFY(own.frames[i] - own.frames[i - 1] == 0 || own.frames[i] - own.frames[i - 1] == 1);
        for (std::size_t i = held; i < own.frames.size(); ++i)
            QCOMPARE(own.frames[i], own.frames[held]);
        bool atEvent = false;
        for (const auto& finding : ilka.content.findings)
            if (finding.main)
                atEvent = finding.pictures.front().frame == own.frames[held];
        QVERIFY(atEvent);
        QVERIFY(own.shape.has_value());
        QVERIFY(slow.sentence.contains(QStringLiteral("±")));
        QVERIFY(slow.pictures - slow.heldFrom >= 4 * film.rate);    // long enough to read
        QVERIFY(slow.stages[1].ofModel && slow.stages[1].mirrored); // who faces the other way is turned
        QVERIFY(!drill.lines.empty() && drill.lines.front().words.startsWith(u'“'));
        bool says = false;
        for (const FilmLine& line : drill.lines)
            says = says || line.words.startsWith(QStringLiteral("It is good when"));
        QVERIFY(says);
        // The usual caution closes it.
        QVERIFY(film.parts.back().scenes.back().lines.back().words.contains(QStringLiteral("licensed professional")));
        QVERIFY(film.parts.back().scenes.back().lines.back().caution);
    }
    void bothStandAtEqualPhase() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        const auto anchors =
            phaseAnchors(ilka.data.pack, modelTrialsOf(ilka.data), trialsOf(ilka.data, ilka.session, ilka.choice));
        const Film film = takeHomeFilm(ilka.film());
        int compared = 0;
        for (const auto& finding : ilka.content.findings) {
            if (!finding.main || finding.pictures.size() < 2)
                continue;
            const FilmScene& slow = partCalled(film, finding.title)->scenes[1];
            const Trial own = toTrialAsFilmed(ilka.data, placeOf(ilka.data, finding.pictures[0].repetition));
            const Trial model = toTrialAsFilmed(ilka.data, placeOf(ilka.data, finding.pictures[1].repetition));
            const auto ownMap = PhaseMap::of(anchors, own), modelMap = PhaseMap::of(anchors, model);
            QVERIFY(ownMap && modelMap);
            for (std::size_t i = 0; i < static_cast<std::size_t>(slow.heldFrom); ++i) {
                const double percent = ownMap->percentAt(own.times.timeOf(slow.stages[0].frames[i]));
                const double there = model.times.frameOf(modelMap->timeAt(percent));
                // Half a frame of the athlete, stretched to the model's pace, and half a frame of the model.
                QVERIFY2(
                    std::abs(there - slow.stages[1].frames[i]) < 2.5,
                    qPrintable(QStringLiteral("%1: %2, shown %3").arg(i).arg(there).arg(slow.stages[1].frames[i])));
                ++compared;
            }
        }
        QVERIFY(compared > 60);
    }
    void whereNobodyFilmedAModelItsFigureIsDrawn() {
        const Subject joris = subjectOf(QStringLiteral("Joris Halvane"));
        QVERIFY(!joris.data.athlete.name.isEmpty());
        const Film film = takeHomeFilm(joris.film());
        bool drawn = false;
        for (const FilmPart& part : film.parts)
            for (const FilmScene& scene : part.scenes)
                if (scene.stages.size() == 2 && scene.stages[1].clipPath.isEmpty()) {
                    drawn = true;
                    QVERIFY(scene.stages[1].caption.contains(QStringLiteral("not filmed")));
                    QVERIFY(!scene.stages[1].marks.empty());
                }
        QVERIFY(drawn);
    }
    void whoWaitsForAdviceGetsNoDrill() {
        Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        ilka.content.waits = QStringLiteral("Pain was said: ask first.");
        const Film film = takeHomeFilm(ilka.film());
        QVERIFY(partCalled(film, QStringLiteral("First ask")));
        for (const FilmPart& part : film.parts)
            for (const FilmScene& scene : part.scenes)
                for (const FilmLine& line : scene.lines)
                    QVERIFY2(!line.words.startsWith(u'“'), qPrintable(line.words));
    }
    void thenAndNowAreHeldAtTheSameEvent() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        const Film film = thenAndNowFilm(ilka.film());
        const FilmPart* pair = partCalled(film, QStringLiteral("Then and now"));
        QVERIFY(pair);
        const FilmScene& slow = pair->scenes.at(1);
        QCOMPARE(slow.stages.size(), std::size_t(2));
        for (std::size_t i = 0; i < 2; ++i)
            QCOMPARE(slow.stages[i].frames.back(), ilka.content.progress.thenAndNow[i].frame);
        QVERIFY(!slow.stages[0].ofModel && !slow.stages[1].ofModel);
        QVERIFY(partCalled(film, QStringLiteral("What changed")));
        // Nothing to compare: no film.
        Subject alone = ilka;
        alone.content.progress.thenAndNow.clear();
        QVERIFY(thenAndNowFilm(alone.film()).parts.empty());
    }
    void aRepetitionStandsStillAtItsKeyEvents() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        const auto trials = trialsOf(ilka.data, ilka.session, ilka.choice);
        const RepetitionId id = repetitionId(trials.front().id);
        const Film film = repetitionFilm(ilka.film(), {id, RepetitionId{999999}}, "front_knee");
        QCOMPARE(film.parts.size(), std::size_t(1)); // who is gone is left out
        const Repetition& repetition = *ilka.data.repetition(id);
        std::set<int> stands;
        for (std::size_t i = 1; i < film.parts[0].scenes.size(); ++i)
            stands.insert(film.parts[0].scenes[i].stages[0].frames.back());
        for (const auto& [event, at] : repetition.events)
            QVERIFY2(stands.contains(static_cast<int>(std::lround(at.frame))), event.c_str());
        for (const FilmScene& scene : film.parts[0].scenes)
            for (const int frame : scene.stages[0].frames)
                QVERIFY(frame >= repetition.from && frame <= repetition.to);
        // Its stills are where it stands.
        const auto held = film.heldPictures();
        QCOMPARE(held.size(), film.parts[0].scenes.size() - 1);
        for (const auto& [picture, words] : held) {
            const Film::Place there = film.place(picture);
            QVERIFY(stands.contains(there.scene->stages[0].frames[static_cast<std::size_t>(there.at)]));
            QVERIFY(!words.isEmpty());
        }
    }
    void sideBySideAllAreAtTheSamePhase() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        std::vector<RepetitionId> ids;
        for (const Trial& trial : trialsOf(ilka.data, ilka.session, ilka.choice))
            ids.push_back(repetitionId(trial.id));
        const Film film = wallFilm(ilka.film(), ids);
        QCOMPARE(film.parts.size(), std::size_t(1));
        QVERIFY(wallFilm(ilka.film(), {ids.front()}).parts.empty());
        const FilmScene& slow = film.parts[0].scenes.back();
        QCOMPARE(slow.stages.size(), ids.size());
        QCOMPARE(slow.percent.size(), static_cast<std::size_t>(slow.pictures));
        // Each passes its own key event in the picture in which the first one does.
        int compared = 0;
        for (const auto& [event, first] : ilka.data.repetition(ids[0])->events)
            for (std::size_t i = 1; i < ids.size(); ++i) {
                const auto own = ilka.data.repetition(ids[i])->events.find(event);
                const auto passes = [&](std::size_t stage, double frame) {
                    const auto& frames = slow.stages[stage].frames;
                    return std::lower_bound(frames.begin(), frames.end(), static_cast<int>(std::lround(frame))) -
                           frames.begin();
                };
                if (own == ilka.data.repetition(ids[i])->events.end())
                    continue;
                constexpr std::ptrdiff_t kFrame = 8; // a fifteenth of a second, slowed four times, in pictures
                const auto apart = std::abs(passes(0, first.frame) - passes(i, own->second.frame));
                QVERIFY2(apart <= kFrame, qPrintable(QStringLiteral("%1 pictures").arg(apart)));
                ++compared;
            }
        QVERIFY(compared > 10);
        QImage image(640, 360, QImage::Format_RGB32);
        std::vector<PaintedStage> placed;
        paintFilm(image, film, film.pictures() / 2, clipPictures(), &placed);
        QCOMPARE(placed.size(), ids.size());
        for (std::size_t i = 0; i < placed.size(); ++i)
            for (std::size_t k = 0; k < i; ++k)
                QVERIFY(!placed[i].where.intersects(placed[k].where));
    }

    /// Through painter, encoder, container and decoder.
    void everyPictureShowsTheFrameItNames_data() {
        QTest::addColumn<QString>("ending");
        QTest::newRow("MP4") << "mp4";
        QTest::newRow("WebM") << "webm";
    }
    void everyPictureShowsTheFrameItNames() {
        QFETCH(QString, ending);
        constexpr int kWide = 320, kHigh = 180, kFrames = 64, kBits = 6, kBox = 50;
        const QString clip = dir_.filePath(QStringLiteral("numbered.mp4"));
        {
            auto writer = ClipWriter::create(clip.toStdString(), {kWide, kHigh, 30, 18, 30});
            QVERIFY(writer.ok());
            for (int i = 0; i < kFrames; ++i) {
                std::vector<std::uint8_t> rgb(static_cast<std::size_t>(kWide * kHigh * 3), 90);
                for (int bit = 0; bit < kBits; ++bit)
                    for (int y = 60; y < 110; ++y)
                        for (int x = bit * kBox + 6; x < (bit + 1) * kBox; ++x)
                            for (int c = 0; c < 3; ++c)
                                rgb[static_cast<std::size_t>((y * kWide + x) * 3 + c)] = (i >> bit) & 1 ? 230 : 20;
                QVERIFY((*writer)->write(rgb));
            }
            QVERIFY((*writer)->finish());
        }
        FilmStage stage;
        stage.clipPath = clip;
        stage.part = QRectF(0, 0, kWide, kHigh);
        std::mt19937 random(7);
        for (int i = 0; i < 90; ++i) // forwards, standing, backwards, anyhow
            stage.frames.push_back(i < 30   ? i * 2
                                   : i < 45 ? 59
                                   : i < 60 ? 100 - i
                                            : static_cast<int>(random() % kFrames));
        FilmScene scene;
        scene.pictures = 90;
        scene.heldFrom = 90;
        scene.heading = QStringLiteral("Numbers");
        scene.stages = {stage};
        const Film film{QStringLiteral("Numbers"), 30, {{QStringLiteral("All"), true, {scene}, -1}}};
        const QString out = dir_.filePath(QStringLiteral("numbers.") + ending);
        const auto written = writeFilm(film, out, {640, 360}, clipPictures(), {});
        QVERIFY2(written.ok(), written ? "" : written.error().sentence().c_str());
        QCOMPARE(written->pictures, 90);
        auto reader = ClipReader::open(out.toStdString());
        QVERIFY(reader.ok());
        QCOMPARE((*reader)->info().frames(), 90);
        // One stage, no sentence: 36 and 62 of 720 round it.
        const QRectF room(18, 31, 640 - 36, 360 - 31 - 18);
        const double scale = std::min(room.width() / kWide, room.height() / kHigh);
        for (int i = 0; i < 90; ++i) {
            const auto picture = (*reader)->frame(i);
            QVERIFY(picture.ok());
            int number = 0;
            for (int bit = 0; bit < kBits; ++bit) {
                const int x = qRound(room.center().x() + (bit * kBox + 28 - kWide / 2) * scale),
                          y = qRound(room.center().y() + (85 - kHigh / 2) * scale);
                number |= ((*picture->rgb)[static_cast<std::size_t>((y * 640 + x) * 3)] > 120 ? 1 : 0) << bit;
            }
            QCOMPARE(number, stage.frames[static_cast<std::size_t>(i)]);
        }
        QVERIFY(written->captions.isEmpty()); // nothing is said
        QVERIFY(!QImage(written->cover).isNull());
    }

    void noPixelOfACoveredHeadIsSeen_data() {
        QTest::addColumn<bool>("byNetwork");
        QTest::newRow("by the marks alone") << false;
        QTest::newRow("seen by the network as well") << true;
    }
    void noPixelOfACoveredHeadIsSeen() {
        QFETCH(bool, byNetwork);
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        Film film = takeHomeFilm(ilka.film());
        film.parts = {*partCalled(film, film.parts[2].title)};
        coverFaces(film, {true, true});
        if (byNetwork) {
            const auto heads =
                lookForHeads(film, {}, std::string(PROGRAMS "/../share/riflesso/models"), [](double) { return true; });
            QVERIFY2(heads.ok(), heads ? "" : heads.error().sentence().c_str());
            useHeads(film, *heads);
        }
        QVERIFY(unsurePictures(film).size() * 50 <= static_cast<std::size_t>(film.pictures()));
        HeadsPainted painted(clipPictures());
        for (const Session& session : ilka.data.sessions)
            for (const Clip& clip : session.clips)
                for (const QFileInfo& file : QDir(QStringLiteral(DEMO_CLIPS)).entryInfoList({QStringLiteral("*.mp4")}))
                    if (file.size() == QFileInfo(clip.path).size()) // copies of them, under names of the library's own
                        painted.names_[clip.path] = file.completeBaseName();
        QVERIFY(painted.names_.size() >= 3);
        const PictureSource clips = clipPictures();
        const PictureSource filmed = [&](const QString& path, int frame) {
            return clips(path, frame).convertToFormat(QImage::Format_RGB32); // as the other: they are scaled alike
        };
        const PictureSource other = [&](const QString& path, int frame) { return painted(path, frame); };
        int looked = 0;
        for (int i = 0; i < film.pictures(); i += 7) {
            QImage one({640, 360}, QImage::Format_RGB32), two = one;
            paintFilm(one, film, i, filmed);
            paintFilm(two, film, i, other);
            QVERIFY2(one == two, qPrintable(QStringLiteral("picture %1").arg(i)));
            ++looked;
        }
        QVERIFY(looked > 60);
        // The test can fail: where nobody is covered the two differ.
        coverFaces(film, {false, false});
        QImage one({640, 360}, QImage::Format_RGB32), two = one;
        paintFilm(one, film, 10, filmed);
        paintFilm(two, film, 10, other);
        QVERIFY(one != two);
    }
    void whereTheHeadIsNotSureTheClipIsNotShown() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        Film film = takeHomeFilm(ilka.film());
        film.parts = {film.parts[2]};
        FilmStage& stage = film.parts[0].scenes[0].stages[0];
        const int lost = stage.frames[20];
        stage.heads.erase(lost);
        QVERIFY(unsurePictures(film).empty()); // nobody asked for a cover
        coverFaces(film, {true, false});
        const std::vector<int> unsure = unsurePictures(film);
        QVERIFY(!unsure.empty());
        for (const int picture : unsure)
            QCOMPARE(film.place(picture).scene->stages[0].frames[static_cast<std::size_t>(film.place(picture).at)],
                     lost);
        QImage filmed({640, 360}, QImage::Format_RGB32), red = filmed;
        paintFilm(filmed, film, unsure.front(), clipPictures());
        paintFilm(red, film, unsure.front(), [](const QString&, int) {
            QImage all(960, 540, QImage::Format_RGB32);
            all.fill(Qt::red);
            return all;
        });
        QVERIFY(filmed == red);
    }

    /// The program itself, recording in a process of its own, killed at any moment.
    void aKilledRecordingCanBeReadUpToItsLastSecond() {
        std::mt19937 random(11);
        const int runs = qEnvironmentVariable("RIFLESSO_FAULTS") == QLatin1String("full") ? 50 : 8;
        for (int run = 0; run < runs; ++run) {
            const QString library = dir_.filePath(QStringLiteral("killed-%1").arg(run));
            QProcess recording;
            recording.start(thisTest(), {QStringLiteral("--record"), library});
            QVERIFY(recording.waitForReadyRead(10000));
            const int lives = 40 + static_cast<int>(random() % 400);
            QElapsedTimer since;
            since.start();
            while (since.elapsed() < lives)
                recording.waitForReadyRead(1);
            recording.kill();
            QVERIFY(recording.waitForFinished());
            const QList<QByteArray> said = recording.readAllStandardOutput().split('\n');
            const int seconds = said.value(said.size() - 2).toInt(); // that had been written when it was killed
            const auto walks = walkThroughsOf(library, QStringLiteral("session"));
            QCOMPARE(walks.size(), std::size_t(1));
            QVERIFY2(walks[0].lengthS >= seconds - 1,
                     qPrintable(QStringLiteral("%1 of %2").arg(walks[0].lengthS).arg(seconds)));
            QVERIFY(walkFilm(walks[0], firstCut(walks[0])).pictures() > 0 || seconds < 2);
            if (seconds < 2)
                continue;
            const auto voice = SoundTrack::open(walks[0].voice.toStdString());
            QVERIFY2(voice.ok(), voice ? "" : voice.error().sentence().c_str());
            double samples = 0;
            for (auto piece = (*voice)->read(1 << 16); !piece.empty(); piece = (*voice)->read(1 << 16))
                samples += static_cast<double>(piece.size());
            const double length = samples / (*voice)->rateHz();
            constexpr double kAPage = 1.1; // what was still being put together: a second, and the encoder's own delay
            QVERIFY2(length >= seconds - kAPage, qPrintable(QStringLiteral("%1 s of %2").arg(length).arg(seconds)));
        }
    }

    void namesAreLeftOutEverywhere() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        const QStringList names = namesIn(ilka.data);
        for (Film film : {takeHomeFilm(ilka.film()), thenAndNowFilm(ilka.film())}) {
            const QString before = allWords(film).join(u'\n');
            QVERIFY(before.contains(QStringLiteral("Ilka")));
            leaveOutNames(film, names);
            const QString after = allWords(film).join(u'\n');
            for (const QString& name : names)
                QVERIFY2(!after.contains(QRegularExpression(QStringLiteral("\\b%1\\b").arg(name))), qPrintable(name));
        }
    }
    void captionsAreWebVttWhateverIsSaid() {
        Film film{QStringLiteral("Said"), 30, {}};
        const QStringList said{QStringLiteral("Plain."),       QStringLiteral("a --> b & <c.d>x</c>"),
                               QStringLiteral("one\n\n\ntwo"), QStringLiteral("قبل 00:00:01.000 --> 00:00:02.000 بعد"),
                               QStringLiteral("NOTE nothing"), QStringLiteral("   ")};
        FilmPart part{QStringLiteral("Part"), true, {}, -1};
        for (const QString& words : said) {
            FilmScene scene;
            scene.pictures = 45;
            scene.sentence = words;
            part.scenes.push_back(scene);
        }
        film.parts = {part};
        QFile file(dir_.filePath(QStringLiteral("said.vtt")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(webVtt(film).toUtf8());
        file.close();
        QProcess probe; // FFmpeg's own reader of WebVTT
        probe.start(QStringLiteral("ffprobe"), {"-v", "error", "-show_entries", "packet=pts_time,duration_time", "-of",
                                                "csv=p=0", file.fileName()});
        QVERIFY(probe.waitForFinished());
        const QStringList cues = QString::fromUtf8(probe.readAllStandardOutput()).split(u'\n', Qt::SkipEmptyParts);
        QCOMPARE(cues.size(), 5); // what says nothing has none
        for (int i = 0; i < 5; ++i)
            QVERIFY2(cues[i].startsWith(QStringLiteral("%1,1.5").arg(i * 1.5, 0, 'f', 6)), qPrintable(cues[i]));
    }

    void whatCannotBeWrittenIsSaidAndLeavesNothing() {
        const QString folder = dir_.filePath(QStringLiteral("nothing"));
        QVERIFY(QDir().mkpath(folder));
        FilmScene scene;
        scene.pictures = 60;
        scene.lines = {{QStringLiteral("Words")}};
        const Film film{QStringLiteral("Words"), 30, {{QStringLiteral("All"), true, {scene}, -1}}};
        const QString path = folder + QStringLiteral("/words.mp4");
        QVERIFY(!writeFilm(Film(), path, {640, 360}, {}, {}).ok());
        QVERIFY(!writeFilm(film, path, {100, 100}, {}, {}).ok());
        QVERIFY(!writeFilm(film, folder + QStringLiteral("/words.mov"), {640, 360}, {}, {}).ok());
        const auto stopped = writeFilm(film, path, {640, 360}, {}, [](double share) { return share < .5; });
        QVERIFY(!stopped.ok());
        QCOMPARE(stopped.error().kind, Error::Kind::Cancelled);
        QVERIFY2(leftIn(folder).isEmpty(), qPrintable(leftIn(folder).join(u' ')));
    }

    void theFolderShowsItselfInABrowser() {
        const Subject ilka = subjectOf(QStringLiteral("Ilka Sandrey"));
        const QString place = dir_.filePath(QStringLiteral("out"));
        HandOver what;
        what.content = ilka.content;
        const QStringList names = namesIn(ilka.data);
        leaveOutNames(what.content, names);
        coverFaces(what.content, true, true);
        what.papers = {Paper::AthletePage, Paper::HomeSheet};
        Film film = takeHomeFilm(ilka.film());
        film.parts = {film.parts.front(), film.parts.back()};
        leaveOutNames(film, names);
        what.films = {{QStringLiteral("take-home"), QStringLiteral("Take-home <film>"), film}};
        what.filmSize = {320, 180};
        what.pictures = true;
        Film step =
            repetitionFilm(ilka.film(), {repetitionId(trialsOf(ilka.data, ilka.session, ilka.choice).front().id)}, {});
        leaveOutNames(step, names);
        what.series = {{QStringLiteral("step-by-step"), QStringLiteral("Repetition"), step}};
        what.calendar = "BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n";
        double last = 0;
        const auto done = writeFolder(what, place, clipPictures(), [&](double share) {
            last = share;
            return true;
        });
        QVERIFY2(done.ok(), done ? "" : done.error().sentence().c_str());
        QCOMPARE(done->folder, place);
        QCOMPARE(last, 1.0);
        QCOMPARE(done->files.front(), QStringLiteral("index.html"));
        for (const char* name : {"page.pdf", "home.pdf", "take-home.mp4", "take-home.vtt", "take-home.png", "plan.ics",
                                 "step-by-step-01.png"})
            QVERIFY2(QFileInfo(place + u'/' + QLatin1String(name)).size() > 10, name);
        QFile index(place + QStringLiteral("/index.html"));
        QVERIFY(index.open(QIODevice::ReadOnly));
        QByteArray html = index.readAll();
        QVERIFY(!html.contains("<script") && !html.contains("http"));
        html.remove(0, html.indexOf("<html"));
        QXmlStreamReader xml(html);
        int links = 0;
        while (!xml.atEnd()) {
            xml.readNext();
            for (const char* attribute : {"src", "href", "poster"})
                if (xml.isStartElement() && xml.attributes().hasAttribute(QLatin1String(attribute))) {
                    const QString to = xml.attributes().value(QLatin1String(attribute)).toString();
                    QVERIFY2(QFile::exists(place + u'/' + QUrl::fromPercentEncoding(to.toUtf8())), qPrintable(to));
                    ++links;
                }
        }
        QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
        QVERIFY(links >= 10);
        // Nothing of it says a name, the papers included.
        QProcess text;
        text.start(QStringLiteral("pdftotext"), {place + QStringLiteral("/page.pdf"), QStringLiteral("-")});
        QVERIFY(text.waitForFinished());
        const QByteArray said = html + text.readAllStandardOutput() + done->files.join(u' ').toUtf8();
        QVERIFY(said.contains("Fencing lunge"));
        for (const QString& name : names)
            QVERIFY2(!QString::fromUtf8(said).contains(QRegularExpression(QStringLiteral("\\b%1\\b").arg(name))),
                     qPrintable(name));

        // A second one stands beside it; one that is stopped leaves nothing; one without content is refused.
        what.films.clear();
        what.pictures = false;
        const auto again = writeFolder(what, place, clipPictures(), {});
        QVERIFY(again.ok());
        QCOMPARE(again->folder, place + QStringLiteral(" 2"));
        const QStringList before = leftIn(dir_.path());
        const auto stopped = writeFolder(what, place, clipPictures(), [](double share) { return share < .4; });
        QVERIFY(!stopped.ok() && stopped.error().kind == Error::Kind::Cancelled);
        QCOMPARE(leftIn(dir_.path()), before);
        QVERIFY(!writeFolder(HandOver(), place, {}, {}).ok());
        const auto nowhere = writeFolder(what, QStringLiteral("/proc/none/here"), clipPictures(), {});
        QVERIFY(!nowhere.ok());
        QVERIFY(nowhere.error().sentence().find("/proc/none") != std::string::npos);
    }
};

/// Records until it is killed, a second of voice at a time; says how many seconds are written.
int recordUntilKilled(const QString& library) {
    auto score = WalkScore::begin(library, QStringLiteral("session"), QStringLiteral("Killed"));
    auto voice = score ? VoiceWriter::create((*score)->voicePath().toStdString())
                       : Result<std::unique_ptr<VoiceWriter>>(score.error());
    if (!voice)
        return 1;
    std::vector<std::int16_t> second(kVoiceHz);
    for (std::size_t i = 0; i < second.size(); ++i)
        second[i] = static_cast<std::int16_t>(8000 * std::sin(static_cast<double>(i) * .2));
    for (int s = 0; s < 10000; ++s) {
        WalkMoment moment;
        moment.atS = s;
        moment.page = moment.title = QStringLiteral("mark");
        WalkStage stage;
        stage.frame = s;
        stage.part = QRectF(0, 0, 100, 100);
        stage.marks["nose"] = QPointF(s % 100, 50);
        moment.stages.push_back(stage);
        if (!(*score)->add(moment) || !(*voice)->write(second.data(), second.size()) || !(*score)->lasts(s + 1))
            return 1;
        std::printf("%d\n", s + 1);
        std::fflush(stdout);
    }
    return 0;
}

int main(int argc, char** argv) {
    if (argc == 3 && std::strcmp(argv[1], "--record") == 0)
        return recordUntilKilled(QString::fromLocal8Bit(argv[2]));
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication app(argc, argv);
    TestFilms test;
    return QTest::qExec(&test, argc, argv);
}
#include "tst_films.moc"
