#include "work/second_sitting.h"

#include <algorithm>
#include <cmath>
#include <random>
#include <set>

namespace riflesso {
namespace {

constexpr std::size_t kFewestLandmarks = 3;

/// Landmarks of a frame that were set by hand.
std::set<std::string> byHandIn(const Repetition& repetition, int frame) {
    std::set<std::string> out;
    for (const auto& [landmark, marks] : repetition.marks)
        if (const auto mark = marks.find(frame); mark != marks.end() && isFromPerson(mark->second.source))
            out.insert(landmark);
    return out;
}

bool isAgain(const Repetition& repetition, const std::string& landmark, int frame) {
    const auto marks = repetition.marksAgain.find(landmark);
    return marks != repetition.marksAgain.end() && marks->second.contains(frame);
}

} // namespace

std::vector<SecondTask> secondTasks(const CaseData& data, SessionId session, const SetChoice& choice, unsigned seed,
                                    int frames, int events) {
    std::vector<SecondTask> marked, timed;
    for (const Trial& trial : trialsOf(data, session, choice)) {
        const Repetition* repetition = data.repetition(repetitionId(trial.id));
        std::set<int> at;
        for (const auto& [landmark, marks] : repetition->marks)
            for (const auto& [frame, mark] : marks)
                if (isFromPerson(mark.source))
                    at.insert(frame);
        for (const int frame : at) {
            const auto byHand = byHandIn(*repetition, frame);
            if (byHand.size() >= kFewestLandmarks &&
                std::none_of(byHand.begin(), byHand.end(),
                             [&](const std::string& name) { return isAgain(*repetition, name, frame); }))
                marked.push_back({repetition->id, {}, frame});
        }
        for (const auto& [event, value] : repetition->events)
            if (isFromPerson(value.source) && !repetition->eventsAgain.contains(event))
                timed.push_back({repetition->id, event, static_cast<int>(std::lround(value.frame))});
    }
    std::mt19937 random(seed);
    std::shuffle(marked.begin(), marked.end(), random);
    std::shuffle(timed.begin(), timed.end(), random);
    marked.resize(std::min(marked.size(), static_cast<std::size_t>(frames)));
    timed.resize(std::min(timed.size(), static_cast<std::size_t>(events)));
    marked.insert(marked.end(), timed.begin(), timed.end());
    return marked;
}

std::vector<std::string> openLandmarks(const Repetition& repetition, int frame, const std::vector<std::string>& order) {
    std::vector<std::string> out;
    const auto byHand = byHandIn(repetition, frame);
    for (const std::string& name : order)
        if (byHand.contains(name) && !isAgain(repetition, name, frame))
            out.push_back(name);
    return out;
}

std::vector<double> correctedByFrames(const CaseData& data) {
    std::vector<double> frames;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& r : section.repetitions)
                    for (const auto& [id, event] : r.events)
                        if (event.proposedFrame && !isProposed(event.source))
                            frames.push_back(std::abs(event.frame - *event.proposedFrame));
    return frames;
}

} // namespace riflesso
