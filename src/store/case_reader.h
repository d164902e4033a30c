#pragma once
// Reads a case of a library whole, or some of its repetitions again.

#include "store/case_data.h"
#include "store/database.h"

#include <set>

namespace riflesso {

/// Marks are nearly all of a case. OfLatestSet: those of models, of the athlete's latest session that has any, of best
/// repetitions and of what was marked twice; the others are there without.
enum class MarksRead { All, OfLatestSet };

/// folder: of the library, which paths of clips are relative to.
[[nodiscard]] Result<CaseData> readCase(const Database& db, const QString& folder, CaseId id,
                                        MarksRead marks = MarksRead::All);
/// The case as it was read before, with these repetitions, and what is decided and planned, as they are now.
[[nodiscard]] Result<CaseData> readRepetitionsAgain(const Database& db, const QString& folder, const CaseData& before,
                                                    const std::set<std::int64_t>& repetitions, bool course);

} // namespace riflesso
