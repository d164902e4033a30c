#include "work/skill_of_case.h"

#include "core/measure/single_cycles.h"
#include "core/pack/pack_writer.h"
#include "core/tables/json_walk.h"

#include <algorithm>
#include <set>

namespace riflesso {

ShownWell shownWell(const CaseData& data) {
    ShownWell out{modelTrialsOf(data), true};
    if (!out.trials.empty())
        return out;
    out.ofModel = false;
    std::set<std::string> best;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& repetition : section.repetitions)
                    if (repetition.best)
                        best.insert(trialId(repetition.id));
    for (const Session& session : data.sessions)
        for (Trial& trial : trialsOf(data, session.id, {}))
            if (best.contains(trial.id))
                out.trials.push_back(std::move(trial));
    return out;
}

std::vector<Trial> othersOf(const CaseData& data, const ShownWell& shown) {
    std::set<std::string> known;
    for (const Trial& trial : shown.trials)
        known.insert(trial.id);
    std::vector<Trial> out;
    for (const Session& session : data.sessions)
        if (!session.isModel)
            for (Trial& trial : trialsOf(data, session.id, {}))
                if (!known.contains(trial.id) && !trial.marks.empty())
                    out.push_back(std::move(trial));
    return out;
}

Result<PackDraft> beginSkill(const std::string& packText, const CaseData& data, const std::string& title) {
    auto read = PackDraft::read(packText, "the skill of the case");
    if (!read)
        return read.error();
    PackDraft draft = PackDraft::of(*read, title);
    std::set<std::string> marked;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& repetition : section.repetitions)
                    for (const auto& [event, at] : repetition.events)
                        marked.insert(event);
    for (const EventDef& event : data.pack.events)
        if (event.optional && !marked.contains(event.id))
            draft.take(PartList::Events, event.id);
    draft.joinPhases();
    return draft;
}

std::string rangesSource(const CaseData& data, const ShownWell& shown) {
    std::set<std::string> performers;
    for (const Trial& trial : shown.trials)
        performers.insert(trial.performer);
    std::string title = data.athlete.name.toStdString() + ", own best";
    std::string date;
    for (const Session& session : data.sessions)
        if (session.isModel == shown.ofModel)
            date = session.date.toString(Qt::ISODate).toStdString();
    if (shown.ofModel)
        for (const Session& session : data.sessions)
            if (session.isModel)
                title = session.title.toStdString();
    const std::size_t n = shown.trials.size();
    return "measured on " + std::to_string(n) + (n == 1 ? " repetition of " : " repetitions of ") + title + ", " +
           date +
           (performers.size() > 1 ? "; " + std::to_string(performers.size()) + " performers"
                                  : "; one performer only: a second one would widen it");
}

Result<SkillMade> makeSkill(const std::string& packText, const CaseData& data, const std::string& title,
                            const GoOn& goOn) {
    const ShownWell shown = shownWell(data);
    if (shown.trials.empty())
        return badInput("the case", "marked repetitions of a model, or the athlete's own best", "neither");
    auto begun = beginSkill(packText, data, title);
    if (!begun)
        return begun.error();
    SkillMade out{std::move(*begun), {}, 0};
    PackReading reading = out.draft.reading();
    if (!reading.faults.empty())
        return badInput("the skill of the case: " + reading.faults[0].path, reading.faults[0].expected,
                        reading.faults[0].got);
    reading.pack = ofSingleCycles(std::move(reading.pack));
    std::vector<std::string> open;
    for (const EventDef& event : reading.pack.events)
        if (!event.rule && event.id != reading.pack.cycleEnd)
            open.push_back(event.id);
    const std::vector<Trial> others = othersOf(data, shown);
    for (std::size_t i = 0; i < open.size(); ++i) {
        EventFound found{open[i], {}, false};
        found.search = searchRules(reading.pack, open[i], shown.trials, others, [&](double share) {
            return !goOn || goOn((static_cast<double>(i) + share) / static_cast<double>(open.size()));
        });
        if (found.search.stopped)
            return cancelled();
        if (!found.search.best.empty() && found.search.best[0].holds()) {
            Json event = *out.draft.part(PartList::Events, open[i]);
            event["suggest"] = eventRuleJson(found.search.best[0].rule);
            out.draft.put(PartList::Events, event);
            found.taken = true;
        }
        out.events.push_back(std::move(found));
    }
    const std::vector<ModelRange> ranges = rangesFromModel(reading.pack, shown.trials);
    out.draft.takeRanges(ranges, rangesSource(data, shown));
    out.ranges = ranges.size();
    return out;
}

} // namespace riflesso
