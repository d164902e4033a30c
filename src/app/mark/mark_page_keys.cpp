#include "app/mark/mark_page.h"

#include "app/mark/mark_proposals.h"
#include "app/mark/mark_strip.h"
#include "app/mark/observation_form.h"
#include "app/mark/second_look.h"
#include "app/settings/stored_settings.h"
#include "report/words.h"
#include "work/hidden_wrist.h"

#include <QKeyEvent>
#include <QRandomGenerator>

#include <algorithm>
#include <array>
#include <cmath>

// Keys of the Mark page, how the picture is looked at, and what a key begins on it.

namespace riflesso {

void MarkPage::nextView() {
    // As filmed, brighter, sharper, both.
    constexpr double kBrighter = 0.8;
    viewStep_ = (viewStep_ + 1) % 4;
    stage_->setView(viewStep_ == 1 || viewStep_ == 3 ? kBrighter : 0, viewStep_ >= 2);
    workspace().say(viewStep_ == 0   ? tr("The picture as filmed.")
                    : viewStep_ == 1 ? tr("Shown brighter. Nothing that is measured changes.")
                    : viewStep_ == 2 ? tr("Shown sharper. Nothing that is measured changes.")
                                     : tr("Shown brighter and sharper. Nothing that is measured changes."));
}

void MarkPage::playOrPause() {
    const RepetitionPlace place = workspace().place();
    if (playing_.isActive() || !place) {
        playing_.stop();
        return;
    }
    playedFrom_ = frame_ >= place.repetition->from && frame_ < place.repetition->to ? frame_ : place.repetition->from;
    clock_.start();
    playing_.start();
}

void MarkPage::playOn() {
    const RepetitionPlace place = workspace().place();
    if (!place) {
        playing_.stop();
        return;
    }
    // In the clip's own time, round and round; what takes longer to show leaves frames out.
    const FrameTimes times = FrameTimes::ofClip(*place.clip->timesS, 1);
    const double now = times.timeOf(playedFrom_) + static_cast<double>(clock_.elapsed()) / 1000;
    if (now >= times.timeOf(place.repetition->to)) {
        playedFrom_ = place.repetition->from;
        clock_.restart();
    }
    goToFrame(std::min(static_cast<int>(std::lround(times.frameOf(now))), place.repetition->to));
}

void MarkPage::hideEvent(QHideEvent* event) {
    playing_.stop();
    Page::hideEvent(event);
}

void MarkPage::zoomToAthlete() {
    if (!stage_->isFitted()) {
        stage_->showAll();
        return;
    }
    const RepetitionPlace place = workspace().place();
    if (!place)
        return;
    // Over the whole repetition, so that the picture keeps still from frame to frame.
    QRectF box;
    for (const auto& [landmark, marks] : place.repetition->marks)
        for (const auto& [frame, mark] : marks)
            box = box.united(QRectF(mark.at.x - 1, mark.at.y - 1, 2, 2));
    if (box.isEmpty()) {
        workspace().say(tr("Zoom follows the marks, and there are none yet. The wheel zooms where the cursor is."));
        return;
    }
    const double room = 0.15 * std::max(box.width(), box.height());
    stage_->showBox(box.adjusted(-room, -room, room, room));
}

void MarkPage::proposeInBox() {
    stage_->setBoxing(true);
    workspace().say(tr("Draw a box round the athlete: marks are proposed from there."));
}

void MarkPage::confirmAndGoOn() {
    proposals_->confirmFrame(workspace().repetition(), frame_);
    const RepetitionPlace place = workspace().place();
    if (!place || openAt(*place.repetition, frame_) > 0)
        return;
    const auto& events = place.repetition->events;
    const auto here = [this](const auto& event) { return std::lround(event.second.frame) == frame_; };
    if (std::none_of(events.begin(), events.end(), here))
        return;
    // A key position that is whole: on to the next one of this repetition that is not.
    for (const EventDef& def : workspace().data().pack.events)
        if (const auto event = events.find(def.id);
            event != events.end() &&
            openAt(*place.repetition, static_cast<int>(std::lround(event->second.frame))) > 0) {
            chooseEvent(def.id, true);
            return;
        }
}

void MarkPage::startImplement() {
    const auto held = heldBy(workspace().data().pack, sides(), nextLandmark());
    if (!held) {
        workspace().say(tr("The next landmark is not a hand that holds something."));
        return;
    }
    implement_.emplace();
    if (const auto marks = marksHere(); marks.contains(held->tip))
        implement_->push_back(marks.at(held->tip));
    workspace().say(implement_->empty() ? tr("Click the tip of the implement, then any point further down.")
                                        : tr("Click any point of the implement, away from its tip."));
}

bool MarkPage::takeImplement(QPointF pixel) {
    if (!implement_)
        return false;
    implement_->push_back(pixel);
    if (implement_->size() < 2)
        return true;
    const std::vector<QPointF> points = *std::exchange(implement_, std::nullopt);
    const RepetitionPlace place = workspace().place();
    const auto held = heldBy(workspace().data().pack, sides(), nextLandmark());
    if (!place || !held)
        return true;
    const double sigma = settings::markSigmaPx(place.clip->height);
    const PixelPoint tip{points[0].x(), points[0].y()};
    const auto wrist = wristAlong(*place.repetition, *held, tip, {points[1].x(), points[1].y()}, sigma);
    if (!wrist) {
        workspace().say(
            tr("Tip and hand have to be marked in three other frames first, so that it is known how far apart "
               "they are; and the two points have to lie apart."),
            true);
        return true;
    }
    const RepetitionId id = place.repetition->id;
    const int frame = frame_;
    const bool tipToo =
        !place.repetition->marks.contains(held->tip) || !place.repetition->marks.at(held->tip).contains(frame);
    workspace().apply(
        tr("Mark %1 by the implement").arg(words::text(inWords(held->wrist))), [&](Edit& edit) -> Result<void> {
            if (tipToo)
                if (auto done = edit.setMark(id, held->tip, frame, {tip, sigma, std::string(kByHand)}); !done)
                    return done;
            return edit.setMark(id, held->wrist, frame, *wrist);
        });
    workspace().say(tr("Set along the implement, ± %1 px.").arg(words::number(2 * wrist->sigmaPx, 1)));
    goToFrame(frame_);
    return true;
}

void MarkPage::keyPressEvent(QKeyEvent* event) {
    if (!workspace().hasCase())
        return;
    const bool shift = event->modifiers() & Qt::ShiftModifier;
    const bool marked = !selected_.empty();
    const double step = shift ? 1 : 0.1;
    const Pack& pack = workspace().data().pack;
    const auto moveEvent = [&](int by) {
        const int index = std::clamp(pack.eventIndex(event_) + by, 0, static_cast<int>(pack.events.size()) - 1);
        chooseEvent(pack.events[static_cast<std::size_t>(index)].id, true);
    };
    // While marking again, keys that would show or change the first marks do nothing.
    constexpr std::array kBlind = {Qt::Key_Left, Qt::Key_Right, Qt::Key_E, Qt::Key_Escape, Qt::Key_Z, Qt::Key_V};
    if (again_->active() && std::find(kBlind.begin(), kBlind.end(), event->key()) == kBlind.end()) {
        Page::keyPressEvent(event);
        return;
    }
    if (observations_->asking() && observations_->answerBy(event->key())) {
        setFocus();
        return;
    }
    switch (event->key()) {
    case Qt::Key_Space:
        playOrPause();
        return;
    case Qt::Key_O:
        observations_->ask();
        setFocus();
        return;
    case Qt::Key_Left:
        marked ? nudge({-step, 0}) : goToFrame(frame_ - (shift ? 10 : 1));
        return;
    case Qt::Key_Right:
        marked ? nudge({step, 0}) : goToFrame(frame_ + (shift ? 10 : 1));
        return;
    case Qt::Key_Up:
        marked ? nudge({0, -step}) : moveEvent(-1);
        return;
    case Qt::Key_Down:
        marked ? nudge({0, step}) : moveEvent(1);
        return;
    case Qt::Key_E:
        setEventHere();
        return;
    case Qt::Key_H:
        hideNext();
        return;
    case Qt::Key_N:
        nextOpen();
        return;
    case Qt::Key_P:
        propose(shift);
        return;
    case Qt::Key_T:
        proposals_->track(workspace().repetition());
        return;
    case Qt::Key_C:
        shift ? proposals_->confirmSure(workspace().repetition()) : confirmAndGoOn();
        return;
    case Qt::Key_D:
        nextDoubtful();
        return;
    case Qt::Key_M:
        strip_->toggleDrawing();
        return;
    case Qt::Key_K:
        setEventAtSound();
        return;
    case Qt::Key_W:
        startImplement();
        return;
    case Qt::Key_B:
        proposeInBox();
        return;
    case Qt::Key_Z:
        zoomToAthlete();
        return;
    case Qt::Key_V:
        nextView();
        return;
    case Qt::Key_R:
        again_->start(QRandomGenerator::global()->generate());
        return;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        removeSelected();
        return;
    case Qt::Key_Escape:
        observations_->leave();
        again_->leave();
        stage_->setBoxing(false);
        implement_.reset();
        selected_.clear();
        wanted_.reset();
        goToFrame(frame_);
        return;
    case Qt::Key_PageUp:
    case Qt::Key_PageDown:
        stepRepetition(event->key() == Qt::Key_PageUp ? -1 : 1);
        return;
    case Qt::Key_Return:
    case Qt::Key_Enter: {
        // By keyboard alone: the next landmark where it was last seen, else in the middle, then nudged.
        const std::string landmark = nextLandmark();
        const RepetitionPlace place = workspace().place();
        if (landmark.empty() || !place)
            return;
        QPointF at(place.clip->width / 2.0, place.clip->height / 2.0);
        const auto track = place.repetition->marks.find(landmark);
        if (track != place.repetition->marks.end() && !track->second.empty()) {
            const auto nearest =
                std::min_element(track->second.begin(), track->second.end(), [&](const auto& a, const auto& b) {
                    return std::abs(a.first - frame_) < std::abs(b.first - frame_);
                });
            at = {nearest->second.at.x, nearest->second.at.y};
        }
        moveMark(landmark, at, {});
        selected_ = landmark;
        goToFrame(frame_);
        return;
    }
    default:
        Page::keyPressEvent(event);
    }
}

} // namespace riflesso
