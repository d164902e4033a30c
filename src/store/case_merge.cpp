#include "store/case_merge.h"

#include <algorithm>
#include <array>

// What differs between two copies of a case; case_take_over.cpp brings it over.

namespace riflesso {
namespace {

/// The rows at a key and below it.
std::vector<RowKey> keysUnder(const CaseRows& rows, const RowKey& key) {
    std::vector<RowKey> out;
    for (auto row = rows.lower_bound(key); row != rows.end() && row->first.starts_with(key); ++row)
        if (row->first.size() == key.size() || row->first[key.size()] == '/')
            out.push_back(row->first);
    return out;
}
const std::string* valueAt(const CaseRows& rows, const RowKey& key) {
    const auto row = rows.find(key);
    return row == rows.end() ? nullptr : &row->second;
}
bool same(const std::string* a, const std::string* b) { return a ? b && *a == *b : !b; }
bool sameUnder(const CaseRows& a, const CaseRows& b, const RowKey& key) {
    const std::vector<RowKey> keys = keysUnder(a, key);
    return keys == keysUnder(b, key) &&
           std::all_of(keys.begin(), keys.end(), [&](const RowKey& k) { return a.at(k) == b.at(k); });
}
std::string textAt(const CaseRows& rows, const RowKey& key) {
    const std::string* value = valueAt(rows, key);
    return value ? *value : std::string();
}

/// A clip or a repetition: what is removed with all that lies in it.
bool isUnit(const RowKey& key) {
    const auto parts = partsOf(key);
    return parts.size() == 4 || (parts.size() == 6 && parts[4] == "rep") ? parts[0] == "session" : false;
}

struct Placed {
    RowKey key;
    const Clip* clip = nullptr;
    const Repetition* repetition = nullptr;
};
std::vector<Placed> repetitionsOf(const CaseData& data) {
    std::vector<Placed> out;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& r : section.repetitions)
                    out.push_back({keyOf(keyOf(session, clip), r), &clip, &r});
    return out;
}

/// When rows were changed, as far as the case says it.
class Times {
public:
    explicit Times(const CaseData& data) {
        const auto later = [](QDateTime& at, const QDateTime& other) {
            if (other.isValid() && (!at.isValid() || other > at))
                at = other;
        };
        for (const Placed& placed : repetitionsOf(data)) {
            of_[placed.key] = placed.repetition->changed;
            later(last_, placed.repetition->changed);
        }
        for (const Decision& decision : data.decisions)
            later(last_, of_[keyOf({"decision", decision.fault})] = decision.at);
        for (const PracticeBlock& block : data.practice) {
            QDateTime at = std::max(block.started, block.ended);
            for (const PracticeRepetition& repetition : block.repetitions)
                later(at, repetition.at);
            later(last_, of_[keyOf(block)] = at);
        }
        for (const StoredAssessment& one : data.assessments)
            later(last_, of_[keyOf(one)] = one.at);
    }
    /// Of the row, or of the repetition it lies in, or of the case.
    [[nodiscard]] QDateTime at(const RowKey& key) const {
        const RowKey repetition = repetitionIn(key);
        const auto known = of_.find(repetition.empty() ? key : repetition);
        return known != of_.end() && known->second.isValid() ? known->second : last_;
    }

private:
    std::map<RowKey, QDateTime> of_;
    QDateTime last_;
};

class Comparing {
public:
    Comparing(const std::optional<CaseRows>& before, const CaseData& here, const QString& packHere,
              const CaseData& there, const QString& packThere)
        : hereData_(here), thereData_(there), timesHere_(here), timesThere_(there), here_(rowsOf(here, packHere)),
          there_(rowsOf(there, packThere)) {
        out_.knowsBefore = before.has_value();
        out_.hereDigest = digestOf(here_);
        if (before)
            before_ = *before;
        removals();
        markedTwice();
        rest();
    }
    CaseMerge result() { return std::move(out_); }

private:
    void removals() {
        for (const auto& [key, value] : before_) {
            if (!isUnit(key) || handled(key))
                continue;
            const bool isHere = here_.contains(key), isThere = there_.contains(key);
            if (isHere == isThere)
                continue;
            done_.push_back(key);
            const CaseRows& left = isHere ? here_ : there_;
            if (!sameUnder(before_, left, key)) {
                ask(isHere ? MergeQuestion::Why::RemovedThere : MergeQuestion::Why::RemovedHere, key,
                    keysUnder(left, key));
            } else if (isHere) {
                for (const RowKey& row : keysUnder(here_, key))
                    out_.take.insert(row);
                ++out_.fromThere[kindOf(key)];
            } else
                ++out_.onlyHere[kindOf(key)];
        }
    }

    /// Repetitions that each side has added over the same frames: half of the shorter one or more.
    void markedTwice() {
        const auto fresh = [&](const CaseData& data, const CaseRows& other) {
            std::vector<Placed> out = repetitionsOf(data);
            std::erase_if(out, [&](const Placed& p) {
                return before_.contains(p.key) || other.contains(p.key) || handled(p.key);
            });
            return out;
        };
        const std::vector<Placed> mine = fresh(hereData_, there_);
        for (const Placed& theirs : fresh(thereData_, here_)) {
            std::vector<RowKey> keys;
            RowKey first;
            for (const Placed& own : mine) {
                const Repetition &a = *own.repetition, &b = *theirs.repetition;
                const int common = std::min(a.to, b.to) - std::max(a.from, b.from) + 1;
                if (own.clip->hash != theirs.clip->hash || 2 * common < std::min(a.to - a.from, b.to - b.from) + 1)
                    continue;
                first = first.empty() ? own.key : first;
                done_.push_back(own.key);
                for (const RowKey& row : keysUnder(here_, own.key))
                    keys.push_back(row);
            }
            if (first.empty())
                continue;
            done_.push_back(theirs.key);
            for (const RowKey& row : keysUnder(there_, theirs.key))
                keys.push_back(row);
            ask(MergeQuestion::Why::MarkedTwice, first, std::move(keys));
            out_.questions.back().there = textAt(there_, theirs.key);
            propose(out_.questions.back(), timesHere_.at(first), timesThere_.at(theirs.key));
        }
    }

    void rest() {
        std::set<RowKey> keys;
        for (const CaseRows* rows : {&here_, &there_, &before_})
            for (const auto& [key, value] : *rows)
                keys.insert(keys.end(), key);
        std::map<RowKey, std::vector<RowKey>> asked; // marks of one repetition are one question
        for (const RowKey& key : keys) {
            if (handled(key))
                continue;
            const std::string *here = valueAt(here_, key), *there = valueAt(there_, key),
                              *before = valueAt(before_, key);
            if (same(here, there))
                continue;
            // Without a state of before, what only one side has is new there.
            if (out_.knowsBefore ? same(here, before) : !here) {
                out_.take.insert(key);
                ++out_.fromThere[kindOf(key)];
            } else if (out_.knowsBefore ? same(there, before) : !there)
                ++out_.onlyHere[kindOf(key)];
            else
                asked[kindOf(key) == RowKind::Mark ? repetitionIn(key) + "/mark" : key].push_back(key);
        }
        for (auto& [about, rows] : asked) {
            const RowKey first = rows.front();
            ask(MergeQuestion::Why::BothChanged, first, std::move(rows));
        }
    }

    void ask(MergeQuestion::Why why, const RowKey& first, std::vector<RowKey> keys) {
        MergeQuestion question{why, std::move(keys), first, textAt(here_, first), textAt(there_, first), {}, {}};
        propose(question, timesHere_.at(first), timesThere_.at(first));
        out_.questions.push_back(std::move(question));
    }
    static void propose(MergeQuestion& question, const QDateTime& here, const QDateTime& there) {
        question.hereAt = here;
        question.thereAt = there;
        question.newerThere = !here.isValid() || (there.isValid() && there >= here);
    }
    /// Whether it lies in something that is decided as a whole.
    [[nodiscard]] bool handled(const RowKey& key) const {
        return std::any_of(done_.begin(), done_.end(), [&](const RowKey& unit) {
            return key.starts_with(unit) && (key.size() == unit.size() || key[unit.size()] == '/');
        });
    }

    const CaseData &hereData_, &thereData_;
    Times timesHere_, timesThere_;
    CaseRows here_, there_, before_;
    std::vector<RowKey> done_;
    CaseMerge out_;
};

constexpr std::array<std::string_view, 13> kKinds = {"athlete",  "case",       "belief", "decision", "plan",
                                                     "practice", "assessment", "clip",   "section",  "repetition",
                                                     "event",    "mark",       "again"};

} // namespace

std::string_view toString(RowKind kind) { return kKinds.at(static_cast<std::size_t>(kind)); }

RowKind kindOf(const RowKey& key) {
    const auto parts = partsOf(key);
    const std::string& top = parts[0];
    if (top == "session") {
        if (parts.size() < 5 || parts[4] == "spoken" || parts[4] == "drawn")
            return RowKind::Clip;
        if (parts[4] != "rep")
            return RowKind::Section;
        const std::string below = parts.size() > 6 ? parts[6] : std::string();
        return below == "event"   ? RowKind::Event
               : below == "mark"  ? RowKind::Mark
               : below == "again" ? RowKind::Again
                                  : RowKind::Repetition;
    }
    static const std::map<std::string, RowKind> kTops = {
        {"athlete", RowKind::Athlete},   {"limit", RowKind::Athlete},     {"competition", RowKind::Athlete},
        {"case", RowKind::Case},         {"yardstick", RowKind::Case},    {"plan", RowKind::Plan},
        {"cue", RowKind::Plan},          {"belief", RowKind::Belief},     {"not_asked", RowKind::Belief},
        {"decision", RowKind::Decision}, {"override", RowKind::Decision}, {"position", RowKind::Decision},
        {"target", RowKind::Decision},   {"practice", RowKind::Practice}, {"assessment", RowKind::Assessment},
        {"walk_cut", RowKind::Clip}};
    const auto kind = kTops.find(top);
    return kind == kTops.end() ? RowKind::Case : kind->second;
}

CaseMerge mergeOf(const std::optional<CaseRows>& before, const CaseData& here, const QString& packHere,
                  const CaseData& there, const QString& packThere) {
    return Comparing(before, here, packHere, there, packThere).result();
}

} // namespace riflesso
