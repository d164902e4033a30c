#pragma once
// The path of one point in all drawn copies of a phase at once: what NoisyCopies and walkOf or wanderOf give copy by
// copy, several times quicker.

#include "core/measure/span.h"

namespace riflesso {

/// walkOf in every copy, pixels. Copies whose phase has no length are left out.
struct DrawnWalks {
    std::vector<int> draws;
    std::vector<double> length, net; ///< of each of them
};
/// Of the plan's first point. step: as in walkOf, pixels.
[[nodiscard]] DrawnWalks drawnWalks(const Span& span, double step);

/// wanderOf of the plan's first point in every copy, pixels; none where the 95th percentile would need too many kept
/// (a phase of over 200 samples): copy by copy is then no slower. Copies with fewer than three samples are left out.
struct DrawnWanders {
    std::vector<int> draws;
    std::vector<double> wander;
};
[[nodiscard]] std::optional<DrawnWanders> drawnWanders(const Span& span);

/// Pixels of the length unit in a draw.
[[nodiscard]] double drawnUnit(const Span& span, int draw);

} // namespace riflesso
