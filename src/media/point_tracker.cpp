#include "media/point_tracker.h"

#include "media/picture_mat.h"
#include "media/track_merge.h"

#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kWindow = 21, kLevels = 3;
constexpr int kPatch = 25; ///< side of the remembered picture round a point
constexpr double kLostMatch = 0.5, kSameMatch = 0.9;
constexpr double kLostReturnPx = 2; ///< forward and back again ends this far away: not the same point

/// What one step or one comparison adds, in pixels (measured on the simulated camera, see docs).
constexpr double kStepPx = 0.07, kReturnShare = 0.5, kAnchorPx = 0.04;

struct Way {
    cv::Point2d at, speed;
    double variance = 0; ///< of each coordinate
    cv::Mat patch;       ///< the picture round the point where it was last certain
    cv::Mat warp;        ///< from that patch to the picture now: affine, 2×3, about the patch's centre
    double patchVariance = 0;
    bool lost = true;
};

cv::Mat patchAt(const cv::Mat& grey, cv::Point2d at, int side = kPatch) {
    cv::Mat out;
    cv::getRectSubPix(grey, {side, side}, cv::Point2f(at), out, CV_32F);
    return out;
}

double correlation(const cv::Mat& a, const cv::Mat& b) {
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
        way.variance = way.patchVariance = seed.sigmaPx * seed.sigmaPx;
        way.patch = patchAt(grey, way.at);
        way.warp = cv::Mat::eye(2, 3, CV_32F);
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
        const double stepMatch = correlation(patchAt(before_.front(), way.at), patchAt(grey, to));
        if (stepMatch < kLostMatch) {
            way.lost = true;
            return;
        }
        const double stepSd = kStepPx + kReturnShare * away;
        const cv::Point2d moved = to - way.at;
        cv::Point2d settled = to;
        double variance = way.variance + stepSd * stepSd;
        // The remembered patch against a larger piece of the picture round the step's end.
        constexpr int kMargin = 4;
        const cv::Mat piece = patchAt(grey, to, kPatch + 2 * kMargin);
        cv::Mat warp = way.warp.clone();
        warp.at<float>(0, 2) = warp.at<float>(1, 2) = 0; // the step has already moved it
        cv::Mat placed = shifted(warp, kMargin);
        double match = 0;
        try {
            match = cv::findTransformECC(way.patch, piece, placed, cv::MOTION_AFFINE,
                                         {cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 8, 0.005}, cv::noArray(), 1);
        } catch (const cv::Exception&) {
            match = 0; // it did not converge
        }
        if (match >= kSameMatch) {
            const double centre = (kPatch - 1) / 2.0, middle = centre + kMargin;
            const cv::Point2d there(
                placed.at<float>(0, 0) * centre + placed.at<float>(0, 1) * centre + placed.at<float>(0, 2) - middle,
                placed.at<float>(1, 0) * centre + placed.at<float>(1, 1) * centre + placed.at<float>(1, 2) - middle);
            const double limit = 1 + 3 * std::sqrt(variance - way.patchVariance);
            if (cv::norm(there) < limit && inside(grey, to + there)) {
                settled = to + there;
                const double anchored = kAnchorPx + (1 - match);
                variance = std::min(variance, way.patchVariance + anchored * anchored);
                way.warp = placed;
                way.warp.at<float>(0, 2) = way.warp.at<float>(1, 2) = 0;
            } else {
                match = 0;
            }
        }
        way.at = settled;
        way.speed = moved;
        way.variance = variance;
        if (match < kSameMatch) { // the picture has changed: remember the new one, with what it has cost
            way.patch = patchAt(grey, way.at);
            way.warp = cv::Mat::eye(2, 3, CV_32F);
            way.patchVariance = way.variance;
        }
    }

    /// The linear part about the patch's centre, as a map of the patch into the larger piece.
    static cv::Mat shifted(const cv::Mat& warp, int margin) {
        cv::Mat out = warp.clone();
        const float centre = (kPatch - 1) / 2.0F, middle = centre + static_cast<float>(margin);
        for (int row = 0; row < 2; ++row)
            out.at<float>(row, 2) = middle - warp.at<float>(row, 0) * centre - warp.at<float>(row, 1) * centre;
        return out;
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
    for (const auto& [name, way] : ways)
        out[name] = mergeWays(way, from, to, height);
    return out;
}

} // namespace riflesso
