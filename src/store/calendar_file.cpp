#include "store/calendar_file.h"

#include <libical/ical.h>

#include <algorithm>
#include <memory>

namespace riflesso {
namespace {

constexpr qsizetype kMostBytes = qsizetype(4) << 20;
constexpr std::size_t kMostEntries = 5000;

struct Free {
    void operator()(icalcomponent* component) const { icalcomponent_free(component); }
};
using Component = std::unique_ptr<icalcomponent, Free>;

/// The local day of an instant, or the day itself.
QDate dayOf(const icaltimetype& time) {
    const QDate day(time.year, time.month, time.day);
    if (time.is_date || !icaltime_is_utc(time) || !day.isValid())
        return day;
    return QDateTime(day, QTime(time.hour, time.minute, std::min(time.second, 59)), Qt::UTC).toLocalTime().date();
}

icaltimetype dayTime(const QDate& day) {
    icaltimetype time = icaltime_null_date();
    time.year = day.year();
    time.month = day.month();
    time.day = day.day();
    time.is_date = 1;
    return time;
}

void collect(icalcomponent* in, std::vector<CalendarEntry>& out) {
    for (icalcomponent* event = icalcomponent_get_first_component(in, ICAL_VEVENT_COMPONENT);
         event && out.size() < kMostEntries; event = icalcomponent_get_next_component(in, ICAL_VEVENT_COMPONENT)) {
        CalendarEntry entry;
        entry.from = dayOf(icalcomponent_get_dtstart(event));
        if (!entry.from.isValid())
            continue;
        entry.to = entry.from;
        if (const icaltimetype end = icalcomponent_get_dtend(event); !icaltime_is_null_time(end)) {
            // A day as the end is the first one after it.
            const QDate last = end.is_date ? dayOf(end).addDays(-1) : dayOf(end);
            if (last.isValid() && last > entry.from)
                entry.to = last;
        }
        entry.title = QString::fromUtf8(icalcomponent_get_summary(event)).simplified();
        entry.text = QString::fromUtf8(icalcomponent_get_description(event));
        entry.uid = QString::fromUtf8(icalcomponent_get_uid(event));
        out.push_back(std::move(entry));
    }
}

} // namespace

Result<std::vector<CalendarEntry>> readCalendar(const QByteArray& text, const QString& name) {
    const std::string expected = "a calendar file (.ics) of at most 4 MiB";
    if (text.size() > kMostBytes)
        return badInput(name.toStdString(), expected, "a larger one");
    const Component root(icalparser_parse_string(text.constData()));
    if (!root)
        return badInput(name.toStdString(), expected, "something else");
    std::vector<CalendarEntry> out;
    bool isCalendar = icalcomponent_isa(root.get()) == ICAL_VCALENDAR_COMPONENT;
    collect(root.get(), out);
    // Several calendars in one file stand under one root.
    for (icalcomponent* one = icalcomponent_get_first_component(root.get(), ICAL_VCALENDAR_COMPONENT); one;
         one = icalcomponent_get_next_component(root.get(), ICAL_VCALENDAR_COMPONENT)) {
        isCalendar = true;
        collect(one, out);
    }
    if (!isCalendar)
        return badInput(name.toStdString(), expected, "no calendar in it");
    std::stable_sort(out.begin(), out.end(),
                     [](const CalendarEntry& a, const CalendarEntry& b) { return a.from < b.from; });
    return out;
}

QByteArray writeCalendar(const std::vector<CalendarEntry>& entries, const QDateTime& written) {
    const QDateTime utc = written.toUTC();
    icaltimetype stamp = dayTime(utc.date());
    stamp.is_date = 0;
    stamp.hour = utc.time().hour();
    stamp.minute = utc.time().minute();
    stamp.second = utc.time().second();
    stamp.zone = icaltimezone_get_utc_timezone();
    const Component calendar(icalcomponent_new_vcalendar());
    icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
    icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//riflesso//plan//EN"));
    for (const CalendarEntry& entry : entries) {
        icalcomponent* event = icalcomponent_new_vevent();
        icalcomponent_set_uid(event, entry.uid.toUtf8().constData());
        icalcomponent_set_dtstamp(event, stamp);
        icalcomponent_set_dtstart(event, dayTime(entry.from));
        icalcomponent_set_dtend(event, dayTime(entry.to.addDays(1)));
        icalcomponent_set_summary(event, entry.title.toUtf8().constData());
        if (!entry.text.isEmpty())
            icalcomponent_set_description(event, entry.text.toUtf8().constData());
        icalcomponent_add_component(calendar.get(), event);
    }
    char* text = icalcomponent_as_ical_string_r(calendar.get());
    const QByteArray out(text);
    icalmemory_free_buffer(text);
    return out;
}

} // namespace riflesso
