#include "store/ask_again.h"

#include <QLocale>

namespace riflesso {

std::optional<QDate> dayNamed(const QString& until) {
    const QString text = until.trimmed();
    if (const QDate day = QDate::fromString(text, Qt::ISODate); day.isValid())
        return day;
    for (const QLocale& locale : {QLocale(), QLocale::c()})
        for (const char* form : {"d MMM yyyy", "d MMMM yyyy"})
            if (const QDate day = locale.toDate(text, QString::fromLatin1(form)); day.isValid())
                return day;
    return {};
}

bool asksAgain(const Decision& decision, const QDate& today) {
    if (decision.choice != Decision::Choice::Park && decision.choice != Decision::Choice::WorkRound)
        return false;
    const auto day = dayNamed(decision.until);
    return day && *day <= today;
}

} // namespace riflesso
