#pragma once
// The skill's figure in motion, over and over: what the pack describes, at a glance.

#include "core/points/trial.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>

#include <optional>

namespace riflesso {

class MovingFigure : public QWidget {
    Q_OBJECT
public:
    explicit MovingFigure(QWidget* parent = nullptr);
    /// Nothing is shown for a skill that has no figure.
    void show(const Pack& pack, Side handedness);

protected:
    void paintEvent(QPaintEvent*) override;
    void showEvent(QShowEvent*) override { timer_.start(); }
    void hideEvent(QHideEvent*) override { timer_.stop(); }

private:
    std::optional<Trial> trial_;
    std::vector<std::pair<std::string, std::string>> lines_;
    QRectF box_; ///< pixels of the figure's picture
    int frame_ = 0, frames_ = 0;
    QTimer timer_;
    QElapsedTimer since_;
};

} // namespace riflesso
