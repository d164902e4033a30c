#pragma once
// A state in which a case went to another machine or came from one.

#include <QByteArray>
#include <QString>

namespace riflesso {

struct Exchanged {
    QString digest;     ///< of its rows (case_rows.h)
    QByteArray content; ///< the rows, packed; empty: known by its digest alone
};

} // namespace riflesso
