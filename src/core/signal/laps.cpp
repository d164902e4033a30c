#include "core/signal/laps.h"

#include "core/tables/csv.h"
#include "core/uncertainty/stats.h"

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
    const auto table = readNumbers(text, name, {"time_s"});
    if (!table)
        return table.error();
    std::vector<double> out;
    for (const NumberTable::Row& row : table->rows)
        out.push_back(*row.values[0]);
    return out;
}

Result<std::vector<Lap>> readLaps(std::string_view text, std::string_view name) {
    const auto table = readNumbers(text, name, {"distance_m", "time_s", "cycles"}, {"push_off_m", "push_off_s"});
    if (!table)
        return table.error();
    std::vector<Lap> out;
    for (const auto& [place, values] : table->rows) {
        const Lap lap{*values[0], *values[1], *values[2], values[3].value_or(0), values[4].value_or(0)};
        if (lap.pushOffM < 0 || lap.pushOffS < 0)
            return badInput(place, "numbers from 0 in push_off_m and push_off_s", "one below");
        if (!(lap.cycles > 0))
            return badInput(place, "more than 0 in cycles", std::to_string(lap.cycles));
        if (!(lap.distanceM > lap.pushOffM))
            return badInput(place, "a distance_m longer than the push-off", std::to_string(lap.distanceM));
        if (!(lap.timeS > lap.pushOffS))
            return badInput(place, "a time_s longer than the push-off", std::to_string(lap.timeS));
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
