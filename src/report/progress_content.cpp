#include "report/progress_content.h"

#include "report/evidence.h"
#include "report/practice_words.h"
#include "report/report_content.h"
#include "report/report_text.h"
#include "report/words.h"
#include "work/case_assessment.h"
#include "work/practice_record.h"

#include <algorithm>

namespace riflesso {
namespace {

std::vector<const Session*> filmed(const CaseData& data) {
    std::vector<const Session*> out;
    for (const Session& session : data.sessions)
        if (!session.isModel)
            out.push_back(&session);
    std::stable_sort(out.begin(), out.end(), [](const Session* a, const Session* b) { return a->date < b->date; });
    return out;
}

/// The first repetition of a session with marks at an event.
std::optional<PictureRef> pictureOfSession(const CaseData& data, const Session& session, const std::string& event) {
    for (const Clip& clip : session.clips)
        for (const Section& section : clip.sections)
            for (const Repetition& repetition : section.repetitions)
                if (auto ref = eventPicture(data, repetition.id, event, words::date(session.date));
                    ref && !ref->marks.empty())
                    return ref;
    return {};
}

void addFilm(ProgressContent& out, const CaseData& data, const Assessment& assessment, const std::string& fault,
             const QDate& today) {
    const std::vector<const Session*> sessions = filmed(data);
    if (sessions.size() < 2)
        return;
    const Session &first = *sessions.front(), &last = *sessions.back();
    const FaultDef* def = data.pack.fault(fault);
    const MeasureDef* leading = def ? data.pack.measure(leadingMeasure(data.pack, assessment, *def)) : nullptr;
    if (leading) {
        const std::string event = bestSeenAt(data.pack, *leading);
        auto then = pictureOfSession(data, first, event), now = pictureOfSession(data, last, event);
        if (then && now) {
            if (const EventDef* at = data.pack.event(event))
                out.event = words::text(at->title);
            out.thenAndNow = {std::move(*then), std::move(*now)};
        }
    }
    // The sessions between say nothing on this page.
    CaseData two = data;
    std::erase_if(two.sessions, [&](const Session& session) {
        return !session.isModel && session.id != first.id && session.id != last.id;
    });
    const School school = schoolFrom(data.school.toStdString()).value_or(School::Root);
    for (const Stress stress : commonLevels(two, first.id, last.id)) {
        const Progress progress = progressOf(two, first.id, last.id, stress, school, today);
        for (const Sentence& note : progress.retest.notes)
            if (const QString said = Report::tr("Take care: %1.").arg(words::text(note)); !out.changed.contains(said))
                out.changed << said;
        for (const Change& change : progress.retest.measures) {
            const std::optional<MeasureDef> measure = data.pack.judgedAs(change.measure);
            if (!measure || (change.verdict != ChangeVerdict::Better && change.verdict != ChangeVerdict::Worse))
                continue;
            out.changed << Report::tr("%1, %2: %3, then %4; now %5")
                               .arg(words::text(measure->title), words::stressName(stress),
                                    change.verdict == ChangeVerdict::Better ? Report::tr("better")
                                                                            : Report::tr("worse"),
                                    words::withU(*measure, change.before, 2 * progress.first.find(change.measure)->u),
                                    words::withU(*measure, change.after, 2 * progress.second.find(change.measure)->u));
        }
    }
    if (out.changed.isEmpty())
        out.changed << Report::tr("Nothing changed by more than chance between the first and the last film.");
}

} // namespace

ProgressContent progressContent(const CaseData& data, const Assessment& assessment, const QDate& today) {
    ProgressContent out;
    if (assessment.prescription.waits || (data.practice.empty() && filmed(data).size() < 2))
        return out;
    const PracticeRecord record = practiceRecord(data, assessment.prescription, assessment.findings, {}, today);
    const auto inPlan = [&](const std::string& drill) {
        for (const Focus& focus : assessment.prescription.focus)
            for (const Rung& rung : focus.rungs)
                if (rung.drill == drill)
                    return true;
        return false;
    };
    const auto title = [&](const std::string& drill) { return words::text(data.pack.drill(drill)->title); };
    for (const DrillChart& chart : record.charts) {
        if (!inPlan(chart.drill) || chart.points.empty())
            continue;
        int good = 0, all = 0;
        for (const ChartPoint& point : chart.points)
            good += point.good, all += point.all;
        out.practised << Report::tr("%1, %2: %3 good; %4")
                             .arg(title(chart.drill), words::conditionName(chart.condition), words::ofText(good, all),
                                  words::learningName(chart.verdict));
    }
    if (record.home.kept > 0)
        out.practised << Report::tr("At home on %1.")
                             .arg(words::counted(static_cast<std::size_t>(record.home.kept), Report::tr("day"),
                                                 Report::tr("days")));
    for (const PracticeTest& test : record.tests)
        if (inPlan(test.drill))
            out.holds
                << Report::tr("%1: %2. %3").arg(title(test.drill), words::testName(test), words::testBecause(test));
    for (const NextStep& step : record.next)
        out.next << words::nextName(data.pack, step) + QStringLiteral(": ") + words::nextBecause(data.pack, step) +
                        u'.';
    addFilm(out, data, assessment,
            assessment.prescription.focus.empty() ? std::string() : assessment.prescription.focus.front().fault, today);
    return out;
}

} // namespace riflesso
