#include "work/live_recordings.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <algorithm>
#include <filesystem>

namespace riflesso {
namespace {

QString liveFolder(const QString& libraryFolder) {
    return QDir(libraryFolder).absoluteFilePath(QStringLiteral("recordings/live"));
}

/// Two names of one file, or a copy, where the disk knows no second names.
bool isSame(const QString& a, const QString& b) {
    std::error_code failed;
    return std::filesystem::equivalent(a.toStdString(), b.toStdString(), failed) ||
           (QFileInfo::exists(b) && QFileInfo(a).size() == QFileInfo(b).size());
}

} // namespace

bool LiveRecordings::isClip(const CaseData& data, const QString& path) {
    const QString clean = QDir::cleanPath(path);
    return std::ranges::any_of(data.sessions, [&](const Session& session) {
        return std::ranges::any_of(session.clips,
                                   [&](const Clip& clip) { return QDir::cleanPath(clip.path) == clean; });
    });
}

LiveRecordings::LiveRecordings(const QString& libraryFolder, const Session& session)
    : folder_(liveFolder(libraryFolder) + u'/' + QString::fromStdString(session.uid)),
      media_(QDir(libraryFolder).absoluteFilePath(QStringLiteral("media"))) {}

std::vector<LiveRecordings::Left> LiveRecordings::left(const CaseData& data) const {
    std::vector<Left> out;
    for (const QFileInfo& file : QDir(folder_).entryInfoList({QStringLiteral("*.mp4")}, QDir::Files, QDir::Name)) {
        const QString path = file.absoluteFilePath(), kept = media_ + u'/' + file.fileName();
        if (isClip(data, kept) && isSame(path, kept))
            taken(path);
        else
            out.push_back({path, file.lastModified(), file.size()});
    }
    return out;
}

Result<QString> LiveRecordings::putAmongClips(const QString& path) const {
    const QString name = media_ + u'/' + QFileInfo(path).completeBaseName(), ending = QStringLiteral(".mp4");
    QString kept = name + ending;
    for (int n = 2; QFileInfo::exists(kept) && !isSame(path, kept); ++n)
        kept = name + u'-' + QString::number(n) + ending;
    if (QFileInfo::exists(kept)) // from the last time, which did not come to its end
        return kept;
    std::error_code failed; // a second name costs nothing
    std::filesystem::create_hard_link(path.toStdString(), kept.toStdString(), failed);
    if (failed && !QFile::copy(path, kept))
        return fault(kept.toStdString(), "the recording could not be put among the clips");
    return kept;
}

void LiveRecordings::taken(const QString& path) {
    QFile::remove(path);
    QDir().rmdir(QFileInfo(path).path()); // when it was the last one
}

Result<void> LiveRecordings::remove(const QString& path) {
    if (QFileInfo::exists(path) && !QFile::remove(path))
        return fault(path.toStdString(), "the recording could not be deleted");
    return {};
}

void LiveRecordings::removeOf(const QString& libraryFolder, const QStringList& sessions) {
    for (const QString& uid : sessions)
        if (!uid.isEmpty() && !uid.contains(u'/') && !uid.startsWith(u'.'))
            QDir(liveFolder(libraryFolder) + u'/' + uid).removeRecursively();
}

} // namespace riflesso
