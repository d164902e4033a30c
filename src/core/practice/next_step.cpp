#include "core/practice/next_step.h"

#include "core/listed.h"

#include <algorithm>
#include <utility>

namespace riflesso {
namespace {

using What = NextStep::What;
using Because = NextStep::Because;

/// From here on it counts as in a match (own choice).
constexpr Stress kMatch = Stress::Scored;

/// Three quarters good on two days at match condition, and again a week or more later without feedback.
bool heldAtMatch(const std::vector<RungRecord>& records, const PracticeLog& log, const std::string& fault) {
    int days = 0;
    for (const RungRecord& record : records)
        if (record.fault == fault && record.condition.stress >= kMatch)
            for (const RungRecord::OnDay& day : record.days)
                days += day.all >= kBlockLength && 4 * day.good >= 3 * day.all;
    if (days < 2)
        return false;
    const std::vector<PracticeTest> tests = practiceTests(log);
    return std::any_of(tests.begin(), tests.end(), [&](const PracticeTest& test) {
        return test.fault == fault && test.condition.stress >= kMatch && test.all >= kTestLength &&
               test.good >= kTestGood && test.daysSince >= kRetentionDays && test.why != PracticeTest::Unclear::Told;
    });
}

class Steps {
public:
    Steps(const Pack& pack, const Focus& focus, const PracticeLog& log) : pack_(pack), focus_(focus), log_(log) {}

    void add(What what, Because because, std::string other = {}) {
        constexpr std::size_t kMost = 3;
        if (out_.size() < kMost &&
            std::none_of(out_.begin(), out_.end(), [&](const NextStep& step) { return step.what == what; }))
            out_.push_back({what, focus_.fault, drill_, std::move(other), because, good_, all_});
    }
    std::vector<NextStep> take() { return std::move(out_); }

    void find(const std::vector<std::string>& causes, const DoneFacts& film, bool anotherFinding) {
        const std::vector<RungRecord> records = rungRecords(log_);
        if (film.absentAtMatch && heldAtMatch(records, log_, focus_.fault)) {
            add(What::Done, Because::HeldAtMatch);
            if (anotherFinding)
                add(What::OpenNext, Because::FocusDone);
            return;
        }
        if (focus_.rungs.empty())
            return;
        const std::size_t start = focus_.start();
        drill_ = focus_.rungs[start].drill;
        const std::vector<DrillChart> charts = drillCharts(log_);
        addRelapse(records, charts, causes);
        const RungRecord* here = latest(records);
        if (!here) {
            add(What::Stay, Because::NothingLogged);
            return;
        }
        const bool eased = focus_.startBecause == StartBecause::Eased;
        if ((eased || focus_.startBecause == StartBecause::Passed) && !practisedSince(*here, records)) {
            add(What::Stay, eased ? Because::Eased : Because::Again); // what it showed before says nothing of today
            return;
        }
        good_ = here->verdict.good, all_ = here->verdict.all;
        const DrillChart* chart = chartOf(charts, here->condition);
        const std::string harder = harderCondition(here->condition);
        const std::string cause = causes.empty() ? std::string() : causes.front();
        if (const auto breaks = breaksFirst(charts);
            breaks && breaks->fault == focus_.fault &&
            (breaks->drill != drill_ || breaks->condition != here->condition)) {
            good_ = breaks->good, all_ = breaks->all;
            add(What::ChangeCondition, Because::BreaksHarder, toString(breaks->condition));
            good_ = here->verdict.good, all_ = here->verdict.all;
        }
        if (chart && chart->verdict.verdict == Learning::Plateau &&
            4 * chart->verdict.goodNow < 3 * chart->verdict.allNow) {
            const bool elsewhere = std::any_of(charts.begin(), charts.end(), [&](const DrillChart& other) {
                return &other != chart && other.drill == drill_ && other.verdict.verdict == Learning::Plateau;
            });
            good_ = chart->verdict.goodNow, all_ = chart->verdict.allNow;
            if (elsewhere && !cause.empty())
                add(What::BackToCause, Because::PlateauOverConditions, cause);
            add(What::ChangeCondition, Because::Plateau, harder);
            good_ = here->verdict.good, all_ = here->verdict.all;
        }
        addRungRule(*here, start, harder);
    }

private:
    /// Of what was practised last for the fault, wherever the plan stands.
    void addRelapse(const std::vector<RungRecord>& records, const std::vector<DrillChart>& charts,
                    const std::vector<std::string>& causes) {
        const RungRecord* last = nullptr;
        for (const RungRecord& record : records)
            if (record.fault == focus_.fault && (!last || record.last >= last->last))
                last = &record;
        if (!last)
            return;
        const std::string here = std::exchange(drill_, last->drill);
        if (const DrillChart* chart = chartOf(charts, last->condition);
            chart && chart->verdict.verdict == Learning::Relapse) {
            good_ = chart->verdict.goodNow, all_ = chart->verdict.allNow;
            add(What::Ease, Because::Relapse);
            if (!causes.empty())
                add(What::BackToCause, Because::Relapse, causes.front());
        }
        drill_ = here;
        good_ = all_ = 0;
    }
    /// The rung the plan begins with, as it was practised last; where it was not yet, nothing.
    [[nodiscard]] const RungRecord* latest(const std::vector<RungRecord>& records) const {
        const RungRecord* out = nullptr;
        for (const RungRecord& record : records)
            if (record.fault == focus_.fault && record.drill == drill_ && (!out || record.last >= out->last))
                out = &record;
        return out;
    }
    /// Whether a rung was practised again after the one that the plan came from.
    [[nodiscard]] bool practisedSince(const RungRecord& here, const std::vector<RungRecord>& records) const {
        return std::none_of(records.begin(), records.end(), [&](const RungRecord& other) {
            return other.fault == focus_.fault && other.drill == focus_.practised && other.last >= here.last;
        });
    }
    [[nodiscard]] const DrillChart* chartOf(const std::vector<DrillChart>& charts,
                                            const PracticeCondition& condition) const {
        const auto found = std::find_if(charts.begin(), charts.end(), [&](const DrillChart& chart) {
            return chart.fault == focus_.fault && chart.drill == drill_ && chart.condition == condition;
        });
        return found == charts.end() ? nullptr : &*found;
    }
    /// The next condition of the ladder that is harder; none: the hardest of the ladder is reached.
    [[nodiscard]] std::string harderCondition(const PracticeCondition& now) const {
        std::optional<Stress> next;
        for (const Rung& rung : focus_.rungs)
            if (const DrillDef* drill = pack_.drill(rung.drill))
                if (drill->stress > now.stress && (!next || drill->stress < *next))
                    next = drill->stress;
        return std::string(toString(next.value_or(std::max(now.stress, kMatch))));
    }
    void addRungRule(const RungRecord& here, std::size_t start, const std::string& harder) {
        const bool last = start + 1 == focus_.rungs.size();
        if (here.passed && last) {
            add(What::ChangeCondition, Because::LastRungPassed, harder);
            return;
        }
        const BlockVerdict& verdict = here.verdict;
        if (verdict.moreWanted > 0)
            add(What::Stay, Because::Few);
        else if (verdict.verdict == RungVerdict::Advance)
            add(verdict.confirm ? What::Stay : What::GoOn, verdict.confirm ? Because::Confirm : Because::Advance);
        else
            add(verdict.verdict == RungVerdict::Hold ? What::Stay : What::Ease,
                verdict.verdict == RungVerdict::Hold ? Because::Hold : Because::HalfOrLess);
    }

    const Pack& pack_;
    const Focus& focus_;
    const PracticeLog& log_;
    std::string drill_;
    int good_ = 0, all_ = 0;
    std::vector<NextStep> out_;
};

} // namespace

std::string_view toString(NextStep::What what) {
    constexpr std::string_view kWords[] = {"go_on",         "stay", "ease",     "change_condition",
                                           "back_to_cause", "done", "open_next"};
    return kWords[static_cast<std::size_t>(what)];
}

std::string_view toString(NextStep::Because because) {
    constexpr std::string_view kWords[] = {"nothing_logged",
                                           "advance",
                                           "confirm",
                                           "hold",
                                           "too_few",
                                           "half_or_less",
                                           "plateau",
                                           "plateau_in_two_conditions",
                                           "relapse",
                                           "breaks_harder",
                                           "last_rung_passed",
                                           "held_at_match",
                                           "focus_done",
                                           "eased",
                                           "again"};
    return kWords[static_cast<std::size_t>(because)];
}

std::vector<NextStep> nextSteps(const Pack& pack, const Focus& focus, const PracticeLog& log,
                                const std::vector<std::string>& causes, const DoneFacts& film, bool anotherFinding) {
    Steps steps(pack, focus, log);
    steps.find(causes, film, anotherFinding);
    return steps.take();
}

} // namespace riflesso
