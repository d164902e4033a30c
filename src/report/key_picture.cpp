#include "report/key_picture.h"

#include "report/report_text.h"
#include "report/shape_drawing.h"

#include <QPainter>

namespace riflesso {

std::vector<std::pair<std::string, std::string>> figureLines(const Pack& pack,
                                                             const std::map<std::string, Side>& sides) {
    std::vector<std::pair<std::string, std::string>> lines;
    for (const char* side : {"left_", "right_"})
        for (const auto& [a, b] : {std::pair{"shoulder", "elbow"},
                                   {"elbow", "wrist"},
                                   {"shoulder", "hip"},
                                   {"hip", "knee"},
                                   {"knee", "ankle"},
                                   {"ankle", "toe"},
                                   {"ankle", "heel"}})
            lines.emplace_back(std::string(side) + a, std::string(side) + b);
    lines.emplace_back("left_shoulder", "right_shoulder");
    lines.emplace_back("left_hip", "right_hip");
    for (const OwnPoint& point : pack.points) {
        if (!point.on)
            continue;
        PointRef holder = *point.on;
        if (holder.part == "hand")
            holder.part = "wrist"; // the hand itself is seldom marked
        const std::string name = resolvePoint(holder, sides);
        if (!name.empty())
            lines.emplace_back(name, point.id);
    }
    return lines;
}

std::map<std::string, QPointF> marksIn(const Repetition& repetition, int frame) {
    std::map<std::string, QPointF> out;
    for (const auto& [landmark, marks] : repetition.marks) {
        const auto mark = marks.find(frame);
        if (mark != marks.end())
            out[landmark] = QPointF(mark->second.at.x, mark->second.at.y);
    }
    return out;
}

QRectF cropAround(const std::map<std::string, QPointF>& marks, const QSizeF& aspect, const QSize& picture) {
    const QRectF whole(QPointF(0, 0), QSizeF(picture));
    if (marks.empty())
        return whole;
    QRectF box(marks.begin()->second, QSizeF(1, 1));
    for (const auto& [name, at] : marks)
        box |= QRectF(at, QSizeF(1, 1));
    const double margin = 0.16 * std::max(box.width(), box.height());
    box.adjust(-margin, -1.4 * margin, margin, margin); // the head ends above its highest landmark
    const double wanted = aspect.width() / aspect.height();
    if (box.width() / box.height() < wanted) {
        const double grow = box.height() * wanted - box.width();
        box.adjust(-grow / 2, 0, grow / 2, 0);
    } else {
        const double grow = box.width() / wanted - box.height();
        box.adjust(0, -grow / 2, 0, grow / 2);
    }
    // Never beyond the picture: smaller first, then moved inside.
    const double shrink = std::min({1.0, whole.width() / box.width(), whole.height() / box.height()});
    const QPointF centre = box.center();
    box.setSize(box.size() * shrink);
    box.moveCenter(centre);
    if (box.left() < whole.left())
        box.moveLeft(whole.left());
    if (box.right() > whole.right())
        box.moveRight(whole.right());
    if (box.top() < whole.top())
        box.moveTop(whole.top());
    if (box.bottom() > whole.bottom())
        box.moveBottom(whole.bottom());
    return box;
}

void drawFigure(QPainter& painter, const std::map<std::string, QPointF>& marks,
                const std::vector<std::pair<std::string, std::string>>& lines, const QColor& colour, double width,
                const std::function<QPointF(QPointF)>& place) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    for (const bool halo : {true, false}) {
        painter.setPen(
            QPen(halo ? QColor(16, 25, 28, 150) : colour, halo ? width * 2 : width, Qt::SolidLine, Qt::RoundCap));
        for (const auto& [a, b] : lines) {
            const auto from = marks.find(a), to = marks.find(b);
            if (from != marks.end() && to != marks.end())
                painter.drawLine(place(from->second), place(to->second));
        }
    }
    painter.setPen(QPen(colour, width));
    painter.setBrush(QColor(0x10191C));
    for (const auto& [name, at] : marks)
        painter.drawEllipse(place(at), width * 1.6, width * 1.6);
    painter.restore();
}

QImage keyPicture(const PictureRef& ref, const std::vector<std::pair<std::string, std::string>>& lines,
                  const PictureSource& source, const QSize& size) {
    QImage out(size, QImage::Format_RGB32);
    const look::Palette& colours = look::light();
    out.fill(colours.stage);
    QPainter painter(&out);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QImage frame = source ? source(ref.clipPath, ref.frame) : QImage();
    if (frame.isNull()) {
        painter.setPen(colours.stageText);
        painter.drawText(out.rect(), Qt::AlignCenter, Report::tr("clip not found"));
        return out;
    }
    std::optional<HeadCover> head;
    if (ref.faceCovered) {
        std::map<std::string, PixelPoint> marks;
        for (const auto& [name, at] : ref.marks)
            marks[name] = {at.x(), at.y()};
        head = headCover(marks);
    }
    const QRectF crop = cropAround(ref.marks, size, frame.size());
    const double scale = size.width() / crop.width();
    painter.save();
    if (ref.mirrored) {
        painter.translate(size.width(), 0);
        painter.scale(-1, 1);
    }
    if ((!ref.faceCovered || head) && !ref.leftOut)
        painter.drawImage(QRectF(-crop.x() * scale, -crop.y() * scale, frame.width() * scale, frame.height() * scale),
                          frame);
    painter.restore(); // words are never mirrored
    const auto place = [&](QPointF p) {
        const double x = (p.x() + .5 - crop.x()) * scale;
        return QPointF(ref.mirrored ? size.width() - x : x, (p.y() + .5 - crop.y()) * scale);
    };
    const QColor colour = ref.ofModel ? look::dark().model : look::dark().athlete;
    for (QRectF box : ref.others) {
        if (ref.turnedOver)
            box.moveLeft(frame.width() - 1 - box.right());
        drawOtherCover(painter, box, place);
    }
    if (head)
        drawHeadCover(painter, *head, colour, place, scale);
    const double width = std::max(1.5, size.width() / 220.0);
    drawFigure(painter, ref.marks, lines, colour, width, place);
    if (ref.shape) {
        QFont font = painter.font();
        font.setPixelSize(std::max(11, size.width() / 24));
        painter.setFont(font);
        drawShape(painter, *ref.shape, ref.value, colour, width * 1.1, place, out.rect());
    }
    return out;
}

} // namespace riflesso
