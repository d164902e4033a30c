#include "core/uncertainty/own_error.h"

#include "core/pack/pack.h"

#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

/// Sum of squares about the mean, and the mean.
std::pair<double, double> about(const std::vector<double>& values) {
    double mean = 0, squares = 0;
    for (const double v : values)
        mean += v / static_cast<double>(values.size());
    for (const double v : values)
        squares += (v - mean) * (v - mean);
    return {squares, mean};
}

TypicalError errorOf(const std::vector<double>& dx, const std::vector<double>& dy) {
    TypicalError out;
    out.pairs = dx.size();
    if (dx.size() < 2)
        return out;
    const auto [squaresX, meanX] = about(dx);
    const double freedom = static_cast<double>(dx.size() - 1);
    if (dy.empty()) {
        out.error = std::sqrt(squaresX / freedom) / std::numbers::sqrt2;
        out.shift = meanX;
        return out;
    }
    const auto [squaresY, meanY] = about(dy);
    out.error = std::sqrt((squaresX + squaresY) / (2 * freedom)) / std::numbers::sqrt2;
    out.shift = std::hypot(meanX, meanY);
    return out;
}

} // namespace

std::map<std::string, TypicalError> typicalErrors(const std::vector<MarkedTwice>& pairs, bool twoCoordinates) {
    std::map<std::string, std::pair<std::vector<double>, std::vector<double>>> differences;
    for (const MarkedTwice& pair : pairs) {
        differences[pair.what].first.push_back(pair.again.x - pair.first.x);
        if (twoCoordinates)
            differences[pair.what].second.push_back(pair.again.y - pair.first.y);
    }
    std::map<std::string, TypicalError> out;
    for (const auto& [what, both] : differences)
        out[what] = errorOf(both.first, both.second);
    return out;
}

std::map<std::string, TypicalError> typicalErrorsOfMeasures(const Pack& pack, const std::vector<Trial>& first,
                                                            const std::vector<Trial>& again) {
    // Filtered kinds need the frames between, which nobody marks twice.
    const double cutoff = CutoffChoice().hz;
    const std::vector<TrialMeasures> one = measureTrials(pack, first, cutoff), two = measureTrials(pack, again, cutoff);
    std::map<std::string, std::vector<double>> differences;
    for (const TrialMeasures& entry : one)
        for (const TrialMeasures& other : two)
            if (other.trial == entry.trial && other.cycle == entry.cycle)
                for (const auto& [id, value] : entry.measures) {
                    const MeasureValue* repeated = other.find(id);
                    const MeasureDef* def = pack.measure(baseMeasure(id));
                    if (!def || def->kind == Kind::Observed || value.filtered || !value.valid() || !repeated ||
                        !repeated->valid())
                        continue;
                    double difference = *repeated->value - *value.value;
                    if (def->period() > 0)
                        difference = std::remainder(difference, def->period());
                    differences[id].push_back(difference);
                }
    std::map<std::string, TypicalError> out;
    for (const auto& [id, list] : differences)
        out[id] = errorOf(list, {});
    return out;
}

} // namespace riflesso
