#pragma once

#include <numbers>

namespace riflesso {

constexpr double kDegrees = 180.0 / std::numbers::pi; ///< in one radian

} // namespace riflesso
