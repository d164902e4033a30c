#pragma once
// The repetitions of a set in groups, by whatever tells them apart: a condition, a cue, a result, before and after; and
// any two of them compared.

#include "core/progress/retest.h"

namespace riflesso {

struct Group {
    std::string name;
    std::vector<Trial> trials;
};
struct GroupDeviation {
    std::string name;
    SetDeviation set;
    [[nodiscard]] SetSummary summary() const;
};
/// Each group's own median and deviation from the same reference, in the order given; a group without a value is left
/// out. Measures that a set has once are measured in each group.
[[nodiscard]] std::vector<GroupDeviation> deviationsOfGroups(const Pack& pack, const MeasureDef& def,
                                                             const Reference& reference,
                                                             const std::vector<Group>& groups, double cutoffHz);

} // namespace riflesso
