#include "core/judge/result_effect.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kFewest = 6;

std::optional<double> asNumber(const std::string& text) {
    double value = 0;
    const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (problem != std::errc() || end != text.data() + text.size() || !std::isfinite(value))
        return {};
    return value;
}

} // namespace

std::optional<double> resultValue(const ResultDef& def, const std::string& result) {
    if (result.empty())
        return {};
    if (def.type == ResultType::Choice)
        return std::count(def.good.begin(), def.good.end(), result) > 0 ? 1.0 : 0.0;
    return asNumber(result);
}

std::optional<ResultEffect> resultEffect(const ResultDef& def, const std::vector<Trial>& trials,
                                         const Finding& finding) {
    if (finding.repetitions.empty())
        return {};
    ResultEffect out;
    out.fault = finding.fault;
    out.result = def.id;
    std::vector<double> with, without;
    for (const FaultShown& shown : finding.repetitions) {
        // Cycles of one trial, and faults judged once for the set, have no result of their own.
        if (shown.trial.empty() || shown.cycle > 0)
            return {};
        const auto trial =
            std::find_if(trials.begin(), trials.end(), [&](const Trial& entry) { return entry.id == shown.trial; });
        if (trial == trials.end())
            continue;
        const std::optional<double> value = resultValue(def, trial->result(def.id));
        if (value)
            (shown.degree > 0 ? with : without).push_back(*value);
    }
    out.with = static_cast<int>(with.size());
    out.without = static_cast<int>(without.size());
    if (out.with < kFewest || out.without < kFewest)
        return {};
    out.withValue = mean(with);
    out.withoutValue = mean(without);
    if (def.type == ResultType::Choice) {
        const auto good = [](const std::vector<double>& values) {
            return static_cast<int>(std::count(values.begin(), values.end(), 1.0));
        };
        out.loss = out.withoutValue - out.withValue;
        out.interval = shareDifference(good(with), out.with, good(without), out.without);
        out.effect = std::clamp(out.loss, 0.0, 1.0);
        return out;
    }
    out.unit = def.unit;
    out.interval = meanDifference(with, without);
    out.loss = out.withoutValue - out.withValue;
    if (!def.higherIsBetter) {
        out.loss = -out.loss;
        out.interval = {-out.interval.high, -out.interval.low};
    }
    out.effect = def.matters > 0 ? std::clamp(out.loss / def.matters, 0.0, 1.0) : 0;
    return out;
}

std::vector<ResultEffect> resultEffects(const Pack& pack, const std::vector<Trial>& trials, const Findings& findings) {
    std::vector<ResultEffect> out;
    for (const Finding& finding : findings.ranked)
        for (const ResultDef& def : pack.results)
            if (auto effect = resultEffect(def, trials, finding))
                out.push_back(std::move(*effect));
    return out;
}

std::vector<ProfileMatch> matchProfiles(const Pack& pack, const Findings& findings) {
    double length = 0;
    for (const Finding& finding : findings.ranked)
        if (finding.present)
            length += finding.severity * finding.severity;
    std::vector<ProfileMatch> out;
    for (const ProfileDef& profile : pack.profiles) {
        double sum = 0;
        int present = 0;
        for (const std::string& fault : profile.faults)
            if (const Finding* finding = findings.find(fault); finding && finding->present) {
                sum += finding->severity;
                ++present;
            }
        constexpr double kLike = 0.6;
        const double likeness = length > 0 ? sum / std::sqrt(length * static_cast<double>(profile.faults.size())) : 0;
        if (present >= 2 && likeness >= kLike - kDecisionSlack)
            out.push_back({profile.id, likeness});
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const ProfileMatch& a, const ProfileMatch& b) { return a.likeness > b.likeness; });
    return out;
}

} // namespace riflesso
