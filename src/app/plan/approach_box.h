#pragma once
// The ways to go about a plan, side by side: one fault at a time or two, slow first or at match tempo; the one chosen,
// and why.

#include "app/workspace.h"

#include <QWidget>

class QGridLayout;
class QLineEdit;

namespace riflesso {

class ApproachBox : public QWidget {
    Q_OBJECT
public:
    ApproachBox(Workspace& workspace, QWidget* parent);
    /// What the case at hand offers; hidden where nothing is in focus.
    void show();

private:
    void choose(const Approach& approach);
    void keepReason();
    Workspace& workspace_;
    QGridLayout* grid_;
    QLineEdit* reason_;
};

} // namespace riflesso
