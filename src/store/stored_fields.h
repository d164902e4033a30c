#pragma once
// A stored field is said once: its column, its key in case.json, where it stands in the value and what it may be.
// Stored<Row> in stored_rows.h lists them; the library's statements and the archive's JSON are made of that list.

#include "store/stored_value.h"

#include <QSqlQuery>

#include <functional>
#include <tuple>
#include <type_traits>

namespace riflesso {

/// `key`: null where case.json does not hold it under a key of its own. `at`: a member, or a function to a reference.
/// Bounds of a frame: frameOfClip. `fixed`: written with a new row and never after.
template <class Row, class Access> struct Field {
    const char *column, *key;
    Access at;
    Bounds bounds = {};
    bool frameOfClip = false, fixed = false;
    using Value = std::remove_cvref_t<std::invoke_result_t<Access, Row&>>;
};
template <class Row, class Access>
constexpr Field<Row, Access> field(const char* column, const char* key, Access at, Bounds bounds = {}) {
    return {column, key, at, bounds, false, false};
}
/// A frame of the clip, or a value that names some: at most the clip's last.
template <class Row, class Access>
constexpr Field<Row, Access> frameField(const char* column, const char* key, Access at) {
    return {column, key, at, {.low = 0}, true, false};
}
/// The row's lasting id.
template <class Row> constexpr auto uidField() {
    return Field<Row, decltype(&Row::uid)>{"uid", "uid", &Row::uid, {}, false, true};
}

/// kTable, and kFields: a tuple of Field.
template <class Row> struct Stored;

template <class Row, class Each> void forFields(const Each& each) {
    std::apply([&](const auto&... fields) { (each(fields), ...); }, Stored<Row>::kFields);
}

/// "name, birth_year, …"
template <class Row> QString columnsOf() {
    QStringList out;
    forFields<Row>([&](const auto& field) { out << QString::fromLatin1(field.column); });
    return out.join(QStringLiteral(", "));
}
/// For insertSql and upsertSql, with the values of their keys.
template <class Row> QVariantList newValues(const Row& row, QVariantList keys) {
    forFields<Row>(
        [&]<class F>(const F& field) { keys << Kept<typename F::Value>::toRow(std::invoke(field.at, row)); });
    return keys;
}
/// For updateSql, the id last.
template <class Row> QVariantList changedValues(const Row& row, std::int64_t id) {
    QVariantList out;
    forFields<Row>([&]<class F>(const F& field) {
        if (!field.fixed)
            out << Kept<typename F::Value>::toRow(std::invoke(field.at, row));
    });
    return out << qint64(id);
}
/// Of the columns from `first` on, in the order of columnsOf.
template <class Row> void fill(Row& row, const QSqlQuery& query, int first = 0) {
    forFields<Row>([&]<class F>(const F& field) {
        std::invoke(field.at, row) = Kept<typename F::Value>::fromRow(query.value(first++));
    });
}

/// A new row; `keys`: the columns before the fields, as "case_id, ".
template <class Row> QString insertSql(const char* keys) {
    const QString columns = QLatin1String(keys) + columnsOf<Row>();
    return QStringLiteral("INSERT INTO %1(%2) VALUES(%3)")
        .arg(QLatin1String(Stored<Row>::kTable), columns,
             QStringList(columns.count(u',') + 1, QStringLiteral("?")).join(QStringLiteral(", ")));
}
/// The same, over the row with the same `unique` columns where there is one.
template <class Row> QString upsertSql(const char* keys, const char* unique) {
    QStringList changes;
    const QStringList kept = QString::fromLatin1(unique).split(QStringLiteral(", "));
    forFields<Row>([&](const auto& field) {
        const QString column = QString::fromLatin1(field.column);
        if (!kept.contains(column) && !field.fixed)
            changes << column + QStringLiteral("=excluded.") + column;
    });
    return insertSql<Row>(keys) + QStringLiteral(" ON CONFLICT(%1) DO UPDATE SET %2")
                                      .arg(QLatin1String(unique), changes.join(QStringLiteral(", ")));
}
/// All fields of the row with an id.
template <class Row> QString updateSql() {
    QStringList changes;
    forFields<Row>([&](const auto& field) {
        if (!field.fixed)
            changes << QString::fromLatin1(field.column) + QStringLiteral("=?");
    });
    return QStringLiteral("UPDATE %1 SET %2 WHERE id=?")
        .arg(QLatin1String(Stored<Row>::kTable), changes.join(QStringLiteral(", ")));
}
/// `more`: columns before the fields, as "id, ". `where`: after the table.
template <class Row> QString selectSql(const char* more, const char* where) {
    return QStringLiteral("SELECT %1%2 FROM %3 WHERE %4")
        .arg(QLatin1String(more), columnsOf<Row>(), QLatin1String(Stored<Row>::kTable), QLatin1String(where));
}
/// The column of a member.
template <class Row, class Value> QString columnOf(Value Row::*member) {
    QString out;
    forFields<Row>([&]<class F>(const F& field) {
        if constexpr (std::is_same_v<std::remove_const_t<decltype(field.at)>, Value Row::*>)
            if (field.at == member)
                out = QString::fromLatin1(field.column);
    });
    Q_ASSERT(!out.isEmpty());
    return out;
}

/// Adds the fields with a key, in their order.
template <class Row> void addFields(Json& object, const Row& row) {
    forFields<Row>([&]<class F>(const F& field) {
        if (field.key)
            object[field.key] = Kept<typename F::Value>::toJson(std::invoke(field.at, row));
    });
}
template <class Row> Json jsonOf(const Row& row) {
    Json out = Json::object();
    addFields(out, row);
    return out;
}
/// Reads them, with a fault for each wrong one and for each key that is neither a field's nor one of `more`.
template <class Row>
void fill(Row& row, const JsonNode& node, std::vector<std::string_view> more = {}, int lastFrame = 0) {
    forFields<Row>([&](const auto& field) {
        if (field.key)
            more.emplace_back(field.key);
    });
    if (!node.expectObject(more))
        return;
    forFields<Row>([&]<class F>(const F& field) {
        if (!field.key)
            return;
        Bounds bounds = field.bounds;
        if (field.frameOfClip)
            bounds.high = lastFrame;
        std::invoke(field.at, row) = Kept<typename F::Value>::fromJson(node, field.key, bounds);
    });
}
template <class Row> Row rowFrom(const JsonNode& node) {
    Row row;
    fill(row, node);
    return row;
}

/// The statement that gives a table the column of a field that it did not have before, for a migration.
template <class Row> QString addColumnSql(const char* column) {
    QString out;
    forFields<Row>([&]<class F>(const F& field) {
        if (QLatin1String(field.column) == QLatin1String(column))
            out = QStringLiteral("ALTER TABLE %1 ADD COLUMN %2 %3")
                      .arg(QLatin1String(Stored<Row>::kTable), QLatin1String(column),
                           QLatin1String(Kept<typename F::Value>::kColumn));
    });
    Q_ASSERT(!out.isEmpty());
    return out;
}

} // namespace riflesso
