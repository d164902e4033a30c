#include "takehome/take_home_film.h"

#include "core/judge/typical_trial.h"
#include "core/measure/measured_shape.h"
#include "report/names_left_out.h"
#include "report/report_text.h"
#include "report/words.h"
#include "takehome/drawn_model.h"
#include "takehome/moving_repetition.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kFilmRate = 30;
constexpr double kSlower = 4, kStandS = .3, kTitleS = 4, kLongestRunS = 8;

int picturesOf(double seconds) { return std::max(1, static_cast<int>(std::lround(seconds * kFilmRate))); }

/// How long words stand: somebody reads them for the first time, on a small screen, and looks at a picture as well.
double readingS(const QStringList& words) {
    constexpr double kWordsPerS = 2.5, kToFindS = 1.5, kLeastS = 4, kMostS = 14;
    const auto count = words.join(u' ').split(u' ', Qt::SkipEmptyParts).size();
    return std::clamp(kToFindS + static_cast<double>(count) / kWordsPerS, kLeastS, kMostS);
}

QStringList wordsOf(const FilmScene& scene) {
    QStringList out{scene.heading, scene.sentence};
    for (const FilmLine& line : scene.lines)
        out << line.words;
    return out;
}

/// A scene of words, as long as they are read.
FilmScene wordsScene(const QString& heading, std::vector<FilmLine> lines) {
    FilmScene scene;
    scene.heading = heading;
    scene.lines = std::move(lines);
    scene.pictures = picturesOf(readingS(wordsOf(scene)));
    return scene;
}

class Composer {
public:
    explicit Composer(const FilmSubject& subject)
        : subject_(subject), data_(subject.data),
          anchors_(phaseAnchors(subject.data.pack, modelTrialsOf(subject.data),
                                trialsOf(subject.data, subject.session, subject.choice))) {}

    [[nodiscard]] std::optional<MovingRepetition> moving(RepetitionId id) const {
        return MovingRepetition::of(data_, id, anchors_, subject_.content.lines);
    }

    /// At full speed; long movements only around `aroundS`, short ones twice.
    [[nodiscard]] FilmScene run(const MovingRepetition& own, const QString& heading, const QString& caption,
                                double aroundS) const {
        double from = own.startS(), to = own.endS();
        if (to - from > kLongestRunS) {
            from = std::max(from, std::min(aroundS - kLongestRunS * .7, to - kLongestRunS));
            to = from + kLongestRunS;
        }
        FilmScene scene;
        scene.heading = heading;
        scene.pace = Report::tr("full speed");
        FilmStage stage = own.stage();
        stage.caption = caption;
        constexpr double kShortS = 2;
        for (int times = to - from < kShortS ? 2 : 1; times > 0; --times) {
            const int moving = picturesOf(to - from), standing = picturesOf(kStandS);
            for (int i = 0; i < moving + standing; ++i)
                stage.frames.push_back(own.frameAt(std::min(to, from + static_cast<double>(i) / kFilmRate)));
        }
        scene.pictures = static_cast<int>(stage.frames.size());
        scene.heldFrom = scene.pictures;
        scene.stages = {std::move(stage)};
        return scene;
    }

    /// One or two repetitions at equal phase from `fromS` to `toS` of the first, `slower` times slower; then still at
    /// the frames of `held` for as long as the sentence is read.
    struct Side {
        const MovingRepetition* moving;
        int heldFrame;
        QString caption;
    };
    [[nodiscard]] FilmScene slow(const std::vector<Side>& sides, const QString& heading, const QString& sentence,
                                 double fromS, double toS, double slower) const {
        const MovingRepetition& own = *sides.front().moving;
        FilmScene scene;
        scene.heading = heading;
        scene.sentence = sentence;
        scene.pace = slower > 1 ? Report::tr("%1 times slower").arg(slower) : Report::tr("full speed");
        scene.heldFrom = picturesOf((toS - fromS) * slower);
        scene.pictures = scene.heldFrom + picturesOf(readingS({sentence}));
        const bool inPhase =
            std::all_of(sides.begin(), sides.end(), [](const Side& side) { return side.moving->map().has_value(); });
        for (const Side& side : sides) {
            FilmStage stage = side.moving->stage();
            stage.caption = side.caption;
            for (int i = 0; i < scene.heldFrom; ++i) {
                const double ownS = fromS + (toS - fromS) * (i + 1) / scene.heldFrom;
                const double there = &side == &sides.front() ? ownS
                                     : inPhase               ? side.moving->map()->timeAt(own.map()->percentAt(ownS))
                                                             : side.moving->startS() + ownS - own.startS();
                stage.frames.push_back(side.moving->frameAt(there));
            }
            stage.frames.insert(stage.frames.end(), static_cast<std::size_t>(scene.pictures - scene.heldFrom),
                                side.heldFrame);
            scene.stages.push_back(std::move(stage));
        }
        if (inPhase && sides.size() > 1) {
            for (int i = 0; i < scene.pictures; ++i)
                scene.percent.push_back(
                    std::clamp(own.map()->percentAt(fromS + (toS - fromS) * std::min(1.0, (i + 1.0) / scene.heldFrom)),
                               0.0, 100.0));
            for (const PhaseAnchors::Anchor& anchor : anchors_.anchors)
                scene.eventsAt.push_back(anchor.percent);
        }
        return scene;
    }

    /// The skill's own figure as this athlete, where nobody has filmed a model.
    [[nodiscard]] std::optional<MovingRepetition> figureFor(const MovingRepetition& own) const {
        const Trial& trial = own.trial();
        auto drawn = drawnModel(data_.pack, trial.variant, trial.capture.view, trial.capture.handedness);
        if (!drawn)
            return {};
        const bool turned = trial.capture.view == View::Side && drawn->capture.facing != trial.capture.facing;
        auto out = MovingRepetition::drawn(std::move(*drawn), anchors_, subject_.content.lines);
        out.stage().mirrored = turned;
        return out;
    }

    [[nodiscard]] FilmPart finding(const ReportContent::Entry& entry) const {
        FilmPart part;
        part.title = entry.title;
        if (entry.pictures.empty())
            return part;
        const PictureRef& ref = entry.pictures.front();
        const auto own = moving(ref.repetition);
        if (!own)
            return part;
        const double eventS = own->trial().times.timeOf(ref.frame);
        part.scenes.push_back(run(*own, entry.title, ref.caption.section(u',', 0, 1), eventS));
        std::vector<Side> sides;
        sides.reserve(2);
        sides.push_back({&*own, ref.frame, ref.caption});
        std::optional<MovingRepetition> other;
        if (entry.pictures.size() > 1) {
            const PictureRef& second = entry.pictures[1];
            other = moving(second.repetition);
            if (other) {
                other->stage().mirrored = second.mirrored;
                sides.push_back({&*other, second.frame, second.caption});
            }
        } else if (subject_.assessment.modelMeasures.empty()) {
            other = figureFor(*own);
            const double percent = own->map() ? own->map()->percentAt(eventS) : 0;
            if (other && other->map() && own->map())
                sides.push_back({&*other, other->frameAt(other->map()->timeAt(percent)),
                                 Report::tr("drawn from the skill, not filmed")});
        }
        constexpr double kBeforeS = 1.2, kLeastS = .3;
        const double to = std::max(eventS, std::min(own->startS() + kLeastS, own->endS()));
        const double from = std::clamp(to - kBeforeS, own->startS(), to);
        QString sentence = entry.value;
        if (!entry.reference.isEmpty())
            sentence += QStringLiteral(" (%1)").arg(entry.reference);
        if (!sentence.isEmpty())
            sentence += u'\n';
        sentence += entry.explain;
        FilmScene scene = slow(sides, entry.title, sentence, from, to, kSlower);
        for (std::size_t i = 0; i < scene.stages.size() && i < entry.pictures.size(); ++i) {
            scene.stages[i].shape = entry.pictures[i].shape;
            scene.stages[i].value = entry.pictures[i].value;
        }
        part.said = static_cast<int>(part.scenes.size());
        part.scenes.push_back(std::move(scene));
        return part;
    }

    /// The drill to begin with, and how good looks.
    [[nodiscard]] std::optional<FilmScene> drill(const QString& fault, const ReportContent::Entry& entry) const {
        for (const ReportContent::Ladder& ladder : subject_.content.ladders) {
            if (ladder.fault != fault || ladder.steps.empty())
                continue;
            const auto start = std::find_if(ladder.steps.begin(), ladder.steps.end(),
                                            [](const ReportContent::Step& step) { return step.startHere; });
            const ReportContent::Step& step = start == ladder.steps.end() ? ladder.steps.front() : *start;
            std::vector<FilmLine> lines{{words::quoted(step.cue), {}, FilmLine::Size::Large}, {step.dose}};
            if (!step.good.isEmpty())
                lines.push_back({Report::tr("It is good when: %1").arg(step.good)});
            if (!step.cautions.isEmpty())
                lines.push_back({step.cautions, {}, FilmLine::Size::Plain, true});
            FilmScene scene = wordsScene(step.title, std::move(lines));
            for (const PictureRef& ref : entry.pictures)
                if (ref.ofModel && scene.stages.empty())
                    if (auto good = moving(ref.repetition)) {
                        FilmStage stage = good->stage();
                        stage.mirrored = ref.mirrored;
                        stage.caption = Report::tr("this is good");
                        stage.frames.assign(static_cast<std::size_t>(scene.pictures), ref.frame);
                        scene.stages.push_back(std::move(stage));
                    }
            return scene;
        }
        return {};
    }

    [[nodiscard]] FilmPart title(const QString& what) const {
        const ReportContent& c = subject_.content;
        FilmScene scene =
            wordsScene(c.athlete, {{c.skill, {}, FilmLine::Size::Large}, {what}, {c.date, {}, FilmLine::Size::Quiet}});
        scene.pictures = picturesOf(kTitleS);
        return {Report::tr("Title"), true, {std::move(scene)}, -1};
    }

    [[nodiscard]] std::optional<FilmPart> strong() const {
        const ReportContent& c = subject_.content;
        if (c.strengths.empty())
            return {};
        constexpr std::size_t kMost = 3;
        std::vector<FilmLine> lines;
        for (std::size_t i = 0; i < std::min(kMost, c.strengths.size()); ++i)
            // Without a word of praise it is the measure's name, which says nothing alone.
            lines.push_back({c.strengths[i].title == c.strengths[i].note
                                 ? c.strengths[i].title + QStringLiteral(": ") + c.strengths[i].value
                                 : c.strengths[i].title,
                             look::Sign::Strength});
        FilmScene scene = wordsScene(Report::tr("You do this well"), std::move(lines));
        const std::string typical = mostTypicalTrial(data_.pack, subject_.assessment.measures);
        if (const auto own = moving(repetitionId(typical))) {
            FilmStage stage = own->stage();
            const double lasts = own->endS() - own->startS() + kStandS;
            for (int i = 0; i < scene.pictures; ++i)
                stage.frames.push_back(
                    own->frameAt(own->startS() + std::fmod(static_cast<double>(i) / kFilmRate, std::max(.1, lasts))));
            scene.stages.push_back(std::move(stage));
        }
        return FilmPart{Report::tr("What is strong"), true, {std::move(scene)}, -1};
    }

    [[nodiscard]] FilmPart next() const {
        const ReportContent& c = subject_.content;
        std::vector<FilmLine> lines;
        if (!c.competition.isEmpty())
            lines.push_back({Report::tr("Nothing new before %1.").arg(c.competition)});
        if (!c.schedule.isEmpty())
            lines.push_back({c.schedule.front()});
        if (!c.retest.isEmpty())
            lines.push_back({Report::tr("We film again on %1.").arg(c.retest), {}, FilmLine::Size::Large});
        if (!c.cautions.isEmpty())
            lines.push_back({c.cautions.back(), look::Sign::Safety, FilmLine::Size::Plain, true});
        return {Report::tr("What comes next"), true, {wordsScene(Report::tr("What comes next"), std::move(lines))}, -1};
    }

    [[nodiscard]] const ReportContent& content() const { return subject_.content; }
    [[nodiscard]] const CaseData& data() const { return data_; }
    [[nodiscard]] const PhaseAnchors& anchors() const { return anchors_; }
    [[nodiscard]] double cutoffHz() const { return subject_.assessment.cutoff.hz; }
    [[nodiscard]] const Assessment& assessment() const { return subject_.assessment; }

private:
    const FilmSubject& subject_;
    const CaseData& data_;
    PhaseAnchors anchors_;
};

QString filmTitle(const ReportContent& content) { return content.athlete + QStringLiteral(", ") + content.skill; }

/// A repetition twice: at full speed, and slowly from key event to key event.
FilmPart repetitionPart(const Composer& composer, const MovingRepetition& moving, const RepetitionPlace& place,
                        const std::string& measure) {
    const Pack& pack = composer.data().pack;
    const QString title = Report::tr("Repetition %1").arg(place.repetition->number);
    FilmPart part{title, true, {}, -1};
    const double middle = (moving.startS() + moving.endS()) / 2;
    part.scenes.push_back(composer.run(moving, title, {}, middle));
    FilmScene& run = part.scenes.back();
    double from = moving.trial().times.timeOf(run.stages.front().frames.front());
    const double end = moving.trial().times.timeOf(run.stages.front().frames.back());
    std::vector<TrialEvent> events = moving.trial().events;
    std::stable_sort(events.begin(), events.end(),
                     [](const TrialEvent& a, const TrialEvent& b) { return a.timeS < b.timeS; });
    const MeasureDef* def = pack.measure(measure);
    for (const TrialEvent& event : events) {
        const EventDef* named = pack.event(event.event);
        if (!named || event.timeS < from || event.timeS > end)
            continue;
        const int frame = moving.frameAt(event.timeS);
        FilmScene scene =
            composer.slow({{&moving, frame, {}}}, title, words::text(named->title), from, event.timeS, kSlower);
        constexpr double kHeldS = 1.5;
        const int pictures = std::min(scene.pictures, scene.heldFrom + picturesOf(kHeldS));
        scene.pictures = pictures;
        scene.stages.front().frames.resize(static_cast<std::size_t>(pictures));
        if (def && def->at == event.event) {
            scene.stages.front().shape = measuredShape(pack, *def, moving.trial(), frame, composer.cutoffHz());
            for (const auto* trials : {&composer.assessment().measures, &composer.assessment().modelMeasures})
                for (const TrialMeasures& measured : *trials)
                    if (measured.trial == moving.trial().id)
                        if (const MeasureValue* value = measured.find(def->id); value && value->valid())
                            scene.stages.front().value = words::withU(*def, *value->value, 2 * value->u);
        }
        part.scenes.push_back(std::move(scene));
        from = event.timeS;
    }
    return part;
}

} // namespace

Film takeHomeFilm(const FilmSubject& subject) {
    const Composer composer(subject);
    const ReportContent& c = subject.content;
    Film film{filmTitle(c), kFilmRate, {}};
    film.parts.push_back(composer.title(c.session));
    if (auto strong = composer.strong())
        film.parts.push_back(std::move(*strong));
    for (const bool main : {true, false})
        for (const ReportContent::Entry& entry : c.findings) {
            if (main ? !entry.main : !entry.minor || entry.main)
                continue;
            FilmPart part = composer.finding(entry);
            if (c.waits.isEmpty())
                if (auto drill = composer.drill(entry.title, entry))
                    part.scenes.push_back(std::move(*drill));
            if (!part.scenes.empty())
                film.parts.push_back(std::move(part));
        }
    if (!c.waits.isEmpty())
        film.parts.push_back(
            {Report::tr("First ask"),
             true,
             {wordsScene(Report::tr("First ask"), {{c.waits, look::Sign::Safety, FilmLine::Size::Plain, true}})},
             -1});
    film.parts.push_back(composer.next());
    return film;
}

Film thenAndNowFilm(const FilmSubject& subject) {
    const Composer composer(subject);
    const ReportContent& c = subject.content;
    Film film{filmTitle(c), kFilmRate, {}};
    const auto& refs = c.progress.thenAndNow;
    if (refs.size() < 2)
        return film;
    const auto then = composer.moving(refs[0].repetition), now = composer.moving(refs[1].repetition);
    if (!then || !now)
        return film;
    const auto side = [](const MovingRepetition& moving, const PictureRef& ref) {
        return Composer::Side{&moving, ref.frame, ref.caption};
    };
    film.parts.push_back(composer.title(Report::tr("then and now")));
    FilmPart pair{Report::tr("Then and now"), true, {}, 1};
    const double from = then->startS(), eventS = then->trial().times.timeOf(refs[0].frame);
    const double to = std::min(then->endS(), from + kLongestRunS);
    FilmScene whole =
        composer.slow({side(*then, refs[0]), side(*now, refs[1])}, Report::tr("Then and now"), {}, from, to, 1);
    whole.pictures = whole.heldFrom; // it stands still only once it is slowed
    for (FilmStage& stage : whole.stages)
        stage.frames.resize(static_cast<std::size_t>(whole.pictures));
    pair.scenes.push_back(std::move(whole));
    constexpr double kBeforeS = 1.2;
    const QString at = c.progress.event.isEmpty() ? QString() : c.progress.event + QStringLiteral(". ");
    pair.scenes.push_back(composer.slow({side(*then, refs[0]), side(*now, refs[1])}, Report::tr("Then and now"),
                                        at + c.progress.changed.value(0), std::max(from, eventS - kBeforeS),
                                        std::max(eventS, from + .3), kSlower));
    film.parts.push_back(std::move(pair));
    std::vector<FilmLine> changed;
    constexpr qsizetype kMost = 4;
    for (const QString& line : c.progress.changed.mid(0, kMost))
        changed.push_back({line});
    film.parts.push_back({Report::tr("What changed"), true, {wordsScene(Report::tr("What changed"), changed)}, -1});
    film.parts.push_back(composer.next());
    return film;
}

Film repetitionFilm(const FilmSubject& subject, const std::vector<RepetitionId>& repetitions,
                    const std::string& measure) {
    const Composer composer(subject);
    Film film{filmTitle(subject.content), kFilmRate, {}};
    for (const RepetitionId id : repetitions)
        if (const auto moving = composer.moving(id))
            film.parts.push_back(repetitionPart(composer, *moving, placeOf(subject.data, id), measure));
    return film;
}

Film wallFilm(const FilmSubject& subject, const std::vector<RepetitionId>& repetitions) {
    const Composer composer(subject);
    Film film{filmTitle(subject.content), kFilmRate, {}};
    std::vector<MovingRepetition> there;
    for (const RepetitionId id : repetitions)
        if (auto moving = composer.moving(id); moving && there.size() < kMostOnWall)
            there.push_back(std::move(*moving));
    if (there.size() < 2)
        return film;
    std::vector<Composer::Side> sides;
    for (const MovingRepetition& each : there)
        sides.push_back({&each, each.frameAt(each.endS()), Report::tr("Repetition %1").arg(each.trial().number)});
    const MovingRepetition& first = there.front();
    const double to = std::min(first.endS(), first.startS() + kLongestRunS);
    const QString title = Report::tr("All at the same phase");
    FilmPart part{title, true, {}, -1};
    for (const double slower : {1.0, kSlower}) {
        FilmScene scene = composer.slow(sides, title, {}, first.startS(), to, slower);
        scene.pictures = std::min(scene.pictures, scene.heldFrom + picturesOf(kStandS));
        for (FilmStage& stage : scene.stages)
            stage.frames.resize(static_cast<std::size_t>(scene.pictures));
        scene.percent.resize(std::min(scene.percent.size(), static_cast<std::size_t>(scene.pictures)));
        part.scenes.push_back(std::move(scene));
    }
    film.parts.push_back(std::move(part));
    return film;
}

void leaveOutNames(Film& film, const QStringList& names) {
    const auto bare = [&](QString& words) { words = withoutNames(words, names); };
    bare(film.title);
    for (FilmPart& part : film.parts) {
        bare(part.title);
        bare(part.caption);
        for (FilmScene& scene : part.scenes) {
            bare(scene.heading);
            bare(scene.sentence);
            for (FilmLine& line : scene.lines)
                bare(line.words);
            for (FilmStage& stage : scene.stages) {
                bare(stage.caption);
                for (QString& words : stage.captions)
                    bare(words);
            }
        }
    }
}

} // namespace riflesso
