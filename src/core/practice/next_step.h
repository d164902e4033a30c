#pragma once
// What to do next about a fault of the plan, with the reason. The coach decides.

#include "core/practice/learning.h"
#include "core/practice/practice_tests.h"
#include "core/practice/rungs.h"

namespace riflesso {

/// What to do next about a fault of the plan.
struct NextStep {
    enum class What { GoOn, Stay, Ease, ChangeCondition, BackToCause, Done, OpenNext };
    What what = What::Stay;
    std::string fault, drill, other; ///< other: condition to change to, or the cause
    enum class Because {
        NothingLogged,
        Advance,
        Confirm,
        Hold,
        Few,
        HalfOrLess,
        Plateau,
        PlateauOverConditions,
        Relapse,
        BreaksHarder,
        LastRungPassed,
        HeldAtMatch,
        FocusDone,
        Eased, ///< the plan came down to this step, and nothing of it was practised since
        Again  ///< the step before it was passed again, and nothing of it was practised since
    } because = Because::NothingLogged;
    int good = 0, all = 0;
};
[[nodiscard]] std::string_view toString(NextStep::What what);
[[nodiscard]] std::string_view toString(NextStep::Because because);
/// The drills at match condition say so, a week without feedback later too, and the film does.
struct DoneFacts {
    bool absentAtMatch = false; ///< the fault, from a set filmed at match condition
};
/// First what is proposed, then what else could be done; at most three a fault. causes: of the fault, present ones.
[[nodiscard]] std::vector<NextStep> nextSteps(const Pack& pack, const Focus& focus, const PracticeLog& log,
                                              const std::vector<std::string>& causes, const DoneFacts& film,
                                              bool anotherFinding);

} // namespace riflesso
