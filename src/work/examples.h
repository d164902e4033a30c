#pragma once
// Repetitions that others are found by.

#include "store/case_data.h"

#include <vector>

namespace riflesso {

/// Of key events: all, or none that still waits for the analyst's word.
enum class ExampleEvents { Any, Settled };
/// Repetitions whose marks and key events are whole and dense enough to be sought in others: the athlete's, and where
/// there is none the models'. At most `most`, never `except`.
[[nodiscard]] std::vector<Trial> exampleTrials(const CaseData& data, std::size_t most, ExampleEvents events,
                                               RepetitionId except = {});

} // namespace riflesso
