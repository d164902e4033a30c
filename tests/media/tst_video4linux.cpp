// A camera of Video4Linux, played at the border between FFmpeg and the kernel: what this program, or a library it uses,
// opens under the name of a made camera is answered here as a driver would. What is in between, formats, buffers, times
// and going away, is FFmpeg's and ours.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/live_capture.h"

#include <QBuffer>
#include <QElapsedTimer>
#include <QImage>
#include <QTemporaryDir>
#include <QtTest>

#include <atomic>
#include <cerrno>
#include <chrono>
#include <cstdarg>
#include <cstring>
#include <fcntl.h>
#include <linux/videodev2.h>
#include <mutex>
#include <set>
#include <string>
#include <sys/mman.h>
#include <sys/syscall.h>
#include <thread>
#include <unistd.h>

using namespace riflesso;

namespace {

/// One driver; a test says what it can do before it is opened.
struct MadeCamera {
    std::string path;
    std::set<std::uint32_t> formats; ///< V4L2_PIX_FMT_…
    double rateOfRaw = 10, rateOfPacked = 60;
    int goesAfter = -1;  ///< pictures; -1: stays
    int hangsAfter = -1; ///< pictures; -1: goes on
    int fd = -1;
    bool waits = false; ///< opened by somebody who wants to wait for each picture
    std::uint32_t format = 0, width = 0, height = 0;
    bool streaming = false;
    int taken = 0;
    std::vector<std::uint32_t> queued;
    std::chrono::steady_clock::time_point began;
    std::mutex mutex;

    static constexpr std::uint32_t kRoom = 1280 * 720 * 2, kBuffers = 4;
    [[nodiscard]] double rate() const { return format == V4L2_PIX_FMT_MJPEG ? rateOfPacked : rateOfRaw; }
    /// A grey that says which picture it is, brighter on the left.
    [[nodiscard]] static int grey(int picture, bool left) { return 40 + picture % 8 * 10 + (left ? 100 : 0); }

    int answer(unsigned long request, void* what);
    int next(v4l2_buffer& buffer);
    void accept(v4l2_format& wanted);
};
MadeCamera camera;

template <typename T> T& as(void* what) { return *static_cast<T*>(what); }

int refuse(int code) {
    errno = code;
    return -1;
}

void MadeCamera::accept(v4l2_format& wanted) {
    v4l2_pix_format& picture = wanted.fmt.pix;
    if (!formats.contains(picture.pixelformat))
        picture.pixelformat = *formats.begin(); // a driver puts in what it has
    if (picture.width != 1280 || picture.height != 720)
        picture.width = 640, picture.height = 480;
    format = picture.pixelformat;
    width = picture.width;
    height = picture.height;
    picture.field = V4L2_FIELD_NONE;
    picture.bytesperline = 2 * width;
    picture.sizeimage = kRoom;
}

int MadeCamera::next(v4l2_buffer& buffer) {
    if (goesAfter >= 0 && taken >= goesAfter)
        return refuse(ENODEV);
    if (waits)
        std::this_thread::sleep_for(std::chrono::seconds(hangsAfter >= 0 && taken >= hangsAfter ? 30 : 0));
    const auto due = began + std::chrono::duration<double>((taken + 1) / rate());
    if (queued.empty() || std::chrono::steady_clock::now() < due || (hangsAfter >= 0 && taken >= hangsAfter))
        return refuse(EAGAIN);
    const std::uint32_t index = queued.front();
    queued.erase(queued.begin());
    const int w = static_cast<int>(width), h = static_cast<int>(height);
    QByteArray bytes;
    if (format == V4L2_PIX_FMT_MJPEG) {
        QImage image(w, h, QImage::Format_RGB888);
        image.fill(QColor(grey(taken, false), grey(taken, false), grey(taken, false)));
        for (int y = 0; y < h; ++y)
            std::memset(image.scanLine(y), grey(taken, true), static_cast<std::size_t>(3 * w / 2));
        QBuffer file(&bytes);
        file.open(QIODevice::WriteOnly);
        image.save(&file, "JPG", 95);
    } else {
        bytes.fill(static_cast<char>(128), 2 * w * h); // two bytes a pixel: grey, then a colour's share
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x) // levels 16 to 235 as cameras have them
                bytes[2 * (y * w + x)] = static_cast<char>(16 + grey(taken, x < w / 2) * 219 / 255);
    }
    if (pwrite(fd, bytes.constData(), static_cast<std::size_t>(bytes.size()), static_cast<off_t>(index) * kRoom) < 0)
        return refuse(EIO);
    buffer.index = index;
    buffer.bytesused = static_cast<std::uint32_t>(bytes.size());
    buffer.field = V4L2_FIELD_NONE;
    const double seconds = 1000 + (taken + 1) / rate();
    buffer.timestamp.tv_sec = static_cast<long>(seconds);
    buffer.timestamp.tv_usec = static_cast<long>((seconds - std::floor(seconds)) * 1e6);
    ++taken;
    return 0;
}

int MadeCamera::answer(unsigned long request, void* what) {
    const std::lock_guard lock(mutex);
    switch (request) {
    case VIDIOC_QUERYCAP:
        as<v4l2_capability>(what).capabilities = V4L2_CAP_VIDEO_CAPTURE | V4L2_CAP_STREAMING;
        return 0;
    case VIDIOC_G_INPUT:
        as<int>(what) = 0;
        return 0;
    case VIDIOC_ENUMINPUT:
        as<v4l2_input>(what).std = 0;
        return as<v4l2_input>(what).index == 0 ? 0 : refuse(EINVAL);
    case VIDIOC_S_FMT:
        accept(as<v4l2_format>(what));
        return 0;
    case VIDIOC_G_FMT: {
        auto& now = as<v4l2_format>(what);
        now.fmt.pix.width = 640;
        now.fmt.pix.height = 480;
        now.fmt.pix.pixelformat = *formats.begin();
        return 0;
    }
    case VIDIOC_G_PARM:
    case VIDIOC_S_PARM: {
        auto& capture = as<v4l2_streamparm>(what).parm.capture;
        capture.capability = V4L2_CAP_TIMEPERFRAME;
        capture.timeperframe = {1, static_cast<std::uint32_t>(rate())}; // the nearest it has
        return 0;
    }
    case VIDIOC_REQBUFS:
        as<v4l2_requestbuffers>(what).count = kBuffers;
        return 0;
    case VIDIOC_QUERYBUF:
        as<v4l2_buffer>(what).length = kRoom;
        as<v4l2_buffer>(what).m.offset = as<v4l2_buffer>(what).index * kRoom;
        return 0;
    case VIDIOC_QBUF:
        queued.push_back(as<v4l2_buffer>(what).index);
        return 0;
    case VIDIOC_STREAMON:
        streaming = true;
        began = std::chrono::steady_clock::now();
        return 0;
    case VIDIOC_STREAMOFF:
        streaming = false;
        queued.clear();
        return 0;
    case VIDIOC_DQBUF:
        return next(as<v4l2_buffer>(what));
    default:
        return refuse(ENOTTY);
    }
}

int opened(const char* path, int flags, unsigned mode) {
    if (camera.path.empty() || camera.path != path || !(flags & O_RDWR))
        return static_cast<int>(syscall(SYS_openat, AT_FDCWD, path, flags, mode));
    camera.fd = memfd_create("camera", 0);
    camera.waits = !(flags & O_NONBLOCK);
    if (ftruncate(camera.fd, static_cast<off_t>(MadeCamera::kRoom) * MadeCamera::kBuffers) < 0)
        return -1;
    return camera.fd;
}

} // namespace

// In the place of the C library's, for the libraries as well.
extern "C" {
int open(const char* path, int flags, ...) {
    va_list more;
    va_start(more, flags);
    const unsigned mode = va_arg(more, unsigned);
    va_end(more);
    return opened(path, flags, mode);
}
int open64(const char* path, int flags, ...) {
    va_list more;
    va_start(more, flags);
    const unsigned mode = va_arg(more, unsigned);
    va_end(more);
    return opened(path, flags, mode);
}
int ioctl(int fd, unsigned long request, ...) noexcept {
    va_list more;
    va_start(more, request);
    void* what = va_arg(more, void*);
    va_end(more);
    if (fd >= 0 && fd == camera.fd)
        return camera.answer(request, what);
    return static_cast<int>(syscall(SYS_ioctl, fd, request, what));
}
}

namespace {

struct Seen {
    std::mutex mutex;
    std::vector<double> timesS;
    std::vector<std::pair<int, int>> greys; ///< left, right
    std::string failure;
    std::atomic<int> pictures = 0;
    int width = 0, height = 0;
    void take(const Picture& picture) {
        const std::lock_guard lock(mutex);
        timesS.push_back(picture.timeS);
        width = picture.width;
        height = picture.height;
        const auto at = [&](int x) {
            return static_cast<int>(
                (*picture.rgb)[static_cast<std::size_t>(3 * (picture.height / 2 * picture.width + x))]);
        };
        greys.emplace_back(at(picture.width / 4), at(3 * picture.width / 4));
        ++pictures;
    }
};

Result<std::unique_ptr<LiveCapture>> begun(Seen& seen) {
    return LiveCapture::start(
        camera.path, [&](const Picture& p) { seen.take(p); },
        [&](const Error& e) {
            const std::lock_guard lock(seen.mutex);
            seen.failure = e.sentence();
        });
}

} // namespace

class TestVideo4Linux : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;

    /// A camera that is there now, and can do this.
    void plugIn(const std::set<std::uint32_t>& formats) {
        QFile file(folder_.filePath(QStringLiteral("video0")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        camera.path = file.fileName().toStdString();
        camera.formats = formats;
        camera.goesAfter = camera.hangsAfter = -1;
        camera.taken = 0;
        camera.queued.clear();
    }

private slots:
    void aCameraThatPacksIsAskedTo() {
        plugIn({V4L2_PIX_FMT_YUYV, V4L2_PIX_FMT_MJPEG});
        Seen seen;
        auto live = begun(seen);
        QVERIFY2(live.ok(), live.ok() ? "" : live.error().sentence().c_str());
        const std::string file = folder_.filePath(QStringLiteral("take.mp4")).toStdString();
        QVERIFY((*live)->record(file).ok());
        QTRY_VERIFY_WITH_TIMEOUT(seen.pictures >= 30, 60000);
        const auto count = (*live)->stopRecording();
        QVERIFY2(count.ok(), count.ok() ? "" : count.error().sentence().c_str());
        live->reset();
        QVERIFY(!camera.streaming);
        QCOMPARE(camera.format, V4L2_PIX_FMT_MJPEG);
        QCOMPARE(std::pair(seen.width, seen.height), std::pair(1280, 720));
        // Each picture is the one the camera made, at the time it gave it.
        const int first = (seen.greys.front().second - 40 + 5) / 10;
        for (int i = 0; i < static_cast<int>(seen.greys.size()); ++i) {
            const auto [left, right] = seen.greys[static_cast<std::size_t>(i)];
            QVERIFY(std::abs(left - MadeCamera::grey(first + i, true)) <= 3);
            QVERIFY(std::abs(right - MadeCamera::grey(first + i, false)) <= 3);
            QVERIFY(std::abs(seen.timesS[static_cast<std::size_t>(i)] - i / 60.0) < 0.002);
        }
        const auto clip = ClipReader::open(file);
        QVERIFY(clip.ok());
        QCOMPARE((*clip)->info().frames(), *count);
        QVERIFY(std::abs((*clip)->info().medianIntervalS - 1 / 60.0) < 0.001);
    }
    void aCameraThatDoesNotSendsWhatItHas() {
        plugIn({V4L2_PIX_FMT_YUYV});
        Seen seen;
        auto live = begun(seen);
        QVERIFY2(live.ok(), live.ok() ? "" : live.error().sentence().c_str());
        QTRY_VERIFY_WITH_TIMEOUT(seen.pictures >= 5, 60000);
        live->reset();
        QCOMPARE(camera.format, V4L2_PIX_FMT_YUYV);
        QVERIFY2(seen.failure.empty(), seen.failure.c_str());
        for (const auto& [left, right] : seen.greys)
            QVERIFY(std::abs(left - right - 100) <= 3);
        QVERIFY(std::abs(seen.timesS[4] - 4 / 10.0) < 0.002);
    }
    void aCameraThatIsPulledOutIsSaidAndTheRecordingStays() {
        plugIn({V4L2_PIX_FMT_MJPEG});
        camera.goesAfter = 20;
        Seen seen;
        auto live = begun(seen);
        QVERIFY(live.ok());
        const std::string file = folder_.filePath(QStringLiteral("half.mp4")).toStdString();
        QVERIFY((*live)->record(file).ok());
        QTRY_VERIFY_WITH_TIMEOUT(
            [&] {
                const std::lock_guard lock(seen.mutex);
                return !seen.failure.empty();
            }(),
            60000);
        QVERIFY2(seen.failure.find("next picture") != std::string::npos, seen.failure.c_str());
        const auto count = (*live)->stopRecording();
        QVERIFY(count.ok());
        live->reset();
        const auto clip = ClipReader::open(file);
        QVERIFY(clip.ok());
        QCOMPARE((*clip)->info().frames(), *count);
        QVERIFY(*count >= 15);
    }
    void aCameraThatHangsHoldsNobodyUp() {
        plugIn({V4L2_PIX_FMT_MJPEG});
        camera.hangsAfter = 10;
        Seen seen;
        auto live = begun(seen);
        QVERIFY(live.ok());
        QTRY_VERIFY_WITH_TIMEOUT(seen.pictures >= 5, 60000);
        QElapsedTimer clock;
        clock.start();
        live->reset(); // the window is closed
        QVERIFY(clock.elapsed() < 2000);
        QVERIFY(seen.failure.empty());
        // Who waits is told.
        plugIn({V4L2_PIX_FMT_MJPEG});
        camera.hangsAfter = 10;
        auto again = begun(seen);
        QVERIFY(again.ok());
        QTRY_VERIFY_WITH_TIMEOUT(
            [&] {
                const std::lock_guard lock(seen.mutex);
                return seen.failure.find("within 5 s") != std::string::npos;
            }(),
            30000);
    }
    void whatIsNoCameraIsSaid() {
        plugIn({V4L2_PIX_FMT_MJPEG});
        const std::string path = camera.path;
        camera.path.clear(); // a plain file by that name
        camera.fd = -1;
        Seen seen;
        const auto live = LiveCapture::start(
            path, [](const Picture&) {}, [](const Error&) {});
        QVERIFY(!live.ok());
        QVERIFY2(live.error().sentence().find("can be opened") != std::string::npos, live.error().sentence().c_str());
    }
};

QTEST_GUILESS_MAIN(TestVideo4Linux)
#include "tst_video4linux.moc"
