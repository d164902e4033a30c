#pragma once
// Pain, dizziness, breathlessness or a blow to the head during practice: the block stops, it is kept with the athlete,
// and the plan waits for what a licensed professional advises.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QLineEdit;

namespace riflesso {

class LimitChoice;

class StopBox : public QWidget {
    Q_OBJECT
public:
    StopBox(Workspace& workspace, QWidget* parent);
    /// Opens it, empty.
    void ask();

signals:
    void closed();

private:
    void keep();

    Workspace& workspace_;
    QComboBox* what_;
    LimitChoice* where_;
    QLineEdit* words_;
};

} // namespace riflesso
