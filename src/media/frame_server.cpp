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

void FrameServer::enqueue(int index, Ready ready) {
    {
        const std::lock_guard lock(mutex_);
        queue_.push_back({index, std::move(ready)});
    }
    wake_.notify_all();
}

void FrameServer::forget(int view) {
    const std::lock_guard lock(mutex_);
    waiting_.erase(view);
}

void FrameServer::run() {
    std::unique_ptr<ClipReader> reader;
    std::optional<Error> broken;
    for (;;) {
        Request request;
        {
            std::unique_lock lock(mutex_);
            wake_.wait(lock, [this] { return stop_ || !waiting_.empty() || !queue_.empty(); });
            if (stop_)
                return;
            if (!waiting_.empty()) {
                request = std::move(waiting_.begin()->second);
                waiting_.erase(waiting_.begin());
            } else {
                request = std::move(queue_.front());
                queue_.pop_front();
            }
        }
        if (!reader && !broken) {
            Result<std::unique_ptr<ClipReader>> opened = ClipReader::open(path_, cacheBytes_);
            if (opened)
                reader = std::move(*opened);
            else
                broken = opened.error();
        }
        request.ready(broken ? Result<Picture>(*broken) : reader->frame(request.index));
    }
}

} // namespace riflesso
