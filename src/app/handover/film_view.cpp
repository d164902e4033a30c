#include "app/handover/film_panel.h"
#include "report/look.h"

#include <QMouseEvent>
#include <QPainter>

namespace riflesso {

QRectF FilmView::where() const {
    const QSize room = QSize(16, 9).scaled(size(), Qt::KeepAspectRatio);
    return QRectF(QRect(QPoint((width() - room.width()) / 2, (height() - room.height()) / 2), room));
}

void FilmView::setBoxing(bool on) {
    boxing_ = on;
    from_.reset();
    to_.reset();
    setCursor(on ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
}

void FilmView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(where(), look::dark().stage);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!image_.isNull())
        painter.drawImage(where(), image_);
    if (from_ && to_) {
        for (const auto& [colour, wide] : {std::pair{QColor(16, 25, 28), 4}, {QColor(Qt::white), 2}}) {
            painter.setPen(QPen(colour, wide));
            painter.drawRect(QRectF(*from_, *to_).normalized());
        }
    }
}

void FilmView::mousePressEvent(QMouseEvent* event) {
    if (boxing_ && event->button() == Qt::LeftButton)
        from_ = event->position();
}
void FilmView::mouseMoveEvent(QMouseEvent* event) {
    if (from_) {
        to_ = event->position();
        update();
    }
}
void FilmView::mouseReleaseEvent(QMouseEvent* event) {
    if (!from_)
        return;
    const QRectF box = QRectF(*from_, event->position()).normalized(), room = where();
    setBoxing(false);
    constexpr double kSmallest = 6; // pixels on the screen: less is a click
    if (box.width() < kSmallest || box.height() < kSmallest)
        return;
    emit boxDrawn(QRectF((box.left() - room.left()) / room.width(), (box.top() - room.top()) / room.height(),
                         box.width() / room.width(), box.height() / room.height()));
}

} // namespace riflesso
