#include "app/widgets/waterline.h"

#include "app/theme.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <numeric>

namespace riflesso {

std::vector<double> spreadLabels(const std::vector<double>& wanted, const std::vector<double>& widths, double length,
                                 double gap, double start) {
    std::vector<std::size_t> order(wanted.size());
    std::iota(order.begin(), order.end(), std::size_t(0));
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return wanted[a] < wanted[b]; });
    std::vector<double> placed(wanted.size());
    double free = start;
    for (std::size_t i : order) {
        placed[i] = std::max(wanted[i], free + widths[i] / 2);
        free = placed[i] + widths[i] / 2 + gap;
    }
    double limit = length;
    for (auto i = order.rbegin(); i != order.rend(); ++i) {
        placed[*i] = std::min(placed[*i], limit - widths[*i] / 2);
        limit = placed[*i] - widths[*i] / 2 - gap;
    }
    return placed;
}

Waterline::Waterline(QWidget* parent) : QWidget(parent) {
    setFixedHeight(82);
    setMinimumWidth(300);
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("Waterline: phase of athlete and model"));
}

void Waterline::setEvents(std::vector<WaterlineEvent> events) {
    events_ = std::move(events);
    QStringList notes;
    for (const WaterlineEvent& event : events_)
        if (!event.note.isEmpty())
            notes << event.title + QStringLiteral(": ") + event.note;
    setAccessibleDescription(notes.join(QStringLiteral("; ")));
    update();
}

void Waterline::setPhase(double percent) {
    phase_ = percent;
    update();
}

void Waterline::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.fillRect(rect(), p.raised);
    const double mid = height() / 2.0, reach = 13;
    painter.setPen(QPen(p.ink, 1.4));
    painter.drawLine(QPointF(14, mid), QPointF(width() - 14, mid));
    QFont small = font();
    small.setPointSizeF(8.5);
    painter.setFont(small);
    const QFontMetricsF metrics(small);

    for (const bool above : {true, false}) {
        std::vector<double> wanted, widths;
        std::vector<const WaterlineEvent*> shown;
        for (const WaterlineEvent& event : events_) {
            const auto& at = above ? event.athlete : event.model;
            if (!at)
                continue;
            wanted.push_back(xOf(*at));
            widths.push_back(metrics.horizontalAdvance(event.title) + 2);
            shown.push_back(&event);
        }
        const std::vector<double> placed = spreadLabels(wanted, widths, width() - 4, 9, 4);
        const QColor colour = above ? p.athleteText : p.model;
        for (std::size_t i = 0; i < shown.size(); ++i) {
            const double tickEnd = above ? mid - reach : mid + reach;
            painter.setPen(QPen(above ? p.athlete : p.model, 3));
            painter.drawLine(QPointF(wanted[i], mid), QPointF(wanted[i], tickEnd));
            painter.setPen(QPen(colour, .8));
            painter.drawLine(QPointF(wanted[i], tickEnd), QPointF(placed[i], above ? tickEnd - 5 : tickEnd + 5));
            painter.setPen(colour);
            const QRectF box(placed[i] - widths[i] / 2, above ? 2 : height() - metrics.height() - 2, widths[i],
                             metrics.height());
            painter.drawText(box, Qt::AlignCenter, shown[i]->title);
        }
    }
    // Ties from the athlete's tick to the model's: upright when in time.
    std::vector<double> wanted, widths;
    std::vector<const WaterlineEvent*> noted;
    for (const WaterlineEvent& event : events_) {
        if (!event.athlete || !event.model)
            continue;
        painter.setPen(QPen(event.clear ? p.deviation : p.slate, event.clear ? 2.4 : 1, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(QPointF(xOf(*event.athlete), mid - reach), QPointF(xOf(*event.model), mid + reach));
        if (event.note.isEmpty())
            continue;
        noted.push_back(&event);
        widths.push_back(metrics.horizontalAdvance(event.note) + 24);
        wanted.push_back(std::max(xOf(*event.athlete), xOf(*event.model)) + 8 + widths.back() / 2);
    }
    const std::vector<double> placed = spreadLabels(wanted, widths, width() - 4, 6, 4);
    for (std::size_t i = 0; i < noted.size(); ++i) {
        const QRectF box(placed[i] - widths[i] / 2, mid - metrics.height() / 2, widths[i], metrics.height());
        painter.fillRect(box, p.raised);
        look::drawSign(painter, noted[i]->clear ? look::Sign::Clear : look::Sign::Possible,
                       QPointF(box.left() + 8, mid), 11, p);
        painter.setPen(p.deviation);
        painter.drawText(box.adjusted(17, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, noted[i]->note);
    }
    painter.setPen(QPen(p.ink, 1, Qt::DotLine));
    painter.drawLine(QPointF(xOf(phase_), 0), QPointF(xOf(phase_), height()));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawPolygon(QPolygonF({{xOf(phase_) - 6, 0}, {xOf(phase_) + 6, 0}, {xOf(phase_), 8}}));
}

void Waterline::scrub(double x) { emit scrubbed(std::clamp((x - 14) / (width() - 28) * 100, 0.0, 100.0)); }
void Waterline::mousePressEvent(QMouseEvent* event) { scrub(event->position().x()); }
void Waterline::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        scrub(event->position().x());
}

} // namespace riflesso
