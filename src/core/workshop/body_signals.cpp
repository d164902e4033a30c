#include "core/workshop/body_signals.h"

#include <algorithm>
#include <array>

namespace riflesso {
namespace {

struct JointRow {
    Joint joint;
    std::string_view a, b, c;
};
constexpr std::array kJoints = {
    JointRow{Joint::Knee, "hip", "knee", "ankle"}, JointRow{Joint::Elbow, "shoulder", "elbow", "wrist"},
    JointRow{Joint::Hip, "shoulder", "hip", "knee"}, JointRow{Joint::Ankle, "knee", "ankle", "toe"},
    JointRow{Joint::Wrist, "elbow", "wrist", "hand"}};
/// From the lower to the upper end where a body stands.
constexpr std::array<std::pair<std::string_view, std::string_view>, 7> kSegments = {{{"ankle", "knee"},
                                                                                     {"knee", "hip"},
                                                                                     {"hip", "shoulder"},
                                                                                     {"elbow", "shoulder"},
                                                                                     {"wrist", "elbow"},
                                                                                     {"mid_hip", "mid_shoulder"},
                                                                                     {"toe", "heel"}}};

/// The side a name says: "left_knee" is of the left one.
std::string sideOf(const PointRef& point) {
    if (!point.role.empty())
        return point.role;
    return point.part.starts_with("left_") ? "left" : point.part.starts_with("right_") ? "right" : "";
}
std::string_view partOf(const PointRef& point) {
    const std::string_view part = point.part;
    return part.starts_with("left_") ? part.substr(5) : part.starts_with("right_") ? part.substr(6) : part;
}

MeasureDef of(Kind kind, std::vector<PointRef> points) {
    MeasureDef def;
    def.kind = kind;
    def.points = std::move(points);
    def.unit = std::string(rowOf(kind).units.list[0]);
    return def;
}
MeasureDef inLengths(MeasureDef def, const LengthUnit& unit) {
    def.in = unit;
    def.unit = std::string(rowOf(def.kind).units.list[unit.metres ? 0 : 1]);
    return def;
}

} // namespace

std::vector<PointRef> markedPoints(const Pack& pack, const std::vector<Trial>& trials) {
    constexpr std::size_t kFewest = 10; // marks of a repetition: fewer carry no signal
    const auto everywhere = [&](const PointRef& point) {
        return !trials.empty() && std::all_of(trials.begin(), trials.end(), [&](const Trial& trial) {
            const auto marks = trial.marks.find(resolvePoint(point, resolveRoles(pack, trial)));
            return marks != trial.marks.end() && marks->second.size() >= kFewest;
        });
    };
    std::vector<PointRef> out;
    for (const PointRef& point : pack.marked)
        if (everywhere(point))
            out.push_back(point);
    for (const char* part : {"hip", "shoulder", "ankle"})
        if (everywhere({std::string("left_") + part, {}}) && everywhere({std::string("right_") + part, {}}))
            out.push_back({std::string("mid_") + part, {}});
    return out;
}

std::optional<LengthUnit> bodyLength(const std::vector<PointRef>& points) {
    const auto find = [&](std::string_view part, const std::string& side) -> const PointRef* {
        for (const PointRef& point : points)
            if (partOf(point) == part && (side.empty() || sideOf(point) == side))
                return &point;
        return nullptr;
    };
    if (const PointRef* low = find("mid_hip", {}), *high = find("mid_shoulder", {}); low && high)
        return LengthUnit{false, *low, *high};
    for (const auto& [a, b] : {std::pair("hip", "shoulder"), {"hip", "knee"}, {"shoulder", "elbow"}, {"knee", "ankle"}})
        for (const PointRef& point : points)
            if (partOf(point) == a)
                if (const PointRef* other = find(b, sideOf(point)))
                    return LengthUnit{false, point, *other};
    return {};
}

std::optional<Joint> jointOf(const PointRef& a, const PointRef& b, const PointRef& c) {
    if (sideOf(a) != sideOf(b) || sideOf(b) != sideOf(c))
        return {};
    for (const JointRow& row : kJoints)
        if (partOf(a) == row.a && partOf(b) == row.b && partOf(c) == row.c)
            return row.joint;
    return {};
}

std::vector<MeasureDef> bodySignals(const std::vector<PointRef>& points, const std::optional<LengthUnit>& unit,
                                    View view) {
    std::vector<MeasureDef> out;
    const auto each = [&](std::string_view part, const std::string& side, const auto& call) {
        for (const PointRef& point : points)
            if (partOf(point) == part && sideOf(point) == side)
                call(point);
    };
    for (const PointRef& a : points) {
        for (const JointRow& row : kJoints)
            if (partOf(a) == row.a)
                each(row.b, sideOf(a), [&](const PointRef& b) {
                    each(row.c, sideOf(a), [&](const PointRef& c) {
                        MeasureDef bend = of(Kind::Flexion, {a, b, c});
                        bend.joint = row.joint;
                        out.push_back(std::move(bend));
                    });
                });
        if (view != View::Top)
            for (const auto& [low, high] : kSegments)
                if (partOf(a) == low)
                    each(high, sideOf(a), [&](const PointRef& b) {
                        MeasureDef lean = of(Kind::SegmentAngle, {a, b});
                        lean.against = "vertical";
                        out.push_back(std::move(lean));
                    });
    }
    if (!unit)
        return out;
    for (const PointRef& point : points)
        out.push_back(inLengths(of(Kind::Speed, {point}), *unit));
    // Heights and ways along the movement: of every point against the middle of the body, and of a pair of limbs
    // against each other; an implement against every point.
    const auto isOwn = [](const PointRef& point) {
        return point.role.empty() && !isAnatomical(point.part) && !isDerived(point.part);
    };
    for (std::size_t i = 0; i < points.size(); ++i)
        for (std::size_t k = 0; k < points.size(); ++k) {
            const PointRef &from = points[i], &to = points[k];
            const bool pair = partOf(from) == partOf(to) && i < k,
                       toBody = from.part == "mid_hip" || from.part == "mid_shoulder" || from == unit->a ||
                                partOf(from) == "ankle",
                       implement = isOwn(to) && !isOwn(from);
            if (i == k || !(pair || toBody || implement))
                continue;
            for (Axis axis : {Axis::Up, Axis::Forward, Axis::Lateral})
                if (axisIndex(view, axis)) {
                    MeasureDef offset = inLengths(of(Kind::Offset, {from, to}), *unit);
                    offset.axis = axis;
                    out.push_back(std::move(offset));
                }
            if (pair || implement)
                out.push_back(inLengths(of(Kind::Distance, {from, to}), *unit));
        }
    return out;
}

} // namespace riflesso
