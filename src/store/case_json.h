#pragma once
// A case as the files of an archive, and back. Numbers are written so that they read back as they were.

#include "store/case_data.h"

#include "core/result.h"

#include <QByteArray>

#include <map>

namespace riflesso {

/// File name (case.json, times.csv, marks.csv, …) to its bytes. `fileOf` gives a clip's name in media/, or an empty
/// text where it does not travel along. `exchanged`: digests of the states that it has been handed on in, from the
/// first.
[[nodiscard]] std::map<QString, QByteArray> caseToFiles(const CaseData& data, const QString& packText,
                                                        const std::vector<JournalEntry>& journal,
                                                        const std::map<QString, QString>& fileOf,
                                                        const QStringList& exchanged = {});

struct CaseFromFiles {
    CaseData data; ///< ids are the archive's own; paths are empty
    QString packText;
    std::vector<JournalEntry> journal;
    std::map<QString, QString> fileOf; ///< a clip's hash to its name in media/
    QStringList exchanged;
};
/// Strict: every wrong place is an error with the file and the place in it. A repetition lies in its section, a section
/// in its clip, a mark in a repetition that is there.
[[nodiscard]] Result<CaseFromFiles> caseFromFiles(const std::map<QString, QByteArray>& files);

/// Of a file of a walk-through.
[[nodiscard]] bool isWalkName(const QString& name);
/// Whether a name may stand in a case archive; `media` is set for a clip and for the files of a walk-through.
[[nodiscard]] bool isArchiveName(const QString& name, bool& media);

} // namespace riflesso
