#include "app/film/clip_finder.h"
#include "app/translated.h"

#include "report/words.h"

#include <QDir>
#include <QFileInfo>

namespace riflesso {
namespace {

struct Missing {
    ClipId id;
    QString title, name, hash; ///< name of the file it had
};
struct Found {
    std::vector<std::pair<ClipId, QString>> places;
};

} // namespace

void findClip(Workspace& workspace, QObject* receiver, const Clip& clip, const QString& file) {
    std::vector<Missing> others;
    for (const Session& session : workspace.data().sessions)
        for (const Clip& other : session.clips)
            if (other.missing && other.id != clip.id)
                others.push_back({other.id, other.title, QFileInfo(other.path).fileName(), other.hash});
    const Missing wanted{clip.id, clip.title, {}, clip.hash};
    workspace.start<Found>(
        tr("Looking whether it is %1").arg(clip.title), receiver, workspace.ofClip(clip.id),
        [wanted, others, file](JobControl& control) -> Result<Found> {
            Found found;
            const QString path = QFileInfo(file).absoluteFilePath();
            const auto hash = fileHash(path);
            if (!hash)
                return hash.error();
            if (*hash != wanted.hash)
                return badInput(path.toStdString(), "the clip \"" + wanted.title.toStdString() + "\"",
                                "a file with another content; add it as a clip of its own");
            found.places.emplace_back(wanted.id, path);
            const QDir folder = QFileInfo(path).dir();
            double done = 1;
            for (const Missing& other : others) {
                if (!control.goOn(done++ / static_cast<double>(others.size() + 1)))
                    return cancelled();
                const QString place = folder.absoluteFilePath(other.name);
                if (!QFileInfo(place).isFile())
                    continue;
                if (const auto same = fileHash(place); same && *same == other.hash)
                    found.places.emplace_back(other.id, place);
            }
            return found;
        },
        [&workspace](const Result<Found>& found) {
            if (!found) {
                if (found.error().kind != Error::Kind::Cancelled)
                    workspace.say(words::text(found.error().sentence()), true);
                return;
            }
            const QDir library(workspace.library()->folder());
            const auto kept = [&library](const QString& path) {
                const QString inside = library.relativeFilePath(path);
                return inside.startsWith(QStringLiteral("..")) ? path : inside;
            };
            if (workspace.apply(tr("Find moved clips"), [&](Edit& edit) -> Result<void> {
                    for (const auto& [id, place] : found->places)
                        if (const auto done = edit.setClipPath(id, kept(place)); !done)
                            return done;
                    return {};
                }))
                workspace.say(
                    tr("Found again: %1.").arg(words::counted(found->places.size(), tr("clip"), tr("clips"))));
        });
}

} // namespace riflesso
