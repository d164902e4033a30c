#pragma once
// What the retest is expected to show, written down beforehand: it cannot be changed afterwards, and Progress says how
// near it came.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QVBoxLayout;

namespace riflesso {

class ForecastBox : public QWidget {
    Q_OBJECT
public:
    ForecastBox(Workspace& workspace, QWidget* parent);
    void show();

private:
    void keep();
    /// The result that a forecast's measure stands for; none: it is a measure.
    [[nodiscard]] const ResultDef* resultOf(const std::string& measure) const;
    static QString resultWords(const ResultDef& def, double value);
    void suggest();
    Workspace& workspace_;
    QVBoxLayout* list_;
    QComboBox* measure_;
    QDoubleSpinBox* value_;
};

} // namespace riflesso
