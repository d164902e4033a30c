#pragma once
// The plan as entries of a calendar.

#include "core/plan/prescription.h"
#include "store/calendar_file.h"
#include "store/case_data.h"

namespace riflesso {

/// Technique sessions with their cue, the days without changes, tests and competitions of the plan, by date. Homework
/// is not listed: it is every other day.
[[nodiscard]] std::vector<CalendarEntry> planCalendar(const CaseData& data, const Prescription& prescription);

} // namespace riflesso
