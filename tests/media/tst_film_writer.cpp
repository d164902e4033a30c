// A film's file: every picture in its place, sound on the same clock, chapters, nothing of the machine, nothing half
// written. Read back by the program's own reader and by ffprobe and ffmpeg.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/clip_reader.h"
#include "media/film_writer.h"
#include "media/sound_track.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <sys/resource.h>

#include <cmath>
#include <csignal>
#include <numbers>

using namespace riflesso;

namespace {

constexpr int kWide = 320, kHigh = 180, kRate = 30, kBits = 10, kBox = 30;

/// A picture that says its number: a row of black and white boxes, one a bit.
std::vector<std::uint8_t> numbered(int number) {
    std::vector<std::uint8_t> out(static_cast<std::size_t>(kWide * kHigh * 4), 90);
    for (int bit = 0; bit < kBits; ++bit)
        for (int y = 60; y < 60 + kBox; ++y)
            for (int x = bit * kBox + 5; x < (bit + 1) * kBox; ++x)
                for (int c = 0; c < 3; ++c)
                    out[static_cast<std::size_t>((y * kWide + x) * 4 + c)] = (number >> bit) & 1 ? 230 : 20;
    return out;
}
int numberIn(const Picture& picture) {
    int out = 0;
    for (int bit = 0; bit < kBits; ++bit) {
        const auto at = static_cast<std::size_t>((75 * picture.width + bit * kBox + kBox / 2 + 2) * 3);
        out |= ((*picture.rgb)[at] > 120 ? 1 : 0) << bit;
    }
    return out;
}
Result<void> addPicture(FilmWriter& film, int number) {
    const auto bytes = numbered(number);
    return film.picture({bytes.data(), 4 * kWide});
}

/// What a program says on standard output.
QString said(const QString& program, const QStringList& words) {
    QProcess process;
    process.start(program, words);
    return process.waitForFinished() && process.exitCode() == 0 ? QString::fromUtf8(process.readAllStandardOutput())
                                                                : QString();
}

} // namespace

class TestFilmWriter : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    [[nodiscard]] std::string path(const QString& name) const { return dir_.filePath(name).toStdString(); }

private slots:
    void init() { // each test looks at what is left in the folder
        for (const QString& file : QDir(dir_.path()).entryList(QDir::Files | QDir::Hidden))
            QFile::remove(dir_.filePath(file));
    }

    void everyPictureIsInItsPlace_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QString>("streams");
        QTest::newRow("MP4") << "film.mp4"
                             << "h264,aac";
        QTest::newRow("WebM") << "film.webm"
                              << "vp9,opus";
    }
    void everyPictureIsInItsPlace() {
        QFETCH(QString, name);
        QFETCH(QString, streams);
        constexpr int kPictures = 100;
        FilmFormat format;
        format.width = kWide;
        format.height = kHigh;
        format.sound = true;
        format.title = "Ein Film: füß & <b>";
        format.chapters = {{0, 1, "One"}, {1, 2.5, "Zwei, ß"}, {2.5, kPictures / double(kRate), "Three"}};
        {
            auto film = FilmWriter::create(path(name), format);
            QVERIFY2(film.ok(), film ? "" : film.error().sentence().c_str());
            for (int i = 0; i < kPictures; ++i) {
                QVERIFY(addPicture(**film, i));
                // A click at the start of each second.
                std::vector<float> sound(kFilmSoundHz / kRate, 0);
                if (i % kRate == 0)
                    for (std::size_t s = 0; s < 240; ++s)
                        sound[s] = .8F * std::sin(static_cast<float>(s) * .6F);
                QVERIFY((*film)->sound(sound.data(), sound.size()));
            }
            QVERIFY(!QFile::exists(dir_.filePath(name))); // not before it is whole
            QVERIFY((*film)->finish());
        }
        QCOMPARE(QDir(dir_.path()).entryList(QDir::Files | QDir::Hidden), QStringList{name});
        auto clip = ClipReader::open(path(name));
        QVERIFY(clip.ok());
        QCOMPARE((*clip)->info().frames(), kPictures);
        for (int i = 0; i < kPictures; ++i) {
            const auto picture = (*clip)->frame(i);
            QVERIFY(picture.ok());
            QCOMPARE(numberIn(*picture), i);
            // Two milliseconds: WebM keeps times to one.
            QVERIFY(std::abs((*clip)->info().timesS[static_cast<std::size_t>(i)] - i / double(kRate)) < .002);
        }
        // The clicks, as the program's own reader of sound hears them.
        const auto sound = readSound(path(name), 0, 4);
        QVERIFY(sound.ok());
        constexpr double kApart = .02; // what eye and ear take for one
        for (int second = 0; second < 3; ++second) {
            const auto from = static_cast<std::size_t>(std::max(0.0, (second - .2 - sound->fromS) * sound->rateHz));
            std::size_t first = from;
            while (first < sound->samples.size() && std::abs(sound->samples[first]) < .25F)
                ++first;
            const double at = sound->fromS + static_cast<double>(first) / sound->rateHz;
            QVERIFY2(std::abs(at - second) < kApart, qPrintable(QStringLiteral("%1 s: %2").arg(second).arg(at)));
        }
        const QString file = dir_.filePath(name);
        const QString codecs =
            said("ffprobe", {"-v", "error", "-show_entries", "stream=codec_name", "-of", "csv=p=0", file});
        for (const QString& codec : streams.split(u','))
            QVERIFY2(codecs.contains(codec), qPrintable(codecs));
        const QString chapters = said("ffprobe", {"-v", "error", "-show_chapters", file});
        QCOMPARE(chapters.count("[CHAPTER]"), 3);
        QVERIFY(chapters.contains("TAG:title=Zwei, ß"));
        QVERIFY(chapters.contains("start_time=2.500000"));
        const QString tags = said("ffprobe", {"-v", "error", "-show_format", file});
        QVERIFY2(tags.contains("füß & <b>"), qPrintable(tags));
        for (const char* word : {"creation_time", "location", "Lavf6", "Lavf5", "make", "model"})
            QVERIFY2(!tags.contains(QLatin1String(word), Qt::CaseInsensitive), qPrintable(tags));
    }
    void withoutSoundThereIsNone() {
        FilmFormat format;
        format.width = kWide;
        format.height = kHigh;
        auto film = FilmWriter::create(path("still.mp4"), format);
        QVERIFY(film.ok());
        for (int i = 0; i < 5; ++i)
            QVERIFY(addPicture(**film, i));
        const std::vector<float> sound(100, .5F);
        QVERIFY((*film)->sound(sound.data(), sound.size())); // not asked for: not written
        QVERIFY((*film)->finish());
        QVERIFY(!said("ffprobe", {"-v", "error", "-show_streams", dir_.filePath("still.mp4")}).contains("audio"));
    }
    void whatIsGivenUpLeavesNothing() {
        FilmFormat format;
        format.width = kWide;
        format.height = kHigh;
        QFile before(dir_.filePath("old.mp4"));
        QVERIFY(before.open(QIODevice::WriteOnly) && before.write("the film of before") > 0);
        before.close();
        {
            auto film = FilmWriter::create(path("old.mp4"), format);
            QVERIFY(film.ok());
            QVERIFY(addPicture(**film, 1));
        }
        QCOMPARE(QDir(dir_.path()).entryList(QDir::Files | QDir::Hidden), QStringList{"old.mp4"});
        QVERIFY(before.open(QIODevice::ReadOnly));
        QCOMPARE(before.readAll(), QByteArray("the film of before"));
    }
    void wrongWishesAreSaid() {
        FilmFormat format;
        for (const auto& [name, width, height, word] : {std::tuple{"a.avi", 320, 180, ".mp4 or .webm"},
                                                        {"a", 320, 180, "no ending"},
                                                        {"a.mp4", 321, 180, "even"}}) {
            format.width = width;
            format.height = height;
            const auto film = FilmWriter::create(path(name), format);
            QVERIFY(!film.ok());
            QVERIFY2(QString::fromStdString(film.error().sentence()).contains(QLatin1String(word)),
                     film.error().sentence().c_str());
        }
        format.width = kWide;
        const auto film = FilmWriter::create("/no/such/folder/a.mp4", format);
        QVERIFY(!film.ok());
        QCOMPARE(film.error().kind, Error::Kind::BadInput);
    }
    /// As on a full disk: the file may not grow beyond some bytes.
    void aFullDiskIsSaidAndLeavesNothing() {
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit was{};
        QCOMPARE(getrlimit(RLIMIT_FSIZE, &was), 0);
        const rlimit little{20000, was.rlim_max};
        FilmFormat format;
        format.width = kWide;
        format.height = kHigh;
        QString problem;
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &little), 0);
        {
            auto film = FilmWriter::create(path("full.mp4"), format);
            if (film) {
                std::vector<std::uint8_t> noise(static_cast<std::size_t>(kWide * kHigh * 4));
                unsigned state = 1;
                for (int i = 0; i < 60 && problem.isEmpty(); ++i) {
                    for (std::uint8_t& byte : noise)
                        byte = static_cast<std::uint8_t>((state = state * 1664525U + 1013904223U) >> 24);
                    if (const auto written = (*film)->picture({noise.data(), 4 * kWide}); !written)
                        problem = QString::fromStdString(written.error().sentence());
                }
                if (problem.isEmpty())
                    if (const auto finished = (*film)->finish(); !finished)
                        problem = QString::fromStdString(finished.error().sentence());
            }
        }
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &was), 0);
        QVERIFY2(problem.contains("full.mp4"), qPrintable(problem));
        QVERIFY(QDir(dir_.path()).entryList(QDir::Files | QDir::Hidden).isEmpty());
    }
};

QTEST_GUILESS_MAIN(TestFilmWriter)
#include "tst_film_writer.moc"
