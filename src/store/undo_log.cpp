#include "store/undo_log.h"

#include "store/schema.h"

#include <QDateTime>

namespace riflesso {
namespace {

constexpr int kKeptSteps = 500;

Result<QStringList> columnsOf(const Database& db, const QString& table) {
    Result<QSqlQuery> query = db.run(QStringLiteral("SELECT name FROM pragma_table_info('%1')").arg(table));
    if (!query)
        return query.error();
    QStringList columns;
    while (query->next())
        columns << query->value(0).toString();
    return columns;
}

/// Runs a step's statements, latest first, while the triggers record their opposites under `record`.
Result<void> replay(const Database& db, qint64 step, int from, int record) {
    Result<QSqlQuery> rows =
        db.run(QStringLiteral("SELECT sql FROM undo_sql WHERE step_id=? AND redo=? ORDER BY id DESC"), {step, from});
    if (!rows)
        return rows.error();
    QStringList statements;
    while (rows->next())
        statements << rows->value(0).toString();
    for (const auto& [sql, values] :
         {std::pair<QString, QVariantList>{QStringLiteral("PRAGMA defer_foreign_keys=ON"), {}},
          {QStringLiteral("UPDATE temp.undo_state SET step=?, redo=?"), {step, record}}})
        if (const auto done = db.run(sql, values); !done)
            return done.error();
    for (const QString& statement : statements)
        if (const auto done = db.run(statement); !done)
            return done.error();
    for (const auto& [sql, values] :
         {std::pair<QString, QVariantList>{QStringLiteral("UPDATE temp.undo_state SET step=0"), {}},
          {QStringLiteral("DELETE FROM undo_sql WHERE step_id=? AND redo=?"), {step, from}},
          {QStringLiteral("UPDATE undo_step SET undone=? WHERE id=?"), {record, step}}})
        if (const auto done = db.run(sql, values); !done)
            return done.error();
    return {};
}

const QString kLatest = QStringLiteral("SELECT %1 FROM undo_step WHERE undone=0 ORDER BY id DESC LIMIT 1");
const QString kNextRedo = QStringLiteral("SELECT %1 FROM undo_step WHERE undone=1 ORDER BY id LIMIT 1");

Result<void> stepOver(const Database& db, const QString& which, int from, int record) {
    const auto step = db.value(which.arg(QStringLiteral("id")));
    if (!step)
        return step.error();
    if (!step->isValid())
        return {};
    return replay(db, step->toLongLong(), from, record);
}

QString nameOf(const Database& db, const QString& which) {
    const auto name = db.value(which.arg(QStringLiteral("name")));
    return name ? name->toString() : QString();
}

} // namespace

Result<void> UndoLog::install(const Database& db) {
    for (const char* sql :
         {"CREATE TEMP TABLE undo_state (step INTEGER, redo INTEGER)", "INSERT INTO temp.undo_state VALUES (0, 0)"})
        if (const auto done = db.run(QLatin1String(sql)); !done)
            return done.error();
    for (const QString& table : undoableTables()) {
        const Result<QStringList> columns = columnsOf(db, table);
        if (!columns)
            return columns.error();
        QStringList sets, values;
        for (const QString& column : *columns) {
            sets << QStringLiteral("'%1='||quote(old.%1)").arg(column);
            values << QStringLiteral("quote(old.%1)").arg(column);
        }
        const QString keep = QStringLiteral("BEGIN INSERT INTO undo_sql(step_id, redo, sql) SELECT step, redo, %1 "
                                            "FROM temp.undo_state; END");
        const QString when = QStringLiteral("WHEN (SELECT step FROM temp.undo_state) > 0");
        const QString head = QStringLiteral("CREATE TEMP TRIGGER undo_%1_%2 AFTER %2 ON main.%1 %3 %4");
        const QString inverse[3] = {QStringLiteral("'DELETE FROM %1 WHERE id='||new.id").arg(table),
                                    QStringLiteral("'UPDATE %1 SET '||%2||' WHERE id='||old.id")
                                        .arg(table, sets.join(QStringLiteral("||','||"))),
                                    QStringLiteral("'INSERT INTO %1(%2) VALUES('||%3||')'")
                                        .arg(table, columns->join(u','), values.join(QStringLiteral("||','||")))};
        const char* verbs[3] = {"INSERT", "UPDATE", "DELETE"};
        for (int i = 0; i < 3; ++i)
            if (const auto done = db.run(head.arg(table, QLatin1String(verbs[i]), when, keep.arg(inverse[i]))); !done)
                return done.error();
    }
    return {};
}

Result<void> UndoLog::begin(const Database& db, const QString& name, const QString& mergeKey) {
    if (const auto done = db.run(QStringLiteral("DELETE FROM undo_step WHERE undone=1")); !done)
        return done.error();
    qint64 step = 0;
    if (!mergeKey.isEmpty()) {
        Result<QSqlQuery> latest = db.run(kLatest.arg(QStringLiteral("id, merge_key")));
        if (!latest)
            return latest.error();
        if (latest->next() && latest->value(1).toString() == mergeKey)
            step = latest->value(0).toLongLong();
    }
    if (step == 0) {
        const Result<QSqlQuery> made =
            db.run(QStringLiteral("INSERT INTO undo_step(name, merge_key, at) VALUES(?, ?, ?)"),
                   {name, mergeKey, QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs)});
        if (!made)
            return made.error();
        step = made->lastInsertId().toLongLong();
    }
    if (const auto done = db.run(QStringLiteral("UPDATE temp.undo_state SET step=?, redo=0"), {step}); !done)
        return done.error();
    return {};
}

Result<void> UndoLog::end(const Database& db) {
    for (const QString& sql :
         {QStringLiteral("DELETE FROM undo_step WHERE id=(SELECT step FROM temp.undo_state) AND NOT EXISTS "
                         "(SELECT 1 FROM undo_sql WHERE step_id=undo_step.id)"),
          QStringLiteral("UPDATE temp.undo_state SET step=0"),
          QStringLiteral("DELETE FROM undo_step WHERE id <= (SELECT max(id) FROM undo_step) - %1").arg(kKeptSteps)})
        if (const auto done = db.run(sql); !done)
            return done.error();
    return {};
}

QString UndoLog::nextUndo(const Database& db) { return nameOf(db, kLatest); }
QString UndoLog::nextRedo(const Database& db) { return nameOf(db, kNextRedo); }
Result<void> UndoLog::undo(const Database& db) { return stepOver(db, kLatest, 0, 1); }
Result<void> UndoLog::redo(const Database& db) { return stepOver(db, kNextRedo, 1, 0); }

} // namespace riflesso
