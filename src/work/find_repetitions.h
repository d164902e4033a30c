#pragma once
// Repetitions of a section: the pose network looks at some of its frames, and a marked repetition (the athlete's, else
// a model's) is sought in what it saw; without one, movement between rests.

#include "store/edit.h"
#include "work/go_on.h"

#include <string>
#include <utility>
#include <vector>

namespace riflesso {

using FrameSpan = std::pair<int, int>; ///< first and last frame

/// In order, none over another. `models`: folder of the networks' weights.
[[nodiscard]] Result<std::vector<FrameSpan>> findSpans(const CaseData& data, const Clip& clip, const Section& section,
                                                       const std::string& models, const GoOn& goOn);

/// Of what was found, what becomes a repetition: numbered on in the session, not shorter than five frames, not across
/// one that is there. Empty where the section is gone.
[[nodiscard]] std::vector<Repetition> repetitionsFrom(const CaseData& now, SectionId section,
                                                      const std::vector<FrameSpan>& spans);
/// Adds them; the first one's id. Precondition: one or more.
[[nodiscard]] Result<RepetitionId> addRepetitions(Edit& edit, SectionId section,
                                                  const std::vector<Repetition>& repetitions);

} // namespace riflesso
