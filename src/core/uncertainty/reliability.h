#pragma once
// Reliability of measuring: the same things rated again, by the same or by other people.

#include "core/result.h"

#include <array>
#include <optional>
#include <string_view>
#include <vector>

namespace riflesso {

/// Ratings of a whole two-way table: rows are subjects, columns raters.
struct RatingTable {
    std::vector<std::vector<double>> rows;
    [[nodiscard]] std::size_t subjects() const { return rows.size(); }
    [[nodiscard]] std::size_t raters() const { return rows.empty() ? 0 : rows.front().size(); }
};

struct Agreement {
    double mean = 0, sd = 0;  ///< of the differences, first rater less second
    double low = 0, high = 0; ///< limits of agreement: mean -/+ 2 SD (Bland & Altman 1986)
};

/// Mean squares and what follows from them (Shrout & Fleiss 1979).
struct Reliability {
    double betweenMs = 0, withinMs = 0, raterMs = 0, errorMs = 0;
    double icc11 = 0, icc21 = 0, icc31 = 0, icc1k = 0, icc2k = 0, icc3k = 0;
    double typicalError = 0;            ///< √errorMs; for two raters SD of differences / √2
    double sem = 0;                     ///< √withinMs
    double detectable = 0;              ///< 1.96 √2 sem (Weir 2005, from memory)
    std::optional<Agreement> agreement; ///< of two raters
};
/// Precondition: at least two subjects and two raters, every cell filled.
[[nodiscard]] Reliability reliabilityOf(const RatingTable& table);

/// Reads R.csv (subject,rater,value). Errors name the line; every subject must have a value of every rater.
[[nodiscard]] Result<RatingTable> readRatings(std::string_view text, std::string_view name);

/// How far apart two categories are.
enum class KappaWeights {
    Linear, ///< ordered categories: as far as they are apart (Cohen 1968, from memory)
    None    ///< names without an order: alike or not
};
/// Kappa of two raters on categories 0 … categories - 1; 1 when both use one and the same category throughout.
/// Precondition: as many values of both, at least one.
[[nodiscard]] double weightedKappa(const std::vector<int>& first, const std::vector<int>& second, int categories,
                                   KappaWeights weights = KappaWeights::Linear);

} // namespace riflesso
