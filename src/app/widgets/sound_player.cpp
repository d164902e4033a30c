#include "app/widgets/sound_player.h"

#include "media/sound_track.h"

#include <QAudioDevice>
#include <QAudioFormat>
#include <QAudioSink>
#include <QIODevice>
#include <QMediaDevices>

#include <algorithm>
#include <cmath>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <thread>

namespace riflesso {
namespace {

class SoundDevice final : public QIODevice {
public:
    SoundDevice(std::string path, double fromS) : path_(std::move(path)), fromS_(fromS), thread_([this] { fill(); }) {
        open(QIODevice::ReadOnly);
    }
    ~SoundDevice() override {
        {
            const std::lock_guard lock(mutex_);
            stop_ = true;
        }
        wake_.notify_all();
        thread_.join();
    }
    SoundDevice(const SoundDevice&) = delete;
    SoundDevice& operator=(const SoundDevice&) = delete;

    [[nodiscard]] bool isSequential() const override { return true; }
    [[nodiscard]] qint64 bytesAvailable() const override {
        const std::lock_guard lock(mutex_);
        return kSilence + static_cast<qint64>(waiting_.size() * sizeof(std::int16_t)) + QIODevice::bytesAvailable();
    }

protected:
    qint64 readData(char* to, qint64 most) override {
        constexpr auto kBytes = static_cast<qint64>(sizeof(std::int16_t));
        const auto wanted = static_cast<std::size_t>(most / kBytes);
        auto* out = reinterpret_cast<std::int16_t*>(to);
        std::fill_n(out, wanted, std::int16_t(0));
        {
            const std::lock_guard lock(mutex_);
            // Samples that should have been heard while they were not there yet.
            const std::size_t late = std::min(owed_, waiting_.size());
            waiting_.erase(waiting_.begin(), waiting_.begin() + static_cast<std::ptrdiff_t>(late));
            owed_ -= late;
            const std::size_t count = std::min(wanted, waiting_.size());
            std::copy_n(waiting_.begin(), count, out);
            waiting_.erase(waiting_.begin(), waiting_.begin() + static_cast<std::ptrdiff_t>(count));
            if (!ended_)
                owed_ += wanted - count;
        }
        wake_.notify_all();
        return static_cast<qint64>(wanted) * kBytes;
    }
    qint64 writeData(const char*, qint64) override { return -1; }

private:
    void fill() {
        auto track = SoundTrack::open(path_, kPlayedHz);
        const bool there = track && (*track)->seek(fromS_);
        // A track that begins later is silent until then.
        std::size_t silent =
            there
                ? static_cast<std::size_t>(std::lround(std::clamp((*track)->timeS() - fromS_, 0.0, 3600.0) * kPlayedHz))
                : 0;
        for (bool more = there; more;) {
            constexpr std::size_t kPiece = kPlayedHz / 10, kAhead = kPlayedHz; // a second
            std::vector<float> piece;
            if (silent > 0) {
                piece.assign(std::min(silent, kPiece), 0.0F);
                silent -= piece.size();
            } else {
                piece = (*track)->read(kPiece);
            }
            more = !piece.empty();
            std::unique_lock lock(mutex_);
            constexpr float kFull = 32767;
            for (const float sample : piece)
                waiting_.push_back(static_cast<std::int16_t>(std::lround(kFull * std::clamp(sample, -1.0F, 1.0F))));
            wake_.wait(lock, [this] { return stop_ || waiting_.size() < kAhead; });
            if (stop_)
                return;
        }
        const std::lock_guard lock(mutex_);
        ended_ = true;
    }

    std::string path_;
    double fromS_;
    mutable std::mutex mutex_; // guards what follows
    std::condition_variable wake_;
    std::deque<std::int16_t> waiting_;
    std::size_t owed_ = 0; ///< samples for which silence was given
    bool ended_ = false, stop_ = false;
    std::thread thread_; // last: starts when all else is there
};

} // namespace

std::unique_ptr<QIODevice> soundStream(const QString& clipPath, double fromS) {
    return std::make_unique<SoundDevice>(clipPath.toStdString(), fromS);
}

SoundPlayer::SoundPlayer(QObject* parent) : QObject(parent) {}
SoundPlayer::~SoundPlayer() { stop(); }

bool SoundPlayer::play(const QString& clipPath, double fromS) {
    stop();
    const QAudioDevice device = QMediaDevices::defaultAudioOutput();
    QAudioFormat format;
    format.setSampleRate(kPlayedHz);
    format.setChannelCount(1);
    format.setSampleFormat(QAudioFormat::Int16);
    if (device.isNull() || !device.isFormatSupported(format))
        return false;
    source_ = soundStream(clipPath, fromS);
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
