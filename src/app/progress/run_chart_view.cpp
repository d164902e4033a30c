#include "app/progress/run_chart_view.h"

#include "app/theme.h"
#include "report/words.h"

#include <QDate>
#include <QLocale>
#include <QPainter>

#include <algorithm>

namespace riflesso {

RunChartView::RunChartView(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(150);
    setAccessibleName(tr("Chosen measure over the sessions"));
}

void RunChartView::setChart(const RunChart& chart, const QString& title, const QString& unit) {
    chart_ = chart;
    title_ = title;
    unit_ = unit;
    update();
}

void RunChartView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    const QFontMetricsF metrics(font());
    painter.setPen(p.ink);
    painter.drawText(QRectF(0, 0, width(), metrics.height()), Qt::AlignLeft,
                     metrics.elidedText(title_, Qt::ElideRight, width()));
    if (chart_.points.empty()) {
        painter.setPen(p.slate);
        painter.drawText(QRectF(0, metrics.height() + 6, width(), 2 * metrics.height()),
                         Qt::AlignLeft | Qt::TextWordWrap, tr("No session has a value of it."));
        return;
    }
    double low = chart_.points[0].median - chart_.detectable, high = chart_.points[0].median + chart_.detectable;
    for (const RunPoint& point : chart_.points) {
        low = std::min(low, point.median - 2 * point.u);
        high = std::max(high, point.median + 2 * point.u);
    }
    const double span = std::max(1e-9, high - low);
    const int decimals = words::decimalsFor(span / 4);
    const double left = metrics.horizontalAdvance(words::number(high, decimals) + unit_) + 14, right = width() - 24,
                 top = metrics.height() + 12, bottom = height() - metrics.height() - 8;
    const auto y = [&](double value) { return bottom - (value - low) / span * (bottom - top); };
    const Day first = chart_.points.front().date, last = chart_.points.back().date;
    const double days = std::max<double>(1, static_cast<double>((last - first).count()));
    const auto x = [&](Day date) {
        return chart_.points.size() == 1
                   ? (left + right) / 2
                   : left + 30 + static_cast<double>((date - first).count()) / days * (right - left - 60);
    };
    // What lies in the band could be chance.
    const double middle = chart_.points[0].median;
    painter.fillRect(
        QRectF(QPointF(left, y(middle + chart_.detectable)), QPointF(right, y(middle - chart_.detectable))), p.course);
    painter.setPen(QPen(p.hairline, 1));
    painter.drawLine(QPointF(left, y(middle)), QPointF(right, y(middle)));
    painter.setPen(p.slate);
    for (double value : {low, high})
        painter.drawText(QRectF(0, y(value) - metrics.height() / 2, left - 8, metrics.height()),
                         Qt::AlignRight | Qt::AlignVCenter, words::number(value, decimals) + unit_);
    QPointF before;
    for (std::size_t i = 0; i < chart_.points.size(); ++i) {
        const RunPoint& point = chart_.points[i];
        const QPointF at(x(point.date), y(point.median));
        if (i > 0 && point.comparable) {
            painter.setPen(QPen(p.athlete, 1.4));
            painter.drawLine(before, at);
        }
        painter.setPen(QPen(p.athleteText, 1.6));
        painter.drawLine(QPointF(at.x(), y(point.median - 2 * point.u)),
                         QPointF(at.x(), y(point.median + 2 * point.u)));
        painter.setBrush(point.comparable ? QBrush(p.athlete) : QBrush(p.raised));
        painter.drawEllipse(at, 5, 5);
        painter.setPen(p.slate);
        const QDate date = QDate(1970, 1, 1).addDays((point.date - Day()).count());
        painter.drawText(QRectF(at.x() - 60, bottom + 4, 120, metrics.height()), Qt::AlignHCenter,
                         words::shortDate(date));
        before = at;
    }
}

} // namespace riflesso
