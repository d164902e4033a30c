#include "core/signal/timebase.h"

#include <algorithm>
#include <cmath>

namespace riflesso {

FrameTimes::FrameTimes(std::vector<Pair> pairs, double slowMotion) {
    std::sort(pairs.begin(), pairs.end());
    std::vector<Pair> known;
    for (const auto& [frame, time] : pairs)
        if (known.empty() || frame > known.back().first)
            known.emplace_back(frame, time / slowMotion);
    pairs_ = std::make_shared<const std::vector<Pair>>(std::move(known));
}

FrameTimes FrameTimes::ofClip(std::shared_ptr<const std::vector<double>> storedTimesS, double slowMotion) {
    FrameTimes times;
    times.clip_ = std::move(storedTimesS);
    times.slowMotion_ = slowMotion;
    return times;
}

/// Line through the two known pairs round `x` (the nearest two outside).
template <class Key, class Value> double FrameTimes::interpolate(double x, Key key, Value value) const {
    const std::size_t n = size();
    if (n == 0)
        return 0;
    if (n == 1)
        return value(pair(0));
    // The first pair above x, among all but the first.
    std::size_t low = 1, high = n - 1;
    while (low < high) {
        const std::size_t middle = (low + high) / 2;
        if (x < key(pair(middle)))
            high = middle;
        else
            low = middle + 1;
    }
    const Pair below = pair(low - 1), above = pair(low);
    const double share = (x - key(below)) / (key(above) - key(below));
    return value(below) + share * (value(above) - value(below));
}

namespace {
constexpr auto kFirst = [](const std::pair<double, double>& pair) { return pair.first; };
constexpr auto kSecond = [](const std::pair<double, double>& pair) { return pair.second; };
} // namespace

double FrameTimes::timeOf(double frame) const { return interpolate(frame, kFirst, kSecond); }

double FrameTimes::frameOf(double timeS) const { return interpolate(timeS, kSecond, kFirst); }

double FrameTimes::intervalAt(double frame) const {
    if (!known())
        return 0;
    constexpr double kOnFrame = 1e-6;
    const double nearest = std::round(frame);
    if (std::abs(frame - nearest) > kOnFrame)
        return timeOf(std::ceil(frame)) - timeOf(std::floor(frame));
    const double before = timeOf(nearest) - timeOf(nearest - 1), after = timeOf(nearest + 1) - timeOf(nearest);
    if (clip_ && nearest <= pair(0).first)
        return after;
    if (clip_ && nearest >= pair(size() - 1).first)
        return before;
    return (before + after) / 2;
}

double eventUncertainty(double intervalS, double markingFrames) {
    return intervalS * std::sqrt(1.0 / 12 + markingFrames * markingFrames);
}

} // namespace riflesso
