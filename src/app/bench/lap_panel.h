#pragma once
// A table of laps typed beside the clip: rate, length and speed of each with their ±, and what trades with what.

#include "core/signal/laps.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QTableWidget;

namespace riflesso {

class LapPanel : public QWidget {
    Q_OBJECT
public:
    explicit LapPanel(QWidget* parent);
    /// The figures in words, for the journal; empty where no lap is whole.
    [[nodiscard]] QString words() const;

private:
    void read();
    [[nodiscard]] std::vector<Lap> laps() const;

    QTableWidget* table_;
    QComboBox* counted_;
    QLabel* figures_;
};

} // namespace riflesso
