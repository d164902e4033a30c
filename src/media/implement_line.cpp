#include "media/implement_line.h"

#include "core/uncertainty/stats.h"
#include "media/picture_mat.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <numbers>

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

double greyAt(const cv::Mat& grey, double x, double y) {
    const int x0 = static_cast<int>(std::floor(x)), y0 = static_cast<int>(std::floor(y));
    if (x0 < 0 || y0 < 0 || x0 + 1 >= grey.cols || y0 + 1 >= grey.rows)
        return -1;
    const double fx = x - x0, fy = y - y0;
    const auto at = [&](int dx, int dy) { return static_cast<double>(grey.at<std::uint8_t>(y0 + dy, x0 + dx)); };
    return (1 - fy) * ((1 - fx) * at(0, 0) + fx * at(1, 0)) + fy * ((1 - fx) * at(0, 1) + fx * at(1, 1));
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
                const double far = search.spreadRad > 0 ? turn / search.spreadRad : 0;
                here.score = here.ray.clear * std::exp(-far * far / 2);
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

Result<TrackedPath> tipsByLine(const std::function<Result<Picture>(int)>& frame, const TrackedPath& tip,
                               const TrackedPath& grip, const std::function<bool(double share)>& goOn) {
    TrackedPath out = tip;
    struct Sure {
        int frame;
        double angle, length;
    };
    std::vector<Sure> sure;
    const std::size_t count = std::min(tip.size(), grip.size());
    for (std::size_t i = 0; i < count; ++i)
        if (tip[i].status == Status::Tracked && grip[i].status == Status::Tracked) {
            const double dx = tip[i].at.x - grip[i].at.x, dy = tip[i].at.y - grip[i].at.y;
            double angle = std::atan2(dy, dx);
            if (!sure.empty())
                angle = sure.back().angle + std::remainder(angle - sure.back().angle, 2 * std::numbers::pi);
            sure.push_back({tip[i].frame, angle, std::hypot(dx, dy)});
        }
    // How the line lies beside the hand, from the frames in which both ends are known.
    std::vector<double> turns, offsets; // line less hand to tip; beside the hand
    constexpr std::size_t kMostLooks = 6;
    const std::size_t each = std::max<std::size_t>(1, sure.size() / kMostLooks);
    for (std::size_t k = 0; k < sure.size(); k += each) {
        const auto i = static_cast<std::size_t>(sure[k].frame - tip.front().frame);
        const auto picture = frame(sure[k].frame);
        if (!picture)
            return picture.error();
        constexpr double kWide = 9, kTurned = 0.08;
        if (const auto found = tipOnLine(*picture, grip[i].at, {sure[k].angle, kTurned, 0, kWide, sure[k].length})) {
            turns.push_back(found->angleRad - sure[k].angle);
            offsets.push_back(found->offsetPx);
        }
    }
    if (turns.empty())
        return out; // it is not to be seen even where it is known
    const double turned = median(turns), offset = median(offsets);
    constexpr double kOffsetSpread = 2.3;
    constexpr int kFarthest = 15;
    for (std::size_t i = 0; i < count; ++i) {
        if (goOn && !goOn(static_cast<double>(i) / static_cast<double>(count)))
            return cancelled();
        if (tip[i].status == Status::Tracked || grip[i].status == Status::Lost)
            continue;
        const int at = tip[i].frame;
        const Sure *before = nullptr, *after = nullptr;
        for (const Sure& each : sure) {
            if (each.frame < at && at - each.frame <= kFarthest)
                before = &each;
            if (each.frame > at && each.frame - at <= kFarthest && !after)
                after = &each;
        }
        if (!before && !after)
            continue;
        const Sure &from = before ? *before : *after, &to = after ? *after : *before;
        const double share = to.frame > from.frame ? static_cast<double>(at - from.frame) / (to.frame - from.frame) : 0;
        const double angle = from.angle + share * (to.angle - from.angle),
                     length = from.length + share * (to.length - from.length);
        const int away = std::min(before ? at - before->frame : kFarthest, after ? after->frame - at : kFarthest);
        // It turns by up to 8 degrees a frame (own choice), and as much as it has turned between the two.
        constexpr double kTurn = 8 * std::numbers::pi / 180, kMostTurn = 0.8;
        const double spread = std::min(kMostTurn, kTurn * away + std::abs(to.angle - from.angle) / 2);
        const auto picture = frame(at);
        if (!picture)
            return picture.error();
        if (const auto found =
                tipOnLine(*picture, grip[i].at, {angle + turned, spread, offset, kOffsetSpread, length})) {
            out[i].at = found->at;
            out[i].sigmaPx = std::hypot(found->sigmaPx, grip[i].sigmaPx);
            out[i].status = Status::Tracked;
        }
    }
    return out;
}

} // namespace riflesso
