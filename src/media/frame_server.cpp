#include "media/frame_server.h"

namespace riflesso {

FrameServer::FrameServer(std::string path, std::size_t cacheBytes)
    : path_(std::move(path)), cacheBytes_(cacheBytes), thread_([this] { run(); }) {}

FrameServer::~FrameServer() {
    {
        const std::lock_guard lock(mutex_);
        stop_ = true;
    }
    wake_.notify_all();
    thread_.join();
}

void FrameServer::request(int view, int index, Ready ready) {
    {
        const std::lock_guard lock(mutex_);
        waiting_[view] = {index, std::move(ready)};
    }
    wake_.notify_all();
}

void FrameServer::enqueue(int index, Ready ready) { put({index, std::move(ready)}); }

void FrameServer::enqueue(int index, const SmallPart& part, Ready ready) { put({index, std::move(ready), part}); }

void FrameServer::put(Request request) {
    {
        const std::lock_guard lock(mutex_);
        queue_.push_back(std::move(request));
    }
    wake_.notify_all();
}

void FrameServer::forget(int view) {
    const std::lock_guard lock(mutex_);
    waiting_.erase(view);
}

void FrameServer::keepWithin(std::size_t cacheBytes) {
    {
        const std::lock_guard lock(mutex_);
        cacheBytes_ = cacheBytes;
        newBound_ = true;
    }
    wake_.notify_all();
}

void FrameServer::run() {
    std::unique_ptr<ClipReader> reader;
    std::optional<Error> broken;
    // Frames after the one a view saw last are decoded while nobody asks: the next step forward is then ready.
    constexpr int kAhead = 8;
    int ahead = 0, aheadEnd = -1;
    // Who goes back step by step leaves the frames before to be decoded from their key frame on: done while nobody
    // asks.
    constexpr int kStep = 4;
    int seen = -1, backFrom = -1;
    for (;;) {
        Request request;
        bool ofView = false;
        std::size_t bound = 0;
        {
            std::unique_lock lock(mutex_);
            const auto asked = [this] { return stop_ || newBound_ || !waiting_.empty() || !queue_.empty(); };
            if (!asked() && reader && ahead <= aheadEnd) {
                lock.unlock();
                reader->prepare(ahead++);
                continue;
            }
            if (!asked() && reader && backFrom >= 0) {
                lock.unlock();
                if (!reader->prepareBefore(backFrom))
                    backFrom = -1;
                continue;
            }
            wake_.wait(lock, asked);
            if (stop_)
                return;
            bound = cacheBytes_;
            if (std::exchange(newBound_, false)) {
                if (reader)
                    reader->keepWithin(bound);
                continue;
            }
            ofView = !waiting_.empty();
            if (ofView) {
                request = std::move(waiting_.begin()->second);
                waiting_.erase(waiting_.begin());
            } else {
                request = std::move(queue_.front());
                queue_.pop_front();
            }
        }
        if (!reader && !broken) {
            Result<std::unique_ptr<ClipReader>> opened = ClipReader::open(path_, bound);
            if (opened)
                reader = std::move(*opened);
            else
                broken = opened.error();
        }
        request.ready(broken         ? Result<Picture>(*broken)
                      : request.part ? reader->small(request.index, *request.part)
                                     : reader->frame(request.index));
        if (ofView) {
            const bool back = request.index < seen && seen - request.index <= kStep;
            seen = request.index;
            backFrom = back ? seen : -1;
            ahead = seen + 1;
            aheadEnd = back ? seen : seen + kAhead;
        }
    }
}

} // namespace riflesso
