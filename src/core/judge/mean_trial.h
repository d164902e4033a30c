#pragma once
// The model as one figure: the mean of several trials at equal phase, each scaled to its own trunk.

#include "core/signal/phase_map.h"

namespace riflesso {

/// A trial of 101 frames, one for each per cent of the movement, over the mean duration; its marks are the means of the
/// trials' marks, by role, in lengths of their own trunk from where the hip is at the first event, facing right, drawn
/// at 100 pixels a trunk. A point stands where at least half of the trials have it. Key events stand at their anchors.
/// It is a picture, not a measurement: an angle in it is not the mean of the angles. Only trials seen as the first one
/// is are in it; none without two of them that have a phase map, hip and shoulder.
[[nodiscard]] std::optional<Trial> meanTrial(const Pack& pack, const std::vector<Trial>& trials,
                                             const PhaseAnchors& anchors);
inline constexpr std::string_view kMeanTrial = "mean"; ///< its id

} // namespace riflesso
