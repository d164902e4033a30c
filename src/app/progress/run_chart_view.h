#pragma once
// A measure over the sessions of a case: medians with their ±, and the band that chance alone would fill.

#include "core/judge/deviation.h"
#include "core/progress/progress.h"

#include <QString>
#include <QWidget>

#include <optional>

namespace riflesso {

class RunChartView : public QWidget {
    Q_OBJECT
public:
    explicit RunChartView(QWidget* parent = nullptr);
    /// unit: as it follows a number.
    void setChart(const RunChart& chart, const QString& title, const QString& unit);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    RunChart chart_;
    QString title_, unit_;
};

} // namespace riflesso
