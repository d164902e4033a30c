#include "core/uncertainty/path_draws.h"

#include "core/signal/trajectory.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kSlack = 1e-9;
const Eigen::Index kTurnY = bankColumn(0, 1);
using Lane = std::vector<float>;

/// The point's path through the phase, with the noise of each sample: what NoisyCopies has for the first point.
class NoisyPath {
public:
    explicit NoisyPath(const Span& span)
        : span_(span), path_(pathOf(span.plan, 0, span.itself.coordinates)), size_(ownNoiseOfFirstPath(span)),
          origin_(path_.row(0)) {}
    [[nodiscard]] Eigen::Index rows() const { return path_.rows(); }
    /// A sample in all draws, counted from the first place of the path itself.
    [[nodiscard]] lanes::PathSample sample(Eigen::Index row, const std::vector<int>& first,
                                           const std::vector<int>& last) const {
        const Eigen::Index at = static_cast<Eigen::Index>(span_.offset) + row;
        return {static_cast<float>(path_(row, 0) - origin_[0]),
                static_cast<float>(path_(row, 1) - origin_[1]),
                static_cast<float>(size_[row] * span_.plan.fold.stretch()),
                static_cast<float>(size_[row]),
                span_.whole->bank().turned(at, 0),
                span_.whole->bank().turned(at, kTurnY),
                drawTable().commonOf(0),
                drawTable().commonOf(1),
                static_cast<int>(row),
                first.data(),
                last.data()};
    }
    /// The place of one draw at a time, between two samples of which `later` is the second.
    [[nodiscard]] Eigen::RowVector2d place(int draw, double timeS, int later) const {
        const std::vector<double>& times = span_.itself.timesS;
        const Eigen::Index after = std::clamp<Eigen::Index>(later, 1, std::ssize(times) - 1);
        const auto i = static_cast<std::size_t>(after);
        const double share = (timeS - times[i - 1]) / (times[i] - times[i - 1]);
        const auto at = [&](Eigen::Index row) -> Eigen::RowVector2d {
            const Eigen::Index in = static_cast<Eigen::Index>(span_.offset) + row;
            const NoiseBank& bank = span_.whole->bank();
            const Eigen::RowVector2d noise(bank.turned(in, 0)[draw] + drawTable().commonOf(0)[draw],
                                           bank.turned(in, kTurnY)[draw] + drawTable().commonOf(1)[draw]);
            return path_.row(row) - origin_ +
                   size_[row] * Eigen::RowVector2d(span_.plan.fold.stretch() * noise[0], noise[1]);
        };
        const Eigen::RowVector2d before = at(after - 1);
        return before + share * (at(after) - before);
    }

private:
    const Span& span_;
    Eigen::MatrixX2d path_;
    Eigen::ArrayXd size_;
    Eigen::RowVector2d origin_;
};

std::vector<int> startsOf(const Span& span, double shiftS) {
    return firstNotBefore(span.itself.timesS, span.from.timeS, span.from.uS, drawTable().from, drawTable().byFrom,
                          shiftS);
}
std::vector<int> endsOf(const Span& span, double shiftS) {
    return firstNotBefore(span.itself.timesS, span.to.timeS, span.to.uS, span.toDraws(), span.byToDraws(), shiftS);
}

} // namespace

double drawnUnit(const Span& span, int draw) {
    return span.scale.pixels * (1 + span.scale.relativeU * drawTable().unit[draw]);
}

DrawnWalks drawnWalks(const Span& span, double step) {
    const NoisyPath path(span);
    const std::vector<int> first = startsOf(span, kSlack), last = endsOf(span, -kSlack);
    Lane keptX(kDraws), keptY(kDraws), length(kDraws, 0);
    std::vector<Eigen::RowVector2d> starts, ends;
    starts.reserve(kDraws);
    ends.reserve(kDraws);
    for (int draw = 0; draw < kDraws; ++draw) {
        const auto [fromS, toS] = drawnPhase(span, draw);
        const auto place = static_cast<std::size_t>(draw);
        starts.push_back(path.place(draw, fromS, first[place]));
        ends.push_back(path.place(draw, toS, last[place]));
        keptX[place] = static_cast<float>(starts.back()[0]);
        keptY[place] = static_cast<float>(starts.back()[1]);
    }
    for (Eigen::Index row = 0; row < path.rows(); ++row)
        lanes::walkTo(path.sample(row, first, last), static_cast<float>(step), keptX.data(), keptY.data(),
                      length.data());
    DrawnWalks out;
    for (int draw = 0; draw < kDraws; ++draw) {
        const auto [fromS, toS] = drawnPhase(span, draw);
        if (toS <= fromS)
            continue;
        const auto place = static_cast<std::size_t>(draw);
        const Eigen::RowVector2d kept(keptX[place], keptY[place]);
        out.draws.push_back(draw);
        out.length.push_back(length[place] + (ends[place] - kept).norm());
        out.net.push_back((ends[place] - starts[place]).norm());
    }
    return out;
}

std::optional<DrawnWanders> drawnWanders(const Span& span) {
    const NoisyPath path(span);
    const std::vector<int> first = startsOf(span, -kSlack), last = endsOf(span, kSlack);
    // As in wanderOf: rank of the percentile, and how many of the largest it needs.
    constexpr double kShare = 0.95;
    constexpr int kFewest = 3, kMostKept = 12;
    const auto keptOf = [](int n) { return n - static_cast<int>(std::floor(kShare * (n - 1))); };
    int most = 0;
    for (std::size_t draw = 0; draw < kDraws; ++draw)
        most = std::max(most, last[draw] - first[draw]);
    if (most < kFewest || keptOf(most) > kMostKept)
        return {};
    Lane x(kDraws, 0), y(kDraws, 0);
    for (Eigen::Index row = 0; row < path.rows(); ++row)
        lanes::sumUp(path.sample(row, first, last), x.data(), y.data());
    for (std::size_t draw = 0; draw < kDraws; ++draw) {
        const auto n = static_cast<float>(std::max(1, last[draw] - first[draw]));
        x[draw] /= n;
        y[draw] /= n;
    }
    const int kept = keptOf(most);
    Lane furthest(static_cast<std::size_t>(kept) * kDraws, -1);
    for (Eigen::Index row = 0; row < path.rows(); ++row)
        lanes::keepFurthest(path.sample(row, first, last), x.data(), y.data(), furthest.data(), kept);
    DrawnWanders out;
    for (int draw = 0; draw < kDraws; ++draw) {
        const auto place = static_cast<std::size_t>(draw);
        const int n = last[place] - first[place];
        if (n < kFewest)
            continue;
        const double rank = kShare * (n - 1), whole = std::floor(rank);
        const auto largest = [&](int k) { // k-th largest distance, from 1
            return std::sqrt(static_cast<double>(furthest[static_cast<std::size_t>(k - 1) * kDraws + place]));
        };
        const int own = keptOf(n);
        const double low = largest(own);
        out.draws.push_back(draw);
        out.wander.push_back(own < 2 ? low : low + (rank - whole) * (largest(own - 1) - low));
    }
    return out;
}

} // namespace riflesso
