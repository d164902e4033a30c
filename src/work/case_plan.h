#pragma once
// The weeks of a case's plan.

#include "core/plan/schedule.h"
#include "store/case_data.h"

namespace riflesso {

/// From its plan settings; what is not set yet is counted from today: the start, a retest in three weeks, a retention
/// test three weeks later.
[[nodiscard]] Schedule scheduleOf(const CaseData& data, const Prescription& prescription, const QDate& today);

} // namespace riflesso
