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
    /// From a stored time of the clip's frames on, until stop(). False: there is nothing to be heard.
    bool play(const QString& clipPath, double fromS);
    void stop();
    [[nodiscard]] bool playing() const { return sink_ != nullptr; }

private:
    std::unique_ptr<QIODevice> source_; // before the sink that pulls from it goes
    std::unique_ptr<QAudioSink> sink_;
};

/// The sound of a clip as a stream of 16-bit mono samples, to be pulled from; null where there is none.
[[nodiscard]] std::unique_ptr<QIODevice> soundStream(const QString& clipPath, double fromS, int& rateHz);

} // namespace riflesso
