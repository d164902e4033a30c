#include "core/laps.h"

#include "core/csv.h"
#include "core/stats.h"

#include <charconv>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kMinute = 60;

LapFigures figures(double distance, double time, double cycles, double uDistance, double uTime, double uCycles) {
    LapFigures out;
    out.ratePerMinute.value = kMinute * cycles / time;
    out.ratePerMinute.u = out.ratePerMinute.value * std::hypot(uCycles / cycles, uTime / time);
    out.lengthM.value = distance / cycles;
    out.lengthM.u = out.lengthM.value * std::hypot(uDistance / distance, uCycles / cycles);
    out.speedMps.value = distance / time;
    out.speedMps.u = out.speedMps.value * std::hypot(uDistance / distance, uTime / time);
    return out;
}

} // namespace

std::string_view toString(Counted counted) { return counted == Counted::Cycles ? "cycles" : "sides"; }

Result<TappedRate> tappedRate(const std::vector<double>& timesS, Counted counted, double tapUS) {
    constexpr std::size_t kFewest = 3;
    if (timesS.size() < kFewest)
        return badInput("taps", "at least 3 taps", std::to_string(timesS.size()));
    std::vector<double> intervals;
    for (std::size_t i = 1; i < timesS.size(); ++i) {
        if (!(timesS[i] > timesS[i - 1]))
            return badInput("tap " + std::to_string(i + 1), "a time after the tap before", std::to_string(timesS[i]));
        intervals.push_back(timesS[i] - timesS[i - 1]);
    }
    TappedRate out;
    out.counted = counted;
    out.taps = static_cast<int>(timesS.size());
    const double whole = timesS.back() - timesS.front();
    out.perMinute.value = kMinute * static_cast<double>(intervals.size()) / whole;
    out.perMinute.u = out.perMinute.value * std::sqrt(2.0) * tapUS / whole;
    const double factor = counted == Counted::Cycles ? 2 : 0.5;
    out.otherPerMinute = {out.perMinute.value * factor, out.perMinute.u * factor};
    out.unevenness = standardDeviation(intervals) / mean(intervals);
    return out;
}

Result<std::vector<double>> readTimes(std::string_view text, std::string_view name) {
    const auto rows = parseCsv(text, name);
    if (!rows)
        return rows.error();
    const auto place = [&](const CsvRow& row) { return std::string(name) + ":" + std::to_string(row.line); };
    if (rows->empty() || (*rows)[0].cells != std::vector<std::string>{"time_s"})
        return badInput(rows->empty() ? std::string(name) : place((*rows)[0]), "the header time_s", "something else");
    std::vector<double> out;
    for (std::size_t i = 1; i < rows->size(); ++i) {
        const std::string cell = (*rows)[i].cells.size() == 1 ? (*rows)[i].cells[0] : std::string();
        double value = 0;
        const auto [end, problem] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
        if (problem != std::errc() || end != cell.data() + cell.size() || !std::isfinite(value))
            return badInput(place((*rows)[i]), "one number", cell);
        out.push_back(value);
    }
    return out;
}

Result<std::vector<Lap>> readLaps(std::string_view text, std::string_view name) {
    const auto rows = parseCsv(text, name);
    if (!rows)
        return rows.error();
    const auto place = [&](const CsvRow& row) { return std::string(name) + ":" + std::to_string(row.line); };
    const std::vector<std::string> shortHeader{"distance_m", "time_s", "cycles"};
    std::vector<std::string> longHeader = shortHeader;
    longHeader.insert(longHeader.end(), {"push_off_m", "push_off_s"});
    if (rows->empty() || ((*rows)[0].cells != shortHeader && (*rows)[0].cells != longHeader))
        return badInput(rows->empty() ? std::string(name) : place((*rows)[0]),
                        "the header distance_m,time_s,cycles[,push_off_m,push_off_s]", "something else");
    const std::vector<std::string>& header = (*rows)[0].cells;
    std::vector<Lap> out;
    for (std::size_t i = 1; i < rows->size(); ++i) {
        const CsvRow& row = (*rows)[i];
        if (row.cells.size() != header.size())
            return badInput(place(row), std::to_string(header.size()) + " cells", std::to_string(row.cells.size()));
        Lap lap;
        double* const values[] = {&lap.distanceM, &lap.timeS, &lap.cycles, &lap.pushOffM, &lap.pushOffS};
        for (std::size_t c = 0; c < header.size(); ++c) {
            const std::string& cell = row.cells[c];
            if (c >= shortHeader.size() && cell.empty())
                continue;
            constexpr double kLargest = 1e7;
            const auto [end, problem] = std::from_chars(cell.data(), cell.data() + cell.size(), *values[c]);
            if (problem != std::errc() || end != cell.data() + cell.size() || !(*values[c] >= 0) ||
                *values[c] > kLargest)
                return badInput(place(row), "a number from 0 in " + header[c], cell);
        }
        if (!(lap.cycles > 0))
            return badInput(place(row), "more than 0 in cycles", row.cells[2]);
        if (!(lap.distanceM > lap.pushOffM))
            return badInput(place(row), "a distance_m longer than the push-off", row.cells[0]);
        if (!(lap.timeS > lap.pushOffS))
            return badInput(place(row), "a time_s longer than the push-off", row.cells[1]);
        out.push_back(lap);
    }
    if (out.empty())
        return badInput(std::string(name), "at least one lap", "none");
    return out;
}

LapTable lapTable(const std::vector<Lap>& laps, Counted counted, const LapUncertainty& u) {
    LapTable out;
    out.counted = counted;
    double distance = 0, time = 0, cycles = 0;
    for (const Lap& lap : laps) {
        const double d = lap.distanceM - lap.pushOffM, t = lap.timeS - lap.pushOffS;
        out.laps.push_back(figures(d, t, lap.cycles, u.distanceM, u.timeS, u.cycles));
        distance += d;
        time += t;
        cycles += lap.cycles;
    }
    // Each value of the table has its own error: sums of n have √n times the uncertainty.
    const double root = std::sqrt(static_cast<double>(laps.size()));
    out.whole = figures(distance, time, cycles, u.distanceM * root, u.timeS * root, u.cycles * root);
    return out;
}

} // namespace riflesso
