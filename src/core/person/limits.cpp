#include "core/person/limits.h"

#include "core/listed.h"
#include "core/person/body_words.h"

#include <algorithm>
#include <array>
#include <cctype>

namespace riflesso {
namespace {

constexpr std::array<std::string_view, kBodyParts> kPartNames = {
    "head",   "eye",   "neck",       "shoulder",   "elbow",     "forearm", "wrist", "hand",
    "finger", "chest", "upper_back", "lower_back", "hip",       "groin",   "thigh", "hamstring",
    "knee",   "shin",  "calf",       "achilles",   "ankle",     "foot",    "toe",   "heart_and_breath",
    "arm",    "leg",   "back",       "trunk",      "whole_body"};
constexpr std::array<std::string_view, 4> kSideNames = {"", "left", "right", "both"};
constexpr std::array<std::string_view, kLimitKinds> kKindNames = {"pain",     "healing", "stiff",
                                                                  "operated", "illness", "other"};

template <class Enum, class Names> std::optional<Enum> named(const Names& names, std::string_view word) {
    const auto found = std::find(names.begin(), names.end(), word);
    return found == names.end() ? std::nullopt : std::optional(static_cast<Enum>(found - names.begin()));
}

bool between(BodyPart part, BodyPart first, BodyPart last) { return part >= first && part <= last; }

/// Stand beside a denial without changing it: "no longer any pain in my left knee since May".
constexpr std::array<std::string_view, 6> kTroubles = {"trouble",   "problem",    "problems",
                                                       "complaint", "complaints", "issues"};
constexpr std::array<std::string_view, 58> kHarmless = {
    "more",  "longer",  "any",     "anymore",  "now",   "in",     "the",       "my",         "her",     "his",
    "their", "of",      "at",      "with",     "to",    "a",      "an",        "left",       "right",   "both",
    "since", "all",     "today",   "this",     "week",  "weeks",  "month",     "months",     "year",    "years",
    "and",   "or",      "has",     "have",     "is",    "there",  "i",         "she",        "he",      "they",
    "known", "trouble", "problem", "problems", "issue", "issues", "complaint", "complaints", "january", "february",
    "march", "april",   "may",     "june",     "july",  "august", "september", "october"};
constexpr std::array<std::string_view, 6> kDenials = {"no", "without", "never", "none", "nothing", "free"};

using Tokens = std::vector<std::string>;

/// Clauses of a text as words in small letters.
std::vector<Tokens> clausesOf(std::string_view text) {
    std::vector<Tokens> out(1);
    std::string word;
    const auto endWord = [&] {
        if (word == "but" || word == "however")
            out.emplace_back();
        else if (!word.empty())
            out.back().push_back(word);
        word.clear();
    };
    for (const char c : text) {
        const auto letter = static_cast<unsigned char>(c);
        if (std::isalnum(letter) || c == '\'' || letter >= 0x80)
            word += static_cast<char>(std::tolower(letter));
        else
            endWord();
        if (c == ',' || c == ';' || c == '.' || c == '!' || c == '?' || c == '(' || c == ')' || c == ':')
            out.emplace_back();
    }
    endWord();
    std::erase_if(out, [](const Tokens& clause) { return clause.empty(); });
    return out;
}

/// The word without the s of a plural.
std::string_view singular(std::string_view word) {
    return word.size() > 3 && word.ends_with('s') ? word.substr(0, word.size() - 1) : word;
}
bool isSame(std::string_view known, std::string_view word) { return known == word || known == singular(word); }

/// How many words from `at` on are the entry's; 0: they are not.
std::size_t lengthOf(std::string_view entry, const Tokens& clause, std::size_t at) {
    std::size_t count = 0;
    while (!entry.empty()) {
        const std::size_t space = entry.find(' ');
        const std::string_view word = entry.substr(0, space);
        if (at + count >= clause.size() || !isSame(word, clause[at + count]))
            return 0;
        ++count;
        entry = space == std::string_view::npos ? std::string_view() : entry.substr(space + 1);
    }
    return count;
}

struct FoundParts {
    std::vector<BodyPart> parts;
    std::vector<bool> taken; ///< of each word: it names one
};
FoundParts partsIn(const Tokens& clause) {
    FoundParts out;
    out.taken.assign(clause.size(), false);
    for (std::size_t at = 0; at < clause.size();) {
        std::size_t longest = 0;
        for (const PartWord& entry : partWords())
            longest = std::max(longest, lengthOf(entry.words, clause, at));
        for (const PartWord& entry : partWords())
            if (longest > 0 && lengthOf(entry.words, clause, at) == longest && !holds(out.parts, entry.part))
                out.parts.push_back(entry.part);
        std::fill_n(out.taken.begin() + static_cast<std::ptrdiff_t>(at), longest, true);
        at += std::max<std::size_t>(longest, 1);
    }
    return out;
}

std::optional<LimitKind> kindOf(std::string_view word) {
    for (const KindWord& entry : kindWords())
        if (isSame(entry.word, word))
            return entry.kind;
    return {};
}
/// Operated before healing before the rest: the graver word names the limit.
std::optional<LimitKind> kindIn(const Tokens& clause) {
    constexpr std::array kGravest = {LimitKind::Operated, LimitKind::Illness, LimitKind::Healing, LimitKind::Pain,
                                     LimitKind::Stiff};
    std::optional<LimitKind> out;
    for (const std::string& word : clause)
        if (const auto kind = kindOf(word))
            if (!out ||
                std::find(kGravest.begin(), kGravest.end(), *kind) < std::find(kGravest.begin(), kGravest.end(), *out))
                out = kind;
    return out;
}

/// Only a denial, with nothing beside it that could be a condition.
bool isDenied(const Tokens& clause, const FoundParts& found) {
    bool denied = false, named = found.parts.empty();
    for (std::size_t i = 0; i < clause.size(); ++i) {
        const std::string& word = clause[i];
        named = named || kindOf(word) || holds(kTroubles, word);
        const bool number = std::all_of(word.begin(), word.end(), [](char c) { return c >= '0' && c <= '9'; });
        if (holds(kDenials, word))
            denied = true;
        else if (!found.taken[i] && !kindOf(word) && !holds(kHarmless, word) && !number)
            return false;
    }
    return denied && named; // "no hip" denies no trouble
}

LimitSide sideIn(const Tokens& clause) {
    const bool left = holds(clause, "left"), right = holds(clause, "right");
    if (holds(clause, "both") || (left && right))
        return LimitSide::Both;
    return left ? LimitSide::Left : right ? LimitSide::Right : LimitSide::Unsaid;
}

bool meet(BodyPart a, BodyPart b) { return contains(a, b) || contains(b, a); }

} // namespace

std::string_view toString(BodyPart part) { return kPartNames[static_cast<std::size_t>(part)]; }
std::string_view toString(LimitSide side) { return kSideNames[static_cast<std::size_t>(side)]; }
std::string_view toString(LimitKind kind) { return kKindNames[static_cast<std::size_t>(kind)]; }
std::optional<BodyPart> bodyPartFrom(std::string_view word) { return named<BodyPart>(kPartNames, word); }
std::optional<LimitSide> limitSideFrom(std::string_view word) { return named<LimitSide>(kSideNames, word); }
std::optional<LimitKind> limitKindFrom(std::string_view word) { return named<LimitKind>(kKindNames, word); }

bool contains(BodyPart region, BodyPart part) {
    if (region == part || region == BodyPart::WholeBody)
        return true;
    switch (region) {
    case BodyPart::Arm:
        return between(part, BodyPart::Shoulder, BodyPart::Finger);
    case BodyPart::Leg:
        return between(part, BodyPart::Hip, BodyPart::Toe);
    case BodyPart::Back:
        return part == BodyPart::UpperBack || part == BodyPart::LowerBack;
    case BodyPart::Trunk:
        return part == BodyPart::Chest || part == BodyPart::Back || part == BodyPart::UpperBack ||
               part == BodyPart::LowerBack || part == BodyPart::Groin;
    default:
        return false;
    }
}

namespace {

std::string partInWords(BodyPart part) {
    std::string out(toString(part));
    std::replace(out.begin(), out.end(), '_', ' ');
    return out;
}

} // namespace

std::string inWords(const LimitRule& rule) {
    std::string out = partInWords(rule.part);
    for (const LimitKind kind : rule.kinds)
        out += (kind == rule.kinds.front() ? ": " : ", ") + std::string(toString(kind));
    return out;
}

std::string inWords(const Limit& limit) {
    std::string out = partInWords(limit.part);
    if (limit.side != LimitSide::Unsaid)
        out += ", " + std::string(toString(limit.side));
    if (limit.kind != LimitKind::Other)
        out += ", " + std::string(toString(limit.kind));
    return out;
}

Limits limitsFromWords(std::string_view words) {
    Limits out;
    const std::vector<Tokens> clauses = clausesOf(words);
    Tokens all;
    for (const Tokens& clause : clauses)
        all.insert(all.end(), clause.begin(), clause.end());
    bool denied = false;
    for (const Tokens& clause : clauses) {
        const FoundParts found = partsIn(clause);
        if (isDenied(clause, found)) {
            denied = true;
            continue;
        }
        const auto own = kindIn(clause);
        for (const BodyPart part : found.parts) {
            Limit limit{part, sideIn(clause), own.value_or(kindIn(all).value_or(LimitKind::Other)), std::string(words)};
            if (limit.kind == LimitKind::Illness)
                limit.part = part == BodyPart::HeartAndBreath ? part : BodyPart::WholeBody;
            if (!holds(out.known, limit))
                out.known.push_back(std::move(limit));
        }
    }
    if (out.known.empty() && !denied && !clauses.empty())
        out.unclear.emplace_back(words);
    return out;
}

Limits limitsFromLines(const std::vector<std::string>& lines) {
    Limits out;
    for (const std::string& line : lines) {
        Limits of = limitsFromWords(line);
        std::move(of.known.begin(), of.known.end(), std::back_inserter(out.known));
        std::move(of.unclear.begin(), of.unclear.end(), std::back_inserter(out.unclear));
    }
    return out;
}

std::vector<LimitRule> rulesFromWords(std::string_view words, bool withKind) {
    std::vector<LimitRule> out;
    for (const Limit& limit : limitsFromWords(words).known)
        out.push_back({limit.part,
                       withKind && limit.kind != LimitKind::Other ? std::vector{limit.kind} : std::vector<LimitKind>(),
                       std::string(words)});
    if (out.empty())
        out.push_back({BodyPart::WholeBody, {}, std::string(words)});
    return out;
}

bool concerns(const LimitRule& rule, const Limit& limit) {
    return meet(rule.part, limit.part) && (rule.kinds.empty() || holds(rule.kinds, limit.kind));
}

const Limit* anyConcerns(const std::vector<LimitRule>& rules, const std::vector<Limit>& limits) {
    for (const Limit& limit : limits)
        if (std::any_of(rules.begin(), rules.end(), [&](const LimitRule& rule) { return concerns(rule, limit); }))
            return &limit;
    return nullptr;
}

} // namespace riflesso
