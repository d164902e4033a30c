#pragma once
// What is doubtful among the proposed marks of a set, gathered: where to look first.

#include "store/case_data.h"

#include <string>
#include <vector>

namespace riflesso {

/// Frames after each other in which something is doubtful.
struct DoubtfulStretch {
    RepetitionId repetition;
    int from = 0, to = 0;
    int worst = 0;        ///< frame of the widest doubt; without a doubtful mark, of the key event
    std::string landmark; ///< of the widest doubt; empty: only a key event is doubtful
    double sigmaPx = 0;   ///< of that mark, standard uncertainty
    bool atEvent = false; ///< a key position lies in it: findings rest on it
};

/// Of these repetitions, worst first: those at a key position before the others, each by the widest doubt as a share of
/// the picture's height, then as they come.
[[nodiscard]] std::vector<DoubtfulStretch> doubtfulStretches(const CaseData& data,
                                                             const std::vector<RepetitionId>& repetitions);

} // namespace riflesso
