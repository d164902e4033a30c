#include "app/plan/week_view.h"

#include "app/theme.h"
#include "report/report_content.h"
#include "report/words.h"

#include <QLocale>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kWeekLeft = 62, kRowHeight = 25, kHeadRow = 20, kNotes = 150, kDays = 7;
double dayWidth(int width) { return (width - kWeekLeft - kNotes) / static_cast<double>(kDays); }

} // namespace

WeekView::WeekView(QWidget* parent) : QWidget(parent) { setAccessibleName(tr("Weeks of the plan")); }

void WeekView::setSchedule(const Schedule& schedule) {
    schedule_ = schedule;
    constexpr int kMostWeeks = 14, kDaysOfWeek = 7;
    weeks_ = std::min(kMostWeeks, static_cast<int>(schedule_.days.size()) / kDaysOfWeek);
    setFixedHeight(weeks_ * kRowHeight + 24);
    update();
}

void WeekView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    QFont small = font();
    small.setPointSizeF(8.5);
    painter.setFont(small);
    const QFontMetrics metrics(small);
    const double day = dayWidth(width());
    painter.setPen(p.slate);
    for (int d = 0; d < 7; ++d)
        painter.drawText(QRectF(kWeekLeft + d * day, 0, day, 20), Qt::AlignCenter,
                         QLocale().dayName(d + 1, QLocale::ShortFormat).left(2));
    for (int week = 0; week < weeks_; ++week) {
        const double y = kHeadRow + week * kRowHeight;
        const auto dayAt = [&](int d) -> const ScheduledDay& {
            return schedule_.days[static_cast<std::size_t>(7 * week + d)];
        };
        painter.setPen(p.slate);
        painter.drawText(QRectF(0, y, kWeekLeft - 8, kRowHeight), Qt::AlignVCenter | Qt::AlignLeft,
                         words::shortDate(dateOf(dayAt(0).date)));
        QStringList notes;
        for (int d = 0; d < 7; ++d) {
            const ScheduledDay& own = dayAt(d);
            const QDate date = dateOf(own.date);
            const int index = 7 * week + d;
            const QRectF cell = this->cell(index);
            painter.fillRect(cell, own.competition.empty() ? p.raised : p.ink);
            if (!own.competition.empty())
                notes << words::text(own.competition);
            if (own.noChange)
                painter.fillRect(cell, QBrush(p.hairline, Qt::BDiagPattern));
            if (own.technique) {
                painter.setPen(Qt::NoPen);
                painter.setBrush(p.athlete);
                painter.drawRoundedRect(QRectF(cell.center() - QPointF(6, 6), QSizeF(12, 12)), 2, 2);
            } else if (own.homework) {
                painter.setPen(Qt::NoPen);
                painter.setBrush(p.slate);
                painter.drawEllipse(cell.center(), 2, 2);
            }
            if ((own.retest || own.retention) && index == dragged_ && over_ != dragged_) {
                painter.setPen(QPen(p.hairline, 1.5));
                painter.setBrush(Qt::NoBrush);
                painter.drawEllipse(cell.center(), 7, 7);
            } else if (own.retest || own.retention || (index == over_ && dragged_ >= 0)) {
                painter.setPen(QPen(p.model, 2.5));
                painter.setBrush(Qt::NoBrush);
                painter.drawEllipse(cell.center(), 7, 7);
                if (own.retest || own.retention)
                    notes << (own.retest ? tr("retest") : tr("retention test"));
            }
            if (date == QDate::currentDate()) {
                painter.setPen(QPen(p.ink, 1.2));
                painter.setBrush(Qt::NoBrush);
                painter.drawRect(cell);
            }
        }
        painter.setPen(p.ink);
        painter.drawText(QRectF(kWeekLeft + 7 * day + 8, y, 142, kRowHeight), Qt::AlignVCenter | Qt::AlignLeft,
                         metrics.elidedText(notes.join(QStringLiteral(", ")), Qt::ElideRight, 142));
    }
}

QRectF WeekView::cell(int index) const {
    const double day = dayWidth(width());
    const int week = index / kDays;
    return {kWeekLeft + index % kDays * day + 1, kHeadRow + week * kRowHeight + 2.0, day - 2, kRowHeight - 4.0};
}

QRectF WeekView::cellOf(const QDate& day) const {
    for (int i = 0; i < weeks_ * kDays; ++i)
        if (dateOf(schedule_.days[static_cast<std::size_t>(i)].date) == day)
            return cell(i);
    return {};
}

int WeekView::indexAt(QPointF at) const {
    for (int i = 0; i < weeks_ * kDays; ++i)
        if (cell(i).adjusted(-1, -2, 1, 2).contains(at))
            return i;
    return -1;
}

void WeekView::mousePressEvent(QMouseEvent* event) {
    const int index = indexAt(event->position());
    if (index < 0)
        return;
    const ScheduledDay& day = schedule_.days[static_cast<std::size_t>(index)];
    if (day.retest || day.retention)
        dragged_ = over_ = index;
}

void WeekView::mouseMoveEvent(QMouseEvent* event) {
    if (dragged_ < 0)
        return;
    if (const int index = indexAt(event->position()); index >= 0)
        over_ = index;
    update();
}

void WeekView::mouseReleaseEvent(QMouseEvent*) {
    const int from = std::exchange(dragged_, -1), to = std::exchange(over_, -1);
    update();
    if (from < 0 || to < 0 || from == to)
        return;
    const bool retention = schedule_.days[static_cast<std::size_t>(from)].retention;
    emit testMoved(retention, dateOf(schedule_.days[static_cast<std::size_t>(to)].date));
}

} // namespace riflesso
