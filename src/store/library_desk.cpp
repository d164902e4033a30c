// The library's cases as the desk looks at them.

#include "core/pack/pack_reader.h"
#include "store/edit.h"
#include "store/library.h"
#include "store/pack_language.h"
#include "store/stored_rows.h"

#include <map>

namespace riflesso {
namespace {

QDate dayOf(const QVariant& value) { return QDate::fromString(value.toString(), Qt::ISODate); }

} // namespace

Result<std::vector<DeskCase>> Library::deskCases() const {
    Result<QSqlQuery> rows = db_.run(QStringLiteral(
        "SELECT c.id, c.title, a.id, a.name, a.consent_given, a.consent_until, p.retest, p.retention, "
        "p.no_change_days, (SELECT max(date) FROM session s WHERE s.case_id=c.id AND s.is_model=0), "
        "(SELECT max(started) FROM practice_block b WHERE b.case_id=c.id AND b.kind='retention') FROM skill_case c "
        "JOIN athlete a ON a.id=c.athlete_id LEFT JOIN plan p ON p.case_id=c.id ORDER BY c.opened DESC, c.id"));
    if (!rows)
        return rows.error();
    std::vector<DeskCase> out;
    while (rows->next()) {
        DeskCase& one = out.emplace_back();
        one.id = {rows->value(0).toLongLong()};
        one.title = rows->value(1).toString();
        one.athlete.id = {rows->value(2).toLongLong()};
        one.athlete.name = rows->value(3).toString();
        one.athlete.consentGiven = dayOf(rows->value(4));
        one.athlete.consentUntil = dayOf(rows->value(5));
        one.plan.retest = dayOf(rows->value(6));
        one.plan.retention = dayOf(rows->value(7));
        if (!rows->value(8).isNull())
            one.plan.noChangeDays = rows->value(8).toInt();
        one.lastFilmed = dayOf(rows->value(9));
        one.lastTested = QDate::fromString(rows->value(10).toString().left(10), Qt::ISODate);
    }
    Result<QSqlQuery> competitions =
        db_.run(QStringLiteral("SELECT athlete_id, id, date, title FROM competition ORDER BY date, id"));
    if (!competitions)
        return competitions.error();
    std::map<qint64, std::vector<Competition>> byAthlete;
    while (competitions->next())
        byAthlete[competitions->value(0).toLongLong()].push_back(
            {competitions->value(1).toLongLong(), dayOf(competitions->value(2)), competitions->value(3).toString()});
    for (DeskCase& one : out)
        if (const auto found = byAthlete.find(one.athlete.id.value); found != byAthlete.end())
            one.competitions = found->second;
    Result<QSqlQuery> limits = db_.run(selectSql<AthleteLimit>("athlete_id, ", "stopped=1 ORDER BY id"));
    if (!limits)
        return limits.error();
    while (limits->next())
        for (DeskCase& one : out)
            if (one.athlete.id.value == limits->value(0).toLongLong())
                fill(one.athlete.limits.emplace_back(), *limits, 1);
    Result<QSqlQuery> decisions = db_.run(selectSql<Decision>("case_id, ", "until<>'' ORDER BY id"));
    if (!decisions)
        return decisions.error();
    while (decisions->next())
        for (DeskCase& one : out)
            if (one.id.value == decisions->value(0).toLongLong())
                fill(one.setAside.emplace_back().first, *decisions, 1);
    for (DeskCase& one : out)
        if (!one.setAside.empty())
            if (const Result<void> titled = titleFaults(one); !titled)
                return titled.error();
    return out;
}

Result<void> Library::titleFaults(DeskCase& one) const {
    Result<QSqlQuery> row = db_.run(QStringLiteral("SELECT pack FROM skill_case WHERE id=?"), {qint64(one.id.value)});
    if (!row)
        return row.error();
    if (!row->next())
        return {};
    Result<Pack> pack = loadPack(row->value(0).toString().toStdString(), "the pack kept with the case");
    if (!pack)
        return pack.error();
    translate(*pack, wordsOfPack(pack->id));
    for (auto& [decision, title] : one.setAside) {
        const FaultDef* fault = pack->fault(decision.fault);
        title = QString::fromStdString(fault ? fault->title : decision.fault);
    }
    return {};
}

Result<std::vector<OtherSkill>> Library::otherSkills(const CaseData& data) const {
    Result<QSqlQuery> rows =
        db_.run(QStringLiteral("SELECT id, title, pack FROM skill_case WHERE athlete_id=? AND id<>? ORDER BY id"),
                {qint64(data.athlete.id.value), qint64(data.id.value)});
    if (!rows)
        return rows.error();
    std::vector<OtherSkill> out;
    while (rows->next()) {
        OtherSkill& other = out.emplace_back();
        other.id = {rows->value(0).toLongLong()};
        other.title = rows->value(1).toString();
        Result<Pack> pack = loadPack(rows->value(2).toString().toStdString(), "the pack kept with the case");
        if (!pack)
            return pack.error();
        translate(*pack, wordsOfPack(pack->id)); // as those of `data` are
        for (const FaultDef& here : data.pack.faults)
            for (const FaultDef& there : pack->faults) {
                const QString title = QString::fromStdString(here.title);
                if (here.id != there.id && title.compare(QString::fromStdString(there.title), Qt::CaseInsensitive) != 0)
                    continue;
                SharedFault shared{here.id, title, {}};
                Result<QSqlQuery> decided =
                    db_.run(QStringLiteral("SELECT choice FROM decision WHERE case_id=? AND fault=?"),
                            {qint64(other.id.value), QString::fromStdString(there.id)});
                if (!decided)
                    return decided.error();
                if (decided->next())
                    shared.there = choiceFrom(decided->value(0).toString().toStdString());
                other.shared.push_back(std::move(shared));
                break;
            }
    }
    return out;
}

} // namespace riflesso
