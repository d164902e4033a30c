#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace riflesso {

double mean(const std::vector<double>& values) {
    if (values.empty())
        return 0;
    return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

double median(std::vector<double> values) { return percentile(std::move(values), 0.5); }

double standardDeviation(const std::vector<double>& values) {
    if (values.size() < 2)
        return 0;
    const double m = mean(values);
    double sum = 0;
    for (double v : values)
        sum += (v - m) * (v - m);
    return std::sqrt(sum / static_cast<double>(values.size() - 1));
}

double percentile(std::vector<double> values, double p) {
    const double rank = p * static_cast<double>(values.size() - 1);
    const double floor = std::floor(rank);
    const auto below = values.begin() + static_cast<std::ptrdiff_t>(floor);
    std::nth_element(values.begin(), below, values.end());
    if (below + 1 == values.end())
        return *below;
    const double above = *std::min_element(below + 1, values.end());
    return *below + (rank - floor) * (above - *below);
}

double normalCdf(double z) { return 0.5 * std::erfc(-z / std::numbers::sqrt2); }

namespace {

/// Regularised incomplete beta function by its continued fraction (Lentz), converging for x < (a+1)/(a+b+2).
double incompleteBeta(double a, double b, double x) {
    if (x <= 0)
        return 0;
    if (x >= 1)
        return 1;
    if (x > (a + 1) / (a + b + 2))
        return 1 - incompleteBeta(b, a, 1 - x);
    const double front =
        std::exp(std::lgamma(a + b) - std::lgamma(a) - std::lgamma(b) + a * std::log(x) + b * std::log1p(-x)) / a;
    constexpr double kTiny = 1e-300;
    double f = 1, c = 1, d = 0;
    for (int i = 0; i <= 400; ++i) {
        const int half = i / 2; // whole: each order has two terms
        const double m = half;
        double numerator = 1;
        if (i > 0 && i % 2 == 0)
            numerator = m * (b - m) * x / ((a + 2 * m - 1) * (a + 2 * m));
        else if (i > 0)
            numerator = -(a + m) * (a + b + m) * x / ((a + 2 * m) * (a + 2 * m + 1));
        d = 1 + numerator * d;
        d = 1 / (std::abs(d) < kTiny ? kTiny : d);
        c = 1 + numerator / (std::abs(c) < kTiny ? kTiny : c);
        f *= c * d;
        if (std::abs(1 - c * d) < 1e-15)
            break;
    }
    return front * (f - 1);
}

double studentCdf(double t, double dof) {
    const double tail = 0.5 * incompleteBeta(dof / 2, 0.5, dof / (dof + t * t));
    return t > 0 ? 1 - tail : tail;
}

} // namespace

double studentT975(int degreesOfFreedom) {
    double low = 0, high = 20;
    while (studentCdf(high, degreesOfFreedom) < 0.975)
        high *= 2;
    for (int i = 0; i < 200; ++i) {
        const double middle = (low + high) / 2;
        (studentCdf(middle, degreesOfFreedom) < 0.975 ? low : high) = middle;
    }
    return (low + high) / 2;
}

Interval wilson(int good, int all, double z) {
    if (all <= 0)
        return {0, 1};
    const double n = all, p = good / n, zz = z * z;
    const double centre = (p + zz / (2 * n)) / (1 + zz / n);
    const double half = z / (1 + zz / n) * std::sqrt(p * (1 - p) / n + zz / (4 * n * n));
    return {good == 0 ? 0 : std::max(0.0, centre - half), good == all ? 1 : std::min(1.0, centre + half)};
}

Interval shareDifference(int goodA, int allA, int goodB, int allB, double z) {
    const double pa = static_cast<double>(goodA) / allA, pb = static_cast<double>(goodB) / allB, d = pb - pa;
    const Interval wa = wilson(goodA, allA, z), wb = wilson(goodB, allB, z);
    return {d - std::hypot(pb - wb.low, wa.high - pa), d + std::hypot(wb.high - pb, pa - wa.low)};
}

Interval meanDifference(const std::vector<double>& a, const std::vector<double>& b) {
    const double va = std::pow(standardDeviation(a), 2) / static_cast<double>(a.size()),
                 vb = std::pow(standardDeviation(b), 2) / static_cast<double>(b.size()), d = mean(b) - mean(a);
    if (va + vb <= 0)
        return {d, d};
    const double freedom = (va + vb) * (va + vb) /
                           (va * va / static_cast<double>(a.size() - 1) + vb * vb / static_cast<double>(b.size() - 1));
    const double half = studentT975(std::max(1, static_cast<int>(freedom))) * std::sqrt(va + vb);
    return {d - half, d + half};
}

double wrapDifference(double difference, double period) {
    double wrapped = std::fmod(difference, period);
    if (wrapped > period / 2)
        wrapped -= period;
    if (wrapped <= -period / 2)
        wrapped += period;
    return wrapped;
}

std::vector<double> unwrapSet(std::vector<double> values, double period) {
    const double turn = 2 * std::numbers::pi / period;
    double s = 0, c = 0;
    for (double v : values) {
        s += std::sin(v * turn);
        c += std::cos(v * turn);
    }
    const double centre = std::atan2(s, c) / turn;
    for (double& v : values)
        v = centre + wrapDifference(v - centre, period);
    return values;
}

std::vector<double> unwrapAlong(std::vector<double> values, double period) {
    for (std::size_t i = 1; i < values.size(); ++i)
        values[i] = values[i - 1] + wrapDifference(values[i] - values[i - 1], period);
    return values;
}

} // namespace riflesso
