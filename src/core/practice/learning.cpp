#include "core/practice/learning.h"

#include "core/uncertainty/stats.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace riflesso {
namespace {

constexpr int kFewestBlocks = 8, kFewestDays = 3;
constexpr int kPairGood = 18; ///< of 24, three quarters
constexpr std::size_t kFour = 4;
constexpr double kBetterBy = 2; ///< of log-likelihood

struct Counts {
    int good = 0, all = 0;
};

Counts sum(const std::vector<ChartPoint>& points, std::size_t from, std::size_t to) {
    Counts out;
    for (std::size_t i = from; i < to; ++i) {
        out.good += points[i].good;
        out.all += points[i].all;
    }
    return out;
}

double logLikelihood(int good, int all, double share) {
    const double p = std::clamp(share, 1e-9, 1 - 1e-9);
    return good * std::log(p) + (all - good) * std::log(1 - p);
}

/// Of two shares, one before and one from `at` on, the likeliest `at`.
std::pair<double, std::size_t> bestStep(const std::vector<ChartPoint>& points) {
    std::pair<double, std::size_t> best{-1e300, 0};
    for (std::size_t at = 2; at + 2 <= points.size(); ++at) {
        const Counts a = sum(points, 0, at), b = sum(points, at, points.size());
        double likelihood = 0;
        for (std::size_t i = 0; i < points.size(); ++i) {
            const Counts& c = i < at ? a : b;
            likelihood += logLikelihood(points[i].good, points[i].all, static_cast<double>(c.good) / c.all);
        }
        best = std::max(best, {likelihood, at});
    }
    return best;
}

/// Of a straight line in the logit over the number of the block (logistic regression by Newton's method).
double lineLikelihood(const std::vector<ChartPoint>& points) {
    const double middle = (static_cast<double>(points.size()) - 1) / 2;
    double a = 0, b = 0;
    constexpr int kSteps = 25;
    for (int step = 0; step < kSteps; ++step) {
        double ga = 0, gb = 0, haa = 1e-9, hab = 0, hbb = 1e-9;
        for (std::size_t i = 0; i < points.size(); ++i) {
            const double x = static_cast<double>(i) - middle, p = 1 / (1 + std::exp(-(a + b * x)));
            const double rest = points[i].good - points[i].all * p, w = points[i].all * p * (1 - p);
            ga += rest, gb += rest * x;
            haa += w, hab += w * x, hbb += w * x * x;
        }
        const double det = haa * hbb - hab * hab;
        if (det < 1e-12)
            break;
        // A step of one in the logit at most: shares of 0 and 1 have no end.
        a += std::clamp((hbb * ga - hab * gb) / det, -1.0, 1.0);
        b += std::clamp((haa * gb - hab * ga) / det, -1.0, 1.0);
    }
    double out = 0;
    for (std::size_t i = 0; i < points.size(); ++i) {
        const double x = static_cast<double>(i) - middle;
        out += logLikelihood(points[i].good, points[i].all, 1 / (1 + std::exp(-(a + b * x))));
    }
    return out;
}

/// The first two running points with three quarters good together.
std::optional<std::size_t> firstPairGood(const std::vector<ChartPoint>& points) {
    for (std::size_t i = 0; i + 1 < points.size(); ++i) {
        const Counts pair = sum(points, i, i + 2);
        if (4 * pair.good >= 3 * pair.all)
            return i;
    }
    return {};
}

void hold(LearningVerdict& out, const Counts& before, const Counts& now) {
    out.goodBefore = before.good, out.allBefore = before.all;
    out.goodNow = now.good, out.allNow = now.all;
    out.difference = shareDifference(before.good, before.all, now.good, now.all);
}

} // namespace

std::string_view toString(Learning verdict) {
    constexpr std::string_view kWords[] = {"too_few", "relapse", "learning", "step", "plateau"};
    return kWords[static_cast<std::size_t>(verdict)];
}

LearningVerdict learningVerdict(const std::vector<ChartPoint>& points) {
    LearningVerdict out;
    std::set<Day> days;
    for (const ChartPoint& point : points)
        days.insert(point.date);
    out.blocks = static_cast<int>(points.size());
    out.days = static_cast<int>(days.size());
    if (out.blocks < kFewestBlocks || out.days < kFewestDays)
        return out;
    const std::size_t n = points.size();
    const Counts lastTwo = sum(points, n - 2, n);
    if (const auto first = firstPairGood(points); first && *first + 2 <= n - 2) {
        LearningVerdict relapse = out;
        hold(relapse, sum(points, *first, n - 2), lastTwo);
        if (relapse.difference.high < 0 && lastTwo.good < kPairGood) {
            relapse.verdict = Learning::Relapse;
            return relapse;
        }
    }
    const Counts lastFour = sum(points, n - kFour, n);
    const bool there = 4 * lastFour.good >= 3 * lastFour.all;
    hold(out, there ? sum(points, 0, kFour) : sum(points, n - 2 * kFour, n - kFour), lastFour);
    if (out.difference.low <= 0) {
        out.verdict = Learning::Plateau;
        return out;
    }
    const auto [step, at] = bestStep(points);
    out.verdict = step > lineLikelihood(points) + kBetterBy ? Learning::Step : Learning::Learning;
    if (out.verdict == Learning::Step)
        out.at = at;
    return out;
}

std::optional<Runs> runsAboutMedian(const std::vector<double>& values) {
    if (values.empty())
        return {};
    const double middle = median(values);
    Runs out;
    int run = 0;
    std::optional<bool> before;
    for (const double value : values) {
        if (std::abs(value - middle) <= kDecisionSlack)
            continue; // on the line: neither breaks a run nor makes one longer
        const bool above = value > middle;
        ++out.useful;
        out.crossings += before && *before != above;
        run = before && *before == above ? run + 1 : 1;
        out.longest = std::max(out.longest, run);
        before = above;
    }
    constexpr int kFewestUseful = 10;
    if (out.useful < kFewestUseful)
        return {};
    out.mostLongest = static_cast<int>(std::lround(std::log2(out.useful) + 3));
    // The smallest number that Binomial(n - 1, 1/2) does not exceed with a probability of 5 % or more.
    const int trials = out.useful - 1;
    double term = std::pow(0.5, trials), below = term;
    constexpr double kFivePercent = 0.05;
    while (below < kFivePercent) {
        term *= static_cast<double>(trials - out.fewestCrossings) / (out.fewestCrossings + 1);
        below += term;
        ++out.fewestCrossings;
    }
    return out;
}

std::vector<DrillChart> drillCharts(const PracticeLog& log) {
    std::vector<DrillChart> out;
    for (const LoggedBlock& block : log) {
        if (block.kind != PracticeKind::Practice || block.repetitions.empty())
            continue;
        auto known = std::find_if(out.begin(), out.end(), [&](const DrillChart& chart) {
            return chart.fault == block.fault && chart.drill == block.drill && chart.condition == block.condition;
        });
        if (known == out.end()) {
            out.push_back({block.fault, block.drill, block.condition, {}, {}, {}});
            known = out.end() - 1;
        }
        for (const LoggedBlock& each : wholeBlocks(block))
            known->points.push_back({each.date, each.good(), each.all()});
    }
    for (DrillChart& chart : out) {
        chart.verdict = learningVerdict(chart.points);
        std::vector<double> shares;
        for (const ChartPoint& point : chart.points)
            shares.push_back(static_cast<double>(point.good) / point.all);
        chart.runs = runsAboutMedian(shares);
    }
    return out;
}

std::optional<BreaksFirst> breaksFirst(const std::vector<DrillChart>& charts) {
    std::optional<BreaksFirst> out;
    const auto lastTwo = [](const DrillChart& chart) {
        return sum(chart.points, chart.points.size() - 2, chart.points.size());
    };
    for (const DrillChart& easy : charts) {
        if (easy.points.size() < 2)
            continue;
        const Counts held = lastTwo(easy);
        if (4 * held.good < 3 * held.all)
            continue;
        for (const DrillChart& hard : charts) {
            const bool harder = hard.condition.stress > easy.condition.stress ||
                                (hard.condition.stress == easy.condition.stress && hard.condition != easy.condition);
            if (hard.fault != easy.fault || !harder || hard.points.size() < 2 ||
                (out && out->condition.stress <= hard.condition.stress))
                continue;
            const Counts broken = lastTwo(hard);
            if (4 * broken.good < 3 * broken.all &&
                shareDifference(held.good, held.all, broken.good, broken.all).high < 0)
                out = BreaksFirst{hard.fault,  hard.drill, hard.condition, easy.condition,
                                  broken.good, broken.all, held.good,      held.all};
        }
    }
    return out;
}

} // namespace riflesso
