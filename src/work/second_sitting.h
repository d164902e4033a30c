#pragma once
// What is marked a second time, blind: what lies between the two sittings is the analyst's own uncertainty.

#include "store/case_data.h"

#include <optional>
#include <string>
#include <vector>

namespace riflesso {

/// One thing to be marked again: an event, or all landmarks of a frame.
struct SecondTask {
    RepetitionId repetition;
    std::string event; ///< empty: the landmarks of `frame`
    int frame = 0;
};
/// What of a set was marked by hand and not yet again: up to `frames` frames with three landmarks or more and up to
/// `events` events, drawn by `seed`, the frames first.
[[nodiscard]] std::vector<SecondTask> secondTasks(const CaseData& data, SessionId session, const SetChoice& choice,
                                                  unsigned seed, int frames, int events);
/// Landmarks of a frame that were set by hand, in the order of `order`, and not yet again.
[[nodiscard]] std::vector<std::string> openLandmarks(const Repetition& repetition, int frame,
                                                     const std::vector<std::string>& order);
/// By how many frames the analyst moved key events that were proposed, one an event.
[[nodiscard]] std::vector<double> correctedByFrames(const CaseData& data);

} // namespace riflesso
