#include "app/workshop/part_fields.h"

#include "core/tables/json_walk.h"
#include "report/words.h"

namespace riflesso {
namespace {

using Field = FormField;
using Choices = std::vector<std::pair<QString, QString>>;

template <class Enum> Choices wordsOf(int first, int last) {
    Choices out;
    for (int i = first; i <= last; ++i) {
        const QString word = words::text(toString(static_cast<Enum>(i)));
        QString shown = words::text(inWords(toString(static_cast<Enum>(i))));
        shown[0] = shown[0].toUpper();
        out.emplace_back(word, shown);
    }
    return out;
}

Choices moments(const Pack& pack, const Json& measure) {
    Choices out;
    const auto word = measure.find("kind");
    const auto kind = word != measure.end() && word->is_string() ? kindFrom(word->get<std::string>()) : std::nullopt;
    if (!kind)
        return out;
    const bool instant = rowOf(*kind).taken == TakenAt::EventOrPhase,
               atEvent = rowOf(*kind).taken != TakenAt::ByItsArguments;
    if (atEvent)
        for (const EventDef& event : pack.events)
            out.emplace_back(words::text("at:" + event.id), PartForm::tr("at: %1").arg(words::text(event.title)));
    for (const PhaseDef& phase : pack.phases) {
        const QString title = words::text(phase.title);
        if (!instant) {
            out.emplace_back(words::text("over:" + phase.id), PartForm::tr("over: %1").arg(title));
            continue;
        }
        out.emplace_back(words::text("maximum:" + phase.id), PartForm::tr("largest over: %1").arg(title));
        out.emplace_back(words::text("minimum:" + phase.id), PartForm::tr("smallest over: %1").arg(title));
        out.emplace_back(words::text("mean:" + phase.id), PartForm::tr("mean over: %1").arg(title));
        out.emplace_back(words::text("range:" + phase.id), PartForm::tr("range over: %1").arg(title));
    }
    return out;
}

std::vector<Field> measureFields(const Pack& pack, const Json& measure) {
    std::vector<Field> out = {{Field::Kind::Line, "title", PartForm::tr("Name"), {}, {}, true}};
    const Choices when = moments(pack, measure);
    const auto word = measure.find("kind");
    const auto kind = word != measure.end() && word->is_string() ? kindFrom(word->get<std::string>()) : std::nullopt;
    const bool timed = kind && (rowOf(*kind).taken != TakenAt::ByItsArguments || measure.contains("over"));
    if (timed && !when.empty())
        out.push_back({Field::Kind::Choice, "moment", PartForm::tr("When"), when});
    const auto id = measure.find("id");
    const MeasureDef* def = id != measure.end() && id->is_string() ? pack.measure(id->get<std::string>()) : nullptr;
    const QString in = def ? words::unitOf(*def) : QString();
    const auto with = [&](const QString& title) {
        return in.isEmpty() || in == u"1" ? title : QStringLiteral("%1, %2").arg(title, in);
    };
    out.push_back({Field::Kind::Line,
                   "fault.above",
                   PartForm::tr("Too much is called"),
                   {},
                   PartForm::tr("nothing: it is not a fault")});
    out.push_back({Field::Kind::Line,
                   "fault.below",
                   PartForm::tr("Too little is called"),
                   {},
                   PartForm::tr("nothing: it is not a fault")});
    out.push_back({Field::Kind::Number, "range.low", with(PartForm::tr("Range from"))});
    out.push_back({Field::Kind::Number, "range.high", with(PartForm::tr("Range to"))});
    out.push_back({Field::Kind::Number, "tolerance", with(PartForm::tr("Tolerance"))});
    out.push_back(
        {Field::Kind::Line, "source", PartForm::tr("Source"), {}, PartForm::tr("where the numbers come from"), true});
    out.push_back(
        {Field::Kind::Text, "about", PartForm::tr("About"), {}, PartForm::tr("what it tells and why it matters")});
    out.push_back({Field::Kind::Choice, "level", PartForm::tr("Part of the body"),
                   wordsOf<Level>(0, static_cast<int>(Level::Whole))});
    return out;
}

std::vector<Field> faultFields(const Pack& pack) {
    Choices phases = {{QString(), PartForm::tr("no phase")}};
    for (const PhaseDef& phase : pack.phases)
        phases.emplace_back(words::text(phase.id), words::text(phase.title));
    Choices safety = {{QString(), PartForm::tr("no caution")},
                      {QStringLiteral("note"), PartForm::tr("note")},
                      {QStringLiteral("caution"), PartForm::tr("caution: lifted to the top")},
                      {QStringLiteral("stop"), PartForm::tr("stop: before all else")}};
    return {
        {Field::Kind::Line, "title", PartForm::tr("Name"), {}, {}, true},
        {Field::Kind::Text, "explain", PartForm::tr("What happens"), {}, PartForm::tr("in a sentence or two"), true},
        {Field::Kind::Text, "see", PartForm::tr("How to see it")},
        {Field::Kind::Text, "not", PartForm::tr("What only looks like it")},
        {Field::Kind::Number, "effect", PartForm::tr("How much it costs, 0 to 1")},
        {Field::Kind::Choice, "phase", PartForm::tr("Phase"), phases},
        {Field::Kind::Choice, "level", PartForm::tr("Part of the body"),
         wordsOf<Level>(0, static_cast<int>(Level::Whole))},
        {Field::Kind::Choice, "safety.level", PartForm::tr("Caution"), safety},
        {Field::Kind::Line,
         "safety.text",
         PartForm::tr("Caution in words"),
         {},
         PartForm::tr("shown wherever the fault is")}};
}

std::vector<Field> drillFields() {
    return {
        {Field::Kind::Line, "title", PartForm::tr("Name"), {}, {}, true},
        {Field::Kind::Text, "cue", PartForm::tr("Cue, as it is said"), {}, {}, true},
        {Field::Kind::Text, "good", PartForm::tr("Good when"), {}, {}, true},
        {Field::Kind::Choice, "stage", PartForm::tr("Stage"), wordsOf<Stage>(0, static_cast<int>(Stage::Competition))},
        {Field::Kind::Choice, "stress", PartForm::tr("Under"),
         wordsOf<Stress>(0, static_cast<int>(Stress::Competition))},
        {Field::Kind::Number, "dose.sets", PartForm::tr("Sets")},
        {Field::Kind::Number, "dose.repetitions", PartForm::tr("Repetitions a set")},
        {Field::Kind::Number, "dose.minutes", PartForm::tr("Minutes")},
        {Field::Kind::List, "needs", PartForm::tr("Needs"), {}, PartForm::tr("equipment, separated by commas")},
        {Field::Kind::Text, "why", PartForm::tr("Why")},
        {Field::Kind::Text, "wrong", PartForm::tr("How it looks when done wrong")},
        {Field::Kind::Text, "feels", PartForm::tr("What it feels like")},
        {Field::Kind::List, "cautions", PartForm::tr("Cautions"), {}, PartForm::tr("separated by commas")},
        {Field::Kind::List, "not_for", PartForm::tr("Not for"), {}, PartForm::tr("such as: knee pain")}};
}

} // namespace

std::vector<FormField> fieldsOf(const Pack& pack, PartList list, const Json& part) {
    switch (list) {
    case PartList::Events:
        return {{Field::Kind::Line, "title", PartForm::tr("Name"), {}, {}, true},
                {Field::Kind::Text,
                 "hint",
                 PartForm::tr("How to see it"),
                 {},
                 PartForm::tr("what stands out in this picture"),
                 true},
                {Field::Kind::List,
                 "by",
                 PartForm::tr("Moment of the points"),
                 {},
                 PartForm::tr("none: of all that are marked")},
                {Field::Kind::Tick, "optional", PartForm::tr("A repetition without it is whole")}};
    case PartList::Phases:
        return {{Field::Kind::Line, "title", PartForm::tr("Name"), {}, {}, true}};
    case PartList::Points:
        return {{Field::Kind::Line, "title", PartForm::tr("Name"), {}, {}, true}};
    case PartList::Measures:
        return measureFields(pack, part);
    case PartList::Observations:
        return {{Field::Kind::Line, "title", PartForm::tr("Name"), {}, {}, true},
                {Field::Kind::Line, "ask", PartForm::tr("Question"), {}, {}, true}};
    case PartList::Faults:
        return faultFields(pack);
    case PartList::Drills:
        return drillFields();
    case PartList::Ranges:
        return {
            {Field::Kind::Line, "title", PartForm::tr("Name of the skill"), {}, {}, true},
            {Field::Kind::Text, "about", PartForm::tr("About")},
            {Field::Kind::Choice,
             "family",
             PartForm::tr("Kind of movement"),
             {{QStringLiteral("discrete"), PartForm::tr("once, with an end")},
              {QStringLiteral("cyclic"), PartForm::tr("over and over, cycle by cycle")},
              {QStringLiteral("steady"), PartForm::tr("held still")}}},
            {Field::Kind::Line, "group", PartForm::tr("Group"), {}, PartForm::tr("under which it stands among many")},
            {Field::Kind::List, "words", PartForm::tr("Found by"), {}, PartForm::tr("words, separated by commas")},
            {Field::Kind::List, "views", PartForm::tr("Filmed from"), {}, PartForm::tr("side, front, rear, top")}};
    case PartList::Marked:
    case PartList::Lines:
    case PartList::Ladders:
        return {};
    }
    return {};
}

QString belowFields(const Pack& pack, PartList list, const std::string& id) {
    if (list == PartList::Measures)
        if (const MeasureDef* def = pack.measure(id))
            return words::definition(pack, *def);
    if (list == PartList::Faults)
        if (const FaultDef* fault = pack.fault(id)) {
            QStringList made;
            for (const ConditionTree& member : fault->when.members)
                if (member.shape == ConditionTree::Shape::Leaf)
                    made << QStringLiteral("%1: %2").arg(member.leaf.subject == Condition::Subject::Measure
                                                             ? words::text(pack.measureTitle(member.leaf.id))
                                                             : words::text(inWords(member.leaf.id)),
                                                         words::text(toString(member.leaf.direction)));
                else
                    made << PartForm::tr("a group of conditions");
            return PartForm::tr("Made of: %1").arg(made.join(QStringLiteral("; ")));
        }
    if (list == PartList::Events)
        if (const EventDef* event = pack.event(id))
            return event->rule ? PartForm::tr("Finds itself where: %1").arg(words::ruleText(pack, *event->rule))
                               : PartForm::tr("No rule: it is carried over from marked repetitions.");
    return {};
}

} // namespace riflesso
