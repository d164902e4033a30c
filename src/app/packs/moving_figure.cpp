#include "app/packs/moving_figure.h"

#include "app/mirror/phase_pictures.h"
#include "app/theme.h"
#include "report/key_picture.h"
#include "report/words.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kStepMs = 33, kPauseMs = 600; ///< between two pictures; at the end, before it begins again
constexpr double kHoldS = .9;               ///< at a key position, when slowed down

} // namespace

MovingFigure::MovingFigure(QWidget* parent) : QWidget(parent) {
    setFixedSize(220, 130);
    setAccessibleName(tr("The skill's figure in motion"));
    timer_.setInterval(kStepMs);
    connect(&timer_, &QTimer::timeout, this, &MovingFigure::tick);
}

void MovingFigure::show(const Pack& pack, Side handedness, const std::vector<Trial>& shown) {
    figure_ = skillFigure(pack, handedness, shown);
    titles_.clear();
    position_.clear();
    if (figure_) {
        lines_ = figureLines(pack, resolveRoles(pack, figure_->trial));
        box_ = wholeMovement(figure_->trial);
        for (const EventDef& event : pack.events)
            titles_[event.id] = words::text(event.title);
        frame_ = figure_->from;
    }
    setVisible(figure_.has_value());
    since_.start();
}

void MovingFigure::setSpeed(double share) {
    speed_ = share;
    since_.start();
}

void MovingFigure::tick() {
    if (!figure_)
        return;
    const Trial& trial = figure_->trial;
    const double startS = trial.times.timeOf(figure_->from), endS = trial.times.timeOf(figure_->to);
    std::vector<const TrialEvent*> stops;
    for (const TrialEvent& event : trial.events)
        if (titles_.contains(event.event) && event.timeS >= startS && event.timeS <= endS)
            stops.push_back(&event);
    std::sort(stops.begin(), stops.end(), [](const TrialEvent* a, const TrialEvent* b) { return a->timeS < b->timeS; });
    const double holdS = speed_ < 1 ? kHoldS : 0;
    const double wholeS = (endS - startS) / speed_ + holdS * static_cast<double>(stops.size()) + kPauseMs / 1000.0;
    double left = std::fmod(static_cast<double>(since_.elapsed()) / 1000, wholeS);
    double atS = startS;
    position_.clear();
    for (const TrialEvent* stop : stops) {
        const double way = (stop->timeS - atS) / speed_;
        if (left < way)
            break;
        left -= way;
        atS = stop->timeS;
        position_ = stop->event;
        if (left < holdS) {
            left = 0;
            break;
        }
        left -= holdS;
    }
    frame_ = static_cast<int>(std::lround(trial.times.frameOf(std::min(endS, atS + left * speed_))));
    update();
}

void MovingFigure::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), look::dark().stage);
    if (!figure_ || box_.isEmpty())
        return;
    std::map<std::string, QPointF> marks;
    for (const auto& [landmark, track] : figure_->trial.marks)
        if (const auto mark = track.find(frame_); mark != track.end())
            marks[landmark] = {mark->second.at.x, mark->second.at.y};
    const int caption = fontMetrics().height() + 4;
    const QRectF room = QRectF(rect()).adjusted(0, 0, 0, -caption);
    const double scale = std::min(room.width() / box_.width(), room.height() / box_.height());
    drawFigure(painter, marks, lines_, look::dark().model, 1.6,
               [&](QPointF at) { return room.center() + (at - box_.center()) * scale; });
    if (!position_.empty()) {
        painter.setPen(look::dark().stageText);
        painter.drawText(QRectF(0, room.bottom(), width(), caption), Qt::AlignCenter,
                         fontMetrics().elidedText(titles_.at(position_), Qt::ElideRight, width() - 8));
    }
}

} // namespace riflesso
