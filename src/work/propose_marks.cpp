#include "work/propose_marks.h"

#include "core/signal/propose_events.h"
#include "work/examples.h"

#include <algorithm>

namespace riflesso {
namespace {

/// The repetitions, and before them those that teach a habit which is not known yet.
std::vector<RepetitionId> withTeachers(const CaseData& data, const std::vector<RepetitionId>& repetitions,
                                       const SectionHabits& habits) {
    std::vector<RepetitionId> order = repetitions;
    for (const RepetitionId id : repetitions)
        if (const Section& section = *placeOf(data, id).section; habits.isToLearn(section))
            if (const RepetitionId teacher = teacherOf(section)->repetition;
                std::count(order.begin(), order.end(), teacher) == 0)
                order.insert(order.begin(), teacher);
    return order;
}

} // namespace

std::map<std::string, StoredEvent> proposedEvents(const CaseData& data, RepetitionId id, const Marks& marks) {
    const RepetitionPlace place = placeOf(data, id);
    Trial target = toTrial(data, place);
    for (const auto& [landmark, track] : marks)
        for (const auto& [frame, mark] : track)
            target.marks[landmark].insert_or_assign(frame, mark);
    constexpr std::size_t kMostExamples = 5; // more are no better, and slower
    const auto examples = exampleTrials(data, kMostExamples, ExampleEvents::Settled, id);
    std::map<std::string, StoredEvent> out;
    for (const TrialProposal& proposal : proposeEvents(data.pack, examples, {target}))
        for (const EventProposal& event : proposal.events) {
            const auto known = place.repetition->events.find(event.event);
            if (known != place.repetition->events.end() && !isProposed(known->second.source))
                continue;
            if (event.frame < place.repetition->from || event.frame > place.repetition->to)
                continue;
            out[event.event] = {event.frame, event.uS,
                                std::string(event.reviewFirst ? kDoubtfulEvent : kProposedEvent)};
        }
    return out;
}

Marks marksOf(const ProposedMarks& proposed) {
    Marks out;
    for (const auto& [landmark, track] : proposed)
        for (const auto& [frame, point] : track)
            out[landmark][frame] = point.mark;
    return out;
}

Result<ProposedMarks> proposeInStretch(PoseNetwork& network, const StretchToMark& stretch,
                                       std::optional<PictureBox> box, const GoOn& goOn) {
    const auto clip = ShownClip::open(stretch.path, stretch.picture);
    if (!clip)
        return clip.error();
    // Where a person marked the athlete first; the network follows from the start.
    for (int frame = stretch.from; frame <= stretch.to && !box; ++frame)
        box = boxRound(stretch.byAnalyst, frame);
    if (!box)
        box = boxInUse(stretch.picture);
    return proposeMarks(network, *clip, stretch.from, stretch.to, box, stretch.byAnalyst, {.feet = stretch.feet}, goOn);
}

Result<Proposal> proposeRepetitions(const CaseData& data, const std::vector<RepetitionId>& repetitions,
                                    const std::string& models, std::optional<PictureBox> box,
                                    const SectionHabits& habits, const GoOn& goOn) {
    const auto network = PoseNetwork::open(models);
    if (!network)
        return network.error();
    Proposal out{{}, habits, 0};
    const auto order = withTeachers(data, repetitions, habits);
    std::map<std::int64_t, ProposedMarks> seen; // by repetition
    for (std::size_t i = 0; i < order.size(); ++i) {
        const RepetitionPlace place = placeOf(data, order[i]);
        const bool asked = std::count(repetitions.begin(), repetitions.end(), order[i]) > 0;
        auto proposed = proposeInStretch(
            **network,
            {place.clip->path.toStdString(), place.section->picture, place.repetition->from, place.repetition->to,
             marksOfAnalyst(*place.repetition), wantsFeet(data, *place.repetition)},
            asked ? box : std::nullopt,
            [&](double share) { return goOn((static_cast<double>(i) + share) / static_cast<double>(order.size())); });
        if (!proposed)
            return proposed.error();
        if (out.habits.isToLearn(*place.section) && teacherOf(*place.section)->repetition == order[i])
            out.habits.learn(*place.section, *proposed);
        seen[order[i].value] = std::move(*proposed);
    }
    for (const RepetitionId id : repetitions) {
        const RepetitionPlace place = placeOf(data, id);
        ProposedMarks& proposed = seen[id.value];
        out.asYours += out.habits.apply(*place.section, proposed);
        const Marks marks = marksToWrite(data, place, marksOf(proposed));
        out.repetitions.push_back({id, marks, proposedEvents(data, id, marks)});
    }
    return out;
}

Result<ProposalWritten> writeProposal(Edit& edit, const CaseData& then, const CaseData& now, const Proposal& proposal) {
    ProposalWritten out;
    for (const RepetitionProposal& found : proposal.repetitions) {
        const RepetitionPlace place = placeOf(now, found.id);
        if (!sameFrames(placeOf(then, found.id), place)) {
            ++out.gone;
            continue;
        }
        const Marks marks = marksToWrite(now, place, found.marks);
        if (auto done = writeMarks(edit, found.id, marks); !done)
            return done.error();
        out.marks += countOf(marks);
        for (const auto& [landmark, track] : marks)
            for (const auto& [frame, mark] : track)
                out.doubtful += isDoubtful(mark.source);
        for (const auto& [event, value] : found.events) {
            const auto known = place.repetition->events.find(event);
            if (known != place.repetition->events.end() && !isProposed(known->second.source))
                continue;
            if (auto done = edit.setEvent(found.id, event, value); !done)
                return done.error();
            ++out.events;
        }
    }
    return out;
}

} // namespace riflesso
