#include "core/signal/event_rule.h"

#include "core/measure/filtered_run.h"
#include "core/measure/instant.h"
#include "core/measure/measure_span.h"
#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kRuleWindowS = 0.15;
/// Low-pass of a rule's signal. A rate of noisy marks crosses its threshold early and late: start and stop want a
/// smoother one than extremes do (own choice).
constexpr double kSignalHz = 6, kRestHz = 4;

bool isRest(EventRule::Feature feature) {
    return feature == EventRule::Feature::Start || feature == EventRule::Feature::Stop;
}

std::optional<double> extremum(const RuleSignal& signal, bool largest, const RuleBounds& window) {
    const std::vector<double>&times = signal.timesS, &values = signal.values;
    std::vector<double> t, y;
    for (std::size_t i = 0; i < times.size(); ++i)
        if (window.holds(times[i])) {
            t.push_back(times[i]);
            y.push_back(largest ? values[i] : -values[i]);
        }
    constexpr std::size_t kFewest = 3;
    if (t.size() < kFewest)
        return {};
    const Extremum peak = findMaximum(t, y);
    // A plateau has no instant: the extreme must stand out on both sides of the window by more than noise does (own
    // choice).
    constexpr double kStandsOut = 7;
    if (peak.atEdge || peak.value - std::max(y.front(), y.back()) < kStandsOut * signal.noise)
        return {};
    // A parabola through all samples near it is steadier than one through three.
    constexpr double kNearS = 0.07;
    double n = 0, s1 = 0, s2 = 0, s3 = 0, s4 = 0, b0 = 0, b1 = 0, b2 = 0;
    for (std::size_t i = 0; i < t.size(); ++i) {
        const double x = t[i] - peak.timeS;
        if (std::abs(x) > kNearS)
            continue;
        n += 1, s1 += x, s2 += x * x, s3 += x * x * x, s4 += x * x * x * x;
        b0 += y[i], b1 += x * y[i], b2 += x * x * y[i];
    }
    Eigen::Matrix3d normal;
    normal << n, s1, s2, s1, s2, s3, s2, s3, s4;
    const Eigen::Vector3d c = normal.ldlt().solve(Eigen::Vector3d(b0, b1, b2));
    constexpr double kParabola = 5; // samples
    if (n < kParabola || c[2] >= 0)
        return peak.timeS;
    return peak.timeS + std::clamp(-c[1] / (2 * c[2]), -kNearS, kNearS);
}

/// The crossing in the window nearest to an instant; without one the first start or rise, the last stop or fall.
/// Rest is a share of the fastest rate in the phase that the rule's bounds make.
std::optional<double> crossing(const EventRule& rule, const RuleSignal& signal, const RuleBounds& window,
                               const RuleBounds& phase, std::optional<double> near) {
    const std::vector<double>& times = signal.timesS;
    std::vector<double> values = signal.values;
    double level = rule.level;
    const bool upward = rule.feature == EventRule::Feature::Rise || rule.feature == EventRule::Feature::Start;
    if (isRest(rule.feature)) {
        // A speed is a rate already; of anything else the rate counts.
        if (!signal.isRate)
            values = velocities(times, values);
        double peak = 0;
        for (std::size_t i = 0; i < values.size(); ++i) {
            values[i] = std::abs(values[i]);
            if (phase.holds(times[i]))
                peak = std::max(peak, values[i]);
        }
        level = rule.share * peak;
    }
    std::optional<double> best;
    for (std::size_t i = 1; i < times.size(); ++i) {
        const bool crosses =
            upward ? values[i - 1] < level && values[i] >= level : values[i - 1] > level && values[i] <= level;
        if (!crosses)
            continue;
        const double at =
            times[i - 1] + (times[i] - times[i - 1]) * (level - values[i - 1]) / (values[i] - values[i - 1]);
        if (!window.holds(at))
            continue;
        if (!best || (near ? std::abs(at - *near) < std::abs(*best - *near) : !upward))
            best = at;
    }
    return best;
}

} // namespace

std::optional<RuleSignal> ruleSignal(const Pack& pack, const EventRule& rule, const Trial& trial, double fromS,
                                     double toS, std::optional<double> nearS) {
    const auto sides = resolveRoles(pack, trial);
    const auto planned = planInstant(pack, rule.signal, trial, sides);
    if (std::holds_alternative<Reason>(planned))
        return {};
    const InstantPlan& plan = std::get<InstantPlan>(planned);
    TrialRuns runs(trial, isRest(rule.feature) ? kRestHz : kSignalHz);
    const double centre = nearS.value_or((fromS + toS) / 2);
    const auto ran = runs.over(plan.landmarks, centre, centre);
    const SharedRun* whole = std::get_if<SharedRun>(&ran);
    if (!whole)
        return {};
    double unit = 1;
    if (needsLengthUnit(rule.signal.kind)) {
        const auto scale = lengthScale(rule.signal.in, pack, trial, sides, 0);
        if (const LengthScale* known = std::get_if<LengthScale>(&scale))
            unit = known->pixels;
        else
            return {};
    }
    RuleSignal out;
    out.timesS = (*whole)->run.timesS;
    out.values = valuesAlong(plan, out.timesS, (*whole)->coordinates, unit);
    out.isRate = isRateKind(rule.signal.kind);
    // What the marks' own noise leaves in the signal: the filter's share of what it took away.
    const std::vector<double> raw = valuesAlong(plan, out.timesS, (*whole)->run.raw, unit);
    std::vector<double> taken;
    for (std::size_t i = 0; i < raw.size(); ++i)
        taken.push_back(raw[i] - out.values[i]);
    out.noise = standardDeviation(taken) * (*whole)->bank().level;
    return out;
}

RuleBounds boundByEvents(const EventRule& rule, const Trial& trial, RuleBounds whole) {
    if (const TrialEvent* after = trial.event(rule.after))
        whole.fromS = std::max(whole.fromS, after->timeS);
    if (const TrialEvent* before = trial.event(rule.before))
        whole.toS = std::min(whole.toS, before->timeS);
    return whole;
}

std::optional<double> placeRule(const EventRule& rule, const RuleSignal& signal, const RuleBounds& bounds,
                                std::optional<double> nearS) {
    RuleBounds window = bounds;
    if (nearS)
        window = {std::max(bounds.fromS, *nearS - kRuleWindowS), std::min(bounds.toS, *nearS + kRuleWindowS)};
    if (rule.feature == EventRule::Feature::Maximum || rule.feature == EventRule::Feature::Minimum)
        return extremum(signal, rule.feature == EventRule::Feature::Maximum, window);
    return crossing(rule, signal, window, bounds, nearS);
}

} // namespace riflesso
