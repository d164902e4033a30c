#include "core/pack/pack_measure_reader.h"

#include "core/pack/pack_writer.h"
#include "core/tables/json_walk.h"

#include <algorithm>

namespace riflesso {
namespace {

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

/// The value of an enumeration up to `last` that has this word.
template <class Enum> std::optional<Enum> wordOf(const std::string& text, Enum last) {
    for (int i = 0; i <= static_cast<int>(last); ++i)
        if (toString(static_cast<Enum>(i)) == text)
            return static_cast<Enum>(i);
    return {};
}
std::optional<Joint> jointFrom(const std::string& text) { return wordOf(text, Joint::Neck); }

/// peak_order: points, or joints by two or three points each.
void readGroups(const JsonNode& node, std::string_view key, MeasureDef& def) {
    node.list(key, true, [&](const JsonNode& entry) {
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
        node.faultAt(key, "at least two points", std::to_string(def.of.size()));
}

/// `flip`, `undirected` and `signed`.
void readFlag(const JsonNode& node, std::string_view key, MeasureDef& def) {
    bool& flag = key == "flip" ? def.flip : key == "undirected" ? def.undirected : def.isSigned;
    flag = node.boolean(key, flag);
    if (def.flip && def.joint != Joint::Elbow && def.joint != Joint::Wrist)
        node.faultAt("flip", "only with elbow or wrist", "another joint");
}

void readArgument(const JsonNode& node, const ArgumentRow& argument, MeasureDef& def) {
    const std::string_view key = argument.key;
    const auto least = static_cast<std::size_t>(argument.least), most = static_cast<std::size_t>(argument.most);
    switch (argument.what) {
    case Argument::Points:
        def.points = readPointRefs(node, key, least, most);
        return;
    case Argument::OtherPoints:
        def.otherPoints = readPointRefs(node, key, least, most);
        return;
    case Argument::Groups:
        readGroups(node, key, def);
        return;
    case Argument::Event:
        (key == "from" ? def.fromEvent : def.toEvent) = node.id(key);
        return;
    case Argument::Part:
        (key == "phase" ? def.phase : def.otherPhase) = node.id(key);
        return;
    case Argument::Measure:
        if (key == "of")
            def.ofMeasure = node.text(key);
        else
            (key == "left" ? def.leftMeasure : def.rightMeasure) = node.id(key);
        return;
    case Argument::Conditions:
        def.conditions = node.texts(key, true);
        return;
    case Argument::Observation:
        def.observation = node.id(key);
        return;
    case Argument::Against:
        def.against = node.id(key);
        return;
    case Argument::Joint:
        def.joint = node.optionalWord<Joint>(key, "knee elbow hip ankle wrist shoulder trunk neck", jointFrom);
        return;
    case Argument::Flag:
        readFlag(node, key, def);
        return;
    case Argument::Near:
        def.near = node.optionalWord<Side>(key, "left right", [](const std::string& text) { return sideFrom(text); });
        return;
    case Argument::Number:
        (key == "below" ? def.below : key == "hysteresis" ? def.hysteresis : def.lagTolerance) = node.number(key, 0, 0);
        return;
    case Argument::Count:
        def.last = node.integer(key, 0, 1, 1000);
        return;
    case Argument::Phase:
        return; // readWhen
    case Argument::Point:
        if (node.has(key))
            def.points.push_back(readPointRef(node.at(key)));
        return;
    case Argument::Reference:
        if (node.has(key))
            def.relativeTo = readPointRef(node.at(key));
        return;
    case Argument::Limit:
        if (node.has(key))
            def.overlap.push_back(readOverlap(node.at(key)));
        return;
    case Argument::Axis:
        if (node.has(key))
            def.axis = readAxis(node, true);
        return;
    case Argument::Length:
        if (!node.has(key))
            return;
        def.in = readLengthUnit(node, key);
        const bool metric = def.unit.starts_with("m");
        if ((def.unit.starts_with("body") || metric) && metric != def.in.metres)
            node.faultAt("unit", def.in.metres ? "a unit in metres, as in says" : "a body unit, as in says", def.unit);
        return;
    }
}

void readWhen(const JsonNode& node, MeasureDef& def, TakenAt taken) {
    def.at = node.id("at", false);
    def.over = node.id("over", false);
    def.stat = node.word<Stat>("stat", Stat::None, false, "maximum minimum range mean",
                               [](const std::string& text) -> std::optional<Stat> {
                                   for (Stat stat : {Stat::Maximum, Stat::Minimum, Stat::Range, Stat::Mean})
                                       if (toString(stat) == text)
                                           return stat;
                                   return {};
                               });
    if (taken == TakenAt::EventOrPhase) {
        if (def.at.empty() == def.over.empty())
            node.fault("either at, or over with stat", def.at.empty() ? "neither" : "both");
        if (def.over.empty() != (def.stat == Stat::None))
            node.faultAt("stat", "stat together with over", def.over.empty() ? "stat alone" : "over alone");
    } else if (taken == TakenAt::EventOrOver && def.at.empty() == def.over.empty()) {
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

std::vector<View> readViews(const JsonNode& parent, bool required) {
    std::vector<View> out;
    parent.list("views", required, [&](const JsonNode& entry) {
        const auto view = entry.json().is_string() ? viewFrom(entry.json().get<std::string>()) : std::nullopt;
        if (view)
            out.push_back(*view);
        else
            entry.fault("side, front, rear or top", entry.json().dump());
    });
    return out;
}

MeasureDef readMeasure(const JsonNode& node) {
    MeasureDef def;
    if (!node.json().is_object()) {
        node.fault("an object", node.json().dump());
        return def;
    }
    def.kind = node.word<Kind>("kind", Kind::Angle, true, "the kinds of measure in the pack format",
                               [](const std::string& text) { return kindFrom(text); });
    const KindRow& row = rowOf(def.kind);
    std::vector<std::string_view> allowed = {"id",     "title", "about", "kind",   "unit",       "tolerance",
                                             "source", "level", "views", "praise", "trade_with", "out_of_plane"};
    for (const ArgumentRow& argument : row.arguments)
        allowed.push_back(argument.key);
    if (row.taken != TakenAt::ByItsArguments)
        allowed.insert(allowed.end(), {"at", "over"});
    if (row.taken == TakenAt::EventOrPhase)
        allowed.push_back("stat");
    node.expectObject(allowed);
    for (const ArgumentRow& argument : row.arguments)
        if (argument.must && !node.has(argument.key))
            node.faultAt(argument.key, "given for kind " + std::string(row.word), "nothing");

    def.id = node.id("id");
    def.title = node.text("title");
    def.about = node.text("about", false);
    def.unit = node.text("unit");
    if (row.units.size() > 0 && !def.unit.empty() &&
        std::find(row.units.begin(), row.units.end(), def.unit) == row.units.end()) {
        std::string list;
        for (std::string_view unit : row.units)
            list += (list.empty() ? "" : " or ") + std::string(unit);
        node.faultAt("unit", list, def.unit);
    }
    def.tolerance = node.requiredNumber("tolerance", 0);
    if (node.has("out_of_plane"))
        def.outOfPlaneDeg = node.number("out_of_plane", 0, 0, kMostOutOfPlaneDeg);
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
    def.views = readViews(node);
    if (node.has("praise") && node.at("praise").json().is_object()) {
        const JsonNode praise = node.at("praise");
        praise.expectObject({"text", "because"});
        def.praise = praise.text("text") + " " + praise.text("because", false);
    } else {
        def.praise = node.text("praise", false);
    }
    def.tradeWith = node.id("trade_with", false);

    readWhen(node, def, row.taken);
    for (const ArgumentRow& argument : row.arguments)
        readArgument(node, argument, def);
    return def;
}

EventRule readEventRule(const JsonNode& node) {
    EventRule rule;
    if (!node.expectObject({"signal", "feature", "level", "share", "after", "before"}))
        return rule;
    const std::string feature = node.text("feature");
    const auto found = wordOf(feature, EventRule::Feature::Stop);
    if (!feature.empty() && !found)
        node.faultAt("feature", "one of maximum minimum rise fall start stop", feature);
    rule.feature = found.value_or(rule.feature);
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
    if (!kind || !isInstantKind(*kind)) {
        signal.faultAt("kind", "an instant kind of measure",
                       signal.has("kind") ? signal.at("kind").json().dump() : "nothing");
        return rule;
    }
    for (std::string_view key : {"id", "title", "unit", "tolerance", "source", "at", "over", "stat"})
        if (signal.has(key))
            signal.faultAt(key, "only the arguments of the kind", "the key " + std::string(key));
    Json whole = signal.json();
    const bool body = whole.contains("in") && whole["in"].is_string() && whole["in"].get<std::string>() != "m";
    const auto& units = rowOf(*kind).units;
    whole["id"] = "signal";
    whole["title"] = "signal";
    whole["unit"] = std::string(units.list[units.size() > 1 && body ? 1 : 0]);
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
