#include "report/case_groups.h"

#include "report/report_text.h"
#include "report/words.h"

#include <algorithm>

namespace riflesso {
namespace {

std::string groupName(const QString& text) { return text.toStdString(); }

void add(std::vector<Group>& groups, const std::string& name, const Trial& trial) {
    for (Group& group : groups)
        if (group.name == name) {
            group.trials.push_back(trial);
            return;
        }
    groups.push_back({name, {trial}});
}

std::vector<Group> byCondition(const CaseData& data, SessionId session) {
    std::vector<Trial> trials = trialsOf(data, session, {});
    std::stable_sort(trials.begin(), trials.end(), [](const Trial& a, const Trial& b) { return a.stress < b.stress; });
    std::vector<Group> out;
    for (const Trial& trial : trials)
        if (trial.stress)
            add(out, groupName(words::stressName(*trial.stress)), trial);
    return out;
}

/// A choice: each of its words, in the pack's order. A number: the better half and the other.
std::vector<Group> byResult(const Pack& pack, const std::vector<Trial>& trials) {
    std::vector<Group> out;
    if (pack.results.empty())
        return out;
    const ResultDef& def = pack.results.front();
    if (def.type == ResultType::Choice) {
        for (const std::string& value : def.values)
            for (const Trial& trial : trials)
                if (trial.result(def.id) == value)
                    add(out, groupName(words::resultText(pack, value)), trial);
        return out;
    }
    std::vector<std::pair<double, const Trial*>> known;
    for (const Trial& trial : trials) {
        bool isNumber = false;
        const double value = QString::fromStdString(trial.result(def.id)).toDouble(&isNumber);
        if (isNumber)
            known.emplace_back(def.higherIsBetter ? -value : value, &trial);
    }
    std::stable_sort(known.begin(), known.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    for (std::size_t i = 0; i < known.size(); ++i)
        add(out, groupName(i < known.size() / 2 ? Report::tr("better half") : Report::tr("other half")),
            *known[i].second);
    return out;
}

std::vector<Group> byThird(std::vector<Trial> trials) {
    std::stable_sort(trials.begin(), trials.end(), [](const Trial& a, const Trial& b) { return a.number < b.number; });
    const std::size_t third = trials.size() / 3;
    std::vector<Group> out;
    for (std::size_t i = 0; i < trials.size(); ++i)
        if (i < third || i >= trials.size() - third)
            add(out, groupName(i < third ? Report::tr("first third") : Report::tr("last third")), trials[i]);
    return out;
}

} // namespace

QString groupingName(GroupBy by) {
    switch (by) {
    case GroupBy::Condition:
        return Report::tr("by condition");
    case GroupBy::Session:
        return Report::tr("by session");
    case GroupBy::Variant:
        return Report::tr("by variant");
    case GroupBy::Result:
        return Report::tr("by result");
    case GroupBy::Felt:
        return Report::tr("by how it felt");
    case GroupBy::Thirds:
        return Report::tr("first and last third");
    case GroupBy::PackCondition:
        break;
    }
    return {};
}

std::vector<Group> groupsOf(const CaseData& data, SessionId session, const SetChoice& choice, GroupBy by,
                            const std::string& condition) {
    std::vector<Group> out;
    switch (by) {
    case GroupBy::Condition:
        return byCondition(data, session);
    case GroupBy::Session:
        for (const Session& each : data.sessions)
            if (!each.isModel)
                if (auto trials = trialsOf(data, each.id, choice); !trials.empty())
                    out.push_back({groupName(each.title), std::move(trials)});
        return out;
    case GroupBy::Variant:
        for (const VariantDef& variant : data.pack.variants)
            for (const Trial& trial : trialsOf(data, session, choice))
                if (trial.variant == variant.id)
                    add(out, variant.title, trial);
        return out;
    case GroupBy::Result:
        return byResult(data.pack, trialsOf(data, session, choice));
    case GroupBy::Felt:
        for (const char* felt : {"right", "off"})
            for (const Trial& trial : trialsOf(data, session, choice))
                if (const Repetition* r = data.repetition(repetitionId(trial.id)); r && r->felt == felt)
                    add(out, groupName(r->felt == "right" ? Report::tr("felt right") : Report::tr("felt off")), trial);
        return out;
    case GroupBy::Thirds:
        return byThird(trialsOf(data, session, choice));
    case GroupBy::PackCondition:
        if (const auto values = data.pack.conditions.find(condition); values != data.pack.conditions.end())
            for (const std::string& value : values->second)
                for (const Trial& trial : trialsOf(data, session, {}))
                    if (const auto noted = trial.conditions.find(condition);
                        noted != trial.conditions.end() && noted->second == value)
                        add(out, value, trial);
        return out;
    }
    return out;
}

} // namespace riflesso
