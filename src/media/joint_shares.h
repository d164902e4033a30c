#pragma once
// How exact the pose network is, landmark by landmark, in shares of the body's height.

#include "core/points/landmark.h"

#include <cmath>
#include <cstdint>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

inline constexpr double kPlaced = 0.2;  ///< score under which nothing is placed
inline constexpr double kHardly = 0.45; ///< mean score of a body under which it is hardly made out (own choice)
inline constexpr double kSure = 0.35;   ///< score from which a point is not doubtful

/// How a body shows a joint, as far as that changes how well the network knows it.
enum class SeenAs : std::uint8_t {
    Plainly,
    ArmUp,           ///< of a shoulder or an elbow, its own arm; of hips, both arms
    FromBehind,      ///< of a run: the network is mostly not sure of the nose
    FromBehindArmUp, ///< of a shoulder
    Lying
};

/// Standard uncertainty of each coordinate of a point that is not doubtful, in shares of the body's height: half of
/// what 95 of 100 stay within on the simulated camera. `as`: what holds, the strongest first; the first that is known
/// to make a difference to this landmark counts. score: the network's, 0..1.
[[nodiscard]] double shareOf(std::string_view landmark, std::span<const SeenAs> as, double score);

/// Height of the body in the picture, px, as each side shows it whose shoulder, hip, knee and ankle are there: one, two
/// or none. `at(name)` gives a landmark's place or nullptr. Trunk, thigh and shank make 0.774 of it (the figure's
/// proportions, close to Winter's).
template <typename At> [[nodiscard]] std::vector<double> bodyHeightsIn(const At& at) {
    constexpr double kOfHeight = 0.774;
    std::vector<double> out;
    for (const std::string side : {"left_", "right_"}) {
        double sum = 0;
        const PixelPoint* from = at(side + "shoulder");
        for (const char* part : {"hip", "knee", "ankle"}) {
            const PixelPoint* to = from ? at(side + part) : nullptr;
            if (to)
                sum += std::hypot(to->x - from->x, to->y - from->y);
            from = to;
        }
        if (from)
            out.push_back(sum / kOfHeight);
    }
    return out;
}

} // namespace riflesso
