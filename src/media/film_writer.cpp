#include "media/film_writer.h"

#include "media/ffmpeg_handles.h"

extern "C" {
#include <libavutil/opt.h>
}

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <filesystem>
#include <system_error>

namespace riflesso {
namespace {

struct ContainerKind {
    const char *ending, *muxer, *pictures, *sound;
};
constexpr std::array kContainers = {ContainerKind{".mp4", "mp4", "libx264", "aac"},
                                    ContainerKind{".webm", "webm", "libvpx-vp9", "libopus"}};

/// One encoder and its stream.
struct Track {
    ffmpeg::Codec codec;
    AVStream* stream = nullptr;
    ffmpeg::Frame frame;
    std::int64_t next = 0; ///< time stamp of what comes next
};

class FilmFile final : public FilmWriter {
public:
    FilmFile(std::string path, FilmFormat format)
        : path_(std::move(path)), part_(path_ + ".part"), format_(std::move(format)) {}
    ~FilmFile() override {
        output_.reset();
        if (!whole_)
            std::remove(part_.c_str());
    }
    FilmFile(const FilmFile&) = delete;
    FilmFile& operator=(const FilmFile&) = delete;

    Result<void> start(const ContainerKind& kind) {
        AVFormatContext* raw = nullptr;
        if (avformat_alloc_output_context2(&raw, nullptr, kind.muxer, part_.c_str()) < 0)
            return fault(path_, std::string("no writer of ") + kind.muxer);
        output_.reset(raw);
        raw->flags |= AVFMT_FLAG_BITEXACT; // no name of the writing library in the file
        if (const auto made = startPictures(kind); !made)
            return made;
        if (format_.sound)
            if (const auto made = startSound(kind); !made)
                return made;
        if (!format_.title.empty())
            av_dict_set(&raw->metadata, "title", format_.title.c_str(), 0);
        for (const FilmChapter& chapter : format_.chapters)
            addChapter(chapter);
        int code = avio_open(&raw->pb, part_.c_str(), AVIO_FLAG_WRITE);
        if (code < 0)
            return badInput(path_, "a place that can be written to", ffmpeg::words(code));
        AVDictionary* how = nullptr;
        if (std::strcmp(kind.muxer, "mp4") == 0)
            av_dict_set(&how, "movflags", "faststart", 0); // plays before it is loaded whole
        code = avformat_write_header(raw, &how);
        av_dict_free(&how);
        if (code < 0)
            return fault(path_, "cannot be written: " + ffmpeg::words(code));
        return {};
    }

    Result<void> picture(const FilmPicture& picture) override {
        if (av_frame_make_writable(pictures_.frame.get()) < 0)
            return fault(path_, "no memory for a picture");
        const std::uint8_t* rows[4] = {picture.bgrx, nullptr, nullptr, nullptr};
        const int strides[4] = {picture.strideBytes, 0, 0, 0};
        sws_scale(scaler_.get(), rows, strides, 0, format_.height, pictures_.frame->data, pictures_.frame->linesize);
        return again();
    }

    Result<void> again() override {
        pictures_.frame->pts = pictures_.next++;
        return send(pictures_, pictures_.frame.get());
    }

    Result<void> sound(const float* samples, std::size_t count) override {
        if (!format_.sound)
            return {};
        waiting_.insert(waiting_.end(), samples, samples + count);
        return sendSound(false);
    }

    Result<void> finish() override {
        if (format_.sound) {
            if (const auto rest = sendSound(true); !rest)
                return rest;
            if (const auto drained = send(sound_, nullptr); !drained)
                return drained;
        }
        if (const auto drained = send(pictures_, nullptr); !drained)
            return drained;
        int code = av_write_trailer(output_.get());
        if (code >= 0)
            code = avio_closep(&output_->pb);
        if (code < 0)
            return fault(path_, "cannot be finished: " + ffmpeg::words(code));
        std::error_code wrong;
        std::filesystem::rename(part_, path_, wrong);
        if (wrong)
            return fault(path_, "cannot take its name: " + wrong.message());
        whole_ = true;
        return {};
    }

private:
    Result<void> startPictures(const ContainerKind& kind) {
        const AVCodec* encoder = avcodec_find_encoder_by_name(kind.pictures);
        if (!encoder)
            return fault(path_, std::string("no encoder ") + kind.pictures + " in this FFmpeg");
        AVCodecContext* codec = avcodec_alloc_context3(encoder);
        pictures_.codec.reset(codec);
        codec->width = format_.width;
        codec->height = format_.height;
        codec->pix_fmt = AV_PIX_FMT_YUV420P;
        codec->time_base = {1, format_.frameRate};
        codec->framerate = {format_.frameRate, 1};
        codec->gop_size = 2 * format_.frameRate;
        codec->thread_count = 2;
        codec->colorspace = AVCOL_SPC_BT709;
        codec->color_primaries = AVCOL_PRI_BT709;
        codec->color_trc = AVCOL_TRC_BT709;
        codec->color_range = AVCOL_RANGE_MPEG;
        codec->flags |= AV_CODEC_FLAG_BITEXACT;
        if (std::strcmp(kind.pictures, "libx264") == 0) {
            av_opt_set(codec->priv_data, "preset", "medium", 0);
            av_opt_set(codec->priv_data, "crf", "20", 0);
            // Pictures that wait to be coded are most of the memory; half as many look ahead nearly as well.
            av_opt_set(codec->priv_data, "x264-params", "rc-lookahead=20", 0);
        } else {
            av_opt_set(codec->priv_data, "crf", "31", 0);
            av_opt_set(codec->priv_data, "deadline", "good", 0);
            av_opt_set(codec->priv_data, "cpu-used", "4", 0);
            av_opt_set(codec->priv_data, "row-mt", "1", 0);
        }
        if (const auto opened = open(pictures_, encoder); !opened)
            return opened;
        AVFrame* frame = av_frame_alloc();
        pictures_.frame.reset(frame);
        frame->format = codec->pix_fmt;
        frame->width = format_.width;
        frame->height = format_.height;
        if (av_frame_get_buffer(frame, 0) < 0)
            return fault(path_, "no memory for a picture");
        scaler_.reset(sws_getContext(format_.width, format_.height, AV_PIX_FMT_BGR0, format_.width, format_.height,
                                     AV_PIX_FMT_YUV420P, SWS_BILINEAR | SWS_ACCURATE_RND, nullptr, nullptr, nullptr));
        (void)sws_setColorspaceDetails(scaler_.get(), sws_getCoefficients(SWS_CS_DEFAULT), 1,
                                       sws_getCoefficients(SWS_CS_ITU709), 0, 0, 1 << 16, 1 << 16);
        return {};
    }

    Result<void> startSound(const ContainerKind& kind) {
        const AVCodec* encoder = avcodec_find_encoder_by_name(kind.sound);
        if (!encoder)
            return fault(path_, std::string("no encoder ") + kind.sound + " in this FFmpeg");
        AVCodecContext* codec = avcodec_alloc_context3(encoder);
        sound_.codec.reset(codec);
        codec->sample_rate = kFilmSoundHz;
        codec->sample_fmt = encoder->sample_fmts ? encoder->sample_fmts[0] : AV_SAMPLE_FMT_FLTP;
        for (const AVSampleFormat* each = encoder->sample_fmts; each && *each != AV_SAMPLE_FMT_NONE; ++each)
            if (*each == AV_SAMPLE_FMT_FLT || *each == AV_SAMPLE_FMT_FLTP)
                codec->sample_fmt = *each; // one channel: both lie in memory alike
        av_channel_layout_default(&codec->ch_layout, 1);
        codec->bit_rate = 64000;
        codec->time_base = {1, kFilmSoundHz};
        codec->flags |= AV_CODEC_FLAG_BITEXACT;
        if (const auto opened = open(sound_, encoder); !opened)
            return opened;
        // The encoder stamps what it gives with its own delay taken off; MP4's list of edits puts that right. A
        // Matroska reader takes the delay off once more.
        if (std::strcmp(kind.muxer, "webm") == 0)
            sound_.next = codec->initial_padding;
        AVFrame* frame = av_frame_alloc();
        sound_.frame.reset(frame);
        frame->format = codec->sample_fmt;
        frame->sample_rate = kFilmSoundHz;
        frame->nb_samples = codec->frame_size;
        av_channel_layout_copy(&frame->ch_layout, &codec->ch_layout);
        if (av_frame_get_buffer(frame, 0) < 0)
            return fault(path_, "no memory for sound");
        return {};
    }

    Result<void> open(Track& track, const AVCodec* encoder) {
        if (output_->oformat->flags & AVFMT_GLOBALHEADER)
            track.codec->flags |= AV_CODEC_FLAG_GLOBAL_HEADER;
        const int code = avcodec_open2(track.codec.get(), encoder, nullptr);
        if (code < 0)
            return fault(path_, std::string(encoder->name) + " does not start: " + ffmpeg::words(code));
        track.stream = avformat_new_stream(output_.get(), nullptr);
        track.stream->time_base = track.codec->time_base;
        track.stream->avg_frame_rate = track.codec->framerate;
        avcodec_parameters_from_context(track.stream->codecpar, track.codec.get());
        return {};
    }

    void addChapter(const FilmChapter& chapter) {
        AVFormatContext* to = output_.get();
        auto* list = static_cast<AVChapter**>(
            av_realloc_array(static_cast<void*>(to->chapters), to->nb_chapters + 1, sizeof(AVChapter*)));
        auto* made = static_cast<AVChapter*>(av_mallocz(sizeof(AVChapter)));
        if (!list || !made) {
            av_free(made);
            return; // a film without a chapter is better than none
        }
        constexpr double kPerSecond = 1000;
        made->id = to->nb_chapters + 1;
        made->time_base = {1, static_cast<int>(kPerSecond)};
        made->start = std::llround(chapter.fromS * kPerSecond);
        made->end = std::llround(chapter.toS * kPerSecond);
        av_dict_set(&made->metadata, "title", chapter.title.c_str(), 0);
        list[to->nb_chapters++] = made;
        to->chapters = list;
    }

    /// Whole frames of sound to the encoder; at the end what is left, filled up with silence.
    Result<void> sendSound(bool last) {
        const auto size = static_cast<std::size_t>(sound_.codec->frame_size);
        std::size_t used = 0;
        while (waiting_.size() - used >= size || (last && waiting_.size() > used)) {
            if (av_frame_make_writable(sound_.frame.get()) < 0)
                return fault(path_, "no memory for sound");
            const std::size_t count = std::min(size, waiting_.size() - used);
            auto* to = reinterpret_cast<float*>(sound_.frame->data[0]);
            std::copy_n(waiting_.begin() + static_cast<std::ptrdiff_t>(used), count, to);
            std::fill(to + count, to + size, 0.F);
            sound_.frame->pts = sound_.next;
            sound_.next += static_cast<std::int64_t>(size);
            used += count;
            if (const auto sent = send(sound_, sound_.frame.get()); !sent)
                return sent;
        }
        waiting_.erase(waiting_.begin(), waiting_.begin() + static_cast<std::ptrdiff_t>(used));
        return {};
    }

    Result<void> send(Track& track, const AVFrame* frame) {
        int code = avcodec_send_frame(track.codec.get(), frame);
        ffmpeg::Packet packet(av_packet_alloc());
        while (code >= 0) {
            code = avcodec_receive_packet(track.codec.get(), packet.get());
            if (code == AVERROR(EAGAIN) || code == AVERROR_EOF)
                return {};
            if (code < 0)
                break;
            if (&track == &pictures_)
                packet->duration = 1; // without it the container ends one picture early
            av_packet_rescale_ts(packet.get(), track.codec->time_base, track.stream->time_base);
            packet->stream_index = track.stream->index;
            code = av_interleaved_write_frame(output_.get(), packet.get());
        }
        return fault(path_, "cannot be written: " + ffmpeg::words(code));
    }

    std::string path_, part_;
    FilmFormat format_;
    bool whole_ = false;
    ffmpeg::Output output_;
    Track pictures_, sound_;
    ffmpeg::Scaler scaler_;
    std::vector<float> waiting_; ///< sound that does not fill a frame yet
};

} // namespace

Result<std::unique_ptr<FilmWriter>> FilmWriter::create(const std::string& path, const FilmFormat& format) {
    if (format.width < 2 || format.height < 2 || format.width % 2 || format.height % 2)
        return badInput(path, "an even width and height",
                        std::to_string(format.width) + " x " + std::to_string(format.height));
    const std::string ending = std::filesystem::path(path).extension().string();
    const auto kind = std::find_if(kContainers.begin(), kContainers.end(),
                                   [&](const ContainerKind& each) { return ending == each.ending; });
    if (kind == kContainers.end())
        return badInput(path, "a file that ends in .mp4 or .webm", ending.empty() ? "no ending" : ending);
    av_log_set_level(AV_LOG_QUIET);
    auto film = std::make_unique<FilmFile>(path, format);
    if (const auto started = film->start(*kind); !started)
        return started.error();
    return std::unique_ptr<FilmWriter>(std::move(film));
}

} // namespace riflesso
