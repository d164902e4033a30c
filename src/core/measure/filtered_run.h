#pragma once
// Runs of marks after the low-pass, made once for all measures of a trial that read the same landmarks.

#include "core/measure/sampler.h"
#include "core/uncertainty/noise_bank.h"

#include <memory>
#include <optional>

namespace riflesso {

struct FilteredRun {
    MarkRun run;
    double cutoffHz = 6;
    Eigen::MatrixXd coordinates; ///< samples x (2 * landmarks), pixels

    /// Unit noise as this run's filter leaves it.
    [[nodiscard]] const NoiseBank& bank() const {
        if (!bank_)
            bank_ = noiseBank(static_cast<int>(run.size()), cutoffHz, run.rateHz);
        return *bank_;
    }

private:
    mutable std::shared_ptr<const NoiseBank> bank_;
};
using SharedRun = std::shared_ptr<const FilteredRun>;

/// Runs of one trial. Not thread safe: each trial is measured in one thread.
class TrialRuns {
public:
    TrialRuns(const Trial& trial, double cutoffHz) : trial_(trial), cutoffHz_(cutoffHz) {}
    /// The run that holds [fromS, toS] (runOver), filtered; a reason also where the cutoff is too high for its rate.
    [[nodiscard]] std::variant<SharedRun, Reason> over(const std::vector<std::string>& landmarks, double fromS,
                                                       double toS);

    /// lengthScale of this trial, worked out once for each unit.
    [[nodiscard]] const std::variant<LengthScale, Reason>&
    scale(const LengthUnit& unit, const Pack& pack, const std::map<std::string, Side>& sides, double medianPixels);

private:
    struct Entry {
        std::vector<std::string> landmarks;
        SharedRun run;
    };
    /// The landmark's coordinates (samples x 2), where a run over the same samples has them filtered already.
    [[nodiscard]] std::optional<Eigen::MatrixX2d> filteredIn(const MarkRun& run, const std::string& landmark) const;

    const Trial& trial_;
    double cutoffHz_;
    std::vector<Entry> made_;
    std::map<std::string, std::variant<LengthScale, Reason>> scales_;
};

[[nodiscard]] bool cutoffFits(double cutoffHz, double rateHz);

} // namespace riflesso
