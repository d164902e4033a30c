#pragma once
// A second copy of a whole library, on another disk: made, and later brought up to date.

#include "core/result.h"
#include "work/go_on.h"

#include <QDateTime>
#include <QString>
#include <QStringList>

#include <optional>

namespace riflesso {

/// What was done, and what the copy holds now.
struct LibraryCopy {
    int files = 0;       ///< clips, films and recordings in it
    qint64 bytes = 0;    ///< all of it, the database included
    int newFiles = 0;    ///< of them written this time
    qint64 newBytes = 0; ///< the database included
    int removed = 0;     ///< files that the library does not have any more
    QStringList leftOut; ///< clips whose file is not there, by the path the library keeps
};

/// Copies the library in `from` into the folder `to`: one that is not there, is empty, or holds an earlier copy of this
/// library in which nobody has worked since. Only what is new is written; what the library does not have any more goes
/// from the copy too (people who were deleted stay in no copy). Clips that lie outside the library come into it. The
/// result is a library like any other. What changes meanwhile may not be in it. Killed or stopped at any moment, `to`
/// holds the earlier copy or the new one, or, the first time, what can be gone on with. Errors: another folder than
/// said above, a library in use there, a full disk.
[[nodiscard]] Result<LibraryCopy> copyLibraryTo(const QString& from, const QString& to, const GoOn& goOn);

/// When the copy in this folder was made and of what folder; none: it is not a whole copy.
struct CopyMade {
    QDateTime at;
    QString of;
};
[[nodiscard]] std::optional<CopyMade> copyIn(const QString& folder);

} // namespace riflesso
