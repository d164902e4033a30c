#include "report/goal_words.h"

#include "report/report_text.h"
#include "report/words.h"

#include <cmath>

namespace riflesso {

QString goalState(const CaseData& data, const Assessment* assessment, const QDate& today) {
    const std::optional<MeasureDef> def = data.goal ? data.pack.judgedAs(data.goal->measure) : std::nullopt;
    if (!def)
        return {};
    QString out = QStringLiteral("%1: %2").arg(words::text(def->title), words::named(*def, data.goal->value));
    if (data.goal->by.isValid()) {
        out += Report::tr(" by %1").arg(words::date(data.goal->by));
        if (const qint64 days = today.daysTo(data.goal->by); days > 0)
            out += Report::tr(", in %1").arg(
                words::counted(static_cast<std::size_t>(days), Report::tr("day"), Report::tr("days")));
        else
            out += days == 0 ? Report::tr(", today") : Report::tr(", which is past");
    }
    out += u'.';
    const SetDeviation* set = assessment ? assessment->deviation(def->id) : nullptr;
    if (!set)
        return out + Report::tr(" Not measured in this set.");
    const QString measured = Report::tr(" Measured %1").arg(words::withU(*def, set->median, set->expandedU));
    double left = data.goal->value - set->median;
    if (def->period() > 0)
        left = wrapDifference(left, def->period());
    const double goalDeviation = deviationFrom(*def, set->reference, data.goal->value);
    // As good as the goal, by the reference; an own target says nothing of how good a value inside it is.
    const bool asGood = set->reference.source != Reference::Source::Target &&
                        std::abs(set->deviation) <= std::abs(goalDeviation) + set->expandedU;
    const bool reached = asGood || std::abs(left) <= set->expandedU;
    if (reached)
        return out + measured + Report::tr(": reached.");
    const int decimals = words::decimalsFor(set->expandedU);
    return out + measured +
           Report::tr(": %1 to go.").arg(words::number(std::abs(left), decimals) + words::unitAfter(*def));
}

std::optional<double> shareOfTheWay(double goal, double before, double after) {
    if (std::abs(goal - before) < 1e-12)
        return {};
    return (after - before) / (goal - before);
}

} // namespace riflesso
