#pragma once
// libavcodec by itself, to set our times beside in one run.

#include "media/ffmpeg_handles.h"

#include <cmath>
#include <cstdlib>
#include <string>

namespace riflesso {

/// libavcodec by itself, with as many threads as ours.
class PlainDecoder {
public:
    explicit PlainDecoder(const std::string& path) {
        AVFormatContext* raw = nullptr;
        if (avformat_open_input(&raw, path.c_str(), nullptr, nullptr) < 0)
            std::exit(1);
        input_.reset(raw);
        avformat_find_stream_info(raw, nullptr);
        const AVCodec* decoder = nullptr;
        stream_ = av_find_best_stream(raw, AVMEDIA_TYPE_VIDEO, -1, -1, &decoder, 0);
        codec_.reset(avcodec_alloc_context3(decoder));
        avcodec_parameters_to_context(codec_.get(), raw->streams[stream_]->codecpar);
        codec_->thread_count = 3;
        avcodec_open2(codec_.get(), decoder, nullptr);
    }
    /// From the key frame before `timeS` to the frame at it; frames decoded.
    int decodeTo(double timeS) {
        av_seek_frame(input_.get(), stream_, stampOf(timeS), AVSEEK_FLAG_BACKWARD);
        avcodec_flush_buffers(codec_.get());
        return decodeOnTo(timeS);
    }
    /// On from where it stands, to the frame at `timeS`; frames decoded.
    int decodeOnTo(double timeS) {
        const std::int64_t wanted = stampOf(timeS);
        return run([&](const AVFrame& frame) { return frame.pts >= wanted; });
    }
    int decodeAll() {
        av_seek_frame(input_.get(), stream_, 0, AVSEEK_FLAG_BACKWARD);
        avcodec_flush_buffers(codec_.get());
        return run([](const AVFrame&) { return false; });
    }
    int demux() {
        ffmpeg::Packet packet(av_packet_alloc());
        av_seek_frame(input_.get(), stream_, 0, AVSEEK_FLAG_BACKWARD);
        int packets = 0;
        while (av_read_frame(input_.get(), packet.get()) >= 0) {
            ++packets;
            av_packet_unref(packet.get());
        }
        return packets;
    }

private:
    [[nodiscard]] std::int64_t stampOf(double timeS) const {
        return std::llround(timeS / av_q2d(input_->streams[stream_]->time_base));
    }
    template <class Stop> int run(Stop stop) {
        ffmpeg::Packet packet(av_packet_alloc());
        ffmpeg::Frame frame(av_frame_alloc());
        int frames = 0;
        bool more = true;
        while (more) {
            more = av_read_frame(input_.get(), packet.get()) >= 0;
            avcodec_send_packet(codec_.get(), more ? packet.get() : nullptr);
            av_packet_unref(packet.get());
            while (avcodec_receive_frame(codec_.get(), frame.get()) == 0) {
                ++frames;
                if (stop(*frame))
                    return frames;
            }
        }
        return frames;
    }

    ffmpeg::Input input_;
    ffmpeg::Codec codec_;
    int stream_ = -1;
};

} // namespace riflesso
