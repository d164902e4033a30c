#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "store/case_json.h"
#include "store/case_json_format.h"
#include "store/edit.h"
#include "store/picture_text.h"

#include <charconv>

// Writing the files of a case archive; case_json.cpp reads them.

namespace riflesso {
namespace {

using namespace case_format;

std::string iso(const QDate& date) { return date.isValid() ? plain(date.toString(Qt::ISODate)) : std::string(); }
std::string iso(const QDateTime& at) { return plain(at.toUTC().toString(Qt::ISODateWithMs)); }

/// The shortest text that reads back as the same number.
std::string exact(double value) {
    char text[64];
    const auto [end, problem] = std::to_chars(text, text + sizeof text, value);
    return {text, problem == std::errc() ? end : text};
}
std::string cell(const QString& text) { return csvCell(plain(text)); }

Json orNull(const std::optional<double>& value) { return value ? Json(*value) : Json(nullptr); }
Json texts(const QStringList& list) {
    Json out = Json::array();
    for (const QString& entry : list)
        out.push_back(plain(entry));
    return out;
}

Json sectionJson(const Section& s) {
    Json out{{"from", s.from},
             {"to", s.to},
             {"view", toString(s.view)},
             {"facing", toString(s.facing)},
             {"handedness", s.handedness ? Json(toString(*s.handedness)) : Json(nullptr)},
             {"performer", plain(s.performer)},
             {"slow_motion", s.slowMotion},
             {"stress", toString(s.stress)},
             {"metres_per_pixel", orNull(s.metresPerPixel)},
             {"scale_u", s.scaleRelativeU},
             {"bearing", orNull(s.bearingDeg)},
             {"known_lengths", Json::array()},
             {"picture", pictureToJson(s.picture)},
             {"repetitions", Json::array()}};
    for (const KnownLength& length : s.knownLengths)
        out["known_lengths"].push_back({{"frame", length.frame},
                                        {"ax", length.a.x},
                                        {"ay", length.a.y},
                                        {"bx", length.b.x},
                                        {"by", length.b.y},
                                        {"metres", length.metres},
                                        {"u_m", length.uM}});
    for (const Repetition& r : s.repetitions) {
        Json again = Json::array();
        for (const auto& [landmark, marks] : r.marksAgain)
            for (const auto& [frame, at] : marks)
                again.push_back({{"landmark", landmark}, {"frame", frame}, {"x", at.x}, {"y", at.y}});
        for (const auto& [event, frame] : r.eventsAgain)
            again.push_back({{"event", event}, {"frame", frame}});
        Json proposed = Json::object();
        for (const auto& [event, value] : r.events)
            if (value.proposedFrame)
                proposed[event] = *value.proposedFrame;
        out["repetitions"].push_back({{"id", r.id.value},
                                      {"number", r.number},
                                      {"from", r.from},
                                      {"to", r.to},
                                      {"result", r.result},
                                      {"variant", r.variant},
                                      {"variant_fits", r.variantFits ? Json(*r.variantFits) : Json(nullptr)},
                                      {"felt", r.felt},
                                      {"same_as", r.sameAs ? Json(r.sameAs.value) : Json(nullptr)},
                                      {"again", std::move(again)},
                                      {"proposed", std::move(proposed)}});
    }
    return out;
}

} // namespace

std::map<QString, QByteArray> caseToFiles(const CaseData& data, const QString& packText,
                                          const std::vector<JournalEntry>& journal,
                                          const std::map<QString, QString>& fileOf) {
    std::map<QString, QByteArray> out;
    const Athlete& a = data.athlete;
    Json root{
        {"format", "riflesso-case"},
        {"version", kArchiveVersion},
        {"title", plain(data.title)},
        {"school", plain(data.school)},
        {"athlete",
         {{"name", plain(a.name)},
          {"birth_year", a.birthYear},
          {"handedness", toString(a.handedness)},
          {"level", plain(a.level)},
          {"goal", plain(a.goal)},
          {"notes", plain(a.notes)},
          {"willingness", a.willingness},
          {"limits", texts(a.limits)},
          {"equipment", texts(a.equipment)},
          {"consent_given", iso(a.consentGiven)},
          {"consent_until", iso(a.consentUntil)},
          {"consent_scope", plain(a.consentScope)}}},
        {"goal", data.goal
                     ? Json{{"measure", data.goal->measure}, {"value", data.goal->value}, {"by", iso(data.goal->by)}}
                     : Json(nullptr)},
        {"competitions", Json::array()},
        {"beliefs", Json::array()},
        {"sessions", Json::array()},
        {"decisions", Json::array()},
        {"overrides", Json::array()},
        {"positions", Json::array()},
        {"plan",
         {{"sessions_per_week", data.plan.sessionsPerWeek},
          {"homework_minutes", data.plan.homeworkMinutes},
          {"no_change_days", data.plan.noChangeDays},
          {"start", iso(data.plan.start)},
          {"retest", iso(data.plan.retest)},
          {"retention", iso(data.plan.retention)},
          {"one_at_a_time", data.plan.approach.oneAtATime},
          {"tempo_first", data.plan.approach.tempoFirst},
          {"approach_reason", plain(data.plan.approachReason)}}},
        {"cues", Json::object()},
        {"assessments", Json::array()}};
    for (const Competition& c : data.competitions)
        root["competitions"].push_back({{"date", iso(c.date)}, {"title", plain(c.title)}});
    for (const Belief& b : data.beliefs)
        root["beliefs"].push_back({{"measure", b.measure},
                                   {"words", plain(b.words)},
                                   {"value", orNull(b.value)},
                                   {"locked", b.locked},
                                   {"whose", toString(b.whose)}});
    std::string times = std::string(kTimesHeader) + "\n", marks = std::string(kMarksHeader) + "\n",
                events = std::string(kEventsHeader) + "\n", observations = std::string(kObservationsHeader) + "\n";
    int spokenNotes = 0;
    for (const Session& session : data.sessions) {
        Json clips = Json::array();
        for (const Clip& clip : session.clips) {
            const auto file = fileOf.find(clip.hash);
            Json sections = Json::array();
            for (const Section& section : clip.sections) {
                sections.push_back(sectionJson(section));
                for (const Repetition& r : section.repetitions) {
                    const std::string id = std::to_string(r.id.value) + ",";
                    for (const auto& [landmark, track] : r.marks)
                        for (const auto& [frame, mark] : track)
                            marks += id + landmark + "," + std::to_string(frame) + "," + exact(mark.at.x) + "," +
                                     exact(mark.at.y) + "," + exact(mark.sigmaPx) + "," + csvCell(mark.source) + ",\n";
                    for (const HiddenMark& hidden : r.hidden)
                        marks += id + hidden.landmark + "," + std::to_string(hidden.frame) + ",,,,," +
                                 csvCell(hidden.reason) + "\n";
                    for (const auto& [event, value] : r.events)
                        events += id + event + "," + exact(value.frame) + "," +
                                  (value.givenUS ? exact(*value.givenUS) : "") + "," + csvCell(value.source) + "\n";
                    for (const auto& [observation, value] : r.observations)
                        observations += id + observation + "," + csvCell(value) + "\n";
                }
            }
            Json spoken = Json::array();
            for (const SpokenNote& note : clip.spoken) {
                const QString name = QStringLiteral("spoken/%1.wav").arg(++spokenNotes);
                out[name] = note.sound;
                spoken.push_back(plain(name));
            }
            clips.push_back({{"id", clip.id.value},
                             {"title", plain(clip.title)},
                             {"hash", plain(clip.hash)},
                             {"file", file == fileOf.end() ? Json(nullptr) : Json(plain(file->second))},
                             {"width", clip.width},
                             {"height", clip.height},
                             {"frames", clip.frames()},
                             {"sections", std::move(sections)},
                             {"spoken", std::move(spoken)}});
            for (int f = 0; f < clip.frames(); ++f)
                times += std::to_string(clip.id.value) + "," + std::to_string(f) + "," +
                         exact((*clip.timesS)[static_cast<std::size_t>(f)]) + "\n";
        }
        root["sessions"].push_back({{"id", session.id.value},
                                    {"date", iso(session.date)},
                                    {"title", plain(session.title)},
                                    {"model", session.isModel},
                                    {"clips", std::move(clips)}});
    }
    for (const Decision& d : data.decisions)
        root["decisions"].push_back({{"fault", d.fault},
                                     {"choice", plain(toString(d.choice))},
                                     {"reason", plain(d.reason)},
                                     {"at", iso(d.at)},
                                     {"until", plain(d.until)}});
    for (const auto& [drill, cue] : data.cues)
        root["cues"][drill] = plain(cue.own);
    for (const TermOverride& o : data.overrides)
        root["overrides"].push_back(
            {{"fault", o.fault}, {"term", toString(o.term)}, {"value", o.value}, {"reason", o.reason}});
    for (const Position& p : data.positions)
        root["positions"].push_back({{"dispute", p.dispute}, {"position", p.position}, {"reason", plain(p.reason)}});
    for (std::size_t i = 0; i < data.assessments.size(); ++i) {
        const StoredAssessment& stored = data.assessments[i];
        const QString file = QStringLiteral("assessments/%1.json").arg(i + 1);
        out[file] = stored.content.toUtf8();
        root["assessments"].push_back({{"session", stored.session.value},
                                       {"at", iso(stored.at)},
                                       {"title", plain(stored.title)},
                                       {"version", plain(stored.version)},
                                       {"file", plain(file)}});
    }
    std::string practice = std::string(kPracticeHeader) + "\n", decided = std::string(kJournalHeader) + "\n";
    for (const PracticeRepetition& r : data.practice)
        practice += csvCell(r.fault) + "," + csvCell(r.drill) + "," + (r.good ? "yes" : "no") + "," + iso(r.at) + "\n";
    for (const JournalEntry& entry : journal)
        decided += iso(entry.at) + "," + cell(entry.what) + "," + cell(entry.reason) + "\n";
    const auto bytes = [](const std::string& text) {
        return QByteArray(text.data(), static_cast<qsizetype>(text.size()));
    };
    out[QStringLiteral("case.json")] = bytes(root.dump(1, ' ', false, Json::error_handler_t::replace) + "\n");
    out[QStringLiteral("pack.json")] = packText.toUtf8();
    out[QStringLiteral("times.csv")] = bytes(times);
    out[QStringLiteral("marks.csv")] = bytes(marks);
    out[QStringLiteral("events.csv")] = bytes(events);
    out[QStringLiteral("observations.csv")] = bytes(observations);
    out[QStringLiteral("practice.csv")] = bytes(practice);
    out[QStringLiteral("journal.csv")] = bytes(decided);
    return out;
}

} // namespace riflesso
