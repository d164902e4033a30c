#include "core/measure/instant.h"

#include "core/points/body_mass.h"

#include <algorithm>
#include <set>

namespace riflesso {

bool isInstantKind(Kind kind) {
    switch (kind) {
    case Kind::Angle:
    case Kind::Flexion:
    case Kind::SegmentAngle:
    case Kind::LineAngle:
    case Kind::Clock:
    case Kind::Distance:
    case Kind::Offset:
    case Kind::Ratio:
    case Kind::Stack:
    case Kind::Speed:
    case Kind::Turn:
        return true;
    default:
        return false;
    }
}

bool needsLengthUnit(const MeasureDef& def) {
    switch (def.kind) {
    case Kind::Distance:
    case Kind::Offset:
    case Kind::Stack:
    case Kind::Speed:
    case Kind::Dwell:
    case Kind::PathLength:
    case Kind::Reversals:
    case Kind::Steadiness:
    case Kind::CycleLength:
    case Kind::CycleSpeed:
        return true;
    default:
        return false;
    }
}

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
            return "which side is " + ref.role + " could not be told from the marks";
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
        return "more than " + std::to_string(kMaxInputs) + " landmarks in one measure";
    plan.points.push_back(term);
    return {};
}

std::string viewWords(View view) { return std::string(toString(view)) + " view"; }

} // namespace

std::variant<InstantPlan, Reason> planInstant(const Pack& pack, const MeasureDef& def, const Trial& trial,
                                              const std::map<std::string, Side>& sides) {
    const View view = trial.capture.view;
    if (!def.views.empty() && std::find(def.views.begin(), def.views.end(), view) == def.views.end())
        return "not valid in a " + viewWords(view) + ": film from the " + std::string(toString(def.views[0]));
    const auto fold = Fold::of(trial, &pack);
    if (!fold)
        return Reason("the line \"ahead\" is not marked in this top view");
    InstantPlan plan;
    plan.def = &def;
    plan.fold = *fold;
    plan.view = view;
    plan.ownPoints = def.points.size();
    std::vector<PointRef> refs = def.points;
    refs.insert(refs.end(), def.otherPoints.begin(), def.otherPoints.end());
    if (def.kind == Kind::SegmentAngle && def.against != "horizontal" && def.against != "vertical")
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
            return "the axis " + std::string(toString(condition.axis)) + " is not seen in a " + viewWords(view);
    }
    for (const PointRef& ref : refs)
        if (const auto reason = addPoint(plan, ref, trial, sides))
            return *reason;

    if (def.kind == Kind::Stack) {
        plan.axis = axisIndex(view, view == View::Side ? Axis::Forward : Axis::Lateral);
        if (view == View::Top)
            return "no plumb line in a " + viewWords(view);
    } else if (def.axis) {
        plan.axis = axisIndex(view, *def.axis);
        if (!plan.axis)
            return "the axis " + std::string(toString(*def.axis)) + " is not seen in a " + viewWords(view);
    }
    if (def.kind == Kind::Flexion && view != View::Side && def.joint != Joint::Knee && def.joint != Joint::Elbow &&
        def.joint != Joint::Wrist)
        return "this joint's bend has no sign in a " + viewWords(view) + ": film from the side";
    if (def.kind == Kind::SegmentAngle && view == View::Top && (def.against == "vertical"))
        return "no vertical in a " + viewWords(view);
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

std::vector<double> criticalLengths(const InstantPlan& plan, const std::vector<Vec<double>>& in) {
    std::vector<Vec<double>> p;
    for (const PointTerm& term : plan.points)
        p.push_back(detail::foldedPoint(plan, term, in));
    const auto length = [&](std::size_t a, std::size_t b) { return std::hypot(p[b].x - p[a].x, p[b].y - p[a].y); };
    switch (plan.def->kind) {
    case Kind::Angle:
    case Kind::Flexion:
        return {length(0, 1), length(1, 2)};
    case Kind::SegmentAngle:
    case Kind::Clock:
        return p.size() > 3 ? std::vector<double>{length(0, 1), length(2, 3)} : std::vector<double>{length(0, 1)};
    case Kind::LineAngle:
        return {length(0, 1), length(2, 3)};
    case Kind::Ratio:
        if (plan.axis)
            return {std::abs(*plan.axis == 0 ? p[3].x - p[2].x : p[3].y - p[2].y)};
        return {length(2, 3)};
    default:
        return {};
    }
}

} // namespace riflesso
