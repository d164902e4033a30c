#include "core/workshop/measure_offers.h"

#include "core/workshop/body_signals.h"
#include "core/workshop/model_ranges.h"

#include <cctype>
#include <functional>

namespace riflesso {
namespace {

std::string capital(std::string text) {
    if (!text.empty())
        text[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(text[0])));
    return text;
}

Level levelOf(const PointRef& point) {
    std::string_view part = point.part;
    for (std::string_view side : {"left_", "right_", "mid_"})
        if (part.starts_with(side))
            part.remove_prefix(side.size());
    constexpr std::pair<std::string_view, Level> kLevels[] = {
        {"toe", Level::Foot},      {"heel", Level::Foot},   {"ankle", Level::Ankle},       {"knee", Level::Knee},
        {"hip", Level::Hip},       {"elbow", Level::Elbow}, {"shoulder", Level::Shoulder}, {"wrist", Level::Wrist},
        {"hand", Level::Hand},     {"nose", Level::Head},   {"eye", Level::Head},          {"ear", Level::Head},
        {"head_top", Level::Head}, {"neck", Level::Trunk}};
    for (const auto& [word, level] : kLevels)
        if (part == word)
            return level;
    return isAnatomical(point.part) || isDerived(point.part) || !point.role.empty() ? Level::Whole : Level::Implement;
}

class Offers {
public:
    Offers(const Pack& pack, const PointedAt& at, View view) : pack_(pack), at_(at), view_(view) {
        unit_ = bodyLength(at.marked);
        if (at.events.size() == 1 && pack.event(at.events[0])) {
            moment_ = at.events[0];
            when_ = pack.event(moment_)->title;
        } else if (const PhaseDef* phase =
                       pack.phase(at.phase.empty() && !pack.phases.empty() ? pack.phases[0].id : at.phase)) {
            over_ = phase->id;
            when_ = phase->title;
        }
    }

    std::vector<MeasureDef> made() {
        if (at_.points.empty())
            at_.events.size() == 2 ? time() : rate();
        if (moment_.empty() && over_.empty())
            return std::move(out_);
        switch (at_.points.size()) {
        case 1:
            ofPoint(at_.points[0]);
            break;
        case 2:
            between(at_.points[0], at_.points[1]);
            break;
        case 3:
            bend();
            break;
        case 4:
            lines();
            break;
        default:
            break;
        }
        return std::move(out_);
    }

private:
    [[nodiscard]] std::string name(const PointRef& point) const { return titleOf(pack_, point); }

    void add(Kind kind, std::vector<PointRef> points, const std::string& title, Level level,
             const std::function<void(MeasureDef&)>& more = {}, Stat stat = Stat::Maximum) {
        const KindRow& row = rowOf(kind);
        MeasureDef def;
        def.kind = kind;
        def.points = std::move(points);
        def.level = level;
        if (needsLengthUnit(kind)) {
            if (!unit_)
                return;
            def.in = *unit_;
        }
        def.unit = std::string(row.units.list[row.units.size() > 1 && needsLengthUnit(kind) ? 1 : 0]);
        if (more)
            more(def);
        std::string prefix;
        if (isPathKind(kind)) {
            if (over_.empty())
                return;
            def.over = over_;
        } else if (row.taken != TakenAt::ByItsArguments) {
            def.at = moment_;
            if (moment_.empty()) {
                def.over = over_;
                if (kind != Kind::Heading) { // one way through the phase
                    def.stat = stat;
                    prefix = stat == Stat::Minimum ? "least " : "largest ";
                }
            }
        }
        if (def.axis && !axisIndex(view_, *def.axis))
            return;
        def.title = capital(prefix + title) + (def.at.empty() && def.over.empty() ? "" : ", " + when_);
        def.tolerance = toleranceFloor(def.unit);
        if (row.valid != ValidIn::AllViews || def.axis || row.camera.square)
            def.views = {view_}; // as it was made; the analyst may widen it
        out_.push_back(std::move(def));
    }

    void time() {
        const EventDef *from = pack_.event(at_.events[0]), *to = pack_.event(at_.events[1]);
        if (!from || !to || from == to)
            return;
        MeasureDef def;
        def.kind = Kind::Interval;
        def.fromEvent = from->id;
        def.toEvent = to->id;
        def.unit = "s";
        def.tolerance = toleranceFloor(def.unit);
        // A cycle goes on: what comes earlier in it comes next in the one after.
        const bool next = pack_.family == Family::Cyclic && pack_.eventIndex(to->id) < pack_.eventIndex(from->id);
        def.title = "Time from " + from->title + " to " + (next ? "next " : "") + to->title;
        out_.push_back(std::move(def));
    }

    void rate() {
        if (pack_.family != Family::Cyclic)
            return;
        MeasureDef def;
        def.kind = Kind::Rate;
        def.unit = "1/min";
        def.tolerance = toleranceFloor(def.unit);
        def.title = "Cycles a minute";
        out_.push_back(std::move(def));
    }

    void ofPoint(const PointRef& point) {
        const Level level = levelOf(point);
        add(Kind::Speed, {point}, "speed of " + name(point), level);
        if (view_ != View::Top)
            add(Kind::Heading, {point}, "direction in which " + name(point) + " goes, against the level", level,
                [](MeasureDef& def) { def.against = "horizontal"; });
        for (const LineDef& line : pack_.lines)
            add(Kind::Heading, {point}, "direction in which " + name(point) + " goes, against " + line.title, level,
                [&line](MeasureDef& def) { def.against = line.id; });
        add(Kind::PathLength, {point}, "way of " + name(point), level);
        add(Kind::Straightness, {point}, "straightness of the way of " + name(point), level);
        add(Kind::Steadiness, {point}, "stillness of " + name(point), level);
        if (pack_.family == Family::Cyclic) {
            add(Kind::CycleLength, {point}, "length of a cycle by " + name(point), level);
            add(Kind::CycleSpeed, {point}, "speed over a cycle by " + name(point), level);
        }
    }

    void between(const PointRef& a, const PointRef& b) {
        const Level level = levelOf(b);
        const std::string both = name(a) + " to " + name(b);
        const auto axis = [](Axis which) { return [which](MeasureDef& def) { def.axis = which; }; };
        if (view_ != View::Top)
            add(Kind::SegmentAngle, {a, b}, "lean of " + both, level,
                [](MeasureDef& def) { def.against = "vertical"; });
        for (const LineDef& line : pack_.lines)
            add(Kind::SegmentAngle, {a, b}, both + " against " + line.title, level,
                [&line](MeasureDef& def) { def.against = line.id; });
        add(Kind::Offset, {a, b}, "height of " + name(b) + " over " + name(a), level, axis(Axis::Up));
        add(Kind::Offset, {a, b}, name(b) + " ahead of " + name(a), level, axis(Axis::Forward));
        add(Kind::Offset, {a, b}, name(b) + " to the dominant side of " + name(a), level, axis(Axis::Lateral));
        add(Kind::Distance, {a, b}, "distance " + both, level);
        add(Kind::Speed, {b}, "speed of " + name(b) + " seen from " + name(a), level,
            [&a](MeasureDef& def) { def.relativeTo = a; });
    }

    void bend() {
        const PointRef &a = at_.points[0], &b = at_.points[1], &c = at_.points[2];
        for (const auto& [first, last] : {std::pair(a, c), {c, a}})
            if (const auto joint = jointOf(first, b, last)) {
                add(Kind::Flexion, {first, b, last}, "bend of " + name(b), levelOf(b),
                    [&joint = *joint](MeasureDef& def) { def.joint = joint; });
                break;
            }
        add(Kind::Angle, {a, b, c}, "angle at " + name(b) + " between " + name(a) + " and " + name(c), levelOf(b));
    }

    void lines() {
        const auto& p = at_.points;
        add(Kind::LineAngle, {p[0], p[1]},
            "line " + name(p[0]) + " to " + name(p[1]) + " against " + name(p[2]) + " to " + name(p[3]), levelOf(p[1]),
            [&](MeasureDef& def) {
                def.otherPoints = {p[2], p[3]};
            });
    }

    const Pack& pack_;
    const PointedAt& at_;
    View view_;
    std::optional<LengthUnit> unit_;
    std::string moment_, over_, when_;
    std::vector<MeasureDef> out_;
};

} // namespace

std::string titleOf(const Pack& pack, const PointRef& point) {
    for (const OwnPoint& own : pack.points)
        if (own.id == point.part)
            return own.title;
    const std::string part = inWords(point.part);
    if (point.role.empty())
        return part;
    const auto role = pack.roles.find(point.role);
    if (role != pack.roles.end())
        switch (role->second.kind) {
        case RoleRule::Kind::Dominant:
            return "dominant " + part;
        case RoleRule::Kind::Other:
            return "other " + part;
        case RoleRule::Kind::Left:
            return "left " + part;
        case RoleRule::Kind::Right:
            return "right " + part;
        case RoleRule::Kind::Near:
            return "near " + part;
        case RoleRule::Kind::Far:
            return "far " + part;
        case RoleRule::Kind::FrontAt:
            return "front " + part;
        case RoleRule::Kind::RearAt:
            return "rear " + part;
        }
    return point.role + " " + part;
}

std::vector<MeasureDef> offersFor(const Pack& pack, const PointedAt& at, View view) {
    return Offers(pack, at, view).made();
}

} // namespace riflesso
