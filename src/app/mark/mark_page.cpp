#include "app/mark/mark_page.h"

#include "app/mark/doubt_review.h"
#include "app/mark/mark_proposals.h"
#include "app/mark/mark_strip.h"
#include "app/mark/observation_form.h"
#include "app/mark/second_look.h"
#include "app/settings/stored_settings.h"
#include "app/theme.h"
#include "report/key_picture.h"
#include "report/words.h"
#include "work/heard_sounds.h"
#include "work/proposals.h"

#include <QHBoxLayout>
#include <QRandomGenerator>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace riflesso {
namespace {

constexpr int kPlayingMs = 20; ///< asked more often than a screen shows

} // namespace

MarkPage::MarkPage(Workspace& workspace, QWidget* parent)
    : Page(workspace, parent), proposals_(new MarkProposals(workspace, this)) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* top = new QHBoxLayout;
    top->setSpacing(0);
    stage_ = new StageView;
    stage_->setObjectName(QStringLiteral("markStage"));
    stage_->setMarking(true);
    stage_->setLoupe(true);
    top->addWidget(stage_, 1);
    top->addWidget(buildSide());
    layout->addLayout(top, 1);
    question_ = label({}, theme::kStrong);
    question_->setObjectName(QStringLiteral("observationAsked"));
    question_->setContentsMargins(12, 4, 12, 4);
    question_->hide();
    layout->addWidget(question_);
    connect(observations_, &ObservationForm::asked, this, [this](const QString& question) {
        question_->setText(question);
        question_->setVisible(!question.isEmpty());
        emit headlineChanged();
    });
    // The next repetition is asked about at once: a set is watched through.
    connect(observations_, &ObservationForm::done, this, [this] {
        const RepetitionId before = this->workspace().repetition();
        stepRepetition(1);
        if (this->workspace().repetition() == before || !observations_->askOpen())
            observations_->leave();
    });
    playing_.setInterval(kPlayingMs);
    connect(&playing_, &QTimer::timeout, this, &MarkPage::playOn);
    again_ = new SecondLook(workspace, this);
    layout->addWidget(again_);
    doubts_ = new DoubtReview(workspace, this);
    layout->addWidget(doubts_);
    connect(doubts_, &DoubtReview::nextAsked, this, &MarkPage::nextDoubtful);
    connect(doubts_, &DoubtReview::confirmAsked, this, &MarkPage::confirmDoubtful);
    connect(again_, &SecondLook::moved, this, &MarkPage::followSecondLook);
    connect(stage_, &StageView::boxDrawn, this, [this](const QRectF& box) {
        proposals_->propose({this->workspace().repetition()}, box);
        setFocus();
    });
    strip_ = new MarkStrip(workspace, this);
    layout->addWidget(strip_);
    giveAway_.push_back(strip_);
    connect(strip_, &MarkStrip::frameAsked, this, &MarkPage::goToFrame);
    connect(strip_, &MarkStrip::drawingChanged, this, &MarkPage::showShape);
    connect(stage_, &StageView::clicked, this, &MarkPage::placeMark);
    connect(stage_, &StageView::markPressed, this, [this](const QString& mark) {
        selected_ = mark.toStdString();
        stage_->setSelected(selected_);
        emit headlineChanged();
        setFocus();
    });
    connect(stage_, &StageView::markDragged, this, [this](const QString& mark, QPointF pixel) {
        auto marks = marksHere();
        marks[mark.toStdString()] = pixel;
        stage_->setFigures({{marks, figureLines(this->workspace().data().pack, sides()), look::dark().athlete}});
    });
    connect(stage_, &StageView::markReleased, this,
            [this](const QString& mark, QPointF pixel) { moveMark(mark.toStdString(), pixel, {}); });
}

const MarkPage::ShownTrial& MarkPage::shownTrial() const {
    const auto data = workspace().snapshot();
    if (shownTrial_.of == data && shownTrial_.id == workspace().repetition())
        return shownTrial_;
    shownTrial_ = {data, workspace().repetition(), {}, {}, {}};
    if (const RepetitionPlace place = workspace().place()) {
        shownTrial_.trial = toTrial(*data, place);
        shownTrial_.sides = resolveRoles(data->pack, shownTrial_.trial);
        for (const PointRef& ref : data->pack.markedBy(place.repetition->variant))
            if (std::string name = resolvePoint(ref, shownTrial_.sides); !name.empty())
                shownTrial_.guided.push_back(std::move(name));
    }
    return shownTrial_;
}

std::map<std::string, QPointF> MarkPage::marksHere() const {
    if (again_->active())
        return again_->marksHere(frame_);
    const RepetitionPlace place = workspace().place();
    return place ? marksIn(*place.repetition, frame_) : std::map<std::string, QPointF>();
}

bool MarkPage::hiddenHere(const std::string& landmark) const {
    const RepetitionPlace place = workspace().place();
    return place && std::any_of(place.repetition->hidden.begin(), place.repetition->hidden.end(),
                                [&](const HiddenMark& h) { return h.landmark == landmark && h.frame == frame_; });
}

std::string MarkPage::nextLandmark() const {
    if (!workspace().place())
        return {};
    if (again_->active()) {
        const auto open = frame_ == again_->task().frame ? again_->open(guided()) : std::vector<std::string>();
        return open.empty() ? std::string() : open.front();
    }
    if (wanted_)
        return *wanted_;
    const auto marks = marksHere();
    for (const std::string& name : guided())
        if (!marks.contains(name) && !hiddenHere(name))
            return name;
    return {};
}

int MarkPage::openAt(const Repetition& repetition, int frame) const {
    const auto marks = marksIn(repetition, frame);
    int open = 0;
    for (const std::string& name : guided()) {
        const bool hidden = std::any_of(repetition.hidden.begin(), repetition.hidden.end(),
                                        [&](const HiddenMark& h) { return h.landmark == name && h.frame == frame; });
        open += !marks.contains(name) && !hidden;
    }
    return open;
}

void MarkPage::forget() {
    again_->forget();
    doubts_->leave();
    playing_.stop();
    proposals_->forget();
    shown_ = {};
    shownTrial_ = {};
    valuesOf_ = {};
    frame_ = 0;
}

void MarkPage::refresh() {
    if (!workspace().hasCase())
        return;
    if (again_->active() && !workspace().data().repetition(again_->task().repetition))
        again_->leave(); // another case, or the repetition is gone
    doubts_->follow(workspace().repetition());
    filling_ = true;
    const RepetitionPlace place = workspace().place();
    if (!workspace().data().pack.event(event_) && !workspace().data().pack.events.empty())
        event_ = workspace().data().pack.events.front().id;
    if (workspace().repetition() != shown_) {
        shown_ = workspace().repetition();
        selected_.clear();
        wanted_.reset();
        if (place) {
            const auto event = place.repetition->events.find(event_);
            frame_ = event != place.repetition->events.end() ? static_cast<int>(std::lround(event->second.frame))
                                                             : place.repetition->from;
        }
    }
    showEvents();
    observations_->show();
    strip_->show(event_, guided());
    goToFrame(frame_);
    filling_ = false;
}

void MarkPage::goToFrame(int frame) {
    const RepetitionPlace place = workspace().place();
    if (!place) {
        stage_->setImage({});
        stage_->setSource({});
        stage_->setCaption(tr("Cut a repetition on the Film page first"), {}, look::dark().athlete);
        return;
    }
    const int clamped = std::clamp(frame, 0, place.clip->frames() - 1);
    if (clamped != frame_) {
        selected_.clear();
        wanted_.reset();
    }
    frame_ = clamped;
    stage_->setSelected(selected_);
    const auto& area = place.section->picture.area;
    stage_->setArea(area ? QRectF(area->left - .5, area->top - .5, area->width, area->height) : QRectF());
    stage_->setSource({place.clip->path, frame_, place.section->picture.mirrored, place.session->isModel});
    workspace().requestFrame(place.clip->path, frame_, stage_,
                             [this](const QImage& image, int) { stage_->setImage(image); });
    // Counted as key events are: in real time from the start of the repetition.
    const std::vector<double>& timesS = *place.clip->timesS;
    const double sinceStart =
        (timesS[static_cast<std::size_t>(frame_)] -
         timesS[static_cast<std::size_t>(std::clamp(place.repetition->from, 0, place.clip->frames() - 1))]) /
        place.section->slowMotion;
    const bool model = place.session->isModel;
    const QColor colour = model ? look::dark().model : look::dark().athlete;
    QString title = model ? tr("%1, repetition %2").arg(place.section->performer).arg(place.repetition->number)
                          : tr("Repetition %1").arg(place.repetition->number);
    for (const auto& [id, event] : place.repetition->events)
        if (std::lround(event.frame) == frame_ && !again_->active())
            if (const EventDef* def = workspace().data().pack.event(id))
                title += QStringLiteral(" · ") + words::inSentence(words::text(def->title));
    stage_->setCaption(title,
                       tr("frame %1 of %2 · %3 s from its start")
                           .arg(frame_)
                           .arg(place.clip->frames())
                           .arg(words::number(sinceStart, 3)),
                       colour);
    std::map<std::string, double> proposed;
    for (const auto& [landmark, track] :
         again_->active() ? decltype(place.repetition->marks)() : place.repetition->marks)
        if (const auto mark = track.find(frame_); mark != track.end() && isProposed(mark->second.source))
            proposed[landmark] = isDoubtful(mark->second.source) ? 2 * mark->second.sigmaPx : 0;
    stage_->setFigures({{marksHere(), figureLines(workspace().data().pack, sides()), colour, true, proposed}});
    stage_->setDrawings(drawingsAt(place.clip->drawn, frame_, QSizeF(place.clip->width, place.clip->height)));
    showShape();
    const OpenProposals open = openProposals(*place.repetition);
    proposed_->setVisible(open.marks + open.events > 0 && !again_->active());
    proposed_->setText(
        tr("Proposed here: %1 of %2. In the repetition: %3 and %4 to confirm, %5 doubtful.")
            .arg(proposed.size())
            .arg(marksHere().size())
            .arg(words::counted(static_cast<std::size_t>(open.marks), tr("mark"), tr("marks")),
                 words::counted(static_cast<std::size_t>(open.events), tr("key event"), tr("key events")),
                 QString::number(open.doubtful)));
    strip_->setFrame(frame_);
    showFigure();
    showValues();
    emit headlineChanged();
}

void MarkPage::chooseEvent(const std::string& event, bool goThere) {
    event_ = event;
    const RepetitionPlace place = workspace().place();
    showEvents();
    if (place && goThere) {
        const auto found = place.repetition->events.find(event);
        if (found != place.repetition->events.end())
            goToFrame(static_cast<int>(std::lround(found->second.frame)));
    }
    showFigure();
    strip_->setEvent(event_);
    showValues();
    emit headlineChanged();
    setFocus();
}

void MarkPage::setEventHere() {
    if (again_->active()) {
        again_->setEvent(frame_);
        return;
    }
    const RepetitionPlace place = workspace().place();
    const EventDef* def = workspace().data().pack.event(event_);
    if (!place || !def)
        return;
    const RepetitionId id = place.repetition->id;
    const std::string event = event_;
    const StoredEvent value{static_cast<double>(frame_), {}, std::string(kByHand)};
    workspace().apply(tr("Set \"%1\"").arg(words::text(def->title)),
                      [=](Edit& edit) { return edit.setEvent(id, event, value); });
}

void MarkPage::setEventAtSound() {
    const RepetitionPlace place = workspace().place();
    const EventDef* def = workspace().data().pack.event(event_);
    if (!place || !def || place.clip->missing)
        return;
    const QString title = words::text(def->title);
    workspace().start<HeardSound>(
        tr("Listening for \"%1\"").arg(title), this,
        workspace().ofClip(place.clip->id).newest(QStringLiteral("event at a sound")),
        [clip = *place.clip, section = *place.section, frame = frame_](JobControl&) {
            return heardNear(clip, section, frame);
        },
        [this, title, event = event_, data = workspace().snapshot(), id = place.repetition->id,
         known = place.section->picture.microphoneM.has_value()](const Result<HeardSound>& heard) {
            if (!heard) {
                workspace().say(tr("Not set by sound. %1").arg(words::text(heard.error().sentence())), true);
                return;
            }
            if (!sameFrames(placeOf(*data, id), placeOf(workspace().data(), id)))
                return;
            const StoredEvent value{heard->frame, heard->uS, "heard"};
            if (!workspace().apply(tr("Set \"%1\" at the sound").arg(title),
                                   [&](Edit& edit) { return edit.setEvent(id, event, value); }))
                return;
            if (workspace().repetition() == id)
                goToFrame(static_cast<int>(std::lround(heard->frame)));
            workspace().say(known ? tr("Set at the sound, ± %1 s.").arg(words::number(2 * heard->uS, 4))
                                  : tr("Set at the sound, ± %1 s: how far away the microphone was is not known (Film).")
                                        .arg(words::number(2 * heard->uS, 3)));
        },
        Pace::Quick);
}

void MarkPage::placeMark(QPointF pixel) {
    if (takeImplement(pixel))
        return;
    const std::string landmark = nextLandmark();
    if (again_->active()) {
        if (!landmark.empty())
            again_->place(landmark, pixel);
        goToFrame(frame_);
        return;
    }
    if (landmark.empty()) {
        workspace().say(tr("All landmarks of this frame are set. Drag one to move it, or go to another frame."));
        return;
    }
    moveMark(landmark, pixel, {});
}

void MarkPage::moveMark(const std::string& landmark, QPointF pixel, const QString& mergeKey) {
    const RepetitionPlace place = workspace().place();
    if (!place)
        return;
    if (again_->active()) {
        again_->place(landmark, pixel);
        goToFrame(frame_);
        return;
    }
    const int frame = frame_;
    const Mark mark{{pixel.x(), pixel.y()}, settings::markSigmaPx(place.clip->height), std::string(kByHand)};
    const bool kept = !mergeKey.isEmpty();
    if (workspace().apply(
            tr("Mark %1").arg(called(landmark)),
            [&](Edit& edit) { return setByHand(edit, *place.repetition, landmark, frame, mark); }, mergeKey) &&
        !kept) {
        wanted_.reset();
        selected_.clear();
        goToFrame(frame_);
    }
    setFocus();
}

void MarkPage::nudge(QPointF byPixels) {
    const auto marks = marksHere();
    const auto at = marks.find(selected_);
    if (at == marks.end())
        return;
    const std::string landmark = selected_;
    moveMark(landmark, at->second + byPixels,
             QStringLiteral("nudge:%1:%2:%3")
                 .arg(workspace().repetition().value)
                 .arg(frame_)
                 .arg(QString::fromStdString(landmark)));
}

void MarkPage::hideNext() {
    const std::string landmark = nextLandmark();
    const RepetitionPlace place = workspace().place();
    if (landmark.empty() || !place)
        return;
    const RepetitionId id = place.repetition->id;
    const int frame = frame_;
    wanted_.reset();
    const std::string reason = hiddenReason_.isEmpty() ? "cannot be seen" : hiddenReason_.toStdString();
    workspace().apply(tr("%1 is hidden").arg(called(landmark)),
                      [=](Edit& edit) { return edit.setHidden(id, landmark, frame, reason); });
}

void MarkPage::removeSelected() {
    if (selected_.empty())
        return;
    const RepetitionId id = workspace().repetition();
    const std::string landmark = std::exchange(selected_, std::string());
    const int frame = frame_;
    workspace().apply(tr("Remove the mark of %1").arg(called(landmark)),
                      [=](Edit& edit) { return edit.removeMark(id, landmark, frame); });
}

void MarkPage::nextOpen() {
    const CaseData& data = workspace().data();
    // What another camera on the movement shows is lent: it is not open here.
    const Workspace::Trials trials = workspace().chosenTrials(); // held on to: the case changes on the way
    for (const Trial& trial : *trials) {
        const RepetitionPlace place = placeOf(data, repetitionId(trial.id));
        for (const EventDef& def : data.pack.events) {
            const TrialEvent* event = trial.event(def.id);
            if (!event && !data.pack.needsEvent(trial.variant, def.id))
                continue;
            const bool open = !event || openAt(*place.repetition, static_cast<int>(std::lround(event->frame))) > 0;
            if (!open)
                continue;
            workspace().selectRepetition(place.repetition->id);
            chooseEvent(def.id, true);
            return;
        }
    }
    workspace().say(tr("Every key event of this set is set and marked."));
}

void MarkPage::propose(bool wholeSet) {
    if (wholeSet)
        proposals_->propose(chosenRepetitions(workspace()));
    else if (workspace().place())
        proposals_->propose({workspace().repetition()});
}

void MarkPage::nextDoubtful() {
    doubts_->next();
    const auto& stretch = doubts_->stretch();
    if (!stretch) {
        workspace().say(tr("Nothing doubtful is left in this set."));
        return;
    }
    const auto [repetition, frame] = std::pair(stretch->repetition, stretch->worst);
    workspace().selectRepetition(repetition);
    goToFrame(frame);
}

void MarkPage::confirmDoubtful() {
    if (const auto stretch = doubts_->stretch())
        proposals_->confirmStretch(*stretch);
    nextDoubtful();
}

void MarkPage::stepRepetition(int by) {
    const Workspace::Trials chosen = workspace().chosenTrials();
    const std::vector<Trial>& trials = *chosen;
    for (std::size_t i = 0; i < trials.size(); ++i)
        if (repetitionId(trials[i].id) == workspace().repetition()) {
            const auto wanted = static_cast<std::ptrdiff_t>(i) + by;
            if (wanted >= 0 && wanted < std::ssize(trials))
                workspace().selectRepetition(repetitionId(trials[static_cast<std::size_t>(wanted)].id));
            return;
        }
}

void MarkPage::followSecondLook() {
    const bool on = again_->active();
    for (QWidget* widget : giveAway_)
        widget->setVisible(!on);
    selected_.clear();
    wanted_.reset();
    refresh();
    if (on)
        goToFrame(again_->startFrame());
    setFocus();
}

void MarkPage::show(const QString& detail) {
    if (detail.startsWith(QLatin1String("frame:")))
        goToFrame(detail.mid(6).toInt());
    else if (detail.startsWith(QLatin1String("event:")))
        chooseEvent(detail.mid(6).toStdString(), true);
    else if (detail == QLatin1String("questions"))
        observations_->ask();
}

} // namespace riflesso
