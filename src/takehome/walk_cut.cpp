#include "takehome/walk_cut.h"

#include "core/tables/json_walk.h"

#include <QFileInfo>
#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kCutVersion = 1;
constexpr double kLeastPieceS = .1, kLongestPieceS = 4 * 3600;

/// A file that was recorded for this walk-through, and no path.
bool isOwnSound(const QString& name) {
    static const QRegularExpression kName(QStringLiteral("^again-[0-9]{1,4}\\.ogg$"));
    return kName.match(name).hasMatch();
}

bool takenBack(const WalkThrough& walk, double atS) {
    return std::any_of(walk.takenBack.begin(), walk.takenBack.end(),
                       [atS](const auto& span) { return atS >= span.first && atS < span.second; });
}

FilmScene sceneOf(const WalkMoment& moment, const QString& caption) {
    FilmScene scene;
    scene.heading = moment.title;
    scene.sentence = caption;
    if (moment.stages.empty())
        for (const QString& words : moment.words)
            scene.lines.push_back({words});
    if (moment.stages.empty() && !caption.isEmpty())
        scene.lines.push_back({caption});
    if (moment.stages.empty() && scene.lines.empty())
        scene.lines.push_back({QString()});
    for (const WalkStage& stage : moment.stages) {
        FilmStage own;
        own.clipPath = stage.clipPath;
        own.turnedOver = stage.turnedOver;
        own.mirrored = stage.mirrored;
        own.ofModel = stage.ofModel;
        own.lines = stage.lines;
        own.part = stage.part;
        scene.stages.push_back(std::move(own));
    }
    return scene;
}

void addPicture(FilmScene& scene, const WalkMoment& moment) {
    ++scene.pictures;
    for (std::size_t s = 0; s < moment.stages.size(); ++s) {
        const WalkStage& stage = moment.stages[s];
        FilmStage& own = scene.stages[s];
        own.frames.push_back(stage.frame);
        own.marks[stage.frame] = stage.marks;
        own.captions.push_back(stage.caption);
        own.values.push_back(stage.value);
        own.shapes.push_back(stage.shape);
        own.pointers.push_back(stage.pointer);
        own.drawn.push_back(stage.drawn);
    }
}

/// Heads by what is marked in the frames that were shown.
void findHeads(FilmStage& stage) {
    if (stage.frames.empty())
        return;
    std::map<std::string, MarksByFrame> marks;
    for (const auto& [frame, points] : stage.marks)
        for (const auto& [name, point] : points)
            marks[name][frame] = Mark{{point.x(), point.y()}, 1, std::string(kByHand)};
    const auto [least, most] = std::minmax_element(stage.frames.begin(), stage.frames.end());
    constexpr int kBridgedFrames = 6;
    stage.heads = headCovers(marks, *least, *most, kBridgedFrames);
}

/// What was on the screen at a time.
const WalkMoment& momentAt(const WalkThrough& walk, double atS) {
    const auto after = std::upper_bound(walk.moments.begin(), walk.moments.end(), atS + 1e-9,
                                        [](double at, const WalkMoment& moment) { return at < moment.atS; });
    return after == walk.moments.begin() ? *after : *std::prev(after);
}

int walkPictures(double seconds) { return static_cast<int>(std::lround(seconds * kWalkRate)); }

} // namespace

WalkCut firstCut(const WalkThrough& walk) {
    WalkCut out;
    if (walk.moments.empty())
        return out;
    const int pictures = walkPictures(walk.lengthS);
    const WalkMoment* shown = nullptr;
    bool on = false;
    for (int i = 0; i < pictures; ++i) {
        const double atS = static_cast<double>(i) / kWalkRate;
        if (takenBack(walk, atS)) {
            on = false;
            continue;
        }
        const WalkMoment& moment = momentAt(walk, atS);
        if (!on || shown->page != moment.page)
            out.push_back({atS, atS, true, moment.title, {}, {}, 0});
        out.back().toS = static_cast<double>(i + 1) / kWalkRate;
        shown = &moment;
        on = true;
    }
    return out;
}

QString toText(const WalkCut& cut) {
    Json pieces = Json::array();
    for (const WalkPiece& piece : cut) {
        Json own{{"from", piece.fromS}, {"to", piece.toS}, {"title", piece.title.toStdString()}};
        if (!piece.shown)
            own["shown"] = false;
        if (!piece.caption.isEmpty())
            own["caption"] = piece.caption.toStdString();
        if (!piece.again.isEmpty()) {
            own["again"] = piece.again.toStdString();
            own["again_s"] = piece.againS;
        }
        pieces.push_back(std::move(own));
    }
    return QString::fromStdString(
        Json{{"cut", kCutVersion}, {"pieces", std::move(pieces)}}.dump(-1, ' ', false, Json::error_handler_t::replace));
}

Result<WalkCut> cutFromText(const QString& text, const WalkThrough& walk) {
    const std::string place = "the cut of a walk-through";
    WalkCut out;
    try {
        const Json json = Json::parse(text.toStdString());
        if (const int version = json.at("cut").get<int>(); version != kCutVersion)
            return badInput(place, "version " + std::to_string(kCutVersion),
                            std::to_string(version) + ": made by a newer program");
        for (const Json& own : json.at("pieces")) {
            WalkPiece piece;
            piece.fromS = own.at("from").get<double>();
            piece.toS = own.at("to").get<double>();
            piece.shown = own.value("shown", true);
            piece.title = QString::fromStdString(own.at("title").get<std::string>());
            piece.caption = QString::fromStdString(own.value("caption", std::string()));
            piece.again = QString::fromStdString(own.value("again", std::string()));
            piece.againS = own.value("again_s", 0.0);
            constexpr double kSlackS = .1;
            if (!(piece.fromS >= 0) || !(piece.toS > piece.fromS) || !(piece.toS <= walk.lengthS + kSlackS))
                return badInput(place, "a stretch inside its " + std::to_string(walk.lengthS) + " s",
                                std::to_string(piece.fromS) + " to " + std::to_string(piece.toS));
            if (!piece.again.isEmpty() &&
                (!isOwnSound(piece.again) || !(piece.againS > 0) || !(piece.againS < kLongestPieceS)))
                return badInput(place, "a sound of its own with a length", piece.again.toStdString());
            out.push_back(std::move(piece));
        }
    } catch (const std::exception& wrong) {
        return badInput(place, "pieces with from, to and title", wrong.what());
    }
    return out;
}

Result<WalkCut> cutOf(const WalkThrough& walk, const std::map<QString, QString>& kept) {
    const auto own = kept.find(walk.id);
    return own == kept.end() ? Result<WalkCut>(firstCut(walk)) : cutFromText(own->second, walk);
}

WalkCut edited(WalkCut cut, const PartEdit& edit, int rate) {
    const auto index = static_cast<std::size_t>(edit.part);
    if (edit.part < 0 || index >= cut.size())
        return cut;
    WalkPiece& piece = cut[index];
    switch (edit.kind) {
    case PartEdit::Kind::Show:
        piece.shown = edit.on;
        break;
    case PartEdit::Kind::Move:
        if (const int other = edit.part + edit.by; other >= 0 && static_cast<std::size_t>(other) < cut.size())
            std::swap(piece, cut[static_cast<std::size_t>(other)]);
        break;
    case PartEdit::Kind::Say:
        piece.caption = edit.words;
        break;
    case PartEdit::Kind::Name:
        if (!edit.words.trimmed().isEmpty())
            piece.title = edit.words.trimmed();
        break;
    case PartEdit::Kind::CutAt: {
        // What was said again belongs to the whole piece.
        const double atS = piece.fromS + static_cast<double>(edit.picture) / rate;
        if (!piece.again.isEmpty() || atS < piece.fromS + kLeastPieceS || atS > piece.toS - kLeastPieceS)
            break;
        WalkPiece second = piece;
        second.fromS = piece.toS = atS;
        cut.insert(cut.begin() + edit.part + 1, second);
        break;
    }
    case PartEdit::Kind::SaidAgain:
        if (!edit.words.isEmpty() && (!isOwnSound(edit.words) || edit.seconds < kLeastPieceS))
            break;
        piece.again = edit.words;
        piece.againS = edit.words.isEmpty() ? 0 : edit.seconds;
        break;
    }
    return cut;
}

Film walkFilm(const WalkThrough& walk, const WalkCut& cut) {
    Film film;
    film.title = walk.title;
    film.rate = kWalkRate;
    if (walk.moments.empty())
        return film;
    for (const WalkPiece& piece : cut) {
        FilmPart part{piece.title, piece.shown, {}, -1};
        if (!piece.again.isEmpty()) {
            part.voice = walk.folder + u'/' + piece.again;
            part.voiceFromS = 0;
        } else if (!walk.voice.isEmpty()) {
            part.voice = walk.voice;
            part.voiceFromS = piece.fromS;
        }
        part.caption = piece.caption;
        const int own = std::max(1, walkPictures(piece.toS - piece.fromS));
        const int pictures = piece.again.isEmpty() ? own : std::max(1, walkPictures(piece.againS));
        const WalkMoment* shown = nullptr;
        for (int i = 0; i < pictures; ++i) {
            // What is said longer than it was shown: the last picture stands.
            const WalkMoment& moment =
                momentAt(walk, piece.fromS + static_cast<double>(std::min(i, own - 1)) / kWalkRate);
            if (!shown || !sameScene(*shown, moment))
                part.scenes.push_back(sceneOf(moment, piece.caption));
            addPicture(part.scenes.back(), moment);
            shown = &moment;
        }
        film.parts.push_back(std::move(part));
    }
    for (FilmPart& part : film.parts)
        for (FilmScene& scene : part.scenes)
            for (FilmStage& stage : scene.stages)
                findHeads(stage);
    return film;
}

} // namespace riflesso
