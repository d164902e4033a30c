#pragma once
// Calibration on the picture: both ends of something of known length are clicked, its length is typed, the scale
// follows with its ±. A bar under the stage; the page brings it the clicks and draws its figure.

#include "app/widgets/stage_view.h"
#include "store/case_data.h"

#include <QWidget>

class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace riflesso {

/// "1.52 mm/px ± 0.4 %, from one length: no check possible".
[[nodiscard]] QString scaleWords(const std::vector<KnownLength>& lengths, int pictureHeight);

class LengthBar : public QWidget {
    Q_OBJECT
public:
    explicit LengthBar(QWidget* parent = nullptr);
    void start();
    void leave();
    [[nodiscard]] bool active() const { return active_; }
    /// What is kept so far, of the section shown.
    void setLengths(const std::vector<KnownLength>& lengths, int pictureHeight);
    /// A click on the picture: the first end, then the other; a third begins anew.
    void click(QPointF pixel);
    void move(const QString& end, QPointF pixel);
    /// The line in hand and those kept that were marked in this frame.
    [[nodiscard]] std::vector<StageFigure> figures(int frame) const;

signals:
    void changed();
    void kept(QPointF a, QPointF b, double metres);
    void forgotten(); ///< all lengths of the section
    void left();

private:
    void showState();
    void keep();
    bool active_ = false;
    std::optional<QPointF> a_, b_;
    std::vector<KnownLength> lengths_;
    int pictureHeight_ = 0;
    QLabel* text_;
    QDoubleSpinBox* metres_;
    QPushButton *keep_, *forget_, *leave_;
};

} // namespace riflesso
