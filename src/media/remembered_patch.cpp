#include "media/remembered_patch.h"

#include <Eigen/LU>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// Grey levels round `at`, rows of `side`, between pixels linearly; past the edge the last pixel goes on.
void sample(const cv::Mat& grey, int side, const Eigen::Matrix2f& shape, cv::Point2d at, Eigen::VectorXf& out) {
    out.resize(Eigen::Index(side) * side);
    const float half = static_cast<float>(side - 1) / 2;
    const auto lastX = static_cast<float>(grey.cols - 1) - 0.001F, lastY = static_cast<float>(grey.rows - 1) - 0.001F;
    float* to = out.data();
    for (int row = 0; row < side; ++row) {
        const float down = static_cast<float>(row) - half;
        float x = static_cast<float>(at.x) + shape(0, 1) * down - shape(0, 0) * half;
        float y = static_cast<float>(at.y) + shape(1, 1) * down - shape(1, 0) * half;
        for (int column = 0; column < side; ++column, x += shape(0, 0), y += shape(1, 0)) {
            const float cx = std::clamp(x, 0.0F, lastX), cy = std::clamp(y, 0.0F, lastY);
            const int ix = static_cast<int>(cx), iy = static_cast<int>(cy);
            const float ax = cx - static_cast<float>(ix), ay = cy - static_cast<float>(iy);
            const std::uint8_t *upper = grey.ptr(iy) + ix, *lower = upper + grey.step;
            const float above = upper[0] + ax * static_cast<float>(upper[1] - upper[0]);
            const float below = lower[0] + ax * static_cast<float>(lower[1] - lower[0]);
            *to++ = above + ay * (below - above);
        }
    }
}

/// Mean to 0 and norm to 1; the norm it had, or nothing where there is too little to see.
float normalise(Eigen::VectorXf& values) {
    values.array() -= values.mean();
    const float norm = values.norm();
    constexpr float kFlat = 0.5F; // grey levels: nothing to hold on to
    if (norm < kFlat * std::sqrt(static_cast<float>(values.size())))
        return 0;
    values /= norm;
    return norm;
}

} // namespace

RememberedPatch::RememberedPatch(const cv::Mat& grey, cv::Point2d at, int side) : side_(side) {
    if (grey.cols < 2 || grey.rows < 2)
        return;
    const int wide = side + 2; // for the differences across a pixel
    Eigen::VectorXf round;
    sample(grey, wide, shape_, at, round);
    const Eigen::Index count = Eigen::Index(side) * side;
    values_.resize(count);
    derivatives_.resize(count, 6);
    const float half = static_cast<float>(side - 1) / 2;
    Eigen::Index i = 0;
    for (int row = 1; row <= side; ++row)
        for (int column = 1; column <= side; ++column, ++i) {
            const Eigen::Index here = Eigen::Index(row) * wide + column;
            const float byX = (round[here + 1] - round[here - 1]) / 2;
            const float byY = (round[here + wide] - round[here - wide]) / 2;
            // In half sides, so that all six are of one size.
            const float x = (static_cast<float>(column - 1) - half) / half;
            const float y = (static_cast<float>(row - 1) - half) / half;
            values_[i] = round[here];
            derivatives_.row(i) << byX, byY, byX * x, byX * y, byY * x, byY * y;
        }
    const float norm = normalise(values_);
    if (norm == 0)
        return;
    derivatives_ /= norm;
    for (Eigen::Index c = 0; c < 6; ++c) { // what brightness or contrast would explain
        derivatives_.col(c).array() -= derivatives_.col(c).mean();
        derivatives_.col(c) -= values_ * values_.dot(derivatives_.col(c));
    }
    Eigen::Matrix<float, 6, 6> normal = derivatives_.transpose() * derivatives_;
    // A little stiffness where the patch says nothing, along an edge above all.
    constexpr float kShift = 1e-4F, kShape = 5e-2F;
    const float scale = (normal(0, 0) + normal(1, 1)) / 2;
    normal.diagonal().head<2>().array() += kShift * scale;
    stiffness_ = kShape * scale;
    normal.diagonal().tail<4>().array() += stiffness_;
    inverse_ = normal.inverse();
    textured_ = inverse_.allFinite();
}

PatchFit RememberedPatch::find(const cv::Mat& grey, cv::Point2d guess) const {
    PatchFit fit{0, guess, 0, shape_};
    if (!textured_ || grey.cols < 2 || grey.rows < 2)
        return fit;
    constexpr int kMost = 8;
    constexpr double kFarPx = 6; // the step before has brought it nearer than that
    constexpr float kStillPx = 0.01F;
    const float half = static_cast<float>(side_ - 1) / 2;
    const Eigen::Matrix2f kept = shape_.inverse();
    Eigen::VectorXf seen;
    bool still = false;
    for (int round = 0;; ++round) {
        sample(grey, side_, fit.shape, fit.at, seen);
        if (normalise(seen) == 0)
            return {0, guess, 0, shape_};
        fit.match = static_cast<double>(values_.dot(seen));
        if (still || round == kMost)
            break;
        constexpr float kLeastMatch = 0.3F;
        Eigen::Matrix<float, 6, 1> pull =
            derivatives_.transpose() * seen / std::max(static_cast<float>(fit.match), kLeastMatch);
        const Eigen::Matrix2f bent = half * (kept * fit.shape - Eigen::Matrix2f::Identity());
        pull.tail<4>() += stiffness_ * Eigen::Vector4f(bent(0, 0), bent(0, 1), bent(1, 0), bent(1, 1));
        const Eigen::Matrix<float, 6, 1> by = inverse_ * pull;
        Eigen::Matrix2f turn;
        turn << 1 + by[2] / half, by[3] / half, by[4] / half, 1 + by[5] / half;
        const Eigen::Matrix2f back = turn.inverse();
        const Eigen::Vector2f shift = fit.shape * (back * by.head<2>());
        fit.shape = fit.shape * back;
        fit.at -= cv::Point2d(static_cast<double>(shift.x()), static_cast<double>(shift.y()));
        const bool near = cv::norm(fit.at - guess) < kFarPx; // not for a number that is none
        if (!near || !fit.shape.allFinite())
            return {0, guess, 0, shape_};
        still = by.head<2>().norm() < kStillPx;
    }
    if (fit.match > 0) {
        // Measured on the simulated camera. Not divided by the number of pixels: what is left is change, not noise.
        constexpr double kOfUnexplained = 0.5;
        const double unexplained = std::sqrt(std::max(0.0, 1 - fit.match * fit.match)) / fit.match;
        fit.sigmaPx =
            kOfUnexplained * unexplained * std::sqrt(static_cast<double>(inverse_(0, 0) + inverse_(1, 1)) / 2);
    }
    return fit;
}

} // namespace riflesso
