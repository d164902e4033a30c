#include "media/camera_follow.h"

#include "core/points/trial.h"
#include "core/uncertainty/stats.h"
#include "media/picture_mat.h"

#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include <algorithm>
#include <cmath>
#include <limits>

namespace riflesso {
namespace {

constexpr int kFollowWindow = 21, kFollowLevels = 4;
constexpr std::size_t kFewestPoints = 12;
constexpr double kReturnPx = 1, kAgreePx = 2; ///< at 1080 lines the second is scaled
constexpr double kFewestShare = 0.35;         ///< of the anchor's points: below, another anchor takes its place

cv::Mat greyOf(const Picture& picture) {
    cv::Mat grey;
    cv::cvtColor(matOf(picture), grey, cv::COLOR_RGB2GRAY);
    return grey;
}

std::vector<cv::Mat> pyramidOf(const cv::Mat& grey) {
    std::vector<cv::Mat> pyramid;
    cv::buildOpticalFlowPyramid(grey, pyramid, {kFollowWindow, kFollowWindow}, kFollowLevels);
    return pyramid;
}

/// A frame whose picture others are laid over.
struct Anchor {
    std::vector<cv::Mat> pyramid;
    std::vector<cv::Point2f> corners;
};

Anchor anchorAt(const cv::Mat& grey, const std::optional<PictureBox>& athlete) {
    Anchor out{pyramidOf(grey), {}};
    cv::Mat mask(grey.size(), CV_8U, cv::Scalar(255));
    if (athlete)
        cv::rectangle(mask,
                      cv::Rect2d(athlete->x, athlete->y, athlete->width, athlete->height) &
                          cv::Rect2d(0, 0, grey.cols, grey.rows),
                      cv::Scalar(0), cv::FILLED);
    // Some from every part of the picture: a wall full of corners would say nothing of the floor.
    constexpr int kColumns = 8, kRows = 6, kEach = 14;
    constexpr double kQuality = 0.02,
                     kLeastContrast = 2e-4; // the smaller eigenvalue of its gradients, by a strong edge's
    cv::Mat strength;
    cv::cornerMinEigenVal(grey, strength, 5);
    double strongest = 0;
    cv::minMaxLoc(strength, nullptr, &strongest, nullptr, nullptr, mask);
    for (int row = 0; row < kRows; ++row)
        for (int column = 0; column < kColumns; ++column) {
            const int x = grey.cols * column / kColumns, y = grey.rows * row / kRows;
            const cv::Rect cell(x, y, grey.cols * (column + 1) / kColumns - x, grey.rows * (row + 1) / kRows - y);
            std::vector<cv::Point2f> here;
            cv::goodFeaturesToTrack(grey(cell), here, kEach, kQuality, std::max(5, grey.rows / 70), mask(cell), 5);
            for (const cv::Point2f& at : here) {
                const cv::Point2f whole = at + cv::Point2f(cell.tl());
                if (strength.at<float>(cv::Point(whole)) > kLeastContrast * strongest)
                    out.corners.push_back(whole);
            }
        }
    return out;
}

/// Points of a frame that agree on how it lies over its anchor, and that way.
struct Laid {
    cv::Mat toAnchor; ///< 3 x 3, pixels of the frame to those of the anchor
    std::vector<cv::Point2f> here, there;
    double residualPx = 0; ///< median distance after mapping
};

/// The frame laid over the anchor's; `guess` takes pixels of the anchor to about where they are in the frame.
std::optional<Laid> layOver(const Anchor& anchor, const std::vector<cv::Mat>& pyramid, const cv::Mat& guess,
                            double agreePx) {
    if (anchor.corners.size() < kFewestPoints)
        return {};
    std::vector<cv::Point2f> there, back = anchor.corners;
    cv::perspectiveTransform(anchor.corners, there, guess);
    std::vector<std::uint8_t> found, returned;
    std::vector<float> error;
    const cv::TermCriteria stop(cv::TermCriteria::COUNT | cv::TermCriteria::EPS, 30, 0.01);
    const cv::Size window(kFollowWindow, kFollowWindow);
    cv::calcOpticalFlowPyrLK(anchor.pyramid, pyramid, anchor.corners, there, found, error, window, kFollowLevels, stop,
                             cv::OPTFLOW_USE_INITIAL_FLOW);
    cv::calcOpticalFlowPyrLK(pyramid, anchor.pyramid, there, back, returned, error, window, kFollowLevels, stop,
                             cv::OPTFLOW_USE_INITIAL_FLOW);
    std::vector<cv::Point2f> from, to;
    for (std::size_t i = 0; i < there.size(); ++i)
        if (found[i] && returned[i] && cv::norm(back[i] - anchor.corners[i]) < kReturnPx) {
            from.push_back(there[i]);
            to.push_back(anchor.corners[i]);
        }
    if (from.size() < kFewestPoints)
        return {};
    std::vector<std::uint8_t> agrees;
    Laid out;
    cv::setRNGSeed(1); // the same answer every time
    constexpr int kMostTries = 2000;
    constexpr double kSure = 0.999;
    out.toAnchor = cv::findHomography(from, to, cv::RANSAC, agreePx, agrees, kMostTries, kSure);
    if (out.toAnchor.empty())
        return {};
    for (std::size_t i = 0; i < from.size(); ++i)
        if (agrees[i]) {
            out.here.push_back(from[i]);
            out.there.push_back(to[i]);
        }
    if (out.here.size() < kFewestPoints ||
        static_cast<double>(out.here.size()) < kFewestShare * 0.5 * static_cast<double>(anchor.corners.size()))
        return {};
    return out;
}

double medianGap(const std::vector<cv::Point2f>& from, const std::vector<cv::Point2f>& to, const cv::Mat& map) {
    std::vector<cv::Point2f> mapped;
    cv::perspectiveTransform(from, mapped, map);
    std::vector<double> gaps;
    for (std::size_t i = 0; i < from.size(); ++i)
        gaps.push_back(cv::norm(mapped[i] - to[i]));
    return median(gaps);
}

/// A camera that only turns: its picture moves by K R K⁻¹, three numbers in place of eight, so that the floor, where
/// little can be followed, is held by the wall. `turn` is refined in place (Gauss-Newton); the sum of squared gaps.
double fitTurn(const Laid& laid, double focalPx, cv::Point2d middle, cv::Matx33d& turn) {
    double squares = 0;
    constexpr int kRounds = 6;
    for (int round = 0; round < kRounds; ++round) {
        cv::Matx33d normal = cv::Matx33d::zeros();
        cv::Vec3d right(0, 0, 0);
        squares = 0;
        for (std::size_t i = 0; i < laid.here.size(); ++i) {
            const cv::Vec3d ray =
                turn * cv::Vec3d((laid.here[i].x - middle.x) / focalPx, (laid.here[i].y - middle.y) / focalPx, 1);
            const double x = ray[0] / ray[2], y = ray[1] / ray[2];
            const double gapX = laid.there[i].x - middle.x - focalPx * x,
                         gapY = laid.there[i].y - middle.y - focalPx * y;
            // Of a small turn about the three axes.
            const cv::Vec3d byX(-focalPx * x * y, focalPx * (1 + x * x), -focalPx * y),
                byY(-focalPx * (1 + y * y), focalPx * x * y, focalPx * x);
            normal += byX * byX.t() + byY * byY.t();
            right += byX * gapX + byY * gapY;
            squares += gapX * gapX + gapY * gapY;
        }
        const cv::Vec3d step = normal.inv() * right;
        cv::Matx33d small;
        cv::Rodrigues(step, small);
        turn = small * turn;
    }
    return squares;
}

std::array<double, 9> numbers(const cv::Mat& matrix) {
    std::array<double, 9> out{};
    for (int i = 0; i < 9; ++i)
        out[static_cast<std::size_t>(i)] = matrix.at<double>(i / 3, i % 3) / matrix.at<double>(2, 2);
    return out;
}

/// How a frame came to its place.
struct CameraWay {
    int frame = 0, anchor = 0; ///< of `anchors`
    Laid laid;
};
/// A frame that others are laid over, and the way by which it got there itself; none: the first.
struct AnchorWay {
    std::optional<std::size_t> way;
};

/// Focal length at which turning alone explains the ways best, in pixels, and by how much worse it does than eight free
/// numbers each: 1 for as well.
std::pair<double, double> focalOf(const std::vector<CameraWay>& ways, cv::Point2d middle, double width) {
    std::vector<const CameraWay*> far; // those that moved most say most
    for (const CameraWay& way : ways)
        far.push_back(&way);
    const auto moved = [&](const CameraWay* way) {
        std::vector<cv::Point2f> at{cv::Point2f(middle)}, to;
        cv::perspectiveTransform(at, to, way->laid.toAnchor);
        return cv::norm(to[0] - at[0]);
    };
    std::stable_sort(far.begin(), far.end(),
                     [&](const CameraWay* a, const CameraWay* b) { return moved(a) > moved(b); });
    constexpr std::size_t kMost = 12;
    far.resize(std::min(far.size(), kMost));
    double best = width, least = std::numeric_limits<double>::infinity();
    constexpr int kSteps = 60;
    constexpr double kWidest = 0.4, kNarrowest = 8; // of the picture's width
    for (int i = 0; i <= kSteps; ++i) {
        const double focal = width * kWidest * std::pow(kNarrowest / kWidest, static_cast<double>(i) / kSteps);
        double squares = 0;
        for (const CameraWay* way : far) {
            cv::Matx33d turn = cv::Matx33d::eye();
            squares += fitTurn(way->laid, focal, middle, turn);
        }
        if (squares < least) {
            least = squares;
            best = focal;
        }
    }
    double free = 0;
    for (const CameraWay* way : far) {
        std::vector<cv::Point2f> mapped;
        cv::perspectiveTransform(way->laid.here, mapped, way->laid.toAnchor);
        for (std::size_t i = 0; i < mapped.size(); ++i)
            free += cv::norm(mapped[i] - way->laid.there[i]) * cv::norm(mapped[i] - way->laid.there[i]);
    }
    return {best, std::sqrt(least / std::max(1e-12, free))};
}

} // namespace

bool FollowedCamera::moved(int pictureHeight) const { return farthestPx > defaultSigmaPx(pictureHeight); }

Result<FollowedCamera> followCamera(const std::function<Result<Picture>(int)>& frame, int from, int to,
                                    const std::function<std::optional<PictureBox>(int)>& athlete,
                                    const std::function<bool(double share)>& goOn) {
    const auto where = [&](int at) { return athlete ? athlete(at) : std::nullopt; };
    const auto first = frame(from);
    if (!first)
        return first.error();
    constexpr double kLines = 1080;
    const double agreePx = std::max(0.75, kAgreePx * first->height / kLines);
    const cv::Point2d middle((first->width - 1) / 2.0, (first->height - 1) / 2.0);
    std::vector<CameraWay> ways;
    std::vector<AnchorWay> anchors{{std::nullopt}};
    Anchor anchor = anchorAt(greyOf(*first), where(from));
    cv::Mat guess = cv::Mat::eye(3, 3, CV_64F); // anchor to the frame before
    cv::Mat before = greyOf(*first);
    int beforeFrame = from;
    std::optional<std::size_t> beforeWay;
    for (int at = from + 1; at <= to; ++at) {
        if (goOn && !goOn(static_cast<double>(at - from) / (to - from + 1)))
            return cancelled();
        const auto picture = frame(at);
        if (!picture)
            return picture.error();
        const cv::Mat grey = greyOf(*picture);
        const std::vector<cv::Mat> pyramid = pyramidOf(grey);
        auto laid = layOver(anchor, pyramid, guess, agreePx);
        const bool thin =
            !laid || static_cast<double>(laid->here.size()) < kFewestShare * static_cast<double>(anchor.corners.size());
        if (thin && beforeFrame + 1 == at) {
            // The view has left the anchor: the frame before takes its place.
            Anchor next = anchorAt(before, where(beforeFrame));
            if (auto again = layOver(next, pyramid, cv::Mat::eye(3, 3, CV_64F), agreePx)) {
                anchor = std::move(next);
                anchors.push_back({beforeWay});
                laid = std::move(again);
            }
        }
        if (!laid)
            continue;
        guess = laid->toAnchor.inv();
        before = grey;
        beforeFrame = at;
        beforeWay = ways.size();
        ways.push_back({at, static_cast<int>(anchors.size()) - 1, std::move(*laid)});
    }

    // A camera on a stand, or in a hand that stays, only turns; where that does not explain what is seen, any view of
    // a plane does.
    constexpr double kAsWell = 1.5;
    const auto [focal, worse] = focalOf(ways, middle, first->width);
    const bool turns = worse < kAsWell;
    const cv::Matx33d camera(focal, 0, middle.x, 0, focal, middle.y, 0, 0, 1);
    FollowedCamera out;
    out.motion.reference = from;
    out.motion.steps[from] = {};
    std::vector<cv::Mat> toReference(ways.size());
    std::vector<double> us(ways.size(), 0), residuals;
    for (std::size_t i = 0; i < ways.size(); ++i) {
        CameraWay& way = ways[i];
        cv::Mat map = way.laid.toAnchor;
        if (turns) {
            cv::Matx33d turn = cv::Matx33d::eye();
            (void)fitTurn(way.laid, focal, middle, turn);
            map = cv::Mat(camera * turn * camera.inv());
        }
        const double gap = medianGap(way.laid.here, way.laid.there, map);
        residuals.push_back(gap);
        // Corners of one part of the picture err together (own choice): as if one in eight stood alone.
        constexpr double kMedianToSd = 0.85, kTogether = 8, kTurnNumbers = 3, kFreeNumbers = 8;
        const double own = gap * kMedianToSd *
                           std::sqrt((turns ? kTurnNumbers : kFreeNumbers) * kTogether /
                                     (2 * static_cast<double>(way.laid.here.size())));
        const std::optional<std::size_t> base = anchors[static_cast<std::size_t>(way.anchor)].way;
        toReference[i] = base ? cv::Mat(toReference[*base] * map) : map;
        us[i] = std::hypot(own, base ? us[*base] : 0);
        out.motion.steps[way.frame] = {numbers(toReference[i]), us[i]};
        if (const auto now = out.motion.steady(way.frame, {middle.x, middle.y}))
            out.farthestPx = std::max(out.farthestPx, std::hypot(now->x - middle.x, now->y - middle.y));
    }
    out.motion.residualPx = residuals.empty() ? 0 : median(residuals);
    out.motion.seen = static_cast<double>(out.motion.steps.size()) / (to - from + 1);
    return out;
}

} // namespace riflesso
