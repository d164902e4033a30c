#include "core/points/head_cover.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace riflesso {
namespace {

// Shares of body height. The head from chin to crown is 0.13 of it; half of that, a seventh wider: hair.
constexpr double kHeadRadius = .075, kNoseAhead = .062, kEarAside = .047, kMarkSlack = .026;
// Widths, with room for who is narrow: they alone tell the size of a body that is seen along its length.
constexpr double kShoulderWidth = .23, kEarWidth = .1;
constexpr double kLyingSlack = .04;  // of who lies the marks of the face are worse
constexpr double kNeckToHead = .113; // from the middle of the shoulders to that of the head, upright

struct Segment {
    const char *from, *to;
    double share;
};
constexpr std::array kSegments = {Segment{"hip", "knee", .245}, Segment{"knee", "ankle", .246},
                                  Segment{"shoulder", "elbow", .186}, Segment{"elbow", "wrist", .146}};
constexpr double kTrunkShare = .288;

double apart(PixelPoint a, PixelPoint b) { return std::hypot(b.x - a.x, b.y - a.y); }
PixelPoint middle(PixelPoint a, PixelPoint b) { return {(a.x + b.x) / 2, (a.y + b.y) / 2}; }

class Marks {
public:
    explicit Marks(const std::map<std::string, PixelPoint>& marks) : marks_(marks) {}
    [[nodiscard]] const PixelPoint* at(const std::string& name) const {
        const auto found = marks_.find(name);
        return found == marks_.end() ? nullptr : &found->second;
    }
    /// Between left and right; the one that is marked, where the other is not.
    [[nodiscard]] std::optional<PixelPoint> middleOf(const std::string& part) const {
        const PixelPoint *left = at("left_" + part), *right = at("right_" + part);
        if (left && right)
            return middle(*left, *right);
        const PixelPoint* one = left ? left : right;
        return one ? std::optional(*one) : std::nullopt;
    }

private:
    const std::map<std::string, PixelPoint>& marks_;
};

/// Body height in pixels: by the segment that is shortened least.
double heightOf(const Marks& marks) {
    double height = 0;
    for (const char* side : {"left_", "right_"})
        for (const Segment& segment : kSegments) {
            const PixelPoint *a = marks.at(std::string(side) + segment.from),
                             *b = marks.at(std::string(side) + segment.to);
            if (a && b)
                height = std::max(height, apart(*a, *b) / segment.share);
        }
    const auto shoulders = marks.middleOf("shoulder"), hips = marks.middleOf("hip");
    if (shoulders && hips)
        height = std::max(height, apart(*shoulders, *hips) / kTrunkShare);
    for (const auto& [part, share] : {std::pair{"shoulder", kShoulderWidth}, {"ear", kEarWidth}}) {
        const PixelPoint *left = marks.at(std::string("left_") + part), *right = marks.at(std::string("right_") + part);
        if (left && right)
            height = std::max(height, apart(*left, *right) / share);
    }
    return height;
}

/// What is surely marked in a frame.
std::map<std::string, PixelPoint> sureMarks(const std::map<std::string, MarksByFrame>& marks, int frame) {
    std::map<std::string, PixelPoint> out;
    for (const auto& [name, byFrame] : marks)
        if (const auto mark = byFrame.find(frame); mark != byFrame.end() && !isDoubtful(mark->second.source))
            out[name] = mark->second.at;
    return out;
}

} // namespace

HeadCover around(const HeadCover& a, const HeadCover& b) {
    const double far = apart(a.centre, b.centre);
    if (far + b.radiusPx <= a.radiusPx)
        return a;
    if (far + a.radiusPx <= b.radiusPx)
        return b;
    const double radius = (far + a.radiusPx + b.radiusPx) / 2, share = (radius - a.radiusPx) / far;
    return {{a.centre.x + (b.centre.x - a.centre.x) * share, a.centre.y + (b.centre.y - a.centre.y) * share}, radius};
}

std::map<int, HeadCover> headCovers(const std::map<std::string, MarksByFrame>& marks, int from, int to, int bridged) {
    // The size of a body that turns and bends is what most of its frames show it as, not what one shows.
    std::vector<double> heights;
    for (int frame = from; frame <= to; ++frame)
        if (const double height = heightOf(Marks(sureMarks(marks, frame))); height > 0)
            heights.push_back(height);
    if (heights.empty())
        return {};
    const auto middleOne = heights.begin() + static_cast<std::ptrdiff_t>(heights.size() / 2);
    std::nth_element(heights.begin(), middleOne, heights.end());
    std::map<int, HeadCover> seen;
    for (int frame = from; frame <= to; ++frame)
        if (const auto cover = headCover(sureMarks(marks, frame), *middleOne))
            seen[frame] = *cover;
    std::map<int, HeadCover> out;
    for (auto at = seen.begin(); at != seen.end(); ++at) {
        HeadCover own = at->second;
        // A head does not leap: where the frames on both sides agree and this one does not, it is their word as well.
        constexpr double kLeap = .35;
        if (at != seen.begin() && std::next(at) != seen.end()) {
            const auto &before = *std::prev(at), &after = *std::next(at);
            const PixelPoint between = middle(before.second.centre, after.second.centre);
            if (before.first == at->first - 1 && after.first == at->first + 1 &&
                apart(between, own.centre) > kLeap * own.radiusPx)
                own = around(own, around(before.second, after.second));
        }
        out[at->first] = own;
        const auto next = std::next(at);
        if (next == seen.end() || next->first - at->first > bridged)
            continue;
        const HeadCover both = around(at->second, next->second);
        for (int frame = at->first + 1; frame < next->first; ++frame)
            out[frame] = both;
    }
    return out;
}

std::optional<HeadCover> headCover(const std::map<std::string, PixelPoint>& byName, double leastHeightPx) {
    const Marks marks(byName);
    const double height = std::max(heightOf(marks), leastHeightPx);
    if (height <= 0)
        return {};
    const auto shoulders = marks.middleOf("shoulder"), hips = marks.middleOf("hip");
    // Who only bends over a table stands, and who only has the legs up sits.
    const auto level = [&](const std::optional<PixelPoint>& end) {
        return !end || std::abs(shoulders->x - end->x) > std::abs(shoulders->y - end->y);
    };
    const bool lies =
        shoulders && hips && level(hips) && level(marks.middleOf("knee")) && level(marks.middleOf("ankle"));
    const auto disc = [&](PixelPoint centre, double doubt) {
        return HeadCover{centre, (kHeadRadius + kMarkSlack + doubt + (lies ? kLyingSlack : 0)) * height};
    };
    const PixelPoint *left = marks.at("left_ear"), *right = marks.at("right_ear"), *nose = marks.at("nose");
    if (left && right)
        return disc(middle(*left, *right), 0);
    if (const PixelPoint* ear = left ? left : right;
        ear && nose) // from the side the ear is the middle, from ahead the nose
        return disc(middle(*ear, *nose), kNoseAhead / 2);
    if (nose)
        return disc(*nose, kNoseAhead);
    if (const PixelPoint* ear = left ? left : right)
        return disc(*ear, kEarAside);
    if (!shoulders || !hips)
        return {};
    // From one shoulder the middle is as far as half the shoulders are wide; the neck bends where it likes.
    constexpr double kNeckBends = .05, kHalfShoulders = .13;
    const bool both = marks.at("left_shoulder") && marks.at("right_shoulder");
    const double length = std::max(apart(*hips, *shoulders), kTrunkShare * height / 2);
    const PixelPoint up{(shoulders->x - hips->x) / length, (shoulders->y - hips->y) / length};
    const double far = kNeckToHead * height;
    return disc({shoulders->x + up.x * far, shoulders->y + up.y * far}, kNeckBends + (both ? 0 : kHalfShoulders));
}

} // namespace riflesso
