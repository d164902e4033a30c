#include "report/report_content.h"

#include "core/listed.h"
#include "core/tables/json_walk.h"

#include "report/goal_words.h"
#include "report/report_text.h"
#include "report/words.h"
#include "work/case_assessment.h"
#include "work/proposals.h"

#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

using words::text;

QString joined(const std::vector<std::string>& list) {
    QStringList out;
    for (const std::string& entry : list)
        out << text(entry);
    return out.join(QStringLiteral(" "));
}

} // namespace

QDate dateOf(Day day) { return QDate(1970, 1, 1).addDays(day.time_since_epoch().count()); }

QStringList scheduleConflicts(const CaseData& data, const Prescription& prescription) {
    if (!data.plan.start.isValid() && !data.plan.retest.isValid())
        return {}; // no dates are chosen that could collide
    static const QRegularExpression kDate(QStringLiteral("\\d{4}-\\d{2}-\\d{2}"));
    QStringList out;
    for (const ScheduleConflict& conflict : scheduleOf(data, prescription, QDate::currentDate()).conflicts) {
        QString text = words::text(conflict.what) + u' ' + words::text(conflict.advice);
        for (auto match = kDate.match(text); match.hasMatch(); match = kDate.match(text))
            text.replace(match.captured(), words::date(QDate::fromString(match.captured(), Qt::ISODate)));
        out << text;
    }
    return out;
}

std::vector<LessonLine> lessonLines(const CaseData& data, const Prescription& prescription) {
    const auto sides = rolesByHand(data.pack, data.athlete.handedness);
    std::vector<LessonLine> out;
    for (const LessonItem& item : lessonSheet(prescription, data.pack, kLessonMinutes))
        out.push_back({item.minutes, words::said(words::text(item.what).toStdString(), sides)});
    return out;
}

QStringList scheduleLines(const CaseData& data, const Prescription& prescription) {
    const PlanSettings& plan = data.plan;
    QStringList out;
    out << Report::tr("%1 technique session%2 a week beside normal training, %3 minutes of homework a day.")
               .arg(plan.sessionsPerWeek)
               .arg(plan.sessionsPerWeek == 1 ? QString() : QStringLiteral("s"))
               .arg(plan.homeworkMinutes);
    if (plan.start.isValid())
        out << Report::tr("Start: %1.").arg(words::date(plan.start));
    if (plan.retest.isValid())
        out << Report::tr("Retest, same camera place and same set: %1.").arg(words::date(plan.retest));
    if (plan.retention.isValid())
        out << Report::tr("Retention test without practice in between: %1.").arg(words::date(plan.retention));
    for (const Competition& competition : data.competitions)
        out << Report::tr("%1: %2. No technique changes from %3 on.")
                   .arg(competition.title, words::date(competition.date),
                        words::date(competition.date.addDays(-plan.noChangeDays)));
    return out + scheduleConflicts(data, prescription);
}

QString approachName(const Approach& approach) {
    return (approach.oneAtATime ? Report::tr("One fault at a time") : Report::tr("One main, one minor")) +
           QStringLiteral(", ") + (approach.tempoFirst ? Report::tr("match tempo first") : Report::tr("slow first"));
}

QStringList chosenWays(const CaseData& data) {
    const auto because = [](const QString& reason) {
        return reason.isEmpty() ? QString() : Report::tr(" Because: %1.").arg(reason);
    };
    QStringList out{approachName(data.plan.approach) + u'.' + because(data.plan.approachReason)};
    for (const Position& position : data.positions)
        for (const DisputeDef& dispute : data.pack.disputes)
            for (const DisputeDef::Position& each : dispute.positions)
                if (dispute.id == position.dispute && each.id == position.position)
                    out << words::text(dispute.question) + u' ' + words::text(each.title) + u'.' +
                               because(position.reason);
    for (const OwnTarget& target : data.targets)
        if (const std::optional<MeasureDef> def = data.pack.judgedAs(target.measure)) {
            Reference range;
            range.low = target.low;
            range.high = target.high;
            out << Report::tr("Own target for \"%1\": %2.")
                           .arg(words::text(def->title), words::referenceText(*def, range)) +
                       because(target.reason);
        }
    return out;
}

namespace {
/// That numbers rest on marks nobody has confirmed; empty where none do.
QString unconfirmedText(const Session& session) {
    int marks = 0, events = 0;
    for (const Clip& clip : session.clips)
        for (const Section& section : clip.sections)
            for (const Repetition& repetition : section.repetitions) {
                const OpenProposals open = openProposals(repetition);
                marks += open.marks;
                events += open.events;
            }
    return marks + events == 0 ? QString()
                               : Report::tr("Proposed by the program and confirmed by nobody yet: %1 marks, %2 key "
                                            "events.")
                                     .arg(marks)
                                     .arg(events);
}
} // namespace

ReportContent composeReport(const ReportSubject& subject) {
    const CaseData& data = subject.data;
    const Assessment& a = subject.assessment;
    const Pack& pack = data.pack;
    ReportContent out;
    out.athlete = data.athlete.name;
    out.skill = text(pack.title);
    out.goal = data.athlete.goal;
    if (const QString number = goalState(data, &a, subject.made.toLocalTime().date()); !number.isEmpty())
        out.goal += (out.goal.isEmpty() ? QString() : QStringLiteral(" ")) + number;
    const Session* session = data.session(subject.session);
    out.session = session ? session->title : QString();
    out.date = session ? words::longDate(session->date) : QString();
    out.made = words::longDate(subject.made.toLocalTime().date());
    out.program = subject.program;
    out.set = Report::tr("%1 repetitions, %2, %3 view")
                  .arg(a.judged.size())
                  .arg(words::choiceName(pack, subject.choice), words::viewName(a.view));
    std::vector<std::string> performers;
    for (const Session& entry : data.sessions)
        for (const Clip& clip : entry.clips)
            for (const Section& section : clip.sections)
                if (entry.isModel && !section.repetitions.empty())
                    performers.push_back(section.performer.toStdString());
    QStringList names;
    for (const std::string& name : performers)
        names << text(name);
    out.model = a.modelMeasures.empty()
                    ? Report::tr("ranges of the skill pack")
                    : Report::tr("%1, %2 repetitions").arg(names.join(Report::tr(" and "))).arg(a.modelMeasures.size());

    for (const SetDeviation& set : a.deviations) {
        const MeasureDef def = *pack.judgedAs(set.measure);
        const QString sign = set.strength ? QStringLiteral("strength") : look::wordOf(look::signOf(set.state));
        out.measures.push_back({text(def.title), words::withU(def, set.median, set.expandedU),
                                words::referenceText(def, set), sign, text(set.note)});
        if (set.strength)
            out.strengths.push_back({def.praise.empty() ? text(def.title) : text(def.praise),
                                     words::withU(def, set.median, set.expandedU), words::referenceText(def, set), sign,
                                     text(def.title)});
    }
    for (const Finding& finding : a.findings.ranked) {
        const FaultDef& fault = *pack.fault(finding.fault);
        ReportContent::Entry entry;
        entry.title = text(fault.title);
        entry.explain = text(fault.explain);
        entry.share = words::ofText(finding.shown, finding.judged);
        entry.sign = look::wordOf(look::signOf(finding.state));
        if (finding.safety != Caution::None)
            entry.safety = text(fault.safetyText);
        if (const std::string id = leadingMeasure(pack, a, fault); !id.empty()) {
            const MeasureDef def = *pack.judgedAs(id);
            const SetDeviation& set = *a.deviation(id);
            entry.value = text(def.title) + QStringLiteral(": ") + words::withU(def, set.median, set.expandedU);
            entry.reference = words::referenceText(def, set);
        }
        for (const CauseDef& cause : fault.causes)
            if (cause.fault == finding.consequenceOf && !cause.fault.empty())
                entry.because = Report::tr("Follows from \"%1\": %2")
                                    .arg(text(pack.fault(cause.fault)->title), text(cause.because));
        for (const Focus& focus : a.prescription.focus)
            if (focus.fault == finding.fault)
                (focus.main ? entry.main : entry.minor) = true;
        for (const Decision& decision : data.decisions)
            if (decision.fault == finding.fault && !decision.reason.isEmpty())
                entry.decision = decision.reason;
        if (entry.main || entry.minor || finding.safety >= Caution::Caution)
            entry.pictures = evidencePictures(data, a, fault);
        out.findings.push_back(std::move(entry));
    }
    const auto sides = rolesByHand(data.pack, data.athlete.handedness);
    const auto said = [&](const std::string& cue) { return words::said(cue, sides); };
    for (const Focus& focus : a.prescription.focus) {
        ReportContent::Ladder ladder{text(pack.fault(focus.fault)->title), focus.main, {}};
        for (const Rung& rung : focus.rungs) {
            const DrillDef& drill = *pack.drill(rung.drill);
            QStringList needs;
            for (const std::string& need : drill.needs)
                needs << words::kept(need);
            if (drill.partner)
                needs << Report::tr("a partner");
            ladder.steps.push_back({text(drill.title), words::stageName(drill.stage), said(drill.cue),
                                    words::doseText(drill.dose), said(drill.good), joined(drill.cautions),
                                    needs.join(QStringLiteral(", ")), rung.startHere, said(drill.feels),
                                    said(drill.wrong), drill.dose, !drill.partner});
        }
        out.ladders.push_back(std::move(ladder));
    }
    for (const KeyPosition& position : keyPositions(data, a)) {
        ReportContent::Position row{text(pack.event(position.event)->title), position.own, position.model, {}};
        for (const MeasureDef* def : position.measures) {
            const SetDeviation& set = *a.deviation(def->id);
            row.measures.push_back({words::shortTitle(data.pack, *def),
                                    words::withU(*def, set.median, set.expandedU),
                                    words::referenceText(*def, set),
                                    set.strength ? QStringLiteral("strength") : look::wordOf(look::signOf(set.state)),
                                    {}});
        }
        out.positions.push_back(std::move(row));
    }
    const QDate today = subject.made.date();
    for (const Competition& competition : data.competitions)
        if (out.competition.isEmpty() && competition.date >= today &&
            today >= competition.date.addDays(-data.plan.noChangeDays))
            out.competition = QStringLiteral("%1, %2").arg(competition.title, words::date(competition.date));
    if (data.plan.retest.isValid() && data.plan.retest >= today)
        out.retest = words::date(data.plan.retest);
    for (const std::string& caution : a.prescription.cautions)
        out.cautions << text(caution);
    out.cautions << Report::tr(
        "Stop on pain and ask a licensed professional. The rules of the sport's body and of the venue come first.");
    if (a.prescription.waits)
        out.waits =
            Report::tr("Pain or the like was said in practice. Nothing is practised until a licensed professional "
                       "has been asked and it is written down who advised what.");
    for (const Sentence& missing : a.prescription.missing)
        out.missing << text(missing);
    out.schedule = scheduleLines(data, subject.assessment.prescription);
    for (const LessonLine& line : lessonLines(data, subject.assessment.prescription))
        out.lesson << Report::tr("%1 min: %2").arg(line.minutes).arg(line.what);
    out.ways = chosenWays(data);
    for (const Belief& belief : data.beliefs) {
        const std::optional<MeasureDef> def = pack.judgedAs(belief.measure);
        const SetDeviation* set = a.deviation(belief.measure);
        if (!def || !belief.locked)
            continue;
        QString line = QStringLiteral("%1: %2 %3")
                           .arg(text(def->title),
                                belief.whose == Guesser::Analyst    ? Report::tr("the analyst's first guess")
                                : belief.whose == Guesser::Forecast ? Report::tr("forecast")
                                                                    : Report::tr("believed"),
                                words::quoted(belief.words));
        if (belief.value)
            line += Report::tr(", about %1").arg(words::named(*def, *belief.value));
        if (set && belief.whose != Guesser::Forecast) // that is measured by the retest
            line += Report::tr("; measured %1").arg(words::withU(*def, set->median, set->expandedU));
        out.beliefs << line + u'.';
    }
    out.remarks
        << Report::tr(
               "Numbers are medians ± expanded uncertainty (2u). School of ranking: %1. Low-pass cutoff %2 Hz%3.")
               .arg(words::schoolName(a.school), words::number(a.cutoff.hz, 1),
                    a.cutoff.byDefault ? Report::tr(" (by default: no run was long enough)") : QString());
    if (const QString open = session ? unconfirmedText(*session) : QString(); !open.isEmpty())
        out.remarks << open;
    out.remarks << words::positionEffects(pack, a);
    if (holds(a.assumed, "bearing"))
        out.remarks << words::assumedSquare();
    out.remarks << Report::tr("Skill pack %1, edition %2.").arg(text(a.packId), text(a.packEdition));
    out.lines = figureLines(pack, sides);
    for (const auto& line : figureLines(pack, {{"arm", opposite(data.athlete.handedness)}}))
        if (std::find(out.lines.begin(), out.lines.end(), line) == out.lines.end())
            out.lines.push_back(line);
    out.progress = progressContent(data, a, QDate::currentDate());
    out.answer = text(assessmentJson(a).dump());
    return out;
}

} // namespace riflesso
