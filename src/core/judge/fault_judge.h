#pragma once
// A fault's conditions in one repetition: how strongly they hold, and how surely.

#include "core/judge/findings.h"

#include <map>
#include <optional>

namespace riflesso {

struct Degree {
    double degree = 0, probability = 1;
};
using MaybeDegree = std::optional<Degree>; ///< none: not judged

/// Judges the conditions of faults in one repetition.
class FaultJudge {
public:
    /// kappas: weighted kappa of an observation's raters, where it is known.
    FaultJudge(const Pack& pack, const Trial& trial, int cycle, const std::vector<SetDeviation>& deviations,
               const std::map<std::string, double>& kappas)
        : pack_(pack), trial_(trial), cycle_(cycle), deviations_(deviations), kappas_(kappas) {}
    [[nodiscard]] MaybeDegree tree(const ConditionTree& node) const;

private:
    [[nodiscard]] MaybeDegree leaf(const Condition& condition) const;
    [[nodiscard]] MaybeDegree measure(const Condition& condition) const;
    [[nodiscard]] MaybeDegree observation(const Condition& condition) const;
    [[nodiscard]] MaybeDegree mean(const ConditionTree& node) const;
    [[nodiscard]] MaybeDegree smallest(const ConditionTree& node) const;
    [[nodiscard]] MaybeDegree largest(const ConditionTree& node) const;

    const Pack& pack_;
    const Trial& trial_;
    int cycle_;
    const std::vector<SetDeviation>& deviations_;
    const std::map<std::string, double>& kappas_;
};

} // namespace riflesso
