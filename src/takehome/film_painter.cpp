#include "takehome/film_painter.h"

#include "report/report_text.h"
#include "report/shape_drawing.h"

#include <QPainter>
#include <QTextLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

// In 720ths of the picture's height; the smallest words are 1/24 of it.
constexpr double kMargin = 36, kHeadingPx = 38, kTextPx = 32, kSmallPx = 30, kHugePx = 58, kLargePx = 46;
constexpr double kHeadingRoom = 62, kSentenceLines = 3, kBetween = 46;

class Canvas {
public:
    Canvas(QImage& image, const PictureSource& source, std::vector<PaintedStage>* placed)
        : painter_(&image), size_(image.size()), unit_(image.height() / 720.0), source_(source), placed_(placed) {
        painter_.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform | QPainter::TextAntialiasing);
        painter_.fillRect(image.rect(), colours().stage);
    }

    void words(const FilmScene& scene, int at) {
        const bool beside = !scene.stages.empty();
        const double wide = size_.width() - 2 * px(kMargin), column = beside ? wide * .56 : wide;
        double height = 0;
        for (const bool measuring : {true, false}) { // in the middle of the height, once that is known
            double y = measuring ? 0 : std::max(px(kMargin), (size_.height() - height) / 2);
            const double top = y;
            y += text(scene.heading, {px(kMargin), y, column, 1e4}, kHugePx, true, colours().ink, measuring) + px(18);
            for (const FilmLine& line : scene.lines) {
                const bool large = line.size == FilmLine::Size::Large;
                const double glyph = line.sign ? px(44) : 0;
                const double high =
                    text(line.words, {px(kMargin) + glyph, y, column - glyph, 1e4}, large ? kLargePx : kTextPx, large,
                         line.caution                         ? colours().safety
                         : line.size == FilmLine::Size::Quiet ? colours().slate
                                                              : colours().ink,
                         measuring);
                if (line.sign && !measuring)
                    look::drawSign(painter_, *line.sign, {px(kMargin) + px(14), y + px(22)}, px(28), colours());
                y += high + px(large ? 20 : 12);
            }
            height = y - top;
        }
        if (!beside)
            return;
        // As high as what is shown is wide for: no more of hall and floor than that.
        const QSizeF part = scene.stages.front().part.size();
        QRectF room(px(kMargin) + column + px(24), px(kMargin), wide - column - px(24),
                    size_.height() - 2 * px(kMargin));
        constexpr double kRoundIt = 1.3;
        const QPointF middle = room.center();
        room.setHeight(std::min(room.height(), kRoundIt * room.width() * part.height() / std::max(1.0, part.width())));
        room.moveCenter(middle);
        stage(scene, scene.stages.front(), at, room, true);
    }

    void moving(const FilmScene& scene, int at) {
        const double width = size_.width(), height = size_.height();
        const bool held = at >= scene.heldFrom;
        text(scene.heading, {px(kMargin), px(10), width - 2 * px(kMargin) - px(300), px(kHeadingRoom)}, kHeadingPx,
             true, colours().ink);
        if (!held && !scene.pace.isEmpty())
            text(scene.pace, {width - px(kMargin) - px(300), px(14), px(300), px(kHeadingRoom)}, kSmallPx, false,
                 colours().slate, false, Qt::AlignRight);
        // The sentence keeps its room while nothing is said yet: pictures that jump are hard to follow.
        const double below = scene.sentence.isEmpty() ? px(kMargin) : px(kSentenceLines * kTextPx * 1.36 + 24);
        const QRectF room(px(kMargin), px(kHeadingRoom), width - 2 * px(kMargin), height - px(kHeadingRoom) - below);
        text(scene.sentence, {px(kMargin), room.bottom() + px(10), width - 2 * px(kMargin), below - px(10)}, kTextPx,
             false, colours().ink);
        if (scene.stages.size() == 1)
            return stage(scene, scene.stages[0], at, room, true);
        if (scene.stages.size() < 2)
            return;
        if (scene.stages.size() > 2)
            return wall(scene, at, room);
        const double gap = px(kBetween);
        const QRectF above(room.left(), room.top(), room.width(), (room.height() - gap) / 2),
            left(room.left(), room.top(), (room.width() - gap) / 2, room.height());
        const bool over = sizeIn(above, scene.stages) >= sizeIn(left, scene.stages);
        const QRectF first = over ? above : left;
        const QRectF second = first.translated(over ? 0 : first.width() + gap, over ? first.height() + gap : 0);
        stage(scene, scene.stages[0], at, first, true);
        stage(scene, scene.stages[1], at, second, false);
        if (!scene.percent.empty())
            waterline(scene, at,
                      over ? QLineF(room.left(), first.bottom() + gap / 2, room.right(), first.bottom() + gap / 2)
                           : QLineF(first.right() + gap / 2, room.top(), first.right() + gap / 2, room.bottom()));
    }

private:
    /// More than two side by side, in the columns that show them largest.
    void wall(const FilmScene& scene, int at, const QRectF& whole) {
        const double gap = px(14), line = scene.percent.empty() ? 0 : px(kBetween);
        const QRectF room = whole.adjusted(0, 0, 0, -line);
        const int count = static_cast<int>(scene.stages.size());
        const auto cell = [&](int columns) {
            const int rows = (count + columns - 1) / columns;
            return QSizeF((room.width() - gap * (columns - 1)) / columns, (room.height() - gap * (rows - 1)) / rows);
        };
        int best = 1;
        for (int columns = 2; columns <= count; ++columns)
            if (sizeIn(QRectF(QPointF(0, 0), cell(columns)), scene.stages) >
                sizeIn(QRectF(QPointF(0, 0), cell(best)), scene.stages))
                best = columns;
        const QSizeF size = cell(best);
        for (int i = 0; i < count; ++i) {
            const int row = i / best, column = i % best;
            const QPointF corner(room.left() + column * (size.width() + gap), room.top() + row * (size.height() + gap));
            stage(scene, scene.stages[static_cast<std::size_t>(i)], at, QRectF(corner, size), true);
        }
        if (!scene.percent.empty())
            waterline(scene, at,
                      QLineF(whole.left(), whole.bottom() - line / 2, whole.right(), whole.bottom() - line / 2));
    }

    [[nodiscard]] double px(double units) const { return units * unit_; }
    [[nodiscard]] static const look::Palette& colours() { return look::dark(); }
    [[nodiscard]] static double sizeIn(const QRectF& room, const std::vector<FilmStage>& stages) {
        double least = 1e9;
        for (const FilmStage& each : stages)
            if (!each.part.isEmpty())
                least = std::min({least, room.width() / each.part.width(), room.height() / each.part.height()});
        return least;
    }

    /// Wrapped words in a box, cut off at its end; how high they are.
    double text(const QString& words, const QRectF& box, double size, bool bold, const QColor& colour,
                bool measuring = false, Qt::Alignment alignment = Qt::AlignLeft) {
        if (words.isEmpty())
            return 0;
        QFont font(look::loadTypeface());
        font.setPixelSize(std::max(1, static_cast<int>(std::ceil(px(size)))));
        font.setBold(bold);
        painter_.setFont(font);
        painter_.setPen(colour);
        const QFontMetricsF metrics(font);
        double y = 0;
        for (const QString& paragraph : words.split(u'\n')) {
            QTextLayout layout(paragraph, font);
            layout.beginLayout();
            for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine()) {
                line.setLineWidth(box.width());
                if (y + metrics.height() > box.height() + 1)
                    break;
                const QString shown =
                    y + 2 * metrics.height() > box.height() + 1
                        ? metrics.elidedText(paragraph.mid(line.textStart()), Qt::ElideRight, box.width())
                        : paragraph.mid(line.textStart(), line.textLength()).trimmed();
                if (!measuring)
                    painter_.drawText(QRectF(box.left(), box.top() + y, box.width(), metrics.height()),
                                      static_cast<int>(alignment) | Qt::TextSingleLine, shown);
                y += metrics.height();
            }
            layout.endLayout();
        }
        return y;
    }

    void stage(const FilmScene& scene, const FilmStage& stage, int at, const QRectF& where, bool captionAbove) {
        painter_.save();
        painter_.setClipRect(where);
        const int frame = stage.frames[static_cast<std::size_t>(at)];
        const QColor colour = stage.ofModel ? colours().model : colours().athlete;
        QImage picture;
        QString missing;
        QSize size = stage.part.isEmpty() ? QSize(16, 9) : stage.part.size().toSize();
        if (!stage.clipPath.isEmpty()) {
            picture = source_(stage.clipPath, frame);
            missing = picture.isNull() ? Report::tr("clip not found") : QString();
            if (!picture.isNull())
                size = picture.size();
        }
        const bool headLost = stage.headCovered && !stage.heads.contains(frame),
                   otherLost = stage.othersUnsure.contains(frame);
        if (picture.isNull() || headLost || otherLost)
            painter_.fillRect(where, QColor(0x1D, 0x2B, 0x30));
        // Of a view that had no picture yet nothing is known: all of it then.
        const QRectF wanted = stage.part.isEmpty() ? QRectF(QPointF(0, 0), QSizeF(size)) : stage.part;
        const double scale = std::min(where.width() / wanted.width(), where.height() / wanted.height());
        const QRectF part = seenAround(wanted, where.size() / scale, stage.clipPath.isEmpty() ? QSize() : size);
        const QPointF middle = where.center();
        const auto place = [&](QPointF p) {
            const double x = (p.x() + .5 - part.center().x()) * scale;
            return middle + QPointF(stage.mirrored ? -x : x, (p.y() + .5 - part.center().y()) * scale);
        };
        if (placed_ && !picture.isNull()) {
            QTransform out; // from the clip's file to here; pixel centres at whole numbers
            out.translate(middle.x(), middle.y());
            out.scale(stage.mirrored ? -scale : scale, scale);
            out.translate(.5 - part.center().x(), .5 - part.center().y());
            if (stage.turnedOver) {
                out.translate(picture.width() - 1, 0);
                out.scale(-1, 1);
            }
            placed_->push_back({stage.clipPath, frame, where, out.inverted(), stage.ofModel});
        }
        const auto head = stage.heads.find(frame);
        if (!picture.isNull() && otherLost)
            missing = Report::tr("somebody else not sure: picture left out");
        else if (!picture.isNull() && headLost)
            missing = Report::tr("face not sure: picture left out");
        else if (!picture.isNull()) {
            painter_.save();
            painter_.translate(middle);
            painter_.scale(stage.mirrored ? -scale : scale, scale);
            painter_.translate(-part.center());
            // The part alone: what is clipped away is not scaled.
            const QRect seen = QRectF(part.adjusted(-2, -2, 2, 2)).toAlignedRect().intersected(picture.rect());
            if (stage.turnedOver)
                picture = picture.mirrored(true, false);
            painter_.drawImage(seen, picture, seen);
            painter_.restore();
            if (const auto others = stage.others.find(frame); others != stage.others.end())
                for (QRectF box : others->second) {
                    if (stage.turnedOver)
                        box.moveLeft(size.width() - 1 - box.right());
                    drawOtherCover(painter_, box, place);
                }
            if (stage.headCovered)
                drawHeadCover(painter_, head->second, colour, place, scale);
        }
        if (!missing.isEmpty())
            text(missing, QRectF(where.left(), middle.y() - px(kSmallPx), where.width(), px(2 * kSmallPx)), kSmallPx,
                 false, colours().slate, false, Qt::AlignHCenter);
        const double line = std::max(1.5, px(3.4));
        if (const auto marks = stage.marks.find(frame); marks != stage.marks.end())
            drawFigure(painter_, marks->second, stage.lines, colour, line, place);
        const auto index = static_cast<std::size_t>(at);
        if (!stage.shapes.empty() && stage.shapes[index])
            drawShape(painter_, *stage.shapes[index], {}, colour, line * 1.1, place, where);
        if (!stage.drawn.empty())
            for (const QPolygonF& stroke : stage.drawn[index]) {
                QPolygonF there;
                for (const QPointF& point : stroke)
                    there << place(point);
                for (const auto& [ink, width] :
                     {std::pair{QColor(16, 25, 28), px(8)}, {QColor(255, 214, 92), px(4.5)}}) {
                    painter_.setPen(QPen(ink, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
                    painter_.setBrush(Qt::NoBrush);
                    painter_.drawPolyline(there);
                }
            }
        if (!stage.pointers.empty() && stage.pointers[index]) {
            painter_.setBrush(Qt::NoBrush);
            for (const auto& [ink, width] : {std::pair{QColor(16, 25, 28), px(7)}, {QColor(Qt::white), px(3.5)}}) {
                painter_.setPen(QPen(ink, width));
                painter_.drawEllipse(place(*stage.pointers[index]), px(15), px(15));
            }
        }
        const bool held = at >= scene.heldFrom;
        if (stage.shape && held)
            drawShape(painter_, *stage.shape, {}, colour, line * 1.1, place, where);
        painter_.restore();
        // Beside the shape, as large as it is here, it would cover what it is of.
        if (held)
            boxed(stage.values.empty() ? stage.value : stage.values[index], where, look::dark().ink,
                  captionAbove ? Qt::BottomEdge : Qt::TopEdge, true);
        boxed(stage.captions.empty() ? stage.caption : stage.captions[index], where, colour,
              captionAbove ? Qt::TopEdge : Qt::BottomEdge, false);
    }

    /// Words in a corner: at the left, or at the right and bold.
    void boxed(const QString& words, const QRectF& where, const QColor& colour, Qt::Edge edge, bool right) {
        if (words.isEmpty())
            return;
        QFont font(look::loadTypeface());
        font.setPixelSize(std::max(1, static_cast<int>(std::ceil(px(kSmallPx)))));
        font.setBold(right);
        const QFontMetricsF metrics(font);
        const QString shown = metrics.elidedText(words, Qt::ElideRight, where.width() - px(20));
        QRectF box(where.left(), where.top(), metrics.horizontalAdvance(shown) + px(20), metrics.height() + px(6));
        if (edge == Qt::BottomEdge)
            box.moveBottom(where.bottom());
        if (right)
            box.moveRight(where.right());
        painter_.fillRect(box, QColor(16, 25, 28, 200));
        painter_.setFont(font);
        painter_.setPen(colour);
        painter_.drawText(box, Qt::AlignCenter | Qt::TextSingleLine, shown);
    }

    void waterline(const FilmScene& scene, int at, const QLineF& line) {
        const double now = scene.percent[static_cast<std::size_t>(at)];
        const QPointF across = line.dx() != 0 ? QPointF(0, 1) : QPointF(1, 0);
        painter_.setPen(QPen(colours().hairline, px(3)));
        painter_.drawLine(line);
        painter_.setPen(QPen(colours().ink, px(3)));
        painter_.drawLine(line.p1(), line.pointAt(std::clamp(now / 100, 0.0, 1.0)));
        for (const double percent : scene.eventsAt) {
            const QPointF tick = line.pointAt(std::clamp(percent / 100, 0.0, 1.0));
            painter_.setPen(QPen(colours().athlete, px(4)));
            painter_.drawLine(tick - across * px(13), tick);
            painter_.setPen(QPen(colours().model, px(4)));
            painter_.drawLine(tick, tick + across * px(13));
        }
        painter_.setPen(Qt::NoPen);
        painter_.setBrush(colours().ink);
        painter_.drawEllipse(line.pointAt(std::clamp(now / 100, 0.0, 1.0)), px(9), px(9));
    }

    /// What is seen: as large as `room`, round the part, no further out of the picture than it must be.
    [[nodiscard]] static QRectF seenAround(const QRectF& part, const QSizeF& room, const QSize& picture) {
        QRectF box(QPointF(0, 0), room);
        box.moveCenter(part.center());
        if (picture.isEmpty())
            return box;
        const auto inside = [](double low, double length, double whole) {
            return length >= whole ? (whole - length) / 2 : std::clamp(low, 0.0, whole - length);
        };
        box.moveTo(inside(box.left(), box.width(), picture.width()), inside(box.top(), box.height(), picture.height()));
        return box;
    }

    QPainter painter_;
    QSize size_;
    double unit_;
    const PictureSource& source_;
    std::vector<PaintedStage>* placed_;
};

} // namespace

void paintFilm(QImage& onto, const Film& film, int picture, const PictureSource& source,
               std::vector<PaintedStage>* placed) {
    const Film::Place place = film.place(picture);
    Canvas canvas(onto, source, placed);
    if (!place.scene)
        return;
    if (!place.scene->lines.empty())
        canvas.words(*place.scene, place.at);
    else
        canvas.moving(*place.scene, place.at);
}

} // namespace riflesso
