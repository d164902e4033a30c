#include "core/pack/pack_measure_reader.h"

#include "core/listed.h"
#include "core/tables/json_walk.h"

#include <algorithm>

namespace riflesso {
namespace {

/// What a kind asks for: argument keys it must have, may have, and the units it may be given in.
struct KindRule {
    bool instant = false; ///< `at`, or `over` with `stat`
    std::vector<std::string_view> must, may, units;
};

const KindRule& ruleOf(Kind kind) {
    static const std::map<Kind, KindRule> kRules = {
        {Kind::Angle, {true, {"points"}, {}, {"deg"}}},
        {Kind::Flexion, {true, {"joint", "points"}, {"flip"}, {"deg"}}},
        {Kind::SegmentAngle, {true, {"points", "against"}, {"undirected"}, {"deg"}}},
        {Kind::LineAngle, {true, {"line", "against_line"}, {"signed"}, {"deg"}}},
        {Kind::Clock, {true, {"points"}, {}, {"h"}}},
        {Kind::Distance, {true, {"points", "in"}, {}, {"m", "body"}}},
        {Kind::Offset, {true, {"from", "to", "axis", "in"}, {}, {"m", "body"}}},
        {Kind::Ratio, {true, {"numerator", "denominator"}, {"axis"}, {"1"}}},
        {Kind::Stack, {true, {"points", "in"}, {}, {"m", "body"}}},
        {Kind::Speed, {true, {"point", "in"}, {"axis"}, {"m/s", "body/s"}}},
        {Kind::AngularSpeed, {false, {"points"}, {"at", "over"}, {"deg/s"}}},
        {Kind::Interval, {false, {"from", "to"}, {}, {"s"}}},
        {Kind::PhaseShare, {false, {"phase", "of"}, {}, {"%"}}},
        {Kind::TempoRatio, {false, {"phase", "to_phase"}, {}, {"1"}}},
        {Kind::Rate, {false, {}, {}, {"1/min"}}},
        {Kind::CycleLength, {false, {"point", "in"}, {}, {"m", "body"}}},
        {Kind::CycleSpeed, {false, {"point", "in"}, {}, {"m/s", "body/s"}}},
        {Kind::Dwell, {false, {"point", "below", "in", "over"}, {}, {"s"}}},
        {Kind::Overlap, {false, {"first", "second", "over"}, {}, {"s"}}},
        {Kind::PeakOrder, {false, {"of", "over"}, {"lag_tolerance"}, {"1"}}},
        {Kind::PathLength, {false, {"point", "in", "over"}, {}, {"m", "body"}}},
        {Kind::Straightness, {false, {"point", "over"}, {"in"}, {"1"}}},
        {Kind::Reversals, {false, {"point", "axis", "hysteresis", "in", "over"}, {}, {"count"}}},
        {Kind::Steadiness, {false, {"point", "in", "over"}, {}, {"m", "body"}}},
        {Kind::Symmetry, {false, {"left", "right"}, {}, {"%", "deg"}}},
        {Kind::Drift, {false, {"of"}, {"last"}, {}}},
        {Kind::Variability, {false, {"of"}, {}, {}}},
        {Kind::Observed, {false, {"observation"}, {}, {"1"}}},
        {Kind::Turn, {true, {"line"}, {"near"}, {"deg"}}},
        {Kind::Smoothness, {false, {"point", "over"}, {"in"}, {"1"}}},
        {Kind::Brake, {false, {"lower", "upper", "over"}, {}, {"%"}}},
        {Kind::Difference, {false, {"of", "between"}, {}, {}}},
    };
    return kRules.at(kind);
}

LengthUnit readLengthUnit(const JsonNode& node, std::string_view key) {
    LengthUnit unit;
    const std::string text = node.text(key);
    if (text == "m") {
        unit.metres = true;
        return unit;
    }
    const std::size_t dash = text.find('-');
    if (text.starts_with("body:") && dash != std::string::npos) {
        std::vector<JsonFault> none;
        const Json a = text.substr(5, dash - 5), b = text.substr(dash + 1);
        unit.a = readPointRef(JsonNode(a, "", none));
        unit.b = readPointRef(JsonNode(b, "", none));
        if (none.empty())
            return unit;
    }
    if (!text.empty())
        node.faultAt(key, "\"m\" or \"body:<point>-<point>\"", text);
    return unit;
}

Axis readAxis(const JsonNode& node, bool required) {
    return node.word<Axis>("axis", Axis::Forward, required, "forward up side",
                           [](const std::string& text) { return axisFrom(text); });
}

OverlapCondition readOverlap(const JsonNode& node) {
    OverlapCondition condition;
    if (!node.expectObject({"from", "to", "axis", "above", "in"}))
        return condition;
    for (const auto& [key, target] : {std::pair{"from", &condition.from}, {"to", &condition.to}}) {
        if (node.has(key))
            *target = readPointRef(node.at(key));
        else
            node.faultAt(key, "a point", "nothing");
    }
    condition.axis = readAxis(node, true);
    condition.above = node.requiredNumber("above");
    condition.in = readLengthUnit(node, "in");
    return condition;
}

std::optional<Joint> jointFrom(const std::string& text) {
    static const std::vector<std::string_view> kJoints = {"knee",  "elbow",    "hip",   "ankle",
                                                          "wrist", "shoulder", "trunk", "neck"};
    const auto found = std::find(kJoints.begin(), kJoints.end(), text);
    return found == kJoints.end() ? std::nullopt : std::optional(static_cast<Joint>(found - kJoints.begin()));
}

/// Point arguments, put in one order whatever their key.
void readPoints(const JsonNode& node, MeasureDef& def) {
    const auto single = [&](std::string_view key, std::vector<PointRef>& into) {
        if (node.has(key))
            into.push_back(readPointRef(node.at(key)));
    };
    switch (def.kind) {
    case Kind::Angle:
    case Kind::Flexion:
        def.points = readPointRefs(node, "points", 3, 3);
        break;
    case Kind::AngularSpeed:
        def.points = readPointRefs(node, "points", 2, 3);
        break;
    case Kind::Stack:
        def.points = readPointRefs(node, "points", 2, 50);
        break;
    case Kind::SegmentAngle:
    case Kind::Clock:
    case Kind::Distance:
        def.points = readPointRefs(node, "points", 2, 2);
        break;
    case Kind::LineAngle:
    case Kind::Turn:
        def.points = readPointRefs(node, "line", 2, 2);
        if (def.kind == Kind::LineAngle)
            def.otherPoints = readPointRefs(node, "against_line", 2, 2);
        break;
    case Kind::Ratio:
        def.points = readPointRefs(node, "numerator", 2, 2);
        def.otherPoints = readPointRefs(node, "denominator", 2, 2);
        break;
    case Kind::Offset:
        single("from", def.points);
        single("to", def.points);
        break;
    case Kind::Brake:
        single("lower", def.points);
        single("upper", def.points);
        break;
    case Kind::PeakOrder:
        node.list("of", true, [&](const JsonNode& entry) {
            if (entry.json().is_array()) {
                std::vector<PointRef> group;
                for (std::size_t i = 0; i < entry.json().size(); ++i) {
                    std::vector<JsonFault> none;
                    group.push_back(readPointRef(JsonNode(entry.json()[i], entry.path(), none)));
                    for (const JsonFault& f : none)
                        entry.fault(f.expected, f.got);
                }
                if (group.size() < 2 || group.size() > 3)
                    entry.fault("a pair or three points", std::to_string(group.size()));
                def.of.push_back(group);
            } else {
                def.of.push_back({readPointRef(entry)});
            }
        });
        if (def.of.size() < 2)
            node.faultAt("of", "at least two points", std::to_string(def.of.size()));
        break;
    default:
        single("point", def.points);
    }
}

void readWhen(const JsonNode& node, MeasureDef& def, const KindRule& rule) {
    def.at = node.id("at", false);
    def.over = node.id("over", false);
    def.stat = node.word<Stat>("stat", Stat::None, false, "maximum minimum range mean",
                               [](const std::string& text) -> std::optional<Stat> {
                                   for (Stat stat : {Stat::Maximum, Stat::Minimum, Stat::Range, Stat::Mean})
                                       if (toString(stat) == text)
                                           return stat;
                                   return {};
                               });
    if (rule.instant) {
        if (def.at.empty() == def.over.empty())
            node.fault("either at, or over with stat", def.at.empty() ? "neither" : "both");
        if (def.over.empty() != (def.stat == Stat::None))
            node.faultAt("stat", "stat together with over", def.over.empty() ? "stat alone" : "over alone");
    } else if (def.kind == Kind::AngularSpeed && def.at.empty() == def.over.empty()) {
        node.fault("either at or over", def.at.empty() ? "neither" : "both");
    }
}

} // namespace

PointRef readPointRef(const JsonNode& node) {
    PointRef ref;
    const std::string text = node.json().is_string() ? node.json().get<std::string>() : std::string();
    const std::size_t at = text.find('@');
    ref.part = text.substr(0, at);
    if (at != std::string::npos)
        ref.role = text.substr(at + 1);
    if (!isId(ref.part) || (at != std::string::npos && !isId(ref.role)))
        node.fault("a point such as knee@lead or tip", node.json().dump());
    return ref;
}

std::vector<PointRef> readPointRefs(const JsonNode& parent, std::string_view key, std::size_t least, std::size_t most,
                                    bool required) {
    std::vector<PointRef> refs;
    parent.list(key, required, [&](const JsonNode& entry) { refs.push_back(readPointRef(entry)); });
    if (parent.has(key) && (refs.size() < least || refs.size() > most))
        parent.faultAt(key,
                       least == most ? std::to_string(least) + " points"
                                     : std::to_string(least) + " to " + std::to_string(most) + " points",
                       std::to_string(refs.size()));
    return refs;
}

MeasureDef readMeasure(const JsonNode& node) {
    MeasureDef def;
    if (!node.json().is_object()) {
        node.fault("an object", node.json().dump());
        return def;
    }
    def.kind = node.word<Kind>("kind", Kind::Angle, true, "the kinds of measure in the pack format",
                               [](const std::string& text) { return kindFrom(text); });
    const KindRule& rule = ruleOf(def.kind);
    std::vector<std::string_view> allowed = {"id",     "title", "about", "kind",   "unit",      "tolerance",
                                             "source", "level", "views", "praise", "trade_with"};
    allowed.insert(allowed.end(), rule.must.begin(), rule.must.end());
    allowed.insert(allowed.end(), rule.may.begin(), rule.may.end());
    if (rule.instant)
        allowed.insert(allowed.end(), {"at", "over", "stat"});
    node.expectObject(allowed);
    for (std::string_view key : rule.must)
        if (!node.has(key))
            node.faultAt(key, "given for kind " + std::string(toString(def.kind)), "nothing");

    def.id = node.id("id");
    def.title = node.text("title");
    def.about = node.text("about", false);
    def.unit = node.text("unit");
    if (!rule.units.empty() && !def.unit.empty() && !holds(rule.units, def.unit)) {
        std::string list;
        for (std::string_view unit : rule.units)
            list += (list.empty() ? "" : " or ") + std::string(unit);
        node.faultAt("unit", list, def.unit);
    }
    def.tolerance = node.requiredNumber("tolerance", 0);
    if (node.has("tolerance") && def.tolerance <= 0)
        node.faultAt("tolerance", "a number above 0", node.at("tolerance").json().dump());
    def.source = node.text("source");
    def.level = node.word<Level>("level", Level::Whole, false, "foot … implement whole",
                                 [](const std::string& text) -> std::optional<Level> {
                                     for (int i = 0; i <= static_cast<int>(Level::Whole); ++i)
                                         if (toString(static_cast<Level>(i)) == text)
                                             return static_cast<Level>(i);
                                     return {};
                                 });
    node.list("views", false, [&](const JsonNode& entry) {
        const auto view = entry.json().is_string() ? viewFrom(entry.json().get<std::string>()) : std::nullopt;
        if (view)
            def.views.push_back(*view);
        else
            entry.fault("side, front, rear or top", entry.json().dump());
    });
    if (node.has("praise") && node.at("praise").json().is_object()) {
        const JsonNode praise = node.at("praise");
        praise.expectObject({"text", "because"});
        def.praise = praise.text("text") + " " + praise.text("because", false);
    } else {
        def.praise = node.text("praise", false);
    }
    def.tradeWith = node.id("trade_with", false);

    readPoints(node, def);
    readWhen(node, def, rule);
    if (holds(rule.must, "joint"))
        def.joint = node.optionalWord<Joint>("joint", "knee elbow hip ankle wrist shoulder trunk neck", jointFrom);
    def.against = holds(rule.must, "against") ? node.id("against") : std::string();
    def.undirected = node.boolean("undirected", false);
    def.flip = node.boolean("flip", false);
    if (def.flip && def.joint != Joint::Elbow && def.joint != Joint::Wrist)
        node.faultAt("flip", "only with elbow or wrist", "another joint");
    def.isSigned = node.boolean("signed", true);
    if (holds(rule.may, "near"))
        def.near =
            node.optionalWord<Side>("near", "left right", [](const std::string& text) { return sideFrom(text); });
    if (node.has("axis"))
        def.axis = readAxis(node, true);
    if (node.has("in")) {
        def.in = readLengthUnit(node, "in");
        const bool metric = def.unit.starts_with("m");
        if ((def.unit.starts_with("body") || metric) && metric != def.in.metres)
            node.faultAt("unit", def.in.metres ? "a unit in metres, as in says" : "a body unit, as in says", def.unit);
    }
    if (def.kind == Kind::Interval) {
        def.fromEvent = node.id("from");
        def.toEvent = node.id("to");
    }
    if (holds(rule.must, "phase")) {
        def.phase = node.id("phase");
        def.otherPhase = node.id(def.kind == Kind::PhaseShare ? "of" : "to_phase");
    }
    if (def.kind == Kind::Drift || def.kind == Kind::Variability || def.kind == Kind::Difference)
        def.ofMeasure = node.text("of");
    if (def.kind == Kind::Difference)
        def.conditions = node.texts("between", true);
    if (def.kind == Kind::Symmetry) {
        def.leftMeasure = node.id("left");
        def.rightMeasure = node.id("right");
    }
    if (def.kind == Kind::Observed)
        def.observation = node.id("observation");
    if (def.kind == Kind::Overlap)
        for (std::string_view key : {"first", "second"})
            if (node.has(key))
                def.overlap.push_back(readOverlap(node.at(key)));
    def.lagTolerance = node.number("lag_tolerance", 0, 0);
    def.below = node.number("below", 0, 0);
    def.hysteresis = node.number("hysteresis", 0, 0);
    def.last = node.integer("last", 0, 1, 1000);
    return def;
}

EventRule readEventRule(const JsonNode& node) {
    EventRule rule;
    if (!node.expectObject({"signal", "feature", "level", "share", "after", "before"}))
        return rule;
    const std::vector<std::string> features = {"maximum", "minimum", "rise", "fall", "start", "stop"};
    const std::string feature = node.text("feature");
    const auto found = std::find(features.begin(), features.end(), feature);
    if (!feature.empty() && found == features.end())
        node.faultAt("feature", "one of maximum minimum rise fall start stop", feature);
    else if (!feature.empty())
        rule.feature = static_cast<EventRule::Feature>(found - features.begin());
    const bool crossing = feature == "rise" || feature == "fall";
    rule.level = crossing ? node.requiredNumber("level") : node.number("level", 0);
    rule.share = node.number("share", rule.share, 0, 1);
    rule.after = node.id("after", false);
    rule.before = node.id("before", false);
    if (!node.has("signal")) {
        node.faultAt("signal", "an instant kind of measure without at", "nothing");
        return rule;
    }
    // The signal has a measure's arguments but no name, unit or moment; lend it those and read it as one.
    const JsonNode signal = node.at("signal");
    if (!signal.json().is_object()) {
        signal.fault("an object", signal.json().dump());
        return rule;
    }
    const auto kind = signal.has("kind") && signal.at("kind").json().is_string()
                          ? kindFrom(signal.at("kind").json().get<std::string>())
                          : std::nullopt;
    if (!kind || !ruleOf(*kind).instant) {
        signal.faultAt("kind", "an instant kind of measure",
                       signal.has("kind") ? signal.at("kind").json().dump() : "nothing");
        return rule;
    }
    for (std::string_view key : {"id", "title", "unit", "tolerance", "source", "at", "over", "stat"})
        if (signal.has(key))
            signal.faultAt(key, "only the arguments of the kind", "the key " + std::string(key));
    Json whole = signal.json();
    const bool body = whole.contains("in") && whole["in"].is_string() && whole["in"].get<std::string>() != "m";
    const KindRule& kindRule = ruleOf(*kind);
    whole["id"] = "signal";
    whole["title"] = "signal";
    whole["unit"] = std::string(kindRule.units[kindRule.units.size() > 1 && body ? 1 : 0]);
    whole["tolerance"] = 1;
    whole["source"] = "signal";
    whole["at"] = "signal";
    std::vector<JsonFault> faults;
    rule.signal = readMeasure(JsonNode(whole, signal.path(), faults));
    rule.signal.at.clear();
    for (const JsonFault& f : faults)
        node.faultAt(f.path.substr(node.path().size() + 1), f.expected, f.got);
    return rule;
}

} // namespace riflesso
