#include "app/widgets/wrapping_row.h"

#include <QStyle>
#include <QWidget>

#include <algorithm>

namespace riflesso {

WrappingRow::WrappingRow(int spacing, QWidget* parent) : QLayout(parent) {
    setContentsMargins(0, 0, 0, 0);
    setSpacing(spacing);
}

WrappingRow::~WrappingRow() {
    for (QLayoutItem* item : items_)
        delete item;
}

void WrappingRow::addItem(QLayoutItem* item) {
    items_.push_back(item);
    invalidate();
}

QSize WrappingRow::sizeHint() const {
    QSize all;
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty()) {
            const QSize one = item->sizeHint();
            all =
                QSize(all.width() + (all.isNull() ? 0 : spacing()) + one.width(), std::max(all.height(), one.height()));
        }
    const QMargins m = contentsMargins();
    return all + QSize(m.left() + m.right(), m.top() + m.bottom());
}

QSize WrappingRow::minimumSize() const {
    QSize widest;
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty())
            widest = widest.expandedTo(item->minimumSize());
    const QMargins m = contentsMargins();
    return widest + QSize(m.left() + m.right(), m.top() + m.bottom());
}

int WrappingRow::count() const { return static_cast<int>(items_.size()); }

QLayoutItem* WrappingRow::itemAt(int index) const {
    return index >= 0 && index < count() ? items_[static_cast<std::size_t>(index)] : nullptr;
}

QLayoutItem* WrappingRow::takeAt(int index) {
    QLayoutItem* item = itemAt(index);
    if (item)
        items_.erase(items_.begin() + index);
    return item;
}

Qt::Orientations WrappingRow::expandingDirections() const { return {}; }

bool WrappingRow::hasHeightForWidth() const { return true; }

int WrappingRow::heightForWidth(int width) const {
    int bottom = 0;
    for (const QRect& place : placesIn(QRect(0, 0, width, 0)))
        if (!place.isNull())
            bottom = std::max(bottom, place.bottom() + 1);
    return bottom + contentsMargins().bottom();
}

std::vector<QRect> WrappingRow::placesIn(const QRect& rect) const {
    const QRect room = rect.marginsRemoved(contentsMargins());
    std::vector<QRect> out(items_.size());
    int x = room.left(), y = room.top(), line = 0;
    std::size_t first = 0; // of the line
    const auto centred = [&](std::size_t end) {
        for (std::size_t i = first; i < end; ++i)
            if (!out[i].isNull())
                out[i].translate(0, (line - out[i].height()) / 2);
    };
    for (std::size_t i = 0; i < items_.size(); ++i) {
        if (items_[i]->isEmpty())
            continue;
        const QSize size = items_[i]->sizeHint().boundedTo(QSize(std::max(room.width(), 1), QWIDGETSIZE_MAX));
        if (x > room.left() && x + size.width() > room.left() + room.width()) {
            centred(i);
            x = room.left(), y += line + spacing(), line = 0, first = i;
        }
        out[i] = QRect(QPoint(x, y), size);
        x += size.width() + spacing();
        line = std::max(line, size.height());
    }
    centred(items_.size());
    return out;
}

void WrappingRow::setGeometry(const QRect& rect) {
    QLayout::setGeometry(rect);
    const std::vector<QRect> places = placesIn(rect);
    const Qt::LayoutDirection direction = parentWidget() ? parentWidget()->layoutDirection() : Qt::LeftToRight;
    for (std::size_t i = 0; i < items_.size(); ++i)
        if (!places[i].isNull())
            items_[i]->setGeometry(QStyle::visualRect(direction, rect, places[i]));
}

} // namespace riflesso
