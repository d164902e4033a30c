#include "app/film/repetition_finder.h"

#include "app/pose_models.h"
#include "report/words.h"

namespace riflesso {

RepetitionFinder::RepetitionFinder(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

void RepetitionFinder::find(const Clip& clip, const Section& section) {
    const auto data = workspace_.snapshot();
    workspace_.start<std::vector<FrameSpan>>(
        tr("Finding repetitions in %1").arg(clip.title), this,
        workspace_.ofClip(clip.id).newest(QStringLiteral("section %1").arg(section.id.value)),
        [data, clip, section, models = poseModels()](JobControl& control) {
            return findSpans(*data, clip, section, models, [&](double share) { return control.goOn(share); });
        },
        [this, section](const Result<std::vector<FrameSpan>>& spans) {
            if (spans)
                keep(section, *spans);
            else if (spans.error().kind != Error::Kind::Cancelled)
                workspace_.say(tr("No repetitions proposed. %1").arg(words::text(spans.error().sentence())), true);
        });
}

void RepetitionFinder::keep(const Section& looked, const std::vector<FrameSpan>& spans) {
    const Section* section = sectionOf(workspace_.data(), looked.id);
    if (!section || !sameFrames(looked, *section)) {
        workspace_.say(tr("The section was changed meanwhile: find the repetitions again."));
        return;
    }
    const auto fresh = repetitionsFrom(workspace_.data(), looked.id, spans);
    if (fresh.empty()) {
        workspace_.say(spans.empty()
                           ? tr("No repetition was found. Cut one by hand (C): it is then sought in the others.")
                           : tr("What was found is cut already."));
        return;
    }
    const QString count = words::counted(fresh.size(), tr("repetition"), tr("repetitions"));
    RepetitionId first;
    if (!workspace_.apply(tr("Find %1").arg(count), [&](Edit& edit) -> Result<void> {
            const auto made = addRepetitions(edit, looked.id, fresh);
            if (!made)
                return made.error();
            first = *made;
            return {};
        }))
        return;
    workspace_.selectRepetition(first);
    workspace_.say(tr("%1 found. What is none is removed with Del; all are taken back with Ctrl Z.").arg(count));
    emit found();
}

} // namespace riflesso
