// A walk-through that is corrected: cut, left out, moved, said again, captioned; what was taken back while it was
// recorded; another machine's clips.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/sound_track.h"
#include "media/voice_writer.h"
#include "store/case_json.h"
#include "store/library.h"
#include "support/built_demo.h"
#include "takehome/case_with_walks.h"
#include "takehome/clip_pictures.h"
#include "takehome/walk_cut.h"
#include "takehome/written_film.h"

#include <QGuiApplication>
#include <QTemporaryDir>
#include <QtTest>

#include <cmath>
#include <numbers>

using namespace riflesso;
using namespace riflesso::test;

namespace {

/// A tone as a voice.
bool writeTone(const QString& path, double hz, double seconds) {
    auto voice = VoiceWriter::create(path.toStdString());
    if (!voice)
        return false;
    std::vector<std::int16_t> samples;
    for (int i = 0; i < static_cast<int>(seconds * kVoiceHz); ++i)
        samples.push_back(static_cast<std::int16_t>(9000 * std::sin(2 * std::numbers::pi * hz * i / kVoiceHz)));
    return (*voice)->write(samples.data(), samples.size()).ok() && (*voice)->finish().ok();
}

/// The pitch that is heard in a stretch of a file, by its zero crossings, Hz.
double pitchIn(const QString& path, double fromS, double toS) {
    const auto sound = readSound(path.toStdString(), fromS, toS);
    if (!sound || sound->samples.size() < 2)
        return 0;
    int crossings = 0;
    for (std::size_t i = 1; i < sound->samples.size(); ++i)
        crossings += (sound->samples[i - 1] < 0) != (sound->samples[i] < 0);
    return crossings / 2.0 / (static_cast<double>(sound->samples.size()) / sound->rateHz);
}

WalkMoment moment(double atS, const char* page, const char* words) {
    WalkMoment out;
    out.atS = atS;
    out.page = QLatin1String(page);
    out.title = QString::fromLatin1(page).toUpper();
    out.words << QLatin1String(words);
    return out;
}

} // namespace

class TestWalkCut : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    WalkThrough walk_;

    [[nodiscard]] static QStringList titles(const Film& film) {
        QStringList out;
        for (const FilmPart& part : film.parts)
            if (part.shown)
                out << part.title;
        return out;
    }

private slots:
    void initTestCase() {
        auto score = WalkScore::begin(dir_.path(), QStringLiteral("session"), QStringLiteral("Made"));
        QVERIFY(score.ok());
        QVERIFY((*score)->add(moment(0, "findings", "one")));
        QVERIFY((*score)->add(moment(3, "mark", "wrong")));
        QVERIFY((*score)->takeBack(5, 2)); // from 3 to 5
        QVERIFY((*score)->add(moment(5, "mark", "right")));
        QVERIFY((*score)->add(moment(8, "plan", "three")));
        QVERIFY((*score)->lasts(10));
        QVERIFY((*score)->pack());
        QVERIFY(writeTone((*score)->voicePath(), 400, 10));
        auto walk = readWalkThrough((*score)->folder());
        QVERIFY2(walk.ok(), walk ? "" : walk.error().sentence().c_str());
        walk_ = std::move(*walk);
    }

    void whatWasTakenBackIsNotShown() {
        const WalkCut cut = firstCut(walk_);
        QCOMPARE(cut.size(), std::size_t(3));
        QVERIFY(std::abs(cut[0].toS - 3) < .05 && std::abs(cut[1].fromS - 5) < .05);
        const Film film = walkFilm(walk_, cut);
        QCOMPARE(titles(film), (QStringList{"FINDINGS", "MARK", "PLAN"}));
        QVERIFY(std::abs(film.seconds() - 8) < .1);
        for (int i = 0; i < film.pictures(); ++i)
            for (const FilmLine& line : film.place(i).scene->lines)
                QVERIFY(line.words != QLatin1String("wrong"));
        // The voice leaps over it.
        QVERIFY(std::abs(film.voiceAtS(95) - (5 + 5 / 30.0)) < .05);
    }
    void eachGestureIsOnePiece() {
        WalkCut cut = firstCut(walk_);
        const WalkCut before = cut;
        cut = edited(cut, {PartEdit::Kind::CutAt, 0, true, 0, 45, {}, 0}, kWalkRate);
        QCOMPARE(cut.size(), std::size_t(4));
        QCOMPARE(cut[0].toS, 1.5);
        QCOMPARE(cut[1].fromS, 1.5);
        cut = edited(cut, {PartEdit::Kind::Show, 1, false, 0, 0, {}, 0}, kWalkRate);
        cut = edited(cut, {PartEdit::Kind::Name, 0, true, 0, 0, QStringLiteral(" Hello "), 0}, kWalkRate);
        cut = edited(cut, {PartEdit::Kind::Say, 0, true, 0, 0, QStringLiteral("Ça va? <b> 你好"), 0}, kWalkRate);
        cut = edited(cut, {PartEdit::Kind::Move, 3, true, -1, 0, {}, 0}, kWalkRate);
        const Film film = walkFilm(walk_, cut);
        QCOMPARE(titles(film), (QStringList{"Hello", "PLAN", "MARK"}));
        QVERIFY(webVtt(film).contains(QStringLiteral("Ça va? &lt;b&gt; 你好")));
        QVERIFY(std::abs(film.seconds() - 6.5) < .1);
        // The same from its text; what cannot be done changes nothing.
        QCOMPARE(*cutFromText(toText(cut), walk_), cut);
        for (const PartEdit& none : {PartEdit{PartEdit::Kind::Move, 0, true, -1, 0, {}, 0},
                                     {PartEdit::Kind::Show, 9, false, 0, 0, {}, 0},
                                     {PartEdit::Kind::CutAt, 0, true, 0, 0, {}, 0},
                                     {PartEdit::Kind::Name, 0, true, 0, 0, QStringLiteral(" "), 0},
                                     {PartEdit::Kind::SaidAgain, 0, true, 0, 0, QStringLiteral("../../voice.ogg"), 3}})
            QCOMPARE(edited(before, none, kWalkRate), before);
    }
    void whatIsSaidAgainIsHeardInItsPlace() {
        const QString again = nextAgain(walk_);
        QCOMPARE(again, QStringLiteral("again-1.ogg"));
        QVERIFY(writeTone(walk_.folder + u'/' + again, 900, 4));
        QCOMPARE(nextAgain(walk_), QStringLiteral("again-2.ogg"));
        const WalkCut cut = edited(firstCut(walk_), {PartEdit::Kind::SaidAgain, 1, true, 0, 0, again, 4}, kWalkRate);
        const Film film = walkFilm(walk_, cut);
        QVERIFY(std::abs(film.seconds() - 9) < .1); // 3 + 4 + 2
        QCOMPARE(film.place(6 * 30).scene->lines[0].words, QStringLiteral("right"));
        const QString path = dir_.filePath(QStringLiteral("again.mp4"));
        const auto written = writeFilm(film, path, {320, 180}, clipPictures(), {});
        QVERIFY2(written.ok(), written ? "" : written.error().sentence().c_str());
        constexpr double kApartHz = 25;
        for (const auto& [fromS, toS, hz] : {std::tuple(.3, 2.7, 400.0), {3.3, 6.7, 900.0}, {7.3, 8.7, 400.0}}) {
            const double heard = pitchIn(path, fromS, toS);
            QVERIFY2(std::abs(heard - hz) < kApartHz,
                     qPrintable(QStringLiteral("%1 Hz from %2 s").arg(heard).arg(fromS)));
        }
        // Its file is gone: said, and nothing is left.
        QVERIFY(QFile::remove(walk_.folder + u'/' + again));
        const QString none = dir_.filePath(QStringLiteral("none.mp4"));
        QVERIFY(!writeFilm(film, none, {320, 180}, clipPictures(), {}).ok());
        QVERIFY(!QFileInfo::exists(none));
    }
    void aSpoiledCutIsRefused_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        QTest::newRow("no json") << QStringLiteral("{cut") << QStringLiteral("pieces");
        QTest::newRow("newer") << QStringLiteral(R"({"cut": 2, "pieces": []})") << QStringLiteral("newer program");
        QTest::newRow("behind the end") << QStringLiteral(R"({"cut":1,"pieces":[{"from":1,"to":99,"title":"x"}]})")
                                        << QStringLiteral("stretch inside");
        QTest::newRow("backwards") << QStringLiteral(R"({"cut":1,"pieces":[{"from":4,"to":2,"title":"x"}]})")
                                   << QStringLiteral("stretch inside");
        QTest::newRow("a path")
            << QStringLiteral(
                   R"({"cut":1,"pieces":[{"from":1,"to":2,"title":"x","again":"../voice.ogg","again_s":2}]})")
            << QStringLiteral("sound of its own");
    }
    void aSpoiledCutIsRefused() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        const auto cut = cutFromText(text, walk_);
        QVERIFY(!cut.ok());
        QVERIFY2(QString::fromStdString(cut.error().sentence()).contains(says), cut.error().sentence().c_str());
    }
    void itGoesAlongToAnotherMachine() {
        QTemporaryDir own;
        if (builtDemo().isEmpty())
            QSKIP("needs the demo library that CTest builds");
        const QString from = own.filePath(QStringLiteral("here")), to = own.filePath(QStringLiteral("there"));
        QVERIFY(copyLibrary(builtDemo(), from));
        const auto library = Library::open(from);
        QVERIFY(library.ok());
        CaseId id;
        const auto cases = *(*library)->cases();
        for (const CaseEntry& entry : cases)
            if (entry.athlete == QLatin1String("Ilka Sandrey"))
                id = entry.id;
        const CaseData data = *(*library)->loadCase(id);
        const auto walks = walkThroughsOf(from, QString::fromStdString(data.sessions.front().uid));
        QCOMPARE(walks.size(), std::size_t(1)); // the demo's
        const WalkCut cut = *cutOf(walks[0], data.walkCuts);
        QCOMPARE(cut.size(), std::size_t(5));
        QVERIFY(cut[0].caption.startsWith(QStringLiteral("Ilka, this is your lunge")));
        const QString zip = own.filePath(QStringLiteral("case.zip"));
        QVERIFY(writeWholeCase(**library, id, zip, true).ok());

        auto other = Library::open(to);
        QVERIFY(other.ok());
        for (int round = 0; round < 2; ++round) { // a second time it is there already
            auto archive = CaseArchive::open(zip, to);
            QVERIFY2(archive.ok(), archive ? "" : archive.error().sentence().c_str());
            const auto added = (*archive)->addTo(**other);
            QVERIFY2(added.ok(), added ? "" : added.error().sentence().c_str());
            const CaseData brought = *(*other)->loadCase(*added);
            auto there = walkThroughsOf(to, QString::fromStdString(brought.sessions.front().uid));
            QCOMPARE(there.size(), std::size_t(1));
            QCOMPARE(*cutOf(there[0], brought.walkCuts), cut);
            useClips(there[0], brought);
            for (const WalkMoment& shown : there[0].moments)
                for (const WalkStage& stage : shown.stages) {
                    QVERIFY(stage.clipPath.startsWith(to));
                    QVERIFY(QFileInfo::exists(stage.clipPath));
                }
            QCOMPARE(walkFilm(there[0], cut).pictures(), walkFilm(walks[0], cut).pictures());
            QVERIFY(there[0].voice.startsWith(to));
        }
        for (const char* name : {"walk-throughs/../voice.ogg", "walk-throughs/0000000a/other.txt",
                                 "walk-throughs/0000000a/again-1.ogg/x", "walk-throughs/voice.ogg"}) {
            bool media = false;
            QVERIFY2(!isArchiveName(QLatin1String(name), media), name);
        }
    }
};

QTEST_MAIN(TestWalkCut)
#include "tst_walk_cut.moc"
