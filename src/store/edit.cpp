#include "store/edit.h"

#include "store/known_lengths_text.h"
#include "store/picture_text.h"
#include "store/spoken_sound.h"

#include <QIODevice>

namespace riflesso {
namespace {

QString text(std::string_view value) { return QString::fromUtf8(value.data(), static_cast<qsizetype>(value.size())); }
QString dayValue(const QDate& date) { return date.isValid() ? date.toString(Qt::ISODate) : QStringLiteral(""); }
QVariant numberValue(const std::optional<double>& value) { return value ? QVariant(*value) : QVariant(); }
QVariantList sectionValues(const Section& s) {
    return {s.from,
            s.to,
            text(toString(s.view)),
            text(toString(s.facing)),
            s.handedness ? text(toString(*s.handedness)) : QStringLiteral(""),
            s.performer,
            s.slowMotion,
            text(toString(s.stress)),
            numberValue(s.metresPerPixel),
            s.scaleRelativeU,
            numberValue(s.bearingDeg),
            lengthsToText(s.knownLengths),
            pictureToText(s.picture)};
}

/// A text that is not NULL.
QString orEmpty(const QString& text) { return text.isNull() ? QStringLiteral("") : text; }
QVariant fitsValue(std::optional<bool> fits) { return fits ? QVariant(*fits) : QVariant(); }

} // namespace

QString toString(Decision::Choice choice) {
    switch (choice) {
    case Decision::Choice::WorkOn:
        return QStringLiteral("work on");
    case Decision::Choice::Park:
        return QStringLiteral("park");
    case Decision::Choice::WorkRound:
        return QStringLiteral("work round");
    case Decision::Choice::NotAFault:
        return QStringLiteral("not a fault");
    }
    return {};
}

std::optional<Decision::Choice> choiceFrom(const QString& word) {
    for (auto choice :
         {Decision::Choice::WorkOn, Decision::Choice::Park, Decision::Choice::WorkRound, Decision::Choice::NotAFault})
        if (toString(choice) == word)
            return choice;
    return {};
}

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
    const Result<QSqlQuery> done = db_.run(sql, values);
    if (!done)
        return done.error();
    return {};
}

Result<AthleteId> Edit::addAthlete(const Athlete& a) {
    const auto id = insert(QStringLiteral("INSERT INTO athlete(name) VALUES(?)"), {a.name});
    if (!id)
        return id.error();
    Athlete stored = a;
    stored.id = {*id};
    if (const auto done = setAthlete(stored); !done)
        return done.error();
    return stored.id;
}
Result<void> Edit::setAthlete(const Athlete& a) {
    return exec(
        QStringLiteral("UPDATE athlete SET name=?, birth_year=?, handedness=?, level=?, goal=?, notes=?, "
                       "willingness=?, limits=?, equipment=?, consent_given=?, consent_until=?, consent_scope=? "
                       "WHERE id=?"),
        {a.name, a.birthYear, text(toString(a.handedness)), a.level, a.goal, a.notes, a.willingness,
         a.limits.join(u'\n'), a.equipment.join(u'\n'), dayValue(a.consentGiven), dayValue(a.consentUntil),
         a.consentScope.isNull() ? QStringLiteral("") : a.consentScope, qint64(a.id.value)});
}
Result<CaseId> Edit::addCase(AthleteId athlete, const QString& title, const QString& packText) {
    const auto id =
        insert(QStringLiteral("INSERT INTO skill_case(athlete_id, title, pack, opened) VALUES(?, ?, ?, ?)"),
               {qint64(athlete.value), title, packText, QDateTime::currentDateTimeUtc().toString(Qt::ISODate)});
    if (!id)
        return id.error();
    return CaseId{*id};
}
Result<void> Edit::setSchool(CaseId id, const QString& school) {
    return execCourse(QStringLiteral("UPDATE skill_case SET school=? WHERE id=?"), {school, qint64(id.value)});
}
Result<void> Edit::setGoal(CaseId id, const std::optional<GoalTarget>& goal) {
    const GoalTarget g = goal.value_or(GoalTarget());
    return execCourse(QStringLiteral("UPDATE skill_case SET goal_measure=?, goal_value=?, goal_by=? WHERE id=?"),
                      {text(g.measure), g.value, dayValue(g.by), qint64(id.value)});
}
Result<void> Edit::addCompetition(AthleteId athlete, const QDate& date, const QString& title) {
    return exec(QStringLiteral("INSERT INTO competition(athlete_id, date, title) VALUES(?, ?, ?)"),
                {qint64(athlete.value), dayValue(date), title});
}
Result<void> Edit::removeCompetition(std::int64_t id) {
    return exec(QStringLiteral("DELETE FROM competition WHERE id=?"), {qint64(id)});
}
Result<void> Edit::addBelief(CaseId id, const Belief& belief) {
    return exec(
        QStringLiteral("INSERT INTO belief(case_id, measure, words, value, locked, whose) VALUES(?, ?, ?, ?, ?, ?)"),
        {qint64(id.value), text(belief.measure), belief.words, numberValue(belief.value), belief.locked,
         text(toString(belief.whose))});
}
Result<void> Edit::lockBeliefs(CaseId id) {
    return exec(QStringLiteral("UPDATE belief SET locked=1 WHERE case_id=? AND locked=0"), {qint64(id.value)});
}
Result<void> Edit::removeBelief(std::int64_t id) {
    return exec(QStringLiteral("DELETE FROM belief WHERE id=? AND locked=0"), {qint64(id)});
}

Result<SessionId> Edit::addSession(CaseId id, const QDate& date, const QString& title, bool isModel) {
    const auto row = insert(QStringLiteral("INSERT INTO session(case_id, date, title, is_model) VALUES(?, ?, ?, ?)"),
                            {qint64(id.value), dayValue(date), title, isModel});
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
    QVariantList values = sectionValues(section);
    values.prepend(qint64(clip.value));
    const auto row = insert(
        QStringLiteral("INSERT INTO section(clip_id, first_frame, last_frame, view, facing, handedness, performer, "
                       "slow_motion, stress, metres_per_pixel, scale_u, bearing, known_lengths, picture) "
                       "VALUES(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"),
        values);
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
    QVariantList values = sectionValues(section);
    values.append(qint64(section.id.value));
    return exec(
        QStringLiteral("UPDATE section SET first_frame=?, last_frame=?, view=?, facing=?, handedness=?, performer=?, "
                       "slow_motion=?, stress=?, metres_per_pixel=?, scale_u=?, bearing=?, known_lengths=?, picture=? "
                       "WHERE id=?"),
        values);
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

Result<RepetitionId> Edit::addRepetition(SectionId section, const Repetition& r) {
    const auto row =
        insert(QStringLiteral("INSERT INTO repetition(section_id, number, first_frame, last_frame, "
                              "result, variant, felt, same_as, variant_fits) VALUES(?, ?, ?, ?, ?, ?, ?, ?, ?)"),
               {qint64(section.value), r.number, r.from, r.to, text(r.result), text(r.variant), text(r.felt),
                qint64(r.sameAs.value), fitsValue(r.variantFits)});
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
    return id;
}
Result<void> Edit::setSpan(RepetitionId id, int from, int to) {
    return execIn(id, QStringLiteral("UPDATE repetition SET first_frame=?, last_frame=? WHERE id=?"),
                  {from, to, qint64(id.value)});
}
Result<void> Edit::setResult(RepetitionId id, const std::string& result) {
    return execIn(id, QStringLiteral("UPDATE repetition SET result=? WHERE id=?"), {text(result), qint64(id.value)});
}
Result<void> Edit::setVariant(RepetitionId id, const std::string& variant) {
    return execIn(id, QStringLiteral("UPDATE repetition SET variant=? WHERE id=?"), {text(variant), qint64(id.value)});
}
Result<void> Edit::setVariantFits(RepetitionId id, std::optional<bool> fits) {
    return execIn(id, QStringLiteral("UPDATE repetition SET variant_fits=? WHERE id=?"),
                  {fitsValue(fits), qint64(id.value)});
}
Result<void> Edit::setFelt(RepetitionId id, const std::string& felt) {
    return execIn(id, QStringLiteral("UPDATE repetition SET felt=? WHERE id=?"), {text(felt), qint64(id.value)});
}
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
Result<void> Edit::setPosition(CaseId id, const std::string& dispute, const std::string& position,
                               const QString& reason) {
    if (position.empty())
        return execCourse(QStringLiteral("DELETE FROM position WHERE case_id=? AND dispute=?"),
                          {qint64(id.value), text(dispute)});
    return execCourse(
        QStringLiteral("INSERT INTO position(case_id, dispute, position, reason) VALUES(?, ?, ?, ?) ON CONFLICT"
                       "(case_id, dispute) DO UPDATE SET position=excluded.position, reason=excluded.reason"),
        {qint64(id.value), text(dispute), text(position), reason});
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
    return execCourse(
        QStringLiteral("INSERT INTO decision(case_id, fault, choice, reason, at, until) VALUES(?, ?, ?, ?, ?, ?) ON "
                       "CONFLICT(case_id, fault) DO UPDATE SET choice=excluded.choice, reason=excluded.reason, "
                       "at=excluded.at, until=excluded.until"),
        {qint64(id.value), text(d.fault), toString(d.choice), d.reason, d.at.toUTC().toString(Qt::ISODateWithMs),
         orEmpty(d.until)});
}
Result<void> Edit::decide(CaseId id, const Decision& d) {
    if (auto done = restoreDecision(id, d); !done)
        return done;
    return restoreJournal(id,
                          {d.at.isValid() ? d.at.toUTC() : QDateTime::currentDateTimeUtc(),
                           toString(d.choice) + (d.until.isEmpty() ? QString() : QStringLiteral(" until ") + d.until) +
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
    return execCourse(
        QStringLiteral("INSERT INTO term_override(case_id, fault, term, value, reason) VALUES(?, ?, ?, ?, ?) "
                       "ON CONFLICT(case_id, fault, term) DO UPDATE SET value=excluded.value, "
                       "reason=excluded.reason"),
        {qint64(id.value), text(o.fault), text(toString(o.term)), o.value, text(o.reason)});
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
    return execCourse(
        QStringLiteral(
            "INSERT INTO plan(case_id, sessions_per_week, homework_minutes, no_change_days, start, retest, retention, "
            "one_at_a_time, tempo_first, approach_reason) "
            "VALUES(?, ?, ?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT(case_id) DO UPDATE SET "
            "sessions_per_week=excluded.sessions_per_week, "
            "homework_minutes=excluded.homework_minutes, no_change_days=excluded.no_change_days, start=excluded.start, "
            "retest=excluded.retest, retention=excluded.retention, one_at_a_time=excluded.one_at_a_time, "
            "tempo_first=excluded.tempo_first, approach_reason=excluded.approach_reason"),
        {qint64(id.value), p.sessionsPerWeek, p.homeworkMinutes, p.noChangeDays, dayValue(p.start), dayValue(p.retest),
         dayValue(p.retention), p.approach.oneAtATime, p.approach.tempoFirst, orEmpty(p.approachReason)});
}
Result<void> Edit::addPractice(CaseId id, const PracticeRepetition& r) {
    return execCourse(
        QStringLiteral("INSERT INTO practice(case_id, fault, drill, good, at) VALUES(?, ?, ?, ?, ?)"),
        {qint64(id.value), text(r.fault), text(r.drill), r.good, r.at.toUTC().toString(Qt::ISODateWithMs)});
}
Result<void> Edit::removePractice(std::int64_t id) {
    return execCourse(QStringLiteral("DELETE FROM practice WHERE id=?"), {qint64(id)});
}
Result<AssessmentId> Edit::addAssessment(CaseId id, const StoredAssessment& a) {
    const auto row =
        insert(QStringLiteral(
                   "INSERT INTO assessment(case_id, session_id, at, title, version, content) VALUES(?, ?, ?, ?, ?, ?)"),
               {qint64(id.value), qint64(a.session.value), a.at.toUTC().toString(Qt::ISODateWithMs), a.title, a.version,
                a.content});
    if (!row)
        return row.error();
    return AssessmentId{*row};
}
Result<void> Edit::restoreJournal(CaseId id, const JournalEntry& entry) {
    return execCourse(QStringLiteral("INSERT INTO journal(at, case_id, what, reason) VALUES(?, ?, ?, ?)"),
                      {entry.at.toUTC().toString(Qt::ISODateWithMs), qint64(id.value), entry.what, entry.reason});
}
Result<void> Edit::note(CaseId id, const QString& what, const QString& reason) {
    return restoreJournal(id, {QDateTime::currentDateTimeUtc(), what, reason});
}

} // namespace riflesso
