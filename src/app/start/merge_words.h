#pragma once
// What two copies of a case differ in, in words.

#include "store/case_merge.h"

namespace riflesso {

/// "3 decisions, 204 marks"; of nothing "nothing".
[[nodiscard]] QString countsInWords(const std::map<RowKind, int>& counts);
/// What a question is about: "Repetition 4, \"Foot off\"".
[[nodiscard]] QString aboutInWords(const MergeQuestion& question, const CaseData& here, const CaseData& there);
/// What stands on one side: "work on it: the main cause"; "not there".
[[nodiscard]] QString sideInWords(const MergeQuestion& question, bool ofThere);

} // namespace riflesso
