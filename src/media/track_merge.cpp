#include "media/track_merge.h"

#include "core/trial.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <optional>

namespace riflesso {
namespace {

double squaredApart(PixelPoint a, PixelPoint b) { // mean of both coordinates
    return ((a.x - b.x) * (a.x - b.x) + (a.y - b.y) * (a.y - b.y)) / 2;
}

using Steps = std::map<int, TrackStep>;

/// Variance per frame that the arrival of a way at the next mark shows, beyond what the two marks explain; none where
/// it was lost before.
std::optional<double> closure(const Steps& way, const TrackSeed& start, const TrackSeed& end) {
    const auto arrived = way.find(end.frame);
    if (arrived == way.end() || arrived->second.lost)
        return {};
    const double marks = start.sigmaPx * start.sigmaPx + end.sigmaPx * end.sigmaPx;
    return std::max(0.0, squaredApart(arrived->second.at, end.at) - marks) / std::abs(end.frame - start.frame);
}

/// The mean of what the closures of all stretches show, for stretches that have none of their own.
double usualGrowth(const TrackWays& ways) {
    double sum = 0;
    int count = 0;
    for (auto seed = ways.seeds.begin(); seed != ways.seeds.end() && std::next(seed) != ways.seeds.end(); ++seed) {
        const auto next = std::next(seed);
        for (const auto& shown :
             {closure(ways.forward, seed->second, next->second), closure(ways.backward, next->second, seed->second)})
            if (shown) {
                sum += *shown;
                ++count;
            }
    }
    return count ? sum / count : 0;
}

struct Estimate {
    PixelPoint at;
    double variance = 0;
};

/// A way at a frame, `seed` the mark it comes from.
std::optional<Estimate> estimate(const Steps& way, int frame, const TrackSeed& seed, double growth) {
    const auto step = way.find(frame);
    if (step == way.end() || step->second.lost)
        return {};
    const double shown = seed.sigmaPx * seed.sigmaPx + growth * std::abs(frame - seed.frame);
    return Estimate{step->second.at, std::max(step->second.variance, shown)};
}

Estimate fused(const Estimate& a, const Estimate& b) {
    const double wa = b.variance / (a.variance + b.variance), wb = 1 - wa;
    return {{wa * a.at.x + wb * b.at.x, wa * a.at.y + wb * b.at.y},
            a.variance * b.variance / (a.variance + b.variance) + wa * wb * squaredApart(a.at, b.at)};
}

} // namespace

TrackedPath mergeWays(const TrackWays& ways, int from, int to, int pictureHeight) {
    using Status = TrackedPoint::Status;
    const double usual = usualGrowth(ways), mark = defaultSigmaPx(pictureHeight);
    TrackedPath out;
    for (int frame = from; frame <= to; ++frame) {
        TrackedPoint point{frame, {}, 0, Status::Lost};
        const auto after = ways.seeds.lower_bound(frame);
        if (after != ways.seeds.end() && after->first == frame) {
            out.push_back({frame, after->second.at, after->second.sigmaPx, Status::Tracked});
            continue;
        }
        std::optional<Estimate> forward, backward;
        if (after != ways.seeds.begin()) {
            const TrackSeed& seed = std::prev(after)->second;
            const auto shown = after == ways.seeds.end() ? std::nullopt : closure(ways.forward, seed, after->second);
            forward = estimate(ways.forward, frame, seed, shown.value_or(usual));
        }
        if (after != ways.seeds.end()) {
            const TrackSeed& seed = after->second;
            const auto shown =
                after == ways.seeds.begin() ? std::nullopt : closure(ways.backward, seed, std::prev(after)->second);
            backward = estimate(ways.backward, frame, seed, shown.value_or(usual));
        }
        if (forward || backward) {
            const Estimate best = forward && backward ? fused(*forward, *backward) : forward ? *forward : *backward;
            constexpr double kDoubtful = 2, kUseless = 6;
            point.at = best.at;
            point.sigmaPx = std::sqrt(best.variance);
            point.status = point.sigmaPx > kUseless * mark    ? Status::Lost
                           : point.sigmaPx > kDoubtful * mark ? Status::Doubtful
                                                              : Status::Tracked;
        }
        out.push_back(point);
    }
    return out;
}

} // namespace riflesso
