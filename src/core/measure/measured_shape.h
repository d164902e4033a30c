#pragma once
// What a measure is made of, as lines to be laid over the picture: its segments, the direction it is counted from, the
// arc between them, the path of its point. Geometry only; nothing is measured here that measure.h does not measure.

#include "core/points/trial.h"

#include <optional>
#include <vector>

namespace riflesso {

struct ShapeLine {
    PixelPoint from, to;
    bool reference = false; ///< what the value is counted from, not a part of the athlete
};
/// A curve through points of the picture; shares are the thickness at each of its points, 0..1, or empty.
struct ShapeCurve {
    std::vector<PixelPoint> points;
    std::vector<double> shares;
};
/// All in pixels of the clip, in one frame.
struct MeasuredShape {
    std::vector<ShapeLine> lines;
    std::vector<ShapeCurve> arcs; ///< the angle, from the reference to the segment
    PixelPoint arcCentre;
    std::vector<ShapeCurve> paths; ///< of a point over the measure's phase; thickness is its share of the highest speed
    PixelPoint label;              ///< where its value stands well
};

/// The shape of `def` at a frame (may lie between frames). None where nothing can be drawn: timing, observations, what
/// the whole set has once, a point that is not marked there, a view that lacks it. Paths run over the phase `over`,
/// else 0.15 s to both sides of `at`, through the marks low-passed at cutoffHz where that fits the rate.
[[nodiscard]] std::optional<MeasuredShape> measuredShape(const Pack& pack, const MeasureDef& def, const Trial& trial,
                                                         double frame, double cutoffHz);

/// Where the measure is looked at: its event, else the start of its phase, else the first event of its interval. Empty:
/// nowhere in particular.
[[nodiscard]] std::string momentOf(const Pack& pack, const MeasureDef& def);

} // namespace riflesso
