#include "work/find_repetitions.h"

#include "core/uncertainty/stats.h"

#include "core/signal/propose_events.h"
#include "media/proposed_marks.h"
#include "work/examples.h"
#include "work/shown_clip.h"

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
    trial.times = FrameTimes::ofClip(clip.timesS, section.slowMotion);
    for (const auto& [landmark, marks] : seen)
        for (const auto& [look, proposed] : marks)
            trial.marks[landmark][section.from + look * stride] = proposed.mark;
    return trial;
}

const Session* sessionOf(const CaseData& data, SectionId id) {
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            if (std::any_of(clip.sections.begin(), clip.sections.end(), [&](const Section& s) { return s.id == id; }))
                return &session;
    return nullptr;
}

} // namespace

Result<std::vector<FrameSpan>> findSpans(const CaseData& data, const Clip& clip, const Section& section,
                                         const std::string& models, const GoOn& goOn) {
    const auto network = PoseNetwork::open(models);
    if (!network)
        return network.error();
    const auto pictures = ShownClip::open(clip.path.toStdString(), section.picture);
    if (!pictures)
        return pictures.error();
    const FrameTimes times = FrameTimes::ofClip(clip.timesS, section.slowMotion);
    const double rate =
        (section.to - section.from) / std::max(1e-6, times.timeOf(section.to) - times.timeOf(section.from));
    const int stride = std::max(1, static_cast<int>(std::floor(rate / kLooksPerSecond)));
    const auto seen = proposeMarks(
        **network, [&](int look) { return (*pictures)(section.from + look * stride); }, 0,
        (section.to - section.from) / stride, boxInUse(section.picture), {}, {.mostApart = 1}, goOn);
    if (!seen)
        return seen.error();
    const Trial recording = recordingOf(data, clip, section, *seen, stride);
    const auto examples = exampleTrials(data, 1, ExampleEvents::Any);
    std::vector<FrameSpan> spans;
    for (const RepetitionHit& hit :
         findRepetitions(data.pack, examples.empty() ? nullptr : &examples.front(), recording)) {
        // A little room before and after, as one cuts by hand.
        constexpr double kRoomS = 0.15;
        const auto frame = [&](double timeS) {
            return std::clamp(static_cast<int>(std::lround(times.frameOf(timeS))), section.from, section.to);
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
}

std::vector<Repetition> repetitionsFrom(const CaseData& now, SectionId id, const std::vector<FrameSpan>& spans) {
    const Section* section = sectionOf(now, id);
    if (!section)
        return {};
    int number = 0;
    for (const Clip& clip : sessionOf(now, id)->clips)
        for (const Section& s : clip.sections)
            if (s.performer == section->performer)
                for (const Repetition& r : s.repetitions)
                    number = std::max(number, r.number);
    std::vector<Repetition> fresh;
    // A quarter of the usual length is no repetition but a step on the spot (own choice); with few there is no usual
    // one.
    constexpr int kFewestFrames = 4;
    constexpr std::size_t kFewest = 3;
    std::vector<double> lengths;
    for (const Repetition& r : section->repetitions)
        lengths.push_back(r.to - r.from);
    for (const auto& [from, to] : spans)
        lengths.push_back(to - from);
    const int shortest = lengths.size() < kFewest
                             ? kFewestFrames
                             : std::max(kFewestFrames, static_cast<int>(std::ceil(median(lengths) / 4)));
    for (const auto& [from, to] : spans) {
        const bool taken =
            std::any_of(section->repetitions.begin(), section->repetitions.end(),
                        [&, from = from, to = to](const Repetition& r) { return r.from <= to && from <= r.to; });
        if (taken || to - from < shortest)
            continue;
        Repetition repetition;
        repetition.number = ++number;
        repetition.from = from;
        repetition.to = to;
        if (!now.pack.variants.empty())
            repetition.variant = now.pack.variants.front().id;
        fresh.push_back(repetition);
    }
    return fresh;
}

Result<RepetitionId> addRepetitions(Edit& edit, SectionId section, const std::vector<Repetition>& repetitions) {
    RepetitionId first;
    for (const Repetition& repetition : repetitions) {
        const auto made = edit.addRepetition(section, repetition);
        if (!made)
            return made.error();
        if (!first)
            first = *made;
    }
    return first;
}

} // namespace riflesso
