#include "demo/demo_walk.h"

#include "report/report_content.h"
#include "takehome/take_home_film.h"
#include "takehome/walk_cut.h"
#include "work/case_assessment.h"

#include <QFile>

#include <cmath>
#include <numbers>

namespace riflesso {
namespace {

/// The n-th part of the take-home film that tells of a finding.
const FilmPart* findingPart(const Film& film, int number) {
    for (const FilmPart& part : film.parts)
        if (part.said >= 0 && number-- == 0)
            return &part;
    return nullptr;
}

/// A ring drawn by hand round what is measured.
QPolygonF ringAround(const MeasuredShape& shape) {
    constexpr int kPoints = 24;
    constexpr double kRadiusPx = 46;
    QPolygonF out;
    for (int i = 0; i <= kPoints + 1; ++i) {
        const double angle = 2 * std::numbers::pi * i / kPoints, radius = kRadiusPx * (1 + .06 * std::sin(3 * angle));
        out << QPointF(shape.arcCentre.x + radius * std::cos(angle), shape.arcCentre.y + radius * std::sin(angle));
    }
    return out;
}

WalkStage stageAt(const FilmScene& scene, const FilmStage& stage, int picture, const CaseData& data) {
    WalkStage out;
    const int at = std::min(picture, scene.pictures - 1);
    out.clipPath = stage.clipPath;
    out.clipHash = clipHashAt(data, stage.clipPath);
    out.frame = stage.frames[static_cast<std::size_t>(at)];
    out.turnedOver = stage.turnedOver;
    out.mirrored = stage.mirrored;
    out.ofModel = stage.ofModel;
    out.part = stage.part;
    out.caption = stage.caption;
    out.lines = stage.lines;
    if (const auto marks = stage.marks.find(out.frame); marks != stage.marks.end())
        out.marks = marks->second;
    if (at < scene.heldFrom)
        return out;
    out.shape = stage.shape;
    out.value = stage.value;
    constexpr int kPointsAfter = 30, kRingsAfter = 75; // pictures
    if (stage.shape && !stage.ofModel && picture > scene.heldFrom + kPointsAfter)
        out.pointer = QPointF(stage.shape->label.x, stage.shape->label.y);
    if (stage.shape && !stage.ofModel && picture > scene.heldFrom + kRingsAfter)
        out.drawn = {ringAround(*stage.shape)};
    return out;
}

} // namespace

Result<void> addTalk(Library& library, const DemoSources& sources, const Story& story, const DemoPlace& place) {
    if (story.talk.parts.empty())
        return {};
    const auto data = library.loadCase(place.id);
    if (!data)
        return data.error();
    const Session* session = data->session(place.session);
    if (!session)
        return fault("the demo", "the session of a talk is not there");
    const auto levels = commonLevels(*data, place.session, place.session);
    const SetChoice choice = levels.empty() ? SetChoice() : SetChoice(levels.front());
    const Assessment assessment =
        assess(assessmentInput(*data, place.session, choice, School::Root, story.talk.at.date()));
    const ReportContent content =
        composeReport({*data, assessment, place.session, choice, story.talk.at, QStringLiteral("Riflesso")});
    const Film film = takeHomeFilm({*data, assessment, place.session, choice, content});

    const QString id = QStringLiteral("00000000-0000-4000-8000-%1").arg(story.shelf, 12, 10, QLatin1Char('0'));
    auto score = WalkScore::begin(library.folder(), QString::fromStdString(session->uid),
                                  QStringLiteral("%1, %2").arg(story.athlete.name, session->title), id, story.talk.at);
    if (!score)
        return score.error();
    WalkCut cut;
    for (const StoryTalk::Part& part : story.talk.parts) {
        const FilmPart* finding = findingPart(film, part.finding);
        if (!finding || finding->scenes.size() < 3)
            return fault("the demo", "the talk is of a finding that the case does not have");
        cut.push_back({part.fromS, part.toS, true, part.title, part.say, {}, 0});
        const FilmScene& scene = finding->scenes[part.page == QLatin1String("mark")     ? 0
                                                 : part.page == QLatin1String("mirror") ? 1
                                                                                        : 2];
        std::optional<WalkMoment> last;
        const int pictures = static_cast<int>(std::lround((part.toS - part.fromS) * kWalkRate));
        for (int i = 0; i < pictures; ++i) {
            WalkMoment moment;
            moment.atS = part.fromS + static_cast<double>(i) / kWalkRate;
            moment.page = part.page;
            moment.title = part.title;
            if (part.page == QLatin1String("findings")) {
                for (int f = 0; const FilmPart* each = findingPart(film, f); ++f)
                    moment.words << each->title;
            } else if (part.page == QLatin1String("plan")) {
                moment.words << scene.heading;
                for (const FilmLine& line : scene.lines)
                    moment.words << line.words;
            } else
                for (const FilmStage& stage : scene.stages)
                    moment.stages.push_back(stageAt(scene, stage, i, *data));
            if (last && showsTheSame(moment, *last))
                continue;
            if (const auto added = (*score)->add(moment); !added)
                return added;
            last = std::move(moment);
        }
    }
    if (const auto lasts = (*score)->lasts(cut.back().toS); !lasts)
        return lasts;
    if (const auto packed = (*score)->pack(); !packed)
        return packed;
    if (!QFile::copy(sources.clips + u'/' + story.talk.voice, (*score)->voicePath()))
        return fault(story.talk.voice.toStdString(), "the voice of the demo's talk cannot be copied");
    QFile((*score)->voicePath()).setPermissions(QFileDevice::ReadOwner | QFileDevice::WriteOwner);
    const auto kept = library.change(QStringLiteral("Build the demo"),
                                     [&](Edit& edit) { return edit.setWalkCut(place.id, id, toText(cut)); });
    return kept ? Result<void>() : kept.error();
}

} // namespace riflesso
