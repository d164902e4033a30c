#include "demo/learner.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace riflesso {
namespace {

constexpr int kFarthestDay = 4000; ///< days

/// Numbers that are the same on every machine and library.
class Dice {
public:
    explicit Dice(int seed) : random_(static_cast<std::mt19937::result_type>(seed)) {}
    /// In 0..1.
    double uniform() { return static_cast<double>(random_()) / 4294967296.0; }
    /// Standard normal, near enough: twelve uniforms less six.
    double normal() {
        double sum = -6;
        for (int i = 0; i < 12; ++i)
            sum += uniform();
        return sum;
    }

private:
    std::mt19937 random_;
};

struct Learner {
    std::vector<int> days;
    double from = 0.5, to = 0.5, called = 0.8;
    int length = kBlockLength;
    bool told = true;
    PracticeBlock like; ///< everything but moments and repetitions
};

void practise(const Learner& learner, int seed, const QDate& baseline, std::vector<PracticeBlock>& out) {
    constexpr double kVaries = 0.3, kFalseAlarm = 0.08;
    constexpr int kSecondsEach = 40, kAskedEvery = 3;
    const auto logit = [](double p) { return std::log(p / (1 - p)); };
    Dice dice(seed);
    std::optional<double> before;
    std::map<int, int> onDay;
    for (std::size_t b = 0; b < learner.days.size(); ++b) {
        const double along =
            learner.days.size() > 1 ? static_cast<double>(b) / static_cast<double>(learner.days.size() - 1) : 0;
        const double share =
            1 / (1 + std::exp(-(logit(learner.from) + (logit(learner.to) - logit(learner.from)) * along +
                                kVaries * dice.normal())));
        PracticeBlock block = learner.like;
        const int minutes = 12 * onDay[learner.days[b]]++;
        block.started = QDateTime(baseline.addDays(learner.days[b]), QTime(17, 10).addSecs(60 * minutes)).toUTC();
        std::vector<LoggedRepetition> said;
        for (int i = 0; i < learner.length; ++i) {
            PracticeRepetition repetition;
            repetition.good = dice.uniform() < share;
            const double call = dice.uniform();
            if (i % kAskedEvery == kAskedEvery - 1)
                repetition.feltRight = repetition.good ? call >= kFalseAlarm : call >= learner.called;
            repetition.at = block.started.addSecs(kSecondsEach * i);
            said.push_back({repetition.good, {}, repetition.feltRight, Told::None});
            if (learner.told && tellNow(FeedbackSchool::Faded, said, before).now)
                said.back().told = repetition.told = i % 2 ? Told::Cue : Told::Shown;
            block.repetitions.push_back(std::move(repetition));
        }
        block.ended = block.repetitions.back().at;
        before = static_cast<double>(block.good()) / block.all();
        out.push_back(std::move(block));
    }
}

std::vector<int> daysIn(const JsonNode& node) {
    std::vector<int> out;
    node.list("days", true, [&](const JsonNode& each) {
        if (each.json().is_number_integer() && std::abs(each.json().get<double>()) < kFarthestDay)
            out.push_back(each.json().get<int>());
        else
            node.faultAt("days", "days from the baseline");
    });
    return out;
}

} // namespace

std::vector<PracticeBlock> practiceIn(const JsonNode& node, const QDate& baseline) {
    node.expectObject({"about", "learners", "home"});
    std::vector<PracticeBlock> out;
    node.list("learners", true, [&](const JsonNode& each) {
        each.expectObject(
            {"fault", "drill", "condition", "kind", "days", "share", "length", "told", "called", "cue", "seed"});
        Learner learner;
        learner.days = daysIn(each);
        const JsonNode share = each.at("share");
        share.expectObject({"from", "to"});
        constexpr double kLeast = 0.02, kMost = 0.98;
        learner.from = share.number("from", 0.5, kLeast, kMost);
        learner.to = share.number("to", 0.5, kLeast, kMost);
        learner.called = each.number("called", 0.8, 0, 1);
        learner.length = each.integer("length", kBlockLength, 1, 200);
        learner.told = each.boolean("told", true);
        learner.like.fault = each.id("fault"), learner.like.drill = each.id("drill");
        learner.like.kind =
            each.word("kind", PracticeKind::Practice, false, "practice, retention, transfer", practiceKindFrom);
        learner.like.cue = QString::fromStdString(each.text("cue", false));
        const auto condition = practiceConditionFrom(each.text("condition"));
        if (!condition)
            each.faultAt("condition", "a stress level, then axis=value after semicolons", each.text("condition"));
        learner.like.condition = condition.value_or(PracticeCondition());
        practise(learner, each.integer("seed", 1, 0, 1000000), baseline, out);
    });
    node.list("home", false, [&](const JsonNode& each) {
        each.expectObject({"fault", "drill", "days", "count"});
        for (const int day : daysIn(each)) {
            PracticeBlock block;
            block.kind = PracticeKind::Home;
            block.fault = each.id("fault"), block.drill = each.id("drill");
            block.started = block.ended = QDateTime(baseline.addDays(day), QTime(12, 0)).toUTC();
            block.count = each.integer("count", 0, 0, 1000);
            out.push_back(std::move(block));
        }
    });
    std::stable_sort(out.begin(), out.end(),
                     [](const PracticeBlock& a, const PracticeBlock& b) { return a.started < b.started; });
    return out;
}

} // namespace riflesso
