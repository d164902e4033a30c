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
constexpr int kLeft = 150, kRight = 14; ///< px: kLeft holds a value with its ± and unit in any language
}

TimeStrip::TimeStrip(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(150);
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("Time strip of the repetition"));
}

void TimeStrip::setContent(StripContent content) {
    if (content == content_)
        return;
    content_ = std::move(content);
    drawn_ = {};
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

struct TimeStrip::Rows {
    QFont small;
    QFontMetricsF metrics;
    double row, bottom, traces, traceHeight; ///< px: of a line of text; of the events' lines; where traces begin
    explicit Rows(const TimeStrip& strip)
        : small(smaller(strip.font())), metrics(small), row(metrics.height() + 4), bottom(strip.height() - row - 2),
          traces(3 + 2 * row + 2),
          traceHeight(strip.content_.traces.empty()
                          ? 0
                          : (bottom - traces) / static_cast<double>(strip.content_.traces.size())) {}
    static QFont smaller(QFont font) {
        font.setPointSizeF(8.5);
        return font;
    }
    void name(QPainter& painter, double y, const QString& text) const {
        painter.setPen(theme::colours().slate);
        painter.drawText(QRectF(12, y, kLeft - 20, row), Qt::AlignVCenter | Qt::AlignLeft,
                         metrics.elidedText(text, Qt::ElideRight, kLeft - 20));
    }
};

void TimeStrip::drawPhasesAndMarks(QPainter& painter, const Rows& rows) const {
    const look::Palette& p = theme::colours();
    double y = 3;
    rows.name(painter, y, tr("Phases"));
    for (const StripSpan& span : content_.phases) {
        const QRectF box(QPointF(xOf(span.from), y + 1), QPointF(xOf(span.to), y + rows.row - 2));
        painter.fillRect(box, p.course);
        painter.setPen(p.ink);
        painter.drawText(box.adjusted(4, 0, -2, 0), Qt::AlignVCenter | Qt::AlignLeft,
                         rows.metrics.elidedText(span.title, Qt::ElideRight, std::max(0.0, box.width() - 6)));
    }
    y += rows.row;
    rows.name(painter, y, tr("Marks"));
    const double step = xOf(1) - xOf(0);
    for (std::size_t i = 0; i < content_.coverage.size(); ++i) {
        const double share = content_.coverage[i];
        const double x = xOf(content_.from + static_cast<double>(i)) - step / 2;
        QColor colour = share > 0 ? p.athlete : p.hairline;
        if (share > 0 && share < 1)
            colour = p.athleteSoft;
        const QRectF cell(x, y + 4, std::max(1.0, step - .8), rows.row - 9);
        const auto trust = i < content_.trust.size() ? content_.trust[i] : StripContent::Trust::Set;
        // Proposed: half height, so that it reads without colour; doubtful: a notch of ink on top of it.
        painter.fillRect(trust == StripContent::Trust::Set ? cell : cell.adjusted(0, cell.height() / 2, 0, 0), colour);
        if (trust == StripContent::Trust::Doubtful)
            painter.fillRect(QRectF(cell.left(), cell.top() - 1, cell.width(), 3), p.ink);
    }
}

void TimeStrip::drawTrace(QPainter& painter, const Rows& rows, const StripTrace& trace, double y) const {
    const look::Palette& p = theme::colours();
    if (!trace.values.empty()) {
        const auto uAt = [&](std::size_t i) { return i < trace.expandedU.size() ? trace.expandedU[i] : 0; };
        double low = trace.values.front(), high = low;
        for (std::size_t i = 0; i < trace.values.size(); ++i) {
            low = std::min(low, trace.values[i] - uAt(i));
            high = std::max(high, trace.values[i] + uAt(i));
        }
        const double span = std::max(1e-9, high - low), height = rows.traceHeight;
        const auto at = [&](std::size_t i, double value) {
            return QPointF(xOf(trace.frames[i]), y + height - 5 - (value - low) / span * (height - 10));
        };
        const auto isGap = [&](std::size_t i) { return i == 0 || trace.frames[i] - trace.frames[i - 1] > 6; };
        QPainterPath path;
        painter.setPen(Qt::NoPen);
        for (std::size_t from = 0; from < trace.values.size();) { // run by run: what lies between gaps
            std::size_t to = from + 1;
            while (to < trace.values.size() && !isGap(to))
                ++to;
            QPolygonF band;
            for (std::size_t i = from; i < to; ++i)
                band << at(i, trace.values[i] - uAt(i));
            for (std::size_t i = to; i-- > from;)
                band << at(i, trace.values[i] + uAt(i));
            painter.setBrush(p.athleteSoft);
            painter.drawPolygon(band);
            path.moveTo(at(from, trace.values[from]));
            for (std::size_t i = from + 1; i < to; ++i)
                path.lineTo(at(i, trace.values[i]));
            from = to;
        }
        if (trace.values.size() < 14) {
            painter.setBrush(p.athlete);
            for (std::size_t i = 0; i < trace.values.size(); ++i)
                painter.drawEllipse(at(i, trace.values[i]), 2.5, 2.5);
        }
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(p.athleteText, 1.6));
        painter.drawPath(path);
    }
    rows.name(painter, y, trace.title);
    painter.setPen(QPen(p.hairline, 1));
    painter.drawLine(QPointF(kLeft, y + rows.traceHeight), QPointF(width() - kRight, y + rows.traceHeight));
}

void TimeStrip::drawEvents(QPainter& painter, const Rows& rows) const {
    const look::Palette& p = theme::colours();
    std::vector<double> wanted, widths;
    for (const StripEvent& event : content_.events) {
        wanted.push_back(xOf(event.frame));
        widths.push_back(rows.metrics.horizontalAdvance(event.title) + 2);
    }
    constexpr double kGap = 8;
    widths = fittingWidths(std::move(widths), width() - 2 * kGap, kGap);
    const std::vector<double> placed = spreadLabels(wanted, widths, width() - kGap, kGap, kGap);
    for (std::size_t i = 0; i < content_.events.size(); ++i) {
        const StripEvent& event = content_.events[i];
        painter.setPen(QPen(event.selected ? p.ink : p.slate, event.selected ? 2 : 1));
        painter.drawLine(QPointF(wanted[i], 3 + rows.row), QPointF(wanted[i], rows.bottom));
        painter.drawLine(QPointF(wanted[i], rows.bottom), QPointF(placed[i], rows.bottom + 4));
        QFont weight = rows.small;
        weight.setBold(event.selected);
        painter.setFont(weight);
        painter.setPen(event.selected ? p.ink : p.slate);
        painter.drawText(QRectF(placed[i] - widths[i] / 2 - 4, rows.bottom + 3, widths[i] + 8, rows.row),
                         Qt::AlignCenter, QFontMetricsF(weight).elidedText(event.title, Qt::ElideRight, widths[i] + 8));
    }
}

/// The value at the frame shown, beside its trace's name.
void TimeStrip::drawValue(QPainter& painter, const Rows& rows, const StripTrace& trace, double y) const {
    const auto nearest = std::min_element(trace.frames.begin(), trace.frames.end(), [&](double a, double b) {
        return std::abs(a - frame_) < std::abs(b - frame_);
    });
    if (nearest == trace.frames.end() || std::abs(*nearest - frame_) >= 1)
        return;
    painter.setPen(theme::colours().athleteText);
    const auto at = static_cast<std::size_t>(nearest - trace.frames.begin());
    const int digits = trace.unit == QStringLiteral("°") ? 0 : 2;
    QString text = words::number(trace.values[at], digits);
    if (at < trace.expandedU.size() && trace.expandedU[at] > 0)
        text += QStringLiteral(" ± ") + words::number(trace.expandedU[at], digits);
    painter.drawText(QRectF(12, y + rows.row, kLeft - 14, rows.row), Qt::AlignVCenter | Qt::AlignLeft,
                     text + trace.unit);
}

void TimeStrip::paintEvent(QPaintEvent*) {
    const look::Palette& p = theme::colours();
    const Rows rows(*this);
    const auto yOf = [&](std::size_t trace) { return rows.traces + static_cast<double>(trace) * rows.traceHeight; };
    // All but the frame shown is drawn once: a clip that plays moves a line and two numbers.
    if (drawn_.size() != size() * devicePixelRatio() || ink_ != p.ink) {
        ink_ = p.ink;
        drawn_ = QPixmap(size() * devicePixelRatio());
        drawn_.setDevicePixelRatio(devicePixelRatio());
        drawn_.fill(p.raised);
        QPainter painter(&drawn_);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setFont(rows.small);
        drawPhasesAndMarks(painter, rows);
        for (std::size_t i = 0; i < content_.traces.size(); ++i)
            drawTrace(painter, rows, content_.traces[i], yOf(i));
        drawEvents(painter, rows);
    }
    QPainter painter(this);
    painter.drawPixmap(0, 0, drawn_);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(rows.small);
    for (std::size_t i = 0; content_.numbers && i < content_.traces.size(); ++i)
        drawValue(painter, rows, content_.traces[i], yOf(i));
    painter.setPen(QPen(p.ink, 1, Qt::DashLine));
    painter.drawLine(QPointF(xOf(frame_), 0), QPointF(xOf(frame_), rows.bottom));
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
