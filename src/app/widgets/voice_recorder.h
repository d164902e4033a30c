#pragma once
// A note spoken into the microphone, and played back.

#include "app/widgets/microphone.h"

#include <QWidget>

#include <memory>

class QLabel;
class QPushButton;
class QTemporaryFile;
class QTimer;

namespace riflesso {

class SoundPlayer;

/// A button that records while it is on, with the time and how loud it is. Ends by itself after kMostSpokenS.
class VoiceRecorder : public QWidget {
    Q_OBJECT
public:
    /// `key`: shown on the button behind its words.
    VoiceRecorder(const QString& key, QWidget* parent);
    ~VoiceRecorder() override;
    void toggle();
    /// Without a note.
    void giveUp();
    [[nodiscard]] bool isRecording() const { return microphone_.listening(); }

signals:
    void said(const QByteArray& sound); ///< as spokenSound() writes it
    void cannot(const QString& why);

private:
    bool listen();
    void take();
    void silence();
    void showState();

    QString key_;
    QPushButton* button_;
    QLabel* state_;
    QTimer* clock_;
    Microphone microphone_;
    QByteArray samples_;
    double level_ = 0; ///< 0 to 1, of what came last
};

/// Plays a spoken note.
class VoicePlayer : public QObject {
    Q_OBJECT
public:
    explicit VoicePlayer(QObject* parent = nullptr);
    ~VoicePlayer() override;
    /// False: there is nothing to hear it with, or no room for the file it is played from.
    bool play(const QByteArray& sound);
    void stop();

private:
    std::unique_ptr<QTemporaryFile> file_; // before the player that reads it goes
    std::unique_ptr<SoundPlayer> player_;
};

/// "0:07".
[[nodiscard]] QString spokenLength(double seconds);

} // namespace riflesso
