#include "app/key_list.h"

#include "app/theme.h"

#include <QGridLayout>

namespace riflesso {

KeyList::KeyList(const QString& page, const QList<KeyHint>& keys, QWidget* parent) : QFrame(parent, Qt::Popup) {
    setObjectName(QStringLiteral("raised"));
    setAttribute(Qt::WA_DeleteOnClose);
    setAccessibleName(tr("Keys"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(18, 12, 18, 14);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(3);
    const QList<KeyHint> everywhere{{tr("Ctrl K"), tr("find an athlete, a measure, a drill, a page")},
                                    {tr("Ctrl Z"), tr("undo; Shift: redo")},
                                    {tr("Alt 1…9"), tr("the steps of the course")},
                                    {tr("? or F1"), tr("this list")}};
    int column = 0;
    for (const auto& [title, list] : {std::pair{page.toUpper(), keys}, {tr("EVERYWHERE"), everywhere}}) {
        // Two columns of a page's keys stay inside a small screen.
        constexpr int kMostRows = 12;
        grid->addWidget(label(title, theme::kHeading), 0, column, 1, 2);
        int row = 1;
        for (const KeyHint& hint : list) {
            if (row > kMostRows) {
                column += 2;
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
        column += 2;
    }
}

void KeyList::showIn(const QRect& area) {
    adjustSize();
    move(area.center().x() - width() / 2, area.bottom() - height() - 40);
    show();
}

void KeyList::keyPressEvent(QKeyEvent*) { close(); }

} // namespace riflesso
