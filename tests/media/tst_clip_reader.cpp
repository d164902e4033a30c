// Clips against the ffmpeg program: an independent reader of every frame.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/clip_checks.h"
#include "media/clip_reader.h"
#include "media/clip_writer.h"
#include "media/picture_maker.h"
#include "support/files.h"

#include <QCryptographicHash>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <random>

using namespace riflesso;

namespace {

/// Runs a program; its standard output.
QByteArray output(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    if (!process.waitForFinished(120000) || process.exitCode() != 0)
        qWarning("%s: %s", qPrintable(program), process.readAllStandardError().constData());
    return process.readAllStandardOutput();
}

/// MD5 of every frame as ffmpeg decodes it, upright, in RGB.
QStringList framesOf(const QString& clip, const QStringList& before = {}) {
    const QByteArray text =
        output(QStringLiteral("ffmpeg"),
               QStringList{QStringLiteral("-v"), QStringLiteral("error")} + before +
                   QStringList{QStringLiteral("-i"), clip, QStringLiteral("-map"), QStringLiteral("0:v:0"),
                               QStringLiteral("-fps_mode"), QStringLiteral("passthrough"), QStringLiteral("-sws_flags"),
                               QStringLiteral("bicubic"), QStringLiteral("-pix_fmt"), QStringLiteral("rgb24"),
                               QStringLiteral("-f"), QStringLiteral("framemd5"), QStringLiteral("-")});
    QStringList out;
    for (const QByteArray& line : text.split('\n'))
        if (!line.startsWith('#') && !line.trimmed().isEmpty())
            out << QString::fromLatin1(line.split(',').last().trimmed());
    return out;
}

QString md5(const Picture& picture) {
    const QByteArray bytes = QByteArray::fromRawData(reinterpret_cast<const char*>(picture.rgb->data()),
                                                     static_cast<qsizetype>(picture.rgb->size()));
    return QString::fromLatin1(QCryptographicHash::hash(bytes, QCryptographicHash::Md5).toHex());
}

} // namespace

class TestClipReader : public QObject {
    Q_OBJECT

    QTemporaryDir dir_;

    QString made(const QString& name, const QStringList& arguments) {
        const QString path = dir_.filePath(name);
        if (!QFile::exists(path))
            output(QStringLiteral("ffmpeg"),
                   QStringList{QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-y")} + arguments +
                       QStringList{path});
        return path;
    }
    /// A long group with B-frames: one key frame in 180 frames.
    QString longGroup() {
        return made(QStringLiteral("long.mp4"),
                    {QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
                     QStringLiteral("testsrc2=size=192x108:rate=60:duration=3"), QStringLiteral("-c:v"),
                     QStringLiteral("libx264"), QStringLiteral("-g"), QStringLiteral("250"), QStringLiteral("-bf"),
                     QStringLiteral("3"), QStringLiteral("-pix_fmt"), QStringLiteral("yuv420p")});
    }

private slots:
    void everyFrameOfALongGroupWithBFrames() {
        const QString clip = longGroup();
        const QStringList expected = framesOf(clip);
        QCOMPARE(expected.size(), 180);
        const auto reader = ClipReader::open(clip.toStdString(), 3 << 20); // a cache far smaller than the clip
        QVERIFY2(reader, reader ? "" : reader.error().sentence().c_str());
        QCOMPARE((*reader)->info().frames(), 180);
        const auto same = [&](int i) {
            const auto picture = (*reader)->frame(i);
            return picture && picture->index == i && md5(*picture) == expected[i];
        };
        for (int i = 0; i < 180; ++i)
            QVERIFY2(same(i), qPrintable(QStringLiteral("forward, frame %1").arg(i)));
        for (int i = 179; i >= 0; --i)
            QVERIFY2(same(i), qPrintable(QStringLiteral("backward, frame %1").arg(i)));
        std::mt19937 random(4);
        for (int k = 0; k < 200; ++k) {
            const int i = static_cast<int>(random() % 180);
            QVERIFY2(same(i), qPrintable(QStringLiteral("jump %1, frame %2").arg(k).arg(i)));
        }
        QVERIFY((*reader)->cachedBytes() <= (3 << 20));
        // Another bound takes hold at once, and the pictures stay the same.
        QVERIFY((*reader)->cachedBytes() > (1 << 20));
        (*reader)->keepWithin(1 << 20);
        QVERIFY((*reader)->cachedBytes() <= (1 << 20));
        for (int i : {100, 99, 98, 5, 179})
            QVERIFY2(same(i), qPrintable(QStringLiteral("after another bound, frame %1").arg(i)));
        QVERIFY((*reader)->cachedBytes() <= (1 << 20));
    }
    /// Who goes back through a long group finds the frames before ready, though a third of the group has no room.
    void goingBackIsPrepared() {
        const QStringList expected = framesOf(longGroup());
        const QString clip = dir_.filePath(QStringLiteral("back.mp4"));
        QVERIFY(QFile::copy(longGroup(), clip));
        const auto reader = ClipReader::open(clip.toStdString(), 3 << 20); // about a hundred frames
        QVERIFY(reader);
        int decoded = 0;
        for (int i = 150; i >= 60; --i) {
            QCOMPARE(md5(*(*reader)->frame(i)), expected[i]);
            while ((*reader)->prepareBefore(i))
                ++decoded;
        }
        QVERIFY((*reader)->cachedBytes() <= (3 << 20));
        QVERIFY(decoded > 20);
        QVERIFY2(decoded < 500, qPrintable(QString::number(decoded))); // not the whole group for each step
        // What is not in memory cannot be had any more.
        QVERIFY(QFile::resize(clip, 0));
        for (int i = 59; i >= 41; --i)
            QCOMPARE(md5(*(*reader)->frame(i)), expected[i]);
    }
    void clipsOfAllSorts_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QStringList>("arguments");
        const auto row = [](const char* name, const QString& file, const QString& arguments) {
            QTest::newRow(name) << file << arguments.split(u' ');
        };
        row("many key frames", "keys.mp4",
            "-f lavfi -i testsrc2=size=128x96:rate=30:duration=2 -c:v libx264 -g 7 -pix_fmt yuv420p");
        row("motion JPEG", "jpeg.avi",
            "-f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -c:v mjpeg -pix_fmt yuvj420p");
        row("VP9", "vp9.webm", "-f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -c:v libvpx-vp9 -pix_fmt yuv420p");
        row("uneven times", "uneven.mkv",
            "-f lavfi -i testsrc2=size=128x96:rate=30:duration=2 -vf select='not(eq(mod(n\\,7)\\,3))' -fps_mode vfr "
            "-c:v libx264 -pix_fmt yuv420p");
        row("B-frames without times", "packed.avi",
            "-f lavfi -i testsrc2=size=128x96:rate=25:duration=2 -c:v mpeg4 -bf 2");
        row("HEVC", "hevc.mp4",
            "-f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -c:v libx265 -x265-params log-level=none -pix_fmt "
            "yuv420p");
        row("HEVC, 10 bit", "hevc10.mkv",
            "-f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -c:v libx265 -x265-params log-level=none -pix_fmt "
            "yuv420p10le");
        row("AV1", "av1.mkv",
            "-f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -c:v libaom-av1 -cpu-used 8 -pix_fmt yuv420p");
        row("interlaced", "interlaced.ts",
            "-f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -c:v mpeg2video -flags +ilme+ildct -top 1 -pix_fmt "
            "yuv420p");
        row("240 a second", "quick.mp4",
            "-f lavfi -i testsrc2=size=128x96:rate=240:duration=1 -c:v libx264 -pix_fmt yuv420p");
        row("one a second", "slow.mp4",
            "-f lavfi -i testsrc2=size=128x96:rate=1:duration=12 -c:v libx264 -pix_fmt yuv420p");
        row("4K", "large.mp4",
            "-f lavfi -i testsrc2=size=3840x2160:rate=30 -frames:v 6 -c:v libx264 -preset ultrafast -pix_fmt yuv420p");
        row("sound longer than picture", "sound.mp4",
            "-f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -f lavfi -i sine=500:duration=3 -c:v libx264 -c:a aac "
            "-pix_fmt "
            "yuv420p");
        row("times that begin late", "late.mkv",
            "-itsoffset 3.7 -f lavfi -i testsrc2=size=128x96:rate=25:duration=1 -c:v libx264 -fps_mode passthrough "
            "-pix_fmt yuv420p");
        row("one frame", "one.mp4",
            "-f lavfi -i testsrc2=size=128x96:rate=25 -frames:v 1 -c:v libx264 -pix_fmt yuv420p");
    }
    void clipsOfAllSorts() {
        QFETCH(QString, name);
        QFETCH(QStringList, arguments);
        const QString clip = made(name, arguments);
        const QStringList expected = framesOf(clip);
        QVERIFY(!expected.isEmpty());
        const auto reader = ClipReader::open(clip.toStdString());
        QVERIFY2(reader, reader ? "" : reader.error().sentence().c_str());
        const auto first = ClipReader::firstPicture(clip.toStdString());
        QVERIFY(first);
        QCOMPARE(md5(*first), expected.front());
        QCOMPARE((*reader)->info().frames(), expected.size());
        for (int step : {1, -1})
            for (int k = 0; k < expected.size(); ++k) {
                const int i = step > 0 ? k : static_cast<int>(expected.size()) - 1 - k;
                const auto picture = (*reader)->frame(i);
                QVERIFY2(picture, picture ? "" : picture.error().sentence().c_str());
                QCOMPARE(md5(*picture), expected[i]);
            }
    }
    void timesAreTheFilesOwn() {
        const QString clip =
            made(QStringLiteral("uneven.mkv"),
                 QStringLiteral("-f lavfi -i testsrc2=size=128x96:rate=30:duration=2 -vf "
                                "select='not(eq(mod(n\\,7)\\,3))' -fps_mode vfr -c:v libx264 -pix_fmt yuv420p")
                     .split(u' '));
        const QByteArray text =
            output(QStringLiteral("ffprobe"),
                   {QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-select_streams"),
                    QStringLiteral("v"), QStringLiteral("-show_entries"), QStringLiteral("frame=pts_time"),
                    QStringLiteral("-of"), QStringLiteral("csv=p=0"), clip});
        QList<double> expected;
        for (const QByteArray& line : text.split('\n'))
            if (!line.trimmed().isEmpty())
                expected << line.trimmed().replace(",", "").toDouble();
        const auto reader = ClipReader::open(clip.toStdString());
        QVERIFY(reader);
        const ClipInfo& info = (*reader)->info();
        QCOMPARE(info.frames(), expected.size());
        for (int i = 0; i < info.frames(); ++i)
            QVERIFY(std::abs(info.timesS[static_cast<std::size_t>(i)] - (expected[i] - expected[0])) < 1e-6);
        QVERIFY(info.gaps.size() >= 7); // a hole after every third frame of seven
        QCOMPARE(info.gaps[0].frame, 3);
        QVERIFY(std::abs(info.gaps[0].intervalS - 2.0 / 30) < 2e-3);
    }
    void uprightWhateverTheFlag_data() {
        QTest::addColumn<int>("rotation");
        for (int rotation : {90, 180, 270})
            QTest::addRow("%d", rotation) << rotation;
    }
    void uprightWhateverTheFlag() {
        QFETCH(int, rotation);
        const QString flat =
            made(QStringLiteral("flat.mp4"),
                 QStringLiteral("-f lavfi -i testsrc2=size=128x96:rate=25:duration=0.4 -c:v libx264 -pix_fmt yuv420p")
                     .split(u' '));
        // Newer ffmpeg programs set the flag by a switch, that of Debian 12 by metadata.
        const QString byFlag = made(QStringLiteral("turned%1.mp4").arg(rotation),
                                    {QStringLiteral("-display_rotation"), QString::number(-rotation),
                                     QStringLiteral("-i"), flat, QStringLiteral("-c"), QStringLiteral("copy")});
        QString clip = byFlag;
        auto reader = ClipReader::open(clip.toStdString());
        if (!reader || (*reader)->info().rotation == 0) {
            clip = made(QStringLiteral("meta%1.mp4").arg(rotation),
                        {QStringLiteral("-i"), flat, QStringLiteral("-c"), QStringLiteral("copy"),
                         QStringLiteral("-metadata:s:v:0"), QStringLiteral("rotate=%1").arg(rotation)});
            reader = ClipReader::open(clip.toStdString());
        }
        QVERIFY(reader);
        const ClipInfo& info = (*reader)->info();
        QVERIFY(info.rotation != 0);
        QCOMPARE(info.displayWidth, info.rotation % 180 ? 96 : 128);
        // Turned back, every frame is the stored one to the bit (ffmpeg turns before it converts colours, we after).
        const QStringList expected = framesOf(clip, {QStringLiteral("-noautorotate")});
        for (int i = 0; i < info.frames(); ++i) {
            Picture picture = *(*reader)->frame(i);
            picture.rgb = std::make_shared<const std::vector<std::uint8_t>>(
                turned(*picture.rgb, picture.width, picture.height, 360 - info.rotation));
            QCOMPARE(md5(picture), expected[i]);
        }
        // And upright it is the picture that ffmpeg shows, but for the rounding of colours.
        const QByteArray upright =
            output(QStringLiteral("ffmpeg"),
                   {QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-i"), clip,
                    QStringLiteral("-frames:v"), QStringLiteral("1"), QStringLiteral("-pix_fmt"),
                    QStringLiteral("rgb24"), QStringLiteral("-f"), QStringLiteral("rawvideo"), QStringLiteral("-")});
        const Picture first = *(*reader)->frame(0);
        QCOMPARE(static_cast<std::size_t>(upright.size()), first.rgb->size());
        const std::vector<std::uint8_t> overhead = turned(*first.rgb, first.width, first.height, 180);
        double difference = 0, otherWayUp = 0;
        for (std::size_t i = 0; i < first.rgb->size(); ++i) {
            const int theirs = static_cast<unsigned char>(upright[static_cast<qsizetype>(i)]);
            difference += std::abs(theirs - (*first.rgb)[i]);
            otherWayUp += std::abs(theirs - overhead[i]);
        }
        QVERIFY2(difference < 0.25 * otherWayUp, qPrintable(QStringLiteral("%1 %2").arg(difference).arg(otherWayUp)));
    }
    void aPartInSmall_data() {
        QTest::addColumn<QStringList>("how");
        QTest::newRow("as stored") << QStringList();
        QTest::newRow("turned") << QStringList{QStringLiteral("-metadata:s:v:0"), QStringLiteral("rotate=90")};
        QTest::newRow("pixels not square") << QStringList{QStringLiteral("-vf"), QStringLiteral("setsar=2/1")};
    }
    /// As the whole picture averaged: a quarter of its size, from the right place.
    void aPartInSmall() {
        QFETCH(QStringList, how);
        const QString clip =
            made(QStringLiteral("small%1.mp4").arg(how.join(QString()).size()),
                 QStringLiteral("-f lavfi -i testsrc2=size=192x144:rate=25:duration=0.4 -c:v libx264 -pix_fmt yuv420p")
                         .split(u' ') +
                     how);
        const auto reader = ClipReader::open(clip.toStdString());
        QVERIFY(reader);
        constexpr int kBy = 4;
        const SmallPart part{32, 16, 96, 64, 96 / kBy, 64 / kBy};
        for (const int index : {0, 5}) {
            const Picture whole = *(*reader)->frame(index), small = *(*reader)->small(index, part);
            QCOMPARE(std::pair(small.width, small.height), std::pair(part.outWidth, part.outHeight));
            QCOMPARE(small.timeS, whole.timeS);
            /// Mean difference to a block of the whole picture so far away.
            const auto away = [&](int shift) {
                double sum = 0;
                for (int y = 0; y < small.height; ++y)
                    for (int x = 0; x < small.width; ++x)
                        for (int c = 0; c < 3; ++c) {
                            double mean = 0;
                            for (int dy = 0; dy < kBy; ++dy)
                                for (int dx = 0; dx < kBy; ++dx)
                                    mean += (*whole.rgb)[static_cast<std::size_t>(
                                        3 * ((part.y + kBy * y + dy + shift) * whole.width + part.x + kBy * x + dx) +
                                        c)];
                            sum += std::abs(mean / (kBy * kBy) -
                                            (*small.rgb)[static_cast<std::size_t>(3 * (y * small.width + x) + c)]);
                        }
                return sum / static_cast<double>(small.rgb->size());
            };
            // Of 255; edges of the test picture blur over half a small pixel.
            QVERIFY2(away(0) < 6, qPrintable(QString::number(away(0))));
            QVERIFY2(away(0) < away(kBy) && away(0) < away(-kBy), "lies elsewhere");
        }
        QVERIFY(!(*reader)->small(999, part));
    }
    void turningRows() {
        const std::vector<std::uint8_t> rgb = {1, 1, 1, 2, 2, 2, 3, 3, 3, 4, 4, 4, 5, 5, 5, 6, 6, 6}; // 3 x 2
        const auto reds = [](const std::vector<std::uint8_t>& v) {
            QList<int> out;
            for (std::size_t i = 0; i < v.size(); i += 3)
                out << v[i];
            return out;
        };
        QCOMPARE(reds(turned(rgb, 3, 2, 90)), (QList<int>{4, 1, 5, 2, 6, 3}));
        QCOMPARE(reds(turned(rgb, 3, 2, 180)), (QList<int>{6, 5, 4, 3, 2, 1}));
        QCOMPARE(reds(turned(rgb, 3, 2, 270)), (QList<int>{3, 6, 2, 5, 1, 4}));
    }
    void pixelsThatAreNotSquare() {
        const QString clip = made(
            QStringLiteral("wide.mp4"),
            QStringLiteral(
                "-f lavfi -i testsrc2=size=128x96:rate=25:duration=0.4 -vf setsar=2/1 -c:v libx264 -pix_fmt yuv420p")
                .split(u' '));
        const auto reader = ClipReader::open(clip.toStdString());
        QVERIFY(reader);
        QCOMPARE((*reader)->info().storedWidth, 128);
        QCOMPARE((*reader)->info().displayWidth, 256);
        QCOMPARE((*(*reader)->frame(3)).width, 256);
    }
    void realClipsOfDebian_data() {
        QTest::addColumn<QString>("file");
        QTest::addColumn<int>("frames");
        QTest::newRow("vtest.avi") << QStringLiteral("vtest.avi") << 795;
        QTest::newRow("tree.avi: 444 declared, 68 real") << QStringLiteral("tree.avi") << 68;
        QTest::newRow("Megamind.avi: packets without times") << QStringLiteral("Megamind.avi") << -1;
    }
    void realClipsOfDebian() {
        QFETCH(QString, file);
        QFETCH(int, frames);
        QString clip = QStringLiteral("/usr/share/doc/opencv-doc/examples/data/") + file;
        if (!QFile::exists(clip)) {
            const QByteArray list =
                output(QStringLiteral("dpkg"), {QStringLiteral("-L"), QStringLiteral("opencv-doc")});
            for (const QByteArray& line : list.split('\n'))
                if (line.endsWith('/' + file.toLatin1()))
                    clip = QString::fromLatin1(line);
        }
        QVERIFY2(QFile::exists(clip), "install opencv-doc");
        const QStringList expected = framesOf(clip);
        if (frames > 0)
            QCOMPARE(expected.size(), frames);
        const auto reader = ClipReader::open(clip.toStdString());
        QVERIFY2(reader, reader ? "" : reader.error().sentence().c_str());
        QCOMPARE((*reader)->info().frames(), expected.size());
        std::mt19937 random(8);
        for (int k = 0; k < 40; ++k) {
            const int i = k == 0 ? static_cast<int>(expected.size()) - 1
                                 : static_cast<int>(random() % static_cast<unsigned>(expected.size()));
            const auto picture = (*reader)->frame(i);
            QVERIFY2(picture, picture ? "" : picture.error().sentence().c_str());
            QCOMPARE(md5(*picture), expected[i]);
        }
    }
    void badInput_data() {
        QTest::addColumn<QByteArray>("content");
        QTest::newRow("empty") << QByteArray();
        QTest::newRow("text") << QByteArray("this is no clip\n").repeated(50);
        QFile whole(longGroup());
        QVERIFY(whole.open(QIODevice::ReadOnly));
        QTest::newRow("cut off before its index") << whole.read(2000);
        QTest::newRow("noise") << QByteArray(5000, '\x5a');
    }
    void badInput() {
        QFETCH(QByteArray, content);
        const QString path = dir_.filePath(QStringLiteral("bad.mp4"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(content);
        file.close();
        const auto reader = ClipReader::open(path.toStdString());
        QVERIFY(!reader);
        QCOMPARE(reader.error().where, path.toStdString());
        QVERIFY(reader.error().kind == Error::Kind::BadInput);
        QVERIFY(!reader.error().got.empty());
    }
    void aSpoiledAv1ClipIsAnsweredAtOnce() {
        // Over this one, decoding in several threads waited for ever (it hangs here until the test's time is over).
        const auto reader = ClipReader::open(CLIPS "/spoiled_av1.mkv");
        if (!reader)
            return; // refused with a reason is an answer too
        for (int frame = 0; frame < (*reader)->info().frames(); ++frame)
            if (const auto picture = (*reader)->frame(frame); !picture)
                QVERIFY(!picture.error().expected.empty());
    }
    void missingFilesAndFramesOutside() {
        QVERIFY(!ClipReader::open(dir_.filePath(QStringLiteral("none.mp4")).toStdString()));
        QVERIFY(!ClipReader::open(dir_.path().toStdString()));
        const auto reader = ClipReader::open(longGroup().toStdString());
        QVERIFY(!(*reader)->frame(-1));
        QVERIFY(!(*reader)->frame(180));
        QVERIFY((*reader)->frame(179)); // still works afterwards
    }
    void repeatedFramesAreFoundAndTheSearchStops() {
        const QString clip = made(
            QStringLiteral("frozen.mp4"),
            QStringLiteral("-f lavfi -i color=red:size=64x64:rate=25:duration=0.4 -c:v libx264 -qp 0 -pix_fmt yuv420p")
                .split(u' '));
        const auto reader = ClipReader::open(clip.toStdString());
        const auto checks = checkClip(**reader);
        QVERIFY(checks);
        QCOMPARE(checks->repeated.size(), static_cast<std::size_t>((*reader)->info().frames() - 1));
        QVERIFY(checks->cuts.empty());
        const auto stopped = checkClip(**reader, [](double) { return false; });
        QVERIFY(!stopped);
        QVERIFY(stopped.error().kind == Error::Kind::Cancelled);
        const auto moving = ClipReader::open(longGroup().toStdString());
        const auto none = checkClip(**moving);
        QVERIFY(none->repeated.empty() && none->cuts.empty() && !none->lit);
    }
    void cutsAndBlackBarsAreSeen() {
        // Three takes joined: two moving pictures and a fractal, with bars above and below.
        const QString clip = made(
            QStringLiteral("joined.mp4"),
            {QStringLiteral("-f"), QStringLiteral("lavfi"), QStringLiteral("-i"),
             QStringLiteral("testsrc=size=320x180:rate=30:duration=1"), QStringLiteral("-f"), QStringLiteral("lavfi"),
             QStringLiteral("-i"), QStringLiteral("mandelbrot=size=320x180:rate=30"), QStringLiteral("-f"),
             QStringLiteral("lavfi"), QStringLiteral("-i"),
             QStringLiteral("smptehdbars=size=320x180:rate=30:duration=0.5"), QStringLiteral("-filter_complex"),
             QStringLiteral("[1]trim=duration=1.5[m];[0][m][2]concat=n=3,pad=320:240:0:30:black"),
             QStringLiteral("-c:v"), QStringLiteral("libx264"), QStringLiteral("-pix_fmt"), QStringLiteral("yuv420p")});
        const auto reader = ClipReader::open(clip.toStdString());
        QVERIFY(reader);
        QCOMPARE((*reader)->info().frames(), 90);
        const auto checks = checkClip(**reader);
        QVERIFY(checks);
        QCOMPARE(checks->cuts, (std::vector<int>{30, 75}));
        QVERIFY(checks->lit);
        QVERIFY2(std::abs(checks->lit->top - 30) <= 2 && std::abs(checks->lit->height - 180) <= 4,
                 qPrintable(QStringLiteral("%1 + %2").arg(checks->lit->top).arg(checks->lit->height)));
        QVERIFY(checks->lit->left <= 2 && checks->lit->width >= 316);
    }
    void writtenClipsReadBack() {
        const std::string path = dir_.filePath(QStringLiteral("written.mp4")).toStdString();
        auto writer = ClipWriter::create(path, {64, 48, 50, 12, 20});
        QVERIFY(writer);
        for (int i = 0; i < 30; ++i) {
            std::vector<std::uint8_t> rgb(64 * 48 * 3, static_cast<std::uint8_t>(40 + 6 * i));
            QVERIFY((*writer)->write(rgb).ok());
        }
        QVERIFY((*writer)->finish().ok());
        const auto reader = ClipReader::open(path);
        QVERIFY(reader);
        QCOMPARE((*reader)->info().frames(), 30);
        QVERIFY(std::abs((*reader)->info().medianIntervalS - 0.02) < 1e-6);
        for (int i : {29, 0, 17}) {
            const Picture picture = *(*reader)->frame(i);
            QVERIFY(std::abs((*picture.rgb)[3000] - (40 + 6 * i)) <= 4); // lossy
        }
        QVERIFY(!ClipWriter::create(path, {63, 48, 50, 12, 20})); // odd sizes cannot be written
        QVERIFY(!ClipWriter::create("/no/such/folder/x.mp4", {64, 48, 50, 12, 20}));
    }
    void picturesArePackedAsPng() {
        const auto reader = ClipReader::open(longGroup().toStdString());
        const Picture picture = *(*reader)->frame(77);
        const QString path = dir_.filePath(QStringLiteral("frame.png"));
        QVERIFY(writePng(picture, path.toStdString()).ok());
        const QByteArray text =
            output(QStringLiteral("ffmpeg"), {QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-i"), path,
                                              QStringLiteral("-pix_fmt"), QStringLiteral("rgb24"), QStringLiteral("-f"),
                                              QStringLiteral("md5"), QStringLiteral("-")});
        QCOMPARE(QString::fromLatin1(text.trimmed()).section(u'=', 1), md5(picture));
        QVERIFY(!writePng(picture, "/no/such/folder/f.png"));
    }
};

QTEST_GUILESS_MAIN(TestClipReader)
#include "tst_clip_reader.moc"
