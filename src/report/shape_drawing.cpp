#include "report/shape_drawing.h"

#include "report/look.h"

#include <algorithm>

namespace riflesso {
namespace {

const QColor kHalo(16, 25, 28, 170);

QPolygonF placed(const std::vector<PixelPoint>& points, const std::function<QPointF(QPointF)>& place) {
    QPolygonF polygon;
    for (const PixelPoint& point : points)
        polygon << place({point.x, point.y});
    return polygon;
}

void drawPath(QPainter& painter, const ShapeCurve& path, const QColor& colour, double width,
              const std::function<QPointF(QPointF)>& place) {
    constexpr double kThinnest = .5, kThickest = 2.6; // of a segment's width: speed as thickness
    const QPolygonF points = placed(path.points, place);
    for (const bool halo : {true, false})
        for (qsizetype i = 1; i < points.size(); ++i) {
            const auto at = static_cast<std::size_t>(i);
            const double share = path.shares.empty() ? .2 : (path.shares[at - 1] + path.shares[at]) / 2;
            const double thick = width * (kThinnest + (kThickest - kThinnest) * share);
            painter.setPen(
                QPen(halo ? kHalo : colour, thick + (halo ? width : 0), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            painter.drawLine(points[i - 1], points[i]);
        }
}

QRectF extentOf(const MeasuredShape& shape, const std::function<QPointF(QPointF)>& place) {
    QPolygonF all;
    for (const ShapeLine& line : shape.lines)
        all << place({line.from.x, line.from.y}) << place({line.to.x, line.to.y});
    for (const auto* curves : {&shape.arcs, &shape.paths})
        for (const ShapeCurve& curve : *curves)
            all << placed(curve.points, place);
    return all.boundingRect();
}

QFont valueFont(QFont font) {
    font.setBold(true);
    return font;
}

} // namespace

QRectF shapeValueBox(const QFont& font, QPaintDevice* device, const MeasuredShape& shape, const QString& value,
                     const std::function<QPointF(QPointF)>& place, const QRectF& bounds) {
    constexpr double kClear = 14;
    const QFontMetricsF metrics(valueFont(font), device);
    const QRectF extent = extentOf(shape, place);
    QRectF box(0, 0, metrics.horizontalAdvance(value) + metrics.height() * .7, metrics.height() * 1.15);
    box.moveCenter(place({shape.label.x, shape.label.y}));
    box.moveLeft(extent.right() + kClear);
    if (!bounds.isEmpty()) {
        if (box.right() > bounds.right() - 2 && extent.left() - kClear - box.width() > bounds.left())
            box.moveRight(extent.left() - kClear);
        box.moveRight(std::min(box.right(), bounds.right() - 2));
        box.moveTop(
            std::clamp(box.top(), bounds.top() + 2, std::max(bounds.top() + 2, bounds.bottom() - box.height() - 2)));
    }
    return box;
}

void drawShape(QPainter& painter, const MeasuredShape& shape, const QString& value, const QColor& colour, double width,
               const std::function<QPointF(QPointF)>& place, const QRectF& bounds) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    for (const ShapeCurve& path : shape.paths)
        drawPath(painter, path, colour, width, place);
    for (const ShapeCurve& arc : shape.arcs) {
        // The sector, from the arc's centre: where its lines meet.
        QPolygonF sector = placed(arc.points, place);
        if (!shape.lines.empty()) {
            const PixelPoint& corner = shape.arcCentre;
            sector << place({corner.x, corner.y});
            QColor soft = Qt::white;
            soft.setAlpha(70);
            painter.setPen(Qt::NoPen);
            painter.setBrush(soft);
            painter.drawPolygon(sector);
            painter.setBrush(Qt::NoBrush);
        }
    }
    for (const bool halo : {true, false}) {
        for (const ShapeLine& line : shape.lines) {
            QPen pen(halo             ? kHalo
                     : line.reference ? QColor(Qt::white)
                                      : colour,
                     (line.reference ? width * .8 : width * 1.7) + (halo ? width : 0), Qt::SolidLine, Qt::RoundCap);
            if (line.reference && !halo)
                pen.setDashPattern({4, 3.5});
            painter.setPen(pen);
            painter.drawLine(place({line.from.x, line.from.y}), place({line.to.x, line.to.y}));
        }
        for (const ShapeCurve& arc : shape.arcs) {
            painter.setPen(
                QPen(halo ? kHalo : QColor(Qt::white), width + (halo ? width * .8 : 0), Qt::SolidLine, Qt::RoundCap));
            painter.drawPolyline(placed(arc.points, place));
        }
    }
    if (!value.isEmpty()) {
        // Beside the shape, never on it: a thin line leads there.
        const QRectF box = shapeValueBox(painter.font(), painter.device(), shape, value, place, bounds);
        const QPointF at = place({shape.label.x, shape.label.y});
        painter.setPen(QPen(QColor(255, 255, 255, 190), 1));
        painter.drawLine(at, QPointF(box.center().x() > at.x() ? box.left() : box.right(), box.center().y()));
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(16, 25, 28, 215));
        painter.drawRoundedRect(box, box.height() * .25, box.height() * .25);
        painter.setPen(Qt::white);
        painter.setFont(valueFont(painter.font()));
        painter.drawText(box, Qt::AlignCenter, value);
    }
    painter.restore();
}

void drawHeadCover(QPainter& painter, const HeadCover& head, const QColor& colour,
                   const std::function<QPointF(QPointF)>& place, double scale) {
    constexpr double kSoftEdge = 1.5; // the rim of a smooth disc lets something through
    painter.save();
    painter.setPen(Qt::NoPen);
    QColor opaque = colour;
    opaque.setAlpha(255);
    painter.setBrush(opaque);
    const double radius = head.radiusPx * scale + kSoftEdge;
    painter.drawEllipse(place({head.centre.x, head.centre.y}), radius, radius);
    painter.restore();
}

void drawOtherCover(QPainter& painter, const QRectF& box, const std::function<QPointF(QPointF)>& place) {
    painter.fillRect(QRectF(place(box.topLeft()), place(box.bottomRight())).normalized(), QColor(0x5B, 0x67, 0x6B));
}

} // namespace riflesso
