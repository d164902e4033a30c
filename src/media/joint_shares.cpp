#include "media/joint_shares.h"

#include <array>
#include <utility>

namespace riflesso {
namespace {

/// The larger of median / 1.18 and 95th percentile / 2.45 of the radial error over the demo's clips, near and far side
/// together, rounded up.
constexpr std::array<std::pair<std::string_view, double>, 10> kShare = {{{"hip", 0.018},
                                                                         {"shoulder", 0.010},
                                                                         {"elbow", 0.008},
                                                                         {"wrist", 0.010},
                                                                         {"knee", 0.008},
                                                                         {"ankle", 0.009},
                                                                         {"heel", 0.018},
                                                                         {"toe", 0.026},
                                                                         {"eye", 0.011},
                                                                         {"ear", 0.010}}};
constexpr double kOtherShare = 0.010;

} // namespace

double shareOf(std::string_view landmark) {
    for (const auto& [part, share] : kShare)
        if (landmark.ends_with(part))
            return share;
    return kOtherShare;
}

} // namespace riflesso
