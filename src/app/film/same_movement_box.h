#pragma once
// Two cameras on one repetition: which repetition of another clip shows the same movement.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QPushButton;

namespace riflesso {

class SameMovementBox : public QWidget {
    Q_OBJECT
public:
    SameMovementBox(Workspace& workspace, QWidget* parent);
    /// The chosen repetition of the shown clip; hidden where the session has no other view of the movement.
    void show(const RepetitionPlace& place);

private:
    void link(RepetitionId leading);
    void linkAllByNumber();

    Workspace& workspace_;
    RepetitionId shown_;
    QComboBox* which_;
    QPushButton* all_;
    QLabel *title_, *note_;
};

} // namespace riflesso
