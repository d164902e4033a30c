#include "core/plan/schedule.h"

#include <algorithm>
#include <charconv>

namespace riflesso {
namespace {

using std::chrono::days;

constexpr int kMostDays = 366;
/// A retention test sooner after the retest than this tells little of what stays (common practice, no source).
constexpr int kRetentionDays = 7;
/// With less willingness than this the plan keeps to one fault and little homework (own choice).
constexpr double kWilling = 0.5;
constexpr int kUnwillingMinutes = 5;

Day monday(Day date) {
    const std::chrono::weekday day(date);
    return date - days((day.iso_encoding() - 1));
}

bool inWindow(Day date, const DatedTitle& competition, int noChangeDays) {
    return date >= competition.date - days(noChangeDays) && date <= competition.date;
}

/// What is said of a schedule and of a lesson.
namespace says {
constexpr Phrase kWindow{"window", RIFLESSO_SAY("Sentence", "the %1 days without technique changes before %2 (%3)")};
constexpr Phrase kStartInWindow{"start_in_window", RIFLESSO_SAY("Sentence", "The start of the plan falls into %1.")};
constexpr Phrase kStartAfter{"start_after",
                             RIFLESSO_SAY("Sentence", "Start after the competition, or accept it knowingly.")};
constexpr Phrase kRetestInWindow{"retest_in_window", RIFLESSO_SAY("Sentence", "The retest falls into %1.")};
constexpr Phrase kRetestBefore{"retest_before",
                               RIFLESSO_SAY("Sentence", "Retest before %1, or after the competition.")};
constexpr Phrase kBetween{"between", RIFLESSO_SAY("Sentence", "%1 lies between start and retest.")};
constexpr Phrase kPauses{"pauses",
                         RIFLESSO_SAY("Sentence", "Practice pauses for it; expect old habits under pressure.")};
constexpr Phrase kRetestEarly{"retest_early", RIFLESSO_SAY("Sentence", "The retest comes before the plan has begun.")};
constexpr Phrase kPutAfterStart{"put_after_start", RIFLESSO_SAY("Sentence", "Put the retest after the start.")};
constexpr Phrase kRetentionEarly{"retention_early",
                                 RIFLESSO_SAY("Sentence", "The retention test comes before the retest.")};
constexpr Phrase kPutWeekAfter{"put_week_after", RIFLESSO_SAY("Sentence", "Put it a week or more after the retest.")};
constexpr Phrase kRetentionSoon{
    "retention_soon", RIFLESSO_SAY("Sentence", "The retention test comes less than a week after the retest.")};
constexpr Phrase kWaitWeek{"wait_week",
                           RIFLESSO_SAY("Sentence", "What was practised last week still shows: wait a week or more.")};
constexpr Phrase kNoSession{"no_session",
                            RIFLESSO_SAY("Sentence", "No technique session is left between start and retest.")};
constexpr Phrase kMoveRetest{"move_retest", RIFLESSO_SAY("Sentence", "Move the retest, or plan more.")};
constexpr Phrase kTooMuchHome{
    "too_much_home", RIFLESSO_SAY("Sentence", "The starting drills ask for %1 minutes a day, the plan gives %2.")};
constexpr Phrase kGiveMore{"give_more", RIFLESSO_SAY("Sentence", "Give more minutes, or only the main focus.")};
constexpr Phrase kLittleWilling{
    "little_willing", RIFLESSO_SAY("Sentence", "The athlete is little willing to change, and the plan asks for much.")};
constexpr Phrase kOneFault{"one_fault",
                           RIFLESSO_SAY("Sentence", "One fault and at most 5 minutes a day; or talk first.")};
constexpr Phrase kRecall{"recall", RIFLESSO_SAY("Sentence", "The athlete says the cue and shows it once.")};
constexpr Phrase kWarm{"warm",
                       RIFLESSO_SAY("Sentence", "Warm up for the load to come, easy repetitions of the whole skill.")};
constexpr Phrase kDrill{"drill", RIFLESSO_SAY("Sentence", "%1: %2")};
constexpr Phrase kTest{
    "test",
    RIFLESSO_SAY("Sentence",
                 "%1 repetitions, counted: 9 good and the next rung is near, 6 or fewer and it gets easier. Good: %2")};
constexpr Phrase kClose{
    "close", RIFLESSO_SAY("Sentence", "One sentence from the athlete: what felt different. Homework named.")};
} // namespace says

const DrillDef* startingDrill(const Focus& focus, const Pack& pack) {
    for (const Rung& rung : focus.rungs)
        if (rung.startHere)
            return pack.drill(rung.drill);
    return nullptr;
}

void findConflicts(Schedule& out, const PlanTerms& terms, const std::vector<DatedTitle>& competitions,
                   const Prescription& prescription, const Pack& pack) {
    const auto add = [&](Day date, Sentence what, Sentence advice) {
        out.conflicts.push_back({date, std::move(what), std::move(advice)});
    };
    const auto window = [&](const DatedTitle& competition) {
        return says::kWindow(terms.noChangeDays, competition.title, toString(competition.date));
    };
    for (const DatedTitle& competition : competitions) {
        const Day opens = competition.date - days(terms.noChangeDays);
        if (inWindow(terms.start, competition, terms.noChangeDays))
            add(terms.start, says::kStartInWindow(window(competition)), says::kStartAfter);
        if (inWindow(terms.retest, competition, terms.noChangeDays))
            add(terms.retest, says::kRetestInWindow(window(competition)), says::kRetestBefore(toString(opens)));
        else if (competition.date > terms.start && competition.date < terms.retest)
            add(competition.date, says::kBetween(competition.title), says::kPauses);
    }
    if (terms.retest <= terms.start)
        add(terms.retest, says::kRetestEarly, says::kPutAfterStart);
    if (terms.retention && *terms.retention <= terms.retest)
        add(*terms.retention, says::kRetentionEarly, says::kPutWeekAfter);
    else if (terms.retention && *terms.retention < terms.retest + days(kRetentionDays))
        add(*terms.retention, says::kRetentionSoon, says::kWaitWeek);
    if (terms.retest > terms.start && terms.sessionsPerWeek > 0 && out.techniqueSessions() == 0)
        add(terms.start, says::kNoSession, says::kMoveRetest);
    int home = 0;
    for (const Focus& focus : prescription.focus)
        if (const DrillDef* drill = startingDrill(focus, pack))
            home += drill->dose.minutes;
    if (terms.homeworkMinutes > 0 && home > terms.homeworkMinutes)
        add(terms.start, says::kTooMuchHome(home, terms.homeworkMinutes), says::kGiveMore);
    if (terms.willingness < kWilling && (prescription.focus.size() > 1 || terms.homeworkMinutes > kUnwillingMinutes))
        add(terms.start, says::kLittleWilling, says::kOneFault);
    std::stable_sort(out.conflicts.begin(), out.conflicts.end(),
                     [](const ScheduleConflict& a, const ScheduleConflict& b) { return a.date < b.date; });
}

} // namespace

std::optional<Day> dayFrom(std::string_view text) {
    constexpr std::size_t kLength = 10;
    if (text.size() != kLength || text[4] != '-' || text[7] != '-')
        return {};
    unsigned parts[3] = {};
    constexpr std::pair<std::size_t, std::size_t> kParts[3] = {{0, 4}, {5, 2}, {8, 2}};
    for (std::size_t i = 0; i < 3; ++i) {
        const char* first = text.data() + kParts[i].first;
        const char* last = first + kParts[i].second;
        const auto [end, problem] = std::from_chars(first, last, parts[i]);
        if (problem != std::errc() || end != last)
            return {};
    }
    const std::chrono::year_month_day date(std::chrono::year(static_cast<int>(parts[0])), std::chrono::month(parts[1]),
                                           std::chrono::day(parts[2]));
    if (!date.ok())
        return {};
    return Day(date);
}

std::string toString(Day day) {
    const std::chrono::year_month_day date(day);
    const auto padded = [](auto number, std::size_t width) {
        std::string text = std::to_string(number);
        return text.size() < width ? std::string(width - text.size(), '0') + text : text;
    };
    return padded(static_cast<int>(date.year()), 4) + "-" + padded(static_cast<unsigned>(date.month()), 2) + "-" +
           padded(static_cast<unsigned>(date.day()), 2);
}

int Schedule::techniqueSessions() const {
    return static_cast<int>(
        std::count_if(days.begin(), days.end(), [](const ScheduledDay& day) { return day.technique; }));
}

Schedule makeSchedule(const PlanTerms& terms, const std::vector<DatedTitle>& competitions,
                      const Prescription& prescription, const Pack& pack) {
    Schedule out;
    const Day first = monday(terms.start);
    Day last = std::max(terms.retest, terms.retention.value_or(terms.retest));
    for (const DatedTitle& competition : competitions)
        if (competition.date >= first && competition.date < first + days(kMostDays))
            last = std::max(last, competition.date);
    const int length = std::min<int>(kMostDays, static_cast<int>((last - first).count()) + 1);
    const int whole = std::max(7, (length + 6) / 7 * 7);
    constexpr int kOrder[7] = {0, 2, 4, 6, 1, 3, 5}; // Monday, Wednesday, Friday, Sunday, then the days between
    for (int i = 0; i < whole; ++i) {
        ScheduledDay day;
        day.date = first + days(i);
        for (const DatedTitle& competition : competitions) {
            if (competition.date == day.date)
                day.competition =
                    day.competition.empty() ? competition.title : day.competition + ", " + competition.title;
            else
                day.noChange = day.noChange || inWindow(day.date, competition, terms.noChangeDays);
        }
        day.retest = day.date == terms.retest;
        day.retention = terms.retention == day.date;
        const bool running =
            day.date >= terms.start && day.date < terms.retest && !day.noChange && day.competition.empty();
        const auto* place = std::find(std::begin(kOrder), std::end(kOrder), i % 7);
        day.technique = running && place - std::begin(kOrder) < terms.sessionsPerWeek;
        day.homework = running && !day.technique && terms.homeworkMinutes > 0;
        out.days.push_back(std::move(day));
    }
    findConflicts(out, terms, competitions, prescription, pack);
    return out;
}

std::string_view toString(LessonItem::Part part) {
    constexpr std::string_view kNames[] = {"recall", "warm", "main", "minor", "test", "close"};
    return kNames[static_cast<std::size_t>(part)];
}

std::vector<LessonItem> lessonSheet(const Prescription& prescription, const Pack& pack, int minutes) {
    std::vector<LessonItem> out;
    if (prescription.focus.empty() || prescription.focus.front().rungs.empty())
        return out;
    using Part = LessonItem::Part;
    const Focus& main = prescription.focus.front();
    const Focus* minor =
        prescription.focus.size() > 1 && !prescription.focus[1].rungs.empty() ? &prescription.focus[1] : nullptr;
    constexpr int kRecallMin = 1, kCloseMin = 1, kTestMin = 3, kShortest = 10;
    const int left = std::max(minutes, kShortest) - kRecallMin - kCloseMin - kTestMin;
    const int warm = std::max(1, left / 6), second = minor ? (left - warm) / 4 : 0;
    out.push_back({Part::Recall, kRecallMin, {}, says::kRecall});
    out.push_back({Part::Warm, warm, {}, says::kWarm});
    const DrillDef& start = *startingDrill(main, pack);
    out.push_back({Part::Main, left - warm - second, start.id, says::kDrill(start.title, start.cue)});
    if (second > 0) {
        const DrillDef& other = *startingDrill(*minor, pack);
        out.push_back({Part::Minor, second, other.id, says::kDrill(other.title, other.cue)});
    }
    out.push_back({Part::Test, kTestMin, start.id, says::kTest(kBlockLength, start.good)});
    out.push_back({Part::Close, kCloseMin, {}, says::kClose});
    return out;
}

} // namespace riflesso
