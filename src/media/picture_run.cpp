#include "media/picture_run.h"

#include <algorithm>
#include <cstddef>

namespace riflesso {
namespace {

constexpr std::size_t kAheadBytes = std::size_t(48) << 20; ///< own choice

/// How many pictures of this one's size are read before they are asked for.
int aheadOf(const Picture& picture) {
    constexpr std::size_t kMost = 8, kLeast = 1;
    return static_cast<int>(std::clamp(kAheadBytes / std::max<std::size_t>(1, picture.rgb->size()), kLeast, kMost));
}

} // namespace

PictureRun::PictureRun(std::function<Result<Picture>(int)> frame, int from, int to)
    : frame_(std::move(frame)), first_(from), to_(to), wanted_(from), reader_([this, from] { read(from); }) {}

PictureRun::~PictureRun() {
    {
        const std::lock_guard lock(mutex_);
        stop_ = true;
    }
    changed_.notify_all();
    reader_.join();
}

void PictureRun::read(int from) {
    int ahead = 1;
    for (int at = from; at <= to_; ++at) {
        {
            std::unique_lock lock(mutex_);
            changed_.wait(lock, [&] { return stop_ || at <= wanted_ + ahead; });
            if (stop_)
                return;
        }
        auto picture = frame_(at);
        std::optional<Error> problem;
        std::optional<StepPicture> ready;
        if (!picture)
            problem = picture.error();
        else if (auto made = StepPicture::of(*picture); made)
            ready = std::move(*made);
        else
            problem = made.error();
        const std::lock_guard lock(mutex_);
        failed_ = problem;
        if (!problem) {
            ahead = aheadOf(*picture);
            held_.push_back({std::move(*picture), std::move(*ready)});
        }
        changed_.notify_all();
        if (problem)
            return;
    }
}

Result<PictureRun::Held> PictureRun::at(int frame) {
    std::unique_lock lock(mutex_);
    if (frame > wanted_) {
        wanted_ = frame;
        changed_.notify_all();
    }
    const auto place = [&] { return static_cast<std::size_t>(frame - first_); };
    changed_.wait(lock, [&] { return failed_ || place() < held_.size(); });
    if (place() >= held_.size())
        return *failed_;
    return held_[place()];
}

void PictureRun::forgetBefore(int frame) {
    const std::lock_guard lock(mutex_);
    for (; first_ < frame && !held_.empty(); ++first_)
        held_.pop_front();
}

} // namespace riflesso
