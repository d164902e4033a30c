#include "work/practice_record.h"

#include "core/listed.h"
#include "store/ask_again.h"
#include "work/case_assessment.h"
#include "work/case_plan.h"

#include <algorithm>
#include <set>

namespace riflesso {

HomeRecord homeRecord(const CaseData& data, const QDate& today) {
    HomeRecord out;
    std::set<QDate> kept;
    for (const PracticeBlock& block : data.practice)
        if (block.kind == PracticeKind::Home && block.count > 0)
            kept.insert(block.day());
    out.kept = static_cast<int>(kept.size());
    if (!data.plan.start.isValid())
        return out;
    const Schedule schedule = scheduleOf(data, {}, today);
    for (const ScheduledDay& day : schedule.days)
        out.planned += day.homework && day.date < dayOf(today);
    return out;
}

std::vector<Waiting> waitingFor(const CaseData& data, const QDate& today) {
    std::vector<Waiting> out;
    using What = Waiting::What;
    for (const AthleteLimit& limit : data.athlete.limits)
        if (limit.waitsForAdvice() && limit.holdsOn(today))
            out.push_back({What::Advice, limit.since, {}});
    const auto due = [&](const QDate& day) { return day.isValid() && day <= today; };
    const auto filmedSince = [&](const QDate& day) {
        return std::any_of(data.sessions.begin(), data.sessions.end(),
                           [&](const Session& session) { return !session.isModel && session.date >= day; });
    };
    if (due(data.plan.retest) && !filmedSince(data.plan.retest))
        out.push_back({What::Retest, data.plan.retest, {}});
    const bool tested = std::any_of(data.practice.begin(), data.practice.end(), [&](const PracticeBlock& block) {
        return block.kind == PracticeKind::Retention && block.day() >= data.plan.retention;
    });
    if (due(data.plan.retention) && !tested && !filmedSince(data.plan.retention))
        out.push_back({What::RetentionTest, data.plan.retention, {}});
    for (const Decision& decision : data.decisions)
        if (asksAgain(decision, today))
            out.push_back({What::AskAgain, dayNamed(decision.until).value_or(today), decision.fault});
    std::stable_sort(out.begin(), out.end(), [](const Waiting& a, const Waiting& b) { return a.since < b.since; });
    return out;
}

std::map<std::string, DoneFacts> doneFacts(const Findings& findings, const std::vector<Trial>& trials) {
    constexpr int kFewest = 4;
    std::map<std::string, DoneFacts> out;
    for (const Finding& finding : findings.ranked) {
        int shown = 0, judged = 0;
        for (const FaultShown& each : finding.repetitions) {
            const auto trial =
                std::find_if(trials.begin(), trials.end(), [&](const Trial& t) { return t.id == each.trial; });
            if (trial == trials.end() || !trial->stress || *trial->stress < Stress::Scored)
                continue;
            shown += each.degree > 0;
            ++judged;
        }
        out[finding.fault].absentAtMatch = judged >= kFewest && shown == 0;
    }
    return out;
}

std::vector<LiveAgainstFilm> liveAgainstFilm(const CaseData& data, const QDate& day, const Findings& findings,
                                             const std::vector<Trial>& trials) {
    std::vector<LiveAgainstFilm> out;
    for (const PracticeBlock& block : data.practice) {
        if (block.kind == PracticeKind::Home || block.day() != day || block.repetitions.empty())
            continue;
        const Stress stress = block.condition.stress;
        auto each = std::find_if(out.begin(), out.end(), [&](const LiveAgainstFilm& known) {
            return known.fault == block.fault && known.stress == stress;
        });
        if (each == out.end()) {
            LiveAgainstFilm fresh{block.fault, stress, 0, 0, 0, 0, {}};
            if (const Finding* finding = findings.find(block.fault)) {
                for (const LevelPoint& level : overConditions(trials, *finding).levels)
                    if (level.stress == stress)
                        fresh.filmGood = level.free, fresh.filmAll = level.judged;
            } else if (!holds(findings.notJudged, block.fault) && !holds(findings.seenOnce, block.fault)) {
                // Judged, and shown in none.
                for (const Trial& trial : trials)
                    fresh.filmAll += trial.stress == stress;
                fresh.filmGood = fresh.filmAll;
            }
            each = out.insert(out.end(), std::move(fresh));
        }
        each->liveGood += block.good();
        each->liveAll += block.all();
    }
    std::erase_if(out, [](const LiveAgainstFilm& each) { return each.filmAll == 0; });
    for (LiveAgainstFilm& each : out)
        each.check = checkCounts(each.liveGood, each.liveAll, each.filmGood, each.filmAll);
    return out;
}

PracticeRecord practiceRecord(const CaseData& data, const Prescription& prescription, const Findings& findings,
                              const std::map<std::string, DoneFacts>& film, const QDate& today) {
    const PracticeLog log = practiceLog(data);
    PracticeRecord out;
    out.rungs = rungRecords(log);
    out.charts = drillCharts(log);
    out.tests = practiceTests(log);
    out.breaks = breaksFirst(out.charts);
    out.cues = cuesCompared(log);
    out.felt = feltRecord(log);
    out.told = toldRecord(log);
    out.home = homeRecord(data, today);
    out.waits = waitingFor(data, today);
    std::vector<std::string> inWork;
    for (const Focus& focus : prescription.focus)
        inWork.push_back(focus.fault);
    const bool another = std::any_of(findings.ranked.begin(), findings.ranked.end(), [&](const Finding& finding) {
        return finding.present && !holds(inWork, finding.fault);
    });
    for (const Focus& focus : prescription.focus) {
        std::vector<std::string> causes;
        for (const Finding& finding : findings.ranked)
            if (finding.present && finding.fault != focus.fault && findings.followsFrom(focus.fault, finding.fault))
                causes.push_back(finding.fault);
        const auto facts = film.find(focus.fault);
        for (NextStep& step :
             nextSteps(data.pack, focus, log, causes, facts == film.end() ? DoneFacts() : facts->second, another))
            out.next.push_back(std::move(step));
    }
    return out;
}

std::vector<PracticeBlock> notYetIn(const CaseData& data, std::vector<PracticeBlock> blocks) {
    const auto same = [](const PracticeBlock& a, const PracticeBlock& b) {
        return a.kind == b.kind && a.fault == b.fault && a.drill == b.drill && a.condition == b.condition &&
               a.started.toSecsSinceEpoch() == b.started.toSecsSinceEpoch() && a.all() == b.all() &&
               a.good() == b.good() && a.count == b.count;
    };
    std::erase_if(blocks, [&](const PracticeBlock& block) {
        return std::any_of(data.practice.begin(), data.practice.end(),
                           [&](const PracticeBlock& known) { return same(known, block); });
    });
    return blocks;
}

} // namespace riflesso
