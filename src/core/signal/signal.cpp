#include "core/signal/signal.h"

#include <algorithm>
#include <cmath>
#include <list>
#include <mutex>
#include <numbers>

namespace riflesso {
namespace {

/// (2^(1/2) - 1)^(1/4): what two passes do to the cutoff of one.
const double kDualPassFactor = std::pow(std::numbers::sqrt2 - 1, 0.25);

LowPass fromWarped(double k) {
    const double norm = 1 / (1 + std::numbers::sqrt2 * k + k * k);
    LowPass f;
    f.b0 = k * k * norm;
    f.b1 = 2 * f.b0;
    f.b2 = f.b0;
    f.a1 = 2 * (k * k - 1) * norm;
    f.a2 = (1 - std::numbers::sqrt2 * k + k * k) * norm;
    return f;
}

/// One pass, started in the steady state of its first sample.
void pass(std::vector<double>& x, const LowPass& f) {
    double z1 = (f.b2 - f.a2) * x.front();
    double z0 = (f.b1 - f.a1 + f.b2 - f.a2) * x.front();
    for (double& value : x) {
        const double in = value, out = f.b0 * in + z0;
        z0 = f.b1 * in - f.a1 * out + z1;
        z1 = f.b2 * in - f.a2 * out;
        value = out;
    }
}

} // namespace

LowPass designSinglePass(double designHz, double rateHz) {
    return fromWarped(std::tan(std::numbers::pi * designHz / rateHz));
}

LowPass designDualPass(double cutoffHz, double rateHz) {
    return fromWarped(std::tan(std::numbers::pi * cutoffHz / rateHz) / kDualPassFactor);
}

double designFrequency(double cutoffHz, double rateHz) {
    return rateHz / std::numbers::pi * std::atan(std::tan(std::numbers::pi * cutoffHz / rateHz) / kDualPassFactor);
}

std::vector<double> filterZeroLag(const std::vector<double>& samples, const LowPass& filter) {
    const std::size_t n = samples.size(), pad = kPadSamples;
    std::vector<double> x;
    x.reserve(n + 2 * pad);
    for (std::size_t i = pad; i >= 1; --i)
        x.push_back(2 * samples.front() - samples[i]);
    x.insert(x.end(), samples.begin(), samples.end());
    for (std::size_t i = 1; i <= pad; ++i)
        x.push_back(2 * samples.back() - samples[n - 1 - i]);
    for (int direction = 0; direction < 2; ++direction) {
        pass(x, filter);
        std::reverse(x.begin(), x.end());
    }
    const auto begin = x.begin() + kPadSamples;
    return {begin, begin + static_cast<std::ptrdiff_t>(n)};
}

std::shared_ptr<const Eigen::MatrixXd> filterMatrix(int n, double cutoffHz, double rateHz) {
    struct Entry {
        int n;
        double cutoff, rate;
        std::shared_ptr<const Eigen::MatrixXd> matrix;
    };
    static std::mutex mutex;      // guards kept
    static std::list<Entry> kept; // newest first
    constexpr std::size_t kMaxKept = 128;
    constexpr double kSameRate = 1e-9;
    {
        const std::lock_guard lock(mutex);
        for (const Entry& entry : kept)
            if (entry.n == n && std::abs(entry.cutoff - cutoffHz) < kSameRate &&
                std::abs(entry.rate - rateHz) < kSameRate * rateHz)
                return entry.matrix;
    }
    const LowPass filter = designDualPass(cutoffHz, rateHz);
    auto matrix = std::make_shared<Eigen::MatrixXd>(n, n);
    std::vector<double> impulse(static_cast<std::size_t>(n), 0.0);
    for (int column = 0; column < n; ++column) {
        impulse[static_cast<std::size_t>(column)] = 1;
        const std::vector<double> response = filterZeroLag(impulse, filter);
        matrix->col(column) = Eigen::Map<const Eigen::VectorXd>(response.data(), n);
        impulse[static_cast<std::size_t>(column)] = 0;
    }
    const std::lock_guard lock(mutex);
    kept.push_front({n, cutoffHz, rateHz, matrix});
    if (kept.size() > kMaxKept)
        kept.pop_back();
    return matrix;
}

double residualCutoff(const std::vector<double>& samples, double rateHz) {
    std::vector<double> frequency, residual;
    constexpr double kMostSteps = 40000; // of 0.25 Hz, from 1 Hz: no person moves at 10 kHz
    const int steps = static_cast<int>(std::min((kMaxCutoffShare * rateHz + 1e-9 - 1) * 4, kMostSteps));
    for (int step = 0; step <= steps; ++step) {
        const double fc = 1 + 0.25 * step;
        const std::vector<double> smooth = filterZeroLag(samples, designDualPass(fc, rateHz));
        double sum = 0;
        for (std::size_t i = 0; i < samples.size(); ++i)
            sum += (samples[i] - smooth[i]) * (samples[i] - smooth[i]);
        frequency.push_back(fc);
        residual.push_back(std::sqrt(sum / static_cast<double>(samples.size())));
    }
    double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0;
    for (std::size_t i = 0; i < frequency.size(); ++i) {
        if (frequency[i] < 0.15 * rateHz || frequency[i] > 0.30 * rateHz)
            continue;
        n += 1;
        sx += frequency[i];
        sy += residual[i];
        sxx += frequency[i] * frequency[i];
        sxy += frequency[i] * residual[i];
    }
    if (n < 2)
        return kDefaultCutoffHz;
    const double slope = (n * sxy - sx * sy) / (n * sxx - sx * sx);
    const double intercept = (sy - slope * sx) / n;
    for (std::size_t i = 0; i < frequency.size(); ++i)
        if (residual[i] <= intercept)
            return std::max(kMinCutoffHz, frequency[i]);
    return std::max(kMinCutoffHz, frequency.empty() ? kMinCutoffHz : frequency.back());
}

double shapePreservingCubic(const std::vector<double>& x, const std::vector<double>& y, double at) {
    const std::size_t n = x.size();
    const auto slope = [&](std::size_t i) { return (y[i + 1] - y[i]) / (x[i + 1] - x[i]); };
    const auto inner = [&](std::size_t i) {
        const double left = slope(i - 1), right = slope(i);
        if (left * right <= 0)
            return 0.0;
        const double hl = x[i] - x[i - 1], hr = x[i + 1] - x[i], w1 = 2 * hr + hl, w2 = hr + 2 * hl;
        return (w1 + w2) / (w1 / left + w2 / right);
    };
    const auto derivative = [&](std::size_t i) {
        if (n == 2)
            return slope(0);
        if (i > 0 && i + 1 < n)
            return inner(i);
        // One-sided three-point estimate, kept within what preserves the shape.
        const bool atStart = i == 0;
        const double h0 = atStart ? x[1] - x[0] : x[n - 1] - x[n - 2];
        const double h1 = atStart ? x[2] - x[1] : x[n - 2] - x[n - 3];
        const double d0 = atStart ? slope(0) : slope(n - 2), d1 = atStart ? slope(1) : slope(n - 3);
        double d = ((2 * h0 + h1) * d0 - h0 * d1) / (h0 + h1);
        if (d * d0 <= 0)
            d = 0;
        else if (d0 * d1 <= 0 && std::abs(d) > 3 * std::abs(d0))
            d = 3 * d0;
        return d;
    };
    auto above = std::upper_bound(x.begin(), x.end(), at);
    above = std::clamp(above, x.begin() + 1, x.end() - 1);
    const auto i = static_cast<std::size_t>(above - x.begin()) - 1;
    const double h = x[i + 1] - x[i], t = (at - x[i]) / h;
    const double h00 = (1 + 2 * t) * (1 - t) * (1 - t), h10 = t * (1 - t) * (1 - t);
    const double h01 = t * t * (3 - 2 * t), h11 = t * t * (t - 1);
    return h00 * y[i] + h10 * h * derivative(i) + h01 * y[i + 1] + h11 * h * derivative(i + 1);
}

std::vector<double> velocities(const std::vector<double>& times, const std::vector<double>& values) {
    const std::size_t n = values.size();
    std::vector<double> out(n, 0.0);
    if (n < 2)
        return out;
    for (std::size_t i = 0; i < n; ++i) {
        const std::size_t a = i == 0 ? 0 : i - 1, b = i + 1 == n ? i : i + 1;
        out[i] = (values[b] - values[a]) / (times[b] - times[a]);
    }
    return out;
}

Extremum findMaximum(const std::vector<double>& times, const std::vector<double>& values) {
    const std::size_t n = values.size();
    std::size_t best = 0;
    for (std::size_t i = 1; i < n; ++i)
        if (values[i] > values[best])
            best = i;
    std::size_t last = best; // a plateau of equal values
    while (last + 1 < n && values[last + 1] == values[best])
        ++last;
    if (best == 0 || last + 1 == n)
        return {times[best], values[best], best, true};
    if (last > best)
        return {(times[best] + times[last]) / 2, values[best], (best + last) / 2, false};
    // Parabola through (t0, y0), (t1, y1), (t2, y2) in Newton's form.
    const double t0 = times[best - 1], t1 = times[best], t2 = times[best + 1];
    const double y0 = values[best - 1], y1 = values[best], y2 = values[best + 1];
    const double d01 = (y1 - y0) / (t1 - t0), d12 = (y2 - y1) / (t2 - t1), c = (d12 - d01) / (t2 - t0);
    const double t = (t0 + t1) / 2 - d01 / (2 * c);
    return {t, y0 + d01 * (t - t0) + c * (t - t0) * (t - t1), best, false};
}

namespace {
double piecewise(const std::vector<double>& x, const std::vector<double>& y, double at) {
    if (x.size() < 2)
        return y.empty() ? 0 : y[0];
    auto above = std::upper_bound(x.begin(), x.end(), at);
    above = std::clamp(above, x.begin() + 1, x.end() - 1);
    const auto i = static_cast<std::size_t>(above - x.begin()) - 1;
    const double width = x[i + 1] - x[i];
    return width == 0 ? y[i] : y[i] + (at - x[i]) / width * (y[i + 1] - y[i]);
}
} // namespace

double timeAtPhase(const std::vector<double>& anchorPercent, const std::vector<double>& anchorTimeS, double percent) {
    return piecewise(anchorPercent, anchorTimeS, percent);
}
double phaseAtTime(const std::vector<double>& anchorPercent, const std::vector<double>& anchorTimeS, double timeS) {
    return piecewise(anchorTimeS, anchorPercent, timeS);
}

std::vector<std::size_t> anchorsInOrder(const std::vector<double>& times) {
    const std::size_t n = times.size();
    std::vector<std::size_t> best;
    if (n == 0 || n > 20)
        return best;
    if (n == 1)
        return {0};
    const std::size_t innerCount = n - 2;
    for (std::uint32_t mask = 0; mask < (1u << innerCount); ++mask) {
        std::vector<std::size_t> chosen = {0};
        for (std::size_t i = 0; i < innerCount; ++i)
            if (mask & (1u << i))
                chosen.push_back(i + 1);
        chosen.push_back(n - 1);
        bool ordered = true;
        for (std::size_t i = 1; i < chosen.size(); ++i)
            ordered = ordered && times[chosen[i]] > times[chosen[i - 1]];
        if (ordered && (chosen.size() > best.size() || (chosen.size() == best.size() && chosen < best)))
            best = chosen;
    }
    return best;
}

} // namespace riflesso
