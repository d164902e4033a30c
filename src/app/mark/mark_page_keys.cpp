#include "app/mark/mark_page.h"

#include "app/mark/doubt_review.h"
#include "app/mark/mark_proposals.h"
#include "app/mark/mark_strip.h"
#include "app/mark/observation_form.h"
#include "app/mark/second_look.h"
#include "app/settings/stored_settings.h"
#include "report/words.h"
#include "work/hidden_wrist.h"

#include <QRandomGenerator>

#include <algorithm>
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
    const FrameTimes times = FrameTimes::ofClip(place.clip->timesS, 1);
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
    workspace().apply(tr("Mark %1 by the implement").arg(called(held->wrist)), [&](Edit& edit) -> Result<void> {
        if (tipToo)
            if (auto done = edit.setMark(id, held->tip, frame, {tip, sigma, std::string(kByHand)}); !done)
                return done;
        return edit.setMark(id, held->wrist, frame, *wrist);
    });
    workspace().say(tr("Set along the implement, ± %1 px.").arg(words::number(2 * wrist->sigmaPx, 1)));
    goToFrame(frame_);
    return true;
}

bool MarkPage::takeKey(KeyPress press) {
    if (!workspace().hasCase())
        return true;
    if (again_->active() || !observations_->asking() || !observations_->answerBy(press.key))
        return false;
    setFocus();
    return true;
}

std::vector<PageKey> MarkPage::keyTable() {
    // While marking again, keys that would show or change the first marks do nothing.
    const bool open = !again_->active(), chosen = !selected_.empty();
    const auto nudged = [this](KeyPress press) {
        const double by = press.shift ? 1 : 0.1;
        nudge({press.key == Qt::Key_Left    ? -by
               : press.key == Qt::Key_Right ? by
                                            : 0,
               press.key == Qt::Key_Up     ? -by
               : press.key == Qt::Key_Down ? by
                                           : 0});
    };
    const auto step = [this](KeyPress press) {
        goToFrame(frame_ + (press.key == Qt::Key_Left ? -1 : 1) * (press.shift ? 10 : 1));
    };
    std::vector<PageKey> table{
        {tr("click"), chosen ? QString() : tr("set"), tr("set the next landmark")},
        {tr("Enter"),
         {},
         tr("set it by keyboard, then nudge"),
         {Qt::Key_Return, Qt::Key_Enter},
         [this](KeyPress) { markByKeyboard(); },
         open},
        {QStringLiteral("← → ↑ ↓"),
         tr("nudge 0.1 px, Shift: 1 px"),
         tr("a chosen mark: 0.1 px; Shift: 1 px"),
         {Qt::Key_Left, Qt::Key_Right},
         nudged,
         chosen},
        {QStringLiteral("← →"), tr("frame"), tr("frame; Shift: ten"), {Qt::Key_Left, Qt::Key_Right}, step, !chosen},
        {QStringLiteral("↑ ↓"), {}, {}, {Qt::Key_Up, Qt::Key_Down}, nudged, open && chosen, false},
        {QStringLiteral("↑ ↓"),
         tr("event"),
         tr("key event"),
         {Qt::Key_Up, Qt::Key_Down},
         [this](KeyPress press) { stepEvent(press.key == Qt::Key_Up ? -1 : 1); },
         open && !chosen},
        {tr("Page ↑ ↓"),
         {},
         tr("repetition"),
         {Qt::Key_PageUp, Qt::Key_PageDown},
         [this](KeyPress press) { stepRepetition(press.key == Qt::Key_PageUp ? -1 : 1); },
         open},
        {tr("Space"),
         {},
         tr("play the repetition, round and round"),
         {Qt::Key_Space},
         [this](KeyPress) { playOrPause(); },
         open},
        {QStringLiteral("E"),
         chosen ? QString() : tr("set event"),
         tr("set the key event here"),
         {Qt::Key_E},
         [this](KeyPress) { setEventHere(); }},
        {QStringLiteral("K"),
         {},
         tr("set it at the nearest sound"),
         {Qt::Key_K},
         [this](KeyPress) { setEventAtSound(); },
         open},
        {QStringLiteral("H"),
         chosen ? QString() : tr("hidden"),
         tr("the next landmark is hidden"),
         {Qt::Key_H},
         [this](KeyPress) { hideNext(); },
         open},
        {QStringLiteral("W"),
         {},
         tr("a hidden hand by its implement"),
         {Qt::Key_W},
         [this](KeyPress) { startImplement(); },
         open},
        {tr("Del"),
         chosen ? tr("remove") : QString(),
         tr("remove the chosen mark"),
         {Qt::Key_Delete, Qt::Key_Backspace},
         [this](KeyPress) { removeSelected(); },
         open},
        {QStringLiteral("N"),
         chosen ? QString() : tr("next open"),
         tr("next open landmark"),
         {Qt::Key_N},
         [this](KeyPress) { nextOpen(); },
         open},
        {QStringLiteral("P"),
         chosen ? QString() : tr("propose"),
         tr("propose; Shift: the whole set"),
         {Qt::Key_P},
         [this](KeyPress press) { propose(press.shift); },
         open},
        {QStringLiteral("B"),
         {},
         tr("propose in a box drawn by hand"),
         {Qt::Key_B},
         [this](KeyPress) { proposeInBox(); },
         open},
        {QStringLiteral("T"),
         chosen ? QString() : tr("track"),
         tr("track; Shift: in every repetition of the set"),
         {Qt::Key_T},
         [this](KeyPress press) {
             press.shift ? proposals_->trackAll(chosenRepetitions(workspace()))
                         : proposals_->track(workspace().repetition());
         },
         open},
        {QStringLiteral("C"),
         chosen ? QString() : tr("confirm"),
         tr("confirm this frame; Shift: all that is sure, again: of the set"),
         {Qt::Key_C},
         [this](KeyPress press) { press.shift ? proposals_->confirmSure(workspace().repetition()) : confirmAndGoOn(); },
         open},
        {QStringLiteral("D"),
         chosen ? QString() : tr("doubtful"),
         tr("the worst that is doubtful; Shift: all of it is right, and the next"),
         {Qt::Key_D},
         [this](KeyPress press) { press.shift ? confirmDoubtful() : nextDoubtful(); },
         open},
        {QStringLiteral("O"),
         chosen ? QString() : tr("observe"),
         tr("observe: asked one after the other"),
         {Qt::Key_O},
         [this](KeyPress) {
             observations_->ask();
             setFocus();
         },
         open},
        {QStringLiteral("R"),
         {},
         tr("mark again, blind"),
         {Qt::Key_R},
         [this](KeyPress) { again_->start(QRandomGenerator::global()->generate()); },
         open},
        {QStringLiteral("M"),
         {},
         tr("draw the chosen measure"),
         {Qt::Key_M},
         [this](KeyPress) { strip_->toggleDrawing(); },
         open},
        {QStringLiteral("Z"),
         {},
         tr("zoom to the athlete, or all"),
         {Qt::Key_Z},
         [this](KeyPress) { zoomToAthlete(); }},
        {QStringLiteral("V"), {}, tr("view: brighter, sharper"), {Qt::Key_V}, [this](KeyPress) { nextView(); }},
        {tr("Esc"), chosen ? tr("go on") : QString(), tr("leave what was begun"), {Qt::Key_Escape}, [this](KeyPress) {
             leaveAll();
         }}};
    for (PageKey& row : undoRow(workspace()))
        table.push_back(std::move(row));
    return table;
}

void MarkPage::stepEvent(int by) {
    const Pack& pack = workspace().data().pack;
    const RepetitionPlace place = workspace().place();
    const std::string form = place ? place.repetition->variant : std::string();
    // What the form has no moment of is passed over.
    for (int index = pack.eventIndex(event_) + by; index >= 0 && index < static_cast<int>(pack.events.size());
         index += by)
        if (const std::string& id = pack.events[static_cast<std::size_t>(index)].id; pack.hasEvent(form, id)) {
            chooseEvent(id, true);
            return;
        }
    chooseEvent(event_, true);
}

void MarkPage::leaveAll() {
    observations_->leave();
    again_->leave();
    doubts_->leave();
    stage_->setBoxing(false);
    implement_.reset();
    selected_.clear();
    wanted_.reset();
    goToFrame(frame_);
}

void MarkPage::markByKeyboard() {
    // The next landmark where it was last seen, else in the middle, then nudged.
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
}

} // namespace riflesso
