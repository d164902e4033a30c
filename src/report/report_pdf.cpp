#include "report/report_content.h"

#include "report/words.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QFile>
#include <QPageSize>
#include <QPdfWriter>
#include <QTextDocument>
#include <QUrl>

namespace riflesso {
namespace {

constexpr int kResolution = 150; // dots an inch of the laid-out page
constexpr int kPictureWidth = 480, kPictureHeight = 360;

QString esc(const QString& value) { return value.toHtmlEscaped(); }

/// Builds the report as HTML of the small kind Qt lays out, with its pictures as resources.
class Page {
public:
    Page(const ReportContent& content, const PictureSource& source, QTextDocument& document, double scale)
        : c_(content), source_(source), doc_(document), scale_(scale) {}

    QString html() {
        title();
        strengths();
        findings();
        ladders();
        lists();
        measures();
        return html_;
    }

private:
    void heading(const QString& words) {
        html_ +=
            QStringLiteral(
                "<p style='font-size:13pt; font-weight:bold; color:#1D2B30; margin-top:14px; margin-bottom:4px'>%1</p>")
                .arg(esc(words));
    }
    void small(const QString& words, const QString& colour = QStringLiteral("#55656B")) {
        html_ += QStringLiteral("<p style='font-size:8.5pt; color:%2; margin-top:1px; margin-bottom:2px'>%1</p>")
                     .arg(esc(words), colour);
    }
    void plain(const QString& words) {
        html_ += QStringLiteral("<p style='margin-top:1px; margin-bottom:3px'>%1</p>").arg(esc(words));
    }
    /// A state's shape as a small picture, so that it needs no special glyph.
    QString sign(const QString& word) {
        for (auto s :
             {look::Sign::Within, look::Sign::Possible, look::Sign::Clear, look::Sign::Strength, look::Sign::Safety}) {
            if (look::wordOf(s) != word)
                continue;
            const QString name = QStringLiteral("sign-") + word;
            QImage image(48, 48, QImage::Format_ARGB32);
            image.fill(Qt::transparent);
            QPainter painter(&image);
            look::drawSign(painter, s, {24, 24}, 40, look::light());
            painter.end();
            doc_.addResource(QTextDocument::ImageResource, QUrl(name), image);
            return QStringLiteral("<img src='%1' width='%2' height='%2'>&nbsp;").arg(name).arg(qRound(15 * scale_));
        }
        return {};
    }

    void title() {
        html_ += QStringLiteral("<p style='font-size:20pt; font-weight:bold; margin-bottom:0px'>%1</p>")
                     .arg(esc(c_.athlete));
        html_ +=
            QStringLiteral("<p style='font-size:12pt; color:#55656B; margin-top:0px; margin-bottom:2px'>%1, %2</p>")
                .arg(esc(c_.skill), esc(c_.session));
        small(QStringLiteral("Filmed %1 · %2 · compared with %3").arg(c_.date, c_.set, c_.model));
        if (!c_.goal.isEmpty())
            small(QStringLiteral("Goal: %1").arg(c_.goal));
    }
    void strengths() {
        heading(QStringLiteral("Strengths"));
        if (c_.strengths.empty())
            plain(QStringLiteral(
                "No measure stands clearly inside its reference in at least three of four repetitions yet."));
        for (const auto& row : c_.strengths)
            html_ += QStringLiteral("<p style='margin-top:1px; margin-bottom:2px'>%1%2 <span style='color:#55656B; "
                                    "font-size:8.5pt'>%3, %4</span></p>")
                         .arg(sign(row.sign), esc(row.title), esc(row.value), esc(row.reference));
    }
    void findings() {
        heading(QStringLiteral("What to work on, and why"));
        if (c_.findings.empty())
            plain(QStringLiteral("Nothing that stands out from the reference was found in this set."));
        int number = 0;
        for (const auto& e : c_.findings) {
            const QString role = e.main    ? QStringLiteral(" · main focus")
                                 : e.minor ? QStringLiteral(" · minor focus")
                                           : QString();
            html_ += QStringLiteral("<p style='margin-top:8px; margin-bottom:1px'>%1<b>%2</b> <span "
                                    "style='color:#55656B'>shown in %3%4</span></p>")
                         .arg(sign(e.safety.isEmpty() ? e.sign : QStringLiteral("safety")), esc(e.title), esc(e.share),
                              esc(role));
            plain(e.explain);
            if (!e.value.isEmpty())
                small(QStringLiteral("%1 (%2)").arg(e.value, e.reference));
            if (!e.because.isEmpty())
                small(e.because);
            if (!e.decision.isEmpty())
                small(QStringLiteral("Decided: %1").arg(e.decision));
            if (!e.safety.isEmpty())
                small(e.safety, QStringLiteral("#A8321F"));
            if (!e.pictures.empty())
                pictures(e.pictures, number);
            ++number;
        }
    }
    void pictures(const std::vector<PictureRef>& refs, int finding) {
        html_ += QStringLiteral("<table cellspacing='6'><tr>");
        int i = 0;
        for (const PictureRef& ref : refs) {
            const QString name = QStringLiteral("picture-%1-%2").arg(finding).arg(i++);
            doc_.addResource(QTextDocument::ImageResource, QUrl(name),
                             keyPicture(ref, c_.lines, source_, {kPictureWidth, kPictureHeight}));
            html_ +=
                QStringLiteral(
                    "<td><img src='%1' width='%2' height='%3'><br><span style='font-size:8pt; color:%4'>%5</span></td>")
                    .arg(name)
                    .arg(qRound(kPictureWidth * scale_))
                    .arg(qRound(kPictureHeight * scale_))
                    .arg(ref.ofModel ? QStringLiteral("#17748A") : QStringLiteral("#9A5410"), esc(ref.caption));
        }
        html_ += QStringLiteral("</tr></table>");
    }
    void ladders() {
        for (const auto& ladder : c_.ladders) {
            heading(QStringLiteral("%1: %2").arg(
                ladder.main ? QStringLiteral("Main focus") : QStringLiteral("Minor focus"), ladder.fault));
            small(QStringLiteral(
                "Stay on a rung while about three of four repetitions are good; below half, go one back."));
            html_ += QStringLiteral("<table cellspacing='0' cellpadding='4' width='100%'>");
            int step = 0;
            for (const auto& s : ladder.steps) {
                html_ +=
                    QStringLiteral("<tr style='background-color:%1'><td width='26'><b>%2</b></td><td><b>%3</b> "
                                   "<span style='color:#55656B; font-size:8.5pt'>%4 · %5%6</span><br>\"%7\"<br>"
                                   "<span style='font-size:8.5pt'>Good: %8</span>%9</td></tr>")
                        .arg(s.startHere ? QStringLiteral("#EBCFA6") : QStringLiteral("#FFFFFF"))
                        .arg(++step)
                        .arg(esc(s.title) + (s.startHere ? QStringLiteral(" (start here)") : QString()), esc(s.stage),
                             esc(s.dose), s.needs.isEmpty() ? QString() : QStringLiteral(" · needs ") + esc(s.needs),
                             esc(s.cue), esc(s.good),
                             s.cautions.isEmpty()
                                 ? QString()
                                 : QStringLiteral("<br><span style='font-size:8.5pt; color:#A8321F'>%1</span>")
                                       .arg(esc(s.cautions)));
            }
            html_ += QStringLiteral("</table>");
        }
    }
    void list(const QString& name, const QStringList& entries) {
        if (entries.isEmpty())
            return;
        heading(name);
        for (const QString& entry : entries)
            plain(entry);
    }
    void lists() {
        list(QStringLiteral("Not possible as it stands"), c_.missing);
        list(QStringLiteral("Dates"), c_.schedule);
        list(QStringLiteral("The next lesson"), c_.lesson);
        list(QStringLiteral("Cautions"), c_.cautions);
        list(QStringLiteral("Believed and measured"), c_.beliefs);
    }
    void measures() {
        heading(QStringLiteral("All measures"));
        html_ += QStringLiteral("<table cellspacing='0' cellpadding='3' width='100%'>");
        for (const auto& row : c_.measures)
            html_ += QStringLiteral(
                         "<tr><td>%1</td><td align='right'>%2</td><td style='color:#55656B'>%3</td><td>%4%5</td></tr>")
                         .arg(esc(row.title), esc(row.value), esc(row.reference), sign(row.sign),
                              esc(row.note.isEmpty() ? row.sign : row.sign + QStringLiteral(", ") + row.note));
        html_ += QStringLiteral("</table>");
        for (const QString& remark : c_.remarks)
            small(remark);
        small(QStringLiteral("Made with %1 on %2.").arg(c_.program, c_.made));
    }

    const ReportContent& c_;
    const PictureSource& source_;
    QTextDocument& doc_;
    double scale_; ///< of the device against the resolution of the printed page
    QString html_;
};

/// The report laid out for a device, page by page.
class Layout {
public:
    Layout(const ReportContent& content, const PictureSource& pictures, QPaintDevice& device, const QSizeF& page)
        : content_(content), page_(page) {
        document_.documentLayout()->setPaintDevice(&device);
        font_ = QFont(look::loadTypeface());
        font_.setPointSizeF(9.5);
        document_.setDefaultFont(font_);
        document_.setDocumentMargin(0);
        scale_ = device.logicalDpiX() / static_cast<double>(kResolution);
        document_.setHtml(Page(content, pictures, document_, scale_).html());
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
                         QStringLiteral("page %1 of %2").arg(index + 1).arg(pages()));
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

std::vector<QImage> previewPages(const ReportContent& content, const PictureSource& pictures, int dotsPerInch) {
    const QPageLayout page(QPageSize(QPageSize::A4), QPageLayout::Portrait, kMarginsMm, QPageLayout::Millimeter);
    const QRect paint = page.paintRectPixels(dotsPerInch);
    QImage blank(page.fullRectPixels(dotsPerInch).size(), QImage::Format_RGB32);
    constexpr double kInchesPerMetre = 39.3700787;
    blank.setDotsPerMeterX(qRound(dotsPerInch * kInchesPerMetre));
    blank.setDotsPerMeterY(qRound(dotsPerInch * kInchesPerMetre));
    blank.fill(Qt::white);
    Layout layout(content, pictures, blank, paint.size());
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

Result<void> writePdf(const ReportContent& content, const PictureSource& pictures, const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly))
        return badInput(path.toStdString(), "a place that can be written to", file.errorString().toStdString());
    QPdfWriter writer(&file);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageMargins(kMarginsMm, QPageLayout::Millimeter);
    writer.setResolution(kResolution);
    writer.setTitle(content.athlete + QStringLiteral(", ") + content.skill);
    writer.setCreator(content.program);
    Layout layout(content, pictures, writer, writer.pageLayout().paintRectPixels(kResolution).size());
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
