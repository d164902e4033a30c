#include "work/what_changes.h"

#include "core/measure/single_cycles.h"
#include "core/pack/pack_diff.h"
#include "core/pack/pack_reader.h"
#include "work/case_assessment.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <future>
#include <map>
#include <mutex>
#include <optional>
#include <set>
#include <thread>

namespace riflesso {
namespace {

QString qt(const std::string& text) { return QString::fromStdString(text); }

/// What a case comes to under a pack.
struct Outcome {
    std::map<std::string, const SetDeviation*> deviations;
    std::map<std::string, int> ranks;
    std::map<std::string, std::string> firstRungs; ///< drill by fault
};
Outcome outcomeOf(const Assessment& assessment) {
    Outcome out;
    for (const SetDeviation& deviation : assessment.deviations)
        out.deviations[deviation.measure] = &deviation;
    for (const Finding& finding : assessment.findings.ranked)
        if (finding.present)
            out.ranks[finding.fault] = finding.rank;
    for (const Focus& focus : assessment.prescription.focus)
        if (!focus.rungs.empty())
            out.firstRungs[focus.fault] = focus.rungs[focus.start()].drill;
    return out;
}

/// Calls `each` with every key of either map and what each has for it.
template <class Map, class Each> void alongside(const Map& before, const Map& after, const Each& each) {
    std::set<std::string> keys;
    for (const auto* map : {&before, &after})
        for (const auto& entry : *map)
            keys.insert(entry.first);
    for (const std::string& key : keys) {
        const auto a = before.find(key), b = after.find(key);
        each(key, a == before.end() ? nullptr : &a->second, b == after.end() ? nullptr : &b->second);
    }
}

/// The athlete's latest session that has marks.
SessionId latestMarked(const CaseData& data) {
    SessionId out;
    QDate latest;
    for (const Session& session : data.sessions) {
        if (session.isModel || (out.value != 0 && session.date < latest))
            continue;
        for (const Trial& trial : trialsOf(data, session.id, {}))
            if (!trial.marks.empty()) {
                out = session.id;
                latest = session.date;
                break;
            }
    }
    return out;
}

/// Whether the other pack measures the same, whatever it makes of it.
bool measuresTheSame(const std::string& before, const std::string& after) {
    for (const PackChange& change : packDiff(before, after)) {
        const auto in = [&](std::string_view part) { return change.path.starts_with(part); };
        const bool judges = change.kind == PackChange::Kind::Words || in("x-") || in("id") || in("edition") ||
                            in("sources") || in("model.") || in("faults") || in("drills") || in("ladders") ||
                            in("profiles") || (in("measures.") && change.path.ends_with(".tolerance"));
        if (!judges)
            return false;
    }
    return true;
}

/// The other pack, for cases that have it in several editions.
struct Other {
    const std::string& text;
    Pack pack;
};

/// `same`: whether both packs measure the same.
CaseChange changeOf(const CaseData& data, const Other& wanted, bool same, const QDate& today) {
    CaseChange out;
    out.id = data.id;
    out.athlete = data.athlete.name;
    out.title = data.title;
    out.edition = qt(data.pack.edition);
    const SessionId session = latestMarked(data);
    if (session.value == 0) {
        out.cannot = QStringLiteral("nothing is marked yet");
        return out;
    }
    CaseData other = data;
    other.pack = wanted.pack;
    const Assessment before = assess(assessmentInput(data, session, {}, School::Root, today));
    const AssessmentInput input = assessmentInput(other, session, {}, School::Root, today);
    const Assessment after = same ? assess(input, before) : assess(input);
    const Outcome then = outcomeOf(before), now = outcomeOf(after);
    const auto measure = [&](const std::string& id) {
        const std::string title = other.pack.measureTitle(id);
        return qt(title.empty() || title == id ? data.pack.measureTitle(id) : title);
    };
    const auto fault = [&](const std::string& id) {
        const FaultDef* known = other.pack.fault(id) ? other.pack.fault(id) : data.pack.fault(id);
        return qt(known ? known->title : id);
    };
    alongside(then.deviations, now.deviations,
              [&](const std::string& id, const SetDeviation* const* a, const SetDeviation* const* b) {
                  constexpr double kOfTolerance = 1e-3;
                  if (!a || !b || std::abs((*a)->median - (*b)->median) > kOfTolerance * (*a)->tolerance)
                      out.values << measure(id);
                  if (!a || !b || (*a)->state != (*b)->state || (*a)->direction != (*b)->direction)
                      out.states << measure(id);
              });
    alongside(then.ranks, now.ranks, [&](const std::string& id, const int* a, const int* b) {
        if (!a || !b || *a != *b)
            out.findings << fault(id);
    });
    alongside(then.firstRungs, now.firstRungs, [&](const std::string& id, const std::string* a, const std::string* b) {
        if (!a || !b || *a != *b)
            out.rungs << fault(id);
    });
    return out;
}

} // namespace

Result<std::vector<CaseChange>> whatChanges(const QString& folder, const std::string& packText, CaseId also,
                                            const QDate& today, const GoOn& goOn) {
    auto pack = loadPack(packText, "the skill");
    if (!pack)
        return pack.error();
    std::vector<CaseId> cases;
    {
        const auto library = Library::open(folder, Library::Mode::ReadOnly);
        if (!library)
            return library.error();
        auto found = (*library)->casesWith(qt(pack->id));
        if (!found)
            return found.error();
        cases = std::move(*found);
    }
    if (also.value != 0 && std::none_of(cases.begin(), cases.end(), [&](CaseId id) { return id.value == also.value; }))
        cases.push_back(also);
    const Other wanted{packText, ofSingleCycles(std::move(*pack))};
    std::vector<CaseChange> out(cases.size());
    std::atomic<std::size_t> next = 0, done = 0;
    std::atomic<bool> stop = false;
    std::mutex mutex; // of goOn and of the error
    std::optional<Error> error;
    const auto work = [&] {
        const auto library = Library::open(folder, Library::Mode::ReadOnly);
        const auto fail = [&](const Error& what) {
            const std::lock_guard lock(mutex);
            error = what;
            stop = true;
        };
        if (!library)
            return fail(library.error());
        std::map<QString, bool> same; // of many cases the pack's text is one
        for (std::size_t i = next++; i < cases.size() && !stop; i = next++) {
            const auto data = (*library)->loadLatestSet(cases[i]);
            if (!data)
                return fail(data.error());
            const auto text = (*library)->packText(cases[i]);
            if (!text)
                return fail(text.error());
            auto known = same.find(*text);
            if (known == same.end())
                known = same.emplace(*text, measuresTheSame(text->toStdString(), wanted.text)).first;
            out[i] = changeOf(*data, wanted, known->second, today);
            const std::lock_guard lock(mutex);
            if (goOn && !goOn(static_cast<double>(++done) / static_cast<double>(cases.size()))) {
                error = cancelled();
                stop = true;
            }
        }
    };
    constexpr unsigned kMostThreads = 4;
    std::vector<std::future<void>> others;
    const std::size_t threads = std::min<std::size_t>(
        {std::clamp(std::thread::hardware_concurrency(), 1U, kMostThreads), std::max<std::size_t>(1, cases.size())});
    for (std::size_t i = 1; i < threads; ++i)
        others.push_back(std::async(std::launch::async, work));
    work();
    for (std::future<void>& other : others)
        other.get();
    if (error)
        return *error;
    return out;
}

} // namespace riflesso
