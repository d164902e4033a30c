#pragma once
// All keys of a page and of the window, as a list over the window that the next key or click takes away.

#include "app/page.h"

#include <QFrame>

namespace riflesso {

class KeyList : public QFrame {
    Q_OBJECT
public:
    KeyList(const QString& page, const QList<KeyHint>& keys, QWidget* parent);
    void showIn(const QRect& area); ///< of the screen; at its foot

protected:
    void keyPressEvent(QKeyEvent*) override;
};

} // namespace riflesso
