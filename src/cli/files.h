#pragma once
// Reading whole files for the command line.

#include "core/result.h"

#include <string>

namespace riflesso::cli {

/// Text of a file of at most 512 MiB; the name of the file in the error.
[[nodiscard]] Result<std::string> readFile(const std::string& path);

/// A folder that ships with the program: build/share/… beside build/bin.
[[nodiscard]] std::string besideProgram(const std::string& folder);

/// Writes a whole file, in place of what stood there.
[[nodiscard]] Result<void> writeFile(const std::string& path, const std::string& text);

} // namespace riflesso::cli
