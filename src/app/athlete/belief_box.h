#pragma once
// What the athlete believes and what the analyst expects, against measures; written down and locked before results.

#include "app/workspace.h"

#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace riflesso {

/// "Believed" or "First guess": how a guess is named beside what was measured.
[[nodiscard]] QString guessName(Guesser whose);

class BeliefBox : public QWidget {
    Q_OBJECT
public:
    BeliefBox(Workspace& workspace, QWidget* parent);
    void refresh();

private:
    void add();
    void fillMeasures();

    Workspace& workspace_;
    QVBoxLayout* list_;
    QComboBox *whose_, *measure_;
    QDoubleSpinBox* value_;
    QLineEdit* words_;
    QPushButton *lock_, *notAskedAthlete_, *notAskedAnalyst_;
};

} // namespace riflesso
