#pragma once
// Reading test data.

#include "core/tables/json_walk.h"

#include <string>

namespace riflesso::test {

/// Empty where there is no such file.
[[nodiscard]] std::string readText(const std::string& path);
/// Throws where it is not JSON.
[[nodiscard]] Json readJson(const std::string& path);
[[nodiscard]] Json jsonOf(const std::string& text);

} // namespace riflesso::test
