#pragma once
// What the analyst chose for one assessment, beside the marks: kept with it, so that the same answer comes out again.

#include "core/plan/prescription.h"

#include "core/result.h"

namespace riflesso {

struct Choices {
    std::vector<TermOverride> overrides;
    std::map<std::string, double> typicalErrors;  ///< of the analyst, by measure: no u is smaller
    std::map<std::string, double> kappas;         ///< weighted kappa of an observation's raters or sittings
    std::vector<std::string> effectsFromResults;  ///< faults whose effect is what the results of the set show
    std::map<std::string, std::string> positions; ///< dispute to the position this coach takes
    std::vector<std::string> ownBest;             ///< trials used as the model, and left out of the set
    std::vector<RangeDef> targets;                ///< the coach's own, before any other reference
    Decisions decisions;
    Situation situation;
};

/// Reads C.json strictly, every key optional:
/// {"overrides":[{"fault":"…","term":"effect","value":0.5,"reason":"…"}],"kappas":{"<observation>":0.3},
///  "typical_errors":{"<measure>":1.2},
///  "effects_from_results":["<fault>"],"positions":{"<dispute>":"<position>"},"own_best":["<trial>"],
///  "targets":[<a range of a pack's model>],"work_on":["<fault>"],"set_aside":["<fault>"],"insisted":false,
///  "approach":{"one_at_a_time":false,"tempo_first":false},"situation":{"variant":"…"}}
[[nodiscard]] Result<Choices> readChoices(std::string_view text, std::string_view name, const Pack& pack);

} // namespace riflesso
