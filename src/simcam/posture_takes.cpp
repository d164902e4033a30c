#include "simcam/posture_takes.h"

#include "core/pack/pack_measure_reader.h"
#include "core/tables/json_walk.h"
#include "simcam/hall.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <tuple>
#include <utility>

namespace riflesso::simcam {
namespace {

constexpr std::array<std::string_view, kMovingParts> kPartNames{"legs", "hips",      "trunk",   "arm",
                                                                "hand", "implement", "free_arm"};

// Numbers of the file are forward, left, up.
Vec3 place(const std::vector<float>& v) { return {v[0], v[2], -v[1]}; }

Vec3 halfSizes(const std::vector<float>& v) { return {v[0], v[2], v[1]}; }

class PostureReader {
public:
    PostureReader(const JsonNode& node, const Pack& pack) : node_(node), pack_(pack) {}

    PostureTakes read() {
        out_.views = readViews(node_, true);
        if (node_.has("implement")) {
            const JsonNode implement = node_.at("implement");
            if (implement.expectObject({"point", "length", "edges"})) {
                out_.implement = implement.id("point");
                out_.implementLength = static_cast<float>(implement.requiredNumber("length", .05, 2));
                if (implement.has("edges"))
                    out_.edges = edges(implement.at("edges"));
            }
        }
        node_.list("rods", false, [&](const JsonNode& entry) {
            const Json& ends = entry.json();
            if (ends.is_array() && ends.size() == 2 && ends[0].is_string() && ends[1].is_string())
                out_.rods.emplace_back(ends[0].get<std::string>(), ends[1].get<std::string>());
            else
                entry.fault("two points of the pack", ends.dump());
        });
        if (node_.has("on"))
            for (const auto& entry : node_.at("on").json().items()) {
                const Json& own = entry.value();
                if (own.is_array() && own.size() == 3 && own[0].is_string() && own[1].is_string() && own[2].is_number())
                    out_.on[entry.key()] = {own[0].get<std::string>(), own[1].get<std::string>(), own[2].get<float>()};
                else
                    node_.at("on").faultAt(entry.key(), "a joint, another, body heights from the one to the other",
                                           own.dump());
            }
        node_.list("boxes", false, [&](const JsonNode& entry) {
            if (entry.expectObject({"middle", "half"}))
                out_.boxes.emplace_back(place(numbers(entry, "middle", 3)), halfSizes(numbers(entry, "half", 3)));
        });
        out_.prone = node_.text("lies", false) == "prone";
        out_.variation = static_cast<float>(node_.number("variation", 1, 0, 5));
        const JsonNode takes = node_.at("takes");
        if (!takes.json().is_object() || !takes.has("model")) {
            node_.faultAt("takes", "an object with a take \"model\"", takes.json().dump().substr(0, 20));
            return out_;
        }
        for (const auto& entry : takes.json().items())
            if (!entry.key().starts_with("x-"))
                out_.takes[entry.key()] = take(takes.at(entry.key()), entry.key());
        for (const FaultDef& fault : pack_.faults)
            if (!out_.takes.contains(fault.id))
                node_.faultAt("takes", "a take, or why there is none, of " + fault.id, "nothing");
        return out_;
    }

private:
    PostureTake take(const JsonNode& node, const std::string& name) {
        PostureTake out;
        if (!node.expectObject({"like", "rows", "set", "add", "delay", "drop", "events", "observations", "variant",
                                "cannot", "cycles", "parts"}))
            return out;
        const std::string like = node.has("rows") ? std::string() : node.has("like") ? node.text("like") : "model";
        if (name != "model" && !like.empty()) {
            const auto known = rows_.find(like);
            if (known == rows_.end()) {
                node.faultAt("like", "a take that stands before it", like);
                return out;
            }
            rows_[name] = known->second;
            out = out_.takes[like];
            out.parts.clear();
        }
        Json& rows = rows_[name];
        if (node.has("rows"))
            rows = whole(node.at("rows").json());
        change(node, rows);
        out.cannot = node.text("cannot", false);
        out.variant = node.text("variant", false).empty() ? out.variant : node.text("variant", false);
        out.postures.clear();
        for (std::size_t i = 0; i < rows.size(); ++i)
            out.postures.push_back(
                posture(JsonNode(rows[i], node.path() + ".rows[" + std::to_string(i) + "]", faultsOf(node))));
        note(node);
        if (node.has("cycles"))
            out.cycles = cyclesOf(node.at("cycles"));
        out.once = out.postures;
        if (out.cycles.count > 0)
            out.postures = repeated(out.once, out.cycles);
        for (std::size_t i = 1; i < out.postures.size(); ++i)
            if (out.postures[i].t <= out.postures[i - 1].t)
                node.faultAt("rows", "times that rise, also at " + out.postures[i].id,
                             std::to_string(out.postures[i].t));
        if (out.postures.size() < 2)
            node.faultAt("rows", "at least two postures", std::to_string(out.postures.size()));
        readEvents(node, out);
        if (node.has("observations")) {
            const JsonNode seen = node.at("observations");
            for (const auto& entry : seen.json().items())
                if (pack_.observation(entry.key()))
                    out.observations[entry.key()] = seen.text(entry.key());
                else
                    seen.faultAt(entry.key(), "an observation of the pack", entry.key());
        }
        node.list("parts", false, [&](const JsonNode& part) {
            if (!part.expectObject({"take", "stress"}))
                return;
            const std::string of = part.text("take");
            if (of != name && !out_.takes.contains(of))
                part.faultAt("take", "a take that stands before it", of);
            const auto stress = stressFrom(part.text("stress"));
            if (!stress)
                part.faultAt("stress", "a level of stress", part.text("stress"));
            else
                out.parts.emplace_back(of, *stress);
        });
        return out;
    }

    Cycles cyclesOf(const JsonNode& node) {
        Cycles out;
        if (!node.expectObject({"count", "period", "lead", "travel"}))
            return out;
        out.count = static_cast<int>(node.requiredNumber("count", 1, 50));
        out.periodS = static_cast<float>(node.requiredNumber("period", .1, 60));
        out.leadS = static_cast<float>(node.number("lead", 0, 0, static_cast<double>(out.periodS)));
        if (node.has("travel"))
            out.travel = place(numbers(node, "travel", 3));
        note(node);
        return out;
    }

    /// Each row with everything: what it does not say is as in the row before.
    static Json whole(const Json& rows) {
        Json out = Json::array();
        for (const Json& row : rows) {
            Json full = out.empty() ? Json::object() : out.back();
            full.erase("arrives");
            if (row.is_object())
                for (const auto& [key, value] : row.items())
                    full[key] = value;
            out.push_back(std::move(full));
        }
        return out;
    }
    static bool isCalled(const Json& row, const std::string& id) {
        const auto own = row.find("id");
        return own != row.end() && *own == Json(id);
    }
    static std::size_t rowOf(const Json& rows, const std::string& id) {
        return static_cast<std::size_t>(
            std::find_if(rows.begin(), rows.end(), [&](const Json& row) { return isCalled(row, id); }) - rows.begin());
    }
    /// Numbers, also within lists, added one by one; false: of unlike shape.
    static bool added(Json& to, const Json& what) {
        if (to.is_number() && what.is_number()) {
            to = to.get<double>() + what.get<double>();
            return true;
        }
        if (!to.is_array() || !what.is_array() || to.size() != what.size())
            return false;
        for (std::size_t i = 0; i < to.size(); ++i)
            if (!added(to[i], what[i]))
                return false;
        return true;
    }
    /// `set` and `add`: {"contact": {…} (each of that name), "contact..": {…} (from there on), "..": {…} (all)};
    /// `delay`: {"load": 0.2}.
    void change(const JsonNode& node, Json& rows) {
        const auto each = [&](const char* key, const auto& work) {
            if (!node.has(key))
                return;
            const JsonNode list = node.at(key);
            if (!list.json().is_object()) {
                node.faultAt(key, "an object by posture", list.json().dump());
                return;
            }
            for (const auto& entry : list.json().items()) {
                const std::string& name = entry.key();
                const bool onward = name.ends_with("..");
                const std::string id = onward ? name.substr(0, name.size() - 2) : name;
                const std::size_t first = id.empty() && onward ? 0 : rowOf(rows, id);
                if (first == rows.size())
                    list.faultAt(name, "a posture of the take", name);
                for (std::size_t i = first; i < rows.size(); ++i)
                    if (onward || isCalled(rows[i], id))
                        work(rows[i], entry.value(), list, name);
            }
        };
        each("set", [](Json& row, const Json& value, const JsonNode&, const std::string&) {
            for (const auto& [key, own] : value.items())
                row[key] = own;
        });
        each("add", [](Json& row, const Json& value, const JsonNode& list, const std::string& name) {
            for (const auto& [key, own] : value.items())
                if (!row.contains(key) || !added(row[key], own))
                    list.faultAt(name, "numbers like those of the posture", key);
        });
        if (node.has("delay"))
            for (const auto& entry : node.at("delay").json().items()) {
                const std::size_t first = rowOf(rows, entry.key());
                if (first == rows.size() || !entry.value().is_number())
                    node.faultAt("delay", "seconds by posture of the take", entry.key());
                double late = 0; // once more at each of that name
                for (std::size_t i = first; i < rows.size() && entry.value().is_number(); ++i) {
                    late += isCalled(rows[i], entry.key()) ? entry.value().get<double>() : 0;
                    if (!rows[i].contains("t") || !added(rows[i]["t"], Json(late)))
                        node.faultAt("delay", "a posture with a time", entry.key());
                }
            }
        for (const std::string& id : node.texts("drop"))
            if (const std::size_t at = rowOf(rows, id); at < rows.size())
                rows.erase(rows.begin() + static_cast<std::ptrdiff_t>(at));
            else
                node.faultAt("drop", "postures of the take", id);
    }

    std::vector<float> numbers(const JsonNode& row, std::string_view key, std::size_t count) {
        std::vector<float> out;
        const Json& list = row.at(key).json();
        if (list.is_array() && list.size() == count)
            for (const Json& each : list)
                if (each.is_number())
                    out.push_back(each.get<float>());
        if (out.size() != count) {
            row.faultAt(key, std::to_string(count) + " numbers", list.dump());
            out.assign(count, 0);
        }
        return out;
    }
    /// Right and left, as in the file.
    std::array<Vec3, 2> sides(const JsonNode& row, std::string_view key) {
        const JsonNode both = row.at(key);
        std::array<Vec3, 2> out;
        if (!both.json().is_array() || both.json().size() != 2) {
            row.faultAt(key, "two places: right, left", both.json().dump());
            return out;
        }
        for (std::size_t i = 0; i < 2; ++i) {
            const Json wrapped = {{"place", both.json()[i]}};
            out[i == 0 ? kRight : kLeft] = place(numbers(JsonNode(wrapped, both.path(), noted_), "place", 3));
        }
        return out;
    }
    static PostureTakes::Edges edges(const JsonNode& node) {
        PostureTakes::Edges out;
        if (!node.expectObject({"upper", "lower", "width", "from_tip"}))
            return out;
        out.upper = node.id("upper");
        out.lower = node.id("lower");
        out.width = static_cast<float>(node.requiredNumber("width", .01, .5));
        out.fromTip = static_cast<float>(node.requiredNumber("from_tip", 0, 1));
        return out;
    }
    Posture posture(const JsonNode& row) {
        Posture out;
        if (!row.expectObject({"id", "t", "hips", "yaw", "lean", "head", "ankles", "wrists", "elbow", "free_elbow",
                               "knees", "hands", "implement", "face", "feet", "feet_yaw", "points", "arrives"}))
            return out;
        out.id = row.id("id");
        out.t = static_cast<float>(row.requiredNumber("t", 0, 600));
        if (row.has("hips"))
            out.hips = place(numbers(row, "hips", 3));
        const auto pair = [&](std::string_view key, float& a, float& b) {
            if (!row.has(key))
                return;
            const auto both = numbers(row, key, 2);
            a = both[0], b = both[1];
        };
        pair("yaw", out.hipYaw, out.chestYaw);
        pair("lean", out.leanForward, out.leanRight);
        pair("head", out.headYaw, out.headPitch);
        if (row.has("ankles"))
            out.ankle = sides(row, "ankles");
        if (row.has("wrists"))
            out.wrist = sides(row, "wrists");
        if (row.has("knees"))
            out.kneePole = sides(row, "knees");
        if (row.has("hands"))
            out.hand = sides(row, "hands");
        if (row.has("feet_yaw")) {
            const auto both = numbers(row, "feet_yaw", 2);
            out.footYaw[kRight] = both[0];
            out.footYaw[kLeft] = both[1];
        }
        if (row.has("elbow"))
            out.elbowPole[kRight] = place(numbers(row, "elbow", 3));
        if (row.has("free_elbow"))
            out.elbowPole[kLeft] = place(numbers(row, "free_elbow", 3));
        if (row.has("implement"))
            out.implement = place(numbers(row, "implement", 3));
        if (row.has("face"))
            out.face = place(numbers(row, "face", 3));
        out.footPitch = static_cast<float>(row.number("feet", 0, -90, 90));
        if (row.has("points"))
            for (const auto& entry : row.at("points").json().items()) {
                if (entry.value().is_string())
                    out.held[entry.key()] = entry.value().get<std::string>();
                else
                    out.points[entry.key()] = place(numbers(row.at("points"), entry.key(), 3));
            }
        if (row.has("arrives"))
            for (const auto& entry : row.at("arrives").json().items()) {
                const auto part = std::find(kPartNames.begin(), kPartNames.end(), entry.key());
                if (part == kPartNames.end())
                    row.faultAt("arrives", "legs, hips, trunk, arm, hand, implement or free_arm", entry.key());
                else
                    out.arrives[static_cast<std::size_t>(part - kPartNames.begin())] =
                        static_cast<float>(row.at("arrives").requiredNumber(entry.key(), -.9, 3));
            }
        return out;
    }

    /// An event is where the posture of its name is, unless the take says more: ["split", 0.2] is 0.2 s after one,
    /// {"fastest": "right_elbow", "from": …, "to": …} where a joint is fastest between two.
    void readEvents(const JsonNode& node, PostureTake& take) {
        const auto known = [&](const std::string& id) {
            return std::any_of(take.postures.begin(), take.postures.end(),
                               [&](const Posture& posture) { return posture.id == id; });
        };
        if (node.has("rows"))
            take.events.clear();
        for (const EventDef& event : pack_.events)
            if (known(event.id) && !take.events.contains(event.id))
                take.events[event.id] = {EventAt::How::At, event.id, {}, 0, {}};
        if (node.has("events")) {
            const JsonNode events = node.at("events");
            for (const auto& [id, value] : events.json().items()) {
                EventAt at;
                if (!pack_.event(id))
                    events.faultAt(id, "an event of the pack", id);
                if (value.is_null()) {
                    take.events.erase(id);
                    continue;
                }
                if (value.is_array() && value.size() == 2 && value[0].is_string() && value[1].is_number()) {
                    at = {EventAt::How::At, value[0].get<std::string>(), {}, value[1].get<float>(), {}};
                } else {
                    const JsonNode own = events.at(id);
                    if (!own.expectObject({"fastest", "lowest", "from", "to"}))
                        continue;
                    at.how = own.has("fastest") ? EventAt::How::Fastest : EventAt::How::Lowest;
                    at.joint = own.text(own.has("fastest") ? "fastest" : "lowest");
                    at.from = own.text("from");
                    at.to = own.text("to");
                }
                take.events[id] = at;
            }
        }
        for (const auto& [id, at] : take.events)
            for (const std::string& name : {at.from, at.to})
                if (!name.empty() && !known(name))
                    node.faultAt("events", "a posture of the take, for " + id, name);
    }

    std::vector<JsonFault>& faultsOf(const JsonNode&) { return noted_; }
    /// Faults found in rows that were put together here are the file's too.
    void note(const JsonNode& node) {
        for (const JsonFault& fault : noted_)
            node.fault(fault.path + ": " + fault.expected, fault.got);
        noted_.clear();
    }

    const JsonNode& node_;
    const Pack& pack_;
    PostureTakes out_;
    std::map<std::string, Json> rows_;
    std::vector<JsonFault> noted_;
};

} // namespace

PostureTakes readPostureTakes(const JsonNode& node, const Pack& pack) { return PostureReader(node, pack).read(); }

} // namespace riflesso::simcam
