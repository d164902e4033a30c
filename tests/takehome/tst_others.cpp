// Somebody else in a picture, hidden by a box that is drawn once and followed: on made clips whose truth is known.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/clip_writer.h"
#include "takehome/clip_pictures.h"
#include "takehome/film_painter.h"
#include "takehome/others_covered.h"

#include <QGuiApplication>
#include <QTemporaryDir>
#include <QtTest>

#include <cmath>
#include <random>

using namespace riflesso;

namespace {

constexpr int kWide = 480, kHigh = 270, kFrames = 60, kHead = 44;
using Rgb = std::array<std::uint8_t, 3>;

/// A wall of grey spots, the same in every frame.
std::uint8_t wallAt(int x, int y) {
    const unsigned cell = static_cast<unsigned>(x / 6) * 7919U + static_cast<unsigned>(y / 6) * 104729U;
    return static_cast<std::uint8_t>(60 + (cell * 2654435761U >> 26));
}
std::vector<std::uint8_t> wall() {
    static const std::vector<std::uint8_t> kWall = [] {
        std::vector<std::uint8_t> out;
        for (int y = 0; y < kHigh; ++y)
            for (int x = 0; x < kWide; ++x)
                out.insert(out.end(), 3, wallAt(x, y));
        return out;
    }();
    return kWall;
}
/// A spotted red head.
Rgb headAt(int x, int y) {
    const unsigned cell = static_cast<unsigned>(x / 5) * 31U + static_cast<unsigned>(y / 5) * 17U;
    const auto light = static_cast<std::uint8_t>((cell * 2654435761U >> 28) * 5);
    return {static_cast<std::uint8_t>(170 + light), static_cast<std::uint8_t>(light / 2), 20};
}

/// Where the head's left top corner is in a frame; none: nobody is there.
using Way = std::function<std::optional<QPoint>(int frame)>;

} // namespace

class TestOthers : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    Clip made(const char* name, const Way& way) {
        Clip out;
        out.path = dir_.filePath(QLatin1String(name));
        out.width = kWide;
        out.height = kHigh;
        std::vector<double> times;
        auto writer = ClipWriter::create(out.path.toStdString(), {kWide, kHigh, 30, 14, 30});
        for (int f = 0; writer && f < kFrames; ++f) {
            std::vector<std::uint8_t> rgb = wall();
            if (const auto head = way(f))
                for (int y = std::max(0, head->y()); y < std::min(kHigh, head->y() + kHead); ++y)
                    for (int x = std::max(0, head->x()); x < std::min(kWide, head->x() + kHead); ++x) {
                        const Rgb pixel = headAt(x - head->x(), y - head->y());
                        std::copy(pixel.begin(), pixel.end(),
                                  rgb.begin() + 3 * (static_cast<std::ptrdiff_t>(y) * kWide + x));
                    }
            (void)(*writer)->write(rgb);
            times.push_back(f / 30.0);
        }
        if (!writer || !(*writer)->finish())
            qFatal("the clip could not be made");
        out.timesS = std::make_shared<const std::vector<double>>(times);
        return out;
    }
    static DrawnNote cover(int frame, const QRectF& box) {
        return {frame, DrawnNote::Kind::Cover, {{box.left(), box.top()}, {box.right(), box.bottom()}}};
    }
    static DrawnNote gone(int frame) { return {frame, DrawnNote::Kind::Cover, {{1, 1}, {1, 1}}}; }
    static QRectF headBox(const QPoint& at) { return {QPointF(at) - QPointF(1, 1), QSizeF(kHead + 1, kHead + 1)}; }
    /// Whether one of the boxes of a frame holds the whole head.
    static bool hidden(const CoveredOthers& seen, int frame, const QPoint& at) {
        const auto boxes = seen.boxes.find(frame);
        return boxes != seen.boxes.end() &&
               std::any_of(boxes->second.begin(), boxes->second.end(), [&](const QRectF& box) {
                   return box.contains(QRectF(QPointF(at), QSizeF(kHead - 1, kHead - 1)));
               });
    }

private slots:
    void aBoxIsFollowedThroughEveryFrame() {
        const Way way = [](int f) {
            return QPoint(60 + 4 * f, 100 + static_cast<int>(std::lround(30 * std::sin(f * .12))));
        };
        Clip clip = made("walks.mp4", way);
        clip.drawn = {cover(20, headBox(*way(20)))};
        const auto seen = followCovers(clip, 0, kFrames - 1, {});
        QVERIFY2(seen.ok(), seen ? "" : seen.error().sentence().c_str());
        QVERIFY(seen->unsure.empty());
        double largest = 0;
        for (int f = 0; f < kFrames; ++f) {
            QVERIFY2(hidden(*seen, f, *way(f)), qPrintable(QStringLiteral("frame %1").arg(f)));
            const QRectF box = seen->boxes.at(f).front();
            largest = std::max(largest, box.width() * box.height() / kHead / kHead);
        }
        QVERIFY2(largest < 2, qPrintable(QString::number(largest)));
        // As it is painted in a film, turned over and mirrored too: nothing red is seen.
        for (const bool turned : {false, true})
            for (const bool mirrored : {false, true}) {
                FilmStage stage;
                stage.clipPath = clip.path;
                stage.part = QRectF(0, 0, kWide, kHigh);
                stage.turnedOver = turned;
                stage.mirrored = mirrored;
                for (int f = 0; f < kFrames; ++f)
                    stage.frames.push_back(f);
                FilmScene scene;
                scene.pictures = scene.heldFrom = kFrames;
                scene.stages = {stage};
                Film film;
                film.parts = {{QStringLiteral("p"), true, {scene}, -1}};
                const PictureSource source = clipPictures();
                const auto red = [&](int picture) {
                    QImage image(640, 360, QImage::Format_RGB32);
                    paintFilm(image, film, picture, source);
                    int count = 0;
                    for (int y = 0; y < image.height(); ++y) {
                        const auto* row = reinterpret_cast<const QRgb*>(image.constScanLine(y));
                        for (int x = 0; x < image.width(); ++x)
                            count += qRed(row[x]) > qGreen(row[x]) + 60 && qRed(row[x]) > qBlue(row[x]) + 60;
                    }
                    return count;
                };
                QVERIFY(red(30) > 500); // as it is without covers
                useOthers(film, {{clip.path, *seen}}, true);
                QVERIFY(unsurePictures(film).empty());
                for (int f = 0; f < kFrames; f += 7)
                    QCOMPARE(red(f), 0);
                useOthers(film, {{clip.path, *seen}}, false);
                QVERIFY(red(30) > 500);
            }
    }
    void itEndsWhereTheyLeaveThePicture() {
        const Way way = [](int f) { return QPoint(300 + 8 * f, 90); }; // out of it from frame 22 on
        Clip clip = made("leaves.mp4", way);
        clip.drawn = {cover(2, headBox(*way(2)))};
        const auto seen = followCovers(clip, 0, kFrames - 1, {});
        QVERIFY(seen.ok());
        for (int f = 0; f < 17; ++f)
            QVERIFY2(hidden(*seen, f, *way(f)), qPrintable(QStringLiteral("frame %1").arg(f)));
        // Where not one pixel of it is left nothing hides the picture for good.
        QVERIFY(!seen->boxes.contains(40) || seen->unsure.contains(40));
        // What could not be followed at the edge can be ended by hand.
        clip.drawn.push_back(gone(23));
        const auto ended = followCovers(clip, 0, kFrames - 1, {});
        QVERIFY(ended.ok());
        QVERIFY(ended->unsure.empty() || *ended->unsure.rbegin() < 23);
        for (int f = 23; f < kFrames; ++f)
            QVERIFY(!ended->boxes.contains(f) && !ended->unsure.contains(f));
    }
    void whereItIsLostNothingIsGuessed() {
        // Gone behind something for a while, and back elsewhere.
        const Way way = [](int f) -> std::optional<QPoint> {
            if (f >= 20 && f < 30)
                return {};
            return f < 20 ? QPoint(60 + 2 * f, 60) : QPoint(300, 160);
        };
        Clip clip = made("behind.mp4", way);
        clip.drawn = {cover(5, headBox(*way(5)))};
        const auto lost = followCovers(clip, 0, kFrames - 1, {});
        QVERIFY(lost.ok());
        for (int f = 0; f < kFrames; ++f)
            if (const auto at = way(f))
                QVERIFY2(hidden(*lost, f, *at) || lost->unsure.contains(f),
                         qPrintable(QStringLiteral("frame %1 is shown").arg(f)));
        QVERIFY(lost->unsure.contains(45));
        // Ended, and drawn once more where they come back: all of it is known.
        clip.drawn.push_back(gone(20));
        clip.drawn.push_back(cover(31, headBox(*way(31))));
        const auto twice = followCovers(clip, 0, kFrames - 1, {});
        QVERIFY(twice.ok());
        for (int f = 0; f < kFrames; ++f)
            if (const auto at = way(f))
                QVERIFY2(hidden(*twice, f, *at), qPrintable(QStringLiteral("frame %1").arg(f)));
        QVERIFY(!twice->unsure.contains(45));
    }
    void whatIsKnownIsNotFollowedAgain() {
        CaseData data;
        Clip clip = made("still.mp4", [](int) { return QPoint(100, 100); });
        clip.drawn = {cover(0, headBox({100, 100}))};
        data.sessions.push_back({});
        data.sessions[0].clips = {clip};
        int asked = 0;
        const GoOn goOn = [&](double) { return ++asked > 0; };
        const FramesOfClips frames{{clip.path, {3, 9}}};
        const auto first = coveredOthers(data, frames, {}, goOn);
        QVERIFY(first.ok() && first->contains(clip.path) && asked > 0);
        asked = 0;
        QVERIFY(coveredOthers(data, frames, *first, goOn).ok());
        QCOMPARE(asked, 0);
        data.sessions[0].clips[0].drawn.push_back(gone(5));
        QVERIFY(coveredOthers(data, frames, *first, goOn).ok());
        QVERIFY(asked > 0);
        QVERIFY(!followCovers(clip, 0, 20, [](double) { return false; }).ok()); // it can be stopped
    }
};

QTEST_MAIN(TestOthers)
#include "tst_others.moc"
