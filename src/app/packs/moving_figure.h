#pragma once
// The skill's figure in motion, over and over: what the pack describes, at a glance.

#include "takehome/skill_figure.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>

#include <map>
#include <optional>

namespace riflesso {

class MovingFigure : public QWidget {
    Q_OBJECT
public:
    explicit MovingFigure(QWidget* parent = nullptr);
    /// Nothing is shown for a skill that has no figure. `shown`: repetitions of a case that show how it should be.
    void show(const Pack& pack, Side handedness, const std::vector<Trial>& shown);
    [[nodiscard]] bool hasFigure() const { return figure_.has_value(); }
    /// Share of the true speed. Below 1 it stays a while at every key position.
    void setSpeed(double share);
    /// The key position that it stands at, or has come past last; empty before the first.
    [[nodiscard]] const std::string& position() const { return position_; }

protected:
    void paintEvent(QPaintEvent*) override;
    void showEvent(QShowEvent*) override { timer_.start(); }
    void hideEvent(QHideEvent*) override { timer_.stop(); }

private:
    void tick();
    std::optional<SkillFigure> figure_;
    std::vector<std::pair<std::string, std::string>> lines_;
    std::map<std::string, QString> titles_; ///< of key positions
    std::string position_;
    QRectF box_; ///< pixels of the figure's picture
    int frame_ = 0;
    double speed_ = 1;
    QTimer timer_;
    QElapsedTimer since_;
};

} // namespace riflesso
