#pragma once
// The small kind of HTML that Qt lays out, gathered piece by piece with its pictures as resources of the document.

#include "report/report_content.h"

#include <QTextDocument>

namespace riflesso {

[[nodiscard]] inline QString esc(const QString& words) { return words.toHtmlEscaped(); }

class HtmlPieces {
public:
    /// `scale`: pixels of HTML a dot of the printed page.
    HtmlPieces(const ReportContent& content, const PictureSource& source, QTextDocument& document, double scale)
        : c_(content), source_(source), doc_(document), scale_(scale) {}

    void heading(const QString& words);
    void small(const QString& words, const QString& colour = QStringLiteral("#55656B"));
    void plain(const QString& words);
    /// Text of a size in points, with a colour and space above.
    void line(const QString& words, double points, bool bold = false, const QString& colour = QStringLiteral("#1D2B30"),
              int above = 1);
    void raw(const QString& html) { html_ += html; }
    /// A state's shape as a small picture, so that it needs no special glyph.
    [[nodiscard]] QString sign(const QString& word, int size = 15);
    /// A key picture as an image of that width on the page (dots of the printed page), 4 : 3.
    [[nodiscard]] QString picture(const PictureRef& ref, int width);
    [[nodiscard]] QString image(const QImage& image, int width);
    [[nodiscard]] static QString colourOf(const PictureRef& ref);
    [[nodiscard]] const QString& html() const { return html_; }
    [[nodiscard]] const ReportContent& content() const { return c_; }

private:
    const ReportContent& c_;
    const PictureSource& source_;
    QTextDocument& doc_;
    double scale_;
    int images_ = 0;
    QString html_;
};

} // namespace riflesso
