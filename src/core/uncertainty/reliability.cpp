#include "core/uncertainty/reliability.h"

#include "core/tables/csv.h"
#include "core/uncertainty/stats.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <map>

namespace riflesso {

Reliability reliabilityOf(const RatingTable& table) {
    const auto n = static_cast<double>(table.subjects()), k = static_cast<double>(table.raters());
    double grand = 0;
    std::vector<double> raterMeans(table.raters(), 0);
    for (const std::vector<double>& row : table.rows)
        for (std::size_t j = 0; j < row.size(); ++j) {
            grand += row[j] / (n * k);
            raterMeans[j] += row[j] / n;
        }
    const auto square = [](double x) { return x * x; };
    double between = 0, within = 0, rater = 0;
    for (const std::vector<double>& row : table.rows) {
        const double own = mean(row);
        between += k * square(own - grand);
        for (double value : row)
            within += square(value - own);
    }
    for (double own : raterMeans)
        rater += n * square(own - grand);
    Reliability out;
    out.betweenMs = between / (n - 1);
    out.withinMs = within / (n * (k - 1));
    out.raterMs = rater / (k - 1);
    out.errorMs = std::max(0.0, within - rater) / ((n - 1) * (k - 1));
    const double b = out.betweenMs, w = out.withinMs, j = out.raterMs, e = out.errorMs;
    // Without any difference between subjects or raters there is nothing to tell apart: 0.
    const auto ratio = [](double over, double under) { return under > 0 ? over / under : 0; };
    out.icc11 = ratio(b - w, b + (k - 1) * w);
    out.icc21 = ratio(b - e, b + (k - 1) * e + k * (j - e) / n);
    out.icc31 = ratio(b - e, b + (k - 1) * e);
    out.icc1k = ratio(b - w, b);
    out.icc2k = ratio(b - e, b + (j - e) / n);
    out.icc3k = ratio(b - e, b);
    out.typicalError = std::sqrt(e);
    out.sem = std::sqrt(w);
    out.detectable = 1.96 * std::sqrt(2.0) * out.sem;
    if (table.raters() == 2) {
        std::vector<double> differences;
        for (const std::vector<double>& row : table.rows)
            differences.push_back(row[0] - row[1]);
        Agreement agreement;
        agreement.mean = mean(differences);
        agreement.sd = standardDeviation(differences);
        agreement.low = agreement.mean - 2 * agreement.sd;
        agreement.high = agreement.mean + 2 * agreement.sd;
        out.agreement = agreement;
    }
    return out;
}

Result<RatingTable> readRatings(std::string_view text, std::string_view name) {
    const auto rows = parseCsv(text, name);
    if (!rows)
        return rows.error();
    const auto place = [&](const CsvRow& row) { return std::string(name) + ":" + std::to_string(row.line); };
    if (rows->empty())
        return badInput(std::string(name), "the header subject,rater,value", "an empty file");
    if ((*rows)[0].cells != std::vector<std::string>{"subject", "rater", "value"})
        return badInput(place((*rows)[0]), "the header subject,rater,value", "another header");
    std::vector<std::string> subjects, raters;
    std::map<std::pair<std::string, std::string>, double> values;
    const auto remember = [](std::vector<std::string>& list, const std::string& entry) {
        if (std::find(list.begin(), list.end(), entry) == list.end())
            list.push_back(entry);
    };
    constexpr std::size_t kMost = 5000; // subjects, and raters
    for (std::size_t i = 1; i < rows->size(); ++i) {
        const CsvRow& row = (*rows)[i];
        if (row.cells.size() != 3)
            return badInput(place(row), "3 cells", std::to_string(row.cells.size()));
        const std::string& cell = row.cells[2];
        double value = 0;
        const auto [end, problem] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
        if (problem != std::errc() || end != cell.data() + cell.size() || !std::isfinite(value))
            return badInput(place(row), "a number in value", cell);
        if (row.cells[0].empty() || row.cells[1].empty())
            return badInput(place(row), "a subject and a rater", "an empty cell");
        if (!values.emplace(std::pair(row.cells[0], row.cells[1]), value).second)
            return badInput(place(row), "one value of each subject and rater",
                            row.cells[0] + " by " + row.cells[1] + " twice");
        remember(subjects, row.cells[0]);
        remember(raters, row.cells[1]);
        if (subjects.size() > kMost || raters.size() > kMost)
            return badInput(place(row), "at most 5000 subjects and raters", "more");
    }
    if (subjects.size() < 2 || raters.size() < 2)
        return badInput(std::string(name), "at least two subjects and two raters",
                        std::to_string(subjects.size()) + " and " + std::to_string(raters.size()));
    RatingTable table;
    for (const std::string& subject : subjects) {
        table.rows.emplace_back();
        for (const std::string& rater : raters) {
            const auto found = values.find({subject, rater});
            if (found == values.end())
                return badInput(std::string(name), "a value of every rater for every subject",
                                "none of " + rater + " for " + subject);
            table.rows.back().push_back(found->second);
        }
    }
    return table;
}

double weightedKappa(const std::vector<int>& first, const std::vector<int>& second, int categories,
                     KappaWeights weights) {
    const auto apart = [weights](int i, int j) {
        return weights == KappaWeights::Linear ? std::abs(i - j) : static_cast<int>(i != j);
    };
    const auto n = static_cast<double>(first.size());
    std::vector<double> a(static_cast<std::size_t>(categories), 0), b = a;
    double observed = 0;
    for (std::size_t i = 0; i < first.size(); ++i) {
        observed += apart(first[i], second[i]) / n;
        a[static_cast<std::size_t>(first[i])] += 1 / n;
        b[static_cast<std::size_t>(second[i])] += 1 / n;
    }
    double expected = 0;
    for (int i = 0; i < categories; ++i)
        for (int j = 0; j < categories; ++j)
            expected += apart(i, j) * a[static_cast<std::size_t>(i)] * b[static_cast<std::size_t>(j)];
    return expected > 0 ? 1 - observed / expected : 1;
}

} // namespace riflesso
