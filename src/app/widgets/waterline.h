#pragma once
// The waterline: one phase axis between athlete (above) and model (below). Each key event is a tick on both sides;
// the tie between them leans when the athlete is early or late.

#include <QString>
#include <QWidget>

#include <optional>
#include <vector>

namespace riflesso {

struct WaterlineEvent {
    QString id, title;
    std::optional<double> athlete, model; ///< phase in percent
    QString note;                         ///< "0.18 s late ± 0.04", empty for in time
    bool clear = false;                   ///< drawn as a deviation
};

/// Places of labels along a line so that none runs into another: pure arithmetic.
/// wanted: centres; widths: of the labels; the result keeps their order and stays in [start, length].
[[nodiscard]] std::vector<double> spreadLabels(const std::vector<double>& wanted, const std::vector<double>& widths,
                                               double length, double gap, double start = 0);

/// Widths that fit side by side into a length: the widest give way, down to one width for all.
[[nodiscard]] std::vector<double> fittingWidths(std::vector<double> widths, double length, double gap);

class Waterline : public QWidget {
    Q_OBJECT
public:
    explicit Waterline(QWidget* parent = nullptr);
    void setEvents(std::vector<WaterlineEvent> events);
    void setPhase(double percent);
    /// Standing between two upright pictures: athlete left, model right, time downwards.
    void setUpright(bool upright);
    [[nodiscard]] QSize sizeHint() const override { return upright_ ? QSize(kAcross, 400) : QSize(600, kHigh); }
    static constexpr int kHigh = 82, kAcross = 230; ///< pixels it takes between the pictures, lying and standing

signals:
    void scrubbed(double percent);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;

private:
    /// Along the line, from its start, in pixels.
    [[nodiscard]] double along(double percent) const {
        return kEnd + percent / 100 * ((upright_ ? height() : width()) - 2 * kEnd);
    }
    void paintLying(QPainter& painter);
    void paintStanding(QPainter& painter);
    void scrub(QPointF at);
    static constexpr double kEnd = 14;
    std::vector<WaterlineEvent> events_;
    double phase_ = 0;
    bool upright_ = false;
};

} // namespace riflesso
