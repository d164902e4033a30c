#pragma once
// The athlete's page of progress: then and now at the same key event, what changed by more than chance, what was
// practised, what next.

#include "core/judge/assessment.h"
#include "report/key_picture.h"

#include <QDate>
#include <QStringList>

namespace riflesso {

struct ProgressContent {
    QString event;                      ///< at which both pictures are
    std::vector<PictureRef> thenAndNow; ///< none, or one of the first session and one of the last
    QStringList changed, practised, holds, next;
    [[nodiscard]] bool empty() const { return changed.empty() && practised.empty(); }
};
/// Two sessions are assessed for it: a moment. Of what was practised, only drills that the plan still has: a limit
/// since then takes them off this paper too.
[[nodiscard]] ProgressContent progressContent(const CaseData& data, const Assessment& assessment, const QDate& today);

} // namespace riflesso
