#include "core/signal/timebase.h"

#include <algorithm>
#include <cmath>

namespace riflesso {

FrameTimes::FrameTimes(std::vector<std::pair<double, double>> pairs, double slowMotion) {
    std::sort(pairs.begin(), pairs.end());
    for (const auto& [frame, time] : pairs)
        if (pairs_.empty() || frame > pairs_.back().first)
            pairs_.emplace_back(frame, time / slowMotion);
}

FrameTimes FrameTimes::ofClip(const std::vector<double>& storedTimesS, double slowMotion) {
    FrameTimes times;
    times.whole_ = true;
    for (std::size_t i = 0; i < storedTimesS.size(); ++i)
        times.pairs_.emplace_back(static_cast<double>(i), storedTimesS[i] / slowMotion);
    return times;
}

namespace {

/// Line through the pair of known points that holds `x` (the nearest pair outside).
template <class Get>
double interpolate(const std::vector<std::pair<double, double>>& pairs, double x, Get key, Get value) {
    if (pairs.empty())
        return 0;
    if (pairs.size() == 1)
        return value(pairs[0]);
    auto above = std::upper_bound(pairs.begin(), pairs.end(), x,
                                  [&](double wanted, const auto& pair) { return wanted < key(pair); });
    above = std::clamp(above, pairs.begin() + 1, pairs.end() - 1);
    const auto below = above - 1;
    const double share = (x - key(*below)) / (key(*above) - key(*below));
    return value(*below) + share * (value(*above) - value(*below));
}

double first(const std::pair<double, double>& pair) { return pair.first; }
double second(const std::pair<double, double>& pair) { return pair.second; }

} // namespace

double FrameTimes::timeOf(double frame) const { return interpolate(pairs_, frame, first, second); }

double FrameTimes::frameOf(double timeS) const { return interpolate(pairs_, timeS, second, first); }

double FrameTimes::intervalAt(double frame) const {
    if (!known())
        return 0;
    constexpr double kOnFrame = 1e-6;
    const double nearest = std::round(frame);
    if (std::abs(frame - nearest) > kOnFrame)
        return timeOf(std::ceil(frame)) - timeOf(std::floor(frame));
    const double before = timeOf(nearest) - timeOf(nearest - 1), after = timeOf(nearest + 1) - timeOf(nearest);
    if (whole_ && nearest <= pairs_.front().first)
        return after;
    if (whole_ && nearest >= pairs_.back().first)
        return before;
    return (before + after) / 2;
}

double eventUncertainty(double intervalS, double markingFrames) {
    return intervalS * std::sqrt(1.0 / 12 + markingFrames * markingFrames);
}

} // namespace riflesso
