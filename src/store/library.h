#pragma once
// The library on disk: a folder with library.sqlite and media/. Every change is one transaction and one undo step,
// on disk when the call returns.

#include "store/case_data.h"
#include "store/database.h"
#include "store/desk.h"
#include "store/exchanged.h"
#include "store/own_skill.h"

#include <QLockFile>

#include <functional>
#include <memory>
#include <set>

namespace riflesso {

class Edit;
struct Touched;

/// How much a library holds.
struct LibraryCounts {
    int athletes = 0, cases = 0, clips = 0, repetitions = 0;
};

/// What `verify` finds.
struct LibraryCheck {
    struct Clip {
        QString athlete, title, path;
        bool otherFile = false; ///< a file is there, with another content
    };
    bool sound = true;
    int version = 0;
    QStringList problems;           ///< of the database
    std::vector<Clip> missingClips; ///< that are not there, or hold another file
    LibraryCounts holds;
    int marks = 0;
};

class Library {
public:
    enum class Mode { ReadWrite, ReadOnly };
    /// Opens the library in a folder; ReadWrite makes it where there is none. Errors: a newer version, a damaged
    /// file, a folder that cannot be written to, in use by another window.
    [[nodiscard]] static Result<std::unique_ptr<Library>> open(const QString& folder, Mode mode = Mode::ReadWrite);
    ~Library();

    /// The same, but only for reading where another window has it open or the folder cannot be written to: onlyShown()
    /// says which. Any other error stays one.
    [[nodiscard]] static Result<std::unique_ptr<Library>> openOrShow(const QString& folder);
    /// Why nothing can be changed here, in words; empty where it can.
    [[nodiscard]] QString onlyShown() const { return onlyShown_; }

    [[nodiscard]] QString folder() const { return folder_; }
    /// What to say after the program was not closed: empty after a clean end.
    [[nodiscard]] QString recovered() const { return recovered_; }

    [[nodiscard]] Result<std::vector<CaseEntry>> cases() const;
    /// All cases as far as the desk looks at them.
    [[nodiscard]] Result<std::vector<DeskCase>> deskCases() const;
    /// Puts a case first in cases(), with the session shown; no undo step. Nothing where the library is open for
    /// reading.
    [[nodiscard]] Result<void> noteOpened(CaseId id, SessionId session);
    /// The whole case; times and marks included.
    [[nodiscard]] Result<CaseData> loadCase(CaseId id) const;
    /// As far as its latest set is judged: quicker the more sessions it has (MarksRead::OfLatestSet).
    [[nodiscard]] Result<CaseData> loadLatestSet(CaseId id) const;
    /// The case again after a change that touched no more than repetitions, or what is decided and planned (`course`):
    /// only that is read.
    [[nodiscard]] Result<CaseData> reloaded(const CaseData& before, const std::set<std::int64_t>& repetitions,
                                            bool course = false) const;
    /// The pack file kept with a case, as it was read.
    [[nodiscard]] Result<QString> packText(CaseId id) const;
    /// Skills of one's own, in the order they were begun.
    [[nodiscard]] Result<std::vector<OwnSkill>> ownSkills() const;
    /// Cases whose pack has this id, whatever its edition.
    [[nodiscard]] Result<std::vector<CaseId>> casesWith(const QString& packId) const;
    /// States of a case that another machine has too, from the first.
    [[nodiscard]] Result<std::vector<Exchanged>> exchanged(CaseId id) const;
    /// The case with this lasting id, the last opened of several; 0: none.
    [[nodiscard]] Result<CaseId> caseCalled(const LastingId& uid) const;
    /// What was decided in a case, when and why, from the first.
    [[nodiscard]] Result<std::vector<JournalEntry>> journal(CaseId id) const;
    /// Id of the athlete with this name and year of birth; none: 0.
    [[nodiscard]] Result<AthleteId> athleteCalled(const QString& name, int birthYear) const;
    /// The other cases of the case's athlete, with the faults both packs know.
    [[nodiscard]] Result<std::vector<OtherSkill>> otherSkills(const CaseData& data) const;
    /// A frozen assessment by its id, whatever its case.
    [[nodiscard]] Result<StoredAssessment> loadAssessment(AssessmentId id) const;
    [[nodiscard]] Result<LibraryCounts> counts() const;
    /// Reads every clip once. goOn: called with the share that is read, 0..1; false stops it (cancelled()).
    [[nodiscard]] Result<LibraryCheck> verify(const std::function<bool(double)>& goOn = {}) const;
    /// The file of every clip, as kept: relative to the folder, or a whole path where it lies outside.
    [[nodiscard]] Result<QStringList> clipPaths() const;
    /// What is in the database now, as one new file; what is changed meanwhile is not in it. `places`: where clips
    /// lie for it, by the path they have here. Errors: the file is there, a full disk.
    [[nodiscard]] Result<void> writeCopy(const QString& file, const QHash<QString, QString>& places) const;

    /// One gesture: `work` makes its changes through Edit; an error of it, or of the disk, takes all back.
    /// mergeKey: gestures with the same key in a row are one undo step (nudges of one mark).
    [[nodiscard]] Result<Touched> change(const QString& name, const std::function<Result<void>(Edit&)>& work,
                                         const QString& mergeKey = {});
    /// Whether changes keep the moment at which they were made: not for work whose result has to be the same anywhere.
    void keepMoments(bool keep) { keepsMoments_ = keep; }
    /// The same for what no undo takes back: a lock, or that nobody was asked. Steps of before can still be undone.
    [[nodiscard]] Result<Touched> keep(const std::function<Result<void>(Edit&)>& work);
    [[nodiscard]] QString undoName() const;
    [[nodiscard]] QString redoName() const;
    [[nodiscard]] Result<void> undo();
    [[nodiscard]] Result<void> redo();

    /// Deletes for good, in the file's free pages too: the rows, the clips that no other case uses, all undo steps and
    /// the backups that still held it. A line without content stays in the journal. Cannot be undone.
    [[nodiscard]] Result<void> eraseAthlete(AthleteId id);
    [[nodiscard]] Result<void> eraseSession(SessionId id);
    [[nodiscard]] Result<void> eraseClip(ClipId id);

    /// Forgets all undo steps: what was done before is the starting point (after building the demo).
    [[nodiscard]] Result<void> forgetUndo();

    /// For tests of a full disk: at most this many pages from now on; 0 lifts it.
    [[nodiscard]] Result<void> limitPages(int pages);

private:
    Library(QString folder, Database db, std::unique_ptr<QLockFile> lock);
    Result<void> erase(const QString& what, const QStringList& statements, std::int64_t id);
    Result<void> titleFaults(DeskCase& one) const;
    Result<void> transaction(const std::function<Result<void>()>& work);

    QString folder_;
    std::unique_ptr<QLockFile> lock_;
    Database db_;
    QString recovered_, onlyShown_;
    bool writable_ = false, keepsMoments_ = true;
};

/// Lies in a folder that is only a copy of another library, until somebody works in it.
inline constexpr auto kCopyMark = "copy.json";

/// SHA-256 of a file, as hexadecimal text.
[[nodiscard]] Result<QString> fileHash(const QString& path);

} // namespace riflesso
