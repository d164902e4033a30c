#include "core/tables/csv.h"

#include "core/tables/json_walk.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstdio>

namespace riflesso {

Result<std::vector<CsvRow>> parseCsv(std::string_view text, std::string_view name) {
    constexpr std::size_t kMaxRows = 5'000'000;
    std::vector<CsvRow> rows;
    if (text.starts_with("\xEF\xBB\xBF"))
        text.remove_prefix(3);
    int line = 1;
    std::size_t i = 0;
    while (i < text.size()) {
        CsvRow row{line, {}};
        const bool comment = text[i] == '#';
        bool quotedAny = false;
        std::string cell;
        for (bool endOfRow = false; !endOfRow;) {
            if (i >= text.size()) {
                endOfRow = true;
            } else if (text[i] == '"' && cell.empty() && !comment) {
                quotedAny = true;
                const int openedAt = line;
                for (++i;; ++i) {
                    if (i >= text.size())
                        return badInput(std::string(name) + ":" + std::to_string(openedAt), "a closing quote",
                                        "the end of the file");
                    if (text[i] == '"') {
                        if (i + 1 < text.size() && text[i + 1] == '"')
                            ++i;
                        else
                            break;
                    } else if (text[i] == '\n') {
                        ++line;
                    }
                    cell += text[i];
                }
                ++i;
                continue;
            } else if (text[i] == '\n') {
                endOfRow = true;
                ++line;
                ++i;
            } else if (text[i] == ',' && !comment) {
                row.cells.push_back(std::move(cell));
                cell.clear();
                ++i;
                continue;
            } else {
                if (text[i] != '\r')
                    cell += text[i];
                ++i;
                continue;
            }
            row.cells.push_back(std::move(cell));
            cell.clear();
        }
        const bool empty = row.cells.size() == 1 && row.cells[0].empty() && !quotedAny;
        if (!comment && !empty)
            rows.push_back(std::move(row));
        if (rows.size() > kMaxRows)
            return badInput(std::string(name), "at most 5 million rows", "more");
    }
    return rows;
}

std::string csvCell(std::string_view text) {
    if (text.find_first_of(",\"\n\r") == std::string_view::npos && !text.starts_with('#'))
        return std::string(text);
    std::string quoted = "\"";
    for (char c : text)
        quoted += c == '"' ? std::string("\"\"") : std::string(1, c);
    return quoted + "\"";
}

namespace {

/// Rows of a table read by column name.
class Table {
public:
    Table(std::string_view name, std::vector<CsvRow> rows) : name_(name), rows_(std::move(rows)) {}

    [[nodiscard]] Result<void> expectHeader(const std::vector<std::string>& must, const std::vector<std::string>& may) {
        std::string words;
        for (const std::string& column : must)
            words += (words.empty() ? "" : ",") + column;
        if (rows_.empty())
            return badInput(std::string(name_) + ":1", "the header " + words, "an empty table");
        header_ = rows_[0].cells;
        for (const std::string& column : header_)
            if (std::find(must.begin(), must.end(), column) == must.end() &&
                std::find(may.begin(), may.end(), column) == may.end())
                return badInput(place(0), "the header " + words, "the column " + column);
        for (const std::string& column : must)
            if (std::find(header_.begin(), header_.end(), column) == header_.end())
                return badInput(place(0), "the header " + words, "no column " + column);
        for (std::size_t i = 1; i < rows_.size(); ++i)
            if (rows_[i].cells.size() != header_.size())
                return badInput(place(i), std::to_string(header_.size()) + " cells",
                                std::to_string(rows_[i].cells.size()));
        return {};
    }
    [[nodiscard]] std::size_t size() const { return rows_.size(); } ///< with the header
    [[nodiscard]] int line(std::size_t row) const { return rows_[row].line; }
    [[nodiscard]] std::string place(std::size_t row) const {
        return std::string(name_) + ":" + std::to_string(line(row));
    }
    [[nodiscard]] std::string text(std::size_t row, std::string_view column) const {
        const auto found = std::find(header_.begin(), header_.end(), column);
        return found == header_.end() ? std::string()
                                      : rows_[row].cells[static_cast<std::size_t>(found - header_.begin())];
    }
    /// Empty cell: none.
    [[nodiscard]] Result<std::optional<double>> number(std::size_t row, std::string_view column) const {
        const std::string cell = text(row, column);
        if (cell.empty())
            return std::optional<double>();
        double value = 0;
        const auto [end, problem] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
        constexpr double kLargest = 1e12; // far more than any picture or time; sums and squares of it stay finite
        if (problem != std::errc() || end != cell.data() + cell.size() || !(std::abs(value) <= kLargest))
            return badInput(place(row), "a number in " + std::string(column), cell);
        return std::optional(value);
    }

private:
    std::string_view name_;
    std::vector<CsvRow> rows_;
    std::vector<std::string> header_;
};

Result<Table> openTable(std::string_view text, std::string_view name, const std::vector<std::string>& must,
                        const std::vector<std::string>& may = {}) {
    Result<std::vector<CsvRow>> rows = parseCsv(text, name);
    if (!rows)
        return rows.error();
    Table table(name, std::move(*rows));
    if (const Result<void> header = table.expectHeader(must, may); !header)
        return header.error();
    return table;
}

constexpr double kMaxFrame = 1e8; ///< far more than any clip holds

struct RawTrial {
    Trial trial;
    struct FrameTime {
        double frame, storedTimeS;
        bool fromEvents; ///< of which table
        int line;
    };
    std::vector<FrameTime> pairs;
    struct RawEvent {
        std::string event, place;
        std::optional<double> frame, storedTimeS, storedUs;
    };
    std::vector<RawEvent> events;
};

class Collector {
public:
    RawTrial& of(const std::string& id) {
        for (RawTrial& raw : trials_)
            if (raw.trial.id == id)
                return raw;
        trials_.emplace_back();
        trials_.back().trial.id = id;
        // The true number of a repetition is its name where that is a number, else its place in the file.
        int number = 0;
        const auto [end, problem] = std::from_chars(id.data(), id.data() + id.size(), number);
        const bool named = problem == std::errc() && end == id.data() + id.size() && number > 0;
        trials_.back().trial.number = named ? number : static_cast<int>(trials_.size());
        return trials_.back();
    }
    std::vector<RawTrial> trials_;
};

Result<void> readLandmarkTable(const TrialTables& tables, const TrialDefaults& defaults, const Pack& pack,
                               Collector& into) {
    const auto table = openTable(tables.landmarks, tables.landmarksName,
                                 {"trial", "frame", "time_s", "landmark", "x_px", "y_px"}, {"sigma_px", "source"});
    if (!table)
        return table.error();
    for (std::size_t i = 1; i < table->size(); ++i) {
        std::optional<double> values[5];
        const char* columns[5] = {"frame", "time_s", "x_px", "y_px", "sigma_px"};
        for (int c = 0; c < 5; ++c) {
            const auto value = table->number(i, columns[c]);
            if (!value)
                return value.error();
            values[c] = *value;
        }
        const auto& [frame, time, x, y, sigma] = values;
        if (!frame || *frame != std::floor(*frame) || *frame < 0 || *frame > kMaxFrame)
            return badInput(table->place(i), "a whole number from 0 in frame", table->text(i, "frame"));
        if (!x || !y)
            return badInput(table->place(i), "numbers in x_px and y_px", "an empty cell");
        if (sigma && *sigma <= 0)
            return badInput(table->place(i), "a number above 0 in sigma_px", table->text(i, "sigma_px"));
        const std::string trial = table->text(i, "trial"), landmark = table->text(i, "landmark");
        if (trial.empty())
            return badInput(table->place(i), "a trial", "an empty cell");
        const bool own = std::any_of(pack.points.begin(), pack.points.end(),
                                     [&](const OwnPoint& point) { return point.id == landmark; });
        if (!isAnatomical(landmark) && !own)
            return badInput(table->place(i), "an anatomical landmark or a point of the pack in landmark", landmark);
        RawTrial& raw = into.of(trial);
        Mark mark{{*x, *y}, sigma.value_or(defaultSigmaPx(defaults.pictureHeight)), table->text(i, "source")};
        if (!raw.trial.marks[landmark].emplace(static_cast<int>(*frame), mark).second)
            return badInput(table->place(i), "each landmark once in a frame", landmark + " twice");
        if (time)
            raw.pairs.push_back({*frame, *time, false, table->line(i)});
    }
    return {};
}

Result<void> readEventTable(const TrialTables& tables, const Pack& pack, Collector& into) {
    const auto table = openTable(tables.events, tables.eventsName, {"trial", "event", "time_s", "frame"}, {"u_s"});
    if (!table)
        return table.error();
    for (std::size_t i = 1; i < table->size(); ++i) {
        const auto time = table->number(i, "time_s"), frame = table->number(i, "frame"), u = table->number(i, "u_s");
        for (const auto* value : {&time, &frame, &u})
            if (!*value)
                return value->error();
        const std::string trial = table->text(i, "trial"), event = table->text(i, "event");
        if (trial.empty())
            return badInput(table->place(i), "a trial", "an empty cell");
        if (pack.eventIndex(event) < 0)
            return badInput(table->place(i), "an event of the pack", event);
        if (!time->has_value() && !frame->has_value())
            return badInput(table->place(i), "time_s or frame", "neither");
        if (frame->has_value() && (**frame < 0 || **frame > kMaxFrame))
            return badInput(table->place(i), "a number from 0 in frame", table->text(i, "frame"));
        if (u->has_value() && **u < 0)
            return badInput(table->place(i), "a number from 0 in u_s", table->text(i, "u_s"));
        RawTrial& raw = into.of(trial);
        if (time->has_value() && frame->has_value())
            raw.pairs.push_back({**frame, **time, true, table->line(i)});
        const bool repeated =
            std::any_of(raw.events.begin(), raw.events.end(), [&](const auto& other) { return other.event == event; });
        if (repeated && pack.family != Family::Cyclic)
            return badInput(table->place(i), "each event once in a trial", event + " twice");
        raw.events.push_back({event, table->place(i), *frame, *time, *u});
    }
    return {};
}

Result<void> readObservationTable(const TrialTables& tables, const Pack& pack, Collector& into) {
    if (tables.observations.empty())
        return {};
    const auto table = openTable(tables.observations, tables.observationsName, {"trial", "observation", "value"});
    if (!table)
        return table.error();
    for (std::size_t i = 1; i < table->size(); ++i) {
        const std::string id = table->text(i, "observation"), value = table->text(i, "value");
        const ObservationDef* def = pack.observation(id);
        if (!def)
            return badInput(table->place(i), "an observation of the pack", id);
        if (def->type == ObservationType::YesPartlyNo && value != "yes" && value != "partly" && value != "no")
            return badInput(table->place(i), "yes, partly or no", value);
        if (def->type == ObservationType::Choice &&
            std::find(def->values.begin(), def->values.end(), value) == def->values.end())
            return badInput(table->place(i), "one of the values of " + id, value);
        const bool known = std::any_of(into.trials_.begin(), into.trials_.end(),
                                       [&](const RawTrial& raw) { return raw.trial.id == table->text(i, "trial"); });
        if (!known)
            return badInput(table->place(i), "a trial of the landmarks or events", table->text(i, "trial"));
        into.of(table->text(i, "trial")).trial.observations[id] = value;
    }
    return {};
}

/// Times of the frames: those of the landmarks, which must grow with the frame, then those of events that fit between
/// them (an event's frame may have been rounded). Without two of the landmarks the events' must grow too.
Result<FrameTimes> frameTimes(const RawTrial& raw, const TrialTables& tables, double slowMotion) {
    std::map<double, double> known; // frame to stored time
    for (const bool fromEvents : {false, true}) {
        const bool mayBeLeftOut = fromEvents && known.size() >= 2;
        for (const RawTrial::FrameTime& pair : raw.pairs) {
            if (pair.fromEvents != fromEvents)
                continue;
            const auto after = known.lower_bound(pair.frame);
            if (after != known.end() && after->first == pair.frame)
                continue; // the first word on a frame holds
            const bool grows = (after == known.end() || pair.storedTimeS < after->second) &&
                               (after == known.begin() || pair.storedTimeS > std::prev(after)->second);
            if (grows)
                known.emplace_hint(after, pair.frame, pair.storedTimeS);
            else if (!mayBeLeftOut)
                return badInput(std::string(fromEvents ? tables.eventsName : tables.landmarksName) + ":" +
                                    std::to_string(pair.line),
                                "a time_s that grows with frame in trial " + raw.trial.id,
                                "a later frame at the same time or before");
        }
    }
    return FrameTimes({known.begin(), known.end()}, slowMotion);
}

} // namespace

Result<NumberTable> readNumbers(std::string_view text, std::string_view name, const std::vector<std::string>& must,
                                const std::vector<std::string>& may) {
    const auto table = openTable(text, name, must, may);
    if (!table)
        return table.error();
    std::vector<std::string> columns = must;
    columns.insert(columns.end(), may.begin(), may.end());
    NumberTable out;
    for (std::size_t i = 1; i < table->size(); ++i) {
        NumberTable::Row row{table->place(i), {}};
        for (std::size_t c = 0; c < columns.size(); ++c) {
            const auto value = table->number(i, columns[c]);
            if (!value)
                return value.error();
            if (c < must.size() && !value->has_value())
                return badInput(row.place, "a number in " + columns[c], "an empty cell");
            row.values.push_back(*value);
        }
        out.rows.push_back(std::move(row));
    }
    return out;
}

Result<ReadTrials> readTrials(const TrialTables& tables, const TrialDefaults& defaults, const AthleteFacts& facts,
                              const Pack& pack) {
    Collector collected;
    for (const Result<void>& step :
         {readLandmarkTable(tables, defaults, pack, collected), readEventTable(tables, pack, collected),
          readObservationTable(tables, pack, collected)})
        if (!step)
            return step.error();

    ReadTrials out;
    const auto pick = [](auto first, auto second) { return first ? first : second; };
    const auto facing = pick(defaults.facing, facts.facing);
    const auto handedness = pick(defaults.handedness, facts.handedness);
    const auto view = pick(defaults.view, facts.view);
    const double slowMotion = pick(defaults.slowMotion, facts.slowMotion).value_or(1);
    bool facingAssumed = false, bearingAssumed = false;
    for (RawTrial& raw : collected.trials_) {
        Trial& trial = raw.trial;
        const auto own = facts.trials.find(trial.id);
        const auto ownFacing = own == facts.trials.end() ? std::nullopt : own->second.facing;
        trial.capture.view = view.value_or(pack.views.front());
        trial.capture.facing = ownFacing.value_or(facing.value_or(Side::Right));
        facingAssumed = facingAssumed || (!ownFacing && !facing);
        trial.capture.handedness = handedness.value_or(Side::Right);
        trial.capture.metresPerPixel = pick(defaults.scale, facts.scale);
        trial.capture.slowMotion = slowMotion;
        const auto ownBearing = own == facts.trials.end() ? std::nullopt : own->second.bearingDeg;
        const auto ownU = own == facts.trials.end() ? std::nullopt : own->second.bearingUDeg;
        trial.capture.bearingDeg = pick(ownBearing, defaults.bearingDeg);
        const auto bearingU = pick(ownU, defaults.bearingUDeg);
        trial.capture.bearingUDeg = bearingU.value_or(trial.capture.bearingDeg ? kBearingUDeg : 0);
        const CameraPlace ownPlace = own == facts.trials.end() ? CameraPlace() : own->second.place;
        trial.capture.place = {pick(ownPlace.heightM, defaults.place.heightM),
                               pick(ownPlace.distanceM, defaults.place.distanceM)};
        bearingAssumed = bearingAssumed || (!trial.capture.bearingDeg && trial.capture.view != View::Top);
        if (own != facts.trials.end()) {
            trial.stress = own->second.stress;
            trial.performer = own->second.performer;
            trial.variant = own->second.variant.value_or(std::string());
            trial.conditions = own->second.conditions;
            trial.results = own->second.results;
        }
        auto times = frameTimes(raw, tables, slowMotion);
        if (!times)
            return times.error();
        trial.times = std::move(*times);
        for (const RawTrial::RawEvent& event : raw.events) {
            if (!trial.times.known() && !(event.frame && event.storedTimeS))
                return badInput(event.place, "time_s and frame of at least two frames of trial " + trial.id, "too few");
            TrialEvent resolved{event.event, 0, 0, 0};
            resolved.timeS = event.storedTimeS ? *event.storedTimeS / slowMotion : trial.times.timeOf(*event.frame);
            resolved.frame = event.frame ? *event.frame : trial.times.frameOf(resolved.timeS);
            if (!(std::abs(resolved.frame) <= kMaxFrame))
                return badInput(event.place, "a time_s near the frames of trial " + trial.id,
                                std::to_string(resolved.timeS * slowMotion));
            resolved.uS = event.storedUs
                              ? *event.storedUs / slowMotion
                              : eventUncertainty(trial.times.intervalAt(resolved.frame), defaults.markingFrames);
            trial.events.push_back(resolved);
        }
        out.trials.push_back(std::move(trial));
    }
    if (facingAssumed)
        out.assumed.push_back("facing");
    if (!handedness)
        out.assumed.push_back("handedness");
    if (!view)
        out.assumed.push_back("view");
    if (bearingAssumed)
        out.assumed.push_back("bearing");
    return out;
}

namespace {

/// Words, or {"part": "knee", "side": "left", "kind": "pain"}.
Limits readLimits(const JsonNode& node) {
    Limits out;
    std::vector<std::string> lines;
    node.list("limits", false, [&](const JsonNode& entry) {
        if (entry.json().is_string()) {
            lines.push_back(entry.json().get<std::string>());
            return;
        }
        if (!entry.expectObject({"part", "side", "kind"}))
            return;
        Limit limit;
        limit.part = entry.word("part", BodyPart::WholeBody, true, "a part of the body, such as knee or lower_back",
                                bodyPartFrom);
        limit.side = entry.word("side", LimitSide::Unsaid, false, "left, right or both", limitSideFrom);
        limit.kind = entry.word("kind", LimitKind::Other, false, "pain, healing, stiff, operated, illness or other",
                                limitKindFrom);
        if (limit.kind == LimitKind::Illness && limit.part != BodyPart::HeartAndBreath)
            limit.part = BodyPart::WholeBody;
        out.known.push_back(limit);
    });
    const Limits said = limitsFromLines(lines);
    out.known.insert(out.known.end(), said.known.begin(), said.known.end());
    out.unclear = said.unclear;
    return out;
}

} // namespace

namespace {

/// {"signal": "lamp", "ring": 8}: texts, or numbers as they are written.
std::map<std::string, std::string> textsByName(const JsonNode& node, std::string_view key) {
    std::map<std::string, std::string> out;
    if (!node.has(key))
        return out;
    const JsonNode list = node.at(key);
    if (!list.json().is_object()) {
        node.faultAt(key, "an object", list.json().dump());
        return out;
    }
    for (const auto& entry : list.json().items())
        if (entry.value().is_number())
            out[entry.key()] = entry.value().dump();
        else
            out[entry.key()] = list.text(entry.key());
    return out;
}

} // namespace

Result<AthleteFacts> readAthleteFacts(std::string_view text, std::string_view name) {
    std::vector<JsonFault> faults;
    AthleteFacts facts;
    const auto json = parseJson(text, std::size_t(1) << 20, faults);
    if (json) {
        const JsonNode node(*json, "$", faults);
        constexpr std::string_view kStressWords = "calm fed machine surprise live scored competition";
        const auto isDate = [](const std::string& date) {
            int y = 0, m = 0, d = 0;
            return date.size() == 10 && std::sscanf(date.c_str(), "%4d-%2d-%2d", &y, &m, &d) == 3 && m >= 1 &&
                   m <= 12 && d >= 1 && d <= 31;
        };
        if (node.expectObject({"handedness", "facing", "view", "scale", "slow_motion", "limits", "willingness",
                               "competitions", "today", "equipment", "mastered_stress", "waits_for_advice", "level",
                               "age", "format", "trials"})) {
            facts.level = node.text("level", false);
            facts.age = node.text("age", false);
            facts.format = node.text("format", false);
            facts.handedness = node.optionalWord<Side>("handedness", "left right", sideFrom);
            facts.facing = node.optionalWord<Side>("facing", "left right", sideFrom);
            facts.view = node.optionalWord<View>("view", "side front rear top", viewFrom);
            if (node.has("scale"))
                facts.scale = node.number("scale", 1, 1e-9, 1e6);
            if (node.has("slow_motion"))
                facts.slowMotion = node.number("slow_motion", 1, 1e-3, 1e4);
            if (node.has("willingness"))
                facts.willingness = node.number("willingness", 1, 0, 1);
            facts.limits = readLimits(node);
            facts.waitsForAdvice = node.boolean("waits_for_advice", false);
            facts.equipment = node.texts("equipment");
            facts.equipmentKnown = node.has("equipment");
            facts.competitions = node.texts("competitions");
            for (const std::string& date : facts.competitions)
                if (!isDate(date))
                    node.faultAt("competitions", "dates as YYYY-MM-DD", date);
            if (node.has("today")) {
                facts.today = node.text("today");
                if (!isDate(*facts.today))
                    node.faultAt("today", "a date as YYYY-MM-DD", *facts.today);
            }
            facts.masteredStress = node.optionalWord<Stress>("mastered_stress", kStressWords, stressFrom);
            if (node.has("trials") && node.at("trials").json().is_object()) {
                const JsonNode trials = node.at("trials");
                for (const auto& [id, value] : trials.json().items()) {
                    const JsonNode entry = trials.at(id);
                    if (!entry.expectObject({"facing", "bearing", "bearing_u", "camera_height", "camera_distance",
                                             "stress", "performer", "variant", "conditions", "results"}))
                        continue;
                    AthleteFacts::TrialFacts& own = facts.trials[id];
                    own.facing = entry.optionalWord<Side>("facing", "left right", sideFrom);
                    if (entry.has("bearing"))
                        own.bearingDeg = entry.number("bearing", 0, 0, kMostBearingDeg);
                    if (entry.has("bearing_u"))
                        own.bearingUDeg = entry.number("bearing_u", 0, 0, kMostBearingDeg);
                    if (entry.has("camera_height"))
                        own.place.heightM = entry.number("camera_height", 0, 0, kMostCameraM);
                    if (entry.has("camera_distance"))
                        own.place.distanceM = entry.number("camera_distance", 0, 0, kMostCameraM);
                    own.stress = entry.optionalWord<Stress>("stress", kStressWords, stressFrom);
                    own.performer = entry.text("performer", false);
                    if (entry.has("variant"))
                        own.variant = entry.text("variant");
                    own.conditions = textsByName(entry, "conditions");
                    own.results = textsByName(entry, "results");
                }
            } else if (node.has("trials")) {
                node.faultAt("trials", "an object of trials", node.at("trials").json().dump());
            }
        }
    }
    if (!faults.empty())
        return badInput(std::string(name) + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return facts;
}

namespace {
std::string fixed(double value) {
    char buffer[64];
    std::snprintf(buffer, sizeof buffer, "%.9f", value);
    return buffer;
}
} // namespace

Result<std::vector<PointRow>> readPoints(std::string_view text, std::string_view name) {
    const auto table =
        openTable(text, name, {"landmark", "x_px", "y_px"}, {"frame", "sigma_px", "trial", "time_s", "source"});
    if (!table)
        return table.error();
    std::vector<PointRow> out;
    for (std::size_t i = 1; i < table->size(); ++i) {
        std::optional<double> values[4];
        const char* columns[4] = {"frame", "x_px", "y_px", "sigma_px"};
        for (int c = 0; c < 4; ++c) {
            const auto value = table->number(i, columns[c]);
            if (!value)
                return value.error();
            values[c] = *value;
        }
        const auto& [frame, x, y, sigma] = values;
        if (frame && (*frame != std::floor(*frame) || *frame < 0 || *frame > kMaxFrame))
            return badInput(table->place(i), "a whole number from 0 in frame", table->text(i, "frame"));
        if (!x || !y)
            return badInput(table->place(i), "numbers in x_px and y_px", "an empty cell");
        if (sigma && *sigma <= 0)
            return badInput(table->place(i), "a number above 0 in sigma_px", table->text(i, "sigma_px"));
        if (table->text(i, "landmark").empty())
            return badInput(table->place(i), "a landmark", "an empty cell");
        out.push_back({table->text(i, "landmark"),
                       frame ? std::optional(static_cast<int>(*frame)) : std::nullopt,
                       {*x, *y},
                       sigma});
    }
    return out;
}

std::string landmarksCsv(const std::vector<Trial>& trials) {
    std::string out = "trial,frame,time_s,landmark,x_px,y_px,sigma_px,source\n";
    for (const Trial& trial : trials)
        for (const auto& [landmark, marks] : trial.marks)
            for (const auto& [frame, mark] : marks)
                out += csvCell(trial.id) + "," + std::to_string(frame) + "," +
                       fixed(trial.times.timeOf(frame) * trial.capture.slowMotion) + "," + landmark + "," +
                       fixed(mark.at.x) + "," + fixed(mark.at.y) + "," + fixed(mark.sigmaPx) + "," +
                       csvCell(mark.source) + "\n";
    return out;
}

std::string eventsCsv(const std::vector<Trial>& trials) {
    std::string out = "trial,event,time_s,frame,u_s\n";
    for (const Trial& trial : trials)
        for (const TrialEvent& event : trial.events)
            out += csvCell(trial.id) + "," + event.event + "," + fixed(event.timeS * trial.capture.slowMotion) + "," +
                   fixed(event.frame) + "," + fixed(event.uS * trial.capture.slowMotion) + "\n";
    return out;
}

} // namespace riflesso
