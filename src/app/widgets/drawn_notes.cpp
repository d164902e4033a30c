#include "app/widgets/drawn_notes.h"

#include <cmath>
#include <numbers>

namespace riflesso {

std::vector<StageDrawing> drawingsOf(const DrawnNote& note, QSizeF picture) {
    const auto& p = note.points;
    const auto at = [&](std::size_t i) { return QPointF(p[i].x, p[i].y); };
    std::vector<StageDrawing> out;
    switch (note.kind) {
    case DrawnNote::Kind::TwoLines:
        for (std::size_t i = 0; i + 1 < p.size(); i += 2)
            out.push_back({{at(i), at(i + 1)}});
        return out;
    case DrawnNote::Kind::Circle: {
        if (p.size() < 2)
            return out;
        constexpr int kSides = 72;
        const double radius = std::hypot(p[1].x - p[0].x, p[1].y - p[0].y);
        StageDrawing circle;
        for (int i = 0; i <= kSides; ++i) {
            const double angle = 2 * std::numbers::pi * i / kSides;
            circle.line << at(0) + QPointF(radius * std::cos(angle), radius * std::sin(angle));
        }
        out.push_back(std::move(circle));
        return out;
    }
    case DrawnNote::Kind::Plumb:
        if (!p.empty())
            out.push_back({{{p[0].x, 0}, {p[0].x, picture.height() - 1}}});
        return out;
    case DrawnNote::Kind::Cover:
        if (p.size() == 2 && p[0].x != p[1].x)
            out.push_back({{at(0), {p[1].x, p[0].y}, at(1), {p[0].x, p[1].y}, at(0)}});
        return out;
    case DrawnNote::Kind::Line:
    case DrawnNote::Kind::Angle:
    case DrawnNote::Kind::Stroke:
        break;
    }
    StageDrawing line;
    for (std::size_t i = 0; i < p.size(); ++i)
        line.line << at(i);
    if (line.line.size() > 1)
        out.push_back(std::move(line));
    return out;
}

std::vector<StageDrawing> drawingsAt(const std::vector<DrawnNote>& notes, int frame, QSizeF picture) {
    std::vector<StageDrawing> out;
    for (const DrawnNote& note : notes)
        if (note.frame == frame)
            for (StageDrawing& drawing : drawingsOf(note, picture))
                out.push_back(std::move(drawing));
    return out;
}

} // namespace riflesso
