#pragma once
// Points of implements, and the hands that hold them.

#include "core/points/trial.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// A point of an implement that a hand holds: "tip" and "left_wrist".
struct HeldPoint {
    std::string tip, wrist;
};
/// All of a pack whose hand is known. The wrist stands for the hand, which is seldom marked.
[[nodiscard]] std::vector<HeldPoint> heldPoints(const Pack& pack, const std::map<std::string, Side>& sides);
/// What this landmark holds, or holds it; none where it has to do with no implement.
[[nodiscard]] std::optional<HeldPoint> heldBy(const Pack& pack, const std::map<std::string, Side>& sides,
                                              const std::string& landmark);

} // namespace riflesso
