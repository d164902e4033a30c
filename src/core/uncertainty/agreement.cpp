#include "core/uncertainty/agreement.h"

#include "core/uncertainty/reliability.h"

#include <algorithm>

namespace riflesso {
namespace {

/// Categories of an observation, in order; empty for counts and numbers.
std::vector<std::string> categoriesOf(const ObservationDef& def) {
    switch (def.type) {
    case ObservationType::YesPartlyNo:
        return {"no", "partly", "yes"};
    case ObservationType::Choice:
        return def.values;
    case ObservationType::Scale:
        return {"1", "2", "3", "4", "5"};
    default:
        return {};
    }
}

} // namespace

std::map<std::string, double> observationKappas(const Pack& pack, const std::vector<Trial>& first,
                                                const std::vector<Trial>& second) {
    std::map<std::string, double> out;
    for (const ObservationDef& def : pack.observations) {
        const std::vector<std::string> categories = categoriesOf(def);
        const auto categoryIn = [&](const Trial& trial) {
            const auto answer = trial.observations.find(def.id);
            const auto found = answer == trial.observations.end()
                                   ? categories.end()
                                   : std::find(categories.begin(), categories.end(), answer->second);
            return found == categories.end() ? -1 : static_cast<int>(found - categories.begin());
        };
        std::vector<int> a, b;
        for (const Trial& trial : first) {
            const auto again =
                std::find_if(second.begin(), second.end(), [&](const Trial& t) { return t.id == trial.id; });
            if (again == second.end() || categoryIn(trial) < 0 || categoryIn(*again) < 0)
                continue;
            a.push_back(categoryIn(trial));
            b.push_back(categoryIn(*again));
        }
        constexpr std::size_t kFewest = 4;
        if (a.size() >= kFewest)
            out[def.id] =
                weightedKappa(a, b, static_cast<int>(categories.size()),
                              def.type == ObservationType::Choice ? KappaWeights::None : KappaWeights::Linear);
    }
    return out;
}

} // namespace riflesso
