#pragma once
// Frames for views, made in a thread of their own: newest request of a view wins, late results die at the view.

#include "media/clip_reader.h"

#include <condition_variable>
#include <deque>
#include <map>
#include <mutex>
#include <optional>
#include <thread>

namespace riflesso {

/// Serves one clip. Views ask and never wait. Destroying it stops the thread; no callback comes after that.
class FrameServer {
public:
    using Ready = std::function<void(Result<Picture>)>;

    explicit FrameServer(std::string path, std::size_t cacheBytes = ClipReader::kDefaultCacheBytes);
    ~FrameServer();
    FrameServer(const FrameServer&) = delete;
    FrameServer& operator=(const FrameServer&) = delete;

    /// Asks for a frame on behalf of a view; a request of that view still waiting is dropped. `ready` is called in
    /// the server's thread.
    void request(int view, int index, Ready ready);
    /// Asks for a frame whatever else is asked; served after the views' requests (contact strips, reports).
    void enqueue(int index, Ready ready);
    /// The same of a part in small.
    void enqueue(int index, const SmallPart& part, Ready ready);
    /// Drops what waits for a view.
    void forget(int view);
    /// Another bound of the decoded frames kept, soon.
    void keepWithin(std::size_t cacheBytes);

private:
    struct Request {
        int index = 0;
        Ready ready;
        std::optional<SmallPart> part = {};
    };
    void put(Request request);
    void run();

    std::string path_;
    std::mutex mutex_; // guards what follows
    std::size_t cacheBytes_;
    bool newBound_ = false;
    std::condition_variable wake_;
    std::map<int, Request> waiting_;
    std::deque<Request> queue_;
    bool stop_ = false;
    std::thread thread_; // last: starts when all else is there
};

} // namespace riflesso
