#include "core/pack/pack_writer.h"

#include "core/tables/json_walk.h"

namespace riflesso {
namespace {

constexpr std::string_view kFeatures[] = {"maximum", "minimum", "rise", "fall", "start", "stop"};
constexpr std::string_view kJointWords[] = {"knee", "elbow", "hip", "ankle", "wrist", "shoulder", "trunk", "neck"};

Json pointList(const std::vector<PointRef>& points) {
    Json out = Json::array();
    for (const PointRef& point : points)
        out.push_back(point.text());
    return out;
}

/// Writes the arguments of a measure's kind; those read one by one (`Point`, `Limit`) are counted off.
class ArgumentWriter {
public:
    ArgumentWriter(const MeasureDef& def, Json& into) : def_(def), into_(into) {}
    void write(const ArgumentRow& argument) {
        const std::string key(argument.key);
        switch (argument.what) {
        case Argument::Points:
            into_[key] = pointList(def_.points);
            return;
        case Argument::OtherPoints:
            into_[key] = pointList(def_.otherPoints);
            return;
        case Argument::Point:
            if (points_ < def_.points.size())
                into_[key] = def_.points[points_++].text();
            return;
        case Argument::Reference:
            if (def_.relativeTo)
                into_[key] = def_.relativeTo->text();
            return;
        case Argument::Groups:
            into_[key] = Json::array();
            for (const auto& group : def_.of)
                into_[key].push_back(group.size() == 1 ? Json(group[0].text()) : pointList(group));
            return;
        case Argument::Joint:
            if (def_.joint)
                into_[key] = toString(*def_.joint);
            return;
        case Argument::Against:
            into_[key] = def_.against;
            return;
        case Argument::Flag:
            if (key == "signed") {
                if (!def_.isSigned)
                    into_[key] = false;
            } else if (key == "flip" ? def_.flip : def_.undirected) {
                into_[key] = true;
            }
            return;
        case Argument::Near:
            if (def_.near)
                into_[key] = toString(*def_.near);
            return;
        case Argument::Axis:
            if (def_.axis)
                into_[key] = toString(*def_.axis);
            return;
        case Argument::Length:
            if (def_.in.metres || !def_.in.a.part.empty())
                into_[key] = lengthUnitText(def_.in);
            return;
        case Argument::Phase:
            return; // with the moment
        case Argument::Event:
            into_[key] = key == "from" ? def_.fromEvent : def_.toEvent;
            return;
        case Argument::Part:
            into_[key] = key == "phase" ? def_.phase : def_.otherPhase;
            return;
        case Argument::Measure:
            into_[key] = key == "of" ? def_.ofMeasure : key == "left" ? def_.leftMeasure : def_.rightMeasure;
            return;
        case Argument::Conditions:
            into_[key] = def_.conditions;
            return;
        case Argument::Observation:
            into_[key] = def_.observation;
            return;
        case Argument::Limit:
            if (limits_ < def_.overlap.size())
                into_[key] = limit(def_.overlap[limits_++]);
            return;
        case Argument::Number:
            if (const double number = key == "below"        ? def_.below
                                      : key == "hysteresis" ? def_.hysteresis
                                                            : def_.lagTolerance;
                argument.must || number > 0)
                into_[key] = number;
            return;
        case Argument::Count:
            if (def_.last > 0)
                into_[key] = def_.last;
            return;
        }
    }

private:
    static Json limit(const OverlapCondition& condition) {
        return {{"from", condition.from.text()},
                {"to", condition.to.text()},
                {"axis", toString(condition.axis)},
                {"above", condition.above},
                {"in", lengthUnitText(condition.in)}};
    }
    const MeasureDef& def_;
    Json& into_;
    std::size_t points_ = 0, limits_ = 0;
};

Json argumentsJson(const MeasureDef& def) {
    Json out;
    out["kind"] = toString(def.kind);
    ArgumentWriter writer(def, out);
    for (const ArgumentRow& argument : rowOf(def.kind).arguments)
        writer.write(argument);
    return out;
}

} // namespace

std::string_view toString(Joint joint) { return kJointWords[static_cast<std::size_t>(joint)]; }
std::string_view toString(EventRule::Feature feature) { return kFeatures[static_cast<std::size_t>(feature)]; }

std::string lengthUnitText(const LengthUnit& unit) {
    return unit.metres ? "m" : "body:" + unit.a.text() + "-" + unit.b.text();
}

Json measureJson(const MeasureDef& def) {
    Json out{{"id", def.id}, {"title", def.title}};
    if (!def.about.empty())
        out["about"] = def.about;
    out.update(argumentsJson(def));
    for (const auto& [key, text] : {std::pair("at", &def.at), {"over", &def.over}})
        if (!text->empty())
            out[key] = *text;
    if (def.stat != Stat::None)
        out["stat"] = toString(def.stat);
    out["unit"] = def.unit;
    out["tolerance"] = def.tolerance;
    out["source"] = def.source;
    out["level"] = toString(def.level);
    for (View view : def.views)
        out["views"].push_back(toString(view));
    if (def.outOfPlaneDeg)
        out["out_of_plane"] = *def.outOfPlaneDeg;
    if (!def.praise.empty())
        out["praise"] = def.praise;
    if (!def.tradeWith.empty())
        out["trade_with"] = def.tradeWith;
    return out;
}

Json eventRuleJson(const EventRule& rule) {
    Json out{{"signal", argumentsJson(rule.signal)}, {"feature", toString(rule.feature)}};
    using enum EventRule::Feature;
    if (rule.feature == Rise || rule.feature == Fall)
        out["level"] = rule.level;
    if (rule.feature == Start || rule.feature == Stop)
        out["share"] = rule.share;
    if (!rule.after.empty())
        out["after"] = rule.after;
    if (!rule.before.empty())
        out["before"] = rule.before;
    return out;
}

} // namespace riflesso
