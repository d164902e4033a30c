#include "work/clip_files.h"

#include "media/clip_reader.h"
#include "store/library.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <algorithm>

namespace riflesso {

Result<NewClip> describeClip(const QString& path, const QString& kept, const QString& title) {
    const auto reader = ClipReader::open(path.toStdString());
    if (!reader)
        return reader.error();
    const auto hash = fileHash(path);
    if (!hash)
        return hash.error();
    const ClipInfo& info = (*reader)->info();
    return NewClip{title, kept, *hash, info.displayWidth, info.displayHeight, info.timesS};
}

Result<std::vector<Result<NewClip>>> describeClips(const QStringList& paths, const GoOn& goOn) {
    std::vector<Result<NewClip>> clips;
    for (const QString& path : paths) {
        if (!goOn(static_cast<double>(clips.size()) / static_cast<double>(paths.size())))
            return cancelled();
        const QString absolute = QFileInfo(path).absoluteFilePath();
        clips.push_back(describeClip(absolute, absolute, QFileInfo(path).completeBaseName()));
    }
    return clips;
}

Result<ClipId> takeClip(Edit& edit, const Pack& pack, SessionId session, const NewClip& clip) {
    Section whole;
    whole.view = pack.views.front();
    return edit.addClip(session, clip, whole);
}

QString keptName(const Clip& clip) {
    return QStringLiteral("media/") + clip.hash + u'.' + QFileInfo(clip.path).suffix().toLower();
}

Result<void> copyFile(const QString& from, const QString& to, const GoOn& goOn) {
    QFile source(from), target(to + QStringLiteral(".incoming"));
    if (!source.open(QIODevice::ReadOnly))
        return fault(from.toStdString(), "the clip cannot be read");
    const auto failed = [&](const char* words) {
        target.remove();
        return fault(to.toStdString(), words);
    };
    if (!target.open(QIODevice::WriteOnly))
        return failed("the library's folder cannot be written to");
    constexpr qint64 kPiece = 4 << 20;
    while (!source.atEnd()) {
        if (!goOn(static_cast<double>(source.pos()) / static_cast<double>(std::max<qint64>(1, source.size())))) {
            target.remove();
            return cancelled();
        }
        const QByteArray piece = source.read(kPiece);
        if (target.write(piece) != piece.size())
            return failed("the copy does not fit on the disk; the clip stays where it is");
    }
    if (!target.flush())
        return failed("the copy does not fit on the disk; the clip stays where it is");
    target.close();
    QFile::remove(to); // an older copy of the same content, or what is left of one
    if (!target.rename(to))
        return failed("the copy cannot be put in its place");
    return {};
}

Result<FoundPlaces> findMoved(const CaseData& data, ClipId id, const QString& file, const GoOn& goOn) {
    const Clip* clip = data.clip(id);
    if (!clip)
        return fault(file.toStdString(), "no clip of this case was asked for");
    const QString path = QFileInfo(file).absoluteFilePath();
    const auto hash = fileHash(path);
    if (!hash)
        return hash.error();
    if (*hash != clip->hash)
        return badInput(path.toStdString(), "the clip \"" + clip->title.toStdString() + "\"",
                        "a file with another content; add it as a clip of its own");
    FoundPlaces found{{id, path}};
    std::vector<const Clip*> others;
    for (const Session& session : data.sessions)
        for (const Clip& other : session.clips)
            if (other.missing && other.id != id)
                others.push_back(&other);
    const QDir folder = QFileInfo(path).dir();
    double done = 1;
    for (const Clip* other : others) {
        if (!goOn(done++ / static_cast<double>(others.size() + 1)))
            return cancelled();
        const QString place = folder.absoluteFilePath(QFileInfo(other->path).fileName());
        if (!QFileInfo(place).isFile())
            continue;
        if (const auto same = fileHash(place); same && *same == other->hash)
            found.emplace_back(other->id, place);
    }
    return found;
}

Result<void> keepPlaces(Edit& edit, const QString& libraryFolder, const FoundPlaces& places) {
    const QDir library(libraryFolder);
    for (const auto& [id, place] : places) {
        const QString inside = library.relativeFilePath(place);
        if (auto done = edit.setClipPath(id, inside.startsWith(QStringLiteral("..")) ? place : inside); !done)
            return done;
    }
    return {};
}

std::vector<int> openCuts(const Clip& clip, const std::vector<int>& cuts) {
    std::vector<int> open;
    for (const int cut : cuts)
        if (std::none_of(clip.sections.begin(), clip.sections.end(),
                         [cut](const Section& section) { return section.from == cut; }))
            open.push_back(cut);
    return open;
}

Result<void> splitAtCuts(Edit& edit, const Clip& clip, const std::vector<int>& cuts) {
    std::vector<int> order = cuts;
    std::sort(order.rbegin(), order.rend()); // from the end: what lies before keeps its section
    for (Section section : clip.sections)
        for (const int cut : order) {
            if (cut <= section.from || cut > section.to)
                continue;
            if (const auto done = edit.splitSection(section, cut); !done)
                return done.error();
            section.to = cut - 1;
            std::erase_if(section.repetitions, [cut](const Repetition& r) { return r.from >= cut; });
        }
    return {};
}

} // namespace riflesso
