#pragma once
// Pictures of a stretch of frames, read ahead and made ready to be compared, by a thread of its own.

#include "media/picture_steps.h"

#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

namespace riflesso {

class PictureRun {
public:
    struct Held {
        Picture picture;
        StepPicture ready;
    };
    /// `frame` is called by one other thread, for from..to in order, and not any more once this is gone.
    PictureRun(std::function<Result<Picture>(int)> frame, int from, int to);
    ~PictureRun();
    PictureRun(const PictureRun&) = delete;
    PictureRun& operator=(const PictureRun&) = delete;

    /// Waits for it. Any thread; frames before a `forgetBefore` may not be asked for again.
    [[nodiscard]] Result<Held> at(int frame);
    void forgetBefore(int frame);

private:
    void read(int from);

    std::function<Result<Picture>(int)> frame_;
    int first_, to_; ///< first that is held
    int wanted_;     ///< last that was asked for
    bool stop_ = false;
    std::deque<Held> held_;
    std::optional<Error> failed_;
    std::mutex mutex_;
    std::condition_variable changed_;
    std::thread reader_;
};

} // namespace riflesso
