#include "app/key_list.h"

#include "app/theme.h"

#include <QGridLayout>

namespace riflesso {

KeyList::KeyList(const QString& page, const QList<KeyHint>& keys, QWidget* parent) : QFrame(parent, Qt::Popup) {
    setObjectName(QStringLiteral("raised"));
    setAttribute(Qt::WA_DeleteOnClose);
    setStyleSheet(QStringLiteral("#raised { border: 1px solid %1; }").arg(theme::colours().slate.name()));
    setAccessibleName(tr("Keys"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(18, 12, 18, 14);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(3);
    const QList<KeyHint> everywhere{
        {tr("Ctrl K"), tr("find an athlete, a measure, a drill, a page")},
        {tr("Ctrl Z"), tr("undo; Shift: redo")},
        {tr("Ctrl Shift C"), tr("the view under the pointer as a picture; a right click: more")},
        {tr("Ctrl Shift R"), tr("talk it through: record what is shown and said; again: end")},
        {tr("Ctrl Shift P"), tr("pause the recording, and go on")},
        {tr("Ctrl Shift B"), tr("leave the last ten seconds of the recording out, to say them again")},
        {tr("Ctrl and drag"), tr("draw on a picture; it goes after four seconds")},
        {tr("Alt 1…9"), tr("the steps of the course")},
        {tr("?"), tr("this list")},
        {tr("F1"), tr("the guide, at this page")}};
    constexpr int kBetween = 14; // pixels between two columns of keys, beside the grid's own spacing
    int column = 0;
    const auto nextColumn = [&] {
        grid->setColumnMinimumWidth(column + 2, kBetween);
        column += 3;
    };
    for (const auto& [title, list] : {std::pair{page.toUpper(), keys}, {tr("EVERYWHERE"), everywhere}}) {
        // Two columns of a page's keys stay inside a small screen.
        constexpr int kMostRows = 12;
        grid->addWidget(label(title, theme::kHeading), 0, column, 1, 2);
        int row = 1;
        for (const KeyHint& hint : list) {
            if (row > kMostRows) {
                nextColumn();
                row = 1;
            }
            auto* key = label(hint.key.toHtmlEscaped(), theme::kStrong);
            auto* what = label(hint.what.toHtmlEscaped());
            for (QLabel* each : {key, what})
                each->setWordWrap(false);
            key->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
            grid->addWidget(key, row, column);
            grid->addWidget(what, row++, column + 1);
        }
        nextColumn();
    }
}

void KeyList::showIn(const QRect& area) {
    adjustSize();
    move(area.center().x() - width() / 2, area.bottom() - height() - 40);
    show();
}

void KeyList::keyPressEvent(QKeyEvent*) { close(); }

} // namespace riflesso
