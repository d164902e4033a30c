#include "demo/story.h"

#include "core/tables/json_walk.h"
#include "demo/learner.h"
#include "store/edit.h"

namespace riflesso {
namespace {

constexpr std::size_t kLargest = 1 << 20; ///< bytes of a story
constexpr int kFar = 4000;                ///< days

QString text(const JsonNode& node, std::string_view key, bool required = true) {
    return QString::fromStdString(node.text(key, required));
}
QStringList texts(const JsonNode& node, std::string_view key) {
    QStringList out;
    for (const std::string& entry : node.texts(key))
        out << QString::fromStdString(entry);
    return out;
}
QDate day(const JsonNode& node, std::string_view key, const QDate& baseline) {
    return baseline.addDays(node.integer(key, 0, -kFar, kFar));
}
std::set<std::string> names(const JsonNode& node, std::string_view key) {
    const auto list = node.texts(key);
    return {list.begin(), list.end()};
}

Athlete athleteIn(const JsonNode& node, const QDate& baseline) {
    node.expectObject({"name", "birth_year", "handedness", "level", "goal", "willingness", "limits", "equipment",
                       "consent", "notes"});
    Athlete out;
    out.name = text(node, "name");
    out.birthYear = node.integer("birth_year", 0, 0, 3000);
    out.handedness = node.word("handedness", Side::Right, false, "left, right", sideFrom);
    out.level = text(node, "level");
    out.goal = text(node, "goal");
    out.notes = text(node, "notes", false);
    out.willingness = node.number("willingness", 1, 0, 1);
    for (const QString& words : texts(node, "limits"))
        for (const Limit& meant : limitsFromWords(words.toStdString()).known) {
            AthleteLimit limit;
            limit.part = meant.part;
            limit.side = meant.side;
            limit.kind = meant.kind;
            limit.words = words;
            out.limits.push_back(limit);
        }
    out.equipment = texts(node, "equipment");
    const JsonNode consent = node.at("consent");
    consent.expectObject({"given", "years", "scope", "by"});
    out.consentGiven = day(consent, "given", baseline);
    out.consentUntil = baseline.addYears(consent.integer("years", 1, 1, 20));
    out.consentScope = text(consent, "scope");
    out.consentBy = text(consent, "by", false);
    return out;
}

PlanSettings planIn(const JsonNode& node, const QDate& baseline) {
    node.expectObject({"start", "retest", "retention", "no_change_days", "homework_minutes"});
    PlanSettings out;
    out.start = day(node, "start", baseline);
    out.retest = day(node, "retest", baseline);
    out.retention = day(node, "retention", baseline);
    out.noChangeDays = node.integer("no_change_days", out.noChangeDays, 0, 365);
    out.homeworkMinutes = node.integer("homework_minutes", out.homeworkMinutes, 0, 600);
    return out;
}

Belief beliefIn(const JsonNode& node) {
    node.expectObject({"whose", "measure", "words", "value"});
    Belief out;
    out.whose = node.word("whose", Guesser::Athlete, false, "athlete, analyst", guesserFrom);
    out.measure = node.id("measure");
    out.words = text(node, "words");
    out.value = node.optionalNumber("value");
    out.locked = true;
    return out;
}

Decision decisionIn(const JsonNode& node, const QDate& baseline) {
    node.expectObject({"fault", "choice", "reason", "day", "time"});
    Decision out;
    out.fault = node.id("fault");
    out.choice =
        node.word("choice", Decision::Choice::WorkOn, true, "work on, park, work round, not a fault", choiceFrom);
    out.reason = text(node, "reason");
    const QTime time = QTime::fromString(text(node, "time"), QStringLiteral("hh:mm"));
    out.at = QDateTime(day(node, "day", baseline), time);
    if (!time.isValid())
        node.faultAt("time", "hours and minutes, 18:40", node.text("time"));
    return out;
}

StoryNotes notesIn(const JsonNode& node) {
    node.expectObject({"variant", "variants", "variant_fits", "result", "felt", "observations"});
    StoryNotes out;
    out.variants = node.texts("variants");
    if (const std::string one = node.text("variant", false); !one.empty())
        out.variants = {one};
    if (node.has("variant_fits"))
        out.variantFits = node.boolean("variant_fits", true);
    out.results = node.texts("result");
    out.felt = node.texts("felt");
    if (node.has("observations")) {
        const JsonNode seen = node.at("observations");
        if (!seen.json().is_object()) {
            seen.fault("an object of lists");
            return out;
        }
        for (const auto& [id, values] : seen.json().items())
            if ((out.observations[id] = seen.texts(id, true)).empty())
                seen.faultAt(id, "one value or more");
    }
    return out;
}

StoryClip clipIn(const JsonNode& node) {
    node.expectObject({"clip", "title", "stress", "notes", "unseen", "unmarked", "same_as"});
    StoryClip out;
    out.clip = node.id("clip");
    out.title = text(node, "title");
    out.stress = node.optionalWord<Stress>("stress", "a stress level", stressFrom);
    if (node.has("notes"))
        out.notes = notesIn(node.at("notes"));
    out.unseen = names(node, "unseen");
    out.unmarked = names(node, "unmarked");
    out.sameAs = node.text("same_as", false);
    return out;
}

StoryTalk talkIn(const JsonNode& node, const QDate& baseline) {
    node.expectObject({"day", "time", "voice", "parts"});
    StoryTalk out;
    out.at = QDateTime(day(node, "day", baseline), QTime::fromString(text(node, "time"), QStringLiteral("hh:mm")));
    if (!out.at.isValid())
        node.faultAt("time", "hours and minutes, 18:40", node.text("time"));
    out.voice = text(node, "voice");
    constexpr double kLongestS = 3600;
    node.list("parts", true, [&](const JsonNode& part) {
        part.expectObject({"page", "title", "finding", "from", "to", "say"});
        out.parts.push_back({text(part, "page"), text(part, "title"), text(part, "say"),
                             part.number("from", 0, 0, kLongestS), part.number("to", 0, 0, kLongestS),
                             part.integer("finding", 0, 0, 10)});
        if (out.parts.back().toS <= out.parts.back().fromS)
            part.faultAt("to", "more than from", std::to_string(out.parts.back().toS));
    });
    return out;
}

StorySession sessionIn(const JsonNode& node, const QDate& baseline) {
    node.expectObject({"day", "title", "model", "clips"});
    StorySession out;
    out.date = day(node, "day", baseline);
    out.title = text(node, "title");
    out.isModel = node.boolean("model", false);
    node.list("clips", true, [&](const JsonNode& clip) { out.clips.push_back(clipIn(clip)); });
    return out;
}

} // namespace

void StoryNotes::noteIn(Repetition& r, std::size_t index) const {
    const auto turn = [index](const std::vector<std::string>& list) {
        return list.empty() ? std::string() : list[index % list.size()];
    };
    r.variant = turn(variants);
    r.variantFits = variantFits;
    r.result = turn(results);
    r.felt = turn(felt);
    for (const auto& [id, values] : observations)
        r.observations[id] = turn(values);
}

Result<Story> readStory(const std::string& content, const std::string& name) {
    std::vector<JsonFault> faults;
    Story out;
    if (const auto json = parseJson(content, kLargest, faults)) {
        const JsonNode node(*json, "", faults);
        node.expectObject({"about", "shelf", "pack", "title", "baseline", "athlete", "plan", "competition", "beliefs",
                           "goal", "decisions", "sessions", "practice", "talk"});
        const QDate baseline = QDate::fromString(text(node, "baseline"), Qt::ISODate);
        if (!baseline.isValid())
            node.faultAt("baseline", "a date, YYYY-MM-DD", node.text("baseline"));
        out.shelf = node.integer("shelf", 0, 1, 1000);
        out.packFile = node.text("pack");
        out.title = text(node, "title");
        out.athlete = athleteIn(node.at("athlete"), baseline);
        out.plan = planIn(node.at("plan"), baseline);
        if (node.has("competition")) {
            const JsonNode competition = node.at("competition");
            competition.expectObject({"day", "title"});
            out.competitions.push_back({0, day(competition, "day", baseline), text(competition, "title")});
        }
        node.list("beliefs", false, [&](const JsonNode& belief) { out.beliefs.push_back(beliefIn(belief)); });
        if (node.has("goal")) {
            const JsonNode goal = node.at("goal");
            goal.expectObject({"measure", "value", "day"});
            out.goal = GoalTarget{goal.id("measure"), goal.requiredNumber("value"), day(goal, "day", baseline)};
        }
        node.list("decisions", false,
                  [&](const JsonNode& decision) { out.decisions.push_back(decisionIn(decision, baseline)); });
        node.list("sessions", true,
                  [&](const JsonNode& session) { out.sessions.push_back(sessionIn(session, baseline)); });
        if (out.sessions.empty())
            node.faultAt("sessions", "one session or more");
        if (node.has("practice"))
            out.practice = practiceIn(node.at("practice"), baseline);
        if (node.has("talk"))
            out.talk = talkIn(node.at("talk"), baseline);
    }
    if (!faults.empty())
        return badInput(name + ": " + faults[0].path, faults[0].expected, faults[0].got);
    return out;
}

} // namespace riflesso
