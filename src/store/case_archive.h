#pragma once
// One case in one zip file: JSON, CSV and, where wanted, the clips. What is in it is said in docs/case-archive.md.

#include "store/case_merge.h"
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
    Exchanged state; ///< what went out: Edit::keepExchanged, so that a copy that comes back can be compared with it
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
        CaseId copyHere;        ///< this very case is here: the two can be brought together; 0: it is not
        bool sameCase = false;  ///< the athlete has a case of this title already: it stays, this one comes beside it
    };
    [[nodiscard]] Result<Meeting> meet(const Library& library) const;
    /// Adds the case in one step. An athlete who is known is kept as known here.
    [[nodiscard]] Result<CaseId> addTo(Library& library);
    /// What bringing it together with the copy that is here would do.
    [[nodiscard]] Result<CaseMerge> compareWith(const Library& library, CaseId here) const;
    /// Does it, in one step: what `merge` takes, and the questions that were answered with there (as many answers as
    /// questions; true: as it is there). Both journals are kept. A case that has changed here since `merge` was made is
    /// bad input.
    [[nodiscard]] Result<Merged> bringTogether(Library& library, CaseId here, const CaseMerge& merge,
                                               const std::vector<bool>& takeThere);

private:
    CaseArchive() = default;
    Result<void> moveFiles(const QString& folder);
    [[nodiscard]] QString pathOf(const Clip& clip, const QString& libraryFolder) const;
    Result<void> keepStates(Edit& edit, CaseId id) const;
    [[nodiscard]] Result<CaseId> fill(Edit& edit, AthleteId known, const QString& libraryFolder);
    CaseData data_;
    QString packText_, staging_;
    std::vector<JournalEntry> journal_;
    QStringList exchanged_;
    std::map<QString, QString> media_; ///< hash to the unpacked file
    std::map<QString, QString> names_; ///< hash to the file name in media/
    std::map<QString, QString> along_; ///< name, walk-throughs/ID/FILE, to the unpacked file
};

} // namespace riflesso
