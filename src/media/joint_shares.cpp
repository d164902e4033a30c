#include "media/joint_shares.h"

#include <algorithm>
#include <array>

namespace riflesso {
namespace {

/// Half of what 95 of 100 coordinates stay within, % of the body's height, rounded up a little; of scores under 0.6,
/// under 0.8 and from there. Over the clips of the demo's movements and their retests, near and far side together.
struct Row {
    std::string_view part;
    SeenAs as = SeenAs::Plainly;
    std::array<double, 3> percent = {};
};
constexpr std::array<double, 2> kBands = {0.6, 0.8};
constexpr std::array kRows = {
    Row{"hip", SeenAs::Plainly, {1.1, 1.1, 1.1}},         Row{"shoulder", SeenAs::Plainly, {3.3, 0.8, 0.7}},
    Row{"elbow", SeenAs::Plainly, {1.2, 0.8, 0.5}},       Row{"wrist", SeenAs::Plainly, {2.5, 0.8, 0.7}},
    Row{"knee", SeenAs::Plainly, {3.0, 0.8, 0.7}},        Row{"ankle", SeenAs::Plainly, {0.9, 0.9, 0.5}},
    Row{"heel", SeenAs::Plainly, {1.8, 1.6, 1.4}},        Row{"toe", SeenAs::Plainly, {1.8, 1.8, 1.8}},
    Row{"nose", SeenAs::Plainly, {0.45, 0.45, 0.45}},     Row{"eye", SeenAs::Plainly, {0.65, 0.65, 0.65}},
    Row{"ear", SeenAs::Plainly, {0.6, 0.6, 0.6}},         Row{"hip", SeenAs::ArmUp, {1.7, 1.7, 1.7}},
    Row{"shoulder", SeenAs::ArmUp, {3.3, 1.8, 1.3}},      Row{"elbow", SeenAs::ArmUp, {1.3, 1.3, 1.1}},
    Row{"shoulder", SeenAs::FromBehind, {3.3, 3.0, 0.7}}, Row{"wrist", SeenAs::FromBehind, {2.5, 2.5, 2.5}},
    Row{"knee", SeenAs::FromBehind, {3.0, 1.0, 0.9}},     Row{"ankle", SeenAs::FromBehind, {1.2, 1.2, 0.5}},
    Row{"toe", SeenAs::FromBehind, {11, 4.5, 2.7}},       Row{"shoulder", SeenAs::FromBehindArmUp, {3.3, 3.0, 2.4}},
    Row{"hip", SeenAs::Lying, {1.8, 1.8, 1.8}},           Row{"shoulder", SeenAs::Lying, {3.6, 3.6, 3.6}},
    Row{"elbow", SeenAs::Lying, {2.0, 2.0, 2.0}},         Row{"wrist", SeenAs::Lying, {2.0, 2.0, 2.0}},
    Row{"knee", SeenAs::Lying, {3.3, 3.3, 3.3}},          Row{"ankle", SeenAs::Lying, {2.5, 2.5, 2.5}},
    Row{"heel", SeenAs::Lying, {3.1, 3.1, 3.1}},          Row{"toe", SeenAs::Lying, {2.3, 2.3, 2.3}},
};
constexpr double kOtherPercent = 1.0;

} // namespace

double shareOf(std::string_view landmark, std::span<const SeenAs> as, double score) {
    const auto band = static_cast<std::size_t>(std::upper_bound(kBands.begin(), kBands.end(), score) - kBands.begin());
    for (const SeenAs way : as)
        for (const Row& row : kRows)
            if (row.as == way && landmark.ends_with(row.part))
                return row.percent[band] / 100;
    return kOtherPercent / 100;
}

} // namespace riflesso
