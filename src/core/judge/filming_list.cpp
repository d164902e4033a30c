#include "core/judge/filming_list.h"

#include "core/measure/measure_set.h"
#include "core/tables/json_walk.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

using What = FilmingWish::What;

/// Fewer repetitions than this have no strengths and no trends.
constexpr std::size_t kFewestRepetitions = 4, kGoodRepetitions = 8;

class Wishes {
public:
    /// One wish for all measures with the same `film`.
    void add(What what, const std::string& measure, std::string why, std::string film) {
        const auto same = std::find_if(list_.begin(), list_.end(),
                                       [&](const FilmingWish& wish) { return wish.what == what && wish.film == film; });
        if (same == list_.end())
            list_.push_back({what, {measure}, std::move(why), std::move(film)});
        else
            same->measures.push_back(measure);
    }
    std::vector<FilmingWish> inOrder() && {
        std::stable_sort(list_.begin(), list_.end(),
                         [](const FilmingWish& a, const FilmingWish& b) { return a.what < b.what; });
        return std::move(list_);
    }

private:
    std::vector<FilmingWish> list_;
};

std::string viewName(View view) {
    return view == View::Top    ? "from above"
           : view == View::Rear ? "from behind"
                                : "from the " + std::string(toString(view));
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

bool anyNote(const std::string& id, const std::vector<TrialMeasures>& measures, std::string_view note) {
    return std::any_of(measures.begin(), measures.end(), [&](const TrialMeasures& entry) {
        const MeasureValue* value = entry.find(id);
        return value && std::find(value->notes.begin(), value->notes.end(), note) != value->notes.end();
    });
}

void wishFor(const Pack& pack, const MeasureDef& def, const Assessment& assessment, const Capture& capture,
             std::size_t repetitions, Wishes& out) {
    const std::vector<View>& views = def.views.empty() ? pack.views : def.views;
    const bool lacksAxis = def.axis && !axisIndex(capture.view, *def.axis);
    if (std::find(views.begin(), views.end(), capture.view) == views.end() || lacksAxis) {
        View wanted = views.empty() ? View::Side : views.front();
        for (View view : views)
            if (!def.axis || axisIndex(view, *def.axis)) {
                wanted = view;
                break;
            }
        out.add(What::View, def.id, "not seen " + viewName(capture.view),
                "Film " + viewName(wanted) + ", the same repetitions if two cameras are at hand.");
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
        const auto bearing = std::to_string(std::lround(capture.bearingDeg.value_or(0)));
        out.add(What::Square, def.id, "filmed " + bearing + " degrees off the plane of movement",
                "Film square to the plane of movement, within 10 degrees.");
        return;
    }
    if (anyNote(def.id, own, reasons::kFrameRate) || (gap && gap->reason.starts_with(reasons::kFewFrames))) {
        out.add(What::FasterCamera, def.id, "too few frames a second for this movement",
                "Film at 120 frames a second or more, with a short exposure.");
        return;
    }
    if (gap) {
        if (gap->reason.find(reasons::kTooShort) != std::string::npos)
            out.add(What::Closer, def.id, gap->reason,
                    "Film closer, or with a longer lens: the athlete over most of the picture's height.");
        else if ((def.in.metres || def.unit == "m" || def.unit == "m/s") && !capture.metresPerPixel)
            out.add(What::Scale, def.id, "no known length in the picture",
                    "Lay something of known length into the plane of movement and film it from the same place.");
        else if (isSetKind(def.kind) && repetitions < kFewestRepetitions)
            out.add(What::MoreRepetitions, def.id, gap->reason,
                    "Film " + std::to_string(kGoodRepetitions) + " repetitions under one condition.");
        else if (def.kind == Kind::Observed)
            out.add(What::Observe, def.observation, gap->reason, "Watch each repetition and answer.");
        else
            out.add(What::Mark, def.id, gap->reason, "No new clip: " + gap->reason + ".");
        return;
    }
    const SetDeviation* set = assessment.deviation(def.id);
    if (set && set->state == State::Within && !set->resolvable) {
        if (isTiming(def))
            out.add(What::FasterCamera, def.id, "its ± is wider than the tolerance",
                    "Film at 120 frames a second or more, with a short exposure.");
        else
            out.add(What::Closer, def.id, "its ± is wider than the tolerance",
                    "Film closer, or with a longer lens: the athlete over most of the picture's height.");
    }
}

/// Observations that a fault asks about and that were not answered in most repetitions.
void wishForObservations(const Pack& pack, const std::vector<Trial>& trials, Wishes& out) {
    for (const ObservationDef& def : pack.observations) {
        const auto answered = std::count_if(trials.begin(), trials.end(),
                                            [&](const Trial& t) { return t.observations.contains(def.id); });
        if (!trials.empty() && 2 * answered < std::ssize(trials))
            out.add(What::Observe, def.id, "not answered in most repetitions", "Watch each repetition and answer.");
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
        wishFor(pack, def, assessment, trials.front().capture, repetitions, out);
    wishForObservations(pack, trials, out);
    if (repetitions < kFewestRepetitions)
        for (const std::string& fault : assessment.findings.seenOnce)
            out.add(What::MoreRepetitions, fault, "seen once in " + std::to_string(repetitions) + " repetitions",
                    "Film " + std::to_string(kGoodRepetitions) + " repetitions under one condition.");
    const bool onlyCalm =
        std::all_of(trials.begin(), trials.end(), [](const Trial& t) { return t.stress && *t.stress == Stress::Calm; });
    if (onlyCalm)
        for (const Focus& focus : assessment.prescription.focus)
            out.add(What::HarderCondition, focus.fault, "filmed calm only",
                    "Film the same movement fed, surprised or scored: does it hold there?");
    return std::move(out).inOrder();
}

Json filmingListJson(const std::vector<FilmingWish>& wishes) {
    Json out = Json::array();
    for (const FilmingWish& wish : wishes)
        out.push_back({{"what", toString(wish.what)},
                       {"settles", wish.measures},
                       {"why", wish.why},
                       {"do", wish.film},
                       {"new_clip", wish.needsClip()}});
    return out;
}

} // namespace riflesso
