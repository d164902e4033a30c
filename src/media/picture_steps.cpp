#include "media/picture_steps.h"

#include "media/limb_width.h"
#include "media/picture_mat.h"

#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

namespace riflesso {
namespace {

// Own choices, tried on the simulated camera's lunges, strokes and shots.
constexpr double kFlowPx = 1;             ///< standard uncertainty of a step, with what it drifts off over several
constexpr double kFlowReturnShare = 0.5;  ///< what it adds to that by coming back elsewhere
constexpr double kFlowReturnMostPx = 0.7; ///< a step that comes back further away says nothing
constexpr int kFlowLevels = 3;

} // namespace

struct StepPicture::Levels {
    int window = 0;
    std::vector<cv::Mat> pyramid;
};

Result<StepPicture> StepPicture::of(const Picture& picture) {
    try {
        auto levels = std::make_shared<Levels>();
        levels->window = limbWidthPx(picture.height);
        cv::Mat grey;
        cv::cvtColor(matOf(picture), grey, cv::COLOR_RGB2GRAY);
        cv::buildOpticalFlowPyramid(grey, levels->pyramid, {levels->window, levels->window}, kFlowLevels);
        StepPicture out;
        out.levels_ = std::move(levels);
        return out;
    } catch (const cv::Exception& problem) {
        return fault("the picture's movement", problem.what());
    }
}

Result<std::vector<std::optional<PictureStep>>> StepPicture::stepsTo(const StepPicture& next,
                                                                     const std::vector<PixelPoint>& points) const {
    std::vector<std::optional<PictureStep>> out(points.size());
    const std::vector<cv::Mat>&here = levels_->pyramid, &there = next.levels_->pyramid;
    if (points.empty() || here.front().size() != there.front().size())
        return out;
    try {
        std::vector<cv::Point2f> start, arrived;
        for (const PixelPoint& at : points)
            start.emplace_back(static_cast<float>(at.x), static_cast<float>(at.y));
        std::vector<std::uint8_t> found, foundBack;
        std::vector<float> error;
        const cv::Size window(levels_->window, levels_->window);
        const cv::TermCriteria enough(cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 30, 0.003);
        cv::calcOpticalFlowPyrLK(here, there, start, arrived, found, error, window, kFlowLevels, enough);
        std::vector<cv::Point2f> back = start;
        cv::calcOpticalFlowPyrLK(there, here, arrived, back, foundBack, error, window, kFlowLevels, enough,
                                 cv::OPTFLOW_USE_INITIAL_FLOW);
        for (std::size_t i = 0; i < points.size(); ++i) {
            const double away = cv::norm(back[i] - start[i]);
            if (found[i] && foundBack[i] && away <= kFlowReturnMostPx)
                out[i] = {{arrived[i].x - start[i].x, arrived[i].y - start[i].y}, kFlowPx + kFlowReturnShare * away};
        }
        return out;
    } catch (const cv::Exception& problem) {
        return fault("the picture's movement", problem.what());
    }
}

} // namespace riflesso
