#include "report/paper.h"

#include "report/paper_html.h"
#include "report/report_text.h"

#include <QAbstractTextDocumentLayout>
#include <QFile>
#include <QPageSize>
#include <QPdfWriter>
#include <QTextDocument>

namespace riflesso {
namespace {

constexpr int kResolution = 150; // dots an inch of the laid-out page

void write(Paper paper, HtmlPieces& pieces) {
    switch (paper) {
    case Paper::Plan:
        return writePlan(pieces);
    case Paper::AthletePage:
        return writeAthletePage(pieces);
    case Paper::HomeSheet:
        return writeHomeSheet(pieces);
    case Paper::KeyPositions:
        return writeKeyPositions(pieces);
    case Paper::CompetitionCard:
        return writeCompetitionCard(pieces);
    case Paper::Progress:
        return writeProgress(pieces);
    }
}

/// The report laid out for a device, page by page.
class Layout {
public:
    Layout(const ReportContent& content, Paper paper, const PictureSource& pictures, QPaintDevice& device,
           const QSizeF& page)
        : content_(content), page_(page) {
        document_.documentLayout()->setPaintDevice(&device);
        font_ = QFont(look::loadTypeface());
        font_.setPointSizeF(9.5);
        document_.setDefaultFont(font_);
        document_.setDocumentMargin(0);
        scale_ = device.logicalDpiX() / static_cast<double>(kResolution);
        HtmlPieces pieces(content, pictures, document_, scale_);
        write(paper, pieces);
        document_.setHtml(pieces.html());
        document_.setPageSize({page.width(), page.height() - footer()});
    }
    [[nodiscard]] int pages() const { return document_.pageCount(); }
    void paint(QPainter& painter, int index) {
        const double high = document_.pageSize().height();
        painter.save();
        painter.translate(0, -index * high);
        QAbstractTextDocumentLayout::PaintContext context;
        context.clip = QRectF(0, index * high, page_.width(), high);
        context.palette.setColor(QPalette::Text, look::light().ink);
        painter.setClipRect(context.clip);
        document_.documentLayout()->draw(&painter, context);
        painter.restore();
        QFont small = font_;
        small.setPointSizeF(7.5);
        painter.setFont(small);
        painter.setPen(look::light().slate);
        const QRectF line(0, page_.height() - footer(), page_.width(), footer());
        painter.drawText(line, Qt::AlignBottom | Qt::AlignLeft,
                         content_.athlete + QStringLiteral(" · ") + content_.skill + QStringLiteral(" · ") +
                             content_.made);
        painter.drawText(line, Qt::AlignBottom | Qt::AlignRight,
                         Report::tr("page %1 of %2").arg(index + 1).arg(pages()));
    }

private:
    [[nodiscard]] double footer() const { return 36 * scale_; }
    const ReportContent& content_;
    QSizeF page_;
    QTextDocument document_;
    QFont font_;
    double scale_ = 1;
};

constexpr QMarginsF kMarginsMm(16, 14, 16, 16);

} // namespace

std::vector<Paper> papersOf(const ReportContent& content) {
    std::vector<Paper> out{Paper::Plan};
    if (!content.ladders.empty() || !content.waits.isEmpty())
        out.push_back(Paper::AthletePage);
    if (!content.ladders.empty())
        out.push_back(Paper::HomeSheet);
    if (!content.positions.empty())
        out.push_back(Paper::KeyPositions);
    if (!content.competition.isEmpty() && !content.ladders.empty())
        out.push_back(Paper::CompetitionCard);
    if (!content.progress.empty())
        out.push_back(Paper::Progress);
    return out;
}

QString paperName(Paper paper) {
    switch (paper) {
    case Paper::Plan:
        return Report::tr("the whole plan");
    case Paper::AthletePage:
        return Report::tr("one page for the athlete");
    case Paper::HomeSheet:
        return Report::tr("home sheet");
    case Paper::KeyPositions:
        return Report::tr("key positions");
    case Paper::CompetitionCard:
        return Report::tr("competition card");
    case Paper::Progress:
        return Report::tr("page of progress");
    }
    return {};
}

QString paperFileWord(Paper paper) {
    switch (paper) {
    case Paper::Plan:
        return QStringLiteral("plan");
    case Paper::AthletePage:
        return QStringLiteral("page");
    case Paper::HomeSheet:
        return QStringLiteral("home");
    case Paper::KeyPositions:
        return QStringLiteral("positions");
    case Paper::CompetitionCard:
        return QStringLiteral("card");
    case Paper::Progress:
        return QStringLiteral("progress");
    }
    return {};
}

std::vector<QImage> previewPages(const ReportContent& content, Paper paper, const PictureSource& pictures,
                                 int dotsPerInch) {
    const QPageLayout page(QPageSize(QPageSize::A4), QPageLayout::Portrait, kMarginsMm, QPageLayout::Millimeter);
    const QRect paint = page.paintRectPixels(dotsPerInch);
    QImage blank(page.fullRectPixels(dotsPerInch).size(), QImage::Format_RGB32);
    constexpr double kInchesPerMetre = 39.3700787;
    blank.setDotsPerMeterX(qRound(dotsPerInch * kInchesPerMetre));
    blank.setDotsPerMeterY(qRound(dotsPerInch * kInchesPerMetre));
    blank.fill(Qt::white);
    Layout layout(content, paper, pictures, blank, paint.size());
    std::vector<QImage> out;
    for (int i = 0; i < layout.pages(); ++i) {
        QImage image = blank.copy();
        QPainter painter(&image);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.translate(paint.topLeft());
        layout.paint(painter, i);
        painter.end();
        out.push_back(std::move(image));
    }
    return out;
}

Result<void> writePdf(const ReportContent& content, Paper paper, const PictureSource& pictures, const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly))
        return badInput(path.toStdString(), "a place that can be written to", file.errorString().toStdString());
    QPdfWriter writer(&file);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageMargins(kMarginsMm, QPageLayout::Millimeter);
    writer.setResolution(kResolution);
    writer.setTitle(content.athlete + QStringLiteral(", ") + content.skill + QStringLiteral(": ") + paperName(paper));
    writer.setCreator(content.program);
    Layout layout(content, paper, pictures, writer, writer.pageLayout().paintRectPixels(kResolution).size());
    QPainter painter(&writer);
    for (int i = 0; i < layout.pages(); ++i) {
        if (i > 0)
            writer.newPage();
        layout.paint(painter, i);
    }
    painter.end();
    file.close();
    if (file.error() != QFileDevice::NoError)
        return fault(path.toStdString(), "could not be written whole: " + file.errorString().toStdString());
    return {};
}

} // namespace riflesso
