#include "core/practice/practice_log.h"

#include <algorithm>
#include <array>

namespace riflesso {
namespace {

template <class Enum, std::size_t N>
std::optional<Enum> fromWord(const std::array<std::string_view, N>& words, std::string_view word) {
    for (std::size_t i = 0; i < N; ++i)
        if (words[i] == word)
            return static_cast<Enum>(i);
    return {};
}

constexpr std::array<std::string_view, 4> kKinds = {"practice", "home", "retention", "transfer"};
constexpr std::array<std::string_view, 5> kTold = {"none", "cue", "shown", "measured", "asked"};

} // namespace

std::string_view toString(PracticeKind kind) { return kKinds[static_cast<std::size_t>(kind)]; }
std::optional<PracticeKind> practiceKindFrom(std::string_view word) { return fromWord<PracticeKind>(kKinds, word); }
std::string_view toString(Told told) { return kTold[static_cast<std::size_t>(told)]; }
std::optional<Told> toldFrom(std::string_view word) { return fromWord<Told>(kTold, word); }

std::string toString(const PracticeCondition& condition) {
    std::string out(toString(condition.stress));
    for (const auto& [axis, value] : condition.axes)
        out += ";" + axis + "=" + value;
    return out;
}

std::optional<PracticeCondition> practiceConditionFrom(std::string_view text) {
    PracticeCondition out;
    std::size_t from = 0;
    for (bool first = true; from <= text.size(); first = false) {
        const std::size_t to = std::min(text.find(';', from), text.size());
        const std::string_view part = text.substr(from, to - from);
        from = to + 1;
        if (first) {
            const auto stress = stressFrom(part);
            if (!stress)
                return {};
            out.stress = *stress;
            continue;
        }
        const std::size_t equal = part.find('=');
        if (equal == std::string_view::npos || equal == 0 || equal + 1 == part.size())
            return {};
        out.axes[std::string(part.substr(0, equal))] = std::string(part.substr(equal + 1));
    }
    return out;
}

int LoggedBlock::good() const {
    return static_cast<int>(
        std::count_if(repetitions.begin(), repetitions.end(), [](const LoggedRepetition& r) { return r.good; }));
}

int LoggedBlock::told() const {
    return static_cast<int>(std::count_if(repetitions.begin(), repetitions.end(),
                                          [](const LoggedRepetition& r) { return r.told != Told::None; }));
}

std::vector<LoggedBlock> wholeBlocks(const LoggedBlock& block, int length) {
    std::vector<LoggedBlock> out;
    for (int from = 0; from + length <= block.all(); from += length) {
        LoggedBlock part = block;
        part.repetitions.assign(block.repetitions.begin() + from, block.repetitions.begin() + from + length);
        out.push_back(std::move(part));
    }
    return out;
}

} // namespace riflesso
