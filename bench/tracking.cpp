// Tracking 20 landmarks through moving 1080p noise, beside OpenCV's own optical flow for the same points in the same
// run.
//   build/bin/bench-tracking

#include "media/picture_mat.h"
#include "media/point_tracker.h"

#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include <chrono>
#include <cstdio>
#include <random>

namespace {

using namespace riflesso;
using Clock = std::chrono::steady_clock;

constexpr int kWidth = 1920, kHeight = 1080, kFrames = 40, kPoints = 20;

/// A smooth random texture that drifts by (3, 1) pixels a frame, with sensor noise.
std::vector<Picture> clip() {
    std::mt19937 random(3);
    std::uniform_int_distribution<int> level(0, 255);
    cv::Mat texture(kHeight + kFrames, kWidth + 3 * kFrames, CV_8UC1);
    for (int y = 0; y < texture.rows; ++y)
        for (int x = 0; x < texture.cols; ++x)
            texture.at<std::uint8_t>(y, x) = static_cast<std::uint8_t>(level(random));
    cv::GaussianBlur(texture, texture, {0, 0}, 3);
    cv::normalize(texture, texture, 0, 255, cv::NORM_MINMAX);
    std::vector<Picture> out;
    for (int f = 0; f < kFrames; ++f) {
        cv::Mat noise(kHeight, kWidth, CV_8UC1), rgb;
        cv::randn(noise, 6, 3);
        cv::Mat grey = texture(cv::Rect(3 * f, f, kWidth, kHeight)) + noise;
        cv::cvtColor(grey, rgb, cv::COLOR_GRAY2RGB);
        out.push_back({kWidth, kHeight,
                       std::make_shared<const std::vector<std::uint8_t>>(rgb.data, rgb.data + rgb.total() * 3), f, 0});
    }
    return out;
}

double millisecondsSince(Clock::time_point start) {
    return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
}

} // namespace

int main() {
    const std::vector<Picture> pictures = clip();
    std::vector<TrackSeed> seeds;
    std::vector<cv::Point2f> points;
    for (int i = 0; i < kPoints; ++i) {
        const PixelPoint at{300.0 + 60 * i, 200.0 + 35 * i};
        seeds.push_back({std::to_string(i), 0, at, 1});
        points.emplace_back(static_cast<float>(at.x), static_cast<float>(at.y));
    }
    double ours = 1e9, plain = 1e9;
    constexpr int kRounds = 5;
    for (int round = 0; round < kRounds; ++round) {
        auto start = Clock::now();
        const auto tracked = trackPoints(
            [&](int f) -> Result<Picture> { return pictures[static_cast<std::size_t>(f)]; }, 0, kFrames - 1, seeds);
        ours = std::min(ours, millisecondsSince(start));
        if (!tracked)
            return 1;
        // One way, a picture at a time.
        start = Clock::now();
        std::vector<cv::Point2f> at = points, next;
        std::vector<std::uint8_t> found;
        std::vector<float> error;
        cv::Mat before, now;
        for (int f = 0; f < kFrames; ++f) {
            cv::cvtColor(matOf(pictures[static_cast<std::size_t>(f)]), now, cv::COLOR_RGB2GRAY);
            if (f > 0) {
                cv::calcOpticalFlowPyrLK(before, now, at, next, found, error);
                at = next;
            }
            cv::swap(before, now);
        }
        plain = std::min(plain, millisecondsSince(start));
    }
    std::printf(
        "tracking %d landmarks through %d pictures of %dx%d: ours %.0f ms, OpenCV's optical flow one way %.0f ms, "
        "ratio %.2f (target 1.5)\n",
        kPoints, kFrames, kWidth, kHeight, ours, plain, ours / plain);
}
