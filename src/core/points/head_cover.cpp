#include "core/points/head_cover.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace riflesso {
namespace {

// Shares of body height. The head from chin to crown is 0.13 of it; half of that, a seventh wider: hair.
constexpr double kHeadRadius = .075, kNoseAhead = .062, kEarAside = .047, kMarkSlack = .014;
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
    return height;
}

} // namespace

std::optional<HeadCover> headCover(const std::map<std::string, PixelPoint>& byName) {
    const Marks marks(byName);
    const double height = heightOf(marks);
    if (height <= 0)
        return {};
    const auto disc = [&](PixelPoint centre, double doubt) {
        return HeadCover{centre, (kHeadRadius + kMarkSlack + doubt) * height};
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
    const auto shoulders = marks.middleOf("shoulder"), hips = marks.middleOf("hip");
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
