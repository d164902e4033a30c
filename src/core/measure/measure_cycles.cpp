#include "core/measure/measure_cycles.h"

#include "core/measure/view_spread.h"
#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/signal/trajectory.h"

#include <algorithm>
#include <cmath>

namespace riflesso {

namespace {

/// Speed of a landmark along the way forward at an event, pixels a second; 0 where too few frames are marked to tell.
double forwardSpeed(const MeasureContext& context, const InstantPlan& plan, int forward, int landmark,
                    const TrialEvent& event) {
    const auto ran = context.runs.over({plan.landmarks[static_cast<std::size_t>(landmark)]}, event.timeS, event.timeS);
    const SharedRun* whole = std::get_if<SharedRun>(&ran);
    if (!whole)
        return 0;
    std::vector<double> along;
    for (Eigen::Index i = 0; i < (*whole)->coordinates.rows(); ++i)
        along.push_back(plan.fold.row(forward, (*whole)->coordinates(i, 0), (*whole)->coordinates(i, 1)));
    return valueAt((*whole)->run.timesS, velocities((*whole)->run.timesS, along), event.timeS);
}

} // namespace

MeasureValue measureCycles(const MeasureContext& context, const MeasureDef& def) {
    MeasureValue out;
    const std::string& startId = context.pack.events.front().id;
    std::vector<TrialEvent> starts;
    std::copy_if(
        context.trial.events.begin(), context.trial.events.end(), std::back_inserter(starts),
        [&](const TrialEvent& event) { return event.event == startId || event.event == context.pack.cycleEnd; });
    std::sort(starts.begin(), starts.end(), [](const TrialEvent& a, const TrialEvent& b) { return a.timeS < b.timeS; });
    if (starts.size() < 2 || starts.back().timeS <= starts.front().timeS) {
        out.reason = reasons::kFewStarts(context.eventTitle(startId));
        return out;
    }
    const TrialEvent &first = starts.front(), &last = starts.back();
    const double cycles = static_cast<double>(starts.size()) - 1, timeS = last.timeS - first.timeS;
    const double timeU = std::hypot(first.uS, last.uS);
    out.events = {startId};
    out.frames = {static_cast<int>(std::lround(first.frame)), static_cast<int>(std::lround(last.frame))};
    static_assert(kinds::areAll<MeasuredBy::Cycles, Kind::Rate, Kind::CycleLength, Kind::CycleSpeed>());
    if (def.kind == Kind::Rate) {
        constexpr double kMinute = 60;
        out.value = kMinute * cycles / timeS;
        out.u = *out.value * timeU / timeS;
        out.budget.push_back({sources::kEndTimes(context.eventTitle(startId)), out.u});
        out.notes.push_back(notes::kOneCycle(context.eventTitle(startId)));
        return out;
    }
    const auto planned = planInstant(context.pack, def, context.trial, context.sides);
    const auto scaled = scaleOf(context, def);
    if (const Reason* reason = std::get_if<Reason>(&planned)) {
        out.reason = *reason;
        return out;
    }
    if (const Reason* reason = std::get_if<Reason>(&scaled)) {
        out.reason = *reason;
        return out;
    }
    const InstantPlan& plan = std::get<InstantPlan>(planned);
    const LengthScale& scale = std::get<LengthScale>(scaled);
    out.landmarks = plan.landmarks;
    const auto forward = axisIndex(plan.view, Axis::Forward);
    if (!forward) {
        out.reason = reasons::kForwardNotSeen(wordNamed(toString(plan.view)));
        return out;
    }
    double travel = 0, variance = 0, speedFirst = 0, speedLast = 0; // pixels, and pixels a second along the way
    PixelPoint seen;                                                // the travel as the picture has it
    for (const auto& [landmark, weight] : plan.points[0].parts) {
        const std::string& name = plan.landmarks[static_cast<std::size_t>(landmark)];
        const auto from = markAt(context.trial, name, first.frame), to = markAt(context.trial, name, last.frame);
        if (!from || !to) {
            out.reason = reasons::kNotMarkedAtEnds(landmarkNamed(name), context.eventTitle(startId));
            return out;
        }
        travel += weight * plan.fold.row(*forward, to->at.x - from->at.x, to->at.y - from->at.y);
        // What a landmark's marks share over the trial cancels between its two places.
        speedFirst += weight * forwardSpeed(context, plan, *forward, landmark, first);
        speedLast += weight * forwardSpeed(context, plan, *forward, landmark, last);
        const double u2 = (from->sigmaPx * from->sigmaPx + to->sigmaPx * to->sigmaPx) / 2;
        variance += weight * weight * u2 * plan.fold.stretch() * plan.fold.stretch();
        seen.x += weight * (to->at.x - from->at.x);
        seen.y += weight * (to->at.y - from->at.y);
    }
    const bool length = def.kind == Kind::CycleLength;
    const double per = length ? cycles : timeS;
    out.value = std::abs(travel) / scale.pixels / per;
    const double marksU = std::sqrt(variance) / scale.pixels / per, unitU = *out.value * scale.relativeU;
    // While a start moves in time the point goes on, and in the speed the time changes too.
    const double mean = length ? 0 : travel / timeS;
    const double startU = std::hypot((speedFirst - mean) * first.uS, (speedLast - mean) * last.uS) / scale.pixels / per;
    out.budget = {
        {sources::kMarks, marksU}, {sources::kUnit, unitU}, {sources::kEndTimes(context.eventTitle(startId)), startU}};
    out.u = std::sqrt(marksU * marksU + unitU * unitU + startU * startU);
    if (scale.shared)
        out.sharedU = unitU;
    addViewSpread(
        context, def, plan, scale, Leans::Path,
        [&](const InstantPlan& leaning, double unitPixels) {
            return std::abs(leaning.fold.row(*forward, seen.x, seen.y)) / unitPixels / per;
        },
        out);
    out.notes.push_back(notes::kCameraStill);
    return out;
}

} // namespace riflesso
