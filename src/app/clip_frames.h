#pragma once
// Frames of clips for views, each clip decoded in a thread of its own. What comes late is dropped here: the newest
// request of a view wins, whichever clip it asked for, and nothing comes after the clips were let go.

#include "media/frame_server.h"
#include "takehome/clip_pictures.h"

#include <QImage>
#include <QObject>
#include <QPointer>
#include <QString>
#include <QThreadPool>

#include <functional>
#include <map>
#include <memory>

namespace riflesso {

class ClipFrames : public QObject {
    Q_OBJECT
public:
    using Ready = std::function<void(const QImage&, int frame)>;

    explicit ClipFrames(QObject* parent = nullptr);
    ~ClipFrames() override;

    /// Asks for a frame for `view`; `ready` is called in the window's thread. A newer request of the view drops it.
    void request(const QString& clipPath, int frame, QObject* view, Ready ready);
    /// Asks for a frame that nothing replaces (strips, key pictures); dropped when `view` is gone.
    void enqueue(const QString& clipPath, int frame, QObject* view, Ready ready);
    /// The same of a part of it in small.
    void enqueue(const QString& clipPath, int frame, const SmallPart& part, QObject* view, Ready ready);
    /// Closes all clips; nothing asked for before is delivered any more.
    void letGo();

    /// Of those enqueued, how many have not come yet.
    [[nodiscard]] int underWay() const;
    [[nodiscard]] std::size_t openClips() const { return clips_.size(); }
    /// Pictures kept in memory of all clips together, from now on.
    void setCacheBytes(std::size_t bytes);

signals:
    void failed(const Error& error); ///< a view's frame could not be read

private:
    struct Open {
        std::unique_ptr<FrameServer> server;
        int queued = 0;        ///< enqueued and not come yet
        int lastAsked = 0;     ///< count of requests
        std::size_t share = 0; ///< of the pictures kept, bytes
    };
    struct View {
        QString clip;
        int id = 0, newest = 0; ///< number at the servers; of its last request
    };
    FrameServer& server(const QString& clipPath);
    /// Counts one more, and is what its picture comes to.
    FrameServer::Ready delivery(const QString& clipPath, int frame, QObject* view, Ready ready);
    [[nodiscard]] bool lookedAt(const QString& clipPath, bool now) const;
    void closeIdle();
    void shareMemory();
    void close(std::unique_ptr<FrameServer> server);

    std::size_t cacheBytes_;
    std::map<QString, Open> clips_;
    std::map<const QObject*, View> views_;
    int generation_ = 0, asked_ = 0, nextView_ = 1;
    QThreadPool closing_; ///< a decoder at work is not waited for by the window
};

} // namespace riflesso
