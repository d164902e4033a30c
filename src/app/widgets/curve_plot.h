#pragma once
// One measure over phase: the model's band, every repetition thin, the chosen one bold.

#include <QString>
#include <QWidget>

#include <optional>
#include <vector>

class QCustomPlot;
class QCPItemLine;

namespace riflesso {

struct PhaseCurve {
    std::vector<double> percent, value;
    bool chosen = false;
};
struct CurveContent {
    QString title, unit, bandWords;
    std::vector<PhaseCurve> repetitions;
    PhaseCurve modelMean;
    PhaseCurve early, late; ///< mean of the first and of the last repetitions; empty: not shown
    QString ends;           ///< what they are: "dashed: the first 3, dotted: the last 3"
    double bandHalf = 0;    ///< half width of the model's band, in the unit
    /// Peaks in order, in place of a measure's curve: each drawn with its own stroke, its peak marked and named.
    struct Peak {
        PhaseCurve curve; ///< share of its own largest
        double percent = 0;
        QString name; ///< "hip", "handle, 0.08 ± 0.02 s later"
    };
    std::vector<Peak> peaks = {};
};

class CurvePlot : public QWidget {
    Q_OBJECT
public:
    explicit CurvePlot(QWidget* parent = nullptr);
    void setContent(const CurveContent& content);
    void setPhase(double percent);

signals:
    void scrubbed(double percent);

private:
    void makeCursor();
    QCustomPlot* plot_;
    QCPItemLine* cursor_;
};

} // namespace riflesso
