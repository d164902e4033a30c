#pragma once
// Context of the report's words for translation.

#include <QCoreApplication>

namespace riflesso {

struct Report {
    Q_DECLARE_TR_FUNCTIONS(Report)
};

} // namespace riflesso
