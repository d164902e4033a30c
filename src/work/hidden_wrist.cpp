#include "work/hidden_wrist.h"

#include "core/uncertainty/stats.h"

#include <cmath>
#include <numbers>

namespace riflesso {

std::optional<Mark> wristAlong(const Repetition& repetition, const HeldPoint& held, PixelPoint tip, PixelPoint along,
                               double sigmaPx) {
    const auto tips = repetition.marks.find(held.tip), wrists = repetition.marks.find(held.wrist);
    if (tips == repetition.marks.end() || wrists == repetition.marks.end())
        return {};
    std::vector<double> lengths;
    for (const auto& [frame, mark] : tips->second)
        if (const auto other = wrists->second.find(frame); other != wrists->second.end())
            lengths.push_back(std::hypot(mark.at.x - other->second.at.x, mark.at.y - other->second.at.y));
    constexpr std::size_t kFewest = 3;
    const double dx = along.x - tip.x, dy = along.y - tip.y, apart = std::hypot(dx, dy);
    constexpr double kNearest = 8;
    if (lengths.size() < kFewest || apart < kNearest)
        return {};
    const double length = median(lengths);
    double squares = 0;
    for (const double l : lengths)
        squares += (l - length) * (l - length) / static_cast<double>(lengths.size() - 1);
    // Along the line the length's scatter; across it the two clicks, the farther from them the more.
    const double acrossU = sigmaPx * std::hypot(1 - length / apart, length / apart),
                 alongU = std::hypot(std::sqrt(squares), sigmaPx);
    return Mark{{tip.x + dx / apart * length, tip.y + dy / apart * length},
                std::hypot(acrossU, alongU) / std::numbers::sqrt2,
                "implement"};
}

} // namespace riflesso
