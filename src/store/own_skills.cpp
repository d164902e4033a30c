// Skills of one's own in the library: read, kept, brought over to cases.

#include "core/pack/pack_reader.h"
#include "store/edit.h"
#include "store/library.h"

namespace riflesso {

Result<std::vector<OwnSkill>> Library::ownSkills() const {
    Result<QSqlQuery> rows =
        db_.run(QStringLiteral("SELECT id, draft, json_extract(draft, '$.title'), json_extract(draft, '$.id') FROM "
                               "own_skill ORDER BY id"));
    if (!rows)
        return rows.error();
    std::vector<OwnSkill> out;
    while (rows->next())
        out.push_back({rows->value(0).toLongLong(),
                       rows->value(1).toString(),
                       {},
                       rows->value(2).toString(),
                       rows->value(3).toString()});
    for (OwnSkill& skill : out) {
        Result<QSqlQuery> editions =
            db_.run(QStringLiteral("SELECT id, edition, at, pack FROM skill_edition WHERE skill_id=? ORDER BY id"),
                    {qint64(skill.id)});
        if (!editions)
            return editions.error();
        while (editions->next())
            skill.editions.push_back({editions->value(0).toLongLong(), editions->value(1).toString(),
                                      QDateTime::fromString(editions->value(2).toString(), Qt::ISODate),
                                      editions->value(3).toString()});
    }
    return out;
}

Result<std::vector<CaseId>> Library::casesWith(const QString& packId) const {
    Result<QSqlQuery> rows =
        db_.run(QStringLiteral("SELECT id FROM skill_case WHERE json_extract(pack, '$.id')=? ORDER BY id"), {packId});
    if (!rows)
        return rows.error();
    std::vector<CaseId> out;
    while (rows->next())
        out.push_back({rows->value(0).toLongLong()});
    return out;
}

Result<std::int64_t> Edit::addOwnSkill(const QString& draft) {
    return insert(QStringLiteral("INSERT INTO own_skill(draft) VALUES(?)"), {draft});
}
Result<void> Edit::setOwnSkill(std::int64_t id, const QString& draft) {
    return execCourse(QStringLiteral("UPDATE own_skill SET draft=? WHERE id=?"), {draft, qint64(id)});
}
Result<void> Edit::removeOwnSkill(std::int64_t id) {
    for (const char* sql : {"DELETE FROM skill_edition WHERE skill_id=?", "DELETE FROM own_skill WHERE id=?"})
        if (const auto done = execCourse(QLatin1String(sql), {qint64(id)}); !done)
            return done;
    return {};
}
Result<void> Edit::addSkillEdition(std::int64_t skill, const QString& edition, const QString& pack) {
    return execCourse(QStringLiteral("INSERT INTO skill_edition(skill_id, edition, at, pack) VALUES(?, ?, ?, ?)"),
                      {qint64(skill), edition, QDateTime::currentDateTimeUtc().toString(Qt::ISODate), pack});
}
Result<void> Edit::setPack(CaseId id, const QString& packText) {
    if (const auto pack = loadPack(packText.toStdString(), "the skill"); !pack)
        return pack.error();
    return exec(QStringLiteral("UPDATE skill_case SET pack=? WHERE id=?"), {packText, qint64(id.value)});
}

} // namespace riflesso
