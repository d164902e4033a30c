#pragma once
// Where films of practice come from: a camera whose repetitions end by themselves or at a key, or a folder into which a
// telephone's clips arrive.

#include "media/live_capture.h"
#include "media/movement_watch.h"
#include "work/watched_folder.h"

#include <QImage>
#include <QObject>
#include <QTimer>

#include <memory>
#include <mutex>
#include <optional>

namespace riflesso {

/// A repetition, or a clip with some, that has just been filmed.
struct FilmedNow {
    QString path;
    std::optional<std::pair<double, double>> stretch; ///< stored time, of one repetition; none: to be found in it
    QDateTime ended;                                  ///< when the movement, or the last write, was over
    bool ours = false;                                ///< recorded here: ours to delete
};

class CourtSource : public QObject {
    Q_OBJECT
public:
    explicit CourtSource(QObject* parent = nullptr);
    ~CourtSource() override;

    /// Recordings go to `folder` until they are measured.
    [[nodiscard]] Result<void> openCamera(const QString& id, const QString& folder);
    void openFolder(const QString& folder);
    void close();
    [[nodiscard]] bool isOpen() const { return camera_ || watched_; }
    [[nodiscard]] bool isCamera() const { return camera_ != nullptr; }
    /// The movement is over now, whether or not it was seen to be.
    void endMovement();
    /// "Somebody moves", "Waiting for a clip"; what stands beside the picture.
    [[nodiscard]] QString state() const;
    /// The newest picture of the camera; null: none yet.
    [[nodiscard]] QImage picture() const;

signals:
    void filmed(const FilmedNow& film);
    void failed(const QString& text);

private:
    /// What the camera's thread and the window share.
    struct Seen;
    void look();
    void cameraGone(const QString& text);
    void ended(double fromS, double toS);
    void record();

    std::shared_ptr<Seen> seen_;
    QTimer ticks_;
    QString folder_, recordingTo_;
    std::unique_ptr<WatchedFolder> watched_;
    std::unique_ptr<LiveCapture> camera_; ///< goes before what it fills
};

} // namespace riflesso
