#include "core/pack/pack.h"

#include <algorithm>
#include <array>
#include <charconv>

namespace riflesso {

MADE_HERE(MeasureDef);
MADE_HERE(ConditionTree);
MADE_HERE(FaultDef);
MADE_HERE(DrillDef);
MADE_HERE(DisputeDef);
MADE_HERE(Pack);
namespace {

constexpr std::array kStats = {"", "maximum", "minimum", "range", "mean"};
constexpr std::array kLevels = {"foot",  "ankle", "knee", "hip",  "trunk",     "shoulder", "arm",
                                "elbow", "wrist", "hand", "head", "implement", "whole"};
constexpr std::array kStages = {"position",    "shadow",  "aid",    "single_feed",
                                "varied_feed", "routine", "scored", "competition"};
constexpr std::array kStresses = {"calm", "fed", "machine", "surprise", "live", "scored", "competition"};
constexpr std::array kCautions = {"", "note", "caution", "stop"};
constexpr std::array kDirections = {"none", "below", "above", "either"};
constexpr std::array kFamilies = {"discrete", "cyclic", "steady"};

template <class List, class Value> std::string_view nameOf(const List& list, Value value) {
    return list[static_cast<std::size_t>(value)];
}
template <class Value, class List> std::optional<Value> valueOf(const List& list, std::string_view text) {
    for (std::size_t i = 0; i < list.size(); ++i)
        if (text == list[i])
            return static_cast<Value>(i);
    return {};
}
template <class List> auto findById(const List& list, std::string_view id) -> decltype(list.data()) {
    const auto found = std::find_if(list.begin(), list.end(), [&](const auto& entry) { return entry.id == id; });
    return found == list.end() ? nullptr : &*found;
}

} // namespace

std::string_view toString(Stat stat) { return nameOf(kStats, stat); }
std::string_view toString(Level level) { return nameOf(kLevels, level); }
std::string_view toString(Stage stage) { return nameOf(kStages, stage); }
std::string_view toString(Stress stress) { return nameOf(kStresses, stress); }
std::string_view toString(Caution caution) { return nameOf(kCautions, caution); }
std::string_view toString(Direction direction) { return nameOf(kDirections, direction); }
std::string_view toString(Family family) { return nameOf(kFamilies, family); }
std::optional<Kind> kindFrom(std::string_view text) {
    for (const KindRow& row : kinds::kTable)
        if (row.word == text)
            return row.kind;
    return {};
}
std::optional<Stress> stressFrom(std::string_view text) { return valueOf<Stress>(kStresses, text); }

double MeasureDef::period() const {
    switch (rowOf(kind).period) {
    case Period::None:
        return 0;
    case Period::Direction:
        return undirected ? 180 : 360;
    case Period::Line:
        return isSigned ? 180 : 0;
    case Period::Hours:
        return 12;
    }
    return 0;
}

const MeasureDef* Pack::measure(std::string_view id) const { return findById(measures, baseMeasure(id)); }
namespace {
constexpr std::string_view kCondition = "condition:"; // no id holds a colon
} // namespace

std::string forCondition(const std::string& condition) { return std::string(kCondition) + condition; }

std::string_view conditionIn(std::string_view key) {
    return key.starts_with(kCondition) ? key.substr(kCondition.size()) : std::string_view();
}

const PhaseDef* Pack::phase(std::string_view id) const { return findById(phases, id); }
const EventDef* Pack::event(std::string_view id) const { return findById(events, id); }
const FaultDef* Pack::fault(std::string_view id) const { return findById(faults, id); }
const DrillDef* Pack::drill(std::string_view id) const { return findById(drills, id); }
const LineDef* Pack::line(std::string_view id) const { return findById(lines, id); }
const ObservationDef* Pack::observation(std::string_view id) const { return findById(observations, id); }
const VariantDef* Pack::variant(std::string_view id) const { return findById(variants, id); }

bool Pack::hasEvent(std::string_view form, std::string_view id) const {
    const VariantDef* def = variant(form);
    return !def || def->events.empty() || std::find(def->events.begin(), def->events.end(), id) != def->events.end();
}

bool Pack::needsEvent(std::string_view form, std::string_view id) const {
    const EventDef* def = event(id);
    return def && !def->optional && hasEvent(form, id);
}

bool Pack::asksFor(const ObservationDef& observation, std::string_view form, View view) const {
    const auto has = [](const auto& list, const auto& wanted) {
        return list.empty() || std::find(list.begin(), list.end(), wanted) != list.end();
    };
    return has(observation.views, view) && (!variant(form) || has(observation.variants, form));
}

const std::vector<PointRef>& Pack::markedBy(std::string_view form) const {
    const VariantDef* def = variant(form);
    return def && !def->marked.empty() ? def->marked : marked;
}

const LadderDef* Pack::ladder(std::string_view fault) const {
    for (const LadderDef& ladder : ladders)
        if (ladder.fault == fault)
            return &ladder;
    return nullptr;
}

int Pack::eventIndex(std::string_view id) const {
    const EventDef* found = event(id);
    return found ? static_cast<int>(found - events.data()) : -1;
}

std::string_view baseMeasure(std::string_view id) { return id.substr(0, id.find('.')); }

std::vector<MeasureDef> Pack::judged() const {
    std::vector<MeasureDef> out;
    for (const MeasureDef& def : measures) {
        out.push_back(def);
        for (std::size_t lag = 1; def.kind == Kind::PeakOrder && def.lagTolerance > 0 && lag < def.of.size(); ++lag)
            out.push_back(*judgedAs(def.id + ".lag." + std::to_string(lag)));
    }
    return out;
}

std::optional<MeasureDef> Pack::judgedAs(std::string_view id) const {
    const MeasureDef* def = measure(id);
    if (!def)
        return {};
    if (def->id == id || def->kind != Kind::PeakOrder)
        return *def;
    MeasureDef own;
    own.id = id;
    own.title = measureTitle(id);
    own.kind = Kind::Interval;
    own.unit = "s";
    own.tolerance = def->lagTolerance;
    own.source = def->source;
    own.level = def->level;
    own.over = def->over;
    return own;
}

std::string Pack::measureTitle(std::string_view id) const {
    const MeasureDef* def = measure(id);
    if (!def)
        return std::string(id);
    constexpr std::string_view kLag = ".lag.";
    const std::size_t dot = id.find(kLag);
    if (dot == std::string_view::npos)
        return def->title;
    const std::string_view number = id.substr(dot + kLag.size());
    std::size_t lag = 0;
    std::from_chars(number.data(), number.data() + number.size(), lag);
    if (lag == 0 || lag >= def->of.size())
        return def->title + ", lag " + std::string(number);
    const auto inWords = [](const std::vector<PointRef>& group) {
        std::string out;
        for (const PointRef& point : group)
            out += (out.empty() ? "" : " to ") + point.part;
        std::replace(out.begin(), out.end(), '_', ' ');
        return out;
    };
    return "Peak of the " + inWords(def->of[lag]) + " after that of the " + inWords(def->of[lag - 1]);
}

} // namespace riflesso
