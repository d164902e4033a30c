#include "media/proposed_marks.h"

#include "core/uncertainty/stats.h"
#include "media/limb_sides.h"
#include "media/long_bones.h"
#include "media/steadied_marks.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kPlaced = 0.2, kSure = 0.35;
/// A hidden wrist or elbow is put somewhere on the body with scores up to this.
constexpr double kSureOfHand = 0.55;

/// Standard uncertainty of each coordinate in shares of body height: the larger of median / 1.18 and 95th percentile /
/// 2.45 of the radial error over the demo's clips, near and far side together, rounded up.
constexpr std::array<std::pair<std::string_view, double>, 10> kShare = {{{"hip", 0.018},
                                                                         {"shoulder", 0.010},
                                                                         {"elbow", 0.008},
                                                                         {"wrist", 0.010},
                                                                         {"knee", 0.008},
                                                                         {"ankle", 0.009},
                                                                         {"heel", 0.018},
                                                                         {"toe", 0.026},
                                                                         {"eye", 0.011},
                                                                         {"ear", 0.010}}};
constexpr double kOtherShare = 0.010;

double shareOf(std::string_view landmark) {
    for (const auto& [part, share] : kShare)
        if (landmark.ends_with(part))
            return share;
    return kOtherShare;
}

/// The same of an arm that is raised: the joint lies deep under what is seen, and one arm hides the other. From the
/// archer's clips, side and rear.
constexpr std::array<std::pair<std::string_view, double>, 3> kRaisedShare = {
    {{"shoulder", 0.040}, {"elbow", 0.028}, {"wrist", 0.028}}};

using Points = std::map<std::string, ProposedPoint>;

double apart(PixelPoint a, PixelPoint b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// Whether the upper arm on this side hangs less than 17 degrees below the level, as far as it can be seen.
bool isRaised(const Points& points, const std::string& side) {
    constexpr double kSine = 0.3;
    const auto shoulder = points.find(side + "shoulder"), elbow = points.find(side + "elbow");
    return shoulder != points.end() && elbow != points.end() &&
           elbow->second.at.y - shoulder->second.at.y <= kSine * apart(shoulder->second.at, elbow->second.at);
}

/// Height of the body in the picture: trunk, thigh and shank make 0.774 of it (figure's proportions, close to
/// Winter's); the long side of what is seen, since a bone only gets shorter by turning away.
double bodyHeight(const std::vector<SeenFrame>& frames) {
    constexpr double kOfHeight = 0.774, kLongSide = 0.9;
    std::vector<double> heights;
    for (const auto& [frame, points] : frames)
        for (const char* side : {"left_", "right_"}) {
            double sum = 0;
            bool whole = true;
            for (const auto& [a, b] : {std::pair("shoulder", "hip"), {"hip", "knee"}, {"knee", "ankle"}}) {
                const auto from = points.find(std::string(side) + a), to = points.find(std::string(side) + b);
                whole = whole && from != points.end() && to != points.end();
                if (whole)
                    sum += apart(from->second.at, to->second.at);
            }
            if (whole)
                heights.push_back(sum / kOfHeight);
        }
    return heights.empty() ? 0 : percentile(heights, kLongSide);
}

} // namespace

ProposedMarks settleProposals(std::vector<ProposedFrame> frames, const std::map<std::string, MarksByFrame>& set) {
    std::sort(frames.begin(), frames.end(),
              [](const ProposedFrame& a, const ProposedFrame& b) { return a.frame < b.frame; });
    std::vector<SeenFrame> all;
    for (const ProposedFrame& frame : frames) {
        Points points;
        for (const ProposedPoint& point : frame.points)
            if (point.score >= kPlaced)
                points[point.landmark] = point;
        all.push_back({frame.frame, std::move(points)});
    }
    const double height = bodyHeight(all);
    if (height > 0)
        settleSides(all, set, height);
    std::map<std::string, std::vector<double>> lengths;
    for (const auto& [frame, points] : all)
        for (const char* side : {"left_", "right_"})
            for (const auto& [a, b] : kLongBones) {
                const auto from = points.find(side + std::string(a)), to = points.find(side + std::string(b));
                if (from != points.end() && to != points.end())
                    lengths[side + std::string(b) + "<" + std::string(a)].push_back(
                        apart(from->second.at, to->second.at));
            }
    ProposedMarks out;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto& [frame, points] = all[i];
        std::map<std::string, bool> doubtful;
        for (const auto& [landmark, point] : points)
            doubtful[landmark] =
                point.score < (landmark.ends_with("wrist") || landmark.ends_with("elbow") ? kSureOfHand : kSure);
        for (const char* side : {"left_", "right_"})
            for (const auto& [a, b] : kLongBones) {
                const std::string inner = side + std::string(a), outer = side + std::string(b);
                const auto from = points.find(inner), to = points.find(outer);
                if (from == points.end() || to == points.end())
                    continue;
                constexpr double kOff = 0.25, kShortest = 0.05; // of its length; of the body's height
                const double usual = median(lengths[outer + "<" + std::string(a)]);
                if (usual > kShortest * height &&
                    std::abs(apart(from->second.at, to->second.at) - usual) > kOff * usual)
                    // The outer end is the less sure one, unless the score says otherwise.
                    doubtful[from->second.score + kPlaced < to->second.score ? inner : outer] = true;
            }
        constexpr double kOnePlace = 0.02, kJump = 0.06; // of the body's height; the jump against both neighbours' mean
        const auto lw = points.find("left_wrist"), rw = points.find("right_wrist");
        if (lw != points.end() && rw != points.end() && apart(lw->second.at, rw->second.at) < kOnePlace * height)
            doubtful[lw->second.score < rw->second.score ? "left_wrist" : "right_wrist"] = true;
        if (i > 0 && i + 1 < all.size())
            for (const auto& [landmark, point] : points) {
                const auto a = all[i - 1].points.find(landmark), b = all[i + 1].points.find(landmark);
                if (a == all[i - 1].points.end() || b == all[i + 1].points.end())
                    continue;
                const PixelPoint between{(a->second.at.x + b->second.at.x) / 2, (a->second.at.y + b->second.at.y) / 2};
                if (apart(between, point.at) > kJump * height)
                    doubtful[landmark] = true;
            }
        const bool raised[] = {isRaised(points, "left_"), isRaised(points, "right_")};
        for (const auto& [landmark, point] : points) {
            double share = shareOf(landmark);
            for (const auto& [part, wide] : kRaisedShare)
                if (landmark.ends_with(part) && raised[landmark.starts_with("right_")])
                    share = wide;
            const double sigma = std::max(1.0, share * height);
            const bool doubt = doubtful[landmark];
            out[landmark][frame] = {{point.at, doubt ? kDoubtFactor * sigma : sigma,
                                     std::string(doubt ? kDoubtfulFromNetwork : kProposedByNetwork)},
                                    point.score};
        }
    }
    return out;
}

Result<ProposedMarks> proposeMarks(PoseNetwork& network, const std::function<Result<Picture>(int)>& frame, int from,
                                   int to, std::optional<PictureBox> near,
                                   const std::map<std::string, MarksByFrame>& set,
                                   const std::function<bool(double share)>& goOn) {
    network.lookIn(near);
    constexpr double kLooking = 0.95; // of the time
    std::vector<ProposedFrame> frames;
    for (int at = from; at <= to; ++at) {
        if (goOn && !goOn(kLooking * (at - from) / std::max(1, to - from + 1)))
            return cancelled();
        const auto picture = frame(at);
        if (!picture)
            return picture.error();
        auto points = network.propose(*picture);
        if (!points)
            return points.error();
        frames.push_back({at, std::move(*points)});
    }
    ProposedMarks marks = settleProposals(std::move(frames), set);
    const auto steady = steadyByPicture(marks, frame, from, to,
                                        [&](double share) { return !goOn || goOn(kLooking + (1 - kLooking) * share); });
    if (!steady)
        return steady.error();
    return marks;
}

std::optional<PictureBox> boxRound(const std::map<std::string, MarksByFrame>& marks, int frame) {
    double left = 0, right = 0, top = 0, bottom = 0;
    int count = 0;
    for (const auto& [landmark, track] : marks)
        if (const auto mark = track.find(frame); mark != track.end() && isAnatomical(landmark)) {
            const PixelPoint at = mark->second.at;
            left = count ? std::min(left, at.x) : at.x;
            right = count ? std::max(right, at.x) : at.x;
            top = count ? std::min(top, at.y) : at.y;
            bottom = count ? std::max(bottom, at.y) : at.y;
            ++count;
        }
    constexpr int kFewest = 3;
    if (count < kFewest)
        return {};
    const double room = 0.15 * std::max(right - left, bottom - top); // the head and the hands reach further
    return PictureBox{left - room, top - room, right - left + 2 * room, bottom - top + 2 * room};
}

} // namespace riflesso
