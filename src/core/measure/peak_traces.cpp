#include "core/measure/peak_traces.h"

#include "core/measure/filtered_run.h"
#include "core/measure/key_events.h"
#include "core/measure/span.h"
#include "core/signal/signal.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

/// Turned by a segment, or by the joint between two, radians without jumps.
std::vector<double> angles(const Eigen::MatrixXd& coordinates) {
    const auto direction = [&](Eigen::Index sample, Eigen::Index from, Eigen::Index to) {
        return std::atan2(coordinates(sample, 2 * to + 1) - coordinates(sample, 2 * from + 1),
                          coordinates(sample, 2 * to) - coordinates(sample, 2 * from));
    };
    std::vector<double> out;
    for (Eigen::Index i = 0; i < coordinates.rows(); ++i) {
        double angle = direction(i, 0, 1);
        if (coordinates.cols() == 6)
            angle = direction(i, 1, 0) - direction(i, 1, 2);
        if (!out.empty())
            angle = out.back() + std::remainder(angle - out.back(), 2 * std::numbers::pi);
        out.push_back(angle);
    }
    return out;
}

std::vector<double> speeds(const FilteredRun& run) {
    constexpr Eigen::Index kOnePoint = 2;
    if (run.coordinates.cols() == kOnePoint)
        return speedsOf(run.run.timesS, run.coordinates);
    const std::vector<double> turned = angles(run.coordinates);
    Eigen::MatrixX2d along(static_cast<Eigen::Index>(turned.size()), 2);
    for (std::size_t i = 0; i < turned.size(); ++i)
        along.row(static_cast<Eigen::Index>(i)) << turned[i], 0;
    return speedsOf(run.run.timesS, along);
}

} // namespace

std::vector<PeakTrace> peakTraces(const Pack& pack, const MeasureDef& def, const Trial& trial, double cutoffHz) {
    const PhaseDef* phase = pack.phase(def.over);
    const auto times = phase ? phaseTimes(*phase, trial) : std::nullopt;
    if (!times)
        return {};
    const auto [fromS, toS] = *times;
    const auto sides = resolveRoles(pack, trial);
    TrialRuns runs(trial, cutoffHz);
    std::vector<PeakTrace> out;
    for (const std::vector<PointRef>& group : def.of) {
        std::vector<std::string> landmarks;
        for (const PointRef& ref : group)
            landmarks.push_back(resolvePoint(ref, sides));
        const auto ran = runs.over(landmarks, fromS, toS);
        const SharedRun* run = std::get_if<SharedRun>(&ran);
        if (!run)
            return {};
        const std::vector<double> all = speeds(**run);
        PeakTrace trace;
        trace.of = group;
        for (std::size_t i = 0; i < all.size(); ++i) {
            const double at = (*run)->run.timesS[i];
            if (at < fromS || at > toS)
                continue;
            trace.timesS.push_back(at);
            trace.shares.push_back(all[i]);
        }
        constexpr std::size_t kFewest = 3;
        if (trace.shares.size() < kFewest)
            return {};
        // The same peak as the measure's, between samples; one at an end of the phase is none.
        const Extremum peak = findMaximum(trace.timesS, trace.shares);
        if (peak.atEdge || peak.value <= 0)
            return {};
        trace.peakS = peak.timeS;
        for (double& share : trace.shares)
            share /= peak.value;
        out.push_back(std::move(trace));
    }
    return out;
}

} // namespace riflesso
