#include "media/voice_writer.h"

#include "media/ffmpeg_handles.h"

extern "C" {
#include <libavutil/opt.h>
}

#include <algorithm>
#include <vector>

namespace riflesso {
namespace {

constexpr std::int64_t kBitsASecond = 40'000; // one voice, one channel

class OpusVoice final : public VoiceWriter {
public:
    explicit OpusVoice(std::string path) : path_(std::move(path)) {}

    Result<void> start() {
        AVFormatContext* raw = nullptr;
        if (avformat_alloc_output_context2(&raw, nullptr, "ogg", path_.c_str()) < 0)
            return fault(path_, "no writer of Ogg");
        output_.reset(raw);
        const AVCodec* encoder = avcodec_find_encoder_by_name("libopus");
        if (!encoder)
            return fault(path_, "no encoder of Opus in this FFmpeg");
        AVCodecContext* codec = avcodec_alloc_context3(encoder);
        codec_.reset(codec);
        codec->sample_rate = kVoiceHz;
        codec->sample_fmt = AV_SAMPLE_FMT_S16;
        av_channel_layout_default(&codec->ch_layout, 1);
        codec->bit_rate = kBitsASecond;
        codec->time_base = {1, kVoiceHz};
        codec->flags |= AV_CODEC_FLAG_GLOBAL_HEADER | AV_CODEC_FLAG_BITEXACT;
        av_opt_set(codec->priv_data, "application", "voip", 0);
        int code = avcodec_open2(codec, encoder, nullptr);
        if (code < 0)
            return fault(path_, "Opus does not start: " + ffmpeg::words(code));
        stream_ = avformat_new_stream(raw, nullptr);
        stream_->time_base = codec->time_base;
        avcodec_parameters_from_context(stream_->codecpar, codec);
        raw->flags |= AVFMT_FLAG_FLUSH_PACKETS | AVFMT_FLAG_BITEXACT;
        code = avio_open(&raw->pb, path_.c_str(), AVIO_FLAG_WRITE);
        if (code < 0)
            return badInput(path_, "a place that can be written to", ffmpeg::words(code));
        AVDictionary* how = nullptr;
        av_dict_set(&how, "page_duration", "1000000", 0); // microseconds
        code = avformat_write_header(raw, &how);
        av_dict_free(&how);
        if (code < 0)
            return fault(path_, "cannot be written: " + ffmpeg::words(code));
        frame_.reset(av_frame_alloc());
        frame_->format = codec->sample_fmt;
        frame_->sample_rate = kVoiceHz;
        frame_->nb_samples = codec->frame_size;
        av_channel_layout_copy(&frame_->ch_layout, &codec->ch_layout);
        if (av_frame_get_buffer(frame_.get(), 0) < 0)
            return fault(path_, "no memory for sound");
        return {};
    }

    Result<void> write(const std::int16_t* samples, std::size_t count) override {
        waiting_.insert(waiting_.end(), samples, samples + count);
        return sendWhole(false);
    }

    Result<void> finish() override {
        if (const auto rest = sendWhole(true); !rest)
            return rest;
        if (const auto drained = send(nullptr); !drained)
            return drained;
        if (const int code = av_write_trailer(output_.get()); code < 0)
            return fault(path_, "cannot be finished: " + ffmpeg::words(code));
        return {};
    }

private:
    Result<void> sendWhole(bool last) {
        const auto size = static_cast<std::size_t>(codec_->frame_size);
        std::size_t used = 0;
        while (waiting_.size() - used >= size || (last && waiting_.size() > used)) {
            if (av_frame_make_writable(frame_.get()) < 0)
                return fault(path_, "no memory for sound");
            const std::size_t count = std::min(size, waiting_.size() - used);
            auto* to = reinterpret_cast<std::int16_t*>(frame_->data[0]);
            std::copy_n(waiting_.begin() + static_cast<std::ptrdiff_t>(used), count, to);
            std::fill(to + count, to + size, std::int16_t(0));
            frame_->pts = next_;
            next_ += static_cast<std::int64_t>(size);
            used += count;
            if (const auto sent = send(frame_.get()); !sent)
                return sent;
        }
        waiting_.erase(waiting_.begin(), waiting_.begin() + static_cast<std::ptrdiff_t>(used));
        return {};
    }

    Result<void> send(const AVFrame* frame) {
        int code = avcodec_send_frame(codec_.get(), frame);
        ffmpeg::Packet packet(av_packet_alloc());
        while (code >= 0) {
            code = avcodec_receive_packet(codec_.get(), packet.get());
            if (code == AVERROR(EAGAIN) || code == AVERROR_EOF)
                return {};
            if (code < 0)
                break;
            av_packet_rescale_ts(packet.get(), codec_->time_base, stream_->time_base);
            packet->stream_index = 0;
            code = av_write_frame(output_.get(), packet.get());
        }
        return fault(path_, "cannot be written: " + ffmpeg::words(code));
    }

    std::string path_;
    ffmpeg::Output output_;
    ffmpeg::Codec codec_;
    AVStream* stream_ = nullptr;
    ffmpeg::Frame frame_;
    std::int64_t next_ = 0;
    std::vector<std::int16_t> waiting_;
};

} // namespace

Result<std::unique_ptr<VoiceWriter>> VoiceWriter::create(const std::string& path) {
    av_log_set_level(AV_LOG_QUIET);
    auto voice = std::make_unique<OpusVoice>(path);
    if (const auto started = voice->start(); !started)
        return started.error();
    return std::unique_ptr<VoiceWriter>(std::move(voice));
}

} // namespace riflesso
