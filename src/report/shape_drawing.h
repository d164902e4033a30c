#pragma once
// Draws what is measured over a picture, on the stage and on paper alike.

#include "core/measure/measured_shape.h"
#include "core/points/head_cover.h"

#include <QColor>
#include <QPainter>
#include <QPointF>
#include <QRectF>
#include <QString>

#include <functional>

namespace riflesso {

/// `place` takes pixels of the clip to the painter's coordinates; `width` is a segment's, in those. The value stands at
/// the shape's label, kept inside `bounds` (painter's coordinates, unless empty).
void drawShape(QPainter& painter, const MeasuredShape& shape, const QString& value, const QColor& colour, double width,
               const std::function<QPointF(QPointF)>& place, const QRectF& bounds = {});

/// Where drawShape puts the value: right of the shape, else left of it.
[[nodiscard]] QRectF shapeValueBox(const QFont& font, QPaintDevice* device, const MeasuredShape& shape,
                                   const QString& value, const std::function<QPointF(QPointF)>& place,
                                   const QRectF& bounds);

/// An opaque disc over a head; `scale`: painter's units a pixel of the clip.
void drawHeadCover(QPainter& painter, const HeadCover& head, const QColor& colour,
                   const std::function<QPointF(QPointF)>& place, double scale);
/// An opaque box over somebody else, in the pixels of the picture that `place` takes.
void drawOtherCover(QPainter& painter, const QRectF& box, const std::function<QPointF(QPointF)>& place);

} // namespace riflesso
