#include "core/judge/what_if.h"

#include <algorithm>

namespace riflesso {

Findings findingsWithout(const std::string& fault, Pack pack, const std::vector<Trial>& trials,
                         const Assessment& assessment, const Limits& limits) {
    std::erase_if(pack.faults, [&](const FaultDef& def) { return def.id == fault; });
    for (FaultDef& def : pack.faults)
        std::erase_if(def.causes, [&](const CauseDef& cause) { return cause.fault == fault; });
    JudgingChoices choices;
    choices.school = assessment.school;
    choices.limits = limits;
    return findFaults(pack, trials, assessment.measures, assessment.deviations, choices);
}

} // namespace riflesso
