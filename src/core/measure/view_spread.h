#pragma once
// What the place of the camera leaves unsure of a value. A point that the picture shows at x' along the way forward (or
// to the side) lies at X = (x' - L tan(w) sin(b)) / cos(b): b the camera's bearing, L the length of the segment that it
// ends, w the angle by which that segment leaves the plane of movement. The value is taken at w = 0; its u has the
// spread over w, normal round 0 and independent for each segment, and over b, normal round what is known of it. Of a
// point's path the whole plane leans, by one w along it and one up it.

#include "core/measure/span.h"

#include <functional>

namespace riflesso {

/// The value's number as the camera's place would have it: `plan` with other folds and leans, `unitPixels` a unit.
using ValueFrom = std::function<std::optional<double>(const InstantPlan& plan, double unitPixels)>;

/// What leans when a segment leaves the plane.
enum class Leans { Segments, Path };

/// Adds the part to u, sharedU and the budget, and what a degree of bearing changes (viewSlope). Nothing where the
/// camera is known to stand square, from above, and for what hangs on no place in the picture. Standard deviation by
/// the cubature of third degree over w (as in the unscented transform of Julier & Uhlmann 1997, from memory) times
/// three Gauss-Hermite points over b: exact for what is straight in w.
void addViewSpread(const MeasureContext& context, const MeasureDef& def, const InstantPlan& plan,
                   const LengthScale& scale, Leans leans, const ValueFrom& from, MeasureValue& out);
/// The same of a phase: `reading` gives the number of a span without added noise.
void addViewSpread(const MeasureContext& context, const MeasureDef& def, const Span& span, Leans leans,
                   const std::function<std::optional<double>(const Span&)>& reading, MeasureValue& out);

} // namespace riflesso
