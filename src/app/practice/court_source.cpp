#include "app/practice/court_source.h"

#include "report/words.h"

#include <QDir>
#include <QFile>
#include <QPointer>

namespace riflesso {
namespace {

constexpr int kLookEveryMs = 100;
constexpr double kRoomS = 0.15;  ///< before and after, as one cuts by hand
constexpr double kAtMostS = 3;   ///< a repetition that is ended by hand while nothing seems to move
constexpr double kLongestS = 60; ///< of one recording in which nothing ended
constexpr double kPictureEveryS = 0.06;

} // namespace

struct CourtSource::Seen {
    std::mutex mutex;
    MovementWatch watch;
    QImage newest;
    double newestS = -1;
    double recordedFromS = -1; ///< time of the recording's first picture; below 0: not yet
    std::vector<MovementWatch::Moved> moved;
    bool recording = false;
};

CourtSource::CourtSource(QObject* parent) : QObject(parent) {
    connect(&ticks_, &QTimer::timeout, this, &CourtSource::look);
}

CourtSource::~CourtSource() { close(); }

Result<void> CourtSource::openCamera(const QString& id, const QString& folder) {
    close();
    folder_ = folder;
    seen_ = std::make_shared<Seen>();
    const QPointer<CourtSource> guard(this);
    auto camera = LiveCapture::start(
        id.toStdString(),
        [seen = seen_](const Picture& picture) {
            const std::lock_guard lock(seen->mutex);
            if (seen->recording && seen->recordedFromS < 0)
                seen->recordedFromS = picture.timeS;
            if (const auto moved = seen->watch.add(picture))
                seen->moved.push_back(*moved);
            if (picture.timeS - seen->newestS < kPictureEveryS && seen->newestS >= 0)
                return;
            seen->newestS = picture.timeS;
            constexpr int kWidest = 960;
            const QImage whole(picture.rgb->data(), picture.width, picture.height, qsizetype(3) * picture.width,
                               QImage::Format_RGB888);
            seen->newest = picture.width > kWidest ? whole.scaledToWidth(kWidest) : whole.copy();
        },
        [guard](const Error& error) {
            const QString text = words::text(error.sentence());
            QMetaObject::invokeMethod(
                guard,
                [guard, text] {
                    if (guard)
                        guard->cameraGone(text);
                },
                Qt::QueuedConnection);
        });
    if (!camera)
        return camera.error();
    camera_ = std::move(*camera);
    record();
    if (!camera_)
        return fault("camera", "the recording could not be begun");
    ticks_.start(kLookEveryMs);
    return {};
}

void CourtSource::cameraGone(const QString& text) {
    if (!camera_)
        return; // closed meanwhile
    std::optional<MovementWatch::Moved> moved;
    double recordedFromS = 0, nowS = 0;
    {
        const std::lock_guard lock(seen_->mutex);
        moved = seen_->moved.empty() ? seen_->watch.endNow(kAtMostS) : seen_->moved.back();
        recordedFromS = seen_->recordedFromS;
        nowS = seen_->watch.nowS();
    }
    const QString path = std::exchange(recordingTo_, QString());
    const bool whole = !path.isEmpty() && camera_->stopRecording().ok();
    close();
    // What was on the way is measured up to there.
    if (moved && whole && recordedFromS >= 0 && moved->toS > recordedFromS) {
        emit filmed({path, std::pair(std::max(0.0, moved->fromS - recordedFromS - kRoomS), moved->toS - recordedFromS),
                     QDateTime::currentDateTime().addMSecs(static_cast<qint64>(1000 * (moved->toS - nowS))), true});
    } else if (!path.isEmpty()) {
        QFile::remove(path);
    }
    emit failed(text);
}

void CourtSource::openFolder(const QString& folder) {
    close();
    watched_ = std::make_unique<WatchedFolder>(folder, false);
    ticks_.start(kLookEveryMs);
    look();
}

void CourtSource::close() {
    ticks_.stop();
    watched_.reset();
    if (camera_ && !recordingTo_.isEmpty()) {
        (void)camera_->stopRecording();
        QFile::remove(recordingTo_);
    }
    recordingTo_.clear();
    camera_.reset();
    seen_.reset();
}

void CourtSource::record() {
    QDir().mkpath(folder_);
    recordingTo_ = QDir(folder_).absoluteFilePath(
        QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd_HH-mm-ss-zzz")) + QStringLiteral(".mp4"));
    {
        const std::lock_guard lock(seen_->mutex);
        seen_->recording = true;
        seen_->recordedFromS = -1;
    }
    if (const auto begun = camera_->record(recordingTo_.toStdString()); !begun) {
        const QString text = words::text(begun.error().sentence());
        recordingTo_.clear();
        close();
        emit failed(text);
    }
}

void CourtSource::look() {
    if (watched_) {
        if (!watched_->there()) {
            const QString folder = watched_->folder();
            close();
            emit failed(tr("The folder %1 is gone.").arg(folder));
            return;
        }
        for (const WatchedFolder::Arrived& each : watched_->arrived(QDateTime::currentDateTime()))
            emit filmed({each.path, {}, each.written, false});
        return;
    }
    if (!camera_)
        return;
    std::vector<MovementWatch::Moved> moved;
    double recordedS = 0;
    bool rests = false;
    {
        const std::lock_guard lock(seen_->mutex);
        moved.swap(seen_->moved);
        recordedS = seen_->recordedFromS < 0 ? 0 : seen_->watch.nowS() - seen_->recordedFromS;
        rests = !seen_->watch.moving();
    }
    if (!moved.empty()) // of two that ended at once, the first was none that somebody waits for
        ended(moved.back().fromS, moved.back().toS);
    else if (rests && recordedS > kLongestS) { // a disk is not filled with waiting
        const QString path = recordingTo_;
        (void)camera_->stopRecording();
        QFile::remove(path);
        record();
    }
}

void CourtSource::endMovement() {
    if (!camera_)
        return;
    std::optional<MovementWatch::Moved> moved;
    {
        const std::lock_guard lock(seen_->mutex);
        moved = seen_->watch.endNow(kAtMostS);
        seen_->moved.clear();
    }
    if (moved)
        ended(moved->fromS, moved->toS);
}

void CourtSource::ended(double fromS, double toS) {
    double recordedFromS = 0, nowS = 0;
    {
        const std::lock_guard lock(seen_->mutex);
        recordedFromS = seen_->recordedFromS;
        nowS = seen_->watch.nowS();
        seen_->recording = false;
    }
    const QString path = recordingTo_;
    const auto count = camera_->stopRecording();
    if (!count) {
        QFile::remove(path);
        recordingTo_.clear();
        close();
        emit failed(words::text(count.error().sentence()));
        return;
    }
    const QDateTime when = QDateTime::currentDateTime().addMSecs(static_cast<qint64>(1000 * (toS - nowS)));
    record();
    if (recordedFromS < 0 || toS <= recordedFromS) { // it was over before the recording began
        QFile::remove(path);
        return;
    }
    emit filmed(
        {path, std::pair(std::max(0.0, fromS - recordedFromS - kRoomS), toS - recordedFromS + kRoomS), when, true});
}

QString CourtSource::state() const {
    if (watched_)
        return watched_->waiting() ? tr("A clip is being written")
                                   : tr("Waiting for a clip in %1").arg(QDir(watched_->folder()).dirName());
    if (!camera_)
        return tr("Not filming");
    const std::lock_guard lock(seen_->mutex);
    return seen_->watch.moving() ? tr("Somebody moves") : tr("Waiting for a movement");
}

QImage CourtSource::picture() const {
    if (!seen_)
        return {};
    const std::lock_guard lock(seen_->mutex);
    return seen_->newest;
}

} // namespace riflesso
