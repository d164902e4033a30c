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

std::string window(const PlanTerms& terms, const DatedTitle& competition) {
    return "the " + std::to_string(terms.noChangeDays) + " days without technique changes before " + competition.title +
           " (" + toString(competition.date) + ")";
}

const DrillDef* startingDrill(const Focus& focus, const Pack& pack) {
    for (const Rung& rung : focus.rungs)
        if (rung.startHere)
            return pack.drill(rung.drill);
    return nullptr;
}

void findConflicts(Schedule& out, const PlanTerms& terms, const std::vector<DatedTitle>& competitions,
                   const Prescription& prescription, const Pack& pack) {
    const auto add = [&](Day date, std::string what, std::string advice) {
        out.conflicts.push_back({date, std::move(what), std::move(advice)});
    };
    for (const DatedTitle& competition : competitions) {
        const Day opens = competition.date - days(terms.noChangeDays);
        if (inWindow(terms.start, competition, terms.noChangeDays))
            add(terms.start, "The start of the plan falls into " + window(terms, competition) + ".",
                "Start after the competition, or accept it knowingly.");
        if (inWindow(terms.retest, competition, terms.noChangeDays))
            add(terms.retest, "The retest falls into " + window(terms, competition) + ".",
                "Retest before " + toString(opens) + ", or after the competition.");
        else if (competition.date > terms.start && competition.date < terms.retest)
            add(competition.date, competition.title + " lies between start and retest.",
                "Practice pauses for it; expect old habits under pressure.");
    }
    if (terms.retest <= terms.start)
        add(terms.retest, "The retest comes before the plan has begun.", "Put the retest after the start.");
    if (terms.retention && *terms.retention <= terms.retest)
        add(*terms.retention, "The retention test comes before the retest.", "Put it a week or more after the retest.");
    else if (terms.retention && *terms.retention < terms.retest + days(kRetentionDays))
        add(*terms.retention, "The retention test comes less than a week after the retest.",
            "What was practised last week still shows: wait a week or more.");
    if (terms.retest > terms.start && terms.sessionsPerWeek > 0 && out.techniqueSessions() == 0)
        add(terms.start, "No technique session is left between start and retest.", "Move the retest, or plan more.");
    int home = 0;
    for (const Focus& focus : prescription.focus)
        if (const DrillDef* drill = startingDrill(focus, pack))
            home += drill->dose.minutes;
    if (terms.homeworkMinutes > 0 && home > terms.homeworkMinutes)
        add(terms.start,
            "The starting drills ask for " + std::to_string(home) + " minutes a day, the plan gives " +
                std::to_string(terms.homeworkMinutes) + ".",
            "Give more minutes, or only the main focus.");
    if (terms.willingness < kWilling && (prescription.focus.size() > 1 || terms.homeworkMinutes > kUnwillingMinutes))
        add(terms.start, "The athlete is little willing to change, and the plan asks for much.",
            "One fault and at most 5 minutes a day; or talk first.");
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
    constexpr int kRecall = 1, kClose = 1, kTest = 3, kShortest = 10;
    const int left = std::max(minutes, kShortest) - kRecall - kClose - kTest;
    const int warm = std::max(1, left / 6), second = minor ? (left - warm) / 4 : 0;
    out.push_back({Part::Recall, kRecall, {}, "The athlete says the cue and shows it once."});
    out.push_back({Part::Warm, warm, {}, "Warm up for the load to come, easy repetitions of the whole skill."});
    const DrillDef& start = *startingDrill(main, pack);
    out.push_back({Part::Main, left - warm - second, start.id, start.title + ": " + start.cue});
    if (second > 0) {
        const DrillDef& other = *startingDrill(*minor, pack);
        out.push_back({Part::Minor, second, other.id, other.title + ": " + other.cue});
    }
    out.push_back({Part::Test, kTest, start.id,
                   std::to_string(kBlockLength) +
                       " repetitions, counted: 9 good and the next rung is near, 6 or fewer "
                       "and it gets easier. Good: " +
                       start.good});
    out.push_back({Part::Close, kClose, {}, "One sentence from the athlete: what felt different. Homework named."});
    return out;
}

} // namespace riflesso
