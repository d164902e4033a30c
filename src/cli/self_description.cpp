#include "cli/self_description.h"

#include <algorithm>
#include <regex>

namespace riflesso::cli {
namespace {

/// Signs that groff would take for its own.
std::string groff(const std::string& text) {
    std::string out;
    for (const char c : text) {
        if (c == '\\')
            out += "\\e";
        else if (c == '-')
            out += "\\-";
        else
            out += c;
    }
    if (!out.empty() && (out[0] == '.' || out[0] == '\''))
        out.insert(0, "\\&");
    return out;
}

std::vector<std::string> switchesOf(const Command& command) {
    static const std::regex kSwitch("--[a-z][a-z-]*");
    const std::string words = command.words;
    std::vector<std::string> out;
    for (std::sregex_iterator found(words.begin(), words.end(), kSwitch), end; found != end; ++found)
        if (const std::string word = found->str(); std::find(out.begin(), out.end(), word) == out.end())
            out.push_back(word);
    return out;
}

} // namespace

std::string manualPage(const std::vector<Command>& commands) {
    std::string out = ".TH RIFLESSO\\-CLI 1 \"\" \"Riflesso " RIFLESSO_VERSION "\" \"User Commands\"\n"
                      ".SH NAME\nriflesso\\-cli \\- technique analysis on video, without a window\n"
                      ".SH SYNOPSIS\n.B riflesso\\-cli\n.I COMMAND\n.RI [ argument ...]\n"
                      ".SH DESCRIPTION\nThe work of\n.BR riflesso (1)\nwithout a window: one JSON object on standard "
                      "output, messages on standard error.\n.SH COMMANDS\n";
    for (const Command& command : commands)
        out += ".TP\n.B " + std::string(command.name) + "\n" + groff(command.words) + "\n.br\n" + groff(command.what) +
               ".\n";
    out += ".SH OPTIONS\n.TP\n.B \\-\\-help\nThe commands, or after a command its switches.\n"
           ".TP\n.B \\-\\-version\nThe version.\n"
           ".TP\n.B \\-\\-man\nThis page.\n.TP\n.B \\-\\-completion\nA completion for bash.\n"
           ".SH EXIT STATUS\n0: done; 2: bad input; 1: a fault of the program.\n"
           ".SH SEE ALSO\n.BR riflesso (1)\n";
    return out;
}

std::string completion(const std::vector<Command>& commands) {
    std::string names, cases;
    for (const Command& command : commands) {
        names += (names.empty() ? "" : " ") + std::string(command.name);
        std::string switches;
        for (const std::string& word : switchesOf(command))
            switches += " " + word;
        cases += "        " + std::string(command.name) + ") words=\"--help" + switches + "\" ;;\n";
    }
    return "# bash completion for riflesso-cli\n_riflesso_cli() {\n    local words now=\"${COMP_WORDS[COMP_CWORD]}\"\n"
           "    case \"${COMP_WORDS[1]}\" in\n" +
           cases + "        *) words=\"--help --version " + names +
           "\" ;;\n    esac\n    if [[ $COMP_CWORD -eq 1 ]]; then words=\"--help --version " + names +
           "\"; fi\n"
           "    if [[ $COMP_CWORD -eq 1 || $now == -* ]]; then\n"
           "        mapfile -t COMPREPLY < <(compgen -W \"$words\" -- \"$now\")\n    fi\n}\n"
           "complete -o default -F _riflesso_cli riflesso-cli\n";
}

} // namespace riflesso::cli
