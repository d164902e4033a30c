#pragma once
// Competitions out of a calendar file: what lies ahead in it is shown, the ticked ones become competitions.

#include "app/workspace.h"
#include "store/calendar_file.h"

#include <QWidget>

class QListWidget;
class QPushButton;

namespace riflesso {

class CalendarImport : public QWidget {
    Q_OBJECT
public:
    CalendarImport(Workspace& workspace, QWidget* parent);
    /// What the button does once a file is chosen.
    void read(const QString& path);

private:
    void addTicked();
    void close();
    Workspace& workspace_;
    std::vector<CalendarEntry> entries_;
    QListWidget* list_;
    QPushButton *choose_, *add_, *leave_;
};

} // namespace riflesso
