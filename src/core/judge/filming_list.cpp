#include "core/judge/filming_list.h"

#include "core/measure/measure_set.h"
#include "core/reasons.h"
#include "core/tables/json_walk.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

namespace wishes {

constexpr Phrase kNotFromSide{"not_from_side", RIFLESSO_SAY("Sentence", "not seen from the side")};
constexpr Phrase kNotFromFront{"not_from_front", RIFLESSO_SAY("Sentence", "not seen from the front")};
constexpr Phrase kNotFromBehind{"not_from_behind", RIFLESSO_SAY("Sentence", "not seen from behind")};
constexpr Phrase kNotFromAbove{"not_from_above", RIFLESSO_SAY("Sentence", "not seen from above")};
constexpr Phrase kFilmFromSide{
    "film_side", RIFLESSO_SAY("Sentence", "Film from the side, the same repetitions if two cameras are at hand.")};
constexpr Phrase kFilmFromFront{
    "film_front", RIFLESSO_SAY("Sentence", "Film from the front, the same repetitions if two cameras are at hand.")};
constexpr Phrase kFilmFromBehind{
    "film_behind", RIFLESSO_SAY("Sentence", "Film from behind, the same repetitions if two cameras are at hand.")};
constexpr Phrase kFilmFromAbove{
    "film_above", RIFLESSO_SAY("Sentence", "Film from above, the same repetitions if two cameras are at hand.")};
constexpr Phrase kOblique{"oblique", RIFLESSO_SAY("Sentence", "filmed %1 degrees off the plane of movement")};
constexpr Phrase kFilmSquare{"film_square",
                             RIFLESSO_SAY("Sentence", "Film square to the plane of movement, within 10 degrees.")};
constexpr Phrase kFewFramesASecond{"few_frames_a_second",
                                   RIFLESSO_SAY("Sentence", "too few frames a second for this movement")};
constexpr Phrase kFilmFaster{"film_faster",
                             RIFLESSO_SAY("Sentence", "Film at 120 frames a second or more, with a short exposure.")};
constexpr Phrase kFilmCloser{
    "film_closer",
    RIFLESSO_SAY("Sentence", "Film closer, or with a longer lens: the athlete over most of the picture's height.")};
constexpr Phrase kNoLength{"no_length", RIFLESSO_SAY("Sentence", "no known length in the picture")};
constexpr Phrase kFilmLength{
    "film_length",
    RIFLESSO_SAY("Sentence",
                 "Lay something of known length into the plane of movement and film it from the same place.")};
constexpr Phrase kFilmMore{"film_more", RIFLESSO_SAY("Sentence", "Film %1 repetitions under one condition.")};
constexpr Phrase kWatch{"watch", RIFLESSO_SAY("Sentence", "Watch each repetition and answer.")};
constexpr Phrase kNoNewClip{"no_new_clip", RIFLESSO_SAY("Sentence", "No new clip: %1.")};
constexpr Phrase kWide{"wide", RIFLESSO_SAY("Sentence", "its ± is wider than the tolerance")};
constexpr Phrase kProposed{"from_proposed_marks",
                           RIFLESSO_SAY("Sentence", "its ± comes mostly from marks that were proposed")};
constexpr Phrase kMarkByHand{
    "mark_by_hand",
    RIFLESSO_SAY("Sentence", "No new clip: set its points by hand at \"%1\" (repetitions still to do: %2).")};
constexpr Phrase kNotAnswered{"not_answered", RIFLESSO_SAY("Sentence", "not answered in most repetitions")};
constexpr Phrase kSeenOnce{"seen_once", RIFLESSO_SAY("Sentence", "seen once in %1 repetitions")};
constexpr Phrase kCalmOnly{"calm_only", RIFLESSO_SAY("Sentence", "filmed calm only")};
constexpr Phrase kFilmHarder{
    "film_harder", RIFLESSO_SAY("Sentence", "Film the same movement fed, surprised or scored: does it hold there?")};

} // namespace wishes

using What = FilmingWish::What;

/// Fewer repetitions than this have no strengths and no trends.
constexpr std::size_t kFewestRepetitions = 4, kGoodRepetitions = 8;

class Wishes {
public:
    /// One wish for all measures with the same `film`.
    void add(What what, const std::string& measure, Sentence why, Sentence film) {
        const auto same = std::find_if(list_.begin(), list_.end(),
                                       [&](const FilmingWish& wish) { return wish.what == what && wish.film == film; });
        if (same == list_.end())
            list_.push_back({what, {measure}, std::move(why), std::move(film)});
        else
            same->measures.push_back(measure);
    }
    /// One wish for all measures at an event: what is marked there for one serves the others.
    void addByHand(const EventDef& event, const std::string& measure, std::size_t repetitions) {
        const auto same =
            std::find_if(byHand_.begin(), byHand_.end(), [&](const ByHand& each) { return each.event == &event; });
        ByHand& wish = same == byHand_.end() ? byHand_.emplace_back(ByHand{&event, {}, 0}) : *same;
        wish.measures.push_back(measure);
        wish.repetitions = std::max(wish.repetitions, repetitions);
    }
    std::vector<FilmingWish> inOrder() && {
        for (ByHand& wish : byHand_)
            list_.push_back({What::Mark, std::move(wish.measures), wishes::kProposed,
                             wishes::kMarkByHand(wish.event->title, wish.repetitions)});
        std::stable_sort(list_.begin(), list_.end(),
                         [](const FilmingWish& a, const FilmingWish& b) { return a.what < b.what; });
        return std::move(list_);
    }

private:
    struct ByHand {
        const EventDef* event;
        std::vector<std::string> measures;
        std::size_t repetitions;
    };
    std::vector<FilmingWish> list_;
    std::vector<ByHand> byHand_;
};

const Phrase& notSeenFrom(View view) {
    return view == View::Top    ? wishes::kNotFromAbove
           : view == View::Rear ? wishes::kNotFromBehind
           : view == View::Side ? wishes::kNotFromSide
                                : wishes::kNotFromFront;
}
const Phrase& filmFrom(View view) {
    return view == View::Top    ? wishes::kFilmFromAbove
           : view == View::Rear ? wishes::kFilmFromBehind
           : view == View::Side ? wishes::kFilmFromSide
                                : wishes::kFilmFromFront;
}

bool isTiming(const MeasureDef& def) { return def.unit == "s" || def.unit == "%" || def.kind == Kind::TempoRatio; }

/// One value stands for the rest: the first invalid one, if at least half are invalid.
const MeasureValue* typicalGap(const std::string& id, const std::vector<TrialMeasures>& measures) {
    const MeasureValue* first = nullptr;
    std::size_t there = 0, missing = 0;
    for (const TrialMeasures& entry : measures)
        if (const MeasureValue* value = entry.find(id)) {
            ++there;
            if (!value->valid()) {
                ++missing;
                first = first ? first : value;
            }
        }
    return 2 * missing >= there ? first : nullptr;
}

bool anyNote(const std::string& id, const std::vector<TrialMeasures>& measures, const Phrase& note) {
    return std::any_of(measures.begin(), measures.end(), [&](const TrialMeasures& entry) {
        const MeasureValue* value = entry.find(id);
        return value && std::any_of(value->notes.begin(), value->notes.end(),
                                    [&](const Sentence& said) { return said.is(note); });
    });
}

/// In how many more repetitions its points would have to be marked by hand, at least, until half of them can be clear,
/// which makes a set clear; 0 where that would not make the ± much narrower.
std::size_t worthMarking(const MeasureDef& def, const std::vector<Trial>& trials,
                         const std::vector<TrialMeasures>& measures, const SetDeviation& set) {
    std::size_t all = 0, clear = 0, wide = 0;
    for (const TrialMeasures& entry : measures) {
        const MeasureValue* value = entry.find(def.id);
        const auto trial =
            std::find_if(trials.begin(), trials.end(), [&](const Trial& each) { return each.id == entry.trial; });
        if (!value || !value->valid() || trial == trials.end())
            continue;
        const bool proposed = std::any_of(value->landmarks.begin(), value->landmarks.end(), [&](const std::string& id) {
            const auto track = trial->marks.find(id);
            return track != trial->marks.end() &&
                   std::any_of(value->frames.begin(), value->frames.end(), [&](int frame) {
                       const auto mark = track->second.find(frame);
                       return mark != track->second.end() && !isFromPerson(mark->second.source);
                   });
        });
        const RepetitionDeviation* own = set.of(entry.trial, entry.cycle);
        ++all;
        clear += own && own->state == State::Clear;
        wide += proposed && 2 * value->sharedU * value->sharedU < value->u * value->u;
    }
    const std::size_t half = (all + 1) / 2;
    return clear < half ? std::min(half - clear, wide) : 0;
}

void wishFor(const Pack& pack, const MeasureDef& def, const Assessment& assessment, const std::vector<Trial>& trials,
             std::size_t repetitions, Wishes& out) {
    const Capture& capture = trials.front().capture;
    const std::vector<View>& views = def.views.empty() ? pack.views : def.views;
    const bool lacksAxis = def.axis && !axisIndex(capture.view, *def.axis);
    if (std::find(views.begin(), views.end(), capture.view) == views.end() || lacksAxis) {
        View wanted = views.empty() ? View::Side : views.front();
        for (View view : views)
            if (!def.axis || axisIndex(view, *def.axis)) {
                wanted = view;
                break;
            }
        out.add(What::View, def.id, notSeenFrom(capture.view), filmFrom(wanted));
        return;
    }
    std::vector<TrialMeasures> ofSet;
    if (isSetKind(def.kind))
        ofSet.push_back({{}, 0, assessment.setMeasures});
    const std::vector<TrialMeasures>& own = isSetKind(def.kind) ? ofSet : assessment.measures;
    const MeasureValue* gap = typicalGap(def.id, own);
    const auto oblique = [&](const TrialMeasures& entry) {
        const MeasureValue* value = entry.find(def.id);
        return value && value->validity != Validity::True;
    };
    if (std::any_of(own.begin(), own.end(), oblique)) {
        out.add(What::Square, def.id, wishes::kOblique(std::lround(capture.bearingDeg.value_or(0))),
                wishes::kFilmSquare);
        return;
    }
    if (anyNote(def.id, own, notes::kFrameRate) || (gap && gap->reason.is(reasons::kFewFrames))) {
        out.add(What::FasterCamera, def.id, wishes::kFewFramesASecond, wishes::kFilmFaster);
        return;
    }
    if (gap) {
        if (gap->reason.code() == reasons::kTooShort.code)
            out.add(What::Closer, def.id, gap->reason, wishes::kFilmCloser);
        else if ((def.in.metres || def.unit == "m" || def.unit == "m/s") && !capture.metresPerPixel)
            out.add(What::Scale, def.id, wishes::kNoLength, wishes::kFilmLength);
        else if (isSetKind(def.kind) && repetitions < kFewestRepetitions)
            out.add(What::MoreRepetitions, def.id, gap->reason, wishes::kFilmMore(kGoodRepetitions));
        else if (def.kind == Kind::Observed)
            out.add(What::Observe, def.observation, gap->reason, wishes::kWatch);
        else
            out.add(What::Mark, def.id, gap->reason, wishes::kNoNewClip(gap->reason));
        return;
    }
    const SetDeviation* set = assessment.deviation(def.id);
    if (!set)
        return;
    const bool unresolved = set->state == State::Within && !set->resolvable;
    const EventDef* event = def.at.empty() ? nullptr : pack.event(def.at);
    if (event && (unresolved || set->state == State::Possible))
        if (const std::size_t more = worthMarking(def, trials, own, *set)) {
            out.addByHand(*event, def.id, more);
            return;
        }
    if (unresolved) {
        if (isTiming(def))
            out.add(What::FasterCamera, def.id, wishes::kWide, wishes::kFilmFaster);
        else
            out.add(What::Closer, def.id, wishes::kWide, wishes::kFilmCloser);
    }
}

/// Observations that a fault asks about and that were not answered in most repetitions.
void wishForObservations(const Pack& pack, const std::vector<Trial>& trials, Wishes& out) {
    for (const ObservationDef& def : pack.observations) {
        std::ptrdiff_t asked = 0, answered = 0;
        for (const Trial& trial : trials) {
            asked += pack.asksFor(def, trial.variant, trial.capture.view);
            answered += trial.observations.contains(def.id);
        }
        if (2 * answered < asked)
            out.add(What::Observe, def.id, wishes::kNotAnswered, wishes::kWatch);
    }
}

} // namespace

std::string_view toString(FilmingWish::What what) {
    constexpr std::string_view kNames[] = {
        "view", "square", "scale", "closer", "faster_camera", "more_repetitions", "harder_condition",
        "mark", "observe"};
    return kNames[static_cast<std::size_t>(what)];
}

std::vector<FilmingWish> filmingList(const Pack& pack, const std::vector<Trial>& trials, const Assessment& assessment) {
    Wishes out;
    if (trials.empty())
        return {};
    const auto repetitions = static_cast<std::size_t>(
        std::count_if(assessment.measures.begin(), assessment.measures.end(), [&](const TrialMeasures& entry) {
            return (entry.cycle > 0) == (pack.family == Family::Cyclic);
        }));
    for (const MeasureDef& def : pack.judged())
        wishFor(pack, def, assessment, trials, repetitions, out);
    wishForObservations(pack, trials, out);
    if (repetitions < kFewestRepetitions)
        for (const std::string& fault : assessment.findings.seenOnce)
            out.add(What::MoreRepetitions, fault, wishes::kSeenOnce(repetitions), wishes::kFilmMore(kGoodRepetitions));
    const bool onlyCalm =
        std::all_of(trials.begin(), trials.end(), [](const Trial& t) { return t.stress && *t.stress == Stress::Calm; });
    if (onlyCalm)
        for (const Focus& focus : assessment.prescription.focus)
            out.add(What::HarderCondition, focus.fault, wishes::kCalmOnly, wishes::kFilmHarder);
    return std::move(out).inOrder();
}

Json filmingListJson(const std::vector<FilmingWish>& wishes) {
    Json out = Json::array();
    for (const FilmingWish& wish : wishes)
        out.push_back({{"what", toString(wish.what)},
                       {"settles", wish.measures},
                       {"why", inEnglish(wish.why)},
                       {"do", inEnglish(wish.film)},
                       {"new_clip", wish.needsClip()}});
    return out;
}

} // namespace riflesso
