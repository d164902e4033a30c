#pragma once
// How far the goal is, in words.

#include "store/case_data.h"

#include "core/judge/assessment.h"

namespace riflesso {

/// "Arm before foot: 0.04 s by 24 Dec 2026, in 28 days. Measured −0.11 ± 0.02 s: 0.15 s to go."; what is not measured
/// is said so. Empty without a goal. Reached: at the goal or, seen from the model, past it, within 2u.
[[nodiscard]] QString goalState(const CaseData& data, const Assessment* assessment, const QDate& today);

/// Share of the way from one median to the goal that the other has come; none where there was no way to go.
[[nodiscard]] std::optional<double> shareOfTheWay(double goal, double before, double after);

} // namespace riflesso
