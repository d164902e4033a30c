#include "work/case_plan.h"

#include "work/case_assessment.h"

namespace riflesso {

Schedule scheduleOf(const CaseData& data, const Prescription& prescription, const QDate& today) {
    constexpr int kRetestDays = 21, kRetentionDays = 42;
    const PlanSettings& plan = data.plan;
    PlanTerms terms;
    terms.sessionsPerWeek = plan.sessionsPerWeek;
    terms.homeworkMinutes = plan.homeworkMinutes;
    terms.noChangeDays = plan.noChangeDays;
    terms.willingness = data.athlete.willingness;
    terms.start = dayOf(plan.start.isValid() ? plan.start : today);
    terms.retest = dayOf(plan.retest.isValid() ? plan.retest : today.addDays(kRetestDays));
    terms.retention = dayOf(plan.retention.isValid() ? plan.retention : today.addDays(kRetentionDays));
    std::vector<DatedTitle> competitions;
    for (const Competition& competition : data.competitions)
        if (competition.date.isValid())
            competitions.push_back({dayOf(competition.date), competition.title.toStdString()});
    return makeSchedule(terms, competitions, prescription, data.pack);
}

} // namespace riflesso
