#pragma once
// One case in one zip file: JSON, CSV and, where wanted, the clips. What is in it is said in docs/case-archive.md.

#include "store/library.h"

#include <functional>
#include <memory>

namespace riflesso {

class Edit;

/// A file that goes along, under its name in the archive: walk-throughs/ID/FILE.
struct ArchivedFile {
    QString name, path;
};
/// Writes a case; with `media` its clips too. A clip that is not there is left out, and counted.
struct ArchiveWritten {
    int clips = 0, clipsLeftOut = 0;
};
[[nodiscard]] Result<ArchiveWritten> writeCaseArchive(const Library& library, CaseId id, const QString& path,
                                                      bool media, const std::function<bool(double)>& goOn = {},
                                                      const std::vector<ArchivedFile>& along = {});

/// A case read from an archive and checked, before anything of a library is touched.
class CaseArchive {
public:
    /// Unpacks beside the library's media, reads every part strictly, and compares clips with their hashes. Errors name
    /// the part and the place.
    [[nodiscard]] static Result<std::unique_ptr<CaseArchive>> open(const QString& path, const QString& libraryFolder,
                                                                   const std::function<bool(double)>& goOn = {});
    ~CaseArchive(); ///< removes what was unpacked and not taken over

    [[nodiscard]] const CaseData& data() const { return data_; }
    [[nodiscard]] int clips() const { return static_cast<int>(media_.size()); }
    /// What will happen, for a person to read before it does: whether the athlete is known here, and the case.
    struct Meeting {
        AthleteId knownAthlete; ///< same name and year of birth; 0: will be added
        bool sameCase = false;  ///< the athlete has a case of this title already: it stays, this one comes beside it
    };
    [[nodiscard]] Result<Meeting> meet(const Library& library) const;
    /// Adds the case in one step. An athlete who is known is kept as known here.
    [[nodiscard]] Result<CaseId> addTo(Library& library);

private:
    CaseArchive() = default;
    [[nodiscard]] Result<CaseId> fill(Edit& edit, AthleteId known, const QString& libraryFolder);
    CaseData data_;
    QString packText_, staging_;
    std::vector<JournalEntry> journal_;
    std::map<QString, QString> media_; ///< hash to the unpacked file
    std::map<QString, QString> names_; ///< hash to the file name in media/
    std::map<QString, QString> along_; ///< name, walk-throughs/ID/FILE, to the unpacked file
};

} // namespace riflesso
