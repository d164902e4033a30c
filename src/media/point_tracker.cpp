#include "media/point_tracker.h"

#include "media/limb_width.h"
#include "media/picture_mat.h"
#include "media/remembered_patch.h"
#include "media/track_bones.h"
#include "media/track_merge.h"

#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kWindow = 21, kLevels = 3;
constexpr int kStepPatch = 25; ///< side of the piece of picture that a step is held against, px
constexpr double kLostMatch = 0.5, kSameMatch = 0.95;
constexpr double kLostReturnPx = 2; ///< forward and back again ends this far away: not the same point

/// What one step or one comparison adds, in pixels (measured on the simulated camera, see docs).
constexpr double kStepPx = 0.07, kReturnShare = 0.5, kAnchorPx = 0.04;

struct Way {
    cv::Point2d at, speed;
    double variance = 0;   ///< of each coordinate, since the mark
    RememberedPatch patch; ///< the picture round the point where it was last certain
    double patchVariance = 0;
    bool lost = true;
};

/// Of the pieces of picture round two points, -1 to 1; 0 where there is nothing to see.
double correlation(const cv::Mat& before, cv::Point2d from, const cv::Mat& now, cv::Point2d to) {
    cv::Mat a, b;
    cv::getRectSubPix(before, {kStepPatch, kStepPatch}, cv::Point2f(from), a, CV_32F);
    cv::getRectSubPix(now, {kStepPatch, kStepPatch}, cv::Point2f(to), b, CV_32F);
    cv::Scalar meanA, meanB, sdA, sdB;
    cv::meanStdDev(a, meanA, sdA);
    cv::meanStdDev(b, meanB, sdB);
    constexpr double kFlat = 0.5; // grey levels: nothing to hold on to
    if (sdA[0] < kFlat || sdB[0] < kFlat)
        return 0;
    return ((a - meanA[0]).dot(b - meanB[0])) / (static_cast<double>(a.total()) * sdA[0] * sdB[0]);
}

bool inside(const cv::Mat& grey, cv::Point2d at) {
    constexpr double kMargin = 3;
    return at.x >= kMargin && at.y >= kMargin && at.x < grey.cols - kMargin && at.y < grey.rows - kMargin;
}

class Follower {
public:
    explicit Follower(const std::vector<std::string>& landmarks) {
        for (const std::string& name : landmarks)
            ways_[name] = Way();
    }

    /// Everything is carried over from the frame before; then the marks of this frame are taken. What came in at a
    /// marked point stands in arrivals().
    void step(const cv::Mat& grey, const std::map<std::string, const TrackSeed*>& marked) {
        cv::buildOpticalFlowPyramid(grey, now_, {kWindow, kWindow}, kLevels);
        if (!before_.empty())
            carry(grey, now_);
        arrivals_.clear();
        for (const auto& [name, seed] : marked) {
            Way& way = ways_[name];
            arrivals_[name] = stepOf(way);
            begin(way, grey, *seed);
        }
        std::swap(before_, now_); // the older one's room is used again: some 15 MB of a 1080p picture
    }

    [[nodiscard]] const std::map<std::string, TrackStep>& arrivals() const { return arrivals_; }
    [[nodiscard]] TrackStep at(const std::string& name) const { return stepOf(ways_.at(name)); }

private:
    static void begin(Way& way, const cv::Mat& grey, const TrackSeed& seed) {
        way.at = {seed.at.x, seed.at.y};
        way.speed = {};
        way.variance = way.patchVariance = 0;
        way.patch = RememberedPatch(grey, way.at, limbWidthPx(grey.rows));
        way.lost = !inside(grey, way.at);
    }

    static TrackStep stepOf(const Way& way) { return {{way.at.x, way.at.y}, way.variance, way.lost}; }

    void carry(const cv::Mat& grey, const std::vector<cv::Mat>& pyramid) {
        std::vector<Way*> open;
        std::vector<cv::Point2f> from, to, back;
        for (auto& [name, way] : ways_)
            if (!way.lost) {
                open.push_back(&way);
                from.emplace_back(way.at);
                to.emplace_back(way.at + way.speed);
            }
        if (open.empty())
            return;
        std::vector<std::uint8_t> found, foundBack;
        std::vector<float> error;
        const cv::TermCriteria enough(cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 30, 0.003);
        cv::calcOpticalFlowPyrLK(before_, pyramid, from, to, found, error, {kWindow, kWindow}, kLevels, enough,
                                 cv::OPTFLOW_USE_INITIAL_FLOW);
        back = from;
        cv::calcOpticalFlowPyrLK(pyramid, before_, to, back, foundBack, error, {kWindow, kWindow}, kLevels, enough,
                                 cv::OPTFLOW_USE_INITIAL_FLOW);
        // Each point by itself, on all cores.
        cv::parallel_for_({0, static_cast<int>(open.size())}, [&](const cv::Range& range) {
            for (auto i = static_cast<std::size_t>(range.start); i < static_cast<std::size_t>(range.end); ++i) {
                const double away = cv::norm(back[i] - from[i]);
                const bool held = found[i] && foundBack[i] && away <= kLostReturnPx && inside(grey, to[i]);
                if (held)
                    settle(*open[i], grey, cv::Point2d(to[i]), away);
                else
                    open[i]->lost = true;
            }
        });
    }

    /// Holds the step against the remembered picture, which takes the drift out as long as the picture lasts.
    void settle(Way& way, const cv::Mat& grey, cv::Point2d to, double away) const {
        if (correlation(before_.front(), way.at, grey, to) < kLostMatch) {
            way.lost = true;
            return;
        }
        const double stepSd = kStepPx + kReturnShare * away;
        const cv::Point2d moved = to - way.at;
        way.variance += stepSd * stepSd;
        const PatchFit fit = way.patch.find(grey, to);
        const double limit = 1 + 3 * std::sqrt(way.variance - way.patchVariance);
        const bool same = fit.match >= kSameMatch && cv::norm(fit.at - to) < limit && inside(grey, fit.at);
        way.at = same ? fit.at : to;
        way.speed = moved;
        if (same) {
            const double anchorSd = kAnchorPx + fit.sigmaPx;
            way.variance = std::min(way.variance, way.patchVariance + anchorSd * anchorSd);
            way.patch.keep(fit);
        } else { // the picture has changed: remember the new one, with what it has cost
            way.patch = RememberedPatch(grey, way.at, limbWidthPx(grey.rows));
            way.patchVariance = way.variance;
        }
    }

    std::map<std::string, Way> ways_;
    std::map<std::string, TrackStep> arrivals_;
    std::vector<cv::Mat> before_, now_; ///< pyramids with derivatives; the first is the picture itself
};

} // namespace

Result<std::map<std::string, TrackedPath>> trackPoints(const std::function<Result<Picture>(int)>& frame, int from,
                                                       int to, const std::vector<TrackSeed>& seeds,
                                                       const std::function<bool(double share)>& goOn) {
    std::map<int, std::map<std::string, const TrackSeed*>> marked;
    std::map<std::string, TrackWays> ways;
    for (const TrackSeed& seed : seeds)
        if (seed.frame >= from && seed.frame <= to) {
            marked[seed.frame][seed.landmark] = &seed;
            ways[seed.landmark].seeds[seed.frame] = seed;
        }
    std::map<std::string, TrackedPath> out;
    if (marked.empty())
        return out;
    std::vector<std::string> names;
    for (const auto& [name, way] : ways)
        names.push_back(name);
    const int first = marked.begin()->first, last = marked.rbegin()->first;
    const int frames = (to - first + 1) + (last - from + 1);
    int done = 0, height = 0;
    const auto walk = [&](int begin, int end, int by, std::map<int, TrackStep> TrackWays::*way) -> Result<void> {
        Follower follower(names);
        cv::Mat grey;
        for (int at = begin; at != end + by; at += by, ++done) {
            if (goOn && !goOn(static_cast<double>(done) / frames))
                return cancelled();
            const auto picture = frame(at);
            if (!picture)
                return picture.error();
            height = picture->height;
            cv::cvtColor(matOf(*picture), grey, cv::COLOR_RGB2GRAY);
            const auto here = marked.find(at);
            follower.step(grey, here == marked.end() ? std::map<std::string, const TrackSeed*>() : here->second);
            for (const std::string& name : names) {
                const auto arrival = follower.arrivals().find(name);
                (ways[name].*way)[at] = arrival == follower.arrivals().end() ? follower.at(name) : arrival->second;
            }
        }
        return {};
    };
    try {
        if (const auto forward = walk(first, to, 1, &TrackWays::forward); !forward)
            return forward.error();
        if (const auto backward = walk(last, from, -1, &TrackWays::backward); !backward)
            return backward.error();
    } catch (const cv::Exception& problem) {
        return fault("tracker", problem.what());
    }
    std::map<std::string, MergedPath> merged;
    for (const auto& [name, way] : ways)
        merged[name] = mergeWays(way, from, to);
    keepBoneLengths(merged, ways, from);
    for (const auto& [name, path] : merged)
        out[name] = judgedPath(path, from, height);
    return out;
}

} // namespace riflesso
