#pragma once
// What is seen and not measured: the pack's observations of the chosen repetition.

#include "app/workspace.h"

#include <QWidget>

class QVBoxLayout;

namespace riflesso {

class ObservationForm : public QWidget {
    Q_OBJECT
public:
    ObservationForm(Workspace& workspace, QWidget* parent);
    /// Shows the observations of the chosen repetition.
    void show();

private:
    Workspace& workspace_;
    QVBoxLayout* layout_;
};

} // namespace riflesso
