#include "store/library.h"
#include "store/schema.h"

#include <QDir>
#include <QFile>
#include <QSet>

// Deleting for good.

namespace riflesso {
namespace {

/// Files in media/ that no clip refers to any more.
Result<void> removeUnused(const Database& db, const QString& folder) {
    Result<QSqlQuery> rows = db.run(QStringLiteral("SELECT path FROM clip"));
    if (!rows)
        return rows.error();
    const QDir root(folder);
    QSet<QString> used;
    while (rows->next())
        used.insert(QDir::cleanPath(root.absoluteFilePath(rows->value(0).toString())));
    const QDir media(root.filePath(QStringLiteral("media")));
    for (const QFileInfo& file : media.entryInfoList(QDir::Files | QDir::Hidden))
        if (!used.contains(QDir::cleanPath(file.absoluteFilePath())) && !QFile::remove(file.absoluteFilePath()))
            return fault(file.absoluteFilePath().toStdString(), "the clip could not be deleted");
    // A backup made before a new version still holds everything.
    for (const QString& backup : root.entryList({QStringLiteral("library.sqlite.before-version-*")}, QDir::Files))
        if (!QFile::remove(root.filePath(backup)))
            return fault(root.filePath(backup).toStdString(), "the backup could not be deleted");
    return {};
}

} // namespace

Result<void> Library::erase(const QString& what, const QStringList& statements, std::int64_t id) {
    if (const auto set = db_.run(QStringLiteral("PRAGMA secure_delete=ON")); !set)
        return set.error();
    const auto done = transaction([&]() -> Result<void> {
        for (const QString& sql : statements)
            if (const auto ran = db_.run(sql, {qint64(id)}); !ran)
                return ran.error();
        // Undo steps hold what was written, word for word.
        if (const auto ran = db_.run(QStringLiteral("DELETE FROM undo_step")); !ran)
            return ran.error();
        const auto noted =
            db_.run(QStringLiteral("INSERT INTO journal(at, case_id, what, reason) VALUES(?, NULL, ?, '')"),
                    {QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs), what});
        return noted ? Result<void>() : Result<void>(noted.error());
    });
    if (!done)
        return done;
    for (const char* sql : {"VACUUM", "PRAGMA wal_checkpoint(TRUNCATE)"})
        if (const auto ran = db_.run(QLatin1String(sql)); !ran)
            return ran.error();
    return removeUnused(db_, folder_);
}

Result<void> Library::eraseAthlete(AthleteId id) {
    return erase(QStringLiteral("deleted an athlete"),
                 {QStringLiteral("DELETE FROM journal WHERE case_id IN (SELECT id FROM skill_case WHERE athlete_id=?)"),
                  QStringLiteral("DELETE FROM athlete WHERE id=?")},
                 id.value);
}
Result<void> Library::eraseSession(SessionId id) {
    return erase(QStringLiteral("deleted a session"),
                 {QStringLiteral("DELETE FROM exchanged WHERE case_id=(SELECT case_id FROM session WHERE id=?)"),
                  QStringLiteral("DELETE FROM assessment WHERE session_id=?"),
                  QStringLiteral("DELETE FROM session WHERE id=?")},
                 id.value);
}
Result<void> Library::eraseClip(ClipId id) {
    return erase(QStringLiteral("deleted a clip"),
                 {QStringLiteral("DELETE FROM exchanged WHERE case_id=(SELECT s.case_id FROM session s JOIN clip c ON "
                                 "c.session_id=s.id WHERE c.id=?)"),
                  QStringLiteral("DELETE FROM clip WHERE id=?")},
                 id.value);
}

} // namespace riflesso
