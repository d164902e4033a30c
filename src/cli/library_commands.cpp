#include "cli/commands.h"

namespace riflesso::cli {
Result<Json> demo(const Words&) { return badInput("", "", ""); }
Result<Json> verify(const Words&) { return badInput("", "", ""); }
Result<Json> report(const Words&) { return badInput("", "", ""); }
} // namespace riflesso::cli
