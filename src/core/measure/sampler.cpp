#include "core/measure/sampler.h"

#include "core/reasons.h"
#include "core/signal/signal.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kOnFrame = 1e-6;
constexpr int kMaxRunSamples = 1500;

/// Cubic through the marks round a missing frame.
PixelPoint bridge(const Trial& trial, const MarksByFrame& marks, MarksByFrame::const_iterator after, int frame) {
    auto first = after, last = after;
    for (int i = 0; i < 2 && first != marks.begin(); ++i)
        --first;
    for (int i = 0; i < 2 && last != marks.end(); ++i)
        ++last;
    std::vector<double> t, x, y;
    for (auto it = first; it != last; ++it) {
        t.push_back(trial.times.timeOf(it->first));
        x.push_back(it->second.at.x);
        y.push_back(it->second.at.y);
    }
    const double at = trial.times.timeOf(frame);
    return {shapePreservingCubic(t, x, at), shapePreservingCubic(t, y, at)};
}

std::optional<SampledMark> markOnFrame(const Trial& trial, const MarksByFrame& marks, int frame) {
    const auto exact = marks.find(frame);
    if (exact != marks.end())
        return SampledMark{exact->second.at, exact->second.sigmaPx, false, frame};
    const auto after = marks.upper_bound(frame);
    if (after == marks.begin() || after == marks.end())
        return {};
    const auto before = std::prev(after);
    if (trial.times.timeOf(after->first) - trial.times.timeOf(before->first) > kMaxBridgeS + kOnFrame)
        return {};
    const double sigma = std::max(before->second.sigmaPx, after->second.sigmaPx);
    return SampledMark{bridge(trial, marks, after, frame), sigma, true, before->first};
}

} // namespace

std::optional<SampledMark> markAt(const Trial& trial, const std::string& landmark, double frame) {
    const auto track = trial.marks.find(landmark);
    if (track == trial.marks.end())
        return {};
    const double nearest = std::round(frame);
    if (std::abs(frame - nearest) < kOnFrame)
        return markOnFrame(trial, track->second, static_cast<int>(nearest));
    const auto below = markOnFrame(trial, track->second, static_cast<int>(std::floor(frame)));
    const auto above = markOnFrame(trial, track->second, static_cast<int>(std::ceil(frame)));
    if (!below || !above)
        return {};
    const double share = frame - std::floor(frame);
    SampledMark mark;
    mark.at = {below->at.x + share * (above->at.x - below->at.x), below->at.y + share * (above->at.y - below->at.y)};
    // Half of a mark's variance is shared by both frames, the other half averages.
    const double own =
        (1 - share) * (1 - share) * below->sigmaPx * below->sigmaPx + share * share * above->sigmaPx * above->sigmaPx;
    const double common = (1 - share) * below->sigmaPx + share * above->sigmaPx;
    mark.sigmaPx = std::sqrt(own / 2 + common * common / 2);
    mark.bridged = below->bridged || above->bridged;
    mark.frame = below->frame;
    return mark;
}

std::variant<MarkRun, Reason> runOver(const Trial& trial, const std::vector<std::string>& landmarks, double fromS,
                                      double toS) {
    if (!trial.times.known())
        return reasons::kTimesUnknown;
    const int first = static_cast<int>(std::floor(trial.times.frameOf(fromS) + kOnFrame));
    const int last = static_cast<int>(std::ceil(trial.times.frameOf(toS) - kOnFrame));
    int low = first - kMaxRunSamples / 2, high = last + kMaxRunSamples / 2;
    for (const std::string& landmark : landmarks) {
        const auto track = trial.marks.find(landmark);
        if (track == trial.marks.end())
            return reasons::kNotMarked(landmarkNamed(landmark));
        const MarksByFrame& marks = track->second;
        const auto connected = [&](MarksByFrame::const_iterator a, MarksByFrame::const_iterator b) {
            return b->first == a->first + 1 ||
                   trial.times.timeOf(b->first) - trial.times.timeOf(a->first) <= kMaxBridgeS + kOnFrame;
        };
        auto it = marks.upper_bound(first);
        if (it == marks.begin())
            return reasons::kNotMarkedFrom(landmarkNamed(landmark), first);
        --it;
        auto start = it;
        while (start != marks.begin() && connected(std::prev(start), start))
            --start;
        auto end = it;
        while (std::next(end) != marks.end() && connected(end, std::next(end)))
            ++end;
        if (end->first < last)
            return reasons::kNotMarkedThroughout(landmarkNamed(landmark), first, last);
        low = std::max(low, start->first);
        high = std::min(high, end->first);
    }
    const std::size_t n = static_cast<std::size_t>(high - low) + 1;
    if (n < kMinSamples)
        return reasons::kFewMarked(n);

    MarkRun run;
    const auto columns = static_cast<Eigen::Index>(landmarks.size());
    run.raw.resize(static_cast<Eigen::Index>(n), 2 * columns);
    run.sigma.resize(static_cast<Eigen::Index>(n), columns);
    run.bridged.assign(n, false);
    std::vector<double> intervals;
    run.timesS.reserve(n);
    intervals.reserve(n);
    for (std::size_t i = 0; i < n; ++i) {
        run.timesS.push_back(trial.times.timeOf(low + static_cast<int>(i)));
        if (i > 0)
            intervals.push_back(run.timesS[i] - run.timesS[i - 1]);
    }
    for (Eigen::Index c = 0; c < columns; ++c) {
        const MarksByFrame& marks = trial.marks.at(landmarks[static_cast<std::size_t>(c)]);
        auto next = marks.lower_bound(low);
        for (Eigen::Index row = 0; row < static_cast<Eigen::Index>(n); ++row) {
            const int frame = low + static_cast<int>(row);
            const bool marked = next != marks.end() && next->first == frame;
            const SampledMark mark = marked ? SampledMark{next->second.at, next->second.sigmaPx, false, frame}
                                            : *markOnFrame(trial, marks, frame);
            next = marked ? std::next(next) : next;
            run.raw(row, 2 * c) = mark.at.x;
            run.raw(row, 2 * c + 1) = mark.at.y;
            run.sigma(row, c) = mark.sigmaPx;
            if (mark.bridged)
                run.bridged[static_cast<std::size_t>(row)] = true;
        }
    }
    const double step = median(intervals);
    run.rateHz = 1 / step;
    constexpr double kEven = 0.01; // share of an interval that still counts as even
    const bool even = std::all_of(intervals.begin(), intervals.end(),
                                  [&](double interval) { return std::abs(interval - step) <= kEven * step; });
    if (even)
        return run;

    MarkRun resampled;
    resampled.rateHz = run.rateHz;
    const auto count =
        static_cast<Eigen::Index>(std::floor((run.timesS.back() - run.timesS.front()) / step + 1e-9)) + 1;
    if (count < static_cast<Eigen::Index>(kMinSamples))
        return reasons::kTooFewMarked;
    resampled.raw.resize(count, 2 * columns);
    resampled.sigma.resize(count, columns);
    for (Eigen::Index i = 0; i < count; ++i) {
        const double t = run.timesS.front() + static_cast<double>(i) * step;
        resampled.timesS.push_back(t);
        const auto after = std::lower_bound(run.timesS.begin(), run.timesS.end(), t);
        const auto nearest = std::min<Eigen::Index>(after - run.timesS.begin(), static_cast<Eigen::Index>(n) - 1);
        resampled.bridged.push_back(run.bridged[static_cast<std::size_t>(nearest)]);
        for (Eigen::Index c = 0; c < columns; ++c)
            resampled.sigma(i, c) = run.sigma(nearest, c);
    }
    for (Eigen::Index c = 0; c < 2 * columns; ++c) {
        std::vector<double> values(n);
        for (std::size_t i = 0; i < n; ++i)
            values[i] = run.raw(static_cast<Eigen::Index>(i), c);
        for (Eigen::Index i = 0; i < count; ++i)
            resampled.raw(i, c) =
                shapePreservingCubic(run.timesS, values, resampled.timesS[static_cast<std::size_t>(i)]);
    }
    return resampled;
}

namespace {

/// Of mid_hip and the like: half way between left and right where both are marked; of any other name nothing.
MarksByFrame marksBetween(const Trial& trial, const std::string& name) {
    constexpr std::string_view kMiddle = "mid_";
    if (!name.starts_with(kMiddle))
        return {};
    const std::string part = name.substr(kMiddle.size());
    const auto left = trial.marks.find("left_" + part), right = trial.marks.find("right_" + part);
    MarksByFrame out;
    if (left == trial.marks.end() || right == trial.marks.end())
        return out;
    for (const auto& [frame, one] : left->second)
        if (const auto other = right->second.find(frame); other != right->second.end())
            out[frame] = {{(one.at.x + other->second.at.x) / 2, (one.at.y + other->second.at.y) / 2},
                          std::hypot(one.sigmaPx, other->second.sigmaPx) / 2,
                          one.source};
    return out;
}

} // namespace

std::string unitKey(const LengthUnit& unit) { return unit.metres ? "m" : unit.a.text() + "-" + unit.b.text(); }

std::variant<LengthScale, Reason> lengthScale(const LengthUnit& unit, const Pack& pack, const Trial& trial,
                                              const std::map<std::string, Side>& sides, double medianPixels) {
    LengthScale scale;
    if (unit.metres) {
        if (!trial.capture.metresPerPixel)
            return reasons::kNoScale;
        scale.pixels = 1 / *trial.capture.metresPerPixel;
        scale.relativeU = trial.capture.scaleRelativeU;
        scale.shared = true;
        return scale;
    }
    const std::string names[2] = {resolvePoint(unit.a, sides), resolvePoint(unit.b, sides)};
    MarksByFrame between[2]; // of a point between two that are marked
    const MarksByFrame* ends[2] = {};
    for (std::size_t i = 0; i < 2; ++i) {
        const auto own = trial.marks.find(names[i]);
        if (own == trial.marks.end())
            between[i] = marksBetween(trial, names[i]);
        ends[i] = own == trial.marks.end() ? &between[i] : &own->second;
        if (ends[i]->empty())
            return reasons::kUnitNotMarked(unitKey(unit));
    }
    const MarksByFrame &a = *ends[0], &b = *ends[1];
    const Fold fold = Fold::of(trial, &pack).value_or(Fold());
    std::vector<double> lengths, variances;
    std::vector<PixelPoint> ways;
    for (const auto& [frame, mark] : a) {
        const auto other = b.find(frame);
        if (other == b.end())
            continue;
        const double dx = other->second.at.x - mark.at.x, dy = other->second.at.y - mark.at.y;
        const PixelPoint way{fold.row(0, dx, dy), fold.row(1, dx, dy)};
        ways.push_back(way);
        lengths.push_back(std::hypot(way.x, way.y));
        // A mark's doubt along the way, whose X is stretched where the camera is off square.
        const double slopeX = fold.m[0][0] * way.x + fold.m[1][0] * way.y,
                     slopeY = fold.m[0][1] * way.x + fold.m[1][1] * way.y;
        const double stretched = lengths.back() > 0 ? std::hypot(slopeX, slopeY) / lengths.back() : 1;
        variances.push_back(stretched * stretched *
                            (mark.sigmaPx * mark.sigmaPx + other->second.sigmaPx * other->second.sigmaPx));
    }
    if (lengths.empty())
        return reasons::kUnitNotTogether(unitKey(unit));
    scale.pixels = percentile(lengths, lengths.size() < kFramesForPercentile ? 1.0 : 0.9);
    const auto nearest = std::min_element(lengths.begin(), lengths.end(), [&](double a, double b) {
        return std::abs(a - scale.pixels) < std::abs(b - scale.pixels);
    });
    scale.along = ways[static_cast<std::size_t>(nearest - lengths.begin())];
    const double u = std::sqrt(mean(variances));
    constexpr double kTooShort = 5; // length over sigma, as for short segments
    if (scale.pixels < kTooShort * u / std::numbers::sqrt2)
        return reasons::kUnitTooShort(unitKey(unit));
    scale.relativeU = u / scale.pixels;
    constexpr double kForeshortened = 0.9;
    if (medianPixels > 0 && scale.pixels < kForeshortened * medianPixels) {
        scale.relativeU = std::hypot(scale.relativeU, 1 - scale.pixels / medianPixels);
        scale.note = notes::kForeshortened;
    }
    return scale;
}

} // namespace riflesso
