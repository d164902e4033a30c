#include "media/steadied_marks.h"

#include "media/track_merge.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

// Own choices.
constexpr double kStraightPx = 200; ///< sd of a step that is not known, between points of which one is not seen
constexpr double kCauchy = 2;       ///< standard uncertainties at which a weight is halved

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
    std::vector<double> x(n, 0), y(n, 0), dx(n, 0), dy(n, 0), seenWeight(n, 0), stepWeight(n, 0);
    for (std::size_t i = 0; i < n; ++i) {
        if (run[i].seen) {
            x[i] = run[i].seen->x;
            y[i] = run[i].seen->y;
            seenWeight[i] = 1 / squared(run[i].seenSd);
        }
        if (i && run[i].step) {
            dx[i] = run[i].step->by.x;
            dy[i] = run[i].step->by.y;
            stepWeight[i] = 1 / squared(run[i].step->sd);
        } else if (i && !(run[i].seen && run[i - 1].seen)) {
            stepWeight[i] = 1 / squared(kStraightPx);
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
            if (run[i].seen)
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

void steady(ProposedMarks& marks) {
    for (auto& [name, track] : marks) {
        std::vector<CarriedPoint> run;
        const ProposedMark* before = nullptr;
        int last = 0;
        for (const auto& [at, proposed] : track) {
            CarriedPoint point{proposed.carried ? std::nullopt : std::optional(proposed.mark.at),
                               proposed.mark.sigmaPx};
            if (before && last + 1 == at)
                point.step = before->onward;
            run.push_back(point);
            before = &proposed;
            last = at;
        }
        const std::vector<PixelPoint> places = steadied(run);
        std::size_t i = 0;
        for (auto& [at, proposed] : track)
            proposed.mark.at = places[i++];
    }
}

} // namespace riflesso
