#include "store/case_reader.h"
#include "store/drawn_text.h"
#include "store/pack_language.h"
#include "store/stored_rows.h"

#include "core/measure/single_cycles.h"
#include "core/pack/pack_reader.h"
#include "store/edit.h"

#include <QDir>
#include <QFileInfo>

namespace riflesso {
namespace {

std::optional<double> optionalNumber(const QVariant& value) {
    return value.isNull() ? std::nullopt : std::optional(value.toDouble());
}
std::string plain(const QVariant& value) { return value.toString().toStdString(); }

/// Reads the parts of a case; the first error stops it.
class CaseReader {
public:
    CaseReader(const Database& db, const QString& folder, MarksRead marks = MarksRead::All)
        : db_(db), folder_(folder), which_(marks) {}

    Result<CaseData> read(CaseId id) {
        data_.id = id;
        std::int64_t athlete = 0;
        QString packText;
        each("SELECT athlete_id, title, pack, session_id, uid FROM skill_case WHERE id=?", id.value,
             [&](const QSqlQuery& row) {
                 athlete = row.value(0).toLongLong();
                 data_.title = row.value(1).toString();
                 packText = row.value(2).toString();
                 data_.lastSession = {row.value(3).toLongLong()};
                 data_.uid = plain(row.value(4));
             });
        if (!error_ && athlete == 0)
            return badInput(db_.file().toStdString(), "a case with the id " + std::to_string(id.value), "none");
        if (!error_) {
            // Most cases of a library have one of a few packs: who reads many reads each text once.
            thread_local std::pair<QString, Pack> last;
            if (last.first != packText || packText.isEmpty()) {
                Result<Pack> pack = loadPack(packText.toStdString(), "the pack kept with the case");
                if (!pack)
                    return pack.error();
                translate(*pack, wordsOfPack(pack->id));
                last = {packText, ofSingleCycles(std::move(*pack))};
            }
            data_.pack = last.second;
        }
        person(athlete);
        sessions();
        course();
        lastChanges();
        if (error_)
            return *error_;
        data_.own = findOwnError(data_);
        return std::move(data_);
    }

    /// Reads these repetitions of a case again.
    Result<CaseData> readAgain(const CaseData& before, const std::set<std::int64_t>& repetitions, bool courseToo) {
        data_ = before;
        if (courseToo)
            courseAgain();
        for (Session& session : data_.sessions)
            for (Clip& clip : session.clips)
                for (Section& section : clip.sections) {
                    for (Repetition& repetition : section.repetitions)
                        if (repetitions.contains(repetition.id.value)) {
                            Repetition fresh;
                            each(selectSql<Repetition>(kOfRepetition, "id=?"), repetition.id.value,
                                 [&](const QSqlQuery& row) { fresh = repetitionOf(row); });
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
                    r && !(r->marksAgain.empty() && r->eventsAgain.empty() && r->observationsAgain.empty()))
                    return true;
        return false;
    }

    static constexpr const char* kOfRepetition = "id, same_as, ";
    static Repetition repetitionOf(const QSqlQuery& row) {
        Repetition r;
        r.id = {row.value(0).toLongLong()};
        r.sameAs = {row.value(1).toLongLong()};
        fill(r, row, 2);
        return r;
    }
    template <class Work> void each(const char* sql, std::int64_t key, Work work) {
        each(QString::fromLatin1(sql), key, work);
    }
    template <class Work> void each(const QString& sql, std::int64_t key, Work work) {
        if (error_)
            return;
        Result<QSqlQuery> rows = db_.run(sql, {qint64(key)});
        if (!rows) {
            error_ = rows.error();
            return;
        }
        while (rows->next())
            work(*rows);
    }

    void person(std::int64_t id) {
        each(selectSql<Athlete>("", "id=?"), id, [&](const QSqlQuery& row) { fill(data_.athlete, row); });
        data_.athlete.id = {id};
        each(selectSql<AthleteLimit>("id, ", "athlete_id=? ORDER BY id"), id, [&](const QSqlQuery& row) {
            data_.athlete.limits.emplace_back().id = row.value(0).toLongLong();
            fill(data_.athlete.limits.back(), row, 1);
        });
        each(selectSql<Competition>("id, ", "athlete_id=? ORDER BY date"), id, [&](const QSqlQuery& row) {
            data_.competitions.push_back({row.value(0).toLongLong(), {}, {}});
            fill(data_.competitions.back(), row, 1);
        });
        each(selectSql<Belief>("id, ", "case_id=? ORDER BY id"), data_.id.value, [&](const QSqlQuery& row) {
            data_.beliefs.emplace_back().id = row.value(0).toLongLong();
            fill(data_.beliefs.back(), row, 1);
        });
        each("SELECT whose, day FROM not_asked WHERE case_id=?", data_.id.value, [&](const QSqlQuery& row) {
            if (const auto whose = guesserFrom(plain(row.value(0))))
                data_.notAsked[*whose] = Kept<QDate>::fromRow(row.value(1));
        });
    }

    void sessions() {
        each(selectSql<Session>("id, ", "case_id=? ORDER BY is_model, date, id"), data_.id.value,
             [&](const QSqlQuery& row) {
                 data_.sessions.emplace_back().id = {row.value(0).toLongLong()};
                 fill(data_.sessions.back(), row, 1);
             });
        const std::int64_t latest = which_ == MarksRead::OfLatestSet ? latestMarked() : 0;
        for (Session& session : data_.sessions) {
            bareSession_ = which_ == MarksRead::OfLatestSet && !session.isModel && session.id.value != latest;
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
            for (Clip& clip : session.clips) {
                sections(clip);
                each("SELECT id, sound FROM spoken_note WHERE clip_id=? ORDER BY id", clip.id.value,
                     [&](const QSqlQuery& row) {
                         clip.spoken.push_back({row.value(0).toLongLong(), row.value(1).toByteArray()});
                     });
                each(
                    "SELECT frame, kind, points FROM drawn_note WHERE clip_id=? ORDER BY id", clip.id.value,
                    [&](const QSqlQuery& row) {
                        if (const auto kind = drawnKindFrom(plain(row.value(1))))
                            clip.drawn.push_back({row.value(0).toInt(), *kind, drawnFromText(row.value(2).toString())});
                    });
            }
        }
    }

    void lastChanges() {
        std::map<std::int64_t, QDateTime> at;
        each("SELECT k.repetition_id, k.at FROM repetition_changed k JOIN repetition r ON r.id=k.repetition_id JOIN "
             "section s ON s.id=r.section_id JOIN clip c ON c.id=s.clip_id JOIN session e ON e.id=c.session_id WHERE "
             "e.case_id=?",
             data_.id.value,
             [&](const QSqlQuery& row) { at[row.value(0).toLongLong()] = Kept<QDateTime>::fromRow(row.value(1)); });
        for (Session& session : data_.sessions)
            for (Clip& clip : session.clips)
                for (Section& section : clip.sections)
                    for (Repetition& repetition : section.repetitions)
                        if (const auto known = at.find(repetition.id.value); known != at.end())
                            repetition.changed = known->second;
    }

    /// The athlete's last session by date that has marks; 0: none has.
    [[nodiscard]] std::int64_t latestMarked() {
        for (auto session = data_.sessions.rbegin(); session != data_.sessions.rend(); ++session) {
            bool marked = false;
            if (!session->isModel)
                each("SELECT 1 FROM mark WHERE x IS NOT NULL AND repetition_id IN (SELECT r.id FROM repetition r JOIN "
                     "section s ON r.section_id=s.id JOIN clip c ON s.clip_id=c.id WHERE c.session_id=?) LIMIT 1",
                     session->id.value, [&](const QSqlQuery&) { marked = true; });
            if (marked)
                return session->id.value;
        }
        return 0;
    }

    void sections(Clip& clip) {
        each(selectSql<Section>("id, ", "clip_id=? ORDER BY first_frame, id"), clip.id.value,
             [&](const QSqlQuery& row) {
                 clip.sections.emplace_back().id = {row.value(0).toLongLong()};
                 fill(clip.sections.back(), row, 1);
             });
        for (Section& section : clip.sections) {
            each(selectSql<Repetition>(kOfRepetition, "section_id=? ORDER BY first_frame, id"), section.id.value,
                 [&](const QSqlQuery& row) { section.repetitions.push_back(repetitionOf(row)); });
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
        each("SELECT observation, value FROM second_observation WHERE repetition_id=?", r.id.value,
             [&](const QSqlQuery& row) { r.observationsAgain[plain(row.value(0))] = plain(row.value(1)); });
        if (!bareSession_ || r.best || !r.marksAgain.empty())
            marks(r);
        each("SELECT observation, value FROM observation WHERE repetition_id=?", r.id.value,
             [&](const QSqlQuery& row) { r.observations[plain(row.value(0))] = plain(row.value(1)); });
    }

    void marks(Repetition& r) {
        // By far the most rows of a case: their words come as bytes, since they are UTF-8 here and in the file, and the
        // driver would take each to UTF-16 and back.
        each("SELECT CAST(landmark AS BLOB), frame, x, y, sigma, CAST(source AS BLOB), CASE WHEN x IS NULL THEN hidden "
             "END FROM mark WHERE repetition_id=?",
             r.id.value, [&](const QSqlQuery& row) {
                 const std::string landmark = row.value(0).toByteArray().toStdString();
                 const int frame = row.value(1).toInt();
                 if (row.value(2).isNull())
                     r.hidden.push_back({landmark, frame, plain(row.value(6))});
                 else
                     r.marks[landmark][frame] = {{row.value(2).toDouble(), row.value(3).toDouble()},
                                                 row.value(4).toDouble(),
                                                 row.value(5).toByteArray().toStdString()};
             });
    }

    void courseAgain() {
        for (DrillDef& drill : data_.pack.drills)
            if (const auto own = data_.cues.find(drill.id); own != data_.cues.end())
                drill.cue = own->second.ofPack.toStdString();
        data_.cues.clear();
        data_.decisions.clear();
        data_.overrides.clear();
        data_.positions.clear();
        data_.targets.clear();
        data_.practice.clear();
        data_.assessments.clear();
        data_.walkCuts.clear();
        data_.plan = {};
        data_.goal.reset();
        data_.yardstick = {};
        course();
    }

    void course() {
        each("SELECT school FROM skill_case WHERE id=?", data_.id.value,
             [&](const QSqlQuery& row) { data_.school = row.value(0).toString(); });
        each(selectSql<Yardstick>("", "id=?"), data_.id.value,
             [&](const QSqlQuery& row) { fill(data_.yardstick, row); });
        each(selectSql<GoalTarget>("", "id=?"), data_.id.value, [&](const QSqlQuery& row) {
            GoalTarget goal;
            fill(goal, row);
            if (!goal.measure.empty())
                data_.goal = goal;
        });
        list<Decision>("at, id", data_.decisions);
        list<TermOverride>("id", data_.overrides);
        list<Position>("id", data_.positions);
        list<OwnTarget>("id", data_.targets);
        each(selectSql<PlanSettings>("", "case_id=?"), data_.id.value,
             [&](const QSqlQuery& row) { fill(data_.plan, row); });
        each("SELECT drill, cue FROM own_cue WHERE case_id=? ORDER BY id", data_.id.value, [&](const QSqlQuery& row) {
            const std::string id = plain(row.value(0));
            const auto drill = std::find_if(data_.pack.drills.begin(), data_.pack.drills.end(),
                                            [&id](const DrillDef& def) { return def.id == id; });
            OwnCue cue{row.value(1).toString(), {}};
            if (drill != data_.pack.drills.end()) {
                cue.ofPack = QString::fromStdString(drill->cue);
                drill->cue = plain(row.value(1));
            }
            data_.cues[id] = cue;
        });
        practice();
        each(selectSql<StoredAssessment>("id, session_id, content, ", "case_id=? ORDER BY id"), data_.id.value,
             [&](const QSqlQuery& row) {
                 StoredAssessment stored{{row.value(0).toLongLong()}, {row.value(1).toLongLong()}, {}, {}, {},
                                         row.value(2).toString()};
                 fill(stored, row, 3);
                 data_.assessments.push_back(std::move(stored));
             });
        each("SELECT walk, cut FROM walk_cut WHERE case_id=?", data_.id.value,
             [&](const QSqlQuery& row) { data_.walkCuts[row.value(0).toString()] = row.value(1).toString(); });
    }

    void practice() {
        std::vector<OldPractice> old;
        each("SELECT id, fault, drill, good, at FROM practice WHERE case_id=? AND block_id IS NULL ORDER BY id",
             data_.id.value, [&](const QSqlQuery& row) {
                 old.push_back({row.value(0).toLongLong(), plain(row.value(1)), plain(row.value(2)),
                                row.value(3).toBool(), Kept<QDateTime>::fromRow(row.value(4))});
             });
        data_.practice = blocksOfOldLog(data_.pack, old);
        std::map<std::int64_t, std::size_t> places;
        each(selectSql<PracticeBlock>("id, ", "case_id=? ORDER BY started, id"), data_.id.value,
             [&](const QSqlQuery& row) {
                 places[row.value(0).toLongLong()] = data_.practice.size();
                 data_.practice.emplace_back().id = {row.value(0).toLongLong()};
                 fill(data_.practice.back(), row, 1);
             });
        each(selectSql<PracticeRepetition>("id, block_id, ", "case_id=? AND block_id NOT NULL ORDER BY id"),
             data_.id.value, [&](const QSqlQuery& row) {
                 const auto place = places.find(row.value(1).toLongLong());
                 if (place == places.end())
                     return;
                 auto& repetitions = data_.practice[place->second].repetitions;
                 repetitions.emplace_back().id = row.value(0).toLongLong();
                 fill(repetitions.back(), row, 2);
             });
        std::stable_sort(data_.practice.begin(), data_.practice.end(),
                         [](const PracticeBlock& a, const PracticeBlock& b) { return a.started < b.started; });
    }

    /// The case's rows of one kind.
    template <class Row> void list(const char* order, std::vector<Row>& rows) {
        each(selectSql<Row>("", "case_id=? ORDER BY ") + QLatin1String(order), data_.id.value,
             [&](const QSqlQuery& row) { fill(rows.emplace_back(), row); });
    }

    const Database& db_;
    QString folder_;
    MarksRead which_;
    bool bareSession_ = false; ///< of which only a few marks are read
    CaseData data_;
    std::optional<Error> error_;
};

} // namespace

Result<CaseData> readCase(const Database& db, const QString& folder, CaseId id, MarksRead marks) {
    return CaseReader(db, folder, marks).read(id);
}

Result<CaseData> readRepetitionsAgain(const Database& db, const QString& folder, const CaseData& before,
                                      const std::set<std::int64_t>& repetitions, bool course) {
    return CaseReader(db, folder).readAgain(before, repetitions, course);
}

} // namespace riflesso
