#include "takehome/walk_through.h"

#include "core/tables/json_walk.h"
#include "store/case_json.h"

#include <QBuffer>
#include <QDir>
#include <QSaveFile>
#include <QUuid>
#include <QtEndian>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kScoreVersion = 1;
constexpr qint64 kLongestLine = 1 << 20, kLargestScore = 256LL << 20;
constexpr double kLongestS = 4 * 3600;

QString walksFolder(const QString& library) { return library + QStringLiteral("/walk-throughs"); }

double tenth(double value) { return std::round(value * 10) / 10; }
Json pointJson(double x, double y) { return Json::array({tenth(x), tenth(y)}); }

Json curveJson(const ShapeCurve& curve) {
    Json points = Json::array(), shares = Json::array();
    for (const PixelPoint& at : curve.points)
        points.push_back(pointJson(at.x, at.y));
    for (const double share : curve.shares)
        shares.push_back(std::round(share * 100) / 100);
    return {{"points", std::move(points)}, {"shares", std::move(shares)}};
}
Json shapeJson(const MeasuredShape& shape) {
    Json out{{"label", pointJson(shape.label.x, shape.label.y)},
             {"centre", pointJson(shape.arcCentre.x, shape.arcCentre.y)}};
    for (const ShapeLine& line : shape.lines)
        out["lines"].push_back(Json::array(
            {tenth(line.from.x), tenth(line.from.y), tenth(line.to.x), tenth(line.to.y), line.reference ? 1 : 0}));
    for (const ShapeCurve& arc : shape.arcs)
        out["arcs"].push_back(curveJson(arc));
    for (const ShapeCurve& path : shape.paths)
        out["paths"].push_back(curveJson(path));
    return out;
}

/// Throws what nlohmann throws where something else stands there.
PixelPoint pixelFrom(const Json& json) { return {json.at(0).get<double>(), json.at(1).get<double>()}; }
QPointF pointFrom(const Json& json) { return {json.at(0).get<double>(), json.at(1).get<double>()}; }
ShapeCurve curveFrom(const Json& json) {
    ShapeCurve out;
    for (const Json& at : json.at("points"))
        out.points.push_back(pixelFrom(at));
    for (const Json& share : json.at("shares"))
        out.shares.push_back(share.get<double>());
    if (out.shares.size() != out.points.size())
        out.shares.clear();
    return out;
}
MeasuredShape shapeFrom(const Json& json) {
    MeasuredShape out;
    out.label = pixelFrom(json.at("label"));
    out.arcCentre = pixelFrom(json.at("centre"));
    for (const Json& line : json.value("lines", Json::array()))
        out.lines.push_back({{line.at(0).get<double>(), line.at(1).get<double>()},
                             {line.at(2).get<double>(), line.at(3).get<double>()},
                             line.at(4).get<int>() != 0});
    for (const Json& arc : json.value("arcs", Json::array()))
        out.arcs.push_back(curveFrom(arc));
    for (const Json& path : json.value("paths", Json::array()))
        out.paths.push_back(curveFrom(path));
    return out;
}
QString textFrom(const Json& json, const char* key) { return QString::fromStdString(json.value(key, std::string())); }

using FigureLines = std::vector<std::pair<std::string, std::string>>;

WalkStage stageFrom(const Json& json, const std::vector<FigureLines>& figures) {
    WalkStage out;
    out.clipPath = textFrom(json, "clip");
    out.clipHash = textFrom(json, "hash");
    out.frame = json.at("frame").get<int>();
    out.turnedOver = json.value("turned", false);
    out.mirrored = json.value("mirrored", false);
    out.ofModel = json.value("model", false);
    const Json& part = json.at("part");
    out.part =
        QRectF(part.at(0).get<double>(), part.at(1).get<double>(), part.at(2).get<double>(), part.at(3).get<double>());
    out.caption = textFrom(json, "caption");
    out.value = textFrom(json, "value");
    if (json.contains("marks"))
        for (const auto& [name, at] : json["marks"].items())
            out.marks[name] = pointFrom(at);
    if (const int lines = json.value("figure", -1); lines >= 0)
        out.lines = figures.at(static_cast<std::size_t>(lines));
    if (json.contains("shape"))
        out.shape = shapeFrom(json["shape"]);
    for (const Json& stroke : json.value("drawn", Json::array())) {
        QPolygonF line;
        for (const Json& at : stroke)
            line << pointFrom(at);
        out.drawn.push_back(line);
    }
    if (json.contains("pointer"))
        out.pointer = pointFrom(json["pointer"]);
    return out;
}

/// One line of a score into the walk-through. Throws where it is not what it should be.
void takeLine(const Json& json, WalkThrough& walk, std::vector<FigureLines>& figures) {
    if (json.contains("figure")) {
        FigureLines lines;
        for (const Json& line : json["figure"])
            lines.emplace_back(line.at(0).get<std::string>(), line.at(1).get<std::string>());
        figures.push_back(std::move(lines));
        return;
    }
    const double atS = json.at("t").get<double>() / 1000;
    if (!(atS >= walk.lengthS) || atS > kLongestS)
        throw std::out_of_range("a time before the last one");
    walk.lengthS = atS;
    if (json.contains("back"))
        walk.takenBack.emplace_back(std::max(0.0, atS - json["back"].get<double>() / 1000), atS);
    if (!json.contains("page"))
        return; // it only lasts
    WalkMoment moment;
    moment.atS = atS;
    moment.page = textFrom(json, "page");
    moment.title = textFrom(json, "title");
    for (const Json& words : json.value("words", Json::array()))
        moment.words << QString::fromStdString(words.get<std::string>());
    for (const Json& stage : json.value("stages", Json::array()))
        moment.stages.push_back(stageFrom(stage, figures));
    walk.moments.push_back(std::move(moment));
}

bool sameShape(const std::optional<MeasuredShape>& a, const std::optional<MeasuredShape>& b) {
    return a.has_value() == b.has_value() && (!a || shapeJson(*a) == shapeJson(*b));
}

} // namespace

bool sameScene(const WalkMoment& a, const WalkMoment& b) {
    return a.page == b.page && a.title == b.title && a.words == b.words && a.stages.size() == b.stages.size() &&
           std::equal(a.stages.begin(), a.stages.end(), b.stages.begin(), [](const WalkStage& x, const WalkStage& y) {
               return x.clipPath == y.clipPath && x.turnedOver == y.turnedOver && x.mirrored == y.mirrored &&
                      x.ofModel == y.ofModel && x.part == y.part && x.lines == y.lines;
           });
}

bool showsTheSame(const WalkMoment& a, const WalkMoment& b) {
    return sameScene(a, b) &&
           std::equal(a.stages.begin(), a.stages.end(), b.stages.begin(), [](const WalkStage& x, const WalkStage& y) {
               return x.frame == y.frame && x.caption == y.caption && x.value == y.value && x.marks == y.marks &&
                      x.drawn == y.drawn && x.pointer == y.pointer && sameShape(x.shape, y.shape);
           });
}

Result<std::unique_ptr<WalkScore>> WalkScore::begin(const QString& libraryFolder, const QString& session,
                                                    const QString& title, const QString& id, const QDateTime& at) {
    auto out = std::unique_ptr<WalkScore>(new WalkScore);
    out->folder_ =
        walksFolder(libraryFolder) + u'/' + (id.isEmpty() ? QUuid::createUuid().toString(QUuid::WithoutBraces) : id);
    if (!QDir().mkpath(out->folder_))
        return badInput(out->folder_.toStdString(), "a folder that can be written to", "no write");
    out->file_.setFileName(out->folder_ + QStringLiteral("/score.jsonl"));
    if (!out->file_.open(QIODevice::WriteOnly))
        return badInput(out->file_.fileName().toStdString(), "a file that can be written to",
                        out->file_.errorString().toStdString());
    const Json head{{"walk", kScoreVersion},
                    {"session", session.toStdString()},
                    {"title", title.toStdString()},
                    {"at", at.toUTC().toString(Qt::ISODate).toStdString()}};
    if (const auto written = out->line(QByteArray::fromStdString(head.dump())); !written)
        return written.error();
    return out;
}

Result<void> WalkScore::line(const QByteArray& json) {
    const QByteArray bytes = json + '\n';
    if (file_.write(bytes) != bytes.size() || !file_.flush())
        return fault(file_.fileName().toStdString(), "cannot be written on: " + file_.errorString().toStdString());
    return {};
}

Result<void> WalkScore::add(const WalkMoment& moment) {
    Json out{{"t", std::llround(moment.atS * 1000)},
             {"page", moment.page.toStdString()},
             {"title", moment.title.toStdString()}};
    for (const QString& words : moment.words)
        out["words"].push_back(words.toStdString());
    for (const WalkStage& stage : moment.stages) {
        auto figure = std::find(figures_.begin(), figures_.end(), stage.lines);
        if (figure == figures_.end()) {
            Json lines = Json::array();
            for (const auto& [a, b] : stage.lines)
                lines.push_back(Json::array({a, b}));
            if (const auto written = line(QByteArray::fromStdString(Json{{"figure", lines}}.dump())); !written)
                return written;
            figures_.push_back(stage.lines);
            figure = std::prev(figures_.end());
        }
        Json own{{"clip", stage.clipPath.toStdString()},
                 {"frame", stage.frame},
                 {"part", Json::array({tenth(stage.part.x()), tenth(stage.part.y()), tenth(stage.part.width()),
                                       tenth(stage.part.height())})},
                 {"figure", figure - figures_.begin()}};
        for (const auto& [key, on] :
             {std::pair{"turned", stage.turnedOver}, {"mirrored", stage.mirrored}, {"model", stage.ofModel}})
            if (on)
                own[key] = true;
        if (!stage.clipHash.isEmpty())
            own["hash"] = stage.clipHash.toStdString();
        if (!stage.caption.isEmpty())
            own["caption"] = stage.caption.toStdString();
        if (!stage.value.isEmpty())
            own["value"] = stage.value.toStdString();
        for (const auto& [name, at] : stage.marks)
            own["marks"][name] = pointJson(at.x(), at.y());
        if (stage.shape)
            own["shape"] = shapeJson(*stage.shape);
        for (const QPolygonF& stroke : stage.drawn) {
            Json points = Json::array();
            for (const QPointF& at : stroke)
                points.push_back(pointJson(at.x(), at.y()));
            own["drawn"].push_back(std::move(points));
        }
        if (stage.pointer)
            own["pointer"] = pointJson(stage.pointer->x(), stage.pointer->y());
        out["stages"].push_back(std::move(own));
    }
    return line(QByteArray::fromStdString(out.dump(-1, ' ', false, Json::error_handler_t::replace)));
}

Result<void> WalkScore::lasts(double seconds) {
    return line(QByteArray::fromStdString(Json{{"t", std::llround(seconds * 1000)}}.dump()));
}

Result<void> WalkScore::takeBack(double atS, double seconds) {
    return line(QByteArray::fromStdString(
        Json{{"t", std::llround(atS * 1000)}, {"back", std::llround(seconds * 1000)}}.dump()));
}

Result<void> WalkScore::pack() {
    file_.close();
    QFile whole(file_.fileName());
    if (!whole.open(QIODevice::ReadOnly))
        return fault(whole.fileName().toStdString(), whole.errorString().toStdString());
    const QByteArray packed = qCompress(whole.readAll());
    QSaveFile file(folder_ + QStringLiteral("/score.z"));
    if (!file.open(QIODevice::WriteOnly) || file.write(packed) != packed.size() || !file.commit())
        return fault(file.fileName().toStdString(), "could not be written: " + file.errorString().toStdString());
    whole.remove();
    return {};
}

namespace {

/// The lines of a score, packed or not.
Result<QByteArray> linesIn(const QString& folder) {
    QFile packed(folder + QStringLiteral("/score.z")), plain(folder + QStringLiteral("/score.jsonl"));
    QFile& file = packed.exists() ? packed : plain;
    const std::string name = file.fileName().toStdString();
    if (!file.open(QIODevice::ReadOnly) || file.size() > kLargestScore)
        return badInput(name, "a score of a walk-through", file.errorString().toStdString());
    QByteArray bytes = file.readAll();
    if (&file == &plain)
        return bytes;
    constexpr qsizetype kLength = 4; // its length lies before what is packed, high byte first
    const quint32 length = bytes.size() < kLength ? 0 : qFromBigEndian<quint32>(bytes.constData());
    if (length == 0 || length > kLargestScore)
        return badInput(name, "a packed score of at most 256 MiB", std::to_string(length) + " bytes");
    bytes = qUncompress(bytes);
    if (bytes.isEmpty())
        return badInput(name, "a packed score", "bytes that cannot be unpacked");
    return bytes;
}

} // namespace

Result<WalkThrough> readWalkThrough(const QString& folder) {
    auto lines = linesIn(folder);
    if (!lines)
        return lines.error();
    QBuffer file(&*lines);
    file.open(QIODevice::ReadOnly);
    const std::string name = (folder + QStringLiteral("/score")).toStdString();
    WalkThrough out;
    out.id = QFileInfo(folder).fileName();
    out.folder = folder;
    std::vector<FigureLines> figures;
    int number = 0;
    while (!file.atEnd()) {
        ++number;
        const QByteArray line = file.readLine(kLongestLine);
        if (!line.endsWith('\n'))
            break; // what a kill left of a line
        const std::string place = name + ":" + std::to_string(number);
        try {
            const Json json = Json::parse(line.toStdString());
            if (number > 1) {
                takeLine(json, out, figures);
                continue;
            }
            if (const int version = json.at("walk").get<int>(); version != kScoreVersion)
                return badInput(place, "a walk-through of version " + std::to_string(kScoreVersion),
                                std::to_string(version) + ": made by a newer program");
            out.session = textFrom(json, "session");
            out.title = textFrom(json, "title");
            out.at = QDateTime::fromString(textFrom(json, "at"), Qt::ISODate);
        } catch (const std::exception& wrong) {
            return badInput(place, "a line of a walk-through's score", wrong.what());
        }
    }
    if (number == 0 || out.session.isEmpty())
        return badInput(name, "a score of a walk-through", "an empty file");
    if (const QString voice = folder + QStringLiteral("/voice.ogg"); QFileInfo(voice).size() > 0)
        out.voice = voice;
    return out;
}

std::vector<WalkThrough> walkThroughsOf(const QString& libraryFolder, const QString& session, QStringList* unread) {
    std::vector<WalkThrough> out;
    const QDir folder(walksFolder(libraryFolder));
    for (const QString& id : folder.entryList(QDir::Dirs | QDir::NoDotAndDotDot)) {
        auto walk = readWalkThrough(folder.filePath(id));
        if (walk && walk->session == session && !walk->moments.empty())
            out.push_back(std::move(*walk));
        else if (!walk && unread)
            *unread << QString::fromStdString(walk.error().sentence());
    }
    std::stable_sort(out.begin(), out.end(), [](const WalkThrough& a, const WalkThrough& b) { return a.at < b.at; });
    return out;
}

QString clipHashAt(const CaseData& data, const QString& path) {
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            if (clip.path == path)
                return clip.hash;
    return {};
}

void useClips(WalkThrough& walk, const CaseData& data) {
    std::map<QString, QString> now;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            now[clip.hash] = clip.path;
    for (WalkMoment& moment : walk.moments)
        for (WalkStage& stage : moment.stages)
            if (const auto there = now.find(stage.clipHash); there != now.end())
                stage.clipPath = there->second;
}

QString nextAgain(const WalkThrough& walk) {
    int number = 1;
    while (QFileInfo::exists(walk.folder + QStringLiteral("/again-%1.ogg").arg(number)))
        ++number;
    return QStringLiteral("again-%1.ogg").arg(number);
}

std::vector<ArchivedFile> walkFilesOf(const QString& libraryFolder, const CaseData& data) {
    QStringList sessions;
    for (const Session& session : data.sessions)
        sessions << QString::fromStdString(session.uid);
    std::vector<ArchivedFile> out;
    const QDir folder(walksFolder(libraryFolder));
    for (const QString& id : folder.entryList(QDir::Dirs | QDir::NoDotAndDotDot)) {
        const auto walk = readWalkThrough(folder.filePath(id));
        if (!walk || !sessions.contains(walk->session))
            continue;
        for (const QFileInfo& file : QDir(walk->folder).entryInfoList(QDir::Files))
            if (const QString name = QStringLiteral("walk-throughs/") + id + u'/' + file.fileName();
                file.size() > 0 && isWalkName(name))
                out.push_back({name, file.filePath()});
    }
    return out;
}

QString walkThroughsThere(const QString& libraryFolder) {
    QString out;
    const QDir folder(walksFolder(libraryFolder));
    for (const QString& id : folder.entryList(QDir::Dirs | QDir::NoDotAndDotDot))
        out += QStringLiteral("%1 %2\n").arg(id).arg(
            QFileInfo(folder.filePath(id + QStringLiteral("/score.jsonl"))).size() +
            QFileInfo(folder.filePath(id + QStringLiteral("/score.z"))).size());
    return out;
}

Result<void> removeWalkThrough(const QString& libraryFolder, const QString& id) {
    QDir folder(walksFolder(libraryFolder) + u'/' + id);
    if (id.isEmpty() || id.contains(u'/') || id.startsWith(u'.') || !folder.exists())
        return badInput(id.toStdString(), "a walk-through of this library", "none");
    if (!folder.removeRecursively())
        return fault(folder.path().toStdString(), "could not be removed");
    return {};
}

void removeWalkThroughsOf(const QString& libraryFolder, const QStringList& sessions) {
    const QDir folder(walksFolder(libraryFolder));
    for (const QString& id : folder.entryList(QDir::Dirs | QDir::NoDotAndDotDot))
        if (const auto walk = readWalkThrough(folder.filePath(id)); walk && sessions.contains(walk->session))
            (void)removeWalkThrough(libraryFolder, id);
}

} // namespace riflesso
