#include "core/practice/practice_tests.h"

#include "core/uncertainty/stats.h"

#include <algorithm>

namespace riflesso {
namespace {

/// Two running blocks of the drill, under whatever one condition, with three quarters good together, before `place`.
bool shownBefore(const PracticeLog& log, std::size_t place) {
    std::map<PracticeCondition, int> before; // good of the block before
    for (std::size_t i = 0; i < place; ++i) {
        const LoggedBlock& block = log[i];
        if (block.kind != PracticeKind::Practice || block.fault != log[place].fault || block.drill != log[place].drill)
            continue;
        for (const LoggedBlock& each : wholeBlocks(block)) {
            const auto known = before.find(block.condition);
            if (known != before.end() && known->second + each.good() >= kTestGood)
                return true;
            before[block.condition] = each.good();
        }
    }
    return false;
}

PracticeTest judge(const PracticeLog& log, std::size_t place) {
    using Verdict = PracticeTest::Verdict;
    using Unclear = PracticeTest::Unclear;
    const LoggedBlock& test = log[place];
    PracticeTest out;
    out.date = test.date, out.kind = test.kind;
    out.fault = test.fault, out.drill = test.drill, out.condition = test.condition;
    out.good = test.good(), out.all = test.all();
    std::optional<Day> last;
    for (std::size_t i = 0; i < place; ++i) {
        const LoggedBlock& block = log[i];
        if (block.drill != test.drill)
            continue;
        if (block.kind == PracticeKind::Home ? block.count > 0 : !block.repetitions.empty() && block.date < test.date)
            last = std::max(last.value_or(block.date), block.date);
        if (block.kind != PracticeKind::Practice || block.condition != test.condition)
            continue;
        for (const LoggedRepetition& repetition : block.repetitions)
            if (repetition.told == Told::None && out.baselineAll < kTestLength) {
                ++out.baselineAll;
                out.baselineGood += repetition.good;
            }
    }
    out.daysSince = last ? static_cast<int>((test.date - *last).count()) : 0;
    const bool shown = shownBefore(log, place);
    const Interval wide = wilson(out.good, out.all, kZ80);
    if (!shown) {
        out.verdict = Verdict::NotShown;
        return out;
    }
    if (out.all < kTestLength)
        out.why = Unclear::TooFew;
    else if (test.told() > 0)
        out.why = Unclear::Told;
    else if (test.kind == PracticeKind::Retention && out.daysSince < kRetentionDays)
        out.why = Unclear::TooSoon;
    else if (wide.high < .75)
        out.verdict = Verdict::ShownNotLearned;
    else if (4 * out.good < 3 * out.all)
        out.why = Unclear::Between;
    else if (out.baselineAll < kTestLength)
        out.why = Unclear::NoBaseline;
    else if (shareDifference(out.baselineGood, out.baselineAll, out.good, out.all, kZ80).low > 0)
        out.verdict = Verdict::Learned;
    else
        out.why = Unclear::NoDifference;
    return out;
}

} // namespace

std::string_view toString(PracticeTest::Verdict verdict) {
    constexpr std::string_view kWords[] = {"learned", "shown_not_learned", "unclear", "not_shown"};
    return kWords[static_cast<std::size_t>(verdict)];
}

std::vector<PracticeTest> practiceTests(const PracticeLog& log) {
    std::vector<PracticeTest> out;
    for (std::size_t i = 0; i < log.size(); ++i)
        if (isTest(log[i].kind) && !log[i].repetitions.empty())
            out.push_back(judge(log, i));
    return out;
}

} // namespace riflesso
