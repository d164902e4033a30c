#include "app/widgets/date_edit.h"

#include "report/language.h"

#include <QDateEdit>

namespace riflesso {

QDateEdit* dateEdit(const QDate& day, const char* name, const QString& accessible) {
    auto* edit = new QDateEdit(day);
    edit->setObjectName(QString::fromUtf8(name));
    edit->setAccessibleName(accessible);
    edit->setCalendarPopup(true);
    edit->setDisplayFormat(datePattern());
    return edit;
}

} // namespace riflesso
