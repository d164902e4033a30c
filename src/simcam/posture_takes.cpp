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
            if (implement.expectObject({"point", "length"})) {
                out_.implement = implement.id("point");
                out_.implementLength = static_cast<float>(implement.requiredNumber("length", .05, 2));
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
    Posture posture(const JsonNode& row) {
        Posture out;
        if (!row.expectObject({"id", "t", "hips", "yaw", "lean", "head", "ankles", "wrists", "elbow", "free_elbow",
                               "knees", "hands", "implement", "feet", "feet_yaw", "points", "arrives"}))
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

void afloat(Pose& pose) {
    pose.pelvis.x -= kPoolDeep; // told as if standing: what it faces is down
    for (Vec3& ankle : pose.ankle)
        ankle.x -= kPoolDeep;
}

Pose poseIn(const PostureTakes& takes, const Posture& posture) {
    Pose pose = poseOf(posture, takes.implementLength);
    pose.prone = takes.prone;
    pose.boxes = takes.boxes;
    for (const auto& [from, to] : takes.rods)
        if (posture.points.contains(from) && posture.points.contains(to))
            pose.rods.emplace_back(posture.points.at(from), posture.points.at(to));
    return pose;
}

namespace {

/// Joints of the body in the room, of a right-hander, and the middles of the hands.
std::map<std::string, Vec3> jointsAt(const PostureTakes& takes, const Posture& posture) {
    const Pose pose = poseIn(takes, posture);
    const Joints joints = buildBody(pose, 0).joints;
    std::map<std::string, Vec3> out = byName(joints);
    out["chin"] = joints.chin;
    for (const char* part : {"hip", "shoulder", "ankle"})
        out[std::string("mid_") + part] = mix(out[std::string("left_") + part], out[std::string("right_") + part], .5f);
    constexpr float kPalm = .06f;
    for (const std::size_t side : {kLeft, kRight}) {
        const Vec3 told = pose.handDirection[side], way = pose.prone ? Vec3{told.y, -told.x, told.z} : told;
        out[side == kLeft ? "left_hand" : "right_hand"] = joints.wrist[side] + unit(way) * kPalm;
    }
    if (!takes.implement.empty())
        out[takes.implement] = joints.tip;
    return out;
}

} // namespace

std::map<std::string, Vec3> placesAt(const PostureTakes& takes, const Postures& postures, float t, bool leftHanded) {
    const Posture now = postureAt(postures, t);
    std::map<std::string, Vec3> out = jointsAt(takes, now);
    for (const auto& [name, own] : takes.on)
        if (out.contains(own.from) && out.contains(own.towards))
            out[name] = out[own.from] + unit(out[own.towards] - out[own.from]) * own.by;
    for (const auto& [name, at] : now.points)
        out[name] = at;
    // What lies at a joint at both postures goes with it; what is caught or let go of is straight between.
    std::size_t i = 0;
    while (i + 2 < postures.size() && t >= postures[i + 1].t)
        ++i;
    const Posture &a = postures[i], &b = postures[i + 1];
    for (const Posture* own : {&a, &b})
        for (const auto& [name, joint] : own->held) {
            const auto placeIn = [&, &name = name](const Posture& posture) -> std::optional<Vec3> {
                if (const auto at = posture.points.find(name); at != posture.points.end())
                    return at->second;
                const auto held = posture.held.find(name);
                if (held == posture.held.end())
                    return {};
                const auto there = jointsAt(takes, posture);
                const auto at = there.find(held->second);
                return at == there.end() ? std::nullopt : std::optional(at->second);
            };
            const auto from = a.held.find(name), to = b.held.find(name);
            if (from != a.held.end() && to != b.held.end() && from->second == to->second && out.contains(joint)) {
                out[name] = out[joint];
            } else if (const auto first = placeIn(a), last = placeIn(b); first && last) {
                out[name] = mix(*first, *last, std::clamp((t - a.t) / (b.t - a.t), 0.f, 1.f));
            }
        }
    if (!leftHanded)
        return out;
    std::map<std::string, Vec3> mirror;
    for (const auto& [name, at] : out) {
        std::string other = name;
        if (name.starts_with("left_"))
            other.replace(0, 4, "right");
        else if (name.starts_with("right_"))
            other.replace(0, 5, "left");
        mirror[isAnatomical(other) || other.ends_with("_hand") ? other : name] = {at.x, at.y, -at.z};
    }
    return mirror;
}

bool isMarked(const Pack& pack, const std::string& landmark) {
    const std::string part = landmark.substr(std::min(landmark.size(), landmark.find('_') + 1));
    return std::any_of(pack.points.begin(), pack.points.end(),
                       [&](const OwnPoint& own) { return own.id == landmark; }) ||
           (isAnatomical(landmark) && std::any_of(pack.marked.begin(), pack.marked.end(), [&](const PointRef& ref) {
                return ref.part == landmark || (!ref.role.empty() && ref.part == part);
            }));
}

namespace {

/// A long lens, level, before the middle of the movement; above it for the view from the top.
PixelPoint seen(Vec3 at, Vec3 centre, View view, double bearingDeg) {
    const Vec3 p = turnedAboutY(at - centre, -static_cast<float>(bearingDeg) * kRadians);
    const auto [x, y, towards] = view == View::Side    ? std::tuple{p.x, p.y, p.z}
                                 : view == View::Rear  ? std::tuple{p.z, p.y, -p.x}
                                 : view == View::Front ? std::tuple{-p.z, p.y, p.x}
                                                       : std::tuple{p.z, p.x, p.y};
    const float scale = kTakeTallPx * kTakeAway / (kTakeAway - towards);
    constexpr double kMiddleX = 960, kMiddleY = 540;
    return {kMiddleX + static_cast<double>(scale * x), kMiddleY - static_cast<double>(scale * y)};
}

} // namespace

std::vector<double> eventTimes(const PostureTakes& takes, const Postures& postures, const EventAt& at) {
    const auto timeOf = [&](const std::string& id) {
        return std::find_if(postures.begin(), postures.end(), [&](const Posture& p) { return p.id == id; })->t;
    };
    if (at.how == EventAt::How::At) {
        std::vector<double> out;
        for (const Posture& posture : postures)
            if (posture.id == at.from)
                out.push_back(static_cast<double>(posture.t + at.afterS));
        return out;
    }
    const float from = timeOf(at.from), to = timeOf(at.to);
    constexpr float kStep = .002f;
    double best = -1e9, bestAt = static_cast<double>(from);
    const int steps = static_cast<int>((to - from) / kStep);
    for (int step = 0; step <= steps; ++step) {
        const float t = from + static_cast<float>(step) * kStep;
        const auto here = placesAt(takes, postures, t, false), next = placesAt(takes, postures, t + kStep, false);
        if (!here.contains(at.joint))
            break;
        const Vec3 a = here.at(at.joint), b = next.at(at.joint);
        const double value = static_cast<double>(at.how == EventAt::How::Fastest ? length(b - a) : -a.y);
        if (value > best)
            best = value, bestAt = static_cast<double>(t);
    }
    return {bestAt};
}

PostureTakes readPostureTakes(const JsonNode& node, const Pack& pack) { return PostureReader(node, pack).read(); }

std::vector<Trial> filmPostures(const PostureTakes& takes, const Pack& pack, const std::string& name,
                                const std::vector<View>& views, int repetitions, std::uint32_t seed, double bearingDeg,
                                bool leftHanded) {
    std::vector<Trial> out;
    const PostureTake& whole = takes.takes.at(name);
    for (int number = 1; number <= repetitions; ++number) {
        const std::size_t part = whole.parts.empty() ? 0
                                                     : static_cast<std::size_t>(number - 1) * whole.parts.size() /
                                                           static_cast<std::size_t>(repetitions);
        const PostureTake& take =
            whole.parts.empty() || whole.parts[part].first == name ? whole : takes.takes.at(whole.parts[part].first);
        const Postures postures =
            varied(take.postures, takes.variation, seed * 1000 + static_cast<std::uint32_t>(number));
        constexpr float kBefore = .25f, kAfter = .35f; // filmed before and after
        const int frames = static_cast<int>((postures.back().t + kBefore + kAfter) * kTakeRate);
        Trial trial;
        trial.number = number;
        trial.observations = whole.observations;
        trial.variant = take.variant;
        if (!whole.parts.empty())
            trial.stress = whole.parts[part].second;
        trial.capture.metresPerPixel = static_cast<double>(kTakeTallM / kTakeTallPx);
        trial.capture.handedness = leftHanded ? Side::Left : Side::Right;
        std::vector<double> times;
        for (int frame = 0; frame < frames; ++frame)
            times.push_back(static_cast<double>(frame) / kTakeRate);
        trial.times = FrameTimes::ofClip(times);
        for (const EventDef& event : pack.events)
            if (const auto at = take.events.find(event.id); at != take.events.end())
                for (const double told : eventTimes(takes, postures, at->second)) {
                    const double timeS = told + static_cast<double>(kBefore);
                    trial.events.push_back(
                        {event.id, timeS * kTakeRate, timeS, eventUncertainty(1.0 / kTakeRate, kDefaultMarkingFrames)});
                }
        // Of a repetition that is one cycle, the second start is its end (single_cycles.h).
        if (!pack.cycleEnd.empty())
            for (bool first = true; TrialEvent & event : trial.events)
                if (event.event == pack.events.front().id && !std::exchange(first, false))
                    event.event = pack.cycleEnd;
        std::sort(trial.events.begin(), trial.events.end(),
                  [](const TrialEvent& a, const TrialEvent& b) { return a.timeS < b.timeS; });
        std::vector<std::map<std::string, Vec3>> places;
        for (int frame = 0; frame < frames; ++frame)
            places.push_back(placesAt(takes, postures, static_cast<float>(frame) / kTakeRate - kBefore, leftHanded));
        const Vec3 centre = mix(places.front().at("mid_hip"), places.back().at("mid_hip"), .5f);
        const std::string id = "r" + std::to_string(number);
        for (const View view : views) {
            Trial filmed = trial;
            const bool first = view == views.front();
            filmed.id = first ? id : id + "-" + std::string(toString(view));
            filmed.sameAs = first ? std::string() : id;
            filmed.capture.view = view;
            if (!first)
                filmed.observations.clear();
            for (int frame = 0; frame < frames; ++frame)
                for (const auto& [landmark, at] : places[static_cast<std::size_t>(frame)])
                    if (isMarked(pack, landmark))
                        filmed.marks[landmark][frame] = {seen(at, centre, view, bearingDeg), defaultSigmaPx(1080), ""};
            out.push_back(std::move(filmed));
        }
    }
    return out;
}

std::vector<std::uint8_t> drawPosture(const PostureTakes& takes, const std::string& name, const std::string& event,
                                      int width, int height) {
    const PostureTake& take = takes.takes.at(name);
    const auto at = static_cast<float>(eventTimes(takes, take.postures, take.events.at(event)).front());
    const Posture posture = postureAt(take.postures, at);
    Pose pose = poseIn(takes, posture);
    if (takes.prone)
        afloat(pose);
    constexpr float kTurn = -.6f; // radians: neither the front nor the side alone
    const Body body = buildBody(pose, kTurn);
    Camera camera;
    camera.width = width;
    camera.height = height;
    camera.focalPx = 2.75f * static_cast<float>(height);
    const Vec3 middle = takes.prone ? mix(mix(body.joints.hip[0], body.joints.hip[1], .5f), body.headCentre, .4f)
                                    : turnedAboutY(pose.pelvis, kTurn);
    camera.at = {middle.x, .52f, middle.z};
    camera.eye = {middle.x, .75f, middle.z + 3.1f};
    if (takes.prone) {
        camera.at.y = .68f;
        camera.eye.y = .5f;
        camera.corner = Corner::Pool;
    }
    return Renderer(camera).render(body, Outfit(), 1);
}

} // namespace riflesso::simcam
