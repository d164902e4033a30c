#pragma once
// Equipment at hand: ticked among what the drills of the skill ask for, and what else the athlete has.

#include "app/workspace.h"

#include <QWidget>

class QLineEdit;
class QVBoxLayout;

namespace riflesso {

class EquipmentBox : public QWidget {
    Q_OBJECT
public:
    EquipmentBox(Workspace& workspace, QWidget* parent);
    void refresh();

private:
    void set(const QString& thing, bool has);

    Workspace& workspace_;
    QVBoxLayout* list_;
    QLineEdit* other_;
    QStringList shown_, ticked_;
};

} // namespace riflesso
