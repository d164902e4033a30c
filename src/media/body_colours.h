#pragma once
// What somebody wears, as far as a picture shows it: to tell the athlete from who walks past.

#include "media/pose_network.h"

#include <array>
#include <optional>
#include <vector>

namespace riflesso {

/// Colours of a body's parts in CIELAB (L* 0..100), each the median of what lies on it.
struct BodyColours {
    using Lab = std::array<float, 3>;
    enum Part { UpperTrunk, LowerTrunk, Thighs, kParts };
    std::array<std::optional<Lab>, kParts> parts; ///< none: not in the picture, or its joints are not seen
};

/// joints: of the pose network, in its order.
[[nodiscard]] BodyColours coloursOf(const Picture& picture, const std::vector<ProposedPoint>& joints);

/// How far apart the colours of two bodies are: of the two parts that differ most, the mean distance in CIELAB; of one
/// part alone, its own; none where they have no part in common.
[[nodiscard]] std::optional<double> unlike(const BodyColours& a, const BodyColours& b);

/// `known` as it is after another look at the same body: `seen` taken in by a small share, so that slow changes of
/// light are followed.
void takeIn(BodyColours& known, const BodyColours& seen);

/// The picture with one body painted over in a flat grey, so that a network does not see it.
[[nodiscard]] Picture withoutBody(const Picture& picture, const std::vector<ProposedPoint>& joints);

} // namespace riflesso
