#pragma once
// What waits in the whole library on a day: retests due, advice not yet given, findings to ask about again, consents
// missing or ending, competitions and the days before them without changes.

#include "store/case_data.h"

namespace riflesso {

struct DeskItem {
    enum class What {
        Retest,
        Retention,
        ConsentMissing,
        ConsentEnded,
        ConsentEnds,
        NoChange,
        Competition,
        Advice,   ///< stopped, and no professional has said how to go on
        AskAgain, ///< a finding was set aside until this day
    };
    What what = What::Retest;
    CaseId id;
    QString athlete, title; ///< of the case
    QDate date;             ///< when it is due, ends or begins; Advice: since when; not valid: now
    QDate until;            ///< NoChange, Competition: the day of the competition
    QString name;           ///< of the competition; AskAgain: the title of the fault
    AthleteLimit limit;     ///< of Advice
};

constexpr int kDueSoonDays = 14;     ///< a retest is shown from so long before its day (own choice)
constexpr int kConsentSoonDays = 30; ///< an end of consent likewise
constexpr int kCompetitionSoonDays = 60;

/// A case as far as the desk looks at it.
struct DeskCase {
    CaseId id;
    Athlete athlete; ///< name, consent and limits
    QString title;
    PlanSettings plan;
    QDate lastFilmed; ///< latest session of the athlete
    QDate lastTested; ///< latest block without feedback that tests retention
    std::vector<Competition> competitions;
    /// Findings set aside until a day, and the title of each fault.
    std::vector<std::pair<Decision, QString>> setAside;
};
/// What waits on a day, the most urgent first: what is missing, then by date.
[[nodiscard]] std::vector<DeskItem> deskOf(const std::vector<DeskCase>& cases, const QDate& today);

} // namespace riflesso
