#include "core/tables/csv.h"
#include "core/tables/json_walk.h"
#include "store/case_json.h"
#include "store/case_json_format.h"
#include "store/drawn_text.h"
#include "store/stored_rows.h"

#include <charconv>

// Writing the files of a case archive; case_json.cpp reads them.

namespace riflesso {
namespace {

using namespace case_format;

std::string iso(const QDateTime& at) { return plain(at.toUTC().toString(Qt::ISODateWithMs)); }

/// The shortest text that reads back as the same number.
std::string exact(double value) {
    char text[64];
    const auto [end, problem] = std::to_chars(text, text + sizeof text, value);
    return {text, problem == std::errc() ? end : text};
}
std::string cell(const QString& text) { return csvCell(plain(text)); }

/// Rows of one kind as a list.
template <class Row> Json listOf(const std::vector<Row>& rows) {
    Json out = Json::array();
    for (const Row& row : rows)
        out.push_back(jsonOf(row));
    return out;
}

Json sectionJson(const Section& s) {
    Json out = jsonOf(s);
    out["repetitions"] = Json::array();
    for (const Repetition& r : s.repetitions) {
        Json again = Json::array();
        for (const auto& [landmark, marks] : r.marksAgain)
            for (const auto& [frame, at] : marks)
                again.push_back({{"landmark", landmark}, {"frame", frame}, {"x", at.x}, {"y", at.y}});
        for (const auto& [event, frame] : r.eventsAgain)
            again.push_back({{"event", event}, {"frame", frame}});
        for (const auto& [observation, value] : r.observationsAgain)
            again.push_back({{"observation", observation}, {"value", value}});
        Json proposed = Json::object();
        for (const auto& [event, value] : r.events)
            if (value.proposedFrame)
                proposed[event] = *value.proposedFrame;
        Json entry{{"id", r.id.value}};
        addFields(entry, r);
        entry["same_as"] = r.sameAs ? Json(r.sameAs.value) : Json(nullptr);
        entry["again"] = std::move(again);
        entry["proposed"] = std::move(proposed);
        if (r.changed.isValid())
            entry["changed"] = iso(r.changed);
        out["repetitions"].push_back(std::move(entry));
    }
    return out;
}

Json notAskedJson(const CaseData& data) {
    Json out = Json::object();
    for (const auto& [whose, day] : data.notAsked)
        out[std::string(toString(whose))] = Kept<QDate>::toJson(day);
    return out;
}

Json athleteJson(const Athlete& athlete) {
    Json out = jsonOf(athlete);
    out["limits"] = listOf(athlete.limits);
    return out;
}

} // namespace

std::map<QString, QByteArray> caseToFiles(const CaseData& data, const QString& packText,
                                          const std::vector<JournalEntry>& journal,
                                          const std::map<QString, QString>& fileOf, const QStringList& exchanged) {
    std::map<QString, QByteArray> out;
    Json root{{"format", "riflesso-case"},
              {"version", kArchiveVersion},
              {"uid", data.uid},
              {"title", plain(data.title)},
              {"school", plain(data.school)},
              {"athlete", athleteJson(data.athlete)},
              {"goal", data.goal ? jsonOf(*data.goal) : Json(nullptr)},
              {"yardstick", jsonOf(data.yardstick)},
              {"competitions", listOf(data.competitions)},
              {"beliefs", listOf(data.beliefs)},
              {"not_asked", notAskedJson(data)},
              {"sessions", Json::array()},
              {"decisions", listOf(data.decisions)},
              {"overrides", listOf(data.overrides)},
              {"positions", listOf(data.positions)},
              {"targets", listOf(data.targets)},
              {"plan", jsonOf(data.plan)},
              {"cues", Json::object()},
              {"assessments", Json::array()},
              {"walk_cuts", Json::object()},
              {"exchanged", Json::array()}};
    for (const QString& digest : exchanged)
        root["exchanged"].push_back(plain(digest));
    for (const auto& [walk, cut] : data.walkCuts)
        root["walk_cuts"][plain(walk)] = plain(cut);
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
            Json drawn = Json::array();
            for (const DrawnNote& note : clip.drawn)
                drawn.push_back({{"frame", note.frame},
                                 {"kind", toString(note.kind)},
                                 {"points", drawnToText(note.points).toStdString()}});
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
                             {"drawn", drawn},
                             {"spoken", std::move(spoken)}});
            for (int f = 0; f < clip.frames(); ++f)
                times += std::to_string(clip.id.value) + "," + std::to_string(f) + "," +
                         exact((*clip.timesS)[static_cast<std::size_t>(f)]) + "\n";
        }
        Json entry{{"id", session.id.value}};
        addFields(entry, session);
        entry["clips"] = std::move(clips);
        root["sessions"].push_back(std::move(entry));
    }
    for (const auto& [drill, cue] : data.cues)
        root["cues"][drill] = plain(cue.own);
    for (std::size_t i = 0; i < data.assessments.size(); ++i) {
        const StoredAssessment& stored = data.assessments[i];
        const QString file = QStringLiteral("assessments/%1.json").arg(i + 1);
        out[file] = stored.content.toUtf8();
        Json entry{{"session", stored.session.value}};
        addFields(entry, stored);
        entry["file"] = plain(file);
        root["assessments"].push_back(std::move(entry));
    }
    root["practice"] = Json::array();
    for (const PracticeBlock& block : data.practice) {
        Json entry = jsonOf(block);
        for (const PracticeRepetition& repetition : block.repetitions)
            entry["repetitions"].push_back(jsonOf(repetition));
        root["practice"].push_back(std::move(entry));
    }
    std::string decided = std::string(kJournalHeader) + "\n";
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
    out[QStringLiteral("journal.csv")] = bytes(decided);
    return out;
}

} // namespace riflesso
