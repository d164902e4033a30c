#pragma once
// Small statistics, by the definitions of the project's page on measures.

#include <optional>
#include <vector>

namespace riflesso {

/// A proportion or value with the ends of its interval.
struct Interval {
    double low = 0;
    double high = 1;
};

/// Mean; 0 for an empty list.
[[nodiscard]] double mean(const std::vector<double>& values);
/// Median; of an even number the mean of the middle two. Precondition: not empty.
[[nodiscard]] double median(std::vector<double> values);
/// Standard deviation with n - 1; 0 below two values.
[[nodiscard]] double standardDeviation(const std::vector<double>& values);
/// Percentile p in 0..1, linear at rank 1 + p (n - 1). Precondition: not empty.
[[nodiscard]] double percentile(std::vector<double> values, double p);
/// Normal distribution function.
[[nodiscard]] double normalCdf(double z);
/// Two-sided Student quantile t(0.975, degreesOfFreedom); degreesOfFreedom >= 1.
[[nodiscard]] double studentT975(int degreesOfFreedom);
/// Wilson's interval for good of all (Wilson 1927); 0 to 1 when all is 0.
/// z: 1.959964 for 95 %, 1.281552 for 80 %, two-sided.
[[nodiscard]] Interval wilson(int good, int all, double z);
constexpr double kZ95 = 1.959963984540054;
constexpr double kZ80 = 1.2815515655446004;

/// Interval of the difference of two shares, b less a, from their Wilson intervals (Newcombe 1998, method 10, from
/// memory); z as in wilson(). Precondition: 0 <= good <= all, all >= 1.
[[nodiscard]] Interval shareDifference(int goodA, int allA, int goodB, int allB, double z = kZ95);
/// 95 % interval of the difference of two means, b less a (Welch, from memory). At least two values each.
[[nodiscard]] Interval meanDifference(const std::vector<double>& a, const std::vector<double>& b);

/// Difference brought into (-period/2, period/2].
[[nodiscard]] double wrapDifference(double difference, double period);
/// The values moved by whole periods to lie round their circular mean, so that medians and SDs are right.
[[nodiscard]] std::vector<double> unwrapSet(std::vector<double> values, double period);
/// The values moved by whole periods so that each follows the one before by less than half a period.
[[nodiscard]] std::vector<double> unwrapAlong(std::vector<double> values, double period);

/// Rounding in the last bit decides nothing: a must exceed b by this much (own choice).
constexpr double kDecisionSlack = 1e-9;
[[nodiscard]] inline bool exceeds(double a, double b) { return a > b + kDecisionSlack; }

} // namespace riflesso
