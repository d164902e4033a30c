#pragma once
// What stands round a finding: its place in the other orders, what the result loses, and what would settle more.

#include "app/widgets/kept_labels.h"
#include "core/judge/assessment.h"
#include "store/case_data.h"

class QLabel;

namespace riflesso {

/// Adds rows of three columns to the labels from `row` on. trials: those assessed; otherLevels: the session also holds
/// repetitions under another condition.
/// Gives the label whose link takes, or leaves, what the results say of the effect; none where they say nothing.
QLabel* addWiderView(KeptLabels& labels, int row, const CaseData& data, const Assessment& assessment,
                     const std::vector<Trial>& trials, bool otherLevels, const Finding& finding);

} // namespace riflesso
