#pragma once
// Calibration on the picture beyond a known length: something upright, the corners of a known rectangle, the part of
// the picture in use. A bar under the stage; the page brings it the clicks and draws its figure.

#include "app/widgets/stage_view.h"
#include "core/points/picture_setup.h"
#include "core/points/venue.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace riflesso {

/// "six points fit within 12 mm (RMS)", "from four points: no check possible", or why they do not fit.
[[nodiscard]] QString planeWords(const PlanePoints& plane);
/// "rolled by 1.8° ± 0.2°, clockwise".
[[nodiscard]] QString rollWords(const PlumbLine& line, double sigmaPx);

class PictureBar : public QWidget {
    Q_OBJECT
public:
    enum class Work { Upright, Plane, Area };
    explicit PictureBar(QWidget* parent = nullptr);
    void start(Work work);
    void leave();
    [[nodiscard]] bool active() const { return active_; }
    [[nodiscard]] Work work() const { return work_; }
    /// What the next click is for, for the line above the page.
    [[nodiscard]] QString asked() const;
    /// The frame on the stage, its picture's size, and the uncertainty of a click in it.
    void setPicture(int frame, const QSize& size, double sigmaPx);
    void click(QPointF pixel);
    void move(const QString& point, QPointF pixel);
    [[nodiscard]] std::vector<StageFigure> figures() const;

signals:
    void changed();
    void uprightKept(const PlumbLine& line);
    void planeKept(const PlanePoints& plane);
    void areaKept(const PictureArea& area);
    void left();

private:
    [[nodiscard]] std::vector<AskedPoint> wanted() const;
    [[nodiscard]] PlaneOf planeOf() const;
    [[nodiscard]] std::optional<PlumbLine> line() const;
    [[nodiscard]] PlanePoints plane() const;
    [[nodiscard]] std::optional<PictureArea> area() const;
    void chooseRectangle();
    void passOver();
    void showState();
    void keep();

    bool active_ = false;
    Work work_ = Work::Upright;
    int frame_ = 0;
    QSize size_;
    double sigmaPx_ = 2;
    std::vector<std::optional<QPointF>> points_; ///< as they were asked for; none: not to be seen
    QLabel* text_;
    QComboBox *rectangle_, *lies_;
    QDoubleSpinBox *along_, *across_;
    QCheckBox* turned_;
    QPushButton *pass_, *keep_, *leave_;
};

} // namespace riflesso
