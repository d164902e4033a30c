#include "core/measure/filtered_run.h"

#include "core/reasons.h"
#include "core/signal/signal.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

Reason cutoffReason(double cutoffHz, double rateHz) {
    const auto tenths = [](double value) {
        const auto rounded = std::lround(10 * value);
        return std::to_string(rounded / 10) + "." + std::to_string(rounded % 10);
    };
    return reasons::kCutoffTooHigh(tenths(cutoffHz), tenths(rateHz));
}

} // namespace

bool cutoffFits(double cutoffHz, double rateHz) { return cutoffHz <= kMaxCutoffShare * rateHz; }

const std::variant<LengthScale, Reason>& TrialRuns::scale(const LengthUnit& unit, const Pack& pack,
                                                          const std::map<std::string, Side>& sides,
                                                          double medianPixels) {
    // Roles that follow the stance may change from cycle to cycle: the key is what they come to.
    const std::string key = unit.metres ? "m" : resolvePoint(unit.a, sides) + "-" + resolvePoint(unit.b, sides);
    const auto known = scales_.find(key);
    return known != scales_.end()
               ? known->second
               : scales_.emplace(key, lengthScale(unit, pack, trial_, sides, medianPixels)).first->second;
}

std::optional<Eigen::MatrixX2d> TrialRuns::filteredIn(const MarkRun& run, const std::string& landmark) const {
    for (const Entry& entry : made_) {
        const auto there = std::find(entry.landmarks.begin(), entry.landmarks.end(), landmark);
        if (there != entry.landmarks.end() && entry.run->run.timesS == run.timesS)
            return entry.run->coordinates.middleCols<2>(2 * (there - entry.landmarks.begin()));
    }
    return {};
}

std::variant<SharedRun, Reason> TrialRuns::over(const std::vector<std::string>& landmarks, double fromS, double toS) {
    constexpr double kSlack = 1e-9;
    for (const Entry& entry : made_)
        if (entry.landmarks == landmarks && entry.run->run.timesS.front() <= fromS + kSlack &&
            entry.run->run.timesS.back() >= toS - kSlack)
            return entry.run;
    auto ran = runOver(trial_, landmarks, fromS, toS);
    if (const Reason* reason = std::get_if<Reason>(&ran))
        return *reason;
    auto out = std::make_shared<FilteredRun>();
    out->run = std::get<MarkRun>(std::move(ran));
    out->cutoffHz = cutoffHz_;
    if (!cutoffFits(cutoffHz_, out->run.rateHz))
        return cutoffReason(cutoffHz_, out->run.rateHz);
    const LowPass filter = designDualPass(cutoffHz_, out->run.rateHz);
    out->coordinates.resize(out->run.raw.rows(), out->run.raw.cols());
    for (std::size_t i = 0; i < landmarks.size(); ++i) {
        const auto at = static_cast<Eigen::Index>(2 * i);
        if (const auto known = filteredIn(out->run, landmarks[i])) {
            out->coordinates.middleCols<2>(at) = *known;
            continue;
        }
        for (const Eigen::Index c : {at, at + 1}) {
            const std::vector<double> raw(out->run.raw.col(c).begin(), out->run.raw.col(c).end());
            const std::vector<double> smooth = filterZeroLag(raw, filter);
            out->coordinates.col(c) = Eigen::Map<const Eigen::VectorXd>(smooth.data(), out->coordinates.rows());
        }
    }
    made_.push_back({landmarks, out});
    return SharedRun(out);
}

} // namespace riflesso
