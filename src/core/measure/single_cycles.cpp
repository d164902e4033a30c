#include "core/measure/single_cycles.h"

#include <cctype>

namespace riflesso {
namespace {

std::string lowerFirst(std::string text) {
    if (!text.empty())
        text[0] = static_cast<char>(std::tolower(static_cast<unsigned char>(text[0])));
    return text;
}

} // namespace

Pack ofSingleCycles(Pack pack) {
    if (pack.family != Family::Cyclic || pack.events.empty())
        return pack;
    const std::string start = pack.events.front().id;
    std::string next = start + "_next";
    while (pack.event(next))
        next += "_next";
    const auto endsLater = [&](const std::string& from, const std::string& to) {
        return to == start && pack.event(from) != nullptr;
    };
    for (PhaseDef& phase : pack.phases)
        if (!phase.window && endsLater(phase.from, phase.to))
            phase.to = next;
    for (MeasureDef& measure : pack.measures)
        if (measure.kind == Kind::Interval && endsLater(measure.fromEvent, measure.toEvent))
            measure.toEvent = next;
    EventDef end = pack.events.front();
    end.id = next;
    end.title = "Next " + lowerFirst(end.title);
    pack.events.push_back(std::move(end));
    pack.family = Family::Discrete;
    pack.cycleEnd = std::move(next);
    return pack;
}

} // namespace riflesso
