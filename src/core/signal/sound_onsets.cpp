#include "core/signal/sound_onsets.h"

#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <cstddef>

namespace riflesso {

std::vector<SoundOnset> soundOnsets(const std::vector<float>& samples, double rateHz) {
    std::vector<SoundOnset> out;
    constexpr double kHopS = 0.002, kBeforeS = 0.06, kApartS = 0.08;
    constexpr double kRiseDb = 12, kFloorDb = -75, kOverUsualDb = 9;
    const auto hop = static_cast<std::size_t>(std::lround(kHopS * rateHz));
    if (hop < 2 || samples.size() < 40 * hop)
        return out;
    std::vector<double> power;
    for (std::size_t i = 1; i + hop <= samples.size(); i += hop) {
        double sum = 0;
        for (std::size_t k = i; k < i + hop; ++k) {
            const double d = static_cast<double>(samples[k]) - static_cast<double>(samples[k - 1]);
            sum += d * d;
        }
        power.push_back(std::max(kFloorDb, 10 * std::log10(sum / static_cast<double>(hop) + 1e-12)));
    }
    const double usual = median(power);
    const auto before = static_cast<std::size_t>(kBeforeS / kHopS), apart = static_cast<std::size_t>(kApartS / kHopS);
    std::size_t free = before;
    for (std::size_t i = before; i + 3 < power.size(); ++i) {
        const double top = *std::max_element(power.begin() + static_cast<std::ptrdiff_t>(i),
                                             power.begin() + static_cast<std::ptrdiff_t>(i + 3));
        const double ground = median(
            {power.begin() + static_cast<std::ptrdiff_t>(i - before), power.begin() + static_cast<std::ptrdiff_t>(i)});
        if (i < free || top - ground < kRiseDb || top - usual < kOverUsualDb || power[i] - ground < kRiseDb / 2)
            continue;
        // Within the hops of the rise: the first sample that is a good part of what is to come.
        const std::size_t from = 1 + (i - 1) * hop, to = std::min(samples.size(), 1 + (i + 3) * hop);
        double peak = 0;
        for (std::size_t k = from; k < to; ++k)
            peak = std::max(peak, std::abs(static_cast<double>(samples[k]) - static_cast<double>(samples[k - 1])));
        std::size_t first = from;
        while (first < to &&
               std::abs(static_cast<double>(samples[first]) - static_cast<double>(samples[first - 1])) < peak / 4)
            ++first;
        std::size_t full = first;
        while (full < to &&
               std::abs(static_cast<double>(samples[full]) - static_cast<double>(samples[full - 1])) < 0.9 * peak)
            ++full;
        const double rise = static_cast<double>(full - first) / rateHz;
        out.push_back(
            {static_cast<double>(first) / rateHz, std::hypot(rise / std::sqrt(12.0), 0.5 / rateHz), top - ground});
        free = i + apart;
    }
    return out;
}

} // namespace riflesso
