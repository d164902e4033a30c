#include "core/trajectory.h"

#include "core/signal.h"
#include "core/stats.h"

#include <algorithm>
#include <cmath>

namespace riflesso {

double valueAt(const std::vector<double>& times, const std::vector<double>& values, double t) {
    auto above = std::upper_bound(times.begin(), times.end(), t);
    above = std::clamp(above, times.begin() + 1, times.end() - 1);
    const auto i = static_cast<std::size_t>(above - times.begin()) - 1;
    return values[i] + (t - times[i]) / (times[i + 1] - times[i]) * (values[i + 1] - values[i]);
}

TimeSpans spansAbove(const std::vector<double>& times, const std::vector<double>& values, double threshold, double from,
                     double to) {
    TimeSpans spans;
    const auto add = [&](double a, double b) {
        if (b <= a)
            return;
        if (!spans.empty() && a <= spans.back().second)
            spans.back().second = b;
        else
            spans.emplace_back(a, b);
    };
    for (std::size_t i = 1; i < times.size(); ++i) {
        const double a = std::max(from, times[i - 1]), b = std::min(to, times[i]);
        if (b <= a)
            continue;
        const double u = valueAt(times, values, a) - threshold, v = valueAt(times, values, b) - threshold;
        if (u > 0 && v > 0)
            add(a, b);
        else if (u > 0 || v > 0) {
            const double crossing = a + (b - a) * u / (u - v);
            u > 0 ? add(a, crossing) : add(crossing, b);
        }
    }
    return spans;
}

TimeSpans spansBelow(const std::vector<double>& times, const std::vector<double>& values, double threshold, double from,
                     double to) {
    std::vector<double> turned(values.size());
    std::transform(values.begin(), values.end(), turned.begin(), [](double v) { return -v; });
    return spansAbove(times, turned, -threshold, from, to);
}

double totalTime(const TimeSpans& spans) {
    double sum = 0;
    for (const auto& [a, b] : spans)
        sum += b - a;
    return sum;
}

double commonTime(const TimeSpans& a, const TimeSpans& b) {
    double sum = 0;
    for (const auto& first : a)
        for (const auto& second : b)
            sum += std::max(0.0, std::min(first.second, second.second) - std::max(first.first, second.first));
    return sum;
}

Eigen::MatrixX2d thinned(const Eigen::MatrixX2d& points, double step) {
    std::vector<Eigen::Index> kept = {0};
    for (Eigen::Index i = 1; i + 1 < points.rows(); ++i)
        if ((points.row(i) - points.row(kept.back())).norm() > step)
            kept.push_back(i);
    if (points.rows() > 1)
        kept.push_back(points.rows() - 1);
    Eigen::MatrixX2d out(static_cast<Eigen::Index>(kept.size()), 2);
    for (std::size_t i = 0; i < kept.size(); ++i)
        out.row(static_cast<Eigen::Index>(i)) = points.row(kept[i]);
    return out;
}

double lengthOf(const Eigen::MatrixX2d& points) {
    double sum = 0;
    for (Eigen::Index i = 1; i < points.rows(); ++i)
        sum += (points.row(i) - points.row(i - 1)).norm();
    return sum;
}

double straightnessOf(const Eigen::MatrixX2d& points) {
    return (points.row(points.rows() - 1) - points.row(0)).norm() / lengthOf(points);
}

double wanderOf(const Eigen::MatrixX2d& points) {
    const Eigen::RowVector2d centre = points.colwise().mean();
    std::vector<double> distances;
    distances.reserve(static_cast<std::size_t>(points.rows()));
    for (Eigen::Index i = 0; i < points.rows(); ++i)
        distances.push_back((points.row(i) - centre).norm());
    return percentile(std::move(distances), 0.95);
}

int reversalsOf(const std::vector<double>& values, double hysteresis) {
    int turns = 0, direction = 0;
    double low = values.empty() ? 0 : values.front(), high = low;
    for (double v : values) {
        if (direction <= 0)
            low = std::min(low, v);
        if (direction >= 0)
            high = std::max(high, v);
        if (direction >= 0 && high - v > hysteresis) {
            turns += direction != 0;
            direction = -1;
            low = v;
        } else if (direction <= 0 && v - low > hysteresis) {
            turns += direction != 0;
            direction = 1;
            high = v;
        }
    }
    return turns;
}

std::optional<double> logDimensionlessJerk(const std::vector<double>& times, const Eigen::MatrixX2d& points,
                                           std::size_t first, std::size_t last) {
    constexpr std::size_t kFewest = 5;
    if (last < first + kFewest)
        return {};
    std::vector<double> squares(times.size(), 0), speeds(times.size(), 0);
    for (Eigen::Index c = 0; c < 2; ++c) {
        const std::vector<double> along(points.col(c).begin(), points.col(c).end());
        const std::vector<double> speed = velocities(times, along);
        const std::vector<double> jerk = velocities(times, velocities(times, speed));
        for (std::size_t i = first; i < last; ++i) {
            squares[i] += jerk[i] * jerk[i];
            speeds[i] += speed[i] * speed[i];
        }
    }
    double area = 0;
    for (std::size_t i = first + 1; i < last; ++i)
        area += (times[i] - times[i - 1]) * (squares[i] + squares[i - 1]) / 2;
    const double peak = *std::max_element(speeds.begin(), speeds.end()); // squared
    const double duration = times[last - 1] - times[first];
    if (peak <= 0 || area <= 0)
        return {};
    return -std::log(duration * duration * duration / peak * area);
}

int peakCount(const std::vector<double>& values) {
    int peaks = 0;
    for (std::size_t i = 1; i + 1 < values.size(); ++i)
        peaks += values[i] > values[i - 1] && values[i] > values[i + 1];
    return peaks;
}

double orderScore(const std::vector<double>& peakTimesS, const Eigen::MatrixXd& lagU) {
    double sum = 0;
    int pairs = 0;
    for (std::size_t i = 0; i < peakTimesS.size(); ++i)
        for (std::size_t j = i + 1; j < peakTimesS.size(); ++j) {
            const double lag = peakTimesS[j] - peakTimesS[i];
            ++pairs;
            if (exceeds(std::abs(lag), 2 * lagU(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(j))))
                sum += lag > 0 ? 1 : -1;
        }
    return sum / pairs;
}

} // namespace riflesso
