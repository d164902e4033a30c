#include "app/widgets/curve_plot.h"

#include "app/theme.h"

#include <QMouseEvent>
#include <QVBoxLayout>
#include <qcustomplot.h>

#include <algorithm>

namespace riflesso {
namespace {
const QString kCursor = QStringLiteral("cursor");
}

CurvePlot::CurvePlot(QWidget* parent) : QWidget(parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    plot_ = new QCustomPlot;
    layout->addWidget(plot_);
    plot_->setAccessibleName(tr("Curve over phase"));
    plot_->xAxis->setRange(0, 100);
    plot_->axisRect()->setAutoMargins(QCP::msLeft | QCP::msBottom);
    plot_->axisRect()->setMargins(QMargins(0, 6, 14, 0));
    // Painted with the rest of the window, not at once; the cursor by itself, without the curves.
    plot_->setPlottingHint(QCP::phImmediateRefresh, false);
    plot_->addLayer(kCursor, plot_->layer(QStringLiteral("overlay")), QCustomPlot::limAbove);
    plot_->layer(kCursor)->setMode(QCPLayer::lmBuffered);
    makeCursor();
    const auto scrub = [this](QMouseEvent* event) {
        if (event->buttons() & Qt::LeftButton)
            emit scrubbed(std::clamp(plot_->xAxis->pixelToCoord(event->position().x()), 0.0, 100.0));
    };
    connect(plot_, &QCustomPlot::mousePress, this, scrub);
    connect(plot_, &QCustomPlot::mouseMove, this, scrub);
}

void CurvePlot::makeCursor() {
    cursor_ = new QCPItemLine(plot_);
    cursor_->start->setType(QCPItemPosition::ptPlotCoords);
    cursor_->end->setType(QCPItemPosition::ptPlotCoords);
    cursor_->setLayer(kCursor);
}

void CurvePlot::setContent(const CurveContent& content) {
    const look::Palette& p = theme::colours();
    plot_->clearGraphs();
    plot_->setBackground(p.raised);
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setBasePen(QPen(p.hairline));
        axis->setTickPen(QPen(p.hairline));
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelColor(p.slate);
        axis->setLabelColor(p.slate);
        axis->grid()->setPen(QPen(p.hairline, 1, Qt::DotLine));
        axis->grid()->setZeroLinePen(QPen(p.hairline));
        QFont small = font();
        small.setPointSizeF(8.5);
        axis->setTickLabelFont(small);
        axis->setLabelFont(small);
    }
    plot_->xAxis->setLabel(content.title.isEmpty() ? tr("phase, %") : tr("%1 over phase, %").arg(content.title));
    if (!content.ends.isEmpty())
        plot_->xAxis->setLabel(plot_->xAxis->label() + QStringLiteral(" · ") + content.ends);
    plot_->yAxis->setLabel(content.unit);
    const auto vector = [](const std::vector<double>& values) { return QVector<double>(values.begin(), values.end()); };
    if (!content.modelMean.percent.empty()) {
        QVector<double> low, high;
        for (double value : content.modelMean.value) {
            low << value - content.bandHalf;
            high << value + content.bandHalf;
        }
        QCPGraph* upper = plot_->addGraph();
        QCPGraph* lower = plot_->addGraph();
        upper->setData(vector(content.modelMean.percent), high, true);
        lower->setData(vector(content.modelMean.percent), low, true);
        upper->setPen(Qt::NoPen);
        lower->setPen(Qt::NoPen);
        upper->setBrush(p.modelSoft);
        upper->setChannelFillGraph(lower);
        QCPGraph* middle = plot_->addGraph();
        middle->setData(vector(content.modelMean.percent), vector(content.modelMean.value), true);
        middle->setPen(QPen(p.model, 2));
    }
    for (const bool chosen : {false, true})
        for (const PhaseCurve& curve : content.repetitions) {
            if (curve.chosen != chosen)
                continue;
            QCPGraph* graph = plot_->addGraph();
            graph->setData(vector(curve.percent), vector(curve.value), true);
            QColor thin = p.athlete;
            thin.setAlpha(110);
            graph->setPen(QPen(chosen ? p.athleteText : thin, chosen ? 2.4 : 1));
        }
    for (const auto& [curve, style] : {std::pair{&content.early, Qt::DashLine}, {&content.late, Qt::DotLine}})
        if (!curve->percent.empty()) {
            QCPGraph* graph = plot_->addGraph();
            graph->setData(vector(curve->percent), vector(curve->value), true);
            graph->setPen(QPen(p.ink, 2.2, style));
        }
    plot_->clearItems();
    makeCursor();
    QStringList told;
    constexpr Qt::PenStyle kStrokes[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine, Qt::DashDotLine};
    double level = 1.0;
    for (std::size_t i = 0; i < content.peaks.size(); ++i) {
        const CurveContent::Peak& peak = content.peaks[i];
        const QPen pen(p.athleteText, 2, kStrokes[i % std::size(kStrokes)]);
        QCPGraph* graph = plot_->addGraph();
        graph->setData(vector(peak.curve.percent), vector(peak.curve.value), true);
        graph->setPen(pen);
        auto* mark = new QCPItemLine(plot_);
        mark->start->setCoords(peak.percent, 0);
        mark->end->setCoords(peak.percent, 1);
        mark->setPen(QPen(p.athleteText, 1, kStrokes[i % std::size(kStrokes)]));
        // One name under the other, so that peaks that lie close can be read.
        auto* name = new QCPItemText(plot_);
        name->setPositionAlignment((peak.percent > 60 ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignTop);
        name->position->setCoords(peak.percent + (peak.percent > 60 ? -.6 : .6), level);
        name->setText(peak.name);
        QFont small = font();
        small.setPointSizeF(8.5);
        name->setFont(small);
        name->setColor(p.ink);
        name->setBrush(p.raised);
        name->setLayer(QStringLiteral("overlay")); // over every curve
        level -= .2;
        told << peak.name;
    }
    plot_->rescaleAxes();
    plot_->xAxis->setRange(0, 100);
    plot_->yAxis->scaleRange(1.08);
    setAccessibleDescription(
        (QStringList{content.title, content.ends} + told).join(QStringLiteral(", ")).remove(QStringLiteral(", , ")));
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void CurvePlot::setPhase(double percent) {
    const QCPRange range = plot_->yAxis->range();
    cursor_->setPen(QPen(theme::colours().ink, 1, Qt::DotLine));
    cursor_->start->setCoords(percent, range.lower);
    cursor_->end->setCoords(percent, range.upper);
    plot_->layer(kCursor)->replot();
}

} // namespace riflesso
