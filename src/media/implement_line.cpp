#include "media/implement_line.h"

#include "core/uncertainty/stats.h"
#include "media/picture_mat.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

using Status = TrackedPoint::Status;

/// low, low + step, … up to high.
std::vector<double> evenly(double low, double high, double step) {
    std::vector<double> out;
    const int last = static_cast<int>((high - low) / step + 1e-9);
    for (int i = 0; i <= last; ++i)
        out.push_back(low + i * step);
    return out;
}

/// Of 8 bit grey, between pixels; -1 outside. Asked millions of times a clip, so without what a library's floor costs.
double greyAt(const cv::Mat& grey, double x, double y) {
    if (x < 0 || y < 0)
        return -1;
    const int x0 = static_cast<int>(x), y0 = static_cast<int>(y);
    if (x0 + 1 >= grey.cols || y0 + 1 >= grey.rows)
        return -1;
    const double fx = x - x0, fy = y - y0;
    const std::uint8_t *above = grey.ptr<std::uint8_t>(y0) + x0, *below = grey.ptr<std::uint8_t>(y0 + 1) + x0;
    return (1 - fy) * ((1 - fx) * above[0] + fx * above[1]) + fy * ((1 - fx) * below[0] + fx * below[1]);
}

/// How much brighter the line is than its sides at a distance from the grip; none outside the picture. A line that is
/// blurred as it turns is wider further out.
std::optional<double> ridge(const cv::Mat& grey, PixelPoint grip, double c, double s, double r, double half) {
    const double x = grip.x + r * c, y = grip.y + r * s, gap = half + 2.5;
    double middle = 0, sides = 0;
    int samples = 0;
    const double apart = std::max(1.0, half / 2);
    const int steps = static_cast<int>(2 * half / apart + 1e-9);
    for (int k = 0; k <= steps; ++k) {
        const double d = -half + k * apart;
        const double v = greyAt(grey, x - d * s, y + d * c);
        if (v < 0)
            return {};
        middle += v;
        ++samples;
    }
    for (const double d : {-gap, -gap - 1.5, gap, gap + 1.5}) {
        const double v = greyAt(grey, x - d * s, y + d * c);
        if (v < 0)
            return {};
        sides += v / 4;
    }
    return middle / samples - sides;
}

struct Ray {
    double strength = 0; ///< mean ridge, signed
    double clear = 0;    ///< its size in standard errors
};

/// Point beside the hand from which the line starts.
PixelPoint beside(PixelPoint grip, double angle, double offset) {
    return {grip.x - offset * std::sin(angle), grip.y + offset * std::cos(angle)};
}

Ray rayAt(const cv::Mat& grey, PixelPoint from, double angle, double lengthPx, double half) {
    constexpr double kFrom = 0.3, kTo = 0.92; // the hand covers its first part, the end is uncertain
    const double c = std::cos(angle), s = std::sin(angle);
    double sum = 0, squares = 0;
    int count = 0;
    for (const double r : evenly(kFrom * lengthPx, kTo * lengthPx, 2.5)) {
        const auto v = ridge(grey, from, c, s, r, half);
        if (!v)
            continue;
        // One bright edge crossed on the way is not the line.
        constexpr double kMost = 25;
        const double capped = std::clamp(*v, -kMost, kMost);
        sum += capped;
        squares += capped * capped;
        ++count;
    }
    constexpr int kFewest = 8;
    if (count < kFewest)
        return {};
    const double mean = sum / count, variance = std::max(0.25, squares / count - mean * mean);
    return {mean, std::abs(mean) / std::sqrt(variance / count)};
}

/// The line through the middles of the implement across the ray, found one by one: angle and place beside the hand.
std::pair<double, double> fitted(const cv::Mat& grey, PixelPoint grip, double angle, double offset, double lengthPx,
                                 double half, double strength) {
    constexpr double kFrom = 0.25, kTo = 0.95, kStep = 0.5;
    const double reach = half + 4;
    for (int round = 0; round < 2; ++round) {
        const PixelPoint from = beside(grip, angle, offset);
        const double c = std::cos(angle), s = std::sin(angle);
        std::vector<std::pair<double, double>> middles; // along, across
        for (const double r : evenly(kFrom * lengthPx, kTo * lengthPx, 1.5)) {
            std::vector<double> across;
            for (const double d : evenly(-reach, reach, kStep))
                across.push_back(greyAt(grey, from.x + r * c - d * s, from.y + r * s + d * c));
            if (*std::min_element(across.begin(), across.end()) < 0)
                continue;
            const double ground = (across[0] + across[1] + across[across.size() - 2] + across.back()) / 4;
            double weight = 0, sum = 0;
            for (std::size_t k = 2; k + 2 < across.size(); ++k) {
                const double part = (across[k] - ground) * (strength > 0 ? 1 : -1);
                if (part > std::abs(strength) / 3) {
                    weight += part;
                    sum += part * (-reach + kStep * static_cast<double>(k));
                }
            }
            if (weight > 0)
                middles.emplace_back(r, sum / weight);
        }
        constexpr std::size_t kFewest = 12;
        if (middles.size() < kFewest)
            break;
        // Least squares, again and again without what lies far off.
        double a = 0, b = 0, most = reach;
        for (int pass = 0; pass < 4; ++pass) {
            double n = 0, sr = 0, sd = 0, srr = 0, srd = 0;
            for (const auto& [r, d] : middles)
                if (std::abs(d - a - b * r) <= most) {
                    n += 1;
                    sr += r;
                    sd += d;
                    srr += r * r;
                    srd += r * d;
                }
            const double det = n * srr - sr * sr;
            if (n < static_cast<double>(kFewest) || det <= 0)
                break;
            b = (n * srd - sr * sd) / det;
            a = (sd - b * sr) / n;
            most = std::max(0.7, most / 2);
        }
        angle += std::atan(b);
        offset += a;
    }
    return {angle, offset};
}

/// Distance from the grip at which the line ends, near `lengthPx`; none where it does not end clearly.
std::optional<double> endOf(const cv::Mat& grey, PixelPoint grip, double angle, double lengthPx, double half,
                            double strength) {
    constexpr double kFrom = 0.8, kTo = 1.2, kStep = 0.5;
    const double c = std::cos(angle), s = std::sin(angle);
    // The place that best parts "line" before it from "no line" after it.
    std::vector<double> at, values;
    for (const double r : evenly(kFrom * lengthPx, kTo * lengthPx, kStep))
        if (const auto v = ridge(grey, grip, c, s, r, half)) {
            at.push_back(r);
            values.push_back(std::clamp(*v / strength, -1.0, 2.0));
        }
    constexpr std::size_t kFewest = 10;
    if (at.size() < kFewest)
        return {};
    double best = -1e9, place = 0, score = 0;
    for (std::size_t i = 0; i < at.size(); ++i) {
        score += values[i] - 0.5;
        if (score > best) {
            best = score;
            place = at[i];
        }
    }
    const bool atAnEnd = place <= at.front() + 1 || place >= at.back() - 1;
    return atAnEnd ? std::nullopt : std::optional(place);
}

} // namespace

std::optional<LineTip> tipOnLine(const Picture& picture, PixelPoint grip, const LineSearch& search) {
    constexpr double kShortest = 30;
    const double length = search.lengthPx;
    if (length < kShortest)
        return {};
    cv::Mat grey;
    cv::cvtColor(matOf(picture), grey, cv::COLOR_RGB2GRAY);
    const double step = 0.8 / length; // under a pixel at the tip
    constexpr double kBesidePx = 9;   // own choice
    struct Found {
        double angle = 0, offset = 0, half = 0, score = 0;
        Ray ray;
    } best;
    std::vector<Found> all;
    for (const double half : {0.0, 1.0, 3.0})
        for (const double offset : evenly(-search.offsetSpreadPx, search.offsetSpreadPx, 0.75))
            for (const double turn : evenly(-search.spreadRad, search.spreadRad, step)) {
                Found here{search.angleRad + turn, search.offsetPx + offset, half, 0, {}};
                here.ray = rayAt(grey, beside(grip, here.angle, here.offset), here.angle, length, half);
                // What lies nearer to where it should be is believed more readily.
                const double far = search.spreadRad > 0 ? turn / search.spreadRad : 0, beside = offset / kBesidePx;
                here.score = here.ray.clear * std::exp(-(far * far + beside * beside) / 2);
                all.push_back(here);
                if (here.score > best.score)
                    best = here;
            }
    constexpr double kClear = 5, kFaint = 1.2, kRival = 0.85;
    if (best.ray.clear < kClear || std::abs(best.ray.strength) < kFaint)
        return {};
    const double own = std::max(0.06, 10 / length); // what lies this near is the same line
    for (const Found& other : all)
        if (std::abs(other.angle - best.angle) > own && other.score > kRival * best.score &&
            std::abs(other.ray.strength) > kRival * std::abs(best.ray.strength))
            return {};
    const auto [angle, offset] = fitted(grey, grip, best.angle, best.offset, length, best.half, best.ray.strength);
    const PixelPoint from = beside(grip, angle, offset);
    double reach = std::sqrt(std::max(0.0, length * length - offset * offset));
    constexpr double kStrong = 12, kEndPx = 2, kLengthShare = 0.012, kNear = 0.06;
    double along = std::max(1.5, kLengthShare * length);
    if (std::abs(best.ray.strength) > kStrong)
        if (const auto end = endOf(grey, from, angle, reach, best.half, best.ray.strength);
            end && std::abs(*end - reach) < kNear * reach) {
            reach = *end;
            along = kEndPx;
        }
    const double across = 1 + best.half / 2;
    return LineTip{{from.x + reach * std::cos(angle), from.y + reach * std::sin(angle)},
                   std::hypot(along, across) / std::numbers::sqrt2,
                   best.ray.clear,
                   angle,
                   offset};
}

std::optional<LineBeside> lineBeside(const Picture& picture, PixelPoint grip, PixelPoint tip) {
    constexpr double kWide = 9, kTurned = 0.08, kNearPx = 4, kNearShare = 0.03;
    const double angle = std::atan2(tip.y - grip.y, tip.x - grip.x),
                 length = std::hypot(tip.x - grip.x, tip.y - grip.y);
    const auto found = tipOnLine(picture, grip, {angle, kTurned, 0, kWide, length});
    if (!found || std::hypot(found->at.x - tip.x, found->at.y - tip.y) > std::max(kNearPx, kNearShare * length))
        return {};
    return LineBeside{turnFrom(angle, found->angleRad), found->offsetPx};
}

namespace {

/// Where the implement points from the hand in a frame, and how long it is in the picture.
struct Pointing {
    int frame = 0;
    double angle = 0, length = 0;
};

Pointing pointingIn(const TrackedPoint& tip, const TrackedPoint& grip) {
    const double dx = tip.at.x - grip.at.x, dy = tip.at.y - grip.at.y;
    return {tip.frame, std::atan2(dy, dx), std::hypot(dx, dy)};
}

/// A tip through a repetition, looked for from frame to frame along the line of its implement.
class LineWalk {
public:
    LineWalk(const std::function<Result<Picture>(int)>& frame, const TrackedPath& tip, const TrackedPath& grip,
             const std::vector<int>& marked)
        : frame_(frame), grip_(grip), out_(tip), resolved_(tip.size()) {
        for (std::size_t i = 0; i < std::min(tip.size(), grip.size()); ++i)
            if (std::find(marked.begin(), marked.end(), tip[i].frame) != marked.end() &&
                tip[i].status == Status::Tracked && grip[i].status == Status::Tracked) {
                resolved_[i] = pointingIn(tip[i], grip[i]);
                known_.push_back(i);
            }
    }

    /// Looks whether the implement can be told by its line: it is marked where the hand is sure, and seen there.
    Result<void> begin() {
        constexpr std::size_t kMostLooks = 6;
        const std::size_t each = std::max<std::size_t>(1, known_.size() / kMostLooks);
        std::vector<double> turns, offsets; // line less hand to tip; beside the hand
        for (std::size_t k = 0; k < known_.size(); k += each) {
            const std::size_t i = known_[k];
            const auto picture = frame_(out_[i].frame);
            if (!picture)
                return picture.error();
            if (const auto line = lineBeside(*picture, grip_[i].at, out_[i].at)) {
                turns.push_back(line->turnedRad);
                offsets.push_back(line->offsetPx);
            }
        }
        hasLine_ = !turns.empty();
        if (hasLine_) {
            turned_ = median(turns);
            offset_ = median(offsets);
        }
        return {};
    }

    /// Forward from the first frame in which it is known, then backward for what is before it or was not found; what is
    /// left of what was followed is weighed.
    Result<TrackedPath> walk(const std::function<bool(double share)>& goOn) {
        const std::size_t count = std::min(out_.size(), grip_.size());
        std::size_t done = 0;
        for (const int way : hasLine_ ? std::vector{1, -1} : std::vector<int>())
            for (std::size_t step = 0; step < count; ++step, ++done) {
                if (goOn && !goOn(static_cast<double>(done) / static_cast<double>(2 * count)))
                    return cancelled();
                const std::size_t i = way > 0 ? step : count - 1 - step;
                if (!resolved_[i] && grip_[i].status != Status::Lost)
                    if (auto looked = look(i, way); !looked)
                        return looked.error();
            }
        for (std::size_t i = 0; i < count; ++i)
            if (!resolved_[i] && out_[i].status == Status::Tracked)
                weigh(i);
        return out_;
    }

private:
    static constexpr int kFarthest = 15; ///< frames

    /// The nearest frame before (way 1) or after (way -1) in which it is known or was found.
    [[nodiscard]] const Pointing* nearest(std::size_t i, int way) const {
        for (int off = 1; off <= kFarthest; ++off) {
            const auto at = static_cast<std::ptrdiff_t>(i) - way * off;
            if (at < 0 || at >= static_cast<std::ptrdiff_t>(resolved_.size()))
                return nullptr;
            if (resolved_[static_cast<std::size_t>(at)])
                return &*resolved_[static_cast<std::size_t>(at)];
        }
        return nullptr;
    }

    Result<void> look(std::size_t i, int way) {
        const Pointing* from = nearest(i, way);
        if (!from)
            return {};
        // As it turned before; it turns by up to 8 degrees a frame otherwise (own choice).
        constexpr double kTurn = 8 * std::numbers::pi / 180, kMostTurn = 0.8, kOffsetSpread = 2.3;
        const int at = out_[i].frame, away = std::abs(at - from->frame);
        const auto index = i - static_cast<std::size_t>(way * away);
        const Pointing* before = away <= 2 ? nearest(index, way) : nullptr;
        double turning = 0;
        if (before && std::abs(from->frame - before->frame) <= 2)
            turning = turnFrom(before->angle, from->angle) / std::abs(from->frame - before->frame);
        const auto picture = frame_(at);
        if (!picture)
            return picture.error();
        const auto found = tipOnLine(*picture, grip_[i].at,
                                     {from->angle + away * turning + turned_, std::min(kMostTurn, kTurn * away),
                                      offset_, kOffsetSpread, knownLength(i)});
        if (!found)
            return {};
        TrackedPoint& tip = out_[i];
        const double sigma = std::hypot(found->sigmaPx, grip_[i].sigmaPx);
        // What was followed is finer than a line's end, where the two agree.
        if (tip.status != Status::Tracked ||
            std::hypot(found->at.x - tip.at.x, found->at.y - tip.at.y) > 2 * std::hypot(found->sigmaPx, tip.sigmaPx)) {
            tip.at = found->at;
            tip.sigmaPx = sigma;
            tip.status = Status::Tracked;
        }
        resolved_[i] = pointingIn(tip, grip_[i]);
        return {};
    }

    /// What was followed and not seen as a line: doubtful where the hand contradicts it, or nobody vouches for it.
    void weigh(std::size_t i) {
        if (known_.empty())
            return;
        TrackedPoint& tip = out_[i];
        if (grip_[i].status != Status::Tracked) {
            if (hasLine_ || i < known_.front() || i > known_.back())
                doubt(tip, knownLength(i));
            return;
        }
        constexpr double kLonger = 0.1;
        const double length = pointingIn(tip, grip_[i]).length, as = knownLength(i);
        if (hasLine_ ? std::abs(length - as) > kLonger * as : length > (1 + kLonger) * longest() || standsStill(i))
            doubt(tip, as);
    }

    static void doubt(TrackedPoint& tip, double length) {
        constexpr double kShare = 0.15; // of the implement (own choice)
        tip.status = Status::Doubtful;
        tip.sigmaPx = std::max(tip.sigmaPx, kShare * length);
    }

    [[nodiscard]] double longest() const {
        double out = 0;
        for (const std::size_t i : known_)
            out = std::max(out, resolved_[i]->length);
        return out;
    }

    /// Whether the tip stays where it is while the hand goes on: what was followed is something behind it.
    [[nodiscard]] bool standsStill(std::size_t i) const {
        constexpr std::size_t kFrames = 5;
        constexpr double kMoves = 0.1, kStill = 0.2; // of the implement's length; of the hand's way
        const std::size_t from = i >= kFrames ? i - kFrames : 0, to = std::min(i + kFrames, grip_.size() - 1);
        if (grip_[from].status == Status::Lost || grip_[to].status == Status::Lost ||
            out_[from].status == Status::Lost || out_[to].status == Status::Lost)
            return false;
        const auto way = [&](const TrackedPath& path) {
            return std::hypot(path[to].at.x - path[from].at.x, path[to].at.y - path[from].at.y);
        };
        return way(grip_) > kMoves * longest() && way(out_) < kStill * way(grip_);
    }

    /// Between the frames in which it is known, in proportion to time.
    [[nodiscard]] double knownLength(std::size_t i) const {
        const auto after = std::lower_bound(known_.begin(), known_.end(), i);
        if (after == known_.begin() || after == known_.end())
            return resolved_[after == known_.begin() ? known_.front() : known_.back()]->length;
        const std::size_t a = *(after - 1), b = *after;
        const double share = static_cast<double>(i - a) / static_cast<double>(b - a);
        return (1 - share) * resolved_[a]->length + share * resolved_[b]->length;
    }

    const std::function<Result<Picture>(int)>& frame_;
    const TrackedPath& grip_;
    TrackedPath out_;
    std::vector<std::optional<Pointing>> resolved_; ///< by place in the path: known, or found along its line
    std::vector<std::size_t> known_;                ///< places in which it is marked
    bool hasLine_ = false;
    double turned_ = 0, offset_ = 0; ///< how the line lies beside the hand
};

} // namespace

Result<TrackedPath> tipsByLine(const std::function<Result<Picture>(int)>& frame, const TrackedPath& tip,
                               const TrackedPath& grip, const std::vector<int>& marked,
                               const std::function<bool(double share)>& goOn) {
    LineWalk walk(frame, tip, grip, marked);
    if (auto begun = walk.begin(); !begun)
        return begun.error();
    return walk.walk(goOn);
}

} // namespace riflesso
