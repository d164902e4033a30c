#include "app/practice/share_bar.h"

#include "app/theme.h"

#include <QPainter>

#include <algorithm>

namespace riflesso {

BlockView::BlockView(QWidget* parent) : QWidget(parent) {
    setFixedHeight(66);
    setAccessibleName(tr("The repetitions of this block"));
}

void BlockView::setBlock(const std::vector<PracticeRepetition>& repetitions, int length, std::optional<bool> felt) {
    repetitions_ = repetitions;
    length_ = length;
    felt_ = felt;
    update();
}

void BlockView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    const int shown = std::max(length_, static_cast<int>(repetitions_.size()));
    const double step = std::min(40.0, (width() - 8.0) / shown), radius = std::min(12.0, step / 2 - 3);
    QFont small = font();
    small.setPointSizeF(8);
    painter.setFont(small);
    const auto word = [&](int i, const QString& text, const QColor& colour) {
        painter.setPen(colour);
        painter.drawText(QRectF(4 + step * i - 4, 32, step + 8, 14), Qt::AlignCenter, text);
    };
    for (int i = 0; i < shown; ++i) {
        const QPointF centre(4 + step * (i + .5), 15);
        const bool done = i < static_cast<int>(repetitions_.size());
        const PracticeRepetition* repetition = done ? &repetitions_[static_cast<std::size_t>(i)] : nullptr;
        painter.setPen(repetition ? QPen(p.athlete, 2.5) : QPen(p.hairline, 2));
        painter.setBrush(repetition && repetition->good ? QBrush(p.athlete) : QBrush(Qt::NoBrush));
        painter.drawEllipse(centre, radius, radius);
        if (repetition && repetition->feltRight)
            word(i, *repetition->feltRight ? tr("right") : tr("off"), p.slate);
        if (repetition && repetition->told != Told::None)
            painter.fillRect(QRectF(centre.x() - 7, 50, 14, 4), p.ink);
        if (i == static_cast<int>(repetitions_.size()) && felt_)
            word(i, *felt_ ? tr("right") : tr("off"), p.athleteText);
    }
}

ShareBar::ShareBar(QWidget* parent) : QWidget(parent) {
    setFixedHeight(54);
    setAccessibleName(tr("Share of good repetitions in this block"));
}

void ShareBar::setVerdict(const BlockVerdict& verdict) {
    verdict_ = verdict;
    update();
}

void ShareBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    const double left = 4, right = width() - 4, top = 6, high = 22;
    const auto x = [&](double share) { return left + share * (right - left); };
    painter.fillRect(QRectF(QPointF(x(0), top), QPointF(x(.5), top + high)), p.course);
    painter.fillRect(QRectF(QPointF(x(.5), top), QPointF(x(.75), top + high)), p.hairline);
    painter.fillRect(QRectF(QPointF(x(.75), top), QPointF(x(1), top + high)), p.modelSoft);
    painter.setPen(p.slate);
    for (const auto& [at, text] : {std::pair{0.0, tr("easier")}, {0.5, tr("stay")}, {0.75, tr("go on")}})
        painter.drawText(QRectF(x(at) + 4, top + high + 1, 120, 20), Qt::AlignLeft, text);
    if (!verdict_.share)
        return;
    painter.setPen(QPen(p.athlete, 4));
    const double mid = top + high / 2;
    painter.drawLine(QPointF(x(verdict_.interval.low), mid), QPointF(x(verdict_.interval.high), mid));
    painter.setPen(QPen(p.athleteText, 6));
    painter.drawLine(QPointF(x(*verdict_.share), top - 2), QPointF(x(*verdict_.share), top + high + 2));
}

} // namespace riflesso
