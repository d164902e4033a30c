#pragma once
// Signals along time: gap bridging, zero-lag low-pass, velocities, peaks, correspondence of phases.

#include <Eigen/Core>
#include <memory>
#include <optional>
#include <vector>

namespace riflesso {

/// Second-order Butterworth low-pass, one pass. y = b0 x + b1 x1 + b2 x2 - a1 y1 - a2 y2.
struct LowPass {
    double b0 = 1, b1 = 0, b2 = 0, a1 = 0, a2 = 0;
};
/// Designed so that the gain of two passes is 0.7071 at cutoffHz: each pass at tan(pi fc/fs) / 0.8022.
/// Source: D. A. Winter, Biomechanics and Motor Control of Human Movement (from memory).
/// Precondition: 0 < cutoffHz <= 0.45 rateHz.
[[nodiscard]] LowPass designDualPass(double cutoffHz, double rateHz);
/// One pass designed at designHz itself.
[[nodiscard]] LowPass designSinglePass(double designHz, double rateHz);
/// The frequency each pass is designed at, for a combined cutoff.
[[nodiscard]] double designFrequency(double cutoffHz, double rateHz);

constexpr int kPadSamples = 9;          ///< odd reflection at both ends
constexpr std::size_t kMinSamples = 10; ///< below: not filtered
constexpr double kMaxCutoffShare = 0.45;

/// Forward and backward (zero lag), odd reflection of 9 samples, steady-state start.
/// Precondition: at least 10 samples.
[[nodiscard]] std::vector<double> filterZeroLag(const std::vector<double>& samples, const LowPass& filter);

/// The zero-lag filter of `n` samples as a matrix: filtered = F samples. Kept for the next call (thread safe).
[[nodiscard]] std::shared_ptr<const Eigen::MatrixXd> filterMatrix(int n, double cutoffHz, double rateHz);

/// Cutoff (Hz) by residual analysis (Winter, from memory): grid from 1 Hz to 0.45 fs in steps of 0.25, a line
/// through the residuals from 0.15 to 0.30 fs, the first frequency at or below the line's intercept, at least
/// 5 Hz (own choice). Precondition: at least 10 samples.
[[nodiscard]] double residualCutoff(const std::vector<double>& samples, double rateHz);
constexpr double kMinCutoffHz = 5;
constexpr double kDefaultCutoffHz = 6;        ///< where no run is long enough (own choice)
constexpr std::size_t kCutoffRunSamples = 60; ///< shortest run that residual analysis is trusted on

/// Shape-preserving cubic (Fritsch and Carlson 1980, from memory) through (x, y) at `at`; x increasing, 2 or more.
[[nodiscard]] double shapePreservingCubic(const std::vector<double>& x, const std::vector<double>& y, double at);

/// Central differences; one-sided at the ends. times increasing.
[[nodiscard]] std::vector<double> velocities(const std::vector<double>& times, const std::vector<double>& values);

struct Extremum {
    double timeS = 0, value = 0;
    std::size_t sample = 0;
    bool atEdge = false; ///< no peak: the largest value stands at the first or last sample
};
/// Largest value: parabola through three samples with their own times; a plateau takes its middle.
/// Precondition: not empty.
[[nodiscard]] Extremum findMaximum(const std::vector<double>& times, const std::vector<double>& values);

/// Real time at each phase percentage: piecewise linear between corresponding anchors (both increasing).
[[nodiscard]] double timeAtPhase(const std::vector<double>& anchorPercent, const std::vector<double>& anchorTimeS,
                                 double percent);
[[nodiscard]] double phaseAtTime(const std::vector<double>& anchorPercent, const std::vector<double>& anchorTimeS,
                                 double timeS);
/// Indices of the anchors that can be kept in order: first and last always, as many as possible, of equals the
/// set that keeps the earlier ones. times in the pack's order; at most 20.
[[nodiscard]] std::vector<std::size_t> anchorsInOrder(const std::vector<double>& times);

} // namespace riflesso
