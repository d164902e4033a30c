#include "app/widgets/time_strip.h"

#include "app/theme.h"
#include "app/widgets/waterline.h"
#include "report/words.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {
constexpr int kLeft = 118, kRight = 14;
}

TimeStrip::TimeStrip(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(150);
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("Time strip of the repetition"));
}

void TimeStrip::setContent(StripContent content) {
    content_ = std::move(content);
    update();
}
void TimeStrip::setFrame(int frame) {
    frame_ = frame;
    update();
}

double TimeStrip::xOf(double frame) const {
    const double span = std::max(1, content_.to - content_.from);
    return kLeft + (frame - content_.from) / span * (width() - kLeft - kRight);
}

void TimeStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.fillRect(rect(), p.raised);
    QFont small = font();
    small.setPointSizeF(8.5);
    painter.setFont(small);
    const QFontMetricsF metrics(small);
    const double row = metrics.height() + 4, bottom = height() - row - 2;
    const auto name = [&](double y, const QString& text) {
        painter.setPen(p.slate);
        painter.drawText(QRectF(12, y, kLeft - 20, row), Qt::AlignVCenter | Qt::AlignLeft,
                         metrics.elidedText(text, Qt::ElideRight, kLeft - 20));
    };
    double y = 3;
    name(y, tr("Phases"));
    for (const StripSpan& span : content_.phases) {
        const QRectF box(QPointF(xOf(span.from), y + 1), QPointF(xOf(span.to), y + row - 2));
        painter.fillRect(box, p.course);
        painter.setPen(p.ink);
        painter.drawText(box.adjusted(4, 0, -2, 0), Qt::AlignVCenter | Qt::AlignLeft,
                         metrics.elidedText(span.title, Qt::ElideRight, std::max(0.0, box.width() - 6)));
    }
    y += row;
    name(y, tr("Marks"));
    const double step = xOf(1) - xOf(0);
    for (std::size_t i = 0; i < content_.coverage.size(); ++i) {
        const double share = content_.coverage[i];
        const double x = xOf(content_.from + static_cast<double>(i)) - step / 2;
        QColor colour = share > 0 ? p.athlete : p.hairline;
        if (share > 0 && share < 1)
            colour = p.athleteSoft;
        const QRectF cell(x, y + 4, std::max(1.0, step - .8), row - 9);
        const auto trust = i < content_.trust.size() ? content_.trust[i] : StripContent::Trust::Set;
        // Proposed: half height, so that it reads without colour; doubtful: a notch of ink on top of it.
        painter.fillRect(trust == StripContent::Trust::Set ? cell : cell.adjusted(0, cell.height() / 2, 0, 0), colour);
        if (trust == StripContent::Trust::Doubtful)
            painter.fillRect(QRectF(cell.left(), cell.top() - 1, cell.width(), 3), p.ink);
    }
    y += row + 2;
    const double traceHeight = content_.traces.empty() ? 0 : (bottom - y) / static_cast<double>(content_.traces.size());
    for (const StripTrace& trace : content_.traces) {
        if (!trace.values.empty()) {
            const auto uAt = [&](std::size_t i) { return i < trace.expandedU.size() ? trace.expandedU[i] : 0; };
            double low = trace.values.front(), high = low;
            for (std::size_t i = 0; i < trace.values.size(); ++i) {
                low = std::min(low, trace.values[i] - uAt(i));
                high = std::max(high, trace.values[i] + uAt(i));
            }
            const double span = std::max(1e-9, high - low);
            const auto yOf = [&](double value) {
                return y + traceHeight - 5 - (value - low) / span * (traceHeight - 10);
            };
            const auto isGap = [&](std::size_t i) { return i == 0 || trace.frames[i] - trace.frames[i - 1] > 6; };
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.athleteSoft);
            for (std::size_t i = 1; i < trace.values.size(); ++i)
                if (!isGap(i) && uAt(i) > 0)
                    painter.drawPolygon(QPolygonF({{xOf(trace.frames[i - 1]), yOf(trace.values[i - 1] - uAt(i - 1))},
                                                   {xOf(trace.frames[i]), yOf(trace.values[i] - uAt(i))},
                                                   {xOf(trace.frames[i]), yOf(trace.values[i] + uAt(i))},
                                                   {xOf(trace.frames[i - 1]), yOf(trace.values[i - 1] + uAt(i - 1))}}));
            QPainterPath path;
            for (std::size_t i = 0; i < trace.values.size(); ++i) {
                const QPointF at(xOf(trace.frames[i]), yOf(trace.values[i]));
                const bool gap = isGap(i);
                gap ? path.moveTo(at) : path.lineTo(at);
                if (trace.values.size() < 14) {
                    painter.setPen(Qt::NoPen);
                    painter.setBrush(p.athlete);
                    painter.drawEllipse(at, 2.5, 2.5);
                }
            }
            painter.setBrush(Qt::NoBrush);
            painter.setPen(QPen(p.athleteText, 1.6));
            painter.drawPath(path);
            // The value at the frame shown, beside its name.
            const auto nearest = std::min_element(trace.frames.begin(), trace.frames.end(), [&](double a, double b) {
                return std::abs(a - frame_) < std::abs(b - frame_);
            });
            if (std::abs(*nearest - frame_) < 1) {
                painter.setPen(p.athleteText);
                const auto at = static_cast<std::size_t>(nearest - trace.frames.begin());
                const int digits = trace.unit == QStringLiteral("°") ? 0 : 2;
                QString text = words::number(trace.values[at], digits);
                if (uAt(at) > 0)
                    text += QStringLiteral(" ± ") + words::number(uAt(at), digits);
                painter.drawText(QRectF(12, y + row, kLeft - 14, row), Qt::AlignVCenter | Qt::AlignLeft,
                                 text + trace.unit);
            }
        }
        name(y, trace.title);
        painter.setPen(QPen(p.hairline, 1));
        painter.drawLine(QPointF(kLeft, y + traceHeight), QPointF(width() - kRight, y + traceHeight));
        y += traceHeight;
    }
    std::vector<double> wanted, widths;
    for (const StripEvent& event : content_.events) {
        wanted.push_back(xOf(event.frame));
        widths.push_back(metrics.horizontalAdvance(event.title) + 2);
    }
    const std::vector<double> placed = spreadLabels(wanted, widths, width() - 8, 8, 8);
    for (std::size_t i = 0; i < content_.events.size(); ++i) {
        const StripEvent& event = content_.events[i];
        painter.setPen(QPen(event.selected ? p.ink : p.slate, event.selected ? 2 : 1));
        painter.drawLine(QPointF(wanted[i], 3 + row), QPointF(wanted[i], bottom));
        painter.drawLine(QPointF(wanted[i], bottom), QPointF(placed[i], bottom + 4));
        QFont weight = small;
        weight.setBold(event.selected);
        painter.setFont(weight);
        painter.setPen(event.selected ? p.ink : p.slate);
        painter.drawText(QRectF(placed[i] - widths[i] / 2 - 4, bottom + 3, widths[i] + 8, row), Qt::AlignCenter,
                         event.title);
    }
    painter.setPen(QPen(p.ink, 1, Qt::DashLine));
    painter.drawLine(QPointF(xOf(frame_), 0), QPointF(xOf(frame_), bottom));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawPolygon(QPolygonF({{xOf(frame_) - 5, 0}, {xOf(frame_) + 5, 0}, {xOf(frame_), 7}}));
}

void TimeStrip::ask(double x) {
    if (content_.to <= content_.from)
        return;
    const double share = (x - kLeft) / (width() - kLeft - kRight);
    emit frameAsked(std::clamp(static_cast<int>(std::lround(content_.from + share * (content_.to - content_.from))),
                               content_.from, content_.to));
}
void TimeStrip::mousePressEvent(QMouseEvent* event) { ask(event->position().x()); }
void TimeStrip::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        ask(event->position().x());
}

} // namespace riflesso
