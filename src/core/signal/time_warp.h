#pragma once
// Dynamic time warping: which sample of one series lies on which of another.

#include <Eigen/Core>
#include <limits>
#include <utility>
#include <vector>

namespace riflesso {

/// The steps a path may take, and what each costs.
enum class WarpSteps {
    SlopeOne, ///< symmetric, slope limit P = 1, step weights 2, 1, 1 (Sakoe & Chiba 1978)
    Free      ///< one sample on in either series or both, all of weight 1, no slope limit
};

/// How two series lie on each other.
struct Warp {
    std::vector<std::pair<int, int>> path; ///< (sample of the example, sample of the target), first to last
    double total = 0;                      ///< sum of the weighted distances
    double cost = 0;                       ///< total divided by N + M
    bool found = false;                    ///< false where no path keeps the slope limit
    /// Middle of the target's samples that meet a sample of the example, and how many they are.
    [[nodiscard]] std::pair<double, int> across(double exampleSample) const;
};
/// The cheapest path from corner to corner. distance: samples of the example x samples of the target; infinite where
/// the path may not go. One whose cost is above `most` is not found, and soon given up.
[[nodiscard]] Warp timeWarp(const Eigen::MatrixXd& distance, WarpSteps steps,
                            double most = std::numeric_limits<double>::infinity());

} // namespace riflesso
