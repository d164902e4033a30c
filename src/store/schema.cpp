#include "store/schema.h"

#include "store/stored_rows.h"

namespace riflesso {

namespace {

/// Ids that hold across machines; limits by part, side and kind. Free words are brought over as they stand.
QString lastingIdsAndLimits() {
    QStringList out = {addColumnSql<Athlete>("uid"), addColumnSql<Session>("uid"), addColumnSql<Section>("uid"),
                       addColumnSql<Repetition>("uid"),
                       QStringLiteral("ALTER TABLE skill_case ADD COLUMN uid TEXT NOT NULL DEFAULT ''")};
    out << QStringLiteral(R"(CREATE TABLE athlete_limit (id INTEGER PRIMARY KEY,
    athlete_id INTEGER NOT NULL REFERENCES athlete ON DELETE CASCADE, uid TEXT NOT NULL DEFAULT '',
    part TEXT NOT NULL DEFAULT '', side TEXT NOT NULL DEFAULT '', kind TEXT NOT NULL DEFAULT 'other',
    words TEXT NOT NULL DEFAULT '', since TEXT NOT NULL DEFAULT '', over TEXT NOT NULL DEFAULT '',
    stopped INTEGER NOT NULL DEFAULT 0, advice TEXT NOT NULL DEFAULT '', advised_on TEXT NOT NULL DEFAULT ''))")
        << QStringLiteral(R"(INSERT INTO athlete_limit(athlete_id, words)
    WITH RECURSIVE split(athlete, line, rest) AS (SELECT id, '', limits || char(10) FROM athlete UNION ALL
        SELECT athlete, substr(rest, 1, instr(rest, char(10)) - 1), substr(rest, instr(rest, char(10)) + 1)
        FROM split WHERE rest<>'')
    SELECT athlete, trim(line) FROM split WHERE trim(line)<>'')")
        << QStringLiteral("UPDATE athlete SET limits=''")
        << QStringLiteral(R"(CREATE TABLE own_target (id INTEGER PRIMARY KEY,
    case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE, measure TEXT NOT NULL, low REAL, high REAL,
    reason TEXT NOT NULL, UNIQUE (case_id, measure)))")
        // Who was not asked for a belief. What was locked stays, whatever is undone; it goes with its case alone.
        << QStringLiteral(R"(CREATE TABLE not_asked (case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    whose TEXT NOT NULL, day TEXT NOT NULL, PRIMARY KEY (case_id, whose)))")
        << QStringLiteral(R"(CREATE TRIGGER belief_stays BEFORE DELETE ON belief
    WHEN old.locked=1 AND EXISTS (SELECT 1 FROM skill_case WHERE id=old.case_id)
    BEGIN SELECT RAISE(IGNORE); END)");
    // Cases of before are shown as they were.
    for (const char* whose : {"athlete", "analyst"})
        out << QStringLiteral("INSERT INTO not_asked SELECT id, '%1', date('now') FROM skill_case WHERE id NOT IN "
                              "(SELECT case_id FROM belief WHERE locked=1 AND whose='%1')")
                   .arg(QLatin1String(whose));
    for (const char* table : {"athlete", "athlete_limit", "skill_case", "session", "section", "repetition"})
        out << QStringLiteral("UPDATE %1 SET uid=lower(hex(randomblob(16)))").arg(QLatin1String(table));
    return out.join(QStringLiteral(";\n\n"));
}

/// 10: the pack's conditions of a section; results beside the first; the athlete's best; what a case is held against;
/// what was watched a second time, blind; the day of a belief; what was drawn on a clip.
QString conditionsAndYardsticks() {
    QStringList out = {addColumnSql<Section>("conditions"), addColumnSql<Repetition>("more_results"),
                       addColumnSql<Repetition>("best"), addColumnSql<Belief>("said_on")};
    for (const char* column :
         {"for_level", "for_age", "for_format", "measured_effects", "model_name", "model_file", "observers"})
        out << addColumnSql<Yardstick>(column);
    out << QStringLiteral(R"(CREATE TABLE second_observation (id INTEGER PRIMARY KEY,
    repetition_id INTEGER NOT NULL REFERENCES repetition ON DELETE CASCADE, observation TEXT NOT NULL,
    value TEXT NOT NULL, UNIQUE (repetition_id, observation)))");
    out << QStringLiteral(R"(CREATE TABLE drawn_note (id INTEGER PRIMARY KEY,
    clip_id INTEGER NOT NULL REFERENCES clip ON DELETE CASCADE, frame INTEGER NOT NULL, kind TEXT NOT NULL,
    points TEXT NOT NULL))");
    return out.join(QStringLiteral(";\n\n"));
}

/// 11: practice in blocks; what each repetition came to, how it felt, what followed it; how feedback is spread. A
/// repetition of before has no block, and is read as one of its drill and day.
QString practiceInBlocks() {
    QString block = QStringLiteral("CREATE TABLE practice_block (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL "
                                   "REFERENCES skill_case ON DELETE CASCADE");
    forFields<PracticeBlock>([&]<class F>(const F& field) {
        block +=
            QStringLiteral(", %1 %2").arg(QLatin1String(field.column), QLatin1String(Kept<typename F::Value>::kColumn));
    });
    QStringList out = {block + u')',
                       QStringLiteral("ALTER TABLE practice ADD COLUMN block_id INTEGER REFERENCES practice_block ON "
                                      "DELETE CASCADE"),
                       QStringLiteral("CREATE INDEX practice_of_block ON practice(block_id)")};
    for (const char* column : {"result", "felt", "told"})
        out << addColumnSql<PracticeRepetition>(column);
    for (const char* column : {"feedback_school", "feedback_reason"})
        out << addColumnSql<PlanSettings>(column);
    return out.join(QStringLiteral(";\n\n"));
}

/// 13: what was measured of a repetition of practice at once.
QString measuredThere() {
    QStringList out;
    for (const char* column : {"measure", "value", "value_u", "measured_good"})
        out << addColumnSql<PracticeRepetition>(column);
    return out.join(QStringLiteral(";\n\n"));
}

/// 14: who gave a consent and for what; how walk-throughs are cut.
QString consentAndCuts() {
    return addColumnSql<Athlete>("consent_by") + QStringLiteral(";\n\n") + addColumnSql<Athlete>("consent_for") +
           QStringLiteral(R"(;

CREATE TABLE walk_cut (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    walk TEXT NOT NULL, cut TEXT NOT NULL, UNIQUE (case_id, walk)))");
}

} // namespace

const QStringList& migrations() {
    static const QStringList kMigrations = {QStringLiteral(R"(
CREATE TABLE meta (key TEXT PRIMARY KEY, value TEXT NOT NULL);

CREATE TABLE athlete (id INTEGER PRIMARY KEY, name TEXT NOT NULL, birth_year INTEGER NOT NULL DEFAULT 0,
    handedness TEXT NOT NULL DEFAULT 'right', level TEXT NOT NULL DEFAULT '', goal TEXT NOT NULL DEFAULT '',
    notes TEXT NOT NULL DEFAULT '', willingness REAL NOT NULL DEFAULT 1, limits TEXT NOT NULL DEFAULT '',
    equipment TEXT NOT NULL DEFAULT '');

CREATE TABLE competition (id INTEGER PRIMARY KEY, athlete_id INTEGER NOT NULL REFERENCES athlete ON DELETE CASCADE,
    date TEXT NOT NULL, title TEXT NOT NULL DEFAULT '');

CREATE TABLE skill_case (id INTEGER PRIMARY KEY, athlete_id INTEGER NOT NULL REFERENCES athlete ON DELETE CASCADE,
    title TEXT NOT NULL, pack TEXT NOT NULL, school TEXT NOT NULL DEFAULT 'root', opened TEXT NOT NULL DEFAULT '');

CREATE TABLE belief (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    measure TEXT NOT NULL, words TEXT NOT NULL DEFAULT '', value REAL, locked INTEGER NOT NULL DEFAULT 0);

CREATE TABLE session (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    date TEXT NOT NULL, title TEXT NOT NULL DEFAULT '', is_model INTEGER NOT NULL DEFAULT 0);

CREATE TABLE clip (id INTEGER PRIMARY KEY, session_id INTEGER NOT NULL REFERENCES session ON DELETE CASCADE,
    title TEXT NOT NULL, path TEXT NOT NULL, hash TEXT NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL,
    times BLOB NOT NULL);

CREATE TABLE section (id INTEGER PRIMARY KEY, clip_id INTEGER NOT NULL REFERENCES clip ON DELETE CASCADE,
    first_frame INTEGER NOT NULL, last_frame INTEGER NOT NULL, view TEXT NOT NULL, facing TEXT NOT NULL,
    handedness TEXT NOT NULL DEFAULT '', performer TEXT NOT NULL DEFAULT '', slow_motion REAL NOT NULL DEFAULT 1,
    stress TEXT NOT NULL DEFAULT 'calm', metres_per_pixel REAL, scale_u REAL NOT NULL DEFAULT 0);

CREATE TABLE repetition (id INTEGER PRIMARY KEY, section_id INTEGER NOT NULL REFERENCES section ON DELETE CASCADE,
    number INTEGER NOT NULL, first_frame INTEGER NOT NULL, last_frame INTEGER NOT NULL,
    result TEXT NOT NULL DEFAULT '', variant TEXT NOT NULL DEFAULT '', felt TEXT NOT NULL DEFAULT '');

CREATE TABLE event (id INTEGER PRIMARY KEY, repetition_id INTEGER NOT NULL REFERENCES repetition ON DELETE CASCADE,
    event TEXT NOT NULL, frame REAL NOT NULL, u_s REAL, source TEXT NOT NULL DEFAULT '',
    UNIQUE (repetition_id, event));

CREATE TABLE mark (id INTEGER PRIMARY KEY, repetition_id INTEGER NOT NULL REFERENCES repetition ON DELETE CASCADE,
    landmark TEXT NOT NULL, frame INTEGER NOT NULL, x REAL, y REAL, sigma REAL NOT NULL DEFAULT 2,
    source TEXT NOT NULL DEFAULT '', hidden TEXT NOT NULL DEFAULT '', UNIQUE (repetition_id, landmark, frame));

CREATE TABLE observation (id INTEGER PRIMARY KEY,
    repetition_id INTEGER NOT NULL REFERENCES repetition ON DELETE CASCADE, observation TEXT NOT NULL,
    value TEXT NOT NULL, UNIQUE (repetition_id, observation));

CREATE TABLE decision (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    fault TEXT NOT NULL, choice TEXT NOT NULL, reason TEXT NOT NULL DEFAULT '', at TEXT NOT NULL,
    UNIQUE (case_id, fault));

CREATE TABLE plan (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL UNIQUE REFERENCES skill_case ON DELETE CASCADE,
    sessions_per_week INTEGER NOT NULL, homework_minutes INTEGER NOT NULL, no_change_days INTEGER NOT NULL,
    start TEXT NOT NULL DEFAULT '', retest TEXT NOT NULL DEFAULT '', retention TEXT NOT NULL DEFAULT '');

CREATE TABLE practice (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    fault TEXT NOT NULL, drill TEXT NOT NULL, good INTEGER NOT NULL, at TEXT NOT NULL);

CREATE TABLE assessment (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    session_id INTEGER NOT NULL, at TEXT NOT NULL, title TEXT NOT NULL, version TEXT NOT NULL, content TEXT NOT NULL);

CREATE TABLE journal (id INTEGER PRIMARY KEY, at TEXT NOT NULL, case_id INTEGER, what TEXT NOT NULL,
    reason TEXT NOT NULL DEFAULT '');

CREATE TABLE undo_step (id INTEGER PRIMARY KEY, name TEXT NOT NULL, merge_key TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL, undone INTEGER NOT NULL DEFAULT 0);

CREATE TABLE undo_sql (id INTEGER PRIMARY KEY, step_id INTEGER NOT NULL REFERENCES undo_step ON DELETE CASCADE,
    redo INTEGER NOT NULL, sql TEXT NOT NULL);

CREATE INDEX undo_sql_step ON undo_sql (step_id, redo);

CREATE INDEX mark_repetition ON mark (repetition_id);

CREATE INDEX repetition_section ON repetition (section_id);

CREATE INDEX section_clip ON section (clip_id);

CREATE INDEX clip_session ON clip (session_id);

CREATE INDEX session_case ON session (case_id)
)"),
                                            // 2: the session shown last; consent to be filmed.
                                            QStringLiteral(R"(
ALTER TABLE skill_case ADD COLUMN session_id INTEGER NOT NULL DEFAULT 0;

ALTER TABLE athlete ADD COLUMN consent_given TEXT NOT NULL DEFAULT '';

ALTER TABLE athlete ADD COLUMN consent_until TEXT NOT NULL DEFAULT '';

ALTER TABLE athlete ADD COLUMN consent_scope TEXT NOT NULL DEFAULT ''
)"),
                                            // 3: where the camera stood, and what its picture was measured by.
                                            QStringLiteral(R"(
ALTER TABLE section ADD COLUMN bearing REAL;

ALTER TABLE section ADD COLUMN known_lengths TEXT NOT NULL DEFAULT ''
)"),
                                            // 4: the analyst's value in the place of a computed term, with the reason.
                                            QStringLiteral(R"(
CREATE TABLE term_override (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    fault TEXT NOT NULL, term TEXT NOT NULL, value REAL NOT NULL, reason TEXT NOT NULL, UNIQUE (case_id, fault, term))
)"),
                                            // 5: whose guess; the goal as a measure; one movement before two cameras.
                                            QStringLiteral(R"(
ALTER TABLE belief ADD COLUMN whose TEXT NOT NULL DEFAULT 'athlete';

ALTER TABLE skill_case ADD COLUMN goal_measure TEXT NOT NULL DEFAULT '';

ALTER TABLE skill_case ADD COLUMN goal_value REAL NOT NULL DEFAULT 0;

ALTER TABLE skill_case ADD COLUMN goal_by TEXT NOT NULL DEFAULT '';

ALTER TABLE repetition ADD COLUMN same_as INTEGER NOT NULL DEFAULT 0
)"),
                                            // 6: the picture of a section; what was marked a second time, blind; what
                                            // a proposed event was before it was corrected; positions in disputes.
                                            QStringLiteral(R"(
ALTER TABLE section ADD COLUMN picture TEXT NOT NULL DEFAULT '';

ALTER TABLE event ADD COLUMN proposed REAL;

CREATE TABLE second_mark (id INTEGER PRIMARY KEY,
    repetition_id INTEGER NOT NULL REFERENCES repetition ON DELETE CASCADE, landmark TEXT NOT NULL,
    frame INTEGER NOT NULL, x REAL NOT NULL, y REAL NOT NULL, UNIQUE (repetition_id, landmark, frame));

CREATE TABLE second_event (id INTEGER PRIMARY KEY,
    repetition_id INTEGER NOT NULL REFERENCES repetition ON DELETE CASCADE, event TEXT NOT NULL, frame REAL NOT NULL,
    UNIQUE (repetition_id, event));

CREATE TABLE position (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    dispute TEXT NOT NULL, position TEXT NOT NULL, reason TEXT NOT NULL DEFAULT '', UNIQUE (case_id, dispute))
)"),
                                            // 7: whether the chosen variant was the right one; until when a fault is
                                            // worked round; how the plan goes about it; cues in the athlete's words.
                                            QStringLiteral(R"(
ALTER TABLE repetition ADD COLUMN variant_fits INTEGER;

ALTER TABLE decision ADD COLUMN until TEXT NOT NULL DEFAULT '';

ALTER TABLE plan ADD COLUMN one_at_a_time INTEGER NOT NULL DEFAULT 0;

ALTER TABLE plan ADD COLUMN tempo_first INTEGER NOT NULL DEFAULT 0;

ALTER TABLE plan ADD COLUMN approach_reason TEXT NOT NULL DEFAULT '';

CREATE TABLE own_cue (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    drill TEXT NOT NULL, cue TEXT NOT NULL, UNIQUE (case_id, drill))
)"),
                                            // 8: what was said of a clip.
                                            QStringLiteral(R"(
CREATE TABLE spoken_note (id INTEGER PRIMARY KEY, clip_id INTEGER NOT NULL REFERENCES clip ON DELETE CASCADE,
    sound BLOB NOT NULL)
)"),
                                            lastingIdsAndLimits(), conditionsAndYardsticks(), practiceInBlocks(),
                                            // 12: where the camera stood.
                                            addColumnSql<Section>("camera_height") + QStringLiteral(";\n\n") +
                                                addColumnSql<Section>("camera_distance"),
                                            measuredThere(), consentAndCuts(),
                                            // 15: skills of one's own.
                                            QStringLiteral(R"(
CREATE TABLE own_skill (id INTEGER PRIMARY KEY, draft TEXT NOT NULL);

CREATE TABLE skill_edition (id INTEGER PRIMARY KEY, skill_id INTEGER NOT NULL REFERENCES own_skill ON DELETE CASCADE,
    edition TEXT NOT NULL, at TEXT NOT NULL, pack TEXT NOT NULL)
)"),
                                            // 16: states that another machine has too; when a repetition was changed.
                                            QStringLiteral(R"(
CREATE TABLE exchanged (id INTEGER PRIMARY KEY, case_id INTEGER NOT NULL REFERENCES skill_case ON DELETE CASCADE,
    digest TEXT NOT NULL, content BLOB NOT NULL);

CREATE INDEX exchanged_case ON exchanged (case_id);

CREATE TABLE repetition_changed (repetition_id INTEGER PRIMARY KEY REFERENCES repetition ON DELETE CASCADE,
    at TEXT NOT NULL)
)")};
    return kMigrations;
}

int schemaVersion() { return static_cast<int>(migrations().size()); }

const QStringList& undoableTables() {
    static const QStringList kTables = {
        QStringLiteral("athlete"),       QStringLiteral("competition"),    QStringLiteral("skill_case"),
        QStringLiteral("belief"),        QStringLiteral("session"),        QStringLiteral("clip"),
        QStringLiteral("section"),       QStringLiteral("repetition"),     QStringLiteral("event"),
        QStringLiteral("mark"),          QStringLiteral("observation"),    QStringLiteral("decision"),
        QStringLiteral("plan"),          QStringLiteral("practice"),       QStringLiteral("assessment"),
        QStringLiteral("term_override"), QStringLiteral("second_mark"),    QStringLiteral("second_event"),
        QStringLiteral("position"),      QStringLiteral("own_cue"),        QStringLiteral("spoken_note"),
        QStringLiteral("athlete_limit"), QStringLiteral("own_target"),     QStringLiteral("second_observation"),
        QStringLiteral("drawn_note"),    QStringLiteral("practice_block"), QStringLiteral("walk_cut"),
        QStringLiteral("own_skill"),     QStringLiteral("skill_edition"),  QStringLiteral("exchanged")};
    return kTables;
}

} // namespace riflesso
