#include "core/pack/pack_reader.h"

#include <functional>
#include <set>

namespace riflesso {
namespace {

class Checker {
public:
    Checker(const Pack& pack, std::vector<JsonFault>& faults) : pack_(pack), faults_(faults) {
        for (const OwnPoint& point : pack.points)
            ownPoints_.insert(point.id);
    }

    void run() {
        uniqueIds();
        points();
        movement();
        measures();
        judgement();
        remedies();
        situations();
        causeCycles();
    }

private:
    void fault(std::string path, std::string expected, std::string got) {
        faults_.push_back({std::move(path), std::move(expected), std::move(got)});
    }
    static std::string at(std::string_view list, std::size_t index, std::string_view key = {}) {
        std::string path = "$." + std::string(list) + "[" + std::to_string(index) + "]";
        return key.empty() ? path : path + "." + std::string(key);
    }

    template <class List> void unique(const List& list, std::string_view name) {
        std::set<std::string> seen;
        for (std::size_t i = 0; i < list.size(); ++i)
            if (!list[i].id.empty() && !seen.insert(list[i].id).second)
                fault(at(name, i, "id"), "an id of its own", list[i].id);
    }
    void uniqueIds() {
        unique(pack_.points, "points");
        unique(pack_.lines, "lines");
        unique(pack_.events, "events");
        unique(pack_.phases, "phases");
        unique(pack_.measures, "measures");
        unique(pack_.observations, "observations");
        unique(pack_.results, "results");
        unique(pack_.variants, "variants");
        unique(pack_.faults, "faults");
        unique(pack_.drills, "drills");
        if (pack_.views.empty())
            fault("$.views", "at least one view", "none");
    }

    void checkPoint(const std::string& path, const PointRef& ref) {
        if (ref.part.empty())
            return; // already a fault of the reader
        if (!ref.role.empty()) {
            if (!isSidedPart(ref.part))
                fault(path, "a sided part of the body before @", ref.part);
            if (!pack_.roles.contains(ref.role))
                fault(path, "a role named in roles", ref.role);
        } else if (!isAnatomical(ref.part) && !isDerived(ref.part) && !ownPoints_.contains(ref.part)) {
            fault(path,
                  isSidedPart(ref.part) ? "a role after this sided part, such as " + ref.part + "@lead"
                                        : "a landmark or a point of the pack",
                  ref.part);
        }
    }
    void checkPoints(const std::string& path, const std::vector<PointRef>& refs) {
        for (std::size_t i = 0; i < refs.size(); ++i)
            checkPoint(path + "[" + std::to_string(i) + "]", refs[i]);
    }
    void points() {
        for (std::size_t i = 0; i < pack_.points.size(); ++i) {
            if (isAnatomical(pack_.points[i].id) || isDerived(pack_.points[i].id))
                fault(at("points", i, "id"), "an id that is no landmark of the body", pack_.points[i].id);
            if (pack_.points[i].on)
                checkPoint(at("points", i, "on"), *pack_.points[i].on);
        }
        for (std::size_t i = 0; i < pack_.lines.size(); ++i)
            checkPoints(at("lines", i, "points"), {pack_.lines[i].a, pack_.lines[i].b});
        checkPoints("$.marked", pack_.marked);
        for (std::size_t i = 0; i < pack_.marked.size(); ++i)
            if (isDerived(pack_.marked[i].part))
                fault("$.marked[" + std::to_string(i) + "]", "a point that can be marked", pack_.marked[i].part);
        for (const auto& [role, rule] : pack_.roles)
            if (!rule.event.empty() && pack_.eventIndex(rule.event) < 0)
                fault("$.roles." + role, "an event of the pack", rule.event);
    }

    void checkEvent(const std::string& path, const std::string& id) {
        if (!id.empty() && pack_.eventIndex(id) < 0)
            fault(path, "an event of the pack", id);
    }
    void checkPhase(const std::string& path, const std::string& id) {
        if (!id.empty() && !pack_.phase(id))
            fault(path, "a phase of the pack", id);
    }
    void movement() {
        for (std::size_t i = 0; i < pack_.events.size(); ++i)
            checkPoints(at("events", i, "by"), pack_.events[i].by);
        for (std::size_t i = 0; i < pack_.phases.size(); ++i) {
            const PhaseDef& phase = pack_.phases[i];
            if (phase.window) {
                checkEvent(at("phases", i, "round"), phase.from);
                continue;
            }
            checkEvent(at("phases", i, "from"), phase.from);
            checkEvent(at("phases", i, "to"), phase.to);
            const int from = pack_.eventIndex(phase.from), to = pack_.eventIndex(phase.to);
            if (pack_.family != Family::Cyclic && from >= 0 && to >= 0 && from >= to)
                fault(at("phases", i, "to"), "an event later in the pack's order than " + phase.from, phase.to);
        }
    }

    void checkMeasure(const std::string& path, const std::string& id) {
        if (id.empty())
            return;
        const MeasureDef* def = pack_.measure(id);
        if (!def) {
            fault(path, "a measure of the pack", id);
            return;
        }
        const std::size_t lag = id.find(".lag.");
        if (baseMeasure(id) == id)
            return;
        const std::string number = lag == std::string::npos ? std::string() : id.substr(lag + 5);
        bool good = def->kind == Kind::PeakOrder && !number.empty() && number.size() < 4;
        for (char c : number)
            good = good && c >= '0' && c <= '9';
        if (!good || std::stoi(number) < 1 || std::stoi(number) >= static_cast<int>(def->of.size()))
            fault(path, "a lag of a peak_order measure", id);
        else if (def->lagTolerance <= 0)
            fault(path, "lag_tolerance in the measure " + def->id, "none");
    }
    /// A measure of others of the same repetition: what they have to be.
    void checkOfOthers(const std::string& path, const MeasureDef& def) {
        if (rowOf(def.kind).by != MeasuredBy::Values)
            return;
        const bool change = def.kind == Kind::Change;
        const auto other = [&](const char* key, const std::string& id) {
            const MeasureDef* of = pack_.measure(id);
            if (!of)
                return; // said by checkMeasure
            const MeasuredBy by = rowOf(of->kind).by;
            if (id != of->id || by == MeasuredBy::Values || by == MeasuredBy::Set)
                fault(path + "." + key, "a measure of one repetition, not made of others", id);
            else if (change && by != MeasuredBy::Places)
                fault(path + "." + key, "a measure of where points are in one frame", id);
            else if (def.kind != Kind::Quotient && of->unit != def.unit)
                fault(path + ".unit", of->unit + ", as " + id, def.unit);
        };
        if (change) {
            other("of", def.ofMeasure);
            const int from = pack_.eventIndex(def.fromEvent), to = pack_.eventIndex(def.toEvent);
            if (from >= 0 && to >= 0 && from >= to)
                fault(path + ".to", "an event later in the pack's order than " + def.fromEvent, def.toEvent);
        } else {
            other("left", def.leftMeasure);
            other("right", def.rightMeasure);
            const MeasureDef *left = pack_.measure(def.leftMeasure), *right = pack_.measure(def.rightMeasure);
            if (def.kind == Kind::Quotient && left && right && left->unit != right->unit)
                fault(path + ".right", "a measure in " + left->unit + ", as " + left->id, right->unit);
        }
    }
    void measures() {
        for (std::size_t i = 0; i < pack_.measures.size(); ++i) {
            const MeasureDef& def = pack_.measures[i];
            checkPoints(at("measures", i), def.points);
            checkPoints(at("measures", i), def.otherPoints);
            if (def.relativeTo)
                checkPoint(at("measures", i, "relative_to"), *def.relativeTo);
            for (const auto& group : def.of)
                checkPoints(at("measures", i, "of"), group);
            if (!def.in.metres && !def.in.a.part.empty()) {
                checkPoint(at("measures", i, "in"), def.in.a);
                checkPoint(at("measures", i, "in"), def.in.b);
            }
            checkEvent(at("measures", i, "at"), def.at);
            checkEvent(at("measures", i, "from"), def.fromEvent);
            checkEvent(at("measures", i, "to"), def.toEvent);
            checkPhase(at("measures", i, "over"), def.over);
            checkPhase(at("measures", i, "phase"), def.phase);
            for (const auto& [key, id] :
                 {std::pair{"phase", def.phase}, {def.kind == Kind::PhaseShare ? "of" : "to_phase", def.otherPhase}})
                if (const PhaseDef* phase = pack_.phase(id); phase && phase->window)
                    fault(at("measures", i, key), "a phase from one event to another", id);
            checkPhase(at("measures", i, def.kind == Kind::PhaseShare ? "of" : "to_phase"), def.otherPhase);
            if (!def.source.empty() && !pack_.sources.contains(def.source))
                fault(at("measures", i, "source"), "a key of sources", def.source);
            if (!def.against.empty() && def.against != "horizontal" && def.against != "vertical" &&
                !pack_.line(def.against))
                fault(at("measures", i, "against"), "horizontal, vertical or a line of the pack", def.against);
            checkMeasure(at("measures", i, "of"), def.ofMeasure);
            checkMeasure(at("measures", i, "left"), def.leftMeasure);
            checkMeasure(at("measures", i, "right"), def.rightMeasure);
            checkMeasure(at("measures", i, "trade_with"), def.tradeWith);
            if (!def.observation.empty() && !pack_.observation(def.observation))
                fault(at("measures", i, "observation"), "an observation of the pack", def.observation);
            checkOfOthers(at("measures", i), def);
            if (isCycleKind(def.kind) && pack_.family != Family::Cyclic)
                fault(at("measures", i, "kind"), "only in a cyclic pack", std::string(toString(def.kind)));
        }
        for (std::size_t i = 0; i < pack_.ranges.size(); ++i) {
            checkRange("$.model.ranges[" + std::to_string(i) + "]", pack_.ranges[i]);
        }
    }

    void checkRange(const std::string& path, const RangeDef& range) {
        checkMeasure(path + ".measure", range.measure);
        if (!range.source.empty() && !pack_.sources.contains(range.source))
            fault(path + ".source", "a key of sources", range.source);
        for (const auto& [key, value] : range.forWhom)
            if (const std::string_view condition = conditionIn(key); !condition.empty())
                checkCondition(path + ".for.conditions", std::string(condition), value);
        const MeasureDef* def = pack_.measure(range.measure);
        if (range.low && range.high && *range.low > *range.high && def && rowOf(def->kind).period != Period::Hours)
            fault(path, "low not above high", std::to_string(*range.low));
    }
    /// A condition of the pack, and one of its values.
    void checkCondition(const std::string& path, const std::string& id, const std::string& value) {
        const auto known = pack_.conditions.find(id);
        if (known == pack_.conditions.end())
            fault(path, "one of the pack's conditions", id);
        else if (std::find(known->second.begin(), known->second.end(), value) == known->second.end())
            fault(path, "a value of " + id, value);
    }
    void checkLadder(const std::string& path, const LadderDef& ladder) {
        if (!pack_.fault(ladder.fault))
            fault(path + ".fault", "a fault of the pack", ladder.fault);
        for (std::size_t r = 0; r < ladder.rungs.size(); ++r)
            if (!pack_.drill(ladder.rungs[r]))
                fault(path + ".rungs[" + std::to_string(r) + "]", "a drill of the pack", ladder.rungs[r]);
    }
    void situations() {
        for (std::size_t i = 0; i < pack_.variants.size(); ++i) {
            const VariantDef& variant = pack_.variants[i];
            for (std::size_t r = 0; r < variant.ranges.size(); ++r)
                checkRange(at("variants", i, "model.ranges[" + std::to_string(r) + "]"), variant.ranges[r]);
            for (const std::string& event : variant.events)
                if (!pack_.event(event))
                    fault(at("variants", i, "events"), "an event of the pack", event);
        }
        for (std::size_t i = 0; i < pack_.observations.size(); ++i)
            for (const std::string& variant : pack_.observations[i].variants)
                if (!pack_.variant(variant))
                    fault(at("observations", i, "variants"), "a variant of the pack", variant);
        for (std::size_t i = 0; i < pack_.drills.size(); ++i)
            for (const auto& [id, value] : pack_.drills[i].conditions)
                checkCondition(at("drills", i, "conditions"), id, value);
        for (std::size_t i = 0; i < pack_.disputes.size(); ++i)
            for (std::size_t p = 0; p < pack_.disputes[i].positions.size(); ++p) {
                const DisputeDef::Position& position = pack_.disputes[i].positions[p];
                const std::string path = at("disputes", i, "positions[" + std::to_string(p) + "]");
                for (std::size_t r = 0; r < position.ranges.size(); ++r)
                    checkRange(path + ".ranges[" + std::to_string(r) + "]", position.ranges[r]);
                for (const std::string& id : position.leaveOut)
                    if (!pack_.fault(id))
                        fault(path + ".leave_out", "a fault of the pack", id);
                for (std::size_t l = 0; l < position.ladders.size(); ++l)
                    checkLadder(path + ".ladders[" + std::to_string(l) + "]", position.ladders[l]);
            }
    }
    void checkTree(const std::string& path, const ConditionTree& tree) {
        if (tree.shape == ConditionTree::Shape::Leaf) {
            if (tree.leaf.subject == Condition::Subject::Measure) {
                checkMeasure(path + ".measure", tree.leaf.id);
            } else if (tree.leaf.subject == Condition::Subject::Observation) {
                const ObservationDef* observation = pack_.observation(tree.leaf.id);
                if (!observation)
                    fault(path + ".observation", "an observation of the pack", tree.leaf.id);
                else if ((observation->type == ObservationType::Choice) != !tree.leaf.values.empty())
                    fault(path + ".values", "values with a choice observation, and only there", tree.leaf.id);
            } else if (tree.leaf.subject == Condition::Subject::Situation) {
                for (const std::string& value : tree.leaf.values)
                    checkCondition(path + ".condition", tree.leaf.id, value);
            } else if (!pack_.variant(tree.leaf.id)) {
                fault(path + ".variant", "a variant of the pack", tree.leaf.id);
            }
        }
        for (const ConditionTree& member : tree.members)
            checkTree(path, member);
        for (const ConditionTree& member : tree.unless)
            checkTree(path, member);
    }
    void judgement() {
        for (std::size_t i = 0; i < pack_.faults.size(); ++i) {
            const FaultDef& fault_ = pack_.faults[i];
            checkPhase(at("faults", i, "phase"), fault_.phase);
            checkTree(at("faults", i, "when"), fault_.when);
            for (std::size_t c = 0; c < fault_.causes.size(); ++c)
                if (!fault_.causes[c].fault.empty() && !pack_.fault(fault_.causes[c].fault))
                    fault(at("faults", i, "causes[" + std::to_string(c) + "].fault"), "a fault of the pack",
                          fault_.causes[c].fault);
        }
    }
    void remedies() {
        for (std::size_t i = 0; i < pack_.ladders.size(); ++i)
            checkLadder("$.ladders[" + std::to_string(i) + "]", pack_.ladders[i]);
        for (std::size_t i = 0; i < pack_.profiles.size(); ++i)
            for (const std::string& id : pack_.profiles[i].faults)
                if (!pack_.fault(id))
                    fault(at("profiles", i, "faults"), "a fault of the pack", id);
    }

    void causeCycles() {
        std::map<std::string, int> colour; // 1: on the way, 2: done
        const std::function<bool(const std::string&)> visit = [&](const std::string& id) {
            if (colour[id] == 1)
                return true;
            if (colour[id] == 2)
                return false;
            colour[id] = 1;
            if (const FaultDef* def = pack_.fault(id))
                for (const CauseDef& cause : def->causes)
                    if (!cause.fault.empty() && visit(cause.fault))
                        return true;
            colour[id] = 2;
            return false;
        };
        for (std::size_t i = 0; i < pack_.faults.size(); ++i)
            if (visit(pack_.faults[i].id)) {
                fault(at("faults", i, "causes"), "no cycle of causes", pack_.faults[i].id + " is a cause of itself");
                return;
            }
    }

    const Pack& pack_;
    std::vector<JsonFault>& faults_;
    std::set<std::string> ownPoints_;
};

} // namespace

void checkPack(const Pack& pack, std::vector<JsonFault>& faults) { Checker(pack, faults).run(); }

} // namespace riflesso
