#include "app/widgets/stage_view.h"

#include "app/theme.h"
#include "report/key_picture.h"
#include "report/shape_drawing.h"
#include "report/words.h"

#include <QMouseEvent>
#include <QPainter>
#include <QTimer>
#include <QWheelEvent>

#include <algorithm>
#include <array>
#include <cmath>

namespace riflesso {
namespace {
constexpr double kGrabPx = 9; ///< how near a press must be to take a mark
constexpr double kMaxZoom = 24;
constexpr double kLoupeZoom = 5;
constexpr int kLoupeWidth = 190, kLoupeHeight = 150;
} // namespace

QPointF StageTransform::toWidget(QPointF pixel) const {
    const double x = mirrored ? pictureWidth - 1 - pixel.x() : pixel.x();
    return {offset.x() + (x + .5) * scale, offset.y() + (pixel.y() + .5) * scale};
}
QPointF StageTransform::toPixel(QPointF widget) const {
    const double x = (widget.x() - offset.x()) / scale - .5;
    return {mirrored ? pictureWidth - 1 - x : x, (widget.y() - offset.y()) / scale - .5};
}
StageTransform StageTransform::fitted(const QSize& picture, const QSizeF& size) {
    StageTransform t;
    t.pictureWidth = picture.width();
    if (picture.isEmpty() || size.isEmpty())
        return t;
    t.scale = std::min(size.width() / picture.width(), size.height() / picture.height());
    t.offset = {(size.width() - picture.width() * t.scale) / 2, (size.height() - picture.height() * t.scale) / 2};
    return t;
}
StageTransform StageTransform::zoomed(double factor, QPointF fixed) const {
    StageTransform t = *this;
    t.scale = scale * factor;
    t.offset = fixed - (fixed - offset) * factor;
    return t;
}

StageView::StageView(QWidget* parent) : QWidget(parent) {
    setMouseTracking(true);
    setMinimumSize(240, 150);
    setAccessibleName(tr("Stage: the picture of the clip"));
}

void StageView::setImage(const QImage& image) {
    const bool otherSize = image.size() != image_.size();
    image_ = image;
    viewed_ = asViewed();
    if (otherSize || fit_)
        showAll();
    update();
}
void StageView::setFigures(std::vector<StageFigure> figures) {
    figures_ = std::move(figures);
    update();
}
void StageView::setShape(std::optional<MeasuredShape> shape, const QString& value, const QColor& colour) {
    shape_ = std::move(shape);
    shapeValue_ = value;
    shapeColour_ = colour;
    describe();
    update();
}
void StageView::setSelected(const std::string& mark) {
    selected_ = mark;
    update();
}
void StageView::setCaption(const QString& strong, const QString& quiet, const QColor& colour) {
    strong_ = strong;
    quiet_ = quiet;
    captionColour_ = colour;
    describe();
    update();
}
void StageView::describe() {
    QStringList words{strong_};
    if (!quiet_.isEmpty())
        words << quiet_;
    if (shape_ && !shapeValue_.isEmpty())
        words << shapeValue_;
    setAccessibleDescription(words.join(QStringLiteral(". ")));
}
void StageView::setMirrored(bool mirrored) {
    transform_.mirrored = mirrored;
    update();
}
void StageView::setLoupeText(const QString& text) {
    loupeText_ = text;
    update();
}
void StageView::setMarking(bool on) {
    marking_ = on;
    setCursor(on ? Qt::CrossCursor : Qt::ArrowCursor);
}
void StageView::showAll() {
    const bool mirrored = transform_.mirrored;
    transform_ = StageTransform::fitted(image_.size(), size());
    transform_.mirrored = mirrored;
    if (!area_.isEmpty())
        showBox(area_);
    fit_ = true;
    update();
}
void StageView::setArea(const QRectF& area) {
    if (area == area_)
        return;
    area_ = area;
    if (fit_)
        showAll();
}
void StageView::setView(double brighter, bool sharper) {
    brighter_ = brighter;
    sharper_ = sharper;
    viewed_ = asViewed();
    update();
}
void StageView::setBoxing(bool on) {
    boxing_ = on;
    boxFrom_.reset();
    boxTo_.reset();
    setCursor(on || marking_ ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
}

QImage StageView::asViewed() const {
    if (image_.isNull() || (brighter_ <= 0 && !sharper_))
        return image_;
    QImage out = image_.convertToFormat(QImage::Format_RGB888);
    if (sharper_) {
        // Each pixel moves away from the mean of its four neighbours.
        const QImage from = out;
        constexpr int kBytes = 3;
        const int last = kBytes * (out.width() - 1);
        for (int y = 1; y + 1 < out.height(); ++y) {
            const uchar *above = from.constScanLine(y - 1), *here = from.constScanLine(y),
                        *below = from.constScanLine(y + 1);
            uchar* to = out.scanLine(y);
            for (int x = kBytes; x < last; ++x) {
                const int mean4 = above[x] + below[x] + here[x - kBytes] + here[x + kBytes];
                to[x] = static_cast<uchar>(std::clamp(here[x] + (4 * here[x] - mean4) / 3, 0, 255));
            }
        }
    }
    if (brighter_ > 0) {
        std::array<uchar, 256> table{};
        for (int i = 0; i < 256; ++i)
            table[static_cast<std::size_t>(i)] =
                static_cast<uchar>(std::lround(255 * std::pow(i / 255.0, 1 / (1 + brighter_))));
        for (int y = 0; y < out.height(); ++y) {
            uchar* line = out.scanLine(y);
            for (int x = 0; x < 3 * out.width(); ++x)
                line[x] = table[line[x]];
        }
    }
    return out;
}
void StageView::showBox(const QRectF& box) {
    if (box.isEmpty() || image_.isNull())
        return;
    const bool mirrored = transform_.mirrored;
    transform_.pictureWidth = image_.width();
    transform_.scale = std::min(width() / box.width(), height() / box.height());
    QPointF centre = box.center();
    if (mirrored)
        centre.setX(image_.width() - 1 - centre.x());
    transform_.offset = QPointF(width() / 2.0, height() / 2.0) - (centre + QPointF(.5, .5)) * transform_.scale;
    fit_ = false;
    update();
}

std::string StageView::markAt(QPointF widget) const {
    std::string best;
    double bestGap = kGrabPx;
    if (figures_.empty())
        return best;
    for (const auto& [name, at] : figures_.front().marks) {
        const QPointF gap = transform_.toWidget(at) - widget;
        if (std::hypot(gap.x(), gap.y()) < bestGap) {
            bestGap = std::hypot(gap.x(), gap.y());
            best = name;
        }
    }
    return best;
}

void StageView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const look::Palette& p = theme::colours();
    painter.fillRect(rect(), p.stage);
    if (image_.isNull()) {
        painter.setPen(p.stageText);
        painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                         strong_.isEmpty() ? tr("No picture yet") : strong_);
        return;
    }
    painter.setRenderHint(QPainter::SmoothPixmapTransform, transform_.scale < 4);
    painter.save();
    painter.translate(transform_.offset);
    painter.scale(transform_.scale, transform_.scale);
    if (transform_.mirrored) {
        painter.translate(image_.width(), 0);
        painter.scale(-1, 1);
    }
    if (!area_.isEmpty())
        painter.setClipRect(area_.translated(.5, .5));
    drawPicture(painter);
    painter.restore();
    if (boxFrom_ && boxTo_) {
        painter.setPen(QPen(look::dark().stageText, 1.5, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(transform_.toWidget(*boxFrom_), transform_.toWidget(*boxTo_)).normalized());
    }
    const auto place = [this](QPointF pixel) { return transform_.toWidget(pixel); };
    for (auto figure = figures_.rbegin(); figure != figures_.rend(); ++figure) {
        if (figure->dots) {
            drawFigure(painter, figure->marks, figure->lines, figure->colour, 2.2, place);
            drawProposed(painter, *figure);
        } else {
            painter.save();
            painter.setRenderHint(QPainter::Antialiasing);
            QColor faint = figure->colour;
            faint.setAlphaF(faint.alphaF() * 0.75F);
            painter.setPen(QPen(faint, 2.4, Qt::DashLine, Qt::RoundCap));
            for (const auto& [a, b] : figure->lines) {
                const auto from = figure->marks.find(a), to = figure->marks.find(b);
                if (from != figure->marks.end() && to != figure->marks.end())
                    painter.drawLine(place(from->second), place(to->second));
            }
            painter.restore();
        }
    }
    if (shape_)
        drawShape(painter, *shape_, shapeValue_, shapeColour_, 2.4, place, rect());
    if (!drawings_.empty() || !passing_.empty() || stroke_.size() > 1) {
        painter.save();
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setBrush(Qt::NoBrush);
        const auto draw = [&](const QList<QPointF>& line, double opacity) {
            QPolygonF there;
            for (const QPointF& point : line)
                there << place(point);
            // A dark rim, so that it is seen on any picture.
            for (const auto& [colour, width] : {std::pair{QColor(16, 25, 28), 5.0}, {QColor(255, 214, 92), 2.6}}) {
                QColor shown = colour;
                shown.setAlphaF(static_cast<float>(opacity));
                painter.setPen(QPen(shown, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
                painter.drawPolyline(there);
            }
        };
        for (const StageDrawing& drawing : drawings_)
            draw(drawing.line, drawing.opacity);
        for (const QList<QPointF>& line : passing_)
            draw(line, 1);
        if (stroke_.size() > 1)
            draw(stroke_, 1);
        painter.restore();
    }
    if (!figures_.empty())
        if (const auto at = figures_.front().marks.find(selected_); at != figures_.front().marks.end()) {
            painter.setRenderHint(QPainter::Antialiasing);
            painter.setPen(QPen(Qt::white, 2));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(place(at->second), 8, 8);
        }
    if (!strong_.isEmpty()) {
        QFont bold = font();
        bold.setBold(true);
        const QFontMetrics strongMetrics(bold), quietMetrics(font());
        constexpr int kMargins = 32; // round the box, and round the words in it
        const QString strong = strongMetrics.elidedText(strong_, Qt::ElideRight, width() - kMargins),
                      quiet = quietMetrics.elidedText(quiet_, Qt::ElideRight, width() - kMargins);
        const int wide = std::max(strongMetrics.horizontalAdvance(strong), quietMetrics.horizontalAdvance(quiet));
        const int high = strongMetrics.height() + (quiet_.isEmpty() ? 0 : quietMetrics.height());
        const QRectF box = captionBox(QSizeF(wide + 16, high + 8));
        painter.fillRect(box, QColor(16, 25, 28, 175));
        painter.setFont(bold);
        painter.setPen(captionColour_);
        painter.drawText(box.topLeft() + QPointF(8, 4 + strongMetrics.ascent()), strong);
        painter.setFont(font());
        painter.setPen(look::dark().stageText);
        painter.drawText(box.topLeft() + QPointF(8, 4 + strongMetrics.height() + quietMetrics.ascent()), quiet);
    }
    if (loupe_ && !facesCovered_)
        drawLoupe(painter);
}

void StageView::drawPicture(QPainter& painter) const {
    if (!facesCovered_) {
        painter.drawImage(0, 0, viewed_);
        return;
    }
    std::map<std::string, PixelPoint> marks;
    QColor colour;
    for (const StageFigure& figure : figures_)
        if (figure.dots && marks.empty()) {
            colour = figure.colour;
            for (const auto& [landmark, at] : figure.marks)
                marks[landmark] = {at.x(), at.y()};
        }
    const auto head = headCover(marks);
    if (!head)
        return;
    // Made one before it is drawn: in a drawing that keeps its layers the disc could be taken off again.
    QImage covered(viewed_.size(), QImage::Format_RGB32);
    covered.fill(theme::colours().stage);
    QPainter own(&covered);
    if (!area_.isEmpty())
        own.setClipRect(area_.translated(.5, .5));
    own.drawImage(0, 0, viewed_);
    drawHeadCover(
        own, *head, colour, [](QPointF at) { return at + QPointF(.5, .5); }, 1);
    own.end();
    painter.drawImage(0, 0, covered);
}

QRectF StageView::seenPart() const {
    const QRectF seen = QRectF(transform_.toPixel({0, 0}), transform_.toPixel(QPointF(width(), height()))).normalized();
    return area_.isEmpty() ? seen.intersected(QRectF(image_.rect())) : seen.intersected(area_);
}

std::vector<QPolygonF> StageView::strokes() const {
    std::vector<QPolygonF> out;
    for (const StageDrawing& drawing : drawings_)
        out.emplace_back(drawing.line);
    for (const QList<QPointF>& line : passing_)
        out.emplace_back(line);
    if (stroke_.size() > 1)
        out.emplace_back(stroke_);
    return out;
}

QRectF StageView::captionBox(const QSizeF& size) {
    constexpr double kEdge = 8, kRoom = 34; // room round a mark: a head is wider than its landmark
    const auto at = [&](int corner) {
        QRectF box(QPointF(kEdge, kEdge), size);
        if (corner & 1)
            box.moveRight(width() - kEdge);
        if (corner & 2)
            box.moveBottom(height() - kEdge);
        return box;
    };
    const auto place = [this](QPointF pixel) { return transform_.toWidget(pixel); };
    const QRectF value =
        shape_ && !shapeValue_.isEmpty() ? shapeValueBox(font(), this, *shape_, shapeValue_, place, rect()) : QRectF();
    const auto covers = [&](const QRectF& box) {
        constexpr int kAsManyMarks = 3; // a number that cannot be read is worse than a joint
        int marks = box.intersects(value) ? kAsManyMarks : 0;
        for (const StageFigure& figure : figures_)
            if (figure.dots)
                for (const auto& [name, pixel] : figure.marks)
                    marks += box.adjusted(-kRoom, -kRoom, kRoom, kRoom).contains(transform_.toWidget(pixel));
        return marks;
    };
    // It stays in its corner until it would cover the athlete: while playing it must not jump about.
    if (covers(at(captionCorner_)) > 0)
        for (int corner : {0, 1, 2, 3})
            if (covers(at(corner)) < covers(at(captionCorner_)))
                captionCorner_ = corner;
    return at(captionCorner_);
}

void StageView::drawProposed(QPainter& painter, const StageFigure& figure) const {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    for (const auto& [name, doubtPx] : figure.proposed) {
        const auto at = figure.marks.find(name);
        if (at == figure.marks.end())
            continue;
        const QPointF centre = transform_.toWidget(at->second);
        constexpr double kRing = 7, kLeastDoubt = 12;
        painter.setPen(QPen(Qt::white, 1.4, Qt::DotLine));
        painter.drawEllipse(centre, kRing, kRing);
        if (doubtPx > 0) {
            const double radius = std::max(kLeastDoubt, doubtPx * transform_.scale);
            painter.setPen(QPen(Qt::white, 1.4, Qt::DashLine));
            painter.drawEllipse(centre, radius, radius);
            painter.drawText(centre + QPointF(radius + 2, 4), QStringLiteral("?"));
        }
    }
    painter.restore();
}

void StageView::drawLoupe(QPainter& painter) {
    std::optional<QPointF> centre;
    if (dragged_.empty() && !selected_.empty() && !cursor_ && !figures_.empty()) {
        const auto at = figures_.front().marks.find(selected_);
        if (at != figures_.front().marks.end())
            centre = at->second;
    } else if (cursor_) {
        centre = transform_.toPixel(*cursor_);
    }
    if (!centre)
        return;
    // In the corner away from the cursor.
    const bool left = cursor_ && cursor_->x() > width() * .55 && cursor_->y() > height() * .45;
    const QRectF box(left ? 10 : width() - kLoupeWidth - 10, height() - kLoupeHeight - 32, kLoupeWidth, kLoupeHeight);
    painter.save();
    painter.fillRect(box, theme::colours().stage);
    painter.setClipRect(box);
    painter.translate(box.center());
    painter.scale(transform_.mirrored ? -kLoupeZoom : kLoupeZoom, kLoupeZoom);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, false);
    painter.drawImage(QPointF(-centre->x() - .5, -centre->y() - .5), viewed_);
    painter.restore();
    painter.setPen(QPen(look::dark().athlete, 1));
    painter.drawLine(QPointF(box.center().x() - 22, box.center().y()),
                     QPointF(box.center().x() + 22, box.center().y()));
    painter.drawLine(QPointF(box.center().x(), box.center().y() - 22),
                     QPointF(box.center().x(), box.center().y() + 22));
    const QRectF strip(box.left(), box.bottom(), box.width(), 22);
    painter.fillRect(strip, theme::colours().stage);
    painter.setPen(look::dark().stageText);
    const QString where = QStringLiteral("%1, %2 px").arg(words::number(centre->x(), 1), words::number(centre->y(), 1));
    painter.drawText(strip.adjusted(6, 0, -6, 0), Qt::AlignVCenter | Qt::AlignLeft,
                     loupeText_.isEmpty() ? where : loupeText_ + QStringLiteral(" · ") + where);
    painter.setPen(QPen(look::dark().athlete, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(box.topLeft(), strip.bottomRight()));
}

void StageView::mousePressEvent(QMouseEvent* event) {
    moved_ = false;
    if (boxing_ && event->button() == Qt::LeftButton) {
        boxFrom_ = transform_.toPixel(event->position());
        return;
    }
    pointing_ =
        event->button() == Qt::LeftButton && event->modifiers().testFlag(Qt::ControlModifier) && !image_.isNull();
    if (pointing_) {
        stroke_ = {transform_.toPixel(event->position())};
        return;
    }
    if (event->button() == Qt::LeftButton && marking_)
        dragged_ = markAt(event->position());
    if (!dragged_.empty()) {
        emit markPressed(QString::fromStdString(dragged_));
        return;
    }
    stroke_.clear();
    if (stroking_ && event->button() == Qt::LeftButton && marking_ && !image_.isNull())
        stroke_ = {transform_.toPixel(event->position())};
    if (event->button() == Qt::MiddleButton || event->button() == Qt::RightButton ||
        (event->button() == Qt::LeftButton && !marking_))
        panFrom_ = event->position();
}

void StageView::mouseMoveEvent(QMouseEvent* event) {
    cursor_ = event->position();
    if (boxFrom_) {
        boxTo_ = transform_.toPixel(event->position());
        update();
        return;
    }
    if (!stroke_.isEmpty()) {
        // Nearer than this to where it began it is a click with an unsteady hand.
        constexpr double kStill = 6;
        const QPointF here = transform_.toPixel(event->position());
        const QPointF off = event->position() - transform_.toWidget(stroke_.front());
        if (stroke_.size() > 1 || std::hypot(off.x(), off.y()) > kStill)
            stroke_ << here;
        update();
        return;
    }
    if (!dragged_.empty()) {
        moved_ = true;
        emit markDragged(QString::fromStdString(dragged_), transform_.toPixel(event->position()));
    } else if (panFrom_) {
        transform_.offset += event->position() - *panFrom_;
        panFrom_ = event->position();
        fit_ = false;
    }
    if (loupe_ || panFrom_)
        update();
}

void StageView::mouseReleaseEvent(QMouseEvent* event) {
    if (boxFrom_) {
        const QRectF box = QRectF(*boxFrom_, transform_.toPixel(event->position())).normalized();
        setBoxing(false);
        constexpr double kSmallest = 16;
        if (box.width() >= kSmallest && box.height() >= kSmallest)
            emit boxDrawn(box);
        return;
    }
    const std::string dragged = std::exchange(dragged_, std::string());
    if (!dragged.empty()) {
        if (moved_)
            emit markReleased(QString::fromStdString(dragged), transform_.toPixel(event->position()));
        return;
    }
    panFrom_.reset();
    const QList<QPointF> stroke = std::exchange(stroke_, {});
    if (std::exchange(pointing_, false)) {
        keepForAWhile(stroke);
        return;
    }
    if (stroke.size() > 1) {
        emit stroked(stroke);
        return;
    }
    if (event->button() == Qt::LeftButton && marking_ && !image_.isNull()) {
        const QPointF pixel = transform_.toPixel(event->position());
        if (QRectF(-.5, -.5, image_.width(), image_.height()).contains(pixel))
            emit clicked(pixel);
    }
}

void StageView::keepForAWhile(const QList<QPointF>& stroke) {
    constexpr int kStandsMs = 4000;
    if (stroke.size() < 2)
        return;
    passing_.push_back(stroke);
    update();
    QTimer::singleShot(kStandsMs, this, [this] {
        passing_.erase(passing_.begin());
        update();
    });
}

void StageView::wheelEvent(QWheelEvent* event) {
    if (image_.isNull())
        return;
    const double factor = std::pow(1.0015, event->angleDelta().y());
    const double smallest = area_.isEmpty() ? StageTransform::fitted(image_.size(), size()).scale
                                            : std::min(width() / area_.width(), height() / area_.height());
    const double wanted = std::clamp(transform_.scale * factor, smallest, kMaxZoom);
    if (wanted <= smallest) {
        showAll();
        return;
    }
    transform_ = transform_.zoomed(wanted / transform_.scale, event->position());
    fit_ = false;
    update();
    event->accept();
}

void StageView::leaveEvent(QEvent*) {
    cursor_.reset();
    update();
}

void StageView::resizeEvent(QResizeEvent*) {
    if (fit_)
        showAll();
}

} // namespace riflesso
