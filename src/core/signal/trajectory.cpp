#include "core/signal/trajectory.h"

#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

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

Walk walkOf(const std::vector<double>& times, const Eigen::MatrixX2d& points, double fromS, double toS, double step) {
    const double *x = points.col(0).data(), *y = points.col(1).data();
    const auto at = [&](double t) {
        const auto after = std::upper_bound(times.begin() + 1, times.end() - 1, t) - times.begin();
        const auto i = static_cast<std::size_t>(after);
        const double share = (t - times[i - 1]) / (times[i] - times[i - 1]);
        return Eigen::Vector2d(x[i - 1] + share * (x[i] - x[i - 1]), y[i - 1] + share * (y[i] - y[i - 1]));
    };
    constexpr double kSlack = 1e-9;
    const auto first =
        static_cast<std::size_t>(std::upper_bound(times.begin(), times.end(), fromS + kSlack) - times.begin());
    const auto last =
        static_cast<std::size_t>(std::lower_bound(times.begin(), times.end(), toS - kSlack) - times.begin());
    const Eigen::Vector2d start = at(fromS), end = at(toS);
    Walk out;
    double keptX = start[0], keptY = start[1];
    for (std::size_t i = first; i < last; ++i) {
        const double dx = x[i] - keptX, dy = y[i] - keptY, square = dx * dx + dy * dy;
        if (square <= step * step)
            continue;
        out.length += std::sqrt(square);
        keptX = x[i];
        keptY = y[i];
    }
    out.length += std::hypot(end[0] - keptX, end[1] - keptY);
    out.net = (end - start).norm();
    return out;
}

double wanderOf(const Eigen::Ref<const Eigen::MatrixX2d>& points) {
    const double n = static_cast<double>(points.rows()), centreX = points.col(0).mean(), centreY = points.col(1).mean();
    // Percentile 0.95 at rank 1 + 0.95 (n - 1): only the largest few squared distances are kept in order.
    constexpr double kShare = 0.95;
    const double rank = kShare * (n - 1), whole = std::floor(rank);
    const auto kept = static_cast<std::size_t>(points.rows()) - static_cast<std::size_t>(whole);
    std::vector<double> largest(kept, -1); // ascending
    for (Eigen::Index i = 0; i < points.rows(); ++i) {
        const double dx = points(i, 0) - centreX, dy = points(i, 1) - centreY, square = dx * dx + dy * dy;
        if (square <= largest[0])
            continue;
        std::size_t at = 0;
        for (; at + 1 < kept && largest[at + 1] < square; ++at)
            largest[at] = largest[at + 1];
        largest[at] = square;
    }
    const double low = std::sqrt(largest[0]);
    return kept < 2 ? low : low + (rank - whole) * (std::sqrt(largest[1]) - low);
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
                                           double fromS, double toS) {
    constexpr double kSlack = 1e-9;
    constexpr std::ptrdiff_t kFewest = 5;
    const auto first = std::lower_bound(times.begin(), times.end(), fromS - kSlack) - times.begin();
    const auto last = std::upper_bound(times.begin(), times.end(), toS + kSlack) - times.begin();
    if (last < first + kFewest)
        return {};
    std::vector<double> squares(times.size(), 0), speeds(times.size(), 0);
    for (Eigen::Index c = 0; c < 2; ++c) {
        const std::vector<double> along(points.col(c).begin(), points.col(c).end());
        const std::vector<double> speed = velocities(times, along);
        const std::vector<double> jerk = velocities(times, velocities(times, speed));
        for (std::size_t i = 0; i < times.size(); ++i) {
            squares[i] += jerk[i] * jerk[i];
            speeds[i] += speed[i] * speed[i];
        }
    }
    // Up to the very ends, which may lie between samples.
    double area = 0, t = fromS, y = valueAt(times, squares, fromS);
    const auto step = [&](double nextT, double nextY) {
        area += (nextT - t) * (y + nextY) / 2;
        t = nextT;
        y = nextY;
    };
    for (auto i = static_cast<std::size_t>(first); i < static_cast<std::size_t>(last); ++i)
        if (times[i] > fromS && times[i] < toS)
            step(times[i], squares[i]);
    step(toS, valueAt(times, squares, toS));
    const double peak = *std::max_element(speeds.begin() + first, speeds.begin() + last); // squared
    const double duration = toS - fromS;
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
