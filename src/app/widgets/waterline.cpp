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

std::vector<double> fittingWidths(std::vector<double> widths, double length, double gap) {
    const double room = length - gap * (static_cast<double>(widths.size()) - 1);
    // The widest give way first, down to one width for all.
    std::vector<double> sorted = widths;
    std::sort(sorted.begin(), sorted.end());
    double left = room, most = 0;
    for (std::size_t i = 0; i < sorted.size(); ++i) {
        const double share = left / static_cast<double>(sorted.size() - i);
        if (sorted[i] > share) {
            most = std::max(0.0, share);
            break;
        }
        most = sorted[i];
        left -= sorted[i];
    }
    for (double& width : widths)
        width = std::min(width, most);
    return widths;
}

Waterline::Waterline(QWidget* parent) : QWidget(parent) {
    setUpright(false);
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

void Waterline::setUpright(bool upright) {
    upright_ = upright;
    constexpr int kLeast = 300;
    setMinimumSize(upright ? QSize(kAcross, kLeast) : QSize(kLeast, kHigh));
    setMaximumSize(upright ? QSize(kAcross, QWIDGETSIZE_MAX) : QSize(QWIDGETSIZE_MAX, kHigh));
    updateGeometry();
    update();
}

void Waterline::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.fillRect(rect(), p.raised);
    QFont small = font();
    small.setPointSizeF(8.5);
    painter.setFont(small);
    upright_ ? paintStanding(painter) : paintLying(painter);
    const double now = along(phase_);
    constexpr double kWing = 6, kPoint = 8;
    painter.setPen(QPen(p.ink, 1, Qt::DotLine));
    painter.drawLine(upright_ ? QPointF(0, now) : QPointF(now, 0),
                     upright_ ? QPointF(width(), now) : QPointF(now, height()));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawPolygon(upright_ ? QPolygonF({{0, now - kWing}, {0, now + kWing}, {kPoint, now}})
                                 : QPolygonF({{now - kWing, 0}, {now + kWing, 0}, {now, kPoint}}));
}

void Waterline::paintLying(QPainter& painter) {
    const look::Palette& p = theme::colours();
    const double mid = height() / 2.0, reach = 13;
    painter.setPen(QPen(p.ink, 1.4));
    painter.drawLine(QPointF(kEnd, mid), QPointF(width() - kEnd, mid));
    const QFontMetricsF metrics(painter.font());

    for (const bool above : {true, false}) {
        std::vector<double> wanted, widths;
        std::vector<const WaterlineEvent*> shown;
        for (const WaterlineEvent& event : events_) {
            const auto& at = above ? event.athlete : event.model;
            if (!at)
                continue;
            wanted.push_back(along(*at));
            widths.push_back(metrics.horizontalAdvance(event.title) + 2);
            shown.push_back(&event);
        }
        constexpr double kWide = 9, kNarrow = 5, kStart = 4;
        const double room = width() - 2 * kStart;
        const bool fit = fittingWidths(widths, room, kWide) == widths;
        const double gap = fit ? kWide : kNarrow;
        widths = fittingWidths(std::move(widths), room, gap);
        const std::vector<double> placed = spreadLabels(wanted, widths, width() - kStart, gap, kStart);
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
            painter.drawText(box, Qt::AlignCenter, metrics.elidedText(shown[i]->title, Qt::ElideRight, widths[i]));
        }
    }
    // Ties from the athlete's tick to the model's: upright when in time.
    std::vector<double> wanted, widths;
    std::vector<const WaterlineEvent*> noted;
    for (const WaterlineEvent& event : events_) {
        if (!event.athlete || !event.model)
            continue;
        painter.setPen(QPen(event.clear ? p.deviation : p.slate, event.clear ? 2.4 : 1, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(QPointF(along(*event.athlete), mid - reach), QPointF(along(*event.model), mid + reach));
        if (event.note.isEmpty())
            continue;
        noted.push_back(&event);
        widths.push_back(metrics.horizontalAdvance(event.note) + 24);
        wanted.push_back(std::max(along(*event.athlete), along(*event.model)) + 8 + widths.back() / 2);
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
}

void Waterline::paintStanding(QPainter& painter) {
    const look::Palette& p = theme::colours();
    const QFontMetricsF metrics(painter.font());
    constexpr double kReach = 13, kLead = 7, kMargin = 5;
    const double mid = width() / 2.0;
    painter.setPen(QPen(p.ink, 1.4));
    painter.drawLine(QPointF(mid, kEnd), QPointF(mid, height() - kEnd));
    for (const bool own : {true, false}) {
        // What deviates is said under the event, on the model's side.
        const double side = own ? -1 : 1, room = mid - kReach - kLead - kMargin;
        std::vector<double> wanted, heights;
        std::vector<const WaterlineEvent*> shown;
        std::vector<QString> titles;
        for (const WaterlineEvent& event : events_) {
            const auto& at = own ? event.athlete : event.model;
            if (!at)
                continue;
            titles.push_back(event.title);
            const QRectF words = metrics.boundingRect(QRectF(0, 0, room, height()), Qt::TextWordWrap, event.title);
            const QRectF note = metrics.boundingRect(QRectF(0, 0, room - kEnd, height()), Qt::TextWordWrap, event.note);
            wanted.push_back(along(*at));
            heights.push_back(words.height() + (own || event.note.isEmpty() ? 0 : note.height()) + 1);
            shown.push_back(&event);
        }
        const std::vector<double> placed = spreadLabels(wanted, heights, height() - 2, 3, 2);
        const QColor colour = own ? p.athleteText : p.model;
        for (std::size_t i = 0; i < shown.size(); ++i) {
            const double tickEnd = mid + side * kReach;
            painter.setPen(QPen(own ? p.athlete : p.model, 3));
            painter.drawLine(QPointF(mid, wanted[i]), QPointF(tickEnd, wanted[i]));
            painter.setPen(QPen(colour, .8));
            painter.drawLine(QPointF(tickEnd, wanted[i]), QPointF(tickEnd + side * (kLead - 2), placed[i]));
            QRectF box(own ? kMargin : tickEnd + kLead, placed[i] - heights[i] / 2, room, heights[i]);
            const auto alignment = Qt::TextWordWrap | (own ? Qt::AlignRight : Qt::AlignLeft);
            painter.setPen(colour);
            if (own || shown[i]->note.isEmpty()) {
                painter.drawText(box, alignment | Qt::AlignVCenter, titles[i]);
                continue;
            }
            QRectF used;
            painter.drawText(box, alignment | Qt::AlignTop, titles[i], &used);
            box.setTop(used.bottom());
            look::drawSign(painter, shown[i]->clear ? look::Sign::Clear : look::Sign::Possible,
                           QPointF(box.left() + 6, box.top() + metrics.height() / 2), 10, p);
            painter.setPen(p.deviation);
            painter.drawText(box.adjusted(kEnd, 0, 0, 0), alignment | Qt::AlignTop, shown[i]->note);
        }
    }
    for (const WaterlineEvent& event : events_) {
        if (!event.athlete || !event.model)
            continue;
        painter.setPen(QPen(event.clear ? p.deviation : p.slate, event.clear ? 2.4 : 1, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(QPointF(mid - kReach, along(*event.athlete)), QPointF(mid + kReach, along(*event.model)));
    }
}

void Waterline::scrub(QPointF at) {
    const double length = (upright_ ? height() : width()) - 2 * kEnd;
    emit scrubbed(std::clamp(((upright_ ? at.y() : at.x()) - kEnd) / length * 100, 0.0, 100.0));
}
void Waterline::mousePressEvent(QMouseEvent* event) { scrub(event->position()); }
void Waterline::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        scrub(event->position());
}

} // namespace riflesso
