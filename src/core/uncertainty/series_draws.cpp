#include "core/uncertainty/series_draws.h"

#include "core/measure/measure_span.h"
#include "core/signal/signal.h"
#include "core/signal/trajectory.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace riflesso {
namespace {

/// Angle of two or three points of the plan along time, degrees, unwrapped.
std::vector<double> anglesOf(const Span& span, const SpanCopy& copy, const SeriesKind& kind) {
    std::vector<Eigen::MatrixX2d> p;
    for (std::size_t i = 0; i < kind.points; ++i)
        p.push_back(pathOf(span.plan, kind.point + i, copy.coordinates));
    std::vector<double> angles;
    for (Eigen::Index i = 0; i < p[0].rows(); ++i) {
        std::array<Vec<double>, 3> at{};
        for (std::size_t k = 0; k < kind.points; ++k)
            at[k] = {p[k](i, 0), p[k](i, 1)};
        if (!span.plan.lean.empty()) // of angular_speed: its points are all of the plan
            detail::lean(span.plan, at.data());
        angles.push_back(kind.points == 2 ? detail::directionDeg(at[0], at[1]) : detail::turnDeg(at[0], at[1], at[2]));
    }
    return unwrapAlong(std::move(angles), 360);
}

/// Slopes of something by the coordinates of one sample: landmark after landmark, x and y.
using Slopes = Eigen::RowVectorXd;

/// Of the direction of a way by its end, degrees a pixel: square to it, over its length.
Eigen::RowVector2d directionSlope(const Eigen::RowVector2d& way) {
    return Eigen::RowVector2d(-way[1], way[0]) / way.squaredNorm() * kDegrees;
}

Slopes angleSlopes(const Span& span, const SeriesKind& kind, Eigen::Index row) {
    const Eigen::MatrixXd& coordinates = span.itself.coordinates;
    const Eigen::RowVector2d none(0, 0);
    std::array<Eigen::RowVector2d, 3> p{none, none, none}, by = p; // points, and the slope by each
    for (std::size_t i = 0; i < kind.points; ++i) {
        for (const auto& [landmark, weight] : span.plan.points[kind.point + i].parts)
            for (int axis = 0; axis < 2; ++axis)
                p[i][axis] += weight * (span.plan.fold.m[axis][0] * coordinates(row, Eigen::Index{2} * landmark) +
                                        span.plan.fold.m[axis][1] * coordinates(row, Eigen::Index{2} * landmark + 1));
    }
    const Eigen::RowVector2d first = directionSlope(p[1] - p[0]);
    if (kind.points == 2) {
        by = {-first, first};
    } else { // the turn: direction of the second way less that of the first
        const Eigen::RowVector2d second = directionSlope(p[2] - p[1]);
        by = {first, -second - first, second};
    }
    Slopes out = Slopes::Zero(coordinates.cols());
    for (std::size_t i = 0; i < kind.points; ++i)
        for (const auto& [landmark, weight] : span.plan.points[kind.point + i].parts)
            for (int in = 0; in < 2; ++in)
                out[Eigen::Index{2} * landmark + in] +=
                    weight * (by[i][0] * span.plan.fold.m[0][in] + by[i][1] * span.plan.fold.m[1][in]);
    return out;
}

std::vector<Vec<double>> pointsAt(const Span& span, Eigen::Index row) {
    std::vector<Vec<double>> in;
    in.reserve(static_cast<std::size_t>(span.itself.coordinates.cols() / 2));
    for (Eigen::Index c = 0; c < span.itself.coordinates.cols(); c += 2)
        in.push_back({span.itself.coordinates(row, c), span.itself.coordinates(row, c + 1)});
    return in;
}

Slopes valueSlopes(const Span& span, Eigen::Index row) {
    const ValueAndSlopes value = valueAndSlopes(span.plan, pointsAt(span, row), span.itself.unitPixels);
    return Eigen::Map<const Slopes>(value.slopes.data(), span.itself.coordinates.cols());
}

/// Whether the kind's value is straight over a few standard uncertainties of a mark at a sample.
bool straightAt(const Span& span, Eigen::Index row) {
    constexpr double kFirstOrderFrom = 10;
    return isStraightOver(span.plan, pointsAt(span, row), kFirstOrderFrom * span.run().sigma.maxCoeff());
}

} // namespace

double timeMean(const std::vector<double>& timesS, const std::vector<double>& values, double fromS, double toS) {
    double area = 0, t = fromS, y = valueAt(timesS, values, t);
    const auto step = [&](double nextT, double nextY) {
        area += (nextT - t) * (nextY + y) / 2;
        t = nextT;
        y = nextY;
    };
    for (std::size_t i = 0; i < timesS.size(); ++i)
        if (timesS[i] > fromS && timesS[i] < toS)
            step(timesS[i], values[i]);
    step(toS, valueAt(timesS, values, toS));
    return area / (toS - fromS);
}

std::vector<double> seriesOf(const Span& span, const SpanCopy& copy, const SeriesKind& kind) {
    if (kind.what == SeriesKind::What::Value)
        return valuesAlong(span.plan, copy.timesS, copy.coordinates, copy.unitPixels);
    std::vector<double> out;
    if (kind.what == SeriesKind::What::Speed) {
        out = speedsOf(copy.timesS, movingPathOf(span.plan, kind.point, copy.coordinates));
        for (double& speed : out)
            speed /= copy.unitPixels;
    } else {
        out = velocities(copy.timesS, anglesOf(span, copy, kind));
        for (double& rate : out)
            rate = std::abs(rate);
    }
    return out;
}

SeriesDraws::SeriesDraws(const Span& span, const SeriesKind& kind, const std::vector<double>& series, Extreme extreme)
    : span_(span), sign_(extreme == Extreme::Smallest ? -1 : 1) {
    // How far below the extreme a sample can lie and still become it: 5 standard uncertainties of the value there. What
    // all frames share moves both alike, so it is the frames' own noise, filtered, in both.
    std::vector<bool> wanted(series.size(), extreme == Extreme::None);
    if (extreme != Extreme::None) {
        const auto [from, to] = span.itself.inside();
        std::size_t top = from;
        for (std::size_t i = from; i < to; ++i)
            if (sign_ * series[i] > sign_ * series[top])
                top = i;
        const auto row = static_cast<Eigen::Index>(top);
        double variance = 0;
        const auto sigma = [&](Eigen::Index c) {
            return span.run().sigma(row + static_cast<Eigen::Index>(span.offset), c / 2);
        };
        if (kind.what == SeriesKind::What::Value) {
            const Slopes slopes = valueSlopes(span, row);
            const double level = std::numbers::sqrt2 * stillLevel(span);
            for (Eigen::Index c = 0; c < slopes.size(); ++c)
                variance += slopes[c] * slopes[c] * sigma(c) * sigma(c) * level * level;
        } else {
            // A rate: what the filter leaves of the noise, differenced.
            const double still = stillRate(span);
            if (kind.what == SeriesKind::What::Rate) {
                const Slopes slopes = angleSlopes(span, kind, row);
                for (Eigen::Index c = 0; c < slopes.size(); ++c)
                    variance += slopes[c] * slopes[c] * sigma(c) * sigma(c) * still * still;
            } else {
                for (const auto& [landmark, weight] : span.plan.points[kind.point].parts) {
                    const double u = weight * sigma(Eigen::Index{2} * landmark) * still * span.plan.fold.stretch() /
                                     span.itself.unitPixels;
                    variance += u * u;
                }
            }
        }
        constexpr double kReach = 5;
        const double least = sign_ * series[top] - kReach * std::sqrt(variance);
        for (std::size_t i = 0; i < series.size(); ++i)
            if (sign_ * series[i] >= least) // and its neighbours, for the parabola
                for (std::size_t k = i == 0 ? 0 : i - 1; k < std::min(series.size(), i + 2); ++k)
                    wanted[k] = true;
        // The first and last sample of a copy lie outside its phase, and have no rate.
        if (kind.what != SeriesKind::What::Value)
            wanted.front() = wanted.back() = false;
    }
    for (std::size_t i = 0; i < wanted.size(); ++i)
        if (wanted[i])
            samples_.push_back(i);
    rowAt_.resize(wanted.size() + 1);
    for (std::size_t i = 0, next = 0; i <= wanted.size(); ++i) {
        rowAt_[i] = static_cast<int>(next);
        next += i < wanted.size() && wanted[i];
    }
    centre_ = samples_.empty() ? 0 : series[samples_[samples_.size() / 2]];
    values_.assign(samples_.size() * kDraws, 0);
    if (!drawLinear(kind, series))
        drawWhole(kind);
    const bool lengths = kind.what == SeriesKind::What::Speed ||
                         (kind.what == SeriesKind::What::Value && needsLengthUnit(span.plan.def->kind));
    if (lengths && span.scale.relativeU > 0 && linear_)
        for (Eigen::Index i = 0; i < std::ssize(samples_); ++i)
            lanes::divideByUnit(row(i), drawTable().unitLanes.data(), static_cast<float>(span.scale.relativeU),
                                static_cast<float>(centre_));
    if (sign_ < 0)
        for (float& value : values_)
            value = -value;
    if (extreme != Extreme::None)
        findTops();
}

bool SeriesDraws::drawLinear(const SeriesKind& kind, const std::vector<double>& series) {
    const Eigen::Index rows = std::ssize(samples_), columns = span_.itself.coordinates.cols();
    const std::vector<double>& times = span_.itself.timesS;
    const Eigen::Index samples = std::ssize(times);
    const auto sampleOf = [&](Eigen::Index row) {
        return static_cast<Eigen::Index>(samples_[static_cast<std::size_t>(row)]);
    };
    // slopes[shift](row, c): of the value at a row by the coordinates `shift` samples away.
    std::map<Eigen::Index, Eigen::MatrixXd> slopes;
    if (kind.what == SeriesKind::What::Value) {
        Eigen::MatrixXd& own = slopes[0] = Eigen::MatrixXd(rows, columns);
        for (Eigen::Index i = 0; i < rows; ++i) {
            if (!straightAt(span_, sampleOf(i)))
                return false;
            own.row(i) = valueSlopes(span_, sampleOf(i));
        }
    } else {
        // A speed is straight where it is well above its own noise: at the top, and less so where a sample could only
        // just become the top.
        const double still = stillRate(span_) * span_.run().sigma.maxCoeff() * span_.plan.fold.stretch();
        constexpr double kClearAtTop = 5, kClear = 2.5;
        double largest = 0;
        for (Eigen::Index i = 0; i < rows; ++i)
            largest = std::max(largest, series[samples_[static_cast<std::size_t>(i)]]);
        const auto isClear = [&](double rate, double noise) {
            return rate >= (rate < largest * (1 - 1e-9) ? kClear : kClearAtTop) * noise;
        };
        Eigen::MatrixXd &after = slopes[1] = Eigen::MatrixXd::Zero(rows, columns),
                        &before = slopes[-1] = Eigen::MatrixXd::Zero(rows, columns);
        const Eigen::MatrixX2d path = movingPathOf(span_.plan, kind.point, span_.itself.coordinates);
        const std::vector<double> angles =
            kind.what == SeriesKind::What::Rate ? anglesOf(span_, span_.itself, kind) : std::vector<double>();
        for (Eigen::Index i = 0; i < rows; ++i) {
            const Eigen::Index next = sampleOf(i) + 1, last = sampleOf(i) - 1;
            if (last < 0 || next >= samples)
                return false;
            const double dt = times[static_cast<std::size_t>(next)] - times[static_cast<std::size_t>(last)];
            if (kind.what == SeriesKind::What::Rate) {
                const double turned = angles[static_cast<std::size_t>(next)] - angles[static_cast<std::size_t>(last)];
                const Slopes up = angleSlopes(span_, kind, next), down = angleSlopes(span_, kind, last);
                if (!isClear(std::abs(turned) / dt, still * up.cwiseAbs().maxCoeff()))
                    return false;
                const double sign = turned > 0 ? 1 : -1;
                after.row(i) = sign * up / dt;
                before.row(i) = -sign * down / dt;
                continue;
            }
            const Eigen::RowVector2d way = path.row(next) - path.row(last);
            if (!isClear(way.norm() / dt / span_.itself.unitPixels, still / span_.itself.unitPixels))
                return false;
            for (const auto& [landmark, weight] : span_.plan.points[kind.point].parts)
                for (int axis = 0; axis < 2; ++axis) {
                    const double slope = weight *
                                         (way[0] * span_.plan.fold.m[0][axis] + way[1] * span_.plan.fold.m[1][axis]) /
                                         way.norm() / dt / span_.itself.unitPixels;
                    after(i, Eigen::Index{2} * landmark + axis) = slope;
                    before(i, Eigen::Index{2} * landmark + axis) = -slope;
                }
        }
    }
    linear_ = true;
    // The frames' own noise: within the filter's memory the slopes hardly change, so one run of noise with the size of
    // all coordinates together stands for them. What the trial shares is kept coordinate by coordinate.
    const NoiseBank& bank = span_.whole->bank();
    const double half = std::sqrt(0.5);
    const Eigen::Index turn = bankColumn(0, static_cast<Eigen::Index>(kind.point));
    Eigen::MatrixXd shared = Eigen::MatrixXd::Zero(rows, columns);
    std::vector<std::pair<Eigen::Index, Eigen::VectorXd>> sizes; // shift, and the noise's size in each row
    for (const auto& [shift, own] : slopes) {
        Eigen::MatrixXd weights = half * own;
        for (Eigen::Index i = 0; i < rows; ++i)
            for (Eigen::Index c = 0; c < columns; ++c)
                weights(i, c) *=
                    span_.run().sigma(static_cast<Eigen::Index>(span_.offset) + sampleOf(i) + shift, c / 2);
        shared += weights;
        sizes.emplace_back(shift, weights.rowwise().norm() * (shift < 0 ? -1 : 1));
    }
    // Noise square to the way makes a speed larger: to second order, half its variance over the speed.
    Eigen::ArrayXd larger = Eigen::ArrayXd::Zero(rows);
    if (kind.what == SeriesKind::What::Speed && !span_.plan.axis) {
        const double still = stillRate(span_) / span_.itself.unitPixels;
        for (Eigen::Index i = 0; i < rows; ++i) {
            double variance = 0;
            for (const auto& [landmark, weight] : span_.plan.points[kind.point].parts) {
                const double u =
                    weight * still * span_.run().sigma(static_cast<Eigen::Index>(span_.offset) + sampleOf(i), landmark);
                variance += u * u;
            }
            larger[i] = variance / (2 * series[samples_[static_cast<std::size_t>(i)]]);
        }
    }
    for (Eigen::Index i = 0; i < rows; ++i) {
        float* const own = row(i);
        std::fill_n(own, kDraws,
                    static_cast<float>(series[samples_[static_cast<std::size_t>(i)]] + larger[i] - centre_));
        for (Eigen::Index c = 0; c < columns; ++c)
            if (shared(i, c) != 0)
                lanes::add(own, drawTable().commonOf(c), static_cast<float>(shared(i, c)));
        for (const auto& [shift, size] : sizes)
            lanes::add(own, bank.turned(static_cast<Eigen::Index>(span_.offset) + sampleOf(i) + shift, turn),
                       static_cast<float>(size[i]));
    }
    return true;
}

void SeriesDraws::drawWhole(const SeriesKind& kind) {
    NoisyCopies copies(span_);
    for (int draw = 0; copies.next(); ++draw) {
        const std::vector<double> own = seriesOf(span_, copies.copy(), kind);
        for (std::size_t i = 0; i < samples_.size(); ++i)
            values_[i * kDraws + static_cast<std::size_t>(draw)] = static_cast<float>(own[samples_[i]] - centre_);
    }
}

void SeriesDraws::findTops() {
    const std::vector<double>& times = span_.itself.timesS;
    const DrawTable& table = drawTable();
    constexpr double kSlack = 1e-9;
    first_ = firstNotBefore(times, span_.from.timeS, span_.from.uS, table.from, table.byFrom, -kSlack);
    last_ = firstNotBefore(times, span_.to.timeS, span_.to.uS, span_.toDraws(), span_.byToDraws(), kSlack);
    std::vector<int> low(kDraws), high(kDraws);
    for (std::size_t draw = 0; draw < kDraws; ++draw) {
        constexpr int kFewest = 3;
        low[draw] = rowAt_[static_cast<std::size_t>(first_[draw])];
        high[draw] = last_[draw] < first_[draw] + kFewest ? 0 : rowAt_[static_cast<std::size_t>(last_[draw])];
    }
    top_.assign(kDraws, -1);
    std::vector<float> largest(kDraws, -std::numeric_limits<float>::infinity());
    for (Eigen::Index i = 0; i < std::ssize(samples_); ++i)
        lanes::keepLargest(largest.data(), top_.data(), row(i), low.data(), high.data(), static_cast<int>(i));
}

std::optional<SeriesDraws::Peak> SeriesDraws::peak(int draw) const {
    const auto place = static_cast<std::size_t>(draw);
    if (top_[place] < 0)
        return {};
    const std::vector<double>& times = span_.itself.timesS;
    const auto top = static_cast<std::size_t>(top_[place]);
    const std::size_t sample = samples_[top];
    const auto first = static_cast<std::size_t>(first_[place]), last = static_cast<std::size_t>(last_[place]);
    Peak peak{times[sample], value(top, draw), sample == first || sample + 1 == last};
    const bool between = sample > first && sample + 1 < last && top > 0 && top + 1 < samples_.size() &&
                         samples_[top - 1] + 1 == sample && samples_[top + 1] == sample + 1;
    if (!peak.atEdge && between) {
        // Parabola through three samples with their own times, as findMaximum has it.
        const double left = times[sample] - times[sample - 1], right = times[sample + 1] - times[sample];
        const double down = sign_ * (peak.value - value(top - 1, draw)) / left,
                     up = sign_ * (value(top + 1, draw) - peak.value) / right;
        const double bend = (up - down) / (left + right);
        if (bend < 0) {
            const double slope = (down * right + up * left) / (left + right), away = -slope / (2 * bend);
            peak.timeS += away;
            peak.value += sign_ * away * (slope + bend * away);
        }
    }
    return peak;
}

std::optional<double> SeriesDraws::mean(int draw) const {
    const auto [fromS, toS] = drawnPhase(span_, draw);
    if (toS <= fromS)
        return {};
    std::vector<double> own;
    for (std::size_t i = 0; i < samples_.size(); ++i)
        own.push_back(value(i, draw));
    return timeMean(span_.itself.timesS, own, fromS, toS);
}

std::optional<MeanUncertainty> meanToFirstOrder(const Span& span, const std::vector<double>& series) {
    const SpanCopy& itself = span.itself;
    const auto rows = static_cast<Eigen::Index>(series.size()), columns = itself.coordinates.cols();
    // Weight of each sample in the mean: that of the trapezoids it belongs to, those at the ends cut.
    Eigen::VectorXd weight = Eigen::VectorXd::Zero(rows);
    for (std::size_t i = 0; i + 1 < series.size(); ++i) {
        const double low = std::max(itself.timesS[i], itself.fromS), high = std::min(itself.timesS[i + 1], itself.toS);
        if (high <= low)
            continue;
        const double middle = (low + high) / 2,
                     share = (middle - itself.timesS[i]) / (itself.timesS[i + 1] - itself.timesS[i]);
        weight[static_cast<Eigen::Index>(i)] += (high - low) * (1 - share);
        weight[static_cast<Eigen::Index>(i) + 1] += (high - low) * share;
    }
    const double lengthS = itself.toS - itself.fromS;
    weight /= lengthS;
    Eigen::MatrixXd weighted = Eigen::MatrixXd::Zero(rows, columns);
    for (Eigen::Index i = 0; i < rows; ++i) {
        if (weight[i] == 0)
            continue;
        if (!straightAt(span, i))
            return {};
        weighted.row(i) = weight[i] * valueSlopes(span, i);
    }
    MeanUncertainty out;
    // Half of a mark's variance is drawn for each frame, before the filter; the other half moves all frames alike.
    const auto filter = filterMatrix(static_cast<int>(span.run().size()), span.whole->cutoffHz, span.run().rateHz);
    const Eigen::MatrixXd raw =
        filter->middleRows(static_cast<Eigen::Index>(span.offset), rows).transpose() * weighted; // run x columns
    double variance = 0;
    for (Eigen::Index c = 0; c < columns; ++c) {
        const auto sigma = span.run().sigma.col(c / 2);
        const double own = raw.col(c).cwiseProduct(sigma).squaredNorm();
        const double shared = weighted.col(c).dot(sigma.segment(static_cast<Eigen::Index>(span.offset), rows));
        variance += (own + shared * shared) / 2;
    }
    out.marks = std::sqrt(variance);
    const double value = timeMean(itself.timesS, series, itself.fromS, itself.toS);
    const double from = (value - valueAt(itself.timesS, series, itself.fromS)) / lengthS * span.from.uS,
                 to = (valueAt(itself.timesS, series, itself.toS) - value) / lengthS * span.to.uS;
    out.from = std::abs(from);
    out.to = std::abs(to);
    if (span.phase->window) { // both ends move with the one event
        out.from = std::abs(from + to);
        out.to = 0;
    }
    if (needsLengthUnit(span.plan.def->kind))
        out.unit = std::abs(value) * span.scale.relativeU;
    return out;
}

} // namespace riflesso
