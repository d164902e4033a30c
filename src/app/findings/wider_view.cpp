#include "app/findings/wider_view.h"
#include "app/translated.h"

#include "app/theme.h"
#include "core/judge/filming_list.h"
#include "core/judge/what_if.h"
#include "core/progress/progress.h"
#include "report/words.h"

#include <QLabel>

namespace riflesso {
namespace {

/// "touch: 2 of 6 with it, 7 of 8 without: …"
QString resultText(const Pack& pack, const ResultEffect& effect) {
    const auto found = std::find_if(pack.results.begin(), pack.results.end(),
                                    [&](const ResultDef& own) { return own.id == effect.result; });
    if (found == pack.results.end())
        return {};
    const ResultDef& def = *found;
    if (def.type == ResultType::Choice)
        return tr("%1 good: %2 % of %3 with it, %4 % of %5 without. Lost: %6 points (%7 to %8).")
            .arg(words::text(def.title), words::number(100 * effect.withValue, 0))
            .arg(effect.with)
            .arg(words::number(100 * effect.withoutValue, 0))
            .arg(effect.without)
            .arg(words::number(100 * effect.loss, 0), words::number(100 * effect.interval.low, 0),
                 words::number(100 * effect.interval.high, 0));
    return tr("%1: %2 %3 with it (%4), %5 %3 without (%6). Lost: %7 %3 (%8 to %9).")
        .arg(words::text(def.title), words::number(effect.withValue, 2), words::text(def.unit))
        .arg(effect.with)
        .arg(words::number(effect.withoutValue, 2))
        .arg(effect.without)
        .arg(words::number(effect.loss, 2), words::number(effect.interval.low, 2),
             words::number(effect.interval.high, 2));
}

/// What the athlete felt against what the film shows of this fault; empty where nobody was asked.
QString feltText(const CaseData& data, const std::vector<Trial>& trials, const Finding& finding) {
    std::map<std::string, bool> felt;
    for (const Trial& trial : trials)
        if (const Repetition* repetition = data.repetition(repetitionId(trial.id));
            repetition && !repetition->felt.empty())
            felt[trial.id] = repetition->felt == "right";
    const FeltAgainstSeen table = feltAgainstSeen(felt, finding);
    if (table.all() == 0)
        return {};
    const int right = table.feltRightSeenRight + table.feltRightSeenOff;
    QString text = tr("Felt right: %1 of %2; of these the film shows it in %3.")
                       .arg(right)
                       .arg(table.all())
                       .arg(table.feltRightSeenOff);
    if (table.kappa)
        text += u' ' + tr("Felt and seen agree in %1 of %2 (kappa %3).")
                           .arg(table.feltRightSeenRight + table.feltOffSeenOff)
                           .arg(table.all())
                           .arg(words::number(*table.kappa, 2));
    return text;
}

QString titleOf(const Pack& pack, const std::string& id) {
    if (const ObservationDef* observation = pack.observation(id))
        return words::text(observation->title);
    if (const FaultDef* fault = pack.fault(id))
        return words::text(fault->title);
    return words::text(pack.measureTitle(id));
}

/// What the order would be were the fault gone.
QString withoutText(const CaseData& data, const Assessment& assessment, const std::vector<Trial>& trials,
                    const std::string& fault) {
    const Findings rest = findingsWithout(fault, data.pack, trials, assessment, factsOf(data, {}).limits);
    constexpr std::size_t kMostNamed = 3;
    QStringList names;
    for (std::size_t i = 0; i < std::min(kMostNamed, rest.unlifted.size()); ++i)
        names << QStringLiteral("%1 %2").arg(i + 1).arg(
            words::inSentence(words::text(data.pack.fault(rest.unlifted[i])->title)));
    return names.isEmpty() ? tr("Were it gone, no fault would be left.")
                           : tr("Were it gone: %1.").arg(names.join(QStringLiteral(", ")));
}

} // namespace

QLabel* addWiderView(KeptLabels& labels, int row, const CaseData& data, const Assessment& assessment,
                     const std::vector<Trial>& trials, bool otherLevels, const Finding& finding) {
    const auto add = [&](const QString& text, const char* style, const char* name) {
        return labels.put(text, style, QLatin1String(name), row++, 0, 3);
    };
    QLabel* effectLink = nullptr;
    if (finding.present) {
        QStringList places;
        for (School school : kAllSchools)
            if (school != assessment.school)
                places << QStringLiteral("%1 %2")
                              .arg(words::schoolName(school))
                              .arg(finding.places[static_cast<std::size_t>(school)]);
        add(tr("Its place in the other orders: %1.").arg(places.join(QStringLiteral(", "))), theme::kQuiet, "places");
    }
    if (finding.present)
        add(withoutText(data, assessment, trials, finding.fault), theme::kQuiet, "without");
    bool known = false;
    for (const ResultEffect& effect : assessment.resultEffects)
        if (effect.fault == finding.fault) {
            add(resultText(data.pack, effect), theme::kQuiet, "resultEffect");
            known = true;
        }
    if (known) {
        const bool taken = data.yardstick.effects.contains(words::text(finding.fault));
        effectLink = add(QStringLiteral("<a href='effect'>%1</a>")
                             .arg(taken ? tr("Back to the pack's word for the effect")
                                        : tr("Let this stand in for the pack's word")),
                         theme::kQuiet, "takeEffect");
    }
    if (const QString felt = feltText(data, trials, finding); !felt.isEmpty())
        add(felt, theme::kQuiet, "felt");
    std::vector<FilmingWish> wishes = filmingList(data.pack, trials, assessment);
    if (otherLevels)
        std::erase_if(wishes, [](const FilmingWish& w) { return w.what == FilmingWish::What::HarderCondition; });
    if (wishes.empty())
        return effectLink;
    add(tr("WHAT WOULD SETTLE MORE"), theme::kHeading, "wishes");
    for (const FilmingWish& wish : wishes) {
        QStringList what;
        for (const std::string& id : wish.measures)
            what << titleOf(data.pack, id);
        add(QStringLiteral("%1<br><span style='color:%2; font-size:8.5pt'>%3</span>")
                .arg(words::text(wish.film).toHtmlEscaped(), theme::colours().slate.name(),
                     what.join(QStringLiteral(", ")).toHtmlEscaped()),
            nullptr, "wish");
    }
    return effectLink;
}

} // namespace riflesso
