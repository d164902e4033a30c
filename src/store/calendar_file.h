#pragma once
// Calendar files (iCalendar, RFC 5545): competitions read from one, the plan's dates written to one.

#include "core/result.h"

#include <QByteArray>
#include <QDate>
#include <QDateTime>
#include <QString>

#include <vector>

namespace riflesso {

/// A stretch of whole days.
struct CalendarEntry {
    QDate from, to; ///< last day included
    QString title, text;
    QString uid; ///< the same each time it is written, so that a calendar replaces it
    bool operator==(const CalendarEntry&) const = default;
};

/// Entries of a calendar file by date, local days, at most 5,000; repeated ones once. At most 4 MiB. Errors name the
/// file.
[[nodiscard]] Result<std::vector<CalendarEntry>> readCalendar(const QByteArray& text, const QString& name);
[[nodiscard]] QByteArray writeCalendar(const std::vector<CalendarEntry>& entries, const QDateTime& written);

} // namespace riflesso
