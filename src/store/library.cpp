#include "store/library.h"
#include "store/known_lengths_text.h"
#include "store/picture_text.h"

#include "core/pack_reader.h"
#include "core/single_cycles.h"
#include "store/edit.h"
#include "store/schema.h"
#include "store/undo_log.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>

namespace riflesso {
namespace {

const char* const kFreeLibrary = "a library that no other window has open";
const char* const kWritableFolder = "a folder that can be written to";

const QString kFile = QStringLiteral("library.sqlite");
const QString kCleanEnd =
    QStringLiteral("INSERT INTO meta(key, value) VALUES('clean_end', ?) ON CONFLICT(key) DO UPDATE "
                   "SET value=excluded.value");

Result<void> migrate(const Database& db, int from) {
    if (from == schemaVersion())
        return {};
    if (from > 0) {
        const QString backup = db.file() + QStringLiteral(".before-version-%1").arg(from + 1);
        if (const auto done = db.run(QStringLiteral("VACUUM INTO ?"), {backup}); !done)
            return done.error();
    }
    for (int version = from; version < schemaVersion(); ++version) {
        if (const auto begun = db.run(QStringLiteral("BEGIN IMMEDIATE")); !begun)
            return begun.error();
        Result<void> done = db.runAll(migrations()[version]);
        if (done) {
            const auto stamped = db.run(QStringLiteral("PRAGMA user_version=%1").arg(version + 1));
            done = stamped ? Result<void>() : Result<void>(stamped.error());
        }
        if (!done) {
            (void)db.run(QStringLiteral("ROLLBACK"));
            return done;
        }
        if (const auto committed = db.run(QStringLiteral("COMMIT")); !committed)
            return committed.error();
    }
    return {};
}

std::optional<double> optionalNumber(const QVariant& value) {
    return value.isNull() ? std::nullopt : std::optional(value.toDouble());
}
QDate dateOf(const QVariant& value) { return QDate::fromString(value.toString(), Qt::ISODate); }
QDateTime momentOf(const QVariant& value) {
    QDateTime at = QDateTime::fromString(value.toString(), Qt::ISODateWithMs);
    return at.isValid() ? at : QDateTime::fromString(value.toString(), Qt::ISODate);
}
std::string plain(const QVariant& value) { return value.toString().toStdString(); }
QStringList linesOf(const QVariant& value) { return value.toString().split(u'\n', Qt::SkipEmptyParts); }

/// Reads the parts of a case; the first error stops it.
class CaseReader {
public:
    CaseReader(const Database& db, const QString& folder) : db_(db), folder_(folder) {}

    Result<CaseData> read(CaseId id) {
        data_.id = id;
        std::int64_t athlete = 0;
        QString packText;
        each("SELECT athlete_id, title, pack, school, session_id, goal_measure, goal_value, goal_by FROM skill_case "
             "WHERE "
             "id=?",
             id.value, [&](const QSqlQuery& row) {
                 athlete = row.value(0).toLongLong();
                 data_.title = row.value(1).toString();
                 packText = row.value(2).toString();
                 data_.school = row.value(3).toString();
                 data_.lastSession = {row.value(4).toLongLong()};
                 if (const std::string measure = plain(row.value(5)); !measure.empty())
                     data_.goal = GoalTarget{measure, row.value(6).toDouble(), dateOf(row.value(7))};
             });
        if (!error_ && athlete == 0)
            return badInput(db_.file().toStdString(), "a case with the id " + std::to_string(id.value), "none");
        if (!error_) {
            Result<Pack> pack = loadPack(packText.toStdString(), "the pack kept with the case");
            if (!pack)
                return pack.error();
            data_.pack = ofSingleCycles(std::move(*pack));
        }
        person(athlete);
        sessions();
        course();
        if (error_)
            return *error_;
        data_.own = findOwnError(data_);
        return std::move(data_);
    }

    /// Reads these repetitions of a case again.
    Result<CaseData> readAgain(const CaseData& before, const std::set<std::int64_t>& repetitions) {
        data_ = before;
        for (Session& session : data_.sessions)
            for (Clip& clip : session.clips)
                for (Section& section : clip.sections) {
                    for (Repetition& repetition : section.repetitions)
                        if (repetitions.contains(repetition.id.value)) {
                            Repetition fresh;
                            each("SELECT id, number, first_frame, last_frame, result, variant, felt, same_as FROM "
                                 "repetition "
                                 "WHERE id=?",
                                 repetition.id.value, [&](const QSqlQuery& row) { fresh = repetitionOf(row); });
                            contents(fresh);
                            repetition = std::move(fresh);
                        }
                    // As loadCase has them: a span may have moved before another.
                    std::sort(section.repetitions.begin(), section.repetitions.end(),
                              [](const Repetition& a, const Repetition& b) {
                                  return std::pair(a.from, a.id.value) < std::pair(b.from, b.id.value);
                              });
                }
        if (error_)
            return *error_;
        if (changesOwnError(before, data_, repetitions))
            data_.own = findOwnError(data_);
        return std::move(data_);
    }

private:
    /// Whether something that was marked twice may have moved: the rest costs a mark nothing.
    static bool changesOwnError(const CaseData& before, const CaseData& now, const std::set<std::int64_t>& which) {
        for (const std::int64_t id : which)
            for (const CaseData* data : {&before, &now})
                if (const Repetition* r = data->repetition({id});
                    r && !(r->marksAgain.empty() && r->eventsAgain.empty()))
                    return true;
        return false;
    }

    static Repetition repetitionOf(const QSqlQuery& row) {
        Repetition r;
        r.id = {row.value(0).toLongLong()};
        r.number = row.value(1).toInt();
        r.from = row.value(2).toInt();
        r.to = row.value(3).toInt();
        r.result = plain(row.value(4));
        r.variant = plain(row.value(5));
        r.felt = plain(row.value(6));
        r.sameAs = {row.value(7).toLongLong()};
        return r;
    }
    template <class Work> void each(const char* sql, std::int64_t key, Work work) {
        if (error_)
            return;
        Result<QSqlQuery> rows = db_.run(QLatin1String(sql), {qint64(key)});
        if (!rows) {
            error_ = rows.error();
            return;
        }
        while (rows->next())
            work(*rows);
    }

    void person(std::int64_t id) {
        each("SELECT name, birth_year, handedness, level, goal, notes, willingness, limits, equipment, "
             "consent_given, consent_until, consent_scope FROM athlete "
             "WHERE id=?",
             id, [&](const QSqlQuery& row) {
                 Athlete& a = data_.athlete;
                 a.id = {id};
                 a.name = row.value(0).toString();
                 a.birthYear = row.value(1).toInt();
                 a.handedness = sideFrom(plain(row.value(2))).value_or(Side::Right);
                 a.level = row.value(3).toString();
                 a.goal = row.value(4).toString();
                 a.notes = row.value(5).toString();
                 a.willingness = row.value(6).toDouble();
                 a.limits = linesOf(row.value(7));
                 a.equipment = linesOf(row.value(8));
                 a.consentGiven = dateOf(row.value(9));
                 a.consentUntil = dateOf(row.value(10));
                 a.consentScope = row.value(11).toString();
             });
        each("SELECT id, date, title FROM competition WHERE athlete_id=? ORDER BY date", id, [&](const QSqlQuery& row) {
            data_.competitions.push_back({row.value(0).toLongLong(), dateOf(row.value(1)), row.value(2).toString()});
        });
        each("SELECT id, measure, words, value, locked, whose FROM belief WHERE case_id=? ORDER BY id", data_.id.value,
             [&](const QSqlQuery& row) {
                 data_.beliefs.push_back({row.value(0).toLongLong(), plain(row.value(1)), row.value(2).toString(),
                                          optionalNumber(row.value(3)), row.value(4).toBool(),
                                          guesserFrom(plain(row.value(5))).value_or(Guesser::Athlete)});
             });
    }

    void sessions() {
        each("SELECT id, date, title, is_model FROM session WHERE case_id=? ORDER BY is_model, date, id",
             data_.id.value, [&](const QSqlQuery& row) {
                 data_.sessions.push_back({{row.value(0).toLongLong()},
                                           dateOf(row.value(1)),
                                           row.value(2).toString(),
                                           row.value(3).toBool(),
                                           {}});
             });
        for (Session& session : data_.sessions) {
            each("SELECT id, title, path, hash, width, height, times FROM clip WHERE session_id=? ORDER BY id",
                 session.id.value, [&](const QSqlQuery& row) {
                     Clip clip;
                     clip.id = {row.value(0).toLongLong()};
                     clip.title = row.value(1).toString();
                     clip.path = QDir(folder_).absoluteFilePath(row.value(2).toString());
                     clip.missing = !QFileInfo(clip.path).isFile();
                     clip.hash = row.value(3).toString();
                     clip.width = row.value(4).toInt();
                     clip.height = row.value(5).toInt();
                     const QByteArray bytes = qUncompress(row.value(6).toByteArray());
                     std::vector<double> times(static_cast<std::size_t>(bytes.size()) / sizeof(double));
                     std::copy_n(bytes.constData(), times.size() * sizeof(double),
                                 reinterpret_cast<char*>(times.data()));
                     clip.timesS = std::make_shared<const std::vector<double>>(std::move(times));
                     session.clips.push_back(std::move(clip));
                 });
            for (Clip& clip : session.clips)
                sections(clip);
        }
    }

    void sections(Clip& clip) {
        each("SELECT id, first_frame, last_frame, view, facing, handedness, performer, slow_motion, stress, "
             "metres_per_pixel, scale_u, bearing, known_lengths, picture FROM section WHERE clip_id=? ORDER BY "
             "first_frame, id",
             clip.id.value, [&](const QSqlQuery& row) {
                 Section s;
                 s.id = {row.value(0).toLongLong()};
                 s.from = row.value(1).toInt();
                 s.to = row.value(2).toInt();
                 s.view = viewFrom(plain(row.value(3))).value_or(View::Side);
                 s.facing = sideFrom(plain(row.value(4))).value_or(Side::Right);
                 s.handedness = sideFrom(plain(row.value(5)));
                 s.performer = row.value(6).toString();
                 s.slowMotion = row.value(7).toDouble();
                 s.stress = stressFrom(plain(row.value(8))).value_or(Stress::Calm);
                 s.metresPerPixel = optionalNumber(row.value(9));
                 s.scaleRelativeU = row.value(10).toDouble();
                 s.bearingDeg = optionalNumber(row.value(11));
                 s.knownLengths = lengthsFromText(row.value(12).toString());
                 s.picture = pictureFromText(row.value(13).toString());
                 clip.sections.push_back(std::move(s));
             });
        for (Section& section : clip.sections) {
            each("SELECT id, number, first_frame, last_frame, result, variant, felt, same_as FROM repetition WHERE "
                 "section_id=? "
                 "ORDER BY first_frame, id",
                 section.id.value, [&](const QSqlQuery& row) { section.repetitions.push_back(repetitionOf(row)); });
            for (Repetition& repetition : section.repetitions)
                contents(repetition);
        }
    }

    void contents(Repetition& r) {
        each("SELECT event, frame, u_s, source, proposed FROM event WHERE repetition_id=?", r.id.value,
             [&](const QSqlQuery& row) {
                 r.events[plain(row.value(0))] = {row.value(1).toDouble(), optionalNumber(row.value(2)),
                                                  plain(row.value(3)), optionalNumber(row.value(4))};
             });
        each("SELECT landmark, frame, x, y FROM second_mark WHERE repetition_id=?", r.id.value,
             [&](const QSqlQuery& row) {
                 r.marksAgain[plain(row.value(0))][row.value(1).toInt()] = {row.value(2).toDouble(),
                                                                            row.value(3).toDouble()};
             });
        each("SELECT event, frame FROM second_event WHERE repetition_id=?", r.id.value,
             [&](const QSqlQuery& row) { r.eventsAgain[plain(row.value(0))] = row.value(1).toDouble(); });
        each("SELECT landmark, frame, x, y, sigma, source, hidden FROM mark WHERE repetition_id=?", r.id.value,
             [&](const QSqlQuery& row) {
                 const std::string landmark = plain(row.value(0));
                 const int frame = row.value(1).toInt();
                 if (row.value(2).isNull())
                     r.hidden.push_back({landmark, frame, plain(row.value(6))});
                 else
                     r.marks[landmark][frame] = {{row.value(2).toDouble(), row.value(3).toDouble()},
                                                 row.value(4).toDouble(),
                                                 plain(row.value(5))};
             });
        each("SELECT observation, value FROM observation WHERE repetition_id=?", r.id.value,
             [&](const QSqlQuery& row) { r.observations[plain(row.value(0))] = plain(row.value(1)); });
    }

    void course() {
        each("SELECT fault, choice, reason, at FROM decision WHERE case_id=? ORDER BY at, id", data_.id.value,
             [&](const QSqlQuery& row) {
                 Decision decision{plain(row.value(0)), Decision::Choice::WorkOn, row.value(2).toString(),
                                   momentOf(row.value(3))};
                 decision.choice = choiceFrom(row.value(1).toString()).value_or(decision.choice);
                 data_.decisions.push_back(decision);
             });
        each("SELECT fault, term, value, reason FROM term_override WHERE case_id=? ORDER BY id", data_.id.value,
             [&](const QSqlQuery& row) {
                 if (const auto term = termFrom(plain(row.value(1))))
                     data_.overrides.push_back(
                         {plain(row.value(0)), *term, row.value(2).toDouble(), plain(row.value(3))});
             });
        each("SELECT dispute, position, reason FROM position WHERE case_id=? ORDER BY id", data_.id.value,
             [&](const QSqlQuery& row) {
                 data_.positions.push_back({plain(row.value(0)), plain(row.value(1)), row.value(2).toString()});
             });
        each("SELECT sessions_per_week, homework_minutes, no_change_days, start, retest, retention FROM plan WHERE "
             "case_id=?",
             data_.id.value, [&](const QSqlQuery& row) {
                 data_.plan = {row.value(0).toInt(), row.value(1).toInt(), row.value(2).toInt(),
                               dateOf(row.value(3)), dateOf(row.value(4)), dateOf(row.value(5))};
             });
        each("SELECT id, fault, drill, good, at FROM practice WHERE case_id=? ORDER BY id", data_.id.value,
             [&](const QSqlQuery& row) {
                 data_.practice.push_back({row.value(0).toLongLong(), plain(row.value(1)), plain(row.value(2)),
                                           row.value(3).toBool(), momentOf(row.value(4))});
             });
        each("SELECT id, session_id, at, title, version, content FROM assessment WHERE case_id=? ORDER BY id",
             data_.id.value, [&](const QSqlQuery& row) {
                 data_.assessments.push_back({{row.value(0).toLongLong()},
                                              {row.value(1).toLongLong()},
                                              momentOf(row.value(2)),
                                              row.value(3).toString(),
                                              row.value(4).toString(),
                                              row.value(5).toString()});
             });
    }

    const Database& db_;
    QString folder_;
    CaseData data_;
    std::optional<Error> error_;
};

} // namespace

Library::Library(QString folder, Database db, std::unique_ptr<QLockFile> lock)
    : folder_(std::move(folder)), lock_(std::move(lock)), db_(std::move(db)) {}

Library::~Library() {
    if (writable_)
        (void)db_.run(kCleanEnd, {QStringLiteral("yes")});
}

Result<std::unique_ptr<Library>> Library::open(const QString& folder, Mode mode) {
    const std::string where = folder.toStdString();
    const bool writable = mode == Mode::ReadWrite;
    const QString file = QDir(folder).absoluteFilePath(kFile);
    std::unique_ptr<QLockFile> lock;
    if (writable) {
        if (!QDir().mkpath(QDir(folder).absoluteFilePath(QStringLiteral("media"))))
            return badInput(where, kWritableFolder, "no write");
        lock = std::make_unique<QLockFile>(QDir(folder).absoluteFilePath(QStringLiteral("library.lock")));
        lock->setStaleLockTime(0);
        if (!lock->tryLock(200))
            return badInput(where, lock->error() == QLockFile::PermissionError ? kWritableFolder : kFreeLibrary,
                            lock->error() == QLockFile::PermissionError ? "no write" : "one in use");
    } else if (!QFileInfo(file).isFile()) {
        return badInput(where, "a library", "no library.sqlite in this folder");
    }
    Result<Database> db = Database::open(file, writable);
    if (!db)
        return db.error();
    const auto version = db->value(QStringLiteral("PRAGMA user_version"));
    if (!version)
        return version.error();
    if (version->toInt() > schemaVersion())
        return badInput(file.toStdString(), "a library of version " + std::to_string(schemaVersion()) + " or older",
                        "version " + std::to_string(version->toInt()) +
                            ": open it with the newer program that wrote it");
    if (version->toInt() < schemaVersion() && !writable)
        return badInput(file.toStdString(), "a library of version " + std::to_string(schemaVersion()),
                        "version " + std::to_string(version->toInt()) + ": open it once in the program");
    if (writable) {
        const auto check = db->value(QStringLiteral("PRAGMA quick_check"));
        if (!check)
            return check.error();
        if (check->toString() != QLatin1String("ok"))
            return badInput(file.toStdString(), "an undamaged library", check->toString().toStdString());
        if (const auto migrated = migrate(*db, version->toInt()); !migrated)
            return migrated.error();
        if (const auto installed = UndoLog::install(*db); !installed)
            return installed.error();
    }
    std::unique_ptr<Library> library(new Library(folder, std::move(*db), std::move(lock)));
    if (writable) {
        const auto clean = library->db_.value(QStringLiteral("SELECT value FROM meta WHERE key='clean_end'"));
        if (clean && clean->toString() == QLatin1String("no")) {
            Result<QSqlQuery> last =
                library->db_.run(QStringLiteral("SELECT name, at FROM undo_step ORDER BY id DESC LIMIT 1"));
            library->recovered_ =
                last && last->next()
                    ? QStringLiteral("The program was not closed last time. Everything up to \"%1\" at %2 is here.")
                          .arg(last->value(0).toString(),
                               momentOf(last->value(1)).toLocalTime().toString(QStringLiteral("HH:mm:ss")))
                    : QStringLiteral("The program was not closed last time. Nothing was lost.");
        }
        if (const auto marked = library->db_.run(kCleanEnd, {QStringLiteral("no")}); !marked)
            return marked.error();
        library->writable_ = true;
    }
    return library;
}

Result<std::unique_ptr<Library>> Library::openOrShow(const QString& folder) {
    auto opened = open(folder);
    if (opened)
        return opened;
    const Error error = opened.error();
    if (error.expected != kFreeLibrary && error.expected != kWritableFolder)
        return error;
    auto shown = open(folder, Mode::ReadOnly);
    if (!shown)
        return error;
    (*shown)->onlyShown_ =
        error.expected == kFreeLibrary
            ? QStringLiteral(
                  "Another window has this library open: here it is only shown. To change something, close one "
                  "of the two.")
            : QStringLiteral("The folder of this library cannot be written to: it is only shown.");
    return shown;
}

Result<std::vector<CaseEntry>> Library::cases() const {
    Result<QSqlQuery> rows = db_.run(QStringLiteral("SELECT c.id, a.name, c.title, c.opened FROM skill_case c JOIN "
                                                    "athlete a ON a.id=c.athlete_id ORDER BY c.opened DESC, c.id"));
    if (!rows)
        return rows.error();
    std::vector<CaseEntry> out;
    while (rows->next())
        out.push_back({{rows->value(0).toLongLong()},
                       rows->value(1).toString(),
                       rows->value(2).toString(),
                       momentOf(rows->value(3))});
    return out;
}

Result<void> Library::noteOpened(CaseId id, SessionId session) {
    if (!writable_)
        return {};
    return transaction([&]() -> Result<void> {
        const auto done = db_.run(
            QStringLiteral("UPDATE skill_case SET opened=?, session_id=? WHERE id=?"),
            {QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs), qint64(session.value), qint64(id.value)});
        return done ? Result<void>() : Result<void>(done.error());
    });
}

Result<CaseData> Library::loadCase(CaseId id) const { return CaseReader(db_, folder_).read(id); }

Result<QString> Library::packText(CaseId id) const {
    const auto text = db_.value(QStringLiteral("SELECT pack FROM skill_case WHERE id=?"), {qint64(id.value)});
    if (!text)
        return text.error();
    return text->toString();
}
Result<std::vector<JournalEntry>> Library::journal(CaseId id) const {
    Result<QSqlQuery> rows =
        db_.run(QStringLiteral("SELECT at, what, reason FROM journal WHERE case_id=? ORDER BY id"), {qint64(id.value)});
    if (!rows)
        return rows.error();
    std::vector<JournalEntry> out;
    while (rows->next())
        out.push_back({momentOf(rows->value(0)), rows->value(1).toString(), rows->value(2).toString()});
    return out;
}
Result<AthleteId> Library::athleteCalled(const QString& name, int birthYear) const {
    const auto id =
        db_.value(QStringLiteral("SELECT min(id) FROM athlete WHERE name=? AND birth_year=?"), {name, birthYear});
    if (!id)
        return id.error();
    return AthleteId{id->toLongLong()};
}
Result<CaseData> Library::reloaded(const CaseData& before, const std::set<std::int64_t>& repetitions) const {
    return CaseReader(db_, folder_).readAgain(before, repetitions);
}

Result<StoredAssessment> Library::loadAssessment(AssessmentId id) const {
    Result<QSqlQuery> row =
        db_.run(QStringLiteral("SELECT session_id, at, title, version, content FROM assessment WHERE id=?"),
                {qint64(id.value)});
    if (!row)
        return row.error();
    if (!row->next())
        return badInput(folder_.toStdString(), "an assessment with the id " + std::to_string(id.value), "none");
    return StoredAssessment{id,
                            {row->value(0).toLongLong()},
                            momentOf(row->value(1)),
                            row->value(2).toString(),
                            row->value(3).toString(),
                            row->value(4).toString()};
}

Result<LibraryCheck> Library::verify() const {
    LibraryCheck check;
    const auto version = db_.value(QStringLiteral("PRAGMA user_version"));
    if (!version)
        return version.error();
    check.version = version->toInt();
    for (const char* pragma : {"PRAGMA integrity_check", "PRAGMA foreign_key_check"}) {
        Result<QSqlQuery> rows = db_.run(QLatin1String(pragma));
        if (!rows)
            return rows.error();
        while (rows->next())
            if (rows->value(0).toString() != QLatin1String("ok"))
                check.problems << rows->value(0).toString();
    }
    const std::pair<const char*, int*> counts[] = {{"athlete", &check.athletes},
                                                   {"skill_case", &check.cases},
                                                   {"clip", &check.clips},
                                                   {"repetition", &check.repetitions},
                                                   {"mark", &check.marks}};
    for (const auto& [table, target] : counts) {
        const auto count = db_.value(QStringLiteral("SELECT count(*) FROM ") + QLatin1String(table));
        if (!count)
            return count.error();
        *target = count->toInt();
    }
    Result<QSqlQuery> clips = db_.run(QStringLiteral("SELECT path, hash FROM clip"));
    if (!clips)
        return clips.error();
    while (clips->next()) {
        const QString path = QDir(folder_).absoluteFilePath(clips->value(0).toString());
        const auto hash = fileHash(path);
        if (!hash || *hash != clips->value(1).toString())
            check.missingMedia << clips->value(0).toString();
    }
    check.sound = check.problems.isEmpty() && check.missingMedia.isEmpty();
    return check;
}

Result<void> Library::transaction(const std::function<Result<void>()>& work) {
    if (!writable_)
        return badInput(folder_.toStdString(), "a library opened for writing", "one opened for reading");
    if (const auto begun = db_.run(QStringLiteral("BEGIN IMMEDIATE")); !begun)
        return begun.error();
    Result<void> done = work();
    if (done) {
        const auto committed = db_.run(QStringLiteral("COMMIT"));
        if (committed)
            return {};
        done = committed.error();
    }
    (void)db_.run(QStringLiteral("ROLLBACK"));
    (void)db_.run(QStringLiteral("UPDATE temp.undo_state SET step=0"));
    return done;
}

Result<Touched> Library::change(const QString& name, const std::function<Result<void>(Edit&)>& work,
                                const QString& mergeKey) {
    Edit edit(db_);
    const Result<void> done = transaction([&]() -> Result<void> {
        if (auto begun = UndoLog::begin(db_, name, mergeKey); !begun)
            return begun;
        if (auto worked = work(edit); !worked)
            return worked;
        return UndoLog::end(db_);
    });
    if (!done)
        return done.error();
    return edit.touched();
}

QString Library::undoName() const { return UndoLog::nextUndo(db_); }
QString Library::redoName() const { return UndoLog::nextRedo(db_); }
Result<void> Library::undo() {
    return transaction([&] { return UndoLog::undo(db_); });
}
Result<void> Library::redo() {
    return transaction([&] { return UndoLog::redo(db_); });
}

Result<void> Library::forgetUndo() {
    const auto done = db_.run(QStringLiteral("DELETE FROM undo_step"));
    if (!done)
        return done.error();
    return {};
}

Result<void> Library::limitPages(int pages) {
    const int limit = pages > 0 ? pages : 1073741823;
    const auto done = db_.run(QStringLiteral("PRAGMA max_page_count=%1").arg(limit));
    if (!done)
        return done.error();
    return {};
}

Result<QString> fileHash(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return badInput(path.toStdString(), "a file that can be read", file.errorString().toStdString());
    QCryptographicHash hash(QCryptographicHash::Sha256);
    if (!hash.addData(&file))
        return badInput(path.toStdString(), "a file that can be read", file.errorString().toStdString());
    return QString::fromLatin1(hash.result().toHex());
}

} // namespace riflesso
