#pragma once
// What was drawn on a picture, as lines for the stage.

#include "core/points/bench_points.h"

#include <QList>
#include <QPointF>
#include <QSizeF>

#include <vector>

namespace riflesso {

/// One connected line over the picture, in its pixels.
struct StageDrawing {
    QList<QPointF> line;
    double opacity = 1;
};
/// picture: its size in pixels, for a plumb line through the whole of it.
[[nodiscard]] std::vector<StageDrawing> drawingsOf(const DrawnNote& note, QSizeF picture);
/// Those of one frame.
[[nodiscard]] std::vector<StageDrawing> drawingsAt(const std::vector<DrawnNote>& notes, int frame, QSizeF picture);

} // namespace riflesso
