#include "report/report_content.h"

#include "report/words.h"

namespace riflesso {
namespace {

std::string plain(const QString& value) { return value.toStdString(); }
QString at(const Json& json, const char* key) {
    return json.contains(key) && json[key].is_string() ? words::text(json[key].get<std::string>()) : QString();
}
Json list(const QStringList& lines) {
    Json out = Json::array();
    for (const QString& line : lines)
        out.push_back(plain(line));
    return out;
}
QStringList lines(const Json& json, const char* key) {
    QStringList out;
    for (const Json& line : json.value(key, Json::array()))
        out << words::text(line.get<std::string>());
    return out;
}
Json rows(const std::vector<ReportContent::Row>& list) {
    Json out = Json::array();
    for (const auto& row : list)
        out.push_back({{"title", plain(row.title)},
                       {"value", plain(row.value)},
                       {"reference", plain(row.reference)},
                       {"sign", plain(row.sign)},
                       {"note", plain(row.note)}});
    return out;
}
std::vector<ReportContent::Row> rows(const Json& json, const char* key) {
    std::vector<ReportContent::Row> out;
    for (const Json& row : json.value(key, Json::array()))
        out.push_back({at(row, "title"), at(row, "value"), at(row, "reference"), at(row, "sign"), at(row, "note")});
    return out;
}
Json picture(const PictureRef& ref) {
    Json marks = Json::object();
    for (const auto& [name, point] : ref.marks)
        marks[name] = {point.x(), point.y()};
    return {{"clip", plain(ref.clipPath)},
            {"hash", plain(ref.clipHash)},
            {"frame", ref.frame},
            {"mirrored", ref.mirrored},
            {"model", ref.ofModel},
            {"caption", plain(ref.caption)},
            {"marks", marks}};
}
PictureRef picture(const Json& json) {
    PictureRef ref;
    ref.clipPath = at(json, "clip");
    ref.clipHash = at(json, "hash");
    ref.frame = json.value("frame", 0);
    ref.mirrored = json.value("mirrored", false);
    ref.ofModel = json.value("model", false);
    ref.caption = at(json, "caption");
    const Json marks = json.value("marks", Json::object());
    for (const auto& [name, point] : marks.items())
        ref.marks[name] = QPointF(point[0].get<double>(), point[1].get<double>());
    return ref;
}

} // namespace

QString toJson(const ReportContent& c) {
    Json out;
    out["format"] = "riflesso-report";
    out["version"] = 1;
    for (const auto& [key, value] : {std::pair{"athlete", c.athlete},
                                     {"skill", c.skill},
                                     {"session", c.session},
                                     {"date", c.date},
                                     {"made", c.made},
                                     {"program", c.program},
                                     {"set", c.set},
                                     {"model", c.model},
                                     {"goal", c.goal},
                                     {"answer", c.answer}})
        out[key] = plain(value);
    out["strengths"] = rows(c.strengths);
    out["measures"] = rows(c.measures);
    out["findings"] = Json::array();
    for (const auto& e : c.findings) {
        Json pictures = Json::array();
        for (const PictureRef& ref : e.pictures)
            pictures.push_back(picture(ref));
        out["findings"].push_back({{"title", plain(e.title)},
                                   {"explain", plain(e.explain)},
                                   {"share", plain(e.share)},
                                   {"value", plain(e.value)},
                                   {"reference", plain(e.reference)},
                                   {"sign", plain(e.sign)},
                                   {"because", plain(e.because)},
                                   {"safety", plain(e.safety)},
                                   {"main", e.main},
                                   {"minor", e.minor},
                                   {"decision", plain(e.decision)},
                                   {"pictures", pictures}});
    }
    out["ladders"] = Json::array();
    for (const auto& ladder : c.ladders) {
        Json steps = Json::array();
        for (const auto& s : ladder.steps)
            steps.push_back({{"title", plain(s.title)},
                             {"stage", plain(s.stage)},
                             {"cue", plain(s.cue)},
                             {"dose", plain(s.dose)},
                             {"good", plain(s.good)},
                             {"cautions", plain(s.cautions)},
                             {"needs", plain(s.needs)},
                             {"start", s.startHere}});
        out["ladders"].push_back({{"fault", plain(ladder.fault)}, {"main", ladder.main}, {"steps", steps}});
    }
    out["cautions"] = list(c.cautions);
    out["missing"] = list(c.missing);
    out["schedule"] = list(c.schedule);
    out["lesson"] = list(c.lesson);
    out["beliefs"] = list(c.beliefs);
    out["remarks"] = list(c.remarks);
    out["lines"] = Json::array();
    for (const auto& [a, b] : c.lines)
        out["lines"].push_back({a, b});
    return words::text(out.dump());
}

Result<ReportContent> reportFromJson(const QString& text, const QString& where) {
    std::vector<JsonFault> faults;
    const auto json = parseJson(text.toStdString(), std::size_t(64) << 20, faults);
    if (!json || !json->is_object() || json->value("format", std::string()) != "riflesso-report")
        return badInput(plain(where), "a frozen report of this program",
                        faults.empty() ? "another text" : faults[0].got);
    try {
        ReportContent c;
        for (const auto& [key, target] : {std::pair{"athlete", &c.athlete},
                                          {"skill", &c.skill},
                                          {"session", &c.session},
                                          {"date", &c.date},
                                          {"made", &c.made},
                                          {"program", &c.program},
                                          {"set", &c.set},
                                          {"model", &c.model},
                                          {"goal", &c.goal},
                                          {"answer", &c.answer}})
            *target = at(*json, key);
        c.strengths = rows(*json, "strengths");
        c.measures = rows(*json, "measures");
        for (const Json& e : json->value("findings", Json::array())) {
            ReportContent::Entry entry{at(e, "title"),          at(e, "explain"),   at(e, "share"),
                                       at(e, "value"),          at(e, "reference"), at(e, "sign"),
                                       at(e, "because"),        at(e, "safety"),    e.value("main", false),
                                       e.value("minor", false), at(e, "decision"),  {}};
            for (const Json& ref : e.value("pictures", Json::array()))
                entry.pictures.push_back(picture(ref));
            c.findings.push_back(std::move(entry));
        }
        for (const Json& l : json->value("ladders", Json::array())) {
            ReportContent::Ladder ladder{at(l, "fault"), l.value("main", true), {}};
            for (const Json& s : l.value("steps", Json::array()))
                ladder.steps.push_back({at(s, "title"), at(s, "stage"), at(s, "cue"), at(s, "dose"), at(s, "good"),
                                        at(s, "cautions"), at(s, "needs"), s.value("start", false)});
            c.ladders.push_back(std::move(ladder));
        }
        c.cautions = lines(*json, "cautions");
        c.missing = lines(*json, "missing");
        c.schedule = lines(*json, "schedule");
        c.lesson = lines(*json, "lesson");
        c.beliefs = lines(*json, "beliefs");
        c.remarks = lines(*json, "remarks");
        for (const Json& line : json->value("lines", Json::array()))
            c.lines.emplace_back(line[0].get<std::string>(), line[1].get<std::string>());
        return c;
    } catch (const Json::exception& problem) {
        return badInput(plain(where), "a frozen report of this program", problem.what());
    }
}

} // namespace riflesso
