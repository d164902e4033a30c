#include "media/proposed_marks.h"

#include "core/uncertainty/stats.h"
#include "media/joint_shares.h"
#include "media/limb_sides.h"
#include "media/long_bones.h"
#include "media/steadied_marks.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {
namespace {

/// A hidden wrist or elbow is put somewhere on the body with scores up to this.
constexpr double kSureOfHand = 0.55;

using Points = std::map<std::string, ProposedPoint>;

double apart(PixelPoint a, PixelPoint b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// Whether the upper arm on this side hangs less than asin(sine) below the level, as far as it can be seen.
bool isRaised(const Points& points, const std::string& side, double sine) {
    const auto shoulder = points.find(side + "shoulder"), elbow = points.find(side + "elbow");
    return shoulder != points.end() && elbow != points.end() &&
           elbow->second.at.y - shoulder->second.at.y <= sine * apart(shoulder->second.at, elbow->second.at);
}

/// Of a body that lies in the picture: trunk and thighs within 35 degrees of the level.
bool lies(const Points& points) {
    constexpr double kSine = 0.57;
    int level = 0, seen = 0;
    for (const std::string side : {"left_", "right_"})
        for (const auto& [a, b] : {std::pair("shoulder", "hip"), {"hip", "knee"}}) {
            const auto from = points.find(side + a), to = points.find(side + b);
            if (from == points.end() || to == points.end())
                continue;
            ++seen;
            level += std::abs(to->second.at.y - from->second.at.y) <= kSine * apart(from->second.at, to->second.at);
        }
    return seen > 1 && level == seen;
}

/// Height of the body in the picture: the long side of what is seen, since a bone only gets shorter by turning away.
double bodyHeight(const std::vector<SeenFrame>& frames) {
    constexpr double kLongSide = 0.9;
    std::vector<double> heights;
    for (const auto& [frame, points] : frames)
        for (const double height : bodyHeightsIn([&points = points](const std::string& name) -> const PixelPoint* {
                 const auto point = points.find(name);
                 return point == points.end() ? nullptr : &point->second.at;
             }))
            heights.push_back(height);
    return heights.empty() ? 0 : percentile(heights, kLongSide);
}

const ProposedPoint* pointIn(const SeenFrame& frame, const std::string& landmark) {
    const auto point = frame.points.find(landmark);
    return point == frame.points.end() ? nullptr : &point->second;
}

/// How far a look is from where its neighbours and the picture's movement have the point, on the way there and on the
/// way on together; none where it has no such neighbours.
std::optional<double> jumpAt(const std::vector<SeenFrame>& all, std::size_t look, const std::string& landmark) {
    const ProposedPoint* here = pointIn(all[look], landmark);
    std::size_t next = look + 1;
    while (next < all.size() && pointIn(all[next], landmark) && pointIn(all[next], landmark)->carried)
        ++next;
    if (look == 0 || next >= all.size())
        return {};
    const ProposedPoint *before = pointIn(all[look - 1], landmark), *last = pointIn(all[next - 1], landmark),
                        *after = pointIn(all[next], landmark);
    if (!here || !before || !last || !after)
        return {};
    const auto onTo = [](const ProposedPoint& from) {
        return from.onward && from.carried ? PixelPoint{from.at.x + from.onward->by.x, from.at.y + from.onward->by.y}
                                           : from.at;
    };
    const PixelPoint arrived = onTo(*before), goesOn = onTo(*last);
    return std::hypot(here->at.x - arrived.x + goesOn.x - after->at.x,
                      here->at.y - arrived.y + goesOn.y - after->at.y) /
           2;
}

/// What is doubtful of frame i, which the network looked at.
std::map<std::string, bool> doubtsAt(const std::vector<SeenFrame>& all, std::size_t i, double height,
                                     const std::map<std::string, double>& usualLengths) {
    const Points& points = all[i].points;
    std::map<std::string, bool> doubtful;
    // Of a body that it hardly makes out the network puts some joints anywhere, with good scores.
    double scores = 0;
    for (const auto& [landmark, point] : points)
        scores += point.score;
    const bool hardly = scores < kHardly * static_cast<double>(points.size());
    const bool lying = lies(points);
    for (const auto& [landmark, point] : points) {
        const bool ofArm = landmark.ends_with("wrist") || landmark.ends_with("elbow");
        doubtful[landmark] = hardly || (lying && ofArm) || point.score < (ofArm ? kSureOfHand : kSure);
    }
    for (const char* side : {"left_", "right_"})
        for (const auto& [a, b] : kLongBones) {
            const std::string inner = side + std::string(a), outer = side + std::string(b);
            const auto from = points.find(inner), to = points.find(outer);
            if (from == points.end() || to == points.end())
                continue;
            constexpr double kOff = 0.25, kShortest = 0.05; // of its length; of the body's height
            const double usual = usualLengths.at(outer + "<" + std::string(a));
            if (usual > kShortest * height && std::abs(apart(from->second.at, to->second.at) - usual) > kOff * usual)
                // The outer end is the less sure one, unless the score says otherwise.
                doubtful[from->second.score + kPlaced < to->second.score ? inner : outer] = true;
        }
    constexpr double kOnePlace = 0.02, kJump = 0.06; // of the body's height
    const auto lw = points.find("left_wrist"), rw = points.find("right_wrist");
    if (lw != points.end() && rw != points.end() && apart(lw->second.at, rw->second.at) < kOnePlace * height)
        doubtful[lw->second.score < rw->second.score ? "left_wrist" : "right_wrist"] = true;
    for (const auto& [landmark, point] : points)
        if (jumpAt(all, i, landmark).value_or(0) > kJump * height)
            doubtful[landmark] = true;
    return doubtful;
}

bool isLook(const SeenFrame& frame, const std::string& landmark) {
    const ProposedPoint* point = pointIn(frame, landmark);
    return point && !point->carried;
}

/// The look nearest to frame i at which the landmark was placed; i itself where it is one.
std::size_t nearestLook(const std::vector<SeenFrame>& all, std::size_t i, const std::string& landmark) {
    for (std::size_t off = 0; off < all.size(); ++off) {
        if (off <= i && isLook(all[i - off], landmark))
            return i - off;
        if (i + off < all.size() && isLook(all[i + off], landmark))
            return i + off;
    }
    return i;
}

bool isOfFace(std::string_view landmark) {
    return landmark == "nose" || landmark.ends_with("_eye") || landmark.ends_with("_ear");
}

/// Whether a run shows somebody from behind: in most frames the network is not sure of the nose, which it then puts on
/// the back of the head. (0.4 to 0.57 of the archer and the court player from behind, 0.7 and more of the others.)
bool seenFromBehind(const std::vector<SeenFrame>& all) {
    constexpr double kSureOfFace = 0.6;
    std::vector<double> scores;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (pointIn(all[i], "nose"))
            if (const ProposedPoint* nose = pointIn(all[nearestLook(all, i, "nose")], "nose"))
                scores.push_back(nose->score);
    return !scores.empty() && median(scores) < kSureOfFace;
}

/// Whether most of what was looked at, the face apart, is doubtful: then the network does not know this body, and its
/// good scores say nothing either.
bool mostlyDoubtful(const std::vector<SeenFrame>& all, const std::vector<std::map<std::string, bool>>& doubts) {
    std::size_t doubtful = 0, of = 0;
    for (std::size_t i = 0; i < all.size(); ++i)
        for (const auto& [landmark, point] : all[i].points)
            if (!point.carried && !isOfFace(landmark)) {
                const auto doubt = doubts[i].find(landmark);
                doubtful += doubt != doubts[i].end() && doubt->second;
                ++of;
            }
    return 2 * doubtful > of;
}

/// How this joint shows in a frame, the strongest first.
std::vector<SeenAs> seenAs(const Points& points, const std::string& landmark, bool behind) {
    constexpr double kUp = 0.3, kLifted = 0.7; // sines: 17 and 45 degrees below the level
    if (lies(points))
        return {SeenAs::Lying, SeenAs::Plainly};
    std::vector<SeenAs> as;
    const std::string side = landmark.starts_with("right_") ? "right_" : "left_";
    const bool ofHip = landmark.ends_with("hip");
    if (behind) {
        if (isRaised(points, side, kLifted))
            as.push_back(SeenAs::FromBehindArmUp);
        as.push_back(SeenAs::FromBehind);
    }
    if (isRaised(points, side, kUp) && (!ofHip || isRaised(points, side == "left_" ? "right_" : "left_", kUp)))
        as.push_back(SeenAs::ArmUp);
    as.push_back(SeenAs::Plainly);
    return as;
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
    std::map<std::string, double> usual;
    for (const auto& [bone, of] : lengths)
        usual[bone] = median(of);
    std::vector<std::map<std::string, bool>> doubts(all.size()); // of the frames that were looked at
    for (std::size_t i = 0; i < all.size(); ++i)
        if (std::any_of(all[i].points.begin(), all[i].points.end(), [](const auto& p) { return !p.second.carried; }))
            doubts[i] = doubtsAt(all, i, height, usual);
    const bool behind = seenFromBehind(all);
    const bool nothingSure = mostlyDoubtful(all, doubts);
    ProposedMarks out;
    for (std::size_t i = 0; i < all.size(); ++i)
        for (const auto& [landmark, point] : all[i].points) {
            const std::size_t look = nearestLook(all, i, landmark);
            const ProposedPoint* seen = pointIn(all[look], landmark);
            const double score = seen ? seen->score : point.score;
            const auto as = seenAs(all[i].points, landmark, behind);
            const double share = shareOf(landmark, as, score), surely = shareOf(landmark, as, 1);
            const bool doubt = nothingSure || doubts[look][landmark] || (behind && isOfFace(landmark));
            const double sigma = height * (doubt ? std::max(share, kDoubtFactor * surely) : share);
            out[landmark][all[i].frame] = {
                {point.at, std::max(1.0, sigma), std::string(doubt ? kDoubtfulFromNetwork : kProposedByNetwork)},
                score,
                point.carried,
                point.onward};
        }
    return out;
}

Result<ProposedMarks> proposeMarks(PoseNetwork& network, const std::function<Result<Picture>(int)>& frame, int from,
                                   int to, std::optional<PictureBox> near,
                                   const std::map<std::string, MarksByFrame>& set, const LookPlan& plan,
                                   const std::function<bool(double share)>& goOn) {
    auto frames = followAthlete(network, frame, from, to, near, plan, goOn);
    if (!frames)
        return frames.error();
    ProposedMarks marks = settleProposals(std::move(*frames), set);
    steady(marks);
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
