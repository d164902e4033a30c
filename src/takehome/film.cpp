#include "takehome/film.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

QString vttTime(double seconds) {
    const auto ms = static_cast<qint64>(std::llround(seconds * 1000));
    return QStringLiteral("%1:%2:%3.%4")
        .arg(ms / 3'600'000, 2, 10, QLatin1Char('0'))
        .arg(ms / 60'000 % 60, 2, 10, QLatin1Char('0'))
        .arg(ms / 1000 % 60, 2, 10, QLatin1Char('0'))
        .arg(ms % 1000, 3, 10, QLatin1Char('0'));
}

/// Words of a cue: WebVTT's own signs escaped, no empty line (it would end the cue), no arrow of a time line.
QString cueText(const QString& words) {
    QStringList lines;
    for (QString line : words.split(u'\n')) {
        line = line.simplified();
        if (!line.isEmpty())
            lines << line.toHtmlEscaped().replace(QStringLiteral("&quot;"), QStringLiteral("\""));
    }
    return lines.join(u'\n');
}

QString captionOf(const FilmScene& scene) {
    if (!scene.sentence.isEmpty())
        return scene.sentence;
    QStringList lines;
    if (!scene.lines.empty())
        lines << scene.heading;
    for (const FilmLine& line : scene.lines)
        lines << line.words;
    return lines.join(u'\n');
}

} // namespace

int Film::pictures() const {
    int all = 0;
    for (const FilmPart& part : parts)
        for (const FilmScene& scene : part.scenes)
            all += part.shown ? scene.pictures : 0;
    return all;
}

Film::Place Film::place(int picture) const {
    for (const FilmPart& part : parts)
        for (const FilmScene& scene : part.scenes) {
            if (!part.shown)
                continue;
            if (picture < scene.pictures)
                return {&part, &scene, picture};
            picture -= scene.pictures;
        }
    return {};
}

bool Film::speaks() const {
    return std::any_of(parts.begin(), parts.end(),
                       [](const FilmPart& part) { return part.shown && !part.voice.isEmpty(); });
}

double Film::voiceAtS(int picture) const {
    const Place now = place(picture);
    if (!now.part || now.part->voiceFromS < 0 || now.part->voice.isEmpty())
        return -1;
    int before = 0;
    for (const FilmScene& scene : now.part->scenes) {
        if (&scene == now.scene)
            break;
        before += scene.pictures;
    }
    return now.part->voiceFromS + static_cast<double>(before + now.at) / rate;
}

bool moves(const FilmScene& scene, int picture) {
    if (picture == 0 || picture == scene.heldFrom)
        return true;
    const auto at = static_cast<std::size_t>(picture);
    const auto same = [at](const auto& each) { return each.empty() || each[at] == each[at - 1]; };
    return !same(scene.percent) || std::any_of(scene.stages.begin(), scene.stages.end(), [&](const FilmStage& stage) {
        return !same(stage.frames) || !stage.shapes.empty() || !same(stage.captions) || !same(stage.values) ||
               !same(stage.pointers) || !same(stage.drawn);
    });
}

bool Film::standsStill(int picture) const {
    const Place now = place(picture);
    return now.scene && !moves(*now.scene, now.at);
}

std::vector<std::pair<int, QString>> Film::chapters() const {
    std::vector<std::pair<int, QString>> out;
    int at = 0;
    for (const FilmPart& part : parts) {
        if (!part.shown)
            continue;
        out.emplace_back(at, part.title);
        for (const FilmScene& scene : part.scenes)
            at += scene.pictures;
    }
    return out;
}

std::vector<std::pair<int, QString>> Film::heldPictures() const {
    std::vector<std::pair<int, QString>> out;
    int at = 0;
    for (const FilmPart& part : parts)
        for (const FilmScene& scene : part.scenes) {
            if (!part.shown)
                continue;
            at += scene.pictures;
            if (scene.heldFrom < scene.pictures && !scene.stages.empty() && scene.lines.empty())
                out.emplace_back(at - 1,
                                 scene.heading +
                                     (scene.sentence.isEmpty() ? QString() : QStringLiteral(": ") + scene.sentence));
        }
    return out;
}

bool saysTheSame(const Film& a, const Film& b) {
    const auto stages = [](const FilmStage& x, const FilmStage& y) {
        return x.clipPath == y.clipPath && x.caption == y.caption && x.frames == y.frames && x.value == y.value &&
               x.mirrored == y.mirrored && x.marks == y.marks;
    };
    const auto lines = [](const FilmLine& x, const FilmLine& y) { return x.words == y.words; };
    const auto scenes = [&](const FilmScene& x, const FilmScene& y) {
        return x.pictures == y.pictures && x.heading == y.heading && x.sentence == y.sentence &&
               std::equal(x.lines.begin(), x.lines.end(), y.lines.begin(), y.lines.end(), lines) &&
               std::equal(x.stages.begin(), x.stages.end(), y.stages.begin(), y.stages.end(), stages);
    };
    return a.title == b.title && a.rate == b.rate &&
           std::equal(a.parts.begin(), a.parts.end(), b.parts.begin(), b.parts.end(),
                      [&](const FilmPart& x, const FilmPart& y) {
                          return x.title == y.title && x.shown == y.shown && x.voice == y.voice &&
                                 x.voiceFromS == y.voiceFromS && x.caption == y.caption &&
                                 std::equal(x.scenes.begin(), x.scenes.end(), y.scenes.begin(), y.scenes.end(), scenes);
                      });
}

void coverFaces(Film& film, const FaceWish& wish) {
    for (FilmPart& part : film.parts)
        for (FilmScene& scene : part.scenes)
            for (FilmStage& stage : scene.stages)
                stage.headCovered = stage.ofModel ? wish.model : wish.athlete;
}

std::vector<int> unsurePictures(const Film& film) {
    std::vector<int> out;
    int at = 0;
    for (const FilmPart& part : film.parts) {
        if (!part.shown)
            continue;
        for (const FilmScene& scene : part.scenes) {
            for (int i = 0; i < scene.pictures; ++i)
                for (const FilmStage& stage : scene.stages)
                    if (const int frame = stage.clipPath.isEmpty() ? -1 : stage.frames[static_cast<std::size_t>(i)];
                        frame >= 0 &&
                        ((stage.headCovered && !stage.heads.contains(frame)) || stage.othersUnsure.contains(frame))) {
                        out.push_back(at + i);
                        break;
                    }
            at += scene.pictures;
        }
    }
    return out;
}

QString webVtt(const Film& film) {
    QString out = QStringLiteral("WEBVTT\n"), said;
    int at = 0, from = 0;
    const auto end = [&] { // of what is said: scene after scene may say the same
        if (!said.isEmpty())
            out += QStringLiteral("\n%1 --> %2\n%3\n")
                       .arg(vttTime(static_cast<double>(from) / film.rate),
                            vttTime(static_cast<double>(at) / film.rate), said);
    };
    for (const FilmPart& part : film.parts) {
        if (!part.shown)
            continue;
        for (const FilmScene& scene : part.scenes) {
            if (const QString words = cueText(captionOf(scene)); words != said) {
                end();
                said = words;
                from = at;
            }
            at += scene.pictures;
        }
    }
    end();
    return out;
}

} // namespace riflesso
