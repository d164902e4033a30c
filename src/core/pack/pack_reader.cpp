#include "core/pack/pack_reader.h"

#include "core/pack/pack_measure_reader.h"
#include "core/tables/json_walk.h"

#include <algorithm>

namespace riflesso {
namespace {

std::string written(std::string words) { return words == kToBeWritten ? std::string() : std::move(words); }

template <class Enum, int count> std::string words() {
    std::string out;
    for (int i = 0; i < count; ++i) {
        const std::string_view name = toString(static_cast<Enum>(i));
        if (!name.empty())
            out += (out.empty() ? "" : " ") + std::string(name);
    }
    return out;
}
template <class Enum, int count> std::optional<Enum> enumFrom(const std::string& text) {
    for (int i = 0; i < count; ++i)
        if (!text.empty() && toString(static_cast<Enum>(i)) == text)
            return static_cast<Enum>(i);
    return {};
}
template <class Enum, int count>
Enum enumWord(const JsonNode& node, std::string_view key, Enum fallback, bool required) {
    return node.word<Enum>(key, fallback, required, words<Enum, count>(), enumFrom<Enum, count>);
}

Level readLevel(const JsonNode& node) { return enumWord<Level, 13>(node, "level", Level::Whole, false); }

std::map<std::string, RoleRule> readRoles(const JsonNode& root) {
    std::map<std::string, RoleRule> roles;
    if (!root.has("roles"))
        return roles;
    const JsonNode node = root.at("roles");
    if (!node.json().is_object()) {
        node.fault("an object of roles", node.json().dump());
        return roles;
    }
    static const std::map<std::string, RoleRule::Kind> kRules = {
        {"dominant", RoleRule::Kind::Dominant}, {"other", RoleRule::Kind::Other}, {"left", RoleRule::Kind::Left},
        {"right", RoleRule::Kind::Right},       {"near", RoleRule::Kind::Near},   {"far", RoleRule::Kind::Far}};
    for (const auto& [role, value] : node.json().items()) {
        if (role.starts_with("x-"))
            continue;
        const std::string expected = "dominant, other, left, right, near, far, front_at:<event> or rear_at:<event>";
        if (!isId(role))
            node.faultAt(role, "an id", role);
        const std::string text = value.is_string() ? value.get<std::string>() : std::string();
        const auto plain = kRules.find(text);
        if (plain != kRules.end())
            roles[role] = {plain->second, {}};
        else if (text.starts_with("front_at:") && isId(text.substr(9)))
            roles[role] = {RoleRule::Kind::FrontAt, text.substr(9)};
        else if (text.starts_with("rear_at:") && isId(text.substr(8)))
            roles[role] = {RoleRule::Kind::RearAt, text.substr(8)};
        else
            node.faultAt(role, expected, value.dump());
    }
    return roles;
}

/// `for` of a ladder; of a range also under which of the pack's conditions it holds.
ForWhom readForWhom(const JsonNode& node, bool conditions = false) {
    ForWhom out;
    if (!node.has("for"))
        return out;
    const JsonNode whom = node.at("for");
    std::vector<std::string_view> keys = {"level", "age", "variant", "format", "distance"};
    if (conditions)
        keys.emplace_back("conditions");
    if (!whom.expectObject(keys))
        return out;
    for (const auto& [key, value] : whom.json().items()) {
        if (key.starts_with("x-"))
            continue;
        if (key != "conditions") {
            out[key] = whom.text(key);
            continue;
        }
        const JsonNode noted = whom.at(key);
        if (!noted.json().is_object())
            noted.fault("an object of conditions", noted.json().dump());
        else
            for (const auto& [condition, wanted] : noted.json().items())
                out[forCondition(condition)] = noted.text(condition);
    }
    return out;
}

RangeDef readRange(const JsonNode& node) {
    RangeDef range;
    if (!node.expectObject({"measure", "low", "high", "source", "for"}))
        return range;
    range.measure = node.text("measure");
    range.low = node.optionalNumber("low");
    range.high = node.optionalNumber("high");
    range.source = node.text("source");
    range.forWhom = readForWhom(node, true);
    if (!range.low && !range.high)
        node.fault("low or high", "neither");
    return range;
}

std::vector<RangeDef> readModel(const JsonNode& node) {
    std::vector<RangeDef> ranges;
    if (node.expectObject({"ranges", "about"}))
        node.list("ranges", false, [&](const JsonNode& entry) { ranges.push_back(readRange(entry)); });
    return ranges;
}

ConditionTree readTree(const JsonNode& node);

/// A list of conditions and groups; entries {"unless": …} go apart. `shape` is how the others are joined.
ConditionTree readMembers(const JsonNode& node, std::string_view key, ConditionTree::Shape shape) {
    ConditionTree tree;
    tree.shape = shape;
    node.list(key, true, [&](const JsonNode& entry) {
        if (entry.has("unless")) {
            if (entry.expectObject({"unless"}))
                tree.unless.push_back(readTree(entry.at("unless")));
        } else {
            tree.members.push_back(readTree(entry));
        }
    });
    if (tree.members.empty())
        node.faultAt(key, "at least one condition besides unless", "none");
    return tree;
}

ConditionTree readTree(const JsonNode& node) {
    for (const auto& [key, shape] : {std::pair{"all", ConditionTree::Shape::All}, {"any", ConditionTree::Shape::Any}})
        if (node.has(key)) {
            ConditionTree tree;
            if (node.expectObject({key, "weight"}))
                tree = readMembers(node, key, shape);
            tree.weight = node.number("weight", 1, 0, 1e6);
            return tree;
        }
    ConditionTree tree;
    tree.shape = ConditionTree::Shape::Leaf;
    if (!node.expectObject(
            {"measure", "observation", "variant", "condition", "direction", "weight", "values", "fits", "chosen"}))
        return tree;
    const int subjects = node.has("measure") + node.has("observation") + node.has("variant") + node.has("condition");
    if (subjects != 1)
        node.fault("one of measure, observation, variant, condition", std::to_string(subjects) + " of them");
    Condition& leaf = tree.leaf;
    leaf.direction = enumWord<Direction, 4>(node, "direction", Direction::None, false);
    leaf.weight = tree.weight = node.number("weight", 1, 0, 1e6);
    leaf.values = node.texts("values");
    if (node.has("measure")) {
        leaf.id = node.text("measure");
        if (leaf.direction == Direction::None)
            node.faultAt("direction", "above, below or either", "nothing");
    } else if (node.has("observation")) {
        leaf.subject = Condition::Subject::Observation;
        leaf.id = node.id("observation");
        if (leaf.direction == Direction::None && leaf.values.empty())
            leaf.direction = Direction::Below;
    } else if (node.has("condition")) {
        leaf.subject = Condition::Subject::Situation;
        leaf.id = node.text("condition");
        if (leaf.values.empty())
            node.faultAt("values", "what the condition has to be", "nothing");
    } else {
        leaf.subject = Condition::Subject::Variant;
        leaf.id = node.id("variant");
        if (node.has("chosen")) {
            if (node.boolean("chosen", true) && !node.has("fits"))
                leaf.fits = std::nullopt;
            else
                node.faultAt("chosen", "true, and then no fits", node.at("chosen").json().dump());
        } else {
            leaf.fits = node.boolean("fits", false);
        }
    }
    return tree;
}

/// Entries are words ("knee pain"), or {"part": "knee", "kinds": ["pain", "healing"]}.
std::vector<LimitRule> readLimitRules(const JsonNode& node, std::string_view key, bool withKind) {
    std::vector<LimitRule> out;
    node.list(key, false, [&](const JsonNode& entry) {
        if (entry.json().is_string()) {
            for (LimitRule& rule : rulesFromWords(entry.json().get<std::string>(), withKind))
                out.push_back(std::move(rule));
            return;
        }
        if (!entry.expectObject({"part", "kinds"}))
            return;
        LimitRule rule;
        rule.part = entry.word("part", BodyPart::WholeBody, true, "a part of the body, such as knee or lower_back",
                               bodyPartFrom);
        for (const std::string& word : entry.texts("kinds"))
            if (const auto kind = limitKindFrom(word))
                rule.kinds.push_back(*kind);
            else
                entry.faultAt("kinds", "pain, healing, stiff, operated, illness or other", word);
        rule.words = inWords(rule);
        out.push_back(std::move(rule));
    });
    return out;
}

FaultDef readFault(const JsonNode& node) {
    FaultDef fault;
    if (!node.expectObject({"id", "title", "explain", "level", "phase", "effect", "limited_by", "when", "causes",
                            "safety", "see", "not", "grades"}))
        return fault;
    fault.id = node.id("id");
    fault.title = node.text("title");
    fault.explain = written(node.text("explain"));
    fault.level = readLevel(node);
    fault.phase = node.id("phase", false);
    fault.effect = node.requiredNumber("effect", 0, 1);
    fault.limitedBy = readLimitRules(node, "limited_by", true);
    fault.see = node.text("see", false);
    fault.notThis = node.text("not", false);
    (void)node.texts("grades");
    if (!node.has("when"))
        node.faultAt("when", "a list of conditions or a group", "nothing");
    else if (node.at("when").json().is_array())
        fault.when = readMembers(node, "when", ConditionTree::Shape::Mean);
    else
        fault.when = readTree(node.at("when"));
    if (fault.when.shape == ConditionTree::Shape::Leaf)
        node.faultAt("when", "a list of conditions or one group all or any", "a single condition");
    node.list("causes", false, [&](const JsonNode& entry) {
        CauseDef cause;
        if (!entry.expectObject({"fault", "kind", "title", "weight", "because"}))
            return;
        cause.fault = entry.id("fault", false);
        cause.kind = entry.text("kind", false);
        cause.title = entry.text("title", false);
        cause.because = written(entry.text("because"));
        if (cause.fault.empty()) {
            const std::vector<std::string> kinds = {"capacity", "equipment", "habit", "earlier advice"};
            if (std::find(kinds.begin(), kinds.end(), cause.kind) == kinds.end())
                entry.fault("a fault, or a kind: capacity, equipment, habit or earlier advice", cause.kind);
            cause.weight = entry.number("weight", 0, 0, 1);
        } else {
            cause.weight = entry.requiredNumber("weight", 0, 1);
        }
        fault.causes.push_back(cause);
    });
    if (node.has("safety")) {
        const JsonNode safety = node.at("safety");
        if (safety.expectObject({"level", "text"})) {
            fault.safety = enumWord<Caution, 4>(safety, "level", Caution::Note, true);
            fault.safetyText = safety.text("text");
        }
    }
    return fault;
}

DrillDef readDrill(const JsonNode& node) {
    DrillDef drill;
    if (!node.expectObject({"id", "title", "stage", "stress", "cue", "good", "dose", "needs", "partner", "cautions",
                            "not_for", "why", "wrong", "feels", "feeding", "easier", "harder", "good_when",
                            "conditions"}))
        return drill;
    drill.id = node.id("id");
    drill.title = node.text("title");
    if (node.has("conditions")) {
        const JsonNode conditions = node.at("conditions");
        if (!conditions.json().is_object())
            node.faultAt("conditions", "an object of conditions", conditions.json().dump());
        else
            for (const auto& entry : conditions.json().items())
                drill.conditions[entry.key()] = conditions.text(entry.key());
    }
    drill.stage = enumWord<Stage, 8>(node, "stage", Stage::Position, true);
    drill.stress = enumWord<Stress, 7>(node, "stress", Stress::Calm, true);
    drill.cue = node.text("cue");
    drill.good = written(node.text("good"));
    drill.needs = node.texts("needs");
    drill.cautions = node.texts("cautions");
    drill.notFor = readLimitRules(node, "not_for", false);
    drill.partner = node.boolean("partner", false);
    drill.why = node.text("why", false);
    drill.wrong = node.text("wrong", false);
    drill.feels = node.text("feels", false);
    drill.feeding = node.text("feeding", false);
    drill.easier = node.text("easier", false);
    drill.harder = node.text("harder", false);
    if (node.has("good_when"))
        (void)readTree(node.at("good_when"));
    if (!node.has("dose")) {
        node.faultAt("dose", "sets and repetitions, or minutes", "nothing");
    } else if (const JsonNode dose = node.at("dose"); dose.expectObject({"sets", "repetitions", "minutes"})) {
        drill.dose = {dose.integer("sets", 0, 0, 100), dose.integer("repetitions", 0, 0, 1000),
                      dose.integer("minutes", 0, 0, 600)};
        if (drill.dose.minutes == 0 && (drill.dose.sets == 0 || drill.dose.repetitions == 0))
            dose.fault("sets and repetitions, or minutes", "neither");
    }
    return drill;
}

ObservationDef readObservation(const JsonNode& node) {
    ObservationDef observation;
    if (!node.expectObject({"id", "title", "ask", "type", "values", "pictures", "unit", "tolerance", "level", "source",
                            "views", "variants"}))
        return observation;
    observation.id = node.id("id");
    observation.title = node.text("title");
    observation.ask = node.text("ask");
    observation.level = readLevel(node);
    static const std::map<std::string, ObservationType> kTypes = {{"yes_partly_no", ObservationType::YesPartlyNo},
                                                                  {"choice", ObservationType::Choice},
                                                                  {"scale", ObservationType::Scale},
                                                                  {"count", ObservationType::Count},
                                                                  {"number", ObservationType::Number}};
    observation.type = node.word<ObservationType>(
        "type", ObservationType::YesPartlyNo, false, "yes_partly_no choice scale count number",
        [](const std::string& text) -> std::optional<ObservationType> {
            const auto found = kTypes.find(text);
            return found == kTypes.end() ? std::nullopt : std::optional(found->second);
        });
    observation.values = node.texts("values", observation.type == ObservationType::Choice);
    observation.unit = node.text("unit", observation.type == ObservationType::Number);
    observation.tolerance = node.number("tolerance", 0, 0);
    (void)node.texts("pictures");
    observation.views = readViews(node);
    observation.variants = node.texts("variants");
    return observation;
}

ResultDef readResult(const JsonNode& node) {
    ResultDef result;
    if (!node.expectObject({"id", "title", "type", "values", "good", "unit", "better", "matters", "field"}))
        return result;
    result.id = node.id("id");
    result.title = node.text("title");
    static const std::map<std::string, ResultType> kTypes = {{"choice", ResultType::Choice},
                                                             {"number", ResultType::Number},
                                                             {"zone", ResultType::Zone},
                                                             {"count", ResultType::Count}};
    result.type = node.word<ResultType>("type", ResultType::Choice, true, "choice number zone count",
                                        [](const std::string& text) -> std::optional<ResultType> {
                                            const auto found = kTypes.find(text);
                                            return found == kTypes.end() ? std::nullopt : std::optional(found->second);
                                        });
    const bool isNumber = result.type == ResultType::Number;
    result.values = node.texts("values", result.type == ResultType::Choice || result.type == ResultType::Zone);
    result.good = node.texts("good", result.type == ResultType::Choice);
    for (const std::string& good : result.good)
        if (std::find(result.values.begin(), result.values.end(), good) == result.values.end())
            node.faultAt("good", "only entries of values", good);
    result.unit = node.text("unit", isNumber);
    result.higherIsBetter =
        node.word<bool>("better", true, isNumber, "higher lower", [](const std::string& text) -> std::optional<bool> {
            if (text == "higher")
                return true;
            return text == "lower" ? std::optional(false) : std::nullopt;
        });
    result.matters = isNumber ? node.requiredNumber("matters", 0) : node.number("matters", 0, 0);
    return result;
}

void readMovement(const JsonNode& root, Pack& pack) {
    root.list("points", false, [&](const JsonNode& entry) {
        OwnPoint point;
        if (!entry.expectObject({"id", "title", "on"}))
            return;
        point.id = entry.id("id");
        point.title = entry.text("title");
        if (entry.has("on"))
            point.on = readPointRef(entry.at("on"));
        pack.points.push_back(point);
    });
    root.list("lines", false, [&](const JsonNode& entry) {
        LineDef line;
        if (!entry.expectObject({"id", "title", "points"}))
            return;
        line.id = entry.id("id");
        line.title = entry.text("title");
        const std::vector<PointRef> ends = readPointRefs(entry, "points", 2, 2);
        if (ends.size() == 2) {
            line.a = ends[0];
            line.b = ends[1];
        }
        pack.lines.push_back(line);
    });
    pack.marked = readPointRefs(root, "marked", 0, 200);
    root.list("events", true, [&](const JsonNode& entry) {
        EventDef event;
        if (!entry.expectObject({"id", "title", "hint", "by", "suggest", "optional"}))
            return;
        event.id = entry.id("id");
        event.title = entry.text("title");
        event.hint = written(entry.text("hint"));
        event.by = readPointRefs(entry, "by", 0, 200, false);
        if (entry.has("suggest"))
            event.rule = readEventRule(entry.at("suggest"));
        event.optional = entry.boolean("optional", false);
        pack.events.push_back(event);
    });
    root.list("phases", false, [&](const JsonNode& entry) {
        if (!entry.expectObject({"id", "title", "from", "to", "round", "before", "after"}))
            return;
        PhaseDef phase{entry.id("id"), entry.text("title"), {}, {}};
        if (!entry.has("round")) {
            phase.from = entry.id("from");
            phase.to = entry.id("to");
            for (const char* key : {"before", "after"})
                if (entry.has(key))
                    entry.faultAt(key, "round together with before and after", std::string(key) + " alone");
        } else {
            for (const char* key : {"from", "to"})
                if (entry.has(key))
                    entry.faultAt(key, "either from and to, or round", "both");
            constexpr double kLongest = 10;
            phase.window = true;
            phase.from = phase.to = entry.id("round");
            phase.beforeS = entry.requiredNumber("before", -kLongest, kLongest);
            phase.afterS = entry.requiredNumber("after", -kLongest, kLongest);
            if (entry.has("before") && entry.has("after") && phase.beforeS + phase.afterS <= 0)
                entry.faultAt("after", "before and after above 0 together", entry.at("after").json().dump());
        }
        pack.phases.push_back(phase);
    });
    root.list("measures", true, [&](const JsonNode& entry) { pack.measures.push_back(readMeasure(entry)); });
}

void readLadder(const JsonNode& node, std::vector<LadderDef>& into) {
    if (!node.expectObject({"fault", "also", "rungs", "for"}))
        return;
    into.push_back({node.id("fault"), node.texts("rungs", true), readForWhom(node)});
    const LadderDef own = into.back();
    if (!node.has("also") || !node.at("also").json().is_object()) {
        for (const std::string& other : node.texts("also"))
            into.push_back({other, own.rungs, own.forWhom});
        return;
    }
    const JsonNode also = node.at("also"); // each with the drills that serve it
    for (const auto& [other, rungs] : also.json().items())
        into.push_back({other, also.texts(other, true), own.forWhom});
}

void readRemedies(const JsonNode& root, Pack& pack) {
    root.list("drills", false, [&](const JsonNode& entry) { pack.drills.push_back(readDrill(entry)); });
    root.list("ladders", false, [&](const JsonNode& entry) { readLadder(entry, pack.ladders); });
    root.list("profiles", false, [&](const JsonNode& entry) {
        if (entry.expectObject({"id", "title", "faults"}))
            pack.profiles.push_back({entry.id("id"), entry.text("title"), entry.texts("faults", true)});
    });
    root.list("variants", false, [&](const JsonNode& entry) {
        if (!entry.expectObject({"id", "title", "fits_when", "model", "events", "marked"}))
            return;
        VariantDef variant{
            entry.id("id"), entry.text("title"), entry.text("fits_when", false), {}, entry.texts("events")};
        variant.marked = readPointRefs(entry, "marked", 0, 200, false);
        if (entry.has("model"))
            variant.ranges = readModel(entry.at("model"));
        pack.variants.push_back(variant);
    });
    root.list("disputes", false, [&](const JsonNode& entry) {
        if (!entry.expectObject({"id", "question", "positions"}))
            return;
        DisputeDef dispute;
        dispute.id = entry.id("id");
        dispute.question = entry.text("question");
        entry.list("positions", true, [&](const JsonNode& position) {
            if (!position.expectObject({"id", "title", "because", "ranges", "leave_out", "ladders"}))
                return;
            DisputeDef::Position taken{position.id("id"),           position.text("title"),
                                       position.text("because"),    {},
                                       position.texts("leave_out"), {}};
            position.list("ranges", false, [&](const JsonNode& range) { taken.ranges.push_back(readRange(range)); });
            position.list("ladders", false, [&](const JsonNode& ladder) { readLadder(ladder, taken.ladders); });
            dispute.positions.push_back(std::move(taken));
        });
        pack.disputes.push_back(dispute);
    });
    if (root.has("conditions")) {
        const JsonNode conditions = root.at("conditions");
        if (!conditions.json().is_object())
            conditions.fault("an object of lists", conditions.json().dump());
        else
            for (const auto& [key, value] : conditions.json().items())
                if (!key.starts_with("x-"))
                    pack.conditions[key] = conditions.texts(key);
    }
    // What athletes film at home stands apart in every skill.
    pack.conditions.emplace("where", std::vector<std::string>{"at training", "at home"});
    if (root.has("model"))
        pack.ranges = readModel(root.at("model"));
}

} // namespace

PackReading readPack(std::string_view text) {
    PackReading reading;
    const std::optional<Json> json = parseJson(text, kMaxPackBytes, reading.faults);
    if (!json)
        return reading;
    const JsonNode root(*json, "$", reading.faults);
    if (!root.expectObject({"format",     "version",  "id",           "edition",  "title",        "family",
                            "about",      "views",    "sources",      "roles",    "points",       "lines",
                            "marked",     "events",   "phases",       "measures", "observations", "results",
                            "conditions", "variants", "faults",       "drills",   "ladders",      "profiles",
                            "disputes",   "model",    "out_of_plane", "group",    "words"}))
        return reading;
    Pack& pack = reading.pack;
    if (root.text("format") != "riflesso-skill-pack")
        root.faultAt("format", "riflesso-skill-pack", root.has("format") ? root.at("format").json().dump() : "nothing");
    if (root.integer("version", 0, 1, 1) != 1)
        root.faultAt("version", "1", root.has("version") ? root.at("version").json().dump() : "nothing");
    pack.id = root.text("id");
    pack.edition = root.text("edition");
    pack.title = root.text("title");
    pack.about = written(root.text("about", false));
    pack.group = root.text("group", false);
    pack.words = root.texts("words");
    pack.family = enumWord<Family, 3>(root, "family", Family::Discrete, true);
    pack.views = readViews(root, true);
    if (root.has("sources")) {
        const JsonNode sources = root.at("sources");
        if (!sources.json().is_object())
            sources.fault("an object of texts", sources.json().dump());
        else
            for (const auto& [key, value] : sources.json().items())
                if (!key.starts_with("x-"))
                    pack.sources[key] = sources.text(key);
    } else {
        root.faultAt("sources", "an object of texts", "nothing");
    }
    pack.outOfPlaneDeg = root.number("out_of_plane", pack.outOfPlaneDeg, 0, kMostOutOfPlaneDeg);
    pack.roles = readRoles(root);
    readMovement(root, pack);
    root.list("observations", false,
              [&](const JsonNode& entry) { pack.observations.push_back(readObservation(entry)); });
    root.list("results", false, [&](const JsonNode& entry) { pack.results.push_back(readResult(entry)); });
    root.list("faults", false, [&](const JsonNode& entry) { pack.faults.push_back(readFault(entry)); });
    readRemedies(root, pack);
    checkPack(pack, reading.faults);
    return reading;
}

Result<Pack> loadPack(std::string_view text, std::string_view name) {
    PackReading reading = readPack(text);
    if (reading.faults.empty())
        return std::move(reading.pack);
    const JsonFault& first = reading.faults.front();
    return badInput(std::string(name) + ": " + first.path, first.expected, first.got);
}

std::vector<RangeDef> readRanges(const JsonNode& node, std::string_view key, const Pack& pack) {
    std::vector<RangeDef> ranges;
    node.list(key, false, [&](const JsonNode& entry) {
        ranges.push_back(readRange(entry));
        if (!pack.measure(baseMeasure(ranges.back().measure)))
            entry.faultAt("measure", "a measure of the pack", ranges.back().measure);
    });
    return ranges;
}

Result<std::vector<RangeDef>> readModelRanges(std::string_view text, std::string_view name, const Pack& pack) {
    std::vector<JsonFault> faults;
    std::vector<RangeDef> ranges;
    if (const std::optional<Json> json = parseJson(text, kMaxPackBytes, faults)) {
        const JsonNode node(*json, "$", faults);
        if (node.expectObject({"ranges", "about"}))
            ranges = readRanges(node, "ranges", pack);
    }
    if (!faults.empty())
        return badInput(std::string(name) + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return ranges;
}

} // namespace riflesso
