#include "core/signal/time_warp.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace riflesso {
namespace {

constexpr double kFar = std::numeric_limits<double>::infinity();

/// A step into a cell: its cells, last first, each with a weight (a second one of none is no cell); it starts before
/// the last of them.
struct Step {
    Eigen::Index back = 1, across = 1; ///< to where it starts
    struct Cell {
        Eigen::Index back = 0, across = 0;
        double weight = 0;
    };
    std::array<Cell, 2> cells;
    [[nodiscard]] constexpr bool two() const { return cells[1].weight > 0; }
};
using Steps = std::array<Step, 3>;
constexpr Steps kSlopeOne = {Step{1, 1, {{{0, 0, 2}}}}, Step{1, 2, {{{0, 0, 1}, {0, 1, 2}}}},
                             Step{2, 1, {{{0, 0, 1}, {1, 0, 2}}}}};
constexpr Steps kFree = {Step{1, 1, {{{0, 0, 1}}}}, Step{0, 1, {{{0, 0, 1}}}}, Step{1, 0, {{{0, 0, 1}}}}};

/// Which step leads into each cell, and the cheapest total of the last one. The steps are known where this is compiled:
/// it is what a proposal waits for.
template <const Steps& kSteps> class Grid {
public:
    Grid(const Eigen::MatrixXd& distance, double most)
        : distance_(distance), totals_(Eigen::MatrixXd::Constant(distance.rows(), distance.cols(), kFar)),
          taken_(Taken::Constant(distance.rows(), distance.cols(), -1)) {
        totals_(0, 0) = kSteps[0].cells[0].weight * distance(0, 0); // as if it had come by the diagonal
        double before = kFar;                                       // the least total of the column before
        for (Eigen::Index j = 0; j < distance.cols(); ++j) {
            double least = j == 0 ? totals_(0, 0) : kFar;
            for (Eigen::Index i = 0; i < distance.rows(); ++i) {
                if (!(distance(i, j) < kFar))
                    continue;
                step<0>(i, j);
                step<1>(i, j);
                step<2>(i, j);
                least = std::min(least, totals_(i, j));
            }
            // No step passes over more than one column.
            if (std::min(least, before) > most)
                return;
            before = least;
        }
        total = totals_(distance.rows() - 1, distance.cols() - 1);
    }
    [[nodiscard]] std::vector<std::pair<int, int>> path() const {
        std::vector<std::pair<int, int>> out;
        for (Eigen::Index i = distance_.rows() - 1, j = distance_.cols() - 1; taken_(i, j) >= 0;) {
            const Step& step = kSteps[static_cast<std::size_t>(taken_(i, j))];
            for (std::size_t c = 0; c < (step.two() ? 2U : 1U); ++c)
                out.emplace_back(i - step.cells[c].back, j - step.cells[c].across);
            i -= step.back;
            j -= step.across;
        }
        out.emplace_back(0, 0);
        std::reverse(out.begin(), out.end());
        return out;
    }

    double total = kFar;

private:
    using Taken = Eigen::Matrix<signed char, Eigen::Dynamic, Eigen::Dynamic>;

    template <int kStep> void step(Eigen::Index i, Eigen::Index j) {
        constexpr const Step& kIt = kSteps[kStep];
        if (i < kIt.back || j < kIt.across)
            return;
        double sum = totals_(i - kIt.back, j - kIt.across) +
                     kIt.cells[0].weight * distance_(i - kIt.cells[0].back, j - kIt.cells[0].across);
        if constexpr (kIt.two())
            sum += kIt.cells[1].weight * distance_(i - kIt.cells[1].back, j - kIt.cells[1].across);
        if (sum < totals_(i, j)) {
            totals_(i, j) = sum;
            taken_(i, j) = kStep;
        }
    }

    const Eigen::MatrixXd& distance_;
    Eigen::MatrixXd totals_;
    Taken taken_;
};

template <const Steps& kSteps> Warp warped(const Eigen::MatrixXd& distance, double most) {
    const auto samples = static_cast<double>(distance.rows() + distance.cols());
    constexpr double kRounding = 1 + 1e-9; // what is about `most` is decided by the cost itself
    const Grid<kSteps> grid(distance, most * samples * kRounding);
    Warp warp;
    if (!(grid.total < kFar) || grid.total / samples > most)
        return warp;
    warp.found = true;
    warp.total = grid.total;
    warp.cost = grid.total / samples;
    warp.path = grid.path();
    return warp;
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

Warp timeWarp(const Eigen::MatrixXd& distance, WarpSteps steps, double most) {
    if (distance.size() == 0)
        return {};
    return steps == WarpSteps::SlopeOne ? warped<kSlopeOne>(distance, most) : warped<kFree>(distance, most);
}

} // namespace riflesso
