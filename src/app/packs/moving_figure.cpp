#include "app/packs/moving_figure.h"

#include "app/mirror/phase_pictures.h"
#include "app/theme.h"
#include "report/key_picture.h"
#include "report/shape_drawing.h"
#include "takehome/drawn_model.h"

#include <QPainter>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kStepMs = 33, kPauseMs = 600; ///< between two pictures; at the end, before it begins again

} // namespace

MovingFigure::MovingFigure(QWidget* parent) : QWidget(parent) {
    setFixedSize(220, 130);
    setAccessibleName(tr("The skill's figure in motion"));
    timer_.setInterval(kStepMs);
    connect(&timer_, &QTimer::timeout, this, [this] {
        if (frames_ == 0)
            return;
        const qint64 wholeMs = static_cast<qint64>(1000 * trial_->times.timeOf(frames_));
        const qint64 now = since_.elapsed() % (wholeMs + kPauseMs);
        frame_ = std::min(frames_ - 1, static_cast<int>(trial_->times.frameOf(static_cast<double>(now) / 1000)));
        update();
    });
}

void MovingFigure::show(const Pack& pack, Side handedness) {
    trial_ = pack.views.empty() ? std::nullopt : drawnModel(pack, {}, pack.views.front(), handedness);
    frames_ = 0;
    if (trial_ && trial_->marks.empty())
        trial_.reset(); // of a skill that is watched and counted
    if (trial_) {
        lines_ = figureLines(pack, resolveRoles(pack, *trial_));
        box_ = wholeMovement(*trial_);
        frames_ = lastMarkedFrame(*trial_) + 1;
    }
    setVisible(trial_.has_value());
    frame_ = 0;
    since_.start();
}

void MovingFigure::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), look::dark().stage);
    if (!trial_ || box_.isEmpty())
        return;
    std::map<std::string, QPointF> marks;
    for (const auto& [landmark, track] : trial_->marks)
        if (const auto mark = track.find(frame_); mark != track.end())
            marks[landmark] = {mark->second.at.x, mark->second.at.y};
    const double scale = std::min(width() / box_.width(), height() / box_.height());
    const QPointF middle = QRectF(rect()).center();
    drawFigure(painter, marks, lines_, look::dark().model, 1.6,
               [&](QPointF at) { return middle + (at - box_.center()) * scale; });
}

} // namespace riflesso
