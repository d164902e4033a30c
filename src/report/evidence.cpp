#include "report/evidence.h"

#include "core/judge/typical_trial.h"
#include "core/measure/measure_set.h"
#include "report/report_text.h"
#include "report/words.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
std::string bestSeenAt(const Pack& pack, const MeasureDef& def) {
    if (!def.at.empty())
        return def.at;
    if (!def.toEvent.empty())
        return def.toEvent;
    const PhaseDef* phase = pack.phase(!def.over.empty() ? def.over : def.phase);
    return phase ? phase->to : std::string();
}

std::optional<PictureRef> eventPicture(const CaseData& data, RepetitionId id, const std::string& event,
                                       const QString& words) {
    const RepetitionPlace place = placeOf(data, id);
    if (!place)
        return {};
    const auto found = place.repetition->events.find(event);
    if (found == place.repetition->events.end())
        return {};
    PictureRef ref;
    ref.repetition = id;
    ref.clipPath = place.clip->path;
    ref.clipHash = place.clip->hash;
    ref.turnedOver = place.section->picture.mirrored;
    ref.frame = static_cast<int>(std::lround(found->second.frame));
    ref.marks = marksIn(*place.repetition, ref.frame);
    ref.caption = words;
    return ref;
}

namespace {

using words::text;

/// Heaviest measure condition of a tree that has a deviation.
const Condition* heaviestJudged(const ConditionTree& node, const Assessment& assessment) {
    if (node.shape == ConditionTree::Shape::Leaf)
        return node.leaf.subject == Condition::Subject::Measure && assessment.deviation(node.leaf.id) ? &node.leaf
                                                                                                      : nullptr;
    const Condition* best = nullptr;
    for (const ConditionTree& member : node.members) {
        const Condition* own = heaviestJudged(member, assessment);
        if (own && (!best || own->weight > best->weight))
            best = own;
    }
    return best;
}

/// Whether two links of the body tell of the same limb: legs and hips, trunk, arms with what they hold, head.
bool sameLimb(Level a, Level b) {
    const auto limb = [](Level level) {
        switch (level) {
        case Level::Foot:
        case Level::Ankle:
        case Level::Knee:
        case Level::Hip:
            return 0;
        case Level::Trunk:
            return 1;
        case Level::Head:
            return 2;
        default:
            return 3;
        }
    };
    return a == Level::Whole || b == Level::Whole || limb(a) == limb(b);
}

/// What is measured at an event, drawn on a picture of it with the repetition's own value: `wanted` where that can be
/// drawn, else the measure there that deviates most, with its name.
void drawMeasured(PictureRef& ref, const CaseData& data, const Assessment& assessment, RepetitionId id,
                  const std::string& event, const MeasureDef* wanted, bool onlyWanted = false) {
    const Trial trial = toTrialAsFilmed(data, placeOf(data, id));
    std::vector<std::pair<double, const MeasureDef*>> candidates;
    for (const SetDeviation& set : assessment.deviations) {
        const MeasureDef* def = data.pack.measure(set.measure);
        // What is wanted once a set is shown by two of its repetitions: another measure would say something else.
        const bool fits = def == wanted || !wanted || (!onlyWanted && sameLimb(def->level, wanted->level));
        if (def && fits && def->at == event && set.tolerance > 0)
            candidates.emplace_back(def == wanted ? 1e9 : std::abs(set.deviation) / set.tolerance, def);
    }
    std::stable_sort(candidates.begin(), candidates.end(),
                     [](const auto& a, const auto& b) { return a.first > b.first; });
    for (const auto& [weight, def] : candidates) {
        auto shape = measuredShape(data.pack, *def, trial, ref.frame, assessment.cutoff.hz);
        if (!shape)
            continue;
        for (const auto* trials : {&assessment.measures, &assessment.modelMeasures})
            for (const TrialMeasures& measured : *trials)
                if (measured.trial == trial.id)
                    if (const MeasureValue* value = measured.find(def->id); value && value->valid())
                        ref.value = (wanted && def != wanted ? words::shortTitle(data.pack, *def) + u' ' : QString()) +
                                    words::withU(*def, *value->value, 2 * value->u);
        ref.shape = std::move(shape);
        return;
    }
}

QString modelName(const RepetitionPlace& model, bool mirrored) {
    return (model.section->performer.isEmpty() ? Report::tr("Model") : model.section->performer) +
           (mirrored ? Report::tr(", mirrored") : QString());
}
bool isMirrored(const RepetitionPlace& model, const RepetitionPlace& own) {
    return model.section->view == View::Side && model.section->facing != own.section->facing;
}

/// A set's spread is seen in the two repetitions furthest apart, its drift in the first and the last.
std::vector<PictureRef> spreadPictures(const CaseData& data, const Assessment& assessment, const MeasureDef& spread) {
    std::vector<PictureRef> out;
    const MeasureDef* def = data.pack.measure(spread.ofMeasure);
    if (!def)
        return out;
    struct Own {
        double value, u;
        std::string trial;
    };
    std::vector<Own> values; // in the order of filming
    for (const TrialMeasures& trial : assessment.judged)
        if (const MeasureValue* value = trial.find(def->id); value && value->valid())
            values.push_back({*value->value, value->u, value->seenIn.empty() ? trial.trial : value->seenIn});
    if (values.size() < 2)
        return out;
    if (spread.kind != Kind::Drift)
        std::stable_sort(values.begin(), values.end(), [](const Own& a, const Own& b) { return a.value < b.value; });
    const std::string event = bestSeenAt(data.pack, *def);
    for (const Own& own : {values.front(), values.back()}) {
        const RepetitionId id = repetitionId(own.trial);
        const RepetitionPlace place = placeOf(data, id);
        if (!place)
            continue;
        if (auto ref = eventPicture(data, id, event,
                                    Report::tr("%1, repetition %2: %3")
                                        .arg(data.athlete.name.section(u' ', 0, 0))
                                        .arg(place.repetition->number)
                                        .arg(words::withU(*def, own.value, 2 * own.u)))) {
            drawMeasured(*ref, data, assessment, id, event, def, true);
            out.push_back(*ref);
        }
    }
    return out;
}

/// The model's repetition nearest to the reference, at the event, turned to the side that `own` faces; none without
/// model films.
std::optional<PictureRef> modelPicture(const CaseData& data, const Assessment& assessment, const SetDeviation& set,
                                       const MeasureDef& def, const RepetitionPlace& own) {
    if (!set.reference.modelMean)
        return {};
    const TrialMeasures* best = nullptr;
    double bestGap = 0;
    for (const TrialMeasures& trial : assessment.modelMeasures)
        if (const MeasureValue* value = trial.find(def.id); value && value->valid()) {
            const double gap = std::abs(*value->value - *set.reference.modelMean);
            if (!best || gap < bestGap) {
                best = &trial;
                bestGap = gap;
            }
        }
    const RepetitionPlace model = best ? placeOf(data, repetitionId(best->trial)) : RepetitionPlace();
    if (!model)
        return {};
    const bool mirrored = isMirrored(model, own);
    const std::string event = bestSeenAt(data.pack, def);
    const EventDef* named = data.pack.event(event);
    auto ref = eventPicture(data, repetitionId(best->trial), event,
                            QStringLiteral("%1, %2").arg(modelName(model, mirrored),
                                                         named ? words::inSentence(text(named->title)) : QString()));
    if (ref) {
        ref->mirrored = mirrored;
        ref->ofModel = true;
        drawMeasured(*ref, data, assessment, repetitionId(best->trial), event, &def);
    }
    return ref;
}

} // namespace

std::string leadingMeasure(const Pack& pack, const Assessment& assessment, const FaultDef& fault) {
    const Condition* condition = heaviestJudged(fault.when, assessment);
    return condition && pack.measure(condition->id) ? condition->id : std::string();
}

std::vector<PictureRef> evidencePictures(const CaseData& data, const Assessment& assessment, const FaultDef& fault) {
    std::vector<PictureRef> out;
    const std::string id = leadingMeasure(data.pack, assessment, fault);
    const SetDeviation* set = assessment.deviation(id);
    if (!set || set->repetitions.empty())
        return out;
    const MeasureDef& def = *data.pack.measure(id);
    if (isSetKind(def.kind))
        return spreadPictures(data, assessment, def);
    const std::string event = bestSeenAt(data.pack, def);
    const EventDef* named = data.pack.event(event);
    const QString at = named ? words::inSentence(text(named->title)) : QString();
    // The repetition nearest the median stands for the set.
    const auto nearest =
        std::min_element(set->repetitions.begin(), set->repetitions.end(), [&](const auto& a, const auto& b) {
            return std::abs(a.deviation - set->deviation) < std::abs(b.deviation - set->deviation);
        });
    const RepetitionId own = repetitionId(assessment.seenIn(nearest->trial, id));
    const RepetitionPlace place = placeOf(data, own);
    if (!place)
        return out;
    if (auto ref = eventPicture(data, own, event,
                                Report::tr("%1, repetition %2, %3")
                                    .arg(data.athlete.name.section(u' ', 0, 0))
                                    .arg(place.repetition->number)
                                    .arg(at))) {
        drawMeasured(*ref, data, assessment, own, event, &def);
        out.push_back(*ref);
    }
    if (auto ref = modelPicture(data, assessment, *set, def, place))
        out.push_back(*ref);
    return out;
}

std::vector<PictureRef> measuredPictures(const CaseData& data, const Assessment& reference, RepetitionId id,
                                         const MeasureDef& def, const QString& value) {
    std::vector<PictureRef> out;
    const RepetitionPlace place = placeOf(data, id);
    if (!place)
        return out;
    const std::string event = bestSeenAt(data.pack, def);
    const EventDef* named = data.pack.event(event);
    auto own = eventPicture(data, id, event, named ? text(named->title) : QString());
    if (!own) {
        own.emplace();
        own->repetition = id;
        own->clipPath = place.clip->path;
        own->turnedOver = place.section->picture.mirrored;
        own->frame = (place.repetition->from + place.repetition->to) / 2;
        own->marks = marksIn(*place.repetition, own->frame);
    }
    own->shape = measuredShape(data.pack, def, toTrialAsFilmed(data, place), own->frame, reference.cutoff.hz);
    own->value = value;
    out.push_back(std::move(*own));
    const SetDeviation* set = reference.deviation(def.id);
    if (auto ref = set ? modelPicture(data, reference, *set, def, place) : std::nullopt)
        out.push_back(*ref);
    return out;
}

std::vector<KeyPosition> keyPositions(const CaseData& data, const Assessment& assessment) {
    const RepetitionId own = repetitionId(mostTypicalTrial(data.pack, assessment.measures)),
                       model = repetitionId(mostTypicalTrial(data.pack, assessment.modelMeasures));
    const RepetitionPlace ownPlace = placeOf(data, own), modelPlace = placeOf(data, model);
    std::vector<KeyPosition> out;
    if (!ownPlace)
        return out;
    const bool mirrored = modelPlace && isMirrored(modelPlace, ownPlace);
    for (const EventDef& event : data.pack.events) {
        KeyPosition position;
        position.event = event.id;
        position.own = eventPicture(data, own, event.id,
                                    Report::tr("%1, repetition %2")
                                        .arg(data.athlete.name.section(u' ', 0, 0))
                                        .arg(ownPlace.repetition->number));
        if (position.own)
            drawMeasured(*position.own, data, assessment, own, event.id, nullptr);
        if (modelPlace)
            position.model = eventPicture(data, model, event.id, modelName(modelPlace, mirrored));
        if (position.model) {
            position.model->mirrored = mirrored;
            position.model->ofModel = true;
            drawMeasured(*position.model, data, assessment, model, event.id, nullptr);
        }
        for (const SetDeviation& set : assessment.deviations)
            if (const MeasureDef* def = data.pack.measure(set.measure); def && def->at == event.id)
                position.measures.push_back(def);
        if (position.own || position.model)
            out.push_back(std::move(position));
    }
    return out;
}

} // namespace riflesso
