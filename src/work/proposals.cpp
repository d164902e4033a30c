#include "work/proposals.h"

#include "media/lasting_error.h"
#include "media/proposed_marks.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

bool isHidden(const Repetition& repetition, const std::string& landmark, int frame) {
    return std::any_of(repetition.hidden.begin(), repetition.hidden.end(),
                       [&](const HiddenMark& h) { return h.landmark == landmark && h.frame == frame; });
}

/// Whether a mark that was found may stand in place of the one that is there.
bool yields(const Mark& there, const Mark& found) {
    return isProposed(there.source) && (there.source == found.source || there.sigmaPx > found.sigmaPx);
}

Mark confirmed(Mark mark, double sigmaPx) {
    if (mark.source == kDoubtfulFromNetwork)
        mark.sigmaPx = std::max(mark.sigmaPx / kDoubtFactor, sigmaPx);
    else if (isDoubtful(mark.source))
        mark.sigmaPx = std::min(mark.sigmaPx, sigmaPx);
    mark.source = confirmedSource(mark.source);
    return mark;
}

/// Confirms what is proposed and `wanted(source, frame)`.
template <class Wanted>
Result<void> confirm(Edit& edit, const Repetition& repetition, double sigmaPx, const Wanted& wanted) {
    for (const auto& [landmark, track] : repetition.marks)
        for (const auto& [frame, mark] : track)
            if (isProposed(mark.source) && wanted(mark.source, frame))
                if (auto done = edit.setMark(repetition.id, landmark, frame, confirmed(mark, sigmaPx)); !done)
                    return done;
    for (const auto& [id, event] : repetition.events)
        if (isProposed(event.source) && wanted(event.source, static_cast<int>(std::lround(event.frame))))
            if (auto done = edit.setEvent(repetition.id, id, {event.frame, {}, confirmedSource(event.source)}); !done)
                return done;
    return {};
}

} // namespace

std::set<std::string> wantedLandmarks(const CaseData& data, const RepetitionPlace& place) {
    std::set<std::string> out;
    const auto sides = resolveRoles(data.pack, toTrial(data, place));
    const auto byHand = rolesByHand(data.pack, place.section->handedness.value_or(data.athlete.handedness));
    for (const PointRef& ref : data.pack.markedBy(place.repetition->variant)) {
        const std::string name = resolvePoint(ref, sides);
        out.insert(name.empty() ? resolvePoint(ref, byHand) : name);
    }
    out.erase(std::string());
    return out;
}

bool wantsFeet(const CaseData& data, const Repetition& repetition) {
    const auto refs = data.pack.markedBy(repetition.variant);
    return std::any_of(refs.begin(), refs.end(),
                       [](const PointRef& ref) { return ref.part.ends_with("heel") || ref.part.ends_with("toe"); });
}

Marks marksOfAnalyst(const Repetition& repetition) {
    Marks out;
    for (const auto& [landmark, track] : repetition.marks)
        for (const auto& [frame, mark] : track)
            if (!isProposed(mark.source))
                out[landmark][frame] = mark;
    return out;
}

Marks marksToWrite(const CaseData& data, const RepetitionPlace& place, const Marks& found) {
    Marks out;
    const auto wanted = wantedLandmarks(data, place);
    for (const auto& [landmark, track] : found) {
        if (!wanted.contains(landmark))
            continue;
        const auto there = place.repetition->marks.find(landmark);
        for (const auto& [frame, mark] : track) {
            if (isHidden(*place.repetition, landmark, frame))
                continue;
            if (there != place.repetition->marks.end())
                if (const auto known = there->second.find(frame);
                    known != there->second.end() && !yields(known->second, mark))
                    continue;
            out[landmark][frame] = mark;
        }
    }
    return out;
}

Result<void> writeMarks(Edit& edit, RepetitionId id, const Marks& marks) {
    for (const auto& [landmark, track] : marks)
        for (const auto& [frame, mark] : track)
            if (auto done = edit.setMark(id, landmark, frame, mark); !done)
                return done;
    return {};
}

Result<void> setByHand(Edit& edit, const Repetition& repetition, const std::string& landmark, int frame,
                       const Mark& mark) {
    const auto track = repetition.marks.find(landmark);
    if (track != repetition.marks.end())
        if (auto done = writeMarks(edit, repetition.id, {{landmark, goAlong(track->second, frame, mark)}}); !done)
            return done;
    return edit.setMark(repetition.id, landmark, frame, mark);
}

std::size_t countOf(const Marks& marks) {
    std::size_t count = 0;
    for (const auto& [landmark, track] : marks)
        count += track.size();
    return count;
}

OpenProposals openProposals(const Repetition& repetition) {
    OpenProposals out;
    std::set<int> doubtful;
    for (const auto& [landmark, track] : repetition.marks)
        for (const auto& [frame, mark] : track)
            if (isProposed(mark.source)) {
                ++out.marks;
                if (isDoubtful(mark.source)) {
                    ++out.doubtful;
                    doubtful.insert(frame);
                }
            }
    for (const auto& [id, event] : repetition.events)
        if (isProposed(event.source)) {
            ++out.events;
            if (isDoubtful(event.source))
                doubtful.insert(static_cast<int>(std::lround(event.frame)));
        }
    out.doubtfulFrames.assign(doubtful.begin(), doubtful.end());
    return out;
}

Result<void> confirmFrame(Edit& edit, const Repetition& repetition, int frame, double sigmaPx) {
    return confirm(edit, repetition, sigmaPx, [frame](std::string_view, int at) { return at == frame; });
}

Result<void> confirmFrames(Edit& edit, const Repetition& repetition, int from, int to, double sigmaPx) {
    return confirm(edit, repetition, sigmaPx, [=](std::string_view, int at) { return from <= at && at <= to; });
}

Result<void> confirmSure(Edit& edit, const Repetition& repetition, double sigmaPx) {
    return confirm(edit, repetition, sigmaPx, [](std::string_view source, int) { return !isDoubtful(source); });
}

} // namespace riflesso
