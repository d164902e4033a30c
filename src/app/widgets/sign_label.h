#pragma once
// A state's shape as a small widget.

#include "app/theme.h"

#include <QPainter>
#include <QWidget>

namespace riflesso {

class SignLabel : public QWidget {
    Q_OBJECT
public:
    explicit SignLabel(look::Sign sign, QWidget* parent = nullptr, int size = 13)
        : QWidget(parent), sign_(sign), size_(size) {
        setFixedSize(size + 4, size + 4);
        setToolTip(look::wordOf(sign));
        setAccessibleName(look::wordOf(sign));
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        look::drawSign(painter, sign_, QPointF(width() / 2.0, height() / 2.0), size_, theme::colours());
    }

private:
    look::Sign sign_;
    int size_;
};

} // namespace riflesso
