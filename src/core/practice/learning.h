#pragma once
// Is a drill being learned? What its blocks say over weeks, under each condition.

#include "core/practice/practice_log.h"

namespace riflesso {

/// A block of 12 of one drill under one condition.
struct ChartPoint {
    Day date;
    int good = 0, all = kBlockLength;
};

enum class Learning { TooFew, Relapse, Learning, Step, Plateau };
[[nodiscard]] std::string_view toString(Learning verdict);

/// What points say, in order of time, and what the verdict rests on.
/// TooFew: under 8 points or 3 days. Relapse: the last two against all since the first pair with 18 of 24, by
/// Newcombe's 95 % interval, and under 18 of 24 themselves. Learning: the last four less the four before (less the
/// first four, where the last four reach 75 %) above 0 by that interval; Step where one change point beats a straight
/// line in the logit by 2 in log-likelihood. Else Plateau.
struct LearningVerdict {
    Learning verdict = Learning::TooFew;
    int blocks = 0, days = 0;
    int goodBefore = 0, allBefore = 0; ///< what it was held against
    int goodNow = 0, allNow = 0;
    Interval difference;           ///< now less before, 95 %; of no meaning when TooFew
    std::optional<std::size_t> at; ///< of Step: the first point after it
};
[[nodiscard]] LearningVerdict learningVerdict(const std::vector<ChartPoint>& points);

/// Runs about the median, from 10 points that do not lie on it: longest run over round(log2 n + 3), or fewer crossings
/// than the 5 % quantile of Binomial(n - 1, 1/2) (Anhøj and Olesen 2014, from memory).
struct Runs {
    int useful = 0, longest = 0, crossings = 0;
    int mostLongest = 0, fewestCrossings = 0; ///< what chance still allows
    [[nodiscard]] bool signal() const { return longest > mostLongest || crossings < fewestCrossings; }
};
/// None below 10 useful points.
[[nodiscard]] std::optional<Runs> runsAboutMedian(const std::vector<double>& values);

struct DrillChart {
    std::string fault, drill;
    PracticeCondition condition;
    std::vector<ChartPoint> points;
    LearningVerdict verdict;
    std::optional<Runs> runs; ///< of the shares
};
/// Every drill and condition that was practised, in the order they were begun. Homework and tests are left out.
[[nodiscard]] std::vector<DrillChart> drillCharts(const PracticeLog& log);

/// Where a drill holds under an easier condition and not under a harder one: the easiest such, by the last two blocks
/// of each (Newcombe 95 %). None: it holds everywhere it was tried, or too little was tried.
struct BreaksFirst {
    std::string fault, drill;
    PracticeCondition condition, holds;
    int good = 0, all = 0, holdsGood = 0, holdsAll = 0;
};
[[nodiscard]] std::optional<BreaksFirst> breaksFirst(const std::vector<DrillChart>& charts);

} // namespace riflesso
