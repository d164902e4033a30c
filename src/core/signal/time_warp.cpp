#include "core/signal/time_warp.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace riflesso {
namespace {

constexpr double kFar = std::numeric_limits<double>::infinity();

/// A step into a cell: its cells before it, last first, each with a weight; the step starts before the last of them.
struct Step {
    Eigen::Index back = 1, across = 1; ///< to where it starts
    struct Cell {
        Eigen::Index back = 0, across = 0;
        double weight = 1;
    };
    std::vector<Cell> cells;
};
const std::vector<Step>& stepsOf(WarpSteps steps) {
    static const std::vector<Step> kSlopeOne = {
        {1, 1, {{0, 0, 2}}}, {1, 2, {{0, 0, 1}, {0, 1, 2}}}, {2, 1, {{0, 0, 1}, {1, 0, 2}}}};
    static const std::vector<Step> kFree = {{1, 1, {{0, 0, 1}}}, {0, 1, {{0, 0, 1}}}, {1, 0, {{0, 0, 1}}}};
    return steps == WarpSteps::SlopeOne ? kSlopeOne : kFree;
}

} // namespace

std::pair<double, int> Warp::across(double exampleSample) const {
    const auto middle = [&](int sample) {
        double sum = 0;
        int count = 0;
        for (const auto& [i, j] : path)
            if (i == sample) {
                sum += j;
                ++count;
            }
        return std::pair(count ? sum / count : -1.0, count);
    };
    const int last = path.empty() ? 0 : path.back().first;
    const double at = std::clamp(exampleSample, 0.0, static_cast<double>(last));
    // A step may pass over a sample of the example: its neighbours stand in.
    const auto near = [&](int sample, int direction) {
        auto found = middle(sample);
        for (int k = sample; found.second == 0 && k >= 0 && k <= last; k += direction)
            found = middle(k);
        return found;
    };
    const int below = static_cast<int>(std::floor(at)), above = static_cast<int>(std::ceil(at));
    const auto low = near(below, -1), high = near(above, 1);
    const double share = at - below;
    return {low.first + share * (high.first - low.first), std::max(low.second, high.second)};
}

Warp timeWarp(const Eigen::MatrixXd& distance, WarpSteps steps) {
    Warp warp;
    const Eigen::Index n = distance.rows(), m = distance.cols();
    if (n == 0 || m == 0)
        return warp;
    const std::vector<Step>& allowed = stepsOf(steps);
    Eigen::MatrixXd g = Eigen::MatrixXd::Constant(n, m, kFar);
    Eigen::MatrixXi taken = Eigen::MatrixXi::Constant(n, m, -1);
    g(0, 0) = distance(0, 0) * (steps == WarpSteps::SlopeOne ? 2 : 1);
    for (Eigen::Index i = 0; i < n; ++i)
        for (Eigen::Index j = 0; j < m; ++j) {
            if (!(distance(i, j) < kFar))
                continue;
            for (std::size_t s = 0; s < allowed.size(); ++s) {
                const Step& step = allowed[s];
                if (i < step.back || j < step.across)
                    continue;
                double total = g(i - step.back, j - step.across);
                for (const Step::Cell& cell : step.cells)
                    total += cell.weight * distance(i - cell.back, j - cell.across);
                if (total < g(i, j)) {
                    g(i, j) = total;
                    taken(i, j) = static_cast<int>(s);
                }
            }
        }
    if (!(g(n - 1, m - 1) < kFar))
        return warp;
    warp.found = true;
    warp.total = g(n - 1, m - 1);
    warp.cost = warp.total / static_cast<double>(n + m);
    for (Eigen::Index i = n - 1, j = m - 1; taken(i, j) >= 0;) {
        const Step& step = allowed[static_cast<std::size_t>(taken(i, j))];
        for (const Step::Cell& cell : step.cells)
            warp.path.emplace_back(i - cell.back, j - cell.across);
        i -= step.back;
        j -= step.across;
    }
    warp.path.emplace_back(0, 0);
    std::reverse(warp.path.begin(), warp.path.end());
    return warp;
}

} // namespace riflesso
