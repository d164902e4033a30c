#pragma once
// The skill sheet: a skill explained on paper, for who is to learn it, for a course, for the wall. All of it comes out
// of the pack, the figure out of the skill's own takes.

#include "core/pack/pack.h"
#include "core/result.h"

#include <QImage>
#include <QString>

#include <vector>

namespace riflesso {

/// One page: key positions, what to look for, the usual faults with their first drill, cautions; or all of the pack.
enum class SheetLength { OnePage, Whole };

/// The pages as they will print, as pictures of `dotsPerInch`.
[[nodiscard]] std::vector<QImage> sheetPages(const Pack& pack, Side handedness, SheetLength length, int dotsPerInch);
/// Writes a PDF (A4). The folder must exist.
[[nodiscard]] Result<void> writeSheet(const Pack& pack, Side handedness, SheetLength length, const QString& path);

} // namespace riflesso
