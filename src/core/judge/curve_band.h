#pragma once
// One measure along the movement, repetitions laid over each other at equal phase.

#include "core/measure/measure.h"
#include "core/signal/phase_map.h"

#include <array>

namespace riflesso {

constexpr int kPhasePoints = 101; ///< 0, 1, … 100 % of the whole movement

/// Values at each per cent; NaN where the marks do not reach. Not wrapped at a full turn.
using PhaseValues = std::array<double, kPhasePoints>;
/// None when the trial lacks the first or last event, or the measure has no value along time.
[[nodiscard]] std::optional<PhaseValues> phaseCurve(const Pack& pack, const MeasureDef& def, const Trial& trial,
                                                    const PhaseAnchors& anchors, double cutoffHz);

struct CurveBand {
    std::string measure, unit;
    PhaseValues mean{}, sd{};               ///< sd is NaN below two trials
    std::array<int, kPhasePoints> trials{}; ///< how many reach there
    std::vector<std::string> of;            ///< ids of the trials in it
};
/// Mean and SD of the trials' curves. None when no trial has one.
[[nodiscard]] std::optional<CurveBand> curveBand(const Pack& pack, const MeasureDef& def,
                                                 const std::vector<Trial>& trials, const PhaseAnchors& anchors,
                                                 double cutoffHz);

} // namespace riflesso
