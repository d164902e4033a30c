#include "core/measure/joined_views.h"

#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

const Trial* find(const std::vector<Trial>& trials, const std::string& id) {
    const auto found = std::find_if(trials.begin(), trials.end(), [&](const Trial& t) { return t.id == id; });
    return found == trials.end() ? nullptr : &*found;
}

const Trial* leadingOf(const std::vector<Trial>& trials, const Trial& trial) {
    return trial.sameAs.empty() || trial.sameAs == trial.id ? nullptr : find(trials, trial.sameAs);
}

/// Nearly every set is one camera's: then nothing is looked for, trial by trial.
bool oneCamera(const std::vector<Trial>& trials) {
    return std::all_of(trials.begin(), trials.end(), [](const Trial& trial) { return trial.sameAs.empty(); });
}

/// Events of `from` that `to` lacks, in the clock of `to`.
std::vector<TrialEvent> lent(const Trial& from, const Trial& to) {
    std::vector<double> differences, variances;
    for (const TrialEvent& event : to.events)
        if (const TrialEvent* there = from.event(event.event)) {
            differences.push_back(event.timeS - there->timeS);
            variances.push_back(event.uS * event.uS + there->uS * there->uS);
        }
    std::vector<TrialEvent> out;
    if (differences.empty() || !to.times.known())
        return out;
    const auto n = static_cast<double>(differences.size());
    const double difference = median(differences), variance = std::numbers::pi / 2 * mean(variances) / n;
    for (const TrialEvent& event : from.events)
        if (!to.event(event.event)) {
            const double time = event.timeS + difference;
            out.push_back({event.event, to.times.frameOf(time), time, std::sqrt(event.uS * event.uS + variance)});
        }
    return out;
}

} // namespace

std::vector<Trial> withSharedEvents(std::vector<Trial> trials) {
    if (oneCamera(trials))
        return trials;
    // Lent from what was marked, not from what was lent.
    const std::vector<Trial> marked = trials;
    for (std::size_t i = 0; i < trials.size(); ++i)
        for (const Trial& other : marked) {
            const bool same = leadingOf(marked, marked[i]) == &other || leadingOf(marked, other) == &marked[i];
            if (!same)
                continue;
            for (TrialEvent& event : lent(other, marked[i]))
                if (!trials[i].event(event.event))
                    trials[i].events.push_back(std::move(event));
        }
    return trials;
}

std::vector<Trial> movementsOf(const std::vector<Trial>& trials) {
    if (oneCamera(trials))
        return trials;
    std::vector<Trial> out;
    for (const Trial& trial : trials)
        if (!leadingOf(trials, trial))
            out.push_back(trial);
    for (const Trial& trial : trials)
        if (const Trial* leading = leadingOf(trials, trial))
            for (Trial& movement : out)
                if (movement.id == leading->id) {
                    movement.observations.insert(trial.observations.begin(), trial.observations.end());
                    movement.results.insert(trial.results.begin(), trial.results.end());
                    movement.conditions.insert(trial.conditions.begin(), trial.conditions.end());
                }
    return out;
}

std::size_t countMovements(const std::vector<Trial>& trials) {
    return static_cast<std::size_t>(
        std::count_if(trials.begin(), trials.end(), [&](const Trial& trial) { return !leadingOf(trials, trial); }));
}

std::vector<TrialMeasures> joinedMeasures(const std::vector<Trial>& trials,
                                          const std::vector<TrialMeasures>& measures) {
    if (oneCamera(trials))
        return measures;
    const auto leads = [&](const TrialMeasures& measured) -> const Trial* {
        const Trial* trial = find(trials, measured.trial);
        return trial ? leadingOf(trials, *trial) : nullptr;
    };
    std::vector<TrialMeasures> out;
    for (const TrialMeasures& measured : measures)
        if (!leads(measured))
            out.push_back(measured);
    for (const TrialMeasures& measured : measures) {
        const Trial* leading = leads(measured);
        const auto into = std::find_if(out.begin(), out.end(), [&](const TrialMeasures& m) {
            return leading && m.trial == leading->id && m.cycle == measured.cycle;
        });
        if (into == out.end())
            continue;
        for (auto& [id, value] : into->measures)
            if (const MeasureValue* other = measured.find(id); other && other->valid() && !value.valid()) {
                value = *other;
                value.seenIn = measured.trial;
            }
    }
    return out;
}

} // namespace riflesso
