#include "core/judge/groups.h"

#include "core/measure/joined_views.h"
#include "core/measure/measure_set.h"

namespace riflesso {

SetSummary GroupDeviation::summary() const {
    SetSummary out;
    out.measure = set.measure;
    out.unit = set.unit;
    out.median = set.median;
    out.u = set.expandedU / 2;
    out.repetitions = set.repetitions.size();
    out.deviation = set.deviation;
    out.tolerance = set.tolerance;
    out.state = set.state;
    out.viewU = set.viewU;
    out.viewSlope = set.viewSlope;
    out.bearingDeg = set.bearingDeg;
    return out;
}

std::vector<GroupDeviation> deviationsOfGroups(const Pack& pack, const MeasureDef& def, const Reference& reference,
                                               const std::vector<Group>& groups, double cutoffHz) {
    // Only what is asked for is measured; what a set has once is made of other measures.
    const bool once = isSetKind(def.kind);
    Pack asked = pack;
    if (!once)
        std::erase_if(asked.measures, [&](const MeasureDef& each) { return each.id != baseMeasure(def.id); });
    std::vector<GroupDeviation> out;
    for (const Group& group : groups) {
        const std::vector<Trial> shared = withSharedEvents(group.trials);
        std::vector<TrialMeasures> measured = joinedMeasures(shared, measureTrials(asked, shared, cutoffHz));
        if (once)
            measured = {TrialMeasures{{}, 0, measureSet(asked, movementsOf(shared), measured)}};
        if (auto set = setDeviation(def, reference, measured))
            out.push_back({group.name, std::move(*set)});
    }
    return out;
}

} // namespace riflesso
