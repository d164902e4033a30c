#pragma once
// The skills of one athlete: each has a case of its own; the faults they share; another skill begins here.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QVBoxLayout;

namespace riflesso {

class SkillsBox : public QWidget {
    Q_OBJECT
public:
    SkillsBox(Workspace& workspace, QWidget* parent);
    void refresh();

private:
    void add();

    Workspace& workspace_;
    QVBoxLayout* list_;
    QComboBox* skill_;
};

} // namespace riflesso
