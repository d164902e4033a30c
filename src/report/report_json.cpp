#include "report/report_content.h"

#include "core/tables/json_walk.h"

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
Json points(const std::vector<PixelPoint>& list) {
    Json out = Json::array();
    for (const PixelPoint& point : list)
        out.push_back({point.x, point.y});
    return out;
}
PixelPoint point(const Json& json) { return {json.at(0).get<double>(), json.at(1).get<double>()}; }
Json curves(const std::vector<ShapeCurve>& list) {
    Json out = Json::array();
    for (const ShapeCurve& curve : list)
        out.push_back({{"points", points(curve.points)}, {"shares", curve.shares}});
    return out;
}
std::vector<ShapeCurve> curves(const Json& json, const char* key) {
    std::vector<ShapeCurve> out;
    for (const Json& entry : json.value(key, Json::array())) {
        ShapeCurve curve;
        for (const Json& at : entry.value("points", Json::array()))
            curve.points.push_back(point(at));
        curve.shares = entry.value("shares", std::vector<double>());
        if (!curve.shares.empty() && curve.shares.size() != curve.points.size())
            curve.shares.clear();
        out.push_back(std::move(curve));
    }
    return out;
}
Json shape(const MeasuredShape& shape) {
    Json lines = Json::array();
    for (const ShapeLine& line : shape.lines)
        lines.push_back(
            {{"from", {line.from.x, line.from.y}}, {"to", {line.to.x, line.to.y}}, {"reference", line.reference}});
    return {{"lines", lines},
            {"arcs", curves(shape.arcs)},
            {"paths", curves(shape.paths)},
            {"centre", {shape.arcCentre.x, shape.arcCentre.y}},
            {"label", {shape.label.x, shape.label.y}}};
}
MeasuredShape shapeFrom(const Json& json) {
    MeasuredShape out;
    for (const Json& line : json.value("lines", Json::array()))
        out.lines.push_back({point(line.at("from")), point(line.at("to")), line.value("reference", false)});
    out.arcs = curves(json, "arcs");
    out.paths = curves(json, "paths");
    out.arcCentre = point(json.at("centre"));
    out.label = point(json.at("label"));
    return out;
}
Json picture(const PictureRef& ref) {
    Json marks = Json::object();
    for (const auto& [name, at] : ref.marks)
        marks[name] = {at.x(), at.y()};
    Json out{{"clip", plain(ref.clipPath)},
             {"hash", plain(ref.clipHash)},
             {"frame", ref.frame},
             {"mirrored", ref.mirrored},
             {"turned_over", ref.turnedOver},
             {"model", ref.ofModel},
             {"caption", plain(ref.caption)},
             {"marks", marks},
             {"value", plain(ref.value)}};
    if (ref.shape)
        out["shape"] = shape(*ref.shape);
    return out;
}
PictureRef picture(const Json& json) {
    PictureRef ref;
    ref.clipPath = at(json, "clip");
    ref.clipHash = at(json, "hash");
    ref.frame = json.value("frame", 0);
    ref.mirrored = json.value("mirrored", false);
    ref.turnedOver = json.value("turned_over", false);
    ref.ofModel = json.value("model", false);
    ref.caption = at(json, "caption");
    ref.value = at(json, "value");
    const Json marks = json.value("marks", Json::object());
    for (const auto& [name, place] : marks.items())
        ref.marks[name] = QPointF(place[0].get<double>(), place[1].get<double>());
    if (json.contains("shape"))
        ref.shape = shapeFrom(json["shape"]);
    return ref;
}
Json orNothing(const std::optional<PictureRef>& ref) { return ref ? picture(*ref) : Json(nullptr); }
std::optional<PictureRef> pictureOrNone(const Json& json, const char* key) {
    return json.contains(key) && json[key].is_object() ? std::optional(picture(json[key])) : std::nullopt;
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
                                     {"competition", c.competition},
                                     {"retest", c.retest},
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
                             {"start", s.startHere},
                             {"feels", plain(s.feels)},
                             {"wrong", plain(s.wrong)},
                             {"sets", s.amount.sets},
                             {"repetitions", s.amount.repetitions},
                             {"minutes", s.amount.minutes},
                             {"alone", s.alone}});
        out["ladders"].push_back({{"fault", plain(ladder.fault)}, {"main", ladder.main}, {"steps", steps}});
    }
    out["positions"] = Json::array();
    for (const auto& p : c.positions)
        out["positions"].push_back({{"title", plain(p.title)},
                                    {"own", orNothing(p.own)},
                                    {"reference", orNothing(p.model)},
                                    {"measures", rows(p.measures)}});
    Json pictures = Json::array();
    for (const PictureRef& ref : c.progress.thenAndNow)
        pictures.push_back(picture(ref));
    out["progress"] = {{"event", plain(c.progress.event)},    {"pictures", std::move(pictures)},
                       {"changed", list(c.progress.changed)}, {"practised", list(c.progress.practised)},
                       {"holds", list(c.progress.holds)},     {"next", list(c.progress.next)}};
    out["cautions"] = list(c.cautions);
    out["waits"] = plain(c.waits);
    out["missing"] = list(c.missing);
    out["schedule"] = list(c.schedule);
    out["lesson"] = list(c.lesson);
    out["beliefs"] = list(c.beliefs);
    out["remarks"] = list(c.remarks);
    out["ways"] = list(c.ways);
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
                                          {"competition", &c.competition},
                                          {"retest", &c.retest},
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
                ladder.steps.push_back({at(s, "title"),
                                        at(s, "stage"),
                                        at(s, "cue"),
                                        at(s, "dose"),
                                        at(s, "good"),
                                        at(s, "cautions"),
                                        at(s, "needs"),
                                        s.value("start", false),
                                        at(s, "feels"),
                                        at(s, "wrong"),
                                        {s.value("sets", 0), s.value("repetitions", 0), s.value("minutes", 0)},
                                        s.value("alone", true)});
            c.ladders.push_back(std::move(ladder));
        }
        for (const Json& p : json->value("positions", Json::array()))
            c.positions.push_back(
                {at(p, "title"), pictureOrNone(p, "own"), pictureOrNone(p, "reference"), rows(p, "measures")});
        if (json->contains("progress")) {
            const Json& progress = (*json)["progress"];
            c.progress.event = at(progress, "event");
            for (const Json& ref : progress.value("pictures", Json::array()))
                c.progress.thenAndNow.push_back(picture(ref));
            c.progress.changed = lines(progress, "changed");
            c.progress.practised = lines(progress, "practised");
            c.progress.holds = lines(progress, "holds");
            c.progress.next = lines(progress, "next");
        }
        c.cautions = lines(*json, "cautions");
        c.waits = at(*json, "waits");
        c.missing = lines(*json, "missing");
        c.schedule = lines(*json, "schedule");
        c.lesson = lines(*json, "lesson");
        c.beliefs = lines(*json, "beliefs");
        c.remarks = lines(*json, "remarks");
        c.ways = lines(*json, "ways");
        for (const Json& line : json->value("lines", Json::array()))
            c.lines.emplace_back(line[0].get<std::string>(), line[1].get<std::string>());
        return c;
    } catch (const Json::exception& problem) {
        return badInput(plain(where), "a frozen report of this program", problem.what());
    }
}

} // namespace riflesso
