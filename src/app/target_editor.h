#pragma once
// A coach's own target for a measure, with its reason: it stands in the place of the reference until it is taken back.

#include "app/workspace.h"

#include <QWidget>

class QCheckBox;
class QDoubleSpinBox;
class QLineEdit;

namespace riflesso {

class TargetEditor : public QWidget {
    Q_OBJECT
public:
    TargetEditor(Workspace& workspace, const MeasureDef& def, QWidget* parent = nullptr);

signals:
    /// It was kept, or taken back.
    void changed();

private:
    void keep();
    void takeBack();

    Workspace& workspace_;
    std::string measure_;
    QString title_;
    QCheckBox *hasLow_, *hasHigh_;
    QDoubleSpinBox *low_, *high_;
    QLineEdit* reason_;
};

} // namespace riflesso
