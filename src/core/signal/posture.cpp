#include "core/signal/posture.h"

#include "core/measure/instant.h"
#include "core/points/fold.h"
#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>

namespace riflesso {
namespace {

constexpr double kRate = PostureTrack::kPostureRate, kLowPassHz = 6;
constexpr int kLongestGap = 15; // samples
constexpr double kMissing = std::numeric_limits<double>::quiet_NaN();

/// Parts that follow each other along a limb; a joint is three of them.
const std::vector<std::vector<std::string>>& chains() {
    static const std::vector<std::vector<std::string>> kChains = {{"shoulder", "hip", "knee", "ankle", "toe"},
                                                                  {"hip", "shoulder", "elbow", "wrist", "hand"},
                                                                  {"ankle", "heel", "toe"}};
    return kChains;
}

/// Where the marks round one say it should be, and how well they agree.
struct Expected {
    PixelPoint at;
    double spread = 0; ///< px, median distance of what they say
};
/// The middle of the straight lines between up to three marks on either side. One or two of them that jumped themselves
/// do not move it.
Expected betweenNeighbours(const std::vector<double>& t, const std::vector<PixelPoint>& at, std::size_t i) {
    constexpr std::size_t kReach = 3;
    std::vector<double> x, y;
    for (std::size_t a = i < kReach ? 0 : i - kReach; a < i; ++a)
        for (std::size_t b = i + 1; b < std::min(t.size(), i + kReach + 1); ++b) {
            const double share = (t[i] - t[a]) / (t[b] - t[a]);
            x.push_back(at[a].x + share * (at[b].x - at[a].x));
            y.push_back(at[a].y + share * (at[b].y - at[a].y));
        }
    const PixelPoint middle{median(x), median(y)};
    for (std::size_t k = 0; k < x.size(); ++k)
        x[k] = std::hypot(x[k] - middle.x, y[k] - middle.y);
    return {middle, median(x)};
}

/// Marks of one landmark without those that jumped away: off the neighbours' line by far more than the landmark's marks
/// mostly are. The first and the last have neighbours on one side only and stay.
MarksByFrame withoutJumps(const MarksByFrame& marks, const FrameTimes& times) {
    constexpr std::size_t kFewest = 5;
    if (marks.size() < kFewest)
        return marks;
    std::vector<double> t;
    std::vector<PixelPoint> at;
    for (const auto& [frame, mark] : marks) {
        t.push_back(times.timeOf(frame));
        at.push_back(mark.at);
    }
    std::vector<double> off(t.size(), 0), turning(t.size(), 0);
    for (std::size_t i = 1; i + 1 < t.size(); ++i) {
        const Expected expected = betweenNeighbours(t, at, i);
        // What sets off or turns in a few frames is off the lines as well, but then these disagree by a third of that.
        constexpr double kTurn = 6;
        off[i] = std::hypot(at[i].x - expected.at.x, at[i].y - expected.at.y);
        turning[i] = kTurn * expected.spread;
    }
    const double usual = median(off);
    MarksByFrame out;
    std::size_t i = 0;
    for (const auto& entry : marks) {
        // Own choice. A foot that stops within a frame is off its neighbours' line, too, by a few pixels.
        constexpr double kUsual = 5, kSigma = 5, kLeastPx = 4;
        if (off[i] <= std::max({kLeastPx, kUsual * usual + kSigma * entry.second.sigmaPx, turning[i]}))
            out.insert(entry);
        ++i;
    }
    return out;
}

/// One coordinate track resampled to 60 a second and low-passed; NaN in long gaps.
Eigen::MatrixX2d resampled(const Trial& trial, const MarksByFrame& marks, double fromS, int samples) {
    Eigen::MatrixX2d out = Eigen::MatrixX2d::Constant(samples, 2, kMissing);
    std::vector<double> t, x, y;
    for (const auto& [frame, mark] : marks) {
        const double at = trial.times.timeOf(frame);
        if (!t.empty() && at <= t.back())
            continue;
        t.push_back(at);
        x.push_back(mark.at.x);
        y.push_back(mark.at.y);
    }
    if (t.size() < 2)
        return out;
    std::size_t k = 0;
    for (int i = 0; i < samples; ++i) {
        const double at = fromS + i / kRate;
        constexpr double kSlack = 1e-9;
        while (k + 2 < t.size() && t[k + 1] < at)
            ++k;
        if (at < t.front() - kSlack || at > t.back() + kSlack || t[k + 1] - t[k] > kLongestGap / kRate + kSlack)
            continue;
        const double share = std::clamp((at - t[k]) / (t[k + 1] - t[k]), 0.0, 1.0);
        out.row(i) << x[k] + share * (x[k + 1] - x[k]), y[k] + share * (y[k + 1] - y[k]);
    }
    const LowPass filter = designDualPass(kLowPassHz, kRate);
    for (int from = 0; from < samples;) {
        int to = from;
        while (to < samples && !std::isnan(out(to, 0)))
            ++to;
        if (to - from >= static_cast<int>(kMinSamples))
            for (int c = 0; c < 2; ++c) {
                const Eigen::VectorXd piece = out.col(c).segment(from, to - from);
                const std::vector<double> smooth = filterZeroLag({piece.begin(), piece.end()}, filter);
                out.col(c).segment(from, to - from) = Eigen::Map<const Eigen::VectorXd>(smooth.data(), to - from);
            }
        from = std::max(to, from + 1);
    }
    return out;
}

} // namespace

Trial withoutJumps(Trial trial) {
    for (auto& [landmark, marks] : trial.marks)
        marks = withoutJumps(marks, trial.times);
    return trial;
}

std::pair<double, double> markedTimes(const Trial& trial) {
    std::optional<std::pair<int, int>> frames;
    for (const auto& [landmark, marks] : trial.marks) {
        if (marks.empty())
            continue;
        if (!frames)
            frames = {marks.begin()->first, marks.rbegin()->first};
        frames->first = std::min(frames->first, marks.begin()->first);
        frames->second = std::max(frames->second, marks.rbegin()->first);
    }
    if (!frames || !trial.times.known())
        return {0, 0};
    return {trial.times.timeOf(frames->first), trial.times.timeOf(frames->second)};
}

PostureTrack postureOf(const Pack& pack, const Trial& trial, const std::vector<PointRef>& points, double fromS,
                       double toS) {
    PostureTrack track;
    track.startS = fromS;
    const int samples = std::max(2, static_cast<int>(std::floor((toS - fromS) * kRate + 1e-6)) + 1);
    const auto sides = resolveRoles(pack, trial);
    const Fold fold = Fold::of(trial, &pack).value_or(Fold::plain(trial.capture));
    std::map<PointRef, Eigen::MatrixX2d> paths;
    const auto pathOf = [&](const PointRef& ref) -> const Eigen::MatrixX2d* {
        const auto known = paths.find(ref);
        if (known != paths.end())
            return &known->second;
        const auto marks = trial.marks.find(resolvePoint(ref, sides));
        Eigen::MatrixX2d path = Eigen::MatrixX2d::Constant(samples, 2, kMissing);
        if (marks != trial.marks.end()) {
            const Eigen::MatrixX2d pixels = resampled(trial, marks->second, fromS, samples);
            for (int axis = 0; axis < 2; ++axis)
                path.col(axis) = fold.m[axis][0] * pixels.col(0) + fold.m[axis][1] * pixels.col(1);
        }
        return &paths.emplace(ref, std::move(path)).first->second;
    };
    const auto has = [&](const PointRef& ref) { return std::find(points.begin(), points.end(), ref) != points.end(); };

    std::vector<Eigen::VectorXd> columns;
    std::vector<std::string> roles;
    for (const PointRef& ref : points)
        if (std::find(roles.begin(), roles.end(), ref.role) == roles.end())
            roles.push_back(ref.role);
    const auto addDirection = [&](const PointRef& a, const PointRef& b) {
        const Eigen::MatrixX2d way = *pathOf(b) - *pathOf(a);
        const Eigen::VectorXd length = way.rowwise().norm();
        columns.emplace_back(way.col(0).cwiseQuotient(length));
        columns.emplace_back(way.col(1).cwiseQuotient(length));
    };
    for (const std::string& role : roles)
        for (const auto& chain : chains())
            for (std::size_t i = 0; i + 1 < chain.size(); ++i) {
                const PointRef a{chain[i], role}, b{chain[i + 1], role};
                if (!has(a) || !has(b))
                    continue;
                addDirection(a, b);
                const PointRef c{i + 2 < chain.size() ? chain[i + 2] : std::string(), role};
                if (c.part.empty() || !has(c))
                    continue;
                Eigen::VectorXd turn(samples);
                for (int k = 0; k < samples; ++k) {
                    const auto at = [&](const PointRef& ref) {
                        const auto row = pathOf(ref)->row(k);
                        return Vec<double>{row[0], row[1]};
                    };
                    turn[k] = detail::turnDeg(at(a), at(b), at(c)) / kDegrees;
                }
                columns.push_back(turn);
            }
    // A point that belongs to no segment here (an implement, a lone ankle): where it is against the body.
    Eigen::MatrixX2d centre = Eigen::MatrixX2d::Zero(samples, 2);
    double count = 0, size = 0;
    for (const PointRef& ref : pack.marked)
        if (const Eigen::MatrixX2d& path = *pathOf(ref); !path.hasNaN()) {
            centre += path;
            count += 1;
        }
    if (count > 0)
        centre /= count;
    for (const PointRef& ref : pack.marked)
        if (const Eigen::MatrixX2d& path = *pathOf(ref); !path.hasNaN())
            size = std::max(size, (path - centre).rowwise().norm().mean());
    for (const PointRef& ref : points) {
        bool inChain = false;
        for (const auto& chain : chains())
            for (std::size_t i = 0; i + 1 < chain.size(); ++i)
                inChain = inChain || ((chain[i] == ref.part && has({chain[i + 1], ref.role})) ||
                                      (chain[i + 1] == ref.part && has({chain[i], ref.role})));
        if (inChain || size <= 0)
            continue;
        columns.emplace_back((pathOf(ref)->col(0) - centre.col(0)) / size);
        columns.emplace_back((pathOf(ref)->col(1) - centre.col(1)) / size);
    }
    const auto n = static_cast<Eigen::Index>(columns.size());
    track.values.resize(samples, 2 * n);
    for (Eigen::Index c = 0; c < n; ++c) {
        const Eigen::VectorXd& own = columns[static_cast<std::size_t>(c)];
        track.values.col(c) = own;
        for (Eigen::Index i = 0; i < samples; ++i) {
            const Eigen::Index last = std::max<Eigen::Index>(0, i - 1),
                               next = std::min<Eigen::Index>(samples - 1, i + 1);
            track.values(i, n + c) = (own[next] - own[last]) / static_cast<double>(next - last);
        }
    }
    return track;
}

namespace {

/// What each feature's differences are divided by.
Eigen::VectorXd spreadOf(const PostureTrack& example) {
    constexpr double kFloor = 0.15, kRateFloor = 0.018; // radians, radians a sample
    const Eigen::Index features = example.values.cols();
    Eigen::VectorXd scale(features);
    for (Eigen::Index c = 0; c < features; ++c) {
        std::vector<double> known;
        for (const double value : example.values.col(c))
            if (!std::isnan(value))
                known.push_back(value);
        scale[c] = std::hypot(standardDeviation(known), c < features / 2 ? kFloor : kRateFloor);
    }
    return scale;
}

/// Between two postures, a column of features each: the mean over those known in both.
template <class One, class Other>
double distanceOf(const One& example, const Other& target, const Eigen::VectorXd& scale) {
    double sum = 0;
    int count = 0;
    for (Eigen::Index c = 0; c < scale.size(); ++c) {
        double difference = example[c] - target[c];
        if (std::isnan(difference))
            continue;
        // Turns of a joint may wrap.
        if (difference > std::numbers::pi)
            difference -= 2 * std::numbers::pi;
        else if (difference < -std::numbers::pi)
            difference += 2 * std::numbers::pi;
        sum += difference * difference / (scale[c] * scale[c]);
        ++count;
    }
    return count ? sum / count : 0;
}

/// Whether a sample of each lies in the band of `band` times the longer round the scaled diagonal.
struct Band {
    Band(Eigen::Index example, Eigen::Index target, double band)
        : reach(band * static_cast<double>(std::max(example, target))), last(static_cast<double>(target - 1)),
          lastOfExample(static_cast<double>(std::max<Eigen::Index>(1, example - 1))) {}
    [[nodiscard]] bool holds(Eigen::Index i, Eigen::Index j) const {
        return std::abs(static_cast<double>(j) - static_cast<double>(i) * last / lastOfExample) <= reach;
    }
    double reach, last, lastOfExample;
};

/// Samples x samples; infinite outside the band.
template <class DistanceAt>
Eigen::MatrixXd inBand(Eigen::Index n, Eigen::Index m, double band, const DistanceAt& distanceAt) {
    const Band inside(n, m, band);
    Eigen::MatrixXd d = Eigen::MatrixXd::Constant(n, m, std::numeric_limits<double>::infinity());
    for (Eigen::Index j = 0; j < m; ++j)
        for (Eigen::Index i = 0; i < n; ++i)
            if (inside.holds(i, j))
                d(i, j) = distanceAt(i, j);
    return d;
}

} // namespace

Warp warpOnto(const PostureTrack& example, const PostureTrack& target, double band) {
    const Eigen::Index n = example.values.rows(), m = target.values.rows(), features = example.values.cols();
    if (features == 0 || target.values.cols() != features)
        return {};
    const Eigen::VectorXd scale = spreadOf(example);
    const Eigen::MatrixXd one = example.values.transpose(), other = target.values.transpose();
    return timeWarp(
        inBand(n, m, band, [&](Eigen::Index i, Eigen::Index j) { return distanceOf(one.col(i), other.col(j), scale); }),
        WarpSteps::SlopeOne);
}

WarpAlong::WarpAlong(const PostureTrack& example, const PostureTrack& target, Eigen::Index longest)
    : example_(example.values.transpose()), scale_(spreadOf(example)), target_(target), longest_(longest) {}

Warp WarpAlong::onto(Eigen::Index start, Eigen::Index samples, double band, double most) {
    if (scale_.size() == 0 || target_.values.cols() != scale_.size())
        return {};
    if (start < from_ || start + samples > from_ + distances_.cols()) {
        // As many again as one stretch may want, so that most calls find theirs.
        constexpr Eigen::Index kStretches = 4;
        const Eigen::Index columns = std::min(std::max(longest_ * kStretches, samples), target_.values.rows() - start);
        const Eigen::MatrixXd part = target_.values.middleRows(start, columns).transpose();
        distances_.resize(example_.cols(), columns);
        for (Eigen::Index j = 0; j < columns; ++j)
            for (Eigen::Index i = 0; i < example_.cols(); ++i)
                distances_(i, j) = distanceOf(example_.col(i), part.col(j), scale_);
        from_ = start;
    }
    return timeWarp(inBand(example_.cols(), samples, band,
                           [&](Eigen::Index i, Eigen::Index j) { return distances_(i, start - from_ + j); }),
                    WarpSteps::SlopeOne, most);
}

namespace {

/// How fast the posture turns: root mean square of the features' changes a sample over a quarter of a second round
/// each, radians. Infinite where nothing is known.
std::vector<double> turningRates(const PostureTrack& track) {
    constexpr int kRound = 7; // samples to either side
    const Eigen::Index features = track.values.cols() / 2;
    const auto samples = static_cast<int>(track.values.rows());
    std::vector<double> out;
    for (int at = 0; at < samples; ++at) {
        double sum = 0;
        int count = 0;
        for (int i = std::max(0, at - kRound); i <= std::min(samples - 1, at + kRound); ++i)
            for (Eigen::Index c = features; c < 2 * features; ++c)
                if (const double rate = track.values(i, c); !std::isnan(rate)) {
                    sum += rate * rate;
                    ++count;
                }
        out.push_back(count ? std::sqrt(sum / count) : std::numeric_limits<double>::infinity());
    }
    return out;
}

/// Samples that stay when the middle of every long hold is taken out.
std::vector<int> withoutHolds(const PostureTrack& track) {
    // Own choices: a hold turns by less than this in a sample, more where the marks are noisy; of one that is longer
    // than twice kKept the middle goes.
    constexpr double kStill = 0.01, kStillest = 0.25, kNoise = 2, kMost = 0.025; // radians
    constexpr int kKept = 15;                                                    // samples
    const std::vector<double> rates = turningRates(track);
    const double still = std::clamp(kNoise * percentile(rates, kStillest), kStill, kMost);
    const auto samples = static_cast<int>(rates.size());
    std::vector<int> out;
    for (int from = 0; from < samples;) {
        int to = from;
        while (to < samples && rates[static_cast<std::size_t>(to)] < still)
            ++to;
        for (int i = from; i < to; ++i)
            if (i < from + kKept || i >= to - kKept)
                out.push_back(i);
        if (to < samples)
            out.push_back(to);
        from = to + 1;
    }
    return out;
}

PostureTrack only(const PostureTrack& track, const std::vector<int>& samples) {
    PostureTrack out{track.startS, Eigen::MatrixXd(static_cast<Eigen::Index>(samples.size()), track.values.cols())};
    for (std::size_t i = 0; i < samples.size(); ++i)
        out.values.row(static_cast<Eigen::Index>(i)) = track.values.row(samples[i]);
    return out;
}

std::vector<int> allSamples(const PostureTrack& track) {
    std::vector<int> out(static_cast<std::size_t>(track.values.rows()));
    std::iota(out.begin(), out.end(), 0);
    return out;
}

} // namespace

HeldWarp::HeldWarp(const PostureTrack& example, const PostureTrack& target, double band)
    : warp_(warpOnto(example, target, band)), example_(allSamples(example)), target_(allSamples(target)) {
    std::vector<int> ofExample = withoutHolds(example), ofTarget = withoutHolds(target);
    if (ofExample.size() == example_.size() && ofTarget.size() == target_.size())
        return;
    Warp moving = warpOnto(only(example, ofExample), only(target, ofTarget), band);
    constexpr double kFarBetter = 0.6; // of the cost (own choice)
    if (moving.found && (!warp_.found || moving.cost < kFarBetter * warp_.cost)) {
        warp_ = std::move(moving);
        example_ = std::move(ofExample);
        target_ = std::move(ofTarget);
    }
}

std::pair<double, int> HeldWarp::across(double exampleSample) const {
    const auto after = std::lower_bound(example_.begin(), example_.end(), exampleSample);
    double sample = static_cast<double>(after - example_.begin());
    if (after != example_.end() && after != example_.begin() && *after > exampleSample)
        sample -= (*after - exampleSample) / (*after - *std::prev(after));
    const auto [at, run] = warp_.across(sample);
    const auto last = static_cast<double>(target_.size() - 1);
    const auto below = static_cast<std::size_t>(std::clamp(std::floor(at), 0.0, last)),
               above = static_cast<std::size_t>(std::clamp(std::ceil(at), 0.0, last));
    const double share = std::clamp(at - static_cast<double>(below), 0.0, 1.0);
    const int gap = target_[above] - target_[below];
    return {target_[below] + share * gap, std::max(run, gap)};
}

} // namespace riflesso
