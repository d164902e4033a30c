#include "report/html_pieces.h"

#include <QUrl>

#include <algorithm>

namespace riflesso {

void HtmlPieces::heading(const QString& words) {
    html_ +=
        QStringLiteral(
            "<p style='font-size:13pt; font-weight:bold; color:#1D2B30; margin-top:14px; margin-bottom:4px'>%1</p>")
            .arg(esc(words));
}
void HtmlPieces::small(const QString& words, const QString& colour) {
    html_ += QStringLiteral("<p style='font-size:8.5pt; color:%2; margin-top:1px; margin-bottom:2px'>%1</p>")
                 .arg(esc(words), colour);
}
void HtmlPieces::plain(const QString& words) {
    html_ += QStringLiteral("<p style='margin-top:1px; margin-bottom:3px'>%1</p>").arg(esc(words));
}
void HtmlPieces::line(const QString& words, double points, bool bold, const QString& colour, int above) {
    html_ += QStringLiteral("<p style='font-size:%2pt; %3color:%4; margin-top:%5px; margin-bottom:3px'>%1</p>")
                 .arg(esc(words), QString::number(points), bold ? QStringLiteral("font-weight:bold; ") : QString(),
                      colour, QString::number(above));
}

QString HtmlPieces::sign(const QString& word, int size) {
    for (auto s :
         {look::Sign::Within, look::Sign::Possible, look::Sign::Clear, look::Sign::Strength, look::Sign::Safety}) {
        if (look::wordOf(s) != word)
            continue;
        const QString name = QStringLiteral("sign-") + word;
        QImage drawn(48, 48, QImage::Format_ARGB32);
        drawn.fill(Qt::transparent);
        QPainter painter(&drawn);
        look::drawSign(painter, s, {24, 24}, 40, look::light());
        painter.end();
        doc_.addResource(QTextDocument::ImageResource, QUrl(name), drawn);
        return QStringLiteral("<img src='%1' width='%2' height='%2'>&nbsp;").arg(name).arg(qRound(size * scale_));
    }
    return {};
}

QString HtmlPieces::image(const QImage& drawn, int width) {
    const QString name = QStringLiteral("image-%1").arg(images_++);
    doc_.addResource(QTextDocument::ImageResource, QUrl(name), drawn);
    return QStringLiteral("<img src='%1' width='%2' height='%3'>")
        .arg(name)
        .arg(qRound(width * scale_))
        .arg(qRound(width * scale_ * drawn.height() / std::max(1, drawn.width())));
}

QString HtmlPieces::picture(const PictureRef& ref, int width) {
    constexpr int kLeastDots = 480; // sharp on paper, however small it stands there
    const int dots = std::max(kLeastDots, width);
    const PictureSource seen = [&](const QString& path, int frame) {
        const QImage filmed = source_ ? source_(path, frame) : QImage();
        return ref.turnedOver ? filmed.mirrored(true, false) : filmed;
    };
    return image(keyPicture(ref, c_.lines, seen, {dots, dots * 3 / 4}), width);
}

QString HtmlPieces::colourOf(const PictureRef& ref) {
    return ref.ofModel ? QStringLiteral("#17748A") : QStringLiteral("#9A5410");
}

} // namespace riflesso
