// The same work without a window: one JSON object on standard output, messages on standard error.

#include "cli/commands.h"
#include "core/judge/assessment.h"
#include "core/tables/json_walk.h"

#include <cstdio>
#include <exception>
#include <functional>
#include <map>

namespace {

using riflesso::Error;
using riflesso::Json;
using riflesso::Result;
using Command = std::function<Result<Json>(const riflesso::cli::Words&)>;

const std::map<std::string, Command>& commands() {
    using namespace riflesso::cli;
    static const std::map<std::string, Command> kCommands = {{"probe", probe},
                                                             {"frame", frame},
                                                             {"track", track},
                                                             {"propose", propose},
                                                             {"measure", measure},
                                                             {"assess", assessCommand},
                                                             {"model", modelCommand},
                                                             {"laps", lapsCommand},
                                                             {"taps", tapsCommand},
                                                             {"rung", rung},
                                                             {"pack", packCheck},
                                                             {"demo", demo},
                                                             {"verify", verify},
                                                             {"export", exportCommand},
                                                             {"import", importCommand},
                                                             {"report", report},
                                                             {"simulate", simulate},
                                                             {"tables", tables},
                                                             {"retest", retestCommand},
                                                             {"events", eventsCommand},
                                                             {"smooth", smoothCommand},
                                                             {"reliability", reliabilityCommand},
                                                             {"plan-capture", planCaptureCommand}};
    return kCommands;
}

/// Exit code of a command: 0 done, 2 bad input, 1 a fault of ours.
int finish(const Result<Json>& result) {
    if (result) {
        std::puts(result->dump(2, ' ', false, Json::error_handler_t::replace).c_str());
        // `pack check` answers in full and still says by its exit code that the pack is not sound.
        return result->contains("ok") && (*result)["ok"] == false ? 2 : 0;
    }
    const Error& error = result.error();
    std::puts(riflesso::errorJson(error).dump(2, ' ', false, Json::error_handler_t::replace).c_str());
    std::fprintf(stderr, "riflesso-cli: %s\n", error.sentence().c_str());
    return error.kind == Error::Kind::BadInput ? 2 : 1;
}

} // namespace

int main(int argc, char** argv) {
    const std::vector<std::string> words(argv + 1, argv + argc);
    const auto command = words.empty() ? commands().end() : commands().find(words[0]);
    try {
        if (command == commands().end()) {
            std::string list;
            for (const auto& [name, run] : commands())
                list += (list.empty() ? "" : " ") + name;
            return finish(riflesso::badInput("command line", "one of " + list, words.empty() ? "nothing" : words[0]));
        }
        return finish(command->second({words.begin() + 1, words.end()}));
    } catch (const std::exception& problem) {
        return finish(riflesso::fault(words[0], problem.what()));
    }
}
