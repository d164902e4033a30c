#pragma once
// The skill sheet: a skill explained on paper, for who is to learn it, for a course, for the wall. All of it comes out
// of the pack, the figure out of the skill's own takes, else out of a model that was marked.

#include "core/result.h"
#include "store/case_data.h"

#include <QImage>
#include <QString>

#include <functional>
#include <vector>

namespace riflesso {

/// One page: key positions, what to look for, the usual faults with their first drill, cautions; or all of the pack.
enum class SheetLength { OnePage, Whole };

struct SheetOf {
    Pack pack;
    Side handedness = Side::Right; ///< that it is said for
    std::vector<Trial> shown = {}; ///< repetitions that show how it should be, for a skill without a figure of its own
    /// The model as it was filmed at a key event, to stand beside the figure; null where there is none. May be empty.
    std::function<QImage(const std::string& event, const QSize& size)> picture = {};
};
/// Of a case: its skill, for its athlete, its model. With `pictures` the model as it was filmed, the head covered;
/// where the head is not surely known only the figure. Clips are found in `folder`; `data` must live as long as the
/// result.
[[nodiscard]] SheetOf sheetOf(const CaseData& data, bool pictures, const QString& folder);
/// Whether a case has a model that was filmed.
[[nodiscard]] bool hasPictures(const CaseData& data);

/// The pages as they will print, as pictures of `dotsPerInch`.
[[nodiscard]] std::vector<QImage> sheetPages(const SheetOf& of, SheetLength length, int dotsPerInch);
/// Writes a PDF (A4). The folder must exist.
[[nodiscard]] Result<void> writeSheet(const SheetOf& of, SheetLength length, const QString& path);

} // namespace riflesso
