#include "app/progress/learning_view.h"

#include "app/theme.h"
#include "core/uncertainty/stats.h"
#include "report/report_content.h"
#include "report/words.h"

#include <QPainter>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kTitleWidth = 150, kHigh = 104, kHighest = 190, kNarrow = 560;
constexpr int kGapDays = 7; ///< from here on nothing joins two points

} // namespace

LearningView::LearningView(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(kHigh);
    setMaximumHeight(kHighest);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumWidth(kNarrow);
}

void LearningView::setChart(const DrillChart& chart, const QString& title, const QString& verdict, Day first, Day last,
                            const std::vector<PracticeTest>& tests) {
    chart_ = chart;
    title_ = title, verdict_ = verdict;
    first_ = first, last_ = last;
    tests_ = tests;
    setAccessibleName(title + QStringLiteral(", ") + verdict);
    update();
}

void LearningView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.setPen(QPen(p.hairline));
    painter.setBrush(p.raised);
    painter.drawRoundedRect(QRectF(rect()).adjusted(.5, .5, -.5, -.5), 3, 3);
    painter.setPen(p.ink);
    QFont strong = font();
    strong.setBold(true);
    painter.setFont(strong);
    QRectF written;
    painter.drawText(QRectF(10, 6, kTitleWidth - 14, height() - 8), Qt::AlignLeft | Qt::TextWordWrap, title_, &written);
    painter.setFont(font());
    painter.setPen(p.slate);
    painter.drawText(QRectF(10, written.bottom() + 1, kTitleWidth - 14, height() - written.bottom() - 2),
                     Qt::AlignLeft | Qt::TextWordWrap, verdict_);
    const QRectF box(kTitleWidth, 8, width() - kTitleWidth - 12, height() - 24);
    const double days = std::max<double>(1, static_cast<double>((last_ - first_).count()));
    const auto y = [&](double share) { return box.bottom() - share * box.height(); };
    painter.fillRect(box, p.course);
    painter.fillRect(QRectF(QPointF(box.left(), y(1)), QPointF(box.right(), y(.75))), p.modelSoft);
    painter.setPen(QPen(p.model, 1, Qt::DashLine));
    painter.drawLine(QPointF(box.left(), y(.75)), QPointF(box.right(), y(.75)));
    painter.setPen(p.model);
    QFont small = font();
    small.setPointSizeF(8);
    painter.setFont(small);
    painter.drawText(QRectF(box.left() + 4, y(.75) + 1, 100, 14), Qt::AlignLeft, tr("three of four"));
    // Blocks of one day stand beside each other.
    std::map<Day, int> onDay, placed;
    for (const ChartPoint& point : chart_.points)
        ++onDay[point.date];
    const double room = std::min(9.0, box.width() / (days + 1) / 2);
    const auto xOf = [&](Day day, double aside) {
        return box.left() + 10 + (box.width() - 20) * static_cast<double>((day - first_).count()) / days + aside;
    };
    std::vector<QPointF> at;
    for (const ChartPoint& point : chart_.points) {
        const int n = onDay[point.date], i = placed[point.date]++;
        at.emplace_back(xOf(point.date, (i - (n - 1) / 2.0) * room), y(static_cast<double>(point.good) / point.all));
    }
    for (std::size_t i = 0; i < at.size(); ++i) {
        if (i > 0 && (chart_.points[i].date - chart_.points[i - 1].date).count() < kGapDays) {
            painter.setPen(QPen(p.athlete, 1.5));
            painter.drawLine(at[i - 1], at[i]);
        }
        const Interval interval = wilson(chart_.points[i].good, chart_.points[i].all, kZ80);
        painter.setPen(QPen(p.athlete, 1.2));
        painter.drawLine(QPointF(at[i].x(), y(interval.low)), QPointF(at[i].x(), y(interval.high)));
    }
    if (chart_.points.size() > 2) {
        std::vector<double> shares;
        for (const ChartPoint& point : chart_.points)
            shares.push_back(static_cast<double>(point.good) / point.all);
        painter.setPen(QPen(p.slate, 1, Qt::DotLine));
        painter.drawLine(QPointF(box.left(), y(median(shares))), QPointF(box.right(), y(median(shares))));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.athlete);
    for (const QPointF& point : at)
        painter.drawEllipse(point, 3.6, 3.6);
    // A test without feedback stands apart, open, with its verdict.
    for (const PracticeTest& test : tests_) {
        const double x = xOf(test.date, 0);
        painter.setPen(QPen(p.slate, 1, Qt::DashLine));
        painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()));
        const bool learned = test.verdict == PracticeTest::Verdict::Learned;
        const QPointF centre(x, y(test.all ? static_cast<double>(test.good) / test.all : 0));
        painter.setPen(QPen(learned ? p.model : p.deviation, 2));
        painter.setBrush(p.raised);
        if (learned)
            painter.drawPolygon(QPolygonF({centre + QPointF(0, -7), centre + QPointF(7, 6), centre + QPointF(-7, 6)}));
        else
            painter.drawPolygon(QPolygonF(
                {centre + QPointF(0, -7), centre + QPointF(7, 0), centre + QPointF(0, 7), centre + QPointF(-7, 0)}));
    }
    painter.setPen(p.slate);
    painter.setFont(small);
    const QRectF foot(box.left(), box.bottom() + 1, box.width(), 14);
    painter.drawText(foot, Qt::AlignLeft, words::shortDate(dateOf(first_)));
    painter.drawText(foot, Qt::AlignRight, words::shortDate(dateOf(last_)));
}

WeeksView::WeeksView(QWidget* parent) : QWidget(parent) {
    setFixedHeight(46);
    setAccessibleName(tr("Days of practice, week by week"));
}

void WeeksView::setDays(Day first, Day last, const std::map<Day, OnDay>& days) {
    first_ = first, last_ = last;
    days_ = days;
    update();
}

void WeeksView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const look::Palette& p = theme::colours();
    const std::chrono::weekday weekday(first_);
    const Day monday = first_ - std::chrono::days(weekday.iso_encoding() - 1);
    const auto weeks = static_cast<int>((last_ - monday).count() / 7) + 1;
    const double wide = std::min(110.0, (width() - 4.0) / std::max(1, weeks));
    const double side = std::min(11.0, (wide - 8) / 7 - 2);
    QFont small = font();
    small.setPointSizeF(8);
    painter.setFont(small);
    const int every = std::max(1, static_cast<int>(48 / wide)); // weeks between two dates
    for (int week = 0; week < weeks; ++week) {
        const double left = 2 + week * wide;
        const Day begins = monday + std::chrono::days(7 * week);
        painter.setPen(p.hairline);
        painter.drawLine(QPointF(left, 0), QPointF(left, 40));
        painter.setPen(p.slate);
        if (week % every == 0)
            painter.drawText(QRectF(left + 3, 0, wide * every, 14), Qt::AlignLeft, words::shortDate(dateOf(begins)));
        for (int i = 0; i < 7; ++i) {
            const auto day = days_.find(begins + std::chrono::days(i));
            const OnDay on = day == days_.end() ? OnDay() : day->second;
            painter.setPen(on.session || on.home ? QPen(p.athlete) : QPen(p.hairline));
            painter.setBrush(on.session ? p.athlete : on.home ? p.athleteSoft : p.raised);
            painter.drawRect(QRectF(left + 4 + i * (side + 2), 20, side, side));
        }
    }
}

} // namespace riflesso
