#pragma once
// A field for a day, with a calendar.

#include <QDate>
#include <QString>

class QDateEdit;

namespace riflesso {

/// As the language writes a day. `name`: of the object; `accessible`: for a screen reader, where no label is beside it.
[[nodiscard]] QDateEdit* dateEdit(const QDate& day, const char* name, const QString& accessible = {});

} // namespace riflesso
