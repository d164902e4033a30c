#pragma once
// Points of a drawn note as text: "x y x y".

#include "core/points/bench_points.h"

#include <QString>

namespace riflesso {

[[nodiscard]] QString drawnToText(const std::vector<PixelPoint>& points);
/// What is no number ends it.
[[nodiscard]] std::vector<PixelPoint> drawnFromText(const QString& text);

} // namespace riflesso
