#pragma once
// What waits in the whole library on a day: retests due, consents missing or ending, competitions and the days before
// them without changes.

#include "store/case_data.h"

namespace riflesso {

struct DeskItem {
    enum class What { Retest, Retention, ConsentMissing, ConsentEnded, ConsentEnds, NoChange, Competition };
    What what = What::Retest;
    CaseId id;
    QString athlete, title; ///< of the case
    QDate date;             ///< when it is due, ends or begins; not valid: now
    QDate until;            ///< NoChange, Competition: the day of the competition
    QString name;           ///< of the competition
};

constexpr int kDueSoonDays = 14;     ///< a retest is shown from so long before its day (own choice)
constexpr int kConsentSoonDays = 30; ///< an end of consent likewise
constexpr int kCompetitionSoonDays = 60;

/// A case as far as the desk looks at it.
struct DeskCase {
    CaseId id;
    Athlete athlete; ///< name and consent
    QString title;
    PlanSettings plan;
    QDate lastFilmed; ///< latest session of the athlete
    std::vector<Competition> competitions;
};
/// What waits on a day, the most urgent first: what is missing, then by date.
[[nodiscard]] std::vector<DeskItem> deskOf(const std::vector<DeskCase>& cases, const QDate& today);

} // namespace riflesso
