#include "core/workshop/model_ranges.h"

#include "core/judge/deviation.h"
#include "core/measure/measure.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {

double toleranceFloor(std::string_view unit) {
    constexpr std::array<std::pair<std::string_view, double>, 12> kFloors = {{{"deg", 3},
                                                                              {"h", .1},
                                                                              {"m", .02},
                                                                              {"body", .03},
                                                                              {"1", .03},
                                                                              {"m/s", .1},
                                                                              {"body/s", .2},
                                                                              {"deg/s", 20},
                                                                              {"s", .02},
                                                                              {"%", 2},
                                                                              {"1/min", .5},
                                                                              {"count", .5}}};
    for (const auto& [word, floor] : kFloors)
        if (word == unit)
            return floor;
    return 0.01;
}

std::vector<ModelRange> rangesFromModel(const Pack& pack, const std::vector<Trial>& model) {
    std::vector<ModelRange> out;
    if (model.empty())
        return out;
    Pack bare = pack;
    bare.ranges.clear();
    for (VariantDef& variant : bare.variants)
        variant.ranges.clear();
    const std::vector<TrialMeasures> measures = measureTrials(pack, model, chooseCutoff({&model}).hz);
    for (const MeasureDef& def : pack.judged()) {
        if (isSetKind(def.kind))
            continue;
        const Reference reference = referenceOf(bare, def, nullptr, model, measures, {});
        if (reference.source != Reference::Source::Model || !reference.modelMean)
            continue;
        ModelRange range;
        range.measure = def.id;
        range.repetitions = reference.modelTrials;
        range.performers = reference.performers;
        std::vector<double> us, squares; // squares: of what a repetition has for itself
        for (const TrialMeasures& of : measures)
            if (const MeasureValue* value = of.find(def.id); value && value->valid()) {
                range.values.push_back(*value->value);
                us.push_back(value->u);
                squares.push_back(value->u * value->u - value->sharedU * value->sharedU);
            }
        if (def.period() > 0)
            range.values = unwrapSet(range.values, def.period());
        // Two performers say next to nothing of how performers differ: their repetitions are one set then.
        constexpr int kEnoughPerformers = 3;
        const bool byPerformer = range.performers >= kEnoughPerformers;
        const int n = byPerformer ? range.performers : range.repetitions;
        range.bySpread = range.repetitions >= kEnoughForSpread;
        if (range.bySpread) {
            const double s = standardDeviation(range.values);
            const double variance = byPerformer ? reference.modelVariance : std::max(0.0, s * s - mean(squares));
            const double middle = byPerformer ? *reference.modelMean : mean(range.values);
            const double half = toleranceFactor(n) * std::sqrt(variance);
            range.low = middle - half;
            range.high = middle + half;
        } else {
            const auto [low, high] = std::minmax_element(range.values.begin(), range.values.end());
            range.low = *low;
            range.high = *high;
        }
        range.tolerance = std::max(2 * median(us), toleranceFloor(def.unit));
        out.push_back(std::move(range));
    }
    return out;
}

} // namespace riflesso
