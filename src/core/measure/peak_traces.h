#pragma once
// What the order of peaks is read from, to be looked at: the speed of each point, or joint, over its phase.

#include "core/points/trial.h"

namespace riflesso {

struct PeakTrace {
    std::vector<PointRef> of;           ///< one point, or the two of a segment, or the three of a joint
    std::vector<double> timesS, shares; ///< share of its own largest speed
    double peakS = 0;                   ///< when it is largest, between samples, as the measure has it
};
/// In the pack's order, low-passed as the measure is; empty where one of them is not marked over the phase, has its
/// peak at an end of it, or its events are missing or reversed. Precondition: def.kind is PeakOrder, cutoffHz > 0.
[[nodiscard]] std::vector<PeakTrace> peakTraces(const Pack& pack, const MeasureDef& def, const Trial& trial,
                                                double cutoffHz);

} // namespace riflesso
