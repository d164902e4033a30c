#pragma once
// A connection to the library's SQLite file, and statements that answer with a Result.

#include "core/result.h"

#include <QDateTime>
#include <QHash>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QString>
#include <QVariantList>

#include <memory>

namespace riflesso {

class Database {
public:
    /// Opens (or, when writable, makes) the file: WAL, foreign keys, every commit on disk when it returns.
    [[nodiscard]] static Result<Database> open(const QString& file, bool writable);
    Database(Database&& other) noexcept;
    Database& operator=(Database&&) = delete;
    ~Database();

    [[nodiscard]] Result<QSqlQuery> run(const QString& sql, const QVariantList& values = {}) const;
    /// A statement without an answer that is run again and again: kept prepared, since with the triggers of the undo
    /// log preparing one costs several times what running it does.
    [[nodiscard]] Result<void> repeat(const QString& sql, const QVariantList& values) const;
    /// First column of the first row; an invalid QVariant without a row.
    [[nodiscard]] Result<QVariant> value(const QString& sql, const QVariantList& values = {}) const;
    /// Several statements, separated by ";\n\n".
    [[nodiscard]] Result<void> runAll(const QString& script) const;
    [[nodiscard]] QString file() const { return file_; }

private:
    Database(QString connection, QString file);
    QString connection_, file_;
    std::unique_ptr<QHash<QString, QSqlQuery>> prepared_;
};

/// A moment as the library keeps it, ISO 8601 with or without milliseconds; invalid for anything else.
[[nodiscard]] QDateTime momentOf(const QVariant& value);

} // namespace riflesso
