#pragma once
// Rate, length and speed without a single mark: from tapped counts and from a table of laps.

#include "core/result.h"

#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// What is counted as one: the number means nothing without it.
enum class Counted {
    Cycles, ///< both sides make one
    Sides   ///< every arm, leg or stroke makes one; two of them a cycle
};
[[nodiscard]] std::string_view toString(Counted counted);

struct Uncertain {
    double value = 0, u = 0; ///< standard uncertainty
};

struct TappedRate {
    Counted counted = Counted::Cycles;
    int taps = 0;
    Uncertain perMinute;      ///< of what was counted
    Uncertain otherPerMinute; ///< by the other convention
    double unevenness = 0;    ///< SD of the intervals, share of their mean
};
/// Standard uncertainty of one tap of a person following a rhythm by eye, s (own choice).
constexpr double kTapU = 0.05;
/// Rate = 60 (n - 1) / (t_n - t_1). Times: real seconds, increasing; at least 3.
[[nodiscard]] Result<TappedRate> tappedRate(const std::vector<double>& timesS, Counted counted, double tapUS = kTapU);

/// One column, header `time_s`. Errors name the line.
[[nodiscard]] Result<std::vector<double>> readTimes(std::string_view text, std::string_view name);

/// One row of the table.
struct Lap {
    double distanceM = 0;
    double timeS = 0;
    double cycles = 0;   ///< counted, in the table's convention; may end in a half
    double pushOffM = 0; ///< first metres that are no strokes; left out of length and speed
    double pushOffS = 0; ///< and their time
};
struct LapUncertainty {
    double distanceM = 0.05, timeS = 0.1, cycles = 0.25; ///< standard, of each value in the table (own choice)
};
struct LapFigures {
    Uncertain ratePerMinute, lengthM, speedMps; ///< speed = rate × length within its ±
};
struct LapTable {
    Counted counted = Counted::Cycles;
    std::vector<LapFigures> laps;
    LapFigures whole;
};
/// `distance_m,time_s,cycles[,push_off_m,push_off_s]` by RFC 4180. Errors name the line.
[[nodiscard]] Result<std::vector<Lap>> readLaps(std::string_view text, std::string_view name);
/// Precondition: every lap has a distance, time and count above 0 after the push-off is taken out (readLaps checks it).
[[nodiscard]] LapTable lapTable(const std::vector<Lap>& laps, Counted counted, const LapUncertainty& u = {});

} // namespace riflesso
