#include "store/drawn_text.h"

#include <QStringList>

namespace riflesso {

QString drawnToText(const std::vector<PixelPoint>& points) {
    QStringList out;
    for (const PixelPoint& point : points)
        out << QString::number(point.x, 'f', 2) << QString::number(point.y, 'f', 2);
    return out.join(u' ');
}

std::vector<PixelPoint> drawnFromText(const QString& text) {
    std::vector<PixelPoint> out;
    const QStringList numbers = text.split(u' ', Qt::SkipEmptyParts);
    for (qsizetype i = 0; i + 1 < numbers.size(); i += 2) {
        bool x = false, y = false;
        const PixelPoint point{numbers[i].toDouble(&x), numbers[i + 1].toDouble(&y)};
        if (!x || !y)
            break;
        out.push_back(point);
    }
    return out;
}

} // namespace riflesso
