#include "core/series_draws.h"

#include "core/measure_span.h"
#include "core/signal.h"
#include "core/stats.h"
#include "core/trajectory.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

/// Angle of two or three points of the plan along time, degrees, unwrapped.
std::vector<double> anglesOf(const Span& span, const SpanCopy& copy, const SeriesKind& kind) {
    std::vector<Eigen::MatrixX2d> p;
    for (std::size_t i = 0; i < kind.points; ++i)
        p.push_back(pathOf(span.plan, kind.point + i, copy.coordinates));
    std::vector<double> angles;
    for (Eigen::Index i = 0; i < p[0].rows(); ++i) {
        const auto at = [&](std::size_t k) { return Vec<double>{p[k](i, 0), p[k](i, 1)}; };
        angles.push_back(kind.points == 2 ? detail::directionDeg(at(0), at(1)) : detail::turnDeg(at(0), at(1), at(2)));
    }
    return unwrapAlong(std::move(angles), 360);
}

/// Slopes of something by the coordinates of one sample: landmark after landmark, x and y.
using Slopes = Eigen::RowVectorXd;

Slopes angleSlopes(const Span& span, const SeriesKind& kind, Eigen::Index row) {
    const Eigen::MatrixXd& coordinates = span.itself.coordinates;
    std::vector<Vec<Dual>> in, p;
    for (Eigen::Index c = 0; c < coordinates.cols(); c += 2)
        in.push_back({Dual::variable(coordinates(row, c), static_cast<int>(c)),
                      Dual::variable(coordinates(row, c + 1), static_cast<int>(c + 1))});
    for (std::size_t i = 0; i < kind.points; ++i)
        p.push_back(detail::foldedPoint(span.plan, span.plan.points[kind.point + i], in));
    const Dual angle = kind.points == 2 ? detail::directionDeg(p[0], p[1]) : detail::turnDeg(p[0], p[1], p[2]);
    return Eigen::Map<const Slopes>(angle.d.data(), coordinates.cols());
}

Slopes valueSlopes(const Span& span, Eigen::Index row) {
    const Eigen::MatrixXd& coordinates = span.itself.coordinates;
    std::vector<Vec<Dual>> in;
    for (Eigen::Index c = 0; c < coordinates.cols(); c += 2)
        in.push_back({Dual::variable(coordinates(row, c), static_cast<int>(c)),
                      Dual::variable(coordinates(row, c + 1), static_cast<int>(c + 1))});
    const Dual value = instantValue(span.plan, in, Dual(span.itself.unitPixels));
    return Eigen::Map<const Slopes>(value.d.data(), coordinates.cols());
}

/// Whether the kind's value is straight over a few standard uncertainties of a mark at a sample.
bool straightAt(const Span& span, Eigen::Index row) {
    const MeasureDef& def = *span.plan.def;
    if (def.kind == Kind::Stack || def.kind == Kind::Turn || (def.kind == Kind::LineAngle && !def.isSigned) ||
        (def.kind == Kind::Ratio && def.axis))
        return false;
    std::vector<Vec<double>> in;
    for (Eigen::Index c = 0; c < span.itself.coordinates.cols(); c += 2)
        in.push_back({span.itself.coordinates(row, c), span.itself.coordinates(row, c + 1)});
    std::vector<double> lengths = criticalLengths(span.plan, in);
    if (def.kind == Kind::Distance || def.kind == Kind::Ratio)
        lengths.push_back(instantValue(span.plan, in, 1.0) * (def.kind == Kind::Ratio ? lengths.front() : 1));
    constexpr double kFirstOrderFrom = 10;
    const double sigma = span.run().sigma.maxCoeff();
    return std::all_of(lengths.begin(), lengths.end(), [&](double l) { return l >= kFirstOrderFrom * sigma; });
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
        out = speedsOf(copy.timesS, pathOf(span.plan, kind.point, copy.coordinates));
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
    // How far below the extreme a sample can lie and still become it: 5 standard uncertainties of the value there.
    std::size_t last = series.size();
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
            for (Eigen::Index c = 0; c < slopes.size(); ++c)
                variance += slopes[c] * slopes[c] * sigma(c) * sigma(c);
        } else {
            // A rate: what the filter leaves of the noise, differenced.
            const double still = stillRate(span);
            if (kind.what == SeriesKind::What::Rate) {
                const Slopes slopes = angleSlopes(span, kind, row);
                for (Eigen::Index c = 0; c < slopes.size(); ++c)
                    variance += slopes[c] * slopes[c] * sigma(c) * sigma(c) * still * still;
            } else {
                for (const auto& [landmark, weight] : span.plan.points[kind.point].parts) {
                    const double u = weight * sigma(2 * landmark) * still / span.itself.unitPixels;
                    variance += u * u;
                }
            }
        }
        constexpr double kReach = 5;
        const double least = sign_ * series[top] - kReach * std::sqrt(variance);
        std::size_t low = series.size(), high = 0;
        for (std::size_t i = 0; i < series.size(); ++i)
            if (sign_ * series[i] >= least) {
                low = std::min(low, i);
                high = std::max(high, i);
            }
        first_ = low == 0 ? 0 : low - 1;
        last = std::min(series.size(), high + 2);
    }
    values_.resize(static_cast<Eigen::Index>(last - first_), kDraws);
    if (!drawLinear(kind, series))
        drawWhole(kind);
    const DrawTable& table = drawTable();
    const bool lengths = kind.what == SeriesKind::What::Speed ||
                         (kind.what == SeriesKind::What::Value && needsLengthUnit(*span.plan.def));
    if (lengths && span.scale.relativeU > 0 && linear_)
        values_.array().rowwise() /= 1 + span.scale.relativeU * table.unit.array();
    values_ *= sign_;
}

bool SeriesDraws::drawLinear(const SeriesKind& kind, const std::vector<double>& series) {
    const Eigen::Index rows = values_.rows(), columns = span_.itself.coordinates.cols();
    const auto first = static_cast<Eigen::Index>(first_);
    const std::vector<double>& times = span_.itself.timesS;
    const Eigen::Index samples = std::ssize(times);
    // slopes[shift](row, c): of the value at a row by the coordinates `shift` samples away.
    std::map<Eigen::Index, Eigen::MatrixXd> slopes;
    if (kind.what == SeriesKind::What::Value) {
        Eigen::MatrixXd& own = slopes[0] = Eigen::MatrixXd(rows, columns);
        for (Eigen::Index i = 0; i < rows; ++i) {
            if (!straightAt(span_, first + i))
                return false;
            own.row(i) = valueSlopes(span_, first + i);
        }
    } else {
        const double still = stillRate(span_) * span_.run().sigma.maxCoeff();
        Eigen::MatrixXd &after = slopes[1] = Eigen::MatrixXd::Zero(rows, columns),
                        &before = slopes[-1] = Eigen::MatrixXd::Zero(rows, columns);
        const Eigen::MatrixX2d path = pathOf(span_.plan, kind.point, span_.itself.coordinates);
        const std::vector<double> angles =
            kind.what == SeriesKind::What::Rate ? anglesOf(span_, span_.itself, kind) : std::vector<double>();
        for (Eigen::Index i = 0; i < rows; ++i) {
            const Eigen::Index at = first + i, next = at + 1, last = at - 1;
            if (last < 0 || next >= samples)
                return false;
            const double dt = times[static_cast<std::size_t>(next)] - times[static_cast<std::size_t>(last)];
            if (kind.what == SeriesKind::What::Rate) {
                const double turned = angles[static_cast<std::size_t>(next)] - angles[static_cast<std::size_t>(last)];
                const Slopes up = angleSlopes(span_, kind, next), down = angleSlopes(span_, kind, last);
                constexpr double kClear = 5; // the rate's own noise, in degrees a second
                if (std::abs(turned) / dt < kClear * still * up.cwiseAbs().maxCoeff())
                    return false;
                const double sign = turned > 0 ? 1 : -1;
                after.row(i) = sign * up / dt;
                before.row(i) = -sign * down / dt;
                continue;
            }
            const Eigen::RowVector2d way = path.row(next) - path.row(last);
            constexpr double kClear = 5;
            if (way.norm() / dt < kClear * still)
                return false;
            for (const auto& [landmark, weight] : span_.plan.points[kind.point].parts)
                for (int axis = 0; axis < 2; ++axis) {
                    const double slope = weight *
                                         (way[0] * span_.plan.fold.m[0][axis] + way[1] * span_.plan.fold.m[1][axis]) /
                                         way.norm() / dt / span_.itself.unitPixels;
                    after(i, 2 * landmark + axis) = slope;
                    before(i, 2 * landmark + axis) = -slope;
                }
        }
    }
    linear_ = true;
    values_ = Eigen::Map<const Eigen::VectorXd>(series.data() + first, rows).replicate(1, kDraws);
    // The frames' own noise: within the filter's memory the slopes hardly change, so one run of noise with the size of
    // all coordinates together stands for them. What the trial shares is kept coordinate by coordinate.
    const auto bank = noiseBank(static_cast<int>(span_.run().size()), span_.whole->cutoffHz, span_.run().rateHz);
    const double half = std::sqrt(0.5);
    const Eigen::Index turn = bankColumn(0, static_cast<Eigen::Index>(kind.point));
    Eigen::MatrixXd shared = Eigen::MatrixXd::Zero(rows, columns);
    for (const auto& [shift, own] : slopes) {
        const Eigen::Index row = static_cast<Eigen::Index>(span_.offset) + first + shift;
        Eigen::MatrixXd weights = half * own;
        for (Eigen::Index c = 0; c < columns; ++c)
            weights.col(c).array() *= span_.run().sigma.col(c / 2).segment(row, rows).array();
        shared += weights;
        const Eigen::VectorXd size = weights.rowwise().norm() * (shift < 0 ? -1 : 1);
        values_.leftCols(kDraws - turn) += size.asDiagonal() * bank->block(row, turn, rows, kDraws - turn);
        values_.rightCols(turn) += size.asDiagonal() * bank->block(row, 0, rows, turn);
    }
    values_.noalias() += shared * drawTable().common.topRows(columns);
    return true;
}

void SeriesDraws::drawWhole(const SeriesKind& kind) {
    NoisyCopies copies(span_);
    for (int draw = 0; copies.next(); ++draw) {
        const std::vector<double> own = seriesOf(span_, copies.copy(), kind);
        values_.col(draw) = Eigen::Map<const Eigen::VectorXd>(own.data() + first_, values_.rows());
    }
}

std::optional<SeriesDraws::Peak> SeriesDraws::peak(int draw) const {
    const auto [fromS, toS] = drawnPhase(span_, draw);
    const std::vector<double>& times = span_.itself.timesS;
    const auto begin = times.begin();
    const auto firstInside = static_cast<std::size_t>(std::lower_bound(begin, times.end(), fromS - 1e-9) - begin);
    const auto lastInside = static_cast<std::size_t>(std::upper_bound(begin, times.end(), toS + 1e-9) - begin);
    constexpr std::size_t kFewest = 3;
    if (lastInside < firstInside + kFewest)
        return {};
    const std::size_t low = std::max(firstInside, first_),
                      high = std::min(lastInside, first_ + static_cast<std::size_t>(values_.rows()));
    if (low >= high)
        return {};
    const auto at = [&](std::size_t i) { return values_(static_cast<Eigen::Index>(i - first_), draw); };
    std::size_t top = low;
    for (std::size_t i = low; i < high; ++i)
        if (at(i) > at(top))
            top = i;
    Peak peak{times[top], sign_ * at(top), top == firstInside || top + 1 == lastInside};
    if (!peak.atEdge && top > low && top + 1 < high) {
        const Extremum fine =
            findMaximum({times[top - 1], times[top], times[top + 1]}, {at(top - 1), at(top), at(top + 1)});
        peak.timeS = fine.timeS;
        peak.value = sign_ * fine.value;
    }
    return peak;
}

std::optional<double> SeriesDraws::mean(int draw) const {
    const auto [fromS, toS] = drawnPhase(span_, draw);
    if (toS <= fromS)
        return {};
    const Eigen::VectorXd own = values_.col(draw);
    return timeMean(span_.itself.timesS, {own.begin(), own.end()}, fromS, toS);
}

} // namespace riflesso
