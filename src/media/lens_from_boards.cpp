#include "media/lens_from_boards.h"

#include "media/picture_mat.h"

#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kMostLooks = 90, kMostBoards = 30;
constexpr std::size_t kFewestBoards = 6;

std::vector<cv::Point2f> cornersIn(const Picture& picture, BoardSize board) {
    cv::Mat grey;
    cv::cvtColor(matOf(picture), grey, cv::COLOR_RGB2GRAY);
    std::vector<cv::Point2f> corners;
    if (!cv::findChessboardCorners(grey, {board.columns, board.rows}, corners,
                                   cv::CALIB_CB_ADAPTIVE_THRESH | cv::CALIB_CB_NORMALIZE_IMAGE |
                                       cv::CALIB_CB_FAST_CHECK))
        return {};
    constexpr int kHalf = 11, kMostSteps = 30;
    constexpr double kEnough = 1e-4;
    cv::cornerSubPix(grey, corners, {kHalf, kHalf}, {-1, -1},
                     cv::TermCriteria(cv::TermCriteria::COUNT | cv::TermCriteria::EPS, kMostSteps, kEnough));
    return corners;
}

/// Whether this view adds something: its corners lie elsewhere than in all views so far.
bool isNew(const std::vector<std::vector<cv::Point2f>>& views, const std::vector<cv::Point2f>& corners, double farPx) {
    return std::all_of(views.begin(), views.end(), [&](const std::vector<cv::Point2f>& view) {
        double apart = 0;
        for (std::size_t i = 0; i < corners.size(); ++i)
            apart += cv::norm(corners[i] - view[i]) / static_cast<double>(corners.size());
        return apart > farPx;
    });
}

} // namespace

Result<LensFit> lensFromBoards(const std::function<Result<Picture>(int)>& frame, int frames, BoardSize board,
                               const std::function<bool(double share)>& goOn) {
    std::vector<std::vector<cv::Point2f>> views;
    cv::Size size;
    const int looks = std::min(frames, kMostLooks);
    for (int i = 0; i < looks && std::ssize(views) < kMostBoards; ++i) {
        if (goOn && !goOn(static_cast<double>(i) / looks))
            return cancelled();
        const auto picture = frame(static_cast<int>((static_cast<long>(i) * frames) / looks));
        if (!picture)
            return picture.error();
        size = {picture->width, picture->height};
        const auto corners = cornersIn(*picture, board);
        constexpr double kFar = 0.01; // of the picture's width
        if (!corners.empty() && isNew(views, corners, kFar * size.width))
            views.push_back(corners);
    }
    if (views.size() < kFewestBoards)
        return badInput("", "the whole board, from different sides, in six pictures or more",
                        "found in " + std::to_string(views.size()));
    std::vector<cv::Point3f> flat;
    for (int y = 0; y < board.rows; ++y)
        for (int x = 0; x < board.columns; ++x)
            flat.emplace_back(static_cast<float>(x), static_cast<float>(y), 0.0F);
    const std::vector<std::vector<cv::Point3f>> boards(views.size(), flat);
    cv::Mat camera = cv::Mat::eye(3, 3, CV_64F), distortion; // square pixels, as pictures are shown
    std::vector<cv::Mat> turns, shifts;
    LensFit out;
    out.residualPx =
        cv::calibrateCamera(boards, views, size, camera, distortion, turns, shifts, cv::CALIB_FIX_ASPECT_RATIO);
    out.boards = static_cast<int>(views.size());
    const auto term = [&](int i) {
        return distortion.total() > static_cast<std::size_t>(i) ? distortion.at<double>(i) : 0;
    };
    out.lens = {camera.at<double>(0, 0),
                camera.at<double>(1, 1),
                {camera.at<double>(0, 2), camera.at<double>(1, 2)},
                term(0),
                term(1),
                term(2),
                term(3),
                term(4)};
    return out;
}

} // namespace riflesso
