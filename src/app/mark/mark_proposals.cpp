#include "app/mark/mark_proposals.h"

#include "app/pose_models.h"
#include "app/settings/stored_settings.h"
#include "report/words.h"
#include "work/doubtful_stretches.h"
#include "work/track_marks.h"

namespace riflesso {

QString openProposalsText(const Workspace& workspace) {
    std::size_t marks = 0, events = 0;
    const Workspace::Trials trials = workspace.chosenTrials();
    for (const Trial& trial : *trials) {
        const OpenProposals open = openProposals(*workspace.data().repetition(repetitionId(trial.id)));
        marks += static_cast<std::size_t>(open.marks);
        events += static_cast<std::size_t>(open.events);
    }
    return marks + events == 0
               ? QString()
               : MarkProposals::tr("Proposed and not confirmed: %1, %2. ")
                     .arg(words::counted(marks, MarkProposals::tr("mark"), MarkProposals::tr("marks")),
                          words::counted(events, MarkProposals::tr("key event"), MarkProposals::tr("key events")));
}

std::vector<RepetitionId> chosenRepetitions(const Workspace& workspace) {
    std::vector<RepetitionId> out;
    for (const auto trials = workspace.chosenTrials(); const Trial& trial : *trials)
        out.push_back(repetitionId(trial.id));
    return out;
}

MarkProposals::MarkProposals(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

namespace {

/// What to say of work that gave nothing.
void sayNothingCame(Workspace& workspace, const Error& error, const QString& what) {
    const bool stopped = error.kind == Error::Kind::Cancelled;
    workspace.say(stopped ? MarkProposals::tr("Stopped. Nothing was changed.")
                          : what.arg(words::text(error.sentence())),
                  !stopped);
}

} // namespace

void MarkProposals::propose(const std::vector<RepetitionId>& repetitions, std::optional<QRectF> box) {
    if (repetitions.empty())
        return;
    static int runs = 0;
    Run run;
    run.repetitions = repetitions;
    run.undoKey = QStringLiteral("propose %1").arg(++runs);
    if (box)
        run.box = PictureBox{box->x(), box->y(), box->width(), box->height()};
    proposeNext(std::move(run));
}

void MarkProposals::proposeNext(Run run) {
    const auto data = workspace_.snapshot();
    const std::string models = poseModels();
    const RepetitionId repetition = run.repetitions[run.done];
    const RepetitionPlace place = placeOf(*data, repetition);
    if (!place) {
        ++run.written.gone;
        proposed(std::move(run));
        return;
    }
    const QString name = run.repetitions.size() == 1
                             ? tr("Proposing marks of repetition %1").arg(place.repetition->number)
                             : tr("Proposing marks of repetition %1 (%2 of %3)")
                                   .arg(place.repetition->number)
                                   .arg(run.done + 1)
                                   .arg(run.repetitions.size());
    const auto box = run.box;
    workspace_.start<Proposal>(
        name, this, workspace_.ofClip(place.clip->id),
        [data, repetition, models, box, habits = habits_](JobControl& control) {
            return proposeRepetitions(*data, {repetition}, models, box, habits,
                                      [&](double share) { return control.goOn(share); });
        },
        [this, data, run = std::move(run)](const Result<Proposal>& result) mutable {
            if (!result) {
                sayFailed(run, result.error());
                return;
            }
            habits_ = result->habits;
            run.asYours += result->asYours;
            // In one undo step with those before, unless the analyst did something meanwhile.
            if (workspace_.apply(
                    tr("Propose marks"),
                    [&](Edit& edit) -> Result<void> {
                        const auto done = writeProposal(edit, *data, workspace_.data(), *result);
                        if (!done)
                            return done.error();
                        run.written += *done;
                        return {};
                    },
                    run.undoKey))
                proposed(std::move(run));
        });
}

void MarkProposals::proposed(Run run) {
    if (++run.done < run.repetitions.size()) {
        proposeNext(std::move(run));
        return;
    }
    const ProposalWritten& written = run.written;
    if (written.gone == run.repetitions.size())
        workspace_.say(tr("The repetitions were changed meanwhile: nothing was proposed."));
    else
        workspace_.say(written.marks == 0
                           ? tr("No person was found in these frames. Mark three landmarks of one frame, "
                                "so that it is known where to look.")
                           : tr("Proposed: %1 and %2%3. Look at the doubtful ones first (D).")
                                 .arg(words::counted(written.marks, tr("mark"), tr("marks")),
                                      words::counted(written.events, tr("key event"), tr("key events")),
                                      run.asYours ? tr(", placed as you place yours") : QString()));
}

void MarkProposals::sayFailed(const Run& run, const Error& error) {
    if (run.done == 0) {
        sayNothingCame(workspace_, error, tr("No marks proposed. %1"));
        return;
    }
    const bool stopped = error.kind == Error::Kind::Cancelled;
    const QString until = tr("%1 of %2 repetitions have proposed marks.").arg(run.done).arg(run.repetitions.size());
    workspace_.say(stopped ? tr("Stopped. %1").arg(until) : tr("%1 Then: %2").arg(until, words::text(error.sentence())),
                   !stopped);
}

void MarkProposals::trackAll(const std::vector<RepetitionId>& repetitions) {
    std::vector<RepetitionId> set;
    for (const RepetitionId id : repetitions)
        if (const RepetitionPlace place = placeOf(workspace_.data(), id);
            place && !stretchToTrack(workspace_.data(), place).empty())
            set.push_back(id);
    if (set.empty() && !repetitions.empty())
        track(repetitions.front()); // which says what is missing
    for (const RepetitionId id : set)
        track(id);
}

void MarkProposals::track(RepetitionId repetition) {
    const auto data = workspace_.snapshot();
    const RepetitionPlace place = placeOf(*data, repetition);
    if (!place)
        return;
    const StretchToTrack stretch = stretchToTrack(*data, place);
    if (stretch.empty()) {
        workspace_.say(tr("Set or confirm marks in one or more frames first: tracking carries them to the others."));
        return;
    }
    using Paths = std::map<std::string, TrackedPath>;
    workspace_.start<Paths>(
        tr("Tracking repetition %1").arg(place.repetition->number), this,
        workspace_.ofClip(place.clip->id).newest(QStringLiteral("track %1").arg(repetition.value)),
        [stretch](JobControl& control) {
            return trackInStretch(stretch, [&](double share) { return control.goOn(share); });
        },
        [this, data, repetition](const Result<Paths>& paths) {
            if (!paths) {
                sayNothingCame(workspace_, paths.error(), tr("Not tracked. %1"));
                return;
            }
            if (!sameFrames(placeOf(*data, repetition), placeOf(workspace_.data(), repetition))) {
                workspace_.say(tr("The repetition was changed meanwhile: nothing was tracked."));
                return;
            }
            const RepetitionPlace now = placeOf(workspace_.data(), repetition);
            if (paths->empty()) {
                workspace_.say(tr("Repetition %1: what is held was not found as it is held in the others. Mark its tip "
                                  "in one frame, then T.")
                                   .arg(now.repetition->number));
                return;
            }
            TrackWritten written;
            if (workspace_.apply(tr("Track marks"), [&](Edit& edit) -> Result<void> {
                    const auto done = writeTracked(edit, workspace_.data(), repetition, *paths);
                    if (!done)
                        return done.error();
                    written = *done;
                    return {};
                }))
                workspace_.say(
                    tr("Tracked: %1%2.")
                        .arg(words::counted(written.marks, tr("mark"), tr("marks")),
                             written.lost
                                 ? tr("; lost in %1").arg(words::counted(written.lost, tr("place"), tr("places")))
                                 : QString()));
        });
}

void MarkProposals::confirmFrame(RepetitionId repetition, int frame) {
    if (const RepetitionPlace place = placeOf(workspace_.data(), repetition))
        workspace_.apply(tr("Confirm frame %1").arg(frame), [&](Edit& edit) {
            return riflesso::confirmFrame(edit, *place.repetition, frame, settings::markSigmaPx(place.clip->height));
        });
}

void MarkProposals::confirmStretch(const DoubtfulStretch& stretch) {
    if (const RepetitionPlace place = placeOf(workspace_.data(), stretch.repetition))
        workspace_.apply(tr("Confirm frames %1 to %2").arg(stretch.from).arg(stretch.to), [&](Edit& edit) {
            return confirmFrames(edit, *place.repetition, stretch.from, stretch.to,
                                 settings::markSigmaPx(place.clip->height));
        });
}

void MarkProposals::confirmSure(RepetitionId repetition) {
    const auto sure = [this](RepetitionId id) {
        const RepetitionPlace place = placeOf(workspace_.data(), id);
        const OpenProposals open = place ? openProposals(*place.repetition) : OpenProposals();
        return open.marks > open.doubtful;
    };
    std::vector<RepetitionId> others;
    for (const RepetitionId id : chosenRepetitions(workspace_))
        if (id != repetition && sure(id))
            others.push_back(id);
    const bool here = sure(repetition) || others.empty();
    const std::vector<RepetitionId> now = here ? std::vector{repetition} : others;
    const bool done = workspace_.apply(tr("Confirm what is sure"), [&](Edit& edit) -> Result<void> {
        for (const RepetitionId id : now)
            if (const RepetitionPlace place = placeOf(workspace_.data(), id))
                if (auto each =
                        riflesso::confirmSure(edit, *place.repetition, settings::markSigmaPx(place.clip->height));
                    !each)
                    return each;
        return {};
    });
    const QString count = words::counted(others.size(), tr("repetition"), tr("repetitions"));
    if (done && !others.empty())
        workspace_.say(
            here ? tr("What is sure here is confirmed. Shift C again: in the other %1 of the set.").arg(count)
                 : tr("What is sure in the other %1 of the set is confirmed. D goes to what is doubtful.").arg(count));
}

} // namespace riflesso
