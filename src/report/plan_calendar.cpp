#include "report/plan_calendar.h"

#include "report/report_content.h"
#include "report/report_text.h"
#include "report/words.h"

namespace riflesso {
namespace {

/// What a technique session works on: fault, drill and cue of the rung to start on.
QString sessionText(const CaseData& data, const Prescription& prescription) {
    const auto sides = rolesByHand(data.pack, data.athlete.handedness);
    QStringList lines;
    for (const Focus& focus : prescription.focus)
        for (const Rung& rung : focus.rungs)
            if (const DrillDef* drill = rung.startHere ? data.pack.drill(rung.drill) : nullptr)
                lines << QStringLiteral("%1: %2. %3")
                             .arg(words::text(data.pack.fault(focus.fault)->title), words::text(drill->title),
                                  words::said(drill->cue, sides));
    lines << Report::tr("Stop on pain and ask a licensed professional.");
    return lines.join(u'\n');
}

} // namespace

std::vector<CalendarEntry> planCalendar(const CaseData& data, const Prescription& prescription) {
    std::vector<CalendarEntry> out;
    const auto add = [&](const QDate& day, const char* kind, const QString& title, const QString& text = {}) {
        const QString uid =
            QStringLiteral("%1-%2-%3@riflesso").arg(data.id.value).arg(day.toString(Qt::ISODate), QLatin1String(kind));
        out.push_back({day, day, QStringLiteral("%1: %2").arg(data.athlete.name, title), text, uid});
    };
    const QString session = sessionText(data, prescription);
    bool still = false; // the day before had no changes either
    for (const ScheduledDay& day : scheduleOf(data, prescription, QDate::currentDate()).days) {
        const QDate date = dateOf(day.date);
        if (day.noChange && still)
            for (auto entry = out.rbegin(); entry != out.rend(); ++entry)
                if (entry->uid.endsWith(QStringLiteral("-still@riflesso"))) {
                    entry->to = date;
                    break;
                }
        if (day.noChange && !still)
            add(date, "still", Report::tr("no technique changes"), Report::tr("The athlete only performs."));
        still = day.noChange;
        if (day.technique && !prescription.waits)
            add(date, "technique", Report::tr("technique session"), session);
        if (day.retest)
            add(date, "retest", Report::tr("retest"),
                Report::tr("Film from the same place, under the same conditions as before."));
        if (day.retention)
            add(date, "retention", Report::tr("retention test"),
                Report::tr("Film again without a reminder: what has stayed?"));
        if (!day.competition.empty())
            add(date, "competition", words::text(day.competition));
    }
    return out;
}

} // namespace riflesso
