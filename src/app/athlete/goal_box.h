#pragma once
// The goal as a number: which measure, how much, by when, and how far it is.

#include "app/workspace.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QDateEdit;
class QDoubleSpinBox;
class QLabel;

namespace riflesso {

class GoalBox : public QWidget {
    Q_OBJECT
public:
    GoalBox(Workspace& workspace, QWidget* parent);
    void refresh();

private:
    void save();

    Workspace& workspace_;
    QComboBox* measure_;
    QDoubleSpinBox* value_;
    QCheckBox* dated_;
    QDateEdit* by_;
    QLabel* state_;
    bool filling_ = false;
};

} // namespace riflesso
