#include "app/mirror/opposite_side.h"
#include "app/translated.h"

#include "core/judge/typical_trial.h"
#include "core/measure/measure.h"
#include "core/uncertainty/stats.h"
#include "report/words.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace riflesso {
namespace {

/// How good a result is: larger is better; none: nothing is known.
std::optional<double> worthOf(const Pack& pack, const std::string& result) {
    if (pack.results.empty() || result.empty())
        return {};
    const ResultDef& def = pack.results.front();
    if (def.type == ResultType::Choice)
        return std::find(def.good.begin(), def.good.end(), result) != def.good.end() ? 1 : 0;
    bool isNumber = false;
    const double value = QString::fromStdString(result).toDouble(&isNumber);
    return isNumber ? std::optional(def.higherIsBetter ? value : -value) : std::nullopt;
}

/// The repetition with the least of something; null where none has it.
template <typename CostOf> const Trial* leastOf(const std::vector<Trial>& trials, const CostOf& costOf) {
    const Trial* best = nullptr;
    double least = std::numeric_limits<double>::infinity();
    for (const Trial& trial : trials)
        if (const std::optional<double> cost = costOf(trial); cost && *cost < least) {
            least = *cost;
            best = &trial;
        }
    return best;
}

/// Mean deviation of a repetition from the reference, in tolerances.
std::optional<double> deviationOf(const Assessment& assessment, const Trial& trial) {
    std::vector<double> parts;
    for (const SetDeviation& set : assessment.deviations)
        for (const RepetitionDeviation& own : set.repetitions)
            if (own.trial == trial.id && set.tolerance > 0)
                parts.push_back(std::abs(own.deviation) / set.tolerance);
    return parts.empty() ? std::nullopt : std::optional(mean(parts));
}

const Trial* ownBestOf(const CaseData& data, const std::vector<Trial>& trials, const Assessment& assessment) {
    std::optional<double> top;
    const auto worth = [&](const Trial& trial) {
        const RepetitionPlace place = placeOf(data, repetitionId(trial.id));
        return place ? worthOf(data.pack, place.repetition->result) : std::nullopt;
    };
    for (const Trial& trial : trials)
        if (const auto own = worth(trial))
            top = top ? std::max(*top, *own) : own;
    return leastOf(trials, [&](const Trial& trial) {
        return top && worth(trial) != top ? std::nullopt : deviationOf(assessment, trial);
    });
}

const Trial* mostTypicalOf(const Pack& pack, const std::vector<Trial>& trials) {
    constexpr double kCutoffHz = 6; // only to choose by
    const std::string id = mostTypicalTrial(pack, measureTrials(pack, trials, kCutoffHz));
    const auto found = std::find_if(trials.begin(), trials.end(), [&](const Trial& trial) { return trial.id == id; });
    return found == trials.end() ? nullptr : &*found;
}

} // namespace

std::vector<Opposite> oppositesOf(const CaseData& data, SessionId session, const SetChoice& choice,
                                  const PhaseAnchors& anchors, const Assessment* assessment) {
    std::vector<Opposite> out;
    std::vector<Trial> models = modelTrialsOf(data);
    auto mean = models.empty() ? std::nullopt : meanTrial(data.pack, models, anchors);
    for (Trial& trial : models) {
        const QString who = trial.performer.empty() ? tr("Model") : QString::fromStdString(trial.performer);
        const QString name = QStringLiteral("%1, %2").arg(who).arg(trial.number);
        out.push_back({std::move(trial), name, who, true});
    }
    // After the filmed ones: a figure is no picture, and is asked for.
    if (mean)
        out.push_back({std::move(*mean), tr("Mean of the model"), tr("Mean of %1").arg(models.size()), true});
    const QString first = data.athlete.name.section(u' ', 0, 0);
    const auto here = trialsOf(data, session, choice);
    if (assessment)
        if (const Trial* best = ownBestOf(data, here, *assessment))
            out.push_back({*best, tr("Own best: %1").arg(best->number), tr("%1 at best").arg(first), false});
    for (const Session& other : data.sessions) {
        if (other.isModel || other.id == session)
            continue;
        const auto trials = trialsOf(data, other.id, choice);
        const Trial* typical = trials.empty() ? nullptr : mostTypicalOf(data.pack, trials);
        if (!typical)
            continue;
        const QString when = QStringLiteral("%1, %2").arg(other.title, words::shortDate(other.date));
        out.push_back({*typical, when, tr("%1, %2").arg(first, when), false});
    }
    return out;
}

} // namespace riflesso
