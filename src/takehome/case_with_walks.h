#pragma once
// A case's archive with its walk-throughs.

#include "store/case_archive.h"

namespace riflesso {

/// writeCaseArchive, and with `media` what was talked through, which lies beside the database.
[[nodiscard]] Result<ArchiveWritten> writeWholeCase(const Library& library, CaseId id, const QString& path, bool media,
                                                    const std::function<bool(double)>& goOn = {});

} // namespace riflesso
