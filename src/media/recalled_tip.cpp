#include "media/recalled_tip.h"

#include "core/uncertainty/stats.h"
#include "media/implement_line.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

constexpr double kDegree = std::numbers::pi / 180;

double angleOf(PixelPoint from, PixelPoint to) { return std::atan2(to.y - from.y, to.x - from.x); }
double between(PixelPoint a, PixelPoint b) { return std::hypot(b.x - a.x, b.y - a.y); }

/// A look in which the implement is seen as a line that ends at the tip.
struct Seen {
    const HeldLook* look;
    LineBeside line;
};
/// A frame in which to look, and the look it is like.
struct Candidate {
    int frame;
    const Seen* like;
    double cost;
};

/// Best first. The forearm points as in the look and is as long in the picture, and moves little: a blurred line is
/// found less surely.
std::vector<Candidate> candidatesIn(const std::map<int, Forearm>& arms, const std::vector<Seen>& seen) {
    constexpr double kMostTurn = 25 * kDegree, kMostShorter = 0.25, kMoves = 0.25; // the last: of a forearm, a frame
    std::vector<Candidate> out;
    for (const auto& [frame, arm] : arms) {
        const double length = between(arm.elbow, arm.wrist);
        double moves = 0;
        for (const int other : {frame - 1, frame + 1})
            if (const auto beside = arms.find(other); beside != arms.end())
                moves = std::max(moves, between(arm.wrist, beside->second.wrist));
        std::optional<Candidate> best;
        for (const Seen& each : seen) {
            const HeldLook& look = *each.look;
            const double asLong = between(look.arm.elbow, look.arm.wrist);
            const double turn =
                std::abs(turnFrom(angleOf(look.arm.elbow, look.arm.wrist), angleOf(arm.elbow, arm.wrist)));
            if (turn > kMostTurn || std::abs(length - asLong) > kMostShorter * asLong)
                continue;
            const double cost = turn / kMostTurn + moves / (kMoves * asLong);
            if (!best || cost < best->cost)
                best = Candidate{frame, &each, cost};
        }
        if (best)
            out.push_back(*best);
    }
    std::stable_sort(out.begin(), out.end(), [](const Candidate& a, const Candidate& b) { return a.cost < b.cost; });
    return out;
}

struct Found {
    TrackSeed seed;
    double held; ///< how the implement stands to the forearm, less how it did in the look it is like, radians
};

/// Most of them that are held alike.
std::vector<TrackSeed> heldAlike(const std::vector<Found>& found) {
    constexpr double kAlike = 8 * kDegree;
    constexpr std::size_t kFewest = 2;
    std::vector<TrackSeed> best;
    for (const Found& middle : found) {
        std::vector<TrackSeed> alike;
        for (const Found& other : found)
            if (std::abs(other.held - middle.held) <= kAlike)
                alike.push_back(other.seed);
        if (alike.size() > best.size())
            best = std::move(alike);
    }
    if (best.size() < kFewest || 2 * best.size() < found.size())
        return {};
    std::sort(best.begin(), best.end(), [](const TrackSeed& a, const TrackSeed& b) { return a.frame < b.frame; });
    return best;
}

} // namespace

Result<std::vector<TrackSeed>> recallTip(const std::function<Result<Picture>(int)>& frame, const std::string& landmark,
                                         const std::map<int, Forearm>& arms, const std::vector<HeldLook>& looks,
                                         const std::function<bool(double share)>& goOn) {
    constexpr std::size_t kMostLooks = 8;
    constexpr int kApart = 4;
    constexpr double kSpread = 15 * kDegree, kBesidePx = 4;
    std::vector<Seen> seen;
    for (const HeldLook& look : looks) {
        const auto picture = frame(look.frame);
        if (!picture)
            return picture.error();
        if (const auto line = lineBeside(*picture, look.arm.wrist, look.tip))
            seen.push_back({&look, *line});
    }
    std::vector<Candidate> chosen;
    for (const Candidate& each : candidatesIn(arms, seen)) {
        const bool near = std::any_of(chosen.begin(), chosen.end(), [&](const Candidate& other) {
            return std::abs(other.frame - each.frame) < kApart;
        });
        if (!near && chosen.size() < kMostLooks)
            chosen.push_back(each);
    }
    std::sort(chosen.begin(), chosen.end(), [](const Candidate& a, const Candidate& b) { return a.frame < b.frame; });
    std::vector<Found> found;
    for (std::size_t i = 0; i < chosen.size(); ++i) {
        if (goOn && !goOn(static_cast<double>(i) / static_cast<double>(chosen.size())))
            return cancelled();
        const auto& [like, line] = *chosen[i].like;
        const HeldLook& look = *like;
        const Forearm& arm = arms.at(chosen[i].frame);
        const double held =
            turnFrom(angleOf(look.arm.elbow, look.arm.wrist), angleOf(look.arm.wrist, look.tip)); // to the forearm
        const double expected = angleOf(arm.elbow, arm.wrist) + held + line.turnedRad;
        const auto picture = frame(chosen[i].frame);
        if (!picture)
            return picture.error();
        if (const auto tip = tipOnLine(
                *picture, arm.wrist, {expected, kSpread, line.offsetPx, kBesidePx, between(look.arm.wrist, look.tip)}))
            found.push_back({{landmark, chosen[i].frame, tip->at, tip->sigmaPx}, turnFrom(expected, tip->angleRad)});
    }
    return heldAlike(found);
}

} // namespace riflesso
