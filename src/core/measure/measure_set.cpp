#include "core/measure/measure_set.h"

#include "core/reasons.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

constexpr std::size_t kFewestForTrend = 4;

/// Valid values of one measure in a set.
struct Sample {
    std::vector<double> values, numbers;
    std::vector<double> us; ///< without the camera's place, which all repetitions share
    double viewU = 0;       ///< and that
    std::optional<double> bearingDeg;
    std::vector<const Trial*> trials;
    [[nodiscard]] std::size_t size() const { return values.size(); }
};

Sample sampleOf(const Pack& pack, const std::vector<Trial>& trials, const std::vector<TrialMeasures>& measures,
                const std::string& id) {
    Sample sample;
    double next = 0; // cycles of several trials follow each other
    for (const TrialMeasures& entry : measures) {
        const MeasureValue* value = entry.find(id);
        if (!value)
            continue;
        const auto trial =
            std::find_if(trials.begin(), trials.end(), [&](const Trial& t) { return t.id == entry.trial; });
        next += 1;
        const double number = entry.cycle > 0 || trial->number <= 0 ? next : trial->number;
        if (!value->valid())
            continue;
        sample.values.push_back(*value->value);
        sample.us.push_back(std::sqrt(std::max(0.0, value->u * value->u - value->viewU * value->viewU)));
        sample.viewU = std::max(sample.viewU, value->viewU);
        sample.bearingDeg = value->bearingDeg;
        sample.numbers.push_back(number);
        sample.trials.push_back(&*trial);
    }
    const MeasureDef* def = pack.measure(baseMeasure(id));
    if (def && def->period() > 0 && !sample.values.empty())
        sample.values = unwrapSet(std::move(sample.values), def->period());
    return sample;
}

Reason fewer(std::size_t wanted, std::size_t got) { return reasons::kFewRepetitions(wanted, got); }

MeasureValue drift(const MeasureDef& def, const Sample& sample) {
    MeasureValue out;
    if (sample.size() < kFewestForTrend) {
        out.reason = fewer(kFewestForTrend, sample.size());
        return out;
    }
    if (def.last > 0) {
        const auto last = static_cast<std::size_t>(def.last);
        if (sample.size() <= last) {
            out.reason = fewer(last + 1, sample.size());
            return out;
        }
        const auto cut = static_cast<std::ptrdiff_t>(sample.size() - last);
        const auto part = [&](const std::vector<double>& list, bool end) {
            return end ? std::vector<double>(list.begin() + cut, list.end())
                       : std::vector<double>(list.begin(), list.begin() + cut);
        };
        out.value = median(part(sample.values, true)) - median(part(sample.values, false));
        out.u = std::hypot(medianUncertainty(part(sample.values, true), part(sample.us, true)),
                           medianUncertainty(part(sample.values, false), part(sample.us, false)));
        return out;
    }
    if (std::all_of(sample.numbers.begin(), sample.numbers.end(),
                    [&](double n) { return std::abs(n - sample.numbers.front()) < 1e-12; })) {
        out.reason = reasons::kSameNumber;
        return out;
    }
    const auto [slope, u] = slopeOf(sample.numbers, sample.values);
    out.value = slope;
    out.u = u;
    return out;
}

MeasureValue variability(const Sample& sample) {
    MeasureValue out;
    if (sample.size() < kFewestForTrend) {
        out.reason = fewer(kFewestForTrend, sample.size());
        return out;
    }
    const auto [spread, u] = spreadBeyond(sample.values, sample.us);
    out.value = spread;
    out.u = u;
    return out;
}

MeasureValue symmetry(const MeasureDef& def, const Sample& left, const Sample& right) {
    MeasureValue out;
    if (left.size() == 0 || right.size() == 0) {
        out.reason = left.size() == 0 ? reasons::kNoneOnLeft : reasons::kNoneOnRight;
        return out;
    }
    // Both sides' segments leave the plane as they like.
    const auto of = [&](double leftView, double rightView) {
        return symmetryOf(median(left.values), std::hypot(medianUncertainty(left.values, left.us), leftView),
                          median(right.values), std::hypot(medianUncertainty(right.values, right.us), rightView),
                          def.unit == "deg");
    };
    const auto result = of(left.viewU, right.viewU);
    if (!result) {
        out.reason = reasons::kSidesSmall;
        return out;
    }
    if (const auto without = of(0, 0))
        out.viewU = std::sqrt(std::max(0.0, result->second * result->second - without->second * without->second));
    out.bearingDeg = left.bearingDeg;
    out.value = result->first;
    out.u = result->second;
    return out;
}

/// Whether a trial belongs to a condition: its stress level, variant, a result or one of the pack's conditions by name.
bool under(const Trial& trial, const std::string& condition) {
    return (trial.stress && toString(*trial.stress) == condition) || trial.variant == condition ||
           std::any_of(trial.results.begin(), trial.results.end(),
                       [&](const auto& result) { return result.second == condition; }) ||
           std::any_of(trial.conditions.begin(), trial.conditions.end(),
                       [&](const auto& noted) { return noted.second == condition; });
}

MeasureValue difference(const MeasureDef& def, const Sample& sample) {
    MeasureValue out;
    std::vector<double> values[2], us[2];
    for (std::size_t i = 0; i < sample.size(); ++i)
        for (std::size_t side = 0; side < 2 && side < def.conditions.size(); ++side)
            if (under(*sample.trials[i], def.conditions[side])) {
                values[side].push_back(sample.values[i]);
                us[side].push_back(sample.us[i]);
            }
    for (std::size_t side = 0; side < 2; ++side)
        if (values[side].empty()) {
            out.reason = side < def.conditions.size() ? reasons::kNoneUnder(def.conditions[side])
                                                      : Reason(reasons::kTwoConditions);
            return out;
        }
    out.value = median(values[1]) - median(values[0]);
    out.u = std::hypot(medianUncertainty(values[0], us[0]), medianUncertainty(values[1], us[1]));
    return out;
}

} // namespace

double medianUncertainty(const std::vector<double>& values, const std::vector<double>& us) {
    if (values.size() == 1)
        return us.front();
    double variance = 0;
    for (double u : us)
        variance += u * u / static_cast<double>(us.size());
    const double s = standardDeviation(values);
    return std::sqrt(std::numbers::pi / 2 * std::max(s * s, variance) / static_cast<double>(values.size()));
}

std::pair<double, double> slopeOf(const std::vector<double>& numbers, const std::vector<double>& values) {
    const double mx = mean(numbers), my = mean(values);
    double sxx = 0, sxy = 0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        sxx += (numbers[i] - mx) * (numbers[i] - mx);
        sxy += (numbers[i] - mx) * (values[i] - my);
    }
    const double slope = sxy / sxx;
    double squares = 0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        const double rest = values[i] - my - slope * (numbers[i] - mx);
        squares += rest * rest;
    }
    return {slope, std::sqrt(squares / (static_cast<double>(values.size()) - 2) / sxx)};
}

std::pair<double, double> spreadBeyond(const std::vector<double>& values, const std::vector<double>& us) {
    const double s = standardDeviation(values);
    double noise = 0;
    for (double u : us)
        noise += u * u / static_cast<double>(us.size());
    return {std::sqrt(std::max(0.0, s * s - noise)), s / std::sqrt(2 * (static_cast<double>(values.size()) - 1))};
}

std::optional<std::pair<double, double>> symmetryOf(double left, double leftU, double right, double rightU,
                                                    bool angle) {
    if (angle)
        return std::pair(left - right, std::hypot(leftU, rightU));
    constexpr double kSure = 5;
    const double sum = left + right;
    if (std::abs(sum) / 2 <= kSure * std::max(leftU, rightU))
        return {};
    return std::pair(200 * (left - right) / sum, 400 * std::hypot(right * leftU, left * rightU) / (sum * sum));
}

SetMeasures measureSet(const Pack& pack, const std::vector<Trial>& trials, const std::vector<TrialMeasures>& measures) {
    SetMeasures out;
    for (const MeasureDef& def : pack.measures) {
        if (!isSetKind(def.kind))
            continue;
        const auto sample = [&](const std::string& id) { return sampleOf(pack, trials, measures, id); };
        MeasureValue value;
        static_assert(
            kinds::areAll<MeasuredBy::Set, Kind::Symmetry, Kind::Drift, Kind::Variability, Kind::Difference>());
        if (def.kind == Kind::Symmetry)
            value = symmetry(def, sample(def.leftMeasure), sample(def.rightMeasure));
        else if (def.kind == Kind::Drift)
            value = drift(def, sample(def.ofMeasure));
        else if (def.kind == Kind::Variability)
            value = variability(sample(def.ofMeasure));
        else
            value = difference(def, sample(def.ofMeasure));
        value.unit = def.unit;
        if (value.valid())
            value.budget.push_back({sources::kSpread, value.u});
        out.emplace_back(def.id, std::move(value));
    }
    return out;
}

} // namespace riflesso
