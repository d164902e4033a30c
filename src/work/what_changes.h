#pragma once
// What another edition of a skill would change in the cases that use it, before it is kept.

#include "core/pack/pack.h"
#include "store/library.h"
#include "work/go_on.h"

namespace riflesso {

/// One case: its latest set judged by the pack that it has and by the other one.
struct CaseChange {
    CaseId id;
    QString athlete, title;
    QString edition; ///< that the case has now
    /// Titles: measures whose median differs by more than a thousandth of their tolerance, or that are there in one
    /// only; measures whose state differs; faults that come, go or move in rank; faults whose first rung is another.
    QStringList values, states, findings, rungs;
    QString cannot; ///< why nothing can be compared: no marks yet; empty else
    [[nodiscard]] bool any() const { return !values.empty() || !states.empty() || !findings.empty() || !rungs.empty(); }
};

/// Every case of the library in `folder` whose pack has the id of the one that `packText` holds, and `also`, a case of
/// another skill, where it is set; several at a time, each by a connection of its own. Cancelled where `goOn` says so.
[[nodiscard]] Result<std::vector<CaseChange>> whatChanges(const QString& folder, const std::string& packText,
                                                          CaseId also, const QDate& today, const GoOn& goOn = {});

} // namespace riflesso
