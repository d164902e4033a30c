#include "store/library.h"

#include "store/case_reader.h"
#include "store/edit.h"
#include "store/folder_lock.h"
#include "store/schema.h"
#include "store/undo_log.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>

namespace riflesso {
namespace {

const char* const kFreeLibrary = "a library that no other window has open";
const char* const kWritableFolder = "a folder that can be written to";

const QString kFile = QStringLiteral("library.sqlite");
const QString kCleanEnd =
    QStringLiteral("INSERT INTO meta(key, value) VALUES('clean_end', ?) ON CONFLICT(key) DO UPDATE "
                   "SET value=excluded.value");

Result<void> migrate(const Database& db, int from) {
    if (from == schemaVersion())
        return {};
    if (from > 0) {
        const QString backup = db.file() + QStringLiteral(".before-version-%1").arg(from + 1);
        if (const auto done = db.run(QStringLiteral("VACUUM INTO ?"), {backup}); !done)
            return done.error();
    }
    for (int version = from; version < schemaVersion(); ++version) {
        if (const auto begun = db.run(QStringLiteral("BEGIN IMMEDIATE")); !begun)
            return begun.error();
        Result<void> done = db.runAll(migrations()[version]);
        if (done) {
            const auto stamped = db.run(QStringLiteral("PRAGMA user_version=%1").arg(version + 1));
            done = stamped ? Result<void>() : Result<void>(stamped.error());
        }
        if (!done) {
            (void)db.run(QStringLiteral("ROLLBACK"));
            return done;
        }
        if (const auto committed = db.run(QStringLiteral("COMMIT")); !committed)
            return committed.error();
    }
    return {};
}

} // namespace

Library::Library(QString folder, Database db, std::unique_ptr<QLockFile> lock)
    : folder_(std::move(folder)), lock_(std::move(lock)), db_(std::move(db)) {}

Library::~Library() {
    if (writable_)
        (void)db_.run(kCleanEnd, {QStringLiteral("yes")});
}

Result<std::unique_ptr<Library>> Library::open(const QString& folder, Mode mode) {
    const std::string where = folder.toStdString();
    const bool writable = mode == Mode::ReadWrite;
    const QString file = QDir(folder).absoluteFilePath(kFile);
    std::unique_ptr<QLockFile> lock;
    if (writable) {
        if (!QDir().mkpath(QDir(folder).absoluteFilePath(QStringLiteral("media"))))
            return badInput(where, kWritableFolder, "no write");
        lock = std::make_unique<QLockFile>(QDir(folder).absoluteFilePath(QStringLiteral("library.lock")));
        if (!takeLock(*lock))
            return badInput(where, lock->error() == QLockFile::PermissionError ? kWritableFolder : kFreeLibrary,
                            lock->error() == QLockFile::PermissionError ? "no write" : "one in use");
    } else if (!QFileInfo(file).isFile()) {
        return badInput(where, "a library", "no library.sqlite in this folder");
    }
    Result<Database> db = Database::open(file, writable);
    if (!db)
        return db.error();
    const auto version = db->value(QStringLiteral("PRAGMA user_version"));
    if (!version)
        return version.error();
    if (version->toInt() > schemaVersion())
        return badInput(file.toStdString(), "a library of version " + std::to_string(schemaVersion()) + " or older",
                        "version " + std::to_string(version->toInt()) +
                            ": open it with the newer program that wrote it");
    if (version->toInt() < schemaVersion() && !writable)
        return badInput(file.toStdString(), "a library of version " + std::to_string(schemaVersion()),
                        "version " + std::to_string(version->toInt()) + ": open it once in the program");
    if (writable) {
        const auto check = db->value(QStringLiteral("PRAGMA quick_check"));
        if (!check)
            return check.error();
        if (check->toString() != QLatin1String("ok"))
            return badInput(file.toStdString(), "an undamaged library", check->toString().toStdString());
        if (const auto migrated = migrate(*db, version->toInt()); !migrated)
            return migrated.error();
        if (const auto installed = UndoLog::install(*db); !installed)
            return installed.error();
    }
    std::unique_ptr<Library> library(new Library(folder, std::move(*db), std::move(lock)));
    if (writable) {
        const auto clean = library->db_.value(QStringLiteral("SELECT value FROM meta WHERE key='clean_end'"));
        if (clean && clean->toString() == QLatin1String("no")) {
            Result<QSqlQuery> last =
                library->db_.run(QStringLiteral("SELECT name, at FROM undo_step ORDER BY id DESC LIMIT 1"));
            library->recovered_ =
                last && last->next()
                    ? QStringLiteral("The program was not closed last time. Everything up to \"%1\" at %2 is here.")
                          .arg(last->value(0).toString(),
                               momentOf(last->value(1)).toLocalTime().toString(QStringLiteral("HH:mm:ss")))
                    : QStringLiteral("The program was not closed last time. Nothing was lost.");
        }
        if (const auto marked = library->db_.run(kCleanEnd, {QStringLiteral("no")}); !marked)
            return marked.error();
        library->writable_ = true;
        QFile::remove(QDir(folder).absoluteFilePath(QLatin1String(kCopyMark))); // from now on it is more than a copy
    }
    return library;
}

Result<std::unique_ptr<Library>> Library::openOrShow(const QString& folder) {
    auto opened = open(folder);
    if (opened)
        return opened;
    const Error error = opened.error();
    if (error.expected != kFreeLibrary && error.expected != kWritableFolder)
        return error;
    auto shown = open(folder, Mode::ReadOnly);
    if (!shown)
        return error;
    (*shown)->onlyShown_ =
        error.expected == kFreeLibrary
            ? QStringLiteral(
                  "Another window has this library open: here it is only shown. To change something, close one "
                  "of the two.")
            : QStringLiteral("The folder of this library cannot be written to: it is only shown.");
    return shown;
}

Result<std::vector<CaseEntry>> Library::cases() const {
    Result<QSqlQuery> rows = db_.run(QStringLiteral("SELECT c.id, a.name, c.title, c.opened FROM skill_case c JOIN "
                                                    "athlete a ON a.id=c.athlete_id ORDER BY c.opened DESC, c.id"));
    if (!rows)
        return rows.error();
    std::vector<CaseEntry> out;
    while (rows->next())
        out.push_back({{rows->value(0).toLongLong()},
                       rows->value(1).toString(),
                       rows->value(2).toString(),
                       momentOf(rows->value(3))});
    return out;
}

Result<void> Library::noteOpened(CaseId id, SessionId session) {
    if (!writable_)
        return {};
    return transaction([&]() -> Result<void> {
        const auto done = db_.run(
            QStringLiteral("UPDATE skill_case SET opened=?, session_id=? WHERE id=?"),
            {QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs), qint64(session.value), qint64(id.value)});
        return done ? Result<void>() : Result<void>(done.error());
    });
}

Result<CaseData> Library::loadCase(CaseId id) const { return readCase(db_, folder_, id); }
Result<CaseData> Library::loadLatestSet(CaseId id) const { return readCase(db_, folder_, id, MarksRead::OfLatestSet); }

Result<QString> Library::packText(CaseId id) const {
    const auto text = db_.value(QStringLiteral("SELECT pack FROM skill_case WHERE id=?"), {qint64(id.value)});
    if (!text)
        return text.error();
    return text->toString();
}
Result<std::vector<JournalEntry>> Library::journal(CaseId id) const {
    Result<QSqlQuery> rows = db_.run(
        QStringLiteral("SELECT at, what, reason FROM journal WHERE case_id=? ORDER BY at, id"), {qint64(id.value)});
    if (!rows)
        return rows.error();
    std::vector<JournalEntry> out;
    while (rows->next())
        out.push_back({momentOf(rows->value(0)), rows->value(1).toString(), rows->value(2).toString()});
    return out;
}
Result<std::vector<Exchanged>> Library::exchanged(CaseId id) const {
    Result<QSqlQuery> rows = db_.run(
        QStringLiteral("SELECT digest, content FROM exchanged WHERE case_id=? ORDER BY id"), {qint64(id.value)});
    if (!rows)
        return rows.error();
    std::vector<Exchanged> out;
    while (rows->next())
        out.push_back({rows->value(0).toString(), rows->value(1).toByteArray()});
    return out;
}
Result<CaseId> Library::caseCalled(const LastingId& uid) const {
    const auto id =
        db_.value(QStringLiteral("SELECT id FROM skill_case WHERE uid=? AND uid<>'' ORDER BY opened DESC, id "
                                 "DESC LIMIT 1"),
                  {QString::fromStdString(uid)});
    if (!id)
        return id.error();
    return CaseId{id->toLongLong()};
}
Result<AthleteId> Library::athleteCalled(const QString& name, int birthYear) const {
    const auto id =
        db_.value(QStringLiteral("SELECT min(id) FROM athlete WHERE name=? AND birth_year=?"), {name, birthYear});
    if (!id)
        return id.error();
    return AthleteId{id->toLongLong()};
}
Result<CaseData> Library::reloaded(const CaseData& before, const std::set<std::int64_t>& repetitions,
                                   bool course) const {
    return readRepetitionsAgain(db_, folder_, before, repetitions, course);
}

Result<StoredAssessment> Library::loadAssessment(AssessmentId id) const {
    Result<QSqlQuery> row =
        db_.run(QStringLiteral("SELECT session_id, at, title, version, content FROM assessment WHERE id=?"),
                {qint64(id.value)});
    if (!row)
        return row.error();
    if (!row->next())
        return badInput(folder_.toStdString(), "an assessment with the id " + std::to_string(id.value), "none");
    return StoredAssessment{id,
                            {row->value(0).toLongLong()},
                            momentOf(row->value(1)),
                            row->value(2).toString(),
                            row->value(3).toString(),
                            row->value(4).toString()};
}

Result<LibraryCounts> Library::counts() const {
    LibraryCounts out;
    const std::pair<const char*, int*> counted[] = {
        {"athlete", &out.athletes}, {"skill_case", &out.cases}, {"clip", &out.clips}, {"repetition", &out.repetitions}};
    for (const auto& [table, target] : counted) {
        const auto count = db_.value(QStringLiteral("SELECT count(*) FROM ") + QLatin1String(table));
        if (!count)
            return count.error();
        *target = count->toInt();
    }
    return out;
}

Result<LibraryCheck> Library::verify(const std::function<bool(double)>& goOn) const {
    LibraryCheck check;
    const auto version = db_.value(QStringLiteral("PRAGMA user_version"));
    if (!version)
        return version.error();
    check.version = version->toInt();
    for (const char* pragma : {"PRAGMA integrity_check", "PRAGMA foreign_key_check"}) {
        Result<QSqlQuery> rows = db_.run(QLatin1String(pragma));
        if (!rows)
            return rows.error();
        while (rows->next())
            if (rows->value(0).toString() != QLatin1String("ok"))
                check.problems << rows->value(0).toString();
    }
    const auto holds = counts();
    const auto marks = db_.value(QStringLiteral("SELECT count(*) FROM mark"));
    if (!holds || !marks)
        return !holds ? holds.error() : marks.error();
    check.holds = *holds;
    check.marks = marks->toInt();
    Result<QSqlQuery> clips = db_.run(QStringLiteral(
        "SELECT clip.path, clip.hash, clip.title, athlete.name FROM clip JOIN session ON session.id=clip.session_id "
        "JOIN skill_case ON skill_case.id=session.case_id JOIN athlete ON athlete.id=skill_case.athlete_id "
        "ORDER BY clip.id"));
    if (!clips)
        return clips.error();
    int read = 0;
    while (clips->next()) {
        if (goOn && !goOn(static_cast<double>(read++) / std::max(1, check.holds.clips)))
            return cancelled();
        const QString kept = clips->value(0).toString(), path = QDir(folder_).absoluteFilePath(kept);
        const auto hash = fileHash(path);
        if (!hash || *hash != clips->value(1).toString())
            check.missingClips.push_back({clips->value(3).toString(), clips->value(2).toString(), kept, hash.ok()});
    }
    check.sound = check.problems.isEmpty() && check.missingClips.empty();
    return check;
}

Result<QStringList> Library::clipPaths() const {
    Result<QSqlQuery> rows = db_.run(QStringLiteral("SELECT DISTINCT path FROM clip ORDER BY path"));
    if (!rows)
        return rows.error();
    QStringList out;
    while (rows->next())
        out << rows->value(0).toString();
    return out;
}

Result<void> Library::writeCopy(const QString& file, const QHash<QString, QString>& places) const {
    if (const auto written = db_.run(QStringLiteral("VACUUM INTO ?"), {file}); !written)
        return written.error();
    // Made with a journal of its own beside it: one file when it is closed.
    const auto copy = Database::open(file, true);
    if (!copy)
        return copy.error();
    if (const auto closed = copy->run(kCleanEnd, {QStringLiteral("yes")}); !closed)
        return closed.error();
    for (auto place = places.begin(); place != places.end(); ++place)
        if (const auto moved =
                copy->run(QStringLiteral("UPDATE clip SET path=? WHERE path=?"), {place.value(), place.key()});
            !moved)
            return moved.error();
    return {};
}

Result<void> Library::transaction(const std::function<Result<void>()>& work) {
    if (!writable_)
        return badInput(folder_.toStdString(), "a library opened for writing", "one opened for reading");
    if (const auto begun = db_.run(QStringLiteral("BEGIN IMMEDIATE")); !begun)
        return begun.error();
    Result<void> done = work();
    if (done) {
        const auto committed = db_.run(QStringLiteral("COMMIT"));
        if (committed)
            return {};
        done = committed.error();
    }
    (void)db_.run(QStringLiteral("ROLLBACK"));
    (void)db_.run(QStringLiteral("UPDATE temp.undo_state SET step=0"));
    return done;
}

Result<Touched> Library::change(const QString& name, const std::function<Result<void>(Edit&)>& work,
                                const QString& mergeKey) {
    Edit edit(db_);
    const Result<void> done = transaction([&]() -> Result<void> {
        if (auto begun = UndoLog::begin(db_, name, mergeKey); !begun)
            return begun;
        if (auto worked = work(edit); !worked)
            return worked;
        if (auto ended = UndoLog::end(db_); !ended || !keepsMoments_)
            return ended;
        const QDateTime now = QDateTime::currentDateTimeUtc();
        for (const std::int64_t id : edit.touched().repetitions) {
            const auto told = edit.touched().changedAt.find(id);
            const QDateTime at = told == edit.touched().changedAt.end() ? now : told->second;
            if (auto noted = at.isValid()
                                 ? db_.repeat(QStringLiteral("INSERT OR REPLACE INTO repetition_changed SELECT "
                                                             "id, ? FROM repetition WHERE id=?"),
                                              {at.toUTC().toString(Qt::ISODateWithMs), qint64(id)})
                                 : Result<void>();
                !noted)
                return noted;
        }
        return {};
    });
    if (!done)
        return done.error();
    return edit.touched();
}

Result<Touched> Library::keep(const std::function<Result<void>(Edit&)>& work) {
    Edit edit(db_);
    // Outside a step nothing is recorded (undo_log.cpp).
    if (const auto done = transaction([&] { return work(edit); }); !done)
        return done.error();
    return edit.touched();
}

QString Library::undoName() const { return UndoLog::nextUndo(db_); }
QString Library::redoName() const { return UndoLog::nextRedo(db_); }
Result<void> Library::undo() {
    return transaction([&] { return UndoLog::undo(db_); });
}
Result<void> Library::redo() {
    return transaction([&] { return UndoLog::redo(db_); });
}

Result<void> Library::forgetUndo() {
    for (const char* table : {"undo_step", "repetition_changed"})
        if (const auto done = db_.run(QStringLiteral("DELETE FROM ") + QLatin1String(table)); !done)
            return done.error();
    return {};
}

Result<void> Library::limitPages(int pages) {
    const int limit = pages > 0 ? pages : 1073741823;
    const auto done = db_.run(QStringLiteral("PRAGMA max_page_count=%1").arg(limit));
    if (!done)
        return done.error();
    return {};
}

Result<QString> fileHash(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return badInput(path.toStdString(), "a file that can be read", file.errorString().toStdString());
    QCryptographicHash hash(QCryptographicHash::Sha256);
    if (!hash.addData(&file))
        return badInput(path.toStdString(), "a file that can be read", file.errorString().toStdString());
    return QString::fromLatin1(hash.result().toHex());
}

} // namespace riflesso
