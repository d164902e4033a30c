#pragma once
// What Mirror shows, as values: the waterline's events, the curves over phase, the model's figure on the athlete.

#include "app/widgets/curve_plot.h"
#include "app/widgets/waterline.h"
#include "core/judge/assessment.h"
#include "core/signal/phase_map.h"

#include <QPointF>
#include <QRectF>

#include <map>

namespace riflesso {

/// Who stands below the waterline: a trial, or the model as a whole where `trial` is null.
struct LowerSide {
    const Trial* trial = nullptr;
    const PhaseMap* map = nullptr;
    bool isModel = true;
    bool equalTime = false; ///< its ticks stand where the athlete is at that time, both started together
};

/// Ticks of both sides; the note of a deviating interval (against the model) stands at the event that leans more of
/// the two it joins. `hasModel`: the anchors are the model's.
[[nodiscard]] std::vector<WaterlineEvent> waterlineEvents(const Pack& pack, const PhaseAnchors& anchors, bool hasModel,
                                                          const Trial* own, const PhaseMap* ownMap,
                                                          const LowerSide& lower, const Assessment* assessment);

/// Every repetition's curve, the chosen one marked, and the mean of the models with its band.
[[nodiscard]] CurveContent phaseCurves(const Pack& pack, const MeasureDef& def, const PhaseAnchors& anchors,
                                       const std::vector<Trial>& trials, const std::string& chosen,
                                       const std::vector<Trial>& models, double cutoffHz);

/// The peaks that a measure of their order is read from, each named with how much later it comes than the one before,
/// with its ±; of `values`, the measures of this trial.
[[nodiscard]] CurveContent peakCurves(const Pack& pack, const MeasureDef& def, const Trial& trial, const PhaseMap& map,
                                      const TrialMeasures* values, double cutoffHz);

/// Adds the mean of the first third of the repetitions and of the last, in the order of filming: what tires or settles.
/// Fewer than six repetitions have no ends to compare.
void addEnds(CurveContent& content, const Pack& pack, const MeasureDef& def, const PhaseAnchors& anchors,
             const std::vector<Trial>& trials, double cutoffHz);

/// The box of all marks of a repetition with room round them; empty without marks.
[[nodiscard]] QRectF wholeMovement(const Trial& trial);

} // namespace riflesso
