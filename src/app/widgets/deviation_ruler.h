#pragma once
// A deviation ruler: tolerance band, reference, every repetition a dot, the median with its ±.

#include "core/judge/deviation.h"
#include "core/pack/pack.h"

#include <QWidget>

namespace riflesso {

class DeviationRuler : public QWidget {
    Q_OBJECT
public:
    explicit DeviationRuler(QWidget* parent = nullptr);
    void setSet(const MeasureDef& def, const SetDeviation& set);
    /// Ends of the scale, in the unit; setSet chooses them, and they can be made those of several rulers.
    [[nodiscard]] std::pair<double, double> range() const { return {low_, high_}; }
    void setRange(double low, double high);
    /// Repetition drawn larger.
    void setHighlighted(const std::string& trial);
    [[nodiscard]] QSize sizeHint() const override { return {190, 26}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {90, 24}; }

signals:
    void repetitionClicked(const QString& trial);
    void chosen(); ///< clicked beside every repetition

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    bool event(QEvent*) override;

private:
    [[nodiscard]] double xOf(double value) const;
    [[nodiscard]] const RepetitionDeviation* near(double x) const;
    MeasureDef def_;
    SetDeviation set_;
    std::string highlighted_;
    double low_ = 0, high_ = 1;
};

} // namespace riflesso
