#pragma once
// A voice recorded for a part of a walk-through, to be heard in place of what was said there.

#include "app/widgets/microphone.h"
#include "media/voice_writer.h"

#include <QObject>
#include <QTimer>

namespace riflesso {

class SpokenAgain : public QObject {
    Q_OBJECT
public:
    explicit SpokenAgain(QObject* parent);
    ~SpokenAgain() override; ///< what is not finished is removed

    /// Listens from now on, into a new file. Empty, or why it cannot.
    [[nodiscard]] QString start(const QString& path);
    [[nodiscard]] bool recording() const { return voice_ != nullptr; }
    [[nodiscard]] double seconds() const; ///< on the clock of the voice
    /// The length of what was said, seconds; the file is whole then.
    [[nodiscard]] Result<double> finish();

signals:
    void failed(const QString& why);

private:
    void listen();
    void drop();
    Microphone microphone_;
    std::unique_ptr<VoiceWriter> voice_;
    QTimer ticks_;
    QString path_;
    qint64 samples_ = 0;
};

} // namespace riflesso
