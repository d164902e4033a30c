#include "core/judge/typical_trial.h"

#include "core/uncertainty/stats.h"

#include <cmath>
#include <limits>

namespace riflesso {

std::string mostTypicalTrial(const Pack& pack, const std::vector<TrialMeasures>& measures) {
    std::map<std::string, double> medians;
    for (const MeasureDef& def : pack.measures) {
        std::vector<double> values;
        for (const TrialMeasures& own : measures)
            if (const MeasureValue* value = own.find(def.id); value && value->valid())
                values.push_back(*value->value);
        if (!values.empty())
            medians[def.id] = median(values);
    }
    std::map<std::string, std::vector<double>> distances;
    for (const TrialMeasures& own : measures)
        for (const auto& [id, value] : own.measures) {
            const MeasureDef* def = pack.measure(id);
            const auto middle = medians.find(id);
            if (def && value.valid() && middle != medians.end() && def->tolerance > 0)
                distances[own.trial].push_back(std::abs(*value.value - middle->second) / def->tolerance);
        }
    std::string best;
    double least = std::numeric_limits<double>::infinity();
    for (const TrialMeasures& own : measures) // in the set's order, so that the first of equals stands
        if (const auto found = distances.find(own.trial); found != distances.end())
            if (const double distance = mean(found->second); distance < least) {
                least = distance;
                best = own.trial;
            }
    return best;
}

} // namespace riflesso
