#include "work/examples.h"

#include <algorithm>

namespace riflesso {
namespace {

bool isWhole(const CaseData& data, const Trial& trial, ExampleEvents wanted) {
    constexpr std::size_t kDense = 10; // frames: a warp needs the movement, not its key positions alone
    const bool open = std::any_of(data.pack.events.begin(), data.pack.events.end(), [&](const EventDef& event) {
        return !trial.event(event.id) && data.pack.needsEvent(trial.variant, event.id);
    });
    if (open || trial.marks.empty() || trial.marks.begin()->second.size() < kDense)
        return false;
    const auto& events = data.repetition(repetitionId(trial.id))->events;
    return wanted == ExampleEvents::Any || std::none_of(events.begin(), events.end(), [](const auto& event) {
               return isProposed(event.second.source);
           });
}

} // namespace

std::vector<Trial> exampleTrials(const CaseData& data, std::size_t most, ExampleEvents events, RepetitionId except) {
    std::vector<Trial> out;
    for (const bool models : {false, true}) {
        if (!out.empty())
            break;
        for (const Session& session : data.sessions)
            if (session.isModel == models)
                for (Trial& trial : trialsOf(data, session.id, {}))
                    if (out.size() < most && repetitionId(trial.id) != except && isWhole(data, trial, events))
                        out.push_back(std::move(trial));
    }
    return out;
}

} // namespace riflesso
