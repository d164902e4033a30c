#include "media/followed_athlete.h"

#include "media/body_colours.h"
#include "media/joint_shares.h"
#include "media/picture_run.h"
#include "media/threads.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <future>
#include <map>

namespace riflesso {
namespace {

// Own choices, tried on three repetitions of each of the demo's movements (bench-quick-proposals).
constexpr double kAgree = 4.5;     ///< of the network's standard uncertainty: further away the picture lost the point
constexpr double kLookShare = .22; ///< of all frames; and
constexpr int kSpare = 2;          ///< looks beside that
constexpr int kFeetApart = 8;      ///< frames from one look of the second network to the next
constexpr double kAnother = 35;    ///< CIELAB: who is further from the athlete's colours is somebody else
constexpr double kSamePlace = .06; ///< of the height: how far the trunk of who is half covered may be from its way
constexpr int kLookAround = 8;     ///< looks without the athlete after which they may be anywhere

double gap(PixelPoint a, PixelPoint b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// The same joint of the other side in the network's order, in which left and right follow each other from the eyes on.
std::size_t otherSide(std::size_t joint) { return joint == 0 ? 0 : (joint % 2 ? joint + 1 : joint - 1); }

class AthleteFollower {
public:
    AthleteFollower(PoseNetwork& network, PictureRun& pictures, const LookPlan& plan, int from, int to)
        : network_(network), pictures_(pictures), plan_(plan), from_(from), to_(to),
          joints_(static_cast<std::size_t>(to - from + 1)), feet_(joints_.size()) {}

    Result<std::vector<ProposedFrame>> run(const std::function<bool(double)>& goOn) {
        const auto share = [&](int at) {
            return !goOn || goOn(static_cast<double>(at - from_) / std::max(1, to_ - from_ + 1));
        };
        if (!share(from_))
            return cancelled();
        if (auto done = look(from_); !done)
            return done.error();
        for (int at = from_; at < to_;) {
            const int next = std::min(to_, at + plan_.mostApart);
            if (auto done = stretch(at, next); !done)
                return done.error();
            if (auto done = feetBehind(at, next); !done)
                return done.error();
            at = next;
            if (!share(at))
                return cancelled();
        }
        if (auto done = feetBehind(to_, to_ + 1); !done)
            return done.error();
        if (auto done = feetDone(); !done)
            return done.error();
        takeBackCovered();
        std::vector<ProposedFrame> out;
        for (int at = from_; at <= to_; ++at) {
            std::vector<ProposedPoint> points = std::move(joints(at));
            if (!points.empty())
                for (ProposedPoint& foot : feet_[index(at)])
                    points.push_back(std::move(foot));
            out.push_back({at, std::move(points)});
        }
        return out;
    }

private:
    using Points = std::vector<ProposedPoint>;
    [[nodiscard]] std::size_t index(int frame) const { return static_cast<std::size_t>(frame - from_); }
    Points& joints(int frame) { return joints_[index(frame)]; }

    static double heightOf(const Points& points) {
        const auto heights = bodyHeightsIn([&](const std::string& name) -> const PixelPoint* {
            const auto point = std::find_if(points.begin(), points.end(), [&](const ProposedPoint& p) {
                return p.landmark == name && p.score >= kPlaced;
            });
            return point == points.end() ? nullptr : &point->at;
        });
        return heights.empty() ? 0 : *std::max_element(heights.begin(), heights.end());
    }

    /// The network looks at this frame, where the athlete is expected. If somebody else stands there it looks once
    /// more, without them; where it still does not see the athlete, nobody is seen.
    Result<void> look(int frame) {
        const auto held = pictures_.at(frame);
        if (!held)
            return held.error();
        if (missed_ > 0 && missed_ % kLookAround == 0)
            network_.lookIn({});
        auto seen = network_.joints(held->picture);
        ++looksSoFar_;
        if (seen && !seen->empty() && !isAthlete(held->picture, *seen)) {
            refused_[frame] = *seen;
            if (!lastSeen_.empty())
                network_.expect(lastSeen_);
            const Picture without = withoutBody(held->picture, *seen);
            seen = network_.joints(without);
            // The grey shape may be taken for a body once more; beside it the other's back may cover the athlete's.
            const auto there = trunkOf(refused_[frame]), here = seen ? trunkOf(*seen) : std::nullopt;
            const bool beside = there && here && gap(*there, *here) > kSamePlace * height_;
            if (seen && !seen->empty() && !isAthlete(beside ? without : held->picture, *seen))
                seen->clear();
        }
        if (!seen)
            return seen.error();
        joints(frame) = std::move(*seen);
        if (joints(frame).empty()) {
            missed_ += refused_.contains(frame) ? 1 : 0;
            return {};
        }
        missed_ = 0;
        lastSeen_ = joints(frame);
        height_ = std::max(height_, heightOf(joints(frame)));
        return {};
    }

    /// Middle of shoulders and hips; none where one of them is not seen.
    static std::optional<PixelPoint> trunkOf(const Points& points) {
        PixelPoint sum;
        int count = 0;
        for (const ProposedPoint& point : points)
            if (point.score >= kPlaced && (point.landmark.ends_with("shoulder") || point.landmark.ends_with("hip"))) {
                sum = {sum.x + point.at.x, sum.y + point.at.y};
                ++count;
            }
        constexpr int kAll = 4;
        return count < kAll ? std::nullopt : std::optional(PixelPoint{sum.x / kAll, sum.y / kAll});
    }

    /// Half covered, the athlete shows the other's colours too. Where those who were refused all lie on the way from
    /// where the athlete was last to where they are again, they were the athlete: doubtful, and straight from look to
    /// look.
    void takeBackCovered() {
        for (int at = from_ + 1; at < to_; ++at) {
            if (!joints(at).empty() || joints(at - 1).empty())
                continue;
            const int before = at - 1;
            while (at <= to_ && joints(at).empty())
                ++at;
            std::vector<int> looks = {before};
            for (auto refused = refused_.upper_bound(before); refused != refused_.end() && refused->first < at;
                 ++refused)
                looks.push_back(refused->first);
            looks.push_back(at);
            if (at > to_ || looks.size() < 3 || !onTheWay(looks))
                continue;
            for (std::size_t i = 1; i < looks.size(); ++i)
                straightOn(looks[i - 1], looks[i]);
        }
    }
    const Points& seenAt(int frame) {
        const auto refused = refused_.find(frame);
        return joints(frame).empty() && refused != refused_.end() ? refused->second : joints(frame);
    }
    bool onTheWay(const std::vector<int>& looks) {
        const int first = looks.front(), last = looks.back();
        const auto from = trunkOf(seenAt(first)), to = trunkOf(seenAt(last));
        if (!from || !to)
            return false;
        for (std::size_t i = 1; i < looks.size(); ++i) {
            const auto here = trunkOf(seenAt(looks[i]));
            const double share = static_cast<double>(looks[i] - first) / (last - first);
            const PixelPoint way{from->x + share * (to->x - from->x), from->y + share * (to->y - from->y)};
            if (looks[i] - looks[i - 1] > plan_.mostApart || !here || gap(*here, way) > kSamePlace * height_)
                return false;
        }
        return true;
    }
    /// The frames after `a` to before `b`, and `b` itself where it was refused.
    void straightOn(int a, int b) {
        constexpr double kDoubtful = kSure - .05;
        const Points from = seenAt(a), to = seenAt(b);
        for (int at = a + 1; at <= b && from.size() == to.size(); ++at) {
            if (!joints(at).empty())
                continue;
            Points points = to;
            const double share = static_cast<double>(at - a) / (b - a);
            for (std::size_t i = 0; i < points.size(); ++i) {
                points[i].at = {from[i].at.x + share * (to[i].at.x - from[i].at.x),
                                from[i].at.y + share * (to[i].at.y - from[i].at.y)};
                points[i].score = std::min({from[i].score, to[i].score, kDoubtful});
                points[i].carried = at < b;
                points[i].onward.reset();
            }
            joints(at) = std::move(points);
        }
    }

    /// By what they wear. The first who is seen is the athlete.
    bool isAthlete(const Picture& picture, const Points& seen) {
        double scores = 0;
        for (const ProposedPoint& point : seen)
            scores += point.score;
        if (scores < kHardly * static_cast<double>(seen.size()))
            return true; // hardly made out: its joints lie anywhere, and so do the colours
        const BodyColours colours = coloursOf(picture, seen);
        if (unlike(known_, colours).value_or(0) > kAnother)
            return false;
        takeIn(known_, colours);
        return true;
    }

    /// Carries points of frame `a` on to before `b`; where they would arrive there. Points that the picture does not
    /// carry stop, are `lost`, and have no step from there on.
    Result<Points> carry(std::vector<Points>& frames, int a, int b, std::vector<bool>& lost) {
        Points points = frames[index(a)];
        lost.resize(points.size(), false);
        for (int at = a; at < b; ++at) {
            const auto here = pictures_.at(at), next = pictures_.at(at + 1);
            if (!here || !next)
                return !here ? here.error() : next.error();
            std::vector<PixelPoint> places;
            std::vector<std::size_t> which;
            for (std::size_t i = 0; i < points.size(); ++i)
                if (points[i].score >= kPlaced && !lost[i]) {
                    places.push_back(points[i].at);
                    which.push_back(i);
                }
            const auto steps = here->ready.stepsTo(next->ready, places);
            if (!steps)
                return steps.error();
            for (ProposedPoint& point : points)
                point.onward.reset();
            for (std::size_t k = 0; k < which.size(); ++k) {
                points[which[k]].onward = (*steps)[k];
                lost[which[k]] = !(*steps)[k];
            }
            frames[index(at)] = points;
            for (ProposedPoint& point : points) {
                point.carried = true;
                if (point.onward)
                    point.at = {point.at.x + point.onward->by.x, point.at.y + point.onward->by.y};
            }
        }
        return points;
    }

    Result<Points> carried(int a, int b) {
        std::vector<bool> lost;
        return carry(joints_, a, b, lost);
    }

    /// All frames after `a`, which was looked at, to `b`.
    Result<void> stretch(int a, int b) {
        auto arrived = carried(a, b);
        if (!arrived)
            return arrived.error();
        if (const Points& where = arrived->empty() && missed_ > 0 ? lastSeen_ : *arrived; !where.empty())
            network_.expect(where);
        if (auto done = look(b); !done)
            return done;
        return between(a, b, *arrived);
    }

    /// Between two frames that were looked at, and the points of the first as they arrive at the second.
    Result<void> between(int a, int b, const Points& arrived) {
        // Where the athlete is covered by somebody else, and comes out again, is looked for as often as it takes.
        const auto refused = refused_.lower_bound(a);
        const bool covered = joints(a).empty() != joints(b).empty() && refused != refused_.end() && refused->first <= b;
        if (b - a < 2 || (!covered && (agree(arrived, joints(b)) || looksSoFar_ > kSpare + kLookShare * (b - from_))))
            return {};
        const int middle = (a + b) / 2;
        Points half = joints(middle); // as carried there
        if (half.empty())
            half = joints(b);
        if (!half.empty())
            network_.expect(half);
        if (auto done = look(middle); !done)
            return done;
        if (auto done = between(a, middle, half); !done)
            return done;
        const auto onward = carried(middle, b);
        if (!onward)
            return onward.error();
        return between(middle, b, *onward);
    }

    static double surely(std::string_view landmark) {
        constexpr std::array kPlainly{SeenAs::Plainly};
        return shareOf(landmark, kPlainly, 1);
    }
    /// Whether each joint that is surely seen, and carried, arrives where it is seen, as far as the network's own error
    /// allows. (One that the picture cannot carry goes straight from look to look: more looks gave nothing.)
    bool agree(const Points& arrived, const Points& seen) const {
        if (arrived.empty() || seen.empty())
            return arrived.empty() == seen.empty();
        const auto off = [&](std::size_t from, std::size_t to) { return gap(arrived[from].at, seen[to].at); };
        for (std::size_t i = 0; i < seen.size(); ++i) {
            if (seen[i].landmark.ends_with("eye") || seen[i].landmark.ends_with("ear"))
                continue;
            const std::size_t other = otherSide(i);
            // Left and right may come out exchanged; that is settled later, over the whole run.
            const bool exchanged = off(i, i) + off(other, other) > off(i, other) + off(other, i);
            const ProposedPoint& start = arrived[exchanged ? other : i];
            if (start.score < kSure || seen[i].score < kSure)
                continue;
            if (start.onward && gap(start.at, seen[i].at) > kAgree * surely(seen[i].landmark) * height_)
                return false;
        }
        return true;
    }

    /// Begins with heels and toes of the frames from a to before b, beside what the first network does next.
    Result<void> feetBehind(int a, int b) {
        if (auto done = feetDone(); !done)
            return done;
        pictures_.forgetBefore(a);
        if (plan_.feet) {
            std::vector<int> looks;
            for (int at = a; at < b; ++at)
                if ((at - from_) % (plan_.mostApart == 1 ? 1 : kFeetApart) == 0)
                    looks.push_back(at);
            behind_ = std::async(mayRunBeside() ? std::launch::async : std::launch::deferred,
                                 [this, looks, a, b] { return feetAt(looks, a, b); });
        }
        return {};
    }
    Result<void> feetDone() { return behind_.valid() ? behind_.get() : Result<void>(); }

    /// Heels and toes where the second network looks, and carried on from there through the frames from a to before b.
    Result<void> feetAt(const std::vector<int>& looks, int a, int b) {
        for (std::size_t i = 0; a < b; ++i) {
            const int next = i < looks.size() ? looks[i] : b; // until there from where they are
            if (next > a) {
                const auto arrived = carry(feet_, a, std::min(next, to_), feetLost_);
                if (!arrived)
                    return arrived.error();
                if (next <= to_)
                    feet_[index(next)] = *arrived;
                a = next;
            }
            if (i >= looks.size())
                break;
            const auto held = pictures_.at(a);
            if (!held)
                return held.error();
            auto seen = network_.feet(held->picture, joints(a));
            if (!seen)
                return seen.error();
            feet_[index(a)] = std::move(*seen);
            feetLost_.clear();
        }
        return {};
    }

    PoseNetwork& network_;
    PictureRun& pictures_;
    LookPlan plan_;
    int from_, to_;
    std::vector<Points> joints_, feet_; ///< by frame
    std::vector<bool> feetLost_;
    int looksSoFar_ = 0;
    BodyColours known_;             ///< of the athlete
    Points lastSeen_;               ///< of the athlete, where the network looked
    int missed_ = 0;                ///< looks since at which somebody else stood there
    std::map<int, Points> refused_; ///< by frame: who stood there and was not taken for the athlete
    std::future<Result<void>> behind_;
    double height_ = 0; ///< of the body, px
};

} // namespace

Result<std::vector<ProposedFrame>> followAthlete(PoseNetwork& network, const std::function<Result<Picture>(int)>& frame,
                                                 int from, int to, std::optional<PictureBox> near, const LookPlan& plan,
                                                 const std::function<bool(double share)>& goOn) {
    network.lookIn(near);
    PictureRun pictures(frame, from, to);
    return AthleteFollower(network, pictures, plan, from, to).run(goOn);
}

} // namespace riflesso
