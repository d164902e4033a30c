#include "app/clip_frames.h"

#include <QWidget>

#include <algorithm>

namespace riflesso {
namespace {
/// Of the clips that no view looks at, so many stay open, the ones asked for last: going back to them is quick.
constexpr std::size_t kKeptIdle = 2;
/// Of the pictures kept in memory, what the clips on the screen have; the others have the rest.
constexpr double kShareOnScreen = 0.75;
} // namespace

ClipFrames::ClipFrames(QObject* parent) : QObject(parent), cacheBytes_(ClipReader::kDefaultCacheBytes) {
    closing_.setMaxThreadCount(1);
}

ClipFrames::~ClipFrames() {
    clips_.clear();
    closing_.waitForDone();
}

void ClipFrames::setCacheBytes(std::size_t bytes) {
    cacheBytes_ = bytes;
    shareMemory();
}

int ClipFrames::underWay() const {
    int sum = 0;
    for (const auto& [path, open] : clips_)
        sum += open.queued;
    return sum;
}

FrameServer& ClipFrames::server(const QString& clipPath) {
    Open& open = clips_[clipPath];
    open.lastAsked = ++asked_;
    closeIdle();
    shareMemory();
    return *open.server;
}

bool ClipFrames::lookedAt(const QString& clipPath, bool now) const {
    return std::any_of(views_.begin(), views_.end(), [&](const auto& view) {
        const auto* widget = qobject_cast<const QWidget*>(view.first);
        return view.second.clip == clipPath && (!now || !widget || widget->isVisible());
    });
}

void ClipFrames::shareMemory() {
    std::size_t onScreen = 0;
    for (const auto& [path, open] : clips_)
        onScreen += lookedAt(path, true);
    const std::size_t others = clips_.size() - onScreen;
    const auto shareOf = [this](double part, std::size_t among) {
        return static_cast<std::size_t>(part * static_cast<double>(cacheBytes_) / static_cast<double>(among));
    };
    for (auto& [path, open] : clips_) {
        const bool shown = lookedAt(path, true);
        const std::size_t share =
            shown ? shareOf(others ? kShareOnScreen : 1, onScreen) : shareOf(onScreen ? 1 - kShareOnScreen : 1, others);
        if (!open.server)
            open.server = std::make_unique<FrameServer>(path.toStdString(), share);
        else if (share != open.share)
            open.server->keepWithin(share);
        open.share = share;
    }
}

void ClipFrames::closeIdle() {
    std::vector<std::pair<int, QString>> idle;
    for (const auto& [path, open] : clips_)
        if (open.queued == 0 && open.lastAsked != asked_ && !lookedAt(path, false))
            idle.emplace_back(open.lastAsked, path);
    if (idle.size() <= kKeptIdle)
        return;
    std::sort(idle.begin(), idle.end());
    idle.resize(idle.size() - kKeptIdle);
    for (const auto& [asked, path] : idle) {
        close(std::move(clips_[path].server));
        clips_.erase(path);
    }
}

void ClipFrames::close(std::unique_ptr<FrameServer> server) {
    closing_.start([held = std::shared_ptr<FrameServer>(std::move(server))]() mutable { held.reset(); });
}

void ClipFrames::letGo() {
    ++generation_;
    for (auto& [path, open] : clips_)
        close(std::move(open.server));
    clips_.clear();
    views_.clear();
}

void ClipFrames::request(const QString& clipPath, int frame, QObject* view, Ready ready) {
    if (!views_.contains(view))
        connect(view, &QObject::destroyed, this, [this, view] { views_.erase(view); });
    View& asking = views_[view];
    if (asking.id == 0)
        asking.id = nextView_++;
    if (asking.clip != clipPath)
        if (const auto before = clips_.find(asking.clip); before != clips_.end())
            before->second.server->forget(asking.id);
    asking.clip = clipPath;
    const int number = ++asked_;
    asking.newest = number;
    server(clipPath).request(asking.id, frame,
                             [this, view, number, frame, ready = std::move(ready)](Result<Picture> picture) {
                                 QMetaObject::invokeMethod(
                                     this,
                                     [this, view, number, frame, ready, picture = std::move(picture)] {
                                         const auto asked = views_.find(view);
                                         if (asked == views_.end() || asked->second.newest != number)
                                             return;
                                         if (picture)
                                             ready(toImage(*picture), frame);
                                         else
                                             emit failed(picture.error());
                                     },
                                     Qt::QueuedConnection);
                             });
}

FrameServer::Ready ClipFrames::delivery(const QString& clipPath, int frame, QObject* view, Ready ready) {
    ++clips_[clipPath].queued;
    return [this, generation = generation_, guard = QPointer<QObject>(view), clipPath, frame,
            ready = std::move(ready)](Result<Picture> picture) {
        QMetaObject::invokeMethod(
            this,
            [this, generation, guard, clipPath, frame, ready, picture = std::move(picture)] {
                if (generation != generation_)
                    return;
                if (const auto open = clips_.find(clipPath); open != clips_.end())
                    --open->second.queued;
                if (guard && picture)
                    ready(toImage(*picture), frame);
            },
            Qt::QueuedConnection);
    };
}

void ClipFrames::enqueue(const QString& clipPath, int frame, QObject* view, Ready ready) {
    FrameServer& from = server(clipPath);
    from.enqueue(frame, delivery(clipPath, frame, view, std::move(ready)));
}

void ClipFrames::enqueue(const QString& clipPath, int frame, const SmallPart& part, QObject* view, Ready ready) {
    FrameServer& from = server(clipPath);
    from.enqueue(frame, part, delivery(clipPath, frame, view, std::move(ready)));
}

} // namespace riflesso
