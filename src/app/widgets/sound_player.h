#pragma once
// The sound of a clip while it plays at full speed. Silent where there is no sound, or nothing to hear it with.

#include <QObject>
#include <QString>

#include <memory>

class QAudioSink;
class QIODevice;

namespace riflesso {

class SoundPlayer : public QObject {
    Q_OBJECT
public:
    explicit SoundPlayer(QObject* parent = nullptr);
    ~SoundPlayer() override;
    /// From a stored time of the clip's frames on, until stop(). False: there is nothing to hear it with.
    bool play(const QString& clipPath, double fromS);
    void stop();
    [[nodiscard]] bool playing() const { return sink_ != nullptr; }

private:
    std::unique_ptr<QIODevice> source_; // before the sink that pulls from it goes
    std::unique_ptr<QAudioSink> sink_;
};

constexpr int kPlayedHz = 48000;
/// Bytes of silence that a stream always has to give, beside the sound that waits in it.
constexpr qint64 kSilence = 1 << 16;

/// The sound of a clip as a stream of 16-bit mono samples, kPlayedHz a second, to be pulled from; read and decoded in a
/// thread of its own. Whoever reads never waits: what is not there yet, before its start or after its end, is silence,
/// and what comes late is left out, so that sound and picture stay together.
[[nodiscard]] std::unique_ptr<QIODevice> soundStream(const QString& clipPath, double fromS);

} // namespace riflesso
