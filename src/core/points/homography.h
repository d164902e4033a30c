#pragma once
// Which map of planes takes known points to where they lie.

#include <Eigen/Core>

#include <optional>
#include <vector>

namespace riflesso {

/// Homography by the direct linear transform, then refined to the least squared residual in the target plane; last
/// entry 1. Two lists of the same size, four points or more; none where three of them lie in a line or two in one
/// place.
[[nodiscard]] std::optional<Eigen::Matrix3d> homographyOf(const std::vector<Eigen::Vector2d>& from,
                                                          const std::vector<Eigen::Vector2d>& to);

} // namespace riflesso
