#pragma once
// Before filming: the set-up drawn from above, and what it can tell apart.

#include "core/pack/pack.h"
#include "core/points/capture_plan.h"

#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QLabel;

namespace riflesso {

/// The athlete, the plane of movement, the camera and what it sees, from above and to scale.
class SetupDrawing : public QWidget {
    Q_OBJECT
public:
    explicit SetupDrawing(QWidget* parent = nullptr);
    /// distance in metres; field: width of the scene there, metres; bearing: camera off square, degrees.
    void show(double distanceM, double fieldM, double bearingDeg, const QString& result);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    double distanceM_ = 5, fieldM_ = 4, bearingDeg_ = 0;
    QString result_;
};

class CapturePlanner : public QWidget {
    Q_OBJECT
public:
    explicit CapturePlanner(QWidget* parent = nullptr);
    /// Tolerances from the pack's tightest measures; the rate and size of a clip, where there is one.
    void begin(const Pack& pack, int widthPx, int heightPx, double frameRate);
    [[nodiscard]] CaptureSetup setup() const;

signals:
    void left();

private:
    void show();
    QDoubleSpinBox* number(const char* name, double low, double high, double value, int decimals, const QString& unit);
    SetupDrawing* drawing_;
    QComboBox* size_;
    QDoubleSpinBox *distance_, *fieldAngle_, *rate_, *shutter_, *speed_, *segment_, *bearing_, *angleTolerance_,
        *timeTolerance_;
    QLabel *result_, *advice_;
};

} // namespace riflesso
