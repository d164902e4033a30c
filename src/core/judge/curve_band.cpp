#include "core/judge/curve_band.h"

#include "core/signal/trajectory.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace riflesso {

std::optional<PhaseValues> phaseCurve(const Pack& pack, const MeasureDef& def, const Trial& trial,
                                      const PhaseAnchors& anchors, double cutoffHz) {
    const auto map = PhaseMap::of(anchors, trial);
    const Series series = measureSeries(pack, def, trial, cutoffHz);
    if (!map || series.values.size() < 2)
        return {};
    const std::vector<double> values = def.period() > 0 ? unwrapAlong(series.values, def.period()) : series.values;
    PhaseValues out;
    constexpr double kSlackS = 1e-9;
    for (int i = 0; i < kPhasePoints; ++i) {
        const double t = map->timeAt(i);
        const bool inside = t >= series.timesS.front() - kSlackS && t <= series.timesS.back() + kSlackS;
        out[static_cast<std::size_t>(i)] = inside ? valueAt(series.timesS, values, t) : std::nan("");
    }
    return out;
}

std::optional<CurveBand> curveBand(const Pack& pack, const MeasureDef& def, const std::vector<Trial>& trials,
                                   const PhaseAnchors& anchors, double cutoffHz) {
    CurveBand out;
    out.measure = def.id;
    out.unit = def.unit;
    std::vector<PhaseValues> curves;
    for (const Trial& trial : trials)
        if (auto curve = phaseCurve(pack, def, trial, anchors, cutoffHz)) {
            // A curve that was unwrapped a full turn away comes back to the first.
            if (def.period() > 0 && !curves.empty()) {
                std::vector<double> apart;
                for (std::size_t i = 0; i < curve->size(); ++i)
                    if (std::isfinite((*curve)[i]) && std::isfinite(curves.front()[i]))
                        apart.push_back((*curve)[i] - curves.front()[i]);
                const double turns = apart.empty() ? 0 : std::round(median(apart) / def.period());
                for (double& value : *curve)
                    value -= turns * def.period();
            }
            curves.push_back(*curve);
            out.of.push_back(trial.id);
        }
    if (curves.empty())
        return {};
    for (std::size_t i = 0; i < out.mean.size(); ++i) {
        std::vector<double> here;
        for (const PhaseValues& curve : curves)
            if (std::isfinite(curve[i]))
                here.push_back(curve[i]);
        out.trials[i] = static_cast<int>(here.size());
        out.mean[i] = here.empty() ? std::nan("") : mean(here);
        out.sd[i] = here.size() < 2 ? std::nan("") : standardDeviation(here);
    }
    return out;
}

} // namespace riflesso
