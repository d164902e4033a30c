#pragma once
// Do two sittings, or two people, see the same? What they hardly agree on never makes a finding clear.

#include "core/points/trial.h"

namespace riflesso {

/// Kappa of each observation that both lists of trials (paired by id) answer in at least 4 repetitions: weights linear
/// for yes, partly, no and for scales; unweighted for choices. Counts and numbers have none.
[[nodiscard]] std::map<std::string, double> observationKappas(const Pack& pack, const std::vector<Trial>& first,
                                                              const std::vector<Trial>& second);

} // namespace riflesso
