// What a skill can be used without, but is not whole without.

#include "core/workshop/pack_draft.h"

#include <algorithm>
#include <functional>
#include <set>
#include <string>

namespace riflesso {

std::vector<StillMissing> stillMissing(const Pack& pack) {
    using What = StillMissing::What;
    std::vector<StillMissing> out;
    for (const EventDef& event : pack.events)
        if (!event.rule)
            out.push_back({What::NoRule, {PartList::Events, event.id, event.title}});
    std::set<std::string> used;
    const std::function<void(const ConditionTree&)> look = [&](const ConditionTree& tree) {
        if (tree.shape == ConditionTree::Shape::Leaf && tree.leaf.subject == Condition::Subject::Measure)
            used.insert(std::string(baseMeasure(tree.leaf.id)));
        for (const auto* members : {&tree.members, &tree.unless})
            for (const ConditionTree& member : *members)
                look(member);
    };
    for (const FaultDef& fault : pack.faults) {
        look(fault.when);
        if (!pack.ladder(fault.id))
            out.push_back({What::NoLadder, {PartList::Faults, fault.id, fault.title}});
    }
    const auto hasRange = [&](const MeasureDef& def) {
        return std::any_of(pack.ranges.begin(), pack.ranges.end(),
                           [&](const RangeDef& range) { return baseMeasure(range.measure) == def.id; });
    };
    for (const MeasureDef& def : pack.measures)
        if (used.contains(def.id) && !hasRange(def))
            out.push_back({What::NoRange, {PartList::Measures, def.id, def.title}});
    for (const MeasureDef& def : pack.measures)
        if (!used.contains(def.id))
            out.push_back({What::NoFault, {PartList::Measures, def.id, def.title}});
    // Last: a skill can be used long before all is said.
    for (const EventDef& event : pack.events)
        if (event.hint.empty())
            out.push_back({What::NoWords, {PartList::Events, event.id, event.title}});
    for (const FaultDef& fault : pack.faults)
        if (fault.explain.empty() || std::any_of(fault.causes.begin(), fault.causes.end(),
                                                 [](const CauseDef& cause) { return cause.because.empty(); }))
            out.push_back({What::NoWords, {PartList::Faults, fault.id, fault.title}});
    for (const DrillDef& drill : pack.drills)
        if (drill.good.empty())
            out.push_back({What::NoWords, {PartList::Drills, drill.id, drill.title}});
    return out;
}

} // namespace riflesso
