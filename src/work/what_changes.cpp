#include "work/what_changes.h"

#include "core/measure/single_cycles.h"
#include "work/case_assessment.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

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

} // namespace

CaseChange whatChanges(const CaseData& data, const Pack& pack, const QDate& today) {
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
    other.pack = ofSingleCycles(pack);
    const Assessment before = assess(assessmentInput(data, session, {}, School::Root, today));
    const Assessment after = assess(assessmentInput(other, session, {}, School::Root, today));
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

Result<std::vector<CaseChange>> whatChanges(const Library& library, const Pack& pack, CaseId also, const QDate& today,
                                            const GoOn& goOn) {
    const auto found = library.casesWith(qt(pack.id));
    if (!found)
        return found.error();
    std::vector<CaseId> cases = *found;
    if (also.value != 0 && std::none_of(cases.begin(), cases.end(), [&](CaseId id) { return id.value == also.value; }))
        cases.push_back(also);
    std::vector<CaseChange> out;
    for (const CaseId id : cases) {
        if (goOn && !goOn(static_cast<double>(out.size()) / static_cast<double>(cases.size())))
            return cancelled();
        const auto data = library.loadCase(id);
        if (!data)
            return data.error();
        out.push_back(whatChanges(*data, pack, today));
    }
    return out;
}

} // namespace riflesso
