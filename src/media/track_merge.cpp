#include "media/track_merge.h"

#include "core/points/trial.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <optional>

namespace riflesso {
namespace {

constexpr double kLeastVariance = 0.0075; // px²: no way is better than 0.09 px
constexpr double kLostGrowth = 3;         // a way that is lost was worse than those that arrive

double squaredApart(PixelPoint a, PixelPoint b) { // mean of both coordinates
    return ((a.x - b.x) * (a.x - b.x) + (a.y - b.y) * (a.y - b.y)) / 2;
}

using Steps = std::map<int, TrackStep>;

/// What a way lacks at the mark where it arrives.
struct Closure {
    double dx = 0, dy = 0;
    double variance = 0; ///< mean of both coordinates squared, less what the two marks explain
};

/// None where it was lost before.
std::optional<Closure> closure(const Steps& way, const TrackSeed& start, const TrackSeed& end) {
    const auto arrived = way.find(end.frame);
    if (arrived == way.end() || arrived->second.lost)
        return {};
    const double marks = squared(start.sigmaPx) + squared(end.sigmaPx);
    return Closure{arrived->second.at.x - end.at.x, arrived->second.at.y - end.at.y,
                   std::max(0.0, squaredApart(arrived->second.at, end.at) - marks)};
}

/// Where a way is in a frame of its stretch: at the mark it starts from, or a step.
std::optional<PixelPoint> placeOf(const Steps& way, const TrackSeed& start, int frame) {
    if (frame == start.frame)
        return start.at;
    const auto step = way.find(frame);
    return step == way.end() || step->second.lost ? std::nullopt : std::optional(step->second.at);
}

/// Between two marked frames.
struct Stretch {
    const TrackSeed *before = nullptr, *after = nullptr;
    std::optional<Closure> forward, backward;
    std::vector<double> done; ///< part of the movement, from the frame of `before` (0) to that of `after` (1)
};

/// Movement seen by the ways, frame by frame; where neither sees it, the mean of the others. A little for each frame:
/// what stands still drifts as well.
std::vector<double> movementDone(const TrackWays& ways, const TrackSeed& before, const TrackSeed& after) {
    constexpr double kStillPx = 0.1;
    std::vector<std::optional<double>> steps;
    double sum = 0;
    int seen = 0;
    for (int frame = before.frame + 1; frame <= after.frame; ++frame) {
        double moved = 0;
        int count = 0;
        for (const auto& [way, start] : {std::pair(&ways.forward, &before), std::pair(&ways.backward, &after)})
            if (const auto from = placeOf(*way, *start, frame - 1), to = placeOf(*way, *start, frame); from && to) {
                moved += std::hypot(to->x - from->x, to->y - from->y);
                ++count;
            }
        steps.push_back(count ? std::optional(kStillPx + moved / count) : std::nullopt);
        sum += steps.back().value_or(0);
        seen += count > 0;
    }
    const double usual = seen ? sum / seen : kStillPx;
    std::vector<double> done = {0};
    for (const auto& step : steps)
        done.push_back(done.back() + step.value_or(usual));
    for (double& part : done)
        part /= done.back();
    return done;
}

std::vector<Stretch> stretchesOf(const TrackWays& ways) {
    std::vector<Stretch> out;
    for (auto seed = ways.seeds.begin(); seed != ways.seeds.end() && std::next(seed) != ways.seeds.end(); ++seed) {
        const TrackSeed &before = seed->second, &after = std::next(seed)->second;
        out.push_back({&before, &after, closure(ways.forward, before, after), closure(ways.backward, after, before),
                       movementDone(ways, before, after)});
    }
    return out;
}

/// What a whole stretch, and a single frame, has cost the ways that arrive: mean variance, px².
struct Growth {
    double ofStretch = 0, ofFrame = 0;
};

Growth usualGrowth(const std::vector<Stretch>& stretches) {
    Growth sum;
    int count = 0;
    for (const Stretch& stretch : stretches)
        for (const auto& shown : {stretch.forward, stretch.backward})
            if (shown) {
                sum.ofStretch += shown->variance;
                sum.ofFrame += shown->variance / (stretch.after->frame - stretch.before->frame);
                ++count;
            }
    return count ? Growth{sum.ofStretch / count, sum.ofFrame / count} : sum;
}

struct Estimate {
    PixelPoint at;
    double variance = 0;
    bool corrected = false;
};

/// A way inside a stretch; `gone`: part of the movement since its mark.
std::optional<Estimate> estimate(const Steps& way, int frame, double gone, const std::optional<Closure>& shown,
                                 double usual) {
    const auto step = way.find(frame);
    if (step == way.end() || step->second.lost)
        return {};
    const PixelPoint at = step->second.at;
    if (shown)
        return Estimate{{at.x - gone * shown->dx, at.y - gone * shown->dy},
                        (shown->variance + usual) / 2 * gone * (1 - gone) + kLeastVariance,
                        true};
    return Estimate{at, std::max(step->second.variance, kLostGrowth * usual * gone), false};
}

MergedPoint inside(const TrackWays& ways, const Stretch& stretch, int frame, double usual) {
    MergedPoint point;
    point.done = stretch.done[static_cast<std::size_t>(frame - stretch.before->frame)];
    const auto forward = estimate(ways.forward, frame, point.done, stretch.forward, usual);
    const auto backward = estimate(ways.backward, frame, 1 - point.done, stretch.backward, usual);
    if (!forward && !backward)
        return point;
    // Share of the backward way; a corrected way owes to either mark by what is done.
    double share = forward ? 0 : 1;
    if (forward && backward)
        share = forward->corrected && backward->corrected
                    ? point.done
                    : forward->variance / (forward->variance + backward->variance);
    const Estimate a = forward.value_or(Estimate()), b = backward.value_or(Estimate());
    point.at = {(1 - share) * a.at.x + share * b.at.x, (1 - share) * a.at.y + share * b.at.y};
    point.variance = squared(1 - share) * a.variance + squared(share) * b.variance;
    if (forward && backward)
        point.variance += share * (1 - share) * squaredApart(a.at, b.at);
    const double ofAfter = (1 - share) * (a.corrected ? point.done : 0) + share * (b.corrected ? point.done : 1);
    point.variancesOfMarks =
        squared((1 - ofAfter) * stretch.before->sigmaPx) + squared(ofAfter * stretch.after->sigmaPx);
    point.lost = false;
    return point;
}

/// Before the first mark or after the last: one way, and nothing to close on.
MergedPoint outside(const Steps& way, const TrackSeed& seed, int frame, double usual) {
    MergedPoint point;
    const auto step = way.find(frame);
    if (step == way.end() || step->second.lost)
        return point;
    point.at = step->second.at;
    point.variancesOfMarks = squared(seed.sigmaPx);
    point.variance = std::max(step->second.variance, usual * std::abs(frame - seed.frame));
    point.lost = false;
    return point;
}

} // namespace

MergedPath mergeWays(const TrackWays& ways, int from, int to) {
    const std::vector<Stretch> stretches = stretchesOf(ways);
    const Growth usual = usualGrowth(stretches);
    MergedPath out;
    auto stretch = stretches.begin();
    for (int frame = from; frame <= to; ++frame) {
        while (stretch != stretches.end() && stretch->after->frame < frame)
            ++stretch;
        const auto seed = ways.seeds.find(frame);
        if (seed != ways.seeds.end())
            out.push_back({seed->second.at, 0, squared(seed->second.sigmaPx), 0, false, true});
        else if (ways.seeds.empty())
            out.emplace_back();
        else if (frame < ways.seeds.begin()->first)
            out.push_back(outside(ways.backward, ways.seeds.begin()->second, frame, usual.ofFrame));
        else if (frame > ways.seeds.rbegin()->first)
            out.push_back(outside(ways.forward, ways.seeds.rbegin()->second, frame, usual.ofFrame));
        else
            out.push_back(inside(ways, *stretch, frame, usual.ofStretch));
    }
    return out;
}

TrackedPath judgedPath(const MergedPath& path, int from, int pictureHeight) {
    using Status = TrackedPoint::Status;
    const double mark = defaultSigmaPx(pictureHeight);
    TrackedPath out;
    for (const MergedPoint& point : path) {
        // In a small picture a mark is set no nearer than in a large one: half of it is where the eye stops.
        constexpr double kDoubtful = 1, kLeastDoubtPx = 2, kUseless = 6;
        const double cost = std::sqrt(point.variance);
        const Status status = point.lost || cost > kUseless * mark               ? Status::Lost
                              : cost > std::max(kLeastDoubtPx, kDoubtful * mark) ? Status::Doubtful
                                                                                 : Status::Tracked;
        out.push_back({from++, point.at, std::sqrt(point.variance + point.variancesOfMarks), status});
    }
    return out;
}

} // namespace riflesso
