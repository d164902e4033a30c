#pragma once
// Undo kept in the library itself: triggers write, for every changed row, the statement that takes it back.

#include "store/database.h"

namespace riflesso {

class UndoLog {
public:
    /// Installs the triggers on this connection.
    [[nodiscard]] static Result<void> install(const Database& db);

    /// Runs inside a transaction: what follows belongs to one step. A step with the same non-empty merge key goes
    /// on when it is the latest one and not undone. Steps taken back before are lost.
    [[nodiscard]] static Result<void> begin(const Database& db, const QString& name, const QString& mergeKey);
    /// Ends recording. An empty step leaves no trace.
    [[nodiscard]] static Result<void> end(const Database& db);

    /// Name of the step that undo (redo) would take back (repeat); empty for none.
    [[nodiscard]] static QString nextUndo(const Database& db);
    [[nodiscard]] static QString nextRedo(const Database& db);
    /// Inside a transaction.
    [[nodiscard]] static Result<void> undo(const Database& db);
    [[nodiscard]] static Result<void> redo(const Database& db);
};

} // namespace riflesso
