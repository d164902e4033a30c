#include "app/widgets/choice_box.h"

#include <QHelpEvent>
#include <QStyle>
#include <QStyleOptionComboBox>
#include <QStylePainter>
#include <QToolTip>

namespace riflesso {

QString ChoiceBox::shownText() const {
    QStyleOptionComboBox option;
    initStyleOption(&option);
    const QRect room = style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, this);
    constexpr int kInset = 2; // that the style keeps on both sides of the words
    const int taken = 2 * kInset + (option.currentIcon.isNull() ? 0 : option.iconSize.width() + 2 * kInset);
    return fontMetrics().elidedText(currentText(), Qt::ElideRight, room.width() - taken);
}

void ChoiceBox::paintEvent(QPaintEvent* /*event*/) {
    QStylePainter painter(this);
    QStyleOptionComboBox option;
    initStyleOption(&option);
    option.currentText = shownText();
    painter.drawComplexControl(QStyle::CC_ComboBox, option);
    painter.drawControl(QStyle::CE_ComboBoxLabel, option);
}

bool ChoiceBox::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip && toolTip().isEmpty() && shownText() != currentText()) {
        QToolTip::showText(static_cast<QHelpEvent*>(event)->globalPos(), currentText(), this);
        return true;
    }
    return QComboBox::event(event);
}

} // namespace riflesso
