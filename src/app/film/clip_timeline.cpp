#include "app/film/clip_timeline.h"

#include "app/theme.h"
#include "report/words.h"

#include <QMouseEvent>
#include <QNativeGestureEvent>
#include <QPainter>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr double kMargin = 14;
constexpr double kPicturesTop = 64, kPictureHigh = 38, kPictureWide = 68;
constexpr std::size_t kMostPictures = 400; ///< small ones kept of a clip

} // namespace

ClipTimeline::ClipTimeline(QWidget* parent) : QWidget(parent) {
    setFixedHeight(112);
    constexpr int kSettledMs = 180;
    settled_.setSingleShot(true);
    settled_.setInterval(kSettledMs);
    connect(&settled_, &QTimer::timeout, this, &ClipTimeline::askForPictures);
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("The whole clip with its repetitions"));
}

void ClipTimeline::setClip(const Clip* clip, RepetitionId selected) {
    sections_ = clip ? clip->sections : std::vector<Section>();
    for (Section& section : sections_)
        for (Repetition& repetition : section.repetitions)
            repetition.marks.clear();
    const bool another = clip_ != (clip ? clip->id : ClipId{}) || frames_ != (clip ? clip->frames() : 0);
    frames_ = clip ? clip->frames() : 0;
    clip_ = clip ? clip->id : ClipId{};
    if (another) {
        sounds_.clear();
        cuts_.clear();
        pictures_.clear();
        showWhole();
    }
    selected_ = selected;
    update();
}
void ClipTimeline::setFrame(int frame) {
    frame_ = frame;
    // Out of sight: the line turns like a page, with a tenth of it behind the frame.
    const double span = last_ - first_;
    if (frame_ < first_)
        show(frame_ - 0.9 * span, span);
    else if (frame_ > last_)
        show(frame_ - 0.1 * span, span);
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
void ClipTimeline::setCuts(const std::vector<int>& frames) {
    cuts_ = frames;
    update();
}

void ClipTimeline::setPicture(int frame, const QImage& picture) {
    if (pictures_.size() >= kMostPictures)
        pictures_.clear();
    const QSizeF room = QSizeF(kPictureWide, kPictureHigh) * devicePixelRatioF();
    pictures_[frame] = picture.scaled(room.toSize(), Qt::KeepAspectRatio, Qt::SmoothTransformation);
    update();
}

QList<int> ClipTimeline::pictureFrames() const {
    QList<int> out;
    if (frames_ == 0)
        return out;
    for (double x = kMargin; x + kPictureWide <= width() - kMargin + 1; x += kPictureWide + 2)
        out << frameAt(x + kPictureWide / 2);
    return out;
}

void ClipTimeline::askForPictures() {
    QList<int> wanted;
    for (const int frame : pictureFrames())
        if (!pictures_.contains(frame) && !wanted.contains(frame))
            wanted << frame;
    if (!wanted.isEmpty())
        emit picturesAsked(wanted);
}

void ClipTimeline::drawPictures(QPainter& painter) const {
    const look::Palette& p = theme::colours();
    double x = kMargin;
    for (const int frame : pictureFrames()) {
        const QRectF box(x, kPicturesTop, kPictureWide, kPictureHigh);
        x += kPictureWide + 2;
        // Until its own has come, the nearest that is there stands in.
        auto at = pictures_.lower_bound(frame);
        if (at == pictures_.end() ||
            (at != pictures_.begin() && at->first != frame && frame - std::prev(at)->first < at->first - frame))
            at = at == pictures_.begin() ? at : std::prev(at);
        if (pictures_.empty() || picturesHidden_) {
            painter.fillRect(box, p.course);
            continue;
        }
        const QSizeF size = QSizeF(at->second.size()).scaled(box.size(), Qt::KeepAspectRatio);
        painter.fillRect(box, p.stage);
        painter.drawImage(QRectF(box.center() - QPointF(size.width(), size.height()) / 2, size), at->second);
    }
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

RepetitionId ClipTimeline::repetitionFrom(int frame, int by) const {
    const Repetition* best = nullptr;
    for (const Section& section : sections_)
        for (const Repetition& repetition : section.repetitions)
            if (by > 0 ? repetition.from > frame && (!best || repetition.from < best->from)
                       : repetition.from < frame && (!best || repetition.from > best->from))
                best = &repetition;
    return best ? best->id : RepetitionId();
}

double ClipTimeline::xOf(double frame) const {
    return kMargin + (frame - first_) / std::max(1.0, last_ - first_) * (width() - 2 * kMargin);
}
double ClipTimeline::frameOf(double x) const {
    return first_ + (x - kMargin) / (width() - 2 * kMargin) * (last_ - first_);
}
int ClipTimeline::frameAt(double x) const {
    return std::clamp(static_cast<int>(std::lround(frameOf(x))), 0, std::max(0, frames_ - 1));
}

void ClipTimeline::show(double first, double span) {
    const double most = std::max(0, frames_ - 1);
    span = std::clamp(span, std::min(kFewest, most), most);
    first_ = std::clamp(first, 0.0, most - span);
    last_ = first_ + span;
    settled_.start();
    update();
}
void ClipTimeline::showWhole() { show(0, std::max(0, frames_ - 1)); }
void ClipTimeline::zoom(double factor) { zoomAt(factor, frame_); }
void ClipTimeline::zoomAt(double factor, double frame) {
    const double span = last_ - first_, most = std::max(0, frames_ - 1);
    const double wanted = std::clamp(span / factor, std::min(kFewest, most), most);
    show(frame - (frame - first_) * (span > 0 ? wanted / span : 1), wanted);
}

void ClipTimeline::wheelEvent(QWheelEvent* event) {
    const QPoint turned = event->angleDelta();
    const bool along = std::abs(turned.x()) > std::abs(turned.y()) || event->modifiers().testFlag(Qt::ShiftModifier);
    constexpr double kNotch = 120, kStep = 1.4, kScroll = 0.12;
    if (along)
        show(first_ - (turned.x() != 0 ? turned.x() : turned.y()) / kNotch * kScroll * (last_ - first_),
             last_ - first_);
    else
        zoomAt(std::pow(kStep, turned.y() / kNotch), std::clamp(frameOf(event->position().x()), first_, last_));
    event->accept();
}
bool ClipTimeline::event(QEvent* event) {
    if (event->type() == QEvent::NativeGesture)
        if (const auto* gesture = static_cast<QNativeGestureEvent*>(event);
            gesture->gestureType() == Qt::ZoomNativeGesture) {
            zoomAt(1 + gesture->value(), std::clamp(frameOf(gesture->position().x()), first_, last_));
            return true;
        }
    return QWidget::event(event);
}

void ClipTimeline::drawRepetitions(QPainter& painter, const Section& section) const {
    const look::Palette& p = theme::colours();
    for (const Repetition& repetition : section.repetitions) {
        if (!inSight(repetition.from, repetition.to))
            continue;
        const bool chosen = repetition.id == selected_;
        // Never thinner than can be seen and clicked.
        const double x = xOf(repetition.from);
        const QRectF box(QPointF(x, 28), QPointF(std::max(xOf(repetition.to) - 1, x + 3), 52));
        painter.setPen(QPen(section.performer.isEmpty() ? p.athlete : p.model, chosen ? 2 : 1));
        painter.setBrush(section.performer.isEmpty() ? (chosen ? p.athleteSoft : p.raised)
                                                     : (chosen ? p.modelSoft : p.raised));
        painter.drawRect(box);
        const QString number = QString::number(repetition.number);
        if (painter.fontMetrics().horizontalAdvance(number) + 2 > box.width())
            continue;
        painter.setPen(p.ink);
        painter.drawText(box, Qt::AlignCenter, number);
    }
}

void ClipTimeline::drawSections(QPainter& painter) const {
    const look::Palette& p = theme::colours();
    int number = 0;
    for (const Section& section : sections_) {
        ++number;
        if (!inSight(section.from, section.to))
            continue;
        // A hairline of ground between two sections.
        const QRectF band(
            QPointF(std::max(xOf(section.from), kMargin), 6),
            QPointF(std::min(xOf(section.to), width() - kMargin) - (section.to + 1 < frames_ ? 1 : 0), 22));
        painter.fillRect(band, p.course);
        painter.setPen(p.slate);
        QString text = tr("%1 view, %2").arg(words::viewName(section.view), words::stressName(section.stress));
        if (!section.performer.isEmpty())
            text.prepend(section.performer + QStringLiteral(": "));
        if (sections_.size() > 1)
            text.prepend(QStringLiteral("%1  ").arg(number));
        painter.drawText(band.adjusted(5, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft,
                         painter.fontMetrics().elidedText(text, Qt::ElideRight, static_cast<int>(band.width()) - 8));
        drawRepetitions(painter, section);
    }
}

/// Which part of the clip is in sight.
void ClipTimeline::drawOverview(QPainter& painter) const {
    const double most = std::max(1, frames_ - 1), room = width() - 2 * kMargin;
    if (last_ - first_ >= most)
        return;
    const look::Palette& p = theme::colours();
    painter.fillRect(QRectF(kMargin, height() - 5, room, 3), p.hairline);
    painter.fillRect(
        QRectF(kMargin + first_ / most * room, height() - 5, std::max(3.0, (last_ - first_) / most * room), 3),
        p.slate);
}

void ClipTimeline::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const look::Palette& p = theme::colours();
    painter.fillRect(rect(), p.raised);
    QFont small = font();
    small.setPointSizeF(8.5);
    painter.setFont(small);
    painter.setClipRect(QRectF(kMargin - 6, 0, width() - 2 * kMargin + 12, height()));
    drawSections(painter);
    if (cutStart_) {
        QColor open = p.athlete;
        open.setAlpha(90);
        painter.fillRect(
            QRectF(QPointF(xOf(std::min(*cutStart_, frame_)), 28), QPointF(xOf(std::max(*cutStart_, frame_)), 52)),
            open);
    }
    drawPictures(painter);
    // Where it looks cut: a broken line through all.
    painter.setPen(QPen(p.deviation, 1.4, Qt::DashLine));
    for (const int cut : cuts_)
        if (inSight(cut, cut))
            painter.drawLine(QPointF(xOf(cut), 4), QPointF(xOf(cut), kPicturesTop + kPictureHigh));
    // Sudden sounds: small marks under the repetitions.
    painter.setPen(QPen(p.ink, 1.6));
    for (const double sound : sounds_)
        if (inSight(sound, sound))
            painter.drawLine(QPointF(xOf(sound), 54), QPointF(xOf(sound), 61));
    drawOverview(painter);
    painter.setPen(QPen(p.ink, 1.4));
    painter.drawLine(QPointF(xOf(frame_), 2), QPointF(xOf(frame_), height() - 8));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawPolygon(QPolygonF({{xOf(frame_) - 5, 0}, {xOf(frame_) + 5, 0}, {xOf(frame_), 7}}));
}

void ClipTimeline::mousePressEvent(QMouseEvent* event) {
    const int frame = frameAt(event->position().x());
    if (event->position().y() > 26 && event->position().y() < kPicturesTop)
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
