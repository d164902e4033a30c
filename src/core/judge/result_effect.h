#pragma once
// What stands beside a finding: what the result suffers where the fault shows, and the typical patterns it belongs to.

#include "core/judge/findings.h"

namespace riflesso {

/// A result as a number: 1 for a good choice, 0 for another, else the number itself; none where nothing is written.
[[nodiscard]] std::optional<double> resultValue(const ResultDef& def, const std::string& result);

/// Results of the repetitions that show a fault against those that do not.
struct ResultEffect {
    std::string fault, result;
    std::string unit;          ///< of a mean; empty for a share
    int with = 0, without = 0; ///< repetitions with a result that show it, that do not
    double withValue = 0, withoutValue = 0;
    double loss = 0;   ///< how much worse with the fault: positive is worse, in the result's unit or as a share
    Interval interval; ///< of the loss, 95 %
    double effect = 0; ///< the loss as an effect, 0..1
};
/// Needs 6 repetitions with a result on both sides. Interval of a difference of shares: Newcombe 1998, method 10, from
/// Wilson's; of means: Welch's t (both from memory). Effect: a difference of shares as it is, of means over `matters`.
[[nodiscard]] std::optional<ResultEffect> resultEffect(const ResultDef& def, const std::vector<Trial>& trials,
                                                       const Finding& finding);
/// Fault by fault, and of each the pack's results in their order.
[[nodiscard]] std::vector<ResultEffect> resultEffects(const Pack& pack, const std::vector<Trial>& trials,
                                                      const Findings& findings);

struct ProfileMatch {
    std::string profile;
    double likeness = 0; ///< cosine, 0.6..1
};
/// Typical patterns of the pack that the present faults look like: cosine between their severities and the pattern,
/// from 0.6 and with two of its faults present.
[[nodiscard]] std::vector<ProfileMatch> matchProfiles(const Pack& pack, const Findings& findings);

} // namespace riflesso
