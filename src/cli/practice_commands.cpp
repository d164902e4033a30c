#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "cli/qt_life.h"
#include "core/practice/practice_csv.h"
#include "core/tables/json_walk.h"
#include "store/edit.h"
#include "store/library.h"
#include "work/case_assessment.h"
#include "work/practice_record.h"
#include "work/practice_session.h"

#include <algorithm>

namespace riflesso::cli {
namespace {

struct CaseOf {
    QtLife qt;
    std::unique_ptr<Library> library;
    CaseData data;
};

Result<std::unique_ptr<CaseOf>> openCase(const Arguments& arguments, const char* usage, Library::Mode mode) {
    if (arguments.plain().size() != 1)
        return badInput("command line", usage, std::to_string(arguments.plain().size()) + " words");
    constexpr int kMost = 2'000'000'000;
    const auto id = arguments.integer("case", 1, kMost);
    if (!id)
        return id.error();
    auto out = std::make_unique<CaseOf>();
    auto library = Library::open(absolute(arguments.plain()[0]), mode);
    if (!library)
        return library.error();
    out->library = std::move(*library);
    auto data = out->library->loadCase(CaseId{*id});
    if (!data)
        return data.error();
    out->data = std::move(*data);
    return out;
}

Json day(const QDate& date) { return date.isValid() ? Json(date.toString(Qt::ISODate).toStdString()) : Json(nullptr); }

Json rungsJson(const CaseData& data, const PracticeRecord& record, const Prescription& plan) {
    Json out = Json::array();
    for (const RungRecord& rung : record.rungs) {
        Json sessions = Json::array();
        for (const RungRecord::OnDay& on : rung.days)
            sessions.push_back({{"date", toString(on.date)}, {"good", on.good}, {"all", on.all}});
        std::vector<Rung> ladder;
        for (const Focus& focus : plan.focus)
            if (focus.fault == rung.fault)
                ladder = focus.rungs;
        if (ladder.empty())
            for (const LadderDef& def : data.pack.ladders)
                if (def.fault == rung.fault && ladder.empty())
                    for (const std::string& drill : def.rungs)
                        ladder.push_back({drill, {}, Stage::Position, false});
        out.push_back({{"fault", rung.fault},
                       {"drill", rung.drill},
                       {"condition", toString(rung.condition)},
                       {"good", rung.verdict.good},
                       {"all", rung.verdict.all},
                       {"verdict", toString(rung.verdict.verdict)},
                       {"confirm", rung.verdict.confirm},
                       {"passed", rung.passed},
                       {"last", !ladder.empty() && ladder.back().drill == rung.drill},
                       {"sessions", std::move(sessions)}});
    }
    return out;
}

Json startsJson(const CaseData& data, const Prescription& plan) {
    Json out = Json::array();
    for (const Focus& focus : plan.focus) {
        if (focus.rungs.empty())
            continue;
        const std::string& drill = focus.rungs[focus.start()].drill;
        const DrillDef* def = data.pack.drill(drill);
        const std::string counted = std::to_string(focus.practisedGood) + " of " + std::to_string(focus.practisedAll);
        std::string because = "nothing is known to be mastered";
        switch (focus.startBecause) {
        case StartBecause::Mastered:
            because = std::string("mastered: ") + std::string(toString(focus.mastered.value_or(Stress::Calm)));
            break;
        case StartBecause::TempoFirst:
            because = "match tempo first";
            break;
        case StartBecause::Passed:
            because = "passed: " + focus.practised + ", " + counted;
            break;
        case StartBecause::Eased:
            because = "eased: " + focus.practised + ", " + counted;
            break;
        case StartBecause::Nothing:
            break;
        }
        out.push_back({{"fault", focus.fault},
                       {"drill", drill},
                       {"condition", def ? toString(ownCondition(*def)) : std::string("calm")},
                       {"because", because}});
    }
    return out;
}

std::string because(const LearningVerdict& verdict) {
    if (verdict.verdict == Learning::TooFew)
        return std::to_string(verdict.blocks) + " blocks on " + std::to_string(verdict.days) + " days";
    return std::to_string(verdict.goodNow) + " of " + std::to_string(verdict.allNow) + " now, " +
           std::to_string(verdict.goodBefore) + " of " + std::to_string(verdict.allBefore) + " before";
}

/// Of the measures that the plan's faults rest on, the last session against the first by the retest rule.
void addMeasures(Json& charts, const CaseData& data, const std::vector<const Session*>& sessions, School school,
                 const QDate& today) {
    if (sessions.size() < 2)
        return;
    for (const Stress stress : commonLevels(data, sessions.front()->id, sessions.back()->id)) {
        const Progress progress = progressOf(data, sessions.front()->id, sessions.back()->id, stress, school, today);
        for (const Change& change : progress.retest.measures) {
            const char* verdict = change.verdict == ChangeVerdict::Better          ? "learning"
                                  : change.verdict == ChangeVerdict::Worse         ? "relapse"
                                  : change.verdict == ChangeVerdict::NoClearChange ? "plateau"
                                                                                   : "too_few";
            charts.push_back({{"what", "measure"},
                              {"id", change.measure},
                              {"condition", toString(stress)},
                              {"verdict", verdict},
                              {"because", change.reason.empty() ? std::string("first session against last, retest rule")
                                                                : std::string(change.reason.code())}});
        }
    }
}

} // namespace

Result<Json> practiceCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"case", "out", "take"});
    if (!arguments)
        return arguments.error();
    const auto take = arguments->value("take");
    const auto of = openCase(*arguments, "practice LIBRARY --case ID [--out F.csv] [--take F.csv]",
                             take ? Library::Mode::ReadWrite : Library::Mode::ReadOnly);
    if (!of)
        return of.error();
    CaseOf& it = **of;
    std::size_t taken = 0;
    if (take) {
        const auto text = readFile(*take);
        if (!text)
            return text.error();
        const auto log = readPracticeCsv(*text, *take, {&it.data.pack, dayOf(QDate::currentDate())});
        if (!log)
            return log.error();
        const std::vector<PracticeBlock> blocks = notYetIn(it.data, blocksOf(*log));
        taken = blocks.size();
        if (!blocks.empty()) {
            const auto done =
                it.library->change(QStringLiteral("A table into the practice log"), [&](Edit& edit) -> Result<void> {
                    for (const PracticeBlock& block : blocks)
                        if (auto made = edit.addPracticeBlock(it.data.id, block); !made)
                            return made.error();
                    return {};
                });
            if (!done)
                return done.error();
            auto again = it.library->loadCase(it.data.id);
            if (!again)
                return again.error();
            it.data = std::move(*again);
        }
    }
    const PracticeLog log = practiceLog(it.data);
    if (const auto out = arguments->value("out"))
        if (auto done = writeFile(*out, practiceCsv(log)); !done)
            return done.error();
    int repetitions = 0, homeDays = 0;
    for (const LoggedBlock& block : log) {
        repetitions += block.all();
        homeDays += block.kind == PracticeKind::Home && block.count > 0;
    }
    Json answer{{"blocks", log.size()}, {"repetitions", repetitions}, {"home_days", homeDays}};
    if (take)
        answer["taken"] = taken;
    if (const auto out = arguments->value("out"))
        answer["csv"] = *out;
    return answer;
}

Result<Json> progressCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"case", "today"});
    if (!arguments)
        return arguments.error();
    QDate today = QDate::currentDate();
    if (const auto given = arguments->value("today")) {
        today = QDate::fromString(QString::fromStdString(*given), Qt::ISODate);
        if (!today.isValid())
            return badInput("--today", "a day, YYYY-MM-DD", *given);
    }
    const auto of = openCase(*arguments, "progress LIBRARY --case ID [--today DATE]", Library::Mode::ReadOnly);
    if (!of)
        return of.error();
    const CaseData& data = (*of)->data;
    const School school = schoolFrom(data.school.toStdString()).value_or(School::Root);
    // What was said, filmed or decided after that day is not known yet.
    std::vector<const Session*> sessions;
    for (const Session& session : data.sessions)
        if (!session.isModel && session.date <= today)
            sessions.push_back(&session);
    std::stable_sort(sessions.begin(), sessions.end(),
                     [](const Session* a, const Session* b) { return a->date < b->date; });
    CaseData known = data;
    std::erase_if(known.practice, [&](const PracticeBlock& block) { return block.day() > today; });
    Assessment assessment;
    std::map<std::string, DoneFacts> film;
    if (!sessions.empty()) {
        const AssessmentInput input = assessmentInput(known, sessions.back()->id, {}, school, today);
        if (!input.trials.empty()) {
            assessment = assess(input);
            film = doneFacts(assessment.findings, input.trials);
        }
    }
    const PracticeRecord record = practiceRecord(known, assessment.prescription, assessment.findings, film, today);
    Json charts = Json::array(), tests = Json::array(), cues = Json::array(), waits = Json::array(),
         next = Json::array();
    addMeasures(charts, known, sessions, school, today);
    for (const DrillChart& chart : record.charts)
        charts.push_back({{"what", "rung"},
                          {"id", chart.drill},
                          {"condition", toString(chart.condition)},
                          {"verdict", toString(chart.verdict.verdict)},
                          {"because", because(chart.verdict)}});
    for (const PracticeTest& test : record.tests)
        tests.push_back({{"date", toString(test.date)},
                         {"kind", toString(test.kind)},
                         {"drill", test.drill},
                         {"verdict", toString(test.verdict)}});
    for (const CueAgainstCue& each : record.cues)
        cues.push_back({{"a", each.a},
                        {"b", each.b},
                        {"difference", each.difference},
                        {"low", each.interval.low},
                        {"high", each.interval.high},
                        {"winner", each.winner() == 0 ? Json(nullptr) : Json(each.winner() > 0 ? "b" : "a")}});
    constexpr const char* kWaits[] = {"advice", "retest", "retention_test", "ask_again"};
    for (const Waiting& waiting : record.waits)
        waits.push_back({{"what", kWaits[static_cast<std::size_t>(waiting.what)]}, {"since", day(waiting.since)}});
    for (const NextStep& step : record.next)
        next.push_back({{"what", toString(step.what)}, {"fault", step.fault}, {"because", toString(step.because)}});
    return Json{{"rungs", rungsJson(known, record, assessment.prescription)},
                {"start_here", startsJson(known, assessment.prescription)},
                {"charts", std::move(charts)},
                {"tests", std::move(tests)},
                {"breaks_first", record.breaks ? Json{{"fault", record.breaks->fault},
                                                      {"condition", toString(record.breaks->condition)}}
                                               : Json(nullptr)},
                {"cues", std::move(cues)},
                {"feedback_share",
                 record.told.all ? Json(static_cast<double>(record.told.told) / record.told.all) : Json(nullptr)},
                {"felt",
                 {{"judged", record.felt.judged},
                  {"off", record.felt.off},
                  {"off_called", record.felt.offCalled},
                  {"called", record.felt.called},
                  {"called_right", record.felt.calledRight}}},
                {"home", {{"planned_days", record.home.planned}, {"kept_days", record.home.kept}}},
                {"waits", std::move(waits)},
                {"next", std::move(next)}};
}

} // namespace riflesso::cli
