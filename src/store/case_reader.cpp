#include "store/case_reader.h"
#include "store/known_lengths_text.h"
#include "store/picture_text.h"

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
QDate dateOf(const QVariant& value) { return QDate::fromString(value.toString(), Qt::ISODate); }
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
                            each("SELECT id, number, first_frame, last_frame, result, variant, felt, same_as, "
                                 "variant_fits "
                                 "FROM repetition WHERE id=?",
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
        if (!row.value(8).isNull())
            r.variantFits = row.value(8).toBool();
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
            for (Clip& clip : session.clips) {
                sections(clip);
                each("SELECT id, sound FROM spoken_note WHERE clip_id=? ORDER BY id", clip.id.value,
                     [&](const QSqlQuery& row) {
                         clip.spoken.push_back({row.value(0).toLongLong(), row.value(1).toByteArray()});
                     });
            }
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
            each("SELECT id, number, first_frame, last_frame, result, variant, felt, same_as, variant_fits FROM "
                 "repetition "
                 "WHERE section_id=? ORDER BY first_frame, id",
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

    void courseAgain() {
        for (DrillDef& drill : data_.pack.drills)
            if (const auto own = data_.cues.find(drill.id); own != data_.cues.end())
                drill.cue = own->second.ofPack.toStdString();
        data_.cues.clear();
        data_.decisions.clear();
        data_.overrides.clear();
        data_.positions.clear();
        data_.practice.clear();
        data_.assessments.clear();
        data_.plan = {};
        data_.goal.reset();
        each("SELECT school, goal_measure, goal_value, goal_by FROM skill_case WHERE id=?", data_.id.value,
             [&](const QSqlQuery& row) {
                 data_.school = row.value(0).toString();
                 if (const std::string measure = plain(row.value(1)); !measure.empty())
                     data_.goal = GoalTarget{measure, row.value(2).toDouble(), dateOf(row.value(3))};
             });
        course();
    }

    void course() {
        each("SELECT fault, choice, reason, at, until FROM decision WHERE case_id=? ORDER BY at, id", data_.id.value,
             [&](const QSqlQuery& row) {
                 Decision decision{plain(row.value(0)), Decision::Choice::WorkOn, row.value(2).toString(),
                                   momentOf(row.value(3)), row.value(4).toString()};
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
        each("SELECT sessions_per_week, homework_minutes, no_change_days, start, retest, retention, one_at_a_time, "
             "tempo_first, approach_reason FROM plan WHERE case_id=?",
             data_.id.value, [&](const QSqlQuery& row) {
                 data_.plan = {row.value(0).toInt(),
                               row.value(1).toInt(),
                               row.value(2).toInt(),
                               dateOf(row.value(3)),
                               dateOf(row.value(4)),
                               dateOf(row.value(5)),
                               {row.value(6).toBool(), row.value(7).toBool()},
                               row.value(8).toString()};
             });
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

Result<CaseData> readCase(const Database& db, const QString& folder, CaseId id) {
    return CaseReader(db, folder).read(id);
}

Result<CaseData> readRepetitionsAgain(const Database& db, const QString& folder, const CaseData& before,
                                      const std::set<std::int64_t>& repetitions, bool course) {
    return CaseReader(db, folder).readAgain(before, repetitions, course);
}

} // namespace riflesso
