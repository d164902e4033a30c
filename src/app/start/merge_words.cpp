#include "app/start/merge_words.h"

#include "app/translated.h"
#include "core/tables/json_walk.h"
#include "report/words.h"

#include <QCoreApplication>

namespace riflesso {
namespace {

struct MergeWords {
    Q_DECLARE_TR_FUNCTIONS(riflesso::MergeWords)
};
QString said(const char* text) { return MergeWords::tr(text); }

/// One and many of each kind, in the order of RowKind.
constexpr std::pair<const char*, const char*> kCounted[] = {
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "entry about the athlete"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "entries about the athlete")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "setting of the case"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "settings of the case")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "belief"), QT_TRANSLATE_NOOP("riflesso::MergeWords", "beliefs")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "decision"), QT_TRANSLATE_NOOP("riflesso::MergeWords", "decisions")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "entry of the plan"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "entries of the plan")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "block of practice"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "blocks of practice")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "frozen assessment"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "frozen assessments")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "entry about sessions and clips"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "entries about sessions and clips")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "entry about sections"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "entries about sections")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "entry about repetitions"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "entries about repetitions")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "key event"), QT_TRANSLATE_NOOP("riflesso::MergeWords", "key events")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "mark"), QT_TRANSLATE_NOOP("riflesso::MergeWords", "marks")},
    {QT_TRANSLATE_NOOP("riflesso::MergeWords", "mark of a second sitting"),
     QT_TRANSLATE_NOOP("riflesso::MergeWords", "marks of a second sitting")}};

/// Fields that two people change apart, by their keys.
QString fieldInWords(const std::string& key) {
    static const std::map<std::string, const char*> kFields = {
        {"name", QT_TRANSLATE_NOOP("riflesso::MergeWords", "name")},
        {"birth_year", QT_TRANSLATE_NOOP("riflesso::MergeWords", "year of birth")},
        {"handedness", QT_TRANSLATE_NOOP("riflesso::MergeWords", "hand")},
        {"level", QT_TRANSLATE_NOOP("riflesso::MergeWords", "level")},
        {"goal", QT_TRANSLATE_NOOP("riflesso::MergeWords", "goal")},
        {"notes", QT_TRANSLATE_NOOP("riflesso::MergeWords", "notes")},
        {"willingness", QT_TRANSLATE_NOOP("riflesso::MergeWords", "willingness to change")},
        {"equipment", QT_TRANSLATE_NOOP("riflesso::MergeWords", "equipment")},
        {"consent_given", QT_TRANSLATE_NOOP("riflesso::MergeWords", "consent given on")},
        {"consent_until", QT_TRANSLATE_NOOP("riflesso::MergeWords", "consent holds until")},
        {"consent_scope", QT_TRANSLATE_NOOP("riflesso::MergeWords", "what the consent covers")},
        {"consent_by", QT_TRANSLATE_NOOP("riflesso::MergeWords", "who gave the consent")},
        {"consent_for", QT_TRANSLATE_NOOP("riflesso::MergeWords", "what may be handed on")},
        {"school", QT_TRANSLATE_NOOP("riflesso::MergeWords", "school")},
        {"pack", QT_TRANSLATE_NOOP("riflesso::MergeWords", "the skill")},
        {"age", QT_TRANSLATE_NOOP("riflesso::MergeWords", "age")},
        {"format", QT_TRANSLATE_NOOP("riflesso::MergeWords", "format")},
        {"effects", QT_TRANSLATE_NOOP("riflesso::MergeWords", "measured effects")},
        {"model_name", QT_TRANSLATE_NOOP("riflesso::MergeWords", "model of a file")},
        {"model_file", QT_TRANSLATE_NOOP("riflesso::MergeWords", "model of a file")},
        {"observers", QT_TRANSLATE_NOOP("riflesso::MergeWords", "other observers")},
        {"sessions_per_week", QT_TRANSLATE_NOOP("riflesso::MergeWords", "sessions a week")},
        {"homework_minutes", QT_TRANSLATE_NOOP("riflesso::MergeWords", "minutes of homework a day")},
        {"no_change_days", QT_TRANSLATE_NOOP("riflesso::MergeWords", "days without a change before a competition")},
        {"start", QT_TRANSLATE_NOOP("riflesso::MergeWords", "start")},
        {"retest", QT_TRANSLATE_NOOP("riflesso::MergeWords", "retest")},
        {"retention", QT_TRANSLATE_NOOP("riflesso::MergeWords", "retention test")},
        {"one_at_a_time", QT_TRANSLATE_NOOP("riflesso::MergeWords", "one change at a time")},
        {"tempo_first", QT_TRANSLATE_NOOP("riflesso::MergeWords", "tempo first")},
        {"approach_reason", QT_TRANSLATE_NOOP("riflesso::MergeWords", "reason of the approach")},
        {"feedback_school", QT_TRANSLATE_NOOP("riflesso::MergeWords", "how feedback is spread")},
        {"feedback_reason", QT_TRANSLATE_NOOP("riflesso::MergeWords", "reason for it")},
        {"view", QT_TRANSLATE_NOOP("riflesso::MergeWords", "view")},
        {"facing", QT_TRANSLATE_NOOP("riflesso::MergeWords", "facing")},
        {"performer", QT_TRANSLATE_NOOP("riflesso::MergeWords", "performer")},
        {"slow_motion", QT_TRANSLATE_NOOP("riflesso::MergeWords", "slow motion")},
        {"stress", QT_TRANSLATE_NOOP("riflesso::MergeWords", "stress")},
        {"conditions", QT_TRANSLATE_NOOP("riflesso::MergeWords", "conditions")},
        {"metres_per_pixel", QT_TRANSLATE_NOOP("riflesso::MergeWords", "scale, m per pixel")},
        {"scale_u", QT_TRANSLATE_NOOP("riflesso::MergeWords", "uncertainty of the scale")},
        {"bearing", QT_TRANSLATE_NOOP("riflesso::MergeWords", "bearing of the camera, degrees")},
        {"camera_height", QT_TRANSLATE_NOOP("riflesso::MergeWords", "height of the camera, m")},
        {"camera_distance", QT_TRANSLATE_NOOP("riflesso::MergeWords", "distance of the camera, m")},
        {"known_lengths", QT_TRANSLATE_NOOP("riflesso::MergeWords", "known lengths")},
        {"picture", QT_TRANSLATE_NOOP("riflesso::MergeWords", "the picture: lens, plane, area")},
        {"result", QT_TRANSLATE_NOOP("riflesso::MergeWords", "result")},
        {"variant", QT_TRANSLATE_NOOP("riflesso::MergeWords", "variant")},
        {"variant_fits", QT_TRANSLATE_NOOP("riflesso::MergeWords", "whether the variant was right")},
        {"felt", QT_TRANSLATE_NOOP("riflesso::MergeWords", "how it felt")},
        {"more_results", QT_TRANSLATE_NOOP("riflesso::MergeWords", "other results")},
        {"best", QT_TRANSLATE_NOOP("riflesso::MergeWords", "one of the best")}};
    const auto field = kFields.find(key);
    return field == kFields.end() ? words::text(key) : said(field->second);
}

/// Title of what the pack calls `id`, or the id.
template <class Defs> QString titleOf(const Defs& defs, const std::string& id) {
    for (const auto& def : defs)
        if (def.id == id)
            return words::text(def.title);
    return words::text(id);
}

/// Repetition and clip that a key names, in either copy.
struct Named {
    const Repetition* repetition = nullptr;
    const Clip* clip = nullptr;
    Named(const std::vector<std::string>& parts, const CaseData& here, const CaseData& there) {
        for (const CaseData* data : {&here, &there})
            for (const Session& session : data->sessions)
                for (const Clip& one : session.clips) {
                    if (parts.size() > 3 && session.uid == parts[1] && one.hash.toStdString() == parts[3] && !clip)
                        clip = &one;
                    for (const Section& section : one.sections)
                        for (const Repetition& r : section.repetitions)
                            if (parts.size() > 5 && parts[4] == "rep" && r.uid == parts[5] && !repetition)
                                repetition = &r;
                }
    }
};

QString aboutRecording(const std::vector<std::string>& parts, const MergeQuestion& question, const CaseData& here,
                       const CaseData& there) {
    const Named named(parts, here, there);
    const QString clip = named.clip ? named.clip->title : QString();
    if (!named.repetition) {
        if (parts.size() < 5)
            return named.clip ? MergeWords::tr("Clip \"%1\"").arg(clip) : MergeWords::tr("A session");
        if (parts[4] == "section" && parts.size() > 6)
            return MergeWords::tr("Section of \"%1\": %2").arg(clip, fieldInWords(parts[6]));
        return parts[4] == "division" ? MergeWords::tr("How \"%1\" is divided into sections").arg(clip)
                                      : MergeWords::tr("Notes on \"%1\"").arg(clip);
    }
    const QString repetition = MergeWords::tr("Repetition %1 of \"%2\"").arg(named.repetition->number).arg(clip);
    if (question.why == MergeQuestion::Why::MarkedTwice)
        return MergeWords::tr("%1: the same frames marked on both sides").arg(repetition);
    if (parts.size() < 7)
        return question.why == MergeQuestion::Why::BothChanged
                   ? MergeWords::tr("%1: first and last frame").arg(repetition)
                   : repetition;
    if (parts[6] == "mark")
        return MergeWords::tr("%1: %2").arg(
            repetition, words::counted(question.keys.size(), MergeWords::tr("mark"), MergeWords::tr("marks")));
    if (parts[6] == "field" && parts.size() > 7)
        return MergeWords::tr("%1: %2").arg(repetition, fieldInWords(parts[7]));
    if (parts[6] == "event" && parts.size() > 7)
        return MergeWords::tr("%1: %2").arg(repetition, titleOf(here.pack.events, parts[7]));
    if (parts[6] == "observation" && parts.size() > 7)
        return MergeWords::tr("%1: %2").arg(repetition, titleOf(here.pack.observations, parts[7]));
    return parts[6] == "again" ? MergeWords::tr("%1: second sitting").arg(repetition)
                               : MergeWords::tr("%1: the same movement in another clip").arg(repetition);
}

/// A value of a row as a person reads it.
QString valueInWords(const Json& value, bool frames) {
    if (value.is_null())
        return MergeWords::tr("nothing");
    if (value.is_boolean())
        return value.get<bool>() ? MergeWords::tr("yes") : MergeWords::tr("no");
    if (value.is_number())
        return QLocale().toString(value.get<double>(), 'g', 5);
    if (value.is_string()) {
        const QString text = words::text(value.get<std::string>()).replace(u'_', u' ');
        return text.isEmpty() ? MergeWords::tr("nothing") : text;
    }
    constexpr int kMost = 3;
    QStringList parts;
    int more = 0;
    for (const auto& part : value)
        if (part.is_primitive() && !part.is_null() && part != "")
            parts.size() < kMost ? static_cast<void>(parts << valueInWords(part, false)) : static_cast<void>(++more);
        else if (part.is_structured() && !part.empty())
            ++more;
    QString text = parts.join(QStringLiteral(", "));
    if (frames && !parts.isEmpty())
        text = MergeWords::tr("frame %1").arg(parts[0]);
    return more > 0 && !frames ? text + QStringLiteral(" …") : text.isEmpty() ? MergeWords::tr("nothing") : text;
}

} // namespace

QString countsInWords(const std::map<RowKind, int>& counts) {
    QStringList parts;
    for (const auto& [kind, count] : counts) {
        const auto& [one, many] = kCounted[static_cast<std::size_t>(kind)];
        parts << words::counted(static_cast<std::size_t>(count), said(one), said(many));
    }
    return parts.isEmpty() ? MergeWords::tr("nothing") : parts.join(QStringLiteral(", "));
}

QString aboutInWords(const MergeQuestion& question, const CaseData& here, const CaseData& there) {
    const auto parts = partsOf(question.first);
    const std::string &top = parts[0], second = parts.size() > 1 ? parts[1] : std::string();
    const Pack& pack = here.pack;
    if (top == "session")
        return aboutRecording(parts, question, here, there);
    if (top == "athlete")
        return MergeWords::tr("Athlete: %1").arg(fieldInWords(second));
    if (top == "plan")
        return MergeWords::tr("Plan: %1").arg(fieldInWords(second));
    if (top == "case" || top == "yardstick")
        return MergeWords::tr("Case: %1").arg(fieldInWords(second));
    if (top == "decision")
        return MergeWords::tr("Decision: %1").arg(titleOf(pack.faults, second));
    if (top == "override")
        return MergeWords::tr("Value set by hand: %1").arg(titleOf(pack.faults, second));
    if (top == "target")
        return MergeWords::tr("Own target: %1").arg(titleOf(pack.measures, second));
    if (top == "position")
        for (const DisputeDef& dispute : pack.disputes)
            if (dispute.id == second)
                return MergeWords::tr("Position: %1").arg(words::text(dispute.question));
    if (top == "cue")
        return MergeWords::tr("Cue: %1").arg(titleOf(pack.drills, second));
    if (top == "practice")
        return MergeWords::tr("Practice: %1").arg(titleOf(pack.drills, parts.size() > 3 ? parts[3] : std::string()));
    if (top == "limit")
        return MergeWords::tr("A limit or an injury");
    if (top == "belief" || top == "not_asked")
        return MergeWords::tr("A belief");
    return top == "assessment" ? MergeWords::tr("A frozen assessment") : MergeWords::tr("The cut of a walk-through");
}

QString sideInWords(const MergeQuestion& question, bool ofThere) {
    using Why = MergeQuestion::Why;
    if (question.why == Why::RemovedHere || question.why == Why::RemovedThere)
        return (question.why == Why::RemovedThere) == ofThere ? MergeWords::tr("removed")
                                                              : MergeWords::tr("kept and worked on");
    const std::string& text = ofThere ? question.there : question.here;
    if (text.empty())
        return MergeWords::tr("not there");
    const Json value = Json::parse(text, nullptr, false);
    const auto parts = partsOf(question.first);
    if (question.why == Why::MarkedTwice || (parts[0] == "session" && parts.size() == 6))
        return value.size() == 2
                   ? MergeWords::tr("frames %1 to %2").arg(value[0].dump().c_str(), value[1].dump().c_str())
                   : QString();
    if (kindOf(question.first) == RowKind::Mark)
        return ofThere ? MergeWords::tr("as marked there") : MergeWords::tr("as marked here");
    if (parts[0] == "decision" || parts[0] == "position" || parts[0] == "target" || parts[0] == "override") {
        QStringList said;
        for (const char* key : {"choice", "position", "low", "high", "value", "reason"})
            if (value.contains(key) && !value[key].is_null() && value[key] != "")
                said << valueInWords(value[key], false);
        return said.join(QStringLiteral(", "));
    }
    if (parts[0] == "practice")
        return words::counted(value.contains("repetitions") ? value["repetitions"].size() : 0,
                              MergeWords::tr("repetition"), MergeWords::tr("repetitions"));
    if (parts[0] == "limit" && value.contains("words"))
        return valueInWords(value["words"], false);
    if (parts.back() == "pack")
        return ofThere ? MergeWords::tr("the edition there") : MergeWords::tr("the edition here");
    return valueInWords(value, kindOf(question.first) == RowKind::Event);
}

} // namespace riflesso
