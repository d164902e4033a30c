#include "core/points/body_mass.h"

#include "core/points/landmark.h"
#include "core/reasons.h"

#include <map>

namespace riflesso {
namespace {

/// A part of the body: its share of the mass, and where along the way from one end to the other it balances.
struct Part {
    double mass = 0, at = 0;
};
constexpr Part kHead{0.081, 0}, kTrunk{0.497, 0.5}, kTrunkAndHead{0.578, 0.66};
constexpr Part kUpperArm{0.028, 0.436}, kForearm{0.016, 0.430}, kHand{0.006, 0.506}, kForearmAndHand{0.022, 0.682};
constexpr Part kThigh{0.100, 0.433}, kShank{0.0465, 0.433}, kFoot{0.0145, 0.5}, kShankAndFoot{0.061, 0.606};

} // namespace

std::variant<std::vector<std::pair<std::string, double>>, Reason>
centreOfMassWeights(const std::set<std::string>& marked) {
    for (const char* side : {"left_", "right_"})
        for (const char* part : {"shoulder", "elbow", "wrist", "hip", "knee", "ankle"})
            if (!marked.contains(side + std::string(part)))
                return reasons::kMassNeeds(landmarkNamed(side + std::string(part)));
    std::map<std::string, double> weights;
    const auto add = [&](const Part& part, const std::string& from, const std::string& to) {
        weights[from] += part.mass * (1 - part.at);
        weights[to] += part.mass * part.at;
    };
    std::vector<std::string> ears;
    for (const char* ear : {"left_ear", "right_ear"})
        if (marked.contains(ear))
            ears.emplace_back(ear);
    const Part trunk = ears.empty() ? kTrunkAndHead : kTrunk;
    for (const std::string side : {"left_", "right_"}) {
        add({trunk.mass / 2, trunk.at}, side + "hip", side + "shoulder");
        add(kUpperArm, side + "shoulder", side + "elbow");
        const bool hand = marked.contains(side + "hand"), toe = marked.contains(side + "toe");
        add(hand ? kForearm : kForearmAndHand, side + "elbow", side + "wrist");
        if (hand)
            add(kHand, side + "wrist", side + "hand");
        add(kThigh, side + "hip", side + "knee");
        add(toe ? kShank : kShankAndFoot, side + "knee", side + "ankle");
        if (toe)
            add(kFoot, side + "ankle", side + "toe");
    }
    for (const std::string& ear : ears)
        weights[ear] += kHead.mass / static_cast<double>(ears.size());
    return std::vector<std::pair<std::string, double>>(weights.begin(), weights.end());
}

} // namespace riflesso
