#pragma once
// A camera live: what it sees, what it saw some seconds ago, and recording it as a clip.

#include "app/widgets/stage_view.h"
#include "media/live_capture.h"

#include <QElapsedTimer>
#include <QPointer>
#include <QTimer>
#include <QWidget>

#include <deque>
#include <memory>
#include <mutex>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace riflesso {

/// Pictures of the last seconds, packed small. Filled by the camera's thread, asked by the window's.
class DelayedPictures {
public:
    explicit DelayedPictures(double keepS) : keepS_(keepS) {}
    void put(const QImage& picture, double timeS);
    /// The picture shown `agoS` before the newest one; the oldest there is where that lies before it. Null: none yet.
    [[nodiscard]] QImage ago(double agoS) const;
    [[nodiscard]] double newestS() const;

private:
    struct Packed {
        double timeS = 0;
        QByteArray jpeg;
    };
    double keepS_;
    mutable std::mutex mutex_;
    std::deque<Packed> kept_;
};

class LivePanel : public QWidget {
    Q_OBJECT
public:
    explicit LivePanel(QWidget* parent);
    ~LivePanel() override;
    /// Opens the chosen camera; recordings go to `folder`.
    void start(const QString& folder);
    void stop();
    void toggleRecording();
    [[nodiscard]] bool recording() const { return !recordingTo_.isEmpty(); }
    /// The file; empty where nothing is recorded.
    [[nodiscard]] const QString& recordingTo() const { return recordingTo_; }
    [[nodiscard]] StageView* stage() const { return stage_; }

signals:
    void begun(const QString& path);    ///< a recording
    void recorded(const QString& path); ///< a clip
    void left();
    void said(const QString& text, bool isError);

private:
    void openCamera();
    void tick();
    void fail(const QString& text);

    QString folder_, recordingTo_;
    StageView* stage_;
    QComboBox* devices_;
    QDoubleSpinBox* delay_;
    QPushButton *record_, *leave_;
    QLabel* state_;
    QTimer ticks_;
    QElapsedTimer recordedFor_;
    std::shared_ptr<DelayedPictures> pictures_;
    std::unique_ptr<LiveCapture> camera_; ///< before pictures_ goes: it fills them
};

} // namespace riflesso
