#include "media/body_colours.h"

#include "media/joint_shares.h"
#include "media/picture_mat.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <string>

namespace riflesso {
namespace {

const ProposedPoint* named(const std::vector<ProposedPoint>& joints, const std::string& landmark) {
    const auto found = std::find_if(joints.begin(), joints.end(), [&](const ProposedPoint& p) {
        return p.landmark == landmark && p.score >= kPlaced;
    });
    return found == joints.end() ? nullptr : &*found;
}

PixelPoint between(PixelPoint a, PixelPoint b, double share) {
    return {a.x + share * (b.x - a.x), a.y + share * (b.y - a.y)};
}

/// Median of each channel of what lies at these places; none where less than half of them are in the picture.
std::optional<BodyColours::Lab> colourAt(const Picture& picture, const std::vector<PixelPoint>& places) {
    const cv::Mat rgb = matOf(picture);
    std::vector<cv::Vec3b> found;
    for (const PixelPoint place : places) {
        const cv::Point at(static_cast<int>(std::lround(place.x)), static_cast<int>(std::lround(place.y)));
        if (at.x >= 0 && at.y >= 0 && at.x < rgb.cols && at.y < rgb.rows)
            found.push_back(rgb.at<cv::Vec3b>(at));
    }
    if (found.empty() || 2 * found.size() < places.size())
        return {};
    const auto middle = found.begin() + static_cast<std::ptrdiff_t>(found.size() / 2);
    cv::Vec3f colour;
    constexpr float kWhite = 255;
    for (int c = 0; c < 3; ++c) {
        std::nth_element(found.begin(), middle, found.end(), [c](cv::Vec3b a, cv::Vec3b b) { return a[c] < b[c]; });
        colour[c] = static_cast<float>((*middle)[c]) / kWhite;
    }
    const cv::Mat one(1, 1, CV_32FC3, colour.val);
    cv::Mat lab;
    cv::cvtColor(one, lab, cv::COLOR_RGB2Lab);
    const auto out = lab.at<cv::Vec3f>(0, 0);
    return BodyColours::Lab{out[0], out[1], out[2]};
}

double apart(const BodyColours::Lab& a, const BodyColours::Lab& b) {
    return std::hypot(static_cast<double>(a[0] - b[0]), static_cast<double>(a[1] - b[1]),
                      static_cast<double>(a[2] - b[2]));
}

} // namespace

BodyColours coloursOf(const Picture& picture, const std::vector<ProposedPoint>& joints) {
    BodyColours out;
    const ProposedPoint *ls = named(joints, "left_shoulder"), *rs = named(joints, "right_shoulder"),
                        *lh = named(joints, "left_hip"), *rh = named(joints, "right_hip");
    // Well inside: joints are off by some per cent of the height, and edges show what is behind.
    const std::array kAcross = {.3, .4, .5, .6, .7};
    if (ls && rs && lh && rh) {
        const auto trunk = [&](std::initializer_list<double> down) {
            std::vector<PixelPoint> places;
            for (const double d : down)
                for (const double a : kAcross)
                    places.push_back(between(between(ls->at, rs->at, a), between(lh->at, rh->at, a), d));
            return places;
        };
        out.parts[BodyColours::UpperTrunk] = colourAt(picture, trunk({.15, .25, .35, .45}));
        out.parts[BodyColours::LowerTrunk] = colourAt(picture, trunk({.55, .65, .75, .85}));
    }
    std::vector<PixelPoint> thighs;
    for (const auto& [hip, knee] : {std::pair(lh, named(joints, "left_knee")), {rh, named(joints, "right_knee")}})
        if (hip && knee)
            for (const double along : {.25, .35, .45, .55, .65, .75})
                thighs.push_back(between(hip->at, knee->at, along));
    if (!thighs.empty())
        out.parts[BodyColours::Thighs] = colourAt(picture, thighs);
    return out;
}

std::optional<double> unlike(const BodyColours& a, const BodyColours& b) {
    std::vector<double> off;
    for (std::size_t part = 0; part < a.parts.size(); ++part)
        if (a.parts[part] && b.parts[part])
            off.push_back(apart(*a.parts[part], *b.parts[part]));
    if (off.empty())
        return {};
    std::sort(off.rbegin(), off.rend());
    return off.size() == 1 ? off[0] : (off[0] + off[1]) / 2;
}

void takeIn(BodyColours& known, const BodyColours& seen) {
    constexpr float kShare = .1f; // own choice: a second of looks at 60 pictures a second
    for (std::size_t part = 0; part < known.parts.size(); ++part) {
        if (!known.parts[part])
            known.parts[part] = seen.parts[part];
        else if (seen.parts[part])
            for (std::size_t c = 0; c < 3; ++c)
                (*known.parts[part])[c] += kShare * ((*seen.parts[part])[c] - (*known.parts[part])[c]);
    }
}

Picture withoutBody(const Picture& picture, const std::vector<ProposedPoint>& joints) {
    Picture out = picture;
    out.rgb = std::make_shared<std::vector<std::uint8_t>>(*picture.rgb);
    cv::Mat rgb = matOf(out);
    const auto heights = bodyHeightsIn([&](const std::string& landmark) -> const PixelPoint* {
        const ProposedPoint* point = named(joints, landmark);
        return point ? &point->at : nullptr;
    });
    const double height = heights.empty() ? 0 : *std::max_element(heights.begin(), heights.end());
    constexpr double kLimb = .09, kHead = .09; // of the height: wide enough to cover what hangs round a limb
    const int wide = std::max(3, static_cast<int>(kLimb * height));
    const cv::Scalar grey(127, 127, 127);
    const auto at = [](PixelPoint p) {
        return cv::Point(static_cast<int>(std::lround(p.x)), static_cast<int>(std::lround(p.y)));
    };
    const auto limb = [&](const std::string& a, const std::string& b) {
        const ProposedPoint *from = named(joints, a), *to = named(joints, b);
        if (from && to)
            cv::line(rgb, at(from->at), at(to->at), grey, wide);
    };
    std::vector<cv::Point> trunk;
    for (const char* corner : {"left_shoulder", "right_shoulder", "right_hip", "left_hip"})
        if (const ProposedPoint* point = named(joints, corner))
            trunk.push_back(at(point->at));
    if (trunk.size() > 2) {
        std::vector<cv::Point> hull;
        cv::convexHull(trunk, hull);
        cv::fillConvexPoly(rgb, hull, grey);
        cv::polylines(rgb, hull, true, grey, wide);
    }
    for (const std::string side : {"left_", "right_"}) {
        limb(side + "shoulder", side + "elbow"), limb(side + "elbow", side + "wrist");
        limb(side + "hip", side + "knee"), limb(side + "knee", side + "ankle");
    }
    if (const ProposedPoint* nose = named(joints, "nose"))
        cv::circle(rgb, at(nose->at), std::max(2, static_cast<int>(kHead * height)), grey, cv::FILLED);
    return out;
}

} // namespace riflesso
