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

/// What is laid out, and what stands at the foot of each page.
struct Laid {
    const ReportContent& content;
    const PictureSource& pictures;
    std::function<void(HtmlPieces&)> write;
    QString foot, title;
};

/// A paper laid out for a device, page by page.
class Layout {
public:
    Layout(const Laid& laid, QPaintDevice& device, const QSizeF& page) : foot_(laid.foot), page_(page) {
        document_.documentLayout()->setPaintDevice(&device);
        font_ = QFont(look::loadTypeface());
        font_.setPointSizeF(9.5);
        document_.setDefaultFont(font_);
        document_.setDocumentMargin(0);
        scale_ = device.logicalDpiX() / static_cast<double>(kResolution);
        // HTML counts in pixels of 96 an inch, which Qt turns into the device's own.
        constexpr double kHtmlDots = 96;
        HtmlPieces pieces(laid.content, laid.pictures, document_, kHtmlDots / kResolution);
        laid.write(pieces);
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
        painter.drawText(line, Qt::AlignBottom | Qt::AlignLeft, foot_);
        painter.drawText(line, Qt::AlignBottom | Qt::AlignRight,
                         Report::tr("page %1 of %2").arg(index + 1).arg(pages()));
    }

private:
    [[nodiscard]] double footer() const { return 36 * scale_; }
    QString foot_;
    QSizeF page_;
    QTextDocument document_;
    QFont font_;
    double scale_ = 1;
};

constexpr QMarginsF kMarginsMm(16, 14, 16, 16);

Laid ofReport(const ReportContent& content, Paper paper, const PictureSource& pictures) {
    return {content, pictures, [paper](HtmlPieces& pieces) { write(paper, pieces); },
            content.athlete + QStringLiteral(" · ") + content.skill + QStringLiteral(" · ") + content.made,
            content.athlete + QStringLiteral(", ") + content.skill + QStringLiteral(": ") + paperName(paper)};
}

Laid ofPaper(const PaperOf& paper) {
    static const ReportContent kNone;
    static const PictureSource kNoPictures;
    return {kNone, kNoPictures, paper.write, paper.title + QStringLiteral(" · ") + paper.kind,
            paper.title + QStringLiteral(": ") + paper.kind};
}

/// Laid out as for the printer, whatever the size they are shown in: what stands where is the same.
std::vector<QImage> pagesOf(const Laid& laid, int dotsPerInch) {
    const QPageLayout page(QPageSize(QPageSize::A4), QPageLayout::Portrait, kMarginsMm, QPageLayout::Millimeter);
    QImage printer(1, 1, QImage::Format_RGB32);
    constexpr double kInchesPerMetre = 39.3700787;
    printer.setDotsPerMeterX(qRound(kResolution * kInchesPerMetre));
    printer.setDotsPerMeterY(qRound(kResolution * kInchesPerMetre));
    Layout layout(laid, printer, page.paintRectPixels(kResolution).size());
    QImage blank(page.fullRectPixels(dotsPerInch).size(), QImage::Format_RGB32);
    blank.fill(Qt::white);
    std::vector<QImage> out;
    for (int i = 0; i < layout.pages(); ++i) {
        QImage image = blank.copy();
        image.setDotsPerMeterX(printer.dotsPerMeterX()); // so that points of type are as large as they were laid out
        image.setDotsPerMeterY(printer.dotsPerMeterY());
        QPainter painter(&image);
        painter.setRenderHints(QPainter::SmoothPixmapTransform | QPainter::Antialiasing | QPainter::TextAntialiasing);
        painter.translate(page.paintRectPixels(dotsPerInch).topLeft());
        const double scale = static_cast<double>(dotsPerInch) / kResolution;
        painter.scale(scale, scale);
        layout.paint(painter, i);
        painter.end();
        out.push_back(std::move(image));
    }
    return out;
}

Result<void> toPdf(const Laid& laid, const QString& creator, const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly))
        return badInput(path.toStdString(), "a place that can be written to", file.errorString().toStdString());
    QPdfWriter writer(&file);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageMargins(kMarginsMm, QPageLayout::Millimeter);
    writer.setResolution(kResolution);
    writer.setTitle(laid.title);
    writer.setCreator(creator);
    Layout layout(laid, writer, writer.pageLayout().paintRectPixels(kResolution).size());
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
    return pagesOf(ofReport(content, paper, pictures), dotsPerInch);
}
std::vector<QImage> previewPages(const PaperOf& paper, int dotsPerInch) { return pagesOf(ofPaper(paper), dotsPerInch); }

Result<void> writePdf(const ReportContent& content, Paper paper, const PictureSource& pictures, const QString& path) {
    return toPdf(ofReport(content, paper, pictures), content.program, path);
}
Result<void> writePdf(const PaperOf& paper, const QString& path) {
    return toPdf(ofPaper(paper), QStringLiteral("Riflesso"), path);
}

} // namespace riflesso
