#pragma once
// A set of which nothing is marked or answered has no results: it is not "decided" and not "0 clear".

#include "app/page.h"
#include "core/judge/assessment.h"

namespace riflesso {

/// Whether the assessment has neither a value beside a reference nor a fault that could be judged.
[[nodiscard]] inline bool nothingMeasured(const Assessment& assessment) {
    return assessment.deviations.empty() && assessment.findings.ranked.empty();
}
[[nodiscard]] inline QString nothingMeasuredHeadline() {
    return Page::tr("Nothing of this set is marked yet, so there are no results. <b>Next: mark key positions.</b>");
}
[[nodiscard]] inline StepState nothingMeasuredState() {
    return {StepState::Kind::Untouched, Page::tr("nothing marked")};
}

} // namespace riflesso
