#include "core/measure/instant.h"

#include "core/points/body_mass.h"
#include "core/reasons.h"

#include <algorithm>
#include <set>

namespace riflesso {

namespace {

/// Adds the inputs of a point to the plan; a reason when they cannot be named.
std::optional<Reason> addPoint(InstantPlan& plan, const PointRef& ref, const Trial& trial,
                               const std::map<std::string, Side>& sides) {
    std::vector<std::pair<std::string, double>> inputs;
    if (ref.part == "com") {
        std::set<std::string> marked;
        for (const auto& [landmark, marks] : trial.marks)
            marked.insert(landmark);
        const auto weights = centreOfMassWeights(marked);
        if (const Reason* reason = std::get_if<Reason>(&weights))
            return *reason;
        inputs = std::get<0>(weights);
    } else if (isDerived(ref.part)) {
        const std::string part = ref.part.substr(4);
        inputs = {{"left_" + part, 0.5}, {"right_" + part, 0.5}};
    } else {
        const std::string name = resolvePoint(ref, sides);
        if (name.empty())
            return reasons::kSideUnknown(ref.role);
        inputs = {{name, 1.0}};
    }
    PointTerm term;
    for (const auto& [name, weight] : inputs) {
        const auto found = std::find(plan.landmarks.begin(), plan.landmarks.end(), name);
        term.parts.emplace_back(static_cast<int>(found - plan.landmarks.begin()), weight);
        if (found == plan.landmarks.end())
            plan.landmarks.push_back(name);
    }
    if (plan.landmarks.size() > kMaxInputs)
        return reasons::kManyLandmarks(kMaxInputs);
    plan.points.push_back(term);
    return {};
}

/// The chain of a joint, of a stack; else pairs of points.
std::vector<std::pair<std::size_t, std::size_t>> segmentsOf(const MeasureDef& def, const InstantPlan& plan) {
    std::vector<std::pair<std::size_t, std::size_t>> out;
    constexpr std::size_t kJoint = 3;
    if (rowOf(def.kind).drawn == Drawn::Joint || (def.kind == Kind::AngularSpeed && plan.points.size() == kJoint))
        return {{1, 0}, {1, 2}};
    if (def.kind == Kind::Stack)
        for (std::size_t i = 1; i < plan.ownPoints; ++i)
            out.emplace_back(i - 1, i);
    else
        for (std::size_t i = 1; i < plan.points.size(); i += 2)
            out.emplace_back(i - 1, i);
    return out;
}

/// Of the line from a hip to the shoulder above it: half the difference of the widths over the length of the trunk,
/// from shares of body height 0.259, 0.191 and 0.288 (Drillis & Contini 1966, from memory).
double builtOff(const InstantPlan& plan, const PointTerm& a, const PointTerm& b) {
    constexpr double kTrunkDeg = 7;
    const auto part = [&](const PointTerm& term) -> std::string_view {
        if (term.parts.size() != 1)
            return {};
        const std::string_view name = plan.landmarks[static_cast<std::size_t>(term.parts.front().first)];
        return name.substr(std::min(name.size(), name.find('_') + 1));
    };
    return (part(a) == "hip" && part(b) == "shoulder") || (part(a) == "shoulder" && part(b) == "hip") ? kTrunkDeg : 0;
}

Named named(View view) { return wordNamed(toString(view)); }

} // namespace

std::variant<InstantPlan, Reason> planInstant(const Pack& pack, const MeasureDef& def, const Trial& trial,
                                              const std::map<std::string, Side>& sides) {
    const View view = trial.capture.view;
    if (!def.views.empty() && std::find(def.views.begin(), def.views.end(), view) == def.views.end())
        return reasons::kWrongView(named(view), named(def.views[0]));
    const auto fold = rowOf(def.kind).camera.square ? Fold::of(trial, &pack) : Fold::asSeen(trial, &pack);
    if (!fold)
        return reasons::kNoAhead;
    InstantPlan plan;
    plan.def = &def;
    plan.fold = *fold;
    plan.view = view;
    plan.ownPoints = def.points.size();
    std::vector<PointRef> refs = def.points;
    refs.insert(refs.end(), def.otherPoints.begin(), def.otherPoints.end());
    if (!def.against.empty() && def.against != "horizontal" && def.against != "vertical")
        if (const LineDef* line = pack.line(def.against)) {
            refs.push_back(line->a);
            refs.push_back(line->b);
        }
    for (const auto& group : def.of)
        refs.insert(refs.end(), group.begin(), group.end());
    for (const OverlapCondition& condition : def.overlap) {
        refs.push_back(condition.from);
        refs.push_back(condition.to);
        if (!axisIndex(view, condition.axis))
            return reasons::kAxisNotSeen(wordNamed(toString(condition.axis)), named(view));
    }
    for (const PointRef& ref : refs)
        if (const auto reason = addPoint(plan, ref, trial, sides))
            return *reason;
    if (def.relativeTo) { // the way from that point to the first one
        if (const auto reason = addPoint(plan, *def.relativeTo, trial, sides))
            return *reason;
        for (const auto& [landmark, weight] : plan.points.back().parts)
            plan.points.front().parts.emplace_back(landmark, -weight);
        plan.points.pop_back();
    }
    plan.segments = segmentsOf(def, plan);
    for (const auto& [from, to] : plan.segments)
        plan.builtOffDeg.push_back(builtOff(plan, plan.points[from], plan.points[to]));

    const ValidIn valid = rowOf(def.kind).valid;
    const bool upright =
        valid == ValidIn::NotFromTop || (valid == ValidIn::UprightNotFromTop && def.against == "vertical");
    if (upright && view == View::Top)
        return (def.against.empty() ? reasons::kNoPlumbLine : reasons::kNoVertical)(named(view));
    if (def.kind == Kind::Stack) {
        plan.axis = axisIndex(view, view == View::Side ? Axis::Forward : Axis::Lateral);
    } else if (def.axis) {
        plan.axis = axisIndex(view, *def.axis);
        if (!plan.axis)
            return reasons::kAxisNotSeen(wordNamed(toString(*def.axis)), named(view));
    }
    if (valid == ValidIn::SignedFromSide && view != View::Side && def.joint != Joint::Knee &&
        def.joint != Joint::Elbow && def.joint != Joint::Wrist)
        return reasons::kBendNoSign(named(view));
    return plan;
}

namespace {

template <int count>
ValueAndSlopes differentiated(const InstantPlan& plan, const std::vector<Vec<double>>& in, double unit) {
    using Number = DualOf<count>;
    std::vector<Vec<Number>> variables(in.size());
    for (std::size_t i = 0; i < in.size(); ++i) {
        const int index = static_cast<int>(2 * i);
        variables[i] = {Number::variable(in[i].x, index), Number::variable(in[i].y, index + 1)};
    }
    ValueAndSlopes out;
    const Number value = instantValue(plan, variables, Number::variable(unit, count - 1), &out.offsets);
    out.value = value.v;
    out.unitSlope = value.d.back();
    std::copy(value.d.begin(), value.d.end() - 1, out.slopes.begin());
    return out;
}

} // namespace

ValueAndSlopes valueAndSlopes(const InstantPlan& plan, const std::vector<Vec<double>>& in, double unit) {
    return in.size() <= kFewInputs ? differentiated<kFewDerivatives>(plan, in, unit)
                                   : differentiated<kDerivatives>(plan, in, unit);
}

namespace {

/// What a formula says of these marks.
template <class R, class Call>
R ofFormula(const InstantPlan& plan, const std::vector<Vec<double>>& in, const Call& call) {
    std::vector<Vec<double>> p;
    for (const PointTerm& term : plan.points)
        p.push_back(detail::foldedPoint(plan, term, in));
    const double unit = 1;
    const Placed<double> at{plan, p.data(), unit};
    return withKind<R, MeasuredBy::Places, MeasuredBy::Rates>(plan.def->kind,
                                                              [&](auto kind) { return call(at, kind); });
}

} // namespace

std::vector<double> criticalLengths(const InstantPlan& plan, const std::vector<Vec<double>>& in) {
    return ofFormula<std::vector<double>>(
        plan, in, [](const Placed<double>& at, auto kind) { return InstantFormula<kind()>::critical(at); });
}

bool isStraightOver(const InstantPlan& plan, const std::vector<Vec<double>>& in, double lengthPx) {
    return ofFormula<bool>(plan, in, [&](const Placed<double>& at, auto kind) {
        using Formula = InstantFormula<kind()>;
        auto lengths = Formula::straight(at);
        if (!lengths)
            return false;
        const std::vector<double> critical = Formula::critical(at);
        lengths->insert(lengths->end(), critical.begin(), critical.end());
        return std::all_of(lengths->begin(), lengths->end(), [&](double l) { return l >= lengthPx; });
    });
}

} // namespace riflesso
