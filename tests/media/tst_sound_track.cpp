// The sound of clips against the ffmpeg program, and instants against knocks at known times.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/sound_onsets.h"
#include "media/clip_reader.h"
#include "media/sound_track.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <cmath>

using namespace riflesso;

namespace {

bool ffmpeg(const QStringList& arguments) {
    QProcess process;
    process.start(QStringLiteral("ffmpeg"),
                  QStringList{QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-y")} + arguments);
    const bool done = process.waitForFinished(120000) && process.exitCode() == 0;
    if (!done)
        qWarning("%s", process.readAllStandardError().constData());
    return done;
}

/// Clicks of 1 ms at 1.2, 2.05 and 3.4 s over a quiet hum.
const char* const kKnocks =
    "aevalsrc='0.01*sin(2*PI*100*t)+0.6*(between(t,1.2,1.201)+between(t,2.05,2.051)+between(t,3.4,"
    "3.401))*cos(2*PI*1500*t)':s=48000:d=5";

} // namespace

class TestSoundTrack : public QObject {
    Q_OBJECT
private slots:
    void initTestCase() { QVERIFY(folder_.isValid()); }
    void asTheFfmpegProgramDecodesIt_data() {
        QTest::addColumn<QStringList>("how");
        QTest::addColumn<QString>("file");
        QTest::newRow("wav in mkv") << QStringList{QStringLiteral("-c:a"), QStringLiteral("pcm_s16le")}
                                    << QStringLiteral("pcm.mkv");
        QTest::newRow("flac, stereo") << QStringList{QStringLiteral("-ac"), QStringLiteral("2"), QStringLiteral("-c:a"),
                                                     QStringLiteral("flac")}
                                      << QStringLiteral("flac.mkv");
        QTest::newRow("aac") << QStringList{QStringLiteral("-c:a"), QStringLiteral("aac")} << QStringLiteral("aac.mp4");
    }
    void asTheFfmpegProgramDecodesIt() {
        QFETCH(QStringList, how);
        QFETCH(QString, file);
        const QString clip = folder_.filePath(file), raw = folder_.filePath(QStringLiteral("raw"));
        QVERIFY(ffmpeg(QStringList{QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
                                   QStringLiteral("testsrc=s=160x120:r=30:d=5"), QStringLiteral("-f"),
                                   QStringLiteral("lavfi"), QStringLiteral("-i"), QString::fromLatin1(kKnocks)} +
                       how + QStringList{clip}));
        QVERIFY(
            ffmpeg({QStringLiteral("-i"), clip, QStringLiteral("-map"), QStringLiteral("0:a"), QStringLiteral("-ac"),
                    QStringLiteral("1"), QStringLiteral("-f"), QStringLiteral("f32le"), raw}));
        QFile bytes(raw);
        QVERIFY(bytes.open(QIODevice::ReadOnly));
        const QByteArray all = bytes.readAll();
        const auto* expected = reinterpret_cast<const float*>(all.constData());
        const auto count = static_cast<std::size_t>(all.size()) / sizeof(float);
        auto sound = SoundTrack::open(clip.toStdString());
        QVERIFY2(sound.ok(), sound.ok() ? "" : sound.error().sentence().c_str());
        QCOMPARE((*sound)->rateHz(), 48000);
        const std::vector<float> got = (*sound)->read(count + 48000);
        QVERIFY2(std::abs(static_cast<double>(got.size()) - static_cast<double>(count)) < 2100,
                 qPrintable(QStringLiteral("%1 of %2").arg(got.size()).arg(count)));
        double worst = 0;
        for (std::size_t i = 0; i < std::min(got.size(), count); ++i)
            worst = std::max(worst, std::abs(static_cast<double>(got[i] - expected[i])));
        QVERIFY2(worst < 1e-4, qPrintable(QString::number(worst)));
        // From anywhere the same samples.
        for (const double at : {3.1, 0.4, 2.0}) {
            QVERIFY((*sound)->seek(at).ok());
            QVERIFY2(std::abs((*sound)->timeS() - at) < 1e-4, qPrintable(QString::number((*sound)->timeS())));
            const auto first = static_cast<std::size_t>(std::lround((*sound)->timeS() * 48000));
            const std::vector<float> piece = (*sound)->read(2000);
            QCOMPARE(piece.size(), std::size_t(2000));
            // Matroska notes times in whole milliseconds: half of one is 24 samples.
            double least = 1;
            for (std::ptrdiff_t shift = -25; shift <= 25; ++shift) {
                double off = 0;
                for (std::size_t i = 0; i < piece.size(); ++i)
                    off = std::max(
                        off,
                        std::abs(static_cast<double>(
                            piece[i] - got[static_cast<std::size_t>(static_cast<std::ptrdiff_t>(first + i) + shift)])));
                least = std::min(least, off);
            }
            QVERIFY2(least < 1e-3, qPrintable(QStringLiteral("%1 at %2").arg(least).arg(at)));
        }
    }
    void knocksOnTheClockOfTheFrames() {
        // The sound begins 0.4 s after the picture in one file, the picture starts late in the container in another.
        const QString late = folder_.filePath(QStringLiteral("late.mkv")),
                      shifted = folder_.filePath(QStringLiteral("shifted.mp4"));
        QVERIFY(ffmpeg({QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
                        QStringLiteral("testsrc=s=160x120:r=30:d=5"), QStringLiteral("-itsoffset"),
                        QStringLiteral("0.4"), QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
                        QString::fromLatin1(kKnocks), QStringLiteral("-c:a"), QStringLiteral("pcm_s16le"), late}));
        QVERIFY(
            ffmpeg({QStringLiteral("-itsoffset"), QStringLiteral("0.3"), QStringLiteral("-f"), QStringLiteral("lavfi"),
                    QStringLiteral("-i"), QStringLiteral("testsrc=s=160x120:r=30:d=5"), QStringLiteral("-f"),
                    QStringLiteral("lavfi"), QStringLiteral("-i"), QString::fromLatin1(kKnocks), QStringLiteral("-c:a"),
                    QStringLiteral("aac"), QStringLiteral("-b:a"), QStringLiteral("192k"), QStringLiteral("-fps_mode"),
                    QStringLiteral("passthrough"), shifted}));
        for (const auto& [file, shift, tolerance] : {std::tuple{late, 0.4, 0.0015}, {shifted, -0.3, 0.003}}) {
            const auto piece = readSound(file.toStdString(), 0, 5);
            QVERIFY(piece.ok());
            const auto onsets = soundOnsets(piece->samples, piece->rateHz);
            QCOMPARE(onsets.size(), std::size_t(3));
            const double at[] = {1.2, 2.05, 3.4};
            for (std::size_t i = 0; i < 3; ++i) {
                const double off = piece->fromS + onsets[i].timeS - (at[i] + shift);
                QVERIFY2(std::abs(off) < tolerance, qPrintable(QStringLiteral("%1: %2 s").arg(file).arg(off)));
            }
        }
    }
    void withoutSound() {
        const auto none = SoundTrack::open(DEMO_CLIPS "/ilka_baseline.mp4");
        QVERIFY(!none.ok());
        QVERIFY(none.error().expected.find("sound") != std::string::npos);
        QVERIFY(!SoundTrack::open("/nowhere.mp4").ok());
    }
    void canBeStopped() {
        const QString clip = folder_.filePath(QStringLiteral("pcm.mkv"));
        const auto stopped = readSound(clip.toStdString(), 0, 5, [](double share) { return share < 0.3; });
        QVERIFY(!stopped.ok() && stopped.error().kind == Error::Kind::Cancelled);
    }

private:
    QTemporaryDir folder_;
};

QTEST_GUILESS_MAIN(TestSoundTrack)
#include "tst_sound_track.moc"
