#include "media/live_capture.h"

#include "media/clip_writer.h"
#include "media/ffmpeg_handles.h"
#include "media/picture_maker.h"

extern "C" {
#include <libavdevice/avdevice.h>
#include <libavutil/time.h>
}

#include <atomic>
#include <chrono>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <mutex>
#include <thread>

namespace riflesso {
namespace {

using namespace ffmpeg;
using Clock = std::chrono::steady_clock;

constexpr std::string_view kSimulated = "simulated:", kMade = "lavfi:";

using Stopped = std::function<bool()>;

/// Where pictures come from. read() waits for the next one, or until it is to stop: then it was cancelled.
class Source {
public:
    virtual ~Source() = default;
    virtual Result<Picture> read(const Stopped& stopped) = 0;
};

/// A clip shown over and over in real time.
class ShownClip final : public Source {
public:
    explicit ShownClip(std::unique_ptr<ClipReader> reader) : reader_(std::move(reader)) {}
    Result<Picture> read(const Stopped& /*stopped*/) override {
        const ClipInfo& info = reader_->info();
        if (next_ >= info.frames()) {
            next_ = 0;
            roundS_ += info.durationS;
        }
        const double due = roundS_ + info.timesS[static_cast<std::size_t>(next_)];
        std::this_thread::sleep_until(began_ +
                                      std::chrono::duration_cast<Clock::duration>(std::chrono::duration<double>(due)));
        auto picture = reader_->frame(next_++);
        if (picture)
            picture->timeS = due;
        return picture;
    }

private:
    std::unique_ptr<ClipReader> reader_;
    Clock::time_point began_ = Clock::now();
    double roundS_ = 0;
    int next_ = 0;
};

class Device final : public Source {
public:
    explicit Device(std::string name) : name_(std::move(name)) {}
    Result<void> openDevice(const char* format, const std::string& url, bool paced) {
        paced_ = paced;
        const AVInputFormat* input = av_find_input_format(format);
        if (!input)
            return fault(name_, "this FFmpeg has no input for cameras");
        int code = 0;
        if (paced) {
            code = openInput(input, url, {});
        } else {
            // What a camera sends as it is, it sends slowly: few of them have room for sixty whole pictures a second.
            // Rate and size are the nearest the camera has; not all take wishes.
            const Wishes size = {{"framerate", "60"}, {"video_size", "1280x720"}};
            Wishes packed = size;
            packed.emplace_back("input_format", "mjpeg");
            for (const Wishes& wishes : {packed, size, Wishes()})
                if (code = openInput(input, url, wishes); code >= 0)
                    break;
        }
        if (code < 0)
            return badInput(name_, "a camera that can be opened", words(code));
        AVFormatContext* raw = input_.get();
        const AVCodec* decoder = nullptr;
        code = avformat_find_stream_info(raw, nullptr);
        stream_ = code < 0 ? code : av_find_best_stream(raw, AVMEDIA_TYPE_VIDEO, -1, -1, &decoder, 0);
        if (stream_ < 0 || !decoder)
            return badInput(name_, "a camera with a picture", "none");
        codec_.reset(avcodec_alloc_context3(decoder));
        code = avcodec_parameters_to_context(codec_.get(), raw->streams[stream_]->codecpar);
        if (code >= 0)
            code = avcodec_open2(codec_.get(), decoder, nullptr);
        if (code < 0)
            return badInput(name_, "pictures that can be decoded", words(code));
        packet_.reset(av_packet_alloc());
        frame_.reset(av_frame_alloc());
        return {};
    }
    Result<Picture> read(const Stopped& stopped) override {
        constexpr std::chrono::seconds kPatience(5);
        const auto asked = Clock::now();
        for (;;) {
            if (stopped())
                return cancelled();
            const int got = avcodec_receive_frame(codec_.get(), frame_.get());
            if (got == 0)
                return taken();
            const int code = av_read_frame(input_.get(), packet_.get());
            if (code == AVERROR(EAGAIN)) {
                if (Clock::now() - asked > kPatience)
                    return badInput(name_, "the next picture within 5 s", "none");
                std::this_thread::sleep_for(std::chrono::milliseconds(2));
                continue;
            }
            if (code < 0)
                return badInput(name_, "the next picture", words(code));
            if (packet_->stream_index == stream_)
                (void)avcodec_send_packet(codec_.get(), packet_.get()); // a spoiled picture is passed over
            av_packet_unref(packet_.get());
        }
    }

private:
    using Wishes = std::vector<std::pair<const char*, const char*>>;
    /// FFmpeg's own code.
    int openInput(const AVInputFormat* input, const std::string& url, const Wishes& wishes) {
        AVFormatContext* raw = avformat_alloc_context();
        if (!raw)
            return AVERROR(ENOMEM);
        raw->flags |= AVFMT_FLAG_NONBLOCK; // a camera that hangs must not hold up who waits for it
        AVDictionary* options = nullptr;
        for (const auto& [name, value] : wishes)
            av_dict_set(&options, name, value, 0);
        const int code = avformat_open_input(&raw, url.c_str(), input, &options); // frees what it could not open
        av_dict_free(&options);
        input_.reset(code < 0 ? nullptr : raw);
        return code;
    }
    Result<Picture> taken() {
        const double unit = av_q2d(input_->streams[stream_]->time_base);
        const auto stamp = frame_->best_effort_timestamp;
        const double at =
            stamp == AV_NOPTS_VALUE ? static_cast<double>(av_gettime()) / 1e6 : static_cast<double>(stamp) * unit;
        if (firstS_ < 0 && frames_ == 0)
            firstS_ = at;
        if (paced_)
            std::this_thread::sleep_until(
                began_ + std::chrono::duration_cast<Clock::duration>(std::chrono::duration<double>(at - firstS_)));
        auto picture = maker_.make(*frame_, frame_->width, frame_->height, 0, name_, frames_++, at - firstS_);
        av_frame_unref(frame_.get());
        return picture;
    }
    std::string name_;
    Input input_;
    Codec codec_;
    Packet packet_;
    Frame frame_;
    PictureMaker maker_;
    Clock::time_point began_ = Clock::now();
    int stream_ = -1, frames_ = 0;
    double firstS_ = -1;
    bool paced_ = false; ///< made pictures come as fast as they are asked for: kept to their own time
};

Result<std::unique_ptr<Source>> openSource(const std::string& id) {
    if (id.starts_with(kSimulated)) {
        auto reader = ClipReader::open(id.substr(kSimulated.size()));
        if (!reader)
            return reader.error();
        return std::unique_ptr<Source>(std::make_unique<ShownClip>(std::move(*reader)));
    }
    avdevice_register_all();
    av_log_set_level(AV_LOG_QUIET);
    auto device = std::make_unique<Device>(id);
    const bool made = id.starts_with(kMade);
    if (!made && !std::filesystem::exists(id))
        return badInput(id, "a camera", "none is there: is it plugged in?");
    if (const auto opened = device->openDevice(made ? "lavfi" : "v4l2", made ? id.substr(kMade.size()) : id, made);
        !opened)
        return opened.error();
    return std::unique_ptr<Source>(std::move(device));
}

class ThreadedCapture final : public LiveCapture {
public:
    ThreadedCapture(std::unique_ptr<Source> source, std::function<void(const Picture&)> picture,
                    std::function<void(Error)> failed)
        : source_(std::move(source)), picture_(std::move(picture)), failed_(std::move(failed)),
          thread_([this] { run(); }) {}
    ~ThreadedCapture() override {
        stop_ = true;
        thread_.join();
        if (writer_)
            (void)writer_->finish();
    }
    ThreadedCapture(const ThreadedCapture&) = delete;
    ThreadedCapture& operator=(const ThreadedCapture&) = delete;

    Result<void> record(const std::string& path) override {
        const std::lock_guard lock(mutex_);
        if (wanted_)
            return badInput(path, "one recording at a time", "another is under way");
        path_ = path;
        wanted_ = true;
        written_ = 0;
        return {};
    }
    int recordedSoFar() const override { return written_; }
    Result<int> stopRecording() override {
        const std::lock_guard lock(mutex_);
        wanted_ = false;
        if (!writer_)
            return badInput(path_, "a recording with a picture", "none came");
        const auto done = writer_->finish();
        writer_.reset();
        if (!done)
            return done.error();
        return written_.load();
    }

private:
    void run() {
        while (!stop_) {
            const auto picture = source_->read([this] { return stop_.load(); });
            if (!picture) {
                if (!stop_)
                    failed_(picture.error());
                return;
            }
            if (const auto kept = keep(*picture); !kept)
                failed_(kept.error());
            picture_(*picture);
        }
    }
    Result<void> keep(const Picture& picture) {
        const std::lock_guard lock(mutex_);
        if (!wanted_)
            return {};
        constexpr int kMilliseconds = 1000;
        const auto now = static_cast<std::int64_t>(std::llround(picture.timeS * kMilliseconds));
        if (!writer_) {
            ClipFormat format{picture.width - picture.width % 2, picture.height - picture.height % 2};
            format.frameRate = kMilliseconds;
            format.live = true;
            auto made = ClipWriter::create(path_, format);
            if (!made) {
                wanted_ = false;
                return made.error();
            }
            writer_ = std::move(*made);
            lastMs_ = now - 1;
        }
        if (now <= lastMs_)
            return {}; // two pictures of one instant
        const auto skip = static_cast<int>(now - lastMs_ - 1);
        lastMs_ = now;
        const auto done = writer_->write(evenOf(picture), skip);
        if (!done) {
            wanted_ = false;
            (void)writer_->finish();
            writer_.reset();
            return done;
        }
        ++written_;
        return {};
    }
    /// The last column and row left out where they make a side odd.
    static std::vector<std::uint8_t> evenOf(const Picture& picture) {
        if (picture.width % 2 == 0)
            return *picture.rgb;
        std::vector<std::uint8_t> out;
        const auto row = static_cast<std::ptrdiff_t>(3) * picture.width;
        for (int y = 0; y < picture.height; ++y)
            out.insert(out.end(), picture.rgb->begin() + y * row, picture.rgb->begin() + y * row + row - 3);
        return out;
    }

    std::unique_ptr<Source> source_;
    std::function<void(const Picture&)> picture_;
    std::function<void(Error)> failed_;
    std::mutex mutex_; // guards what follows
    std::unique_ptr<ClipWriter> writer_;
    std::string path_;
    bool wanted_ = false;
    std::int64_t lastMs_ = 0;
    std::atomic<int> written_ = 0;
    std::atomic<bool> stop_ = false;
    std::thread thread_; // last: starts when all else is there
};

} // namespace

std::vector<LiveDevice> liveDevices(const std::string& simulatedClip) {
    std::vector<LiveDevice> out;
    constexpr int kMost = 64;
    for (int i = 0; i < kMost; ++i) {
        const std::string file = "/dev/video" + std::to_string(i);
        if (std::error_code problem; !std::filesystem::exists(file, problem))
            continue;
        std::string name;
        std::ifstream about("/sys/class/video4linux/video" + std::to_string(i) + "/name");
        std::getline(about, name);
        out.push_back({file, name.empty() ? file : name + " (" + file + ")"});
    }
    if (!simulatedClip.empty())
        out.push_back({std::string(kSimulated) + simulatedClip, "Simulated camera"});
    return out;
}

Result<std::unique_ptr<LiveCapture>> LiveCapture::start(const std::string& id,
                                                        std::function<void(const Picture&)> picture,
                                                        std::function<void(Error)> failed) {
    auto source = openSource(id);
    if (!source)
        return source.error();
    return std::unique_ptr<LiveCapture>(
        std::make_unique<ThreadedCapture>(std::move(*source), std::move(picture), std::move(failed)));
}

} // namespace riflesso
