#include "core/signal/phase_map.h"

#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <algorithm>

namespace riflesso {

PhaseAnchors phaseAnchors(const Pack& pack, const std::vector<Trial>& modelTrials,
                          const std::vector<Trial>& ownTrials) {
    PhaseAnchors out;
    if (pack.events.size() < 2)
        return out;
    for (const std::vector<Trial>* trials : {&modelTrials, &ownTrials}) {
        std::map<std::string, std::vector<double>> positions;
        for (const Trial& trial : *trials) {
            const TrialEvent *first = trial.event(pack.events.front().id), *last = trial.event(pack.events.back().id);
            if (!first || !last || last->timeS <= first->timeS)
                continue;
            for (const TrialEvent& event : trial.events)
                positions[event.event].push_back(100 * (event.timeS - first->timeS) / (last->timeS - first->timeS));
        }
        if (positions.empty())
            continue;
        for (const EventDef& event : pack.events)
            if (const auto found = positions.find(event.id); found != positions.end())
                out.anchors.push_back({event.id, median(found->second)});
        std::stable_sort(out.anchors.begin(), out.anchors.end(),
                         [](const auto& a, const auto& b) { return a.percent < b.percent; });
        return out;
    }
    return out;
}

std::optional<PhaseMap> PhaseMap::of(const PhaseAnchors& anchors, const Trial& trial) {
    std::vector<double> percent, times;
    std::vector<std::string> ids;
    for (const auto& anchor : anchors.anchors)
        if (const TrialEvent* event = trial.event(anchor.event)) {
            percent.push_back(anchor.percent);
            times.push_back(event->timeS);
            ids.push_back(anchor.event);
        }
    if (ids.size() < 2 || ids.front() != anchors.anchors.front().event || ids.back() != anchors.anchors.back().event)
        return {};
    const std::vector<std::size_t> kept = anchorsInOrder(times);
    if (kept.size() < 2)
        return {};
    PhaseMap map;
    for (std::size_t i = 0; i < ids.size(); ++i) {
        if (std::find(kept.begin(), kept.end(), i) == kept.end()) {
            map.dropped_.push_back(ids[i]);
            continue;
        }
        map.percent_.push_back(percent[i]);
        map.timeS_.push_back(times[i]);
    }
    return map;
}

double PhaseMap::timeAt(double percent) const { return timeAtPhase(percent_, timeS_, percent); }
double PhaseMap::percentAt(double timeS) const { return phaseAtTime(percent_, timeS_, timeS); }

} // namespace riflesso
