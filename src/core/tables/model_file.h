#pragma once
// A model performance as a file of its own: measured once, used in many cases, with where it came from.

#include "core/judge/curve_band.h"
#include "core/result.h"
#include "core/tables/json_fwd.h"

namespace riflesso {

struct ModelFile {
    std::string title, source; ///< source: who, where, when, and by whose consent it is used
    std::string packId, packEdition;
    View view = View::Side;
    double cutoffHz = 6;                 ///< of its filtered measures: the athlete's are filtered alike
    std::vector<Trial> trials;           ///< without marks: id, number, performer, stress
    std::vector<TrialMeasures> measures; ///< of these trials
    std::vector<CurveBand> curves;
};

/// Measures the trials. One cutoff for all; curves of every measure that has a value along time.
[[nodiscard]] ModelFile makeModel(const Pack& pack, const std::vector<Trial>& trials, double cutoffHz,
                                  std::string title, std::string source);
[[nodiscard]] Json modelFileJson(const ModelFile& model);

/// Whether a JSON text is a model file (and not a list of ranges).
[[nodiscard]] bool isModelFile(std::string_view text);
/// Strict; at most 8 MiB. A model of another pack is bad input; measures that the pack no longer has, or whose unit has
/// changed, are left out.
[[nodiscard]] Result<ModelFile> readModelFile(std::string_view text, std::string_view name, const Pack& pack);

} // namespace riflesso
