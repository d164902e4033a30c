#include "app/film/clip_finder.h"
#include "app/translated.h"

#include "report/words.h"
#include "work/clip_files.h"

namespace riflesso {

void findClip(Workspace& workspace, QObject* receiver, const Clip& clip, const QString& file) {
    workspace.start<FoundPlaces>(
        tr("Looking whether it is %1").arg(clip.title), receiver, workspace.ofClip(clip.id),
        [data = workspace.snapshot(), id = clip.id, file](JobControl& control) {
            return findMoved(*data, id, file, [&](double share) { return control.goOn(share); });
        },
        [&workspace](const Result<FoundPlaces>& found) {
            if (!found) {
                if (found.error().kind != Error::Kind::Cancelled)
                    workspace.say(words::text(found.error().sentence()), true);
                return;
            }
            if (workspace.apply(tr("Find moved clips"),
                                [&](Edit& edit) { return keepPlaces(edit, workspace.library()->folder(), *found); }))
                workspace.say(tr("Found again: %1.").arg(words::counted(found->size(), tr("clip"), tr("clips"))));
        });
}

} // namespace riflesso
