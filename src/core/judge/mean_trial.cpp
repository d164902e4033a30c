#include "core/judge/mean_trial.h"

#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kSteps = 101;
constexpr double kTrunkPx = 100, kOriginPx = 1000;

/// Where a landmark is at a time, between its neighbouring marks; none further than this from one (own choice).
std::optional<PixelPoint> at(const Trial& trial, const std::string& name, double timeS) {
    constexpr double kFarthestS = 0.1;
    const auto track = trial.marks.find(name);
    if (track == trial.marks.end() || track->second.empty())
        return {};
    const double frame = trial.times.frameOf(timeS);
    const auto after = track->second.lower_bound(static_cast<int>(std::ceil(frame)));
    const auto near = [&](MarksByFrame::const_iterator mark) {
        return std::abs(trial.times.timeOf(mark->first) - timeS) <= kFarthestS;
    };
    if (after == track->second.end())
        return near(std::prev(after)) ? std::optional(std::prev(after)->second.at) : std::nullopt;
    if (after == track->second.begin() || after->first <= frame)
        return near(after) ? std::optional(after->second.at) : std::nullopt;
    const auto before = std::prev(after);
    if (!near(before) && !near(after))
        return {};
    const double share = (frame - before->first) / (after->first - before->first);
    const PixelPoint a = before->second.at, b = after->second.at;
    return PixelPoint{a.x + share * (b.x - a.x), a.y + share * (b.y - a.y)};
}

/// A trial in its own lengths: the names of its points by role, its trunk in pixels, where it begins.
struct Scaled {
    const Trial* trial;
    PhaseMap map;
    std::map<std::string, Side> sides;
    double trunkPx = 0, flip = 1;
    PixelPoint origin;
};

PointRef partOf(const Pack& pack, std::string_view part) {
    for (const PointRef& ref : pack.marked)
        if (ref.part == part)
            return ref;
    return {};
}

std::optional<Scaled> scaled(const Pack& pack, const Trial& trial, const PhaseAnchors& anchors) {
    auto map = PhaseMap::of(anchors, trial);
    if (!map)
        return {};
    Scaled out{&trial,
               std::move(*map),
               resolveRoles(pack, trial),
               0,
               trial.capture.view == View::Side && trial.capture.facing == Side::Left ? -1.0 : 1.0,
               {}};
    const std::string hip = resolvePoint(partOf(pack, "hip"), out.sides),
                      shoulder = resolvePoint(partOf(pack, "shoulder"), out.sides);
    std::vector<double> trunks;
    for (int percent = 0; percent < kSteps; ++percent) {
        const double timeS = out.map.timeAt(percent);
        const auto low = at(trial, hip, timeS), high = at(trial, shoulder, timeS);
        if (low && high)
            trunks.push_back(std::hypot(high->x - low->x, high->y - low->y));
    }
    const auto begins = at(trial, hip, out.map.timeAt(0));
    if (trunks.empty() || !begins)
        return {};
    out.trunkPx = median(trunks);
    out.origin = *begins;
    return out.trunkPx > 0 ? std::optional(std::move(out)) : std::nullopt;
}

} // namespace

std::optional<Trial> meanTrial(const Pack& pack, const std::vector<Trial>& trials, const PhaseAnchors& anchors) {
    std::vector<Scaled> all;
    for (const Trial& trial : trials)
        if (trial.capture.view == trials.front().capture.view)
            if (auto one = scaled(pack, trial, anchors))
                all.push_back(std::move(*one));
    constexpr std::size_t kFewest = 2;
    if (all.size() < kFewest)
        return {};
    Trial out;
    out.id = std::string(kMeanTrial);
    out.capture = all.front().trial->capture;
    out.capture.facing = Side::Right;
    out.capture.metresPerPixel.reset();
    out.performer = "mean";
    double durationS = 0;
    for (const Scaled& one : all)
        durationS += (one.map.timeAt(100) - one.map.timeAt(0)) / static_cast<double>(all.size());
    std::vector<double> times;
    for (int percent = 0; percent < kSteps; ++percent)
        times.push_back(durationS * percent / (kSteps - 1));
    out.times = FrameTimes::ofClip(times);
    for (const PhaseAnchors::Anchor& anchor : anchors.anchors)
        out.events.push_back({anchor.event, anchor.percent, durationS * anchor.percent / 100, 0});
    for (const PointRef& ref : pack.marked) {
        const std::string name = resolvePoint(ref, all.front().sides);
        for (int percent = 0; percent < kSteps && !name.empty(); ++percent) {
            double x = 0, y = 0;
            std::size_t count = 0;
            for (const Scaled& one : all)
                if (const auto p = at(*one.trial, resolvePoint(ref, one.sides), one.map.timeAt(percent))) {
                    x += one.flip * (p->x - one.origin.x) / one.trunkPx;
                    y += (p->y - one.origin.y) / one.trunkPx;
                    ++count;
                }
            if (2 * count < all.size() || count == 0)
                continue;
            const auto n = static_cast<double>(count);
            out.marks[name][percent] = {{kOriginPx + kTrunkPx * x / n, kOriginPx + kTrunkPx * y / n}, 1, "mean"};
        }
    }
    return out;
}

} // namespace riflesso
