#pragma once
// Tables of the library, by version. A new version is a new entry in migrations(), never a change of an old one.

#include <QString>
#include <QStringList>

namespace riflesso {

/// Script that leads from version i to i + 1, at index i.
[[nodiscard]] const QStringList& migrations();
/// Version this program writes.
[[nodiscard]] int schemaVersion();
/// Tables whose changes can be undone.
[[nodiscard]] const QStringList& undoableTables();

} // namespace riflesso
