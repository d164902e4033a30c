#pragma once
// The microphone of this computer as 16-bit samples, one channel, kSpokenHz a second.

#include <QByteArray>
#include <QString>

#include <functional>
#include <memory>

class QAudioSource;
class QIODevice;

namespace riflesso {

class Microphone {
public:
    Microphone();
    ~Microphone();
    /// Samples as a microphone would give them, in its place: what tests speak with. None: the machine's own.
    using Made = std::function<std::unique_ptr<QIODevice>()>;
    static void speakWith(Made made);

    /// Empty, or why it cannot listen, in words.
    [[nodiscard]] QString start();
    [[nodiscard]] QByteArray read(); ///< what was heard since the last time
    void stop();
    [[nodiscard]] bool listening() const { return from_ != nullptr; }

private:
    std::unique_ptr<QAudioSource> machine_;
    std::unique_ptr<QIODevice> made_;
    QIODevice* from_ = nullptr; ///< of either, while it listens
};

} // namespace riflesso
