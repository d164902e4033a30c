#pragma once
// The journal of decisions of the open case: what was decided, when and why. Only to read: it is never rewritten.

#include "app/workspace.h"

#include <QWidget>

class QVBoxLayout;

namespace riflesso {

class JournalList : public QWidget {
    Q_OBJECT
public:
    JournalList(Workspace& workspace, QWidget* parent);
    void refresh();

private:
    Workspace& workspace_;
    QVBoxLayout* lines_;
};

} // namespace riflesso
