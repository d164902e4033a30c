#pragma once
// What the Monte Carlo draws from: standard normal numbers that all measures share, and runs of unit noise as the
// low-pass leaves them. Seeded: the same case gives the same uncertainty.

#include "core/uncertainty/draw_lanes.h"

#include <Eigen/Core>
#include <memory>
#include <vector>

namespace riflesso {

using lanes::kDraws;

/// What is drawn for all measures alike: standard normal numbers, a column a draw.
struct DrawTable {
    Eigen::MatrixXd common; ///< coordinate x draw: the shared part of each coordinate's noise
    Eigen::RowVectorXd unit, from, to;
    std::vector<float> commonLanes, unitLanes; ///< the same for draw_lanes: a coordinate after the other
    std::vector<int> byFrom, byTo;             ///< draws, by rising `from` and `to`
    [[nodiscard]] const float* commonOf(Eigen::Index coordinate) const {
        return commonLanes.data() + coordinate * kDraws;
    }
};
[[nodiscard]] const DrawTable& drawTable();

/// Column of the bank that a coordinate takes in a draw: far apart, so that no two share their noise.
[[nodiscard]] inline Eigen::Index bankColumn(int draw, Eigen::Index coordinate) {
    constexpr Eigen::Index kApart = 97;
    return (draw + kApart * coordinate) % kDraws;
}

/// Unit noise through the low-pass, for one length, cutoff and rate.
struct NoiseBank {
    Eigen::MatrixXd columns; ///< samples x kDraws
    std::vector<float> rows; ///< the same for draw_lanes: sample after sample, the draws of each twice over
    double level = 0;        ///< SD of a sample in the middle
    double step = 0;         ///< SD of the difference of the samples on both sides of it

    /// The draws of one sample, draw d being column (d + turn) % kDraws.
    [[nodiscard]] const float* turned(Eigen::Index sample, Eigen::Index turn) const {
        return rows.data() + sample * 2 * kDraws + turn;
    }
};
/// Made once for each length, rate and cutoff; the last ones are kept. Thread safe.
[[nodiscard]] std::shared_ptr<const NoiseBank> noiseBank(int samples, double cutoffHz, double rateHz);

/// For each draw, the first of the times that is not before base + u * normal[draw], kept inside the times, + shift.
/// order: the draws by rising normal number.
[[nodiscard]] std::vector<int> firstNotBefore(const std::vector<double>& timesS, double baseS, double uS,
                                              const Eigen::RowVectorXd& normal, const std::vector<int>& order,
                                              double shiftS);

} // namespace riflesso
