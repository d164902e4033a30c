#include "app/mirror/phase_pictures.h"

#include "core/judge/curve_band.h"
#include "core/measure/peak_traces.h"
#include "core/measure/sampler.h"
#include "report/words.h"

#include <algorithm>
#include <cmath>

namespace riflesso {

std::vector<WaterlineEvent> waterlineEvents(const Pack& pack, const PhaseAnchors& anchors, bool hasModel,
                                            const Trial* own, const PhaseMap* ownMap, const LowerSide& lower,
                                            const Assessment* assessment) {
    std::vector<WaterlineEvent> events;
    for (const EventDef& def : pack.events) {
        WaterlineEvent event;
        event.id = words::text(def.id);
        event.title = words::inSentence(words::text(def.title));
        for (const auto& anchor : anchors.anchors)
            if (anchor.event == def.id && hasModel)
                event.model = anchor.percent;
        if ((!lower.isModel || lower.equalTime) && lower.trial && lower.map) {
            const TrialEvent* at = lower.trial->event(def.id);
            event.model.reset();
            if (at && lower.equalTime && ownMap)
                event.model = ownMap->percentAt(ownMap->timeAt(0) + at->timeS - lower.map->timeAt(0));
            else if (at)
                event.model = lower.map->percentAt(at->timeS);
            if (event.model)
                event.model = std::clamp(*event.model, 0.0, 100.0);
        }
        if (own && ownMap)
            if (const TrialEvent* at = own->event(def.id))
                event.athlete = std::clamp(ownMap->percentAt(at->timeS), 0.0, 100.0);
        events.push_back(event);
    }
    // It tells of the model, and of nobody else who stands below.
    if (assessment && lower.isModel)
        for (const SetDeviation& set : assessment->deviations) {
            const MeasureDef& def = *pack.measure(set.measure);
            if (def.kind != Kind::Interval || set.state == State::Within)
                continue;
            WaterlineEvent* best = nullptr;
            double lean = 1.5; // percent that the eye takes for upright
            for (WaterlineEvent& event : events)
                if ((event.id == words::text(def.fromEvent) || event.id == words::text(def.toEvent)) && event.athlete &&
                    event.model && std::abs(*event.athlete - *event.model) > lean) {
                    lean = std::abs(*event.athlete - *event.model);
                    best = &event;
                }
            if (!best || !best->note.isEmpty())
                continue;
            const bool soon = (best->id == words::text(def.toEvent)) == (set.deviation < 0);
            const int decimals = words::decimalsFor(set.expandedU);
            best->note =
                (soon ? Waterline::tr("%1 ± %2 s too soon") : Waterline::tr("%1 ± %2 s late"))
                    .arg(words::number(std::abs(set.deviation), decimals), words::number(set.expandedU, decimals));
            best->clear = set.state == State::Clear;
        }
    return events;
}

namespace {

PhaseCurve drawn(const PhaseValues& values) {
    PhaseCurve curve;
    for (int percent = 0; percent < kPhasePoints; ++percent)
        if (const double value = values[static_cast<std::size_t>(percent)]; !std::isnan(value)) {
            curve.percent.push_back(percent);
            curve.value.push_back(value);
        }
    return curve;
}

} // namespace

void addEnds(CurveContent& content, const Pack& pack, const MeasureDef& def, const PhaseAnchors& anchors,
             const std::vector<Trial>& trials, double cutoffHz) {
    constexpr std::size_t kFewest = 6, kShare = 3;
    if (trials.size() < kFewest)
        return;
    std::vector<Trial> ordered = trials;
    std::stable_sort(ordered.begin(), ordered.end(),
                     [](const Trial& a, const Trial& b) { return a.number < b.number; });
    const auto count = static_cast<std::ptrdiff_t>(ordered.size() / kShare);
    const std::vector<Trial> first(ordered.begin(), ordered.begin() + count),
        last(ordered.end() - count, ordered.end());
    if (const auto band = curveBand(pack, def, first, anchors, cutoffHz))
        content.early = drawn(band->mean);
    if (const auto band = curveBand(pack, def, last, anchors, cutoffHz))
        content.late = drawn(band->mean);
    content.ends = CurvePlot::tr("dashed: mean of the first %1, dotted: of the last %1").arg(count);
}

CurveContent phaseCurves(const Pack& pack, const MeasureDef& def, const PhaseAnchors& anchors,
                         const std::vector<Trial>& trials, const std::string& chosen, const std::vector<Trial>& models,
                         double cutoffHz) {
    CurveContent content;
    content.title = words::shortTitle(pack, def);
    content.unit = words::unitOf(def);
    content.bandHalf = def.tolerance;
    for (const Trial& trial : trials)
        if (const auto values = phaseCurve(pack, def, trial, anchors, cutoffHz)) {
            content.repetitions.push_back(drawn(*values));
            content.repetitions.back().chosen = trial.id == chosen;
        }
    if (const auto band = curveBand(pack, def, models, anchors, cutoffHz))
        content.modelMean = drawn(band->mean);
    return content;
}

CurveContent peakCurves(const Pack& pack, const MeasureDef& def, const Trial& trial, const PhaseMap& map,
                        const TrialMeasures* values, double cutoffHz) {
    CurveContent content;
    content.title = words::shortTitle(pack, def);
    content.unit = CurvePlot::tr("of its largest");
    const std::vector<PeakTrace> traces = peakTraces(pack, def, trial, cutoffHz);
    for (std::size_t i = 0; i < traces.size(); ++i) {
        CurveContent::Peak peak;
        peak.percent = map.percentAt(traces[i].peakS);
        for (std::size_t k = 0; k < traces[i].timesS.size(); ++k) {
            peak.curve.percent.push_back(map.percentAt(traces[i].timesS[k]));
            peak.curve.value.push_back(traces[i].shares[k]);
        }
        QStringList points;
        for (const PointRef& ref : traces[i].of)
            points << words::text(inWords(ref.part));
        peak.name = points.join(QStringLiteral(" – "));
        const std::string lagId = def.id + ".lag." + std::to_string(i);
        const MeasureValue* lag = i > 0 && values ? values->find(lagId) : nullptr;
        if (lag && lag->valid()) {
            const int decimals = words::decimalsFor(2 * lag->u);
            peak.name += (*lag->value < 0 ? CurvePlot::tr(", %1 ± %2 s earlier") : CurvePlot::tr(", %1 ± %2 s later"))
                             .arg(words::number(std::abs(*lag->value), decimals), words::number(2 * lag->u, decimals));
        }
        content.peaks.push_back(std::move(peak));
    }
    return content;
}

QRectF wholeMovement(const Trial& trial) {
    double left = 1e9, right = -1e9, top = 1e9, bottom = -1e9;
    const auto take = [&](const PixelPoint& at) {
        left = std::min(left, at.x);
        right = std::max(right, at.x);
        top = std::min(top, at.y);
        bottom = std::max(bottom, at.y);
    };
    const bool hasBody = std::any_of(trial.marks.begin(), trial.marks.end(),
                                     [](const auto& entry) { return isAnatomical(entry.first); });
    for (const auto& [landmark, marks] : trial.marks)
        if (!hasBody || isAnatomical(landmark))
            for (const auto& [frame, mark] : marks)
                take(mark.at);
    if (right < left)
        return {};
    // What is held or hit belongs to it; a lane, a water line, a ball that is still far away would make the body small.
    const double beside = .6 * std::max(right - left, bottom - top);
    const QRectF near(QPointF(left - beside, top - beside), QPointF(right + beside, bottom + beside));
    for (const auto& [landmark, marks] : trial.marks)
        if (hasBody && !isAnatomical(landmark))
            for (const auto& [frame, mark] : marks)
                if (near.contains(QPointF(mark.at.x, mark.at.y)))
                    take(mark.at);
    const double margin = .08 * std::max(right - left, bottom - top);
    return QRectF(QPointF(left, top), QPointF(right, bottom)).adjusted(-margin, -margin * 1.3, margin, margin);
}

} // namespace riflesso
