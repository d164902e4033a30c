#include "media/limb_sides.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <limits>
#include <utility>

namespace riflesso {
namespace {

// Own choices, tried on the demo's lunges, strokes and shots, first sessions and retests.
constexpr double kNear = 0.02;        ///< of the body's height: a way that costs log 2
constexpr double kNamed = 0.025;      ///< a joint that the network named otherwise
constexpr double kOther = 0.4;        ///< a joint that it names otherwise than in the frame before
constexpr double kApart = 0.4;        ///< neighbouring joints of a limb of which only one is exchanged
constexpr double kOfAnkle = 1;        ///< weight of the way from an ankle to its heel and toe
constexpr double kOfMark = 10;        ///< weight of the way from a person's mark
constexpr std::size_t kLookBack = 4;  ///< frames in which a point may have gone unseen
constexpr std::size_t kSpeedOver = 3; ///< frames that a speed is taken over

/// Joints of a limb from the trunk outwards. A state of it is a number of so many bits: which of them are exchanged.
using Limb = std::vector<std::string>;

std::string nameOf(const std::string& joint, bool right) { return (right ? "right_" : "left_") + joint; }

/// What it costs that a point went from a to b, in a unit in which `unit` px are near; far is no dearer than a few
/// times that.
double costOfWay(PixelPoint a, PixelPoint b, double unit) {
    const double share = std::hypot(a.x - b.x, a.y - b.y) / unit;
    return std::log1p(share * share);
}

class LimbSides {
public:
    LimbSides(const Limb& limb, const std::vector<SeenFrame>& frames, const std::map<std::string, MarksByFrame>& set,
              double bodyHeight)
        : limb_(limb), frames_(frames), set_(set), unit_(kNear * bodyHeight), states_(std::size_t{1} << limb.size()) {}

    /// The state of each frame on the shortest path through all.
    [[nodiscard]] std::vector<std::size_t> path() const {
        const std::size_t n = frames_.size();
        std::vector<double> cost(states_, 0);
        std::vector<std::vector<std::size_t>> from(n, std::vector<std::size_t>(states_, 0));
        for (std::size_t i = 0; i < n; ++i) {
            const auto ways = waysInto(i);
            std::vector<double> next(states_, std::numeric_limits<double>::infinity());
            for (std::size_t here = 0; here < states_; ++here) {
                const double own = ofItself(i, here);
                for (std::size_t before = 0; before < states_; ++before) {
                    double sum = cost[before] + own + kOther * std::popcount(before ^ here);
                    for (std::size_t joint = 0; joint < limb_.size(); ++joint)
                        sum += ways[joint][before >> joint & 1][here >> joint & 1];
                    if (sum < next[here]) {
                        next[here] = sum;
                        from[i][here] = before;
                    }
                }
            }
            cost = std::move(next);
        }
        std::size_t state = 0;
        for (std::size_t other = 0; other < states_; ++other)
            if (cost[other] < cost[state])
                state = other;
        std::vector<std::size_t> out(n);
        for (std::size_t i = n; i-- > 0; state = from[i][state])
            out[i] = state;
        return out;
    }

private:
    [[nodiscard]] const ProposedPoint* seen(std::size_t frame, const std::string& landmark) const {
        const auto point = frames_[frame].points.find(landmark);
        return point == frames_[frame].points.end() ? nullptr : &point->second;
    }

    /// Neighbouring joints of which only one is exchanged.
    [[nodiscard]] int apart(std::size_t state) const {
        int count = 0;
        for (std::size_t joint = 1; joint < limb_.size(); ++joint)
            count += (state >> joint & 1) != (state >> (joint - 1) & 1);
        return count;
    }

    /// Of each joint, by whether it was exchanged before and is now: from where each side was last seen.
    [[nodiscard]] std::vector<std::array<std::array<double, 2>, 2>> waysInto(std::size_t i) const {
        std::vector<std::array<std::array<double, 2>, 2>> out(limb_.size());
        for (std::size_t joint = 0; joint < limb_.size(); ++joint)
            for (const bool before : {false, true})
                for (const bool here : {false, true}) {
                    double& sum = out[joint][before][here];
                    sum = 0;
                    for (const bool right : {false, true}) {
                        if (const ProposedPoint* now = seen(i, nameOf(limb_[joint], right != here)))
                            sum += wayTo(*now, i, nameOf(limb_[joint], right != before));
                    }
                }
        return out;
    }

    /// From where a landmark was last seen before frame i, or from where it would be had it gone on as in the last
    /// frames, whichever is nearer: a limb that passes another does not stop there.
    [[nodiscard]] double wayTo(const ProposedPoint& now, std::size_t i, const std::string& landmark) const {
        for (std::size_t back = 1; back <= kLookBack && back <= i; ++back) {
            const ProposedPoint* last = seen(i - back, landmark);
            if (!last)
                continue;
            const double stays = costOfWay(last->at, now.at, unit_);
            const ProposedPoint* before = i >= back + kSpeedOver ? seen(i - back - kSpeedOver, landmark) : nullptr;
            if (!before)
                return stays;
            const double share = static_cast<double>(back) / static_cast<double>(kSpeedOver);
            const PixelPoint goesOn{last->at.x + share * (last->at.x - before->at.x),
                                    last->at.y + share * (last->at.y - before->at.y)};
            return std::min(stays, costOfWay(goesOn, now.at, unit_));
        }
        return 0;
    }

    /// The network's word; joints of one limb that go different ways; how far a foot is from its ankle; a person's
    /// word.
    [[nodiscard]] double ofItself(std::size_t i, std::size_t state) const {
        double sum = kApart * apart(state);
        for (std::size_t joint = 0; joint < limb_.size(); ++joint) {
            const bool exchanged = state >> joint & 1;
            sum += exchanged ? kNamed : 0;
            for (const bool right : {false, true}) {
                const ProposedPoint* point = seen(i, nameOf(limb_[joint], right != exchanged));
                if (!point)
                    continue;
                constexpr std::size_t kAnkle = 2;
                if (joint > kAnkle)
                    if (const ProposedPoint* ankle = seen(i, nameOf(limb_[kAnkle], right != (state >> kAnkle & 1))))
                        sum += kOfAnkle * costOfWay(ankle->at, point->at, unit_);
                const auto marks = set_.find(nameOf(limb_[joint], right));
                if (marks == set_.end())
                    continue;
                if (const auto mark = marks->second.find(frames_[i].frame); mark != marks->second.end())
                    sum += kOfMark * costOfWay(mark->second.at, point->at, unit_);
            }
        }
        return sum;
    }

    const Limb& limb_;
    const std::vector<SeenFrame>& frames_;
    const std::map<std::string, MarksByFrame>& set_;
    double unit_;
    std::size_t states_;
};

void swapSides(SeenFrame& frame, const std::string& joint) {
    auto left = frame.points.extract(nameOf(joint, false)), right = frame.points.extract(nameOf(joint, true));
    for (auto* point : {&left, &right})
        if (!point->empty()) {
            point->key() = point->mapped().landmark = nameOf(joint, point == &left);
            frame.points.insert(std::move(*point));
        }
}

} // namespace

void settleSides(std::vector<SeenFrame>& frames, const std::map<std::string, MarksByFrame>& set, double bodyHeight) {
    for (const Limb& limb :
         {Limb{"shoulder", "elbow", "wrist"}, {"hip", "knee", "ankle", "heel", "toe"}, {"eye", "ear"}}) {
        const std::vector<std::size_t> path = LimbSides(limb, frames, set, bodyHeight).path();
        for (std::size_t i = 0; i < frames.size(); ++i)
            for (std::size_t joint = 0; joint < limb.size(); ++joint)
                if (path[i] >> joint & 1)
                    swapSides(frames[i], limb[joint]);
    }
}

} // namespace riflesso
