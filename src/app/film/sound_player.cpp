#include "app/film/sound_player.h"

#include "media/sound_track.h"

#include <QAudioDevice>
#include <QAudioFormat>
#include <QAudioSink>
#include <QIODevice>
#include <QMediaDevices>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// Decodes as it is read: a second of sound takes well under a millisecond.
class SoundDevice final : public QIODevice {
public:
    explicit SoundDevice(std::unique_ptr<SoundTrack> track) : track_(std::move(track)) { open(QIODevice::ReadOnly); }
    [[nodiscard]] bool isSequential() const override { return true; }
    [[nodiscard]] qint64 bytesAvailable() const override {
        constexpr qint64 kPlenty = 1 << 16;
        return kPlenty + QIODevice::bytesAvailable();
    }

protected:
    qint64 readData(char* to, qint64 most) override {
        constexpr auto kBytes = static_cast<qint64>(sizeof(std::int16_t));
        const auto wanted = static_cast<std::size_t>(most / kBytes);
        const std::vector<float> samples = track_->read(wanted);
        auto* out = reinterpret_cast<std::int16_t*>(to);
        constexpr float kFull = 32767;
        for (std::size_t i = 0; i < samples.size(); ++i)
            out[i] = static_cast<std::int16_t>(std::lround(kFull * std::clamp(samples[i], -1.0F, 1.0F)));
        // After the end: silence, the picture goes on.
        std::fill(out + samples.size(), out + wanted, std::int16_t(0));
        return static_cast<qint64>(wanted) * kBytes;
    }
    qint64 writeData(const char*, qint64) override { return -1; }

private:
    std::unique_ptr<SoundTrack> track_;
};

} // namespace

std::unique_ptr<QIODevice> soundStream(const QString& clipPath, double fromS, int& rateHz) {
    auto track = SoundTrack::open(clipPath.toStdString());
    if (!track || !(*track)->seek(fromS))
        return {};
    rateHz = (*track)->rateHz();
    return std::make_unique<SoundDevice>(std::move(*track));
}

SoundPlayer::SoundPlayer(QObject* parent) : QObject(parent) {}
SoundPlayer::~SoundPlayer() { stop(); }

bool SoundPlayer::play(const QString& clipPath, double fromS) {
    stop();
    const QAudioDevice device = QMediaDevices::defaultAudioOutput();
    if (device.isNull())
        return false;
    int rateHz = 0;
    source_ = soundStream(clipPath, fromS, rateHz);
    if (!source_)
        return false;
    QAudioFormat format;
    format.setSampleRate(rateHz);
    format.setChannelCount(1);
    format.setSampleFormat(QAudioFormat::Int16);
    if (!device.isFormatSupported(format)) {
        source_.reset();
        return false;
    }
    sink_ = std::make_unique<QAudioSink>(device, format);
    sink_->start(source_.get());
    return true;
}

void SoundPlayer::stop() {
    if (sink_)
        sink_->stop();
    sink_.reset();
    source_.reset();
}

} // namespace riflesso
