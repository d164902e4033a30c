// The same work without a window: one JSON object on standard output, messages on standard error.

#include "cli/self_description.h"
#include "core/judge/assessment.h"
#include "core/tables/json_walk.h"

#include <QString>

#include <cstdio>
#include <exception>
#include <functional>
#include <string>
#include <vector>

namespace {

using riflesso::Error;
using riflesso::Json;
using riflesso::Result;
using riflesso::cli::Command;

constexpr const char* kSetWords =
    "--pack P --landmarks L --events E [--handedness left|right] [--facing left|right] "
    "[--view V] [--scale M] [--slow-motion N] [--bearing DEG [--bearing-u DEG]] [--camera-height M] "
    "[--camera-distance M] [--athlete A] [--cutoff HZ|auto]";

const std::vector<Command>& commands() {
    using namespace riflesso::cli;
    static const std::vector<Command> kCommands = {
        {"probe", probe, "CLIP", "what a clip is, repeated frames, and where it looks cut"},
        {"frame", frame, "CLIP --index N --out F.png", "exactly frame N, upright"},
        {"track", track,
         "CLIP --from N --to M --points P.csv [--mirrored yes|no] [--pack P --handedness left|right] [--out T.csv]",
         "landmarks carried from the frames where P has them to all frames N to M, tips of the pack's implements along "
         "their line"},
        {"propose", propose,
         "CLIP --from N --to M [--box X,Y,WIDTH,HEIGHT] [--points H.csv] [--mirrored yes|no] [--out T.csv]",
         "landmarks proposed by the pose network, left and right and each place after the marks by hand in H"},
        {"measure", measure, kSetWords, "every measure of every trial, with u, or the reason why not"},
        {"assess", assessCommand, kSetWords,
         "deviations, strengths, findings in order, prescription, filming list; "
         "for the model the same switches with --model- in front, or --model M"},
        {"model", modelCommand, "--pack P --landmarks L --events E --title T --source S --out M.json",
         "measures model trials and writes them as a model file"},
        {"events", eventsCommand, "--pack P --landmarks L [--example E]",
         "key events proposed from marked repetitions"},
        {"rung", rung, "--reps GOOD/ALL [--window N]", "one block of practice: advance, hold or ease"},
        {"retest", retestCommand, "--before B.json --after A.json", "two answers of assess compared"},
        {"smooth", smoothCommand, "S.csv --cutoff HZ|auto", "the low-pass alone"},
        {"reliability", reliabilityCommand, "R.csv", "ICC, typical error, SEM, detectable change, limits of agreement"},
        {"laps", lapsCommand, "L.csv [--count cycles|sides]", "rate, length and speed from a table of laps"},
        {"taps", tapsCommand, "T.csv [--count cycles|sides]", "rate from tapped beats"},
        {"plan-capture", planCaptureCommand,
         "--width PX --height PX --fps N --field-width M [--exposure S] [--speed M/S] [--segment M] …",
         "what a camera set-up can tell, before filming"},
        {"pack", packCommand,
         "check P.json | list | diff A.json B.json | sheet P.json --out S.pdf [--short] | new --from-case LIBRARY "
         "--case ID "
         "--out P.json [--title T] | rules --pack P.json --landmarks L.csv --events E.csv [--event ID]",
         "skill packs: every fault of one with its path; those that ship; what differs between two editions; the skill "
         "explained on paper, on one page with --short; one made of a case and its model; rules by which key events "
         "find "
         "themselves, with their error on repetitions left out"},
        {"demo", demo, "DIR", "makes the demo library"},
        {"verify", verify, "LIBRARY", "whether a library is sound"},
        {"copy", copyCommand, "LIBRARY DIR", "a second copy of a library, made or brought up to date"},
        {"report", report, "LIBRARY --assessment ID --out R.pdf", "prints a frozen assessment"},
        {"tables", tables, "LIBRARY --case ID --out DIR [--session YYYY-MM-DD] [--stress LEVEL]",
         "a case as the files that measure and assess read"},
        {"practice", practiceCommand, "LIBRARY --case ID [--out F.csv] [--take F.csv]",
         "the practice log of a case as a table, out and in"},
        {"progress", progressCommand, "LIBRARY --case ID [--today YYYY-MM-DD]",
         "what practice and sessions say: rungs, charts, tests, what holds, what next"},
        {"watch", watchCommand, "FOLDER --library L --case ID [--measure M] [--section ID] [--once]",
         "measured feedback: each clip that arrives in the folder is marked and measured, one JSON object a line"},
        {"film", filmCommand,
         "LIBRARY --case ID --kind walk|home|then-now|repetition|wall [--walk N] [--repetition ID,… [--measure M]] "
         "[--session "
         "YYYY-MM-DD] "
         "[--stress LEVEL] [--cover athlete,model,others|all] [--unsure cover|stop] [--names yes|no] [--size 1280x720] "
         "--out F.mp4|F.webm",
         "a film to be taken home: a walk-through, findings and plan, then and now, or one repetition"},
        {"export", exportCommand, "LIBRARY --case ID --out C.zip [--media yes|no]", "a case out to an archive"},
        {"import", importCommand, "LIBRARY C.riflesso [--only-show yes|no] [--together ask|newer|here|there]",
         "a case in from an archive; a copy of one that is here, brought together with it"},
        {"work", workCommand, "CASE.zip --do look,find,propose,track,assess --out CASE2.zip [--threads N]",
         "a case in an archive worked on without a library: clips looked through, repetitions found, marks proposed "
         "and tracked, sets assessed; done again it goes on"},
        {"simulate", simulate,
         "NAME --out DIR [--clips DIR] [--only-truth yes] | --pack ID [--take model|FAULT] [--repetitions N] [--seed "
         "S] [--bearing DEG] "
         "--out DIR",
         "renders a demo clip again, or writes the truth of a take of the simulated athlete"},
    };
    return kCommands;
}

const Command* find(const std::string& name) {
    for (const Command& command : commands())
        if (name == command.name)
            return &command;
    return nullptr;
}

/// A message for a terminal: UTF-8 whatever bytes the input held.
void complain(const std::string& text) {
    std::fprintf(stderr, "riflesso-cli: %s\n",
                 QString::fromUtf8(text.data(), qsizetype(text.size())).toUtf8().constData());
}

void help(const Command* one) {
    if (one) {
        std::printf("usage: riflesso-cli %s %s\n%s\n", one->name, one->words, one->what);
        return;
    }
    std::puts(
        "usage: riflesso-cli COMMAND …\nThe work of Riflesso without a window: one JSON object on standard output.\n"
        "Exit 0: done; 2: bad input; 1: a fault of ours.\n");
    for (const Command& command : commands())
        std::printf("  %-13s %s\n", command.name, command.what);
    std::puts("\n  COMMAND --help   its switches        --version      the version\n"
              "                                        --man          the manual page\n"
              "                                        --completion   for bash");
}

/// Exit code of a command: 0 done, 2 bad input, 1 a fault of ours.
int finish(const Result<Json>& result) {
    if (result) {
        if (result->is_null()) // it has said all it has to say
            return 0;
        std::puts(result->dump(2, ' ', false, Json::error_handler_t::replace).c_str());
        // `pack check` answers in full and still says by its exit code that the pack is not sound.
        return result->contains("ok") && (*result)["ok"] == false ? 2 : 0;
    }
    const Error& error = result.error();
    std::puts(riflesso::errorJson(error).dump(2, ' ', false, Json::error_handler_t::replace).c_str());
    complain(error.sentence());
    return error.kind == Error::Kind::BadInput ? 2 : 1;
}

} // namespace

int main(int argc, char** argv) {
    const std::vector<std::string> words(argv + 1, argv + argc);
    const Command* command = words.empty() ? nullptr : find(words[0]);
    if (!words.empty() && words[0] == "--version") {
        std::puts("riflesso-cli " RIFLESSO_VERSION);
        return 0;
    }
    for (const auto& [word, text] :
         {std::pair("--man", &riflesso::cli::manualPage), {"--completion", &riflesso::cli::completion}})
        if (!words.empty() && words[0] == word) {
            std::fputs(text(commands()).c_str(), stdout);
            return 0;
        }
    for (const std::string& word : words)
        if (word == "--help" || word == "-h") {
            help(command);
            return 0;
        }
    try {
        if (!command) {
            std::string list;
            for (const Command& known : commands())
                list += (list.empty() ? "" : " ") + std::string(known.name);
            return finish(riflesso::badInput("command line", "one of " + list, words.empty() ? "nothing" : words[0]));
        }
        return finish(command->run({words.begin() + 1, words.end()}));
    } catch (const std::exception& problem) {
        return finish(riflesso::fault(words[0], problem.what()));
    }
}
