#include "core/findings.h"

#include "core/measure_set.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>

namespace riflesso {
namespace {

constexpr std::array kSchools = {"root", "ground", "effect", "earliest"};

struct Degree {
    double degree = 0, probability = 1;
};
using MaybeDegree = std::optional<Degree>;

/// Judges the conditions of faults in one repetition.
class Judge {
public:
    Judge(const Pack& pack, const Trial& trial, int cycle, const std::vector<SetDeviation>& deviations)
        : pack_(pack), trial_(trial), cycle_(cycle), deviations_(deviations) {}

    MaybeDegree tree(const ConditionTree& node) const {
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

private:
    MaybeDegree leaf(const Condition& condition) const {
        switch (condition.subject) {
        case Condition::Subject::Measure:
            return measure(condition);
        case Condition::Subject::Observation:
            return observation(condition);
        case Condition::Subject::Variant:
            if (trial_.variant != condition.id)
                return trial_.variant.empty() ? MaybeDegree() : Degree{0, 1};
            if (!trial_.variantFits)
                return {};
            return Degree{*trial_.variantFits == condition.fits ? 1.0 : 0.0, 1};
        }
        return {};
    }
    MaybeDegree measure(const Condition& condition) const {
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
            const double probability = repetition->u > 0 ? normalCdf((delta - set.tolerance) / repetition->u) : 1.0;
            return Degree{degreeOf(delta, set.tolerance), probability};
        }
        return {};
    }
    MaybeDegree observation(const Condition& condition) const {
        const auto seen = trial_.observations.find(condition.id);
        const ObservationDef* def = pack_.observation(condition.id);
        if (seen == trial_.observations.end() || !def)
            return {};
        if (def->type == ObservationType::Choice)
            return Degree{std::count(condition.values.begin(), condition.values.end(), seen->second) ? 1.0 : 0.0, 1};
        if (def->type != ObservationType::YesPartlyNo)
            return {};
        constexpr double kPartlyProbability = 0.75;
        if (seen->second == "partly")
            return Degree{0.5, kPartlyProbability};
        const bool isFault = condition.direction == Direction::Above ? seen->second == "yes" : seen->second == "no";
        return Degree{isFault ? 1.0 : 0.0, 1};
    }

    MaybeDegree mean(const ConditionTree& node) const {
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
    MaybeDegree smallest(const ConditionTree& node) const {
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
    MaybeDegree largest(const ConditionTree& node) const {
        MaybeDegree best;
        for (const ConditionTree& member : node.members) {
            const MaybeDegree part = tree(member);
            if (part && (!best || part->degree > best->degree ||
                         (part->degree == best->degree && part->probability > best->probability)))
                best = part;
        }
        return best;
    }

    const Pack& pack_;
    const Trial& trial_;
    int cycle_;
    const std::vector<SetDeviation>& deviations_;
};

class Finder {
public:
    Finder(const Pack& pack, const std::vector<Trial>& trials, const std::vector<TrialMeasures>& measures,
           const std::vector<SetDeviation>& deviations, const std::vector<std::string>& limits, School school)
        : pack_(pack), deviations_(deviations), limits_(limits), school_(school) {
        for (const TrialMeasures& entry : measures) {
            const auto trial =
                std::find_if(trials.begin(), trials.end(), [&](const Trial& t) { return t.id == entry.trial; });
            if (trial != trials.end() && (entry.cycle > 0) == (pack.family == Family::Cyclic))
                repetitions_.push_back({&*trial, entry.cycle});
        }
    }

    Findings run() {
        for (const FaultDef& def : pack_.faults)
            judge(def);
        for (Finding& finding : all_)
            spread(finding);
        for (Finding& finding : all_)
            placeUnderCause(finding);
        return ordered();
    }

private:
    void judge(const FaultDef& def) {
        Finding finding;
        finding.fault = def.id;
        finding.safety = def.safety;
        std::vector<double> degrees;
        double probability = 0;
        const bool once = existsOnce(def.when);
        for (const Repetition& repetition : repetitions_) {
            if (once && finding.judged > 0)
                break;
            const MaybeDegree degree = judgeOf(repetition).tree(def.when);
            if (!degree)
                continue;
            ++finding.judged;
            const bool shows = exceeds(degree->degree, 0);
            finding.repetitions.push_back({once ? std::string() : repetition.trial->id, once ? 0 : repetition.cycle,
                                           shows ? degree->degree : 0, degree->probability});
            if (!shows)
                continue;
            ++finding.shown;
            degrees.push_back(degree->degree);
            probability += degree->probability;
        }
        if (finding.judged == 0) {
            notJudged_.push_back(def.id);
            all_.push_back(finding);
            return;
        }
        finding.severity = degrees.empty() ? 0 : median(degrees);
        finding.frequency = static_cast<double>(finding.shown) / finding.judged;
        finding.certainty = finding.shown ? probability / finding.shown : 0;
        constexpr double kPresentShare = 0.25;
        finding.present = finding.frequency >= kPresentShare && finding.shown >= (finding.judged == 1 ? 1 : 2);
        finding.state = std::max(treeState(def.when), State::Possible);
        finding.changedTarget = std::any_of(def.limitedBy.begin(), def.limitedBy.end(), [&](const std::string& limit) {
            return std::find(limits_.begin(), limits_.end(), limit) != limits_.end();
        });
        finding.readiness = finding.changedTarget ? 0.5 : 1;
        all_.push_back(finding);
    }

    State leafState(const Condition& condition) const {
        if (condition.subject == Condition::Subject::Measure) {
            for (const SetDeviation& set : deviations_)
                if (set.measure == condition.id)
                    return condition.direction == Direction::Either || condition.direction == set.direction
                               ? set.state
                               : State::Within;
            return State::Within;
        }
        int judged = 0, clear = 0, possible = 0;
        for (const Repetition& repetition : repetitions_) {
            ConditionTree leaf;
            leaf.shape = ConditionTree::Shape::Leaf;
            leaf.leaf = condition;
            const MaybeDegree degree = judgeOf(repetition).tree(leaf);
            if (!degree)
                continue;
            ++judged;
            clear += degree->degree >= 1;
            possible += degree->degree > 0;
        }
        if (judged > 0 && 2 * clear >= judged)
            return State::Clear;
        return judged > 0 && 2 * possible >= judged ? State::Possible : State::Within;
    }
    State treeState(const ConditionTree& node) const {
        if (node.shape == ConditionTree::Shape::Leaf)
            return leafState(node.leaf);
        const bool weakest = node.shape == ConditionTree::Shape::All;
        State state = weakest ? State::Clear : State::Within;
        for (const ConditionTree& member : node.members) {
            const State own = treeState(member);
            state = weakest ? std::min(state, own) : std::max(state, own);
        }
        return state;
    }

    Finding* find(std::string_view id) {
        const auto found = std::find_if(all_.begin(), all_.end(), [&](const Finding& f) { return f.fault == id; });
        return found == all_.end() ? nullptr : &*found;
    }

    /// Largest product of weights from `cause` to every fault, over paths whose inner faults are all present.
    std::map<std::string, double> reach(const std::string& cause) {
        std::map<std::string, double> best;
        const std::function<void(const std::string&, double)> walk = [&](const std::string& from, double product) {
            for (const FaultDef& def : pack_.faults)
                for (const CauseDef& edge : def.causes) {
                    if (edge.fault != from || product * edge.weight <= best[def.id])
                        continue;
                    best[def.id] = product * edge.weight;
                    if (find(def.id)->present)
                        walk(def.id, product * edge.weight);
                }
        };
        walk(cause, 1);
        return best;
    }

    /// Share of the repetitions showing `effect` that also show `cause`.
    /// A fault judged once shows in all repetitions.
    static double together(const Finding& cause, const Finding& effect) {
        const auto once = [](const Finding& finding) {
            return !finding.repetitions.empty() && finding.repetitions.front().trial.empty();
        };
        if (once(cause))
            return cause.shown > 0 && effect.shown > 0 ? 1 : 0;
        if (once(effect))
            return effect.shown > 0 ? cause.frequency : 0;
        int both = 0;
        for (const FaultShown& shown : effect.repetitions) {
            if (shown.degree <= 0)
                continue;
            both += std::any_of(cause.repetitions.begin(), cause.repetitions.end(), [&](const FaultShown& other) {
                return other.trial == shown.trial && other.cycle == shown.cycle && other.degree > 0;
            });
        }
        return effect.shown ? static_cast<double>(both) / effect.shown : 0;
    }

    /// Leverage, effect term and score, from the present descendants.
    void spread(Finding& finding) {
        const FaultDef& def = *pack_.fault(finding.fault);
        finding.leverage = finding.severity;
        finding.effect = def.effect;
        const std::map<std::string, double> weights = reach(finding.fault);
        for (const FaultDef& other : pack_.faults) {
            const auto weight = weights.find(other.id);
            const Finding* effect = find(other.id);
            if (weight == weights.end() || weight->second <= 0 || !effect->present)
                continue;
            const double q = together(finding, *effect);
            finding.leadsTo.push_back({other.id, weight->second, q});
            finding.leverage += effect->severity * weight->second * q;
            finding.effect = std::max(finding.effect, weight->second * q * other.effect);
        }
        finding.score = finding.leverage * finding.frequency * finding.certainty * finding.effect * finding.readiness;
    }

    void placeUnderCause(Finding& finding) {
        if (!finding.present)
            return;
        double bestWeight = 0, bestSeverity = 0;
        for (const Finding& cause : all_) {
            if (!cause.present || cause.fault == finding.fault)
                continue;
            for (const Consequence& link : cause.leadsTo) {
                const bool holds = link.fault == finding.fault && link.weight >= 0.5 && link.share >= 0.5 &&
                                   cause.severity >= finding.severity / 2 && cause.state >= finding.state;
                if (holds &&
                    (link.weight > bestWeight || (link.weight == bestWeight && cause.severity > bestSeverity))) {
                    bestWeight = link.weight;
                    bestSeverity = cause.severity;
                    finding.consequenceOf = cause.fault;
                }
            }
        }
    }

    /// Heaviest condition of a tree; the first of equals.
    static const Condition* heaviest(const ConditionTree& node) {
        if (node.shape == ConditionTree::Shape::Leaf)
            return &node.leaf;
        const Condition* best = nullptr;
        for (const ConditionTree& member : node.members) {
            const Condition* own = heaviest(member);
            if (own && (!best || own->weight > best->weight))
                best = own;
        }
        return best;
    }
    int earliestEvent(const FaultDef& def) const {
        const Condition* condition = heaviest(def.when);
        std::string event;
        if (condition && condition->subject == Condition::Subject::Measure)
            if (const MeasureDef* measure = pack_.measure(condition->id)) {
                event = !measure->at.empty() ? measure->at : measure->fromEvent;
                const std::string& phase = !measure->over.empty() ? measure->over : measure->phase;
                if (event.empty() && pack_.phase(phase))
                    event = pack_.phase(phase)->from;
            }
        if (event.empty() && pack_.phase(def.phase))
            event = pack_.phase(def.phase)->from;
        const int index = pack_.eventIndex(event);
        return index < 0 ? static_cast<int>(pack_.events.size()) : index;
    }

    /// Smaller comes first in the school's order.
    std::array<double, 3> key(const Finding& finding) const {
        const FaultDef& def = *pack_.fault(finding.fault);
        const double state = finding.state == State::Clear ? 0 : 1;
        double own = 0;
        if (school_ == School::Ground)
            own = static_cast<double>(def.level);
        else if (school_ == School::Earliest)
            own = earliestEvent(def);
        else if (school_ == School::Effect)
            own = -def.effect * finding.severity * finding.frequency * finding.certainty;
        return {state, own, -finding.score};
    }

    /// Safety rank: stop 0, caution 1, the rest 2.
    static int lift(const Finding& finding) {
        if (finding.shown == 0 || finding.safety < Caution::Caution)
            return 2;
        return finding.safety == Caution::Stop ? 0 : 1;
    }

    Findings ordered() {
        Findings out;
        out.notJudged = notJudged_;
        std::vector<const Finding*> present;
        for (const Finding& finding : all_) {
            if (finding.present)
                present.push_back(&finding);
            else if (finding.shown > 0)
                out.seenOnce.push_back(finding.fault);
        }
        // Pack order breaks ties: the sort is stable over it.
        const auto sorted = [&](std::vector<const Finding*> list) {
            std::stable_sort(list.begin(), list.end(),
                             [&](const Finding* a, const Finding* b) { return key(*a) < key(*b); });
            return list;
        };
        std::vector<const Finding*> order;
        if (school_ == School::Root) {
            const std::function<void(const std::string&)> under = [&](const std::string& cause) {
                std::vector<const Finding*> level;
                for (const Finding* finding : present)
                    if (finding->consequenceOf == cause)
                        level.push_back(finding);
                for (const Finding* finding : sorted(level)) {
                    order.push_back(finding);
                    under(finding->fault);
                }
            };
            under({});
        } else {
            order = sorted(present);
        }
        for (const Finding* finding : order)
            out.unlifted.push_back(finding->fault);
        std::vector<const Finding*> extra;
        for (const Finding& finding : all_)
            if (!finding.present && lift(finding) < 2)
                extra.push_back(&finding);
        extra = sorted(extra);
        order.insert(order.end(), extra.begin(), extra.end());
        std::stable_sort(order.begin(), order.end(),
                         [](const Finding* a, const Finding* b) { return lift(*a) < lift(*b); });
        for (const Finding* finding : order) {
            out.ranked.push_back(*finding);
            out.ranked.back().rank = static_cast<int>(out.ranked.size());
        }
        return out;
    }

    struct Repetition {
        const Trial* trial;
        int cycle;
    };
    [[nodiscard]] Judge judgeOf(const Repetition& repetition) const {
        return {pack_, *repetition.trial, repetition.cycle, deviations_};
    }
    /// Whether every condition is on a measure that the set has once.
    [[nodiscard]] bool existsOnce(const ConditionTree& node) const {
        if (node.shape == ConditionTree::Shape::Leaf) {
            const MeasureDef* def =
                node.leaf.subject == Condition::Subject::Measure ? pack_.measure(baseMeasure(node.leaf.id)) : nullptr;
            return def && isSetKind(def->kind);
        }
        const auto once = [this](const ConditionTree& member) { return existsOnce(member); };
        return std::all_of(node.members.begin(), node.members.end(), once) &&
               std::all_of(node.unless.begin(), node.unless.end(), once);
    }

    const Pack& pack_;
    std::vector<Repetition> repetitions_;
    const std::vector<SetDeviation>& deviations_;
    const std::vector<std::string>& limits_;
    School school_;
    std::vector<Finding> all_; // in pack order, judged or not
    std::vector<std::string> notJudged_;
};

} // namespace

std::string_view toString(School school) { return kSchools[static_cast<std::size_t>(school)]; }
std::optional<School> schoolFrom(std::string_view text) {
    for (School school : {School::Root, School::Ground, School::Effect, School::Earliest})
        if (toString(school) == text)
            return school;
    return {};
}

double degreeOf(double delta, double tolerance) {
    if (!exceeds(delta, tolerance))
        return 0;
    return std::clamp((delta / tolerance - 1) / 2, 0.0, 1.0);
}

const Finding* Findings::find(std::string_view fault) const {
    for (const Finding& finding : ranked)
        if (finding.fault == fault)
            return &finding;
    return nullptr;
}

bool Findings::followsFrom(std::string_view fault, std::string_view cause) const {
    for (const Finding* at = find(fault); at && !at->consequenceOf.empty(); at = find(at->consequenceOf))
        if (at->consequenceOf == cause)
            return true;
    return false;
}

Findings findFaults(const Pack& pack, const std::vector<Trial>& trials, const std::vector<TrialMeasures>& measures,
                    const std::vector<SetDeviation>& deviations, const std::vector<std::string>& limits,
                    School school) {
    return Finder(pack, trials, measures, deviations, limits, school).run();
}

} // namespace riflesso
