#include "core/judge/findings.h"

#include "core/judge/fault_judge.h"
#include "core/measure/measure_set.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>

namespace riflesso {
namespace {

constexpr std::array kSchools = {"root", "ground", "effect", "earliest"};

class Finder {
public:
    Finder(const Pack& pack, const std::vector<Trial>& trials, const std::vector<TrialMeasures>& measures,
           const std::vector<SetDeviation>& deviations, const JudgingChoices& choices)
        : pack_(pack), deviations_(deviations), choices_(choices) {
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
        for (Finding& finding : all_) {
            overrideTerm(finding, Term::Severity, finding.severity);
            overrideTerm(finding, Term::Frequency, finding.frequency);
            overrideTerm(finding, Term::Certainty, finding.certainty);
        }
        for (Finding& finding : all_)
            spread(finding);
        for (Finding& finding : all_)
            placeUnderCause(finding);
        Findings out = ordered(choices_.school);
        for (School school : kAllSchools) {
            const std::vector<std::string> order = school == choices_.school ? out.unlifted : ordered(school).unlifted;
            for (std::size_t i = 0; i < order.size(); ++i)
                for (Finding& finding : out.ranked)
                    if (finding.fault == order[i])
                        finding.places[static_cast<std::size_t>(school)] = static_cast<int>(i) + 1;
        }
        return out;
    }

private:
    /// Puts the analyst's value in the place of a computed term, and keeps both.
    void overrideTerm(Finding& finding, Term term, double& value) const {
        for (const TermOverride& entry : choices_.overrides)
            if (entry.fault == finding.fault && entry.term == term) {
                finding.overridden.push_back({term, value, entry.value, entry.reason});
                value = entry.value;
            }
    }

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
        finding.changedTarget = anyConcerns(def.limitedBy, choices_.limits.known) != nullptr;
        finding.readiness = finding.changedTarget ? 0.5 : 1;
        all_.push_back(finding);
    }

    State leafState(const Condition& condition) const {
        if (condition.subject == Condition::Subject::Measure) {
            for (const SetDeviation& set : deviations_) {
                if (set.measure != condition.id)
                    continue;
                if (condition.direction != Direction::Either && condition.direction != set.direction)
                    return State::Within;
                const MeasureDef* def = pack_.measure(baseMeasure(condition.id));
                const bool weak = def && def->kind == Kind::Observed && isWeak(choices_.kappas, def->observation);
                return weak ? std::min(set.state, State::Possible) : set.state;
            }
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
            clear += degree->degree >= 1 && !isWeak(choices_.kappas, condition.id);
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

    /// How much the result suffers: the pack's word, or what the results of this set say.
    [[nodiscard]] double ownEffect(const FaultDef& def) const {
        const auto measured = choices_.measuredEffects.find(def.id);
        return measured == choices_.measuredEffects.end() ? def.effect : measured->second;
    }

    /// Leverage, effect term and score, from the present descendants.
    void spread(Finding& finding) {
        const FaultDef& def = *pack_.fault(finding.fault);
        finding.leverage = finding.severity;
        finding.effect = ownEffect(def);
        const std::map<std::string, double> weights = reach(finding.fault);
        for (const FaultDef& other : pack_.faults) {
            const auto weight = weights.find(other.id);
            const Finding* effect = find(other.id);
            if (weight == weights.end() || weight->second <= 0 || !effect->present)
                continue;
            const double q = together(finding, *effect);
            finding.leadsTo.push_back({other.id, weight->second, q});
            finding.leverage += effect->severity * weight->second * q;
            finding.effect = std::max(finding.effect, weight->second * q * ownEffect(other));
        }
        overrideTerm(finding, Term::Leverage, finding.leverage);
        overrideTerm(finding, Term::Effect, finding.effect);
        overrideTerm(finding, Term::Readiness, finding.readiness);
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
    std::array<double, 3> key(const Finding& finding, School school) const {
        const FaultDef& def = *pack_.fault(finding.fault);
        const double state = finding.state == State::Clear ? 0 : 1;
        double own = 0;
        if (school == School::Ground)
            own = static_cast<double>(def.level);
        else if (school == School::Earliest)
            own = earliestEvent(def);
        else if (school == School::Effect)
            own = -ownEffect(def) * finding.severity * finding.frequency * finding.certainty;
        return {state, own, -finding.score};
    }

    /// Safety rank: stop 0, caution 1, the rest 2.
    static int lift(const Finding& finding) {
        if (finding.shown == 0 || finding.safety < Caution::Caution)
            return 2;
        return finding.safety == Caution::Stop ? 0 : 1;
    }

    Findings ordered(School school) const {
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
                             [&](const Finding* a, const Finding* b) { return key(*a, school) < key(*b, school); });
            return list;
        };
        std::vector<const Finding*> order;
        if (school == School::Root) {
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
    [[nodiscard]] FaultJudge judgeOf(const Repetition& repetition) const {
        return {pack_, *repetition.trial, repetition.cycle, deviations_, choices_.kappas};
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
    const JudgingChoices& choices_;
    std::vector<Finding> all_; // in pack order, judged or not
    std::vector<std::string> notJudged_;
};

} // namespace

std::string_view toString(School school) { return kSchools[static_cast<std::size_t>(school)]; }
std::optional<School> schoolFrom(std::string_view text) {
    for (School school : kAllSchools)
        if (toString(school) == text)
            return school;
    return {};
}

std::string_view toString(Term term) {
    constexpr std::array<std::string_view, 6> kTerms = {"severity", "frequency", "certainty",
                                                        "leverage", "effect",    "readiness"};
    return kTerms[static_cast<std::size_t>(term)];
}
std::optional<Term> termFrom(std::string_view text) {
    for (int i = 0; i <= static_cast<int>(Term::Readiness); ++i)
        if (toString(static_cast<Term>(i)) == text)
            return static_cast<Term>(i);
    return {};
}
std::pair<double, double> rangeOf(Term term) {
    constexpr double kMostLeverage = 1000; // a sum over present descendants: no fixed bound
    return {0, term == Term::Leverage ? kMostLeverage : 1.0};
}

bool isWeak(const std::map<std::string, double>& kappas, const std::string& observation) {
    constexpr double kWeak = 0.4;
    const auto known = kappas.find(observation);
    return known != kappas.end() && known->second < kWeak;
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
                    const std::vector<SetDeviation>& deviations, const JudgingChoices& choices) {
    return Finder(pack, trials, measures, deviations, choices).run();
}

} // namespace riflesso
