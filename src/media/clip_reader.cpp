#include "media/clip_reader.h"

#include "media/ffmpeg_handles.h"
#include "media/picture_maker.h"
#include "media/threads.h"

extern "C" {
#include <libavutil/display.h>
}

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <list>
#include <map>

namespace riflesso {
namespace {

using namespace ffmpeg;

constexpr int kMaxFrames = 2'000'000;
constexpr int kMaxSide = 16384;

/// Decoded frames by index, the least used dropped first.
class FrameCache {
public:
    explicit FrameCache(std::size_t bound) : bound_(bound) {}
    AVFrame* find(int index) {
        const auto found = entries_.find(index);
        if (found == entries_.end())
            return nullptr;
        order_.splice(order_.begin(), order_, found->second.place);
        return found->second.frame.get();
    }
    void put(int index, Frame frame) {
        if (entries_.contains(index))
            return;
        const int size =
            av_image_get_buffer_size(static_cast<AVPixelFormat>(frame->format), frame->width, frame->height, 1);
        const std::size_t bytes = size > 0 ? static_cast<std::size_t>(size) : 0;
        while (!order_.empty() && bytes_ + bytes > bound_)
            dropOldest();
        order_.push_front(index);
        entries_[index] = {std::move(frame), bytes, order_.begin()};
        bytes_ += bytes;
    }
    [[nodiscard]] std::size_t bytes() const { return bytes_; }
    /// How many frames like those kept have room.
    [[nodiscard]] int room() const {
        return entries_.empty() ? 0 : static_cast<int>(bound_ / std::max<std::size_t>(1, bytes_ / entries_.size()));
    }
    void keepWithin(std::size_t bound) {
        bound_ = bound;
        while (!order_.empty() && bytes_ > bound_)
            dropOldest();
    }

private:
    struct Entry {
        Frame frame;
        std::size_t bytes = 0;
        std::list<int>::iterator place;
    };
    void dropOldest() {
        const auto oldest = entries_.find(order_.back());
        bytes_ -= oldest->second.bytes;
        entries_.erase(oldest);
        order_.pop_back();
    }
    std::size_t bound_, bytes_ = 0;
    std::list<int> order_; // most recently used first
    std::map<int, Entry> entries_;
};

class FfmpegReader final : public ClipReader {
public:
    FfmpegReader(std::string path, std::size_t cacheBytes) : path_(std::move(path)), cache_(cacheBytes) {}

    Result<void> openFile() {
        const Result<void> opened = openStream();
        return opened ? index() : opened;
    }

    /// Ready to decode from the start; frames have no numbers yet.
    Result<void> openStream() {
        std::error_code problem;
        if (!std::filesystem::is_regular_file(path_, problem))
            return badInput(path_, "a clip", "no such file");
        if (std::filesystem::file_size(path_, problem) == 0)
            return badInput(path_, "a clip", "an empty file");
        AVFormatContext* raw = nullptr;
        int code = avformat_open_input(&raw, path_.c_str(), nullptr, nullptr);
        if (code < 0)
            return badInput(path_, "a clip that can be read", words(code));
        input_.reset(raw);
        code = avformat_find_stream_info(raw, nullptr);
        if (code < 0)
            return badInput(path_, "a clip that can be read", words(code));
        const AVCodec* decoder = nullptr;
        stream_ = av_find_best_stream(raw, AVMEDIA_TYPE_VIDEO, -1, -1, &decoder, 0);
        if (stream_ < 0 || !decoder)
            return badInput(path_, "a clip with a picture", "no video that can be decoded");
        info_.hasSound = av_find_best_stream(raw, AVMEDIA_TYPE_AUDIO, -1, -1, nullptr, 0) >= 0;
        for (unsigned i = 0; i < raw->nb_streams; ++i)
            raw->streams[i]->discard = static_cast<int>(i) == stream_ ? AVDISCARD_DEFAULT : AVDISCARD_ALL;
        codec_.reset(avcodec_alloc_context3(decoder));
        code = avcodec_parameters_to_context(codec_.get(), stream()->codecpar);
        if (code >= 0) {
            // One more than there are cores for: they go on while a picture is made of what they gave.
            codec_->thread_count = decodingThreads() > 1 ? decodingThreads() + 1 : 1;
            // Over broken data, dav1d 1.0 waits for ever for a picture that another thread was to give: one at a time.
            if (codec_->codec_id == AV_CODEC_ID_AV1)
                codec_->flags |= AV_CODEC_FLAG_LOW_DELAY;
            codec_->pkt_timebase = stream()->time_base;
            code = avcodec_open2(codec_.get(), decoder, nullptr);
        }
        if (code < 0)
            return badInput(path_, "a clip that can be decoded", words(code));
        info_.codec = decoder->name;
        readGeometry();
        if (info_.storedWidth < 1 || info_.storedHeight < 1 || info_.displayWidth > kMaxSide ||
            info_.displayHeight > kMaxSide)
            return badInput(path_, "a picture of 1 to 16384 pixels a side",
                            std::to_string(info_.storedWidth) + " x " + std::to_string(info_.storedHeight));
        return {};
    }

    Result<Picture> firstDecoded() {
        const Frame frame(av_frame_alloc());
        if (!nextFrame(frame.get()))
            return badInput(path_, "a clip with at least one frame", "none that can be read");
        return maker_.make(*frame, unturned_.first, unturned_.second, info_.rotation, path_, 0, 0);
    }

    const ClipInfo& info() const override { return info_; }
    std::size_t cachedBytes() const override { return cache_.bytes(); }
    void keepWithin(std::size_t cacheBytes) override { cache_.keepWithin(cacheBytes); }

    Result<Picture> frame(int index) override {
        const Result<AVFrame*> decoded = decodedFrame(index);
        return decoded ? picture(**decoded, index) : Result<Picture>(decoded.error());
    }

    Result<Picture> small(int index, const SmallPart& part) override {
        const Result<AVFrame*> decoded = decodedFrame(index);
        if (!decoded)
            return decoded.error();
        const double timeS = info_.timesS[static_cast<std::size_t>(index)];
        if (info_.rotation == 0 && unturned_ == std::pair((*decoded)->width, (*decoded)->height))
            return smallMaker_.makeSmall(**decoded, part, path_, index, timeS);
        const Result<Picture> whole = picture(**decoded, index);
        return whole ? smallMaker_.makeSmall(*whole, part, path_) : whole;
    }

    void prepare(int index) override {
        if (index == nextIndex_ && index < info_.frames() && !cache_.find(index))
            (void)decodeTo(index); // a frame that cannot be decoded is said when it is asked for
    }

    bool prepareBefore(int index) override {
        // As many are kept ready as half of the room holds: the other half is what was seen last.
        constexpr int kMost = 40;
        const int ready = std::min(kMost, cache_.room() / 2);
        int missing = std::min(index, info_.frames()) - 1;
        while (missing >= 0 && index - missing <= ready && cache_.find(missing))
            --missing;
        const int here = index - 1 - missing;
        // All from a key frame on have to be decoded for it: not for one, but for many.
        if (missing < 0 || here >= ready || byCounting_ || (before_ < 0 && 2 * here > ready))
            return leaveBefore();
        const int key = keyBefore(missing);
        if (before_ != key || nextIndex_ > missing) {
            if (key == 0 ? !rewind()
                         : av_seek_frame(input_.get(), stream_, pts_[static_cast<std::size_t>(key)],
                                         AVSEEK_FLAG_BACKWARD) < 0)
                return leaveBefore();
            avcodec_flush_buffers(codec_.get());
            draining_ = false;
            nextIndex_ = before_ = key;
        }
        const Frame frame(av_frame_alloc());
        if (!nextFrame(frame.get()))
            return leaveBefore(); // it is said when it is asked for
        const int at = indexOf(*frame);
        if (at > missing)
            return leaveBefore();
        if (at >= 0) {
            nextIndex_ = at + 1;
            if (missing - at < ready)
                cache_.put(at, Frame(av_frame_clone(frame.get())));
        }
        return true;
    }

private:
    bool leaveBefore() {
        before_ = -1;
        return false;
    }
    /// In the cache, which keeps it.
    Result<AVFrame*> decodedFrame(int index) {
        if (index < 0 || index >= info_.frames())
            return badInput(path_, "a frame from 0 to " + std::to_string(info_.frames() - 1), std::to_string(index));
        if (AVFrame* kept = cache_.find(index))
            return kept;
        if (const Result<void> reached = decodeTo(index); !reached)
            return reached.error();
        if (AVFrame* kept = cache_.find(index))
            return kept;
        return fault(path_, "frame " + std::to_string(index) + " could not be decoded");
    }
    [[nodiscard]] AVStream* stream() const { return input_->streams[stream_]; }

    void readGeometry() {
        const AVCodecParameters& p = *stream()->codecpar;
        info_.storedWidth = p.width;
        info_.storedHeight = p.height;
        if (const std::uint8_t* matrix = av_stream_get_side_data(stream(), AV_PKT_DATA_DISPLAYMATRIX, nullptr)) {
            const double counterClockwise = av_display_rotation_get(reinterpret_cast<const std::int32_t*>(matrix));
            if (std::isfinite(counterClockwise))
                info_.rotation = ((static_cast<int>(std::lround(-counterClockwise / 90)) * 90) % 360 + 360) % 360;
        }
        const AVRational aspect = av_guess_sample_aspect_ratio(input_.get(), stream(), nullptr);
        int width = p.width;
        if (aspect.num > 0 && aspect.den > 0)
            width = static_cast<int>(std::lround(static_cast<double>(p.width) * aspect.num / aspect.den));
        unturned_ = {width, p.height};
        const bool sideways = info_.rotation % 180 == 90;
        info_.displayWidth = sideways ? p.height : width;
        info_.displayHeight = sideways ? width : p.height;
    }

    /// Times of all frames, from packets alone; by decoding where packets lack times.
    Result<void> index() {
        Packet packet(av_packet_alloc());
        bool timesMissing = false;
        std::vector<std::pair<std::int64_t, bool>> entries;
        while (av_read_frame(input_.get(), packet.get()) >= 0) {
            if (packet->stream_index == stream_ && !(packet->flags & AV_PKT_FLAG_DISCARD)) {
                timesMissing = timesMissing || packet->pts == AV_NOPTS_VALUE;
                entries.emplace_back(packet->pts, packet->flags & AV_PKT_FLAG_KEY);
            }
            av_packet_unref(packet.get());
            if (entries.size() > kMaxFrames)
                return badInput(path_, "at most 2 million frames", "more");
        }
        if (!timesMissing) {
            std::sort(entries.begin(), entries.end());
            for (std::size_t i = 1; i < entries.size(); ++i)
                timesMissing = timesMissing || entries[i].first == entries[i - 1].first;
        }
        if (timesMissing) {
            byCounting_ = true;
            if (const Result<void> counted = indexByDecoding(); !counted)
                return counted;
        } else {
            for (const auto& [pts, key] : entries) {
                pts_.push_back(pts);
                keys_.push_back(key);
            }
        }
        if (pts_.empty())
            return badInput(path_, "a clip with at least one frame", "none that can be read");
        const double unit = av_q2d(stream()->time_base);
        for (std::int64_t pts : pts_)
            info_.timesS.push_back(static_cast<double>(pts - pts_.front()) * unit);
        describeTimes();
        return rewind();
    }

    Result<void> indexByDecoding() {
        if (const Result<void> start = rewind(); !start)
            return start;
        const double unit = av_q2d(stream()->time_base);
        const AVRational rate = av_guess_frame_rate(input_.get(), stream(), nullptr);
        const auto step =
            std::max<std::int64_t>(1, rate.num > 0 ? std::llround(static_cast<double>(rate.den) / rate.num / unit) : 1);
        Frame frame(av_frame_alloc());
        while (nextFrame(frame.get())) {
            std::int64_t pts = frame->best_effort_timestamp;
            // A frame without a time of its own stands one nominal interval after the one before.
            if (pts == AV_NOPTS_VALUE || (!pts_.empty() && pts <= pts_.back()))
                pts = pts_.empty() ? 0 : pts_.back() + step;
            pts_.push_back(pts);
            keys_.push_back(false);
            av_frame_unref(frame.get());
            if (pts_.size() > kMaxFrames)
                return badInput(path_, "at most 2 million frames", "more");
        }
        return {};
    }

    void describeTimes() {
        std::vector<double> intervals;
        for (std::size_t i = 1; i < info_.timesS.size(); ++i)
            intervals.push_back(info_.timesS[i] - info_.timesS[i - 1]);
        if (intervals.empty()) {
            const AVRational rate = av_guess_frame_rate(input_.get(), stream(), nullptr);
            info_.medianIntervalS = rate.num > 0 ? static_cast<double>(rate.den) / rate.num : 0;
        } else {
            std::vector<double> sorted = intervals;
            std::sort(sorted.begin(), sorted.end());
            const std::size_t half = sorted.size() / 2;
            info_.medianIntervalS = sorted.size() % 2 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
        }
        constexpr double kGap = 1.5; // medians
        for (std::size_t i = 0; i < intervals.size(); ++i)
            if (intervals[i] > kGap * info_.medianIntervalS)
                info_.gaps.push_back({static_cast<int>(i) + 1, intervals[i]});
        info_.durationS = info_.timesS.back() + info_.medianIntervalS;
    }

    Result<void> rewind() {
        const std::int64_t start = stream()->start_time == AV_NOPTS_VALUE ? 0 : stream()->start_time;
        if (av_seek_frame(input_.get(), stream_, std::min<std::int64_t>(start, 0), AVSEEK_FLAG_BACKWARD) < 0 &&
            av_seek_frame(input_.get(), -1, 0, AVSEEK_FLAG_BACKWARD) < 0 &&
            avformat_seek_file(input_.get(), stream_, INT64_MIN, 0, INT64_MAX, AVSEEK_FLAG_BYTE) < 0)
            return fault(path_, "the clip cannot be rewound");
        avcodec_flush_buffers(codec_.get());
        draining_ = false;
        nextIndex_ = 0;
        return {};
    }

    /// The next decoded frame; false at the end of the clip.
    bool nextFrame(AVFrame* frame) {
        Packet packet(av_packet_alloc());
        for (;;) {
            const int code = avcodec_receive_frame(codec_.get(), frame);
            if (code == 0)
                return true;
            if (code != AVERROR(EAGAIN) || draining_)
                return false;
            for (;;) {
                if (av_read_frame(input_.get(), packet.get()) < 0) {
                    draining_ = true;
                    avcodec_send_packet(codec_.get(), nullptr);
                    break;
                }
                const bool ours = packet->stream_index == stream_;
                if (ours)
                    (void)avcodec_send_packet(codec_.get(), packet.get()); // a broken packet loses its frame only
                av_packet_unref(packet.get());
                if (ours)
                    break;
            }
        }
    }

    /// Index of a decoded frame, or -1 for one outside the index.
    int indexOf(const AVFrame& frame) {
        if (byCounting_)
            return nextIndex_;
        const std::int64_t pts = frame.pts != AV_NOPTS_VALUE ? frame.pts : frame.best_effort_timestamp;
        const auto found = std::lower_bound(pts_.begin(), pts_.end(), pts);
        return found != pts_.end() && *found == pts ? static_cast<int>(found - pts_.begin()) : -1;
    }

    [[nodiscard]] int keyBefore(int index) const {
        while (index > 0 && !keys_[static_cast<std::size_t>(index)])
            --index;
        return index;
    }

    /// Decodes until `target` is in the cache; frames passed on the way stay there too.
    Result<void> decodeTo(int target) {
        before_ = -1;
        // Going on is cheaper than seeking when no key frame lies between here and there.
        const bool ahead = nextIndex_ <= target && (byCounting_ || keyBefore(target) <= nextIndex_);
        int key = byCounting_ ? 0 : keyBefore(target);
        bool seek = !ahead;
        for (int attempt = 0; attempt < 6; ++attempt) {
            if (seek) {
                if (key == 0) {
                    if (const Result<void> start = rewind(); !start)
                        return start;
                } else {
                    if (av_seek_frame(input_.get(), stream_, pts_[static_cast<std::size_t>(key)],
                                      AVSEEK_FLAG_BACKWARD) < 0) {
                        key = 0;
                        continue;
                    }
                    avcodec_flush_buffers(codec_.get());
                    draining_ = false;
                }
            }
            bool first = true, tooLate = false;
            Frame frame(av_frame_alloc());
            while (nextFrame(frame.get())) {
                const int index = indexOf(*frame);
                if (index >= 0) {
                    if (first && seek && index > target) {
                        tooLate = true; // the container's seek landed past the wanted frame
                        break;
                    }
                    first = false;
                    nextIndex_ = index + 1;
                    cache_.put(index, Frame(av_frame_clone(frame.get())));
                    if (index == target)
                        return {};
                    if (index > target)
                        break;
                }
                av_frame_unref(frame.get());
            }
            if (cache_.find(target))
                return {};
            if (key == 0 && seek)
                break;
            key = tooLate && key > 0 ? keyBefore(key - 1) : (seek ? 0 : key);
            seek = true;
        }
        return fault(path_, "frame " + std::to_string(target) + " could not be decoded");
    }

    Result<Picture> picture(const AVFrame& frame, int index) {
        return maker_.make(frame, unturned_.first, unturned_.second, info_.rotation, path_, index,
                           info_.timesS[static_cast<std::size_t>(index)]);
    }

    std::string path_;
    Input input_;
    Codec codec_;
    int stream_ = -1;
    ClipInfo info_;
    std::pair<int, int> unturned_; // display size before rotation
    std::vector<std::int64_t> pts_;
    std::vector<bool> keys_;
    bool byCounting_ = false; // packets lack times: frames are counted from the start
    bool draining_ = false;
    int nextIndex_ = 0; // what the decoder gives next
    int before_ = -1;   // key frame from which prepareBefore() goes on; -1: not under way
    FrameCache cache_;
    PictureMaker maker_, smallMaker_;
};

} // namespace

Result<std::unique_ptr<ClipReader>> ClipReader::open(const std::string& path, std::size_t cacheBytes) {
    av_log_set_level(AV_LOG_QUIET);
    auto reader = std::make_unique<FfmpegReader>(path, cacheBytes);
    if (const Result<void> opened = reader->openFile(); !opened)
        return opened.error();
    return std::unique_ptr<ClipReader>(std::move(reader));
}

Result<Picture> ClipReader::firstPicture(const std::string& path) {
    av_log_set_level(AV_LOG_QUIET);
    FfmpegReader reader(path, 0);
    if (const Result<void> opened = reader.openStream(); !opened)
        return opened.error();
    return reader.firstDecoded();
}

} // namespace riflesso
