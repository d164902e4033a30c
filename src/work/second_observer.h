#pragma once
// Another person who marked and watched the same film: how far apart the two are.

#include "store/case_data.h"

#include <map>
#include <string>

namespace riflesso {

struct ObserverAgreement {
    std::size_t repetitions = 0;                  ///< that both have
    std::map<std::string, TypicalError> measures; ///< of the differences (theirs less mine), the measure's unit
    std::map<std::string, double> kappas;         ///< weighted, by observation that both answered four times or more
};
/// Repetitions are paired where they lie in a clip of the same content and share more than half of the frames that
/// either has. Measures are taken by the pack of `mine`, with each observer's own marks and key events; those that
/// need frames between, which nobody marks by hand, are left out.
[[nodiscard]] ObserverAgreement agreementOf(const CaseData& mine, const CaseData& theirs);

/// By observation, the weakest kappa that is known: of two sittings of the same person, or with another observer.
[[nodiscard]] std::map<std::string, double> weakestKappas(const CaseData& data);

} // namespace riflesso
