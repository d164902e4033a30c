#include "store/edit.h"

#include "store/drawn_text.h"
#include "store/spoken_sound.h"
#include "store/stored_rows.h"

#include <QIODevice>
#include <QUuid>

namespace riflesso {
namespace {

QString text(std::string_view value) { return stored::text(stored::qt(value)); }
QString dayValue(const QDate& date) { return Kept<QDate>::toRow(date).toString(); }
QVariant numberValue(const std::optional<double>& value) { return Kept<std::optional<double>>::toRow(value); }
/// The row with a lasting id: its own, or a new one.
template <class Row> Row lasting(Row row) {
    if (row.uid.empty())
        row.uid = newLastingId();
    return row;
}

} // namespace

LastingId newLastingId() { return QUuid::createUuid().toString(QUuid::Id128).toStdString(); }

Result<std::int64_t> Edit::insert(const QString& sql, const QVariantList& values) {
    touched_.more = true;
    const Result<QSqlQuery> done = db_.run(sql, values);
    if (!done)
        return done.error();
    return static_cast<std::int64_t>(done->lastInsertId().toLongLong());
}
Result<void> Edit::exec(const QString& sql, const QVariantList& values) {
    touched_.more = true;
    const Result<QSqlQuery> done = db_.run(sql, values);
    if (!done)
        return done.error();
    return {};
}

Result<void> Edit::execCourse(const QString& sql, const QVariantList& values) {
    touched_.course = true;
    const Result<QSqlQuery> done = db_.run(sql, values);
    return done ? Result<void>() : Result<void>(done.error());
}

Result<void> Edit::execIn(RepetitionId id, const QString& sql, const QVariantList& values) {
    touched_.repetitions.insert(id.value);
    return db_.repeat(sql, values);
}

Result<AthleteId> Edit::addAthlete(const Athlete& a) {
    const auto id = insert(insertSql<Athlete>(""), newValues(lasting(a), {}));
    if (!id)
        return id.error();
    for (const AthleteLimit& limit : a.limits)
        if (const auto added = addLimit({*id}, limit); !added)
            return added.error();
    return AthleteId{*id};
}
Result<void> Edit::setAthlete(const Athlete& a) { return exec(updateSql<Athlete>(), changedValues(a, a.id.value)); }
Result<std::int64_t> Edit::addLimit(AthleteId athlete, const AthleteLimit& limit) {
    if (!limit.part && limit.words.trimmed().isEmpty())
        return badInput("", "a part of the body, or words for the limit", "neither");
    return insert(insertSql<AthleteLimit>("athlete_id, "), newValues(lasting(limit), {qint64(athlete.value)}));
}
Result<void> Edit::setLimit(const AthleteLimit& limit) {
    return exec(updateSql<AthleteLimit>(), changedValues(limit, limit.id));
}
Result<void> Edit::removeLimit(std::int64_t id) {
    return exec(QStringLiteral("DELETE FROM athlete_limit WHERE id=?"), {qint64(id)});
}
Result<CaseId> Edit::addCase(AthleteId athlete, const QString& title, const QString& packText, const LastingId& uid) {
    const auto id =
        insert(QStringLiteral("INSERT INTO skill_case(athlete_id, title, pack, opened, uid) VALUES(?, ?, ?, ?, ?)"),
               {qint64(athlete.value), title, packText, QDateTime::currentDateTimeUtc().toString(Qt::ISODate),
                text(uid.empty() ? newLastingId() : uid)});
    if (!id)
        return id.error();
    return CaseId{*id};
}
Result<void> Edit::setSchool(CaseId id, const QString& school) {
    return execCourse(QStringLiteral("UPDATE skill_case SET school=? WHERE id=?"), {school, qint64(id.value)});
}
Result<void> Edit::setGoal(CaseId id, const std::optional<GoalTarget>& goal) {
    return execCourse(updateSql<GoalTarget>(), changedValues(goal.value_or(GoalTarget()), id.value));
}
Result<void> Edit::setYardstick(CaseId id, const Yardstick& yardstick) {
    return execCourse(updateSql<Yardstick>(), changedValues(yardstick, id.value));
}
Result<void> Edit::addCompetition(AthleteId athlete, const QDate& date, const QString& title) {
    return exec(insertSql<Competition>("athlete_id, "),
                newValues(Competition{0, date, title}, {qint64(athlete.value)}));
}
Result<void> Edit::removeCompetition(std::int64_t id) {
    return exec(QStringLiteral("DELETE FROM competition WHERE id=?"), {qint64(id)});
}
Result<void> Edit::addBelief(CaseId id, const Belief& belief) {
    return exec(insertSql<Belief>("case_id, "), newValues(belief, {qint64(id.value)}));
}
Result<void> Edit::lockBeliefs(CaseId id) {
    return exec(QStringLiteral("UPDATE belief SET locked=1, said_on=? WHERE case_id=? AND locked=0"),
                {QDate::currentDate().toString(Qt::ISODate), qint64(id.value)});
}
Result<void> Edit::sayNotAsked(CaseId id, Guesser whose, const QDate& day) {
    return exec(QStringLiteral("INSERT OR IGNORE INTO not_asked(case_id, whose, day) VALUES(?, ?, ?)"),
                {qint64(id.value), text(toString(whose)), dayValue(day)});
}
Result<void> Edit::removeBelief(std::int64_t id) {
    return exec(QStringLiteral("DELETE FROM belief WHERE id=? AND locked=0"), {qint64(id)});
}

Result<SessionId> Edit::addSession(CaseId id, const QDate& date, const QString& title, bool isModel,
                                   const LastingId& uid) {
    const auto row = insert(insertSql<Session>("case_id, "),
                            newValues(lasting(Session{{}, uid, date, title, isModel, {}}), {qint64(id.value)}));
    if (!row)
        return row.error();
    return SessionId{*row};
}
Result<ClipId> Edit::addClip(SessionId session, const NewClip& clip, const Section& section) {
    const QByteArray times(reinterpret_cast<const char*>(clip.timesS.data()),
                           static_cast<qsizetype>(clip.timesS.size() * sizeof(double)));
    const auto row =
        insert(QStringLiteral("INSERT INTO clip(session_id, title, path, hash, width, height, times) "
                              "VALUES(?, ?, ?, ?, ?, ?, ?)"),
               {qint64(session.value), clip.title, clip.path, clip.hash, clip.width, clip.height, qCompress(times)});
    if (!row)
        return row.error();
    Section whole = section;
    whole.from = 0;
    whole.to = static_cast<int>(clip.timesS.size()) - 1;
    if (const auto added = addSection({*row}, whole); !added)
        return added.error();
    return ClipId{*row};
}
Result<void> Edit::setClipPath(ClipId id, const QString& path) {
    return exec(QStringLiteral("UPDATE clip SET path=? WHERE id=?"), {path, qint64(id.value)});
}
Result<void> Edit::removeClip(ClipId id) {
    if (const auto done = exec(QStringLiteral("DELETE FROM clip WHERE id=?"), {qint64(id.value)}); !done)
        return done;
    return forgetLostLeads();
}
Result<std::int64_t> Edit::addSpokenNote(ClipId id, const QByteArray& sound) {
    if (!spokenSeconds(sound))
        return badInput("spoken note", "a sound as this program records it", "another");
    const auto row =
        insert(QStringLiteral("INSERT INTO spoken_note(clip_id, sound) VALUES(?, ?)"), {qint64(id.value), sound});
    if (!row)
        return row.error();
    return *row;
}
Result<void> Edit::addDrawnNote(ClipId id, const DrawnNote& note) {
    constexpr std::size_t kMostPoints = 4000;
    if (note.points.empty() || note.points.size() > kMostPoints || note.frame < 0)
        return badInput("drawn note", "1 to 4000 points in a frame of the clip", std::to_string(note.points.size()));
    return exec(QStringLiteral("INSERT INTO drawn_note(clip_id, frame, kind, points) VALUES(?, ?, ?, ?)"),
                {qint64(id.value), note.frame, text(std::string(toString(note.kind))), drawnToText(note.points)});
}
Result<void> Edit::removeDrawnNotes(ClipId id, int frame) {
    return exec(QStringLiteral("DELETE FROM drawn_note WHERE clip_id=? AND frame=?"), {qint64(id.value), frame});
}
Result<void> Edit::removeSpokenNote(std::int64_t id) {
    return exec(QStringLiteral("DELETE FROM spoken_note WHERE id=?"), {qint64(id)});
}
Result<SectionId> Edit::firstSection(ClipId id) {
    const auto row = db_.value(QStringLiteral("SELECT min(id) FROM section WHERE clip_id=?"), {qint64(id.value)});
    if (!row)
        return row.error();
    return SectionId{row->toLongLong()};
}
Result<SectionId> Edit::addSection(ClipId clip, const Section& section) {
    const auto row = insert(insertSql<Section>("clip_id, "), newValues(lasting(section), {qint64(clip.value)}));
    if (!row)
        return row.error();
    return SectionId{*row};
}
Result<void> Edit::setSection(const Section& section) {
    const auto before = db_.value(QStringLiteral("SELECT picture FROM section WHERE id=?"), {qint64(section.id.value)});
    if (!before)
        return before.error();
    if (pictureFromText(before->toString()).mirrored != section.picture.mirrored)
        // Marks lie in the picture as it is shown, which now is turned left for right.
        for (const char* table : {"mark", "second_mark"})
            if (const auto done =
                    exec(QStringLiteral(
                             "UPDATE %1 SET x=(SELECT clip.width FROM clip, section WHERE clip.id=section.clip_id "
                             "AND section.id=?) - 1 - x WHERE x IS NOT NULL AND repetition_id IN (SELECT id FROM "
                             "repetition WHERE section_id=?)")
                             .arg(QLatin1String(table)),
                         {qint64(section.id.value), qint64(section.id.value)});
                !done)
                return done;
    return exec(updateSql<Section>(), changedValues(section, section.id.value));
}

Result<SectionId> Edit::splitSection(const Section& section, int frame) {
    if (frame <= section.from || frame > section.to)
        return badInput("", "a frame inside the section, after its first", std::to_string(frame));
    for (const Repetition& r : section.repetitions)
        if (r.from < frame && frame <= r.to)
            return badInput("", "a place between repetitions",
                            "frame " + std::to_string(frame) + ", inside repetition " + std::to_string(r.number));
    Section first = section, second = section;
    first.to = frame - 1;
    second.from = frame;
    second.uid.clear();
    const auto own = [frame](const KnownLength& length) { return length.frame >= frame; };
    if (std::any_of(section.knownLengths.begin(), section.knownLengths.end(), own)) {
        std::erase_if(first.knownLengths, own);
        std::erase_if(second.knownLengths, [&](const KnownLength& length) { return !own(length); });
    }
    if (const auto done = setSection(first); !done)
        return done.error();
    const auto clip = db_.value(QStringLiteral("SELECT clip_id FROM section WHERE id=?"), {qint64(section.id.value)});
    if (!clip)
        return clip.error();
    const auto made = addSection({clip->toLongLong()}, second);
    if (!made)
        return made.error();
    for (const Repetition& r : section.repetitions)
        if (r.from >= frame)
            if (const auto done = exec(QStringLiteral("UPDATE repetition SET section_id=? WHERE id=?"),
                                       {qint64(made->value), qint64(r.id.value)});
                !done)
                return done.error();
    return *made;
}
Result<void> Edit::joinSections(const Section& section, const Section& following) {
    if (following.from != section.to + 1)
        return badInput("", "the section that follows", "another");
    Section whole = section;
    whole.to = following.to;
    if (const auto done = setSection(whole); !done)
        return done;
    if (const auto done = exec(QStringLiteral("UPDATE repetition SET section_id=? WHERE section_id=?"),
                               {qint64(section.id.value), qint64(following.id.value)});
        !done)
        return done;
    return exec(QStringLiteral("DELETE FROM section WHERE id=?"), {qint64(following.id.value)});
}

Result<void> Edit::divideClip(ClipId id, const std::vector<Section>& sections) {
    const qint64 clip = id.value;
    QStringList kept;
    for (const Section& section : sections) {
        const auto known = sectionCalled(id, section.uid);
        if (!known)
            return known.error();
        SectionId row = *known;
        if (row) {
            if (auto done = exec(updateSql<Section>(), changedValues(section, row.value)); !done)
                return done;
        } else if (const auto added = addSection(id, section); added)
            row = *added;
        else
            return added.error();
        kept << QString::number(row.value);
    }
    const QString those = kept.join(u',');
    if (auto done =
            exec(QStringLiteral("UPDATE repetition SET section_id=(SELECT s.id FROM section s WHERE s.clip_id=? "
                                "AND s.id IN (%1) AND s.first_frame<=repetition.first_frame AND s.last_frame>="
                                "repetition.first_frame) WHERE section_id IN (SELECT id FROM section WHERE "
                                "clip_id=?)")
                     .arg(those),
                 {clip, clip});
        !done)
        return done;
    return exec(QStringLiteral("DELETE FROM section WHERE clip_id=? AND id NOT IN (%1)").arg(those), {clip});
}
Result<SectionId> Edit::sectionCalled(ClipId id, const LastingId& uid) {
    const auto row = db_.value(QStringLiteral("SELECT min(id) FROM section WHERE clip_id=? AND uid=?"),
                               {qint64(id.value), text(uid)});
    if (!row)
        return row.error();
    return SectionId{row->toLongLong()};
}
Result<SectionId> Edit::sectionOfFrame(ClipId id, int frame) {
    const auto row =
        db_.value(QStringLiteral("SELECT min(id) FROM section WHERE clip_id=? AND first_frame<=? AND last_frame>=?"),
                  {qint64(id.value), frame, frame});
    if (!row)
        return row.error();
    return SectionId{row->toLongLong()};
}

Result<RepetitionId> Edit::addRepetition(SectionId section, const Repetition& r) {
    const auto row = insert(insertSql<Repetition>("section_id, same_as, "),
                            newValues(lasting(r), {qint64(section.value), qint64(r.sameAs.value)}));
    if (!row)
        return row.error();
    const RepetitionId id{*row};
    for (const auto& [event, value] : r.events)
        if (const auto done = setEvent(id, event, value); !done)
            return done.error();
    for (const auto& [landmark, marks] : r.marks)
        for (const auto& [frame, mark] : marks)
            if (const auto done = setMark(id, landmark, frame, mark); !done)
                return done.error();
    for (const auto& [observation, value] : r.observations)
        if (const auto done = setObservation(id, observation, value); !done)
            return done.error();
    for (const auto& [landmark, marks] : r.marksAgain)
        for (const auto& [frame, at] : marks)
            if (const auto done = setSecondMark(id, landmark, frame, at); !done)
                return done.error();
    for (const auto& [event, frame] : r.eventsAgain)
        if (const auto done = setSecondEvent(id, event, frame); !done)
            return done.error();
    for (const auto& [observation, value] : r.observationsAgain)
        if (const auto done = setSecondObservation(id, observation, value); !done)
            return done.error();
    return id;
}
/// One field of a repetition.
template <class Value> Result<void> Edit::setOne(RepetitionId id, Value Repetition::*member, const Value& value) {
    return execIn(id, QStringLiteral("UPDATE repetition SET %1=? WHERE id=?").arg(columnOf(member)),
                  {Kept<Value>::toRow(value), qint64(id.value)});
}
Result<void> Edit::setRepetition(const Repetition& repetition) {
    return execIn(repetition.id, updateSql<Repetition>(), changedValues(repetition, repetition.id.value));
}
Result<void> Edit::setSpan(RepetitionId id, int from, int to) {
    const auto begun = setOne(id, &Repetition::from, from);
    return begun ? setOne(id, &Repetition::to, to) : begun;
}
Result<void> Edit::setResult(RepetitionId id, const std::string& result) {
    return setOne(id, &Repetition::result, result);
}
Result<void> Edit::setMoreResults(RepetitionId id, const std::map<std::string, std::string>& results) {
    return setOne(id, &Repetition::moreResults, results);
}
Result<void> Edit::setBest(RepetitionId id, bool best) { return setOne(id, &Repetition::best, best); }
Result<void> Edit::setVariant(RepetitionId id, const std::string& variant) {
    return setOne(id, &Repetition::variant, variant);
}
Result<void> Edit::setVariantFits(RepetitionId id, std::optional<bool> fits) {
    return setOne(id, &Repetition::variantFits, fits);
}
Result<void> Edit::setFelt(RepetitionId id, const std::string& felt) { return setOne(id, &Repetition::felt, felt); }
Result<void> Edit::removeRepetition(RepetitionId id) {
    if (const auto done = exec(QStringLiteral("DELETE FROM repetition WHERE id=?"), {qint64(id.value)}); !done)
        return done;
    return forgetLostLeads();
}
Result<void> Edit::forgetLostLeads() {
    return exec(QStringLiteral(
        "UPDATE repetition SET same_as=0 WHERE same_as<>0 AND same_as NOT IN (SELECT id FROM repetition)"));
}
Result<void> Edit::setSameAs(RepetitionId id, RepetitionId leading) {
    if (leading) {
        const auto wrong =
            db_.value(QStringLiteral("SELECT count(*) FROM repetition WHERE (id=? AND same_as<>0) OR same_as=? OR ?=?"),
                      {qint64(leading.value), qint64(id.value), qint64(id.value), qint64(leading.value)});
        if (!wrong)
            return wrong.error();
        if (wrong->toInt() > 0)
            return badInput("", "two repetitions of which neither belongs to others yet", "one that does");
    }
    return exec(QStringLiteral("UPDATE repetition SET same_as=? WHERE id=?"),
                {qint64(leading.value), qint64(id.value)});
}
Result<void> Edit::setEvent(RepetitionId id, const std::string& event, const StoredEvent& value) {
    return execIn(
        id,
        QStringLiteral(
            "INSERT INTO event(repetition_id, event, frame, u_s, source, proposed) VALUES(?, ?, ?, ?, ?, ?) ON CONFLICT"
            "(repetition_id, event) DO UPDATE SET frame=excluded.frame, u_s=excluded.u_s, source=excluded.source, "
            "proposed=COALESCE(excluded.proposed, proposed)"),
        {qint64(id.value), text(event), value.frame, numberValue(value.givenUS), text(value.source),
         value.proposedFrame        ? QVariant(*value.proposedFrame)
         : isProposed(value.source) ? QVariant(value.frame)
                                    : QVariant()});
}
Result<void> Edit::removeEvent(RepetitionId id, const std::string& event) {
    return execIn(id, QStringLiteral("DELETE FROM event WHERE repetition_id=? AND event=?"),
                  {qint64(id.value), text(event)});
}
Result<void> Edit::setMark(RepetitionId id, const std::string& landmark, int frame, const Mark& mark) {
    return execIn(
        id,
        QStringLiteral(
            "INSERT INTO mark(repetition_id, landmark, frame, x, y, sigma, source) VALUES(?, ?, ?, ?, ?, ?, ?) "
            "ON CONFLICT(repetition_id, landmark, frame) DO UPDATE SET x=excluded.x, y=excluded.y, "
            "sigma=excluded.sigma, source=excluded.source, hidden=''"),
        {qint64(id.value), text(landmark), frame, mark.at.x, mark.at.y, mark.sigmaPx, text(mark.source)});
}
Result<void> Edit::setHidden(RepetitionId id, const std::string& landmark, int frame, const std::string& reason) {
    return execIn(
        id,
        QStringLiteral("INSERT INTO mark(repetition_id, landmark, frame, hidden) VALUES(?, ?, ?, ?) ON CONFLICT"
                       "(repetition_id, landmark, frame) DO UPDATE SET x=NULL, y=NULL, hidden=excluded.hidden"),
        {qint64(id.value), text(landmark), frame, text(reason)});
}
Result<void> Edit::removeMark(RepetitionId id, const std::string& landmark, int frame) {
    return execIn(id, QStringLiteral("DELETE FROM mark WHERE repetition_id=? AND landmark=? AND frame=?"),
                  {qint64(id.value), text(landmark), frame});
}
Result<void> Edit::setSecondMark(RepetitionId id, const std::string& landmark, int frame, PixelPoint at) {
    return execIn(
        id,
        QStringLiteral("INSERT INTO second_mark(repetition_id, landmark, frame, x, y) VALUES(?, ?, ?, ?, ?) "
                       "ON CONFLICT(repetition_id, landmark, frame) DO UPDATE SET x=excluded.x, y=excluded.y"),
        {qint64(id.value), text(landmark), frame, at.x, at.y});
}
Result<void> Edit::setSecondEvent(RepetitionId id, const std::string& event, double frame) {
    return execIn(id,
                  QStringLiteral("INSERT INTO second_event(repetition_id, event, frame) VALUES(?, ?, ?) ON CONFLICT"
                                 "(repetition_id, event) DO UPDATE SET frame=excluded.frame"),
                  {qint64(id.value), text(event), frame});
}
Result<void> Edit::setSecondObservation(RepetitionId id, const std::string& observation, const std::string& value) {
    return execIn(id,
                  QStringLiteral("INSERT INTO second_observation(repetition_id, observation, value) VALUES(?, ?, ?) "
                                 "ON CONFLICT(repetition_id, observation) DO UPDATE SET value=excluded.value"),
                  {qint64(id.value), text(observation), text(value)});
}
Result<void> Edit::restoreTarget(CaseId id, const OwnTarget& target) {
    if (!target.low && !target.high)
        return badInput("", "a lowest or a highest value", "neither");
    if (target.low && target.high && *target.low > *target.high)
        return badInput("", "a lowest value not above the highest",
                        std::to_string(*target.low) + " and " + std::to_string(*target.high));
    if (target.reason.trimmed().isEmpty())
        return badInput("", "a reason for the target", "none");
    return exec(upsertSql<OwnTarget>("case_id, ", "case_id, measure"), newValues(target, {qint64(id.value)}));
}
Result<void> Edit::setTarget(CaseId id, const OwnTarget& target) {
    if (auto done = restoreTarget(id, target); !done)
        return done;
    const auto bound = [](const std::optional<double>& value) {
        return value ? QString::number(*value, 'g', 4) : QStringLiteral("…");
    };
    return note(
        id,
        QStringLiteral("own target of %1: %2 to %3").arg(text(target.measure), bound(target.low), bound(target.high)),
        target.reason);
}
Result<void> Edit::removeTarget(CaseId id, const std::string& measure) {
    if (auto done = exec(QStringLiteral("DELETE FROM own_target WHERE case_id=? AND measure=?"),
                         {qint64(id.value), text(measure)});
        !done)
        return done;
    return note(id, QStringLiteral("own target of %1 taken back").arg(text(measure)), {});
}
Result<void> Edit::setPosition(CaseId id, const std::string& dispute, const std::string& position,
                               const QString& reason) {
    if (position.empty())
        return execCourse(QStringLiteral("DELETE FROM position WHERE case_id=? AND dispute=?"),
                          {qint64(id.value), text(dispute)});
    return execCourse(upsertSql<Position>("case_id, ", "case_id, dispute"),
                      newValues(Position{dispute, position, reason}, {qint64(id.value)}));
}
Result<void> Edit::setWalkCut(CaseId id, const QString& walk, const QString& cut) {
    if (cut.isEmpty())
        return execCourse(QStringLiteral("DELETE FROM walk_cut WHERE case_id=? AND walk=?"), {qint64(id.value), walk});
    return execCourse(QStringLiteral("INSERT INTO walk_cut(case_id, walk, cut) VALUES(?, ?, ?) ON CONFLICT(case_id, "
                                     "walk) DO UPDATE SET cut=excluded.cut"),
                      {qint64(id.value), walk, cut});
}
Result<void> Edit::setCue(CaseId id, const std::string& drill, const QString& cue) {
    if (cue.isEmpty())
        return execCourse(QStringLiteral("DELETE FROM own_cue WHERE case_id=? AND drill=?"),
                          {qint64(id.value), text(drill)});
    return execCourse(
        QStringLiteral("INSERT INTO own_cue(case_id, drill, cue) VALUES(?, ?, ?) ON CONFLICT(case_id, drill) DO "
                       "UPDATE SET cue=excluded.cue"),
        {qint64(id.value), text(drill), cue});
}
Result<void> Edit::setObservation(RepetitionId id, const std::string& observation, const std::string& value) {
    if (value.empty())
        return execIn(id, QStringLiteral("DELETE FROM observation WHERE repetition_id=? AND observation=?"),
                      {qint64(id.value), text(observation)});
    return execIn(
        id,
        QStringLiteral("INSERT INTO observation(repetition_id, observation, value) VALUES(?, ?, ?) ON CONFLICT"
                       "(repetition_id, observation) DO UPDATE SET value=excluded.value"),
        {qint64(id.value), text(observation), text(value)});
}

Result<void> Edit::restoreDecision(CaseId id, const Decision& d) {
    return execCourse(upsertSql<Decision>("case_id, ", "case_id, fault"), newValues(d, {qint64(id.value)}));
}
Result<void> Edit::decide(CaseId id, const Decision& d) {
    if (auto done = restoreDecision(id, d); !done)
        return done;
    return restoreJournal(id, {d.at.isValid() ? d.at.toUTC() : QDateTime::currentDateTimeUtc(),
                               text(toString(d.choice)) +
                                   (d.until.isEmpty() ? QString() : QStringLiteral(" until ") + d.until) +
                                   QStringLiteral(": ") + text(d.fault),
                               d.reason});
}
Result<void> Edit::undecide(CaseId id, const std::string& fault) {
    auto done =
        execCourse(QStringLiteral("DELETE FROM decision WHERE case_id=? AND fault=?"), {qint64(id.value), text(fault)});
    if (!done)
        return done;
    return note(id, QStringLiteral("decision taken back: ") + text(fault), {});
}
Result<void> Edit::restoreOverride(CaseId id, const TermOverride& o) {
    const auto [low, high] = rangeOf(o.term);
    if (!(o.value >= low && o.value <= high))
        return badInput("", "a value from " + std::to_string(low) + " to " + std::to_string(high),
                        std::to_string(o.value));
    if (o.reason.empty())
        return badInput("", "a reason for the value set by hand", "none");
    return execCourse(upsertSql<TermOverride>("case_id, ", "case_id, fault, term"), newValues(o, {qint64(id.value)}));
}
Result<void> Edit::setOverride(CaseId id, const TermOverride& o) {
    if (auto done = restoreOverride(id, o); !done)
        return done;
    return note(id,
                QStringLiteral("%1 of %2 set to %3")
                    .arg(text(toString(o.term)), text(o.fault), QString::number(o.value, 'g', 4)),
                text(o.reason));
}
Result<void> Edit::removeOverride(CaseId id, const std::string& fault, Term term) {
    auto done = execCourse(QStringLiteral("DELETE FROM term_override WHERE case_id=? AND fault=? AND term=?"),
                           {qint64(id.value), text(fault), text(toString(term))});
    if (!done)
        return done;
    return note(id, QStringLiteral("%1 of %2 computed again").arg(text(toString(term)), text(fault)), {});
}
Result<void> Edit::setPlan(CaseId id, const PlanSettings& p) {
    return execCourse(upsertSql<PlanSettings>("case_id, ", "case_id"), newValues(p, {qint64(id.value)}));
}
Result<PracticeBlockId> Edit::addPracticeBlock(CaseId id, const PracticeBlock& block) {
    touched_.course = true;
    const auto row = insert(insertSql<PracticeBlock>("case_id, "), newValues(block, {qint64(id.value)}));
    if (!row)
        return row.error();
    const PracticeBlockId made{*row};
    for (const PracticeRepetition& repetition : block.repetitions)
        if (auto done = addPractice(id, made, repetition); !done)
            return done.error();
    return made;
}
Result<void> Edit::setPracticeBlock(const PracticeBlock& block) {
    return execCourse(updateSql<PracticeBlock>(), changedValues(block, block.id.value));
}
Result<void> Edit::removePracticeBlock(PracticeBlockId id) {
    // Row by row: undo writes down what each one was.
    if (auto done = execCourse(QStringLiteral("DELETE FROM practice WHERE block_id=?"), {qint64(id.value)}); !done)
        return done;
    return execCourse(QStringLiteral("DELETE FROM practice_block WHERE id=?"), {qint64(id.value)});
}
Result<void> Edit::addPractice(CaseId id, PracticeBlockId block, const PracticeRepetition& r) {
    // fault and drill: of the block; the columns are of a time before there were blocks.
    return execCourse(insertSql<PracticeRepetition>("case_id, block_id, fault, drill, "),
                      newValues(r, {qint64(id.value), qint64(block.value), QStringLiteral(""), QStringLiteral("")}));
}
Result<void> Edit::setPractice(const PracticeRepetition& r) {
    return execCourse(updateSql<PracticeRepetition>(), changedValues(r, r.id));
}
Result<void> Edit::removePractice(std::int64_t id) {
    return execCourse(QStringLiteral("DELETE FROM practice WHERE id=?"), {qint64(id)});
}
Result<AssessmentId> Edit::addAssessment(CaseId id, const StoredAssessment& a) {
    const auto row = insert(insertSql<StoredAssessment>("case_id, session_id, content, "),
                            newValues(a, {qint64(id.value), qint64(a.session.value), a.content}));
    if (!row)
        return row.error();
    return AssessmentId{*row};
}
Result<void> Edit::keepExchanged(CaseId id, const Exchanged& state) {
    constexpr int kKept = 12; // an older one is hardly the latest that two machines share
    const qint64 row = id.value;
    const QByteArray content = state.content.isNull() ? QByteArray("") : state.content;
    for (const auto& [sql, values] :
         {std::pair<QString, QVariantList>{
              QStringLiteral(
                  "INSERT INTO exchanged(case_id, digest, content) SELECT ?, ?, ? WHERE NOT EXISTS (SELECT 1 "
                  "FROM exchanged WHERE case_id=? AND digest=? AND length(content)>0)"),
              {row, state.digest, content, row, state.digest}},
          {QStringLiteral("DELETE FROM exchanged WHERE case_id=? AND id NOT IN (SELECT id FROM exchanged WHERE "
                          "case_id=? ORDER BY id DESC LIMIT %1)")
               .arg(kKept),
           {row, row}}})
        if (const auto done = db_.run(sql, values); !done)
            return done.error();
    return {};
}
Result<void> Edit::restoreJournal(CaseId id, const JournalEntry& entry) {
    return execCourse(QStringLiteral("INSERT INTO journal(at, case_id, what, reason) VALUES(?, ?, ?, ?)"),
                      {entry.at.toUTC().toString(Qt::ISODateWithMs), qint64(id.value), entry.what, entry.reason});
}
Result<void> Edit::note(CaseId id, const QString& what, const QString& reason) {
    return restoreJournal(id, {QDateTime::currentDateTimeUtc(), what, reason});
}

} // namespace riflesso
