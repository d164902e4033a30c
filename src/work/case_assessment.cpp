#include "work/case_assessment.h"

#include "work/second_observer.h"

#include "core/listed.h"
#include "core/pack/pack_reader.h"
#include "core/tables/json_walk.h"
#include "core/tables/model_file.h"

#include <algorithm>
#include <set>

namespace riflesso {
namespace {

/// An assessment as a retest takes it: through the same reader as a file of it, so that both judge alike.
AssessedSet setOf(const Assessment& assessment) {
    const auto set =
        readAssessedSet(assessmentJson(assessment).dump(-1, ' ', false, Json::error_handler_t::replace), "assessment");
    return set ? *set : AssessedSet();
}

std::set<Stress> levelsOf(const CaseData& data, SessionId session) {
    std::set<Stress> out;
    for (const Trial& trial : trialsOf(data, session, {}))
        if (trial.stress && !trial.marks.empty())
            out.insert(*trial.stress);
    return out;
}

} // namespace

Day dayOf(const QDate& date) { return Day(std::chrono::days(QDate(1970, 1, 1).daysTo(date))); }

AssessmentInput assessmentInput(const CaseData& data, SessionId session, const SetChoice& choice, School school,
                                const QDate& today) {
    AssessmentInput in;
    in.pack = data.pack;
    in.trials = trialsOf(data, session, choice);
    in.modelTrials = modelTrialsOf(data);
    const auto unsaid = [](const Trial& trial) {
        return !trial.capture.bearingDeg && trial.capture.view != View::Top && !trial.marks.empty();
    };
    if (std::any_of(in.trials.begin(), in.trials.end(), unsaid) ||
        std::any_of(in.modelTrials.begin(), in.modelTrials.end(), unsaid))
        in.assumed.emplace_back("bearing");
    setChoices(in, data, school, today);
    return in;
}

namespace {

/// A model, or ranges, of a file that the case keeps: it was read once when it was taken, with this pack.
void takeModelFile(AssessmentInput& in, const CaseData& data) {
    in.modelFile.reset();
    in.fileRanges.clear();
    if (data.yardstick.modelFile.isEmpty())
        return;
    const std::string text = data.yardstick.modelFile.toStdString(), name = data.yardstick.modelName.toStdString();
    if (isModelFile(text)) {
        if (auto model = readModelFile(text, name, data.pack))
            in.modelFile = std::move(*model);
    } else if (auto ranges = readModelRanges(text, name, data.pack)) {
        in.fileRanges = std::move(*ranges);
    }
}

} // namespace

void setChoices(AssessmentInput& in, const CaseData& data, School school, const QDate& today) {
    in.choices = {};
    in.facts = factsOf(data, today);
    in.school = school;
    in.practice = practiceLog(data);
    for (const TermOverride& override : data.overrides)
        if (data.pack.fault(override.fault)) // one of an older edition of the pack says nothing here
            in.choices.overrides.push_back(override);
    for (const Position& position : data.positions)
        in.choices.positions[position.dispute] = position.position;
    for (const OwnTarget& target : data.targets)
        in.choices.targets.push_back({target.measure, target.low, target.high, "own target", {}});
    in.choices.kappas = weakestKappas(data);
    for (const QString& fault : data.yardstick.effects)
        in.choices.effectsFromResults.push_back(fault.toStdString());
    for (const Trial& trial : in.trials)
        if (const RepetitionPlace place = placeOf(data, repetitionId(trial.id)); place && place.repetition->best)
            in.choices.ownBest.push_back(trial.id);
    // A set of nothing but its own yardstick would be held against itself.
    if (in.choices.ownBest.size() == in.trials.size())
        in.choices.ownBest.clear();
    takeModelFile(in, data);
    for (const auto& [measure, error] : data.own.measures)
        if (error.holds())
            in.choices.typicalErrors[measure] = error.error;
    for (const Decision& decision : data.decisions)
        (decision.choice == Decision::Choice::WorkOn ? in.choices.decisions.workOn : in.choices.decisions.setAside)
            .push_back(decision.fault);
    in.choices.decisions.insisted = true; // a third is only kept with the coach's reason
    in.choices.decisions.approach = data.plan.approach;
}

namespace {

/// A fault over the levels of a set. One that no repetition shows is no finding: it is free of it everywhere, where it
/// could be judged.
OverConditions overLevels(const Assessment& assessment, const std::string& fault, const std::vector<Trial>& trials) {
    if (const Finding* finding = assessment.findings.find(fault))
        return overConditions(trials, *finding);
    const auto& unknown = assessment.findings.notJudged;
    if (std::find(unknown.begin(), unknown.end(), fault) != unknown.end())
        return {};
    Finding none;
    none.fault = fault;
    for (const Trial& trial : trials)
        none.repetitions.push_back({trial.id, 0, 0});
    return overConditions(trials, none);
}

/// The athlete's last session filmed by a day, where there is one at the level, else the first; and the first after it.
const Session* sessionBy(const CaseData& data, const QDate& day, std::optional<Stress> stress) {
    const Session* out = nullptr;
    for (const Session& session : data.sessions)
        if (!session.isModel && (!stress || levelsOf(data, session.id).contains(*stress)) &&
            (!out || (session.date <= day && session.date >= out->date)))
            out = &session;
    return out;
}
const Session* sessionAfter(const CaseData& data, const QDate& day, std::optional<Stress> stress) {
    const Session* out = nullptr;
    for (const Session& session : data.sessions)
        if (!session.isModel && session.date > day && (!stress || levelsOf(data, session.id).contains(*stress)) &&
            (!out || session.date < out->date))
            out = &session;
    return out;
}

} // namespace

QStringList foundIn(const CaseData& data, SessionId session, School school, const QDate& today) {
    const AssessmentInput input = assessmentInput(data, session, {}, school, today);
    QStringList out;
    if (input.trials.empty())
        return out;
    for (const Finding& finding : assess(input).findings.ranked)
        if (const FaultDef* def = finding.present ? data.pack.fault(finding.fault) : nullptr)
            out << QString::fromStdString(def->title);
    return out;
}

std::vector<Stress> commonLevels(const CaseData& data, SessionId before, SessionId after) {
    const std::set<Stress> first = levelsOf(data, before), second = levelsOf(data, after);
    std::vector<Stress> out;
    std::set_intersection(first.begin(), first.end(), second.begin(), second.end(), std::back_inserter(out));
    return out;
}

Progress progressOf(const CaseData& data, SessionId before, SessionId after, std::optional<Stress> stress,
                    School school, const QDate& today) {
    Progress out;
    out.before = before;
    out.after = after;
    out.stress = stress;
    const Assessment first = assess(assessmentInput(data, before, stress, school, today));
    const auto assessed = [&](SessionId session, std::optional<Stress> level) {
        AssessmentInput in = assessmentInput(data, session, level, school, today);
        in.cutoffHz = first.cutoff.hz; // else two sets would be smoothed differently
        return assess(in);
    };
    const Assessment second = assessed(after, stress);
    out.first = setOf(first);
    out.second = setOf(second);
    const Session *then = data.session(before), *now = data.session(after);
    for (const Session& session : data.sessions) {
        if (session.isModel || (stress && !levelsOf(data, session.id).contains(*stress)))
            continue;
        out.sets.emplace_back(session.date, session.id == before  ? out.first
                                            : session.id == after ? out.second
                                                                  : setOf(assessed(session.id, stress)));
        // What was found at any time before comes back; what was never there is new.
        if (&session != then && &session != now && now && session.date <= now->date)
            for (const std::string& fault : out.sets.back().second.presentFaults)
                if (!holds(out.first.earlierFaults, fault))
                    out.first.earlierFaults.push_back(fault);
    }
    out.retest = compareSets(out.first, out.second);
    for (const SetDeviation& deviation : first.deviations)
        out.tolerances[deviation.measure] = deviation.tolerance;
    std::map<std::int64_t, Assessment> sessions; // assessed once each
    sessions.emplace(before.value, first);
    sessions.emplace(after.value, second);
    const auto of = [&](const Session* session) -> const Assessment& {
        const auto known = sessions.find(session->id.value);
        return known != sessions.end()
                   ? known->second
                   : sessions.emplace(session->id.value, assessed(session->id, stress)).first->second;
    };
    std::vector<ScoredGuess> scored;
    for (const Belief& belief : data.beliefs) {
        if (!belief.value || !belief.locked)
            continue;
        const bool forecast = belief.whose == Guesser::Forecast;
        for (const ResultDef& def : data.pack.results)
            if (forecast && def.id == belief.result())
                if (const auto score = scoreResultForecast(def, trialsOf(data, after, stress), *belief.value))
                    out.results.push_back(*score);
        const Guess guess{belief.whose, belief.measure, *belief.value};
        if (const auto score = scoreGuess(data.pack, forecast ? second : first, guess))
            out.guesses.push_back(*score);
        // Over time each is held against the session it was said of: the last one filmed by then, a forecast the next.
        const Session* meant =
            forecast ? sessionAfter(data, belief.said, stress) : sessionBy(data, belief.said, stress);
        if (!belief.said.isValid())
            meant = forecast ? now : then;
        if (const auto score = meant ? scoreGuess(data.pack, of(meant), guess) : std::nullopt)
            scored.push_back({dayOf(belief.said.isValid() ? belief.said : meant->date), *score});
    }
    out.records = guessRecords(std::move(scored));
    if (levelsOf(data, before).size() > 1 || levelsOf(data, after).size() > 1) {
        const Assessment firstAll = assessed(before, {}), secondAll = assessed(after, {});
        const auto trialsBefore = trialsOf(data, before, {}), trialsAfter = trialsOf(data, after, {});
        for (const FaultDef& fault : data.pack.faults) {
            const Finding *then = firstAll.findings.find(fault.id), *now = secondAll.findings.find(fault.id);
            // What a set shows once, as a spread over its repetitions, cannot be counted level by level.
            const bool once = (then && then->repetitions.empty()) || (now && now->repetitions.empty());
            if (!once && ((then && then->present) || (now && now->present)))
                out.conditions.push_back({fault.id, overLevels(firstAll, fault.id, trialsBefore),
                                          overLevels(secondAll, fault.id, trialsAfter)});
        }
    }
    return out;
}

RunChart runChartOf(const Progress& progress, const std::string& measure) {
    std::vector<std::pair<Day, AssessedSet>> sets;
    for (const auto& [date, set] : progress.sets)
        sets.emplace_back(dayOf(date), set);
    return runChart(measure, sets);
}

} // namespace riflesso
