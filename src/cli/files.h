#pragma once
// Reading whole files for the command line.

#include "core/result.h"

#include <string>

namespace riflesso::cli {

/// Text of a file of at most 512 MiB; the name of the file in the error.
[[nodiscard]] Result<std::string> readFile(const std::string& path);

} // namespace riflesso::cli
