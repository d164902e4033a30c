#pragma once
// Centre of mass of the body as a weighted sum of landmarks.

#include "core/sentence.h"

#include <set>
#include <string>
#include <utility>
#include <variant>
#include <vector>

namespace riflesso {

/// Landmark and its weight; the weights sum to 1. Fractions of mass and of the way along each part: Dempster/Winter
/// (from memory). Without hands the forearms carry them, without toes the shanks the feet, without ears the trunk the
/// head; anything else missing is a reason. A far limb is never assumed to mirror the near one. Of the two ears one is
/// enough (own choice: the other is behind the head in a side view).
[[nodiscard]] std::variant<std::vector<std::pair<std::string, double>>, Reason>
centreOfMassWeights(const std::set<std::string>& marked);

} // namespace riflesso
