#include "work/watched_folder.h"

#include <QDir>

#include <algorithm>

namespace riflesso {
namespace {

constexpr qint64 kStillMs = 1000, kEmptyMs = 5000; ///< an empty file may be one that is only begun
/// What cameras and telephones write.
const QStringList& endings() {
    static const QStringList list = {QStringLiteral("*.mp4"), QStringLiteral("*.mov"),  QStringLiteral("*.m4v"),
                                     QStringLiteral("*.mkv"), QStringLiteral("*.webm"), QStringLiteral("*.avi"),
                                     QStringLiteral("*.mts"), QStringLiteral("*.3gp")};
    return list;
}

} // namespace

WatchedFolder::WatchedFolder(QString folder, bool alsoOld) : folder_(std::move(folder)), alsoOld_(alsoOld) {}

bool WatchedFolder::there() const { return QFileInfo(folder_).isDir(); }

std::vector<WatchedFolder::Arrived> WatchedFolder::arrived(const QDateTime& now) {
    std::vector<Arrived> out;
    std::set<QString> here;
    waiting_ = 0;
    // Names are compared without regard to case, as cameras write MP4 and mp4.
    for (const QFileInfo& file : QDir(folder_).entryInfoList(endings(), QDir::Files | QDir::Readable)) {
        here.insert(file.absoluteFilePath());
        Seen& seen = seen_[file.absoluteFilePath()];
        if (!asked_ && !alsoOld_) {
            seen = {file.size(), file.lastModified(), now, true};
            continue;
        }
        if (seen.size != file.size() || seen.written != file.lastModified()) {
            // What nobody has written to for longer than that is whole at first sight.
            const bool rests = seen.size < 0 && file.lastModified().msecsTo(now) >= kStillMs;
            seen = {file.size(), file.lastModified(), rests ? now.addMSecs(-kStillMs) : now, false};
        }
        if (seen.done)
            continue;
        if (seen.since.msecsTo(now) >= (seen.size > 0 ? kStillMs : kEmptyMs)) {
            seen.done = true;
            out.push_back({file.absoluteFilePath(), seen.written});
        } else {
            ++waiting_;
        }
    }
    asked_ = true;
    std::erase_if(seen_, [&](const auto& each) { return !here.contains(each.first); });
    std::stable_sort(out.begin(), out.end(), [](const Arrived& a, const Arrived& b) { return a.written < b.written; });
    return out;
}

} // namespace riflesso
