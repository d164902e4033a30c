#include "core/progress/progress.h"

#include "core/measure/measure_set.h"
#include "core/uncertainty/reliability.h"

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kFewestAtLevel = 4;
constexpr double kDetectable = 1.96;

const Trial* trialOf(const std::vector<Trial>& trials, const std::string& id) {
    const auto found = std::find_if(trials.begin(), trials.end(), [&](const Trial& t) { return t.id == id; });
    return found == trials.end() ? nullptr : &*found;
}

} // namespace

RunChart runChart(const std::string& measure, const std::vector<std::pair<Day, AssessedSet>>& sets) {
    RunChart out;
    out.measure = measure;
    const AssessedSet* first = nullptr;
    std::vector<double> others;
    for (const auto& [date, set] : sets) {
        const SetSummary* own = set.find(measure);
        if (!own)
            continue;
        RunPoint point{date, own->median, own->u, own->repetitions, true, {}, false};
        if (!first) {
            first = &set;
            out.unit = own->unit;
        } else {
            for (const Change& change : compareSets(*first, set).measures)
                if (change.measure == measure && !change.comparable()) {
                    point.comparable = false;
                    point.reason = change.reason;
                }
            if (point.comparable)
                others.push_back(own->u);
        }
        out.points.push_back(std::move(point));
    }
    if (others.empty())
        return out;
    out.detectable = kDetectable * std::hypot(out.points.front().u, median(others));
    std::vector<double> changes;
    for (RunPoint& point : out.points) {
        const double change = point.median - out.points.front().median;
        point.outside = point.comparable && exceeds(std::abs(change), out.detectable);
        if (point.comparable)
            changes.push_back(point.outside ? change : 0);
    }
    if (changes.size() >= 3) {
        const double last = changes.back(), before = changes[changes.size() - 2];
        if (last * before > 0)
            out.moved = last > 0 ? Direction::Above : Direction::Below;
    }
    return out;
}

OverConditions overConditions(const std::vector<Trial>& trials, const Finding& finding) {
    std::map<Stress, LevelPoint> levels;
    for (const FaultShown& shown : finding.repetitions) {
        const Trial* trial = trialOf(trials, shown.trial);
        if (!trial || !trial->stress)
            continue;
        LevelPoint& level = levels[*trial->stress];
        level.stress = *trial->stress;
        level.free += !(shown.degree > 0);
        level.judged += 1;
    }
    OverConditions out;
    for (auto& [stress, level] : levels) {
        level.interval = wilson(level.free, level.judged, kZ95);
        if (level.judged >= kFewestAtLevel) {
            const bool holds = 4 * level.free >= 3 * level.judged;
            if (holds) {
                out.mastered = stress;
                out.relapseAt.reset();
            } else if (out.mastered && !out.relapseAt) {
                out.relapseAt = stress;
            }
        }
        out.levels.push_back(level);
    }
    return out;
}

std::vector<ConditionValue> valuesOverConditions(const std::string& measure, const std::vector<Trial>& trials,
                                                 const std::vector<TrialMeasures>& measures) {
    std::map<Stress, std::pair<std::vector<double>, std::vector<double>>> byLevel;
    for (const TrialMeasures& entry : measures) {
        const Trial* trial = trialOf(trials, entry.trial);
        const MeasureValue* value = entry.find(measure);
        if (!trial || !trial->stress || !value || !value->valid())
            continue;
        byLevel[*trial->stress].first.push_back(*value->value);
        byLevel[*trial->stress].second.push_back(value->u);
    }
    std::vector<ConditionValue> out;
    for (const auto& [stress, both] : byLevel)
        out.push_back({stress, median(both.first), medianUncertainty(both.first, both.second), both.first.size()});
    return out;
}

std::string_view toString(Guesser guesser) {
    return guesser == Guesser::Athlete ? "athlete" : guesser == Guesser::Analyst ? "analyst" : "forecast";
}
std::optional<Guesser> guesserFrom(std::string_view word) {
    for (const Guesser guesser : {Guesser::Athlete, Guesser::Analyst, Guesser::Forecast})
        if (toString(guesser) == word)
            return guesser;
    return {};
}

std::optional<GuessScore> scoreGuess(const Pack& pack, const Assessment& assessment, const Guess& guess) {
    const SetDeviation* set = assessment.deviation(guess.measure);
    const std::vector<MeasureDef> judged = pack.judged();
    const auto def =
        std::find_if(judged.begin(), judged.end(), [&](const MeasureDef& d) { return d.id == guess.measure; });
    if (!set || def == judged.end())
        return {};
    GuessScore out;
    out.guess = guess;
    out.measured = set->median;
    out.u = set->expandedU / 2;
    out.error = set->median - guess.value;
    if (def->period() > 0)
        out.error = wrapDifference(out.error, def->period());
    out.tolerance = set->tolerance;
    out.right = !exceeds(std::abs(out.error), std::max(set->tolerance, set->expandedU));
    const double guessed = deviationFrom(*def, set->reference, guess.value);
    if (set->state != State::Within)
        out.rightSide = guessed * set->deviation > 0;
    if (exceeds(std::abs(guessed), 0))
        out.factor = set->deviation / guessed;
    return out;
}

std::vector<GuessRecord> guessRecords(std::vector<ScoredGuess> guesses) {
    std::stable_sort(guesses.begin(), guesses.end(),
                     [](const ScoredGuess& a, const ScoredGuess& b) { return a.said < b.said; });
    std::vector<GuessRecord> out;
    for (const Guesser whose : {Guesser::Athlete, Guesser::Analyst, Guesser::Forecast}) {
        GuessRecord record;
        record.whose = whose;
        std::vector<double> off, signedOff;
        for (const ScoredGuess& guess : guesses) {
            if (guess.score.guess.whose != whose || guess.score.tolerance <= 0)
                continue;
            ++record.scored;
            record.right += guess.score.right;
            signedOff.push_back(guess.score.error / guess.score.tolerance);
            off.push_back(std::abs(signedOff.back()));
            record.guesses.push_back(guess);
        }
        if (record.scored == 0)
            continue;
        record.off = median(off);
        record.bias = median(signedOff);
        out.push_back(std::move(record));
    }
    return out;
}

std::optional<ResultScore> scoreResultForecast(const ResultDef& def, const std::vector<Trial>& trials,
                                               double forecast) {
    std::vector<double> values;
    for (const Trial& trial : trials)
        if (const auto value = resultValue(def, trial.result(def.id)))
            values.push_back(*value);
    if (values.size() < kFewestAtLevel)
        return {};
    ResultScore out;
    out.result = def.id;
    out.forecast = forecast;
    out.measured = mean(values);
    out.repetitions = static_cast<int>(values.size());
    if (def.type == ResultType::Choice) {
        out.interval = wilson(static_cast<int>(std::count(values.begin(), values.end(), 1.0)), out.repetitions, kZ95);
    } else {
        out.unit = def.unit;
        const double half = studentT975(out.repetitions - 1) * standardDeviation(values) /
                            std::sqrt(static_cast<double>(out.repetitions));
        out.interval = {out.measured - half, out.measured + half};
    }
    out.right = forecast >= out.interval.low && forecast <= out.interval.high;
    return out;
}

FeltAgainstSeen feltAgainstSeen(const std::map<std::string, bool>& feltRight, const Finding& finding) {
    FeltAgainstSeen out;
    std::vector<int> felt, seen;
    for (const FaultShown& shown : finding.repetitions) {
        const auto said = feltRight.find(shown.trial);
        if (said == feltRight.end() || shown.cycle > 0)
            continue;
        const bool right = !(shown.degree > 0);
        felt.push_back(said->second ? 1 : 0);
        seen.push_back(right ? 1 : 0);
        (said->second ? (right ? out.feltRightSeenRight : out.feltRightSeenOff)
                      : (right ? out.feltOffSeenRight : out.feltOffSeenOff)) += 1;
    }
    out.agreement = wilson(out.feltRightSeenRight + out.feltOffSeenOff, out.all(), kZ95);
    if (out.all() >= kFewestAtLevel)
        out.kappa = weightedKappa(felt, seen, 2);
    return out;
}

CountCheck checkCounts(int liveGood, int liveAll, int filmGood, int filmAll) {
    CountCheck out;
    out.difference = static_cast<double>(liveGood) / liveAll - static_cast<double>(filmGood) / filmAll;
    out.interval = shareDifference(filmGood, filmAll, liveGood, liveAll);
    out.tooKind = out.interval.low > 0;
    out.tooStrict = out.interval.high < 0;
    return out;
}

} // namespace riflesso
