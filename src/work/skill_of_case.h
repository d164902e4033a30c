#pragma once
// A skill of one's own out of a case: its key events, points and measures, ranges and rules from the repetitions that
// show how it should be.

#include "core/workshop/pack_draft.h"
#include "core/workshop/rule_search.h"
#include "store/case_data.h"
#include "work/go_on.h"

namespace riflesso {

/// The repetitions that show how it should be: the models' of the case, else the athlete's best ones.
struct ShownWell {
    std::vector<Trial> trials;
    bool ofModel = false; ///< else the athlete's own best
};
[[nodiscard]] ShownWell shownWell(const CaseData& data);

/// The athlete's other marked repetitions: what shows whether a rule holds for more than the model.
[[nodiscard]] std::vector<Trial> othersOf(const CaseData& data, const ShownWell& shown);

/// A draft that begins as the case's skill. Optional key events that no repetition has, and all that stands on them,
/// are left out; everything else keeps its id, so that no mark is lost. packText: as it is kept with the case.
[[nodiscard]] Result<PackDraft> beginSkill(const std::string& packText, const CaseData& data, const std::string& title);

/// "measured on 8 repetitions of Model, side, 2026-05-04; one performer".
[[nodiscard]] std::string rangesSource(const CaseData& data, const ShownWell& shown);

/// What was found for one event.
struct EventFound {
    std::string event;
    RuleSearch search;
    bool taken = false; ///< the best one holds and stands in the draft now
};
struct SkillMade {
    PackDraft draft;
    std::vector<EventFound> events; ///< those without a rule of their own
    std::size_t ranges = 0;
};
/// All at once: ranges, and rules for the events that have none. Bad input where no repetition shows how it should be;
/// cancelled() where `goOn` says so.
[[nodiscard]] Result<SkillMade> makeSkill(const std::string& packText, const CaseData& data, const std::string& title,
                                          const GoOn& goOn = {});

} // namespace riflesso
