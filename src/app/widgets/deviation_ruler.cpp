#include "app/widgets/deviation_ruler.h"

#include "app/theme.h"
#include "report/words.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace riflesso {

DeviationRuler::DeviationRuler(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setFixedHeight(26);
}

void DeviationRuler::setSet(const MeasureDef& def, const SetDeviation& set) {
    def_ = def;
    set_ = set;
    std::vector<double> all = {set.median - set.expandedU, set.median + set.expandedU};
    for (const RepetitionDeviation& repetition : set.repetitions)
        all.push_back(repetition.value);
    const Reference& ref = set.reference;
    if (ref.modelMean) {
        all.push_back(*ref.modelMean - set.tolerance);
        all.push_back(*ref.modelMean + set.tolerance);
    }
    if (ref.low)
        all.push_back(*ref.low - set.tolerance);
    if (ref.high)
        all.push_back(*ref.high + set.tolerance);
    const auto [low, high] = std::minmax_element(all.begin(), all.end());
    const double margin = std::max(1e-9, (*high - *low) * .08);
    low_ = *low - margin;
    high_ = *high + margin;
    setAccessibleName(words::text(def.title));
    setAccessibleDescription(words::withU(def, set.median, set.expandedU) + QStringLiteral(", ") +
                             words::referenceText(def, ref) + QStringLiteral(", ") +
                             look::wordOf(look::signOf(set.state)));
    update();
}

void DeviationRuler::setRange(double low, double high) {
    low_ = low;
    high_ = high;
    update();
}

void DeviationRuler::setHighlighted(const std::string& trial) {
    highlighted_ = trial;
    update();
}

double DeviationRuler::xOf(double value) const { return 6 + (value - low_) / (high_ - low_) * (width() - 12); }

void DeviationRuler::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    const double mid = height() / 2.0;
    const Reference& ref = set_.reference;
    const auto band = [&](double from, double to, const QColor& colour) {
        painter.fillRect(QRectF(QPointF(xOf(from), mid - 8), QPointF(xOf(to), mid + 8)), colour);
    };
    QColor outer = p.modelSoft;
    outer.setAlpha(120);
    if (ref.modelMean) {
        band(*ref.modelMean - set_.tolerance, *ref.modelMean + set_.tolerance, p.modelSoft);
    } else {
        const double from = ref.low.value_or(low_), to = ref.high.value_or(high_);
        band(ref.low ? from - set_.tolerance : low_, ref.high ? to + set_.tolerance : high_, outer);
        band(from, to, p.modelSoft);
    }
    painter.setPen(QPen(p.hairline, 1));
    painter.drawLine(QPointF(6, mid), QPointF(width() - 6, mid));
    if (ref.modelMean) {
        painter.setPen(QPen(p.model, 2));
        painter.drawLine(QPointF(xOf(*ref.modelMean), mid - 9), QPointF(xOf(*ref.modelMean), mid + 9));
    }
    // The median's ± as a whisker, the median as a line, every repetition a dot.
    painter.setPen(QPen(p.athlete, 1.4));
    painter.drawLine(QPointF(xOf(set_.median - set_.expandedU), mid), QPointF(xOf(set_.median + set_.expandedU), mid));
    for (const RepetitionDeviation& repetition : set_.repetitions) {
        const bool high = repetition.trial == highlighted_;
        QColor dot = p.athlete;
        dot.setAlpha(high ? 255 : 150);
        painter.setPen(high ? QPen(p.ink, 1.5) : QPen(Qt::NoPen));
        painter.setBrush(dot);
        painter.drawEllipse(QPointF(xOf(repetition.value), mid), high ? 4.5 : 3.2, high ? 4.5 : 3.2);
    }
    painter.setPen(QPen(p.athleteText, 2.2));
    painter.drawLine(QPointF(xOf(set_.median), mid - 10), QPointF(xOf(set_.median), mid + 10));
}

const RepetitionDeviation* DeviationRuler::near(double x) const {
    const RepetitionDeviation* best = nullptr;
    double gap = 8;
    for (const RepetitionDeviation& repetition : set_.repetitions)
        if (std::abs(xOf(repetition.value) - x) < gap) {
            gap = std::abs(xOf(repetition.value) - x);
            best = &repetition;
        }
    return best;
}

void DeviationRuler::mousePressEvent(QMouseEvent* event) {
    if (const RepetitionDeviation* repetition = near(event->position().x()))
        emit repetitionClicked(QString::fromStdString(repetition->trial));
    else
        emit chosen();
}

bool DeviationRuler::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const RepetitionDeviation* repetition = near(help->pos().x()))
            QToolTip::showText(help->globalPos(),
                               tr("%1 in this repetition, %2. Click to see it.")
                                   .arg(words::withU(def_, repetition->value, 2 * repetition->u),
                                        look::wordOf(look::signOf(repetition->state))),
                               this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace riflesso
