#pragma once
// A simulated learner: blocks of practice whose share of good repetitions goes from one value to another.

#include "core/tables/json_walk.h"
#include "store/case_data.h"

#include <QDate>

#include <vector>

namespace riflesso {

/// Of a story's "practice": learners (fault, drill, condition, kind, days, share: from and to, straight in the logit,
/// with 0.3 of its own from block to block; length, told: whether feedback is given, faded; called: share of off
/// repetitions that the athlete calls; cue; seed) and home (fault, drill, days, counts). By time.
[[nodiscard]] std::vector<PracticeBlock> practiceIn(const JsonNode& node, const QDate& baseline);

} // namespace riflesso
