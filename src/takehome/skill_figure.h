#pragma once
// The figure that shows a skill in motion: moved through the skill's own postures, else a repetition that shows how it
// should be, as it was marked.

#include "core/points/trial.h"

#include <optional>
#include <vector>

namespace riflesso {

struct SkillFigure {
    Trial trial;          ///< marks and key events
    int from = 0, to = 0; ///< frames in which something is marked, both inclusive
    bool filmed = false;  ///< of `shown`
};

/// `shown`: of a case that uses the pack (shownWell), may be empty. None where neither has marks.
[[nodiscard]] std::optional<SkillFigure> skillFigure(const Pack& pack, Side handedness,
                                                     const std::vector<Trial>& shown);

} // namespace riflesso
