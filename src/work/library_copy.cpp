#include "work/library_copy.h"

#include "store/folder_lock.h"
#include "store/library.h"
#include "work/clip_files.h"

#include <QDir>
#include <QDirIterator>
#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLockFile>
#include <QSaveFile>

#include <algorithm>
#include <fcntl.h>
#include <filesystem>
#include <unistd.h>
#include <vector>

namespace riflesso {
namespace {

const QString kDatabase = QStringLiteral("library.sqlite"), kWritten = QStringLiteral("library.sqlite.part");
const QString kLock = QStringLiteral("library.lock");
const QString kOf = QStringLiteral("copy_of"), kAt = QStringLiteral("at");

/// A file of the library: where it lies, and its place in the copy.
struct Part {
    QString from, name;
    qint64 bytes = 0;
};

QJsonObject markIn(const QString& folder) {
    QFile file(QDir(folder).absoluteFilePath(QLatin1String(kCopyMark)));
    return file.open(QIODevice::ReadOnly) ? QJsonDocument::fromJson(file.readAll()).object() : QJsonObject();
}

Result<void> writeMark(const QString& folder, const QString& of, const QString& at) {
    QSaveFile file(QDir(folder).absoluteFilePath(QLatin1String(kCopyMark)));
    if (!file.open(QIODevice::WriteOnly) || file.write(QJsonDocument(QJsonObject{{kOf, of}, {kAt, at}}).toJson()) < 0 ||
        !file.commit())
        return fault(folder.toStdString(), "the folder cannot be written to");
    return {};
}

/// Of what belongs to a library, all but its database; names relative to the folder.
std::vector<Part> filesIn(const QString& folder) {
    std::vector<Part> out;
    const QDir root(folder);
    // Nothing else: a folder that somebody put beside them is neither copied nor, in the copy, cleared.
    for (const char* below : {"media", "walk-throughs", "recordings", "reports"}) {
        QDirIterator files(root.absoluteFilePath(QLatin1String(below)), QDir::Files, QDirIterator::Subdirectories);
        while (files.hasNext()) {
            const QString path = files.next();
            if (!path.endsWith(QLatin1String(".incoming")) && !path.endsWith(QLatin1String(".part")))
                out.push_back({path, root.relativeFilePath(path), files.fileInfo().size()});
        }
    }
    return out;
}

/// Files of another content have another name in media/; elsewhere a file that was written later is another.
bool same(const Part& part, const QFileInfo& there) {
    return there.isFile() && there.size() == part.bytes &&
           (part.name.startsWith(QLatin1String("media/")) ||
            there.lastModified() >= QFileInfo(part.from).lastModified());
}

Result<void> mayHold(const QString& from, const QString& to) {
    const std::string where = to.toStdString();
    const QDir target(to);
    if (const QString inside = QDir(from).relativeFilePath(to);
        inside == QLatin1String(".") || !inside.startsWith(QLatin1String("..")))
        return badInput(where, "a folder outside the library", "one inside it");
    // What a copy that was killed at its very beginning leaves is no more than an empty folder.
    const QStringList there = target.entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
    if (std::all_of(there.begin(), there.end(), [](const QString& name) {
            return name == kLock || (name.startsWith(QLatin1String(kCopyMark)) && name != QLatin1String(kCopyMark));
        }))
        return {};
    const QJsonObject mark = markIn(to);
    if (mark.isEmpty())
        return badInput(where, "an empty folder, or one with an earlier copy of this library",
                        target.exists(kDatabase) ? "a library in which somebody works" : "a folder with other files");
    if (mark[kOf].toString() != from)
        return badInput(where, "a copy of " + from.toStdString(), "a copy of " + mark[kOf].toString().toStdString());
    return {};
}

} // namespace

std::optional<CopyMade> copyIn(const QString& folder) {
    const QJsonObject mark = markIn(folder);
    const QDateTime at = QDateTime::fromString(mark[kAt].toString(), Qt::ISODate);
    if (!at.isValid())
        return {};
    return CopyMade{at, mark[kOf].toString()};
}

Result<LibraryCopy> copyLibraryTo(const QString& fromFolder, const QString& toFolder, const GoOn& goOn) {
    const QString from = QFileInfo(fromFolder).absoluteFilePath(), to = QFileInfo(toFolder).absoluteFilePath();
    const auto library = Library::open(from, Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    if (const auto may = mayHold(from, to); !may)
        return may.error();
    const QDir target(to);
    if (!QDir().mkpath(to))
        return fault(to.toStdString(), "the folder cannot be made");
    QLockFile lock(target.absoluteFilePath(kLock));
    if (!takeLock(lock))
        return badInput(to.toStdString(), "a folder that can be written to and that no other window uses",
                        lock.error() == QLockFile::PermissionError ? "no write" : "one in use");
    // First: what is stopped after this can be gone on with.
    if (const auto marked = writeMark(to, from, markIn(to)[kAt].toString()); !marked)
        return marked.error();

    LibraryCopy done;
    const auto clips = (*library)->clipPaths();
    if (!clips)
        return clips.error();
    std::vector<Part> parts;        // clips that lie outside, then what lies in the library
    QHash<QString, QString> places; // of the first
    for (const QString& kept : *clips) {
        const QFileInfo clip(QDir(from).absoluteFilePath(kept));
        if (!clip.isFile()) {
            done.leftOut << kept;
        } else if (QDir(from).relativeFilePath(clip.absoluteFilePath()).startsWith(QLatin1String("../"))) {
            if (!goOn(0))
                return cancelled();
            const auto hash = fileHash(clip.absoluteFilePath());
            if (!hash)
                return hash.error();
            const QString name = QStringLiteral("media/%1.%2").arg(*hash, clip.suffix());
            places[kept] = name;
            parts.push_back({clip.absoluteFilePath(), name, clip.size()});
        }
    }
    // The database before the clips: each clip that it names is then there to be copied.
    const QString written = target.absoluteFilePath(kWritten);
    for (const char* rest : {"", "-wal", "-shm"})
        QFile::remove(written + QLatin1String(rest));
    if (const auto copied = (*library)->writeCopy(written, places); !copied) {
        QFile::remove(written);
        return copied.error();
    }
    for (Part& part : filesIn(from))
        parts.push_back(std::move(part));
    done.files = static_cast<int>(parts.size());
    for (const Part& part : parts)
        done.bytes += part.bytes;
    done.newBytes = QFileInfo(written).size();
    done.bytes += done.newBytes;
    const double all = static_cast<double>(std::max<qint64>(1, done.bytes));
    qint64 before = done.newBytes;
    QSet<QString> names;
    for (const Part& part : parts) {
        const QString path = target.absoluteFilePath(part.name);
        names.insert(part.name);
        if (!same(part, QFileInfo(path))) {
            if (!QDir().mkpath(QFileInfo(path).absolutePath()))
                return fault(path.toStdString(), "the folder cannot be made");
            const auto copied = copyFile(part.from, path, [&](double share) {
                return goOn((static_cast<double>(before) + share * static_cast<double>(part.bytes)) / all);
            });
            if (!copied && QFileInfo::exists(part.from)) // one that is gone was deleted meanwhile
                return copied.error();
            done.newFiles += copied.ok() ? 1 : 0;
            done.newBytes += copied.ok() ? part.bytes : 0;
        } else if (!goOn(static_cast<double>(before) / all)) {
            return cancelled();
        }
        before += part.bytes;
    }
    const QString database = target.absoluteFilePath(kDatabase);
    for (const char* rest : {"-wal", "-shm"})
        QFile::remove(database + QLatin1String(rest)); // of the earlier one
    // On the disk, which may be pulled out as soon as this is said to be done; then in one step.
    if (const int folder = ::open(QFile::encodeName(to).constData(), O_RDONLY | O_DIRECTORY); folder >= 0) {
        ::syncfs(folder);
        ::close(folder);
    }
    std::error_code failed;
    std::filesystem::rename(written.toStdString(), database.toStdString(), failed);
    if (failed)
        return fault(database.toStdString(), "the copy cannot be put in its place");
    for (const Part& old : filesIn(to))
        if (!names.contains(old.name) && QFile::remove(old.from))
            ++done.removed;
    if (const auto marked = writeMark(to, from, QDateTime::currentDateTimeUtc().toString(Qt::ISODate)); !marked)
        return marked.error();
    return done;
}

} // namespace riflesso
