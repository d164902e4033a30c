// A camera live: the simulated one, made pictures through libavdevice, none at all; recordings are clips.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/live_capture.h"

#include <QElapsedTimer>
#include <QFile>
#include <QTemporaryDir>
#include <QtTest>

#include <atomic>
#include <mutex>

using namespace riflesso;

namespace {

/// What came from a camera.
struct Seen {
    std::atomic<int> pictures = 0;
    std::mutex mutex;
    std::vector<double> timesS;
    std::string failure;
    int width = 0;
    void take(const Picture& picture) {
        const std::lock_guard lock(mutex);
        timesS.push_back(picture.timeS);
        width = picture.width;
        ++pictures;
    }
    void fail(const Error& error) {
        const std::lock_guard lock(mutex);
        failure = error.sentence();
    }
};

Result<std::unique_ptr<LiveCapture>> begun(const std::string& id, Seen& seen) {
    return LiveCapture::start(
        id, [&](const Picture& p) { seen.take(p); }, [&](const Error& e) { seen.fail(e); });
}

} // namespace

class TestLiveCapture : public QObject {
    Q_OBJECT
private slots:
    void recordsWhatItShows_data() {
        QTest::addColumn<QString>("camera");
        QTest::addColumn<int>("rate");
        QTest::newRow("simulated") << QStringLiteral("simulated:" DEMO_CLIPS "/mirelle_side.mp4") << 25;
        QTest::newRow("made, through libavdevice") << QStringLiteral("lavfi:testsrc2=size=321x240:rate=30") << 30;
    }
    void recordsWhatItShows() {
        QFETCH(QString, camera);
        QFETCH(int, rate);
        QTemporaryDir folder;
        const std::string file = folder.filePath(QStringLiteral("take.mp4")).toStdString();
        Seen seen;
        auto live = begun(camera.toStdString(), seen);
        QVERIFY2(live.ok(), live.ok() ? "" : live.error().sentence().c_str());
        QTRY_VERIFY_WITH_TIMEOUT(seen.pictures >= 5, 20000);
        QVERIFY((*live)->record(file).ok());
        QVERIFY(!(*live)->record(file).ok()); // one at a time
        const int before = seen.pictures;
        QTRY_VERIFY_WITH_TIMEOUT(seen.pictures >= before + 2 * rate, 60000);
        const auto count = (*live)->stopRecording();
        QVERIFY2(count.ok(), count.ok() ? "" : count.error().sentence().c_str());
        live->reset();
        QVERIFY2(seen.failure.empty(), seen.failure.c_str());
        const auto clip = ClipReader::open(file);
        QVERIFY2(clip.ok(), clip.ok() ? "" : clip.error().sentence().c_str());
        const ClipInfo& info = (*clip)->info();
        QCOMPARE(info.frames(), *count);
        QVERIFY(*count >= 2 * rate - 5);
        // Each picture at its own time: as many a second as the camera brings.
        QVERIFY2(std::abs(info.medianIntervalS - 1.0 / rate) < 0.0015,
                 qPrintable(QString::number(info.medianIntervalS)));
        QVERIFY(std::abs(info.timesS.back() - (info.frames() - 1.0) / rate) < 0.05);
        QCOMPARE(info.displayWidth, seen.width - seen.width % 2);
        QVERIFY((*clip)->frame(info.frames() - 1).ok());
    }
    void aKilledRecordingCanBeRead() {
        QTemporaryDir folder;
        const QString file = folder.filePath(QStringLiteral("take.mp4")),
                      copy = folder.filePath(QStringLiteral("copy.mp4"));
        Seen seen;
        auto live = begun("simulated:" DEMO_CLIPS "/mirelle_side.mp4", seen);
        QVERIFY(live.ok());
        QVERIFY((*live)->record(file.toStdString()).ok());
        QTRY_VERIFY_WITH_TIMEOUT(seen.pictures >= 160, 60000);
        QVERIFY(QFile::copy(file, copy)); // as it lies on the disk now, its end not written
        const auto clip = ClipReader::open(copy.toStdString());
        QVERIFY2(clip.ok(), clip.ok() ? "" : clip.error().sentence().c_str());
        QVERIFY2((*clip)->info().frames() >= 50, qPrintable(QString::number((*clip)->info().frames())));
    }
    void noCamera() {
        Seen seen;
        const auto none = begun("/dev/video63", seen);
        QVERIFY(!none.ok());
        QVERIFY2(none.error().sentence().find("plugged in") != std::string::npos, none.error().sentence().c_str());
        QVERIFY(!begun("simulated:/nowhere.mp4", seen).ok());
        QVERIFY(!begun("lavfi:nonsense", seen).ok());
        QVERIFY(!liveDevices("clip.mp4").empty());
    }
};

QTEST_GUILESS_MAIN(TestLiveCapture)
#include "tst_live_capture.moc"
