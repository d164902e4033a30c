#include "media/sound_track.h"

#include "media/ffmpeg_handles.h"

extern "C" {
#include <libavutil/channel_layout.h>
#include <libavutil/opt.h>
#include <libswresample/swresample.h>
}

#include <algorithm>
#include <cmath>
#include <deque>

namespace riflesso {
namespace {

using namespace ffmpeg;

struct FreeMixer {
    void operator()(SwrContext* p) const { swr_free(&p); }
};

class FfmpegSound final : public SoundTrack {
public:
    FfmpegSound(std::string path, int wantedHz) : path_(std::move(path)), wantedHz_(wantedHz) {}

    Result<void> openFile() {
        AVFormatContext* raw = nullptr;
        int code = avformat_open_input(&raw, path_.c_str(), nullptr, nullptr);
        if (code < 0)
            return badInput(path_, "a clip that can be read", words(code));
        input_.reset(raw);
        code = avformat_find_stream_info(raw, nullptr);
        const AVCodec* decoder = nullptr;
        const int pictures = code < 0 ? code : av_find_best_stream(raw, AVMEDIA_TYPE_VIDEO, -1, -1, nullptr, 0);
        stream_ = code < 0 ? code : av_find_best_stream(raw, AVMEDIA_TYPE_AUDIO, -1, -1, &decoder, 0);
        if (stream_ < 0 || !decoder)
            return badInput(path_, "a clip with sound", "no sound that can be decoded");
        if (pictures >= 0)
            findZero(pictures);
        for (unsigned i = 0; i < raw->nb_streams; ++i)
            raw->streams[i]->discard = static_cast<int>(i) == stream_ ? AVDISCARD_DEFAULT : AVDISCARD_ALL;
        codec_.reset(avcodec_alloc_context3(decoder));
        code = avcodec_parameters_to_context(codec_.get(), raw->streams[stream_]->codecpar);
        if (code >= 0) {
            codec_->pkt_timebase = raw->streams[stream_]->time_base;
            code = avcodec_open2(codec_.get(), decoder, nullptr);
        }
        if (code < 0)
            return badInput(path_, "sound that can be decoded", words(code));
        packet_.reset(av_packet_alloc());
        frame_.reset(av_frame_alloc());
        if (codec_->sample_rate < 1)
            return badInput(path_, "sound with a sample rate", "none");
        return seek(0);
    }

    int rateHz() const override { return wantedHz_ > 0 ? wantedHz_ : codec_->sample_rate; }
    double timeS() const override { return nextS_; }

    Result<void> seek(double timeS) override {
        const AVStream* stream = input_->streams[stream_];
        constexpr double kEarlier = 0.5; // a decoder wants some packets before it sounds right
        const double wanted = std::max(0.0, timeS);
        const auto stamp = static_cast<std::int64_t>((wanted + zeroS_ - kEarlier) / av_q2d(stream->time_base));
        if (const int code = av_seek_frame(input_.get(), stream_, stamp, AVSEEK_FLAG_BACKWARD); code < 0) {
            // What cannot be sought is read from its start.
            if (avformat_seek_file(input_.get(), -1, INT64_MIN, INT64_MIN, INT64_MAX, 0) < 0)
                return badInput(path_, "a clip in which one can seek", words(code));
        }
        avcodec_flush_buffers(codec_.get());
        ended_ = false;
        waiting_.clear();
        known_ = false;
        if (!fill(1)) {
            nextS_ = wanted;
            return {};
        }
        constexpr double kFarthestS = 1e6;
        if (std::abs(nextS_ - wanted) > kFarthestS) // a spoiled file's own times
            nextS_ = wanted;
        // Drops what lies before.
        while (nextS_ + 0.5 / rateHz() < wanted) {
            const auto early = static_cast<std::size_t>(std::ceil((wanted - nextS_) * rateHz()));
            if (waiting_.empty() && !fill(1))
                break;
            drop(std::min(early, waiting_.size()));
        }
        return {};
    }

    std::vector<float> read(std::size_t most) override {
        (void)fill(most);
        const std::size_t count = std::min(most, waiting_.size());
        std::vector<float> out(waiting_.begin(), waiting_.begin() + static_cast<std::ptrdiff_t>(count));
        drop(count);
        return out;
    }

private:
    /// Time of the first frame in presentation order, from which the times of frames count: the earliest of the first
    /// packets, for frames that are coded ahead of their turn come within a group.
    void findZero(int pictures) {
        constexpr int kPackets = 48;
        std::int64_t first = AV_NOPTS_VALUE;
        const Packet packet(av_packet_alloc());
        for (int seen = 0; seen < kPackets && av_read_frame(input_.get(), packet.get()) >= 0;
             av_packet_unref(packet.get()))
            if (packet->stream_index == pictures) {
                ++seen;
                if (packet->pts != AV_NOPTS_VALUE)
                    first = first == AV_NOPTS_VALUE ? packet->pts : std::min(first, packet->pts);
            }
        av_packet_unref(packet.get());
        // Times beyond any clip are a spoiled file's: sound and picture then begin together.
        constexpr double kFarthestS = 1e6;
        const double zeroS =
            first == AV_NOPTS_VALUE ? 0 : static_cast<double>(first) * av_q2d(input_->streams[pictures]->time_base);
        if (std::abs(zeroS) < kFarthestS)
            zeroS_ = zeroS;
    }

    void drop(std::size_t count) {
        waiting_.erase(waiting_.begin(), waiting_.begin() + static_cast<std::ptrdiff_t>(count));
        nextS_ += static_cast<double>(count) / rateHz();
    }

    /// Decodes until `wanted` samples wait, or the end. False: none wait.
    bool fill(std::size_t wanted) {
        while (waiting_.size() < wanted && !ended_) {
            const int got = avcodec_receive_frame(codec_.get(), frame_.get());
            if (got == 0) {
                take();
                av_frame_unref(frame_.get());
                continue;
            }
            if (got != AVERROR(EAGAIN)) {
                ended_ = true;
                break;
            }
            const int code = av_read_frame(input_.get(), packet_.get());
            if (code < 0) {
                (void)avcodec_send_packet(codec_.get(), nullptr);
                // What is left in the decoder comes with the next calls; its end ends this.
                if (drained_)
                    ended_ = true;
                drained_ = true;
                continue;
            }
            drained_ = false;
            if (packet_->stream_index == stream_)
                (void)avcodec_send_packet(codec_.get(), packet_.get()); // a spoiled packet is silence
            av_packet_unref(packet_.get());
        }
        return !waiting_.empty();
    }

    void take() {
        if (!mixer_ || mixedRate_ != frame_->sample_rate || mixedFormat_ != frame_->format ||
            mixedChannels_ != frame_->ch_layout.nb_channels) {
            AVChannelLayout mono = AV_CHANNEL_LAYOUT_MONO;
            SwrContext* raw = nullptr;
            if (swr_alloc_set_opts2(&raw, &mono, AV_SAMPLE_FMT_FLT, rateHz(), &frame_->ch_layout,
                                    static_cast<AVSampleFormat>(frame_->format), frame_->sample_rate, 0, nullptr) < 0)
                return;
            mixer_.reset(raw);
            if (swr_init(raw) < 0) {
                mixer_.reset();
                return;
            }
            mixedRate_ = frame_->sample_rate;
            mixedFormat_ = frame_->format;
            mixedChannels_ = frame_->ch_layout.nb_channels;
        }
        const std::int64_t stamp = frame_->best_effort_timestamp;
        if (stamp != AV_NOPTS_VALUE) {
            const double at = static_cast<double>(stamp) * av_q2d(input_->streams[stream_]->time_base) - zeroS_;
            if (!known_) {
                nextS_ = at;
                known_ = true;
            } else {
                // Silence where the file has none.
                const double end = nextS_ + static_cast<double>(waiting_.size()) / rateHz();
                constexpr double kGap = 0.01, kLongest = 600;
                if (at - end > kGap && at - end < kLongest)
                    waiting_.insert(waiting_.end(), static_cast<std::size_t>((at - end) * rateHz()), 0.0F);
            }
        }
        std::vector<float> mixed(static_cast<std::size_t>(swr_get_out_samples(mixer_.get(), frame_->nb_samples)));
        auto* to = reinterpret_cast<std::uint8_t*>(mixed.data());
        const int count = swr_convert(mixer_.get(), &to, static_cast<int>(mixed.size()),
                                      const_cast<const std::uint8_t**>(frame_->extended_data), frame_->nb_samples);
        if (count > 0)
            waiting_.insert(waiting_.end(), mixed.begin(), mixed.begin() + count);
    }

    std::string path_;
    int wantedHz_ = 0;
    double zeroS_ = 0, nextS_ = 0;
    Input input_;
    Codec codec_;
    Packet packet_;
    Frame frame_;
    std::unique_ptr<SwrContext, FreeMixer> mixer_;
    int stream_ = -1, mixedRate_ = 0, mixedFormat_ = -1, mixedChannels_ = 0;
    bool ended_ = false, drained_ = false, known_ = false;
    std::deque<float> waiting_;
};

} // namespace

Result<std::unique_ptr<SoundTrack>> SoundTrack::open(const std::string& path, int rateHz) {
    auto sound = std::make_unique<FfmpegSound>(path, rateHz);
    if (const auto opened = sound->openFile(); !opened)
        return opened.error();
    return std::unique_ptr<SoundTrack>(std::move(sound));
}

Result<SoundPiece> readSound(const std::string& path, double fromS, double toS,
                             const std::function<bool(double share)>& goOn) {
    auto sound = SoundTrack::open(path);
    if (!sound)
        return sound.error();
    if (const auto there = (*sound)->seek(fromS); !there)
        return there.error();
    constexpr double kLongestS = 7200;
    SoundPiece out;
    out.rateHz = (*sound)->rateHz();
    out.fromS = (*sound)->timeS();
    const double end = std::min(toS, out.fromS + kLongestS);
    while ((*sound)->timeS() < end) {
        if (goOn && !goOn(((*sound)->timeS() - out.fromS) / std::max(1e-9, end - out.fromS)))
            return cancelled();
        const auto wanted = static_cast<std::size_t>(std::ceil(std::min(1.0, end - (*sound)->timeS()) * out.rateHz));
        const std::vector<float> piece = (*sound)->read(wanted);
        if (piece.empty())
            break;
        out.samples.insert(out.samples.end(), piece.begin(), piece.end());
    }
    return out;
}

} // namespace riflesso
