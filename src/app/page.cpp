#include "app/page.h"

#include <QFrame>
#include <QLayout>
#include <QScrollArea>

namespace riflesso {

QLabel* label(const QString& text, const char* role, QWidget* parent) {
    auto* out = new QLabel(text, parent);
    out->setWordWrap(true);
    if (role)
        out->setProperty("role", QLatin1String(role));
    return out;
}

QScrollArea* scrolled(QWidget* inner) {
    auto* scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(inner);
    return scroll;
}

QWidget* hairline(QWidget* parent) {
    auto* line = new QFrame(parent);
    line->setObjectName(QStringLiteral("line"));
    return line;
}

void clearLayout(QLayout* layout) {
    while (QLayoutItem* item = layout->takeAt(0)) {
        if (QWidget* widget = item->widget()) {
            widget->hide();
            widget->deleteLater();
        } else if (QLayout* inner = item->layout()) {
            clearLayout(inner);
        }
        delete item;
    }
}

} // namespace riflesso
