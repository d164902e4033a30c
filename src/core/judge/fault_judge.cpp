#include "core/judge/fault_judge.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// Raters who agree this little leave it open whether it is there at all.
constexpr double kWeakProbability = 0.5;

} // namespace

MaybeDegree FaultJudge::tree(const ConditionTree& node) const {
    if (node.shape == ConditionTree::Shape::Leaf)
        return leaf(node.leaf);
    MaybeDegree joined = node.shape == ConditionTree::Shape::Mean  ? mean(node)
                         : node.shape == ConditionTree::Shape::All ? smallest(node)
                                                                   : largest(node);
    for (const ConditionTree& unless : node.unless) {
        if (!joined || !exceeds(joined->degree, 0))
            break;
        const MaybeDegree excuse = tree(unless);
        if (!excuse)
            return {};
        joined->degree *= 1 - excuse->degree;
    }
    return joined;
}

MaybeDegree FaultJudge::leaf(const Condition& condition) const {
    switch (condition.subject) {
    case Condition::Subject::Measure:
        return measure(condition);
    case Condition::Subject::Observation:
        return observation(condition);
    case Condition::Subject::Variant:
        if (trial_.variant != condition.id)
            return trial_.variant.empty() ? MaybeDegree() : Degree{0, 1};
        if (!condition.fits) // this form was chosen: that is all that is asked
            return Degree{1, 1};
        if (!trial_.variantFits)
            return {};
        return Degree{*trial_.variantFits == *condition.fits ? 1.0 : 0.0, 1};
    case Condition::Subject::Situation: {
        const auto noted = trial_.conditions.find(condition.id);
        if (noted == trial_.conditions.end())
            return {};
        const bool is =
            std::find(condition.values.begin(), condition.values.end(), noted->second) != condition.values.end();
        return Degree{is ? 1.0 : 0.0, 1};
    }
    }
    return {};
}
MaybeDegree FaultJudge::measure(const Condition& condition) const {
    for (const SetDeviation& set : deviations_) {
        if (set.measure != condition.id)
            continue;
        const RepetitionDeviation* repetition = set.of(trial_.id, cycle_);
        if (!repetition)
            return {};
        double delta = repetition->deviation;
        if (condition.direction == Direction::Below)
            delta = -delta;
        else if (condition.direction == Direction::Either)
            delta = std::abs(delta);
        const double probability = repetition->u > 0 ? normalCdf((delta - repetition->tolerance) / repetition->u) : 1.0;
        const MeasureDef* def = pack_.measure(baseMeasure(condition.id));
        if (def && def->kind == Kind::Observed && isWeak(kappas_, def->observation))
            return Degree{degreeOf(delta, repetition->tolerance), kWeakProbability};
        return Degree{degreeOf(delta, repetition->tolerance), probability};
    }
    return {};
}
MaybeDegree FaultJudge::observation(const Condition& condition) const {
    const auto seen = trial_.observations.find(condition.id);
    const ObservationDef* def = pack_.observation(condition.id);
    if (seen == trial_.observations.end() || !def)
        return {};
    if (def->type == ObservationType::Choice)
        return Degree{std::count(condition.values.begin(), condition.values.end(), seen->second) ? 1.0 : 0.0,
                      isWeak(kappas_, condition.id) ? kWeakProbability : 1};
    if (def->type != ObservationType::YesPartlyNo)
        return {};
    constexpr double kPartlyProbability = 0.75;
    const bool weak = isWeak(kappas_, condition.id);
    if (seen->second == "partly")
        return Degree{0.5, weak ? kWeakProbability : kPartlyProbability};
    const bool isFault = condition.direction == Direction::Above ? seen->second == "yes" : seen->second == "no";
    return Degree{isFault ? 1.0 : 0.0, weak ? kWeakProbability : 1};
}

MaybeDegree FaultJudge::mean(const ConditionTree& node) const {
    double whole = 0, judged = 0, degree = 0, probability = 0, probabilityWeight = 0;
    for (const ConditionTree& member : node.members) {
        whole += member.weight;
        const MaybeDegree part = tree(member);
        if (!part)
            continue;
        judged += member.weight;
        degree += member.weight * part->degree;
        probability += member.weight * part->degree * part->probability;
        probabilityWeight += member.weight * part->degree;
    }
    if (judged <= 0 || judged < whole / 2)
        return {};
    return Degree{degree / judged, probabilityWeight > 0 ? probability / probabilityWeight : 1};
}
MaybeDegree FaultJudge::smallest(const ConditionTree& node) const {
    MaybeDegree best;
    bool missing = false;
    for (const ConditionTree& member : node.members) {
        const MaybeDegree part = tree(member);
        if (!part) {
            missing = true;
            continue;
        }
        if (!best || part->degree < best->degree ||
            (part->degree == best->degree && part->probability < best->probability))
            best = part;
    }
    if (missing && best && exceeds(best->degree, 0))
        return {};
    return best;
}
MaybeDegree FaultJudge::largest(const ConditionTree& node) const {
    MaybeDegree best;
    for (const ConditionTree& member : node.members) {
        const MaybeDegree part = tree(member);
        if (part && (!best || part->degree > best->degree ||
                     (part->degree == best->degree && part->probability > best->probability)))
            best = part;
    }
    return best;
}

} // namespace riflesso
