#include "report/look.h"

#include "report/words.h"

#include <QFontDatabase>

#include <cmath>
#include <numbers>
#include <utility>

// Resources of a static library register only when asked to, outside any namespace.
static void registerReportResources() { Q_INIT_RESOURCE(report); }

namespace riflesso::look {

const Palette& light() {
    static const Palette kLight = {QColor(0xF6F2EA), QColor(0xFBFAF4), QColor(0xEDE6D8), QColor(0x1D2B30),
                                   QColor(0x55656B), QColor(0xDAD3C5), QColor(0x10191C), QColor(0xD5DDDE),
                                   QColor(0xC2711A), QColor(0x17748A), QColor(0x8B2C5E), QColor(0xA8321F),
                                   QColor(0x9A5410), QColor(0xEBCFA6), QColor(0xC4DFE5), QColor(0xEFDDE7)};
    return kLight;
}

const Palette& dark() {
    static const Palette kDark = {QColor(0x182024), QColor(0x1F2A2F), QColor(0x131A1D), QColor(0xECE7DC),
                                  QColor(0x9FB0B5), QColor(0x3A474C), QColor(0x0B1113), QColor(0xD5DDDE),
                                  QColor(0xE69A45), QColor(0x57B7CD), QColor(0xDD86B4), QColor(0xEE8672),
                                  QColor(0xE69A45), QColor(0x5A4223), QColor(0x1F4A55), QColor(0x4A2A3C)};
    return kDark;
}

Sign signOf(State state) {
    return state == State::Clear ? Sign::Clear : state == State::Possible ? Sign::Possible : Sign::Within;
}

QString wordOf(Sign sign) {
    switch (sign) {
    case Sign::Within:
        return words::word("within");
    case Sign::Possible:
        return words::word("possible");
    case Sign::Clear:
        return words::word("clear");
    case Sign::Strength:
        return words::word("strength");
    case Sign::Safety:
        return words::word("safety");
    }
    return {};
}

void drawSign(QPainter& painter, Sign sign, const QPointF& centre, double size, const Palette& palette) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double r = size / 2;
    const auto polygon = [&](int corners, double turn) {
        QPolygonF shape;
        for (int i = 0; i < corners; ++i) {
            const double angle = turn + 2 * std::numbers::pi * i / corners;
            shape << centre + QPointF(std::cos(angle), std::sin(angle)) * r;
        }
        return shape;
    };
    const double up = -std::numbers::pi / 2;
    switch (sign) {
    case Sign::Within:
        painter.setPen(QPen(palette.slate, size / 7));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(centre, r * .8, r * .8);
        break;
    case Sign::Possible: {
        painter.setPen(QPen(palette.deviation, size / 7));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(centre, r * .85, r * .85);
        painter.setPen(Qt::NoPen);
        painter.setBrush(palette.deviation);
        painter.drawPie(QRectF(centre.x() - r * .85, centre.y() - r * .85, r * 1.7, r * 1.7), 90 * 16, 180 * 16);
        break;
    }
    case Sign::Clear:
        painter.setPen(Qt::NoPen);
        painter.setBrush(palette.deviation);
        painter.drawPolygon(polygon(4, up));
        break;
    case Sign::Strength:
        painter.setPen(Qt::NoPen);
        painter.setBrush(palette.model);
        painter.drawPolygon(polygon(3, up));
        break;
    case Sign::Safety:
        painter.setPen(Qt::NoPen);
        painter.setBrush(palette.safety);
        painter.drawPolygon(polygon(6, 0));
        break;
    }
    painter.restore();
}

QString loadTypeface() {
    static bool loaded = false;
    if (std::exchange(loaded, true))
        return QStringLiteral("Noto Sans");
    registerReportResources();
    for (const char* file :
         {":/fonts/NotoSans-Regular.ttf", ":/fonts/NotoSans-Bold.ttf", ":/fonts/NotoSans-Italic.ttf"})
        QFontDatabase::addApplicationFont(QLatin1String(file));
    return QStringLiteral("Noto Sans");
}

} // namespace riflesso::look
