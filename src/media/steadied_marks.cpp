#include "media/steadied_marks.h"

#include "media/limb_width.h"
#include "media/picture_mat.h"
#include "media/track_merge.h"

#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

// Own choices, tried on the simulated camera's lunges, strokes and shots.
constexpr double kFlowPx = 0.3;           ///< standard uncertainty of a step
constexpr double kFlowReturnShare = 0.5;  ///< what it adds to that by coming back elsewhere
constexpr double kFlowReturnMostPx = 0.7; ///< a step that comes back further away says nothing
constexpr int kFlowLevels = 3;
constexpr double kCauchy = 2; ///< standard uncertainties at which a weight is halved

/// The tridiagonal system of one coordinate, by elimination from the first to the last.
std::vector<double> solved(const std::vector<double>& seen, const std::vector<double>& by,
                           const std::vector<double>& seenWeight, const std::vector<double>& stepWeight) {
    const std::size_t n = seen.size();
    std::vector<double> diagonal(n), right(n), out(n);
    for (std::size_t i = 0; i < n; ++i) {
        const double before = i ? stepWeight[i] : 0, after = i + 1 < n ? stepWeight[i + 1] : 0;
        diagonal[i] = seenWeight[i] + before + after;
        right[i] = seenWeight[i] * seen[i] + before * by[i] - (i + 1 < n ? after * by[i + 1] : 0);
    }
    for (std::size_t i = 1; i < n; ++i) {
        const double share = stepWeight[i] / diagonal[i - 1];
        diagonal[i] -= share * stepWeight[i];
        right[i] += share * right[i - 1];
    }
    for (std::size_t i = n; i-- > 0;)
        out[i] = (right[i] + (i + 1 < n ? stepWeight[i + 1] * out[i + 1] : 0)) / diagonal[i];
    return out;
}

} // namespace

std::vector<PixelPoint> steadied(const std::vector<CarriedPoint>& run) {
    const std::size_t n = run.size();
    std::vector<double> x(n), y(n), dx(n, 0), dy(n, 0), seenWeight(n), stepWeight(n, 0);
    for (std::size_t i = 0; i < n; ++i) {
        x[i] = run[i].seen.x;
        y[i] = run[i].seen.y;
        seenWeight[i] = 1 / squared(run[i].seenSd);
        if (i && run[i].step) {
            dx[i] = run[i].step->by.x;
            dy[i] = run[i].step->by.y;
            stepWeight[i] = 1 / squared(run[i].step->sd);
        }
    }
    std::vector<double> atX, atY;
    constexpr int kRounds = 12;
    for (int round = 0; round < kRounds; ++round) {
        atX = solved(x, dx, seenWeight, stepWeight);
        atY = solved(y, dy, seenWeight, stepWeight);
        const auto weight = [](double ex, double ey, double sd) {
            return 1 / (squared(sd) + (squared(ex) + squared(ey)) / squared(kCauchy));
        };
        for (std::size_t i = 0; i < n; ++i) {
            seenWeight[i] = weight(atX[i] - x[i], atY[i] - y[i], run[i].seenSd);
            if (i && run[i].step)
                stepWeight[i] = weight(atX[i] - atX[i - 1] - dx[i], atY[i] - atY[i - 1] - dy[i], run[i].step->sd);
        }
    }
    std::vector<PixelPoint> out(n);
    for (std::size_t i = 0; i < n; ++i)
        out[i] = {atX[i], atY[i]};
    return out;
}

namespace {

using PictureSteps = std::map<std::string, CarriedPoint::Step>; ///< by landmark

/// How the picture moved round each of these marks, from one picture's pyramid to the next one's.
PictureSteps stepsOf(const std::vector<cv::Mat>& before, const std::vector<cv::Mat>& now, int window,
                     const std::vector<std::pair<std::string, PixelPoint>>& marks) {
    std::vector<cv::Point2f> start, there, back;
    for (const auto& [name, at] : marks)
        start.emplace_back(static_cast<float>(at.x), static_cast<float>(at.y));
    std::vector<std::uint8_t> found, foundBack;
    std::vector<float> error;
    const cv::TermCriteria enough(cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 30, 0.003);
    cv::calcOpticalFlowPyrLK(before, now, start, there, found, error, {window, window}, kFlowLevels, enough);
    back = start;
    cv::calcOpticalFlowPyrLK(now, before, there, back, foundBack, error, {window, window}, kFlowLevels, enough,
                             cv::OPTFLOW_USE_INITIAL_FLOW);
    PictureSteps out;
    for (std::size_t i = 0; i < marks.size(); ++i) {
        const double away = cv::norm(back[i] - start[i]);
        if (found[i] && foundBack[i] && away <= kFlowReturnMostPx)
            out[marks[i].first] = {{there[i].x - start[i].x, there[i].y - start[i].y},
                                   kFlowPx + kFlowReturnShare * away};
    }
    return out;
}

} // namespace

Result<void> steadyByPicture(ProposedMarks& marks, const std::function<Result<Picture>(int)>& frame, int from, int to,
                             const std::function<bool(double share)>& goOn) {
    std::map<int, PictureSteps> steps; // into this frame
    try {
        std::vector<cv::Mat> before, now;
        cv::Mat grey;
        for (int at = from; at <= to; ++at) {
            if (goOn && !goOn(static_cast<double>(at - from) / (to - from + 1)))
                return cancelled();
            const auto picture = frame(at);
            if (!picture)
                return picture.error();
            const int window = limbWidthPx(picture->height);
            cv::cvtColor(matOf(*picture), grey, cv::COLOR_RGB2GRAY);
            cv::buildOpticalFlowPyramid(grey, now, {window, window}, kFlowLevels);
            std::vector<std::pair<std::string, PixelPoint>> carried;
            for (const auto& [name, track] : marks)
                if (const auto mark = track.find(at - 1); mark != track.end() && at > from && track.contains(at))
                    carried.emplace_back(name, mark->second.mark.at);
            if (!carried.empty() && before.front().size() == now.front().size())
                steps[at] = stepsOf(before, now, window, carried);
            std::swap(before, now);
        }
    } catch (const cv::Exception& problem) {
        return fault("steadied marks", problem.what());
    }
    for (auto& [name, track] : marks) {
        std::vector<CarriedPoint> run;
        for (const auto& [at, proposed] : track) {
            CarriedPoint point{proposed.mark.at, proposed.mark.sigmaPx};
            if (const auto step = steps[at].find(name); step != steps[at].end())
                point.step = step->second;
            run.push_back(point);
        }
        const std::vector<PixelPoint> places = steadied(run);
        std::size_t i = 0;
        for (auto& [at, proposed] : track)
            proposed.mark.at = places[i++];
    }
    return {};
}

} // namespace riflesso
