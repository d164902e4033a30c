#include "app/film/clip_timeline.h"

#include "app/theme.h"
#include "report/words.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace riflesso {

ClipTimeline::ClipTimeline(QWidget* parent) : QWidget(parent) {
    setFixedHeight(64);
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("The whole clip with its repetitions"));
}

void ClipTimeline::setClip(const Clip* clip, RepetitionId selected) {
    sections_ = clip ? clip->sections : std::vector<Section>();
    for (Section& section : sections_)
        for (Repetition& repetition : section.repetitions)
            repetition.marks.clear();
    frames_ = clip ? clip->frames() : 0;
    if (clip_ != (clip ? clip->id : ClipId{}))
        sounds_.clear();
    clip_ = clip ? clip->id : ClipId{};
    selected_ = selected;
    update();
}
void ClipTimeline::setFrame(int frame) {
    frame_ = frame;
    update();
}
void ClipTimeline::setCutStart(std::optional<int> frame) {
    cutStart_ = frame;
    update();
}

void ClipTimeline::setSounds(const std::vector<double>& frames) {
    sounds_ = frames;
    update();
}
std::optional<int> ClipTimeline::soundFrom(int frame, int by) const {
    std::optional<int> best;
    for (const double sound : sounds_) {
        const int at = static_cast<int>(std::lround(sound));
        if (by > 0 ? at > frame && (!best || at < *best) : at < frame && (!best || at > *best))
            best = at;
    }
    return best;
}

double ClipTimeline::xOf(int frame) const {
    return 14 + static_cast<double>(frame) / std::max(1, frames_ - 1) * (width() - 28);
}
int ClipTimeline::frameAt(double x) const {
    return std::clamp(static_cast<int>(std::lround((x - 14) / (width() - 28) * (frames_ - 1))), 0,
                      std::max(0, frames_ - 1));
}

void ClipTimeline::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.fillRect(rect(), p.raised);
    QFont small = font();
    small.setPointSizeF(8.5);
    painter.setFont(small);
    for (const Section& section : sections_) {
        // A hairline of ground between two sections.
        const QRectF band(QPointF(xOf(section.from), 6),
                          QPointF(xOf(section.to) - (section.to + 1 < frames_ ? 1 : 0), 22));
        painter.fillRect(band, p.course);
        painter.setPen(p.slate);
        QString text = words::text(toString(section.view)) + tr(" view, ") + words::stressName(section.stress);
        if (!section.performer.isEmpty())
            text.prepend(section.performer + QStringLiteral(": "));
        painter.drawText(band.adjusted(5, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft,
                         QFontMetrics(small).elidedText(text, Qt::ElideRight, static_cast<int>(band.width()) - 8));
        for (const Repetition& repetition : section.repetitions) {
            const bool chosen = repetition.id == selected_;
            const QRectF box(QPointF(xOf(repetition.from), 28), QPointF(xOf(repetition.to) - 1, 52));
            painter.setPen(QPen(section.performer.isEmpty() ? p.athlete : p.model, chosen ? 2 : 1));
            painter.setBrush(section.performer.isEmpty() ? (chosen ? p.athleteSoft : p.raised)
                                                         : (chosen ? p.modelSoft : p.raised));
            painter.drawRect(box);
            painter.setPen(p.ink);
            painter.drawText(box, Qt::AlignCenter, QString::number(repetition.number));
        }
    }
    if (cutStart_) {
        QColor open = p.athlete;
        open.setAlpha(90);
        painter.fillRect(
            QRectF(QPointF(xOf(std::min(*cutStart_, frame_)), 28), QPointF(xOf(std::max(*cutStart_, frame_)), 52)),
            open);
    }
    // Sudden sounds: small marks under the repetitions.
    painter.setPen(QPen(p.ink, 1.6));
    for (const double sound : sounds_) {
        const double x = 14 + sound / std::max(1, frames_ - 1) * (width() - 28);
        painter.drawLine(QPointF(x, 54), QPointF(x, 61));
    }
    painter.setPen(QPen(p.ink, 1.4));
    painter.drawLine(QPointF(xOf(frame_), 2), QPointF(xOf(frame_), height() - 2));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawPolygon(QPolygonF({{xOf(frame_) - 5, 0}, {xOf(frame_) + 5, 0}, {xOf(frame_), 7}}));
}

void ClipTimeline::mousePressEvent(QMouseEvent* event) {
    const int frame = frameAt(event->position().x());
    if (event->position().y() > 26)
        for (const Section& section : sections_)
            for (const Repetition& repetition : section.repetitions)
                if (frame >= repetition.from && frame <= repetition.to)
                    emit repetitionClicked(repetition.id);
    emit frameAsked(frame);
}
void ClipTimeline::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        emit frameAsked(frameAt(event->position().x()));
}

} // namespace riflesso
