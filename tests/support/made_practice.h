#pragma once
// Blocks of practice with known counts, and simulated learners.

#include "core/practice/learning.h"

#include <random>

namespace riflesso::test {

/// On day `day` after 2 November 2026, calm, of fault f: "110…" is good, good, not good.
inline LoggedBlock madeBlock(int day, const char* drill, const std::string& good) {
    LoggedBlock block;
    block.date = *dayFrom("2026-11-02") + std::chrono::days(day);
    block.number = 1;
    block.fault = "f", block.drill = drill;
    for (const char each : good)
        block.repetitions.push_back({each == '1', {}, {}, Told::None});
    return block;
}

/// Numbers of good of 12 block after block, for shares `of` whose logit varies by 0.3 from block to block.
inline std::vector<ChartPoint> learner(const std::vector<double>& of, std::mt19937& random) {
    constexpr double kVaries = 0.3;
    std::vector<ChartPoint> out;
    std::normal_distribution<double> varies(0, kVaries);
    for (std::size_t i = 0; i < of.size(); ++i) {
        const double logit = std::log(of[i] / (1 - of[i])) + varies(random);
        std::binomial_distribution<int> good(kBlockLength, 1 / (1 + std::exp(-logit)));
        out.push_back({*dayFrom("2026-11-02") + std::chrono::days(2 * static_cast<int>(i)), good(random)});
    }
    return out;
}
/// From one share to another, straight in the logit.
inline std::vector<double> rising(double from, double to, int blocks) {
    const auto logit = [](double p) { return std::log(p / (1 - p)); };
    std::vector<double> out;
    for (int i = 0; i < blocks; ++i)
        out.push_back(1 / (1 + std::exp(-(logit(from) + (logit(to) - logit(from)) * i / (blocks - 1)))));
    return out;
}

} // namespace riflesso::test
