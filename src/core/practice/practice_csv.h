#pragma once
// The practice log as a table: date,kind,block,start,end,fault,drill,condition,cue,fed_by,number,good,result,felt,
// feedback,count,stop,measure,value,u,measured; the last four may be missing. A row is a repetition; of a home day a
// row is the day's tally, and of a block that was stopped before its first repetition the stop.

#include "core/practice/practice_log.h"
#include "core/result.h"

namespace riflesso {

[[nodiscard]] std::string practiceCsv(const PracticeLog& log);

/// Rows of one date, kind, block, fault, drill and condition make a block. Errors name the line and what was expected:
/// a drill or fault that the pack does not have, a day after `today`, a repetition number
/// that stands twice. Without a condition the drill's own holds.
struct PracticeCsvTerms {
    const Pack* pack = nullptr; ///< none: every drill and fault is taken
    std::optional<Day> today;
};
[[nodiscard]] Result<PracticeLog> readPracticeCsv(std::string_view text, std::string_view name,
                                                  const PracticeCsvTerms& terms);

} // namespace riflesso
