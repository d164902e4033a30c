#include "work/measured_feedback.h"

#include "core/measure/measure_set.h"
#include "core/reasons.h"
#include "core/uncertainty/stats.h"
#include "media/movement_watch.h"
#include "work/clip_files.h"
#include "work/find_repetitions.h"
#include "work/propose_marks.h"

#include <QFileInfo>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

// Ids of what is stored nowhere.
constexpr SessionId kSession{-1};
constexpr ClipId kClip{-1};
constexpr SectionId kSection{-1};

constexpr double kDoubtfulShare = 0.2; ///< own choice: of the marks a number rests on, how many may be doubtful

FeedbackBand bandOf(const SetDeviation& deviation) {
    const Reference& reference = deviation.reference;
    FeedbackBand band{reference.low, reference.high};
    if (!band.low && !band.high && reference.modelMean)
        band.low = band.high = reference.modelMean;
    if (band.low)
        *band.low -= deviation.tolerance;
    if (band.high)
        *band.high += deviation.tolerance;
    return band;
}

/// Section of a clip that was just filmed, as the camera stood then.
Section asFilmed(const Section& then, int frames) {
    Section out = then;
    out.id = kSection;
    out.uid = {};
    out.from = 0;
    out.to = frames - 1;
    out.repetitions.clear();
    out.picture.motion.reset();
    out.picture.camera = CameraHold::NotLooked;
    return out;
}

/// The marks and key events that are doubtful of those a value rests on; none while they are few.
std::vector<std::string> doubtsOf(const MeasureValue& value, const Repetition& repetition) {
    std::vector<std::string> out;
    int all = 0, doubtful = 0;
    for (const std::string& landmark : value.landmarks)
        if (const auto track = repetition.marks.find(landmark); track != repetition.marks.end()) {
            const int before = doubtful;
            for (const int frame : value.frames)
                if (const auto mark = track->second.find(frame); mark != track->second.end()) {
                    ++all;
                    doubtful += isDoubtful(mark->second.source);
                }
            if (doubtful > before)
                out.push_back(landmark);
        }
    if (doubtful <= kDoubtfulShare * all)
        out.clear();
    for (const std::string& event : value.events)
        if (const auto set = repetition.events.find(event);
            set != repetition.events.end() && isDoubtful(set->second.source))
            out.push_back(event);
    return out;
}

/// Repetitions of a clip from a camera that stands, as movements between rests about as long as those of the section;
/// quick, as no network looks. Empty where they are not like that: then they are to be found in earnest.
Result<std::vector<FrameSpan>> movementsIn(const QString& path, const Section& like, const Clip& likeIn,
                                           const GoOn& goOn) {
    std::vector<double> usual;
    for (const Repetition& repetition : like.repetitions)
        usual.push_back((*likeIn.timesS)[static_cast<std::size_t>(repetition.to)] -
                        (*likeIn.timesS)[static_cast<std::size_t>(repetition.from)]);
    std::vector<FrameSpan> out;
    if (usual.empty())
        return out;
    const auto reader = ClipReader::open(path.toStdString());
    if (!reader)
        return reader.error();
    const std::vector<double>& times = (*reader)->info().timesS;
    const auto frameAt = [&](double atS) {
        return static_cast<int>(std::lower_bound(times.begin(), times.end(), atS - 1e-9) - times.begin());
    };
    constexpr double kRoomS = 0.15, kShort = 0.5, kLong = 1.5; // own choices; of the usual length
    MovementWatch watch;
    std::vector<MovementWatch::Moved> moved;
    for (int f = 0; f < (*reader)->info().frames(); ++f) {
        if (!goOn(static_cast<double>(f) / (*reader)->info().frames()))
            return cancelled();
        const auto picture = (*reader)->frame(f);
        if (!picture)
            return picture.error();
        if (const auto ended = watch.add(*picture))
            moved.push_back(*ended);
    }
    if (watch.moving()) // a clip often ends before the rest that follows
        moved.push_back(*watch.endNow(times.back()));
    for (const MovementWatch::Moved& each : moved) {
        const double length = each.toS - each.fromS;
        if (length < kShort * median(usual) || length > kLong * median(usual))
            return std::vector<FrameSpan>{};
        out.emplace_back(std::max(0, frameAt(each.fromS - kRoomS)),
                         std::min(static_cast<int>(times.size()) - 1, frameAt(each.toS + kRoomS)));
    }
    return out;
}

} // namespace

std::string_view toString(FeedbackVerdict verdict) {
    constexpr std::string_view kWords[] = {"in", "below", "above", "not_sure"};
    return kWords[static_cast<std::size_t>(verdict)];
}

FeedbackVerdict FeedbackBand::of(double value) const {
    return low && value < *low     ? FeedbackVerdict::Below
           : high && value > *high ? FeedbackVerdict::Above
                                   : FeedbackVerdict::In;
}

std::vector<std::string> measuresToFeedBack(const CaseData& data, const Assessment& assessment, SectionId filmedAs) {
    const Section* section = sectionOf(data, filmedAs);
    std::vector<std::string> out;
    if (!section)
        return out;
    for (const SetDeviation& deviation : assessment.deviations) {
        const MeasureDef* def = data.pack.measure(deviation.measure);
        const bool ofTheSet = std::any_of(assessment.setMeasures.begin(), assessment.setMeasures.end(),
                                          [&](const auto& each) { return each.first == deviation.measure; });
        if (!def || ofTheSet || !def->observation.empty() || deviation.reference.source == Reference::Source::None)
            continue;
        const std::vector<View>& views = def->views.empty() ? data.pack.views : def->views;
        if (std::count(views.begin(), views.end(), section->view) > 0)
            out.push_back(deviation.measure);
    }
    return out;
}

std::vector<SectionId> setupsToFilmAs(const CaseData& data) {
    std::vector<const Session*> sessions;
    for (const Session& session : data.sessions)
        if (!session.isModel)
            sessions.push_back(&session);
    std::stable_sort(sessions.begin(), sessions.end(),
                     [](const Session* a, const Session* b) { return a->date > b->date; });
    std::vector<SectionId> out;
    for (const Session* session : sessions) {
        std::vector<std::pair<View, Side>> seen;
        for (const Clip& clip : session->clips)
            for (const Section& section : clip.sections)
                if (const auto how = std::pair(section.view, section.facing);
                    section.performer.isEmpty() && std::count(seen.begin(), seen.end(), how) == 0) {
                    seen.push_back(how);
                    out.push_back(section.id);
                }
    }
    return out;
}

Result<std::unique_ptr<MeasuredFeedback>> MeasuredFeedback::open(std::shared_ptr<const CaseData> data,
                                                                 const Assessment& reference,
                                                                 const FeedbackMeasure& measure,
                                                                 const std::string& models, const GoOn& goOn) {
    if (!sectionOf(*data, measure.filmedAs))
        return badInput("measured feedback", "a section of the case as which it is filmed", "none");
    const SetDeviation* deviation = reference.deviation(measure.measure);
    if (!data->pack.measure(measure.measure) || !deviation || deviation->reference.source == Reference::Source::None)
        return badInput("measured feedback", "a measure of the set that has a reference",
                        measure.measure.empty() ? "none" : measure.measure);
    std::unique_ptr<MeasuredFeedback> out(new MeasuredFeedback);
    out->data_ = std::move(data);
    out->of_ = measure;
    out->models_ = models;
    out->band_ = bandOf(*deviation);
    out->cutoffHz_ = reference.cutoff.hz;
    auto network = PoseNetwork::open(models);
    if (!network)
        return network.error();
    out->network_ = std::move(*network);
    // Where the analyst puts marks in what was filmed so, learned once.
    const Section& then = *sectionOf(*out->data_, measure.filmedAs);
    if (const auto teacher = teacherOf(then)) {
        const RepetitionPlace place = placeOf(*out->data_, teacher->repetition);
        const auto seen =
            proposeInStretch(*out->network_,
                             {place.clip->path.toStdString(), then.picture, place.repetition->from,
                              place.repetition->to, teacher->byHand, wantsFeet(*out->data_, *place.repetition)},
                             {}, goOn);
        if (seen)
            out->habits_.learn(then, *seen);
        else if (seen.error().kind == Error::Kind::Cancelled)
            return seen.error(); // a clip that is missing teaches nothing
    }
    return out;
}

Result<MeasuredClip> MeasuredFeedback::measure(const QString& path, const std::optional<Stretch>& stretch,
                                               const GoOn& goOn) {
    const auto facts = describeClip(path, path, QFileInfo(path).fileName());
    if (!facts)
        return facts.error();
    const Section& then = *sectionOf(*data_, of_.filmedAs);
    auto data = std::make_shared<CaseData>(*data_);
    Session session;
    session.id = kSession;
    Clip clip;
    clip.id = kClip;
    clip.title = facts->title;
    clip.path = path;
    clip.width = facts->width;
    clip.height = facts->height;
    clip.timesS = std::make_shared<const std::vector<double>>(facts->timesS);
    clip.sections.push_back(asFilmed(then, clip.frames()));
    constexpr double kFinding = 0.3; // of the time
    std::vector<FrameSpan> spans;
    if (stretch) {
        const FrameTimes times = FrameTimes::ofClip(clip.timesS, 1);
        const auto frame = [&](double atS) {
            return std::clamp(static_cast<int>(std::lround(times.frameOf(atS))), 0, clip.frames() - 1);
        };
        spans = {{frame(stretch->first), frame(stretch->second)}};
    } else {
        const RepetitionPlace like =
            then.repetitions.empty() ? RepetitionPlace() : placeOf(*data_, then.repetitions[0].id);
        if (like) {
            constexpr double kWatching = 0.1; // of the time
            auto moved = movementsIn(path, then, *like.clip, [&](double share) { return goOn(kWatching * share); });
            if (!moved)
                return moved.error();
            spans = std::move(*moved);
        }
    }
    if (!stretch && spans.empty()) {
        auto found = findSpans(*data, clip, clip.sections.front(), models_,
                               [&](double share) { return goOn(kFinding * share); });
        if (!found)
            return found.error();
        spans = std::move(*found);
    }
    MeasuredClip out;
    std::int64_t id = 0;
    std::vector<RepetitionId> ids;
    for (const auto& [from, to] : spans) {
        constexpr int kFewest = 5; // frames, as of repetitions that are stored
        if (to - from + 1 < kFewest)
            continue;
        Repetition repetition;
        repetition.id = RepetitionId{--id};
        repetition.number = static_cast<int>(ids.size()) + 1;
        repetition.from = from;
        repetition.to = to;
        if (!then.repetitions.empty())
            repetition.variant = then.repetitions.front().variant;
        clip.sections.front().repetitions.push_back(repetition);
        ids.push_back(repetition.id);
    }
    session.clips.push_back(std::move(clip));
    data->sessions.push_back(std::move(session));
    out.data = data;
    for (std::size_t i = 0; i < ids.size(); ++i) {
        const double begin = stretch ? 0 : kFinding;
        const RepetitionPlace place = placeOf(*data, ids[i]);
        auto proposed = proposeInStretch(*network_,
                                         {path.toStdString(),
                                          then.picture,
                                          place.repetition->from,
                                          place.repetition->to,
                                          {},
                                          wantsFeet(*data, *place.repetition)},
                                         {}, [&](double share) {
                                             return goOn(begin + (1 - begin) * (static_cast<double>(i) + share) /
                                                                     static_cast<double>(ids.size()));
                                         });
        if (!proposed)
            return proposed.error();
        habits_.apply(then, *proposed);
        Marks marks = marksToWrite(*data, place, marksOf(*proposed));
        auto events = proposedEvents(*data, ids[i], marks);
        Repetition& mine = data->sessions.back().clips.front().sections.front().repetitions[i];
        mine.marks = std::move(marks);
        mine.events = std::move(events);
        out.repetitions.push_back(judged(*data, ids[i]));
    }
    return out;
}

MeasuredRepetition MeasuredFeedback::judged(const CaseData& data, RepetitionId id) const {
    const RepetitionPlace place = placeOf(data, id);
    MeasuredRepetition out;
    out.id = id;
    out.from = place.repetition->from;
    out.to = place.repetition->to;
    if (place.repetition->marks.empty()) {
        out.why = reasons::kNobodySeen;
        return out;
    }
    std::vector<double> values, us;
    for (const TrialMeasures& trial : measureTrials(data.pack, {toTrial(data, place)}, cutoffHz_))
        if (const MeasureValue* value = trial.find(of_.measure)) {
            if (!value->valid()) {
                out.why = value->reason;
                continue;
            }
            values.push_back(*value->value);
            us.push_back(value->u);
            for (const std::string& doubt : doubtsOf(*value, *place.repetition))
                if (std::count(out.doubts.begin(), out.doubts.end(), doubt) == 0)
                    out.doubts.push_back(doubt);
        }
    if (values.empty())
        return out;
    out.why = {};
    out.value = median(values);
    out.u = medianUncertainty(values, us);
    if (out.doubts.empty())
        out.verdict = band_.of(*out.value);
    else
        out.why = reasons::kDoubtfulMarks;
    return out;
}

} // namespace riflesso
