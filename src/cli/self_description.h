#pragma once
// What the command line says of itself, all of it out of one table: --help, the manual page, completion for bash.

#include "cli/commands.h"

#include <functional>

namespace riflesso::cli {

struct Command {
    const char* name;
    std::function<Result<Json>(const Words&)> run;
    const char *words, *what; ///< what stands after the name; what it does
};

/// riflesso-cli(1) as groff reads it.
[[nodiscard]] std::string manualPage(const std::vector<Command>& commands);
/// A completion of commands and their switches; anything else is a file.
[[nodiscard]] std::string completion(const std::vector<Command>& commands);

} // namespace riflesso::cli
