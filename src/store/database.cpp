#include "store/database.h"

#include <QSqlError>
#include <QUuid>

namespace riflesso {
namespace {

/// SQLite's message in the words of the person at the screen.
Error sqlError(const QString& file, const QSqlError& error) {
    const QString code = error.nativeErrorCode();
    const std::string where = file.toStdString();
    if (code == QLatin1String("13"))
        return fault(where,
                     "no space is left for the library; nothing of this step was kept. Free some space and try again");
    if (code == QLatin1String("10") || code == QLatin1String("778"))
        return fault(where, "the disk did not take what was written; nothing of this step was kept. Look whether it is "
                            "full or failing, then try again");
    if (code == QLatin1String("8"))
        return fault(where, "the library cannot be written to: its folder is read-only");
    if (code == QLatin1String("5") || code == QLatin1String("6"))
        return fault(where, "the library is in use by another window");
    if (code == QLatin1String("26") || code == QLatin1String("11"))
        return badInput(where, "a library of this program", "a file that is not one, or is damaged");
    return fault(where, error.text().toStdString());
}

void bind(QSqlQuery& query, const QVariantList& values) {
    for (qsizetype i = 0; i < values.size(); ++i) {
        // A null QString is an empty text here; only an invalid variant stands for NULL.
        const QVariant& value = values[i];
        const bool emptyText = value.typeId() == QMetaType::QString && value.toString().isNull();
        query.bindValue(static_cast<int>(i), emptyText ? QVariant(QLatin1String("")) : value);
    }
}

} // namespace

Result<Database> Database::open(const QString& file, bool writable) {
    const QString connection = QUuid::createUuid().toString();
    QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection);
    db.setDatabaseName(file);
    db.setConnectOptions(writable ? QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000")
                                  : QStringLiteral("QSQLITE_OPEN_READONLY;QSQLITE_BUSY_TIMEOUT=3000"));
    Database out(connection, file);
    if (!db.open())
        return sqlError(file, db.lastError());
    for (const char* pragma : {"PRAGMA foreign_keys=ON", "PRAGMA journal_mode=WAL", "PRAGMA synchronous=FULL",
                               "PRAGMA secure_delete=ON", "PRAGMA temp_store=MEMORY"}) {
        if (!writable && QLatin1String(pragma).startsWith(QLatin1String("PRAGMA journal")))
            continue;
        if (const auto done = out.run(QLatin1String(pragma)); !done)
            return done.error();
    }
    return out;
}

Database::Database(QString connection, QString file)
    : connection_(std::move(connection)), file_(std::move(file)),
      prepared_(std::make_unique<QHash<QString, QSqlQuery>>()) {}

Database::Database(Database&& other) noexcept
    : connection_(std::exchange(other.connection_, QString())), file_(std::move(other.file_)),
      prepared_(std::move(other.prepared_)) {}

Database::~Database() {
    if (connection_.isEmpty())
        return;
    prepared_.reset(); // before the connection that they are of
    QSqlDatabase::database(connection_, false).close();
    QSqlDatabase::removeDatabase(connection_);
}

Result<QSqlQuery> Database::run(const QString& sql, const QVariantList& values) const {
    QSqlQuery query(QSqlDatabase::database(connection_, false));
    query.setForwardOnly(true);
    if (!query.prepare(sql))
        return sqlError(file_, query.lastError());
    bind(query, values);
    if (!query.exec())
        return sqlError(file_, query.lastError());
    return query;
}

Result<void> Database::repeat(const QString& sql, const QVariantList& values) const {
    constexpr qsizetype kMost = 64; // the program has fewer that repeat
    auto known = prepared_->find(sql);
    if (known == prepared_->end()) {
        QSqlQuery query(QSqlDatabase::database(connection_, false));
        query.setForwardOnly(true);
        if (!query.prepare(sql))
            return sqlError(file_, query.lastError());
        if (prepared_->size() >= kMost)
            prepared_->clear();
        known = prepared_->emplace(sql, std::move(query));
    }
    bind(*known, values);
    if (!known->exec()) {
        const Error error = sqlError(file_, known->lastError());
        prepared_->erase(known);
        return error;
    }
    known->finish(); // nothing of it stays open over the end of the step
    return {};
}

Result<QVariant> Database::value(const QString& sql, const QVariantList& values) const {
    Result<QSqlQuery> query = run(sql, values);
    if (!query)
        return query.error();
    return query->next() ? query->value(0) : QVariant();
}

Result<void> Database::runAll(const QString& script) const {
    for (const QString& statement : script.split(QStringLiteral(";\n\n"), Qt::SkipEmptyParts))
        if (!statement.trimmed().isEmpty())
            if (const auto done = run(statement); !done)
                return done.error();
    return {};
}

QDateTime momentOf(const QVariant& value) {
    const QDateTime at = QDateTime::fromString(value.toString(), Qt::ISODateWithMs);
    return at.isValid() ? at : QDateTime::fromString(value.toString(), Qt::ISODate);
}

} // namespace riflesso
