#pragma once
// The papers a report can be printed as, on A4, page by page.

#include "report/report_content.h"

namespace riflesso {

enum class Paper { Plan, AthletePage, HomeSheet, KeyPositions, CompetitionCard, Progress };
/// Those the content has something for: the card only inside the window without changes.
[[nodiscard]] std::vector<Paper> papersOf(const ReportContent& content);
[[nodiscard]] QString paperName(Paper paper);
/// A short word for a file's name.
[[nodiscard]] QString paperFileWord(Paper paper);

class HtmlPieces;
/// A paper of something else than a report: its title, what it is, and what writes it.
struct PaperOf {
    QString title, kind;
    std::function<void(HtmlPieces&)> write;
};
[[nodiscard]] std::vector<QImage> previewPages(const PaperOf& paper, int dotsPerInch);
[[nodiscard]] Result<void> writePdf(const PaperOf& paper, const QString& path);

/// The pages as they will print, as pictures of `dotsPerInch`.
[[nodiscard]] std::vector<QImage> previewPages(const ReportContent& content, Paper paper, const PictureSource& pictures,
                                               int dotsPerInch);
/// Writes a PDF (A4). The folder must exist.
[[nodiscard]] Result<void> writePdf(const ReportContent& content, Paper paper, const PictureSource& pictures,
                                    const QString& path);

} // namespace riflesso
