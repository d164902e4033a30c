#include "media/clip_writer.h"

#include "media/ffmpeg_handles.h"

extern "C" {
#include <libavutil/display.h>
#include <libavutil/opt.h>
}

#include <fstream>

namespace riflesso {
namespace {

using namespace ffmpeg;

class X264Writer final : public ClipWriter {
public:
    X264Writer(std::string path, const ClipFormat& format) : path_(std::move(path)), format_(format) {}

    Result<void> start() {
        AVFormatContext* raw = nullptr;
        if (avformat_alloc_output_context2(&raw, nullptr, "mp4", path_.c_str()) < 0)
            return fault(path_, "no MP4 writer");
        output_.reset(raw);
        const AVCodec* encoder = avcodec_find_encoder_by_name("libx264");
        if (!encoder)
            return fault(path_, "no H.264 encoder in this FFmpeg");
        codec_.reset(avcodec_alloc_context3(encoder));
        codec_->width = format_.width;
        codec_->height = format_.height;
        codec_->pix_fmt = AV_PIX_FMT_YUV420P;
        codec_->time_base = {1, format_.frameRate};
        codec_->framerate = {format_.frameRate, 1};
        codec_->gop_size = format_.keyInterval;
        codec_->max_b_frames = format_.live ? 0 : 2;
        codec_->thread_count = 2;
        codec_->colorspace = AVCOL_SPC_BT709;
        codec_->color_range = AVCOL_RANGE_MPEG;
        if (output_->oformat->flags & AVFMT_GLOBALHEADER)
            codec_->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
        av_opt_set(codec_->priv_data, "crf", std::to_string(format_.quality).c_str(), 0);
        av_opt_set(codec_->priv_data, "preset", format_.live ? "superfast" : "slow", 0);
        if (format_.live)
            av_opt_set(codec_->priv_data, "tune", "zerolatency", 0);
        int code = avcodec_open2(codec_.get(), encoder, nullptr);
        if (code < 0)
            return fault(path_, "the encoder does not start: " + words(code));
        stream_ = avformat_new_stream(raw, nullptr);
        stream_->time_base = codec_->time_base;
        avcodec_parameters_from_context(stream_->codecpar, codec_.get());
        if (format_.rotationDeg) {
            std::uint8_t* matrix =
                av_stream_new_side_data(stream_, AV_PKT_DATA_DISPLAYMATRIX, 9 * sizeof(std::int32_t));
            if (!matrix)
                return fault(path_, "no memory for a note of rotation");
            av_display_rotation_set(reinterpret_cast<std::int32_t*>(matrix), format_.rotationDeg);
        }
        code = avio_open(&raw->pb, path_.c_str(), AVIO_FLAG_WRITE);
        AVDictionary* how = nullptr;
        if (format_.live)
            raw->flags |= AVFMT_FLAG_FLUSH_PACKETS; // what is written is on the disk
        if (format_.live)
            av_dict_set(&how, "movflags", "frag_keyframe+empty_moov+default_base_moof", 0);
        if (code >= 0)
            code = avformat_write_header(raw, &how);
        av_dict_free(&how);
        if (code < 0)
            return fault(path_, "cannot be written: " + words(code));
        frame_.reset(av_frame_alloc());
        frame_->format = codec_->pix_fmt;
        frame_->width = format_.width;
        frame_->height = format_.height;
        if (av_frame_get_buffer(frame_.get(), 0) < 0)
            return fault(path_, "no memory for a frame");
        scaler_.reset(sws_getContext(format_.width, format_.height, AV_PIX_FMT_RGB24, format_.width, format_.height,
                                     AV_PIX_FMT_YUV420P, SWS_BICUBIC | SWS_ACCURATE_RND, nullptr, nullptr, nullptr));
        (void)sws_setColorspaceDetails(scaler_.get(), sws_getCoefficients(SWS_CS_DEFAULT), 1,
                                       sws_getCoefficients(SWS_CS_ITU709), 0, 0, 1 << 16, 1 << 16);
        return {};
    }

    Result<void> write(const std::vector<std::uint8_t>& rgb, int skip) override {
        if (av_frame_make_writable(frame_.get()) < 0)
            return fault(path_, "no memory for a frame");
        const std::uint8_t* rows[4] = {rgb.data(), nullptr, nullptr, nullptr};
        const int strides[4] = {3 * format_.width, 0, 0, 0};
        sws_scale(scaler_.get(), rows, strides, 0, format_.height, frame_->data, frame_->linesize);
        next_ += skip;
        frame_->pts = next_++;
        return send(frame_.get());
    }

    Result<void> finish() override {
        if (const Result<void> drained = send(nullptr); !drained)
            return drained;
        const int code = av_write_trailer(output_.get());
        if (code < 0)
            return fault(path_, "cannot be finished: " + words(code));
        return {};
    }

private:
    Result<void> send(const AVFrame* frame) {
        int code = avcodec_send_frame(codec_.get(), frame);
        Packet packet(av_packet_alloc());
        while (code >= 0) {
            code = avcodec_receive_packet(codec_.get(), packet.get());
            if (code == AVERROR(EAGAIN) || code == AVERROR_EOF)
                return {};
            if (code < 0)
                break;
            packet->duration = 1; // without it the container ends one frame early and players drop the last
            av_packet_rescale_ts(packet.get(), codec_->time_base, stream_->time_base);
            packet->stream_index = stream_->index;
            code = av_interleaved_write_frame(output_.get(), packet.get());
        }
        return fault(path_, "cannot be written: " + words(code));
    }

    std::string path_;
    ClipFormat format_;
    Output output_;
    Codec codec_;
    AVStream* stream_ = nullptr;
    Frame frame_;
    Scaler scaler_;
    std::int64_t next_ = 0;
};

} // namespace

Result<std::unique_ptr<ClipWriter>> ClipWriter::create(const std::string& path, const ClipFormat& format) {
    if (format.width < 2 || format.height < 2 || format.width % 2 || format.height % 2)
        return badInput(path, "an even width and height",
                        std::to_string(format.width) + " x " + std::to_string(format.height));
    av_log_set_level(AV_LOG_QUIET);
    auto writer = std::make_unique<X264Writer>(path, format);
    if (const Result<void> started = writer->start(); !started)
        return started.error();
    return std::unique_ptr<ClipWriter>(std::move(writer));
}

Result<void> writePng(const Picture& picture, const std::string& path) {
    const AVCodec* encoder = avcodec_find_encoder(AV_CODEC_ID_PNG);
    Codec codec(avcodec_alloc_context3(encoder));
    codec->width = picture.width;
    codec->height = picture.height;
    codec->pix_fmt = AV_PIX_FMT_RGB24;
    codec->time_base = {1, 1};
    int code = avcodec_open2(codec.get(), encoder, nullptr);
    if (code < 0)
        return fault(path, "no PNG writer: " + words(code));
    Frame frame(av_frame_alloc());
    frame->format = codec->pix_fmt;
    frame->width = picture.width;
    frame->height = picture.height;
    if (av_frame_get_buffer(frame.get(), 0) < 0)
        return fault(path, "no memory for a picture");
    const std::size_t row = 3 * static_cast<std::size_t>(picture.width);
    for (int y = 0; y < picture.height; ++y)
        std::copy_n(picture.rgb->data() + row * static_cast<std::size_t>(y), row,
                    frame->data[0] + static_cast<std::ptrdiff_t>(y) * frame->linesize[0]);
    Packet packet(av_packet_alloc());
    code = avcodec_send_frame(codec.get(), frame.get());
    if (code >= 0)
        code = avcodec_receive_packet(codec.get(), packet.get());
    if (code < 0)
        return fault(path, "the picture cannot be packed: " + words(code));
    std::ofstream out(path, std::ios::binary);
    out.write(reinterpret_cast<const char*>(packet->data), packet->size);
    out.close();
    if (!out)
        return badInput(path, "a place that can be written to", "no write");
    return {};
}

} // namespace riflesso
