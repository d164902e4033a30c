#include "app/film/repetition_finder.h"

#include "app/widgets/section_pictures.h"
#include "core/signal/propose_events.h"
#include "media/proposed_marks.h"
#include "report/words.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kLooksPerSecond = 19; ///< of real time; with 12, two of the demo's eight lunges were found too short

/// What the network saw in every `stride`-th frame, as one long trial.
Trial recordingOf(const CaseData& data, const Clip& clip, const Section& section, const ProposedMarks& seen,
                  int stride) {
    Trial trial;
    trial.id = "section";
    trial.capture.view = section.view;
    trial.capture.facing = section.facing;
    trial.capture.handedness = section.handedness.value_or(data.athlete.handedness);
    trial.capture.slowMotion = section.slowMotion;
    trial.times = FrameTimes::ofClip(*clip.timesS, section.slowMotion);
    for (const auto& [landmark, marks] : seen)
        for (const auto& [look, proposed] : marks)
            trial.marks[landmark][section.from + look * stride] = proposed.mark;
    return trial;
}

} // namespace

std::optional<Trial> exampleTrial(const CaseData& data) {
    constexpr std::size_t kDense = 10;
    for (const bool models : {false, true})
        for (const Session& session : data.sessions)
            if (session.isModel == models)
                for (Trial& trial : trialsOf(data, session.id, {}))
                    if (trial.events.size() == data.pack.events.size() && !trial.marks.empty() &&
                        trial.marks.begin()->second.size() >= kDense)
                        return std::move(trial);
    return {};
}

RepetitionFinder::RepetitionFinder(Workspace& workspace, QObject* parent) : QObject(parent), workspace_(workspace) {}

void RepetitionFinder::find(const Clip& clip, const Section& section) {
    const auto data = workspace_.snapshot();
    const SectionId id = section.id;
    const Clip ownClip = clip;
    const Section own = section;
    const QString models = poseModels();
    workspace_.start<std::vector<std::pair<int, int>>>(
        tr("Finding repetitions in %1").arg(clip.title), this,
        workspace_.ofClip(clip.id).newest(QStringLiteral("section %1").arg(id.value)),
        [data, ownClip, own, models](JobControl& control) -> Result<std::vector<std::pair<int, int>>> {
            const auto network = PoseNetwork::open(models.toStdString());
            if (!network)
                return network.error();
            const auto reader = ClipReader::open(ownClip.path.toStdString());
            if (!reader)
                return reader.error();
            const FrameTimes times = FrameTimes::ofClip(*ownClip.timesS, own.slowMotion);
            const double rate = (own.to - own.from) / std::max(1e-6, times.timeOf(own.to) - times.timeOf(own.from));
            const int stride = std::max(1, static_cast<int>(std::floor(rate / kLooksPerSecond)));
            const auto seen = proposeMarks(
                **network, [&](int look) { return asShown((*reader)->frame(own.from + look * stride), own.picture); },
                0, (own.to - own.from) / stride, boxInUse(own.picture), {},
                [&](double share) { return control.goOn(share); });
            if (!seen)
                return seen.error();
            const Trial recording = recordingOf(*data, ownClip, own, *seen, stride);
            const std::optional<Trial> example = exampleTrial(*data);
            std::vector<std::pair<int, int>> spans;
            for (const RepetitionHit& hit : findRepetitions(data->pack, example ? &*example : nullptr, recording)) {
                // A little room before and after, as one cuts by hand.
                constexpr double kRoomS = 0.15;
                const auto frame = [&](double timeS) {
                    return std::clamp(static_cast<int>(std::lround(times.frameOf(timeS))), own.from, own.to);
                };
                spans.emplace_back(frame(hit.fromS - kRoomS), frame(hit.toS + kRoomS));
            }
            std::sort(spans.begin(), spans.end());
            for (std::size_t i = 1; i < spans.size(); ++i)
                if (spans[i].first <= spans[i - 1].second) { // they meet in the middle
                    const int middle = (spans[i].first + spans[i - 1].second) / 2;
                    spans[i - 1].second = middle;
                    spans[i].first = middle + 1;
                }
            return spans;
        },
        [this, own](const Result<std::vector<std::pair<int, int>>>& spans) {
            if (spans)
                keep(own, *spans);
            else if (spans.error().kind != Error::Kind::Cancelled)
                workspace_.say(tr("No repetitions proposed. %1").arg(words::text(spans.error().sentence())), true);
        });
}

void RepetitionFinder::keep(const Section& looked, const std::vector<std::pair<int, int>>& spans) {
    const CaseData& data = workspace_.data();
    const SectionId id = looked.id;
    const Section* section = sectionOf(data, id);
    if (!section || !sameFrames(looked, *section)) {
        workspace_.say(tr("The section was changed meanwhile: find the repetitions again."));
        return;
    }
    int number = 0;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            if (std::any_of(clip.sections.begin(), clip.sections.end(), [&](const Section& s) { return s.id == id; }))
                for (const Clip& other : session.clips)
                    for (const Section& s : other.sections)
                        for (const Repetition& r : s.repetitions)
                            if (s.performer == section->performer)
                                number = std::max(number, r.number);
    std::vector<Repetition> fresh;
    constexpr int kShortest = 4;
    for (const auto& [from, to] : spans) {
        const bool taken =
            std::any_of(section->repetitions.begin(), section->repetitions.end(),
                        [&, from = from, to = to](const Repetition& r) { return r.from <= to && from <= r.to; });
        if (taken || to - from < kShortest)
            continue;
        Repetition repetition;
        repetition.number = ++number;
        repetition.from = from;
        repetition.to = to;
        if (!data.pack.variants.empty())
            repetition.variant = data.pack.variants.front().id;
        fresh.push_back(repetition);
    }
    if (fresh.empty()) {
        workspace_.say(spans.empty()
                           ? tr("No repetition was found. Cut one by hand (C): it is then sought in the others.")
                           : tr("What was found is cut already."));
        return;
    }
    RepetitionId first;
    if (!workspace_.apply(tr("Find %1").arg(words::counted(fresh.size(), tr("repetition"), tr("repetitions"))),
                          [&](Edit& edit) -> Result<void> {
                              for (const Repetition& repetition : fresh) {
                                  const auto made = edit.addRepetition(id, repetition);
                                  if (!made)
                                      return made.error();
                                  if (!first)
                                      first = *made;
                              }
                              return {};
                          }))
        return;
    workspace_.selectRepetition(first);
    workspace_.say(tr("%1 found. What is none is removed with Del; all are taken back with Ctrl Z.")
                       .arg(words::counted(fresh.size(), tr("repetition"), tr("repetitions"))));
    emit found();
}

} // namespace riflesso
