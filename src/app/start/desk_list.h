#pragma once
// What waits in the whole library today; a click opens the case at the page that answers it.

#include "app/workspace.h"

#include <QWidget>

class QListWidget;

namespace riflesso {

class DeskList : public QWidget {
    Q_OBJECT
public:
    DeskList(Workspace& workspace, QWidget* parent);
    void refresh();

signals:
    void opened(const QString& page);

private:
    void openChosen();
    Workspace& workspace_;
    std::vector<DeskItem> items_;
    QListWidget* list_;
};

} // namespace riflesso
