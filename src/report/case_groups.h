#pragma once
// The repetitions of a case in groups that can be compared, with names as a person reads them.

#include "core/judge/groups.h"
#include "store/case_data.h"

namespace riflesso {

enum class GroupBy { Condition, Session, Variant, Result, Felt, Thirds, PackCondition };
inline constexpr std::array kAllGroupings = {GroupBy::Condition, GroupBy::Session, GroupBy::Variant,
                                             GroupBy::Result,    GroupBy::Felt,    GroupBy::Thirds};
/// "by condition"
[[nodiscard]] QString groupingName(GroupBy by);

/// By condition, variant, result (a number: the better and the other half), how it felt, or first and last third in the
/// order of filming: of the session's choice (conditions: all of them); by a condition of the pack, all of the session.
/// By session: all sessions of the athlete at that level, by date. Repetitions of which the thing is not known are in
/// no group.
[[nodiscard]] std::vector<Group> groupsOf(const CaseData& data, SessionId session, const SetChoice& choice, GroupBy by,
                                          const std::string& condition = {});

} // namespace riflesso
