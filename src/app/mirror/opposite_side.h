#pragma once
// Who can stand on the model's side of the waterline: a repetition of the model, the athlete's own best of the set, or
// another session of the athlete.

#include "core/judge/assessment.h"
#include "core/judge/mean_trial.h"
#include "store/case_data.h"

#include <QString>

namespace riflesso {

struct Opposite {
    Trial trial;
    QString name;                                                        ///< in a list
    QString who;                                                         ///< over the picture
    bool isModel = true;                                                 ///< else the athlete's own
    [[nodiscard]] bool isMean() const { return trial.id == kMeanTrial; } ///< no clip shows it
};

/// The model's repetitions first, then its mean as a figure where there are two or more; then the own best of the set:
/// of those with a good result (the best, where it is a number) the one that deviates least; then of each other session
/// at the same condition its most typical repetition. assessment: of the set, or null.
[[nodiscard]] std::vector<Opposite> oppositesOf(const CaseData& data, SessionId session, const SetChoice& choice,
                                                const PhaseAnchors& anchors, const Assessment* assessment);

} // namespace riflesso
