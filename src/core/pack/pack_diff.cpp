#include "core/pack/pack_diff.h"

#include "core/tables/json_walk.h"

#include <algorithm>
#include <set>

namespace riflesso {
namespace {

/// What a list's members are known by.
std::string changedName(const Json& member) {
    if (member.is_object())
        for (const char* key : {"id", "fault", "measure", "title"})
            if (member.contains(key) && member[key].is_string())
                return member[key].get<std::string>();
    return {};
}

bool isChangedList(const Json& list) {
    return list.is_array() && !list.empty() &&
           std::all_of(list.begin(), list.end(), [](const Json& member) { return !changedName(member).empty(); });
}

PackChange::Kind changeKind(const std::string& key) {
    static const std::set<std::string> kWords = {
        "title",    "about",   "hint",     "cue",   "good",   "why",       "wrong",   "feels",   "see",
        "not_this", "explain", "because",  "not",   "praise", "question",  "ask",     "text",    "feeding",
        "easier",   "harder",  "cautions", "words", "group",  "fits_when", "edition", "sources", "safety_text"};
    static const std::set<std::string> kRanges = {"low",     "high",  "tolerance", "lag_tolerance", "weight",
                                                  "effect",  "dose",  "sets",      "repetitions",   "minutes",
                                                  "matters", "below", "source"};
    if (kWords.contains(key))
        return PackChange::Kind::Words;
    return kRanges.contains(key) ? PackChange::Kind::Ranges : PackChange::Kind::Structure;
}

class PackDiffer {
public:
    std::vector<PackChange> out;

    void compare(const Json& before, const Json& after, const std::string& path, const std::string& key,
                 PackChange::Kind kind) {
        if (before == after)
            return;
        if (before.is_object() && after.is_object()) {
            std::set<std::string> keys;
            for (const auto* side : {&before, &after})
                for (const auto& [name, value] : side->items())
                    keys.insert(name);
            for (const std::string& name : keys) {
                const PackChange::Kind own = kind == PackChange::Kind::Structure ? changeKind(name) : kind;
                one(before.contains(name) ? &before[name] : nullptr, after.contains(name) ? &after[name] : nullptr,
                    path.empty() ? name : path + "." + name, name, own);
            }
            return;
        }
        if (isChangedList(before) && isChangedList(after)) {
            lists(before, after, path, key);
            return;
        }
        out.push_back({PackChange::What::Changed, kind, path, before.dump(), after.dump()});
    }

private:
    void one(const Json* before, const Json* after, const std::string& path, const std::string& key,
             PackChange::Kind kind) {
        if (before && after)
            compare(*before, *after, path, key, kind);
        else if (before)
            out.push_back({PackChange::What::Removed, kind, path, before->dump(), {}});
        else
            out.push_back({PackChange::What::Added, kind, path, {}, after->dump()});
    }

    /// Several of one name (ranges of one measure for several levels) are told apart by their number.
    static std::vector<std::pair<std::string, const Json*>> named(const Json& list) {
        std::vector<std::pair<std::string, const Json*>> members;
        std::map<std::string, int> counts;
        for (const Json& member : list) {
            const std::string name = changedName(member);
            const int count = ++counts[name];
            members.emplace_back(count == 1 ? name : name + "#" + std::to_string(count), &member);
        }
        return members;
    }

    void lists(const Json& before, const Json& after, const std::string& path, const std::string& key) {
        const auto old = named(before), now = named(after);
        const auto find = [](const auto& list, const std::string& name) -> const Json* {
            for (const auto& [own, member] : list)
                if (own == name)
                    return member;
            return nullptr;
        };
        std::vector<std::string> common, commonNow;
        for (const auto& [name, member] : old) {
            const Json* other = find(now, name);
            if (other)
                common.push_back(name);
            one(member, other, path + "." + name, key, PackChange::Kind::Structure);
        }
        for (const auto& [name, member] : now) {
            if (find(old, name))
                commonNow.push_back(name);
            else
                one(nullptr, member, path + "." + name, key, PackChange::Kind::Structure);
        }
        if (key == "events" && common != commonNow) {
            Json was = common, is = commonNow;
            out.push_back({PackChange::What::Changed, PackChange::Kind::Structure, path, was.dump(), is.dump()});
        }
    }
};

} // namespace

std::string_view toString(PackChange::What what) {
    return what == PackChange::What::Added ? "added" : what == PackChange::What::Removed ? "removed" : "changed";
}
std::string_view toString(PackChange::Kind kind) {
    return kind == PackChange::Kind::Words ? "words" : kind == PackChange::Kind::Ranges ? "ranges" : "structure";
}

std::vector<PackChange> packDiff(const std::string& before, const std::string& after) {
    const Json a = Json::parse(before, nullptr, false), b = Json::parse(after, nullptr, false);
    PackDiffer differ;
    if (!a.is_object() || !b.is_object()) {
        if (before != after)
            differ.out.push_back({PackChange::What::Changed, PackChange::Kind::Structure, "$", {}, {}});
        return differ.out;
    }
    differ.compare(a, b, {}, {}, PackChange::Kind::Structure);
    return differ.out;
}

} // namespace riflesso
