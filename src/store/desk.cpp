#include "store/desk.h"

#include "store/ask_again.h"

#include <algorithm>

namespace riflesso {

std::vector<DeskItem> deskOf(const std::vector<DeskCase>& cases, const QDate& today) {
    using What = DeskItem::What;
    std::vector<DeskItem> out;
    for (const DeskCase& one : cases) {
        const auto add = [&](What what, const QDate& date, const Competition& competition = {}) {
            out.push_back({what, one.id, one.athlete.name, one.title, date, competition.date, competition.title, {}});
        };
        for (const AthleteLimit& limit : one.athlete.limits)
            if (limit.waitsForAdvice() && limit.holdsOn(today))
                out.push_back({What::Advice, one.id, one.athlete.name, one.title, limit.since, {}, {}, limit});
        for (const auto& [decision, title] : one.setAside)
            if (asksAgain(decision, today))
                add(What::AskAgain, dayNamed(decision.until).value_or(today), {0, {}, title});
        switch (consentOn(one.athlete, today)) {
        case Consent::Missing:
            add(What::ConsentMissing, {});
            break;
        case Consent::Expired:
            add(What::ConsentEnded, one.athlete.consentUntil);
            break;
        case Consent::Valid:
            if (one.athlete.consentUntil.isValid() && today.daysTo(one.athlete.consentUntil) <= kConsentSoonDays)
                add(What::ConsentEnds, one.athlete.consentUntil);
        }
        const auto isDue = [&](const QDate& day) {
            return day.isValid() && today.daysTo(day) <= kDueSoonDays &&
                   !(one.lastFilmed.isValid() && one.lastFilmed >= day);
        };
        const auto isTested = [&](const QDate& day) { return one.lastTested.isValid() && one.lastTested >= day; };
        if (isDue(one.plan.retest))
            add(What::Retest, one.plan.retest);
        else if (isDue(one.plan.retention) && !isTested(one.plan.retention))
            add(What::Retention, one.plan.retention);
        const auto next = std::find_if(one.competitions.begin(), one.competitions.end(),
                                       [&](const Competition& c) { return c.date >= today; });
        if (next == one.competitions.end() || today.daysTo(next->date) > kCompetitionSoonDays)
            continue;
        const QDate still = next->date.addDays(-one.plan.noChangeDays);
        add(still <= today ? What::NoChange : What::Competition, still, *next);
    }
    std::stable_sort(out.begin(), out.end(), [](const DeskItem& a, const DeskItem& b) {
        return a.date.isValid() != b.date.isValid() ? !a.date.isValid() : a.date < b.date;
    });
    return out;
}

} // namespace riflesso
