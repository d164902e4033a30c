#include "app/widgets/choice_box.h"

#include <QHelpEvent>
#include <QStyle>
#include <QStyleOptionComboBox>
#include <QStylePainter>
#include <QToolTip>

#include <algorithm>

namespace riflesso {

QString ChoiceBox::shownText() const {
    QStyleOptionComboBox option;
    initStyleOption(&option);
    const QRect room = style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, this);
    // A box of its own size has room for its longest words to the pixel, give or take what the style's rounding does.
    constexpr int kSlack = 4;
    const int width = room.width() - (option.currentIcon.isNull() ? 0 : option.iconSize.width() + kSlack);
    return fontMetrics().horizontalAdvance(currentText()) <= width + kSlack
               ? currentText()
               : fontMetrics().elidedText(currentText(), Qt::ElideRight, width);
}

QSize ChoiceBox::minimumSizeHint() const {
    constexpr int kLetters = 10;
    const QSize whole = QComboBox::minimumSizeHint();
    return {std::min(whole.width(), fontMetrics().averageCharWidth() * kLetters + whole.height()), whole.height()};
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
