#pragma once
// Shapes of a path or a series inside a phase: pure functions of samples, no marks and no units.

#include <Eigen/Core>
#include <optional>
#include <utility>
#include <vector>

namespace riflesso {

/// Linear between samples; times increasing, at least two; outside, the line of the end interval goes on.
[[nodiscard]] double valueAt(const std::vector<double>& times, const std::vector<double>& values, double t);

using TimeSpans = std::vector<std::pair<double, double>>;
/// Where a series is above (or below) a threshold inside [from, to], crossings by linear interpolation.
[[nodiscard]] TimeSpans spansAbove(const std::vector<double>& times, const std::vector<double>& values,
                                   double threshold, double from, double to);
[[nodiscard]] TimeSpans spansBelow(const std::vector<double>& times, const std::vector<double>& values,
                                   double threshold, double from, double to);
[[nodiscard]] double totalTime(const TimeSpans& spans);
/// Time that lies in both; each list in order and without overlap of its own.
[[nodiscard]] double commonTime(const TimeSpans& a, const TimeSpans& b);

/// The way of a point from one time to another: ends interpolated, and of the samples between only those that lie
/// further than `step` from the last one kept.
struct Walk {
    double length = 0; ///< sum of the distances between those kept, in the points' unit
    double net = 0;    ///< from start to end
};
/// points: rows x, y. times increasing, at least two; fromS < toS.
[[nodiscard]] Walk walkOf(const std::vector<double>& times, const Eigen::MatrixX2d& points, double fromS, double toS,
                          double step);
/// 95th percentile of the distance from the mean position.
[[nodiscard]] double wanderOf(const Eigen::Ref<const Eigen::MatrixX2d>& points);
/// Turns of direction, each by more than the hysteresis.
[[nodiscard]] int reversalsOf(const std::vector<double>& values, double hysteresis);

/// Log dimensionless jerk: -ln(T³/v_peak² ∫|jerk|² dt) (Hogan & Sternad 2009); larger is smoother, a minimum-jerk
/// reach has -ln(204.8) = -5.32. Between fromS and toS, which may lie between samples; samples outside only steady the
/// differences at the ends. None when nothing moves or below 5 samples.
[[nodiscard]] std::optional<double> logDimensionlessJerk(const std::vector<double>& times,
                                                         const Eigen::MatrixX2d& points, double fromS, double toS);
/// Inner samples higher than both neighbours.
[[nodiscard]] int peakCount(const std::vector<double>& values);

/// Order score over all pairs of the expected order: +1 in order, -1 reversed, 0 when |lag| is not above 2u; from 1 to
/// -1. lagU(i, j): standard uncertainty of the lag between peaks i and j. Precondition: at least two peaks.
[[nodiscard]] double orderScore(const std::vector<double>& peakTimesS, const Eigen::MatrixXd& lagU);

} // namespace riflesso
